package com.zestythumb.core.arrangement;

import com.zestythumb.core.analysis.Analysis;
import com.zestythumb.core.harmonising.HomeKey;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.sheet.Transitions;
import java.util.BitSet;
import java.util.List;

/**
 * A lead sheet with what is heard in it, found once for as many left hands as are wanted.
 *
 * @param sheet with the signature of its key, where nobody told that
 * @param analysis what the progression does
 * @param transitions which chord follows which when it is played
 */
public record AnalysedSheet(LeadSheet sheet, Analysis analysis, Transitions transitions) {

    /** Hears a lead sheet; never fails, whatever chords it holds. */
    public static AnalysedSheet of(LeadSheet sheet) {
        Analysis analysis = Analysis.of(sheet);
        return new AnalysedSheet(HomeKey.signed(sheet, analysis), analysis, Transitions.of(sheet));
    }

    /** With a left hand that is computed where nobody wrote it. */
    public Arrangement arranged(Choices choices) {
        return new Arranger(this, choices, WrittenHand.of(sheet, sounding())).compute();
    }

    /** With hands that play these notes and no others; fingers are found for notes that have none. */
    public Arrangement written(Choices choices, List<TimedNote> notes) {
        BitSet all = new BitSet();
        all.set(0, sheet.bars().size());
        return new Arranger(this, choices, new WrittenHand(sounding(), notes, all)).compute();
    }

    /** The same with nothing in the bars but these, which keep their places; their chords are counted from 0. */
    public AnalysedSheet between(int fromBar, int toBar) {
        int first =
                (int) sounding().stream().filter(event -> event.bar() < fromBar).count();
        int end = (int) sounding().stream().filter(event -> event.bar() < toBar).count();
        return new AnalysedSheet(
                sheet.mapBars(bar -> bar.index() >= fromBar && bar.index() < toBar ? bar : bar.emptied()),
                analysis.between(first, end, note -> note.bar() >= fromBar && note.bar() < toBar),
                transitions.between(first, end));
    }

    List<ChordEvent> sounding() {
        return sheet.events().stream().filter(event -> !event.isSilent()).toList();
    }
}
