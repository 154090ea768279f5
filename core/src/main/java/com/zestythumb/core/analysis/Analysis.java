package com.zestythumb.core.analysis;

import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.pitch.NoteNames;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.sheet.LeadSheet;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;

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
 * @param declared whether the chart states a key
 */
public record Analysis(
        List<KeySpan> keys,
        List<Reading> readings,
        List<Cadence> cadences,
        List<Progression> progressions,
        List<Double> weights,
        List<Lean> leans,
        List<TuneNote> tune,
        String contradiction,
        boolean declared) {

    /** Where a phrase is heaviest and where it lets go, as chords. */
    public record Lean(int into, int release) {}

    /** Below this a key is no more than a guess. */
    private static final double CLEAR = 0.25;

    public Analysis {
        keys = List.copyOf(keys);
        readings = List.copyOf(readings);
        cadences = List.copyOf(cadences);
        progressions = List.copyOf(progressions);
        weights = List.copyOf(weights);
        leans = List.copyOf(leans);
        tune = List.copyOf(tune);
    }

    /** What it says of some of the chords, which are counted from 0 then; nothing of rows and phrases. */
    public Analysis between(int from, int to, Predicate<TuneNote> which) {
        return new Analysis(
                keys.stream()
                        .filter(span -> span.from() < to && span.to() > from)
                        .map(span -> new KeySpan(
                                span.key(),
                                Math.max(span.from(), from) - from,
                                Math.min(span.to(), to) - from,
                                -1,
                                span.confidence(),
                                span.others()))
                        .toList(),
                readings.subList(from, to),
                cadences.stream()
                        .filter(cadence -> cadence.chord() >= from && cadence.chord() < to)
                        .map(cadence -> new Cadence(
                                cadence.kind(), cadence.chord() - from, cadence.reason(), cadence.confidence()))
                        .toList(),
                List.of(),
                weights.subList(from, to),
                List.of(),
                tune.stream().filter(which).toList(),
                contradiction,
                isClear());
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

    /** Whether a key can be told at all: somebody stated it, or it is heard well enough. */
    public boolean isClear() {
        return declared || keys.stream().anyMatch(span -> span.confidence() >= CLEAR);
    }

    /** Analyses a tune; never fails. O(chords). */
    public static Analysis of(LeadSheet sheet) {
        List<ChordEvent> events =
                sheet.events().stream().filter(event -> !event.isSilent()).toList();
        Places places = new Places(sheet, events);
        List<KeySpan> keys = KeySearch.find(new Listening(sheet, events, places).heard());
        List<Reading> readings = ReadingsInKeys.of(events, keys, sheet.heading().names());
        List<Double> weights = Weights.of(readings, sheet, events, places);
        return new Analysis(
                keys,
                readings,
                new Cadences(sheet, events, readings, places).find(),
                new Progressions(sheet, events, readings, places).find(),
                weights,
                Weights.leans(places, events, weights),
                TuneNotes.of(sheet),
                contradiction(sheet, events, keys),
                sheet.heading().keyTold());
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
                : "the chart says " + names.fromEnglish(stated.pretty()) + ", but it sounds like "
                        + names.fromEnglish(heard.pretty());
    }
}
