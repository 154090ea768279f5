package com.zestythumb.core.voiceleading;

import com.zestythumb.core.voicing.Grip;

/**
 * The left hand goes from one grip to another, of the same chord or the next.
 *
 * @param from the grip that it leaves
 * @param to the grip to which it comes
 * @param seconds from the last key struck in the one to the first in the other
 * @param journey whether the style makes the hand go to and fro, as between a low bass and its chord
 * @param written whether somebody wrote the chord that is met; what the solver finds it weighs by all there is
 */
public record Shift(Grip from, Grip to, double seconds, boolean journey, boolean written) {}
