package com.zestythumb.core.sheet;

import com.zestythumb.core.pitch.Key;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads a chart line by line: headers, section names, remarks; lines of bars go to {@link BarReader}. */
final class ChartReader {

    static final int MAX_BARS = 1000;

    private static final Pattern HEADER = Pattern.compile("\\s*([A-Za-z]+)\\s*:\\s*(.*?)\\s*");
    private static final Pattern SECTION = Pattern.compile("\\s*\\[(.+)]\\s*");
    private static final int MIN_TEMPO = 20;
    private static final int MAX_TEMPO = 300;

    private final String[] lines;
    private final List<ChartProblem> problems = new ArrayList<>();

    private String title = "Untitled";
    private Key key = Key.parse("C major");
    private Meter meter = Meter.FOUR_FOUR;
    private int tempo = 80;
    private int lineNumber;

    ChartReader(String text) {
        lines = text.split("\\R", -1);
    }

    Chart read() {
        // Headers may stand anywhere, and the bars need the meter: so they are all read first.
        eachLine(this::readHeader);
        BarReader bars = new BarReader(meter, problems);
        eachLine(line -> readMusic(line, bars));
        problems.sort((a, b) -> Integer.compare(a.line(), b.line()));
        return new Chart(new LeadSheet(title, key, meter, tempo, bars.finish()), problems);
    }

    private void eachLine(java.util.function.Consumer<String> use) {
        for (lineNumber = 1; lineNumber <= lines.length; lineNumber++) {
            String line = lines[lineNumber - 1];
            if (!line.isBlank() && !line.stripLeading().startsWith("#")) {
                use.accept(line);
            }
        }
    }

    private void readHeader(String line) {
        Matcher m = HEADER.matcher(line);
        if (!m.matches()) {
            return;
        }
        String value = m.group(2);
        switch (m.group(1).toLowerCase(Locale.ROOT)) {
            case "title" -> title = value.isEmpty() ? title : value;
            case "key" -> key = value(m, Key::parse, key);
            case "meter", "time" -> meter = value(m, Meter::parse, meter);
            case "tempo" -> tempo = value(m, ChartReader::parseTempo, tempo);
            case "composer", "feel" -> {
                // Kept in the text; nothing is computed from them.
            }
            default ->
                problem(
                        m.start(1),
                        m.end(1) - m.start(1),
                        "\"" + m.group(1) + "\" is no heading; use title, key, meter or tempo");
        }
    }

    private <T> T value(Matcher header, Function<String, T> parser, T fallback) {
        try {
            return parser.apply(header.group(2));
        } catch (IllegalArgumentException e) {
            problem(header.start(2), Math.max(1, header.group(2).length()), e.getMessage());
            return fallback;
        }
    }

    private static int parseTempo(String text) {
        if (text.matches("\\d{1,4}")) {
            int bpm = Integer.parseInt(text);
            if (bpm >= MIN_TEMPO && bpm <= MAX_TEMPO) {
                return bpm;
            }
        }
        throw new IllegalArgumentException("\"" + text + "\" is not a tempo; write beats a minute, " + MIN_TEMPO
                + " to " + MAX_TEMPO + ", such as 84");
    }

    private void readMusic(String line, BarReader bars) {
        if (HEADER.matcher(line).matches()) {
            return;
        }
        Matcher section = SECTION.matcher(line);
        if (section.matches()) {
            bars.beginSection(section.group(1).strip());
        } else if (line.stripLeading().startsWith("|")) {
            bars.readLine(line, lineNumber);
        } else {
            int indent = line.length() - line.stripLeading().length();
            problem(
                    indent,
                    line.strip().length(),
                    "a line of bars begins with |, as in | C | F | G7 | C |; a section name stands in [ ]");
        }
    }

    private void problem(int column, int length, String message) {
        problems.add(new ChartProblem(lineNumber, column + 1, length, "line " + lineNumber, message));
    }
}
