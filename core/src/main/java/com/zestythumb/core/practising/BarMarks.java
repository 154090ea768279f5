package com.zestythumb.core.practising;

import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.sheet.SheetNote;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Short marks of what bars hold, by which they are known again where they move. Alike bars have the same. */
public final class BarMarks {

    private static final int DIGITS_AND_LETTERS = 36;

    private BarMarks() {}

    /** One for each bar: its chords, its tune and its written left hand. */
    public static List<String> of(LeadSheet sheet) {
        return sheet.bars().stream().map(BarMarks::of).toList();
    }

    private static String of(Bar bar) {
        Stream<String> chords = bar.events().stream().map(BarMarks::of);
        Stream<String> notes =
                Stream.concat(bar.melody().stream(), bar.allOfLeft().stream()).map(BarMarks::of);
        String held = Stream.concat(chords, notes).collect(Collectors.joining(" "));
        return Integer.toString(held.hashCode(), DIGITS_AND_LETTERS);
    }

    private static String of(ChordEvent event) {
        return event.start() + ":" + (event.isSilent() ? "" : event.chord());
    }

    private static String of(SheetNote note) {
        return note.onset() + ":" + note.duration() + (note.isRest() ? "" : note.pitch());
    }
}
