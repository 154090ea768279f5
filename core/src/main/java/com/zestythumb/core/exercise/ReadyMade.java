package com.zestythumb.core.exercise;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Choices;
import com.zestythumb.core.pattern.AccompanimentPatterns;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.voiceleading.School;
import com.zestythumb.core.voicing.Hand;
import com.zestythumb.core.voicing.Inversions;
import com.zestythumb.core.voicing.StyleChoice;
import com.zestythumb.core.voicing.VoicingStyles;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * Exercises made from nothing, as many as there are seeds: rows of chords that any method has, in all keys (common practice).
 *
 * @param id how it is called in data
 * @param name as it is offered to the teacher
 * @param words what the student does
 * @param asked what is to be found
 * @param style how the key is voiced
 * @param school whose rules it is voiced by; null for the teacher's own
 * @param given how many bars at the beginning are given
 * @param bars the music of a key, by the seed
 * @param minor whether the keys are minor
 */
public record ReadyMade(
        String id,
        String name,
        String words,
        ExerciseKind asked,
        StyleChoice style,
        School school,
        int given,
        BiFunction<Key, Integer, String> bars,
        boolean minor) {

    private static final List<String> MAJOR = List.of("C", "G", "F", "D", "Bb", "A", "Eb", "E", "Ab", "B", "Db", "F#");
    private static final List<String> MINOR = List.of("A", "E", "D", "B", "G", "F#", "C", "C#", "F", "G#", "Bb", "D#");

    private static final StyleChoice NEAREST = StyleChoice.close(Inversions.NEAREST);
    private static final StyleChoice SHELLS = style("shells");
    private static final StyleChoice HYMN = style("hymn");

    private static StyleChoice style(String id) {
        return new StyleChoice(VoicingStyles.named(id), Map.of());
    }

    /** Rows of numerals, of which a seed takes one. */
    private static BiFunction<Key, Integer, String> rows(String... rows) {
        return (key, seed) -> rows[Math.floorMod(seed / MAJOR.size() + seed, rows.length)];
    }

    private static ReadyMade chords(
            String id, String name, String words, StyleChoice style, int given, BiFunction<Key, Integer, String> bars) {
        return new ReadyMade(id, name, words, ExerciseKind.CHORDS, style, null, given, bars, false);
    }

    private static ReadyMade quiz(
            String id, String name, String words, ExerciseKind asked, BiFunction<Key, Integer, String> bars) {
        return new ReadyMade(id, name, words, asked, NEAREST, null, 0, bars, false);
    }

    /** All of them, the plainest first. */
    public static final List<ReadyMade> ALL = List.of(
            chords(
                    "primary",
                    "Primary chords",
                    "the three chords of a key, each from the one before without a jump",
                    NEAREST,
                    1,
                    rows("| I | IV | I | V7 | I |", "| I | V7 | I | IV | V7 | I |", "| I | IV | V7 | I |")),
            chords(
                    "inversions",
                    "Inversions in a row",
                    "one chord from its root, its third, its fifth",
                    NEAREST,
                    1,
                    rows("| I | I6 | I6/4 | I |", "| I | I6 | IV | IV6 | I6/4 | V | I |")),
            chords(
                    "closes",
                    "Closes",
                    "full, half, plagal and deceptive",
                    NEAREST,
                    1,
                    rows("| I | IV | V7 | I |", "| I | vi | IV | V |", "| I | V | IV | I |", "| I | IV | V7 | vi |")),
            new ReadyMade(
                    "primary-minor",
                    "Primary chords in minor",
                    "with the raised seventh in V7",
                    ExerciseKind.CHORDS,
                    NEAREST,
                    null,
                    1,
                    rows("| i | iv | i | V7 | i |", "| i | V7 | i | iv | V7 | i |", "| i | iv | V7 | i |"),
                    true),
            chords(
                    "two-five-one",
                    "ii–V–I in shells",
                    "root with third or seventh, turn by turn",
                    SHELLS,
                    0,
                    rows("| ii7 | V7 | Imaj7 |", "| Imaj7 | vi7 | ii7 | V7 | Imaj7 |")),
            new ReadyMade(
                    "figured-bass",
                    "Figured bass",
                    "the chord above a bass, from its figures",
                    ExerciseKind.FIGURES,
                    HYMN,
                    School.STRICT,
                    0,
                    rows(
                            "| I | V6 | I | IV | V | I |",
                            "| I | ii6/5 | V7 | I |",
                            "| I | V6/5 | I | IV | V7 | I |",
                            "| I | vi | ii6 | V | I |",
                            "| I | V6 | I | ii6 | V7 | I |"),
                    false),
            new ReadyMade(
                    "figured-bass-minor",
                    "Figured bass in minor",
                    "with the raised seventh: a sharp, a natural, a stroke",
                    ExerciseKind.FIGURES,
                    HYMN,
                    School.STRICT,
                    0,
                    rows("| i | iv | V | i |", "| i | V4/3 | i6 | V | i |", "| i | iv6 | V | i |"),
                    true),
            new ReadyMade(
                    "four-parts-bass",
                    "Four parts over a bass",
                    "three upper parts to a bass, by the strict rules",
                    ExerciseKind.FOUR_PARTS,
                    HYMN,
                    School.STRICT,
                    1,
                    ExerciseMusic.of("over-bass"),
                    false),
            new ReadyMade(
                    "four-parts-bass-minor",
                    "Four parts over a bass in minor",
                    "three upper parts to a bass, the seventh raised",
                    ExerciseKind.FOUR_PARTS,
                    HYMN,
                    School.STRICT,
                    1,
                    ExerciseMusic.of("over-bass-minor"),
                    true),
            new ReadyMade(
                    "four-parts-tune",
                    "Three parts under a tune",
                    "three lower parts to a soprano, by the strict rules",
                    ExerciseKind.FOUR_PARTS,
                    NEAREST,
                    School.STRICT,
                    1,
                    ExerciseMusic.of("under-tune"),
                    false),
            new ReadyMade(
                    "chorale-tune",
                    "Chorale phrase under a tune",
                    "a phrase with passing notes and closes in near keys, by the strict rules",
                    ExerciseKind.FOUR_PARTS,
                    NEAREST,
                    School.STRICT,
                    1,
                    ExerciseMusic.of("chorale-tune"),
                    false),
            new ReadyMade(
                    "chorale-bass",
                    "Chorale phrase over a bass",
                    "a phrase over a moving bass, by the strict rules",
                    ExerciseKind.FOUR_PARTS,
                    HYMN,
                    School.STRICT,
                    1,
                    ExerciseMusic.of("chorale-bass"),
                    false),
            quiz(
                    "folk-tune",
                    "Harmonise a tune",
                    "a chord for each bar of a tune",
                    ExerciseKind.HARMONY,
                    ExerciseMusic.of("folk-tune")),
            quiz(
                    "unfigured-bass",
                    "Unfigured bass",
                    "a chord for each note of a bass that has no figures",
                    ExerciseKind.HARMONY,
                    ExerciseMusic.of("over-bass")),
            quiz(
                    "non-chord",
                    "Non-chord tones",
                    "passing note, neighbour, suspension: what a foreign note is, in any part",
                    ExerciseKind.NON_CHORD,
                    ExerciseMusic.of("non-chord")),
            quiz(
                    "name-the-chord",
                    "Name the chord",
                    "written chords, to be called by their names",
                    ExerciseKind.NAMES,
                    rows(
                            "| I | IV | V7 | I |",
                            "| I | vi | ii | V7 |",
                            "| I6 | IV | V4/2 | I6 |",
                            "| ii7 | V7 | Imaj7 | vi7 |")),
            quiz(
                    "numerals",
                    "Roman numerals",
                    "what each chord is in its key",
                    ExerciseKind.NUMERALS,
                    rows("| I | IV | V7 | I |", "| I | vi | ii | V7 |", "| I6 | IV | ii6 | V7 |")),
            quiz(
                    "odd-bar",
                    "The odd bar",
                    "one bar has another pattern than the rest",
                    ExerciseKind.ODD_BAR,
                    ExerciseMusic::oddBar),
            quiz(
                    "fault-in-parts",
                    "Find the fault in four parts",
                    "one chord breaks a rule of part writing",
                    ExerciseKind.FAULT,
                    ExerciseMusic.of("fault-in-parts")),
            new ReadyMade(
                    "fault-in-parts-minor",
                    "Find the fault in four parts in minor",
                    "one chord breaks a rule of part writing",
                    ExerciseKind.FAULT,
                    NEAREST,
                    null,
                    0,
                    ExerciseMusic.of("fault-in-parts-minor"),
                    true),
            quiz(
                    "find-the-fault",
                    "Find the fault",
                    "one step breaks a rule",
                    ExerciseKind.FAULT,
                    ExerciseMusic.of("fault-in-hand")),
            quiz(
                    "spelling",
                    "Spell the black key",
                    "sharp or flat: how a chord calls its black key",
                    ExerciseKind.SPELLING,
                    rows("| II7 | V7 | III7 | VI7 |", "| iv | bVII | bVI | i |", "| VI7 | ii | VII7 | III7 |")),
            quiz(
                    "riddle",
                    "Note riddle",
                    "a word, heard note by note and found on the keys",
                    ExerciseKind.RIDDLE,
                    ExerciseMusic::riddle));

    /**
     * The set with this id.
     *
     * @throws IllegalArgumentException if there is none
     */
    public static ReadyMade named(String id) {
        return ALL.stream()
                .filter(one -> one.id.equals(id))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("there is no set \"" + id + "\"; choose one of "
                        + ALL.stream().map(ReadyMade::id).toList()));
    }

    /** What to practise next after what went wrong, the most frequent fault first; the plainest set where nothing did. */
    public static ReadyMade after(List<String> faults) {
        String most = faults.stream()
                .collect(Collectors.groupingBy(Function.identity(), TreeMap::new, Collectors.counting()))
                .entrySet()
                .stream()
                .max(Map.Entry.comparingByValue())
                .map(Map.Entry::getKey)
                .orElse("");
        return named(
                switch (most) {
                    case "wrong-bass", "six-four-chord", "register" -> "inversions";
                    case "missing-seventh", "missing-root" -> "two-five-one";
                    case "closing", "opening", "root-at-closes", "wrong-close" -> "closes";
                    case "misspelt", "accidental-forgotten" -> "spelling";
                    case "wrong-non-chord" -> "non-chord";
                    case "too-few", "spacing", "range", "leading-doubled" -> "four-parts-bass";
                    case "wrong-root", "wrong-kind", "wrong-third" -> "name-the-chord";
                    case "wrong-numeral", "wrong-case", "wrong-figures" -> "numerals";
                    case "parallel-fifths", "parallel-octaves", "leading-unresolved", "seventh-unresolved" ->
                        "find-the-fault";
                    default -> "primary";
                });
    }

    /**
     * The chart of a seed; each key comes before one comes again, the plainer ones first.
     *
     * @param seed 0 or more
     */
    public String chart(int seed) {
        List<String> keys = minor ? MINOR : MAJOR;
        // A word is spelled in the letters of C.
        String tonic = asked == ExerciseKind.RIDDLE ? "C" : keys.get(Math.floorMod(seed, keys.size()));
        Key key = Key.parse(tonic + (minor ? " minor" : " major"));
        String which = asked == ExerciseKind.RIDDLE
                ? " " + (seed + 1)
                : " in " + key.tonic().pretty() + (minor ? " minor" : "");
        return "title: " + name.replace(" in minor", "") + which + "\nkey: " + key + "\nmeter: 4/4\ntempo: 72\n"
                + bars.apply(key, seed) + "\n";
    }

    /** How it is played under a hand, by the rules of a school; a page with a fault was written for another hand. */
    public Choices choices(Hand hand, School own) {
        Hand under = asked == ExerciseKind.FAULT ? Hand.OCTAVE : hand;
        return Choices.of(style, AccompanimentPatterns.BLOCK, under, school == null ? own : school);
    }

    /** The bars that are to be found. */
    public Set<Integer> blank(LeadSheet sheet) {
        Set<Integer> blank = new TreeSet<>();
        for (int bar = given; bar < sheet.bars().size(); bar++) {
            blank.add(bar);
        }
        return blank;
    }

    /** The exercise of a seed. */
    public Task exercise(int seed, Hand hand, School school) {
        LeadSheet sheet = Chart.read(chart(seed)).sheet();
        return Task.of(
                Arrangement.of(sheet, choices(hand, school)),
                blank(sheet),
                asked,
                null,
                asked == ExerciseKind.CHORDS ? Criterion.ALL : Criterion.USUAL);
    }
}
