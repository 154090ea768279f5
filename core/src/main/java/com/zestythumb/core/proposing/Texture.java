package com.zestythumb.core.proposing;

import com.zestythumb.core.pattern.AccompanimentPattern;
import com.zestythumb.core.pattern.AccompanimentPatterns;
import com.zestythumb.core.sheet.Meter;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;

/** What kind of accompaniment is wished, in a teacher's words, with its patterns, the usual ones first. */
public enum Texture {
    ANY(
            "Whatever suits",
            Stream.concat(
                            Stream.of(
                                    AccompanimentPatterns.BLOCK,
                                    AccompanimentPatterns.BROKEN_UP,
                                    AccompanimentPatterns.ALBERTI,
                                    AccompanimentPatterns.BASS_AND_CHORDS),
                            AccompanimentPatterns.all().stream())
                    .distinct()
                    .toArray(AccompanimentPattern[]::new)),
    CALM(
            "Calm",
            AccompanimentPatterns.BLOCK,
            AccompanimentPatterns.BROKEN_UP,
            AccompanimentPatterns.HELD_BASS,
            AccompanimentPatterns.WALKING),
    FLOWING(
            "Flowing",
            AccompanimentPatterns.BROKEN_UP,
            AccompanimentPatterns.ALBERTI,
            AccompanimentPatterns.UP_AND_BACK,
            AccompanimentPatterns.BROKEN_DOWN,
            AccompanimentPatterns.WAVE,
            AccompanimentPatterns.TRIPLETS,
            AccompanimentPatterns.FLOWING),
    DANCE(
            "Waltz or march",
            AccompanimentPatterns.BASS_AND_CHORDS,
            AccompanimentPatterns.ON_EACH_BEAT,
            AccompanimentPatterns.HELD_BASS,
            AccompanimentPatterns.OFF_BEATS),
    RHYTHMIC(
            "Rhythmic",
            AccompanimentPatterns.DETACHED,
            AccompanimentPatterns.REPEATED,
            AccompanimentPatterns.OFF_BEATS,
            AccompanimentPatterns.ONLY_OFF,
            AccompanimentPatterns.RIFF,
            AccompanimentPatterns.ANTICIPATED,
            AccompanimentPatterns.THREE_THREE_TWO);

    private final String label;
    private final List<AccompanimentPattern> patterns;

    Texture(String label, AccompanimentPattern... patterns) {
        this.label = label;
        this.patterns = Arrays.stream(patterns).toList();
    }

    /** As it is offered to the teacher. */
    public String label() {
        return label;
    }

    boolean includes(AccompanimentPattern pattern) {
        return patterns.contains(pattern);
    }

    /** The meter's own pattern first, then those of the kind, the usual ones before others. */
    List<AccompanimentPattern> patterns(Meter meter) {
        AccompanimentPattern own = own(meter);
        return includes(own)
                ? Stream.concat(Stream.of(own), patterns.stream()).distinct().toList()
                : patterns;
    }

    /** A waltz in three, a roll in six; else the plainest of the kind (common practice). */
    private AccompanimentPattern own(Meter meter) {
        if (meter.isCompound()) {
            return AccompanimentPatterns.UP_AND_BACK;
        }
        return meter.count() == 3 ? AccompanimentPatterns.BASS_AND_CHORDS : patterns.get(0);
    }
}
