package com.zestythumb.core.proposing;

import com.zestythumb.core.arrangement.AnalysedSheet;
import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Choices;
import com.zestythumb.core.pattern.AccompanimentPattern;
import com.zestythumb.core.pattern.AccompanimentPatterns;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.voicing.AttackMode;
import com.zestythumb.core.voicing.Hand;
import com.zestythumb.core.voicing.StyleChoice;
import com.zestythumb.core.voicing.VoicingStyle;
import com.zestythumb.core.voicing.VoicingStyles;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * Three whole left hands for one tune and one student, from easy to rich. Of all pairs of a style and a pattern that the hand
 * spans, the chords ask for and the wish includes, the usual ones are arranged and measured; one is taken at the student's
 * level, one a step below it and one above, or the nearest there are.
 */
public final class Proposals {

    /** So many pairs are measured for each level that they seem to be of. */
    private static final int TRIED = 7;

    private static final int HIGHEST_LEVEL = 5;

    /** The level from which syncopation, leaps over an octave and sixteenths are taught (common practice). */
    private static final int LATE = 4;

    private static final int ENOUGH = 3;
    private static final int OTHERS = 100;

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

    private record Pair(StyleChoice style, AccompanimentPattern pattern, int level, int rank) {}

    private record Measured(Pair pair, Choices choices, Difficulty difficulty) {}

    private Proposals() {}

    /** Three proposals, easier ones first; fewer where so few suit; none for a tune without chords. */
    public static List<Proposal> of(AnalysedSheet tune, Choices choices, Wish wish) {
        LeadSheet sheet = tune.sheet();
        List<ChordEvent> chords =
                sheet.events().stream().filter(event -> !event.isSilent()).toList();
        if (chords.isEmpty()) {
            return List.of();
        }
        List<Measured> measured = new ArrayList<>();
        Set<List<Heard>> heard = new HashSet<>();
        for (Pair pair : pairs(sheet, chords, choices.hand(), wish)) {
            // A pattern that brings its voicing leaves the chosen one for another.
            Choices styled = pair.pattern().lays() == null ? choices.with(pair.style()) : choices;
            Choices own = styled.with(pair.pattern()).withStretches(List.of()).withPins(List.of());
            Arrangement arranged = tune.arranged(own);
            if (heard.add(heard(arranged))) {
                measured.add(new Measured(pair, own, Difficulty.of(arranged)));
            }
        }
        int middle = Math.max(2, Math.min(HIGHEST_LEVEL - 1, wish.level()));
        List<Measured> three = new ArrayList<>();
        // The one at the student's level has the first choice.
        for (int step : List.of(middle, middle - 1, middle + 1)) {
            nearest(measured, step, three.isEmpty() ? null : three.get(0)).ifPresent(found -> {
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

    /** A key that is struck; two left hands of the same are one to the ear. */
    private record Heard(int bar, Fraction onset, Fraction duration, int midi) {}

    private static List<Heard> heard(Arrangement arranged) {
        return arranged.accompaniment().stream()
                .map(note -> new Heard(
                        note.bar(), note.onset(), note.duration(), note.pitch().midi()))
                .toList();
    }

    private static int days(Measured one, int bars, Wish wish) {
        int minutes =
                one.difficulty().toLearn() * MINUTES_A_BAR * one.difficulty().step() + bars * MINUTES_TOGETHER;
        return Math.max(1, (minutes + wish.minutes() - 1) / wish.minutes());
    }

    /** Of this step or the nearest to it: one new thing at a time beside the one that is there, and then the most usual. */
    private static Optional<Measured> nearest(List<Measured> measured, int step, Measured beside) {
        return measured.stream()
                .min(Comparator.comparingInt(
                                (Measured one) -> Math.abs(one.difficulty().step() - step))
                        .thenComparingInt(one -> isOneThingNew(one, beside) ? 0 : 1)
                        .thenComparingInt(one -> one.pair().rank()));
    }

    private static boolean isOneThingNew(Measured one, Measured beside) {
        return beside == null
                || one.pair().style().equals(beside.pair().style())
                || one.pair().pattern().equals(beside.pair().pattern());
    }

    /** The pairs that belong to this kind of tune, the usual ones first; then others of the kind that is wished. */
    private static List<Pair> pairs(LeadSheet sheet, List<ChordEvent> chords, Hand hand, Wish wish) {
        List<Pair> pairs = usual(Idiom.of(sheet, chords), sheet, chords, hand, wish, 0);
        List<Pair> inTime = pairs.stream().filter(pair -> isInTime(pair, wish)).toList();
        if (inTime.size() >= ENOUGH) {
            return inTime;
        }
        Stream<Pair> more = wish.texture() == Texture.ANY
                ? usual(Idiom.SONG, sheet, chords, hand, wish, OTHERS).stream()
                        .filter(pair -> isInTime(pair, wish) && !isAmong(pair, inTime))
                        // No more than are missing, so that none of the kind gives way.
                        .limit(ENOUGH - inTime.size())
                : others(sheet, chords, hand, wish).stream().filter(pair -> !isAmong(pair, inTime));
        List<Pair> all = Stream.concat(inTime.stream(), more).toList();
        return all.isEmpty() ? pairs : all;
    }

    private static boolean isAmong(Pair pair, List<Pair> others) {
        return others.stream()
                .anyMatch(other ->
                        other.style().equals(pair.style()) && other.pattern().equals(pair.pattern()));
    }

    private static List<Pair> usual(
            Idiom idiom, LeadSheet sheet, List<ChordEvent> chords, Hand hand, Wish wish, int rank) {
        List<Pair> pairs = new ArrayList<>();
        for (Idiom.Usual usual : idiom.usual()) {
            // Where the right hand has the tune it has no chords.
            boolean free = !sheet.hasMelody() || !usual.style().leavesTune();
            if (free
                    && wish.texture().includes(usual.pattern())
                    && suits(usual.style(), chords, hand, usual.pattern().strokes(sheet.meter()))) {
                pairs.add(pair(usual.style(), usual.pattern(), rank + pairs.size()));
            }
        }
        return pairs;
    }

    /** Syncopation, leaps over an octave and sixteenths come late; else a level above the student's own is near enough. */
    private static boolean isInTime(Pair pair, Wish wish) {
        return pair.level() <= wish.level() + 1 && (pair.level() < LATE || wish.level() >= LATE);
    }

    private static Pair pair(VoicingStyle style, AccompanimentPattern pattern, int rank) {
        return new Pair(new StyleChoice(style, Map.of()), pattern, Math.max(style.level(), pattern.level()), rank);
    }

    /** All pairs that suit, a few of each level that they seem to be of. */
    private static List<Pair> others(LeadSheet sheet, List<ChordEvent> chords, Hand hand, Wish wish) {
        List<AccompanimentPattern> patterns = wish.texture().patterns(sheet.meter());
        List<VoicingStyle> styles = VoicingStyles.all();
        List<Pair> pairs = new ArrayList<>();
        for (VoicingStyle style : styles) {
            if (!suits(style, chords, hand, AttackMode.TOGETHER)) {
                continue;
            }
            for (AccompanimentPattern pattern : patterns) {
                if (belongs(style, pattern) && style.level() <= wish.level() + 2) {
                    pairs.add(pair(style, pattern, OTHERS + styles.indexOf(style) * 2 + patterns.indexOf(pattern) * 3));
                }
            }
        }
        pairs.sort(Comparator.comparingInt(Pair::rank));
        return pairs.stream()
                .filter(pair -> isAmongFirst(pair, pairs) && isInTime(pair, wish))
                .toList();
    }

    private static boolean isAmongFirst(Pair pair, List<Pair> pairs) {
        return pairs.stream()
                .filter(other -> other.level() == pair.level())
                .limit(TRIED)
                .anyMatch(pair::equals);
    }

    /** Figures that a hand in two places is for: it leaps to the chord, or rolls on. */
    private static final Map<VoicingStyle, Set<AccompanimentPattern>> OWN_FIGURES = Map.of(
            VoicingStyles.BASS,
            Set.of(AccompanimentPatterns.BLOCK),
            VoicingStyles.HELD_THUMB,
            Set.of(AccompanimentPatterns.WALKING),
            VoicingStyles.BASS_THEN_CHORD,
            Set.of(AccompanimentPatterns.BASS_AND_CHORDS, AccompanimentPatterns.OFF_BEATS),
            VoicingStyles.OCTAVE_THEN_CHORD,
            Set.of(
                    AccompanimentPatterns.BASS_AND_CHORDS,
                    AccompanimentPatterns.BROKEN_UP,
                    AccompanimentPatterns.UP_AND_BACK),
            VoicingStyles.TWO_OCTAVES,
            Set.of(AccompanimentPatterns.WAVE, AccompanimentPatterns.FLOWING, AccompanimentPatterns.BROKEN_UP));

    private static boolean belongs(VoicingStyle style, AccompanimentPattern pattern) {
        return OWN_FIGURES.getOrDefault(style, Set.of(pattern)).contains(pattern);
    }

    /** Whether the hand plays most of the chords as the style means them, and half of them ask for it. */
    private static boolean suits(VoicingStyle style, List<ChordEvent> chords, Hand hand, AttackMode strokes) {
        VoicingStyle.Wishes wishes = new VoicingStyle.Wishes(hand, HIGHEST_LEVEL, Map.of(), strokes);
        long reached = chords.stream()
                .filter(event -> style.reaches(event.chord(), wishes))
                .count();
        long asking =
                chords.stream().filter(event -> style.isFor(event.chord())).count();
        return reached * 4 >= chords.size() * 3L && asking * 2 >= chords.size();
    }
}
