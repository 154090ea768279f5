package com.zestythumb.core.proposing;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Choices;
import com.zestythumb.core.arrangement.Pedalling;
import com.zestythumb.core.figure.Figure;
import com.zestythumb.core.figure.Figures;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.voicing.Hand;
import com.zestythumb.core.voicing.StyleChoice;
import com.zestythumb.core.voicing.VoicingStyle;
import com.zestythumb.core.voicing.VoicingStyles;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;

/**
 * Three whole left hands for one tune and one student, from easy to rich. Of all pairs of a style and a figure that the hand
 * spans, the chords ask for and the wish includes, the usual ones are arranged and measured; one is taken at the student's
 * level, one a step below it and one above, or the nearest there are.
 */
public final class Proposals {

    /** So many pairs are measured for each level that they seem to be of. */
    private static final int TRIED = 7;

    private static final int HIGHEST_LEVEL = 5;

    /** Minutes that a new bar takes to be at home hands alone for each step of difficulty, and a bar to be put together
     * with the tune (from memory of lessons; a rule of thumb). */
    private static final int MINUTES_A_BAR = 5;

    private static final int MINUTES_TOGETHER = 1;

    /**
     * What is wished.
     *
     * @param level of the student, 1 to 5
     * @param minutes of practice a day
     */
    public record Wish(int level, Texture texture, int minutes) {

        public Wish {
            if (level < 1 || level > HIGHEST_LEVEL) {
                throw new IllegalArgumentException("a level is 1 to 5, not " + level);
            }
            if (minutes < 1 || minutes > 600) {
                throw new IllegalArgumentException("practise 1 to 600 minutes a day, not " + minutes);
            }
        }
    }

    /**
     * A left hand to choose.
     *
     * @param choices with which it is arranged
     * @param days of practice until it is known
     * @param wanted step that was looked for; another than the difficulty's where nothing is of it
     */
    public record Proposal(Choices choices, Difficulty difficulty, int days, int wanted) {}

    private record Pair(StyleChoice style, Figure figure, int level, int rank) {}

    private record Measured(Pair pair, Choices choices, Difficulty difficulty) {}

    private Proposals() {}

    /** Three proposals, easier ones first; fewer where so few suit; none for a tune without chords. */
    public static List<Proposal> of(LeadSheet sheet, Choices choices, Wish wish) {
        List<ChordEvent> chords =
                sheet.events().stream().filter(event -> !event.isSilent()).toList();
        if (chords.isEmpty()) {
            return List.of();
        }
        List<Measured> measured = new ArrayList<>();
        for (Pair pair : pairs(sheet, chords, choices.hand(), wish)) {
            Choices own = choices.with(pair.style())
                    .with(pair.figure())
                    .withStretches(List.of())
                    .withPins(List.of());
            measured.add(new Measured(pair, own, Difficulty.of(Arrangement.of(sheet, own))));
        }
        int middle = Math.max(2, Math.min(HIGHEST_LEVEL - 1, wish.level()));
        List<Measured> three = new ArrayList<>();
        // The one at the student's level has the first choice.
        for (int step : List.of(middle, middle - 1, middle + 1)) {
            nearest(measured, step).ifPresent(found -> {
                measured.remove(found);
                three.add(found);
            });
        }
        three.sort(Comparator.comparingDouble(one -> one.difficulty().fine()));
        int bars = sheet.bars().size();
        return IntStream.range(0, three.size())
                .mapToObj(i -> new Proposal(
                        three.get(i).choices(),
                        three.get(i).difficulty(),
                        days(three.get(i), bars, wish),
                        middle - 1 + i))
                .toList();
    }

    private static int days(Measured one, int bars, Wish wish) {
        int minutes =
                one.difficulty().toLearn() * MINUTES_A_BAR * one.difficulty().step() + bars * MINUTES_TOGETHER;
        return Math.max(1, (minutes + wish.minutes() - 1) / wish.minutes());
    }

    /** Of this step or the nearest to it, the most usual. */
    private static Optional<Measured> nearest(List<Measured> measured, int step) {
        return measured.stream()
                .min(Comparator.comparingInt(
                                (Measured one) -> Math.abs(one.difficulty().step() - step))
                        .thenComparingInt(one -> one.pair().rank()));
    }

    /** The pairs that suit, a few of each level that they seem to be of, the usual ones first. */
    private static List<Pair> pairs(LeadSheet sheet, List<ChordEvent> chords, Hand hand, Wish wish) {
        List<Figure> figures = wish.texture().figures(sheet.meter());
        List<VoicingStyle> styles = VoicingStyles.all();
        List<Pair> pairs = new ArrayList<>();
        for (VoicingStyle style : styles) {
            if (!suits(style, chords, hand)) {
                continue;
            }
            for (Figure figure : figures) {
                if (belongs(style, figure) && style.level() <= wish.level() + 2) {
                    int level = Math.max(style.level(), figure.level());
                    int rank = styles.indexOf(style) * 2 + figures.indexOf(figure) * 3;
                    pairs.add(new Pair(new StyleChoice(style, Map.of()), figure, level, rank));
                }
            }
        }
        pairs.sort(Comparator.comparingInt(Pair::rank));
        return pairs.stream().filter(pair -> isAmongFirst(pair, pairs)).toList();
    }

    private static boolean isAmongFirst(Pair pair, List<Pair> pairs) {
        return pairs.stream()
                .filter(other -> other.level() == pair.level())
                .limit(TRIED)
                .anyMatch(pair::equals);
    }

    /**
     * The way to a left hand in steps, each with one thing more: its bass, its chords held, its figure, the whole as it is
     * chosen (common practice).
     */
    public static List<Step> steps(LeadSheet sheet, Choices choices) {
        Choices plain = choices.withStretches(List.of()).varied(false).with(Pedalling.NONE);
        List<Step> steps = new ArrayList<>();
        add(
                steps,
                sheet,
                "The bass alone, held",
                plain.with(usual(VoicingStyles.BASS)).with(Figures.BLOCK));
        add(
                steps,
                sheet,
                "The chords in root position, held",
                plain.with(usual(VoicingStyles.TRIADS)).with(Figures.BLOCK));
        add(steps, sheet, "The chords as they lie in the end, held", plain.with(Figures.BLOCK));
        if (choices.figure().level() > Figures.ON_EACH_BEAT.level()) {
            add(steps, sheet, "A chord on each beat", plain.with(Figures.ON_EACH_BEAT));
        }
        add(steps, sheet, "The figure", plain);
        add(steps, sheet, "With its other bars and the pedal", choices);
        return steps;
    }

    /**
     * One of the steps.
     *
     * @param name what is new in it
     */
    public record Step(String name, Choices choices, Difficulty difficulty) {}

    private static StyleChoice usual(VoicingStyle style) {
        return new StyleChoice(style, Map.of());
    }

    /** One step more, where it is another than the last. */
    private static void add(List<Step> steps, LeadSheet sheet, String name, Choices choices) {
        Step last = steps.isEmpty() ? null : steps.get(steps.size() - 1);
        if (last != null && last.choices().equals(choices)) {
            return;
        }
        steps.add(new Step(name, choices, Difficulty.of(Arrangement.of(sheet, choices))));
    }

    /** Figures that a hand in two places is for: it leaps to the chord, or rolls on. */
    private static final Map<VoicingStyle, Set<Figure>> OWN_FIGURES = Map.of(
            VoicingStyles.BASS,
            Set.of(Figures.BLOCK),
            VoicingStyles.HELD_THUMB,
            Set.of(Figures.WALKING),
            VoicingStyles.BASS_THEN_CHORD,
            Set.of(Figures.BASS_AND_CHORDS, Figures.OFF_BEATS),
            VoicingStyles.OCTAVE_THEN_CHORD,
            Set.of(Figures.BASS_AND_CHORDS, Figures.BROKEN_UP, Figures.UP_AND_BACK),
            VoicingStyles.TWO_OCTAVES,
            Set.of(Figures.WAVE, Figures.FLOWING, Figures.BROKEN_UP));

    private static boolean belongs(VoicingStyle style, Figure figure) {
        return OWN_FIGURES.getOrDefault(style, Set.of(figure)).contains(figure);
    }

    /** Whether the hand plays most of the chords as the style means them, and half of them ask for it. */
    private static boolean suits(VoicingStyle style, List<ChordEvent> chords, Hand hand) {
        VoicingStyle.Wishes wishes = new VoicingStyle.Wishes(hand, HIGHEST_LEVEL, Map.of());
        long reached = chords.stream()
                .filter(event -> style.reaches(event.chord(), wishes))
                .count();
        long asking =
                chords.stream().filter(event -> style.isFor(event.chord())).count();
        return reached * 4 >= chords.size() * 3L && asking * 2 >= chords.size();
    }
}
