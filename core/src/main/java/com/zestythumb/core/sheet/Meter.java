package com.zestythumb.core.sheet;

import java.util.List;
import java.util.stream.IntStream;

/** The meters a chart can be in. Lengths are in quarter notes. */
public enum Meter {
    TWO_FOUR(2, 4),
    THREE_FOUR(3, 4),
    FOUR_FOUR(4, 4),
    SIX_EIGHT(6, 8);

    private final int count;
    private final int unit;

    Meter(int count, int unit) {
        this.count = count;
        this.unit = unit;
    }

    /** Reads {@code "3/4"}. */
    public static Meter parse(String text) {
        for (Meter meter : values()) {
            if (meter.toString().equals(text.replace(" ", ""))) {
                return meter;
            }
        }
        throw new IllegalArgumentException(
                "\"" + text.strip() + "\" is not a meter this chart can be in; write 2/4, 3/4, 4/4 or 6/8");
    }

    /** The upper figure: what is counted in a bar, six in 6/8. */
    public int count() {
        return count;
    }

    /** The lower figure: 4 for quarters, 8 for eighths. */
    public int unit() {
        return unit;
    }

    /** Whether the felt beat is dotted: 6/8 is counted in six and felt in two. */
    public boolean isCompound() {
        return unit == 8;
    }

    public Fraction barLength() {
        return countLength().times(count);
    }

    /** Length of one counted unit. */
    public Fraction countLength() {
        return Fraction.of(4, unit);
    }

    /** Length of the felt beat, in which the tempo is given. */
    public Fraction beatLength() {
        return isCompound() ? Fraction.of(3, 2) : Fraction.of(1);
    }

    /** Length of the group in which a broken figure runs before it starts anew. */
    public Fraction figureGroup() {
        return this == FOUR_FOUR ? Fraction.of(2) : barLength();
    }

    /** How many even slots a bar may be divided into, each an eighth or a whole number of counts. */
    public List<Integer> slotCounts() {
        int eighths = (int) barLength().times(2).floor();
        return IntStream.rangeClosed(1, eighths)
                .filter(n -> eighths % n == 0 && isSlotLength(eighths / n))
                .boxed()
                .toList();
    }

    private boolean isSlotLength(int eighths) {
        return eighths == 1 || (isCompound() ? eighths % 3 == 0 : eighths % 2 == 0);
    }

    /** The count, from 1, that a place in the bar falls in. */
    public int countAt(Fraction start) {
        return (int) start.dividedBy(countLength()).floor() + 1;
    }

    @Override
    public String toString() {
        return count + "/" + unit;
    }
}
