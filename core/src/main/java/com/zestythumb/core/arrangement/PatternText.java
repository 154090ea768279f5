package com.zestythumb.core.arrangement;

import com.zestythumb.core.arrangement.Score.Sound;
import com.zestythumb.core.pattern.AccompanimentPattern;
import com.zestythumb.core.sheet.Fraction;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;

/** Writes what a hand strikes as the text of a {@link AccompanimentPattern}, its keys counted from the lowest: {@code "by bar 1/8 1 3 2 3"}. */
final class PatternText {

    private static final int MOST_PLACES = 8;
    private static final String[] VALUES = {"1/2", "1/4", "1/8", "1/8t", "1/16", "1/16t", "1/32"};
    private static final Fraction[] LENGTHS = {
        Fraction.of(2),
        Fraction.of(1),
        Fraction.of(1, 2),
        Fraction.of(1, 3),
        Fraction.of(1, 4),
        Fraction.of(1, 6),
        Fraction.of(1, 8)
    };

    private PatternText() {}

    /** The text, with a voice for each of the hand's; empty where it has no text. */
    static String of(List<HandStroke> strokes) {
        Map<Integer, Map<Fraction, List<Sound>>> voices = new TreeMap<>();
        TreeSet<Integer> keys = new TreeSet<>();
        for (HandStroke stroke : strokes) {
            keys.addAll(stroke.keys());
            stroke.sounds()
                    .forEach(sound -> voices.computeIfAbsent(sound.note().voice(), voice -> new TreeMap<>())
                            .computeIfAbsent(stroke.onset(), onset -> new ArrayList<>())
                            .add(sound));
        }
        List<Integer> order = List.copyOf(keys);
        boolean early = strokes.get(0).onset().isBefore(Fraction.ZERO);
        for (int value = 0; value < VALUES.length && !early && order.size() <= MOST_PLACES; value++) {
            Fraction unit = LENGTHS[value];
            if (voices.values().stream().allMatch(voice -> isIn(voice, unit))) {
                return "by bar " + VALUES[value] + " "
                        + voices.values().stream()
                                .map(voice -> line(voice, unit, order))
                                .collect(Collectors.joining(" / "));
            }
        }
        return "";
    }

    private static boolean isIn(Map<Fraction, List<Sound>> voice, Fraction unit) {
        return voice.entrySet().stream()
                .allMatch(stroke -> stroke.getKey().dividedBy(unit).isWhole()
                        && stroke.getValue()
                                .get(0)
                                .note()
                                .duration()
                                .dividedBy(unit)
                                .isWhole());
    }

    private static String line(Map<Fraction, List<Sound>> voice, Fraction unit, List<Integer> order) {
        StringBuilder line = new StringBuilder();
        Fraction at = Fraction.ZERO;
        for (Map.Entry<Fraction, List<Sound>> stroke : voice.entrySet()) {
            add(line, "rest", stroke.getKey().minus(at), unit);
            String places = stroke.getValue().stream()
                    .map(sound -> String.valueOf(order.indexOf(sound.key()) + 1))
                    .collect(Collectors.joining("+"));
            add(line, places, stroke.getValue().get(0).note().duration(), unit);
            at = stroke.getKey().plus(stroke.getValue().get(0).note().duration());
        }
        return line.toString();
    }

    private static void add(StringBuilder line, String places, Fraction length, Fraction unit) {
        long times = length.dividedBy(unit).floor();
        if (times > 0) {
            line.append(line.isEmpty() ? "" : " ").append(places).append(times > 1 ? "*" + times : "");
        }
    }
}
