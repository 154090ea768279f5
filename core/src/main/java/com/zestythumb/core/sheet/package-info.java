/** The lead sheet: meter, key, tempo, bars and chord events, and the chart notation they are written in. */
package com.zestythumb.core.sheet;
