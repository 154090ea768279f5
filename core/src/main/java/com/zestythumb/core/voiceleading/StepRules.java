package com.zestythumb.core.voiceleading;

import com.zestythumb.core.chord.Quality;
import com.zestythumb.core.pitch.Interval;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.pitch.PitchClass;
import com.zestythumb.core.voicing.ChordTone;
import com.zestythumb.core.voicing.Tone;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import java.util.function.Predicate;

/** How voices go from chord to chord: any textbook of harmony has these, unless another source stands with a rule. */
public final class StepRules {

    /** 1 where bare fifths are two voices; 0 where they are one sound that is slid along. */
    static final String BARE_FIFTHS = "bare-fifths";

    /** 1 where the tune is held against every voice of the hands; 0 where against the bass alone. */
    static final String EVERY_VOICE = "every-voice";

    /** 1 where voices inside a chord that is broken up are held against one another; 0 where it is an ordinary accompaniment. */
    static final String BROKEN_INSIDE = "broken-inside";

    private static final int KEYS = 12;
    private static final int STEP = 2;
    private static final int FOURTH = 5;
    private static final int TRITONE = 6;
    private static final int MAJOR_THIRD = 4;
    private static final int MINOR_THIRD = 3;
    private static final int MANY = 4;

    private StepRules() {}

    /**
     * Voices moving in parallel perfect fifths or octaves: any two parts; of what the hands play bass and top before any other two,
     * and bass and tune; in the strict school the tune and any voice. A fault in the strict and keyboard schools, a sound in popular
     * music.
     */
    static final Rule<Step> PARALLELS = Rule.of("parallels", Step.class, StepRules::parallels);

    private static void parallels(Step step, Map<String, Double> limits, Consumer<Fault> found) {
        if (!step.meetsAnother()) {
            return;
        }
        List<Move> moves = step.ownMoves();
        boolean bareIsOne = limits.get(BARE_FIFTHS) == 0;
        boolean one = isOneVoice(step.from()) && isOneVoice(step.to())
                || bareIsOne && isBare(step.from()) && isBare(step.to());
        if (step.isSung()) {
            for (int low = 0; low < moves.size(); low++) {
                for (int high = low + 1; high < moves.size(); high++) {
                    parallel(step, moves.get(low), moves.get(high), found);
                }
            }
        } else if (!one) {
            inHands(step, moves, limits, found);
        }
        if (step.moves().size() > moves.size()) {
            Move tune = step.moves().get(moves.size());
            boolean every = limits.get(EVERY_VOICE) == 1;
            for (Move low : every ? moves : moves.subList(0, 1)) {
                parallel(step, low, tune, found);
            }
        }
    }

    /** One pair is named. */
    private static void inHands(Step step, List<Move> moves, Map<String, Double> limits, Consumer<Fault> found) {
        int top = moves.size() - 1;
        if (top > 0 && parallel(step, moves.get(0), moves.get(top), found)) {
            return;
        }
        boolean brokenUp = step.from().broken() && step.to().broken() && limits.get(BROKEN_INSIDE) == 0;
        for (int low = 0; step.hasEachVoice() && !brokenUp && low < top; low++) {
            for (int high = low + 1; high <= top; high++) {
                if (parallel(step, moves.get(low), moves.get(high), found)) {
                    return;
                }
            }
        }
    }

    private static boolean parallel(Step step, Move low, Move high, Consumer<Fault> found) {
        int below = Integer.signum(low.halfSteps());
        if (below == 0 || below != Integer.signum(high.halfSteps())) {
            return false;
        }
        Pitch from = low.from().pitch();
        Pitch to = low.to().pitch();
        int now = perfect(to, high.to().pitch());
        if (to.equals(high.to().pitch()) && from.equals(high.from().pitch())) {
            found.accept(Fault.of(Kind.PARALLEL_UNISONS, low, high));
            return true;
        }
        if (now == 0 || now != perfect(from, high.from().pitch())) {
            return false;
        }
        List<Move> sixth = now == 5 ? step.from().augmentedSixth() : List.of();
        boolean german =
                !sixth.isEmpty() && sixth.get(0).to().pitch().pitchClass().equals(from.pitchClass());
        found.accept(Fault.of(
                german ? Kind.GERMAN_FIFTHS : now == 5 ? Kind.PARALLEL_FIFTHS : Kind.PARALLEL_OCTAVES, low, high));
        return true;
    }

    /** A line that is doubled in octaves. */
    private static boolean isOneVoice(Sonority sonority) {
        return is(
                sonority,
                tone -> tone.pitch()
                        .pitchClass()
                        .equals(sonority.voices().get(0).pitch().pitchClass()));
    }

    private static boolean isBare(Sonority sonority) {
        return is(sonority, tone -> tone.member() == ChordTone.ROOT || tone.member() == ChordTone.FIFTH);
    }

    private static boolean is(Sonority sonority, Predicate<Tone> so) {
        for (Tone tone : sonority.voices()) {
            if (tone == null || !so.test(tone)) {
                return false;
            }
        }
        return true;
    }

    /** 5 for a perfect fifth, 8 for an octave, either with octaves between; 0 for all else. */
    static int perfect(Pitch low, Pitch high) {
        int within = (high.midi() - low.midi()) % KEYS;
        if (within != 0 && within != 7) {
            return 0;
        }
        int steps = high.staffStep() - low.staffStep();
        if (within == 7) {
            return steps % 7 == 4 ? 5 : 0;
        }
        return steps % 7 == 0 && steps > 0 ? 8 : 0;
    }

    /**
     * Bass and highest voice go the same way into a perfect fifth or octave, the upper by more than a step: the interval is heard by
     * itself (hidden fifths and octaves).
     */
    static final Rule<Step> DIRECT = Rule.of("direct", Step.class, (step, limits, found) -> {
        Step.Outer outer = step.meetsAnother() ? step.outer() : null;
        if (outer == null || !outer.areSimilar() || Math.abs(outer.top().halfSteps()) <= STEP) {
            return;
        }
        int now = perfect(outer.bass().pitch(), outer.top().pitch());
        if (now != 0
                && now
                        != perfect(
                                outer.bass().from().pitch(), outer.top().from().pitch())) {
            found.accept(Fault.of(now == 5 ? Kind.DIRECT_FIFTHS : Kind.DIRECT_OCTAVES, outer.bass(), outer.top()));
        }
    });

    /**
     * Fifth to fifth or octave to octave by motion against each other, which is the same to the ear as going along: between bass and
     * highest voice, in parts between any two; and a diminished fifth above the bass that goes along into a perfect one.
     */
    static final Rule<Step> CONTRARY = Rule.of("contrary", Step.class, (step, limits, found) -> {
        Step.Outer outer = step.meetsAnother() ? step.outer() : null;
        if (outer == null) {
            return;
        }
        if (!step.isSung()) {
            contrary(outer.bass(), outer.top(), true, found);
            return;
        }
        List<Move> moves = step.moves();
        for (int low = 0; low < moves.size(); low++) {
            for (int high = low + 1; high < moves.size(); high++) {
                contrary(moves.get(low), moves.get(high), low == 0, found);
            }
        }
    });

    private static void contrary(Move low, Move high, boolean withBass, Consumer<Fault> found) {
        int now = perfect(low.pitch(), high.pitch());
        Pitch from = low.from().pitch();
        Pitch above = high.from().pitch();
        int ways = Integer.signum(low.halfSteps()) * Integer.signum(high.halfSteps());
        boolean diminished = Math.floorMod(above.midi() - from.midi(), KEYS) == TRITONE
                && Math.floorMod(above.staffStep() - from.staffStep(), 7) == 4;
        if (ways < 0 && now != 0 && now == perfect(from, above)) {
            found.accept(Fault.of(now == 5 ? Kind.CONTRARY_FIFTHS : Kind.CONTRARY_OCTAVES, low, high));
        } else if (ways > 0 && now == 5 && diminished && withBass) {
            found.accept(Fault.of(Kind.UNEQUAL_FIFTHS, low, high));
        }
    }

    /**
     * The leading tone of V and of vii° rises where these go to I or vi, and so does the third of any dominant seventh whose root
     * falls a fifth. It may stay; an inner one may fall a third to the fifth, and on the way to vi by step, as any one does that
     * comes down from the keynote.
     */
    static final Rule<Step> LEADING = Rule.of("leading", Step.class, (step, limits, found) -> {
        if (!step.meetsAnother()) {
            return;
        }
        for (Move note : step.from().notes()) {
            if (leadsOn(step, note.to())) {
                boolean inner = step.isInner(note);
                boolean toTonic = step.to().degree() == 0 || rootFallsAFifth(step);
                Move move = ownWay(step, note);
                boolean goes = goes(step, note, move, 1)
                        || goes(step, note, move, 0)
                        || inner && (goes(step, note, move, -MAJOR_THIRD) || goes(step, note, move, -MINOR_THIRD))
                        || !toTonic && move != null && step.goesOnByStep(move)
                        || inner && !toTonic && (goes(step, note, move, -1) || goes(step, note, move, -STEP));
                if (!goes) {
                    found.accept(Fault.of(Kind.LEADING_UNRESOLVED, move == null ? note : move));
                }
            }
        }
    });

    /** How a note goes on where its voice is told apart: of a part or the tune; of hands the ear takes what is nearest. */
    private static Move ownWay(Step step, Move note) {
        boolean own = step.isSung() || note.voice() == Voice.TUNE;
        return own ? step.of(note) : null;
    }

    private static boolean goes(Step step, Move note, Move move, int halfSteps) {
        return move == null ? step.to().has(note.pitch().midi() + halfSteps) : move.halfSteps() == halfSteps;
    }

    private static boolean rootFallsAFifth(Step step) {
        return Sonority.above(step.from().chord().root(), step.to().chord().root()) == FOURTH;
    }

    private static boolean leadsOn(Step step, Tone tone) {
        Sonority from = step.from();
        PitchClass leading = from.leading();
        int to = step.to().degree();
        boolean ofKey = from.isDominantOfKey()
                && tone.pitch().pitchClass().soundsLike(leading)
                && (to == 0 || to == 8 || to == 9);
        boolean applied = tone.member() == ChordTone.THIRD
                && rootFallsAFifth(step)
                && from.aboveRoot(tone) == MAJOR_THIRD
                && (from.isDominantSeventh()
                        || leading != null && tone.pitch().pitchClass().soundsLike(leading));
        return ofKey || applied;
    }

    /**
     * The seventh of a chord falls a step where the next chord has that note; it may stay, or go on in another voice, which is
     * remarked; from V4/3 to I6 it may rise with the bass. Of a hand's chord of three it is heard where it lies.
     */
    static final Rule<Step> SEVENTH = Rule.of("seventh", Step.class, (step, limits, found) -> {
        if (!step.meetsAnother()) {
            return;
        }
        List<Move> sixth = step.from().augmentedSixth();
        for (Move note : step.from().notes(tone -> tone.member() == ChordTone.SEVENTH)) {
            int at = note.pitch().midi();
            boolean could = step.to().hasTone(at - 1) || step.to().hasTone(at - STEP);
            boolean opens = !sixth.isEmpty() && sixth.get(1).to() == note.to();
            boolean stays = !step.to()
                    .notes(tone ->
                            tone.pitch().pitchClass().soundsLike(note.pitch().pitchClass()))
                    .isEmpty();
            boolean own = step.isSung()
                    || note.voice() == Voice.TUNE
                    || note.voice() == Voice.BASS
                    || step.hasEachVoice() && step.to().voices().size() >= MANY;
            Move move = own ? step.of(note) : null;
            if (!could
                    || opens
                    || stays
                    || goes(step, note, move, -1)
                    || goes(step, note, move, -STEP)
                    || risesWithBass(step, move)) {
                continue;
            }
            boolean handedOn = note.voice() != Voice.BASS
                    && isStepBelow(step.to().bass(), note.pitch().pitchClass());
            Move named = move == null ? note : move;
            found.accept(Fault.of(handedOn ? Kind.SEVENTH_TRANSFERRED : Kind.SEVENTH_UNRESOLVED, named));
        }
    });

    private static boolean isStepBelow(PitchClass low, PitchClass high) {
        int above = Sonority.above(low, high);
        return above == 1 || above == STEP;
    }

    private static boolean risesWithBass(Step step, Move seventh) {
        Sonority from = step.from();
        Sonority to = step.to();
        Move bass = step.moves().get(0);
        return seventh != null
                && ChordTone.of(from.chord(), from.bass()) == ChordTone.FIFTH
                && ChordTone.of(to.chord(), to.bass()) == ChordTone.THIRD
                && isStepUp(seventh)
                && isStepUp(bass);
    }

    private static boolean isStepUp(Move move) {
        return move.halfSteps() > 0 && move.halfSteps() <= STEP;
    }

    /** The seventh of ii7 and its like is there before, or come to by step; that of V7 and of diminished chords may be leapt to. */
    static final Rule<Step> UNPREPARED = Rule.of("unprepared", Step.class, (step, limits, found) -> {
        Sonority to = step.to();
        Interval fifth = to.chord().quality().numbered(5);
        if (!step.meetsAnother() || to.isDominantSeventh() || fifth != null && fifth.semitones() == TRITONE) {
            return;
        }
        for (Move move : step.moves()) {
            if (move.to().member() == ChordTone.SEVENTH && Math.abs(move.halfSteps()) > STEP) {
                found.accept(Fault.of(Kind.SEVENTH_UNPREPARED, move));
            }
        }
    });

    private static final Predicate<Move> LEAPS_A_SEVENTH = move -> Math.abs(move.staffSteps()) == 6;

    /**
     * An augmented second or fourth, or a seventh, in the bass or in the highest voice that the hands have: hard to hear and to sing.
     * Parts and the tune are looked at note by note, see {@link LineRules}.
     */
    static final Rule<Step> MELODIC = Rule.of("melodic", Step.class, (step, limits, found) -> {
        List<Move> moves = step.ownMoves();
        if (step.isSung() || !step.meetsAnother() || moves.isEmpty()) {
            return;
        }
        melodic(moves.get(0), found);
        if (step.from().tune() == null && moves.size() > 1) {
            melodic(moves.get(moves.size() - 1), found);
        }
    });

    static void melodic(Move move, Consumer<Fault> found) {
        int steps = Math.abs(move.staffSteps());
        int keys = Math.abs(move.halfSteps());
        Kind kind = steps == 1 && keys == MINOR_THIRD
                ? Kind.AUGMENTED_STEP
                : steps == 3 && keys == TRITONE
                        ? Kind.TRITONE_LEAP
                        : LEAPS_A_SEVENTH.test(move) ? Kind.SEVENTH_LEAP : null;
        if (kind != null) {
            found.accept(Fault.of(kind, move));
        }
    }

    /**
     * A note that the key does not have goes on by a step in the direction in which it is altered, or back to the key's own, where the
     * next chord has that note; an inner one may fall to a fifth below. What leads on as a third or a seventh is told as such, and so
     * are the notes of augmented sixths and of the Neapolitan.
     */
    static final Rule<Step> ALTERED = Rule.of("altered", Step.class, (step, limits, found) -> {
        Sonority from = step.from();
        if (from.key() == null || !step.meetsAnother()) {
            return;
        }
        for (Move note : from.notes()) {
            int altered = SonorityRules.alteration(from, note.to());
            int at = note.pitch().midi();
            boolean ownRule = leadsOn(step, note.to())
                    || from.augmentedSixth().stream().anyMatch(one -> one.to() == note.to())
                    || isNeapolitan(from);
            if (altered == 0 || ownRule || !canLead(from, note.to())) {
                continue;
            }
            int on = Integer.signum(altered);
            boolean goesOn = step.to().has(at + on)
                    || step.to().has(at - altered)
                    || step.to().has(at)
                    || step.isInner(note) && altered > 0 && step.to().has(at - MAJOR_THIRD);
            if (step.to().hasTone(at + on) && !goesOn) {
                Move move = step.of(note);
                found.accept(Fault.of(Kind.ALTERED_UNRESOLVED, move == null ? note : move));
            }
        }
    });

    /** Roots go where they like, but for those of diminished chords. */
    private static boolean canLead(Sonority from, Tone tone) {
        Interval fifth = from.chord().quality().numbered(5);
        return tone.member() != ChordTone.ROOT || fifth != null && fifth.semitones() < 7;
    }

    /** The notes of an augmented sixth open outward, the lower down and the upper up by a half step. */
    static final Rule<Step> AUGMENTED_SIXTH = Rule.of("augmented-sixth", Step.class, (step, limits, found) -> {
        List<Move> sixth = step.meetsAnother() ? step.from().augmentedSixth() : List.of();
        for (int i = 0; i < sixth.size(); i++) {
            Move move = step.of(sixth.get(i));
            int wanted = i == 0 ? -1 : 1;
            if (move != null && move.halfSteps() != wanted && move.halfSteps() != 0) {
                found.accept(Fault.of(Kind.AUGMENTED_SIXTH_UNRESOLVED, move));
            }
        }
    });

    static boolean isNeapolitan(Sonority sonority) {
        return sonority.degree() == 1 && sonority.chord().quality().equals(Quality.MAJOR);
    }

    /** The lowered second degree of the Neapolitan falls, by a diminished third to the leading tone or by step to the keynote. */
    static final Rule<Step> NEAPOLITAN = Rule.of("neapolitan", Step.class, (step, limits, found) -> {
        if (!isNeapolitan(step.from()) || !step.meetsAnother()) {
            return;
        }
        for (Move move : step.moves()) {
            if (move.from().member() == ChordTone.ROOT && move.halfSteps() > 0) {
                found.accept(Fault.of(Kind.NEAPOLITAN_UNRESOLVED, move));
            }
        }
    });

    /** Root to root, up: home, its own chord again, the deceptive close, a tritone or half step away in its stead. */
    private static final List<Integer> GOALS = List.of(0, 1, 2, 5, 6, 11);

    /** The dominant of another degree goes to the chord whose dominant it is, or deceives as V–vi does; to I6/4 before V too. */
    static final Rule<Step> APPLIED = Rule.of("applied", Step.class, (step, limits, found) -> {
        Sonority from = step.from();
        boolean applied = from.isDominantSeventh() && !from.isDominantOfKey() && from.key() != null;
        if (!applied || !step.meetsAnother()) {
            return;
        }
        PitchClass third = from.chord().root().plus(Interval.MAJOR_THIRD);
        int way = Sonority.above(from.chord().root(), step.to().chord().root());
        boolean arrives = GOALS.contains(way) || way == 10 && step.to().isSixFour();
        if (from.key().alterationOf(third) > 0 && !arrives) {
            found.accept(Fault.of(Kind.APPLIED_UNRESOLVED));
        }
    });

    /** A voice that goes beyond where its neighbour was: the ear takes it for that one. Fewer than four notes of a hand are no voices. */
    static final Rule<Step> OVERLAP = Rule.of("overlap", Step.class, (step, limits, found) -> {
        List<Move> moves = step.ownMoves();
        if (!step.meetsAnother() || !step.hasEachVoice() || !step.isSung() && moves.size() < MANY) {
            return;
        }
        for (int i = 0; i + 1 < moves.size(); i++) {
            Move low = moves.get(i);
            Move high = moves.get(i + 1);
            if (low.pitch().midi() > high.from().pitch().midi()) {
                found.accept(Fault.of(Kind.OVERLAP, low, high));
                return;
            }
            if (high.pitch().midi() < low.from().pitch().midi()) {
                found.accept(Fault.of(Kind.OVERLAP, high, low));
                return;
            }
        }
    });

    /**
     * A note and its chromatic alteration follow one another in two different voices. Into and out of the Neapolitan it belongs to the
     * style.
     */
    static final Rule<Step> FALSE_RELATION = Rule.of("false-relation", Step.class, (step, limits, found) -> {
        if (!step.hasEachVoice() || isNeapolitan(step.from()) || isNeapolitan(step.to())) {
            return;
        }
        List<Move> moves = step.moves();
        for (Move one : moves) {
            for (Move other : moves) {
                PitchClass before = one.from().pitch().pitchClass();
                PitchClass after = other.to().pitch().pitchClass();
                boolean altered = before.letter() == after.letter() && before.alteration() != after.alteration();
                if (altered
                        && moves.stream()
                                .noneMatch(move -> move.from()
                                                .pitch()
                                                .pitchClass()
                                                .equals(before)
                                        && move.to().pitch().pitchClass().equals(after))) {
                    found.accept(Fault.of(Kind.FALSE_RELATION, one, other));
                    return;
                }
            }
        }
    });

    /** The fourth of a cadential six-four falls to the third of V. */
    static final Rule<Step> SIX_FOUR = Rule.of("six-four-step", Step.class, (step, limits, found) -> {
        boolean cadential = step.from().isSixFour()
                && step.to().isRootPosition()
                && step.from().bass().soundsLike(step.to().bass());
        for (Move move : cadential ? step.moves() : List.<Move>of()) {
            if (move.from().member() == ChordTone.ROOT && move.halfSteps() > 0) {
                found.accept(Fault.of(Kind.SIX_FOUR_UNRESOLVED, move));
            }
        }
    });

    private static final int VOICES = 3;

    /**
     * Three voices or more all go the same way, none of them by a mere step, though the two chords have a note in common that one of
     * them could keep: it sounds as if the hand jumped (keep the common tone, or go against the bass).
     */
    static final Rule<Step> ONE_WAY = Rule.of("one-way", Step.class, (step, limits, found) -> {
        List<Move> moves = step.ownMoves();
        if (moves.size() < VOICES || !step.hasEachVoice() || !step.meetsAnother()) {
            return;
        }
        int way = Integer.signum(moves.get(0).halfSteps());
        for (Move move : moves) {
            if (way * move.halfSteps() <= STEP) {
                return;
            }
        }
        moves.stream()
                .filter(move -> step.to().hasTone(move.from().pitch().midi()))
                .findFirst()
                .ifPresent(move -> found.accept(Fault.of(Kind.ALL_ONE_WAY, move)));
    });

    /**
     * V goes back to IV, to ii or to iii, or ii to I, all in root position: the tension that was built up goes back where it came from
     * (in blues and popular music it is at home).
     */
    static final Rule<Step> BACKWARDS = Rule.of("backwards", Step.class, (step, limits, found) -> {
        Sonority from = step.from();
        Sonority to = step.to();
        if (from.key() == null || !from.isRootPosition() || !to.isRootPosition()) {
            return;
        }
        List<Kind> kinds = new ArrayList<>();
        if (from.isDominantOfKey() && from.degree() == 7) {
            kinds.add(
                    switch (to.degree()) {
                        case 5 -> Kind.FIVE_FOUR;
                        case 2 -> to.isDominantSeventh() ? null : Kind.FIVE_TWO;
                        case 3, 4 -> to.chord().quality().hasMinorThird() ? Kind.FIVE_THREE : null;
                        default -> null;
                    });
        } else if (from.degree() == STEP && from.chord().quality().hasMinorThird() && to.degree() == 0) {
            kinds.add(Kind.TWO_ONE);
        }
        kinds.stream().filter(kind -> kind != null).forEach(kind -> found.accept(Fault.of(kind)));
    });
}
