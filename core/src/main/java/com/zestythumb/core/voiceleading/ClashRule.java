package com.zestythumb.core.voiceleading;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.voicing.CostTerm;
import com.zestythumb.core.voicing.Member;
import com.zestythumb.core.voicing.Tone;
import java.util.Map;

/**
 * A half step or a minor ninth between the hands on a strong beat; one note played softly mends it (common practice).
 */
public final class ClashRule implements Rule.OfMeeting {

    private static final int OCTAVE = 12;

    @Override
    public String id() {
        return "clash";
    }

    /** A strong note of the tune half a step, or that and octaves, above a note of the hand. */
    @Override
    public CostTerm charge() {
        return new CostTerm("clash", "half steps and minor ninths against the tune", "clashes", 0, (voicing, place) -> {
            int clashes = 0;
            for (Pitch note : place.around().strong()) {
                clashes += voicing.count(tone ->
                        isClash(note.midi() - tone.pitch().midi()) && !isNamedTension(voicing.chord(), note, tone));
            }
            return clashes;
        });
    }

    /** A ninth, eleventh or thirteenth that the chart names is meant to rub. */
    public static boolean isNamedTension(Chord chord, Pitch tune, Tone tone) {
        return Member.of(chord, tune.pitchClass()).isColour()
                || Member.of(chord, tone.pitch().pitchClass()).isColour();
    }

    /** Half a step, or that and octaves. */
    private static boolean isClash(int apart) {
        return apart == -1 || apart > 0 && apart % OCTAVE == 1;
    }

    @Override
    public void check(Meeting meeting, Map<String, Double> limits, Sink sink) {
        int apart = meeting.apart();
        if (meeting.strong() && !meeting.soft() && isClash(apart)) {
            sink.found(new Fault(
                    apart == 1 || apart == -1 ? "clash" : "clash-ninth",
                    Map.of("note", meeting.accompaniment(), "tune", meeting.tune())));
        }
    }
}
