/** Spelled pitches, intervals and keys. E♭ is never D♯ here. */
package com.zestythumb.core.pitch;
