package com.zestythumb.core.voiceleading;

/**
 * How a hand that somebody wrote goes on from a chord.
 *
 * @param bars how many bars in a row from here are struck at the same times; 1 where none is like it, or it is like one before
 * @param silent beats at its end for which the hand is silent though it sounds through nearly all of the tune; else 0
 */
public record Rhythm(int bars, double silent) {}
