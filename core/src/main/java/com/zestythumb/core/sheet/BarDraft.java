package com.zestythumb.core.sheet;

import com.zestythumb.core.pitch.Key;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** A bar while the lines that tell of it are being read. */
final class BarDraft {

    final int index;
    final Key key;
    final Meter meter;
    final Fraction length;
    final Fraction offset;
    final TextSpan span;

    String section;
    String shorthand = "";
    String words = "";
    boolean startsRepeat;
    int timesPlayed = 1;
    boolean endsDouble;
    List<Integer> ending = List.of();
    List<String> remarks = List.of();
    List<ChordEvent> events = List.of();
    List<List<SheetNote>> upper = List.of();
    List<List<SheetNote>> left = List.of();

    final Set<Mark> marks = EnumSet.noneOf(Mark.class);
    final List<String> notes = new ArrayList<>();

    BarDraft(int index, Key key, Meter meter, Fraction length, boolean pickup, TextSpan span) {
        this.index = index;
        this.key = key;
        this.meter = meter;
        this.length = length;
        this.offset = pickup ? meter.barLength().minus(length) : Fraction.ZERO;
        this.span = span;
    }

    boolean isPickup() {
        return offset.isPositive();
    }

    Bar bar(int number) {
        return new Bar(
                        index,
                        number,
                        key,
                        meter,
                        length,
                        offset,
                        new BarSigns(startsRepeat, timesPlayed, ending, marks, endsDouble),
                        events,
                        List.of(),
                        List.of(),
                        left,
                        new BarText(section, notes, words, remarks, shorthand, span))
                .withUpper(upper);
    }
}
