package com.zestythumb.core.exercise;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.pitch.PitchClass;
import com.zestythumb.core.voiceleading.Level;
import com.zestythumb.core.voiceleading.Passage;
import com.zestythumb.core.voiceleading.Rule;
import com.zestythumb.core.voiceleading.School;
import com.zestythumb.core.voicing.Around;
import com.zestythumb.core.voicing.Grip;
import com.zestythumb.core.voicing.Member;
import com.zestythumb.core.voicing.Tone;
import com.zestythumb.core.voicing.Voicing;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/**
 * Writes four parts to a soprano, or to the chords alone: of all that the ranges allow what breaks the rules of strict writing
 * least, and then moves least. Parts are four pitches each time, the bass first.
 */
final class PartWriter {

    /** Bass, tenor, alto and soprano (any textbook of harmony, from memory). */
    static final List<Pitch> LOWEST = pitches("E2 C3 G3 B3");

    static final List<Pitch> HIGHEST = pitches("C4 G4 D5 A5");

    static final int SOPRANO = 3;

    /** Of a chord's ways so many are looked at, those that are best by themselves. */
    private static final int WAYS = 60;

    private static final int OCTAVE = 12;
    private static final int FAULT = 100;
    private static final int MINDED = 30;
    private static final int A_WORD = 6;

    private static List<Pitch> pitches(String names) {
        return Arrays.stream(names.split(" ")).map(Pitch::parse).toList();
    }

    private final List<Chord> chords;
    private final List<Pitch> sopranos;
    private final List<Pitch> basses;
    private final List<Key> keys;
    private final int span;
    private final List<List<List<Pitch>>> ways;

    /**
     * Looks for the ways of each chord.
     *
     * @param sopranos what is given above each chord; null where it is free
     * @param basses what is given below it; null where the chord alone tells it
     * @param keys the key of each chord; null where none is clear
     * @param span half steps that a hand holds; wider pairs are avoided where there is another way
     */
    PartWriter(List<Chord> chords, List<Pitch> sopranos, List<Pitch> basses, List<Key> keys, int span) {
        this.chords = chords;
        this.sopranos = sopranos;
        this.basses = basses;
        this.keys = keys;
        this.span = span;
        this.ways = IntStream.range(0, chords.size()).mapToObj(this::ways).toList();
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
                int own = alone(i, here.get(way));
                if (i > 0) {
                    from[i][way] = nearest(i, here.get(way), cost[i - 1]);
                    int back = from[i][way];
                    cost[i][way] = cost[i - 1][back] + way(i, ways.get(i - 1).get(back), here.get(way));
                }
                cost[i][way] += own;
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
            total += alone(i, row.get(i)) + (i > 0 ? way(i, row.get(i - 1), row.get(i)) : 0);
        }
        return total;
    }

    /** The best parts of a chord between those before and behind it, of which there may be none; with this bass. */
    List<Pitch> between(int at, List<Pitch> row, List<Pitch> before, List<Pitch> after) {
        return ways.get(at).stream()
                .filter(way -> way.get(0).equals(row.get(0)))
                .min(Comparator.comparingInt(way -> within(at, way, before, after)))
                .orElse(row);
    }

    /** What a chord's parts cost between those before and behind it. */
    int within(int at, List<Pitch> way, List<Pitch> before, List<Pitch> after) {
        return alone(at, way)
                + (before == null ? 0 : way(at, before, way))
                + (after == null ? 0 : way(at + 1, way, after));
    }

    private List<List<Pitch>> ways(int at) {
        Chord chord = chords.get(at);
        List<List<Pitch>> all = new ArrayList<>();
        for (Pitch soprano : sopranos.get(at) == null ? tones(chord, SOPRANO) : List.of(sopranos.get(at))) {
            for (Pitch alto : tones(chord, 2)) {
                for (Pitch tenor : tones(chord, 1)) {
                    if (alto.midi() < soprano.midi()
                            && soprano.midi() - alto.midi() <= OCTAVE
                            && tenor.midi() < alto.midi()
                            && alto.midi() - tenor.midi() <= OCTAVE) {
                        basses(at).stream()
                                .filter(bass -> bass.midi() < tenor.midi())
                                .map(bass -> List.of(bass, tenor, alto, soprano))
                                .filter(way -> tells(chord, way))
                                .forEach(all::add);
                    }
                }
            }
        }
        return all.stream()
                .sorted(Comparator.comparingInt(way -> alone(at, way)))
                .limit(WAYS)
                .toList();
    }

    private List<Pitch> basses(int at) {
        return basses.get(at) == null ? within(chords.get(at).bass(), 0) : List.of(basses.get(at));
    }

    private static List<Pitch> tones(Chord chord, int part) {
        return chord.tones().stream()
                .flatMap(tone -> within(tone, part).stream())
                .toList();
    }

    private static List<Pitch> within(PitchClass tone, int part) {
        List<Pitch> found = new ArrayList<>();
        Pitch pitch = Pitch.atOrAbove(tone, LOWEST.get(part).midi());
        while (pitch.midi() <= HIGHEST.get(part).midi()) {
            found.add(pitch);
            pitch = new Pitch(pitch.pitchClass(), pitch.octave() + 1);
        }
        return found;
    }

    /** Root, third and seventh are there, and a fifth that is not perfect, unless a foreign note stands in the place of one. */
    private static boolean tells(Chord chord, List<Pitch> way) {
        long foreign = way.stream()
                .filter(pitch -> Member.of(chord, pitch.pitchClass()) == Member.FOREIGN)
                .count();
        return missing(chord, way) <= foreign;
    }

    private static long missing(Chord chord, List<Pitch> way) {
        return chord.tones().stream()
                .filter(tone -> isMissed(chord, tone))
                .filter(tone ->
                        way.stream().noneMatch(pitch -> pitch.pitchClass().equals(tone)))
                .count();
    }

    private static boolean isMissed(Chord chord, PitchClass tone) {
        return switch (Member.of(chord, tone)) {
            case ROOT, SECOND, THIRD, FOURTH, SIXTH, SEVENTH -> true;
            case FIFTH -> !isPlainFifth(chord, tone);
            default -> false;
        };
    }

    private static boolean isPlainFifth(Chord chord, PitchClass tone) {
        return Math.floorMod(tone.semitone() - chord.root().semitone(), OCTAVE) == 7;
    }

    /** A missing fifth, what is doubled, hands that stretch, and a beginning and an end that hang in the air. */
    private int alone(int at, List<Pitch> way) {
        Chord chord = chords.get(at);
        int cost = 0;
        long different = way.stream().map(Pitch::pitchClass).distinct().count();
        cost += 8 * (int) Math.max(0, Math.min(way.size(), chord.tones().size()) - different);
        cost += 20 * (int) missing(chord, way);
        PitchClass leading = keys.get(at) == null ? null : Around.leadingTone(keys.get(at));
        for (int i = 0; i < way.size(); i++) {
            PitchClass tone = way.get(i).pitchClass();
            for (int j = i + 1; j < way.size(); j++) {
                if (tone.equals(way.get(j).pitchClass())) {
                    cost += doubled(chord, tone, leading);
                }
            }
        }
        cost += 2 * Math.max(0, way.get(1).midi() - way.get(0).midi() - Math.max(span, OCTAVE));
        cost += Math.max(0, way.get(SOPRANO).midi() - way.get(2).midi() - span);
        boolean edge = at == 0 || at + 1 == chords.size();
        if (edge && sopranos.get(at) == null) {
            Member top = Member.of(chord, way.get(SOPRANO).pitchClass());
            cost += at > 0 && top != Member.ROOT ? 6 : 0;
            cost += Math.abs(way.get(SOPRANO).midi() - MIDDLE) / 2;
        }
        return cost;
    }

    /** C5, about which a soprano lies. */
    private static final int MIDDLE = 72;

    /** Root before fifth before third; what has to resolve never. */
    private static int doubled(Chord chord, PitchClass tone, PitchClass leading) {
        if (tone.equals(leading)) {
            return FAULT;
        }
        return switch (Member.of(chord, tone)) {
            case ROOT -> 0;
            case FIFTH -> isPlainFifth(chord, tone) ? 4 : FAULT;
            case THIRD -> 8;
            default -> FAULT;
        };
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

    private int broken(int to, List<Pitch> before, List<Pitch> here) {
        Passage passage = new Passage(
                Voicing.inOneGrip(chords.get(to - 1), before),
                Voicing.inOneGrip(chords.get(to), here),
                tones(chords.get(to - 1), before),
                tones(chords.get(to), here),
                null,
                null,
                keys.get(to - 1));
        int[] cost = {0};
        for (School.Entry entry : School.STRICT.entries()) {
            if (entry.rule() instanceof Rule.OfPassage rule) {
                Map<String, Double> limits = entry.limits();
                rule.check(passage, limits, fault -> cost[0] += price(entry.level()));
            }
        }
        return cost[0];
    }

    private static int price(Level level) {
        return switch (level) {
            case FAULT -> FAULT;
            case MIND -> MINDED;
            case WORD -> A_WORD;
            case NONE -> 0;
        };
    }

    private static List<Tone> tones(Chord chord, List<Pitch> parts) {
        return Grip.of(chord, parts).tones();
    }
}
