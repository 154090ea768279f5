package com.zestythumb.formats.musicxml;

import com.zestythumb.core.arrangement.TuneFingers;
import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.Counting;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.SheetNote;
import java.util.ArrayList;
import java.util.List;
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
    private final boolean counts;
    private final TuneFingers fingers;
    private boolean held;
    private boolean midWord;

    MelodyStaff(boolean page, boolean counts, TuneFingers fingers) {
        this.page = page;
        this.counts = counts;
        this.fingers = fingers;
    }

    /** The id of a melody note in the engraving: bar and place in it, from 0. */
    static String id(int bar, int place) {
        return "m" + bar + "-" + place;
    }

    List<Note> bar(Bar bar) {
        List<SheetNote> melody = bar.melody();
        if (melody.isEmpty() || melody.size() == 1 && melody.get(0).isRest()) {
            held = false;
            return List.of(Notes.barRest(bar.length(), VOICE, 1));
        }
        List<Note> written = new ArrayList<>();
        Beams beams = new Beams(bar.meter().beamGroup());
        for (int i = 0; i < melody.size(); i++) {
            SheetNote note = melody.get(i);
            List<Note> heads = heads(bar, note, i, beams);
            if (!note.isRest()) {
                addSyllable(heads.get(0), note);
                int finger = fingers.at(bar.index(), i);
                if (finger > 0) {
                    Notes.addFinger(heads.get(0), finger);
                }
                held = note.tied();
            }
            if (counts) {
                Notes.addLyric(heads.get(0), Syllabic.SINGLE, Counting.syllable(bar, note.onset()), "2");
            }
            written.addAll(heads);
        }
        beams.close();
        return written;
    }

    private List<Note> heads(Bar bar, SheetNote melody, int place, Beams beams) {
        List<NoteValue> values = NoteValue.plain(melody.written());
        List<Note> heads = new ArrayList<>();
        Fraction at = melody.onset().plus(bar.offset());
        Fraction factor = melody.duration().dividedBy(melody.written());
        for (int part = 0; part < values.size(); part++) {
            NoteValue value = values.get(part);
            Note note = new Note();
            note.setId(id(bar.index(), place) + (part == 0 ? "" : "-" + part));
            if (melody.isRest()) {
                note.setRest(new Rest());
            } else {
                note.setPitch(
                        Notes.pitch(melody.pitch().pitchClass(), melody.pitch().octave()));
                Notes.addTies(note, part > 0 || held, part < values.size() - 1 || melody.tied());
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
