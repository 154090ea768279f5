package com.zestythumb.core.voiceleading;

import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.voicing.Tone;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * All voices go from one time to the next: from chord to chord of the hands; of a page in parts from one time at which a part moves
 * to the next.
 */
public final class Step {

    private final Sonority from;
    private final Sonority to;
    private final Map<Voice, Pitch> cameFrom;
    private List<Move> moves;

    public Step(Sonority from, Sonority to) {
        this(from, to, Map.of());
    }

    /** Where it is known from which other note each voice came before. */
    public Step(Sonority from, Sonority to, Map<Voice, Pitch> cameFrom) {
        this.from = from;
        this.to = to;
        this.cameFrom = cameFrom;
    }

    /** Whether a voice goes on by step as it came. */
    boolean goesOnByStep(Move move) {
        Pitch before = cameFrom.get(move.voice());
        int came = before == null ? 0 : move.from().pitch().midi() - before.midi();
        return Math.abs(came) <= 2 && Math.abs(move.halfSteps()) <= 2 && came * move.halfSteps() > 0;
    }

    public Sonority from() {
        return from;
    }

    public Sonority to() {
        return to;
    }

    boolean isSung() {
        return from.sung();
    }

    /** Whether another chord is met; one that only changes its place breaks no rule of motion. */
    boolean meetsAnother() {
        return !from.isSameHarmony(to);
    }

    /** Whether each voice of the hands goes to one of its own. */
    boolean hasEachVoice() {
        return from.voices().size() == to.voices().size();
    }

    /**
     * How the voices go, from the lowest; the tune's at the end. Where hands hold more notes than before, bass and top alone can be
     * followed.
     */
    public List<Move> moves() {
        if (moves == null) {
            moves = new ArrayList<>();
            List<Tone> left = from.voices();
            List<Tone> met = to.voices();
            if (hasEachVoice()) {
                for (int i = 0; i < left.size(); i++) {
                    add(to.voice(i), left.get(i), met.get(i));
                }
            } else {
                add(Voice.BASS, left.get(0), met.get(0));
                if (left.size() > 1 && met.size() > 1) {
                    add(Voice.TOP, left.get(left.size() - 1), met.get(met.size() - 1));
                }
            }
            add(Voice.TUNE, from.tune(), to.tune());
        }
        return moves;
    }

    private void add(Voice voice, Tone left, Tone met) {
        if (left != null && met != null) {
            moves.add(new Move(voice, left, met));
        }
    }

    /** Those of the hands, or of the parts. */
    List<Move> ownMoves() {
        List<Move> all = moves();
        boolean sings = !all.isEmpty() && all.get(all.size() - 1).voice() == Voice.TUNE;
        return sings ? all.subList(0, all.size() - 1) : all;
    }

    /** The move of a note that is left; null where its voice cannot be followed. */
    Move of(Move note) {
        for (Move move : moves()) {
            if (move.voice() == note.voice() && move.from() == note.to()) {
                return move;
            }
        }
        return null;
    }

    /** Bass and highest voice; null where there is but one. */
    Outer outer() {
        List<Move> all = moves();
        return all.size() < 2 ? null : new Outer(all.get(0), all.get(all.size() - 1));
    }

    /** The two voices that are heard most. */
    record Outer(Move bass, Move top) {

        boolean areSimilar() {
            return bass.halfSteps() != 0 && Integer.signum(bass.halfSteps()) == Integer.signum(top.halfSteps());
        }
    }

    /** Whether a note is neither the lowest nor the highest that sounds. */
    boolean isInner(Move note) {
        List<Move> all = from.notes();
        Pitch pitch = note.pitch();
        return !all.get(0).pitch().equals(pitch)
                && !all.get(all.size() - 1).pitch().equals(pitch);
    }
}
