package com.zestythumb.core.arrangement;

import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.BarFilling;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.sheet.SheetNote;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;

/** Writes a left hand that was computed into the sheet, so that a teacher can change its notes. */
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

    /** The sheet with the left hand of some bars left to be found. */
    public static LeadSheet without(LeadSheet sheet, Set<Integer> bars) {
        return sheet.mapBars(bar -> bars.contains(bar.index()) ? bar.withLeft(List.of()) : bar);
    }

    /** The sheet with all that both hands play in it, and the fingers that are shown: for formats that hold notes alone. */
    public static LeadSheet withBothHands(Arrangement arrangement) {
        Map<Integer, List<TimedNote>> byBar =
                arrangement.accompaniment().stream().collect(Collectors.groupingBy(TimedNote::bar));
        return arrangement.sheet().mapBars(bar -> {
            List<TimedNote> notes = byBar.getOrDefault(bar.index(), List.of());
            List<TimedNote> right = notes.stream().filter(TimedNote::isRight).toList();
            Bar upper = right.isEmpty() ? bar : bar.withUpper(withTune(right, bar));
            List<TimedNote> left =
                    notes.stream().filter(note -> !note.isRight()).toList();
            return bar.left().isEmpty() && !left.isEmpty() ? upper.withLeft(voices(left, bar, true)) : upper;
        });
    }

    /** The voices of the upper staff, with what the right hand plays beside the tune. */
    private static List<List<SheetNote>> withTune(List<TimedNote> right, Bar bar) {
        List<List<SheetNote>> all = new ArrayList<>(bar.upper());
        List<SheetNote> struckWithTune = right.stream()
                .filter(note -> note.voice() == TimedNote.WITH_TUNE)
                .map(TimedNote::note)
                .toList();
        if (!all.isEmpty() && !struckWithTune.isEmpty()) {
            all.set(0, SheetNote.merged(all.get(0), struckWithTune));
        }
        List<TimedNote> others = right.stream()
                .filter(note -> note.voice() != TimedNote.WITH_TUNE)
                .toList();
        all.addAll(voices(others, bar, true));
        return all;
    }

    private static Bar written(Arrangement arrangement, Bar bar) {
        List<TimedNote> notes = arrangement.accompaniment().stream()
                .filter(note -> note.bar() == bar.index())
                .toList();
        if (notes.stream().anyMatch(TimedNote::isRight)) {
            return bar;
        }
        List<List<SheetNote>> voices = voices(notes, bar, false);
        return bar.withLeft(voices.isEmpty() ? List.of(voice(List.of(), bar.length(), false)) : voices);
    }

    private static List<List<SheetNote>> voices(List<TimedNote> notes, Bar bar, boolean fingered) {
        return notes.stream()
                .collect(Collectors.groupingBy(TimedNote::voice, TreeMap::new, Collectors.toList()))
                .values()
                .stream()
                .map(voice -> voice(voice, bar.length(), fingered))
                .toList();
    }

    /** A voice with rests in its gaps; a note that would sound into the next ends where that begins. */
    private static List<SheetNote> voice(List<TimedNote> notes, Fraction length, boolean fingered) {
        TreeMap<Fraction, List<TimedNote>> byOnset =
                notes.stream().collect(Collectors.groupingBy(TimedNote::onset, TreeMap::new, Collectors.toList()));
        List<SheetNote> voice = new ArrayList<>();
        for (Fraction onset : byOnset.keySet()) {
            Fraction next = byOnset.higherKey(onset);
            List<TimedNote> struck = byOnset.get(onset);
            Fraction lasts = struck.get(0).duration().min((next == null ? length : next).minus(onset));
            struck.forEach(note -> voice.add(
                    note.note().at(onset, lasts).withFinger(fingered && note.fingerShown() ? note.finger() : 0)));
        }
        return BarFilling.withRests(voice, length);
    }
}
