package com.zestythumb.core.voicing;

import com.zestythumb.core.pitch.Pitch;

/** A note under a finger, and which member of the chord it is. */
public record Tone(Pitch pitch, ChordTone member) {}
