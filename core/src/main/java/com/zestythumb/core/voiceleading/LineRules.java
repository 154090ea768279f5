package com.zestythumb.core.voiceleading;

import com.zestythumb.core.voicing.ChordTone;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;

/** Each part as a line, and the tune (any textbook of harmony and of counterpoint). */
public final class LineRules {

    private static final int KEYS = 12;
    private static final int SIXTH = 8;
    private static final int OCTAVE = 12;
    private static final int LEAP = 3;
    private static final int STEP = 2;

    private LineRules() {}

    /** Augmented seconds and fourths, sevenths, and what is wider than an octave; within a chord a voice may leap as it likes. */
    static final Rule<Line> MELODIC = Rule.of("melodic-line", Line.class, (line, limits, found) -> {
        Move in = line.in();
        if (in == null || line.chordHeld() != null) {
            return;
        }
        boolean sameChord = line.chordBefore().root().soundsLike(line.chord().root())
                && in.from().member() != ChordTone.FOREIGN
                && in.to().member() != ChordTone.FOREIGN;
        if (Math.abs(in.halfSteps()) > OCTAVE) {
            found.accept(Fault.of(Kind.WIDE_LEAP, in));
        } else if (!sameChord) {
            StepRules.melodic(in, found);
        }
    });

    /** A part that leaps a sixth or more turns back behind it; a bass may leap an octave. */
    static final Rule<Line> RECOVERY = Rule.of("recovery", Line.class, (line, limits, found) -> {
        Move in = line.in();
        Move out = line.out();
        if (in == null || out == null || line.chordHeld() != null || !line.sung()) {
            return;
        }
        boolean octave = line.voice() == Voice.BASS && Math.abs(in.halfSteps()) == OCTAVE;
        if (Math.abs(in.halfSteps()) >= SIXTH && !octave && in.halfSteps() * out.halfSteps() > 0) {
            found.accept(Fault.of(Kind.LEAP_UNRECOVERED, in));
        } else if (Math.min(Math.abs(in.halfSteps()), Math.abs(out.halfSteps())) >= LEAP
                && in.halfSteps() * out.halfSteps() > 0
                && !isTriad(line)) {
            found.accept(Fault.of(Kind.TWO_LEAPS, in));
        }
    });

    /** Half steps between the notes of a triad, each taken as the lowest in turn. */
    private static final List<List<Integer>> TRIADS = List.of(List.of(4, 3), List.of(3, 4), List.of(3, 3));

    private static boolean isTriad(Line line) {
        TreeSet<Integer> notes = new TreeSet<>();
        for (var tone : List.of(line.before(), line.here(), line.after())) {
            notes.add(Math.floorMod(tone.pitch().midi(), KEYS));
        }
        if (notes.size() < 3) {
            return true;
        }
        List<Integer> keys = List.copyOf(notes);
        for (int i = 0; i < keys.size(); i++) {
            int low = keys.get(i);
            int middle = keys.get((i + 1) % 3);
            int high = keys.get((i + 2) % 3);
            if (TRIADS.contains(List.of(Math.floorMod(middle - low, KEYS), Math.floorMod(high - middle, KEYS)))) {
                return true;
            }
        }
        return false;
    }

    /** What is held into a chord of which it is no note falls a step; by a half step it may rise. */
    static final Rule<Line> SUSPENSION = Rule.of("suspension-line", Line.class, (line, limits, found) -> {
        if (line.chordHeld() == null) {
            return;
        }
        Move out = line.out();
        int goes = out == null ? 0 : out.halfSteps();
        boolean prepared = ChordTone.of(line.chord(), line.here().pitch().pitchClass()) != ChordTone.FOREIGN;
        if (prepared && goes != 1 && (goes >= 0 || goes < -STEP)) {
            found.accept(Fault.of(
                    Kind.SUSPENSION_UNRESOLVED, out == null ? new Move(line.voice(), null, line.here()) : out));
        }
    });

    /** A part keeps to what its voice sings; see {@link VoiceRange}. */
    static final Rule<Line> RANGE = Rule.of("range", Line.class, (line, limits, found) -> {
        if (line.sung()
                && line.chordHeld() == null
                && !VoiceRange.of(line.voice()).has(line.here().pitch())) {
            VoiceRange range = VoiceRange.of(line.voice());
            found.accept(new Fault(
                    Kind.RANGE,
                    List.of(new Move(line.voice(), null, line.here())),
                    Map.of(
                            "lowest",
                            range.lowest(),
                            "highest",
                            range.highest(),
                            "extreme",
                            line.here().pitch().midi() < range.lowest().midi() ? "low" : "high")));
        }
    });
}
