package com.zestythumb.core.harmonising;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.chord.Quality;
import com.zestythumb.core.harmonising.Choice.Does;
import com.zestythumb.core.harmonising.HarmonySlots.Slot;
import com.zestythumb.core.harmonising.Proposal.Priced;
import com.zestythumb.core.harmonising.Proposal.Proposed;
import com.zestythumb.core.hearing.WrittenHands;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.pitch.Mode;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.sheet.ChordEvent.Timing;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.Guess;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.sheet.TextSpan;
import com.zestythumb.core.stopping.StoppedException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Lays chords under a tune that has none, or under the bars that are left open: of all ways the one with the lowest
 * price, by what the tune asks for ({@link TuneFit}), what may follow what ({@link Progress}) and how rich it may be
 * ({@link Vocabulary}). Exact, by dynamic programming over halves of bars (Viterbi 1967), with a backward pass that
 * prices every other chord: O(bars × chords²). That bars with the same notes get the same chords is found in rounds:
 * each round is exact, and favours what most of the alike bars had in the one before.
 */
public final class Harmoniser {

    /** From plain to rich. */
    public static final List<Level> THREE = List.of(Level.PLAIN, Level.USUAL, Level.RICH);

    private static final int ROUNDS = 3;
    private static final double ALIKE = 0.5;
    private static final int MOST_OTHERS = 6;
    private static final TextSpan SOME = new TextSpan(1, 1, 1);

    private final LeadSheet sheet;
    private final Level level;
    private final Key key;
    private final List<Slot> slots;
    private final TuneFit fit;
    private final Progress progress;
    private final List<List<Choice>> choices = new ArrayList<>();
    private final double[][] own;
    private double[][] forward;
    private double[][] backward;

    private Harmoniser(LeadSheet sheet, Level level, Key key) {
        this.sheet = sheet;
        this.level = level;
        this.key = key;
        this.slots = new HarmonySlots(sheet).slots;
        this.fit = new TuneFit(sheet);
        this.progress = new Progress(level);
        List<Choice> vocabulary = Vocabulary.of(key, level);
        this.own = new double[slots.size()][];
        for (int i = 0; i < slots.size(); i++) {
            StoppedException.ifInterrupted();
            Slot slot = slots.get(i);
            choices.add(HarmonySlots.choices(slot, vocabulary));
            own[i] = choices.get(i).stream()
                    .mapToDouble(choice -> choice.price() * share(slot)
                            + (slot.set() != null ? 0 : fit.price(choice, slot.bar(), slot.start(), slot.end())))
                    .toArray();
        }
    }

    /** A chord counts by how much of a bar it lasts. */
    private double share(Slot slot) {
        Fraction bar = sheet.bars().get(slot.bar()).meter().barLength();
        return slot.end().minus(slot.start()).dividedBy(bar).toDouble();
    }

    /** Whether any bar is left open. */
    public static boolean isWanted(LeadSheet sheet) {
        return sheet.events().stream().anyMatch(ChordEvent::isOpen);
    }

    /** Whether a tune has no chords at all. */
    public static boolean isBare(LeadSheet sheet) {
        return isWanted(sheet) && sheet.events().stream().allMatch(ChordEvent::isSilent);
    }

    /** The best chords of a level; what the teacher set or her left hand tells stays, and the rest is solved around it. */
    public static Proposal propose(LeadSheet sheet, Level level) {
        LeadSheet named = WrittenHands.named(sheet);
        return new Harmoniser(named, level, HomeKey.likeliest(named)).solve();
    }

    /** Three ways, from plain to rich. */
    public static List<Proposal> propose(LeadSheet sheet) {
        return THREE.stream().map(level -> propose(sheet, level)).toList();
    }

    private Proposal solve() {
        int[] path = new int[0];
        if (!slots.isEmpty()) {
            path = round();
            for (int i = 1; i < ROUNDS && favourAlike(path); i++) {
                path = round();
            }
        }
        return proposal(path);
    }

    private int[] round() {
        int n = slots.size();
        forward = new double[n][];
        backward = new double[n][];
        for (int i = 0; i < n; i++) {
            StoppedException.ifInterrupted();
            forward[i] = own[i].clone();
            for (int c = 0; c < forward[i].length; c++) {
                forward[i][c] += i == 0 ? progress.first(choices.get(0).get(c)) : least(forward[i - 1], i, c);
            }
        }
        for (int i = n - 1; i >= 0; i--) {
            backward[i] = new double[own[i].length];
            for (int c = 0; c < backward[i].length; c++) {
                backward[i][c] = i == n - 1 ? progress.last(choices.get(i).get(c)) : onward(i, c);
            }
        }
        int[] path = new int[n];
        for (int i = 0; i < n; i++) {
            double best = Double.POSITIVE_INFINITY;
            for (int c = 0; c < own[i].length; c++) {
                double way = i == 0 ? forward[0][c] : stepTo(path[i - 1], i, c) + own[i][c];
                if (way + backward[i][c] < best) {
                    best = way + backward[i][c];
                    path[i] = c;
                }
            }
        }
        return path;
    }

    private double stepTo(int from, int slot, int to) {
        return progress.step(choices.get(slot - 1).get(from), choices.get(slot).get(to), slots.get(slot));
    }

    private double least(double[] before, int slot, int to) {
        double least = Double.POSITIVE_INFINITY;
        for (int from = 0; from < before.length; from++) {
            least = Math.min(least, before[from] + stepTo(from, slot, to));
        }
        return least;
    }

    private double onward(int slot, int from) {
        double least = Double.POSITIVE_INFINITY;
        for (int to = 0; to < own[slot + 1].length; to++) {
            least = Math.min(least, stepTo(from, slot + 1, to) + own[slot + 1][to] + backward[slot + 1][to]);
        }
        return least;
    }

    /** Makes what most bars with the same notes have cheaper in all of them; false where they agree already. */
    private boolean favourAlike(int[] path) {
        Map<String, Map<Integer, Integer>> votes = new HashMap<>();
        for (int i = 0; i < path.length; i++) {
            votes.computeIfAbsent(place(i), place -> new HashMap<>()).merge(path[i], 1, Integer::sum);
        }
        boolean any = false;
        for (int i = 0; i < path.length; i++) {
            Map<Integer, Integer> voted = votes.get(place(i));
            if (slots.get(i).set() == null && voted.size() > 1) {
                int most = voted.keySet().stream()
                        .max(Comparator.comparingInt(voted::get))
                        .orElseThrow();
                own[i][most] -= ALIKE;
                any = true;
            }
        }
        return any;
    }

    private String place(int i) {
        Slot slot = slots.get(i);
        return slot.start() + " " + fit.signature(slot.bar());
    }

    private Proposal proposal(int[] path) {
        List<Proposed> proposed = new ArrayList<>();
        Map<Integer, List<ChordEvent>> found = new HashMap<>();
        for (int from = 0; from < path.length; ) {
            int to = from + 1;
            while (to < path.length && goesOn(path, from, to)) {
                to++;
            }
            Slot first = slots.get(from);
            Fraction end = slots.get(to - 1).end();
            List<ChordEvent> events = found.computeIfAbsent(first.bar(), bar -> new ArrayList<>());
            if (first.set() != null) {
                events.add(first.set());
                if (first.set().isGuess()) {
                    proposed.add(new Proposed(
                            first.bar(),
                            first.start(),
                            end.minus(first.start()),
                            first.set().chord(),
                            List.of()));
                }
            } else {
                Chord chord = dressed(path, from, to);
                Fraction length = end.minus(first.start());
                events.add(new ChordEvent(
                        chord, first.bar(), first.start(), length, Timing.PLAIN, Guess.PLAIN, null, SOME));
                proposed.add(new Proposed(first.bar(), first.start(), length, chord, others(path, from, to)));
            }
            from = to;
        }
        double cost = path.length == 0 ? 0 : forward[0][path[0]] + backward[0][path[0]];
        return new Proposal(level, key, laid(found), proposed, cost);
    }

    private boolean goesOn(int[] path, int from, int to) {
        return slots.get(to).bar() == slots.get(from).bar()
                && slots.get(from).set() == null
                && slots.get(to).set() == null
                && path[to] == path[from];
    }

    /** The tune with the chords found; bars that want none keep what they have, and open pickups rest. */
    private LeadSheet laid(Map<Integer, List<ChordEvent>> found) {
        return sheet.mapBars(bar -> {
            List<ChordEvent> events = new ArrayList<>(found.getOrDefault(bar.index(), List.of()));
            for (ChordEvent event : bar.events()) {
                boolean open = HarmonySlots.isWanted(bar, event);
                if (event.isSilent() && !open) {
                    events.add(event);
                } else if (open && bar.isPickup()) {
                    events.add(new ChordEvent(
                            null, bar.index(), event.start(), event.duration(), Timing.PLAIN, null, null, SOME));
                }
            }
            events.sort(Comparator.comparing(ChordEvent::start));
            return bar.withEvents(events);
        });
    }

    /** Sevenths where they lead on: of the dominant before home, of applied dominants, of two before five. */
    private Chord dressed(int[] path, int from, int to) {
        Choice choice = choices.get(from).get(path[from]);
        Choice next = to < path.length ? choices.get(to).get(path[to]) : null;
        Chord chord = choice.chord();
        boolean plain = chord.quality().equals(Quality.MAJOR) || chord.quality().equals(Quality.MINOR);
        boolean tonal = key.mode() == Mode.MAJOR || key.mode() == Mode.MINOR;
        boolean goesHome = next != null && next.does() == Does.HOME;
        boolean close = level.compareTo(Level.USUAL) >= 0
                || to < path.length && slots.get(to).ends();
        boolean sung = fit.singsTheSeventh(
                choice,
                slots.get(from).bar(),
                slots.get(from).start(),
                slots.get(to - 1).end());
        boolean seventh = plain && sung
                || plain
                        && next != null
                        && tonal
                        && (choice.does() == Does.DOMINANT && goesHome && close
                                || choice.does() == Does.APPLIED
                                || level == Level.RICH && choice.aboveTonic() == 2 && next.does() == Does.DOMINANT);
        if (!seventh) {
            return chord;
        }
        Quality quality = chord.quality().hasMinorThird() ? Quality.MINOR_SEVENTH : Quality.DOMINANT_SEVENTH;
        return new Chord(chord.root(), quality, chord.bass());
    }

    /** The other chords of the same stretch, with what the whole would cost more. */
    private List<Priced> others(int[] path, int from, int to) {
        double best = forward[0][path[0]] + backward[0][path[0]];
        List<Priced> others = new ArrayList<>();
        for (int c = 0; c < own[from].length; c++) {
            double whole = forward[from][c] + backward[to - 1][c];
            for (int i = from + 1; i < to; i++) {
                whole += own[i][c];
            }
            if (c != path[from] && whole - best < TuneFit.FORBIDDEN / 2) {
                others.add(new Priced(choices.get(from).get(c).chord(), Math.max(0, whole - best)));
            }
        }
        others.sort(Comparator.comparingDouble(Priced::price));
        return others.subList(0, Math.min(MOST_OTHERS, others.size()));
    }
}
