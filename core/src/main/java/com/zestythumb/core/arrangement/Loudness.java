package com.zestythumb.core.arrangement;

import com.zestythumb.core.fingering.Side;
import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.sheet.NoteSign;
import com.zestythumb.core.sheet.SheetNote;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.TreeMap;

/**
 * How loud a hand plays by the signs on the page, from one to the next; between the ends of a hairpin evenly louder or softer.
 * What stands at the tune or over a bar is for both hands until the left has a sign of its own (common practice).
 */
public final class Loudness {

    /** Of 127, as sequencers play them (common practice); what bears no sign is moderately loud. */
    private static final Map<NoteSign, Integer> LEVELS = new EnumMap<>(Map.of(
            NoteSign.PPP, 20,
            NoteSign.PP, 33,
            NoteSign.P, 49,
            NoteSign.MP, 64,
            NoteSign.MF, 80,
            NoteSign.F, 96,
            NoteSign.FF, 112,
            NoteSign.FFF, 124));

    private static final double USUAL = 80;
    /** A hairpin that leads to no sign changes by as much as one sign to the next. */
    private static final double STEP = 16;

    private static final double STRESSED = 1.25;

    private final List<Fraction> barStarts;
    private final NavigableMap<Fraction, Double> levels = new TreeMap<>();

    /** For the notes of one hand; the tune is in the right. O(notes). */
    public Loudness(LeadSheet sheet, Side side) {
        barStarts = sheet.barStarts();
        NavigableMap<Fraction, NoteSign> hairpins = new TreeMap<>();
        levels.put(Fraction.ZERO, USUAL);
        for (Bar bar : sheet.bars()) {
            bar.signs().marks().stream()
                    .flatMap(mark -> mark.loudness().stream())
                    .forEach(sign -> levels.put(barStarts.get(bar.index()), (double) LEVELS.get(sign)));
            bar.allOfUpper().forEach(note -> add(bar, note, hairpins));
            if (side == Side.LEFT) {
                bar.allOfLeft().forEach(note -> add(bar, note, hairpins));
            }
        }
        hairpins.forEach((at, sign) -> open(at, sign, hairpins));
    }

    private void add(Bar bar, SheetNote note, Map<Fraction, NoteSign> hairpins) {
        for (NoteSign sign : note.signs()) {
            Fraction at = barStarts.get(bar.index()).plus(note.onset());
            if (LEVELS.containsKey(sign)) {
                levels.put(at, (double) LEVELS.get(sign));
            } else if (sign == NoteSign.LOUDER || sign == NoteSign.SOFTER) {
                hairpins.put(at, sign);
            } else if (sign.kind() == NoteSign.Kind.HAIRPIN) {
                // One over a single long note ends with it.
                hairpins.putIfAbsent(
                        note.signs().contains(NoteSign.LOUDER) || note.signs().contains(NoteSign.SOFTER)
                                ? at.plus(note.duration())
                                : at,
                        sign);
            }
        }
    }

    /** Lays the way of a hairpin that begins here: in quarter notes, each a little louder or softer. */
    private void open(Fraction at, NoteSign sign, NavigableMap<Fraction, NoteSign> hairpins) {
        Fraction end = hairpins.higherKey(at);
        if (sign != NoteSign.LOUDER && sign != NoteSign.SOFTER || end == null) {
            return;
        }
        double from = levels.floorEntry(at).getValue();
        Map.Entry<Fraction, Double> next = levels.higherEntry(at);
        boolean leads = next != null && next.getKey().compareTo(end) <= 0;
        Fraction until = leads ? next.getKey() : end;
        double to = leads ? next.getValue() : from + (sign == NoteSign.LOUDER ? STEP : -STEP);
        double length = until.minus(at).toDouble();
        for (Fraction time = at; time.compareTo(until) < 0; time = time.plus(Fraction.of(1, 2))) {
            levels.put(time, from + (to - from) * time.minus(at).toDouble() / length);
        }
        levels.putIfAbsent(until, to);
    }

    /** By how much a note is louder than one without any sign: 1 for as loud, 0.5 for half. */
    public double of(int bar, SheetNote note) {
        boolean stressed =
                note.signs().contains(NoteSign.ACCENT) || note.signs().contains(NoteSign.SFZ);
        double level = levels.floorEntry(barStarts.get(bar).plus(note.onset())).getValue();
        return level / USUAL * (stressed ? STRESSED : 1);
    }
}
