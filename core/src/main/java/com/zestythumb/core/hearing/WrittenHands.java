package com.zestythumb.core.hearing;

import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.sheet.SheetNote;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/** Chords of bars whose left hand somebody wrote and whose chords are open: its notes tell them, with those of the right. */
public final class WrittenHands {

    private WrittenHands() {}

    /** Whether what is open or guessed here is told by the notes of the left hand. */
    public static boolean tells(Bar bar, ChordEvent event) {
        return (event.isOpen() || event.isGuess()) && bar.allOfLeft().stream().anyMatch(note -> !note.isRest());
    }

    /** The sheet with what is heard in such bars, as guesses; what makes no chord is silent. */
    public static LeadSheet named(LeadSheet sheet) {
        boolean isTold =
                sheet.bars().stream().anyMatch(bar -> bar.events().stream().anyMatch(event -> tells(bar, event)));
        if (!isTold) {
            return sheet;
        }
        List<List<HeardChord>> heard = ChordHearing.hear(
                sheet.bars().stream().map(bar -> sounding(sheet, bar)).toList());
        return sheet.mapBars(bar -> {
            List<ChordEvent> events = new ArrayList<>();
            for (ChordEvent event : bar.events()) {
                if (tells(bar, event)) {
                    events.addAll(within(event, heard.get(bar.index())));
                } else {
                    events.add(event);
                }
            }
            return bar.withEvents(events);
        });
    }

    private static SoundingBar sounding(LeadSheet sheet, Bar bar) {
        List<Sounding> notes = Stream.concat(bar.allOfUpper().stream(), bar.allOfLeft().stream())
                .filter(note -> !note.isRest())
                .map(WrittenHands::sounding)
                .toList();
        return new SoundingBar(notes, bar.length(), bar.offset(), bar.meter(), sheet.toldKey(bar));
    }

    private static Sounding sounding(SheetNote note) {
        return new Sounding(note.pitch().midi(), note.pitch().pitchClass(), note.onset(), note.duration());
    }

    private static List<ChordEvent> within(ChordEvent event, List<HeardChord> heard) {
        List<ChordEvent> events = new ArrayList<>();
        for (HeardChord chord : heard) {
            Fraction end = event.end().min(chord.start().plus(chord.duration()));
            Fraction start = event.start().max(chord.start());
            if (start.isBefore(end)) {
                events.add(chord.event(event.bar(), start, end.minus(start)));
            }
        }
        return events;
    }
}
