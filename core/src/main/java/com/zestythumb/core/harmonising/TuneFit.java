package com.zestythumb.core.harmonising;

import com.zestythumb.core.pitch.PitchClass;
import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.sheet.SheetNote;
import java.util.ArrayList;
import java.util.List;

/**
 * What it costs to lay a chord under a stretch of the tune. A strong note has to belong to its chord or resolve by
 * step; a weak one may pass (common practice of harmonising a melody).
 */
final class TuneFit {

    /** More than any way round it would cost. */
    static final double FORBIDDEN = 60;

    private static final double LEANS = 1.5;

    /** On the bar's second strong beat, between two steps the same way. */
    private static final double LEANS_IN_PASSING = 0.9;

    private static final double PASSES = 0.35;
    private static final double LEAPS = 1.6;
    private static final double SEVENTH = 0.15;
    private static final double SEVENTH_LEAPS = 0.9;
    private static final double HELD_OVER = 0.9;
    private static final double SHORTEST = 0.5;

    /** A note of the tune with how it is left. */
    private record Sung(Bar bar, SheetNote note, boolean strong, boolean resolves, boolean passes) {}

    private final List<List<Sung>> bars = new ArrayList<>();

    TuneFit(LeadSheet sheet) {
        List<SheetNote> line = new ArrayList<>();
        List<Bar> places = new ArrayList<>();
        for (Bar bar : sheet.bars()) {
            bars.add(new ArrayList<>());
            for (SheetNote note : bar.melody()) {
                if (!note.isRest()) {
                    line.add(note);
                    places.add(bar);
                }
            }
        }
        for (int i = 0; i < line.size(); i++) {
            SheetNote note = line.get(i);
            int next = i + 1;
            while (next < line.size()
                    && line.get(next).pitch().midi() == note.pitch().midi()
                    && line.get(next - 1).tied()) {
                next++;
            }
            int out = next < line.size()
                    ? line.get(next).pitch().midi() - note.pitch().midi()
                    : 0;
            int in = i > 0 ? note.pitch().midi() - line.get(i - 1).pitch().midi() : 0;
            boolean passes = isStep(in) && isStep(out) && Integer.signum(in) == Integer.signum(out);
            bars.get(places.get(i).index())
                    .add(new Sung(places.get(i), note, places.get(i).isStrong(note.onset()), isStep(out), passes));
        }
    }

    private static boolean isStep(int halfSteps) {
        return Math.abs(halfSteps) == 1 || Math.abs(halfSteps) == 2;
    }

    /** The price of a chord from a place to another in a bar. */
    double price(Choice choice, int bar, Fraction from, Fraction to) {
        double price = 0;
        for (Sung sung : bars.get(bar)) {
            SheetNote note = sung.note();
            PitchClass name = note.pitch().pitchClass();
            Fraction on = note.onset().max(from);
            double length = note.end().min(to).minus(on).toDouble();
            if (length > 0 && !choice.has(name)) {
                boolean begins = on.equals(note.onset());
                price += Math.max(SHORTEST, length)
                        * (choice.takesAsSeventh(name) ? seventh(sung) : foreign(sung, begins));
            }
        }
        return price;
    }

    /** A seventh in the tune goes on by step (common practice). */
    private static double seventh(Sung sung) {
        return sung.resolves() ? SEVENTH : SEVENTH_LEAPS;
    }

    private static double foreign(Sung sung, boolean begins) {
        if (!begins) {
            return HELD_OVER;
        }
        if (sung.strong()) {
            boolean first = sung.note().onset().plus(sung.bar().offset()).equals(Fraction.ZERO);
            return !sung.resolves() ? FORBIDDEN : sung.passes() && !first ? LEANS_IN_PASSING : LEANS;
        }
        return sung.resolves() ? PASSES : LEAPS;
    }

    /** Whether the tune has the seventh of a dominant from a place to another in a bar. */
    boolean singsTheSeventh(Choice choice, int bar, Fraction from, Fraction to) {
        return bars.get(bar).stream()
                .map(Sung::note)
                .anyMatch(note -> note.onset().isBefore(to)
                        && note.end().isAfter(from)
                        && choice.takesAsSeventh(note.pitch().pitchClass()));
    }

    /** The notes of a bar by which it is told whether another is alike. */
    String signature(int bar) {
        StringBuilder out = new StringBuilder();
        bars.get(bar)
                .forEach(sung -> out.append(sung.note().pitch())
                        .append('@')
                        .append(sung.note().onset())
                        .append('+')
                        .append(sung.note().duration())
                        .append(' '));
        return out.toString();
    }
}
