package com.zestythumb.core.analysis;

import com.zestythumb.core.pitch.PitchClass;
import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.sheet.LeadSheet;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.IntPredicate;

/** Finds the rows of chords that teachers call by a name (common practice). */
final class Progressions {

    private static final int FIFTHS = 4;
    private static final int STEPS = 4;
    private static final int HELD = 3;
    private static final int BLUES_BARS = 12;

    private final LeadSheet sheet;
    private final List<ChordEvent> events;
    private final List<Reading> readings;
    private final Places places;
    private final int[] roots;
    private final int[] basses;

    Progressions(LeadSheet sheet, List<ChordEvent> events, List<Reading> readings, Places places) {
        this.sheet = sheet;
        this.events = events;
        this.readings = readings;
        this.places = places;
        this.roots = events.stream().mapToInt(e -> e.chord().root().semitone()).toArray();
        this.basses = events.stream().mapToInt(e -> e.chord().bass().semitone()).toArray();
    }

    List<Progression> find() {
        List<Progression> found = new ArrayList<>();
        runs("circle of fifths", this::fallsAFifth, FIFTHS, found);
        walks("bass walking down", this::stepsDown, found);
        walks("bass walking up", this::stepsUp, found);
        runs("pedal point", i -> basses[i] == basses[i - 1] && roots[i] != roots[i - 1], HELD, found);
        runs("chromatic slide", this::slides, HELD, found);
        nameLaments(found);
        for (int i = 0; i < readings.size(); i++) {
            twoFiveOne(i, found);
            formula(Degrees.isMinor(readings.get(i).key()) ? "i–iv–V–i" : "I–IV–V–I", i, new int[] {0, 5, 7, 0}, found);
            turnaround(i, found);
        }
        blues(found);
        ground(found);
        found.sort(Comparator.comparingInt(Progression::from).thenComparing(p -> -p.to()));
        return found;
    }

    private static int up(int from, int to) {
        return Math.floorMod(to - from, 12);
    }

    /** A fifth down; within a key one of the seven is diminished. */
    private boolean fallsAFifth(int i) {
        int up = up(roots[i - 1], roots[i]);
        PitchClass from = events.get(i - 1).chord().root();
        PitchClass to = events.get(i).chord().root();
        return up == 5 || up == 6 && from.letter().plus(3) == to.letter();
    }

    private boolean stepsDown(int i) {
        int down = up(basses[i], basses[i - 1]);
        return down == 1 || down == 2;
    }

    private boolean stepsUp(int i) {
        int up = up(basses[i - 1], basses[i]);
        return up == 1 || up == 2;
    }

    /** The same chord a half step on. */
    private boolean slides(int i) {
        int way = up(roots[i - 1], roots[i]);
        return (way == 1 || way == 11)
                && events.get(i)
                        .chord()
                        .quality()
                        .equals(events.get(i - 1).chord().quality());
    }

    /** Longest stretches in which the bass goes on by steps one way; it may strike a note again before it goes on. */
    private void walks(String name, IntPredicate steps, List<Progression> found) {
        int from = 0;
        int notes = 1;
        int to = 1;
        for (int i = 1; i <= events.size(); i++) {
            boolean again = i < events.size() && basses[i] == basses[i - 1];
            boolean on = i < events.size() && steps.test(i);
            if (on) {
                notes++;
                to = i + 1;
            } else if (!again) {
                if (notes >= STEPS) {
                    found.add(new Progression(name, from, to));
                }
                from = i;
                notes = 1;
                to = i + 1;
            }
        }
    }

    /** Longest stretches in which each chord follows from the one before. */
    private void runs(String name, IntPredicate follows, int shortest, List<Progression> found) {
        int from = 0;
        for (int i = 1; i <= events.size(); i++) {
            if (i == events.size() || !follows.test(i)) {
                if (i - from >= shortest) {
                    found.add(new Progression(name, from, i));
                }
                from = i;
            }
        }
    }

    /** A bass that sinks in minor from the tonic to the dominant, by scale or by half steps. */
    private void nameLaments(List<Progression> found) {
        for (int i = 0; i < found.size(); i++) {
            Progression walk = found.get(i);
            if (!walk.name().equals("bass walking down")) {
                continue;
            }
            for (int from = walk.from(); from + STEPS <= walk.to(); from++) {
                PitchClass tonic = readings.get(from).key().tonic();
                boolean minor = Degrees.isMinor(readings.get(from).key());
                if (!minor || basses[from] != tonic.semitone()) {
                    continue;
                }
                for (int to = from + STEPS - 1; to < walk.to(); to++) {
                    if (up(basses[from], basses[to]) == 7) {
                        found.set(i, new Progression("lament bass", from, to + 1));
                    }
                }
            }
        }
    }

    private int aboveTonic(int i, int in) {
        return Degrees.between(
                readings.get(in).key().tonic(), events.get(i).chord().root());
    }

    /** In any key that is passed through, not only in the one that is settled in. */
    private void twoFiveOne(int i, List<Progression> found) {
        if (i + 2 >= events.size() || up(roots[i], roots[i + 1]) != 5 || up(roots[i + 1], roots[i + 2]) != 5) {
            return;
        }
        ChordKind two = ChordKind.of(events.get(i).chord());
        ChordKind five = ChordKind.of(events.get(i + 1).chord());
        ChordKind one = ChordKind.of(events.get(i + 2).chord());
        boolean leads = five == ChordKind.DOMINANT
                || five == ChordKind.MAJOR && readings.get(i + 1).function() == Function.DOMINANT;
        if (!leads) {
            return;
        }
        if (two == ChordKind.MINOR && one == ChordKind.MAJOR) {
            found.add(new Progression("ii–V–I", i, i + 3));
        } else if ((two == ChordKind.HALF_DIMINISHED || two == ChordKind.DIMINISHED) && one == ChordKind.MINOR) {
            found.add(new Progression("ii–V–i in minor", i, i + 3));
        }
    }

    private void formula(String name, int from, int[] degrees, List<Progression> found) {
        if (from + degrees.length > events.size()) {
            return;
        }
        for (int k = 0; k < degrees.length; k++) {
            boolean plain = ChordKind.of(events.get(from + k).chord()) != ChordKind.SUSPENDED;
            if (!plain || aboveTonic(from + k, from) != degrees[k]) {
                return;
            }
        }
        found.add(new Progression(name, from, from + degrees.length));
    }

    /** I–vi–ii–V at the end of a section, leading back. */
    private void turnaround(int i, List<Progression> found) {
        List<Progression> here = new ArrayList<>();
        formula("turnaround", i, new int[] {0, 9, 2, 7}, here);
        formula("turnaround", i, new int[] {4, 9, 2, 7}, here);
        for (Progression turn : here) {
            int lastBar = events.get(turn.to() - 1).bar();
            boolean brief = lastBar - events.get(i).bar() <= 1;
            if (brief && places.endsPhrase(lastBar)) {
                found.add(turn);
            }
        }
    }

    /** Twelve bars: I in 1, IV in 5, I in 7, and V or a way to it in 9. */
    private void blues(List<Progression> found) {
        for (int start = 0; start + BLUES_BARS <= sheet.bars().size(); start++) {
            int first = places.firstIn(start);
            if (first >= 0
                    && begins(start, 0, first)
                    && begins(start + 4, 5, first)
                    && begins(start + 6, 0, first)
                    && (begins(start + 8, 7, first) || begins(start + 8, 2, first))
                    && isSection(start)) {
                int from = places.firstIn(start);
                int to = places.firstIn(start + BLUES_BARS);
                found.add(new Progression("twelve-bar blues", from, to < 0 ? events.size() : to));
            }
        }
    }

    private boolean isSection(int bar) {
        Bar here = sheet.bars().get(bar);
        return bar == 0
                || here.section() != null
                || here.startsRepeat()
                || sheet.bars().get(bar - 1).isPickup();
    }

    /** Whether a bar begins with the chord on a degree of the key that the blues began in. */
    private boolean begins(int bar, int aboveTonic, int blues) {
        int first = places.firstIn(bar);
        return first >= 0 && aboveTonic(first, blues) == aboveTonic;
    }

    /** A bass of at least four bars that comes again and again from the beginning. */
    private void ground(List<Progression> found) {
        List<List<Integer>> bars = new ArrayList<>();
        for (Bar bar : sheet.bars()) {
            bars.add(bar.events().stream()
                    .filter(e -> !e.isSilent())
                    .map(e -> e.chord().bass().semitone())
                    .toList());
        }
        for (int period = 4; period * 3 <= bars.size(); period++) {
            boolean repeats = true;
            for (int i = period; i < bars.size() && repeats; i++) {
                repeats = bars.get(i).equals(bars.get(i - period)) || i >= bars.size() - 1;
            }
            if (repeats) {
                found.add(new Progression("ground bass of " + period + " bars", 0, events.size()));
                return;
            }
        }
    }
}
