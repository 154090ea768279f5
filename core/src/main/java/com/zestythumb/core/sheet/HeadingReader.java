package com.zestythumb.core.sheet;

import com.zestythumb.core.chord.SymbolStyle;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.pitch.NoteNames;
import java.util.Locale;
import java.util.function.Function;
import java.util.regex.Matcher;

/** Reads the lines {@code name: value} of a chart. */
final class HeadingReader {

    private static final int MIN_TEMPO = 20;
    private static final int MAX_TEMPO = 300;

    private final Problems problems;
    private Heading heading = Heading.USUAL;
    private Matcher key;
    private int keyLine;
    private Matcher pickup;
    private int pickupLine;

    HeadingReader(Problems problems) {
        this.problems = problems;
    }

    void read(Matcher m, int line) {
        String value = m.group(2);
        switch (m.group(1).toLowerCase(Locale.ROOT)) {
            case "title" -> heading = heading.withTitle(value.isEmpty() ? heading.title() : value);
            case "composer", "lyricist", "arranger", "copyright" ->
                heading = heading.with(Credit.valueOf(m.group(1).toUpperCase(Locale.ROOT)), value);
            case "feel" -> heading = heading.withFeel(value);
            case "key" -> {
                key = m;
                keyLine = line;
            }
            case "meter", "time" -> {
                Meter meter = value(m, line, Meter::parse, null);
                heading = meter == null ? heading : heading.withMeter(meter);
            }
            case "tempo" -> heading = heading.withTempo(value(m, line, HeadingReader::tempo, heading.tempo()));
            case "unit" -> heading = heading.withUnit(value(m, line, HeadingReader::unit, heading.unit()));
            case "names" -> heading = heading.withNames(value(m, line, HeadingReader::names, heading.names()));
            case "symbols" -> heading = heading.withSymbols(value(m, line, HeadingReader::symbols, heading.symbols()));
            case "pickup" -> {
                pickup = m;
                pickupLine = line;
            }
            default ->
                problems.inLine(
                        line,
                        m.start(1) + 1,
                        m.end(1) - m.start(1),
                        "\"" + m.group(1)
                                + "\" is no heading; use title, composer, lyricist, arranger, copyright, key, meter, tempo, feel, pickup, unit, names or symbols");
        }
    }

    /** The key waits for the teacher's note names, and the pickup, told in counts, for the meter. */
    Heading finish() {
        if (key != null) {
            NoteNames names = heading.names();
            Key told = value(key, keyLine, text -> key(text, names), null);
            heading = told == null ? heading : heading.withKey(told);
        }
        if (pickup != null) {
            Meter meter = heading.meter();
            heading = heading.withPickup(value(pickup, pickupLine, text -> pickup(text, meter), Fraction.ZERO));
        }
        return heading;
    }

    private <T> T value(Matcher header, int line, Function<String, T> parser, T fallback) {
        try {
            return parser.apply(header.group(2));
        } catch (IllegalArgumentException e) {
            int length = Math.max(1, header.group(2).length());
            problems.inLine(line, header.start(2) + 1, length, e.getMessage());
            return fallback;
        }
    }

    private static int tempo(String text) {
        if (text.matches("\\d{1,4}")) {
            int bpm = Integer.parseInt(text);
            if (bpm >= MIN_TEMPO && bpm <= MAX_TEMPO) {
                return bpm;
            }
        }
        throw new IllegalArgumentException("\"" + text + "\" is not a tempo; write beats a minute, " + MIN_TEMPO
                + " to " + MAX_TEMPO + ", such as 84");
    }

    /** {@code "Es-Dur"}, {@code "h moll"} where notes have German names. */
    static Key key(String text, NoteNames names) {
        boolean small = text.matches("[a-h].*");
        String typed = small ? text.substring(0, 1).toUpperCase(Locale.ROOT) + text.substring(1) : text;
        return Key.parse(names.toEnglish(typed));
    }

    private static Fraction unit(String text) {
        return switch (text.replace(" ", "")) {
            case "1/4" -> Fraction.of(1);
            case "1/8" -> Fraction.of(1, 2);
            case "1/16" -> Fraction.of(1, 4);
            default ->
                throw new IllegalArgumentException("\"" + text + "\" is not a unit length; write 1/4, 1/8 or 1/16");
        };
    }

    private static NoteNames names(String text) {
        return switch (text.toLowerCase(Locale.ROOT)) {
            case "english" -> NoteNames.ENGLISH;
            case "german", "h" -> NoteNames.GERMAN;
            default ->
                throw new IllegalArgumentException(
                        "\"" + text + "\" are no note names; write english (B) or german (H)");
        };
    }

    private static SymbolStyle symbols(String text) {
        for (SymbolStyle style : SymbolStyle.values()) {
            if (style.name().equalsIgnoreCase(text)) {
                return style;
            }
        }
        throw new IllegalArgumentException(
                "\"" + text + "\" is no way to print chords; write letters (Cm7), words (Cmin7) or signs (C−7)");
    }

    /** Counts as quarter notes, half counts at the finest, fewer than a bar has. */
    static Fraction pickup(String text, Meter meter) {
        if (text.matches("\\d{1,2}(\\.5)?")) {
            Fraction length =
                    Fraction.of(Math.round(Double.parseDouble(text) * 2), 2).times(meter.countLength());
            boolean eighths = length.times(2).isWhole();
            if (eighths && length.isBefore(meter.barLength())) {
                return length;
            }
        }
        throw new IllegalArgumentException(
                "\"" + text + "\" is not a short bar; write its counts, fewer than " + meter.count());
    }
}
