/** ChordPro: chords within the words. */
package com.zestythumb.formats.chordpro;
