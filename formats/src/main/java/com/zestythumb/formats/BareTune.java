package com.zestythumb.formats;

import com.zestythumb.core.hearing.Sounding;
import com.zestythumb.core.sheet.Fraction;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Tells a tune without harmony under it from music that has some: a tune is one note at a time, and no broken chords,
 * which leap in even notes (common practice).
 */
final class BareTune {

    private static final int STEP = 2;
    private static final double BROKEN = 0.65;
    private static final double EVEN = 0.8;

    private BareTune() {}

    /** Most of what lies in the left hand's staff, or lower than tunes do, is no tune: it is a bass, and tells roots. */
    private static boolean isBass(List<BroughtBar> bars) {
        long sounding = bars.stream().mapToInt(bar -> bar.sounding.size()).sum();
        long sung = bars.stream()
                .flatMap(bar -> bar.melody.stream())
                .filter(note -> !note.isRest())
                .count();
        return 2 * sung < sounding;
    }

    static boolean isOne(List<BroughtBar> bars) {
        if (isBass(bars)) {
            return false;
        }
        int leaps = 0;
        int moves = 0;
        Map<Fraction, Integer> lengths = new HashMap<>();
        Sounding last = null;
        for (BroughtBar bar : bars) {
            List<Sounding> notes = new ArrayList<>(bar.sounding);
            notes.sort(Comparator.comparing(Sounding::onset));
            Fraction end = Fraction.ZERO;
            for (Sounding note : notes) {
                if (note.onset().isBefore(end)) {
                    return false;
                }
                end = note.onset().plus(note.duration());
                if (last != null && last.midi() != note.midi()) {
                    moves++;
                    leaps += Math.abs(note.midi() - last.midi()) > STEP ? 1 : 0;
                }
                lengths.merge(note.duration(), 1, Integer::sum);
                last = note;
            }
        }
        int all = lengths.values().stream().mapToInt(Integer::intValue).sum();
        int usual = lengths.values().stream().mapToInt(Integer::intValue).max().orElse(0);
        boolean broken = leaps > BROKEN * moves && usual > EVEN * all;
        return all > 0 && !broken;
    }
}
