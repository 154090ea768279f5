package com.zestythumb.core.checking;

import com.zestythumb.core.arrangement.ArrangedChord;
import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Score.Part;
import com.zestythumb.core.arrangement.Score.Sound;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.voiceleading.Written;
import com.zestythumb.core.voiceleading.Written.Note;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Objects;
import java.util.TreeMap;
import java.util.stream.Stream;

/** What somebody wrote for the left hand, chord by chord, where the chart names the chord. */
final class WrittenTones {

    private static final int STEP = 2;

    private final Arrangement arrangement;
    private final NavigableMap<Fraction, List<Sound>> byTime = new TreeMap<>();

    private WrittenTones(Arrangement arrangement) {
        this.arrangement = arrangement;
        arrangement.score().sounds().stream()
                .filter(sound -> sound.part() == Part.LEFT)
                .forEach(sound -> byTime.computeIfAbsent(sound.from(), at -> new ArrayList<>())
                        .add(sound));
    }

    /** By the index of the chord; a chord that the ear named has none. */
    static Map<Integer, Written> of(Arrangement arrangement) {
        WrittenTones tones = new WrittenTones(arrangement);
        Map<Integer, Written> written = new TreeMap<>();
        for (ArrangedChord chord : arrangement.chords()) {
            if (chord.isWritten() && !chord.event().isGuess()) {
                written.put(chord.index(), tones.of(chord));
            }
        }
        return written;
    }

    private Written of(ArrangedChord chord) {
        Fraction from =
                arrangement.score().at(chord.event().bar(), chord.event().start());
        Fraction to = from.plus(chord.event().duration());
        List<Note> notes = new ArrayList<>();
        byTime.subMap(from, to)
                .forEach((at, struck) -> struck.forEach(sound ->
                        notes.add(new Note(sound.note().pitch(), at.equals(from), steps(sound), isForgotten(sound)))));
        List<Pitch> above = arrangement.score().sounds().stream()
                .filter(sound -> sound.part() != Part.LEFT)
                .filter(sound -> sound.to().compareTo(from) > 0 && sound.from().compareTo(to) < 0)
                .map(sound -> sound.note().pitch())
                .toList();
        return new Written(chord.chord(), notes, above);
    }

    /** Whether what is struck next before it or behind it lies a step away. */
    private boolean steps(Sound sound) {
        return Stream.of(byTime.lowerEntry(sound.from()), byTime.higherEntry(sound.from()))
                .filter(Objects::nonNull)
                .flatMap(struck -> struck.getValue().stream())
                .mapToInt(other -> Math.abs(other.key() - sound.key()))
                .anyMatch(apart -> apart > 0 && apart <= STEP);
    }

    /** Whether it is as the signature has it, and an accidental stood at its line before in this bar. */
    private boolean isForgotten(Sound sound) {
        Pitch pitch = sound.note().pitch();
        Bar bar = arrangement.sheet().bars().get(sound.note().bar());
        Fraction from = arrangement.score().at(bar.index(), Fraction.ZERO);
        return bar.key().signatureOf(pitch.pitchClass().letter())
                        == pitch.pitchClass().alteration()
                && byTime.subMap(from, sound.from()).values().stream()
                        .flatMap(List::stream)
                        .map(other -> other.note().pitch())
                        .anyMatch(other -> other.staffStep() == pitch.staffStep() && !other.equals(pitch));
    }
}
