/** Standard MIDI Files. */
package com.zestythumb.formats.midi;
