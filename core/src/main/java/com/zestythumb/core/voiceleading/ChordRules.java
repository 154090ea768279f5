package com.zestythumb.core.voiceleading;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.chord.Quality;
import com.zestythumb.core.pitch.Interval;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.pitch.PitchClass;
import com.zestythumb.core.voiceleading.ChordWritten.Note;
import com.zestythumb.core.voicing.ChordTone;
import com.zestythumb.core.voicing.Tone;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import java.util.stream.Stream;

/** A chord between its neighbours, and what somebody wrote for it (any textbook of harmony, unless another source is named). */
public final class ChordRules {

    /** Keys from which on a third is missed in a hand alone. */
    static final String FULL = "full";
    /** The same where something sounds above it, all counted. */
    static final String FULL_WITH_TUNE = "full-with-tune";
    /** 1 where every hand's notes are held against the symbol; 0 where those of the left alone. */
    static final String EVERY_HAND = "every-hand";

    /** 1 where ninths and thirteenths that are added to a seventh chord are colours. */
    static final String COLOURS = "colours";

    private static final Interval NINTH = Interval.parse("M9");

    private static final int KEYS = 12;
    private static final int STEP = 2;
    private static final int SHELL = 3;

    private ChordRules() {}

    /**
     * A triad over its fifth has its place before a close, between two steps of the bass, over a bass that stays, or where a chord is
     * broken up; elsewhere it hangs in the air, and at the end always. Before a close it stands on a stronger beat than its V.
     */
    static final Rule<ChordTriple> SIX_FOUR = Rule.of("six-four", ChordTriple.class, (triple, limits, found) -> {
        Sonority here = triple.here();
        Sonority after = triple.after();
        if (!here.isSixFour()) {
            return;
        }
        Move bass = here.notes().get(0);
        boolean cadential = after != null && here.bass().soundsLike(after.bass()) && after.isRootPosition();
        if (!cadential) {
            if (after == null ? !isOverKeynote(here) : !isAtHome(triple)) {
                found.accept(Fault.of(Kind.SIX_FOUR, bass));
            }
            return;
        }
        if (triple.weight() < triple.weightAfter()) {
            found.accept(Fault.of(Kind.SIX_FOUR_WEAK, bass));
        }
    });

    /** Home may be left hanging over its own bass, as IV6/4 is. */
    private static boolean isOverKeynote(Sonority sonority) {
        return sonority.key() != null
                && sonority.bass().soundsLike(sonority.key().tonic());
    }

    private static boolean isAtHome(ChordTriple triple) {
        PitchClass bass = triple.here().bass();
        boolean broken = isSameRoot(triple.before(), triple.here()) || isSameRoot(triple.after(), triple.here());
        int in = triple.before() == null ? 0 : apart(triple.before().bass(), bass);
        int out = apart(bass, triple.after().bass());
        boolean stays = in == 0 && out == 0;
        boolean passes = in > 0 && in <= STEP && out > 0 && out <= STEP;
        return broken || stays || passes;
    }

    private static boolean isSameRoot(Sonority one, Sonority other) {
        return one != null && one.chord().root().soundsLike(other.chord().root());
    }

    /** Half steps either way. */
    private static int apart(PitchClass one, PitchClass other) {
        int up = Sonority.above(one, other);
        return Math.min(up, KEYS - up);
    }

    /**
     * The fourth of a suspended chord is there before as a consonance, and falls a step behind it (in popular music a sus chord is a
     * colour of its own).
     */
    static final Rule<ChordTriple> SUSPENSION = Rule.of("suspension", ChordTriple.class, (triple, limits, found) -> {
        Sonority here = triple.here();
        List<Move> fourths = here.chord().quality().numbered(3) != null
                ? List.of()
                : here.notes(tone -> tone.member() == ChordTone.FOURTH);
        if (fourths.isEmpty()) {
            return;
        }
        Move fourth = fourths.get(0);
        int at = fourth.pitch().midi();
        Sonority after = triple.after();
        if (triple.before() != null && !triple.before().has(at)) {
            found.accept(Fault.of(Kind.SUSPENSION_UNPREPARED, fourth));
        }
        if (after != null && !after.has(at - 1) && !after.has(at - STEP) && !after.has(at)) {
            found.accept(Fault.of(Kind.SUSPENSION_UNRESOLVED, fourth));
        }
    });

    /** The same chord goes on over a bar line that it was struck before: the bar does not begin. An upbeat may. */
    static final Rule<ChordTriple> WEAK_TO_STRONG =
            Rule.of("weak-to-strong", ChordTriple.class, (triple, limits, found) -> {
                Sonority before = triple.before();
                boolean same = before != null
                        && before.isSameHarmony(triple.here())
                        && before.bass().soundsLike(triple.here().bass());
                if (same && !triple.opening() && triple.weightBefore() < triple.weight() && triple.weight() == STEP) {
                    found.accept(Fault.of(Kind.WEAK_TO_STRONG));
                }
            });

    /**
     * What is written against the symbol above it: another bass than is asked for, a note that is none of the chord's and goes nowhere
     * by step, an accidental that was forgotten later in its bar, and a note by another name than the chord has for it (common
     * practice). In a diminished seventh either name of its seventh is read with ease.
     */
    static final Rule<ChordWritten> TONES = Rule.of("tones", ChordWritten.class, (written, limits, found) -> {
        Chord chord = written.chord();
        boolean every = written.sung() || limits.get(EVERY_HAND) == 1;
        for (Note note : every ? written.notes() : written.own()) {
            PitchClass name = note.pitch().pitchClass();
            boolean outside = ChordTone.of(chord, name) == ChordTone.FOREIGN
                    && !chord.bass().soundsLike(name);
            boolean foreign = outside && !(limits.get(COLOURS) == 1 && isColour(written, name));
            Move named = new Move(note.voice(), null, new Tone(note.pitch(), ChordTone.of(chord, name)));
            if (foreign && note.altered()) {
                found.accept(Fault.of(Kind.ACCIDENTAL_FORGOTTEN, named));
            } else if (foreign && (note.atOnce() || !note.left() && !written.sung()) && !note.steps()) {
                found.accept(Fault.of(Kind.FOREIGN, named));
            } else if (!outside && isMisspelt(written, name)) {
                found.accept(Fault.of(Kind.MISSPELT, named));
            }
        }
        bass(written, every, found);
    });

    /** A ninth or thirteenth that a player adds to a seventh chord: the key's, or the plain ninth. */
    private static boolean isColour(ChordWritten written, PitchClass name) {
        Chord chord = written.chord();
        return chord.quality().hasSeventh()
                && written.key() != null
                && (written.key().contains(name) || name.equals(chord.root().plus(NINTH)))
                && chord.tones().stream().noneMatch(tone -> Sonority.above(tone, name) == 1);
    }

    /** The note of an augmented sixth, what the key has by this name, and a plain name for a double sharp are read with ease. */
    private static boolean isMisspelt(ChordWritten written, PitchClass name) {
        Chord chord = written.chord();
        int steps =
                Math.floorMod(name.letter().ordinal() - chord.root().letter().ordinal(), 7);
        boolean augmentedSixth = steps == 5 && Sonority.above(chord.root(), name) == 10;
        boolean ofKey = written.key() != null
                && written.key().contains(name)
                && chord.quality().hasSeventh();
        return Stream.concat(chord.tones().stream(), Stream.of(chord.bass()))
                        .noneMatch(tone -> tone.equals(name) || tone.simple().equals(name))
                && chord.upper() == null
                && !augmentedSixth
                && !ofKey
                && !chord.quality().equals(Quality.DIMINISHED_SEVENTH);
    }

    private static void bass(ChordWritten written, boolean plainToo, Consumer<Fault> found) {
        Note lowest = written.own().stream().filter(Note::atOnce).findFirst().orElse(null);
        Chord chord = written.chord();
        boolean told = chord.hasSlash() || plainToo && written.slashes();
        if (told
                && lowest != null
                && !lowest.steps()
                && written.own().stream()
                        .noneMatch(note -> note.pitch().midi() <= lowest.pitch().midi()
                                && note.pitch().pitchClass().soundsLike(chord.bass()))) {
            found.accept(Fault.of(
                    Kind.WRONG_BASS,
                    new Move(
                            Voice.BASS,
                            null,
                            new Tone(
                                    lowest.pitch(),
                                    ChordTone.of(chord, lowest.pitch().pitchClass())))));
        }
    }

    /**
     * A chord of so many keys and more without the third, or three keys without the seventh, by which it is known, all counted that
     * sounds. An open fifth is a sound of its own on the piano, and not told there.
     */
    static final Rule<ChordWritten> MISSING = Rule.of("missing", ChordWritten.class, (written, limits, found) -> {
        boolean alone = written.notes().stream().allMatch(Note::left);
        long keys = keys(written.notes());
        double full = written.sung() ? SHELL : limits.get(alone ? FULL : FULL_WITH_TUNE);
        if (keys >= full) {
            missing(written, ChordTone.THIRD, Kind.MISSING_THIRD, found);
        }
        if ((written.sung() ? keys : keys(written.own())) >= SHELL) {
            missing(written, ChordTone.SEVENTH, Kind.MISSING_SEVENTH, found);
        }
    });

    private static long keys(List<Note> notes) {
        return notes.stream().map(Note::pitch).map(Pitch::midi).distinct().count();
    }

    private static void missing(ChordWritten written, ChordTone member, Kind kind, Consumer<Fault> found) {
        Chord chord = written.chord();
        boolean asked = chord.tones().stream().anyMatch(tone -> ChordTone.of(chord, tone) == member);
        if (asked
                && written.notes().stream()
                        .noneMatch(note -> ChordTone.of(chord, note.pitch().pitchClass()) == member)) {
            found.accept(Fault.measured(kind, Map.of()));
        }
    }
}
