package com.zestythumb.core.analysis;

import com.zestythumb.core.pitch.PitchClass;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.sheet.MelodyNote;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Finds how phrases end. */
final class Cadences {

    private final LeadSheet sheet;
    private final List<ChordEvent> events;
    private final List<Reading> readings;
    private final Places places;

    Cadences(LeadSheet sheet, List<ChordEvent> events, List<Reading> readings, Places places) {
        this.sheet = sheet;
        this.events = events;
        this.readings = readings;
        this.places = places;
    }

    List<Cadence> find() {
        List<Cadence> found = new ArrayList<>();
        for (int bar : places.phraseEnds()) {
            // What comes after the close in its bar leads on to the next phrase.
            for (int i = places.firstIn(bar);
                    i >= 0 && i < events.size() && events.get(i).bar() == bar;
                    i++) {
                Optional<Cadence> cadence = at(i, isLastIn(i, bar));
                if (cadence.isPresent()) {
                    found.add(cadence.get());
                    break;
                }
            }
        }
        return found;
    }

    private boolean isLastIn(int i, int bar) {
        return i + 1 == events.size() || events.get(i + 1).bar() != bar;
    }

    private Optional<Cadence> at(int i, boolean last) {
        Reading now = readings.get(i);
        Reading before = beforeArrival(i);
        int degree = degree(now, now);
        boolean home = degree == 0 && isConsonant(now);
        if (before != null && home && isDominant(before, now)) {
            return Optional.of(authentic(i, before, now));
        }
        if (!last) {
            return Optional.empty();
        }
        if (before != null && home && degree(before, now) == 5 && Kind.of(before.chord()) != Kind.DOMINANT) {
            return Optional.of(close(Cadence.Kind.PLAGAL, i, goes(before, now)));
        }
        boolean submediant = degree == (Degrees.isMinor(now.key()) ? 8 : 9) && now.role() == Role.DIATONIC;
        if (before != null && submediant && isDominant(before, now)) {
            return Optional.of(close(Cadence.Kind.DECEPTIVE, i, goes(before, now) + " and not home"));
        }
        if (degree == 7 && Kind.canLead(now.chord()) && now.chord().inversion() == 0) {
            boolean phrygian = before != null
                    && Degrees.isMinor(now.key())
                    && degree(before, now) == 5
                    && before.chord().inversion() == 1;
            return Optional.of(
                    phrygian
                            ? close(Cadence.Kind.PHRYGIAN, i, goes(before, now))
                            : close(Cadence.Kind.HALF, i, "the phrase stops on " + now.numeral()));
        }
        return Optional.empty();
    }

    /** What the chord was come to from: a chord that is struck again or held on arrived when it first came. */
    private Reading beforeArrival(int i) {
        int at = i - 1;
        while (at >= 0 && readings.get(at).chord().equals(readings.get(i).chord())) {
            at--;
        }
        return at < 0 ? null : readings.get(at);
    }

    private Cadence authentic(int i, Reading before, Reading now) {
        boolean roots = areRoots(before, now);
        boolean sung = endsOn(now.key().tonic(), events.get(i));
        String how = !roots
                ? ", not both written in root position"
                : !sheet.hasMelody()
                        ? ", both written in root position"
                        : sung
                                ? ", written in root position, and the tune ends on the keynote"
                                : ", the tune not on the keynote";
        boolean perfect = roots && (!sheet.hasMelody() || sung);
        return close(perfect ? Cadence.Kind.PERFECT : Cadence.Kind.AUTHENTIC, i, goes(before, now) + how);
    }

    private static String goes(Reading before, Reading now) {
        return before.numeral() + " goes to " + now.numeral();
    }

    private Cadence close(Cadence.Kind kind, int i, String reason) {
        double before = i == 0 ? 1 : readings.get(i - 1).confidence();
        return new Cadence(kind, i, reason, Math.min(before, readings.get(i).confidence()));
    }

    /** Half steps from the tonic of the one to the root of the other. */
    private static int degree(Reading of, Reading in) {
        return Degrees.between(in.key().tonic(), of.chord().root());
    }

    private static boolean isConsonant(Reading reading) {
        Kind kind = Kind.of(reading.chord());
        return kind == Kind.MAJOR || kind == Kind.MINOR || reading.role() == Role.BLUES;
    }

    private static boolean isDominant(Reading before, Reading in) {
        int degree = degree(before, in);
        Kind kind = Kind.of(before.chord());
        boolean dominant = degree == 7 && (Kind.canLead(before.chord()) || kind == Kind.SUSPENDED);
        boolean leadingTone = degree == 11 && kind.isDiminished();
        boolean substitute =
                before.role() == Role.TRITONE_SUBSTITUTE && before.numeral().of() == null;
        return dominant || leadingTone || substitute;
    }

    private static boolean areRoots(Reading before, Reading now) {
        return before.chord().inversion() == 0 && now.chord().inversion() == 0 && degree(before, now) == 7;
    }

    /** Whether the tune's last note over a chord is this one. */
    private boolean endsOn(PitchClass tonic, ChordEvent event) {
        MelodyNote sung = null;
        for (MelodyNote note : sheet.bars().get(event.bar()).melody()) {
            boolean within =
                    note.onset().compareTo(event.end()) < 0 && note.end().compareTo(event.start()) > 0;
            sung = within && !note.isRest() && note.duration().compareTo(Fraction.ZERO) > 0 ? note : sung;
        }
        return sung == null || sung.pitch().pitchClass().soundsLike(tonic);
    }
}
