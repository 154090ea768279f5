package com.zestythumb.core.voiceleading;

import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.voicing.Member;
import com.zestythumb.core.voicing.Tone;
import com.zestythumb.core.voicing.Voicing;
import java.util.Map;

/**
 * The fourth of a suspended chord is there before as a consonance, and falls a step behind it (preparation, suspension,
 * resolution: any textbook of harmony; in popular music a sus chord is a colour of its own).
 */
final class SuspensionRule implements Rule.OfTurn {

    private static final int WHOLE_STEP = 2;

    @Override
    public String id() {
        return "suspension";
    }

    @Override
    public void check(Turn turn, Map<String, Double> limits, Sink sink) {
        Voicing here = turn.here();
        boolean third = here.chord().quality().numbered(3) != null;
        Tone fourth = here.tones().stream()
                .filter(tone -> !third && tone.member() == Member.FOURTH)
                .findFirst()
                .orElse(null);
        if (fourth == null) {
            return;
        }
        Pitch pitch = fourth.pitch();
        if (turn.before() != null && !has(turn.before(), pitch.midi())) {
            sink.found(new Fault("suspension-unprepared", Map.of("note", pitch)));
        }
        boolean falls = turn.after() != null
                && (has(turn.after(), pitch.midi() - 1) || has(turn.after(), pitch.midi() - WHOLE_STEP));
        boolean stays = turn.after() != null && has(turn.after(), pitch.midi());
        if (turn.after() != null && !falls && !stays) {
            sink.found(new Fault("suspension-unresolved", Map.of("note", pitch)));
        }
    }

    private static boolean has(Voicing voicing, int midi) {
        return voicing.tones().stream().anyMatch(tone -> tone.pitch().midi() == midi);
    }
}
