package com.zestythumb.core.sheet;

import com.zestythumb.core.pitch.Key;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads lines of bars, one after another, into drafts of {@link Bar}s. */
final class BarReader {

    /** A bar line with its repeat signs and ending, a note in quotes, a direction in braces, or a word. */
    private static final Pattern TOKEN =
            Pattern.compile("(:?\\|+[:\\]]?(?:\\s*[x×](\\d+)|(\\d(?:[,\\-]\\d)*)(?=[\\s{\"]|$))?)"
                    + "|\"([^\"]*)\"?|\\{([^}]*)}?|[^\\s|\"{]+?(?=:?\\||\\s|\"|\\{|$)");

    private static final int MAX_TIMES = 9;

    private final Heading heading;
    private final Problems problems;
    private final List<BarDraft> bars = new ArrayList<>();
    private final List<Word> words = new ArrayList<>();
    private final List<String> notes = new ArrayList<>();
    private final List<Mark> marks = new ArrayList<>();

    private Key key;
    private Meter meter;
    private String section;
    private List<String> remarks = new ArrayList<>();
    private List<Integer> ending = List.of();
    private boolean startsRepeat;
    private boolean full;
    private String lastSign = "";
    private boolean numerals;
    private Fraction shortLength;
    private boolean shortIsPickup;

    BarReader(Heading heading, Problems problems) {
        this.heading = heading;
        this.problems = problems;
        this.key = heading.key();
        this.meter = heading.meter();
    }

    void beginSection(String name) {
        section = name;
    }

    void remark(String line) {
        remarks.add(line);
    }

    /** Reads a line; gives the bars it holds. */
    List<BarDraft> readLine(String line, int lineNumber) {
        int first = bars.size();
        lastSign = "";
        Matcher m = TOKEN.matcher(line);
        while (m.find()) {
            if (m.group(1) != null) {
                readBarLine(m, lineNumber);
            } else if (m.group(4) != null) {
                notes.add(m.group(4).strip());
            } else if (m.group(5) != null) {
                readDirection(m, lineNumber);
            } else {
                words.add(new Word(m.group(), lineNumber, m.start() + 1));
            }
        }
        close(1);
        closeWithMarks();
        return List.copyOf(bars.subList(Math.min(first, bars.size()), bars.size()));
    }

    /** The bars with their numbers: a pickup completes the bar before it and has its number, 0 at the beginning. */
    List<Bar> finish() {
        List<Bar> finished = new ArrayList<>();
        int number = 0;
        for (BarDraft draft : bars) {
            number += draft.isPickup() ? 0 : 1;
            finished.add(draft.bar(number));
        }
        return finished;
    }

    /** Whether any chord is written as a numeral. */
    boolean hasNumerals() {
        return numerals;
    }

    List<String> remarksLeft() {
        return remarks;
    }

    private boolean hasPickup() {
        return heading.pickup().isPositive();
    }

    private void readBarLine(Matcher m, int line) {
        String sign = m.group(1);
        int times = sign.startsWith(":") ? 2 : 1;
        if (m.group(2) != null) {
            times = m.group(2).length() > 1 ? MAX_TIMES + 1 : Integer.parseInt(m.group(2));
            if (!sign.startsWith(":") || times < 2 || times > MAX_TIMES) {
                problems.inLine(
                        line,
                        m.start() + 1,
                        sign.length(),
                        "a count of times stands behind a repeat and is 2 to 9, as in |: C | F :| x3");
                times = 1;
            }
        }
        if (words.isEmpty() && sign.equals("|") && lastSign.equals("|") && !notesWait()) {
            // A blank between two bar lines is a bar left open.
            words.add(new Word(ChordEvent.OPEN, line, m.start() + 1));
        }
        lastSign = sign;
        closeWithMarks();
        if (words.isEmpty() && times > 1 && !bars.isEmpty()) {
            bars.get(bars.size() - 1).timesPlayed = times;
        } else {
            close(times);
        }
        if (sign.startsWith("||") && !sign.contains(":") && !bars.isEmpty()) {
            bars.get(bars.size() - 1).endsDouble = true;
        }
        if (sign.contains("|:")) {
            startsRepeat = true;
        }
        if (m.group(3) != null) {
            ending = numbers(m.group(3));
        }
    }

    /** What is read at the end of a bar and stands alone between two bar lines, or behind the last, belongs to the bar before. */
    private void closeWithMarks() {
        if (words.isEmpty() && !bars.isEmpty()) {
            BarDraft last = bars.get(bars.size() - 1);
            marks.stream().filter(Mark::isAtEnd).forEach(last.marks::add);
            marks.removeIf(Mark::isAtEnd);
        }
    }

    /** Whether words of the bar to come stand behind the last bar line. */
    private boolean notesWait() {
        return !notes.isEmpty() || !marks.isEmpty();
    }

    /** {@code "1,3"} or {@code "1-3"}. */
    private static List<Integer> numbers(String text) {
        List<Integer> numbers = new ArrayList<>();
        for (String part : text.split(",")) {
            int from = part.charAt(0) - '0';
            int to = part.charAt(part.length() - 1) - '0';
            for (int i = Math.max(1, from); i <= to; i++) {
                numbers.add(i);
            }
        }
        return numbers;
    }

    private void readDirection(Matcher m, int line) {
        String text = m.group(5).strip();
        try {
            if (text.startsWith("key")) {
                key = HeadingReader.key(text.replaceFirst("key\\s*:?\\s*", ""), heading.names());
            } else if (text.startsWith("meter")) {
                meter = Meter.parse(text.replaceFirst("meter\\s*:?", ""));
            } else if (text.matches("(pickup|short)\\b.*")) {
                shortLength = HeadingReader.pickup(text.replaceFirst("\\w+\\s*:?\\s*", ""), meter);
                shortIsPickup = text.startsWith("pickup");
            } else {
                Mark mark = Mark.parse(text)
                        .orElseThrow(
                                () -> new IllegalArgumentException(
                                        "\"" + text
                                                + "\" is no direction; write {key G}, {meter 3/4}, {pickup 1}, {short 3}, {segno}, {coda}, {to coda}, {fine}, {D.C. al Fine}, {p}, {mf} or the like"));
                marks.add(mark);
            }
        } catch (IllegalArgumentException e) {
            problems.inLine(line, m.start() + 1, m.group().length(), e.getMessage());
        }
    }

    private void close(int timesPlayed) {
        if (words.isEmpty()) {
            return;
        }
        boolean twoBars = words.size() == 1 && words.get(0).text().equals("%%");
        if (bars.size() + (twoBars ? 2 : 1) > ChartReader.MAX_BARS) {
            tooLong();
            return;
        }
        BarDraft bar = draft();
        boolean repeats = words.size() == 1 && words.get(0).text().matches("%%?");
        if (repeats) {
            repeat(bar, timesPlayed, twoBars ? 2 : 1);
        } else {
            SlotReader reader = new SlotReader(bar, words, lastEvent(), heading.names(), place(), problems);
            bar.events = reader.read();
            numerals |= reader.hasNumerals();
            bar.timesPlayed = timesPlayed;
            bars.add(bar);
        }
        words.clear();
    }

    private void tooLong() {
        if (!full) {
            problems.at(
                    words.get(0).span(),
                    place(),
                    "a chart holds " + ChartReader.MAX_BARS + " bars at most; put the rest into a second tune");
            full = true;
        }
        words.clear();
    }

    private BarDraft draft() {
        boolean first = bars.isEmpty() && hasPickup();
        Fraction length = shortLength != null ? shortLength : first ? heading.pickup() : meter.barLength();
        boolean pickup = shortLength != null ? shortIsPickup : first;
        BarDraft bar = new BarDraft(bars.size(), key, meter, length, pickup, span());
        shortLength = null;
        bar.section = section;
        bar.startsRepeat = startsRepeat;
        bar.ending = ending;
        bar.remarks = remarks;
        bar.marks.addAll(marks);
        bar.notes.addAll(notes);
        section = null;
        startsRepeat = false;
        ending = List.of();
        remarks = new ArrayList<>();
        marks.clear();
        notes.clear();
        return bar;
    }

    /** {@code %} is the bar before once more, {@code %%} the two bars before. */
    private void repeat(BarDraft first, int timesPlayed, int count) {
        int from = bars.size() - count;
        boolean fits = from >= 0 && bars.get(from).length.equals(first.length);
        if (!fits) {
            String what = count == 1
                    ? "% repeats the bar before, and this is the first"
                    : "%% repeats the two bars before, and there are not two";
            problems.at(words.get(0).span(), place(), what + " of this length; write its chord");
        }
        for (int i = 0; i < count; i++) {
            BarDraft bar = i == 0 ? first : new BarDraft(bars.size(), key, meter, meter.barLength(), false, first.span);
            int index = bars.size();
            bar.shorthand = i == 0 ? words.get(0).text() : "";
            bar.events = fits
                    ? bars.get(from + i).events.stream()
                            .map(e -> e.inBar(index))
                            .toList()
                    : SlotReader.silence(bar);
            bar.timesPlayed = i == count - 1 ? timesPlayed : 1;
            bars.add(bar);
            if (bar != first) {
                first.marks.stream().filter(Mark::isAtEnd).forEach(bar.marks::add);
                first.marks.removeIf(Mark::isAtEnd);
            }
        }
    }

    private ChordEvent lastEvent() {
        if (bars.isEmpty()) {
            return null;
        }
        List<ChordEvent> events = bars.get(bars.size() - 1).events;
        return events.get(events.size() - 1);
    }

    private TextSpan span() {
        Word first = words.get(0);
        Word last = words.get(words.size() - 1);
        return new TextSpan(
                first.line(), first.column(), last.column() + last.text().length() - first.column());
    }

    private String place() {
        long pickups = bars.stream().filter(BarDraft::isPickup).count();
        boolean pickup = bars.isEmpty() && hasPickup();
        return "bar " + (bars.size() + (pickup ? 0 : 1) - pickups);
    }
}
