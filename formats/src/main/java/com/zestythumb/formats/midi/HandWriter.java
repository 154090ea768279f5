package com.zestythumb.formats.midi;

import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.SheetNote;
import com.zestythumb.core.sheet.Touch;
import com.zestythumb.formats.BroughtBar;
import com.zestythumb.formats.NotesInTime;
import com.zestythumb.formats.NotesInTime.InTuplet;
import com.zestythumb.formats.SheetBuilder;
import com.zestythumb.formats.midi.MidiEvents.Struck;
import com.zestythumb.formats.midi.MidiFileReader.BarFinder;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;

/** Writes what the left hand plays in a MIDI file into the bars: a voice, and one for what is held under it. */
final class HandWriter {

    private static final int VOICES = 2;
    private static final Fraction EIGHTH = Fraction.of(1, 2);
    private static final InTuplet TRIPLET = new InTuplet(3, 2);

    private final SheetBuilder sheet;
    private final BarFinder bars;
    private final Rounding rounding;
    private final TreeMap<Fraction, List<Struck>> strokes = new TreeMap<>();
    /** When a chord is rolled. */
    private final Set<Fraction> rolls = new HashSet<>();
    /** For each bar and voice what it has. */
    private final Map<Integer, NotesInTime[]> written = new TreeMap<>();

    private HandWriter(SheetBuilder sheet, List<Struck> notes, int ticksPerQuarter) {
        this.sheet = sheet;
        this.bars = new BarFinder(sheet.bars());
        this.rounding = new Rounding(notes, ticksPerQuarter);
        Struck before = null;
        Fraction on = null;
        for (Struck note : notes) {
            // Of a rolled chord each key goes down a little later than the one below it, and all sound on.
            boolean rolled = before != null
                    && note.on() - before.on() <= ticksPerQuarter / 8
                    && note.midi() > before.midi()
                    && before.off() > note.on();
            on = rolled ? on : rounding.onset(note.on());
            if (rolled && note.on() > before.on()) {
                rolls.add(on);
            }
            strokes.computeIfAbsent(on, time -> new ArrayList<>()).add(note);
            before = note;
        }
    }

    /** Writes the notes; what sounds longer than the hand's next stroke stands in a voice of its own, where that is free. */
    static void write(SheetBuilder sheet, List<Struck> notes, int ticksPerQuarter) {
        HandWriter writer = new HandWriter(sheet, notes, ticksPerQuarter);
        writer.write();
        writer.written.forEach((bar, voices) -> {
            for (NotesInTime voice : voices) {
                if (voice != null && voice.sounds()) {
                    sheet.bars().get(bar).left.add(voice.notes());
                }
            }
        });
    }

    private void write() {
        Fraction free = Fraction.ZERO;
        for (Fraction on : strokes.keySet()) {
            Fraction next = strokes.higherKey(on);
            List<Struck> struck = strokes.get(on).stream()
                    .sorted(Comparator.comparingInt(Struck::midi))
                    .toList();
            List<Struck> held = new ArrayList<>();
            List<Struck> line = new ArrayList<>();
            for (Struck note : struck) {
                boolean longer = next != null
                        && !rounding.end(note, on, null).minus(next).isBefore(EIGHTH)
                        && !free.isAfter(on);
                (longer ? held : line).add(note);
            }
            if (!held.isEmpty()) {
                free = rounding.end(held.get(0), on, null);
                add(held, on, free, 1);
            }
            if (!line.isEmpty()) {
                add(line, on, rounding.end(line.get(0), on, next), 0);
            }
        }
    }

    /** Notes of one stroke, over the bar lines with ties. */
    private void add(List<Struck> struck, Fraction on, Fraction off, int voice) {
        Fraction at = on;
        for (int bar = bars.at(on); bar < sheet.bars().size() && at.isBefore(off); bar++) {
            BroughtBar draft = sheet.bars().get(bar);
            Fraction to = off.min(bars.start(bar).plus(draft.length));
            if (at.isBefore(to)) {
                NotesInTime[] voices = written.computeIfAbsent(bar, index -> new NotesInTime[VOICES]);
                voices[voice] = voices[voice] == null ? new NotesInTime() : voices[voice];
                boolean third = to.minus(at).denominator() == 3;
                for (Struck note : struck) {
                    SheetNote written = MidiFileReader.note(
                            note.midi(), at.minus(bars.start(bar)), to.minus(at), to.isBefore(off), draft.key);
                    voices[voice].add(
                            at.equals(on) && rolls.contains(on) ? written.withTouch(Touch.ROLLED) : written,
                            third ? TRIPLET : null);
                }
            }
            at = to;
        }
    }
}
