package com.zestythumb.core.voiceleading;

import com.zestythumb.core.arrangement.ArrangedChord;
import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.sheet.Transitions.Transition;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/** Goes through an arrangement with every {@link Rule}. */
public final class Findings {

    private static final List<Rule> RULES =
            List.of(new StretchRule(), new LeapRule(), new MudRule(), new ParallelRule());

    private Findings() {}

    /** Everything to mind, by place: each chord against every chord from which it is come to when it is played. */
    public static List<Finding> in(Arrangement arrangement) {
        Set<Finding> found = new LinkedHashSet<>();
        List<ArrangedChord> chords = arrangement.chords();
        for (ArrangedChord chord : chords) {
            if (arrangement.transitions().before(chord.index()) < 0) {
                check(null, chord, arrangement, found);
            }
        }
        for (Transition pair : arrangement.transitions().pairs()) {
            check(chords.get(pair.from()), chords.get(pair.to()), arrangement, found);
        }
        return found.stream()
                .sorted(Comparator.comparingInt(Finding::chord).thenComparing(Finding::kind))
                .toList();
    }

    private static void check(ArrangedChord before, ArrangedChord chord, Arrangement arrangement, Set<Finding> found) {
        RULES.forEach(rule -> rule.check(before, chord, arrangement).ifPresent(found::add));
    }
}
