/** Chord symbols: what they mean, how they are read and printed. */
package com.zestythumb.core.chord;
