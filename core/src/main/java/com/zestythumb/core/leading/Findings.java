package com.zestythumb.core.leading;

import com.zestythumb.core.arrangement.ArrangedChord;
import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.sheet.Bar;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/** Goes through an arrangement with every {@link Rule}. */
public final class Findings {

    private static final List<Rule> RULES =
            List.of(new StretchRule(), new LeapRule(), new MudRule(), new ParallelRule());

    private Findings() {}

    /** Everything to mind, by place; the way back at a repeat sign is looked at too. */
    public static List<Finding> in(Arrangement arrangement) {
        Set<Finding> found = new LinkedHashSet<>();
        List<ArrangedChord> chords = arrangement.chords();
        for (int i = 0; i < chords.size(); i++) {
            check(i == 0 ? null : chords.get(i - 1), chords.get(i), arrangement, found);
        }
        for (ArrangedChord[] back : repeats(arrangement)) {
            check(back[0], back[1], arrangement, found);
        }
        return found.stream()
                .sorted(Comparator.comparingInt(Finding::chord).thenComparing(Finding::kind))
                .toList();
    }

    private static void check(ArrangedChord before, ArrangedChord chord, Arrangement arrangement, Set<Finding> found) {
        RULES.forEach(rule -> rule.check(before, chord, arrangement).ifPresent(found::add));
    }

    /** Last and first chord of each repeated stretch. */
    private static List<ArrangedChord[]> repeats(Arrangement arrangement) {
        List<ArrangedChord[]> pairs = new ArrayList<>();
        int from = 0;
        for (Bar bar : arrangement.sheet().bars()) {
            if (bar.startsRepeat()) {
                from = bar.index();
            }
            if (bar.endsRepeat()) {
                int first = from;
                List<ArrangedChord> inside = arrangement.chords().stream()
                        .filter(c -> c.event().bar() >= first && c.event().bar() <= bar.index())
                        .toList();
                if (inside.size() > 1) {
                    pairs.add(new ArrangedChord[] {inside.get(inside.size() - 1), inside.get(0)});
                }
                from = bar.index() + 1;
            }
        }
        return pairs;
    }
}
