package com.zestythumb.core.voicing;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.pitch.PitchClass;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;

/**
 * A bass in the left hand and notes above it that the right hand takes where the left does not reach them: the whole chord
 * over its bass where nobody else has the tune, or in three layers the filler between bass and tune, shared between the
 * hands (common practice: wide at the bottom, close at the top; no hand spans more than it can).
 */
final class TwoHandsStyle extends NamedStyle {

    /** E3 to E5: where a chord lies well under the right hand. */
    private static final Pitch LOWEST_ABOVE = Pitch.parse("E3");

    private static final Pitch HIGHEST_ABOVE = Pitch.parse("E5");

    private static final int OCTAVE = 12;
    private static final int TRIAD = 3;

    /** The hand that has the tune can take a filler as far below it as it spans. */
    private static final CostTerm FAR_FROM_THE_TUNE = new CostTerm(
            "far-from-tune",
            "filler that the right hand does not reach beside the tune",
            "half steps",
            20,
            (voicing, place) -> {
                int beyond = 0;
                for (Grip grip : voicing.right()) {
                    for (Pitch note : place.around().tune()) {
                        beyond = Math.max(
                                beyond,
                                note.midi()
                                        - grip.lowest().midi()
                                        - place.hand().span());
                    }
                }
                return beyond;
            });

    /** One key cannot be struck by two fingers, and a filler above the tune would be heard as the tune. */
    private static final CostTerm ABOVE_THE_TUNE = new CostTerm(
            "above-tune",
            "filler on the tune's key or above it",
            "half steps",
            30,
            (voicing, place) -> place.around().reachedBy(voicing));

    private static final int FILLERS = 2;

    /** A filler that is left out is missed, and more so where it tells the chord and the tune does not have it. */
    private static final CostTerm THIN = new CostTerm("thin", "filler left out", "notes", 5, (voicing, place) -> {
        int missing = Math.max(0, FILLERS + 1 - voicing.tones().size());
        for (ChordTone member : List.of(ChordTone.THIRD, ChordTone.SEVENTH)) {
            PitchClass tone = tone(voicing.chord(), member);
            boolean inTheTune = tone != null
                    && place.around().tune().stream()
                            .anyMatch(note -> note.pitchClass().soundsLike(tone));
            missing += tone == null || voicing.has(member) || inTheTune ? 0 : 2;
        }
        return missing;
    });

    private static PitchClass tone(Chord chord, ChordTone member) {
        return chord.tones().stream()
                .filter(note -> ChordTone.of(chord, note) == member)
                .findFirst()
                .orElse(null);
    }

    private static final List<CostTerm> TERMS =
            List.of(CostTerms.REGISTER, CostTerms.MISSING_COLOUR, FAR_FROM_THE_TUNE, ABOVE_THE_TUNE, THIN);

    /** What somebody else sings does not lie under the right hand. */
    private static final List<CostTerm> WITHOUT_TUNE = List.of(BassTerms.HOME, CostTerms.MISSING_COLOUR);

    private static final List<CostTerm> IN_OCTAVES = List.of(CostTerms.MISSING_COLOUR);

    private static final VoicingStyle CHORD = new CloseStyle();

    private static final VoicingStyle FILLER = new ChordToneStyle(
            new Label("filler", "Filler", "what tells the chord", 1),
            "third seventh, seventh third, third fifth, fifth third, third root, root third, "
                    + "third, seventh, fifth, root",
            "root fifth, fifth root",
            "root");

    /** What the hands have. */
    enum Share {
        /** The left its bass, the right the whole chord; somebody else has the tune. */
        CHORD,
        /** The same with the bass in octaves. */
        OCTAVE,
        /** The right hand has the tune; the left takes of the filler what it reaches beside its bass. */
        FILLER
    }

    private final Share share;
    private final boolean shared;

    TwoHandsStyle(Label label, Share share) {
        super(label, share == Share.FILLER ? TERMS : share == Share.CHORD ? WITHOUT_TUNE : IN_OCTAVES);
        this.share = share;
        this.shared = share == Share.FILLER;
    }

    @Override
    public boolean leavesTune() {
        return !shared;
    }

    @Override
    public List<Voicing> candidates(Chord chord, Wishes wishes) {
        Hand right = new Hand(
                wishes.hand().reach(),
                LOWEST_ABOVE,
                HIGHEST_ABOVE,
                wishes.hand().rolls(),
                wishes.hand().reading());
        // The right hand's chord goes by its root, whatever the left has below.
        Chord plain = new Chord(chord.root(), chord.quality(), chord.root(), chord.upper());
        Wishes there = new Wishes(right, wishes.mostNotes(), wishes.settings());
        List<Grip> above = shared
                ? FILLER.candidates(chord, there).stream().map(Voicing::first).toList()
                : open(chord, CHORD.candidates(plain, there));
        List<Voicing> found = new ArrayList<>();
        for (Pitch bass : basses(chord, wishes.hand())) {
            for (Grip one : above) {
                int room = share == Share.OCTAVE && wishes.hand().span() >= OCTAVE ? OCTAVE : 0;
                if (one.lowest().midi() > bass.midi() + room) {
                    found.add(voiced(chord, bass, one, wishes.hand()));
                }
            }
        }
        List<Voicing> within = found.stream()
                .filter(voicing -> voicing.bothHands().stream()
                        .allMatch(grip -> wishes.hand().beyond(grip) == 0))
                .toList();
        return within.isEmpty() ? found : within;
    }

    /** Without half steps side by side where there is another way: a root that the left hand has is left out beside its seventh or ninth. */
    private static List<Grip> open(Chord chord, List<Voicing> all) {
        List<Grip> grips = new ArrayList<>();
        for (Voicing one : all) {
            List<Tone> rootless = one.first().tones().stream()
                    .filter(tone -> tone.member() != ChordTone.ROOT)
                    .toList();
            boolean spare = !chord.hasSlash() && isTight(one.first()) && rootless.size() >= TRIAD;
            grips.add(spare ? new Grip(rootless) : one.first());
        }
        List<Grip> clear =
                grips.stream().filter(grip -> !isTight(grip)).distinct().toList();
        return clear.isEmpty() ? grips : clear;
    }

    private static boolean isTight(Grip grip) {
        List<Tone> tones = grip.tones();
        return IntStream.range(1, tones.size())
                .anyMatch(i ->
                        tones.get(i).pitch().midi() - tones.get(i - 1).pitch().midi() == 1);
    }

    /** In the lower octave of the hand's range, where a bass is at home. */
    private static List<Pitch> basses(Chord chord, Hand hand) {
        List<Pitch> basses = new ArrayList<>();
        Pitch bass = Pitch.atOrAbove(chord.bass(), hand.lowest().midi());
        basses.add(bass);
        if (bass.midi() + OCTAVE < LOWEST_ABOVE.midi()) {
            basses.add(new Pitch(bass.pitchClass(), bass.octave() + 1));
        }
        return basses;
    }

    private Voicing voiced(Chord chord, Pitch bass, Grip above, Hand hand) {
        List<Tone> left = new ArrayList<>();
        left.add(new Tone(bass, ChordTone.of(chord, bass.pitchClass())));
        Pitch octave = new Pitch(bass.pitchClass(), bass.octave() + 1);
        if (share == Share.OCTAVE && hand.beyond(Grip.of(chord, List.of(bass, octave))) == 0) {
            left.add(new Tone(octave, left.get(0).member()));
        }
        List<Tone> right = new ArrayList<>();
        for (Tone tone : above.tones()) {
            boolean reached = shared && tone.pitch().midi() - bass.midi() <= hand.span();
            (reached && right.isEmpty() ? left : right).add(tone);
        }
        left.sort(Comparator.comparingInt(tone -> tone.pitch().midi()));
        return new Voicing(
                chord, chord.bass(), List.of(new Grip(left)), right.isEmpty() ? List.of() : List.of(new Grip(right)));
    }
}
