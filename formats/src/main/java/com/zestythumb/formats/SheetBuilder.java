package com.zestythumb.formats;

import com.zestythumb.core.harmonising.Harmoniser;
import com.zestythumb.core.harmonising.HomeKey;
import com.zestythumb.core.harmonising.Level;
import com.zestythumb.core.hearing.ChordHearing;
import com.zestythumb.core.hearing.HeardChord;
import com.zestythumb.core.hearing.SoundingBar;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.pitch.Spelling;
import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.BarSigns;
import com.zestythumb.core.sheet.BarText;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.sheet.ChordEvent.Touch;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.Guess;
import com.zestythumb.core.sheet.Heading;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.sheet.TextSpan;
import com.zestythumb.formats.ImportReport.Fate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Makes a lead sheet of what a file told: chords between their symbols, a pickup, a melody that fills its
 * bars, and names for chords where no symbol is written.
 */
public final class SheetBuilder {

    /** Bars a chart holds. */
    public static final int MAX_BARS = 1000;

    private static final String LATER_BARS = "what comes after bar " + MAX_BARS + ", for a tune holds no more";

    private static final int BARS_IN_A_LINE = 4;
    private static final Fraction EIGHTH = Fraction.of(1, 2);
    /** A place that says no more than that a symbol was written for itself. */
    private static final TextSpan SOME = new TextSpan(1, 1, 1);

    private final ImportReport.Builder report;
    private final TuneMender tunes;
    private final List<BroughtBar> drafts = new ArrayList<>();
    private Heading heading;
    private boolean keyTold = true;
    private boolean modeTold = true;
    private boolean tuneSpelled = true;

    public SheetBuilder(Heading heading, ImportReport.Builder report) {
        this.heading = heading;
        this.report = report;
        this.tunes = new TuneMender(report);
    }

    /** Adds the next bar; false once the tune is as long as it may be. */
    public boolean add(BroughtBar bar) {
        if (drafts.size() == MAX_BARS) {
            report.add(Fate.LEFT_OUT, LATER_BARS);
            return false;
        }
        drafts.add(bar);
        return true;
    }

    /** Whether nothing more fits; a reader may then stop, and the report says so. */
    public boolean isFull() {
        boolean full = drafts.size() == MAX_BARS;
        if (full) {
            report.add(Fate.LEFT_OUT, LATER_BARS);
        }
        return full;
    }

    public List<BroughtBar> bars() {
        return drafts;
    }

    public Heading heading() {
        return heading;
    }

    public void setHeading(Heading other) {
        heading = other;
    }

    /** Says that the key is one to be heard, for the file tells none. */
    public void keyIsUnknown() {
        keyTold = false;
    }

    /** Says that the file tells a signature and not of which of its keys. */
    public void modeIsUnknown() {
        modeTold = false;
    }

    /** Says that the file knows keys of the keyboard alone, so that the key of music spells the tune. */
    public void tuneIsUnspelled() {
        tuneSpelled = false;
    }

    /** The sheet and the report. */
    public Imported build(String format) {
        repairLengths();
        List<List<ChordEvent>> chords = chords();
        List<Bar> bars = new ArrayList<>();
        int line = 0;
        int number = 0;
        int inLine = BARS_IN_A_LINE;
        for (int i = 0; i < drafts.size(); i++) {
            BroughtBar draft = drafts.get(i);
            boolean breaks = draft.beginsLine || draft.section != null || inLine == BARS_IN_A_LINE;
            line += breaks ? 1 : 0;
            inLine = breaks ? 1 : inLine + 1;
            inLine -= draft.pickup ? 1 : 0;
            number += draft.pickup ? 0 : 1;
            bars.add(bar(i, draft, chords.get(i), number, line));
        }
        reportWhatWasRead(bars);
        return new Imported(finished(new LeadSheet(heading, TuneMender.tiesMended(bars))), report.build(format));
    }

    /** With chords proposed where the tune has none, and in the key in which it is heard where none is told. */
    private LeadSheet finished(LeadSheet read) {
        LeadSheet sheet = keyTold ? read : new LeadSheet(read.heading().heardIn(read.key()), read.bars());
        boolean bare = Harmoniser.isBare(sheet);
        if (keyTold && !modeTold) {
            sheet = inItsMode(sheet);
        }
        if (bare) {
            report.add(Fate.GUESSED, "chords proposed for the tune, for it has none");
            sheet = Harmoniser.propose(sheet, Level.USUAL).sheet();
        }
        return keyTold ? sheet : inItsKey(sheet);
    }

    private LeadSheet inItsKey(LeadSheet sheet) {
        Optional<Key> key = HomeKey.of(sheet);
        report.add(
                Fate.GUESSED,
                key.map(heard -> "heard in " + heard.pretty() + ", for the file tells no key")
                        .orElse("no clear key, so it is written without a signature"));
        return key.map(heard -> spelledIn(heard, sheet)).orElse(sheet);
    }

    /** Of the keys with its signature the one in which the tune is heard. */
    private LeadSheet inItsMode(LeadSheet sheet) {
        LeadSheet untold = sheet.mapBars(bar -> bar.withKey(sheet.key()));
        LeadSheet heard = new LeadSheet(sheet.heading().heardIn(sheet.key()), untold.bars());
        Key key = HomeKey.of(heard).orElse(sheet.key());
        if (key.equals(sheet.key()) || key.signature() != sheet.key().signature()) {
            return sheet;
        }
        report.add(Fate.GUESSED, "heard in " + key.pretty() + ", for the file tells only the signature");
        Key written = sheet.key();
        LeadSheet mended = sheet.mapBars(bar -> bar.key().equals(written) ? bar.withKey(key) : bar);
        return new LeadSheet(sheet.heading().withKey(key), mended.bars());
    }

    /** A tune that no file spells is spelled in the key in which it is heard. */
    private LeadSheet spelledIn(Key key, LeadSheet sheet) {
        LeadSheet heard = sheet.heardIn(key);
        return tuneSpelled
                ? heard
                : heard.mapBars(bar -> bar.withMelody(bar.melody().stream()
                        .map(note -> note.isRest()
                                ? note
                                : note.with(Spelling.of(note.pitch().midi(), key)))
                        .toList()));
    }

    private Bar bar(int i, BroughtBar draft, List<ChordEvent> chords, int number, int line) {
        return new Bar(
                i,
                number,
                draft.key,
                draft.meter,
                draft.length,
                draft.pickup ? draft.meter.barLength().minus(draft.length) : Fraction.ZERO,
                new BarSigns(draft.startsRepeat, draft.timesPlayed, draft.ending, draft.marks),
                chords,
                tunes.of(draft, number),
                new BarText(
                        draft.section,
                        draft.notes.stream()
                                .map(note -> note.replace("\"", "'"))
                                .toList(),
                        draft.words.replace("|", " "),
                        List.of(),
                        "",
                        new TextSpan(line, 1, 1)));
    }

    /** What a teacher calls a bar: a pickup completes the bar before it. */
    private int number(int i) {
        int pickups = 0;
        for (int before = 0; before <= i; before++) {
            pickups += drafts.get(before).pickup ? 1 : 0;
        }
        return i + 1 - pickups;
    }

    /**
     * A short first bar is a pickup. Where a repeat or a section parts a bar in two, both parts stay short,
     * and so does a last bar that completes the pickup; any other bar is brought to its meter.
     */
    private void repairLengths() {
        for (int i = 0; i < drafts.size(); i++) {
            BroughtBar bar = drafts.get(i);
            Fraction full = bar.meter.barLength();
            BroughtBar next = i + 1 < drafts.size() ? drafts.get(i + 1) : null;
            boolean writable = bar.length.times(2).isWhole() && bar.length.compareTo(Fraction.ZERO) > 0;
            if (bar.pickup || bar.length.equals(full)) {
                continue;
            }
            if (bar.length.compareTo(full) > 0) {
                report.add(Fate.LEFT_OUT, "what goes beyond the meter, in bars that are too long", number(i));
                bar.length = full;
            } else if (i == 0 && next != null && writable) {
                bar.pickup = true;
                heading = heading.withPickup(bar.length);
            } else if (writable
                    && next != null
                    && completes(bar, next)
                    && next.length.times(2).isWhole()) {
                next.pickup = true;
            } else if (writable && closesARound(bar, i)) {
                // Short on purpose: the pickup follows when it is played again.
                continue;
            } else {
                report.add(Fate.REPAIRED, "bars that are too short, filled up with a rest", number(i));
                bar.length = full;
            }
        }
    }

    private static boolean completes(BroughtBar bar, BroughtBar next) {
        boolean parted = bar.timesPlayed > 1 || next.startsRepeat || next.section != null;
        return parted && bar.length.plus(next.length).equals(bar.meter.barLength());
    }

    private boolean closesARound(BroughtBar bar, int i) {
        boolean ends = bar.timesPlayed > 1 || i == drafts.size() - 1;
        Fraction lacking = bar.meter.barLength().minus(bar.length);
        boolean anyPickup = drafts.stream().limit(i).anyMatch(b -> b.pickup && b.length.equals(lacking));
        return ends && anyPickup;
    }

    private List<List<ChordEvent>> chords() {
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
                if (start.compareTo(bar.length) >= 0) {
                    report.add(Fate.LEFT_OUT, "chord symbols behind the end of their bar", number(i));
                    continue;
                }
                addUntil(events, current, i, at, start);
                at = at.compareTo(start) > 0 ? at : start;
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
        if (from.compareTo(to) < 0) {
            // A span of its own keeps a repeated chord from being written as held.
            events.add(
                    symbol.unread().isEmpty()
                            ? new ChordEvent(symbol.chord(), bar, from, to.minus(from), Touch.PLAIN, null, null, SOME)
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
                    report.add(Fate.LEFT_OUT, "notes that make no chord with a name, marked N.C.", number(i));
                }
                if (!chord.isNamed()) {
                    events.add(new ChordEvent(null, i, chord.start(), chord.duration(), Touch.PLAIN, null, null, SOME));
                } else {
                    events.add(new ChordEvent(
                            chord.name(), i, chord.start(), chord.duration(), Touch.PLAIN, guess(chord), null, SOME));
                    report.add(Fate.GUESSED, "chords, named from the notes", number(i));
                }
            }
            all.add(events);
        }
        return all;
    }

    private static Guess guess(HeardChord chord) {
        return new Guess(
                percent(chord.confidence()),
                chord.others().stream()
                        .map(other -> new Guess.Other(other.chord(), percent(other.odds())))
                        .toList());
    }

    private static int percent(double odds) {
        return (int) Math.max(1, Math.min(99, Math.round(100 * odds)));
    }

    private void reportWhatWasRead(List<Bar> bars) {
        long chords = bars.stream()
                .flatMap(bar -> bar.events().stream())
                .filter(e -> !e.isSilent() && !e.isGuess())
                .count();
        long notes = bars.stream()
                .flatMap(bar -> bar.melody().stream())
                .filter(note -> !note.isRest())
                .count();
        report.add(Fate.READ, bars.size() + (bars.size() == 1 ? " bar" : " bars"));
        if (chords > 0) {
            report.add(Fate.READ, chords + (chords == 1 ? " chord symbol" : " chord symbols"));
        }
        if (notes > 0) {
            report.add(Fate.READ, notes + " melody notes");
        }
    }
}
