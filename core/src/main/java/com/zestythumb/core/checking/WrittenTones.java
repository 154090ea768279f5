package com.zestythumb.core.checking;

import com.zestythumb.core.arrangement.ArrangedChord;
import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Score.Moment;
import com.zestythumb.core.arrangement.Score.Part;
import com.zestythumb.core.arrangement.Score.Sound;
import com.zestythumb.core.arrangement.Surroundings;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.pitch.PitchClass;
import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.voiceleading.ChordWritten;
import com.zestythumb.core.voiceleading.ChordWritten.Note;
import com.zestythumb.core.voiceleading.Voice;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Stream;

/** What somebody wrote for both hands, chord by chord, where the chart names the chord. */
final class WrittenTones {

    private static final int STEP = 2;

    private final Arrangement arrangement;
    private final boolean sung;
    private final VoiceLines lines;
    private final Map<Part, NavigableMap<Fraction, List<Sound>>> byTime = new HashMap<>();

    WrittenTones(Arrangement arrangement, boolean sung, VoiceLines lines) {
        this.arrangement = arrangement;
        this.sung = sung;
        this.lines = lines;
        arrangement
                .score()
                .sounds()
                .forEach(sound -> byTime.computeIfAbsent(sound.part(), part -> new TreeMap<>())
                        .computeIfAbsent(sound.from(), at -> new ArrayList<>())
                        .add(sound));
    }

    /** By chord; one that the ear named, or the app plays, has none. */
    List<Placed<ChordWritten>> all() {
        boolean slashes = arrangement.chords().stream()
                .anyMatch(chord -> chord.chord().hasSlash() && !chord.event().isGuess());
        List<Placed<ChordWritten>> written = new ArrayList<>();
        NavigableMap<Fraction, Moment> moments = new TreeMap<>();
        arrangement.score().moments().forEach(moment -> moments.put(moment.at(), moment));
        for (ArrangedChord chord : arrangement.chords()) {
            if (chord.isWritten() && !chord.event().isGuess()) {
                written.add(Placed.at(chord.index(), of(chord, slashes, moments)));
            }
        }
        return written;
    }

    /** What is held where it begins, and what is struck while it lasts and does not anticipate the next chord. */
    private ChordWritten of(ArrangedChord chord, boolean slashes, NavigableMap<Fraction, Moment> moments) {
        Fraction from =
                arrangement.score().at(chord.event().bar(), chord.event().start());
        Fraction to = from.plus(chord.event().duration());
        List<Note> notes = new ArrayList<>();
        var before = moments.lowerEntry(from);
        if (before != null) {
            before.getValue()
                    .held(sound -> sound.to().isAfter(from))
                    .forEach(sound -> notes.add(note(sound, from, to)));
        }
        moments.subMap(from, to)
                .values()
                .forEach(moment -> moment.held(sound ->
                                moment.strikes(sound) && (sound.from().equals(from) || !anticipates(sound, chord, to)))
                        .forEach(sound -> notes.add(note(sound, from, to))));
        boolean last = chord.index() + 1 == arrangement.chords().size();
        return new ChordWritten(
                chord.chord(), notes, slashes, sung, last, Surroundings.key(arrangement.analysis(), chord.index()));
    }

    /** Whether it is one of the next chord's notes by name, none of this one's, and the last that its hand strikes before that begins. */
    private boolean anticipates(Sound sound, ArrangedChord chord, Fraction to) {
        if (chord.index() + 1 == arrangement.chords().size()) {
            return false;
        }
        PitchClass name = sound.note().pitch().pitchClass();
        List<PitchClass> next =
                arrangement.chords().get(chord.index() + 1).chord().tones();
        return next.contains(name) && !chord.chord().tones().contains(name) && isLastBefore(sound, to);
    }

    private boolean isLastBefore(Sound sound, Fraction to) {
        return byTime.get(sound.part()).subMap(sound.from(), false, to, false).isEmpty();
    }

    private Note note(Sound sound, Fraction from, Fraction to) {
        boolean before = sound.from().isBefore(from);
        Voice part = lines.voice(sound);
        // What lies through a whole chord and is none of its notes leans, and steps out.
        boolean whole = sound.from().equals(from) && !sound.to().isBefore(to);
        boolean steps = before || (part == null ? steps(sound, whole) : lines.steps(sound, whole));
        boolean left = sound.part() == Part.LEFT;
        Voice voice = part != null ? part : left ? Voice.MIDDLE : Voice.TOP;
        return new Note(
                voice, sound.note().pitch(), left, sound.from().equals(from), steps, !before && isForgotten(sound, to));
    }

    /** Whether what its hand strikes next before it or behind it lies a step away. */
    private boolean steps(Sound sound, boolean out) {
        NavigableMap<Fraction, List<Sound>> hand = byTime.get(sound.part());
        return Stream.of(
                        Optional.ofNullable(out ? null : hand.lowerEntry(sound.from())),
                        Optional.ofNullable(hand.higherEntry(sound.from())))
                .flatMap(Optional::stream)
                .flatMap(struck -> struck.getValue().stream())
                .mapToInt(other -> Math.abs(other.key() - sound.key()))
                .anyMatch(apart -> apart > 0 && apart <= STEP);
    }

    /**
     * Whether it is as the signature has it, and an accidental stood at its line before in this bar. A half step that goes on as a half step,
     * A – A flat – G, was meant, and so was the last note that leads into the next chord by step.
     */
    private boolean isForgotten(Sound sound, Fraction to) {
        Pitch pitch = sound.note().pitch();
        Bar bar = arrangement.sheet().bars().get(sound.note().bar());
        Fraction from = arrangement.score().at(bar.index(), Fraction.ZERO);
        return !isBetweenHalfSteps(sound)
                && !(isLastBefore(sound, to) && steps(sound, true))
                && bar.key().signatureOf(pitch.pitchClass().letter())
                        == pitch.pitchClass().alteration()
                && byTime.get(sound.part()).subMap(from, sound.from()).values().stream()
                        .flatMap(List::stream)
                        .map(other -> other.note().pitch())
                        .anyMatch(other -> other.staffStep() == pitch.staffStep() && !other.equals(pitch));
    }

    private boolean isBetweenHalfSteps(Sound sound) {
        NavigableMap<Fraction, List<Sound>> hand = byTime.get(sound.part());
        var before = hand.lowerEntry(sound.from());
        var after = hand.higherEntry(sound.from());
        return before != null
                && after != null
                && Stream.of(1, -1)
                        .anyMatch(up -> before.getValue().stream().anyMatch(other -> sound.key() - other.key() == up)
                                && after.getValue().stream().anyMatch(other -> other.key() - sound.key() == up));
    }
}
