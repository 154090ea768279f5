package com.zestythumb.core.exercise;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.exercise.Exercise.Place;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.pitch.PitchClass;
import com.zestythumb.core.sheet.Heading;
import com.zestythumb.core.voicing.ChordTone;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/** What helps where a chord is voiced: how it is made, then its notes, then one key after another; never what is given anyway. */
record PlayedHints(Exercise exercise, Place place, List<Integer> voiced) {

    /**
     * @param asked how often help was asked for here, from 1
     */
    Hint hint(int asked) {
        List<Integer> left = new ArrayList<>(voiced);
        List<Pitch> wanted = exercise.wanted(place).stream()
                .filter(pitch -> !left.remove((Integer) pitch.midi()))
                .toList();
        if (wanted.isEmpty()) {
            boolean waits = exercise.asked() == ExerciseKind.FIGURES
                    && !voiced.contains(place.voiced().first().lowest().midi());
            return waits ? Hint.said("play the bass that is given with it") : Hint.NONE;
        }
        return switch (asked) {
            case 1 -> Hint.said(made());
            case 2 ->
                Hint.said(exercise.asked() == ExerciseKind.BASS ? "it is the " + inBass() + " of the chord" : notes());
            default -> new Hint("", wanted.get(0).midi());
        };
    }

    private Chord chord() {
        return place.event().chord();
    }

    private String made() {
        List<String> members = chord().tones().stream()
                .map(tone -> ChordTone.of(chord(), tone).words())
                .toList();
        String kind = chord().quality().description();
        String made = (kind.matches("[aeiou].*") ? "an " : "a ") + kind + " chord: " + listed(members);
        if (exercise instanceof FourParts parts) {
            return parts.isOverBass()
                    ? "the bass is the " + inBass() + " of the chord"
                    : made + "; double the root rather than the third";
        }
        return switch (exercise.asked()) {
            case BASS -> "the lowest note is the root, unless another is named behind a slash";
            case INVERSIONS -> "the " + inBass() + " lies at the bottom";
            case FIGURES -> "the bass is the " + inBass() + " of the chord";
            default -> made;
        };
    }

    private String inBass() {
        return ChordTone.of(chord(), place.voiced().first().lowest().pitchClass())
                .words();
    }

    /** All its notes, and those that do not sound yet. */
    private String notes() {
        List<Integer> sounding = new ArrayList<>(voiced);
        place.key().stream()
                .filter(pitch -> !exercise.wanted(place).contains(pitch))
                .forEach(pitch -> sounding.add(pitch.midi()));
        List<PitchClass> missing = chord().tones().stream()
                .filter(tone -> sounding.stream().noneMatch(key -> Math.floorMod(key - tone.semitone(), 12) == 0))
                .toList();
        String all = "its notes are " + listed(names(chord().tones()));
        return missing.isEmpty()
                ? all + "; all of them are there: look at where they lie"
                : all + "; not there yet: " + listed(names(missing));
    }

    private List<String> names(List<PitchClass> notes) {
        Heading heading = exercise.key().sheet().heading();
        return notes.stream()
                .map(note -> heading.names().fromEnglish(note.pretty()))
                .collect(Collectors.toList());
    }

    private static String listed(List<String> words) {
        int last = words.size() - 1;
        return last < 1
                ? String.join("", words)
                : String.join(", ", words.subList(0, last)) + " and " + words.get(last);
    }
}
