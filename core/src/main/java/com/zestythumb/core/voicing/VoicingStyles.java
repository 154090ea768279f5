package com.zestythumb.core.voicing;

import java.util.List;

/** The catalogue of styles, the usual one first. A style that lays a few members of a chord is a new row. */
public final class VoicingStyles {

    public static final VoicingStyle CLOSE = new CloseStyle();

    /** The bass line alone. */
    public static final VoicingStyle BASS =
            new MemberStyle("bass", "Bass alone", "the lowest note of each chord", 1, "bass");

    /** Root and fifth, for either kind of chord. */
    public static final VoicingStyle OPEN_FIFTHS = new MemberStyle(
            "open-fifths",
            "Open fifths",
            "root and fifth, the same shape on every root",
            1,
            "bass fifth",
            "bass root",
            "bass");

    /** Root with third or seventh: which of them is the nearer (common practice). */
    public static final VoicingStyle SHELLS = new MemberStyle(
            "shells",
            "Two-note shells",
            "root with third or seventh, whichever is nearer",
            2,
            "bass third, bass seventh",
            "bass");

    /** Third and seventh, over a bass that somebody else plays or the ear adds (common practice). */
    public static final VoicingStyle GUIDE_TONES = new MemberStyle(
            "guide-tones",
            "Guide tones",
            "third and seventh; the bass is left to somebody else",
            3,
            "third seventh, seventh third",
            "third fifth, fifth third, third root, root third",
            "root fifth, fifth root",
            "root");

    /** The bass in octaves, which is the little finger and the thumb. */
    public static final VoicingStyle OCTAVES = new MemberStyle(
            "octaves", "Bass in octaves", "little finger and thumb on the bass", 3, "bass bass", "bass");

    public static final VoicingStyle ROOT_FIFTH_OCTAVE = new MemberStyle(
            "root-fifth-octave",
            "Root, fifth, octave",
            "wide and plain",
            3,
            "bass fifth bass",
            "bass fifth",
            "bass root",
            "bass");

    /** The wide triad, for large hands. */
    public static final VoicingStyle ROOT_FIFTH_TENTH = new MemberStyle(
            "root-fifth-tenth",
            "Root, fifth, tenth",
            "the wide triad, for large hands",
            5,
            "bass fifth third",
            "bass fifth bass",
            "bass fifth",
            "bass");

    public static final VoicingStyle BASS_THEN_CHORD = new BassThenChordStyle();

    private static final List<VoicingStyle> ALL = List.of(
            CLOSE,
            BASS,
            OPEN_FIFTHS,
            SHELLS,
            GUIDE_TONES,
            OCTAVES,
            ROOT_FIFTH_OCTAVE,
            ROOT_FIFTH_TENTH,
            BASS_THEN_CHORD);

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
                .orElseThrow(() -> new IllegalArgumentException("there is no style \"" + id + "\"; choose one of "
                        + ALL.stream().map(VoicingStyle::id).toList()));
    }
}
