package com.zestythumb.core.arrangement;

import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.BarFilling;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.sheet.SheetNote;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;

/** Writes a left hand that was reckoned into the sheet, so that a teacher can change its notes. */
public final class WrittenOut {

    private WrittenOut() {}

    /**
     * The sheet with the left hand as it is played in some bars; fingers stay to be found. A bar in which the right hand
     * plays some of it stays as it is, for it would lose that.
     *
     * @param bars by their index
     */
    public static LeadSheet of(Arrangement arrangement, Set<Integer> bars) {
        return arrangement
                .sheet()
                .mapBars(bar -> bars.contains(bar.index()) && bar.left().isEmpty() ? written(arrangement, bar) : bar);
    }

    /**
     * A sheet with the left hand that another arrangement of the tune has in some bars, as it is written there or played.
     *
     * @param bars by their index; those that the other has not stay
     */
    public static LeadSheet taken(LeadSheet sheet, Arrangement from, Set<Integer> bars) {
        LeadSheet written = of(from, bars);
        return sheet.mapBars(bar -> bars.contains(bar.index())
                        && bar.index() < written.bars().size()
                        && written.bars().get(bar.index()).length().equals(bar.length())
                ? bar.withLeft(written.bars().get(bar.index()).left())
                : bar);
    }

    /** The sheet with the left hand of some bars left to be reckoned. */
    public static LeadSheet without(LeadSheet sheet, Set<Integer> bars) {
        return sheet.mapBars(bar -> bars.contains(bar.index()) ? bar.withLeft(List.of()) : bar);
    }

    private static Bar written(Arrangement arrangement, Bar bar) {
        List<TimedNote> notes = arrangement.accompaniment().stream()
                .filter(note -> note.bar() == bar.index())
                .toList();
        if (notes.stream().anyMatch(TimedNote::isRight)) {
            return bar;
        }
        List<List<SheetNote>> voices = notes.stream()
                .collect(Collectors.groupingBy(TimedNote::voice, TreeMap::new, Collectors.toList()))
                .values()
                .stream()
                .map(voice -> voice(voice, bar.length()))
                .toList();
        return bar.withLeft(voices.isEmpty() ? List.of(voice(List.of(), bar.length())) : voices);
    }

    /** A voice with rests in its gaps; a note that would sound into the next ends where that begins. */
    private static List<SheetNote> voice(List<TimedNote> notes, Fraction length) {
        TreeMap<Fraction, List<TimedNote>> byOnset =
                notes.stream().collect(Collectors.groupingBy(TimedNote::onset, TreeMap::new, Collectors.toList()));
        List<SheetNote> voice = new ArrayList<>();
        for (Fraction onset : byOnset.keySet()) {
            Fraction next = byOnset.higherKey(onset);
            List<TimedNote> struck = byOnset.get(onset);
            Fraction lasts = struck.get(0).duration().min((next == null ? length : next).minus(onset));
            struck.forEach(note -> voice.add(note.note().at(onset, lasts).withFinger(0)));
        }
        return BarFilling.withRests(voice, length);
    }
}
