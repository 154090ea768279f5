/** In which order a tune is practised, and how slowly. */
package com.zestythumb.core.practising;
