package com.zestythumb.formats.musicxml;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.chord.Quality;
import com.zestythumb.core.pitch.PitchClass;
import java.math.BigDecimal;
import java.math.BigInteger;
import org.audiveris.proxymusic.Bass;
import org.audiveris.proxymusic.BassStep;
import org.audiveris.proxymusic.Degree;
import org.audiveris.proxymusic.DegreeAlter;
import org.audiveris.proxymusic.DegreeType;
import org.audiveris.proxymusic.DegreeTypeValue;
import org.audiveris.proxymusic.DegreeValue;
import org.audiveris.proxymusic.Harmony;
import org.audiveris.proxymusic.HarmonyAlter;
import org.audiveris.proxymusic.Kind;
import org.audiveris.proxymusic.KindValue;
import org.audiveris.proxymusic.Root;
import org.audiveris.proxymusic.RootStep;
import org.audiveris.proxymusic.Step;

/** Chord symbols as MusicXML's harmony element. */
final class ChordSymbols {

    private ChordSymbols() {}

    /**
     * A symbol.
     *
     * @param withDegrees whether added tones are spelled out beside the kind's text, for programs that
     *     compute with them; an engraver would print them twice
     */
    static Harmony harmony(Chord chord, boolean withDegrees) {
        Harmony harmony = new Harmony();
        harmony.getHarmonyChord().add(root(chord.root()));
        harmony.getHarmonyChord().add(kind(chord.quality()));
        if (chord.hasSlash()) {
            harmony.getHarmonyChord().add(bass(chord.bass()));
        }
        if (withDegrees) {
            addDegrees(harmony, chord.quality());
        }
        return harmony;
    }

    private static void addDegrees(Harmony harmony, Quality quality) {
        switch (quality) {
            case ADDED_NINTH, MINOR_ADDED_NINTH -> harmony.getHarmonyChord().add(added(9, 0));
            case DOMINANT_FLAT_NINTH -> harmony.getHarmonyChord().add(added(9, -1));
            case SEVENTH_SUSPENDED_FOURTH -> harmony.getHarmonyChord().add(added(7, 0));
            default -> {
                // The kind says it all.
            }
        }
    }

    private static Root root(PitchClass note) {
        Root root = new Root();
        RootStep step = new RootStep();
        step.setValue(step(note));
        root.setRootStep(step);
        root.setRootAlter(alter(note));
        return root;
    }

    private static Bass bass(PitchClass note) {
        Bass bass = new Bass();
        BassStep step = new BassStep();
        step.setValue(step(note));
        bass.setBassStep(step);
        bass.setBassAlter(alter(note));
        return bass;
    }

    static Step step(PitchClass note) {
        return Step.valueOf(note.letter().name());
    }

    private static HarmonyAlter alter(PitchClass note) {
        if (note.alteration() == 0) {
            return null;
        }
        HarmonyAlter alter = new HarmonyAlter();
        alter.setValue(BigDecimal.valueOf(note.alteration()));
        return alter;
    }

    private static Kind kind(Quality quality) {
        Kind kind = new Kind();
        kind.setValue(kindValue(quality));
        kind.setText(quality.suffix());
        return kind;
    }

    private static KindValue kindValue(Quality quality) {
        return switch (quality) {
            case MAJOR, ADDED_NINTH -> KindValue.MAJOR;
            case MINOR, MINOR_ADDED_NINTH -> KindValue.MINOR;
            case DIMINISHED -> KindValue.DIMINISHED;
            case AUGMENTED -> KindValue.AUGMENTED;
            case SUSPENDED_SECOND -> KindValue.SUSPENDED_SECOND;
            case SUSPENDED_FOURTH, SEVENTH_SUSPENDED_FOURTH -> KindValue.SUSPENDED_FOURTH;
            case SIXTH -> KindValue.MAJOR_SIXTH;
            case MINOR_SIXTH -> KindValue.MINOR_SIXTH;
            case DOMINANT_SEVENTH, DOMINANT_FLAT_NINTH -> KindValue.DOMINANT;
            case MAJOR_SEVENTH -> KindValue.MAJOR_SEVENTH;
            case MINOR_SEVENTH -> KindValue.MINOR_SEVENTH;
            case HALF_DIMINISHED -> KindValue.HALF_DIMINISHED;
            case DIMINISHED_SEVENTH -> KindValue.DIMINISHED_SEVENTH;
            case MINOR_MAJOR_SEVENTH -> KindValue.MAJOR_MINOR;
            case AUGMENTED_SEVENTH -> KindValue.AUGMENTED_SEVENTH;
            case DOMINANT_NINTH -> KindValue.DOMINANT_NINTH;
            case MAJOR_NINTH -> KindValue.MAJOR_NINTH;
            case MINOR_NINTH -> KindValue.MINOR_NINTH;
        };
    }

    private static Degree added(int number, int alteration) {
        Degree degree = new Degree();
        DegreeValue value = new DegreeValue();
        value.setValue(BigInteger.valueOf(number));
        degree.setDegreeValue(value);
        DegreeAlter alter = new DegreeAlter();
        alter.setValue(BigDecimal.valueOf(alteration));
        degree.setDegreeAlter(alter);
        DegreeType type = new DegreeType();
        type.setValue(DegreeTypeValue.ADD);
        degree.setDegreeType(type);
        return degree;
    }
}
