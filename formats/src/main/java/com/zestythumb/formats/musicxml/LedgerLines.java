package com.zestythumb.formats.musicxml;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.IntSummaryStatistics;
import java.util.List;
import java.util.Set;
import java.util.TreeMap;
import org.audiveris.proxymusic.Attributes;
import org.audiveris.proxymusic.Backup;
import org.audiveris.proxymusic.Clef;
import org.audiveris.proxymusic.ClefSign;
import org.audiveris.proxymusic.Direction;
import org.audiveris.proxymusic.DirectionType;
import org.audiveris.proxymusic.Forward;
import org.audiveris.proxymusic.Note;
import org.audiveris.proxymusic.OctaveShift;
import org.audiveris.proxymusic.ScorePartwise.Part.Measure;
import org.audiveris.proxymusic.UpDownStopContinue;

/**
 * Spares ledger lines, on wish (common practice): where a staff needs more than two of them for longer than a bar, it is written
 * an octave nearer on its outer side, and in the other clef on the side of the other staff. Only where one voice is on the
 * staff, and no clef was typed.
 */
final class LedgerLines {

    /** Places above the highest line at which a note has a third ledger line. */
    private static final int THIRD = 6;

    private static final int OCTAVE = 8;

    /** What is struck together: where it stands in the score, and its places above the middle line. */
    private record Struck(int measure, int first, int last, BigDecimal onset, BigDecimal end, int lowest, int highest) {

        /** Places beyond the lines, above or below, of the note nearest to them. */
        int nearest(boolean high) {
            return (high ? lowest : -highest) - StaffPlace.TO_THE_EDGE;
        }

        boolean isFar(boolean high) {
            return (high ? highest : -lowest) - StaffPlace.TO_THE_EDGE >= THIRD && nearest(high) > 0;
        }
    }

    private final Set<EngravingOption> options;
    private final List<Measure> measures;

    LedgerLines(Set<EngravingOption> options, List<Measure> measures) {
        this.options = options;
        this.measures = measures;
    }

    /** Writes the signs into the measures; the staves of an only part are numbered from 1. */
    void spare(int staves) {
        for (int staff = 1; staff <= staves; staff++) {
            Clef clef = firstClef(staff);
            boolean treble = clef.getSign() == ClefSign.G;
            List<Struck> struck = struck(staff, StaffPlace.middle(clef));
            if (options.contains(EngravingOption.OCTAVE_LINES)) {
                octaveLines(struck, staff, treble);
            }
            if (options.contains(EngravingOption.CLEF_CHANGES)) {
                clefChanges(struck(staff, StaffPlace.middle(clef)), staff, clef);
            }
        }
    }

    private void octaveLines(List<Struck> struck, int staff, boolean high) {
        for (List<Struck> run : backwards(runs(struck, high))) {
            Struck last = run.get(run.size() - 1);
            content(last).add(last.last() + 1, shift(UpDownStopContinue.STOP, staff));
            content(run.get(0))
                    .add(run.get(0).first(), shift(high ? UpDownStopContinue.DOWN : UpDownStopContinue.UP, staff));
        }
    }

    private void clefChanges(List<Struck> struck, int staff, Clef own) {
        boolean treble = own.getSign() == ClefSign.G;
        for (List<Struck> run : backwards(runs(struck, !treble))) {
            Struck first = run.get(0);
            Struck last = run.get(run.size() - 1);
            if (last != struck.get(struck.size() - 1)) {
                content(last).add(last.last() + 1, clef(treble, staff));
            }
            int place = struck.indexOf(first);
            if (place == 0) {
                own.setSign(treble ? ClefSign.F : ClefSign.G);
                own.setLine(BigInteger.valueOf(treble ? 4 : 2));
            } else if (struck.get(place - 1).measure() == first.measure()) {
                content(first).add(first.first(), clef(!treble, staff));
            } else {
                // A clef for a whole bar stands before its line.
                List<Object> before = measures.get(first.measure() - 1).getNoteOrBackupOrForward();
                before.add(lastOf(before, staff) + 1, clef(!treble, staff));
            }
        }
    }

    /** From the end, so that what is written moves nothing that is still to be written. */
    private static List<List<Struck>> backwards(List<List<Struck>> runs) {
        List<List<Struck>> turned = new ArrayList<>();
        runs.forEach(run -> turned.add(0, run));
        return turned;
    }

    private List<Object> content(Struck struck) {
        return measures.get(struck.measure()).getNoteOrBackupOrForward();
    }

    /** All that goes on beyond the lines for longer than a bar, from the bar of its first to that of its last third ledger line. */
    private List<List<Struck>> runs(List<Struck> struck, boolean high) {
        List<List<Struck>> runs = new ArrayList<>();
        List<Struck> beyond = new ArrayList<>();
        for (int i = 0; i <= struck.size(); i++) {
            if (i < struck.size() && struck.get(i).nearest(high) > 0) {
                beyond.add(struck.get(i));
                continue;
            }
            IntSummaryStatistics far = beyond.stream()
                    .filter(one -> one.isFar(high))
                    .mapToInt(Struck::measure)
                    .summaryStatistics();
            List<Struck> run = beyond.stream()
                    .filter(one -> one.measure() >= far.getMin() && one.measure() <= far.getMax())
                    .toList();
            if (!run.isEmpty() && isLongerThanABar(run)) {
                runs.add(run);
            }
            beyond.clear();
        }
        return runs;
    }

    private boolean isLongerThanABar(List<Struck> run) {
        BigDecimal begin = run.get(0).onset();
        BigDecimal bar = lengthOf(measures.get(run.get(0).measure()));
        return run.get(run.size() - 1).end().subtract(begin).compareTo(bar) > 0;
    }

    /** What a staff with one voice has; where it has two, or a clef of its own, what is there goes on from nothing. */
    private List<Struck> struck(int staff, int middle) {
        List<Struck> all = new ArrayList<>();
        BigDecimal begin = BigDecimal.ZERO;
        for (int i = 0; i < measures.size(); i++) {
            List<Object> content = measures.get(i).getNoteOrBackupOrForward();
            TreeMap<Integer, Struck> found = new TreeMap<>();
            boolean plain = isPlain(content, staff, i == 0);
            BigDecimal at = begin;
            int chord = 0;
            for (int item = 0; item < content.size(); item++) {
                if (content.get(item) instanceof Backup backup) {
                    at = at.subtract(backup.getDuration());
                } else if (content.get(item) instanceof Forward forward) {
                    at = at.add(forward.getDuration());
                } else if (content.get(item) instanceof Note note) {
                    if (note.getChord() == null) {
                        chord = item;
                        at = at.add(note.getDuration());
                    }
                    if (note.getPitch() != null && StaffPlace.staff(note) == staff) {
                        Struck before = found.get(chord);
                        int place = plain ? StaffPlace.of(note.getPitch()) - middle : 0;
                        BigDecimal onset = at.subtract(note.getDuration());
                        int lowest = before == null ? place : Math.min(place, before.lowest());
                        int highest = before == null ? place : Math.max(place, before.highest());
                        found.put(chord, new Struck(i, chord, item, onset, at, lowest, highest));
                    }
                }
            }
            all.addAll(found.values());
            begin = begin.add(lengthOf(measures.get(i)));
        }
        return all;
    }

    private static boolean isPlain(List<Object> content, int staff, boolean first) {
        long voices = content.stream()
                .filter(item -> item instanceof Note note && StaffPlace.staff(note) == staff)
                .map(item -> String.valueOf(((Note) item).getVoice()))
                .distinct()
                .count();
        boolean hasClef = content.stream()
                .filter(Attributes.class::isInstance)
                .skip(first ? 1 : 0)
                .flatMap(item -> ((Attributes) item).getClef().stream())
                .anyMatch(clef -> clef.getNumber().intValue() == staff);
        return voices == 1 && !hasClef;
    }

    private static BigDecimal lengthOf(Measure measure) {
        BigDecimal at = BigDecimal.ZERO;
        BigDecimal longest = BigDecimal.ZERO;
        for (Object item : measure.getNoteOrBackupOrForward()) {
            if (item instanceof Backup backup) {
                at = at.subtract(backup.getDuration());
            } else if (item instanceof Forward forward) {
                at = at.add(forward.getDuration());
            } else if (item instanceof Note note && note.getChord() == null) {
                at = at.add(note.getDuration());
            }
            longest = longest.max(at);
        }
        return longest;
    }

    private static int lastOf(List<Object> content, int staff) {
        int last = -1;
        for (int item = 0; item < content.size(); item++) {
            if (content.get(item) instanceof Note note && StaffPlace.staff(note) == staff) {
                last = item;
            }
        }
        return last;
    }

    private Clef firstClef(int staff) {
        return measures.get(0).getNoteOrBackupOrForward().stream()
                .filter(Attributes.class::isInstance)
                .flatMap(item -> ((Attributes) item).getClef().stream())
                .filter(clef -> clef.getNumber().intValue() == staff)
                .findFirst()
                .orElseThrow();
    }

    private static Attributes clef(boolean treble, int staff) {
        Attributes attributes = new Attributes();
        attributes.getClef().add(Headings.clef(treble ? ClefSign.G : ClefSign.F, treble ? 2 : 4, staff));
        return attributes;
    }

    private static Direction shift(UpDownStopContinue how, int staff) {
        OctaveShift shift = new OctaveShift();
        shift.setType(how);
        shift.setSize(BigInteger.valueOf(OCTAVE));
        DirectionType type = new DirectionType();
        type.setOctaveShift(shift);
        return Headings.beside(type, staff, how == UpDownStopContinue.UP);
    }
}
