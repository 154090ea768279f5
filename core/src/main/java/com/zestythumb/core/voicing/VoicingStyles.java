package com.zestythumb.core.voicing;

import com.zestythumb.core.voicing.VoicingStyle.Label;
import java.util.List;

/** The catalogue of styles, the usual one first. A style that lays a few members of a chord is a new row. */
public final class VoicingStyles {

    public static final VoicingStyle CLOSE = new CloseStyle();

    /** The bass line alone. */
    public static final VoicingStyle BASS = new ChordToneStyle(
                    new Label("bass", "Bass alone", "the lowest note of each chord", 1), "bass")
            .inPlaceOfRegister(BassTerms.HOME)
            .charging(BassTerms.STEPS)
            .onRoot();

    /** Root and fifth, for either kind of chord. */
    public static final VoicingStyle OPEN_FIFTHS = new ChordToneStyle(
                    new Label("open-fifths", "Open fifths", "root and fifth, the same shape on every root", 1),
                    "bass rise",
                    "bass root",
                    "bass")
            .onRoot();

    /** Root with third or seventh: which of them is the nearer, by turns where roots fall in fifths (common practice). */
    public static final VoicingStyle SHELLS = new ChordToneStyle(
                    new Label("shells", "Two-note shells", "root with third or seventh, whichever is nearer", 2),
                    "bass third, bass seventh",
                    "bass")
            .charging(BassTerms.SHELLS_BY_TURNS)
            .onRoot();

    /** Third and seventh, over a bass that somebody else plays or the ear adds (common practice). */
    public static final VoicingStyle GUIDE_TONES = new ChordToneStyle(
            new Label("guide-tones", "Guide tones", "third and seventh; the bass is left to somebody else", 3),
            "third seventh, seventh third",
            "third fifth, fifth third, third root, root third",
            "root fifth, fifth root",
            "root");

    /** The bass in octaves, which is the little finger and the thumb. */
    public static final VoicingStyle OCTAVES = new ChordToneStyle(
                    new Label("octaves", "Bass in octaves", "little finger and thumb on the bass", 3),
                    "bass bass",
                    "bass")
            .onRoot();

    public static final VoicingStyle ROOT_FIFTH_OCTAVE = new ChordToneStyle(
                    new Label("root-fifth-octave", "Root, fifth, octave", "wide and plain", 3),
                    "bass plainfifth bass, bass rootabove other",
                    "bass rise",
                    "bass root",
                    "bass")
            .onRoot();

    /** The wide triad, for large hands. */
    public static final VoicingStyle ROOT_FIFTH_TENTH = new ChordToneStyle(
                    new Label("root-fifth-tenth", "Root, fifth, tenth", "the wide triad, for large hands", 5),
                    "bass plainfifth third, bass rootabove other",
                    "bass plainfifth bass",
                    "bass rise",
                    "bass")
            .onRoot();

    /** Every triad in root position, the same shape on every root. */
    public static final VoicingStyle TRIADS = new ChordToneStyle(
                    new Label("triads", "Root position", "the same shape slides from root to root", 1),
                    "bass third fifth",
                    "bass third",
                    "bass")
            .inPlaceOfRegister(BassTerms.TRIAD_HOME)
            .onRoot();

    /** Root and third an octave higher. */
    public static final VoicingStyle TENTHS = new ChordToneStyle(
                    new Label("tenths", "Tenths", "the bass and the third an octave higher; large hands, or rolled", 5),
                    "bass tenth",
                    "bass third",
                    "bass")
            .onRoot();

    /** Triads in open position: every other note an octave higher. */
    public static final VoicingStyle SPREAD = new ChordToneStyle(
                    new Label(
                            "spread", "Spread triads", "open position, wide at the bottom; large hands, or rolled", 5),
                    "bass fifth tenth, third root fifth, fifth third root",
                    "bass fifth bass",
                    "bass fifth",
                    "bass")
            .inPlaceOfRegister(CostTerms.REGISTER, CostTerms.SIX_FOUR);

    /** Third, seventh, ninth and fifth or thirteenth, the third or the seventh lowest; no root (common practice). */
    public static final VoicingStyle ROOTLESS = new ChordToneStyle(
                    new Label(
                            "rootless",
                            "Rootless",
                            "third, seventh and ninth, with fifth or thirteenth; the bass is left to somebody else",
                            5),
                    "third colour seventh ninth, seventh ninth third colour, "
                            + "third lowcolour seventh lowninth, seventh lowninth third lowcolour, "
                            + "third fifth seventh ninth, seventh ninth third fifth, "
                            + "third fifth seventh root, seventh root third fifth",
                    "third seventh ninth, seventh ninth third, third seventh lowninth, seventh lowninth third",
                    "third seventh, seventh third",
                    "third fifth root, fifth root third, root third fifth",
                    "third root, root third",
                    "root fifth, fifth root",
                    "root")
            .between("D3", "C4", "A4")
            .coloured();

    public static final VoicingStyle HELD_THUMB = new HeldThumbStyle();

    public static final VoicingStyle BASS_THEN_CHORD = new BassThenChordStyle(
            new Label("bass-then-chord", "Bass, then chord", "a low bass, then a leap to the chord", 4), false);

    public static final VoicingStyle OCTAVE_THEN_CHORD = new BassThenChordStyle(
            new Label(
                    "octave-then-chord",
                    "Octave, then chord",
                    "the bass in octaves, then the hand floats up to the chord",
                    5),
            true);

    public static final VoicingStyle TWO_OCTAVES = new TwoOctavesStyle(
            new Label("two-octaves", "Over two octaves", "the chord, and again an octave higher; best broken up", 4),
            false);

    /** The left hand begins, the right goes on in the same inversion (common practice). */
    public static final VoicingStyle PASSED = new TwoOctavesStyle(
            new Label(
                    "passed",
                    "Passed between the hands",
                    "the left begins, the right goes on an octave higher in the same inversion; best up and down",
                    3),
            true);

    /** The bass in one hand, its chord in the other: for songs that somebody sings. */
    public static final VoicingStyle CHORD_OVER_BASS = new TwoHandsStyle(
            new Label(
                    "chord-over-bass",
                    "Chord in the right hand",
                    "the left hand has the bass, the right the chord; somebody else has the tune",
                    2),
            TwoHandsStyle.Share.CHORD);

    /** Tune, filler and bass: the hands share what lies between. */
    public static final VoicingStyle LAYERS = new TwoHandsStyle(
            new Label(
                    "layers",
                    "Three layers",
                    "bass below, tune above, and the filler between them in the hand that reaches it",
                    4),
            TwoHandsStyle.Share.FILLER);

    /** Bass and tenor of a hymn in the left hand; soprano and alto are the right's (common practice). */
    public static final VoicingStyle HYMN = new ChordToneStyle(
                    new Label("hymn", "Hymn", "bass and tenor; the right hand has alto and tune", 3),
                    "bass fifth, bass third, bass seventh, bass tenth, bass bass, bass rootabove",
                    "bass third, bass rise",
                    "bass")
            .inPlaceOfRegister(BassTerms.HOME, BassTerms.TENOR, BassTerms.BARE)
            .charging(BassTerms.TENOR_LEAPS);

    /** The left hand in octaves under the chord that the right repeats (common practice). */
    public static final VoicingStyle OCTAVE_UNDER_CHORDS = new TwoHandsStyle(
            new Label(
                    "octave-under-chords",
                    "Octave under right-hand chords",
                    "the left hand has the bass in octaves, the right the chord; somebody else has the tune",
                    3),
            TwoHandsStyle.Share.OCTAVE);

    /** Root, fifth, sixth and minor seventh: what a boogie rocks between; no style by itself. */
    public static final VoicingStyle BOOGIE = new ChordToneStyle(
                    new Label("boogie", "Boogie shapes", "root with fifth, sixth and minor seventh", 3),
                    "bass fifth sixth flatseventh",
                    "bass fifth sixth",
                    "bass rise",
                    "bass")
            .onRoot();

    /** Root, fifth, octave and tenth, one after another. */
    public static final VoicingStyle OPEN_ARPEGGIO = new ChordToneStyle(
                    new Label("open-arpeggio", "Open arpeggio shapes", "root, fifth, octave and tenth", 4),
                    "bass plainfifth bass tenth, bass rootabove other bass",
                    "bass plainfifth bass, bass rootabove other",
                    "bass rise",
                    "bass")
            .inPlaceOfRegister(BassTerms.HOME)
            .onRoot();

    /** Root, minor seventh and octave. */
    public static final VoicingStyle OCTAVE_SEVENTH = new ChordToneStyle(
                    new Label("octave-seventh", "Octave riff shapes", "root, seventh and octave", 3),
                    "bass ownseventh bass",
                    "bass ownseventh",
                    "bass")
            .onRoot();

    /** What patterns bring with them. */
    private static final List<VoicingStyle> OF_PATTERNS = List.of(BOOGIE, OPEN_ARPEGGIO, OCTAVE_SEVENTH);

    private static final List<VoicingStyle> ALL = List.of(
            CLOSE,
            TRIADS,
            BASS,
            OPEN_FIFTHS,
            SHELLS,
            HELD_THUMB,
            GUIDE_TONES,
            OCTAVES,
            ROOT_FIFTH_OCTAVE,
            BASS_THEN_CHORD,
            TWO_OCTAVES,
            OCTAVE_THEN_CHORD,
            ROOT_FIFTH_TENTH,
            TENTHS,
            SPREAD,
            ROOTLESS,
            HYMN,
            CHORD_OVER_BASS,
            OCTAVE_UNDER_CHORDS,
            PASSED,
            LAYERS);

    private VoicingStyles() {}

    public static List<VoicingStyle> all() {
        return ALL;
    }

    /**
     * The style with this id.
     *
     * @throws IllegalArgumentException if there is none
     */
    public static VoicingStyle named(String id) {
        return ALL.stream()
                .filter(style -> style.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("there is no voicing \"" + id + "\"; choose one of "
                        + ALL.stream().map(VoicingStyle::id).toList()));
    }
}
