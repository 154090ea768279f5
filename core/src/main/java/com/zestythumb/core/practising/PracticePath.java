package com.zestythumb.core.practising;

import com.zestythumb.core.analysis.Phrases;
import com.zestythumb.core.arrangement.ArrangedChord;
import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.BarMap;
import com.zestythumb.core.arrangement.BarMap.Likeness;
import com.zestythumb.core.arrangement.TimedNote;
import com.zestythumb.core.practising.PracticeStep.Hands;
import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.voicing.Grip;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.IntSummaryStatistics;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * The order in which a tune is practised: the hardest two bars first and by themselves, the tune line by line, the bass, the
 * chords held, the left hand line by line and over the joins, what the right hand has beside the tune, both hands together, then
 * the whole (common practice: small pieces, hands alone before hands together, what comes again once, slow before fast).
 */
public final class PracticePath {

    /** In so few bars nothing is taken out. */
    private static final int SHORT = 4;

    /** So much harder than two bars usually are. */
    private static final double HARDER = 2;

    /** After so many bars a bass is cut at the end of a line. */
    private static final int LONG = 15;

    private static final String RIGHT_ALONE = "the right hand alone, until it goes by itself";

    private static final int ROUNDS = 3;

    /** Small enough not to be noticed, large enough to get there in a sitting (common practice). */
    private static final int BY = 5;

    private static final int OCTAVE = 12;

    /** Where the left hand plays its chords. */
    private static final Set<Hands> WITH_CHORDS = Set.of(Hands.HELD, Hands.LEFT, Hands.TOGETHER);

    private static final double MINUTE = 60;

    /** From one bar to another, both counted. */
    private record Line(int from, int to) {}

    private final Arrangement arrangement;
    private final LeadSheet sheet;
    private final BarMap map;
    private final List<Line> lines = new ArrayList<>();
    private final List<PracticeStep> steps = new ArrayList<>();

    private PracticePath(Arrangement arrangement) {
        this.arrangement = arrangement;
        this.sheet = arrangement.sheet();
        this.map = BarMap.of(arrangement);
        int from = 0;
        for (int end : Phrases.ends(sheet)) {
            lines.add(new Line(from, end));
            from = end + 1;
        }
    }

    /** The steps, in their order; none where nothing sounds. O(notes + bars²). */
    public static List<PracticeStep> of(Arrangement arrangement) {
        PracticePath path = new PracticePath(arrangement);
        path.walk();
        return List.copyOf(path.steps);
    }

    private void walk() {
        boolean tune = sheet.hasMelody();
        boolean right = tune || arrangement.notes().stream().anyMatch(TimedNote::isRight);
        boolean left = arrangement.notes().stream().anyMatch(note -> !note.isRight());
        Line whole = new Line(0, sheet.bars().size() - 1);
        if (left) {
            addHardest();
        }
        boolean filler = tune && arrangement.notes().stream().anyMatch(TimedNote::isRight);
        if (right) {
            String why = tune ? "the tune by itself, until you could sing it" : RIGHT_ALONE;
            Hands hands = filler ? Hands.TUNE : Hands.RIGHT;
            lines.stream().filter(this::isNewAbove).forEach(line -> add(hands, line, 60, 100, why));
        }
        if (left) {
            addLeft();
        }
        if (filler) {
            addPieces(Hands.FILLER, "what your right hand has beside the tune, by itself");
            addPieces(Hands.RIGHT, RIGHT_ALONE);
        }
        if (right && left) {
            lines.stream()
                    .filter(line -> isNewAbove(line) || isNew(line))
                    .filter(line -> !line.equals(whole))
                    .forEach(line -> add(Hands.TOGETHER, line, 50, 80, "both hands, slower than either alone"));
        }
        if (lines.size() > 1 || right && left) {
            Hands hands = !left ? Hands.RIGHT : right ? Hands.TOGETHER : Hands.LEFT;
            add(hands, whole, 70, 100, "from the beginning to the end");
        }
    }

    private void addLeft() {
        // Where the hand has no more than the bass, that is the hand.
        boolean more = arrangement.chords().stream()
                .anyMatch(chord -> chord.voicing().pitches().size() > 1);
        if (more) {
            addPieces(Hands.BASS, "the lowest notes alone: the floor that the rest stands on");
        }
        if (arrangement.chords().stream().anyMatch(this::isBroken)) {
            addPieces(Hands.HELD, "each chord held, so that your hand knows its places before it moves");
        }
        lines.stream()
                .filter(this::isNew)
                .forEach(line -> add(Hands.LEFT, line, 60, 90, "the left hand alone, until it goes by itself"));
        for (int i = 1; i < lines.size(); i++) {
            Line join = new Line(lines.get(i - 1).to(), lines.get(i).from());
            if (isNewJoin(join, i)) {
                add(Hands.LEFT, join, 60, 90, "the end of one line and the beginning of the next");
            }
        }
    }

    /** Whether the notes of a chord come one after another, computed or written. */
    private boolean isBroken(ArrangedChord chord) {
        return chord.voicing().pitches().size() > 1
                && arrangement.notesOf(chord.index()).stream()
                                .map(note -> note.bar() + "@" + note.onset())
                                .distinct()
                                .count()
                        > 1;
    }

    /** The whole tune, cut at the ends of lines where it is long. */
    private void addPieces(Hands hands, String why) {
        int from = 0;
        for (Line line : lines) {
            boolean last = line.equals(lines.get(lines.size() - 1));
            if (last || line.to() - from >= LONG) {
                add(hands, new Line(from, line.to()), 70, 100, why);
                from = line.to() + 1;
            }
        }
    }

    /** Whether what the right hand has does not come before. */
    private boolean isNewAbove(Line line) {
        return sheet.hasMelody() ? line.equals(firstLike(line)) : isNew(line);
    }

    private void addHardest() {
        if (sheet.bars().stream().filter(bar -> !bar.isPickup()).count() <= SHORT) {
            return;
        }
        double[] moves = moves();
        double most = 0;
        Line hardest = null;
        for (Line line : lines) {
            for (int bar = line.from(); bar < line.to(); bar++) {
                if (moves[bar] + moves[bar + 1] > most) {
                    most = moves[bar] + moves[bar + 1];
                    hardest = new Line(bar, bar + 1);
                }
            }
        }
        // Where all is alike nothing is hardest.
        double usual = 2 * Arrays.stream(moves).average().orElse(0);
        if (hardest != null && most > HARDER * usual) {
            add(Hands.LEFT, hardest, 50, 80, "the hardest place first, while you are fresh");
        }
    }

    /** How far the left hand goes in each bar, in half steps, and once more for each chord. */
    private double[] moves() {
        double[] moves = new double[sheet.bars().size()];
        Grip before = null;
        for (ArrangedChord chord : arrangement.chords()) {
            for (Grip grip : chord.voicing().grips()) {
                int way = before == null
                        ? 0
                        : Math.abs(grip.lowest().midi() - before.lowest().midi());
                moves[chord.event().bar()] += 1 + way;
                before = grip;
            }
        }
        return moves;
    }

    private boolean isNew(Line line) {
        return IntStream.rangeClosed(line.from(), line.to())
                .mapToObj(bar -> map.bars().get(bar).kind())
                .anyMatch(kind -> kind == Likeness.NEW || kind == Likeness.NEARLY);
    }

    /** Whether no earlier join has the same two bars. */
    private boolean isNewJoin(Line join, int index) {
        Set<List<Integer>> before = new HashSet<>();
        for (int i = 1; i < index; i++) {
            before.add(List.of(like(lines.get(i - 1).to()), like(lines.get(i).from())));
        }
        return before.add(List.of(like(join.from()), like(join.to())));
    }

    /** The bar it is like; but for a note or two it is none but its own. */
    private int like(int bar) {
        BarMap.Entry entry = map.bars().get(bar);
        return entry.kind() == Likeness.NEARLY ? bar : entry.like();
    }

    /** The first line that has the same tune. */
    private Line firstLike(Line line) {
        return lines.stream()
                .filter(other -> melody(other).equals(melody(line)))
                .findFirst()
                .orElse(line);
    }

    private List<?> melody(Line line) {
        return sheet.bars().subList(line.from(), line.to() + 1).stream()
                .map(Bar::melody)
                .toList();
    }

    private void add(Hands hands, Line line, int start, int goal, String why) {
        double quarters = sheet.bars().subList(line.from(), line.to() + 1).stream()
                .mapToDouble(bar -> bar.length().toDouble())
                .sum();
        // A bar is counted in before each round.
        double counted = quarters + sheet.meter().barLength().toDouble();
        double seconds = IntStream.iterate(start, tempo -> tempo < goal + BY, tempo -> tempo + BY)
                .mapToDouble(tempo -> ROUNDS * counted * sheet.secondsPerQuarter() * 100 / Math.min(tempo, goal))
                .sum();
        steps.add(new PracticeStep(
                hands,
                line.from(),
                line.to(),
                start,
                goal,
                BY,
                ROUNDS,
                Math.ceil(2 * seconds / MINUTE) / 2,
                WITH_CHORDS.contains(hands) && isWide(line),
                why));
    }

    /** Whether more than half of what the left hand strikes is an octave or more, or as wide as it goes. */
    private boolean isWide(Line line) {
        int wide = Math.min(OCTAVE, arrangement.choices().hand().span());
        List<IntSummaryStatistics> strokes = arrangement.notes().stream()
                .filter(note -> !note.isRight() && note.bar() >= line.from() && note.bar() <= line.to())
                .collect(Collectors.groupingBy(
                        note -> List.of(note.bar(), note.onset()),
                        Collectors.summarizingInt(note -> note.pitch().midi())))
                .values()
                .stream()
                .toList();
        long open = strokes.stream()
                .filter(stroke -> stroke.getMax() - stroke.getMin() >= wide)
                .count();
        return 2 * open > strokes.size();
    }
}
