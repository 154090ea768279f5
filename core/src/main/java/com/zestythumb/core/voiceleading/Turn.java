package com.zestythumb.core.voiceleading;

import com.zestythumb.core.voicing.Voicing;

/**
 * A chord between the one before it and the one behind.
 *
 * @param before null at the beginning
 * @param after null at the end
 */
public record Turn(Voicing before, Voicing here, Voicing after) {}
