package com.zestythumb.core.exercise;

import com.zestythumb.core.exercise.Exercise.Place;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.pitch.Spelling;
import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.BarFilling;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.SheetNote;
import com.zestythumb.core.voicing.Grip;
import com.zestythumb.core.voicing.Voicing;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/** Writes what is answered into a bar, and rests for what is not. */
final class AnswerVoice {

    /** Notes are written by sixteenths. */
    private static final Fraction GRID = Fraction.of(1, 4);

    private AnswerVoice() {}

    static List<SheetNote> of(Bar bar, List<Place> places, Map<Integer, Voicing> voiced) {
        List<SheetNote> notes = new ArrayList<>();
        for (Place place : places) {
            if (place.event().bar() == bar.index()) {
                Voicing voicing = voiced.get(place.chord());
                notes.addAll(voicing == null ? rest(place.event()) : struck(place.event(), voicing.grips()));
            }
        }
        return BarFilling.withRests(notes, bar.length());
    }

    static List<SheetNote> rest(ChordEvent event) {
        Fraction from = onGrid(event.start());
        Fraction to = onGrid(event.end());
        return from.isBefore(to) ? List.of(new SheetNote(null, from, to.minus(from))) : List.of();
    }

    /** One note for as long as its chord. */
    static List<SheetNote> held(ChordEvent event, Pitch pitch) {
        return rest(event).stream()
                .map(rest -> new SheetNote(pitch, rest.onset(), rest.duration()))
                .toList();
    }

    /** One grip after another, each with its share of the chord's time. */
    private static List<SheetNote> struck(ChordEvent event, List<Grip> grips) {
        List<SheetNote> notes = new ArrayList<>();
        Fraction share = event.duration().dividedBy(Fraction.of(grips.size()));
        for (int i = 0; i < grips.size(); i++) {
            Fraction from = onGrid(event.start().plus(share.times(Fraction.of(i))));
            Fraction to = onGrid(event.start().plus(share.times(Fraction.of(i + 1))));
            if (from.isBefore(to)) {
                grips.get(i).pitches().forEach(pitch -> notes.add(new SheetNote(pitch, from, to.minus(from))));
            }
        }
        return notes;
    }

    private static Fraction onGrid(Fraction time) {
        return Fraction.of(time.dividedBy(GRID).floor()).times(GRID);
    }

    /** A key by the name that its chord has for it, else as the music's key names it. */
    static Pitch spelled(Bar bar, ChordEvent event, int midi) {
        Pitch plain = Spelling.of(midi, bar.key());
        return Stream.concat(
                        event.chord().tones().stream(), Stream.of(event.chord().bass()))
                .filter(tone -> tone.soundsLike(plain.pitchClass()))
                .findFirst()
                .map(tone -> Spelling.as(tone, midi))
                .orElse(plain);
    }
}
