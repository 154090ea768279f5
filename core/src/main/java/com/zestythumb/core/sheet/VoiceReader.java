package com.zestythumb.core.sheet;

import java.util.ArrayList;
import java.util.List;

/**
 * Lays lines of melody and of sung words under the bars of the line above them; under several lines that stand
 * together where they fill just these.
 */
final class VoiceReader {

    /** What stands between two bar lines, and where in its text. */
    private record Part(String text, int at) {}

    private record VoiceLine(boolean notes, String text, List<Part> parts, int column, int lineNumber) {}

    private final Heading heading;
    private final Problems problems;

    private final List<List<BarDraft>> lines = new ArrayList<>();
    private final List<VoiceLine> voices = new ArrayList<>();
    private List<BarDraft> met = List.of();
    private List<BarDraft> lastMelody = List.of();
    private int next;

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
    }

    /** A line of notes, bar by bar; a second one goes on where the first stopped. */
    void melody(String text, int column, int lineNumber) {
        voices.add(new VoiceLine(true, text, parts(text), column, lineNumber));
    }

    /** A line of syllables for the notes above, or of words for bars without melody. */
    void words(String text) {
        voices.add(new VoiceLine(false, text, parts(text), 1, 0));
    }

    /** Lays what was read since the last bars. */
    void finish() {
        met = above();
        lastMelody = met;
        next = 0;
        for (VoiceLine voice : voices) {
            if (voice.notes()) {
                layNotes(voice);
            } else {
                layWords(voice);
            }
        }
        voices.clear();
        lines.clear();
    }

    /** The last line of bars, or as many of those before it as the voices fill to the last bar. */
    private List<BarDraft> above() {
        List<Integer> counts = voices.stream()
                .filter(VoiceLine::notes)
                .map(line -> line.parts().size())
                .toList();
        int wanted = counts.isEmpty()
                ? voices.stream().mapToInt(line -> line.parts().size()).max().orElse(0)
                : counts.stream().mapToInt(Integer::intValue).sum();
        List<BarDraft> bars = new ArrayList<>();
        for (int i = lines.size() - 1; i >= 0 && bars.size() < wanted; i--) {
            bars.addAll(0, lines.get(i));
        }
        boolean fills = bars.size() == wanted;
        return fills || lines.isEmpty() ? bars : lines.get(lines.size() - 1);
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
        List<BarDraft> laid = new ArrayList<>();
        for (Part part : line.parts()) {
            bar(part.text(), line.column() + part.at(), line.lineNumber(), laid);
        }
        lastMelody = laid;
    }

    private void bar(String text, int column, int lineNumber, List<BarDraft> laid) {
        if (next >= met.size()) {
            problems.inLine(
                    lineNumber,
                    column,
                    Math.max(1, text.length()),
                    "there are more bars of melody than of chords above; put a bar of chords to each");
            return;
        }
        List<MelodyNote> before = next == 0 ? List.of() : met.get(next - 1).melody;
        BarDraft bar = met.get(next++);
        laid.add(bar);
        if (text.isBlank()) {
            return;
        }
        NoteReader reader = new NoteReader(text, bar.key, bar.meter, heading.unit(), false)
                .after(before)
                .read();
        String place = "bar " + (bar.index + (heading.pickup().equals(Fraction.ZERO) ? 1 : 0)) + ", melody";
        for (NoteReader.Mistake mistake : reader.mistakes()) {
            problems.at(new TextSpan(lineNumber, column + mistake.at(), mistake.length()), place, mistake.message());
        }
        List<MelodyNote> notes = BarFilling.filled(reader.notes(), bar.length);
        boolean writable = reader.notes().stream().allMatch(n -> BarFilling.isWritable(n.written()));
        boolean exact = reader.length().equals(bar.length);
        if (reader.mistakes().isEmpty() && (!exact || !writable)) {
            int indent = text.length() - text.stripLeading().length();
            problems.at(
                    new TextSpan(lineNumber, column + indent, text.strip().length()),
                    place,
                    writable
                            ? "lasts " + reader.length().toDouble() + " quarter notes and the bar "
                                    + bar.length.toDouble() + "; "
                                    + (notes == null ? "shorten a note" : "add a note or a rest z")
                            : "has a note shorter than a sixty-fourth; write it longer");
        }
        bar.melody = notes == null || !writable ? cut(reader.notes(), bar.length) : notes;
    }

    /** As many notes as fit the bar. */
    private static List<MelodyNote> cut(List<MelodyNote> notes, Fraction length) {
        List<MelodyNote> fitting = new ArrayList<>();
        for (MelodyNote note : notes) {
            if (note.end().compareTo(length) > 0 || !BarFilling.isWritable(note.written())) {
                break;
            }
            fitting.add(note);
        }
        return BarFilling.filled(fitting, length);
    }

    private void layWords(VoiceLine line) {
        List<BarDraft> bars = lastMelody;
        if (bars.stream().allMatch(bar -> bar.melody.isEmpty())) {
            List<Part> parts = line.parts();
            for (int i = 0; i < parts.size() && i < bars.size(); i++) {
                bars.get(i).words = parts.get(i).text().strip();
            }
            return;
        }
        Syllables syllables = new Syllables(line.text());
        for (BarDraft bar : bars) {
            bar.melody = syllables.under(bar.melody);
        }
    }
}
