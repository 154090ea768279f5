/** How hard a left hand is, and which ones to propose to whom. */
package com.zestythumb.core.proposing;
