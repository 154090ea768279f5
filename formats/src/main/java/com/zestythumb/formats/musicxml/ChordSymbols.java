package com.zestythumb.formats.musicxml;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.chord.Quality;
import com.zestythumb.core.chord.SymbolStyle;
import com.zestythumb.core.pitch.PitchClass;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.sheet.Heading;
import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.Optional;
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
import org.audiveris.proxymusic.StyleText;
import org.audiveris.proxymusic.YesNo;

/** Chord symbols as MusicXML's harmony element. */
final class ChordSymbols {

    private final Heading heading;
    private final boolean page;

    /**
     * Gets ready to write the symbols of a tune.
     *
     * @param page whether for an engraver, which gets the text to print, instead of a program that computes
     *     with roots and degrees
     */
    ChordSymbols(Heading heading, boolean page) {
        this.heading = heading;
        this.page = page;
    }

    Harmony symbol(Chord chord) {
        Harmony harmony = new Harmony();
        if (page) {
            harmony.getHarmonyChord().add(new StyleText());
            Kind kind = kind(chord.quality());
            kind.setText(heading.print(chord));
            harmony.getHarmonyChord().add(kind);
            return harmony;
        }
        if (chord.upper() != null) {
            write(harmony, chord.upper());
        }
        write(harmony, chord);
        return harmony;
    }

    /** Nothing sounds: N.C., or a symbol that could not be read, as it was written. */
    Harmony silence(ChordEvent event) {
        Harmony harmony = new Harmony();
        if (page) {
            harmony.getHarmonyChord().add(new StyleText());
            Kind none = new Kind();
            none.setValue(KindValue.NONE);
            none.setText(event.written());
            harmony.getHarmonyChord().add(none);
            return harmony;
        }
        Root root = new Root();
        RootStep step = new RootStep();
        step.setValue(Step.C);
        step.setText("");
        root.setRootStep(step);
        harmony.getHarmonyChord().add(root);
        Kind kind = new Kind();
        kind.setValue(KindValue.NONE);
        kind.setText(event.written());
        harmony.getHarmonyChord().add(kind);
        return harmony;
    }

    /** A polychord is written as one chord after another, the upper one first. */
    private void write(Harmony harmony, Chord chord) {
        harmony.getHarmonyChord().add(root(chord.root()));
        harmony.getHarmonyChord().add(kind(chord.quality()));
        if (chord.hasSlash()) {
            harmony.getHarmonyChord().add(bass(chord.bass()));
        }
        addDegrees(harmony, chord.quality());
    }

    private static void addDegrees(Harmony harmony, Quality quality) {
        Kinds.degreesOf(quality).forEach(degree -> harmony.getHarmonyChord().add(degree(degree)));
    }

    private Root root(PitchClass note) {
        Root root = new Root();
        RootStep step = new RootStep();
        step.setValue(step(note));
        root.setRootStep(step);
        root.setRootAlter(alter(note));
        german(note, root.getRootAlter()).ifPresent(step::setText);
        return root;
    }

    private Bass bass(PitchClass note) {
        Bass bass = new Bass();
        BassStep step = new BassStep();
        step.setValue(step(note));
        bass.setBassStep(step);
        bass.setBassAlter(alter(note));
        german(note, bass.getBassAlter()).ifPresent(step::setText);
        return bass;
    }

    /** How this teacher prints B and B flat, where not by letter and accidental. */
    private Optional<String> german(PitchClass note, HarmonyAlter alter) {
        String name = heading.names().fromEnglish(note.toString());
        if (name.equals(note.toString())) {
            return Optional.empty();
        }
        boolean accidentalSaid = alter != null && name.length() == 1;
        if (accidentalSaid) {
            alter.setPrintObject(YesNo.NO);
        }
        return Optional.of(name.substring(0, 1));
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

    private Kind kind(Quality quality) {
        Kind kind = new Kind();
        kind.setValue(KindValue.fromValue(Kinds.nearest(quality)));
        SymbolStyle style = heading.symbols();
        kind.setText(style == SymbolStyle.LETTERS ? quality.suffix() : style.suffix(quality));
        return kind;
    }

    private static Degree degree(Kinds.Change change) {
        Degree degree = new Degree();
        // The text of the kind says all of it.
        degree.setPrintObject(YesNo.NO);
        DegreeValue value = new DegreeValue();
        value.setValue(BigInteger.valueOf(change.number()));
        degree.setDegreeValue(value);
        DegreeAlter alter = new DegreeAlter();
        alter.setValue(BigDecimal.valueOf(change.alteration()));
        degree.setDegreeAlter(alter);
        DegreeType type = new DegreeType();
        type.setValue(DegreeTypeValue.fromValue(change.type()));
        degree.setDegreeType(type);
        return degree;
    }
}
