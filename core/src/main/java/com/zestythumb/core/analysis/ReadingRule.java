package com.zestythumb.core.analysis;

import java.util.Optional;

/** One way in which a chord may be meant. A new one is a new class and a line in {@link HarmonyReader}. */
interface ReadingRule {

    /** The reading, if the chord is meant so. */
    Optional<Reading> read(ChordInContext at);
}
