package com.zestythumb.core.arrangement;

import com.zestythumb.core.analysis.TuneNote;
import com.zestythumb.core.fingering.LineFingering;
import com.zestythumb.core.fingering.Side;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.sheet.SheetNote;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * Fingers of the right hand for the tune, joined from rest to rest; a note that leans on its chord has a strong one. Told
 * where teachers write them: at the beginning, and wherever the next finger is not the one that lies over the next key.
 *
 * @param byPlace the fingers that are told, 1 to 5
 */
public record TuneFingers(Map<Place, Integer> byPlace) {

    /** A note of the tune: index of its bar, and its place among the notes and rests of it, from 0. */
    public record Place(int bar, int place) {}

    public static final TuneFingers NONE = new TuneFingers(Map.of());

    /** In a rest so long the hand can go anywhere. */
    private static final Fraction LONG_REST = Fraction.of(1);

    public TuneFingers {
        byPlace = Map.copyOf(byPlace);
    }

    /** The finger that is told at a note; 0 where none is. */
    public int at(int bar, int place) {
        return byPlace.getOrDefault(new Place(bar, place), 0);
    }

    /** Finds the fingers that are told. O(notes). */
    static TuneFingers of(LeadSheet sheet, List<TuneNote> notes) {
        return of(sheet, notes, false);
    }

    /** Finds a finger for every note. O(notes). */
    public static TuneFingers ofEach(LeadSheet sheet, List<TuneNote> notes) {
        return of(sheet, notes, true);
    }

    private static TuneFingers of(LeadSheet sheet, List<TuneNote> notes, boolean each) {
        Set<Place> leaning = new HashSet<>();
        notes.stream().filter(TuneNote::stressed).forEach(note -> leaning.add(new Place(note.bar(), note.place())));
        Map<Place, Integer> told = new HashMap<>();
        Map<Place, Pitch> line = new LinkedHashMap<>();
        boolean held = false;
        for (Bar bar : sheet.bars()) {
            for (int i = 0; i < bar.melody().size(); i++) {
                SheetNote note = bar.melody().get(i);
                if (note.isRest() && !note.duration().isBefore(LONG_REST)) {
                    tell(line, leaning, told, each);
                    line.clear();
                } else if (!note.isRest() && !held) {
                    line.put(new Place(bar.index(), i), note.pitch());
                }
                held = !note.isRest() && note.tied();
            }
        }
        tell(line, leaning, told, each);
        return new TuneFingers(told);
    }

    private static void tell(Map<Place, Pitch> line, Set<Place> leaning, Map<Place, Integer> told, boolean each) {
        List<Place> places = List.copyOf(line.keySet());
        List<Pitch> notes = List.copyOf(line.values());
        Set<Integer> out = IntStream.range(0, places.size())
                .filter(i -> leaning.contains(places.get(i)))
                .boxed()
                .collect(Collectors.toSet());
        List<Integer> fingers = LineFingering.of(Side.RIGHT, notes, out);
        for (int i = 0; i < fingers.size(); i++) {
            boolean goesOn = !each
                    && i > 0
                    && fingers.get(i) - fingers.get(i - 1)
                            == notes.get(i).staffStep() - notes.get(i - 1).staffStep();
            if (!goesOn) {
                told.put(places.get(i), fingers.get(i));
            }
        }
    }
}
