package com.zestythumb.core.exercise;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.voiceleading.Line;
import com.zestythumb.core.voiceleading.School;
import com.zestythumb.core.voiceleading.Severity;
import com.zestythumb.core.voiceleading.Sonority;
import com.zestythumb.core.voiceleading.Step;
import com.zestythumb.core.voiceleading.Voice;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Writes four parts to a soprano, or to the chords alone: of all that the ranges allow what breaks the rules of strict writing
 * least, and then moves least. Parts are four pitches each time, the bass first.
 */
final class PartWriter {

    private static final int OCTAVE = 12;
    /** What is never done where there is another way. */
    static final int FAULT = 100;

    private static final int WARNED = 30;
    private static final int A_HINT = 6;

    private final List<Chord> chords;
    private final List<Key> keys;
    private final int given;
    private final List<Pitch> last;
    private final PartVoicings own;
    private final List<List<List<Pitch>>> ways;

    /**
     * Writes over these ways.
     *
     * @param keys the key of each chord; null where none is clear
     * @param given which part is given, counted from the lowest
     * @param last its last note in each chord, where it moves on while the chord lasts; else null
     */
    PartWriter(List<Chord> chords, List<Key> keys, int given, List<Pitch> last, PartVoicings own) {
        this.chords = chords;
        this.keys = keys;
        this.given = given;
        this.last = last;
        this.own = own;
        this.ways = IntStream.range(0, chords.size()).mapToObj(own::of).toList();
    }

    /** The first chord that cannot be written in four parts; −1 where all can. */
    int impossible() {
        return IntStream.range(0, ways.size())
                .filter(i -> ways.get(i).isEmpty())
                .findFirst()
                .orElse(-1);
    }

    /** The best row of all. O(chords × ways²), most ways back ruled out by their motion alone. */
    List<List<Pitch>> write() {
        int[][] cost = new int[chords.size()][];
        int[][] from = new int[chords.size()][];
        for (int i = 0; i < chords.size(); i++) {
            List<List<Pitch>> here = ways.get(i);
            cost[i] = new int[here.size()];
            from[i] = new int[here.size()];
            for (int way = 0; way < here.size(); way++) {
                int alone = own.cost(i, here.get(way));
                if (i > 0) {
                    from[i][way] = nearest(i, here.get(way), cost[i - 1]);
                    int back = from[i][way];
                    cost[i][way] = cost[i - 1][back] + way(i, ways.get(i - 1).get(back), here.get(way));
                }
                cost[i][way] += alone;
            }
        }
        List<List<Pitch>> row = new ArrayList<>();
        int[] last = cost[chords.size() - 1];
        int at = byCost(last).get(0);
        for (int i = chords.size() - 1; i >= 0; i--) {
            row.add(0, ways.get(i).get(at));
            at = from[i][at];
        }
        return row;
    }

    /** From which way of the chord before a way is come to at the least cost; the nearest are tried first. */
    private int nearest(int i, List<Pitch> here, int[] before) {
        List<List<Pitch>> back = ways.get(i - 1);
        int[] least = IntStream.range(0, back.size())
                .map(one -> before[one] + moved(back.get(one), here))
                .toArray();
        int best = Integer.MAX_VALUE;
        int found = 0;
        for (int one : byCost(least)) {
            if (least[one] >= best) {
                break;
            }
            int whole = least[one] + broken(i, back.get(one), here);
            if (whole < best) {
                best = whole;
                found = one;
            }
        }
        return found;
    }

    private static List<Integer> byCost(int[] costs) {
        return IntStream.range(0, costs.length)
                .boxed()
                .sorted(Comparator.comparingInt(one -> costs[one]))
                .toList();
    }

    /** What the way from one chord's parts to the next costs. */
    int way(int to, List<Pitch> before, List<Pitch> here) {
        return moved(before, here) + broken(to, before, here);
    }

    /** What a whole row costs. */
    int total(List<List<Pitch>> row) {
        int total = 0;
        for (int i = 0; i < row.size(); i++) {
            total += own.cost(i, row.get(i)) + (i > 0 ? way(i, row.get(i - 1), row.get(i)) : 0);
        }
        return total;
    }

    /** The best parts of a chord between those before and behind it, of which there may be none; with this bass. */
    List<Pitch> between(int at, List<Pitch> row, List<Pitch> before, List<Pitch> after) {
        return allBetween(at, row, before, after).stream().findFirst().orElse(row);
    }

    /** All of them, the best first. */
    List<List<Pitch>> allBetween(int at, List<Pitch> row, List<Pitch> before, List<Pitch> after) {
        return ways.get(at).stream()
                .filter(way -> way.get(0).equals(row.get(0)))
                .sorted(Comparator.comparingInt(way -> within(at, way, before, after)))
                .toList();
    }

    /** What a chord's parts cost between those before and behind it. */
    int within(int at, List<Pitch> way, List<Pitch> before, List<Pitch> after) {
        return own.cost(at, way)
                + (before == null ? 0 : way(at, before, way))
                + (after == null ? 0 : way(at + 1, way, after));
    }

    /** Half steps that the upper parts move; a bass may leap, within an octave. */
    private static int moved(List<Pitch> before, List<Pitch> here) {
        int bass = Math.abs(here.get(0).midi() - before.get(0).midi());
        int moved = bass > OCTAVE ? FAULT : bass / 3;
        for (int part = 1; part < here.size(); part++) {
            int way = Math.abs(here.get(part).midi() - before.get(part).midi());
            moved += way + (way > 4 ? 2 * (way - 4) : 0);
        }
        return moved;
    }

    /** What a way breaks: between voices, and in each as a line. */
    private int broken(int to, List<Pitch> before, List<Pitch> here) {
        Chord left = chords.get(to - 1);
        Chord met = chords.get(to);
        List<Object> subjects = new ArrayList<>();
        Sonority from = Sonority.ofParts(left, before, keys.get(to - 1));
        Sonority then = Sonority.ofParts(met, here, keys.get(to - 1));
        subjects.add(new Step(from, then));
        if (last.get(to - 1) != null) {
            List<Pitch> passing = new ArrayList<>(before);
            passing.set(given, last.get(to - 1));
            subjects.add(new Step(Sonority.ofParts(left, passing, keys.get(to - 1)), then));
        }
        for (int part = 0; part < here.size(); part++) {
            subjects.add(new Line(
                    Voice.sung(part, here.size()),
                    from.voices().get(part),
                    then.voices().get(part),
                    null,
                    left,
                    met,
                    null,
                    true));
        }
        int[] cost = {0};
        for (School.Entry entry : RULES) {
            subjects.forEach(subject -> entry.rule()
                    .look(subject, entry.limits(), fault -> cost[0] += price(School.STRICT.of(fault.kind()))));
        }
        return cost[0];
    }

    private static final List<School.Entry> RULES = School.STRICT.entries().stream()
            .filter(entry ->
                    entry.rule().subject() == Step.class || entry.rule().subject() == Line.class)
            .toList();

    private static int price(Severity severity) {
        return switch (severity) {
            case FAULT -> FAULT;
            case WARNING -> WARNED;
            case HINT -> A_HINT;
            case OFF -> 0;
        };
    }
}
