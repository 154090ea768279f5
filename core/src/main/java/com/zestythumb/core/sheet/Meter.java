package com.zestythumb.core.sheet;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * A meter. Lengths are in quarter notes.
 *
 * @param count the upper figure: what is counted in a bar, six in 6/8
 * @param unit the lower figure: 2 for halves, 4 for quarters, 8 for eighths, 16 for sixteenths
 * @param groups the counts of its groups where they are told, as 2, 2 and 3 in {@code 2+2+3/8}; else empty
 * @param bySign whether it is written as C or ¢, common and cut time
 */
public record Meter(int count, int unit, List<Integer> groups, boolean bySign) {

    public static final Meter TWO_FOUR = new Meter(2, 4);
    public static final Meter THREE_FOUR = new Meter(3, 4);
    public static final Meter FOUR_FOUR = new Meter(4, 4);
    public static final Meter SIX_EIGHT = new Meter(6, 8);

    private static final Pattern SYNTAX = Pattern.compile("(\\d{1,2}(?:\\s*\\+\\s*\\d{1,2}){0,7})\\s*/\\s*(\\d{1,2})");
    private static final int MOST = 16;

    /** A meter whose groups are the usual ones. */
    public Meter(int count, int unit) {
        this(count, unit, List.of(), false);
    }

    public Meter {
        groups = List.copyOf(groups);
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
            return text.contains("|") ? new Meter(2, 2, List.of(), true) : new Meter(4, 4, List.of(), true);
        }
        Matcher m = SYNTAX.matcher(text.strip());
        if (!m.matches()) {
            throw new IllegalArgumentException("\"" + text.strip()
                    + "\" is not a meter this chart can be in; write 2/4, 3/4, 4/4, 6/8, 5/4 or the like");
        }
        List<Integer> groups = Arrays.stream(m.group(1).split("\\+"))
                .map(one -> Integer.valueOf(one.strip()))
                .toList();
        int count = groups.stream().mapToInt(Integer::intValue).sum();
        Meter meter = new Meter(count, Integer.parseInt(m.group(2)));
        boolean told = groups.size() > 1 && !groups.contains(0) && !groups.equals(meter.groupCounts());
        return told ? new Meter(count, meter.unit(), groups, false) : meter;
    }

    /** Whether the felt beat is dotted: 6/8 is counted in six and felt in two, 6/4 too; 3/8 is counted as it is felt. */
    public boolean isCompound() {
        return unit >= 4 && count > 3 && count % 3 == 0 && groups.isEmpty();
    }

    public Fraction barLength() {
        return countLength().times(count);
    }

    /** Length of one counted unit. */
    public Fraction countLength() {
        return Fraction.of(4, unit);
    }

    /** Length of the felt beat. */
    public Fraction beatLength() {
        return isCompound() ? countLength().times(3) : countLength();
    }

    /** Length of what the tempo counts: the felt beat; where beats of two and three eighths go by turns, as in 5/8 and 7/8, a quarter. */
    public Fraction tempoBeat() {
        return isUneven() ? countLength().times(2) : beatLength();
    }

    /** Whether its beats are of two and of three counts, or all of two: 5/8, 7/8, 8/8. */
    boolean isUneven() {
        return unit >= 8 && count > 3 && !isCompound();
    }

    /** How many counts each beat has, where a bar begins with a heavy one and each group does. */
    List<Integer> beatCounts() {
        if (!isUneven()) {
            int each = isCompound() ? 3 : 1;
            return Collections.nCopies(count / each, each);
        }
        return groupCounts().stream()
                .flatMap(group -> {
                    int last = group % 2 == 0 || group == 1 ? 0 : 3;
                    return Stream.concat(
                            Collections.nCopies((group - last) / 2, 2).stream(),
                            Stream.of(last + (group == 1 ? 1 : 0)).filter(more -> more > 0));
                })
                .toList();
    }

    /** Whether its bars have the same counts, in whatever groups. */
    public boolean countsAs(Meter other) {
        return count == other.count && unit == other.unit;
    }

    /** The counts of its groups, as they are told or usual (common practice): beats of three in 6/8, 3 + 2 in five, 4 + 3 in seven. */
    private List<Integer> groupCounts() {
        if (!groups.isEmpty()) {
            return groups;
        }
        if (isCompound()) {
            return Collections.nCopies(count / 3, 3);
        }
        return count == 5 ? List.of(3, 2) : count == 7 ? List.of(4, 3) : List.of(count);
    }

    /** The same counts in their other usual groups, 2 + 3 in five and 3 + 4 in seven; this meter where there are none or they are told. */
    Meter turnedAbout() {
        List<Integer> usual = groupCounts();
        boolean hasOther = groups.isEmpty() && !isCompound() && usual.size() == 2;
        return hasOther ? new Meter(count, unit, List.of(usual.get(1), usual.get(0)), false) : this;
    }

    /** Whether a group begins with a count, from 0. */
    boolean isGroup(int at) {
        int begin = 0;
        for (int group : groupCounts()) {
            if (begin == at) {
                return true;
            }
            begin += group;
        }
        return false;
    }

    /** Where groups end over which no beam goes, from the beginning of a bar. */
    public List<Fraction> beamEnds() {
        if (unit >= 8 || isCompound()) {
            return ends(groupCounts());
        }
        boolean isEven = groups.isEmpty() && count != 5 && count != 7;
        return isEven
                ? IntStream.rangeClosed(
                                1, (int) barLength().dividedBy(figureGroup()).floor())
                        .mapToObj(figureGroup()::times)
                        .toList()
                : ends(Collections.nCopies(count, 1));
    }

    /** Where groups end over which the value of a single note goes only from their beginnings: none but the bar's where the beat tells all. */
    public List<Fraction> valueEnds() {
        if (isCompound() || groupCounts().size() < 2) {
            return List.of(barLength());
        }
        List<Integer> together = new ArrayList<>();
        for (int group : groupCounts()) {
            int last = together.size() - 1;
            if (last >= 0 && group == 2 && together.get(last) == 2) {
                together.set(last, 4);
            } else {
                together.add(group);
            }
        }
        return ends(together);
    }

    private List<Fraction> ends(List<Integer> counts) {
        List<Fraction> ends = new ArrayList<>();
        int at = 0;
        for (int one : counts) {
            at += one;
            ends.add(countLength().times(at));
        }
        return ends;
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

    /** As a chart has it: {@code "3/4"}, or {@code "C"} and {@code "C|"} where it is written by its sign. */
    public String written() {
        return bySign ? unit == 2 ? "C|" : "C" : toString();
    }

    @Override
    public String toString() {
        String counts = groups.stream().map(String::valueOf).collect(Collectors.joining("+"));
        return (groups.isEmpty() ? String.valueOf(count) : counts) + "/" + unit;
    }
}
