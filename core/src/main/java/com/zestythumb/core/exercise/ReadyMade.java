package com.zestythumb.core.exercise;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Choices;
import com.zestythumb.core.figure.Figures;
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
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * Exercises made from nothing, as many as there are seeds: rows of chords that any method has, in all keys (common practice).
 *
 * @param id how it is called in data
 * @param name as it is offered to the teacher
 * @param words what the student does
 * @param style how the key is laid
 * @param rows bars of numerals, of which a seed takes one
 * @param minor whether minor keys are taken as well
 * @param given how many bars at the beginning are given
 */
public record ReadyMade(
        String id, String name, String words, StyleChoice style, List<String> rows, boolean minor, int given) {

    private static final List<String> MAJOR = List.of("C", "G", "F", "D", "Bb", "A", "Eb", "E", "Ab", "B", "Db", "F#");
    private static final List<String> MINOR = List.of("A", "E", "D", "B", "G", "F#", "C", "C#", "F", "G#", "Bb", "D#");

    private static final StyleChoice NEAREST = StyleChoice.close(Inversions.NEAREST);

    /** All of them, the plainest first. */
    public static final List<ReadyMade> ALL = List.of(
            new ReadyMade(
                    "primary",
                    "Primary chords",
                    "the three chords of a key, each from the one before without a jump",
                    NEAREST,
                    List.of("| I | IV | I | V7 | I |", "| I | V7 | I | IV | V7 | I |", "| I | IV | V7 | I |"),
                    false,
                    1),
            new ReadyMade(
                    "inversions",
                    "Inversions in a row",
                    "one chord from its root, its third, its fifth",
                    NEAREST,
                    List.of("| I | I/3 | I/5 | I |", "| I | I/3 | IV | IV/3 | I/5 | V | I |"),
                    false,
                    1),
            new ReadyMade(
                    "closes",
                    "Closes",
                    "full, half, plagal and deceptive",
                    NEAREST,
                    List.of("| I | IV | V7 | I |", "| I | ii | IV | V |", "| I | V | IV | I |", "| I | IV | V7 | vi |"),
                    false,
                    1),
            new ReadyMade(
                    "primary-minor",
                    "Primary chords in minor",
                    "with the raised seventh in V7",
                    NEAREST,
                    List.of("| i | iv | i | V7 | i |", "| i | V7 | i | iv | V7 | i |", "| i | iv | V7 | i |"),
                    true,
                    1),
            new ReadyMade(
                    "two-five-one",
                    "ii–V–I in shells",
                    "root with third or seventh, turn by turn",
                    new StyleChoice(VoicingStyles.named("shells"), Map.of()),
                    List.of("| ii7 | V7 | Imaj7 |", "| Imaj7 | vi7 | ii7 | V7 | Imaj7 |"),
                    false,
                    0));

    public ReadyMade {
        rows = List.copyOf(rows);
    }

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
                    case "closing", "opening", "root-at-closes" -> "closes";
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
        String key = keys.get(Math.floorMod(seed, keys.size()));
        String row = rows.get(Math.floorMod(seed / keys.size() + seed, rows.size()));
        return "title: " + name + " in " + key + "\nkey: " + key + (minor ? " minor" : " major")
                + "\nmeter: 4/4\ntempo: 72\n" + row + "\n";
    }

    /** How it is played under a hand, by the rules of a school. */
    public Choices choices(Hand hand, School school) {
        return Choices.of(style, Figures.BLOCK, hand, school);
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
    public Exercise exercise(int seed, Hand hand, School school) {
        LeadSheet sheet = Chart.read(chart(seed)).sheet();
        return new Exercise(Arrangement.of(sheet, choices(hand, school)), blank(sheet), Asked.CHORDS);
    }
}
