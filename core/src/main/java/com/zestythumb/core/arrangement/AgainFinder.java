package com.zestythumb.core.arrangement;

import com.zestythumb.core.arrangement.BarMap.Again;
import com.zestythumb.core.arrangement.BarMap.Entry;
import com.zestythumb.core.arrangement.BarMap.Likeness;
import java.util.ArrayList;
import java.util.List;

/** Finds stretches of bars that come a second time. */
final class AgainFinder {

    private static final int FEW = 3;
    private static final int SECTION = 4;

    private AgainFinder() {}

    /** From the left the longest stretch of four bars or more that came before. O(bars²), a bar being a number. */
    static List<Again> find(List<Entry> entries) {
        List<Again> found = new ArrayList<>();
        int at = SECTION;
        while (at + SECTION <= entries.size()) {
            Again best = null;
            for (int like = 0; like + SECTION <= at; like++) {
                Again here = stretch(entries, at, like);
                best = here != null && (best == null || here.to() > best.to()) ? here : best;
            }
            if (best != null) {
                found.add(best);
            }
            at = best == null ? at + 1 : best.to();
        }
        return found;
    }

    /** As far as the bars go on being alike, one in four being allowed to differ a little; or null. */
    private static Again stretch(List<Entry> entries, int at, int like) {
        List<Integer> but = new ArrayList<>();
        int same = 0;
        int to = at;
        for (int i = 0; like + i < at && at + i < entries.size(); i++) {
            Entry here = entries.get(at + i);
            boolean equal = content(entries, at + i) == content(entries, like + i);
            boolean nearly = here.kind() == Likeness.NEARLY && here.like() == content(entries, like + i);
            if (!equal && !(nearly && (but.size() + 1) * SECTION <= i + SECTION)) {
                break;
            }
            if (!equal) {
                but.add(at + i);
            } else if (here.kind() != Likeness.SILENT) {
                same++;
            }
            to = at + i + 1;
        }
        return to - at >= SECTION && same >= FEW ? new Again(at, to, like, but) : null;
    }

    /** The first bar with the same notes; silence is −1. */
    private static int content(List<Entry> entries, int bar) {
        Entry entry = entries.get(bar);
        return switch (entry.kind()) {
            case SILENT -> -1;
            case SAME -> entry.like();
            default -> bar;
        };
    }
}
