package com.zestythumb.core.pattern;

import com.zestythumb.core.voicing.VoicingStyles;
import java.util.List;
import java.util.Map;

/** The catalogue of patterns, simplest first (patterns: common practice). A new one is a new row. */
public final class AccompanimentPatterns {

    private static final int HAND = 5;
    private static final int THREE = 3;

    /** All notes at once, held. */
    public static final AccompanimentPattern BLOCK = AccompanimentPattern.of("BLOCK", "Block", 1, HAND, "1/4 all*");

    /** From the lowest note up, and again. */
    public static final AccompanimentPattern BROKEN_UP =
            AccompanimentPattern.of("BROKEN_UP", "Broken up", 2, HAND, "compound: by beat count (next) | 1/8 (next)");

    /** Up and back: the lowest note once in a group, then to and fro above it. */
    public static final AccompanimentPattern UP_AND_BACK =
            AccompanimentPattern.of("UP_AND_BACK", "Up and back", 2, HAND, "compound: count (wave) | 1/8 (wave)");

    /**
     * Lowest, highest, middle, highest; with four notes the two middle ones take turns. Where the beat has three parts,
     * three of them to each beat.
     */
    public static final AccompanimentPattern ALBERTI = AccompanimentPattern.of(
            "ALBERTI", "Alberti", 3, THREE, "compound: by beat count bass (top inner) | 1/8 bass (top inner)");

    /** The chord again on every beat. */
    public static final AccompanimentPattern ON_EACH_BEAT = AccompanimentPattern.of(
            "ON_EACH_BEAT", "Chord on each beat", 1, HAND, "compound: by beat count all*3 | by beat count all");

    /** The lowest note, then the others on the other beats: a waltz in three, a march in two and four. */
    public static final AccompanimentPattern BASS_AND_CHORDS = AccompanimentPattern.of(
            "BASS_AND_CHORDS",
            "Bass, then chords",
            2,
            HAND,
            "compound: by beat count bass (upper) | count bass (upper)");

    /** From the highest note down, and again. */
    public static final AccompanimentPattern BROKEN_DOWN = AccompanimentPattern.of(
            "BROKEN_DOWN", "Broken down", 2, HAND, "compound: by beat count (down) | 1/8 (down)");

    /** Repeated chords, two or three to a beat. */
    public static final AccompanimentPattern REPEATED =
            AccompanimentPattern.of("REPEATED", "Repeated chords", 3, HAND, "compound: count (all) | 1/8 (all)");

    /** The same, the hands taking turns: what one hand would tire of, two do with ease. */
    public static final AccompanimentPattern SHARED = AccompanimentPattern.of(
            "SHARED", "Repeated chords, hands in turn", 3, HAND, "compound: count (all all> all) | 1/8 (all all>)");

    /** Chords on the beats while the bass sounds on, in a voice of its own; in three the first beat is the bass's alone. */
    public static final AccompanimentPattern HELD_BASS = AccompanimentPattern.of(
            "HELD_BASS",
            "Chords over a held bass",
            3,
            HAND,
            "compound: by beat count upper*3 / bass* | 3/4: count rest (upper) / bass* | count (upper) / bass*");

    /** The thumb holds, the fingers below it walk. */
    public static final AccompanimentPattern WALKING = AccompanimentPattern.of(
            "WALKING",
            "Walking under a held thumb",
            3,
            HAND,
            "compound: by bar count top* / (walk*3) | by bar count top* / (walk)");

    /** Bass on the beat, chord behind it. */
    public static final AccompanimentPattern OFF_BEATS = AccompanimentPattern.of(
            "OFF_BEATS",
            "Bass on, chord off the beat",
            4,
            HAND,
            "compound: by beat count bass*2 upper | by beat 1/8 (bass upper.)");

    /** The beat is left to somebody else. */
    public static final AccompanimentPattern ONLY_OFF = AccompanimentPattern.of(
            "ONLY_OFF", "Chords off the beat", 4, HAND, "compound: by beat count rest*2 all. | 1/8 (rest all.)");

    /** Short chords on the beats. */
    public static final AccompanimentPattern DETACHED = AccompanimentPattern.of(
            "DETACHED", "Detached chords", 2, HAND, "compound: by beat count all*2. rest | count (all.)");

    /** One, and the eighth before three: a swinging accompaniment. */
    public static final AccompanimentPattern ANTICIPATED = AccompanimentPattern.of(
            "ANTICIPATED",
            "On one and behind two",
            4,
            HAND,
            "4/4: by bar 1/8 all*3 all*5 | 3/4: 1/8 all*3 all*3 | 2/4: 1/16 all*3 all*5 | compound: by beat count all*2 all | count (all)");

    /** Eight eighths in threes and a two, as in much Latin music. */
    public static final AccompanimentPattern THREE_THREE_TWO = AccompanimentPattern.of(
            "THREE_THREE_TWO",
            "Three, three, two",
            4,
            HAND,
            "4/4: by bar 1/8 all*3 all*3 all*2 | 2/4: 1/16 all*3 all*3 all*2 | 7/8: 1/8 all*2 all*2 all*3"
                    + " | compound: by beat count all*2 all | count (all)");

    /** Root, octave and fifth, moving bodily with the root. */
    public static final AccompanimentPattern RIFF = AccompanimentPattern.of(
            "RIFF", "Riff", 3, THREE, "compound: by beat count bass top inner | 1/8 bass (top inner)");

    /** Up and down through all notes. */
    public static final AccompanimentPattern WAVE =
            AccompanimentPattern.of("WAVE", "Up and down", 3, HAND, "compound: count (wave) | by bar 1/8 (wave)");

    /** The same twice as fast. */
    public static final AccompanimentPattern FLOWING = AccompanimentPattern.of(
            "FLOWING",
            "Flowing sixteenths",
            5,
            HAND,
            "compound: by beat 1/16 (wave) | 4/4,2/2,2/4: by half 1/16 (wave) | by beat 1/16 (wave)");

    /** Three to a beat. */
    public static final AccompanimentPattern TRIPLETS = AccompanimentPattern.of(
            "TRIPLETS",
            "Rolling triplets",
            4,
            HAND,
            "compound: by beat count (wave) | 4/4: by half 1/8t (wave) | 2/4,3/4,5/4: by beat 1/8t (wave) | count (wave)");

    /** A bass in quarters: chord tones, the last a step from the next root; the text tells when, the line is found. */
    public static final AccompanimentPattern WALKING_BASS = AccompanimentPattern.of(
                    "WALKING_BASS", "Walking bass", 4, 1, "compound: by beat count bass*3 | 1/4 (bass)")
            .laying(VoicingStyles.BASS);

    /** Root with fifth, sixth, seventh and sixth again. */
    public static final AccompanimentPattern BOOGIE = AccompanimentPattern.of(
                    "BOOGIE",
                    "Boogie",
                    4,
                    HAND,
                    "4/4: by bar 1/8 1+2 1+2 1+3 1+3 1+4 1+4 1+3 1+3 | compound: by beat count 1+2*2 1+3"
                            + " | 1/8 (1+2 1+2 1+3 1+3)")
            .laying(VoicingStyles.BOOGIE);

    /** Root with fifth, root with sixth, by turns. */
    public static final AccompanimentPattern SHUFFLE = AccompanimentPattern.of(
                    "SHUFFLE", "Shuffle", 3, HAND, "compound: by beat count 1+2*2 1+3 | 1/8 (1+2 1+2 1+3 1+3)")
            .laying(VoicingStyles.BOOGIE);

    /** Root, fifth, octave, tenth and back: 5-2-1, and 2 over the thumb. */
    public static final AccompanimentPattern OPEN_ARPEGGIO = AccompanimentPattern.of(
                    "OPEN_ARPEGGIO",
                    "Open arpeggio",
                    4,
                    HAND,
                    "compound: count 1 2 3 4 3 2 | 3/4: by bar 1/8 1 2 3 4 3 2 | 4/4: by bar 1/8 1 2 3 4 3 2 3 2"
                            + " | 1/8 (1 2 3 4)")
            .laying(VoicingStyles.OPEN_ARPEGGIO);

    /** Root and fifth in dotted quarters, chords behind two and pushed over the bar line. */
    public static final AccompanimentPattern BOSSA = AccompanimentPattern.of(
                    "BOSSA",
                    "Bossa",
                    5,
                    HAND,
                    "4/4: by half 1/8 bass*3 upper | 2/4: by bar 1/16 bass*3 upper bass*3 upper"
                            + " | compound: by beat count bass*2 upper | count bass (upper)")
            .laying(VoicingStyles.BASS_THEN_CHORD);

    /** Root, octave and minor seventh, moving bodily with the root. */
    public static final AccompanimentPattern OCTAVE_RIFF = AccompanimentPattern.of(
                    "OCTAVE_RIFF",
                    "Riff of root, octave and seventh",
                    3,
                    THREE,
                    "compound: by beat count 1 3 2 | 1/8 1 (3 2)")
            .laying(VoicingStyles.OCTAVE_SEVENTH);

    /** The right hand repeats the chord on each beat over the left hand's octave. */
    public static final AccompanimentPattern OCTAVE_UNDER = AccompanimentPattern.of(
                    "OCTAVE_UNDER",
                    "Octave under chords on each beat",
                    3,
                    HAND,
                    "compound: by beat count upper*3> / low* | count (upper>) / low*")
            .laying(VoicingStyles.OCTAVE_UNDER_CHORDS);

    private static final List<AccompanimentPattern> ALL = List.of(
            BLOCK,
            ON_EACH_BEAT,
            DETACHED,
            BROKEN_UP,
            BROKEN_DOWN,
            UP_AND_BACK,
            BASS_AND_CHORDS,
            ALBERTI,
            HELD_BASS,
            WALKING,
            OFF_BEATS,
            ONLY_OFF,
            RIFF,
            WAVE,
            REPEATED,
            SHARED,
            ANTICIPATED,
            THREE_THREE_TWO,
            TRIPLETS,
            OPEN_ARPEGGIO,
            SHUFFLE,
            BOOGIE,
            OCTAVE_RIFF,
            WALKING_BASS,
            BOSSA,
            OCTAVE_UNDER,
            FLOWING);

    /** What a pattern turns into for a bar where it has come three times: one thing is changed, not all (common practice). */
    private static final Map<AccompanimentPattern, AccompanimentPattern> VARIATIONS = Map.of(
            BLOCK, ON_EACH_BEAT,
            BROKEN_UP, UP_AND_BACK,
            BROKEN_DOWN, UP_AND_BACK,
            WAVE, BROKEN_UP,
            ALBERTI, UP_AND_BACK,
            RIFF, BROKEN_UP,
            UP_AND_BACK, ALBERTI,
            DETACHED, ON_EACH_BEAT);

    private AccompanimentPatterns() {}

    public static List<AccompanimentPattern> all() {
        return ALL;
    }

    /** The variation of a pattern. */
    public static AccompanimentPattern variation(AccompanimentPattern pattern) {
        return VARIATIONS.getOrDefault(pattern, BROKEN_UP);
    }

    /**
     * The pattern with this id.
     *
     * @throws IllegalArgumentException if there is none
     */
    public static AccompanimentPattern named(String id) {
        return ALL.stream()
                .filter(pattern -> pattern.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("there is no pattern \"" + id + "\"; choose one of "
                        + ALL.stream().map(AccompanimentPattern::id).toList()));
    }
}
