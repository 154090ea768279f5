package com.zestythumb.formats.musicxml;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.fingering.Side;
import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.BarSigns;
import com.zestythumb.core.sheet.BarText;
import com.zestythumb.core.sheet.Counts;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.sheet.Mark;
import com.zestythumb.formats.musicxml.MusicXmlWriter.Staves;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.audiveris.proxymusic.Attributes;
import org.audiveris.proxymusic.Barline;
import org.audiveris.proxymusic.MeasureNumbering;
import org.audiveris.proxymusic.MeasureNumberingValue;
import org.audiveris.proxymusic.Note;
import org.audiveris.proxymusic.Print;
import org.audiveris.proxymusic.ScorePartwise.Part.Measure;
import org.audiveris.proxymusic.StemValue;
import org.audiveris.proxymusic.YesNo;

/** Writes the bars: signs and words, then the tune on the upper staff, then the left hand. */
final class MeasureWriter {

    /** A single staff need not be named, nor its only voice: a third of the page's notes is less to send. */
    static final int ONLY_STAFF = 0;

    /** Letters of words over a bar. */
    private static final int LONGEST_LINE = 48;

    private final LeadSheet sheet;
    private final boolean page;
    private final boolean upper;
    private final boolean leftInTreble;
    private final BarLines barLines;
    private final MelodyStaff melody;
    private final HandStaff leftHand;
    private final HandStaff rightHand;
    private final boolean needsRightHand;
    private final Map<Integer, String> advice;
    private final Set<EngravingOption> options;
    private final PrintedAccidentals accidentals;

    /**
     * Gets ready to write.
     *
     * @param staves what is written; the app's page sets title, tempo, lines and numerals itself
     * @param counts what is counted below the tune, or the right hand where there is none, and below the left hand
     */
    MeasureWriter(Arrangement arrangement, Staves staves, Counts counts, Set<EngravingOption> options) {
        this.sheet = arrangement.sheet();
        this.options = options;
        this.accidentals = new PrintedAccidentals(options.contains(EngravingOption.BRACKETS));
        this.page = staves == Staves.PAGE;
        this.advice = arrangement.advice();
        this.needsRightHand = arrangement.needsRightHand();
        this.upper = !page || sheet.hasMelody() || needsRightHand;
        this.leftInTreble = arrangement.leftInTreble();
        this.barLines = new BarLines(sheet.bars());
        this.melody = new MelodyStaff(page, counts, arrangement);
        boolean analysed = !page && options.contains(EngravingOption.ANALYSIS);
        this.leftHand = new HandStaff(arrangement, page, analysed, counts, upper ? 2 : ONLY_STAFF, Side.LEFT);
        this.rightHand =
                new HandStaff(arrangement, page, analysed, sheet.hasMelody() ? Counts.NONE : counts, 1, Side.RIGHT);
    }

    List<Measure> measures() {
        if (sheet.bars().isEmpty()) {
            Bar empty = new Bar(
                    0,
                    1,
                    sheet.key(),
                    sheet.meter(),
                    sheet.meter().barLength(),
                    Fraction.ZERO,
                    BarSigns.NONE,
                    List.of(),
                    List.of(),
                    List.of(),
                    List.of(),
                    BarText.onLine(0));
            return List.of(measure(empty));
        }
        List<Measure> measures = sheet.bars().stream().map(this::measure).toList();
        new LedgerLines(options, measures).spare(upper ? 2 : 1);
        if (!page) {
            // The page's engraver turns them by the same rule.
            Stems stems = new Stems();
            measures.forEach(measure -> stems.write(measure.getNoteOrBackupOrForward()));
        }
        return measures;
    }

    private Measure measure(Bar bar) {
        Measure measure = new Measure();
        measure.setNumber(String.valueOf(bar.number()));
        if (bar.isPickup()) {
            measure.setImplicit(YesNo.YES);
        }
        List<Object> content = measure.getNoteOrBackupOrForward();
        if (!page && beginsLine(bar)) {
            Print print = new Print();
            print.setNewSystem(YesNo.YES);
            content.add(print);
        } else if (!page && bar.index() == 0) {
            content.add(numbering());
        }
        addIfAny(content, barLines.left(bar));
        addAttributes(bar, content);
        addWords(bar, content);
        if (upper) {
            content.addAll(leftHand.symbolsAbove(bar));
            addUpper(bar, content);
            content.add(Notes.backup(bar.length()));
        }
        content.addAll(leftHand.bar(bar));
        accidentals.write(content, bar.key());
        marks(bar, true).forEach(mark -> content.add(Headings.mark(mark)));
        if (page && bar.endsRepeat() && bar.timesPlayed() > 2) {
            content.add(Headings.words(bar.timesPlayed() + "×"));
        }
        addIfAny(content, barLines.right(bar));
        return measure;
    }

    /** Which bars have their numbers: usually those that begin a system. */
    private Print numbering() {
        MeasureNumbering numbering = new MeasureNumbering();
        numbering.setValue(
                options.contains(EngravingOption.NO_NUMBERS)
                        ? MeasureNumberingValue.NONE
                        : options.contains(EngravingOption.ALL_NUMBERS)
                                ? MeasureNumberingValue.MEASURE
                                : MeasureNumberingValue.SYSTEM);
        Print print = new Print();
        print.setMeasureNumbering(numbering);
        return print;
    }

    /** The tune with what the right hand plays below it; without a tune that hand alone. */
    private void addUpper(Bar bar, List<Object> content) {
        if (needsRightHand && !sheet.hasMelody()) {
            content.addAll(rightHand.bar(bar));
            return;
        }
        List<Object> tune = melody.bar(bar);
        List<Object> below = rightHand.below(bar);
        if (!below.isEmpty()) {
            tune.stream()
                    .filter(item -> item instanceof Note note && note.getPitch() != null && Stems.has(note))
                    .forEach(note -> Notes.stem((Note) note, StemValue.UP));
        }
        content.addAll(tune);
        content.addAll(below);
    }

    private static void addIfAny(List<Object> content, Barline line) {
        if (line != null) {
            content.add(line);
        }
    }

    private void addAttributes(Bar bar, List<Object> content) {
        if (bar.index() == 0) {
            content.add(Headings.attributes(sheet, upper, leftInTreble));
            if (!page) {
                content.add(Headings.tempo(sheet));
            }
            return;
        }
        Attributes change = Headings.change(sheet.bars().get(bar.index() - 1), bar);
        if (change != null) {
            content.add(change);
        }
    }

    private void addWords(Bar bar, List<Object> content) {
        if (bar.section() != null) {
            content.add(Headings.section(bar.section() + (page ? Notes.ROOM.repeat(2) : "")));
        }
        for (Mark mark : marks(bar, false)) {
            content.addAll(mark.loudness()
                    .map(sign -> SignTags.before(Set.of(sign), 1))
                    .orElseGet(() -> List.of(Headings.mark(mark))));
        }
        bar.text().notes().forEach(note -> content.add(Headings.words(page ? inLines(note) : note)));
        if (advice.containsKey(bar.index())) {
            content.add(Headings.words(advice.get(bar.index())));
        }
    }

    /** Words over a bar that are longer than a page is wide, in lines. */
    private static String inLines(String words) {
        StringBuilder out = new StringBuilder();
        int length = 0;
        for (String word : words.split(" ")) {
            boolean breaks = length > 0 && length + word.length() > LONGEST_LINE;
            out.append(length == 0 ? "" : breaks ? "\n" : " ").append(word);
            length = breaks ? word.length() : length + 1 + word.length();
        }
        return out.toString();
    }

    private static List<Mark> marks(Bar bar, boolean atEnd) {
        return bar.signs().marks().stream()
                .filter(mark -> mark.isAtEnd() == atEnd)
                .sorted()
                .toList();
    }

    /** The teacher's own lines are kept: a new line of the chart is a new system. */
    private boolean beginsLine(Bar bar) {
        return bar.index() > 0 && line(bar) != line(sheet.bars().get(bar.index() - 1));
    }

    private static int line(Bar bar) {
        return bar.text().span().line();
    }
}
