package com.zestythumb.core.voicing;

import java.util.List;

/** What every style may be charged for on the way from chord to chord. */
public final class TransitionTerms {

    public static final List<TransitionTerm> ALL = List.of(
            TransitionTerm.MOTION,
            TransitionTerm.COMMON_TONES,
            TransitionTerm.POSITION,
            BassTerms.LINE,
            BassTerms.SEVENTH,
            BassTerms.SIX_FOUR,
            BassTerms.CADENTIAL);

    private TransitionTerms() {}
}
