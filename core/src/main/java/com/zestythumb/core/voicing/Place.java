package com.zestythumb.core.voicing;

/**
 * Where in a tune a voicing stands, and under whose hand.
 *
 * @param opening whether it is the first chord that is played
 * @param closing whether the tune ends on it
 */
public record Place(Hand hand, boolean opening, boolean closing) {}
