/** Figures that teachers made, each kept for every tune. */
package com.zestythumb.app.figure;
