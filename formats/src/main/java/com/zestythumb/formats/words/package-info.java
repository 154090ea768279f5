/** Plain text with chords over words. */
package com.zestythumb.formats.words;
