package com.zestythumb.formats;

import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.MelodyNote;
import com.zestythumb.core.sheet.Tuplet;
import com.zestythumb.formats.ImportReport.Fate;
import java.util.ArrayList;
import java.util.List;

/** Makes the notes of a tune fill their bars, with tuplets and ties that add up. */
final class TuneMender {

    private static final Fraction FINEST = Fraction.of(1, 16);

    private final ImportReport.Builder report;

    TuneMender(ImportReport.Builder report) {
        this.report = report;
    }

    /** The bar's tune with rests in its gaps; what reaches over its end is cut. */
    List<MelodyNote> of(BroughtBar bar, int number) {
        List<MelodyNote> filled = new ArrayList<>();
        Fraction at = Fraction.ZERO;
        for (MelodyNote note : bar.melody) {
            if (note.onset().compareTo(at) < 0 || note.onset().compareTo(bar.length) >= 0) {
                report.add(Fate.LEFT_OUT, "melody notes that overlap others or lie behind the bar's end", number);
                continue;
            }
            addRest(filled, at, note.onset());
            MelodyNote fitting = note;
            if (note.end().compareTo(bar.length) > 0) {
                fitting = new MelodyNote(
                        note.pitch(), note.onset(), bar.length.minus(note.onset()), note.tied(), null, note.syllable());
            }
            filled.add(fitting);
            at = fitting.end();
        }
        if (filled.isEmpty()) {
            return filled;
        }
        addRest(filled, at, bar.length);
        boolean writable = filled.stream().allMatch(TuneMender::isWritable);
        if (!writable) {
            report.add(Fate.REPAIRED, "rhythms finer than a sixty-fourth, rounded to that", number);
        }
        return tupletsMended(writable ? filled : rounded(filled, bar.length));
    }

    private static boolean isWritable(MelodyNote note) {
        return note.written().dividedBy(FINEST).isWhole();
    }

    /** The same with the borders of notes that cannot be written where others can; what is left with no length goes. */
    private static List<MelodyNote> rounded(List<MelodyNote> notes, Fraction length) {
        List<MelodyNote> rounded = new ArrayList<>();
        Fraction at = Fraction.ZERO;
        for (int i = 0; i < notes.size(); i++) {
            MelodyNote note = notes.get(i);
            boolean last = i == notes.size() - 1;
            // A tuplet that is whole stands as it is; what is written in its own values meets it at its borders.
            Fraction end = last ? length : onGrid(note.end());
            boolean keeps =
                    note.tuplet() != null && isWritable(note) && note.onset().equals(at);
            end = keeps ? note.end() : end;
            if (end.compareTo(at) > 0) {
                rounded.add(new MelodyNote(
                        note.pitch(), at, end.minus(at), note.tied(), keeps ? note.tuplet() : null, note.syllable()));
                at = end;
            }
        }
        // Where a tuplet was broken by it, the bar is counted in sixty-fourths alone.
        return rounded.stream().allMatch(TuneMender::isWritable) ? rounded : plain(rounded, length);
    }

    private static List<MelodyNote> plain(List<MelodyNote> notes, Fraction length) {
        List<MelodyNote> plain = new ArrayList<>();
        Fraction at = Fraction.ZERO;
        for (int i = 0; i < notes.size(); i++) {
            MelodyNote note = notes.get(i);
            Fraction end = i == notes.size() - 1 ? length : onGrid(note.end());
            if (end.compareTo(at) > 0) {
                plain.add(new MelodyNote(note.pitch(), at, end.minus(at), note.tied(), null, note.syllable()));
                at = end;
            }
        }
        return plain;
    }

    private static Fraction onGrid(Fraction time) {
        return FINEST.times((int) time.dividedBy(FINEST).plus(Fraction.of(1, 2)).floor());
    }

    /** A tuplet that was cut has as many notes as are left of it. */
    private static List<MelodyNote> tupletsMended(List<MelodyNote> notes) {
        List<MelodyNote> mended = new ArrayList<>();
        for (int from = 0; from < notes.size(); ) {
            int to = from + 1;
            while (to < notes.size() && goesOn(notes.get(to - 1), notes.get(to))) {
                to++;
            }
            for (int i = from; i < to; i++) {
                MelodyNote n = notes.get(i);
                Tuplet old = n.tuplet();
                Tuplet tuplet = old == null ? null : new Tuplet(old.actual(), old.normal(), i - from, to - from);
                mended.add(new MelodyNote(n.pitch(), n.onset(), n.duration(), n.tied(), tuplet, n.syllable()));
            }
            from = to;
        }
        return mended;
    }

    private static boolean goesOn(MelodyNote note, MelodyNote next) {
        Tuplet a = note.tuplet();
        Tuplet b = next.tuplet();
        return a != null && b != null && b.place() == a.place() + 1 && a.actual() == b.actual();
    }

    private static void addRest(List<MelodyNote> notes, Fraction from, Fraction to) {
        if (from.compareTo(to) < 0) {
            notes.add(new MelodyNote(null, from, to.minus(from)));
        }
    }

    /** A tie leads to a note of the same pitch, or it is none. */
    static List<Bar> tiesMended(List<Bar> bars) {
        List<Bar> mended = new ArrayList<>();
        for (int i = 0; i < bars.size(); i++) {
            List<MelodyNote> notes = bars.get(i).melody();
            List<MelodyNote> all = new ArrayList<>();
            for (int n = 0; n < notes.size(); n++) {
                MelodyNote note = notes.get(n);
                MelodyNote next = n + 1 < notes.size()
                        ? notes.get(n + 1)
                        : i + 1 < bars.size() && !bars.get(i + 1).melody().isEmpty()
                                ? bars.get(i + 1).melody().get(0)
                                : null;
                boolean leads =
                        next != null && note.pitch() != null && note.pitch().equals(next.pitch());
                all.add(note.tied() && !leads ? note.withTie(false) : note);
            }
            mended.add(bars.get(i).withMelody(all));
        }
        return mended;
    }
}
