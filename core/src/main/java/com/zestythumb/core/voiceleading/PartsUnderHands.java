package com.zestythumb.core.voiceleading;

/**
 * Sung parts of which the left hand cannot hold bass and tenor.
 *
 * @param tenor its note
 * @param rightReaches whether the right hand can hold it beneath alto and soprano
 */
public record PartsUnderHands(Move tenor, boolean rightReaches) {}
