package com.zestythumb.core.checking;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Score.Sound;
import com.zestythumb.core.checking.Finding.Motion;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.voiceleading.Fault;
import com.zestythumb.core.voiceleading.Passage;
import com.zestythumb.core.voicing.Tone;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/** How the voices of a finding go, to be drawn between their notes. */
public final class Motions {

    private Motions() {}

    /** Of each note that a fault names: where its voice comes from, or, of a note that is left, where it goes. */
    static List<Motion> of(Passage passage, Fault fault) {
        List<Pitch> left = voices(passage.before(), passage.tune());
        List<Pitch> met = voices(passage.after(), passage.tuneThen());
        return fault.measures().entrySet().stream()
                .sorted(Map.Entry.comparingByKey())
                .map(Map.Entry::getValue)
                .flatMap(value -> value instanceof Pitch pitch ? motion(left, met, pitch).stream() : Stream.empty())
                .distinct()
                .toList();
    }

    private static List<Pitch> voices(List<Tone> tones, Pitch tune) {
        List<Pitch> voices = new ArrayList<>(tones.stream().map(Tone::pitch).toList());
        if (tune != null) {
            voices.add(tune);
        }
        return voices;
    }

    private static Optional<Motion> motion(List<Pitch> left, List<Pitch> met, Pitch pitch) {
        if (met.contains(pitch)) {
            return Optional.of(new Motion(other(met, left, met.lastIndexOf(pitch)), pitch));
        }
        return left.contains(pitch)
                ? Optional.of(new Motion(pitch, other(left, met, left.lastIndexOf(pitch))))
                : Optional.empty();
    }

    /** The same voice in the other chord; of a chord with another number of voices the lowest, or else the highest. */
    private static Pitch other(List<Pitch> here, List<Pitch> there, int voice) {
        int same = here.size() == there.size() ? voice : voice == 0 ? 0 : there.size() - 1;
        return there.get(same);
    }

    /** From where to where it is drawn. */
    public record Drawn(Sound from, Sound to) {}

    /** The notes of a finding's motions as they are struck: the last of the chord that is left, the first of the one that is met. */
    public static List<Drawn> drawn(Arrangement arrangement, Finding finding) {
        List<Drawn> drawn = new ArrayList<>();
        for (Motion motion : finding.motions()) {
            List<Sound> from = during(arrangement, finding.before(), motion.from());
            List<Sound> to = during(arrangement, finding.chord(), motion.to());
            boolean within = finding.before() == finding.chord();
            if (!from.isEmpty() && !to.isEmpty()) {
                Sound first = to.get(0);
                Sound last = within
                        ? from.stream()
                                .filter(sound -> sound.from().compareTo(first.from()) < 0)
                                .reduce((one, other) -> other)
                                .orElse(from.get(0))
                        : from.get(from.size() - 1);
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
                        && sound.to().compareTo(from) > 0
                        && sound.from().compareTo(to) < 0)
                .toList();
    }
}
