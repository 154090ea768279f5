package com.zestythumb.core.hearing;

import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.Meter;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;

/** The places at which a chord may change, bar by bar: the counts of the meter. */
final class HarmonyGrid {

    private static final double AT_THE_BAR = 0.4;
    private static final double AT_THE_MIDDLE = 1.2;
    private static final double AT_A_BEAT = 2.2;
    private static final double OFF_THE_BEAT = 3.0;
    private static final double NOTHING_STRUCK = 2.0;
    private static final double TWO_STRUCK = 0.8;
    private static final double BLOCK_STRUCK = 0.6;
    /** Different keys that make a chord. */
    private static final int ENOUGH = 3;
    /** Enough where both are struck at once, as in shells. */
    private static final int PAIR = 2;

    private static final double THE_SAME_AGAIN = 2.0;
    private static final double ALL_NEW = 0.3;
    private static final double NEW_BASS = 0.55;
    private static final double SLOW_PACE = 1.0;
    private static final double QUICKENS = 0.95;

    /** For each place its bar, when it is, in quarter notes after the bar line, and what a change there costs. */
    final List<Integer> bars = new ArrayList<>();

    final List<Fraction> starts = new ArrayList<>();
    private final List<Double> changes = new ArrayList<>();
    private final int[] first;

    HarmonyGrid(List<SoundingBar> music, List<NoteWeights> weights) {
        first = new int[music.size() + 1];
        for (int bar = 0; bar < music.size(); bar++) {
            first[bar] = bars.size();
            lay(bar, music.get(bar), weights.get(bar).tune);
        }
        first[music.size()] = bars.size();
    }

    private void lay(int index, SoundingBar bar, boolean[] tune) {
        Meter meter = bar.meter();
        Fraction step = meter.unit() < 4 ? Fraction.of(1) : meter.countLength();
        if (!bar.length().dividedBy(step).isWhole()) {
            step = bar.length();
        }
        for (Fraction at = Fraction.ZERO; at.isBefore(bar.length()); at = at.plus(step)) {
            bars.add(index);
            starts.add(at);
            double change = at.equals(Fraction.ZERO) ? AT_THE_BAR : change(at.plus(bar.offset()), meter);
            changes.add(change * attack(bar, at) * novelty(bar, tune, at) * bass(bar, tune, at));
        }
    }

    /** A chord changes where notes are struck together sooner than where one goes on alone. */
    private static double attack(SoundingBar bar, Fraction at) {
        long struck =
                bar.notes().stream().filter(note -> note.onset().equals(at)).count();
        return struck == 0 ? NOTHING_STRUCK : struck >= 3 ? BLOCK_STRUCK : struck == 2 ? TWO_STRUCK : 1;
    }

    /** A pattern that begins anew from a lower note has another chord sooner than one that goes on above its bass. */
    private static double bass(SoundingBar bar, boolean[] tune, Fraction at) {
        int before = Integer.MAX_VALUE;
        int here = Integer.MAX_VALUE;
        for (int i = 0; i < tune.length; i++) {
            Sounding note = bar.notes().get(i);
            if (!tune[i] && note.onset().isBefore(at)) {
                before = Math.min(before, note.midi());
            } else if (!tune[i] && note.onset().equals(at)) {
                here = Math.min(here, note.midi());
            }
        }
        return before < Integer.MAX_VALUE && here < before ? NEW_BASS : 1;
    }

    /** Where the accompaniment has other notes than before a change is likelier than where it has the same again. */
    private static double novelty(SoundingBar bar, boolean[] tune, Fraction at) {
        Fraction window = at.min(bar.length().minus(at));
        if (window.equals(Fraction.ZERO)) {
            return 1;
        }
        Set<Integer> before = keys(bar, tune, at.minus(window), at);
        Set<Integer> behind = keys(bar, tune, at, at.plus(window));
        boolean pairs = isStruckTogether(bar, tune, at) && isStruckTogether(bar, tune, at.minus(window));
        int enough = pairs ? PAIR : ENOUGH;
        if (before.size() < enough || behind.size() < enough) {
            return 1;
        }
        Set<Integer> both = new HashSet<>(before);
        both.retainAll(behind);
        double alike = (double) both.size() / (before.size() + behind.size() - both.size());
        return THE_SAME_AGAIN * alike + ALL_NEW * (1 - alike);
    }

    private static boolean isStruckTogether(SoundingBar bar, boolean[] tune, Fraction at) {
        return IntStream.range(0, tune.length)
                        .filter(i -> !tune[i] && bar.notes().get(i).onset().equals(at))
                        .count()
                >= PAIR;
    }

    private static Set<Integer> keys(SoundingBar bar, boolean[] tune, Fraction from, Fraction to) {
        Set<Integer> keys = new HashSet<>();
        for (int i = 0; i < tune.length; i++) {
            Sounding note = bar.notes().get(i);
            boolean sounds = note.onset().isBefore(to) && note.end().isAfter(from);
            if (sounds && !tune[i]) {
                keys.add(note.midi() % 12);
            }
        }
        return keys;
    }

    private static double change(Fraction at, Meter meter) {
        if (at.dividedBy(meter.figureGroup()).isWhole()) {
            return AT_THE_MIDDLE;
        }
        boolean compound = meter.isCompound() && meter.count() > 3;
        Fraction middle = compound && meter.count() == 6 ? meter.beatLength() : meter.figureGroup();
        if (at.dividedBy(middle).isWhole()) {
            return AT_THE_MIDDLE;
        }
        boolean third = meter.count() == 3 && at.equals(meter.countLength().times(2));
        if (third) {
            return AT_THE_MIDDLE;
        }
        boolean beat =
                at.dividedBy(compound ? meter.beatLength() : Fraction.of(1)).isWhole() || meter.count() == 3;
        return beat ? AT_A_BEAT : OFF_THE_BEAT;
    }

    int size() {
        return bars.size();
    }

    /** The first place of a bar; that behind the last bar is the size. */
    int firstOf(int bar) {
        return first[bar];
    }

    double change(int place) {
        return changes.get(place);
    }

    /**
     * Takes the pace of the piece: where chords often change at a place of the bar, a change there costs less.
     *
     * @param odds for each place how likely a chord changes there, 0 to 1
     */
    void takePace(double[] odds) {
        Map<Fraction, double[]> paces = new HashMap<>();
        for (int place = 0; place < size(); place++) {
            double[] sum = paces.computeIfAbsent(starts.get(place), start -> new double[2]);
            sum[0] += odds[place];
            sum[1]++;
        }
        for (int place = 0; place < size(); place++) {
            double[] sum = paces.get(starts.get(place));
            boolean within = !starts.get(place).equals(Fraction.ZERO);
            changes.set(place, changes.get(place) * (within ? SLOW_PACE - QUICKENS * sum[0] / sum[1] : 1));
        }
    }
}
