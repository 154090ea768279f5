package com.zestythumb.core.sheet;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.chord.ChordSyntaxException;
import com.zestythumb.core.chord.NumeralSymbol;
import com.zestythumb.core.pitch.NoteNames;
import com.zestythumb.core.sheet.ChordEvent.Timing;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** Reads the chords of a bar and shares it among them, by the usual way or by counts. */
final class SlotReader {

    /** Pushed, symbol, held, guess with its alternatives, how it is heard, counts. */
    private static final Pattern COUNTED = Pattern.compile(":\\d");

    private static final Pattern COUNTS = Pattern.compile(":[\\d.]*$");
    private static final Pattern OPEN = Pattern.compile("\\?(:[\\d.]+)?");
    private static final Pattern SILENCE = Pattern.compile("N\\.?C\\.?(:[\\d.]+)?");
    private static final Pattern CHORD =
            Pattern.compile("(>?)([^!?:>=]+)(!?)(\\?([^:=]*))?(?:=([^:]*))?(?::(\\d{1,2}(?:\\.5)?))?");

    private final BarDraft bar;
    private final List<Word> words;
    private final ChordEvent before;
    private final NoteNames names;
    private final String place;
    private final Problems problems;
    private boolean numerals;

    /**
     * Gets ready to read a bar.
     *
     * @param before what sounded last in the bar before, or null in the first
     * @param place how the bar is called in a problem
     */
    SlotReader(BarDraft bar, List<Word> words, ChordEvent before, NoteNames names, String place, Problems problems) {
        this.bar = bar;
        this.words = words;
        this.before = before;
        this.names = names;
        this.place = place;
        this.problems = problems;
    }

    static List<ChordEvent> silence(BarDraft bar) {
        return List.of(new ChordEvent(null, bar.index, Fraction.ZERO, bar.length));
    }

    List<ChordEvent> read() {
        boolean byCounts =
                words.stream().anyMatch(word -> COUNTED.matcher(word.text()).find());
        List<Fraction> lengths = byCounts ? counted() : evenly();
        return lengths.isEmpty() ? silence(bar) : events(lengths);
    }

    /** Whether any chord read so far is written as a numeral. */
    boolean hasNumerals() {
        return numerals;
    }

    private List<Fraction> evenly() {
        List<Fraction> shares = BarShares.of(words.size(), bar.length, bar.meter);
        if (shares.isEmpty()) {
            problems.at(
                    bar.span,
                    place,
                    words.size() + " chords are more than a bar of " + bar.meter
                            + " holds; part it in two, or take some away");
        } else if (!BarShares.isEven(words.size(), bar.length, bar.meter)) {
            problems.quietly(
                    bar.span,
                    place,
                    "its chords are taken as "
                            + shares.stream().map(this::counts).collect(Collectors.joining(" + "))
                            + " counts; hold one with / if you mean it otherwise");
        }
        return shares;
    }

    /** Each chord lasts the counts behind its colon, one count without it; the last one fills the bar. */
    private List<Fraction> counted() {
        List<Fraction> lengths = new ArrayList<>();
        Fraction sum = Fraction.ZERO;
        for (int i = 0; i < words.size(); i++) {
            String text = words.get(i).text();
            int colon = text.indexOf(':');
            Fraction length = colon >= 0
                    ? half(text.substring(colon + 1)).times(bar.meter.countLength())
                    : i == words.size() - 1 ? bar.length.minus(sum) : bar.meter.countLength();
            lengths.add(length);
            sum = sum.plus(length);
        }
        boolean fine = lengths.stream().allMatch(l -> l.times(2).isWhole() && l.isPositive());
        if (!fine || !sum.equals(bar.length)) {
            Fraction counts = bar.length.dividedBy(bar.meter.countLength());
            problems.at(
                    bar.span,
                    place,
                    "its chords last " + counts(sum) + " counts and the bar " + counts
                            + "; the numbers behind the colons must add up, in half counts at the finest, as in | C:"
                            + counts.minus(Fraction.of(1)) + " G7 |");
            return List.of();
        }
        return lengths;
    }

    private String counts(Fraction quarters) {
        double counts = quarters.dividedBy(bar.meter.countLength()).toDouble();
        return counts == Math.rint(counts) ? String.valueOf((long) counts) : String.valueOf(counts);
    }

    private static Fraction half(String number) {
        return number.matches("\\d{1,2}(\\.5)?")
                ? Fraction.of(Math.round(Double.parseDouble(number) * 2), 2)
                : Fraction.ZERO;
    }

    private List<ChordEvent> events(List<Fraction> lengths) {
        List<ChordEvent> events = new ArrayList<>();
        Fraction at = Fraction.ZERO;
        for (int i = 0; i < words.size(); i++) {
            Word word = words.get(i);
            if (word.text().equals("/") || word.text().startsWith("/:")) {
                hold(word, lengths.get(i), at, events);
            } else {
                events.add(event(word, at, lengths.get(i)));
            }
            at = at.plus(lengths.get(i));
        }
        return events;
    }

    private void hold(Word word, Fraction length, Fraction at, List<ChordEvent> events) {
        if (!events.isEmpty()) {
            events.add(events.remove(events.size() - 1).longer(length));
            return;
        }
        if (before == null) {
            problems.at(word.span(), place + ", beat 1", "/ holds a chord on, and there is none yet; write the chord");
        }
        events.add(new ChordEvent(before == null ? null : before.chord(), bar.index, at, length));
    }

    private ChordEvent event(Word word, Fraction at, Fraction length) {
        String text = word.text();
        TextSpan span = new TextSpan(
                word.line(),
                word.column(),
                COUNTS.matcher(text).replaceFirst("").length());
        if (OPEN.matcher(text).matches()) {
            return ChordEvent.unread(ChordEvent.OPEN, bar.index, at, length, span);
        }
        Matcher m = CHORD.matcher(text);
        if (SILENCE.matcher(text).matches() || !m.matches()) {
            if (!text.startsWith("N")) {
                wrong(word, at, "\"" + text + "\" is not a chord; write a chord such as C, Am, G7 or F/A");
                return ChordEvent.unread(text, bar.index, at, length, span);
            }
            return new ChordEvent(null, bar.index, at, length, Timing.PLAIN, null, null, span);
        }
        Chord chord = chord(m.group(2), word, at);
        if (chord == null) {
            return ChordEvent.unread(text, bar.index, at, length, span);
        }
        Timing touch = !m.group(1).isEmpty() ? Timing.PUSHED : !m.group(3).isEmpty() ? Timing.HELD : Timing.PLAIN;
        if (touch == Timing.PUSHED && at.equals(Fraction.ZERO) && before == null) {
            wrong(word, at, "> strikes a chord before its beat, and nothing comes before the first; take it away");
            touch = Timing.PLAIN;
        }
        Guess guess = m.group(4) == null ? null : Guess.parse(m.group(5), this::guessed);
        HeardAs heardAs = m.group(6) == null ? null : heardAs(m.group(6), word, at);
        return new ChordEvent(chord, bar.index, at, length, touch, guess, heardAs, span);
    }

    private HeardAs heardAs(String text, Word word, Fraction at) {
        Optional<HeardAs> heard = HeardAs.parse(text, names);
        if (heard.isEmpty()) {
            wrong(word, at, "\"" + text + "\" is no numeral; write how you hear the chord, as in D7=V7/V or Am=ii@G");
        }
        return heard.orElse(null);
    }

    /** Another name of a guess; a mere thought, of no weight once it cannot be read. */
    private Chord guessed(String name) {
        try {
            return Chord.parse(names.toEnglish(name));
        } catch (ChordSyntaxException e) {
            return null;
        }
    }

    private Chord chord(String symbol, Word word, Fraction at) {
        Optional<Chord> numeral = NumeralSymbol.parse(symbol, bar.key);
        if (numeral.isPresent()) {
            numerals = true;
            return numeral.get();
        }
        try {
            return Chord.parse(names.toEnglish(symbol));
        } catch (ChordSyntaxException e) {
            String hint = e.suggestions().isEmpty() ? "; write a chord such as C, Am, G7 or F/A" : "";
            wrong(word, at, e.getMessage() + hint);
            return null;
        }
    }

    private void wrong(Word word, Fraction at, String message) {
        problems.at(word.span(), place + ", beat " + bar.meter.countAt(at.plus(bar.offset)), message);
    }
}
