package com.zestythumb.core.proposing;

import com.zestythumb.core.arrangement.AnalysedSheet;
import com.zestythumb.core.arrangement.ArrangedChord;
import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Choices;
import com.zestythumb.core.arrangement.KeptVoicing;
import com.zestythumb.core.arrangement.Pedalling;
import com.zestythumb.core.pattern.AccompanimentPatterns;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.voicing.StyleChoice;
import com.zestythumb.core.voicing.VoicingStyle;
import com.zestythumb.core.voicing.VoicingStyles;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** The way to a chosen left hand, cut from the finished one: the same octaves, inversions and fingers. */
public final class StepByStep {

    /** As many as can be kept. */
    private static final int MOST_NOTES = 10;

    /**
     * One of the steps.
     *
     * @param name what is new in it
     */
    public record Step(String name, Choices choices, Difficulty difficulty) {}

    private StepByStep() {}

    /**
     * The way to a left hand in steps, each with one thing more: its bass, its chords held, its pattern, the whole as it is
     * chosen (common practice).
     */
    public static List<Step> to(AnalysedSheet tune, Choices choices) {
        Choices plain = choices.withStretches(List.of()).varied(false).with(Pedalling.NONE);
        Arrangement finished = tune.arranged(plain);
        StyleChoice own = plain.pattern().lays() == null
                ? plain.style()
                : usual(plain.pattern().lays());
        Choices held = plain.with(own).with(AccompanimentPatterns.BLOCK).withPins(kept(finished));
        List<Step> steps = new ArrayList<>();
        add(
                steps,
                tune,
                "The bass alone, held",
                plain.with(usual(VoicingStyles.BASS))
                        .with(AccompanimentPatterns.BLOCK)
                        .withPins(basses(finished)));
        if (own.equals(plain.style())) {
            add(steps, tune, "The chords as they lie in the end, held", held);
        }
        if (plain.pattern().lays() == null && choices.pattern().level() > AccompanimentPatterns.ON_EACH_BEAT.level()) {
            add(steps, tune, "A chord on each beat", held.with(AccompanimentPatterns.ON_EACH_BEAT));
        }
        add(steps, tune, "The pattern", plain);
        add(steps, tune, "With its other bars and the pedal", choices);
        return steps;
    }

    /** The finished voicings, note for note and finger for finger. */
    private static List<KeptVoicing> kept(Arrangement finished) {
        List<KeptVoicing> pins = new ArrayList<>();
        for (ArrangedChord chord : finished.chords()) {
            List<Pitch> notes = chord.voicing().pitches().stream().distinct().toList();
            if (!notes.isEmpty() && notes.size() <= MOST_NOTES) {
                pins.add(withFingers(chord, notes));
            }
        }
        return pins;
    }

    /** Their lowest notes, with the fingers that these have in the end. */
    private static List<KeptVoicing> basses(Arrangement finished) {
        return finished.chords().stream()
                .filter(chord -> !chord.voicing().isSilent())
                .map(chord -> withFingers(chord, List.of(chord.voicing().first().lowest())))
                .toList();
    }

    private static KeptVoicing withFingers(ArrangedChord chord, List<Pitch> notes) {
        KeptVoicing pin = new KeptVoicing(chord.event().bar(), chord.event().start(), notes);
        List<Pitch> all = chord.voicing().pitches();
        for (int i = 0; i < chord.voicing().notesOfLeft(); i++) {
            int finger = chord.allFingers().get(i);
            if (finger > 0 && notes.contains(all.get(i))) {
                pin = pin.with(all.get(i), finger);
            }
        }
        return pin;
    }

    private static StyleChoice usual(VoicingStyle style) {
        return new StyleChoice(style, Map.of());
    }

    /** One step more, where it is another than the last. */
    private static void add(List<Step> steps, AnalysedSheet tune, String name, Choices choices) {
        Step last = steps.isEmpty() ? null : steps.get(steps.size() - 1);
        if (last != null && last.choices().equals(choices)) {
            return;
        }
        steps.add(new Step(name, choices, Difficulty.of(tune.arranged(choices))));
    }
}
