package com.zestythumb.core.arrangement;

import com.zestythumb.core.fingering.Side;
import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.LeadSheet;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * A held thumb is tied over where the same chord comes again: it sings on while the fingers walk. Once, for a string does
 * not sound much longer; and never into a repeat or out of one, where something else may have gone before.
 */
record HeldOver(LeadSheet sheet, List<ChordEvent> events) {

    /** The notes with such ties. */
    List<TimedNote> tie(List<TimedNote> notes, List<Boolean> holds) {
        List<TimedNote> tied = new ArrayList<>(notes);
        int[] tops = tops(notes);
        int last = -2;
        for (int chord = 0; chord + 1 < events.size(); chord++) {
            if (chord - 1 != last && holds.get(chord) && holds.get(chord + 1) && goesOn(chord)) {
                int here = tops[chord];
                int next = tops[chord + 1];
                boolean same = here >= 0
                        && next >= 0
                        && tied.get(here).pitch().equals(tied.get(next).pitch())
                        && tied.get(here).end().equals(events.get(chord).end());
                if (same) {
                    tied.set(here, tied.get(here).with(tied.get(here).note().withTie(true)));
                    last = chord;
                }
            }
        }
        return tied;
    }

    /** The notes with no tie that leads to nothing, as one does where the bar behind is played otherwise. */
    List<TimedNote> leading(List<TimedNote> notes) {
        Set<List<Object>> struck = notes.stream()
                .map(note ->
                        List.<Object>of(note.bar(), note.onset(), note.pitch().midi(), note.side()))
                .collect(Collectors.toSet());
        for (Bar bar : sheet.bars()) {
            bar.melody().stream()
                    .filter(note -> !note.isRest())
                    .forEach(note -> struck.add(
                            List.of(bar.index(), note.onset(), note.pitch().midi(), Side.RIGHT)));
        }
        return notes.stream()
                .map(note -> {
                    boolean over = note.tied()
                            && !note.end().isBefore(sheet.bars().get(note.bar()).length());
                    List<Object> next = List.of(
                            over ? note.bar() + 1 : note.bar(),
                            over ? Fraction.ZERO : note.end(),
                            note.pitch().midi(),
                            note.side());
                    return note.tied() && !struck.contains(next)
                            ? note.with(note.note().withTie(false))
                            : note;
                })
                .toList();
    }

    private boolean goesOn(int chord) {
        ChordEvent here = events.get(chord);
        ChordEvent next = events.get(chord + 1);
        if (!here.chord().equals(next.chord()) || next.timing() == ChordEvent.Timing.PUSHED) {
            return false;
        }
        if (here.bar() == next.bar()) {
            return here.end().equals(next.start());
        }
        Bar before = sheet.bars().get(here.bar());
        Bar behind = sheet.bars().get(next.bar());
        boolean straight = !before.endsRepeat()
                && !behind.startsRepeat()
                && before.signs().marks().isEmpty()
                && behind.signs().marks().isEmpty()
                && before.signs().ending().equals(behind.signs().ending());
        return straight
                && next.bar() == here.bar() + 1
                && here.end().equals(before.length())
                && next.start().equals(Fraction.ZERO);
    }

    /** For each chord the place of its held note, of the left hand's upper voice from the beginning; −1 without one. */
    private int[] tops(List<TimedNote> notes) {
        int[] tops = new int[events.size()];
        Arrays.fill(tops, -1);
        for (int i = notes.size() - 1; i >= 0; i--) {
            TimedNote note = notes.get(i);
            boolean held = note.chord() >= 0
                    && note.voice() == 0
                    && note.side() == Side.LEFT
                    && note.onset().equals(events.get(note.chord()).start());
            if (held) {
                tops[note.chord()] = i;
            }
        }
        return tops;
    }
}
