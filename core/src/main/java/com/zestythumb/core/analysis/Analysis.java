package com.zestythumb.core.analysis;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.pitch.NoteNames;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.sheet.HeardAs;
import com.zestythumb.core.sheet.LeadSheet;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What a progression does. Chords are counted among the sounding ones, from 0.
 *
 * @param keys the keys in their order, each chord in one of them; none where there are no chords
 * @param readings a reading for each chord
 * @param cadences how phrases end
 * @param progressions known rows of chords
 * @param weights how much to lean on each chord, 0 to 5
 * @param leans the chord in each phrase to lean into, and the one in which to let go
 * @param tune what each note of the tune is against its chord; rests are left out
 * @param contradiction what speaks against the key that the chart states, in a sentence; or empty
 */
public record Analysis(
        List<KeySpan> keys,
        List<Reading> readings,
        List<Cadence> cadences,
        List<Progression> progressions,
        List<Double> weights,
        List<Lean> leans,
        List<TuneNote> tune,
        String contradiction) {

    /** Where a phrase is heaviest and where it lets go, as chords. */
    public record Lean(int into, int release) {}

    /** Below this a key is no more than a guess. */
    private static final double CLEAR = 0.25;

    private static final double HEAVY = 3;
    private static final int MOST_OTHERS = 4;

    public Analysis {
        keys = List.copyOf(keys);
        readings = List.copyOf(readings);
        cadences = List.copyOf(cadences);
        progressions = List.copyOf(progressions);
        weights = List.copyOf(weights);
        leans = List.copyOf(leans);
        tune = List.copyOf(tune);
    }

    /** What speaks for a key: its own chords, and how often its dominant goes home; without full stop. */
    public String reason(KeySpan span) {
        List<Reading> inside = readings.subList(span.from(), span.to());
        long own = inside.stream()
                .filter(reading -> reading.role() == Role.DIATONIC)
                .count();
        int home = 0;
        for (int i = 1; i < inside.size(); i++) {
            boolean plain = inside.get(i - 1).numeral().of() == null;
            boolean arrives =
                    Degrees.between(span.key().tonic(), inside.get(i).chord().root()) == 0;
            home += plain && arrives && inside.get(i - 1).function() == Function.DOMINANT ? 1 : 0;
        }
        String chords =
                own + " of " + inside.size() + (inside.size() == 1 ? " chord is its own" : " chords are its own");
        return home == 0 ? chords : chords + ", its dominant goes home " + (home == 1 ? "once" : home + " times");
    }

    /** The key that the tune as a whole is in: of its keys the one that most chords are in, the first of equals. */
    public Optional<Key> home() {
        Map<Key, Integer> lengths = new LinkedHashMap<>();
        keys.forEach(span -> lengths.merge(span.key(), span.length(), Integer::sum));
        return lengths.keySet().stream().max(Comparator.comparingInt(lengths::get));
    }

    /** Whether a key can be told at all. */
    public boolean isClear() {
        return keys.stream().anyMatch(span -> span.confidence() >= CLEAR);
    }

    /** Analyses a tune; never fails. O(chords). */
    public static Analysis of(LeadSheet sheet) {
        List<ChordEvent> events =
                sheet.events().stream().filter(event -> !event.isSilent()).toList();
        Places places = new Places(sheet, events);
        List<KeySpan> keys = KeySearch.find(new Listening(sheet, events, places).heard());
        List<Reading> readings = readings(events, keys, sheet.heading().names());
        List<Double> weights = Weights.of(readings, sheet, events, places);
        return new Analysis(
                keys,
                readings,
                new Cadences(sheet, events, readings, places).find(),
                new Progressions(sheet, events, readings, places).find(),
                weights,
                leans(places, events, weights),
                TuneNotes.of(sheet),
                contradiction(sheet, events, keys));
    }

    /** In each phrase the heaviest chord that a lighter one follows; the later of equals. */
    private static List<Lean> leans(Places places, List<ChordEvent> events, List<Double> weights) {
        List<Lean> leans = new ArrayList<>();
        int from = 0;
        for (int end : places.phraseEnds()) {
            int heaviest = -1;
            int i = from;
            for (; i < events.size() && events.get(i).bar() <= end; i++) {
                boolean letsGo = i + 1 < events.size() && weights.get(i + 1) < weights.get(i);
                if (letsGo && (heaviest < 0 || weights.get(i) >= weights.get(heaviest))) {
                    heaviest = i;
                }
            }
            if (heaviest >= 0 && weights.get(heaviest) >= HEAVY) {
                leans.add(new Lean(heaviest, heaviest + 1));
            }
            from = i;
        }
        return leans;
    }

    private static String contradiction(LeadSheet sheet, List<ChordEvent> events, List<KeySpan> keys) {
        if (keys.isEmpty() || keys.get(0).confidence() < CLEAR) {
            return "";
        }
        Key stated = sheet.toldKey(sheet.bars().get(events.get(0).bar()));
        if (stated == null) {
            return "";
        }
        Key heard = keys.get(0).key();
        boolean same = stated.tonic().soundsLike(heard.tonic()) && Degrees.isMinor(stated) == Degrees.isMinor(heard);
        boolean returns = keys.stream().anyMatch(span -> span.key().equals(stated));
        NoteNames names = sheet.heading().names();
        return same || returns
                ? ""
                : "the chart says " + names.fromEnglish(stated.pretty()) + ", but it is heard in "
                        + names.fromEnglish(heard.pretty());
    }

    private static List<Reading> readings(List<ChordEvent> events, List<KeySpan> keys, NoteNames names) {
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
