package com.zestythumb.core.checking;

import com.zestythumb.core.arrangement.ArrangedChord;
import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.PedalSpan;
import com.zestythumb.core.arrangement.Score;
import com.zestythumb.core.arrangement.Score.Part;
import com.zestythumb.core.arrangement.Score.Sound;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.voiceleading.Rhythm;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.TreeMap;
import java.util.function.Predicate;

/** The rhythm of a left hand that somebody wrote from the first chord to the last. */
final class Rhythms {

    /** Where every eighth chord or more has a hole, holes are the pattern. */
    private static final int SELDOM = 8;

    private Rhythms() {}

    /** By chord; none where a chord is not written. */
    static List<Placed<Rhythm>> of(Arrangement arrangement) {
        Map<Integer, Rhythm> rhythms = new TreeMap<>();
        if (!arrangement.chords().stream().allMatch(ArrangedChord::isWritten)) {
            return List.of();
        }
        alike(arrangement).forEach((chord, bars) -> rhythms.put(chord, new Rhythm(bars, 0)));
        Map<Integer, Double> holes = holes(arrangement);
        if (holes.size() * SELDOM <= arrangement.chords().size()) {
            holes.forEach((chord, beats) ->
                    rhythms.merge(chord, new Rhythm(1, beats), (alike, hole) -> new Rhythm(alike.bars(), beats)));
        }
        return rhythms.entrySet().stream()
                .map(one -> Placed.at(one.getKey(), one.getValue()))
                .toList();
    }

    /** How many bars in a row are struck at the same times, by the chord with which they begin. */
    private static Map<Integer, Integer> alike(Arrangement arrangement) {
        Map<Integer, Integer> runs = new TreeMap<>();
        Map<Integer, List<Fraction>> onsets = new TreeMap<>();
        arrangement.score().sounds().stream()
                .filter(sound -> sound.part() == Part.LEFT)
                .forEach(sound -> onsets.computeIfAbsent(sound.note().bar(), bar -> new ArrayList<>())
                        .add(sound.note().onset()));
        int first = -1;
        for (ArrangedChord chord : arrangement.chords()) {
            int bar = chord.event().bar();
            boolean same = first >= 0 && onsets.getOrDefault(bar, List.of()).equals(onsets.get(bar - 1));
            boolean again = first >= 0
                    && arrangement.chords().get(chord.index() - 1).event().bar() == bar;
            first = same || again ? first : chord.index();
            runs.put(first, bar - arrangement.chords().get(first).event().bar() + 1);
        }
        return runs;
    }

    /** Beats for which nothing of the left hand sounds while something above it does, by the chord; less than one is a breath. */
    private static Map<Integer, Double> holes(Arrangement arrangement) {
        Score score = arrangement.score();
        NavigableMap<Fraction, Fraction> left = reach(score, sound -> sound.part() == Part.LEFT);
        NavigableMap<Fraction, Fraction> above = reach(score, sound -> sound.part() != Part.LEFT);
        PedalSpan.written(arrangement.sheet())
                .forEach(span ->
                        left.merge(score.at(span.bar(), span.down()), score.at(span.bar(), span.up()), Fraction::max));
        double beat = arrangement.sheet().meter().beatLength().toDouble();
        Map<Integer, Double> holes = new TreeMap<>();
        for (ArrangedChord chord : arrangement.chords()) {
            Fraction begin = score.at(chord.event().bar(), chord.event().start());
            Fraction end = begin.plus(chord.event().duration());
            Fraction stops = until(left, begin);
            boolean alone = stops.isBefore(end)
                    && until(above, stops).equals(stops)
                    && above.subMap(stops, end).isEmpty();
            double beats = end.minus(stops).toDouble() / beat;
            if (beats >= 1 && !stops.equals(begin) && !alone) {
                holes.put(chord.index(), beats);
            }
        }
        return holes;
    }

    /** By the time at which something is struck, how long it or anything before it sounds. */
    private static NavigableMap<Fraction, Fraction> reach(Score score, Predicate<Sound> which) {
        NavigableMap<Fraction, Fraction> reach = new TreeMap<>();
        Fraction last = Fraction.ZERO;
        for (Sound sound : score.sounds()) {
            if (which.test(sound)) {
                last = sound.to().max(last);
                reach.put(sound.from(), last);
            }
        }
        return reach;
    }

    /** Until when something sounds on without a hole. */
    private static Fraction until(NavigableMap<Fraction, Fraction> reach, Fraction from) {
        Fraction until = from;
        var next = reach.floorEntry(until);
        while (next != null && next.getValue().isAfter(until)) {
            until = next.getValue();
            next = reach.floorEntry(until);
        }
        return until;
    }
}
