package com.zestythumb.core.voicing;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.pitch.PitchClass;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;

/**
 * Cost terms by which every style is charged for what it does to the tune above it and to the page (common practice: do
 * not double the leading tone or an altered tone; a half step or minor ninth between the hands on a strong beat is a clash;
 * the hands do not cross).
 */
public final class TuneTerms {

    private static final int OCTAVE = 12;

    /** Under a phrase's last note: it is doubled, where another member of the chord could be heard. */
    public static final CostTerm DOUBLED_AT_REST = new CostTerm(
            "doubled-at-rest", "the tune's last note of a phrase, doubled", "notes", 16, (voicing, place) -> {
                Pitch last = place.around().last();
                return last == null
                        ? 0
                        : count(voicing, tone -> tone.member() != Member.ROOT && sameName(tone.pitch(), last));
            });

    public static final CostTerm DOUBLED = new CostTerm(
            "doubled",
            "strong notes of the tune, doubled",
            "notes",
            0,
            (voicing, place) -> count(voicing, tone -> isInTheTune(tone, place)));

    public static final CostTerm LEADING_TONE =
            new CostTerm("leading-tone", "a leading tone that the tune has already", "notes", 3, (voicing, place) -> {
                PitchClass leading = place.around().leadingTone();
                return leading == null
                        ? 0
                        : count(
                                voicing,
                                tone -> tone.pitch().pitchClass().soundsLike(leading) && isInTheTune(tone, place));
            });

    /** Lowered or raised ninths, elevenths and thirteenths, and fifths that are not perfect. */
    public static final CostTerm ALTERED = new CostTerm(
            "altered",
            "an altered note that the tune has already",
            "notes",
            2,
            (voicing, place) -> count(voicing, tone -> isInTheTune(tone, place) && isAltered(voicing, tone)));

    /** A strong note of the tune half a step, or that and octaves, above a note of the hand. */
    public static final CostTerm CLASH =
            new CostTerm("clash", "half steps and minor ninths against the tune", "clashes", 8, (voicing, place) -> {
                int clashes = 0;
                for (Pitch note : place.around().strong()) {
                    clashes += count(
                            voicing,
                            tone -> isClash(note.midi() - tone.pitch().midi())
                                    && !isNamedTension(voicing.chord(), note, tone));
                }
                return clashes;
            });

    /** How far the hand reaches up to the lowest note above it on the page, or beyond it. */
    public static final CostTerm COLLISION =
            new CostTerm("collision", "the hands come to the same key or cross", "half steps", 3, (voicing, place) -> {
                int lowest = Integer.MAX_VALUE;
                for (Pitch note : place.around().upper()) {
                    lowest = Math.min(lowest, note.midi());
                }
                int highest = 0;
                for (Grip grip : voicing.bothHands()) {
                    highest = Math.max(highest, grip.highest().midi());
                }
                return Math.max(0, highest - lowest + 1);
            });

    /** Root position at authentic and plagal closes within the tune. */
    public static final CostTerm ROOT_AT_CLOSES = new CostTerm(
            "root-at-closes",
            "a close that does not come to rest in root position",
            "closes",
            30,
            (voicing, place) -> place.around().close()
                            && voicing.bassMember() != Member.ROOT
                            && !voicing.chord().hasSlash()
                    ? 1
                    : 0);

    /** In a chart that writes some basses behind a slash, a plain symbol has its root in the bass (common practice). */
    public static final CostTerm ROOT_BESIDE_SLASHES = new CostTerm(
            "root-beside-slashes",
            "a plain symbol not in root position, in a chart that writes basses",
            "chords",
            30,
            (voicing, place) -> place.around().basses()
                            && voicing.bassMember() != Member.ROOT
                            && !voicing.chord().hasSlash()
                    ? 1
                    : 0);

    /** A six-four is never a goal. */
    public static final CostTerm SIX_FOUR_GOAL = new CostTerm(
            "six-four-goal",
            "a phrase that ends on a six-four",
            "phrases",
            30,
            (voicing, place) -> place.around().phraseEnd()
                            && BassTerms.isSixFour(voicing)
                            && !voicing.chord().hasSlash()
                    ? 1
                    : 0);

    private static final int LOWEST_LINE = Pitch.parse("G2").staffStep();
    private static final int HIGHEST_LINE = Pitch.parse("A3").staffStep();

    /** Lines that the notes need above or below the bass staff. */
    public static final CostTerm LEDGER_LINES =
            new CostTerm("ledger-lines", "ledger lines to read", "lines", 0, (voicing, place) -> {
                int most = 0;
                for (Grip grip : voicing.grips()) {
                    most = Math.max(most, Math.max(ledgerLines(grip.lowest()), ledgerLines(grip.highest())));
                }
                return most;
            });

    public static final CostTerm ACCIDENTALS = new CostTerm(
            "black-keys",
            "black keys",
            "keys",
            0,
            (voicing, place) -> count(voicing, tone -> tone.pitch().isBlackKey()));

    public static final List<CostTerm> ALL = List.of(
            DOUBLED_AT_REST,
            DOUBLED,
            LEADING_TONE,
            ALTERED,
            CLASH,
            COLLISION,
            ROOT_AT_CLOSES,
            ROOT_BESIDE_SLASHES,
            SIX_FOUR_GOAL,
            LEDGER_LINES,
            ACCIDENTALS);

    /** Those that charge nothing where nothing is known of the tune. */
    public static final Set<CostTerm> OF_THE_TUNE = Set.of(
            DOUBLED_AT_REST,
            DOUBLED,
            LEADING_TONE,
            ALTERED,
            CLASH,
            COLLISION,
            ROOT_AT_CLOSES,
            ROOT_BESIDE_SLASHES,
            SIX_FOUR_GOAL);

    private TuneTerms() {}

    /** How many of its notes are so. Asked for thousands of candidates: without streams. */
    private static int count(Voicing voicing, Predicate<Tone> kind) {
        int count = 0;
        for (Grip grip : voicing.bothHands()) {
            for (Tone tone : grip.tones()) {
                count += kind.test(tone) ? 1 : 0;
            }
        }
        return count;
    }

    private static boolean isInTheTune(Tone tone, Place place) {
        for (Pitch note : place.around().strong()) {
            if (sameName(tone.pitch(), note)) {
                return true;
            }
        }
        return false;
    }

    /** A ninth, eleventh or thirteenth that the chart names is meant to rub. */
    public static boolean isNamedTension(Chord chord, Pitch tune, Tone tone) {
        return Member.of(chord, tune.pitchClass()).isColour()
                || Member.of(chord, tone.pitch().pitchClass()).isColour();
    }

    /** Half a step, or that and octaves. */
    public static boolean isClash(int apart) {
        return apart == -1 || apart > 0 && apart % OCTAVE == 1;
    }

    private static boolean sameName(Pitch one, Pitch other) {
        return Math.floorMod(one.midi() - other.midi(), OCTAVE) == 0;
    }

    private static boolean isAltered(Voicing voicing, Tone tone) {
        int above = Math.floorMod(
                tone.pitch().pitchClass().semitone() - voicing.chord().root().semitone(), OCTAVE);
        return switch (tone.member()) {
            case FIFTH -> above != 7;
            case NINTH -> above != 2;
            case ELEVENTH -> above != 5;
            case THIRTEENTH -> above != 9;
            default -> false;
        };
    }

    /** Ledger lines of the bass staff: middle C has one. */
    public static int ledgerLines(Pitch pitch) {
        int above = (pitch.staffStep() - HIGHEST_LINE) / 2;
        int below = (LOWEST_LINE - pitch.staffStep()) / 2;
        return Math.max(0, Math.max(above, below));
    }
}
