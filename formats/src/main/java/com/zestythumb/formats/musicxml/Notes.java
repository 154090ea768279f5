package com.zestythumb.formats.musicxml;

import com.zestythumb.core.arrangement.TimedNote;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.Touch;
import jakarta.xml.bind.JAXBElement;
import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.List;
import org.audiveris.proxymusic.AboveBelow;
import org.audiveris.proxymusic.Arpeggiate;
import org.audiveris.proxymusic.Articulations;
import org.audiveris.proxymusic.Backup;
import org.audiveris.proxymusic.Empty;
import org.audiveris.proxymusic.EmptyPlacement;
import org.audiveris.proxymusic.Fingering;
import org.audiveris.proxymusic.Lyric;
import org.audiveris.proxymusic.Notations;
import org.audiveris.proxymusic.Note;
import org.audiveris.proxymusic.NoteType;
import org.audiveris.proxymusic.Notehead;
import org.audiveris.proxymusic.NoteheadValue;
import org.audiveris.proxymusic.ObjectFactory;
import org.audiveris.proxymusic.Offset;
import org.audiveris.proxymusic.Pitch;
import org.audiveris.proxymusic.Rest;
import org.audiveris.proxymusic.StartStop;
import org.audiveris.proxymusic.Stem;
import org.audiveris.proxymusic.StemValue;
import org.audiveris.proxymusic.Syllabic;
import org.audiveris.proxymusic.Technical;
import org.audiveris.proxymusic.TextElementData;
import org.audiveris.proxymusic.Tie;
import org.audiveris.proxymusic.Tied;
import org.audiveris.proxymusic.TiedType;
import org.audiveris.proxymusic.TimeModification;
import org.audiveris.proxymusic.Tuplet;
import org.audiveris.proxymusic.YesNo;

/** Single notes and rests. */
final class Notes {

    /** Our type is wider than the one the engraver computes with, so a word asks for room behind it. */
    static final String ROOM = "\u00a0";

    /** MusicXML divisions of a quarter note: enough for sixty-fourths and for tuplets of 3, 5, 7 and 9. */
    static final int DIVISIONS = 10_080;

    private static final ObjectFactory FACTORY = new ObjectFactory();

    private Notes() {}

    static BigDecimal divisions(Fraction quarters) {
        return BigDecimal.valueOf(quarters.times(DIVISIONS).floor());
    }

    /**
     * A note, or one of the tied values it is written in.
     *
     * @param chordWithPrevious whether it is struck together with the note written before
     * @param heldFrom whether a note before is tied to it
     * @param part which of its tied values this is, from 0
     */
    static Note note(
            TimedNote timed,
            NoteValue value,
            String voice,
            int staff,
            boolean chordWithPrevious,
            boolean heldFrom,
            int part,
            int parts) {
        Note note = new Note();
        note.setId(part == 0 ? timed.id() : timed.id() + "-" + part);
        if (chordWithPrevious) {
            note.setChord(new Empty());
        }
        note.setPitch(pitch(timed.pitch().pitchClass(), timed.pitch().octave()));
        addTies(note, part > 0 || heldFrom, part < parts - 1 || timed.tied());
        return written(note, value, voice, staff);
    }

    static Note rest(NoteValue value, String voice, int staff) {
        Note note = new Note();
        note.setRest(new Rest());
        return written(note, value, voice, staff);
    }

    /** A rest that fills a bar of any length. */
    static Note barRest(Fraction length, String voice, int staff) {
        Note note = new Note();
        Rest rest = new Rest();
        rest.setMeasure(YesNo.YES);
        note.setRest(rest);
        note.setDuration(divisions(length));
        return placed(note, voice, staff);
    }

    /** A syllable of a verse, from 0, below a note. */
    static void addLyric(Note note, Syllabic syllabic, String text, int verse) {
        Lyric lyric = lyric(verse);
        TextElementData data = new TextElementData();
        data.setValue(text);
        lyric.getElisionAndSyllabicAndText().add(syllabic);
        lyric.getElisionAndSyllabicAndText().add(data);
        note.getLyric().add(lyric);
    }

    /** A verse's place below a note, still without words. */
    static Lyric lyric(int verse) {
        Lyric lyric = new Lyric();
        lyric.setNumber(String.valueOf(verse + 1));
        return lyric;
    }

    /** What is counted aloud while a note or rest lasts, below as many verses. */
    static void addCount(Note note, String words, int verses) {
        addLyric(note, Syllabic.SINGLE, words, Math.max(1, verses));
    }

    static void addTies(Note note, boolean fromBefore, boolean toNext) {
        if (fromBefore) {
            tie(note, StartStop.STOP, TiedType.STOP);
        }
        if (toNext) {
            tie(note, StartStop.START, TiedType.START);
        }
    }

    /** The note's notations, made at the first asking. */
    static Notations notations(Note note) {
        if (note.getNotations().isEmpty()) {
            note.getNotations().add(new Notations());
        }
        return note.getNotations().get(0);
    }

    static Note written(Note note, NoteValue value, String voice, int staff) {
        note.setDuration(divisions(value.length()));
        NoteType type = new NoteType();
        type.setValue(value.type());
        note.setType(type);
        for (int i = 0; i < value.dots(); i++) {
            note.getDot().add(new EmptyPlacement());
        }
        return placed(note, voice, staff);
    }

    private static Note placed(Note note, String voice, int staff) {
        if (staff != MeasureWriter.ONLY_STAFF) {
            note.setVoice(voice);
            note.setStaff(BigInteger.valueOf(staff));
        }
        return note;
    }

    static Pitch pitch(com.zestythumb.core.pitch.PitchClass name, int octave) {
        Pitch pitch = new Pitch();
        pitch.setStep(ChordSymbols.step(name));
        if (name.alteration() != 0) {
            pitch.setAlter(BigDecimal.valueOf(name.alteration()));
        }
        pitch.setOctave(octave);
        return pitch;
    }

    private static void tie(Note note, StartStop sound, TiedType sign) {
        Tie tie = new Tie();
        tie.setType(sound);
        note.getTie().add(tie);
        Tied tied = new Tied();
        tied.setType(sign);
        notations(note).getTiedOrSlurOrTuplet().add(tied);
    }

    /** Writes the fingers that are to be shown, the highest note's first, below the staff. */
    static void addFingers(Note note, List<TimedNote> timed, boolean above) {
        Technical technical = new Technical();
        for (int i = timed.size() - 1; i >= 0; i--) {
            if (timed.get(i).fingerShown()) {
                addFinger(technical, timed.get(i).finger(), above);
            }
        }
        if (!technical.getUpBowOrDownBowOrHarmonic().isEmpty()) {
            notations(note).getTiedOrSlurOrTuplet().add(technical);
        }
    }

    /** A finger above a note of the tune. */
    static void addFinger(Note note, int finger) {
        Technical technical = new Technical();
        addFinger(technical, finger, true);
        notations(note).getTiedOrSlurOrTuplet().add(technical);
    }

    private static void addFinger(Technical technical, int finger, boolean above) {
        Fingering fingering = new Fingering();
        fingering.setValue(String.valueOf(finger));
        fingering.setPlacement(above ? AboveBelow.ABOVE : AboveBelow.BELOW);
        technical.getUpBowOrDownBowOrHarmonic().add(FACTORY.createTechnicalFingering(fingering));
    }

    /** Goes back in time, for another voice. */
    static Backup backup(Fraction length) {
        Backup backup = new Backup();
        backup.setDuration(divisions(length));
        return backup;
    }

    static Offset offset(Fraction quarters) {
        Offset offset = new Offset();
        offset.setValue(divisions(quarters));
        return offset;
    }

    static void stem(Note note, StemValue direction) {
        Stem stem = new Stem();
        stem.setValue(direction);
        note.setStem(stem);
    }

    /** A dot at the head, a dot under a line, or a wavy line beside it. */
    static void touch(Note note, Touch touch) {
        switch (touch) {
            case SHORT -> articulate(note, FACTORY.createArticulationsStaccato(new EmptyPlacement()));
            case DETACHED -> articulate(note, FACTORY.createArticulationsDetachedLegato(new EmptyPlacement()));
            case ROLLED -> notations(note).getTiedOrSlurOrTuplet().add(new Arpeggiate());
            case PLAIN -> {
                // Nothing is written to it.
            }
        }
    }

    /** A stroke over what is to be heard. */
    static void bringOut(Note note) {
        articulate(note, FACTORY.createArticulationsTenuto(new EmptyPlacement()));
    }

    private static void articulate(Note note, JAXBElement<EmptyPlacement> how) {
        Articulations articulations = new Articulations();
        articulations.getAccentOrStrongAccentOrStaccato().add(how);
        notations(note).getTiedOrSlurOrTuplet().add(articulations);
    }

    /** In brackets, as notes stand that are to be played softer than the others. */
    static void soften(Note note) {
        Notehead head = new Notehead();
        head.setValue(NoteheadValue.NORMAL);
        head.setParentheses(YesNo.YES);
        note.setNotehead(head);
    }

    /**
     * Puts a note into its tuplet.
     *
     * @param first whether it is the first of the tied values in which a note is written
     * @param last whether it is the last of them
     */
    static void addTuplet(Note note, com.zestythumb.core.sheet.Tuplet tuplet, boolean first, boolean last) {
        TimeModification time = new TimeModification();
        time.setActualNotes(BigInteger.valueOf(tuplet.actual()));
        time.setNormalNotes(BigInteger.valueOf(tuplet.normal()));
        note.setTimeModification(time);
        if (first && tuplet.place() == 0) {
            addBracket(note, StartStop.START);
        }
        if (last && tuplet.place() == tuplet.size() - 1) {
            addBracket(note, StartStop.STOP);
        }
    }

    /** A beam from the first to the last note of a tuplet says by itself what belongs to it. */
    static void bracketByBeam(Note first, Note last) {
        Tuplet start = bracket(first, StartStop.START);
        Tuplet stop = bracket(last, StartStop.STOP);
        if (start != null && stop != null) {
            start.setBracket(YesNo.NO);
            stop.setBracket(YesNo.NO);
        }
    }

    private static Tuplet bracket(Note note, StartStop type) {
        return note.getNotations().stream()
                .flatMap(notations -> notations.getTiedOrSlurOrTuplet().stream())
                .filter(item -> item instanceof Tuplet tuplet && tuplet.getType() == type)
                .map(Tuplet.class::cast)
                .findFirst()
                .orElse(null);
    }

    private static void addBracket(Note note, StartStop type) {
        Tuplet bracket = new Tuplet();
        bracket.setType(type);
        bracket.setBracket(YesNo.YES);
        if (type == StartStop.START) {
            // Fingers and syllables stand below.
            bracket.setPlacement(AboveBelow.ABOVE);
        }
        notations(note).getTiedOrSlurOrTuplet().add(bracket);
    }
}
