package com.zestythumb.formats.musicxml;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Performance;
import com.zestythumb.core.arrangement.TimedNote;
import com.zestythumb.core.arrangement.TuneFingers;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.CountedLine;
import com.zestythumb.core.sheet.Counts;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.NoteSign;
import com.zestythumb.core.sheet.SheetNote;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.audiveris.proxymusic.Extend;
import org.audiveris.proxymusic.Lyric;
import org.audiveris.proxymusic.Note;
import org.audiveris.proxymusic.Rest;
import org.audiveris.proxymusic.StartStopContinue;
import org.audiveris.proxymusic.Syllabic;

/** Writes the tune on the upper staff: notes, ties, tuplets, syllables and, if wished, the count below. */
final class MelodyStaff {

    private static final String VOICE = "1";

    private final boolean page;
    private final Counts counts;
    private final CountedLine counted;
    private final TuneFingers fingers;
    private final Map<List<Object>, List<TimedNote>> withTune;
    /** What is tied into the next notes. */
    private Set<Pitch> held = Set.of();

    private boolean midWord;

    /** With the fingers of the tune, and what is struck with its notes. */
    MelodyStaff(boolean page, Counts counts, Arrangement arrangement) {
        this.page = page;
        this.counts = counts;
        this.counted = new CountedLine(counts);
        this.fingers = arrangement.tuneFingers();
        this.withTune = arrangement.notes().stream()
                .filter(note -> note.voice() == TimedNote.WITH_TUNE)
                .collect(Collectors.groupingBy(note -> List.of(note.bar(), note.onset())));
    }

    List<Object> bar(Bar bar) {
        List<SheetNote> melody = bar.melody();
        if (melody.isEmpty() || melody.size() == 1 && melody.get(0).isRest()) {
            held = Set.of();
            return List.of(Notes.barRest(bar.length(), VOICE, 1));
        }
        List<Object> written = new ArrayList<>();
        Beams beams = new Beams(bar.groupedMeter());
        for (int i = 0; i < melody.size(); i++) {
            SheetNote note = melody.get(i);
            List<TimedNote> others = withTune.getOrDefault(List.of(bar.index(), note.onset()), List.of());
            boolean isHeld = !note.isRest() && held.contains(note.pitch());
            List<Note> heads = heads(bar, note, i, beams, others);
            Set<NoteSign> signs = new TreeSet<>(note.signs());
            signs.addAll(SheetNote.signs(others.stream().map(TimedNote::note).toList()));
            written.addAll(SignTags.before(signs, 1));
            SignTags.at(heads.get(0), signs, 1);
            if (!note.isRest()) {
                Notes.touch(heads.get(0), note.touch());
                addSyllable(heads.get(0), note);
                int finger = Math.max(fingers.at(bar.index(), i), note.finger());
                if (finger > 0) {
                    Notes.addFinger(heads.get(0), finger);
                }
            }
            if (counts != Counts.NONE) {
                Notes.addCount(heads.get(0), counted.under(bar, note.onset(), note.duration(), isHeld));
            }
            written.addAll(heads);
            written.addAll(SignTags.behind(signs, 1));
        }
        beams.close();
        return written;
    }

    private List<Note> heads(Bar bar, SheetNote melody, int place, Beams beams, List<TimedNote> others) {
        Fraction at = melody.onset().plus(bar.offset());
        List<NoteValue> values = melody.tuplet() != null
                ? NoteValue.plain(melody.written())
                : NoteValue.written(at, melody.written(), bar.groupedMeter());
        List<Note> heads = new ArrayList<>();
        Fraction factor = melody.duration().dividedBy(melody.written());
        for (int part = 0; part < values.size(); part++) {
            NoteValue value = values.get(part);
            Note note = new Note();
            note.setId(Performance.tuneId(bar.index(), place) + (part == 0 ? "" : "-" + part));
            if (melody.isRest()) {
                note.setRest(new Rest());
            } else {
                note.setPitch(
                        Notes.pitch(melody.pitch().pitchClass(), melody.pitch().octave()));
                Notes.addTies(
                        note, part > 0 || held.contains(melody.pitch()), part < values.size() - 1 || melody.tied());
            }
            Notes.written(note, value, VOICE, 1);
            Fraction sounding = value.length().times(factor);
            note.setDuration(Notes.divisions(sounding));
            if (melody.tuplet() != null) {
                Notes.addTuplet(note, melody.tuplet(), part == 0, part == values.size() - 1);
            }
            beams.add(at, value, melody.isRest() ? null : note);
            at = at.plus(sounding);
            heads.add(note);
            for (TimedNote other : others) {
                boolean from = part > 0 || held.contains(other.pitch());
                Note more = Notes.note(other, value, VOICE, 1, true, from, part, values.size());
                more.setDuration(note.getDuration());
                more.setTimeModification(note.getTimeModification());
                if (part == 0 && other.finger() > 0) {
                    Notes.addFinger(more, other.finger());
                }
                heads.add(more);
            }
        }
        if (!melody.isRest()) {
            held = Stream.concat(Stream.of(melody), others.stream().map(TimedNote::note))
                    .filter(SheetNote::tied)
                    .map(SheetNote::pitch)
                    .collect(Collectors.toSet());
        }
        return heads;
    }

    private void addSyllable(Note note, SheetNote melody) {
        String syllable = melody.syllable();
        if (syllable.isEmpty()) {
            return;
        }
        if (syllable.equals("_")) {
            Extend extend = new Extend();
            extend.setType(StartStopContinue.STOP);
            Lyric lyric = new Lyric();
            lyric.setNumber("1");
            lyric.setExtend(extend);
            note.getLyric().add(lyric);
            return;
        }
        boolean goesOn = syllable.endsWith("-") && syllable.length() > 1;
        Syllabic syllabic =
                midWord ? goesOn ? Syllabic.MIDDLE : Syllabic.END : goesOn ? Syllabic.BEGIN : Syllabic.SINGLE;
        midWord = goesOn;
        String word = syllable + (page ? Notes.ROOM : "");
        Notes.addLyric(note, syllabic, goesOn ? syllable.substring(0, syllable.length() - 1) : word, "1");
    }
}
