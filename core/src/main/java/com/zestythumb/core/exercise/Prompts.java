package com.zestythumb.core.exercise;

import com.zestythumb.core.analysis.FiguredBass;
import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.exercise.Exercise.Place;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.pitch.PitchClass;
import com.zestythumb.core.sheet.Heading;
import com.zestythumb.core.voicing.Member;
import java.util.ArrayList;
import java.util.List;

/** How it is said which chord is to be played. */
final class Prompts {

    private static final List<Member> MEMBERS = List.of(Member.ROOT, Member.THIRD, Member.FIFTH, Member.SEVENTH);
    private static final List<String> INVERSIONS =
            List.of("root position", "first inversion", "second inversion", "third inversion");
    private static final int SEVEN = 7;

    private Prompts() {}

    static String of(Exercise exercise, Place place) {
        Heading heading = exercise.key().sheet().heading();
        Chord chord = place.event().chord();
        PitchClass lowest = place.laid().first().lowest().pitchClass();
        int inversion = MEMBERS.indexOf(Member.of(chord, lowest));
        String bass = heading.names().fromEnglish(lowest.pretty());
        if (exercise.asked() == Asked.INVERSIONS) {
            return heading.print(chord) + ", " + (inversion < 0 ? bass + " at the bottom" : INVERSIONS.get(inversion));
        }
        if (exercise.asked() == Asked.FIGURES || exercise instanceof FourParts parts && parts.isOverBass()) {
            Key key = exercise.key().sheet().bars().get(place.event().bar()).key();
            return (bass + " " + figures(chord, lowest, inversion, key)).strip();
        }
        return heading.print(chord);
    }

    /** In the usual short forms, and the sign of each note that the signature has otherwise; of a third the sign alone. */
    static String figures(Chord chord, PitchClass bass, int inversion, Key key) {
        List<String> figures = new ArrayList<>();
        String usual = FiguredBass.of(inversion, chord.quality().hasSeventh());
        if (!usual.isEmpty()) {
            figures.add(usual);
        }
        for (PitchClass tone : chord.tones()) {
            if (!tone.equals(bass) && key.signatureOf(tone.letter()) != tone.alteration()) {
                int steps =
                        Math.floorMod(tone.letter().ordinal() - bass.letter().ordinal(), SEVEN);
                String sign = tone.alteration() == 0
                        ? "♮"
                        : (tone.alteration() > 0 ? "♯" : "♭").repeat(Math.abs(tone.alteration()));
                figures.add(steps == 2 ? sign : sign + (steps + 1));
            }
        }
        return String.join(" ", figures);
    }
}
