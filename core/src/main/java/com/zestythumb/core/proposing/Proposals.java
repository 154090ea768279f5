package com.zestythumb.core.proposing;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Choices;
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
import java.util.Set;

/**
 * Three whole left hands for one tune and one student, from easy to rich: of all pairs of a style and a figure that the
 * hand spans and the wish includes, those nearest below, at and above the student's level are arranged and measured.
 */
public final class Proposals {

    private static final int TRIED = 14;
    private static final int HIGHEST_LEVEL = 5;

    /** Minutes that a new bar takes to be at home, hands alone (from memory of lessons; a rule of thumb). */
    private static final int MINUTES_A_BAR = 5;

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
     * @param days of practice until its bars are known
     */
    public record Proposal(Choices choices, Difficulty difficulty, int days) {}

    private record Pair(StyleChoice style, Figure figure, double level) {}

    private Proposals() {}

    /** Three proposals, easier ones first; fewer where so few suit; none for a tune without chords. */
    public static List<Proposal> of(LeadSheet sheet, Choices choices, Wish wish) {
        List<ChordEvent> chords =
                sheet.events().stream().filter(event -> !event.isSilent()).toList();
        if (chords.isEmpty()) {
            return List.of();
        }
        List<Proposal> measured = new ArrayList<>();
        for (Pair pair : pairs(chords, choices.hand(), wish)) {
            Choices own = choices.with(pair.style()).with(pair.figure()).withPins(List.of());
            Difficulty difficulty = Difficulty.of(Arrangement.of(sheet, own));
            int days = (difficulty.toLearn() * MINUTES_A_BAR + wish.minutes() - 1) / wish.minutes();
            measured.add(new Proposal(own, difficulty, Math.max(1, days)));
        }
        measured.sort(Comparator.comparingDouble(one -> one.difficulty().fine()));
        return spread(measured, wish.level());
    }

    /** The nearest to the level, and one easier and one richer than it. */
    private static List<Proposal> spread(List<Proposal> rising, int level) {
        if (rising.size() <= 3) {
            return rising;
        }
        int middle = 1;
        for (int i = 1; i < rising.size() - 1; i++) {
            int here = Math.abs(rising.get(i).difficulty().step() - level);
            middle = here < Math.abs(rising.get(middle).difficulty().step() - level) ? i : middle;
        }
        return List.of(rising.get(easier(rising, middle)), rising.get(middle), rising.get(richer(rising, middle)));
    }

    /** The nearest that differs in style and is a step easier, or the easiest. */
    private static int easier(List<Proposal> rising, int middle) {
        for (int i = middle - 1; i >= 0; i--) {
            if (rising.get(i).difficulty().step()
                    < rising.get(middle).difficulty().step()) {
                return i;
            }
        }
        return 0;
    }

    private static int richer(List<Proposal> rising, int middle) {
        for (int i = middle + 1; i < rising.size(); i++) {
            if (rising.get(i).difficulty().step()
                    > rising.get(middle).difficulty().step()) {
                return i;
            }
        }
        return rising.size() - 1;
    }

    /** The pairs around the level, the nearest first, a few of each. */
    private static List<Pair> pairs(List<ChordEvent> chords, Hand hand, Wish wish) {
        List<Pair> pairs = new ArrayList<>();
        for (VoicingStyle style : VoicingStyles.all()) {
            if (!suits(style, chords, hand)) {
                continue;
            }
            for (Figure figure : Figures.all()) {
                if (wish.texture().includes(figure) && belongs(style, figure) && figure.level() <= wish.level() + 1) {
                    pairs.add(
                            new Pair(new StyleChoice(style, Map.of()), figure, (style.level() + figure.level()) / 2.0));
                }
            }
        }
        pairs.sort(Comparator.comparingDouble((Pair pair) -> Math.abs(pair.level() - wish.level()))
                .thenComparing(pair -> pair.style().style().level()));
        // Near the level, and well below and above it, so that three different ones can be found.
        List<Pair> tried = new ArrayList<>(pairs.stream().limit(TRIED / 2).toList());
        pairs.stream()
                .filter(pair -> pair.level() <= wish.level() - 1)
                .limit(TRIED / 4)
                .forEach(tried::add);
        pairs.stream()
                .filter(pair -> pair.level() >= wish.level() + 0.5)
                .limit(TRIED / 4)
                .forEach(tried::add);
        return tried.stream().distinct().toList();
    }

    /** Figures that a hand in two places is for: it leaps to the chord, or rolls on. */
    private static final Map<VoicingStyle, Set<Figure>> OWN_FIGURES = Map.of(
            VoicingStyles.BASS,
            Set.of(Figures.BLOCK),
            VoicingStyles.BASS_THEN_CHORD,
            Set.of(Figures.BASS_AND_CHORDS, Figures.OFF_BEATS),
            VoicingStyles.OCTAVE_THEN_CHORD,
            Set.of(Figures.BASS_AND_CHORDS, Figures.BROKEN_UP, Figures.UP_AND_BACK),
            VoicingStyles.TWO_OCTAVES,
            Set.of(Figures.WAVE, Figures.FLOWING, Figures.BROKEN_UP));

    private static boolean belongs(VoicingStyle style, Figure figure) {
        return OWN_FIGURES.getOrDefault(style, Set.of(figure)).contains(figure);
    }

    /** Whether the hand plays most of the chords as the style means them. */
    private static boolean suits(VoicingStyle style, List<ChordEvent> chords, Hand hand) {
        VoicingStyle.Wishes wishes = new VoicingStyle.Wishes(hand, HIGHEST_LEVEL, Map.of());
        long reached = chords.stream()
                .filter(event -> style.reaches(event.chord(), wishes))
                .count();
        return reached * 4 >= chords.size() * 3L;
    }
}
