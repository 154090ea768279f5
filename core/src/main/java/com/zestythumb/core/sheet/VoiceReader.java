package com.zestythumb.core.sheet;

import java.util.ArrayList;
import java.util.List;

/** Lays lines of melody and of sung words under the bars of the line above them. */
final class VoiceReader {

    private final Heading heading;
    private final Problems problems;

    private List<BarDraft> line = List.of();
    private List<BarDraft> lastMelody = List.of();
    private int next;

    VoiceReader(Heading heading, Problems problems) {
        this.heading = heading;
        this.problems = problems;
    }

    /** The next lines belong to these bars. */
    void under(List<BarDraft> bars) {
        line = bars;
        lastMelody = bars;
        next = 0;
    }

    /** A line of notes, bar by bar; a second one goes on where the first stopped. */
    void melody(String text, int column, int lineNumber) {
        List<BarDraft> met = new ArrayList<>();
        int at = 0;
        for (String part : split(text)) {
            if (!part.isBlank() || at > 0 || met.isEmpty() && text.startsWith("|")) {
                boolean leading = part.isBlank() && at == 0;
                if (!leading && !isTrailing(part, at, text)) {
                    bar(part, column + at, lineNumber, met);
                }
            }
            at += part.length() + 1;
        }
        lastMelody = met;
    }

    private static boolean isTrailing(String part, int at, String text) {
        return part.isBlank() && at + part.length() >= text.length();
    }

    /** Parts between bar lines; bar lines in quotes do not occur in notes. */
    private static List<String> split(String text) {
        List<String> parts = new ArrayList<>();
        int from = 0;
        for (int i = 0; i <= text.length(); i++) {
            if (i == text.length() || text.charAt(i) == '|') {
                parts.add(text.substring(from, i));
                from = i + 1;
            }
        }
        return parts;
    }

    private void bar(String text, int column, int lineNumber, List<BarDraft> met) {
        if (next >= line.size()) {
            problems.inLine(
                    lineNumber,
                    column,
                    Math.max(1, text.length()),
                    "there are more bars of melody than of chords above; put a bar of chords to each");
            return;
        }
        BarDraft bar = line.get(next++);
        met.add(bar);
        if (text.isBlank()) {
            return;
        }
        NoteReader reader = new NoteReader(text, bar.key, bar.meter, heading.unit(), false).read();
        String place = "bar " + (bar.index + (heading.pickup().equals(Fraction.ZERO) ? 1 : 0)) + ", melody";
        for (NoteReader.Mistake mistake : reader.mistakes()) {
            problems.at(new TextSpan(lineNumber, column + mistake.at(), mistake.length()), place, mistake.message());
        }
        List<MelodyNote> notes = NoteReader.filled(reader.notes(), bar.length);
        boolean writable = reader.notes().stream().allMatch(n -> NoteReader.isWritable(n.written()));
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
            if (note.end().compareTo(length) > 0 || !NoteReader.isWritable(note.written())) {
                break;
            }
            fitting.add(note);
        }
        return NoteReader.filled(fitting, length);
    }

    /** A line of syllables for the notes above, or of words for bars without melody. */
    void words(String text) {
        List<BarDraft> bars = lastMelody;
        if (bars.stream().allMatch(bar -> bar.melody.isEmpty())) {
            List<String> parts = split(text);
            int skip = parts.size() > 1 && parts.get(0).isBlank() ? 1 : 0;
            for (int i = skip; i < parts.size() && i - skip < bars.size(); i++) {
                bars.get(i - skip).words = parts.get(i).strip();
            }
            return;
        }
        Syllables syllables = new Syllables(text);
        for (BarDraft bar : bars) {
            bar.melody = syllables.under(bar.melody);
        }
    }
}
