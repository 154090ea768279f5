package com.zestythumb.core.voiceleading;

import com.zestythumb.core.pitch.Pitch;

/**
 * Three notes of one part of a page that follow one another.
 *
 * @param bass whether it is the lowest part, which may leap
 */
public record Line(Pitch before, Pitch here, Pitch after, boolean bass) {}
