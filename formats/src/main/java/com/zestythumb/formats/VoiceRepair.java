package com.zestythumb.formats;

import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.BarFilling;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.SheetNote;
import com.zestythumb.formats.ImportReport.Fate;
import java.util.ArrayList;
import java.util.List;

/** Makes the notes of a voice fill its bars, with tuplets and ties that add up. */
final class VoiceRepair {

    private static final Fraction FINEST = Fraction.of(1, 16);

    private final ImportReport.Builder report;

    VoiceRepair(ImportReport.Builder report) {
        this.report = report;
    }

    /**
     * A voice with rests in its gaps; what reaches over the bar's end is cut.
     *
     * @param what its notes, as the report calls them
     */
    List<SheetNote> of(List<SheetNote> voice, Fraction length, int number, String what) {
        List<SheetNote> filled = new ArrayList<>();
        Fraction at = Fraction.ZERO;
        for (SheetNote note : voice) {
            SheetNote last = filled.isEmpty() ? null : filled.get(filled.size() - 1);
            if (last != null && last.isWith(note)) {
                filled.add(note.at(last.onset(), last.duration()).withTuplet(last.tuplet()));
                continue;
            }
            if (note.onset().isBefore(at) || !note.onset().isBefore(length)) {
                report.add(Fate.LEFT_OUT, what + " that overlap others or lie behind the bar's end", number);
                continue;
            }
            boolean over = note.end().isAfter(length);
            filled.add(over ? note.at(note.onset(), length.minus(note.onset())).withTuplet(null) : note);
            at = filled.get(filled.size() - 1).end();
        }
        if (filled.isEmpty()) {
            return filled;
        }
        List<SheetNote> whole = BarFilling.withRests(filled, length);
        boolean writable = whole.stream().allMatch(VoiceRepair::isWritable);
        if (!writable) {
            report.add(Fate.REPAIRED, "rhythms finer than a sixty-fourth, rounded to that", number);
        }
        return BarFilling.withWholeTuplets(writable ? whole : rounded(whole, length));
    }

    private static boolean isWritable(SheetNote note) {
        return note.written().dividedBy(FINEST).isWhole();
    }

    /** The same with the borders of notes that cannot be written where others can; what is left with no length goes. */
    private static List<SheetNote> rounded(List<SheetNote> notes, Fraction length) {
        // A tuplet that is whole stands as it is; what is written in its own values meets it at its borders.
        List<SheetNote> rounded = rounded(notes, length, true);
        // Where a tuplet was broken by it, the bar is counted in sixty-fourths alone.
        return rounded.stream().allMatch(VoiceRepair::isWritable) ? rounded : rounded(rounded, length, false);
    }

    private static List<SheetNote> rounded(List<SheetNote> notes, Fraction length, boolean tuplets) {
        List<SheetNote> rounded = new ArrayList<>();
        Fraction at = Fraction.ZERO;
        SheetNote last = notes.get(notes.size() - 1);
        for (List<SheetNote> struck : SheetNote.struckTogether(notes)) {
            SheetNote first = struck.get(0);
            boolean keeps = tuplets
                    && first.tuplet() != null
                    && isWritable(first)
                    && first.onset().equals(at);
            Fraction end = keeps ? first.end() : first.isWith(last) ? length : onGrid(first.end());
            if (end.isAfter(at)) {
                for (SheetNote note : struck) {
                    rounded.add(note.at(at, end.minus(at)).withTuplet(keeps ? note.tuplet() : null));
                }
                at = end;
            }
        }
        return rounded;
    }

    private static Fraction onGrid(Fraction time) {
        return FINEST.times((int) time.dividedBy(FINEST).plus(Fraction.of(1, 2)).floor());
    }

    /** A tie leads to a note of the same pitch, or it is none. */
    static List<Bar> tiesRepaired(List<Bar> bars) {
        List<Bar> fixed = new ArrayList<>();
        for (int i = 0; i < bars.size(); i++) {
            Bar bar = bars.get(i);
            Bar next = i + 1 < bars.size() ? bars.get(i + 1) : null;
            List<SheetNote> upper = next == null ? List.of() : next.allOfUpper();
            List<SheetNote> left = next == null ? List.of() : next.allOfLeft();
            fixed.add(bar.withUpper(bar.upper().stream()
                            .map(voice -> tiesRepaired(voice, upper))
                            .toList())
                    .withLeft(bar.left().stream()
                            .map(voice -> tiesRepaired(voice, left))
                            .toList()));
        }
        return fixed;
    }

    /**
     * The same for a voice of one bar.
     *
     * @param barBehind the notes of the hand in the next bar
     */
    private static List<SheetNote> tiesRepaired(List<SheetNote> voice, List<SheetNote> barBehind) {
        List<List<SheetNote>> moments = SheetNote.struckTogether(voice);
        List<SheetNote> fixed = new ArrayList<>();
        for (int i = 0; i < moments.size(); i++) {
            List<SheetNote> next = i + 1 < moments.size()
                    ? moments.get(i + 1)
                    : barBehind.stream()
                            .filter(note -> note.onset().equals(Fraction.ZERO))
                            .toList();
            for (SheetNote note : moments.get(i)) {
                boolean leads = !note.isRest()
                        && next.stream().anyMatch(other -> note.pitch().equals(other.pitch()));
                fixed.add(note.withTie(note.tied() && leads));
            }
        }
        return fixed;
    }
}
