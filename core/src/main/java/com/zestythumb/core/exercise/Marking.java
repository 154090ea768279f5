package com.zestythumb.core.exercise;

import com.zestythumb.core.checking.FindingWords;
import com.zestythumb.core.voiceleading.Kind;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/**
 * How good an answer is, chord by chord: whether its notes are the chord's (1 point), whether they tell the chord (1),
 * whether they lie under the hand (1), and whether the way to them is smooth by the rules of the school (1). Any answer
 * counts that is about as good as the key: what is asked is what the solver and the rules ask of the app itself.
 *
 * @param marks in the order of the chords that are asked for
 * @param smoother half steps by which the fingers and what a teacher minds are less than in the key; 0 where they are not
 */
public record Marking(List<Mark> marks, int smoother) {

    /** The points that each chord can have. */
    public static final int FULL = 4;

    private static final List<String> ORDINALS = List.of("second", "third", "fourth", "fifth", "last");

    /** What an answer can have beside what the rules find. */
    private static final Map<String, String> NAMES = Map.ofEntries(
            Map.entry("too-many", "More than the bass"),
            Map.entry("missing-root", "Root missing"),
            Map.entry("guessed", "Guessed"),
            Map.entry("far", "Far from the chords around it"),
            Map.entry("too-few", "A part missing"),
            Map.entry("no-chord", "No chord symbol"),
            Map.entry("wrong-root", "Wrong root"),
            Map.entry("wrong-third", "Major for minor"),
            Map.entry("wrong-kind", "Wrong kind of chord"),
            Map.entry("wrong-numeral", "Wrong numeral"),
            Map.entry("wrong-case", "Capital for small numeral"),
            Map.entry("wrong-figures", "Wrong figures"),
            Map.entry("finger-count", "Number of fingers"),
            Map.entry("finger-spread", "Fingers spread too far"),
            Map.entry("tune-not-in-chord", "Tune not in the chord"),
            Map.entry("out-of-key", "From another key"),
            Map.entry("wrong-close", "Wrong close"),
            Map.entry("wrong-bar", "Wrong bar"),
            Map.entry("wrong-place", "Wrong place"),
            Map.entry("wrong-non-chord", "Wrong kind of non-chord tone"),
            Map.entry("other-note", "Another note"));

    /** How an answer is called. */
    public enum Verdict {
        RIGHT,
        NEARLY,
        NOT_YET,
        NOT_ANSWERED
    }

    /**
     * The mark of one chord.
     *
     * @param chord its index
     * @param bar what a teacher calls its bar; 0 for a pickup
     * @param points of {@link #FULL}
     * @param faults the codes of what is not right yet, for counting
     * @param words what a student reads, the most important first; empty where nothing is answered
     * @param nearer keys that lie nearer, as MIDI numbers; empty where the way is smooth
     */
    public record Mark(
            int chord,
            int bar,
            Verdict verdict,
            int points,
            List<String> faults,
            List<String> words,
            List<Integer> nearer) {

        public Mark {
            faults = List.copyOf(faults);
            words = List.copyOf(words);
            nearer = List.copyOf(nearer);
        }

        /** The same where some faults cost other points; one that costs none is none. */
        private Mark weighted(Map<String, Integer> weights) {
            if (faults.stream().noneMatch(weights::containsKey)) {
                return this;
            }
            List<String> each = faults.stream().distinct().toList();
            double usual = (double) (FULL - points) / each.size();
            double own = each.stream()
                    .mapToDouble(fault -> weights.containsKey(fault) ? weights.get(fault) : usual)
                    .sum();
            List<String> charged = faults.stream()
                    .filter(fault -> weights.getOrDefault(fault, 1) > 0)
                    .toList();
            int left = Math.max(0, FULL - (int) Math.round(own));
            Verdict called = left == FULL ? Verdict.RIGHT : left > 0 ? Verdict.NEARLY : Verdict.NOT_YET;
            return new Mark(chord, bar, called, left, charged, words, left == FULL ? List.of() : nearer);
        }

        /** What is right only after so many wrong guesses that were told as such at once is half right, and then less. */
        private Mark guessed(int times) {
            if (times == 0 || verdict != Verdict.RIGHT) {
                return this;
            }
            List<String> told = Stream.concat(
                            words.stream(),
                            Stream.of("found at the " + ORDINALS.get(Math.min(times, ORDINALS.size()) - 1) + " try"))
                    .toList();
            return new Mark(
                    chord, bar, Verdict.NEARLY, Math.max(1, FULL / 2 - times + 1), List.of("guessed"), told, List.of());
        }

        /** The same as the teacher marks it. */
        public Mark overruled(int other) {
            if (other < 0 || other > FULL) {
                throw new IllegalArgumentException("a chord has 0 to " + FULL + " points, not " + other);
            }
            Verdict called = other == FULL ? Verdict.RIGHT : other > 0 ? Verdict.NEARLY : Verdict.NOT_YET;
            return new Mark(chord, bar, called, other, other == FULL ? List.of() : faults, words, nearer);
        }
    }

    public Marking {
        marks = List.copyOf(marks);
    }

    /**
     * The same with a teacher's own points for some faults.
     *
     * @param weights points lost by fault, 0 where it is not charged; what is not among them costs what it does
     */
    public Marking weighted(Map<String, Integer> weights) {
        return new Marking(marks.stream().map(mark -> mark.weighted(weights)).toList(), smoother);
    }

    /** With less for what was guessed, by chord how often. */
    public Marking guessed(Map<Integer, Integer> times) {
        return new Marking(
                marks.stream()
                        .map(mark -> mark.guessed(times.getOrDefault(mark.chord(), 0)))
                        .toList(),
                smoother);
    }

    public int points() {
        return marks.stream().mapToInt(Mark::points).sum();
    }

    /** All the points there are. */
    public int of() {
        return FULL * marks.size();
    }

    /**
     * Marks an answer.
     *
     * @param answers MIDI keys, by the index of the chord; what is not answered yet has none
     * @throws IllegalArgumentException where it makes no sense, with the place
     */
    static Marking of(Exercise exercise, Map<Integer, List<Integer>> answers) {
        return new Marker(exercise, answers).marking();
    }

    /** What a fault is called in a list of them. */
    public static String nameOf(String fault) {
        return Kind.named(fault).map(FindingWords::title).orElse(NAMES.getOrDefault(fault, "Something missing"));
    }
}
