package com.zestythumb.core.exercise;

import com.zestythumb.core.analysis.FiguredBass;
import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.pitch.PitchClass;
import com.zestythumb.core.voicing.ChordTone;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** What stands under the notes of a figured bass. */
final class BassFigures {

    private BassFigures() {}

    private static final List<ChordTone> IN_THIRDS =
            List.of(ChordTone.ROOT, ChordTone.THIRD, ChordTone.FIFTH, ChordTone.SEVENTH);
    private static final int LETTERS = 7;
    private static final Comparator<String> HIGHEST_FIRST =
            Comparator.comparingInt(BassFigures::number).reversed();

    /**
     * The figures of a chord as they stand under its bass, the highest first: the short forms, each with the sign of a note that the
     * signature has otherwise, of a third the sign alone; a fourth or a ninth in place of what it is held over from, and the step that it
     * makes then.
     *
     * @param before the figures over the same bass in the same bar just before; none where the bass is new
     */
    public static List<String> of(Chord chord, PitchClass bass, Key key, List<String> before) {
        List<String> figures = new ArrayList<>(shortForm(chord, bass));
        for (PitchClass tone : chord.tones()) {
            if (!tone.equals(bass) && key.signatureOf(tone.letter()) != tone.alteration()) {
                int steps =
                        Math.floorMod(tone.letter().ordinal() - bass.letter().ordinal(), LETTERS);
                String plain = String.valueOf(steps + 1);
                figures.remove(plain);
                figures.add(sign(tone) + (steps == 2 ? "" : plain));
            }
        }
        boolean hasThird = figures.stream().anyMatch(figure -> number(figure) == 3);
        if (before.contains("4") && figures.stream().allMatch(figure -> number(figure) == 3) && !hasThird) {
            figures.add("3");
        }
        if (before.contains("9") && figures.isEmpty()) {
            figures.add("8");
        }
        figures.sort(HIGHEST_FIRST);
        return figures;
    }

    private static List<String> shortForm(Chord chord, PitchClass bass) {
        boolean onRoot = bass.equals(chord.root());
        if (onRoot && chord.quality().numbered(3) == null && chord.quality().numbered(4) != null) {
            return List.of("4");
        }
        if (onRoot && chord.quality().numbered(9) != null && !chord.quality().hasSeventh()) {
            return List.of("9");
        }
        String usual = FiguredBass.of(
                IN_THIRDS.indexOf(ChordTone.of(chord, bass)), chord.quality().hasSeventh());
        return usual.isEmpty() ? List.of() : List.of(usual.split("/"));
    }

    private static String sign(PitchClass tone) {
        return tone.alteration() == 0 ? "♮" : (tone.alteration() > 0 ? "♯" : "♭").repeat(Math.abs(tone.alteration()));
    }

    /** A sign alone is that of the third. */
    private static int number(String figure) {
        String digits = figure.replaceAll("\\D", "");
        return digits.isEmpty() ? 3 : Integer.parseInt(digits);
    }
}
