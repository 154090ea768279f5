/** What teachers look for in the way of the hand from chord to chord, and how schools weigh it. */
package com.zestythumb.core.voiceleading;
