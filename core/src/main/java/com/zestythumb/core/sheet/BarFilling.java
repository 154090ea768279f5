package com.zestythumb.core.sheet;

import java.util.ArrayList;
import java.util.List;

/** Whether notes fill a bar, and can be written. */
public final class BarFilling {

    private static final Fraction HALF = Fraction.of(1, 2);

    private BarFilling() {}

    /** Fills a bar that is too short with a rest, where the notes stop; null where it is too long. */
    static List<SheetNote> filled(List<SheetNote> notes, Fraction length) {
        Fraction end = NoteLine.length(notes);
        if (end.isAfter(length)) {
            return null;
        }
        List<SheetNote> all = new ArrayList<>(notes);
        // Behind a tuplet that stops anywhere no rest can be written: it goes as far back as one can.
        while (end.isBefore(length) && !isWritable(length.minus(end))) {
            SheetNote last = all.get(all.size() - 1);
            all.removeIf(last::isWith);
            end = last.onset();
        }
        if (end.isBefore(length)) {
            all.add(new SheetNote(null, end, length.minus(end)));
        }
        return withWholeTuplets(all);
    }

    /** Notes of a voice, in order and without overlap, with rests in their gaps. */
    public static List<SheetNote> withRests(List<SheetNote> notes, Fraction length) {
        List<SheetNote> all = new ArrayList<>();
        Fraction at = Fraction.ZERO;
        for (SheetNote note : notes) {
            if (at.isBefore(note.onset())) {
                all.add(new SheetNote(null, at, note.onset().minus(at)));
            }
            all.add(note);
            at = note.end();
        }
        if (at.isBefore(length)) {
            all.add(new SheetNote(null, at, length.minus(at)));
        }
        return all;
    }

    /** A tuplet that was cut has as many notes as are left of it. */
    public static List<SheetNote> withWholeTuplets(List<SheetNote> notes) {
        List<SheetNote> fixed = new ArrayList<>();
        for (int from = 0; from < notes.size(); ) {
            int to = from + 1;
            while (to < notes.size() && goesOn(notes.get(to - 1), notes.get(to))) {
                to++;
            }
            int size = (int) notes.subList(from, to).stream()
                    .map(SheetNote::onset)
                    .distinct()
                    .count();
            Fraction at = notes.get(from).onset();
            int place = 0;
            for (SheetNote note : notes.subList(from, to)) {
                place += note.onset().equals(at) ? 0 : 1;
                at = note.onset();
                Tuplet old = note.tuplet();
                fixed.add(old == null ? note : note.withTuplet(new Tuplet(old.actual(), old.normal(), place, size)));
            }
            from = to;
        }
        return fixed;
    }

    private static boolean goesOn(SheetNote note, SheetNote next) {
        Tuplet a = note.tuplet();
        Tuplet b = next.tuplet();
        boolean inOrder = b != null && a != null && (next.isWith(note) || b.place() == a.place() + 1);
        return inOrder && b.actual() == a.actual();
    }

    /** The shortest value that a melody may have is a sixty-fourth; longer ones are made of those. */
    public static boolean isWritable(Fraction duration) {
        return duration.times(Fraction.of(16)).isWhole() && !duration.isBefore(HALF.times(Fraction.of(1, 8)));
    }
}
