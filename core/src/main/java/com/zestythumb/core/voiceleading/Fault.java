package com.zestythumb.core.voiceleading;

import com.zestythumb.core.pitch.Pitch;
import java.util.List;
import java.util.Map;

/**
 * Something that a rule found.
 *
 * @param kind what it is; severity and words go by this
 * @param moves the voices that it names, the lower first, and how they move
 * @param measures what was measured, by names that the words use: whole numbers, seconds, pitches
 */
public record Fault(Kind kind, List<Move> moves, Map<String, Object> measures) {

    public Fault {
        moves = List.copyOf(moves);
        measures = Map.copyOf(measures);
    }

    /** Of voices. */
    static Fault of(Kind kind, Move... moves) {
        return new Fault(kind, List.of(moves), Map.of());
    }

    /** Of one note whose voice does not matter. */
    static Fault at(Kind kind, Pitch note) {
        return new Fault(kind, List.of(), Map.of("note", note));
    }

    static Fault measured(Kind kind, Map<String, Object> measures) {
        return new Fault(kind, List.of(), measures);
    }

    /** The notes that it names. */
    public List<Pitch> notes() {
        return moves.isEmpty()
                ? measures.get("note") instanceof Pitch note ? List.of(note) : List.of()
                : moves.stream().map(Move::pitch).toList();
    }

    /** The voices that it names. */
    public List<Voice> voices() {
        return moves.stream().map(Move::voice).toList();
    }
}
