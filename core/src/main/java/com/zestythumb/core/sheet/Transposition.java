package com.zestythumb.core.sheet;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.chord.Quality;
import com.zestythumb.core.pitch.Interval;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.pitch.Letter;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.pitch.PitchClass;
import java.util.List;
import java.util.function.Function;
import java.util.function.UnaryOperator;

/** Moves a tune to another key, or keeps its page and changes the signature alone. */
public final class Transposition {

    private static final int SEVEN = 7;
    private static final int OCTAVE = 12;

    private Transposition() {}

    /** The tune in another key of the same mode, by the shorter way up or down. */
    public static LeadSheet to(Key target, LeadSheet sheet) {
        PitchClass from = sheet.key().tonic();
        int steps =
                Math.floorMod(target.tonic().letter().ordinal() - from.letter().ordinal(), SEVEN);
        int semitones = Math.floorMod(target.tonic().semitone() - from.semitone(), OCTAVE);
        // C♭ lies a half step below C and not a major seventh above it.
        semitones += semitones - natural(steps) > 3 ? -OCTAVE : natural(steps) - semitones > 3 ? OCTAVE : 0;
        boolean down = natural(steps) > OCTAVE / 2;
        LeadSheet moved = moved(sheet, down ? steps - SEVEN : steps, down ? semitones - OCTAVE : semitones);
        return new LeadSheet(moved.heading().withKey(moved.key()), moved.bars());
    }

    /** The tune an interval higher, in the plainest key for it. */
    public static LeadSheet up(Interval interval, LeadSheet sheet) {
        return moved(sheet, interval.steps(), interval.semitones());
    }

    /** The tune an interval lower, in the plainest key for it. */
    public static LeadSheet down(Interval interval, LeadSheet sheet) {
        return moved(sheet, -interval.steps(), -interval.semitones());
    }

    private static int natural(int steps) {
        return List.of(0, 2, 4, 5, 7, 9, 11).get(steps);
    }

    private static LeadSheet moved(LeadSheet sheet, int steps, int semitones) {
        Move head = Move.of(sheet.key(), steps, semitones);
        Key key = head.key(sheet.key());
        // A key that is only heard is not told by moving the tune.
        Heading heading = sheet.heading().keyTold()
                ? sheet.heading().withKey(key)
                : sheet.heading().heardIn(key);
        LeadSheet moved = new LeadSheet(heading, sheet.bars());
        return moved.mapBars(bar -> {
            Move move = Move.of(bar.key(), steps, semitones);
            return change(bar, move.key(bar.key()), chord -> chord.with(move::name), move::pitch, move::keyIfPlain);
        });
    }

    private static Bar change(
            Bar bar, Key key, UnaryOperator<Chord> chords, Function<Pitch, Pitch> pitches, UnaryOperator<Key> keys) {
        List<ChordEvent> events = bar.events().stream()
                .map(event -> event.isSilent() ? event : change(event, chords, keys))
                .toList();
        UnaryOperator<List<SheetNote>> moved = voice -> voice.stream()
                .map(note -> note.isRest() ? note : note.with(pitches.apply(note.pitch())))
                .toList();
        return bar.withKey(key).withEvents(events).mapVoices(moved);
    }

    private static ChordEvent change(ChordEvent event, UnaryOperator<Chord> chords, UnaryOperator<Key> keys) {
        HeardAs heard = event.heardAs();
        boolean inKey = heard != null && heard.key() != null;
        ChordEvent changed = event.with(chords.apply(event.chord()))
                .with(inKey ? new HeardAs(heard.numeral(), keys.apply(heard.key())) : heard);
        return event.isGuess() ? changed.with(event.guess().map(chords)) : changed;
    }

    /**
     * A shift by letters and half steps.
     *
     * @param steps letter names up or down
     * @param semitones half steps up or down
     */
    private record Move(int steps, int semitones) {

        /** The shift as asked, or the one that sounds the same, if the key would have no plain signature. */
        static Move of(Key key, int steps, int semitones) {
            for (int change : new int[] {0, 1, -1}) {
                Move move = new Move(steps + change, semitones);
                try {
                    move.key(key);
                    return move;
                } catch (IllegalArgumentException e) {
                    // Eight accidentals or more: try the next letter.
                }
            }
            throw new IllegalArgumentException("no key with a plain signature lies there");
        }

        Key key(Key key) {
            return new Key(exact(key.tonic()), key.mode());
        }

        /** Null where no plain signature is there. */
        Key keyIfPlain(Key key) {
            try {
                return key(key);
            } catch (IllegalArgumentException e) {
                return null;
            }
        }

        private PitchClass exact(PitchClass name) {
            Letter letter = name.letter().plus(steps);
            int from = name.letter().ordinal() + steps;
            int octaves = Math.floorDiv(from, SEVEN);
            int now = letter.semitones() + OCTAVE * octaves;
            int alteration = name.letter().semitones() + name.alteration() + semitones - now;
            return new PitchClass(letter, alteration);
        }

        /** A note's name there; where it would need a double accidental, the plain name for its key. */
        PitchClass name(PitchClass name) {
            PitchClass moved = exact(name);
            return Math.abs(moved.alteration()) < 2 ? moved : plain(moved);
        }

        Pitch pitch(Pitch pitch) {
            Pitch moved = at(exact(pitch.pitchClass()), pitch.midi() + semitones);
            PitchClass name = name(pitch.pitchClass());
            return name.equals(moved.pitchClass()) ? moved : at(name, moved.midi());
        }

        private static Pitch at(PitchClass name, int midi) {
            return Pitch.atOrAbove(name, midi);
        }

        private static PitchClass plain(PitchClass name) {
            int towards = name.alteration() > 0 ? 1 : -1;
            Letter letter = name.letter().plus(towards);
            int difference = Math.floorMod(name.semitone() - letter.semitones() + 6, OCTAVE) - 6;
            return new PitchClass(letter, difference);
        }
    }

    /**
     * The same page under another signature: every note keeps its line or space and whatever accidental it
     * has against the signature, and only the signature changes. Chords are built anew from the notes on
     * those lines and spaces.
     */
    public static LeadSheet samePage(Key target, LeadSheet sheet) {
        Key from = sheet.key();
        LeadSheet changed = new LeadSheet(sheet.heading().withKey(target), sheet.bars());
        return changed.mapBars(bar -> {
            if (!bar.key().equals(from)) {
                return bar;
            }
            UnaryOperator<PitchClass> move = name -> moved(name, from, target);
            return change(
                    bar,
                    target,
                    chord -> onThePage(chord, move),
                    pitch -> new Pitch(move.apply(pitch.pitchClass()), pitch.octave()),
                    heard -> null);
        });
    }

    private static PitchClass moved(PitchClass name, Key from, Key to) {
        int accidental = name.alteration() - from.signatureOf(name.letter());
        int alteration = to.signatureOf(name.letter()) + accidental;
        return new PitchClass(name.letter(), Math.max(-2, Math.min(2, alteration)));
    }

    private static Chord onThePage(Chord chord, UnaryOperator<PitchClass> move) {
        PitchClass root = move.apply(chord.root());
        List<Interval> tones = chord.quality().intervals().stream()
                .map(interval -> {
                    PitchClass tone = move.apply(chord.root().plus(interval));
                    int semitones = tone.alteration() - root.alteration() + lettersApart(root, tone);
                    return new Interval(interval.steps(), semitones + OCTAVE * (interval.steps() / SEVEN));
                })
                .toList();
        Chord upper = chord.upper() == null ? null : onThePage(chord.upper(), move);
        return new Chord(root, named(tones, chord.quality()), move.apply(chord.bass()), upper);
    }

    private static int lettersApart(PitchClass low, PitchClass high) {
        return Math.floorMod(high.letter().semitones() - low.letter().semitones(), OCTAVE);
    }

    /** Chords that have no name on the new page keep their kind. */
    private static Quality named(List<Interval> tones, Quality before) {
        try {
            return Quality.of(tones);
        } catch (IllegalArgumentException e) {
            return before;
        }
    }
}
