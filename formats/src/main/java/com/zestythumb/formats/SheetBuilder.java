package com.zestythumb.formats;

import com.zestythumb.core.harmonising.Harmoniser;
import com.zestythumb.core.harmonising.Level;
import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.BarSigns;
import com.zestythumb.core.sheet.BarText;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.Heading;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.sheet.SheetNote;
import com.zestythumb.core.sheet.TextSpan;
import com.zestythumb.core.stopping.StoppedException;
import com.zestythumb.formats.ImportReport.Fate;
import java.util.ArrayList;
import java.util.List;

/**
 * Makes a lead sheet of what a file told: chords between their symbols, a pickup, a melody that fills its
 * bars, and names for chords where no symbol is written.
 */
public final class SheetBuilder {

    /** Bars a chart holds. */
    public static final int MAX_BARS = 1000;

    private static final String LATER_BARS = "what comes after bar " + MAX_BARS + ", for a tune holds no more";

    private static final int BARS_IN_A_LINE = 4;

    private final ImportReport.Builder report;
    private final VoiceRepair voices;
    private final List<BroughtBar> drafts = new ArrayList<>();
    private Heading heading;
    private boolean keyTold = true;
    private boolean modeTold = true;
    private boolean majorMeant = true;
    private boolean tuneSpelled = true;

    public SheetBuilder(Heading heading, ImportReport.Builder report) {
        this.heading = heading;
        this.report = report;
        this.voices = new VoiceRepair(report);
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

    /** Says that the key is of a format whose programs write major unasked. */
    public void majorMayBeUnasked() {
        majorMeant = false;
    }

    /** Says that the file knows keys of the keyboard alone, so that the key of music spells the tune. */
    public void tuneIsUnspelled() {
        tuneSpelled = false;
    }

    /** The sheet and the report, with what plays in the file. */
    public Imported build(String format, Hands hands) {
        new BarLengths(drafts, report).repair().ifPresent(pickup -> heading = heading.withPickup(pickup));
        List<List<ChordEvent>> chords = new BroughtChords(drafts, report, keyTold).find();
        List<Bar> bars = new ArrayList<>();
        int line = 0;
        int number = 0;
        int inLine = BARS_IN_A_LINE;
        for (int i = 0; i < drafts.size(); i++) {
            StoppedException.ifInterrupted();
            BroughtBar draft = drafts.get(i);
            boolean breaks = draft.beginsLine || draft.section != null || inLine == BARS_IN_A_LINE;
            line += breaks ? 1 : 0;
            inLine = breaks ? 1 : inLine + 1;
            inLine -= draft.pickup ? 1 : 0;
            number += draft.pickup ? 0 : 1;
            bars.add(bar(i, draft, chords.get(i), number, line));
        }
        reportWhatWasRead(bars);
        return new Imported(
                finished(new LeadSheet(heading, VoiceRepair.tiesRepaired(bars))), report.build(format), hands);
    }

    /** With chords proposed where the tune has none, and in the key in which it is heard where none is told. */
    private LeadSheet finished(LeadSheet read) {
        LeadSheet sheet = keyTold ? read : new LeadSheet(read.heading().heardIn(read.key()), read.bars());
        BroughtKey keys = new BroughtKey(report, tuneSpelled);
        boolean bare = Harmoniser.isBare(sheet);
        if (keyTold && !modeTold) {
            sheet = keys.inItsMode(sheet);
        } else if (keyTold && !majorMeant) {
            sheet = keys.inMinorWhereItEndsThere(sheet);
        }
        if (bare) {
            report.add(Fate.GUESSED, "chords proposed for the tune, for it has none");
            sheet = Harmoniser.propose(sheet, Level.USUAL).sheet();
        }
        return keyTold ? sheet : keys.inItsKey(sheet);
    }

    private Bar bar(int i, BroughtBar draft, List<ChordEvent> chords, int number, int line) {
        return new Bar(
                        i,
                        number,
                        draft.key,
                        draft.meter,
                        draft.length,
                        draft.pickup ? draft.meter.barLength().minus(draft.length) : Fraction.ZERO,
                        new BarSigns(
                                draft.startsRepeat, draft.timesPlayed, draft.ending, draft.marks, draft.endsDouble),
                        chords,
                        List.of(),
                        List.of(),
                        draft.left.stream()
                                .map(voice -> voices.of(voice, draft.length, number, "notes of the left hand"))
                                .filter(voice -> !voice.isEmpty())
                                .toList(),
                        new BarText(
                                draft.section,
                                draft.notes.stream()
                                        .map(note -> note.replace("\"", "'"))
                                        .toList(),
                                draft.words.replace("|", " "),
                                List.of(),
                                "",
                                new TextSpan(line, 1, 1)))
                .withUpper(upper(draft, number));
    }

    private List<List<SheetNote>> upper(BroughtBar draft, int number) {
        List<SheetNote> tune =
                voices.of(SheetNote.merged(draft.melody, draft.withTune), draft.length, number, "melody notes");
        List<List<SheetNote>> upper = new ArrayList<>(List.of(tune));
        draft.beneath.stream()
                .map(voice -> voices.of(voice, draft.length, number, "notes beneath the tune"))
                .filter(voice -> !voice.isEmpty())
                .forEach(upper::add);
        return tune.isEmpty() ? List.of() : upper;
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
        long left = bars.stream()
                .flatMap(bar -> bar.allOfLeft().stream())
                .filter(note -> !note.isRest())
                .count();
        report.add(Fate.READ, bars.size() + (bars.size() == 1 ? " bar" : " bars"));
        if (chords > 0) {
            report.add(Fate.READ, chords + (chords == 1 ? " chord symbol" : " chord symbols"));
        }
        if (notes > 0) {
            report.add(Fate.READ, notes + " melody notes");
        }
        if (left > 0) {
            report.add(Fate.READ, left + " notes of the left hand");
        }
    }
}
