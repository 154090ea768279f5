package com.zestythumb.formats;

import com.zestythumb.core.sheet.SheetNote;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/**
 * Lays three or four parts that have a staff or a voice each on two staves, as choirs are written for the piano: soprano and alto
 * above, tenor and bass below; of three two above and one below.
 */
public final class SungParts {

    private static final int FEWEST = 3;
    private static final int MOST = 4;
    private static final int ABOVE = 2;
    /** D4: a lowest part that lies higher on the whole is no bass. */
    private static final double HIGHEST_BASS = 62;

    private SungParts() {}

    /**
     * Puts them into the bars, where they are such parts.
     *
     * @param parts of each its notes and rests, bar by bar
     * @return whether they were
     */
    public static boolean lay(List<BroughtBar> bars, List<List<List<SheetNote>>> parts) {
        boolean fits = parts.size() >= FEWEST
                && parts.size() <= MOST
                && parts.stream().allMatch(part -> part.size() == bars.size() && isLine(part));
        if (!fits) {
            return false;
        }
        // As they are listed, which is from the highest as a rule; a list from the lowest is turned round.
        List<List<List<SheetNote>>> sorted = new ArrayList<>(parts);
        if (height(parts.get(0)) < height(parts.get(parts.size() - 1))) {
            Collections.reverse(sorted);
        }
        if (height(sorted.get(sorted.size() - 1)) > HIGHEST_BASS) {
            return false;
        }
        for (int bar = 0; bar < bars.size(); bar++) {
            int here = bar;
            List<List<SheetNote>> voices = sorted.stream()
                    .map(part -> (List<SheetNote>) new ArrayList<>(part.get(here)))
                    .toList();
            bars.get(bar).setUpper(voices.subList(0, ABOVE));
            bars.get(bar).left.clear();
            bars.get(bar).left.addAll(voices.subList(ABOVE, voices.size()));
        }
        return true;
    }

    /** Whether it sounds, and no two of its notes at one time. */
    private static boolean isLine(List<List<SheetNote>> part) {
        for (List<SheetNote> bar : part) {
            for (int i = 1; i < bar.size(); i++) {
                if (bar.get(i).onset().isBefore(bar.get(i - 1).end())) {
                    return false;
                }
            }
        }
        return part.stream().flatMap(List::stream).anyMatch(note -> !note.isRest());
    }

    private static double height(List<List<SheetNote>> part) {
        return part.stream()
                .flatMap(List::stream)
                .filter(note -> !note.isRest())
                .mapToInt(note -> note.pitch().midi())
                .average()
                .orElse(0);
    }
}
