/** The cheapest way to lay a whole progression under the hand. */
package com.zestythumb.core.solving;
