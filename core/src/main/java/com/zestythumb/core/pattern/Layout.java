package com.zestythumb.core.pattern;

import com.zestythumb.core.voicing.Grip;
import com.zestythumb.core.voicing.Voicing;
import java.util.List;
import java.util.stream.IntStream;

/**
 * In how many notes a chord lies under the hand, grip by grip: one grip; a bass and a chord above it; or these and a second
 * bass with the same chord again.
 *
 * @param grips how many notes each grip has, one or more
 */
public record Layout(List<Integer> grips) {

    private static final int WITH_SECOND_BASS = 4;
    private static final int OCTAVE = 12;

    public Layout {
        grips = List.copyOf(grips);
        if (grips.isEmpty() || grips.stream().anyMatch(notes -> notes < 1)) {
            throw new IllegalArgumentException("a chord has notes");
        }
    }

    /** One grip of so many notes. */
    public static Layout of(int notes) {
        return new Layout(List.of(notes));
    }

    /** A bass under the left hand and its chord under the right are two grips; else both hands hold one chord. */
    public static Layout of(Voicing voicing) {
        boolean bassAlone = voicing.grips().size() == 1 && isBass(voicing.first());
        return voicing.right().isEmpty() || bassAlone
                ? new Layout(voicing.bothHands().stream()
                        .map(grip -> grip.tones().size())
                        .toList())
                : Layout.of(voicing.tones().size());
    }

    private static boolean isBass(Grip grip) {
        return grip.tones().size() == 1 || grip.tones().size() == 2 && grip.width() == OCTAVE;
    }

    /** All notes, those of a second bass and its chord too. */
    int notes() {
        return grips.stream().mapToInt(Integer::intValue).sum();
    }

    /** Notes of the chord as it is played once. */
    int chord() {
        return hasSecondBass() ? grips.get(0) + grips.get(1) : notes();
    }

    /** What tells the chord at one stroke: all that lies under the hand, or the chord without a bass that lies far below. */
    List<Integer> whole() {
        int from = grips.size() == 1 ? 0 : upper();
        return IntStream.range(from, chord()).boxed().toList();
    }

    /** Notes of the bass: two where its octave is struck with it. */
    int bass() {
        return grips.size() > 1 && grips.get(0) == 2 ? 2 : 1;
    }

    boolean hasSecondBass() {
        return grips.size() == WITH_SECOND_BASS;
    }

    /** Place of the second bass. */
    int secondBass() {
        return grips.get(0) + grips.get(1);
    }

    /** The first place above the bass; in one grip of one note, that note. */
    int upper() {
        return grips.size() > 1 ? grips.get(0) : Math.min(1, grips.get(0) - 1);
    }
}
