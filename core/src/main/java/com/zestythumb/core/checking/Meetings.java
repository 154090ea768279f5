package com.zestythumb.core.checking;

import com.zestythumb.core.arrangement.ArrangedChord;
import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Surroundings;
import com.zestythumb.core.arrangement.TimedNote;
import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.pitch.Interval;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.pitch.PitchClass;
import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.SheetNote;
import com.zestythumb.core.voiceleading.Meeting;
import com.zestythumb.core.voicing.Member;
import com.zestythumb.core.voicing.Tone;
import com.zestythumb.core.voicing.TuneTerms;
import com.zestythumb.core.voicing.Voicing;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;

/** Finds where the accompaniment and the tune sound together. */
public final class Meetings {

    private Meetings() {}

    /** By the index of the chord, each meeting of two pitches once. O(notes of a bar squared). */
    static Map<Integer, Set<Meeting>> of(Arrangement arrangement) {
        Map<Integer, Set<Meeting>> meetings = new TreeMap<>();
        if (!arrangement.sheet().hasMelody()) {
            return meetings;
        }
        Set<List<Integer>> passing = Surroundings.passing(arrangement.analysis());
        Map<Integer, List<TimedNote>> byBar = arrangement.notes().stream()
                .filter(note -> note.chord() >= 0 && meetsTune(arrangement, note))
                .collect(Collectors.groupingBy(TimedNote::bar));
        byBar.forEach((index, notes) -> {
            Bar bar = arrangement.sheet().bars().get(index);
            for (int place = 0; place < bar.melody().size(); place++) {
                SheetNote tune = bar.melody().get(place);
                boolean passes = passing.contains(List.of(bar.index(), place));
                for (TimedNote note : notes) {
                    if (!tune.isRest() && isTogether(note, tune)) {
                        meetings.computeIfAbsent(note.chord(), chord -> new LinkedHashSet<>())
                                .add(meeting(arrangement, bar, note, tune, passes));
                    }
                }
            }
        });
        return meetings;
    }

    /** Where somebody else sings, no hand meets the tune. */
    private static boolean meetsTune(Arrangement arrangement, TimedNote note) {
        ArrangedChord chord = arrangement.chords().get(note.chord());
        return chord.isWritten()
                || !arrangement.choices().styleOf(chord.event()).style().leavesTune();
    }

    /**
     * How many chords ask more of the right hand than it has: keys that it cannot reach beside the tune, or that lie on the
     * tune's key or above it.
     */
    public static int tooMuchForTheRight(Arrangement arrangement) {
        int span = arrangement.choices().hand().span();
        Set<Integer> chords = new HashSet<>();
        for (TimedNote note : arrangement.notes()) {
            Bar bar = arrangement.sheet().bars().get(note.bar());
            for (SheetNote tune : note.isRight() ? bar.melody() : List.<SheetNote>of()) {
                if (!tune.isRest() && isTogether(note, tune)) {
                    int apart = tune.pitch().midi() - note.pitch().midi();
                    if (apart <= 0 || apart > span) {
                        chords.add(note.chord());
                    }
                }
            }
        }
        return chords.size();
    }

    private static boolean isTogether(TimedNote note, SheetNote tune) {
        Fraction end = note.onset().plus(note.duration());
        return tune.onset().compareTo(end) < 0 && tune.end().compareTo(note.onset()) > 0;
    }

    private static Meeting meeting(Arrangement arrangement, Bar bar, TimedNote note, SheetNote tune, boolean passes) {
        Fraction from = tune.onset().compareTo(note.onset()) > 0 ? tune.onset() : note.onset();
        PitchClass leading = Surroundings.leadingTone(arrangement.analysis(), note.chord());
        boolean leads = leading != null
                && note.pitch().pitchClass().soundsLike(leading)
                && tune.pitch().pitchClass().soundsLike(leading);
        return new Meeting(
                note.pitch(),
                tune.pitch(),
                !passes && !isNamed(arrangement, note, tune) && bar.isStrong(from),
                note.isSoft(),
                leads,
                isSpareThird(arrangement, note, tune));
    }

    /** A tension that the chart names is meant to rub. */
    private static boolean isNamed(Arrangement arrangement, TimedNote note, SheetNote tune) {
        Chord chord = arrangement.chords().get(note.chord()).chord();
        Tone tone = new Tone(note.pitch(), Member.of(chord, note.pitch().pitchClass()));
        return TuneTerms.isNamedTension(chord, tune.pitch(), tone);
    }

    private static boolean isSpareThird(Arrangement arrangement, TimedNote note, SheetNote tune) {
        Voicing voicing = arrangement.chords().get(note.chord()).voicing();
        PitchClass third = voicing.chord().root().plus(Interval.MAJOR_THIRD);
        long others = voicing.pitches().stream()
                .map(Pitch::pitchClass)
                .filter(tone -> !tone.soundsLike(third))
                .map(PitchClass::semitone)
                .distinct()
                .count();
        return others >= 2
                && note.pitch().pitchClass().soundsLike(third)
                && tune.pitch().pitchClass().soundsLike(third);
    }
}
