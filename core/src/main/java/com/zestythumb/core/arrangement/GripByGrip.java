package com.zestythumb.core.arrangement;

import com.zestythumb.core.pattern.AccompanimentPattern.Step;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.voicing.Grip;
import com.zestythumb.core.voicing.Hand;
import com.zestythumb.core.voicing.Tone;
import com.zestythumb.core.voicing.Voicing;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * What does not lie under the hand at one time is not struck or held at one time: its grips share the stroke, each but the
 * last for a beat at most, and a grip is let go when the next is struck beyond its reach, unless the foot holds it.
 */
final class GripByGrip {

    private final Voicing voicing;
    private final Hand hand;
    private final List<Part> parts = new ArrayList<>();

    /** What is struck of one grip. */
    private record Part(Step step, int grip) {

        Fraction end() {
            return step.onset().plus(step.duration());
        }
    }

    private GripByGrip(Voicing voicing, Hand hand) {
        this.voicing = voicing;
        this.hand = hand;
    }

    /**
     * The steps of a pattern, parted where they strike several grips.
     *
     * @param beat quarter notes of a felt beat
     */
    static List<Step> of(List<Step> steps, Voicing voicing, Fraction beat, Choices choices) {
        if (voicing.grips().size() < 2) {
            return steps;
        }
        GripByGrip parting = new GripByGrip(voicing, choices.hand());
        // What lies lower goes first.
        steps.stream()
                .sorted(Comparator.comparing(Step::onset).thenComparing(step -> Collections.min(step.notes())))
                .forEach(step -> parting.part(step, beat));
        boolean foot = choices.playing().pedal() != Pedalling.NONE;
        return parting.parts.stream()
                .map(part -> foot ? part.step() : parting.letGo(part))
                .toList();
    }

    private void part(Step step, Fraction beat) {
        List<Part> here = new ArrayList<>();
        int from = 0;
        for (int i = 0; i < voicing.grips().size(); i++) {
            boolean last = i == voicing.grips().size() - 1;
            int first = from;
            int behind = from + voicing.grips().get(i).tones().size();
            List<Integer> some = step.notes().stream()
                    // The right hand comes in with the left hand's last.
                    .filter(place -> place >= first && (last || place < behind))
                    .toList();
            if (!some.isEmpty()) {
                here.add(new Part(step.with(step.onset(), step.duration(), some), i));
            }
            from = behind;
        }
        // Another voice that begins in another grip goes before.
        int others = (int) parts.stream()
                .filter(part -> part.step().onset().equals(step.onset())
                        && part.grip() < here.get(0).grip())
                .count();
        int shares = others == 0 ? here.size() : here.size() + 1;
        Fraction share = step.duration().dividedBy(Fraction.of(shares)).min(beat);
        for (int i = 0; i < here.size(); i++) {
            Fraction after = share.times(i + shares - here.size());
            Fraction length = i < here.size() - 1 ? share : step.duration().minus(after);
            Step part = here.get(i).step();
            parts.add(new Part(
                    part.with(step.onset().plus(after), length, part.notes()),
                    here.get(i).grip()));
        }
    }

    /** A part that ends where the next of another grip is struck, if the hand does not hold both. */
    private Step letGo(Part part) {
        Step step = part.step();
        Fraction length = step.duration();
        for (Part next : parts) {
            Fraction apart = next.step().onset().minus(step.onset());
            boolean over = apart.isPositive() && next.step().onset().isBefore(part.end()) && next.grip() != part.grip();
            if (over && beyond(part, next) > 0) {
                length = length.min(apart);
            }
        }
        return step.with(step.onset(), length, step.notes());
    }

    private int beyond(Part one, Part other) {
        Map<Integer, Tone> both = new TreeMap<>();
        for (Part part : List.of(one, other)) {
            voicing.grips()
                    .get(part.grip())
                    .tones()
                    .forEach(tone -> both.put(tone.pitch().midi(), tone));
        }
        return hand.beyond(new Grip(List.copyOf(both.values())));
    }
}
