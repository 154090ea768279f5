/** Ways of laying a chord under the left hand, and the smoothest path through a tune. */
package com.zestythumb.core.voicing;
