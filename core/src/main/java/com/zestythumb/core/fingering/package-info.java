/** Which finger takes which key. */
package com.zestythumb.core.fingering;
