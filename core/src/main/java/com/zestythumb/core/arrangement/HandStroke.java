package com.zestythumb.core.arrangement;

import com.zestythumb.core.arrangement.Score.Part;
import com.zestythumb.core.arrangement.Score.Sound;
import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.voicing.ChordTone;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.stream.IntStream;

/**
 * What the left hand strikes at one time.
 *
 * @param onset quarter notes after its chord begins; below 0 where it comes early
 * @param keys as MIDI key numbers
 * @param sounds the same as they sound
 */
record HandStroke(Fraction onset, SortedSet<Integer> keys, List<Sound> sounds) {

    /** By the index of the chord, in time. */
    static Map<Integer, List<HandStroke>> byChord(Arrangement arrangement) {
        Map<Integer, List<HandStroke>> byChord = new HashMap<>();
        for (Sound sound : arrangement.score().sounds()) {
            int chord = sound.note().chord();
            if (sound.part() != Part.LEFT || chord < 0) {
                continue;
            }
            ChordEvent event = arrangement.chords().get(chord).event();
            Fraction onset = sound.from().minus(arrangement.score().at(event.bar(), event.start()));
            List<HandStroke> strokes = byChord.computeIfAbsent(chord, index -> new ArrayList<>());
            HandStroke last = strokes.isEmpty() ? null : strokes.get(strokes.size() - 1);
            if (last == null || !last.onset.equals(onset)) {
                last = new HandStroke(onset, new TreeSet<>(), new ArrayList<>());
                strokes.add(last);
            }
            last.keys.add(sound.key());
            last.sounds.add(sound);
        }
        return byChord;
    }

    /** All keys of some strokes, each once, from the lowest. */
    static List<Integer> keys(List<HandStroke> strokes) {
        return strokes.stream()
                .flatMap(stroke -> stroke.keys.stream())
                .distinct()
                .sorted()
                .toList();
    }

    /** Whether a key is held over the next stroke. */
    static boolean isHeld(List<HandStroke> strokes) {
        return IntStream.range(1, strokes.size())
                .anyMatch(i -> strokes.get(i - 1)
                        .isHeldFor(
                                strokes.get(i).onset().minus(strokes.get(i - 1).onset())));
    }

    /** Which members of its chord they are, from the lowest. */
    List<ChordTone> members(Chord chord) {
        return sounds.stream()
                .map(sound -> ChordTone.of(chord, sound.note().pitch().pitchClass()))
                .toList();
    }

    /** How long its highest key is held. */
    Fraction top() {
        Sound top = sounds.get(sounds.size() - 1);
        return top.to().minus(top.from());
    }

    int lowest() {
        return keys.first();
    }

    boolean isSingle() {
        return keys.size() == 1;
    }

    /** Two keys an octave apart. */
    boolean isOctave() {
        return keys.size() == 2 && keys.last() - keys.first() == 12;
    }

    /** Whether one of its keys is held when another stroke comes so much later. */
    private boolean isHeldFor(Fraction time) {
        return sounds.stream().anyMatch(sound -> sound.to().minus(sound.from()).isAfter(time));
    }
}
