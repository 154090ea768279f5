package com.zestythumb.formats.midi;

import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.SheetNote;
import com.zestythumb.core.sheet.Tuplet;
import com.zestythumb.formats.BroughtBar;
import com.zestythumb.formats.SheetBuilder;
import com.zestythumb.formats.midi.MidiEvents.Struck;
import com.zestythumb.formats.midi.MidiFileReader.BarFinder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeMap;

/** Finds the tune among a MIDI file's notes and writes it into the bars. */
final class TuneFinder {

    private static final int LOWEST_OF_A_TUNE = 57;
    private static final Fraction QUARTER = Fraction.of(1);
    private static final Fraction SIXTEENTH = Fraction.of(1, 4);
    private static final Fraction TRIPLET = Fraction.of(1, 3);

    private static final int MOST_IN_A_BEAT = 64;

    private final MidiEvents events;
    private final List<Struck> notes;

    TuneFinder(MidiEvents events, List<Struck> notes) {
        this.events = events;
        this.notes = notes;
    }

    void tune(SheetBuilder sheet) {
        TreeMap<Fraction, Struck> line = upperLine(candidates());
        BarFinder bars = new BarFinder(sheet.bars());
        List<Fraction> onsets = new ArrayList<>(line.keySet());
        for (int i = 0; i < onsets.size(); i++) {
            Fraction on = onsets.get(i);
            Fraction next = i + 1 < onsets.size() ? onsets.get(i + 1) : null;
            write(line.get(on), on, end(line.get(on), on, next), bars, sheet);
        }
        sheet.bars().forEach(TuneFinder::groupTriplets);
    }

    /** The track whose name says so; else a single line whole, and of several all but what lies below a tune's usual place. */
    private List<Struck> candidates() {
        int named = events.facts.stream()
                .filter(fact -> fact.type() == MidiEvents.NAME)
                .filter(fact -> MidiFileReader.namesTheTune(new String(fact.data(), StandardCharsets.UTF_8)))
                .mapToInt(MidiEvents.Fact::track)
                .findFirst()
                .orElse(-1);
        List<Struck> ofTrack =
                notes.stream().filter(note -> note.track() == named).toList();
        if (!ofTrack.isEmpty()) {
            return ofTrack;
        }
        List<Struck> upper =
                notes.stream().filter(note -> note.midi() >= LOWEST_OF_A_TUNE).toList();
        // A single line that keeps below is a bass.
        return isOneLine() && 4 * upper.size() >= notes.size() ? notes : upper;
    }

    /** Whether no two notes sound at once, the joins of what is played legato aside. */
    private boolean isOneLine() {
        long slack = events.ticksPerQuarter / 8;
        for (int i = 1; i < notes.size(); i++) {
            if (notes.get(i).on() < notes.get(i - 1).off() - slack) {
                return false;
            }
        }
        return true;
    }

    /** At each moment the highest note, unless a higher one is still held. */
    private TreeMap<Fraction, Struck> upperLine(List<Struck> candidates) {
        TreeMap<Fraction, Struck> line = new TreeMap<>();
        long slack = events.ticksPerQuarter / 8;
        for (Struck note : candidates) {
            Fraction on = onset(note.on(), candidates);
            Struck there = line.get(on);
            if (there == null || note.midi() > there.midi()) {
                var before = line.lowerEntry(on);
                boolean covered = before != null
                        && before.getValue().midi() > note.midi()
                        && before.getValue().off() > note.on() + slack;
                if (!covered) {
                    line.put(on, note);
                }
            }
        }
        return line;
    }

    /** Rounded to sixteenths, or to triplets where the beat's notes lie clearly nearer to these. */
    private Fraction onset(long tick, List<Struck> candidates) {
        Fraction straight = Grid.sixteenths(tick, events.ticksPerQuarter);
        Fraction triplet = Grid.triplets(tick, events.ticksPerQuarter);
        if (straight.equals(triplet)) {
            return straight;
        }
        return beatIsTriple(tick, candidates) ? triplet : straight;
    }

    private boolean beatIsTriple(long tick, List<Struck> candidates) {
        long beat = tick / events.ticksPerQuarter;
        double straight = 0;
        double triple = 0;
        int from = firstFrom(candidates, beat * events.ticksPerQuarter);
        for (int i = from; i < Math.min(candidates.size(), from + MOST_IN_A_BEAT); i++) {
            long on = candidates.get(i).on();
            if (on / events.ticksPerQuarter != beat) {
                break;
            }
            straight += Grid.error(on, events.ticksPerQuarter, Grid.sixteenths(on, events.ticksPerQuarter));
            triple += Grid.error(on, events.ticksPerQuarter, Grid.triplets(on, events.ticksPerQuarter));
        }
        return triple < straight * 0.6;
    }

    private static int firstFrom(List<Struck> sorted, long tick) {
        int low = 0;
        int high = sorted.size();
        while (low < high) {
            int middle = (low + high) / 2;
            if (sorted.get(middle).on() < tick) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        return low;
    }

    /** A note lasts to the next one where it is joined to it, else as long as it was held. */
    private Fraction end(Struck note, Fraction on, Fraction next) {
        boolean triple = on.denominator() == 3 || next != null && next.denominator() == 3;
        Fraction held = triple
                ? Grid.triplets(note.off(), events.ticksPerQuarter)
                : Grid.sixteenths(note.off(), events.ticksPerQuarter);
        Fraction least = on.plus(triple ? TRIPLET : SIXTEENTH);
        Fraction off = held.compareTo(least) < 0 ? least : held;
        if (next == null) {
            return off;
        }
        boolean joined = next.minus(off).compareTo(Fraction.of(1, 2)) < 0;
        return joined || off.compareTo(next) > 0 ? next : off;
    }

    private static void write(Struck note, Fraction on, Fraction off, BarFinder bars, SheetBuilder sheet) {
        Fraction at = on;
        for (int bar = bars.at(on); bar < sheet.bars().size() && at.compareTo(off) < 0; bar++) {
            BroughtBar draft = sheet.bars().get(bar);
            Fraction barEnd = bars.start(bar).plus(draft.length);
            Fraction to = off.min(barEnd);
            if (at.compareTo(to) < 0) {
                draft.melody.add(MidiFileReader.note(
                        note.midi(), at.minus(bars.start(bar)), to.minus(at), to.compareTo(off) < 0, draft.key));
            }
            at = to;
        }
    }

    /** Thirds of a beat become triplets; a beat that mixes them with other values is rounded to its sixteenths. */
    private static void groupTriplets(BroughtBar bar) {
        List<SheetNote> all = new ArrayList<>();
        List<SheetNote> group = new ArrayList<>();
        Fraction sum = Fraction.ZERO;
        for (SheetNote note : bar.melody) {
            boolean third = note.duration().denominator() == 3;
            if (!third) {
                addPlain(group, all);
                sum = Fraction.ZERO;
                all.add(note);
                continue;
            }
            group.add(note);
            sum = sum.plus(note.duration());
            if (sum.equals(QUARTER)) {
                addTriplet(group, all);
                sum = Fraction.ZERO;
            }
        }
        addPlain(group, all);
        bar.melody.clear();
        bar.melody.addAll(all);
    }

    private static void addTriplet(List<SheetNote> group, List<SheetNote> all) {
        for (int i = 0; i < group.size(); i++) {
            SheetNote n = group.get(i);
            all.add(new SheetNote(
                    n.pitch(), n.onset(), n.duration(), n.tied(), new Tuplet(3, 2, i, group.size()), n.syllable()));
        }
        group.clear();
    }

    private static void addPlain(List<SheetNote> group, List<SheetNote> all) {
        for (SheetNote n : group) {
            Fraction on = Fraction.of(Math.round(n.onset().toDouble() * 4), 4);
            Fraction off = Fraction.of(Math.round(n.end().toDouble() * 4), 4);
            if (on.compareTo(off) < 0) {
                all.add(new SheetNote(n.pitch(), on, off.minus(on), false, null, n.syllable()));
            }
        }
        group.clear();
    }
}
