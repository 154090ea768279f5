package com.zestythumb.core.analysis;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.pitch.NoteNames;
import com.zestythumb.core.pitch.PitchClass;
import com.zestythumb.core.sheet.HeardAs;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;

/**
 * What a chord does where it stands.
 *
 * @param chord the chord
 * @param key the key in which it is heard
 * @param numeral its numeral there, figures by the chart's own bass
 * @param reason why, in a sentence for a student, without full stop
 * @param confidence 0 to 1
 * @param byRule the numeral the rules give, another one only where the teacher overruled them
 * @param others other numerals it might have, as the chart writes them behind =
 */
public record Reading(
        Chord chord,
        Key key,
        Numeral numeral,
        Role role,
        Function function,
        String reason,
        double confidence,
        Numeral byRule,
        List<String> others) {

    public Reading {
        others = List.copyOf(others);
    }

    Reading withOthers(List<String> numerals) {
        return new Reading(chord, key, numeral, role, function, reason, confidence, byRule, numerals);
    }

    /** The teacher's word stands above the rules; what these said comes behind it. */
    Reading heardAs(HeardAs heard, NoteNames names) {
        String written = heard.write(names);
        Numeral own = Numeral.parse(heard.numeral());
        List<String> ring = new ArrayList<>(others);
        ring.add(byRule.toString());
        // The next one in the ring comes first, so that one key goes through them all.
        Collections.rotate(ring, -(ring.indexOf(written) + 1));
        ring.remove(written);
        return new Reading(
                chord, key, own, Role.HEARD, functionOf(own), "as you hear it; by rule " + byRule, 1, byRule, ring);
    }

    private static Function functionOf(Numeral numeral) {
        String roman = numeral.roman().replaceAll("[^IViv]", "").toUpperCase(Locale.ROOT);
        return switch (roman) {
            case "V", "VII" -> Function.DOMINANT;
            case "II", "IV" -> Function.SUBDOMINANT;
            default -> numeral.of() != null ? Function.DOMINANT : Function.TONIC;
        };
    }

    /** The numeral with the figures for another lowest note, such as the one under the left hand. */
    public Numeral over(PitchClass bass) {
        return role == Role.AUGMENTED_SIXTH || role == Role.HEARD ? numeral : numeral.over(chord, bass);
    }

    /**
     * As the school of chord letters writes it: upper case with the kind behind and the bass as a degree,
     * {@code "IIm7"}, {@code "V7/II"}, {@code "IV/5"}.
     */
    public String functional() {
        return Degrees.functional(chord, key, numeral.of() != null && role == Role.APPLIED ? numeral.of() : null);
    }

    /** For those who count: {@code "2m7"}, {@code "5"}. */
    public String counted() {
        return Degrees.counted(chord, key);
    }
}
