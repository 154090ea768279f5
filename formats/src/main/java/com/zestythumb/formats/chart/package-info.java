/** Zesty Thumb's own charts as text files. */
package com.zestythumb.formats.chart;
