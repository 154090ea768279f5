package com.zestythumb.core.solving;

/** The cheapest choice of one candidate for each chord, with the price of every other. */
interface Cheapest {

    /** Index of the chosen candidate of a chord. */
    int choice(int chord);

    /** How much dearer the best whole becomes when it must go through this candidate. */
    int price(int chord, int candidate);

    /** What the whole costs; 0 for no chords. */
    int total();
}
