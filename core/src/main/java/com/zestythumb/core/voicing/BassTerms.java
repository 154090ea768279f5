package com.zestythumb.core.voicing;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.pitch.Pitch;

/** What is minded of a bass and of the line that it makes (common practice; the weights are ours). */
public final class BassTerms {

    private static final int LOWEST = Pitch.parse("E2").midi();
    private static final int HIGHEST = Pitch.parse("D3").midi();
    private static final int HIGHEST_APART = Pitch.parse("G3").midi();
    private static final int HIGHEST_OF_OCTAVES = Pitch.parse("B2").midi();
    private static final int LOWEST_TRIAD = Pitch.parse("C3").midi();
    private static final int HIGHEST_TRIAD = Pitch.parse("B3").midi();
    private static final int LOWEST_TENOR = Pitch.parse("E3").midi();
    private static final int HIGHEST_TENOR = Pitch.parse("G4").midi();
    private static final int OCTAVE = 12;
    private static final int FOURTH = 5;
    private static final int STEP = 2;
    private static final int TRITONE = 6;

    /** E2 to D3, where a bass by itself is at home. */
    static final CostTerm HOME = new CostTerm(
            "bass-home",
            "a bass by itself below E2 or above D3",
            "half steps",
            3,
            (voicing, place) ->
                    voicing.isSilent() ? 0 : beyond(voicing.first().lowest().midi(), LOWEST, HIGHEST));

    /** Up to G3, where a bass that is struck before its chord is still heard as one. */
    static final CostTerm APART = new CostTerm(
            "bass-apart",
            "a bass before its chord above G3",
            "half steps",
            3,
            (voicing, place) -> voicing.isSilent() || place.strokes() != AttackMode.BASS_APART
                    ? 0
                    : beyond(voicing.first().lowest().midi(), 0, HIGHEST_APART));

    /** C2 to B2, where the lower note of an octave is at home. */
    static final CostTerm OCTAVE_HOME = new CostTerm(
            "octave-home",
            "an octave that begins above B2",
            "half steps",
            2,
            (voicing, place) ->
                    voicing.isSilent() ? 0 : beyond(voicing.first().lowest().midi(), 0, HIGHEST_OF_OCTAVES));

    /** C3 to B3, where the root of a triad is at home. */
    static final CostTerm TRIAD_HOME = new CostTerm(
            "triad-home",
            "a triad that begins below C3 or above B3",
            "half steps",
            3,
            (voicing, place) ->
                    voicing.isSilent() ? 0 : beyond(voicing.first().lowest().midi(), LOWEST_TRIAD, HIGHEST_TRIAD));

    /** E3 to G4, where a tenor is at home. */
    static final CostTerm TENOR = new CostTerm(
            "tenor-home",
            "a tenor below E3 or above G4",
            "half steps",
            2,
            (voicing, place) ->
                    voicing.isSilent() ? 0 : beyond(voicing.first().highest().midi(), LOWEST_TENOR, HIGHEST_TENOR));

    /** Two voices in octaves tell little, unless the tune has the rest. */
    static final CostTerm BARE = new CostTerm(
            "bare-octave",
            "a bass in octaves where two notes could tell more",
            "chords",
            16,
            (voicing, place) -> voicing.isSilent() || voicing.first().width() != OCTAVE ? 0 : 1);

    static final TransitionTerm TENOR_LEAPS = new TransitionTerm(
            "tenor-leaps",
            "the tenor moves farther than a fourth",
            "half steps",
            2,
            (from, to, hand) -> from.isSilent() || to.isSilent()
                    ? 0
                    : Math.max(
                            0,
                            Math.abs(from.last().highest().midi()
                                            - to.first().highest().midi())
                                    - FOURTH));

    /** Root and seventh, then root and third: the upper note stays or steps down. */
    static final TransitionTerm SHELLS_BY_TURNS = new TransitionTerm(
            "shells-by-turns",
            "shells that do not take turns where roots fall in fifths",
            "places",
            12,
            (from, to, hand) ->
                    fallsByFifth(from.chord(), to.chord()) && from.has(ChordTone.SEVENTH) == to.has(ChordTone.SEVENTH)
                            ? 1
                            : 0);

    /** A bass that is written goes as a line: C B A G, and not C, B above. */
    public static final TransitionTerm LINE = new TransitionTerm(
            "bass-line-broken",
            "a written bass that leaves its line for another octave",
            "places",
            16,
            (from, to, hand) ->
                    (from.chord().hasSlash() || to.chord().hasSlash()) && Math.abs(way(from, to)) > TRITONE ? 1 : 0,
            voicing -> voicing.chord().hasSlash(),
            voicing -> voicing.chord().hasSlash());

    /** A bass alone is a tune of its own: where the next note lies a step away it is not taken a seventh away. */
    static final TransitionTerm STEPS = new TransitionTerm(
            "bass-step-broken",
            "a step of the bass that is taken as a seventh",
            "places",
            30,
            (from, to, hand) -> Math.abs(way(from, to)) >= OCTAVE - STEP && way(from, to) % OCTAVE != 0 ? 1 : 0);

    /** The seventh in the bass goes down by step. */
    public static final TransitionTerm SEVENTH = new TransitionTerm(
            "bass-seventh",
            "a seventh in the bass that does not step down",
            "places",
            20,
            (from, to, hand) ->
                    hasSeventhLowest(from) && !to.isSilent() && (way(from, to) >= 0 || way(from, to) < -STEP) ? 1 : 0,
            BassTerms::hasSeventhLowest,
            voicing -> false);

    /** A six-four is passing, of the neighbour or cadential: its bass stays or goes by step. */
    public static final TransitionTerm SIX_FOUR = new TransitionTerm(
            "six-four",
            "a six-four chord whose bass leaps",
            "places",
            8,
            (from, to, hand) ->
                    (isSixFour(from) || isSixFour(to)) && !to.isSilent() && Math.abs(way(from, to)) > STEP ? 1 : 0,
            BassTerms::isSixFour,
            BassTerms::isSixFour);

    /** The cadential six-four keeps its bass under the dominant. */
    public static final TransitionTerm CADENTIAL = new TransitionTerm(
            "cadential-six-four",
            "a six-four whose bass does not stay under the dominant",
            "places",
            20,
            (from, to, hand) -> from.chord().hasSlash()
                            && isSixFour(from)
                            && !to.isSilent()
                            && to.chord().root().soundsLike(from.soundingBass())
                            && way(from, to) != 0
                    ? 1
                    : 0,
            voicing -> voicing.chord().hasSlash() && isSixFour(voicing),
            voicing -> false);

    private BassTerms() {}

    private static int beyond(int key, int lowest, int highest) {
        return Math.max(0, Math.max(lowest - key, key - highest));
    }

    private static int way(Voicing from, Voicing to) {
        return from.isSilent() || to.isSilent()
                ? 0
                : to.first().lowest().midi() - from.first().lowest().midi();
    }

    static boolean isSixFour(Voicing voicing) {
        return !voicing.isSilent()
                && voicing.bassMember() == ChordTone.FIFTH
                && !voicing.has(ChordTone.SEVENTH)
                && voicing.first().tones().get(0).member() == ChordTone.FIFTH;
    }

    private static boolean hasSeventhLowest(Voicing voicing) {
        return !voicing.isSilent()
                && voicing.bassMember() == ChordTone.SEVENTH
                && voicing.first().tones().get(0).member() == ChordTone.SEVENTH;
    }

    static boolean fallsByFifth(Chord from, Chord to) {
        return Math.floorMod(to.root().semitone() - from.root().semitone(), OCTAVE) == FOURTH;
    }
}
