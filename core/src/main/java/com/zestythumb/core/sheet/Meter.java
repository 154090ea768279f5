package com.zestythumb.core.sheet;

import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;

/**
 * A meter. Lengths are in quarter notes.
 *
 * @param count the upper figure: what is counted in a bar, six in 6/8
 * @param unit the lower figure: 2 for halves, 4 for quarters, 8 for eighths, 16 for sixteenths
 */
public record Meter(int count, int unit) {

    public static final Meter TWO_FOUR = new Meter(2, 4);
    public static final Meter THREE_FOUR = new Meter(3, 4);
    public static final Meter FOUR_FOUR = new Meter(4, 4);
    public static final Meter SIX_EIGHT = new Meter(6, 8);

    private static final Pattern SYNTAX = Pattern.compile("(\\d{1,2})\\s*/\\s*(\\d{1,2})");
    private static final int MOST = 16;

    public Meter {
        boolean usual = count > 0 && count <= MOST && List.of(2, 4, 8, 16).contains(unit);
        // Figures run in eighths, so a bar is made of them.
        if (!usual || count * 8 % unit != 0) {
            throw new IllegalArgumentException("\"" + count + "/" + unit
                    + "\" is not a meter this chart can be in; write 2/4, 3/4, 4/4, 6/8, 5/4 or the like");
        }
    }

    /** Reads {@code "3/4"}, {@code "C"} for 4/4 and {@code "C|"} for 2/2. */
    public static Meter parse(String text) {
        if (text.strip().equals("C") || text.strip().equals("C|")) {
            return text.contains("|") ? new Meter(2, 2) : FOUR_FOUR;
        }
        Matcher m = SYNTAX.matcher(text.strip());
        if (!m.matches()) {
            throw new IllegalArgumentException("\"" + text.strip()
                    + "\" is not a meter this chart can be in; write 2/4, 3/4, 4/4, 6/8, 5/4 or the like");
        }
        return new Meter(Integer.parseInt(m.group(1)), Integer.parseInt(m.group(2)));
    }

    /** Whether the felt beat is dotted: 6/8 is counted in six and felt in two, 6/4 too; 3/8 is counted as it is felt. */
    public boolean isCompound() {
        return unit >= 4 && count > 3 && count % 3 == 0;
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
        return isCompound() ? countLength().times(3) : countLength();
    }

    /** Length of the group over which short notes are joined by beams. */
    public Fraction beamGroup() {
        return isCompound() || unit < 8 ? beatLength() : figureGroup();
    }

    /** Length of the group in which a broken figure runs before it starts anew. */
    public Fraction figureGroup() {
        boolean halves = barLength().equals(Fraction.of(4)) || isCompound() && count == 12;
        return halves ? barLength().dividedBy(Fraction.of(2)) : barLength();
    }

    /** How many even slots a bar may be divided into, each an eighth or a whole number of counts. */
    public List<Integer> slotCounts() {
        return slotCounts(barLength());
    }

    /** The same for a bar of another length, such as a pickup. */
    List<Integer> slotCounts(Fraction length) {
        int eighths = (int) length.times(2).floor();
        return IntStream.rangeClosed(1, eighths)
                .filter(n -> eighths % n == 0 && (n == 1 || isSlotLength(eighths / n)))
                .boxed()
                .toList();
    }

    private boolean isSlotLength(int eighths) {
        return eighths == 1 || (isCompound() ? eighths % 3 == 0 : eighths % Math.max(1, 8 / unit) == 0);
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
