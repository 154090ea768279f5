package com.zestythumb.core.sheet;

import java.util.List;

/** How far numbered endings reach. */
public final class Endings {

    private Endings() {}

    /**
     * The last bar of the ending that begins at a bar: it reaches to its repeat sign, to the next ending or
     * section, and where none of these comes, as far as the ending before it did.
     */
    public static int last(List<Bar> bars, int first) {
        int length = lengthBefore(bars, first);
        for (int i = first; i < bars.size(); i++) {
            boolean nextBegins = i + 1 == bars.size()
                    || !bars.get(i + 1).signs().ending().isEmpty()
                    || bars.get(i + 1).startsRepeat()
                    || bars.get(i + 1).section() != null;
            if (bars.get(i).endsRepeat() || nextBegins || i - first + 1 == length) {
                return i;
            }
        }
        return bars.size() - 1;
    }

    /** Bars of the ending that stops right before this one; 0 where there is none. */
    private static int lengthBefore(List<Bar> bars, int first) {
        if (first == 0 || !bars.get(first - 1).endsRepeat()) {
            return 0;
        }
        for (int i = first - 1; i >= 0; i--) {
            if (!bars.get(i).signs().ending().isEmpty()) {
                return first - i;
            }
            if (bars.get(i).startsRepeat()) {
                return 0;
            }
        }
        return 0;
    }
}
