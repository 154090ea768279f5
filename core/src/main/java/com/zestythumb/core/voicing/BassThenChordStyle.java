package com.zestythumb.core.voicing;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.pitch.Interval;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.pitch.PitchClass;
import java.util.ArrayList;
import java.util.List;

/**
 * A bass note or an octave low down and the chord higher up, to which the hand leaps, as in waltz, march and stride (common
 * practice). The bass is the chord's own; above it lie three notes in any inversion, without the root where there are
 * enough others, for it sounds already. A second bass, the fifth, may take turns with the first.
 */
final class BassThenChordStyle extends NamedStyle {

    private static final int FOURTH = 5;
    private static final int OCTAVE = 12;
    private static final int LOWEST_SECOND = Pitch.parse("E2").midi();
    private static final int LOWEST_ABOVE = Pitch.parse("C3").midi();
    private static final int HIGHEST_ABOVE = Pitch.parse("F4").midi();
    private static final String SECOND_BASS = "second-bass";
    private static final String FIFTH = "FIFTH";

    private static final VoicingStyle UPPER = new ChordToneStyle(
            new Label("upper", "Upper notes", "what lies above a bass", 1),
            "third fifth seventh, fifth seventh third, seventh third fifth",
            "root third fifth, third fifth root, fifth root third",
            "root fifth, fifth root",
            "root");

    /** Without the root, which the bass has in octaves already. */
    private static final VoicingStyle THIN_UPPER = new ChordToneStyle(
            new Label("thin-upper", "Two upper notes", "what lies above a bass in octaves", 1),
            "third seventh, seventh third",
            "third fifth, fifth third",
            "fifth",
            "root");

    private static final int FULL = 3;

    /** Where a full chord would lie on the tune a thinner one is better, else it is missed. */
    private static final CostTerm THIN = new CostTerm(
            "thin-chord",
            "a chord of two notes above the bass",
            "chords",
            12,
            (voicing, place) ->
                    voicing.grips().size() < 2 || voicing.grips().get(1).tones().size() >= FULL ? 0 : 1);

    private static final CostTerm LEAP_WITHIN = new CostTerm(
            "leap-within",
            "beyond an octave from the bass to the chord",
            "half steps",
            2,
            (voicing, place) -> voicing.grips().size() < 2
                    ? 0
                    : Math.max(
                            0,
                            voicing.grips().get(1).lowest().midi()
                                    - voicing.first().highest().midi()
                                    - OCTAVE));

    /** The hand makes the same journey on every bass note: basses follow one another as a line. */
    private static final TransitionTerm BASS_LINE = new TransitionTerm(
            "bass-line",
            "half steps of the bass from one to the next",
            "half steps",
            3,
            (from, to, hand) -> from.isSilent() || to.isSilent()
                    ? 0
                    : Math.abs(
                            from.first().lowest().midi() - to.first().lowest().midi()));

    /** C3 to F4, where a chord above a bass is at home. */
    private static final CostTerm UPPER_HOME = new CostTerm(
            "chord-home",
            "a chord above its bass below C3 or above F4",
            "half steps",
            3,
            (voicing, place) -> voicing.grips().size() < 2
                    ? 0
                    : Math.max(
                            0,
                            Math.max(
                                    LOWEST_ABOVE
                                            - voicing.grips().get(1).lowest().midi(),
                                    voicing.grips().get(1).highest().midi() - HIGHEST_ABOVE)));

    /** And so do the chords above them. */
    private static final TransitionTerm CHORD_LINE = new TransitionTerm(
            "chord-line",
            "half steps of the chords above the bass from one to the next",
            "half steps",
            1,
            (from, to, hand) -> from.isSilent() || to.isSilent()
                    ? 0
                    : Distance.between(from.last().midiKeys(), to.last().midiKeys()));

    private static final List<CostTerm> TERMS = List.of(LEAP_WITHIN, BassTerms.HOME, UPPER_HOME);

    private static final List<CostTerm> WITH_OCTAVE = List.of(LEAP_WITHIN, BassTerms.OCTAVE_HOME, UPPER_HOME, THIN);

    private final boolean octave;

    /** A style with a bass note, or with its octave. */
    BassThenChordStyle(Label label, boolean octave) {
        super(label, octave ? WITH_OCTAVE : TERMS);
        this.octave = octave;
    }

    @Override
    public List<Setting> settings() {
        return octave
                ? List.of()
                : List.of(new Setting(
                        SECOND_BASS,
                        "Second bass",
                        List.of(new Value(FIFTH, "The fifth, by turns"), new Value("NONE", "None"))));
    }

    @Override
    public List<TransitionTerm> ways() {
        return List.of(BASS_LINE, CHORD_LINE);
    }

    @Override
    public boolean keepsPlace() {
        return true;
    }

    @Override
    public List<Voicing> candidates(Chord chord, Wishes wishes) {
        Hand hand = wishes.hand();
        Chord above = new Chord(chord.root(), chord.quality(), chord.root(), chord.upper());
        Wishes upper = new Wishes(hand, wishes.mostNotes(), wishes.settings());
        List<Voicing> shapes = new ArrayList<>(UPPER.candidates(above, upper));
        if (octave) {
            shapes.addAll(THIN_UPPER.candidates(above, upper));
        }
        boolean fifth = !octave && FIFTH.equals(wishes.settings().getOrDefault(SECOND_BASS, FIFTH));
        Pitch lowest = Pitch.atOrAbove(chord.bass(), hand.lowest().midi());
        List<Voicing> found = over(chord, lowest, shapes, octave ? OCTAVE + 1 : FOURTH, hand, fifth);
        if (found.isEmpty() && octave) {
            found = over(chord, lowest, shapes, FOURTH, hand, false);
        }
        // Where the range ends soon above the bass the chord lies close to it, and with it where there is no room.
        if (found.isEmpty()) {
            found = over(chord, lowest, shapes, 1, hand, fifth);
        }
        return found.isEmpty() ? StyleChoice.close(Inversions.NEAREST).candidates(chord, hand, 3) : found;
    }

    /** The shapes over the bass in its lowest octave and the next, so many half steps away or more. */
    private List<Voicing> over(
            Chord chord, Pitch lowest, List<Voicing> shapes, int away, Hand hand, boolean withFifth) {
        List<Voicing> found = new ArrayList<>();
        for (int up = 0; up < 2; up++) {
            Pitch bass = new Pitch(lowest.pitchClass(), lowest.octave() + up);
            Grip below = below(chord, bass, hand);
            Grip fifth = withFifth ? fifth(chord, bass, hand) : null;
            shapes.stream()
                    .filter(shape -> shape.first().lowest().midi() >= bass.midi() + away)
                    .filter(shape ->
                            shape.first().highest().midi() > below.highest().midi()
                                    || below.tones().size() == 1)
                    .map(shape -> Grip.of(chord, shape.pitches()))
                    .map(upper -> fifth == null ? List.of(below, upper) : List.of(below, upper, fifth, upper))
                    .map(grips -> new Voicing(chord, chord.bass(), grips))
                    .forEach(found::add);
        }
        return found;
    }

    /** The bass, or its octave where the hand spans that. */
    private Grip below(Chord chord, Pitch bass, Hand hand) {
        Grip both = Grip.of(chord, List.of(bass, new Pitch(bass.pitchClass(), bass.octave() + 1)));
        return octave && hand.beyond(both) == 0 ? both : Grip.of(chord, List.of(bass));
    }

    /** The fifth a fourth below the bass, or above it where that is low; none under a written bass, or where there is none. */
    private static Grip fifth(Chord chord, Pitch bass, Hand hand) {
        Interval interval = chord.quality().numbered(5);
        if (interval == null || chord.hasSlash()) {
            return null;
        }
        PitchClass fifth = chord.root().plus(interval);
        if (fifth.soundsLike(bass.pitchClass())) {
            return null;
        }
        Pitch above = Pitch.atOrAbove(fifth, bass.midi());
        Pitch below = new Pitch(fifth, above.octave() - 1);
        int floor = Math.max(hand.lowest().midi(), LOWEST_SECOND);
        return Grip.of(chord, List.of(below.midi() >= floor ? below : above));
    }

    @Override
    public boolean reaches(Chord chord, Wishes wishes) {
        Pitch bass = Pitch.atOrAbove(chord.bass(), wishes.hand().lowest().midi());
        return !octave || below(chord, bass, wishes.hand()).tones().size() == 2;
    }
}
