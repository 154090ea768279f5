package com.zestythumb.core.sheet;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.chord.ChordSyntaxException;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** Reads lines of bars, one after another, into {@link Bar}s. */
final class BarReader {

    /** A bar line with its repeat signs, or a word between bar lines. */
    private static final Pattern TOKEN = Pattern.compile("(:?\\|+[:\\]]?(?:\\s*[x×](\\d+))?)|[^\\s|]+?(?=:?\\||\\s|$)");

    private static final int MAX_TIMES = 9;

    private record Word(String text, int line, int column) {}

    private final Meter meter;
    private final List<ChartProblem> problems;
    private final List<Bar> bars = new ArrayList<>();
    private final List<Word> words = new ArrayList<>();

    private String section;
    private boolean startsRepeat;
    private boolean full;

    BarReader(Meter meter, List<ChartProblem> problems) {
        this.meter = meter;
        this.problems = problems;
    }

    void beginSection(String name) {
        section = name;
    }

    void readLine(String line, int lineNumber) {
        Matcher m = TOKEN.matcher(line);
        while (m.find()) {
            if (m.group(1) == null) {
                words.add(new Word(m.group(), lineNumber, m.start() + 1));
            } else {
                readBarLine(m, lineNumber);
            }
        }
        close(1);
    }

    List<Bar> finish() {
        return bars;
    }

    private void readBarLine(Matcher m, int line) {
        String sign = m.group(1);
        int times = sign.startsWith(":") ? 2 : 1;
        if (m.group(2) != null) {
            times = m.group(2).length() > 1 ? MAX_TIMES + 1 : Integer.parseInt(m.group(2));
            if (!sign.startsWith(":") || times < 2 || times > MAX_TIMES) {
                problem(
                        line,
                        m.start() + 1,
                        sign.length(),
                        "line " + line,
                        "a count of times stands behind a repeat and is 2 to 9, as in |: C | F :| x3");
                times = 1;
            }
        }
        if (words.isEmpty() && times > 1 && !bars.isEmpty()) {
            bars.add(bars.remove(bars.size() - 1).played(times));
        } else {
            close(times);
        }
        if (sign.contains("|:") || sign.contains("||:")) {
            startsRepeat = true;
        }
    }

    private void close(int timesPlayed) {
        if (words.isEmpty()) {
            return;
        }
        if (bars.size() >= ChartReader.MAX_BARS) {
            if (!full) {
                Word w = words.get(0);
                problem(
                        w.line(),
                        w.column(),
                        1,
                        place(0),
                        "a chart holds " + ChartReader.MAX_BARS + " bars at most; put the rest into a second tune");
                full = true;
            }
            words.clear();
            return;
        }
        bars.add(new Bar(bars.size(), section, events(), startsRepeat, timesPlayed, span()));
        words.clear();
        section = null;
        startsRepeat = false;
    }

    private List<ChordEvent> events() {
        int index = bars.size();
        if (words.size() == 1 && words.get(0).text().equals("%")) {
            if (index > 0) {
                return bars.get(index - 1).events().stream()
                        .map(e -> new ChordEvent(e.chord(), index, e.start(), e.duration()))
                        .toList();
            }
            problem(words.get(0), place(0), "% repeats the bar before, and this is the first; write its chord");
            return silence(index);
        }
        if (!meter.slotCounts().contains(words.size())) {
            String counts = meter.slotCounts().stream().map(String::valueOf).collect(Collectors.joining(", "));
            TextSpan span = span();
            problem(
                    span.line(),
                    span.column(),
                    span.length(),
                    place(0),
                    "has " + words.size() + " slots; in " + meter + " a bar has " + counts
                            + ". Hold a chord with /, as in " + example());
            return silence(index);
        }
        return evenly(index);
    }

    private TextSpan span() {
        Word first = words.get(0);
        Word last = words.get(words.size() - 1);
        return new TextSpan(
                first.line(), first.column(), last.column() + last.text().length() - first.column());
    }

    private String example() {
        return switch (meter) {
            case TWO_FOUR -> "| C G7 |";
            case THREE_FOUR -> "| C / G7 |";
            case FOUR_FOUR -> "| C / / G7 |";
            case SIX_EIGHT -> "| C G7 |";
        };
    }

    private List<ChordEvent> evenly(int index) {
        Fraction slot = meter.barLength().times(Fraction.of(1, words.size()));
        List<ChordEvent> events = new ArrayList<>();
        for (int i = 0; i < words.size(); i++) {
            Fraction start = slot.times(i);
            if (words.get(i).text().equals("/") && !events.isEmpty()) {
                ChordEvent held = events.remove(events.size() - 1);
                events.add(new ChordEvent(
                        held.chord(), index, held.start(), held.duration().plus(slot)));
            } else {
                events.add(new ChordEvent(chord(words.get(i), start), index, start, slot));
            }
        }
        return events;
    }

    private Chord chord(Word word, Fraction start) {
        String text = word.text();
        if (text.equals("N.C.") || text.equals("NC")) {
            return null;
        }
        if (text.equals("/")) {
            if (bars.isEmpty()) {
                problem(word, place(1), "/ holds a chord on, and there is none yet; write the chord");
                return null;
            }
            List<ChordEvent> before = bars.get(bars.size() - 1).events();
            return before.get(before.size() - 1).chord();
        }
        try {
            return Chord.parse(text);
        } catch (ChordSyntaxException e) {
            String hint = e.suggestions().isEmpty() ? "; write a chord such as C, Am, G7 or F/A" : "";
            problem(word, place(meter.countAt(start)), e.getMessage() + hint);
            return null;
        }
    }

    private List<ChordEvent> silence(int index) {
        return List.of(new ChordEvent(null, index, Fraction.ZERO, meter.barLength()));
    }

    private String place(int beat) {
        return "bar " + (bars.size() + 1) + (beat > 0 ? ", beat " + beat : "");
    }

    private void problem(Word word, String place, String message) {
        problem(word.line(), word.column(), word.text().length(), place, message);
    }

    private void problem(int line, int column, int length, String place, String message) {
        problems.add(new ChartProblem(line, column, length, place, message));
    }
}
