package com.zestythumb.core.checking;

import com.zestythumb.core.arrangement.ArrangedChord;
import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.TimedNote;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.Transitions.Transition;
import com.zestythumb.core.solving.VoicingTask;
import com.zestythumb.core.voiceleading.Shift;
import com.zestythumb.core.voiceleading.Sonority;
import com.zestythumb.core.voiceleading.Step;
import com.zestythumb.core.voicing.ChordTone;
import com.zestythumb.core.voicing.Grip;
import com.zestythumb.core.voicing.Voicing;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/** Finds the ways of the hands from chord to chord, as they follow one another when they are played, and from grip to grip. */
final class Passages {

    private static final int FINGERS = 5;

    private final Arrangement arrangement;
    private final List<Placed<Shift>> shifts = new ArrayList<>();
    private final List<Placed<Step>> steps = new ArrayList<>();

    private Passages(Arrangement arrangement) {
        this.arrangement = arrangement;
        arrangement.chords().forEach(this::addWithin);
        arrangement.transitions().pairs().forEach(this::addBetween);
    }

    /** Of the left hand, from grip to grip and from chord to chord. */
    static List<Placed<Shift>> shifts(Arrangement arrangement) {
        return new Passages(arrangement).shifts;
    }

    /** Of the voices, from chord to chord. */
    static List<Placed<Step>> steps(Arrangement arrangement) {
        return new Passages(arrangement).steps;
    }

    private void addBetween(Transition pair) {
        Voicing from = arrangement.chords().get(pair.from()).voicing();
        Voicing to = arrangement.chords().get(pair.to()).voicing();
        List<TimedNote> before = arrangement.notesOf(pair.from());
        List<TimedNote> here = arrangement.notesOf(pair.to());
        if (from.isSilent() || to.isSilent() || before.isEmpty() || here.isEmpty()) {
            return;
        }
        Fraction quarters = arrangement
                .transitions()
                .distance(pair)
                .plus(since(pair.to(), here.get(0)))
                .minus(since(pair.from(), before.get(before.size() - 1)));
        VoicingTask task = arrangement.leftHand().task();
        shifts.add(new Placed<>(
                new Shift(
                        left(from, before.get(before.size() - 1)),
                        to.first(),
                        seconds(quarters),
                        goesToAndFro(pair),
                        arrangement.chords().get(pair.to()).isWritten()),
                pair.to(),
                pair.from()));
        Sonority left = Sonority.ofHands(
                inVoices(arrangement.chords().get(pair.from())),
                task.around(pair.from()).lastOfTune(),
                isBroken(before),
                task.around(pair.from()).key());
        Sonority met = Sonority.ofHands(
                inVoices(arrangement.chords().get(pair.to())),
                task.around(pair.to()).firstOfTune(),
                isBroken(here),
                task.around(pair.from()).key());
        steps.add(new Placed<>(new Step(left, met), pair.to(), pair.from()));
    }

    /** Whether its notes come one by one. */
    private static boolean isBroken(List<TimedNote> notes) {
        return notes.size() > 2
                && notes.stream().map(TimedNote::onset).distinct().count() > 2;
    }

    /** A chord that somebody wrote, struck together or broken up over as many keys as a hand has fingers, has a voice on each. */
    static Voicing inVoices(ArrangedChord chord) {
        Voicing voicing = chord.voicing();
        List<Pitch> keys = voicing.grips().stream()
                .flatMap(grip -> grip.pitches().stream())
                .distinct()
                .sorted()
                .toList();
        boolean plain = voicing.right().isEmpty()
                && keys.size() <= FINGERS
                && keys.stream().noneMatch(key -> ChordTone.of(chord.chord(), key.pitchClass()) == ChordTone.FOREIGN);
        return chord.isWritten() && plain ? Voicing.inOneGrip(chord.chord(), keys) : voicing;
    }

    /** Whether the style makes the hand leap: from bass to chord, or from root to root. */
    private boolean goesToAndFro(Transition pair) {
        return Stream.of(pair.from(), pair.to())
                .map(arrangement.chords()::get)
                .anyMatch(chord -> chord.voicing().grips().size() > 1
                        || !chord.isWritten()
                                && arrangement
                                        .choices()
                                        .styleOf(chord.event())
                                        .style()
                                        .keepsPlace());
    }

    /** What lay under the hand last: a run into the next chord ends on a note of its own. */
    private static Grip left(Voicing voicing, TimedNote last) {
        boolean ran = !last.isRight() && voicing.grips().stream().noneMatch(grip -> has(grip, last));
        return ran ? Grip.of(voicing.chord(), List.of(last.pitch())) : voicing.last();
    }

    /** The hand may shift within one chord too, from grip to grip. */
    private void addWithin(ArrangedChord chord) {
        List<Grip> grips = chord.voicing().grips();
        for (int i = 1; i < grips.size(); i++) {
            double seconds = secondsWithin(chord.index(), grips.get(i - 1), grips.get(i));
            // Where the pattern never goes there, there is no way to look at.
            if (seconds < Double.MAX_VALUE) {
                Shift shift = new Shift(grips.get(i - 1), grips.get(i), seconds, true, chord.isWritten());
                shifts.add(new Placed<>(shift, chord.index(), chord.index()));
            }
        }
    }

    /** From the last key that only the one grip has until the first key of the other behind it. */
    private double secondsWithin(int chord, Grip from, Grip to) {
        TimedNote last = null;
        for (TimedNote note : arrangement.notesOf(chord)) {
            if (has(from, note) && !has(to, note)) {
                last = note;
            } else if (last != null && has(to, note)) {
                return seconds(since(chord, note).minus(since(chord, last)));
            }
        }
        return Double.MAX_VALUE;
    }

    private double seconds(Fraction quarters) {
        return quarters.toDouble() * arrangement.sheet().secondsPerQuarter();
    }

    /** Quarter notes from the bar line before a chord to one of its notes, which may stand in another bar. */
    private Fraction since(int chord, TimedNote note) {
        int bar = arrangement.chords().get(chord).event().bar();
        return arrangement.score().at(note).minus(arrangement.score().at(bar, Fraction.ZERO));
    }

    private static boolean has(Grip grip, TimedNote note) {
        return grip.tones().stream()
                .anyMatch(tone -> tone.pitch().midi() == note.pitch().midi());
    }
}
