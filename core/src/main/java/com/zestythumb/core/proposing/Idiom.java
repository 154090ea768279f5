package com.zestythumb.core.proposing;

import com.zestythumb.core.pattern.AccompanimentPattern;
import com.zestythumb.core.pattern.AccompanimentPatterns;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.sheet.Meter;
import com.zestythumb.core.voicing.VoicingStyle;
import com.zestythumb.core.voicing.VoicingStyles;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.function.Predicate;

/**
 * What kind of tune it is to an accompanist, by meter, tempo, feel and chords, with the left hands that belong to it, the usual
 * ones first (common practice; where one kind ends and the next begins is ours).
 */
enum Idiom {
    BOSSA("bossa BOSSA", "shells THREE_THREE_TWO", "guide-tones BLOCK", "shells BLOCK", "rootless THREE_THREE_TWO"),
    BLUES("bass SHUFFLE", "shells BLOCK", "bass BOOGIE", "bass WALKING_BASS", "guide-tones BLOCK", "rootless BLOCK"),
    JAZZ(
            "shells BLOCK",
            "guide-tones BLOCK",
            "guide-tones DETACHED",
            "shells ANTICIPATED",
            "bass WALKING_BASS",
            "rootless BLOCK",
            "guide-tones ANTICIPATED",
            "rootless ANTICIPATED"),
    POWER(
            "open-fifths BLOCK",
            "open-fifths ON_EACH_BEAT",
            "octaves BLOCK",
            "open-fifths REPEATED",
            "root-fifth-octave BLOCK",
            "octaves ON_EACH_BEAT",
            "octaves REPEATED",
            "root-fifth-octave RIFF"),
    RAG(
            "close BASS_AND_CHORDS",
            "bass-then-chord BASS_AND_CHORDS",
            "bass-then-chord OFF_BEATS",
            "octave-then-chord OFF_BEATS"),
    SIX(
            "close BLOCK",
            "close UP_AND_BACK",
            "close ON_EACH_BEAT",
            "close BASS_AND_CHORDS",
            "open-fifths ON_EACH_BEAT",
            "open OPEN_ARPEGGIO",
            "passed WAVE",
            "close TRIPLETS"),
    LAMENT("bass BLOCK", "close BLOCK", "close HELD_BASS", "octaves BLOCK", "close UP_AND_BACK"),
    WALTZ(
            "bass BLOCK",
            "close BASS_AND_CHORDS",
            "close BLOCK",
            "close HELD_BASS",
            "close UP_AND_BACK",
            "bass-then-chord BASS_AND_CHORDS",
            "octave-then-chord BASS_AND_CHORDS"),
    HYMN("close BLOCK", "hymn BLOCK", "close ON_EACH_BEAT", "held-thumb BLOCK", "layers BLOCK", "spread BLOCK"),
    MARCH(
            "close ON_EACH_BEAT",
            "close BASS_AND_CHORDS",
            "close BLOCK",
            "octaves BLOCK",
            "bass-then-chord BASS_AND_CHORDS",
            "bass-then-chord OFF_BEATS",
            "octave-then-chord BASS_AND_CHORDS"),
    ROCK(
            "open-fifths BLOCK",
            "open-fifths ON_EACH_BEAT",
            "close ON_EACH_BEAT",
            "octaves BLOCK",
            "close REPEATED",
            "root-fifth-octave BROKEN_UP",
            "octaves REPEATED",
            "octave-under-chords OCTAVE_UNDER"),
    BALLAD(
            "bass BLOCK",
            "close BLOCK",
            "close UP_AND_BACK",
            "close BROKEN_UP",
            "root-fifth-octave BROKEN_UP",
            "open OPEN_ARPEGGIO",
            "root-fifth-tenth BROKEN_UP"),
    SONG(
            "bass BLOCK",
            "close BLOCK",
            "close ON_EACH_BEAT",
            "close BROKEN_UP",
            "close ALBERTI",
            "close BASS_AND_CHORDS",
            "close FLOWING",
            "root-fifth-tenth BROKEN_UP");

    /** A voicing with a pattern. */
    record Usual(VoicingStyle style, AccompanimentPattern pattern) {}

    private static final int BRISK = 100;
    private static final int LIVELY = 116;
    private static final int SLOW = 80;
    private static final int HALF_A_TUNE = 4;
    private static final double HALF = 0.5;
    private static final double MOST = 0.6;

    private final List<Usual> usual;

    Idiom(String... usual) {
        this.usual = Arrays.stream(usual).map(Idiom::usual).toList();
    }

    private static Usual usual(String text) {
        String[] words = text.split(" ");
        AccompanimentPattern pattern = AccompanimentPatterns.named(words[1]);
        return new Usual(pattern.lays() == null ? VoicingStyles.named(words[0]) : pattern.lays(), pattern);
    }

    List<Usual> usual() {
        return usual;
    }

    /** The kind of a tune. */
    static Idiom of(LeadSheet sheet, List<ChordEvent> chords) {
        String feel =
                sheet.heading().feel() == null ? "" : sheet.heading().feel().toLowerCase(Locale.ROOT);
        Meter meter = sheet.meter();
        boolean sevenths = share(chords, event -> event.chord().tones().size() > 3) >= MOST;
        if (feel.contains("bossa") || feel.contains("latin")) {
            return BOSSA;
        }
        if (share(chords, Idiom::isDominant) >= MOST && !meter.isCompound()) {
            return BLUES;
        }
        if (sevenths) {
            return JAZZ;
        }
        if (share(chords, event -> event.chord().quality().numbered(3) == null) >= HALF) {
            return POWER;
        }
        if (feel.contains("rag") || feel.contains("stride") || meter.unit() == 4 && isRag(sheet, chords)) {
            return RAG;
        }
        if (meter.isCompound()) {
            return SIX;
        }
        if (isGround(chords)) {
            return LAMENT;
        }
        if (meter.count() == 3) {
            return WALTZ;
        }
        double slashes = share(chords, event -> event.chord().hasSlash());
        if (sheet.tempo() <= SLOW && slashes >= HALF / 3 || slashes >= HALF / 2) {
            return BALLAD;
        }
        if (quarters(chords) <= 2 && sheet.tempo() < BRISK) {
            return HYMN;
        }
        if (feel.contains("march") || feel.contains("polka") || meter.count() == 2 && sheet.tempo() >= BRISK) {
            return MARCH;
        }
        if (feel.contains("rock") || sheet.tempo() >= LIVELY - 8 && isModal(chords)) {
            return ROCK;
        }
        return sheet.tempo() >= LIVELY - 8 && sheet.tempo() > BRISK && meter.count() == 4
                ? MARCH
                : sheet.tempo() < 70 ? BALLAD : SONG;
    }

    private static double share(List<ChordEvent> chords, Predicate<ChordEvent> kind) {
        return (double) chords.stream().filter(kind).count() / chords.size();
    }

    private static boolean isDominant(ChordEvent event) {
        var third = event.chord().quality().numbered(3);
        var seventh = event.chord().quality().numbered(7);
        return third != null && seventh != null && third.semitones() == 4 && seventh.semitones() == 10;
    }

    /** Dominants in a row, in two, at a walking tempo. */
    private static boolean isRag(LeadSheet sheet, List<ChordEvent> chords) {
        long roots = chords.stream()
                .filter(Idiom::isDominant)
                .map(event -> event.chord().root())
                .distinct()
                .count();
        return sheet.meter().count() == 2
                && sheet.tempo() < LIVELY
                && roots > 1
                && share(chords, Idiom::isDominant) >= MOST / 2;
    }

    /** A bass that is written to fall by step, and comes again. */
    private static boolean isGround(List<ChordEvent> chords) {
        if (chords.size() < 8) {
            return false;
        }
        int falls = 0;
        for (int i = 0; i < 3; i++) {
            int step = chords.get(i).chord().bass().semitone()
                    - chords.get(i + 1).chord().bass().semitone();
            int down = Math.floorMod(step, 12);
            falls += down == 1 || down == 2 ? 1 : 0;
        }
        return falls == 3
                && chords.get(0).chord().quality().hasMinorThird()
                && chords.stream().anyMatch(event -> event.chord().hasSlash());
    }

    /** Without a dominant seventh, in a mode or over a falling minor line. */
    private static boolean isModal(List<ChordEvent> chords) {
        return chords.stream().noneMatch(Idiom::isDominant) && chords.size() >= HALF_A_TUNE;
    }

    /** How many quarter notes a chord lasts on the average. */
    private static double quarters(List<ChordEvent> chords) {
        return chords.stream()
                        .map(ChordEvent::duration)
                        .reduce(Fraction.ZERO, Fraction::plus)
                        .toDouble()
                / chords.size();
    }
}
