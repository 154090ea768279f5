package com.zestythumb.formats.musicxml;

import com.zestythumb.core.arrangement.TimedNote;
import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.Tuplet;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeMap;
import java.util.stream.Collectors;

/** Notes struck together, or a rest where there are none. */
record Moment(Fraction onset, Fraction duration, List<TimedNote> notes) {

    Fraction end() {
        return onset.plus(duration);
    }

    boolean isRest() {
        return notes.isEmpty();
    }

    Tuplet tuplet() {
        return isRest() ? null : notes.get(0).tuplet();
    }

    /** A voice as struck moments with rests between, filling the bar. */
    static List<Moment> fill(Bar bar, List<TimedNote> notes) {
        TreeMap<Fraction, List<TimedNote>> byOnset =
                notes.stream().collect(Collectors.groupingBy(TimedNote::onset, TreeMap::new, Collectors.toList()));
        // Silences are written apart, so that each has its place.
        List<Fraction> silences = bar.events().stream()
                .filter(ChordEvent::isSilent)
                .map(ChordEvent::start)
                .toList();
        List<Moment> moments = new ArrayList<>();
        Fraction at = Fraction.ZERO;
        for (var entry : byOnset.entrySet()) {
            addRest(moments, at, entry.getKey(), silences);
            Fraction next = byOnset.higherKey(entry.getKey());
            Fraction room = (next == null ? bar.length() : next).minus(entry.getKey());
            Fraction duration = entry.getValue().get(0).duration().min(room);
            Moment moment = new Moment(entry.getKey(), duration, entry.getValue());
            moments.add(moment);
            at = moment.end();
        }
        addRest(moments, at, bar.length(), silences);
        return moments;
    }

    private static void addRest(List<Moment> moments, Fraction from, Fraction to, List<Fraction> cuts) {
        Fraction at = from;
        for (Fraction cut : cuts) {
            if (cut.compareTo(at) > 0 && cut.compareTo(to) < 0) {
                moments.add(new Moment(at, cut.minus(at), List.of()));
                at = cut;
            }
        }
        if (at.compareTo(to) < 0) {
            moments.add(new Moment(at, to.minus(at), List.of()));
        }
    }
}
