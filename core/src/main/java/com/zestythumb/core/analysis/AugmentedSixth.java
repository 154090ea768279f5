package com.zestythumb.core.analysis;

import com.zestythumb.core.pitch.PitchClass;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Italian, French and German sixths: told by their notes over the flat sixth degree, however the symbol calls them
 * (common practice).
 */
final class AugmentedSixth implements ReadingRule {

    /** Half steps above the tonic. */
    private static final Map<Set<Integer>, String> KINDS =
            Map.of(Set.of(8, 0, 6), "It", Set.of(8, 0, 2, 6), "Fr", Set.of(8, 0, 3, 6), "Ger");

    @Override
    public Optional<Reading> read(ChordInContext at) {
        PitchClass tonic = at.key().tonic();
        if (Degrees.between(tonic, at.chord().bass()) != 8 || !at.here().goesToDominant()) {
            return Optional.empty();
        }
        Set<Integer> sounding = at.chord().tones().stream()
                .map(tone -> Degrees.between(tonic, tone))
                .collect(Collectors.toSet());
        return Optional.ofNullable(KINDS.get(sounding))
                .map(kind -> at.reading(
                        new Numeral(kind, "+6", null),
                        Role.AUGMENTED_SIXTH,
                        Function.SUBDOMINANT,
                        "an augmented sixth: its outer notes push apart to the dominant's octave",
                        ChordInContext.LIKELY));
    }
}
