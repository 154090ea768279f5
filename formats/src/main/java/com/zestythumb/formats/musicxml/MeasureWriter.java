package com.zestythumb.formats.musicxml;

import com.zestythumb.core.arrangement.ArrangedChord;
import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.TimedNote;
import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.Meter;
import com.zestythumb.core.sheet.TextSpan;
import com.zestythumb.formats.musicxml.MusicXmlWriter.Staves;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.audiveris.proxymusic.Backup;
import org.audiveris.proxymusic.BackwardForward;
import org.audiveris.proxymusic.BarStyle;
import org.audiveris.proxymusic.BarStyleColor;
import org.audiveris.proxymusic.Barline;
import org.audiveris.proxymusic.Harmony;
import org.audiveris.proxymusic.Note;
import org.audiveris.proxymusic.Print;
import org.audiveris.proxymusic.Repeat;
import org.audiveris.proxymusic.RightLeftMiddle;
import org.audiveris.proxymusic.ScorePartwise.Part.Measure;
import org.audiveris.proxymusic.YesNo;

/** Writes the bars, each as moments in time: some notes struck together, or a rest. */
final class MeasureWriter {

    private static final String UPPER_VOICE = "1";
    private static final String LOWER_VOICE = "5";

    /** A single staff need not be named, nor its only voice: a third of the page's notes is less to send. */
    static final int ONLY_STAFF = 0;

    /** Notes struck together, or a rest where there are none. */
    private record Moment(Fraction onset, Fraction duration, List<TimedNote> notes) {

        Fraction end() {
            return onset.plus(duration);
        }
    }

    private final Arrangement arrangement;
    private final Meter meter;
    private final boolean grand;
    private final Map<Integer, List<TimedNote>> notesByBar;
    private final Map<Integer, List<ArrangedChord>> chordsByBar;

    MeasureWriter(Arrangement arrangement, Staves staves) {
        this.arrangement = arrangement;
        this.meter = arrangement.sheet().meter();
        this.grand = staves == Staves.GRAND;
        this.notesByBar = arrangement.notes().stream().collect(Collectors.groupingBy(TimedNote::bar));
        this.chordsByBar = arrangement.chords().stream()
                .collect(Collectors.groupingBy(chord -> chord.event().bar()));
    }

    List<Measure> measures() {
        List<Bar> bars = arrangement.sheet().bars();
        if (bars.isEmpty()) {
            return List.of(measure(new Bar(0, null, List.of(), false, 1, new TextSpan(1, 1, 0)), true));
        }
        return bars.stream()
                .map(bar -> measure(bar, bar.index() == bars.size() - 1))
                .toList();
    }

    private Measure measure(Bar bar, boolean last) {
        Measure measure = new Measure();
        measure.setNumber(String.valueOf(bar.index() + 1));
        List<Object> content = measure.getNoteOrBackupOrForward();
        if (grand && beginsLine(bar)) {
            Print print = new Print();
            print.setNewSystem(YesNo.YES);
            content.add(print);
        }
        if (bar.startsRepeat()) {
            content.add(barline(RightLeftMiddle.LEFT, BarStyle.HEAVY_LIGHT, BackwardForward.FORWARD, 0));
        }
        if (bar.index() == 0) {
            content.add(Headings.attributes(arrangement.sheet(), grand));
            if (grand) {
                content.add(Headings.tempo(arrangement.sheet()));
            }
        }
        if (bar.section() != null) {
            content.add(Headings.section(bar.section()));
        }
        if (grand) {
            content.add(Notes.barRest(meter.barLength(), UPPER_VOICE, 1));
            content.add(backup(meter.barLength()));
        }
        writeLeftHand(bar.index(), content);
        if (bar.endsRepeat()) {
            content.add(
                    barline(RightLeftMiddle.RIGHT, BarStyle.LIGHT_HEAVY, BackwardForward.BACKWARD, bar.timesPlayed()));
        } else if (last) {
            content.add(barline(RightLeftMiddle.RIGHT, BarStyle.LIGHT_HEAVY, null, 0));
        }
        return measure;
    }

    /** The teacher's own lines are kept: a new line of the chart is a new system. */
    private boolean beginsLine(Bar bar) {
        return bar.index() > 0
                && bar.text().line()
                        != arrangement
                                .sheet()
                                .bars()
                                .get(bar.index() - 1)
                                .text()
                                .line();
    }

    private void writeLeftHand(int bar, List<Object> content) {
        List<Moment> moments = moments(bar);
        int staff = grand ? 2 : ONLY_STAFF;
        if (moments.size() == 1 && moments.get(0).notes().isEmpty()) {
            content.add(Notes.barRest(meter.barLength(), LOWER_VOICE, staff));
            return;
        }
        Map<Fraction, ArrangedChord> symbols = new TreeMap<>();
        chordsByBar
                .getOrDefault(bar, List.of())
                .forEach(chord -> symbols.put(chord.event().start(), chord));
        Beams beams = new Beams(meter);
        for (Moment moment : moments) {
            if (symbols.containsKey(moment.onset())) {
                Harmony harmony =
                        ChordSymbols.harmony(symbols.get(moment.onset()).chord(), grand);
                harmony.setStaff(BigInteger.ONE);
                content.add(harmony);
                if (!grand) {
                    content.add(Headings.room());
                }
            }
            writeMoment(moment, staff, content, beams);
        }
        beams.close();
    }

    private void writeMoment(Moment moment, int staff, List<Object> content, Beams beams) {
        Fraction at = moment.onset();
        List<NoteValue> values = NoteValue.split(moment.onset(), moment.duration(), meter);
        for (int i = 0; i < values.size(); i++) {
            NoteValue value = values.get(i);
            List<Note> written = moment.notes().isEmpty()
                    ? List.of(Notes.rest(value, LOWER_VOICE, staff))
                    : struck(moment.notes(), value, staff, i, values.size());
            content.addAll(written);
            beams.add(at, value, moment.notes().isEmpty() ? null : written.get(0));
            at = at.plus(value.length());
        }
    }

    /** Notes struck together; on the page their fingers stand in one column, the thumb on top. */
    private List<Note> struck(List<TimedNote> notes, NoteValue value, int staff, int part, int parts) {
        List<Note> written = new ArrayList<>();
        for (TimedNote note : notes) {
            Note one = Notes.note(note, value, LOWER_VOICE, staff, !written.isEmpty(), part, parts);
            if (part == 0 && grand) {
                Notes.addFingers(one, List.of(note));
            }
            if (notes.size() > 1 && !value.type().equals("whole")) {
                Notes.stemUp(one);
            }
            written.add(one);
        }
        if (part == 0 && !grand) {
            Notes.addFingers(written.get(0), notes);
        }
        return written;
    }

    /** The bar as struck moments with rests between, filling it. */
    private List<Moment> moments(int bar) {
        Map<Fraction, List<TimedNote>> byOnset = notesByBar.getOrDefault(bar, List.of()).stream()
                .collect(Collectors.groupingBy(TimedNote::onset, TreeMap::new, Collectors.toList()));
        List<Moment> moments = new ArrayList<>();
        Fraction at = Fraction.ZERO;
        for (var entry : byOnset.entrySet()) {
            addRest(moments, at, entry.getKey());
            Moment moment = new Moment(entry.getKey(), entry.getValue().get(0).duration(), entry.getValue());
            moments.add(moment);
            at = moment.end();
        }
        addRest(moments, at, meter.barLength());
        return moments;
    }

    private static void addRest(List<Moment> moments, Fraction from, Fraction to) {
        if (from.compareTo(to) < 0) {
            moments.add(new Moment(from, to.minus(from), List.of()));
        }
    }

    private static Backup backup(Fraction length) {
        Backup backup = new Backup();
        backup.setDuration(Notes.divisions(length));
        return backup;
    }

    private static Barline barline(RightLeftMiddle where, BarStyle style, BackwardForward direction, int times) {
        Barline barline = new Barline();
        barline.setLocation(where);
        BarStyleColor bar = new BarStyleColor();
        bar.setValue(style);
        barline.setBarStyle(bar);
        if (direction != null) {
            Repeat repeat = new Repeat();
            repeat.setDirection(direction);
            if (times > 2) {
                repeat.setTimes(BigInteger.valueOf(times));
            }
            barline.setRepeat(repeat);
        }
        return barline;
    }
}
