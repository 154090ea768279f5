package com.zestythumb.formats;

import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.SheetNote;
import com.zestythumb.core.sheet.Tuplet;
import java.util.ArrayList;
import java.util.List;

/** Gathers one voice of a bar from notes as a file has them, with its tuplets in groups. */
public final class NotesInTime {

    /** So many in the time of so many. */
    public record InTuplet(int actual, int normal) {}

    private record Raw(SheetNote note, InTuplet tuplet) {}

    private final List<Raw> raw = new ArrayList<>();

    /** Adds a note or a rest. */
    public void add(SheetNote note, InTuplet tuplet) {
        SheetNote last = raw.isEmpty() ? null : raw.get(raw.size() - 1).note();
        if (last == null || !last.isWith(note)) {
            raw.add(new Raw(note, tuplet));
        } else if (last.isRest()) {
            raw.set(raw.size() - 1, new Raw(note, tuplet));
        } else if (!note.isRest()) {
            // How they are played is written to the first of them.
            raw.add(new Raw(
                    note.at(last.onset(), last.duration()).withTouch(last.touch()),
                    raw.get(raw.size() - 1).tuplet()));
        }
    }

    /** Whether any of it sounds. */
    public boolean sounds() {
        return raw.stream().anyMatch(one -> !one.note().isRest());
    }

    /** The notes, each in its tuplet. */
    public List<SheetNote> notes() {
        List<SheetNote> notes = new ArrayList<>();
        int from = 0;
        while (from < raw.size()) {
            int to = endOfGroup(from);
            int size = (int) raw.subList(from, to).stream()
                    .map(one -> one.note().onset())
                    .distinct()
                    .count();
            int place = -1;
            for (Raw one : raw.subList(from, to)) {
                boolean again = !notes.isEmpty() && notes.get(notes.size() - 1).isWith(one.note());
                place += again ? 0 : 1;
                Tuplet tuplet = one.tuplet() == null
                        ? null
                        : new Tuplet(one.tuplet().actual(), one.tuplet().normal(), place, size);
                notes.add(one.note().withTuplet(tuplet));
            }
            from = to;
        }
        return SheetNote.struckTogether(notes).stream()
                .flatMap(struck -> SheetNote.chord(struck).stream())
                .toList();
    }

    /** A tuplet ends where its notes add up to a plain length again. */
    private int endOfGroup(int from) {
        InTuplet tuplet = raw.get(from).tuplet();
        if (tuplet == null) {
            return from + 1;
        }
        Fraction start = raw.get(from).note().onset();
        int places = 0;
        for (int i = from; i < raw.size(); i++) {
            if (!tuplet.equals(raw.get(i).tuplet())) {
                return i;
            }
            boolean last = i + 1 == raw.size()
                    || !raw.get(i + 1).note().isWith(raw.get(i).note());
            places += last ? 1 : 0;
            Fraction sum = raw.get(i).note().end().minus(start);
            boolean plain = Long.bitCount(sum.denominator()) == 1;
            if (last && (plain && places > 1 || places == 9)) {
                return i + 1;
            }
        }
        return raw.size();
    }
}
