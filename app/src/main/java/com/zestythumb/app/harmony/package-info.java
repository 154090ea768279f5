/** Chords for tunes that have none: whole proposals, and what every other chord would cost. */
package com.zestythumb.app.harmony;
