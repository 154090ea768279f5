package com.zestythumb.formats;

import com.zestythumb.core.hearing.ChordHearing;
import com.zestythumb.core.hearing.HeardChord;
import com.zestythumb.core.hearing.SoundingBar;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.sheet.ChordEvent.Timing;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.TextSpan;
import com.zestythumb.formats.ImportReport.Fate;
import java.util.ArrayList;
import java.util.List;

/** The chords of a file: those between its symbols, else those heard in its notes. */
final class BroughtChords {

    private static final Fraction EIGHTH = Fraction.of(1, 2);
    /** A place that says no more than that a symbol was written for itself. */
    private static final TextSpan SOME = new TextSpan(1, 1, 1);

    private final List<BroughtBar> drafts;
    private final ImportReport.Builder report;
    private final boolean keyTold;

    BroughtChords(List<BroughtBar> drafts, ImportReport.Builder report, boolean keyTold) {
        this.drafts = drafts;
        this.report = report;
        this.keyTold = keyTold;
    }

    /** For each bar the chords and silences that fill it. */
    List<List<ChordEvent>> find() {
        boolean written = drafts.stream().anyMatch(bar -> !bar.symbols.isEmpty());
        boolean sounding = drafts.stream().anyMatch(bar -> !bar.sounding.isEmpty());
        if (written || !sounding) {
            return written();
        }
        return BareTune.isOne(drafts) ? open() : guessed();
    }

    /** A tune without harmony has none to be read: its bars are left open. */
    private List<List<ChordEvent>> open() {
        List<List<ChordEvent>> all = new ArrayList<>();
        for (int i = 0; i < drafts.size(); i++) {
            Fraction length = drafts.get(i).length;
            all.add(List.of(ChordEvent.unread(ChordEvent.OPEN, i, Fraction.ZERO, length, SOME)));
        }
        return all;
    }

    /** Symbols last until the next one, also over bar lines; before the first nothing sounds. */
    private List<List<ChordEvent>> written() {
        List<List<ChordEvent>> all = new ArrayList<>();
        BroughtBar.Symbol current = new BroughtBar.Symbol(null);
        for (int i = 0; i < drafts.size(); i++) {
            BroughtBar bar = drafts.get(i);
            List<ChordEvent> events = new ArrayList<>();
            Fraction at = Fraction.ZERO;
            for (var entry : bar.symbols.entrySet()) {
                Fraction start = toEighth(entry.getKey());
                if (!start.isBefore(bar.length)) {
                    report.add(
                            Fate.LEFT_OUT, "chord symbols behind the end of their bar", BarLengths.number(drafts, i));
                    continue;
                }
                addUntil(events, current, i, at, start);
                at = at.max(start);
                current = entry.getValue();
            }
            addUntil(events, current, i, at, bar.length);
            all.add(events);
        }
        return all;
    }

    private static Fraction toEighth(Fraction time) {
        return Fraction.of(time.dividedBy(EIGHTH).floor()).times(EIGHTH);
    }

    private static void addUntil(
            List<ChordEvent> events, BroughtBar.Symbol symbol, int bar, Fraction from, Fraction to) {
        if (from.isBefore(to)) {
            // A span of its own keeps a repeated chord from being written as held.
            events.add(
                    symbol.unread().isEmpty()
                            ? new ChordEvent(symbol.chord(), bar, from, to.minus(from), Timing.PLAIN, null, null, SOME)
                            : ChordEvent.unread(symbol.unread(), bar, from, to.minus(from), SOME));
        }
    }

    private List<List<ChordEvent>> guessed() {
        List<List<HeardChord>> heard = ChordHearing.hear(drafts.stream()
                .map(bar ->
                        new SoundingBar(bar.sounding, bar.length, bar.offset(), bar.meter, keyTold ? bar.key : null))
                .toList());
        List<List<ChordEvent>> all = new ArrayList<>();
        for (int i = 0; i < heard.size(); i++) {
            List<ChordEvent> events = new ArrayList<>();
            for (HeardChord chord : heard.get(i)) {
                if (chord.isNoChord()) {
                    report.add(
                            Fate.LEFT_OUT,
                            "notes that make no chord with a name, marked N.C.",
                            BarLengths.number(drafts, i));
                }
                events.add(chord.event(i, chord.start(), chord.duration()));
                if (chord.isNamed()) {
                    report.add(Fate.GUESSED, "chords, named from the notes", BarLengths.number(drafts, i));
                }
            }
            all.add(events);
        }
        return all;
    }
}
