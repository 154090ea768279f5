package com.zestythumb.core.arrangement;

import com.zestythumb.core.voicing.Voicing;
import java.util.List;

/** What the left hand plays, whoever made it. */
public sealed interface LeftHand permits ComputedHand, WrittenHand {

    /** What lies under the hand at each sounding chord. */
    List<Voicing> voicings();

    /** Every note, by chord, in time and from the lowest; the fingers are not yet told. */
    List<TimedNote> notes();
}
