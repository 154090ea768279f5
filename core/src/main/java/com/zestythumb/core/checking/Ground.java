package com.zestythumb.core.checking;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Score.Part;
import com.zestythumb.core.arrangement.Score.Sound;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Bars of the left hand that come again and again, from the first or after an introduction (a ground bass, where it is a
 * phrase; a riff, where it is a bar or two: common practice).
 *
 * @param from index of the bar with which it begins, from 0
 * @param bars how long it is
 * @param times how often it is played in a row
 */
public record Ground(int from, int bars, int times) {

    private static final int LONGEST = 16;
    /** A riff of a bar or two comes so often at least; what is longer twice. */
    private static final int OFTEN = 3;

    private static final int SHORT = 2;

    /** The one that fills most of the tune, if it fills half of it; of those the shortest. O(bars² · longest). */
    public static Optional<Ground> of(Arrangement arrangement) {
        Map<Integer, StringBuilder> struck = new HashMap<>();
        for (Sound sound : arrangement.score().sounds()) {
            if (sound.part() == Part.LEFT) {
                struck.computeIfAbsent(sound.note().bar(), bar -> new StringBuilder())
                        .append(sound.note().onset())
                        .append('@')
                        .append(sound.key())
                        .append(' ');
            }
        }
        List<String> bars = arrangement.sheet().bars().stream()
                .map(bar ->
                        struck.getOrDefault(bar.index(), new StringBuilder()).toString())
                .toList();
        Ground best = null;
        for (int length = 1; length <= LONGEST; length++) {
            for (int from = 0; from + 2 * length <= bars.size(); from++) {
                int end = from + length;
                while (end < bars.size() && bars.get(end).equals(bars.get(end - length))) {
                    end++;
                }
                int times = (end - from) / length;
                boolean often = times >= (length <= SHORT ? OFTEN : 2);
                boolean sounds = bars.subList(from, from + length).stream().noneMatch(String::isEmpty);
                boolean more = best == null || times * length > best.times * best.bars;
                if (often && sounds && more && 2 * times * length >= bars.size()) {
                    best = new Ground(from, length, times);
                }
            }
        }
        return Optional.ofNullable(best);
    }
}
