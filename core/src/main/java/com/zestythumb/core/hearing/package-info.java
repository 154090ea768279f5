/** What a good colleague hears in notes: the chords under them, the key, and chords for a bare tune. */
package com.zestythumb.core.hearing;
