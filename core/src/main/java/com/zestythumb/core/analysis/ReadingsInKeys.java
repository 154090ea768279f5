package com.zestythumb.core.analysis;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.pitch.NoteNames;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.sheet.HeardAs;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/** Reads every chord of a tune in the key that was found for it. */
final class ReadingsInKeys {

    private static final int MOST_OTHERS = 4;

    private ReadingsInKeys() {}

    /** One for each chord. O(chords). */
    static List<Reading> of(List<ChordEvent> events, List<KeySpan> keys, NoteNames names) {
        List<Chord> chords = events.stream().map(ChordEvent::chord).toList();
        int[] before = nextOfAnotherName(chords, -1);
        int[] behind = nextOfAnotherName(chords, 1);
        List<Reading> readings = new ArrayList<>();
        for (KeySpan span : keys) {
            boolean blues = isBlues(chords, span);
            for (int i = span.from(); i < span.to(); i++) {
                Neighbourhood around = new Neighbourhood(
                        at(chords, before[i]),
                        chords.get(i),
                        at(chords, behind[i]),
                        behind[i] < 0 ? null : at(chords, behind[behind[i]]),
                        span.key());
                HarmonyReader reader = new HarmonyReader(around, blues, names);
                Reading found = reader.read();
                Reading reading = found.withOthers(others(reader, found, chords.get(i), keys, names));
                HeardAs heard = events.get(i).heardAs();
                readings.add(heard == null ? reading : reading.heardAs(heard, names));
            }
        }
        return readings;
    }

    /** Other names in this key, and what it is in the tune's other keys. */
    private static List<String> others(
            HarmonyReader reader, Reading found, Chord chord, List<KeySpan> keys, NoteNames names) {
        Set<String> others = new LinkedHashSet<>(reader.others());
        others.remove(found.numeral().toString());
        keys.stream()
                .map(KeySpan::key)
                .distinct()
                .filter(key -> !key.equals(found.key()))
                .forEach(key -> {
                    Numeral there = new HarmonyReader(Neighbourhood.alone(chord, key), false, names)
                            .read()
                            .numeral();
                    others.add(new HeardAs(there.toString(), key).write(names));
                });
        return others.stream().limit(MOST_OTHERS).toList();
    }

    private static Chord at(List<Chord> chords, int index) {
        return index < 0 ? null : chords.get(index);
    }

    /** For each chord the next of another name, forward (1) or back (−1): the same again is one chord to the ear. */
    private static int[] nextOfAnotherName(List<Chord> chords, int step) {
        int[] next = new int[chords.size()];
        int beyond = -1;
        for (int at = step > 0 ? chords.size() - 1 : 0; at >= 0 && at < chords.size(); at -= step) {
            int neighbour = at + step;
            boolean edge = neighbour < 0 || neighbour >= chords.size();
            beyond = edge ? -1 : chords.get(neighbour).equals(chords.get(at)) ? beyond : neighbour;
            next[at] = beyond;
        }
        return next;
    }

    /** Tonic and subdominant both with a minor seventh, the tonic more than once (common practice). */
    private static boolean isBlues(List<Chord> chords, KeySpan span) {
        int tonics = 0;
        int subdominants = 0;
        for (int i = span.from(); i < span.to(); i++) {
            if (ChordKind.of(chords.get(i)) == ChordKind.DOMINANT) {
                int aboveTonic =
                        Degrees.between(span.key().tonic(), chords.get(i).root());
                tonics += aboveTonic == 0 ? 1 : 0;
                subdominants += aboveTonic == 5 ? 1 : 0;
            }
        }
        return tonics > 1 && subdominants > 0;
    }
}
