package com.zestythumb.core.voiceleading;

import com.zestythumb.core.voicing.Grip;

/**
 * The hand goes from one grip to another.
 *
 * @param seconds from the last key struck in the one to the first in the other
 * @param toNextChord whether the chord changes on the way; else the hand moves within one voicing
 * @param journey whether the style makes the hand go to and fro, as between a low bass and its chord
 */
public record Passage(Grip from, Grip to, double seconds, boolean toNextChord, boolean journey) {}
