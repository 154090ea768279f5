package com.zestythumb.core.sheet;

import java.util.ArrayList;
import java.util.List;

/**
 * Lays lines of melody, of the left hand and of sung words under the bars of the line above them; under several lines that stand
 * together where they fill just these.
 */
final class VoiceReader {

    /** What stands between two bar lines, and where in its text. */
    private record Part(String text, int at) {}

    private record VoiceLine(char kind, String text, List<Part> parts, int column, int lineNumber) {}

    static final char MELODY = 'm';
    static final char LEFT = 'l';
    private static final char WORDS = 'w';
    private static final int MOST_VOICES = 3;

    private final Heading heading;
    private final Problems problems;

    /** Every bar until here. */
    private final List<BarDraft> all = new ArrayList<>();

    private final List<List<BarDraft>> lines = new ArrayList<>();
    private final List<VoiceLine> voices = new ArrayList<>();
    private List<BarDraft> met = List.of();
    private List<BarDraft> lastMelody = List.of();
    private int next;
    private int nextLeft;
    /** Lines of words since the last of the tune. */
    private int verse;

    VoiceReader(Heading heading, Problems problems) {
        this.heading = heading;
        this.problems = problems;
    }

    /** The next lines belong to these bars. */
    void under(List<BarDraft> bars) {
        if (!voices.isEmpty()) {
            finish();
        }
        lines.add(bars);
        all.addAll(bars);
    }

    /**
     * A line of notes, bar by bar, of which a second one goes on where the first stopped; or of syllables for the notes of
     * the tune above, or of words for bars without it.
     */
    void line(char kind, String text, int column, int lineNumber) {
        voices.add(new VoiceLine(kind, text, parts(text), column, lineNumber));
    }

    /** Lays what was read since the last bars. */
    void finish() {
        met = above();
        lastMelody = met;
        next = 0;
        nextLeft = 0;
        verse = 0;
        for (VoiceLine voice : voices) {
            if (voice.kind() == WORDS) {
                layWords(voice);
            } else {
                layNotes(voice);
            }
        }
        voices.clear();
        lines.clear();
    }

    /** The last line of bars, or as many of those before it as the voices fill to the last bar. */
    private List<BarDraft> above() {
        int wanted = Math.max(bars(MELODY), bars(LEFT));
        if (wanted == 0) {
            wanted = voices.stream().mapToInt(line -> line.parts().size()).max().orElse(0);
        }
        List<BarDraft> bars = new ArrayList<>();
        for (int i = lines.size() - 1; i >= 0 && bars.size() < wanted; i--) {
            bars.addAll(0, lines.get(i));
        }
        boolean fills = bars.size() == wanted;
        return fills || lines.isEmpty() ? bars : lines.get(lines.size() - 1);
    }

    private int bars(char kind) {
        return voices.stream()
                .filter(line -> line.kind() == kind)
                .mapToInt(line -> line.parts().size())
                .sum();
    }

    /** Parts between bar lines; none before a leading one, none behind the last. */
    private static List<Part> parts(String text) {
        List<Part> parts = new ArrayList<>();
        int from = 0;
        for (int i = 0; i <= text.length(); i++) {
            if (i == text.length() || text.charAt(i) == '|') {
                String part = text.substring(from, i);
                boolean outside = from == 0 || i == text.length();
                if (!part.isBlank() || !outside) {
                    parts.add(new Part(part, from));
                }
                from = i + 1;
            }
        }
        return parts;
    }

    /** How many bars a line of notes has. */
    static int bars(String text) {
        return parts(text).size();
    }

    private void layNotes(VoiceLine line) {
        boolean left = line.kind() == LEFT;
        List<BarDraft> laid = new ArrayList<>();
        for (Part part : line.parts()) {
            int column = line.column() + part.at();
            int at = left ? nextLeft++ : next++;
            if (at >= met.size()) {
                problems.inLine(
                        line.lineNumber(),
                        column,
                        Math.max(1, part.text().length()),
                        "there are more bars of " + (left ? "the left hand" : "melody")
                                + " than of chords above; put a bar of chords to each");
                break;
            }
            BarDraft bar = met.get(at);
            laid.add(bar);
            if (!part.text().isBlank()) {
                // A tie goes over the end of a line too.
                BarDraft before = bar.index == 0 ? null : all.get(bar.index - 1);
                if (left) {
                    bar.left = read(part, column, line, bar, before == null ? List.of() : before.left);
                } else {
                    bar.upper = read(part, column, line, bar, before == null ? List.of() : before.upper);
                }
            }
        }
        if (!left) {
            lastMelody = laid;
            verse = 0;
        }
    }

    /** The voices of a bar, each filling it. */
    private List<List<SheetNote>> read(
            Part part, int column, VoiceLine line, BarDraft bar, List<List<SheetNote>> before) {
        String text = part.text();
        NoteReader reader = new NoteReader(text, bar.key, bar.meter, heading.unit(), false)
                .after(before.stream().flatMap(List::stream).toList())
                .read();
        String place = "bar " + number(bar) + (line.kind() == MELODY ? ", melody" : ", left hand");
        int indent = text.length() - text.stripLeading().length();
        TextSpan whole =
                new TextSpan(line.lineNumber(), column + indent, text.strip().length());
        for (NoteReader.Mistake mistake : reader.mistakes()) {
            problems.at(
                    new TextSpan(line.lineNumber(), column + mistake.at(), mistake.length()), place, mistake.message());
        }
        List<List<SheetNote>> voices = reader.voices();
        if (voices.size() > MOST_VOICES) {
            problems.at(whole, place, "a hand has " + MOST_VOICES + " voices at most; join what moves together in [ ]");
        }
        List<List<SheetNote>> laid = new ArrayList<>();
        boolean told = !reader.mistakes().isEmpty();
        for (List<SheetNote> voice : voices.subList(0, Math.min(MOST_VOICES, voices.size()))) {
            List<SheetNote> filled = BarFilling.filled(voice, bar.length);
            boolean writable = voice.stream().allMatch(note -> BarFilling.isWritable(note.written()));
            Fraction length = NoteLine.length(voice);
            if (!told && (!length.equals(bar.length) || !writable)) {
                told = true;
                problems.at(
                        whole,
                        place,
                        writable
                                ? "lasts " + length.toDouble() + " quarter notes and the bar "
                                        + bar.length.toDouble() + "; "
                                        + (filled == null
                                                ? "shorten a note"
                                                : "add a note or a rest z"
                                                        + (voices.size() == 1 ? asShort(length, bar.meter) : ""))
                                : "has a note shorter than a sixty-fourth; write it longer");
            }
            laid.add(filled == null || !writable ? cut(voice, bar.length) : filled);
        }
        return laid;
    }

    /** As many notes as fit the bar. */
    /** A bar is as short as it is said to be. */
    private static String asShort(Fraction length, Meter meter) {
        Fraction halves = length.dividedBy(meter.countLength()).times(Fraction.of(2));
        return halves.isWhole() && halves.isPositive()
                ? ", or write {short " + ChartWriter.counts(length, meter)
                        + "} before its chords if it is to be so short"
                : "";
    }

    private static List<SheetNote> cut(List<SheetNote> notes, Fraction length) {
        List<SheetNote> fitting = new ArrayList<>();
        for (SheetNote note : notes) {
            if (note.end().isAfter(length) || !BarFilling.isWritable(note.written())) {
                break;
            }
            fitting.add(note);
        }
        return BarFilling.filled(fitting, length);
    }

    private void layWords(VoiceLine line) {
        if (verse >= Syllables.MOST_VERSES) {
            String said = "there are " + Syllables.MOST_VERSES + " verses at most; put the others behind # as remarks";
            problems.inLine(
                    line.lineNumber(), line.column(), Math.max(1, line.text().length()), said);
            return;
        }
        List<BarDraft> bars = lastMelody;
        if (bars.stream().allMatch(bar -> bar.upper.isEmpty())) {
            layWordsAlone(line, bars);
            return;
        }
        Syllables syllables = new Syllables(line.text(), verse);
        for (int i = 0; i < bars.size(); i++) {
            BarDraft bar = bars.get(i);
            if (!bar.upper.isEmpty()) {
                List<SheetNote> voice = bar.upper.get(0);
                List<SheetNote> sung = syllables.under(SheetNote.highest(voice));
                List<List<SheetNote>> upper = new ArrayList<>(bar.upper);
                upper.set(0, SheetNote.merged(sung, voice));
                bar.upper = upper;
                tell(line, bar, syllables, i == bars.size() - 1);
            }
        }
        verse++;
    }

    private void tell(VoiceLine line, BarDraft bar, Syllables syllables, boolean last) {
        String text = line.text();
        int indent = text.length() - text.stripLeading().length();
        TextSpan whole = new TextSpan(
                line.lineNumber(), line.column() + indent, text.strip().length());
        String trouble = syllables.trouble(last);
        String lack = syllables.lack(last);
        if (!trouble.isEmpty()) {
            problems.at(whole, "bar " + number(bar) + ", words", trouble);
        } else if (!lack.isEmpty()) {
            problems.quietly(whole, "bar " + number(bar) + ", words", lack);
        }
    }

    /** Words of bars without a tune: a line for each verse. */
    private void layWordsAlone(VoiceLine line, List<BarDraft> bars) {
        List<Part> parts = line.parts();
        for (int i = 0; i < parts.size() && i < bars.size(); i++) {
            String words = parts.get(i).text().strip();
            String sung = words.equals(Syllables.NONE) ? "" : words;
            bars.get(i).words = verse == 0 ? sung : bars.get(i).words + "\n" + sung;
        }
        verse++;
    }

    private int number(BarDraft bar) {
        return bar.index + (heading.pickup().equals(Fraction.ZERO) ? 1 : 0);
    }
}
