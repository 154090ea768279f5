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

    private final MidiEvents events;
    private final List<Struck> notes;
    private final boolean asked;
    private Rounding rounding;

    /** Looks among some notes; where somebody asked for them they are the tune. */
    TuneFinder(MidiEvents events, List<Struck> notes, boolean asked) {
        this.asked = asked;
        this.events = events;
        this.notes = notes;
    }

    void tune(SheetBuilder sheet) {
        List<Struck> candidates = candidates();
        rounding = new Rounding(candidates, events.ticksPerQuarter);
        TreeMap<Fraction, Struck> line = upperLine(candidates);
        BarFinder bars = new BarFinder(sheet.bars());
        List<Fraction> onsets = new ArrayList<>(line.keySet());
        for (int i = 0; i < onsets.size(); i++) {
            Fraction on = onsets.get(i);
            Fraction next = i + 1 < onsets.size() ? onsets.get(i + 1) : null;
            write(line.get(on), on, rounding.end(line.get(on), on, next), bars, sheet);
        }
        sheet.bars().forEach(TuneFinder::groupTriplets);
    }

    /** The track whose name says so; else a single line whole, and of several all but what lies below a tune's usual place. */
    List<Struck> candidates() {
        if (asked) {
            return notes;
        }
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
        return isOneLine(notes, events.ticksPerQuarter) && 4 * upper.size() >= notes.size() ? notes : upper;
    }

    /** Whether no two notes sound at once, the joins of what is played legato aside. */
    static boolean isOneLine(List<Struck> notes, int ticksPerQuarter) {
        long slack = ticksPerQuarter / 8;
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
            Fraction on = rounding.onset(note.on());
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

    private static void write(Struck note, Fraction on, Fraction off, BarFinder bars, SheetBuilder sheet) {
        Fraction at = on;
        for (int bar = bars.at(on); bar < sheet.bars().size() && at.isBefore(off); bar++) {
            BroughtBar draft = sheet.bars().get(bar);
            Fraction barEnd = bars.start(bar).plus(draft.length);
            Fraction to = off.min(barEnd);
            if (at.isBefore(to)) {
                draft.melody.add(MidiFileReader.note(
                        note.midi(), at.minus(bars.start(bar)), to.minus(at), to.isBefore(off), draft.key));
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
            all.add(n.withTuplet(new Tuplet(3, 2, i, group.size())));
        }
        group.clear();
    }

    private static void addPlain(List<SheetNote> group, List<SheetNote> all) {
        for (SheetNote n : group) {
            Fraction on = Fraction.of(Math.round(n.onset().toDouble() * 4), 4);
            Fraction off = Fraction.of(Math.round(n.end().toDouble() * 4), 4);
            if (on.isBefore(off)) {
                all.add(n.at(on, off.minus(on)));
            }
        }
        group.clear();
    }
}
