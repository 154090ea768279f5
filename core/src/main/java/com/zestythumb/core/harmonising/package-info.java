/** Chords for a tune that has none: proposed, never read; and what every other choice would cost. */
package com.zestythumb.core.harmonising;
