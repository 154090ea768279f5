package com.zestythumb.core.arrangement;

import com.zestythumb.core.figure.Figure.Step;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.voicing.Grip;
import com.zestythumb.core.voicing.Voicing;
import java.util.ArrayList;
import java.util.List;

/**
 * What does not lie under the hand at one time cannot be struck at one time: its grips share the stroke, each but the
 * last for a beat at most.
 */
final class GripByGrip {

    private GripByGrip() {}

    /**
     * The steps of a figure, parted where they strike several grips.
     *
     * @param beat quarter notes of a felt beat
     */
    static List<Step> of(List<Step> steps, Voicing voicing, Fraction beat) {
        if (voicing.grips().size() == 1) {
            return steps;
        }
        List<Step> parted = new ArrayList<>();
        for (Step step : steps) {
            List<List<Integer>> inGrips = new ArrayList<>();
            int from = 0;
            for (int i = 0; i < voicing.grips().size(); i++) {
                Grip grip = voicing.grips().get(i);
                boolean last = i == voicing.grips().size() - 1;
                int first = from;
                int behind = from + grip.tones().size();
                List<Integer> here = step.notes().stream()
                        // The right hand comes in with the left hand's last.
                        .filter(place -> place >= first && (last || place < behind))
                        .toList();
                if (!here.isEmpty()) {
                    inGrips.add(here);
                }
                from = behind;
            }
            Fraction share =
                    step.duration().dividedBy(Fraction.of(inGrips.size())).min(beat);
            for (int i = 0; i < inGrips.size(); i++) {
                Fraction after = share.times(i);
                Fraction length =
                        i < inGrips.size() - 1 ? share : step.duration().minus(after);
                parted.add(step.with(step.onset().plus(after), length, inGrips.get(i)));
            }
        }
        return parted;
    }
}
