package com.zestythumb.core.voicing;

import java.util.List;

/** What every style may be charged for on the way from chord to chord. */
public final class WayTerms {

    public static final List<WayTerm> ALL = List.of(
            WayTerm.MOTION,
            WayTerm.COMMON_TONES,
            WayTerm.POSITION,
            BassTerms.LINE,
            BassTerms.SEVENTH,
            BassTerms.SIX_FOUR,
            BassTerms.CADENTIAL);

    private WayTerms() {}
}
