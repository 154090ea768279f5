/** What a chord is in its key: numerals with figured bass. */
package com.zestythumb.core.analysis;
