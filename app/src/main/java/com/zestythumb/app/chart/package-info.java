/** Calls that turn one chart into another: transposed, in numerals, with a note more. Nothing is kept. */
package com.zestythumb.app.chart;
