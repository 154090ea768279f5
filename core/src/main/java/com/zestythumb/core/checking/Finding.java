package com.zestythumb.core.checking;

import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.voiceleading.Fault;
import com.zestythumb.core.voiceleading.Kind;
import com.zestythumb.core.voiceleading.Move;
import com.zestythumb.core.voiceleading.Severity;
import com.zestythumb.core.voiceleading.Voice;
import java.util.List;

/**
 * Something that was found, at its place.
 *
 * @param severity how grave the school, or the teacher, holds it
 * @param chord index of the chord where it is met
 * @param before index of the chord from which the hand or the voice comes; −1 where that does not matter
 * @param bar number of its bar as a teacher counts, from 1
 */
public record Finding(Fault fault, Severity severity, int chord, int before, int bar) {

    /**
     * What it is, where and of which notes or voices: the same in every school, and before and after a change that leaves it.
     *
     * @param notes by name, where no voices are known
     */
    public record Id(Kind kind, int chord, List<Voice> voices, List<String> notes) {}

    public Id id() {
        List<Voice> voices = fault.voices();
        return new Id(
                kind(),
                chord,
                voices,
                voices.isEmpty()
                        ? fault.notes().stream()
                                .map(pitch -> pitch.pitchClass().toString())
                                .toList()
                        : List.of());
    }

    public Kind kind() {
        return fault.kind();
    }

    /** How the voices go that it speaks of; none where nothing moves. */
    public List<Move> motions() {
        return fault.moves().stream().filter(move -> move.from() != null).toList();
    }

    /** The notes that it names. */
    public List<Pitch> notes() {
        return fault.notes();
    }

    /** Whether the hand comes from further on in the page, as at a repeat. */
    public boolean isComingBack() {
        return before > chord;
    }

    /** Whether it comes over bars that are passed by, as into a second ending or a coda. */
    public boolean isPassingBy() {
        return before >= 0 && before < chord - 1;
    }
}
