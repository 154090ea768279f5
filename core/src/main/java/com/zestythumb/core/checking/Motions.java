package com.zestythumb.core.checking;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Score.Sound;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.voiceleading.Move;
import java.util.ArrayList;
import java.util.List;

/** How the voices of a finding go, to be drawn between their notes. */
public final class Motions {

    private Motions() {}

    /** From where to where it is drawn. */
    public record Drawn(Sound from, Sound to) {}

    /** The notes of a finding's motions as they are struck: the last of the chord that is left, the first of the one that is met. */
    public static List<Drawn> drawn(Arrangement arrangement, Finding finding) {
        List<Drawn> drawn = new ArrayList<>();
        int before = finding.before() >= 0 ? finding.before() : Math.max(0, finding.chord() - 1);
        for (Move motion : finding.motions()) {
            List<Sound> from = during(arrangement, before, motion.from().pitch());
            List<Sound> to = during(arrangement, finding.chord(), motion.pitch());
            if (!from.isEmpty() && !to.isEmpty()) {
                Sound first = to.get(0);
                Sound last = from.stream()
                        .filter(sound ->
                                before != finding.chord() || sound.from().isBefore(first.from()))
                        .reduce((one, other) -> other)
                        .orElse(from.get(0));
                drawn.add(new Drawn(last, first));
            }
        }
        return drawn;
    }

    private static List<Sound> during(Arrangement arrangement, int chord, Pitch pitch) {
        ChordEvent event = arrangement.chords().get(chord).event();
        Fraction from = arrangement.score().at(event.bar(), event.start());
        Fraction to = from.plus(event.duration());
        return arrangement.score().sounds().stream()
                .filter(sound -> sound.note().pitch().equals(pitch)
                        && sound.to().isAfter(from)
                        && sound.from().isBefore(to))
                .toList();
    }
}
