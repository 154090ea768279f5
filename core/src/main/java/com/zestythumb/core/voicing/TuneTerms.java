package com.zestythumb.core.voicing;

import com.zestythumb.core.pitch.Pitch;
import java.util.List;
import java.util.Set;

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
                        : voicing.count(tone -> tone.member() != ChordTone.ROOT && sameName(tone.pitch(), last));
            });

    public static final CostTerm DOUBLED = new CostTerm(
            "doubled",
            "strong notes of the tune, doubled",
            "notes",
            0,
            (voicing, place) -> voicing.count(tone -> place.around().has(tone)));

    /** Lowered or raised ninths, elevenths and thirteenths, and fifths that are not perfect. */
    public static final CostTerm ALTERED = new CostTerm(
            "altered",
            "an altered note that the tune has already",
            "notes",
            2,
            (voicing, place) -> voicing.count(tone -> place.around().has(tone) && isAltered(voicing, tone)));

    /** Root position at authentic and plagal closes within the tune. */
    public static final CostTerm ROOT_AT_CLOSES = new CostTerm(
            "root-at-closes",
            "a close that does not come to rest in root position",
            "closes",
            30,
            (voicing, place) -> place.around().close()
                            && voicing.bassMember() != ChordTone.ROOT
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
                            && voicing.bassMember() != ChordTone.ROOT
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
            (voicing, place) -> voicing.count(tone -> tone.pitch().isBlackKey()));

    public static final List<CostTerm> ALL = List.of(
            DOUBLED_AT_REST,
            DOUBLED,
            ALTERED,
            ROOT_AT_CLOSES,
            ROOT_BESIDE_SLASHES,
            SIX_FOUR_GOAL,
            LEDGER_LINES,
            ACCIDENTALS);

    /** Those that charge nothing where nothing is known of the tune. */
    public static final Set<CostTerm> OF_THE_TUNE =
            Set.of(DOUBLED_AT_REST, DOUBLED, ALTERED, ROOT_AT_CLOSES, ROOT_BESIDE_SLASHES, SIX_FOUR_GOAL);

    private TuneTerms() {}

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
