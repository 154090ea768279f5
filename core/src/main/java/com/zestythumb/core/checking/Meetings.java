package com.zestythumb.core.checking;

import com.zestythumb.core.arrangement.ArrangedChord;
import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Score.Moment;
import com.zestythumb.core.arrangement.Score.Part;
import com.zestythumb.core.arrangement.Score.Sound;
import com.zestythumb.core.arrangement.Surroundings;
import com.zestythumb.core.arrangement.TimedNote;
import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.pitch.Interval;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.pitch.PitchClass;
import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.voiceleading.HandRules;
import com.zestythumb.core.voiceleading.VerticalInterval;
import com.zestythumb.core.voicing.ChordContext;
import com.zestythumb.core.voicing.ChordTone;
import com.zestythumb.core.voicing.Tone;
import com.zestythumb.core.voicing.Voicing;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.function.BiConsumer;

/** Finds where the accompaniment and the tune sound together. */
public final class Meetings {

    private Meetings() {}

    /** Each meeting of two pitches once a chord. */
    static List<Placed<VerticalInterval>> of(Arrangement arrangement) {
        Set<Placed<VerticalInterval>> meetings = new LinkedHashSet<>();
        Set<List<Integer>> passing = Surroundings.passing(arrangement.analysis());
        each(arrangement, (note, tune) -> {
            if (note.note().chord() >= 0 && meetsTune(arrangement, note.note())) {
                boolean passes = passing.contains(List.of(tune.note().bar(), tune.place()));
                meetings.add(Placed.at(note.note().chord(), meeting(arrangement, note, tune, passes)));
            }
        });
        return List.copyOf(meetings);
    }

    /** Every key of the accompaniment and every note of the tune that come to be held together. */
    private static void each(Arrangement arrangement, BiConsumer<Sound, Sound> met) {
        for (Moment moment : arrangement.score().moments()) {
            for (Sound tune : moment.held(sound -> sound.part() == Part.TUNE)) {
                for (Sound note : moment.held(sound -> sound.part() != Part.TUNE)) {
                    if (moment.strikes(tune) || moment.strikes(note)) {
                        met.accept(note, tune);
                    }
                }
            }
        }
    }

    /** Where somebody else sings, no hand meets the tune. */
    static boolean meetsTune(Arrangement arrangement, TimedNote note) {
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
        each(arrangement, (note, tune) -> {
            int apart = tune.key() - note.key();
            if (note.part() == Part.RIGHT && (apart <= 0 || apart > span)) {
                chords.add(note.note().chord());
            }
        });
        return chords.size();
    }

    private static VerticalInterval meeting(Arrangement arrangement, Sound low, Sound sung, boolean passes) {
        TimedNote note = low.note();
        TimedNote tune = sung.note();
        TimedNote later = sung.from().isAfter(low.from()) ? tune : note;
        Bar bar = arrangement.sheet().bars().get(later.bar());
        // A half step that rubs for a beat is heard as on a strong one.
        Fraction rubs = low.to().min(sung.to()).minus(later.equals(tune) ? sung.from() : low.from());
        boolean strong = bar.isStrong(later.onset())
                || Math.abs(sung.key() - low.key()) == 1
                        && !rubs.isBefore(bar.meter().beatLength());
        return new VerticalInterval(
                note.pitch(),
                tune.pitch(),
                !passes && strong && !isNamed(arrangement, note, tune),
                note.isSoft(),
                isSpareThird(arrangement, note, tune));
    }

    /** A tension that the chart names is meant to rub. */
    private static boolean isNamed(Arrangement arrangement, TimedNote note, TimedNote tune) {
        Chord chord = arrangement.chords().get(note.chord()).chord();
        Tone tone = new Tone(note.pitch(), ChordTone.of(chord, note.pitch().pitchClass()));
        return HandRules.isNamedTension(chord, tune.pitch(), tone);
    }

    private static boolean isSpareThird(Arrangement arrangement, TimedNote note, TimedNote tune) {
        Voicing voicing = arrangement.chords().get(note.chord()).voicing();
        PitchClass third = voicing.chord().root().plus(Interval.MAJOR_THIRD);
        Key key = Surroundings.key(arrangement.analysis(), note.chord());
        // A leading tone is told as such.
        if (key != null && ChordContext.leadingTone(key).soundsLike(third)) {
            return false;
        }
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
