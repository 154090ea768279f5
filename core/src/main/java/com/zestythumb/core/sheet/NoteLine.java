package com.zestythumb.core.sheet;

import com.zestythumb.core.pitch.Pitch;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** The notes of a bar while they are read: voice by voice, one after another in time. */
final class NoteLine {

    private static final String FINGER = "[1-5]";
    private static final String ROLL = "arpeggio";
    private static final String TENUTO = "tenuto";

    private final List<List<SheetNote>> voices = new ArrayList<>(List.of(new ArrayList<>()));

    private Fraction time = Fraction.ZERO;
    private Fraction nextFactor = Fraction.of(1);
    /** The tuplet that is open, as its next note has it; else null. */
    private Tuplet tuplet;

    int finger;
    Touch touch = Touch.PLAIN;
    final Set<NoteSign> signs = EnumSet.noneOf(NoteSign.class);

    /** What stands between exclamation marks ahead of a note: a finger, a touch or a sign; anything else is passed over. */
    void mark(String text) {
        if (text.matches(FINGER)) {
            finger = text.charAt(0) - '0';
        } else if (text.equals(ROLL)) {
            touch = Touch.ROLLED;
        } else if (text.equals(TENUTO) && touch == Touch.SHORT) {
            touch = Touch.DETACHED;
        } else {
            NoteSign.between(text).ifPresent(sign -> NoteSign.add(sign, signs));
        }
    }

    static boolean isMark(String text) {
        return text.matches(FINGER)
                || text.equals(ROLL)
                || text.equals(TENUTO)
                || NoteSign.between(text).isPresent();
    }

    List<List<SheetNote>> voices() {
        return voices;
    }

    Fraction time() {
        return time;
    }

    /** Quarter notes of a voice. */
    static Fraction length(List<SheetNote> voice) {
        return voice.isEmpty() ? Fraction.ZERO : voice.get(voice.size() - 1).end();
    }

    private List<SheetNote> voice() {
        return voices.get(voices.size() - 1);
    }

    /** Goes back to the beginning of the bar. */
    void beginVoice() {
        voices.add(new ArrayList<>());
        time = Fraction.ZERO;
        tuplet = null;
    }

    void beginTuplet(Tuplet other) {
        tuplet = other;
    }

    /** Adds a note, or a rest where the pitch is null, with the finger and touch that were told ahead of it. */
    void add(Pitch pitch, Fraction length) {
        Tuplet here = tuplet;
        Fraction plain = length.times(nextFactor);
        Fraction sounding = here == null ? plain : here.sounding(plain);
        voice().add(new SheetNote(pitch, time, sounding, false, here, List.of(), finger, touch, signs));
        nextFactor = Fraction.of(1);
        tuplet = here == null ? null : here.next();
        finger = 0;
        touch = Touch.PLAIN;
        signs.clear();
        time = time.plus(sounding);
    }

    /** Signs that no note follows stand at the last one. */
    void signLast() {
        List<SheetNote> notes = voice();
        if (!notes.isEmpty() && !signs.isEmpty()) {
            notes.add(notes.remove(notes.size() - 1).plus(signs));
        }
        signs.clear();
    }

    /** The last note of the voice with those that are struck with it; none at its beginning. */
    private List<SheetNote> struckLast() {
        List<SheetNote> notes = voice();
        int from = notes.size();
        while (from > 0 && notes.get(from - 1).isWith(notes.get(notes.size() - 1))) {
            from--;
        }
        return notes.subList(from, notes.size());
    }

    /** Ties what was struck last to what follows; false where there is nothing to tie. */
    boolean tie() {
        List<SheetNote> last = struckLast();
        last.replaceAll(note -> note.withTie(!note.isRest()));
        return !last.isEmpty() && !last.get(0).isRest();
    }

    /** Makes what was struck last so much longer or shorter, and what follows so that both last as long as before; false at the beginning. */
    boolean broken(Fraction factor) {
        List<SheetNote> last = struckLast();
        if (last.isEmpty()) {
            return false;
        }
        last.replaceAll(note -> note.at(note.onset(), note.duration().times(factor)));
        time = last.get(0).end();
        nextFactor = Fraction.of(2).minus(factor);
        return true;
    }

    /** Notes that are being struck together. */
    Together together() {
        return new Together();
    }

    /** Notes in brackets: each begins where the first did. */
    final class Together {

        private final Fraction onset = time;
        private final Fraction factor = nextFactor;
        private final Tuplet open = tuplet;
        private final Touch ofAll = touch;
        private final int from = voice().size();

        /** Goes back to where all of them begin. */
        void next() {
            time = onset;
            nextFactor = factor;
            tuplet = open;
            touch = ofAll;
        }

        int size() {
            return voice().size() - from;
        }

        /** Ties the note that was read last; false where there is none. */
        boolean tie() {
            List<SheetNote> notes = voice();
            if (notes.size() == from) {
                return false;
            }
            notes.add(notes.remove(notes.size() - 1).withTie(true));
            return true;
        }

        /** They last as long as the first of them, times a factor; rests among notes are left out. */
        void end(Fraction longer) {
            List<SheetNote> chord = voice().subList(from, voice().size());
            touch = Touch.PLAIN;
            nextFactor = Fraction.of(1);
            if (chord.isEmpty()) {
                return;
            }
            SheetNote first = chord.get(0);
            Fraction length = first.duration().times(longer);
            boolean sounds = chord.stream().anyMatch(note -> !note.isRest());
            List<SheetNote> laid = SheetNote.chord(chord.stream()
                    .filter(note -> sounds ? !note.isRest() : note == first)
                    .map(note -> note.at(onset, length).withTuplet(first.tuplet()))
                    .toList());
            chord.clear();
            chord.addAll(laid);
            time = onset.plus(length);
            tuplet = open == null ? null : open.next();
        }
    }
}
