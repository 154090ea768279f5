package com.zestythumb.core.analysis;

import com.zestythumb.core.pitch.PitchClass;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.sheet.SheetNote;
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
        int aboveTonic = aboveTonic(now, now);
        boolean home = aboveTonic == 0 && isConsonant(now);
        if (before != null && home && isDominant(before, now)) {
            return Optional.of(authentic(i, before, now));
        }
        if (!last) {
            return Optional.empty();
        }
        if (before != null
                && home
                && aboveTonic(before, now) == 5
                && ChordKind.of(before.chord()) != ChordKind.DOMINANT) {
            return Optional.of(close(Cadence.Close.PLAGAL, i, goes(before, now)));
        }
        boolean submediant = aboveTonic == (Degrees.isMinor(now.key()) ? 8 : 9) && now.role() == Role.DIATONIC;
        if (before != null && submediant && isDominant(before, now)) {
            return Optional.of(close(Cadence.Close.DECEPTIVE, i, goes(before, now) + " and not home"));
        }
        if (aboveTonic == 7 && ChordKind.canLead(now.chord()) && now.chord().bassMember() == 0) {
            boolean phrygian = before != null
                    && Degrees.isMinor(now.key())
                    && aboveTonic(before, now) == 5
                    && before.chord().quality().hasMinorThird()
                    && Degrees.between(now.key().tonic(), before.chord().bass()) == 8;
            return Optional.of(
                    phrygian
                            ? close(Cadence.Close.PHRYGIAN, i, goes(before, now))
                            : close(Cadence.Close.HALF, i, "the phrase stops on " + now.numeral()));
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
        return close(perfect ? Cadence.Close.PERFECT : Cadence.Close.AUTHENTIC, i, goes(before, now) + how);
    }

    private static String goes(Reading before, Reading now) {
        return before.numeral() + " goes to " + now.numeral();
    }

    private Cadence close(Cadence.Close kind, int i, String reason) {
        double before = i == 0 ? 1 : readings.get(i - 1).confidence();
        return new Cadence(kind, i, reason, Math.min(before, readings.get(i).confidence()));
    }

    /** Half steps from the tonic of the one to the root of the other. */
    private static int aboveTonic(Reading of, Reading in) {
        return Degrees.between(in.key().tonic(), of.chord().root());
    }

    private static boolean isConsonant(Reading reading) {
        ChordKind kind = ChordKind.of(reading.chord());
        return kind == ChordKind.MAJOR || kind == ChordKind.MINOR || reading.role() == Role.BLUES;
    }

    private static boolean isDominant(Reading before, Reading in) {
        int aboveTonic = aboveTonic(before, in);
        ChordKind kind = ChordKind.of(before.chord());
        boolean dominant = aboveTonic == 7 && (ChordKind.canLead(before.chord()) || kind == ChordKind.SUSPENDED);
        boolean leadingTone = aboveTonic == 11 && kind.isDiminished();
        boolean substitute =
                before.role() == Role.TRITONE_SUBSTITUTE && before.numeral().of() == null;
        return dominant || leadingTone || substitute;
    }

    private static boolean areRoots(Reading before, Reading now) {
        return before.chord().bassMember() == 0 && now.chord().bassMember() == 0 && aboveTonic(before, now) == 7;
    }

    /**
     * Whether the tune comes to rest on this note over a chord: on its last one, but that where the tune goes on after
     * the phrase, what is shorter behind its longest note leads there.
     */
    private boolean endsOn(PitchClass tonic, ChordEvent event) {
        boolean goesOn = event.bar() + 1 < sheet.bars().size();
        SheetNote rest = null;
        for (SheetNote note : sheet.bars().get(event.bar()).melody()) {
            boolean within = note.onset().isBefore(event.end()) && note.end().isAfter(event.start());
            boolean sung = within && !note.isRest() && note.duration().isPositive();
            if (sung && (rest == null || !goesOn || !note.duration().isBefore(rest.duration()))) {
                rest = note;
            }
        }
        return rest == null || rest.pitch().pitchClass().soundsLike(tonic);
    }
}
