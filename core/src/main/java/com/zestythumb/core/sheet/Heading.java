package com.zestythumb.core.sheet;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.chord.SymbolStyle;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.pitch.NoteNames;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * What stands at the head of a chart.
 *
 * @param title the title
 * @param credits who made it, and whose it is; none that nobody told
 * @param key the key at the beginning
 * @param meter the meter at the beginning
 * @param tempo felt beats per minute
 * @param feel how it goes, such as "swing"; empty where not told
 * @param pickup quarter notes before the first full bar; 0 for none
 * @param unit quarter notes of the melody's unit length, an eighth as a rule
 * @param names how note names are written
 * @param symbols how chord symbols are printed
 * @param remarks lines beginning with # that stand behind the last bar
 * @param keyTold whether somebody said which key it is; else it is to be heard
 * @param meterTold whether somebody said which meter it is; else it is taken to be the usual one
 */
public record Heading(
        String title,
        Map<Credit, String> credits,
        Key key,
        Meter meter,
        int tempo,
        String feel,
        Fraction pickup,
        Fraction unit,
        NoteNames names,
        SymbolStyle symbols,
        List<String> remarks,
        boolean keyTold,
        boolean meterTold) {

    /** The title of a tune that has none. */
    public static final String NAMELESS = "Untitled";

    public static final Heading USUAL = new Heading(
            NAMELESS,
            Map.of(),
            Key.parse("C major"),
            Meter.FOUR_FOUR,
            80,
            "",
            Fraction.ZERO,
            Fraction.of(1, 2),
            NoteNames.ENGLISH,
            SymbolStyle.LETTERS,
            List.of(),
            false,
            false);

    public Heading {
        credits = Map.copyOf(credits);
        remarks = List.copyOf(remarks);
    }

    public Heading withTitle(String other) {
        return new Heading(
                other, credits, key, meter, tempo, feel, pickup, unit, names, symbols, remarks, keyTold, meterTold);
    }

    /** What is told of one of them; empty where nothing is. */
    public String credit(Credit which) {
        return credits.getOrDefault(which, "");
    }

    public String composer() {
        return credit(Credit.COMPOSER);
    }

    /** With one of them told, or taken away where it is empty. */
    public Heading with(Credit which, String told) {
        Map<Credit, String> others = new EnumMap<>(Credit.class);
        others.putAll(credits);
        others.put(which, told);
        others.values().removeIf(String::isEmpty);
        return new Heading(
                title, others, key, meter, tempo, feel, pickup, unit, names, symbols, remarks, keyTold, meterTold);
    }

    public Heading withKey(Key other) {
        return new Heading(
                title, credits, other, meter, tempo, feel, pickup, unit, names, symbols, remarks, true, meterTold);
    }

    /** In the key in which it is heard where nobody said which it is. */
    public Heading heardIn(Key other) {
        return new Heading(
                title, credits, other, meter, tempo, feel, pickup, unit, names, symbols, remarks, false, meterTold);
    }

    public Heading withMeter(Meter other) {
        return new Heading(
                title, credits, key, other, tempo, feel, pickup, unit, names, symbols, remarks, keyTold, true);
    }

    public Heading withTempo(int other) {
        return new Heading(
                title, credits, key, meter, other, feel, pickup, unit, names, symbols, remarks, keyTold, meterTold);
    }

    public Heading withFeel(String other) {
        return new Heading(
                title, credits, key, meter, tempo, other, pickup, unit, names, symbols, remarks, keyTold, meterTold);
    }

    public Heading withPickup(Fraction other) {
        return new Heading(
                title, credits, key, meter, tempo, feel, other, unit, names, symbols, remarks, keyTold, meterTold);
    }

    public Heading withUnit(Fraction other) {
        return new Heading(
                title, credits, key, meter, tempo, feel, pickup, other, names, symbols, remarks, keyTold, meterTold);
    }

    public Heading withNames(NoteNames other) {
        return new Heading(
                title, credits, key, meter, tempo, feel, pickup, unit, other, symbols, remarks, keyTold, meterTold);
    }

    public Heading withSymbols(SymbolStyle other) {
        return new Heading(
                title, credits, key, meter, tempo, feel, pickup, unit, names, other, remarks, keyTold, meterTold);
    }

    /** A chord as this tune prints it. */
    public String print(Chord chord) {
        return names.fromEnglish(chord.print(symbols));
    }

    public Heading withRemarks(List<String> others) {
        return new Heading(
                title, credits, key, meter, tempo, feel, pickup, unit, names, symbols, others, keyTold, meterTold);
    }
}
