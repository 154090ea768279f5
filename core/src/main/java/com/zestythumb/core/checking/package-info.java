/** What moves from chord to chord, and what to mind. */
package com.zestythumb.core.checking;
