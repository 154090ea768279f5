package com.zestythumb.core.pattern;

import com.zestythumb.core.pattern.MeterVariant.Beat;
import com.zestythumb.core.pattern.MeterVariant.Voice;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.Meter;
import com.zestythumb.core.sheet.Touch;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.regex.Matcher;

/** Reads the text form of a {@link AccompanimentPattern}. */
final class PatternReader {

    private static final java.util.regex.Pattern HEAD =
            java.util.regex.Pattern.compile("(?:(?<meters>[^:]+):)? ?(?:by (?<group>beat|half|bar)\\b)? ?"
                    + "(?<value>count|1/(?:1|2|4|8|16|32)t?) (?<voices>.+)");
    private static final java.util.regex.Pattern VOICE =
            java.util.regex.Pattern.compile("([^()]*)(?:\\(([^()]+)\\))?\\s*");
    private static final java.util.regex.Pattern STROKE = java.util.regex.Pattern.compile(
            "(?<roles>[a-z0-9+]+)(?<length>\\*(?<times>[1-9]\\d?)?)?(?<touch>\\.)?(?<other>>)?");
    private static final Fraction TWO_THIRDS = Fraction.of(2, 3);

    private PatternReader() {}

    /** Throws with place and remedy where the text says no pattern. */
    static List<MeterVariant> read(String text) {
        if (text.isBlank()) {
            throw new IllegalArgumentException("a pattern needs strokes; write for example 1/8 bass (top inner)");
        }
        return Arrays.stream(text.split("\\|")).map(PatternReader::pattern).toList();
    }

    private static MeterVariant pattern(String text) {
        // One blank is as good as many, and none is looked at in three ways.
        Matcher head = HEAD.matcher(text.strip().replaceAll("\\s+", " "));
        if (!head.matches()) {
            throw new IllegalArgumentException("\"" + text.strip()
                    + "\" is no pattern; write a note value and then the strokes: 1/8 bass (top inner)");
        }
        List<Voice> voices = Arrays.stream(head.group("voices").split(" / "))
                .map(voice -> voice(voice, head.group("value")))
                .toList();
        return new MeterVariant(meters(head.group("meters")), group(head.group("group")), voices);
    }

    private static Predicate<Meter> meters(String text) {
        if (text == null) {
            return meter -> true;
        }
        return switch (text.strip()) {
            case "compound" -> Meter::isCompound;
            case "simple" -> meter -> !meter.isCompound();
            default -> {
                List<Meter> named =
                        Arrays.stream(text.split(",")).map(Meter::parse).toList();
                yield meter -> named.stream().anyMatch(meter::countsAs);
            }
        };
    }

    private static Function<Meter, Fraction> group(String text) {
        if (text == null) {
            return Meter::figureGroup;
        }
        return switch (text) {
            case "beat" -> Meter::beatLength;
            case "half" -> meter -> meter.barLength().dividedBy(Fraction.of(2));
            default -> Meter::barLength;
        };
    }

    private static Voice voice(String text, String value) {
        Matcher m = VOICE.matcher(text);
        if (!m.matches()) {
            throw new IllegalArgumentException(
                    "\"" + text.strip() + "\": what comes again stands in brackets, once, at the end of a voice");
        }
        List<Beat> once = beats(m.group(1), value);
        // Without brackets all of it comes again.
        Voice voice = m.group(2) == null ? new Voice(List.of(), once) : new Voice(once, beats(m.group(2), value));
        if (voice.at(0) == null) {
            throw new IllegalArgumentException("a voice has at least one stroke, if only a rest");
        }
        return voice;
    }

    private static List<Beat> beats(String text, String value) {
        List<Beat> beats = new ArrayList<>();
        for (String word : text.strip().split("\\s+")) {
            if (!word.isEmpty()) {
                beats.add(beat(word, value));
            }
        }
        return beats;
    }

    private static Beat beat(String word, String value) {
        Matcher m = STROKE.matcher(word);
        if (!m.matches()) {
            throw new IllegalArgumentException("\"" + word
                    + "\" is no stroke; write a place, how many values it lasts and a dot where it is short: upper*2.");
        }
        List<StrokeTarget> roles = Arrays.stream(m.group("roles").split("\\+"))
                .map(StrokeTarget::parse)
                .toList();
        Touch touch = m.group("touch") == null ? Touch.PLAIN : Touch.SHORT;
        boolean held = m.group("length") != null && m.group("times") == null;
        int times = m.group("times") == null ? 1 : Integer.parseInt(m.group("times"));
        boolean triplet = isTriplet(value);
        boolean other = m.group("other") != null;
        return meter -> new Stroke(roles, held ? null : length(value, meter).times(times), triplet, touch, other);
    }

    private static boolean isTriplet(String value) {
        return value.startsWith("1/") && value.endsWith("t");
    }

    private static Fraction length(String value, Meter meter) {
        if (value.equals("count")) {
            return meter.countLength();
        }
        String number = value.substring(2);
        boolean triplet = isTriplet(value);
        Fraction plain = Fraction.of(4, Long.parseLong(triplet ? number.substring(0, number.length() - 1) : number));
        return triplet ? plain.times(TWO_THIRDS) : plain;
    }
}
