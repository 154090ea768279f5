package com.zestythumb.core.harmonising;

import com.zestythumb.core.analysis.Analysis;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.sheet.LeadSheet;
import java.util.Optional;
import java.util.function.BiPredicate;

/** The key of a tune as a whole, where it has one that can be told. */
public final class HomeKey {

    private HomeKey() {}

    /** The key that somebody told, else the one heard in the chords, or in the tune where most bars are open. */
    public static Optional<Key> of(LeadSheet sheet) {
        return sheet.heading().keyTold() ? Optional.of(sheet.key()) : of(sheet, Analysis.of(sheet));
    }

    /** As {@link #of(LeadSheet)}, of a tune that has been analysed. */
    public static Optional<Key> of(LeadSheet sheet, Analysis analysis) {
        if (sheet.heading().keyTold()) {
            return Optional.of(sheet.key());
        }
        return mostAre(sheet, (bar, event) -> event.isOpen()) ? TuneKey.of(sheet) : inChords(analysis);
    }

    /** The key to lay chords in: where none is clear the likeliest, and what was guessed before tells nothing. */
    public static Key likeliest(LeadSheet sheet) {
        if (sheet.heading().keyTold()) {
            return sheet.key();
        }
        Optional<Key> heard = mostAre(sheet, HarmonySlots::isWanted) ? Optional.empty() : inChords(Analysis.of(sheet));
        return heard.or(() -> TuneKey.of(sheet)).orElse(sheet.key());
    }

    private static boolean mostAre(LeadSheet sheet, BiPredicate<Bar, ChordEvent> what) {
        long count = sheet.bars().stream()
                .mapToLong(bar -> bar.events().stream()
                        .filter(event -> what.test(bar, event))
                        .count())
                .sum();
        return 2 * count > sheet.events().size();
    }

    private static Optional<Key> inChords(Analysis analysis) {
        return analysis.isClear() ? analysis.home() : Optional.empty();
    }

    /** The tune under the signature of the key in which it is heard; as it is where one is told or none is clear. */
    public static LeadSheet signed(LeadSheet sheet) {
        return sheet.heading().keyTold() ? sheet : signed(sheet, Analysis.of(sheet));
    }

    /** As {@link #signed(LeadSheet)}, of a tune that has been analysed. */
    public static LeadSheet signed(LeadSheet sheet, Analysis analysis) {
        return sheet.heading().keyTold()
                ? sheet
                : of(sheet, analysis).map(sheet::heardIn).orElse(sheet);
    }
}
