package com.zestythumb.core.arrangement;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.fingering.ChordFingering;
import com.zestythumb.core.fingering.ScaleFingering;
import com.zestythumb.core.fingering.ScaleFingering.Fingered;
import com.zestythumb.core.fingering.Side;
import com.zestythumb.core.pitch.Interval;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.pitch.Mode;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.SheetNote;
import com.zestythumb.core.voicing.Hand;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/**
 * What the hands do before a tune: scale, arpeggio, broken chord and cadence of its key, both hands an octave apart, with
 * the fingers of the manuals (common practice). A minor key has its harmonic scale and the major chord on its fifth degree.
 */
public final class WarmUp {

    private static final int OCTAVE = 12;

    /** F♯3: from here on the left hand begins an octave lower. */
    private static final int HIGH = 54;

    private static final Fraction EIGHTH = Fraction.of(1, 2);
    private static final Fraction QUARTER = Fraction.of(1);
    private static final Fraction HALF = Fraction.of(2);

    private final Key key;
    private final boolean minor;
    private final Chord tonic;
    private final List<TimedNote> notes = new ArrayList<>();

    private WarmUp(Key key) {
        this.minor = key.degree(3).equals(key.tonic().plus(Interval.MINOR_THIRD));
        this.key = new Key(key.tonic(), minor ? Mode.MINOR : Mode.MAJOR);
        this.tonic = Chord.parse(key.tonic() + (minor ? "m" : ""));
    }

    /** The chart of its chords: a bar of scale up and one down, two of arpeggio, one broken, three of cadence. */
    public static String chart(Key key) {
        WarmUp warmUp = new WarmUp(key);
        String one = warmUp.tonic.toString();
        String four = warmUp.key.degree(4) + (warmUp.minor ? "m" : "");
        String five = warmUp.key.degree(5) + "7";
        return "title: Warm-up in " + warmUp.key.pretty() + "\nkey: " + warmUp.key + "\nmeter: 4/4\ntempo: 72\n"
                + "[Scale]\n| " + one + " | " + one + " |\n[Arpeggio]\n| " + one + " | " + one + " |\n[Broken]\n| "
                + one
                + " | " + one + " |\n[Cadence]\n| " + one + " " + four + " | " + one + " " + five + " | " + one
                + " |\n";
    }

    /** The warm-up of a key; a mode is warmed up in the major or minor key on its keynote. */
    public static Arrangement of(Key key, Hand hand) {
        WarmUp warmUp = new WarmUp(key);
        Choices choices = Choices.USUAL.with(hand);
        AnalysedSheet tune = AnalysedSheet.of(Chart.read(chart(key)).sheet());
        Arrangement cadence = tune.arranged(choices);
        for (Side side : Side.values()) {
            Fingered scale = ScaleFingering.scale(warmUp.key, side, 1);
            warmUp.line(side, 0, EIGHTH, scale.notes(), scale.fingers());
            warmUp.line(side, 1, EIGHTH, reversed(scale.notes()), reversed(scale.fingers()));
            Fingered arpeggio = ScaleFingering.arpeggio(warmUp.tonic, side, 1);
            warmUp.line(side, 2, QUARTER, arpeggio.notes(), arpeggio.fingers());
            warmUp.line(side, 3, QUARTER, reversed(arpeggio.notes()), reversed(arpeggio.fingers()));
            warmUp.broken(side);
            warmUp.cadence(side, cadence);
        }
        return tune.written(choices, warmUp.notes);
    }

    private static <T> List<T> reversed(List<T> list) {
        List<T> back = new ArrayList<>(list);
        Collections.reverse(back);
        return back;
    }

    /** Notes one after another from the beginning of a bar, shifted to where the hand lies. */
    private void line(Side side, int bar, Fraction value, List<Pitch> pitches, List<Integer> fingers) {
        for (int i = 0; i < pitches.size(); i++) {
            Fraction onset = value.times(i);
            // The scale of eight notes fills a bar.
            if (onset.isBefore(Fraction.of(4))) {
                add(side, bar, onset, value, shifted(side, pitches.get(i)), fingers.get(i));
            }
        }
    }

    private Pitch shifted(Side side, Pitch pitch) {
        int first = Pitch.atOrAbove(key.tonic(), 48).midi();
        int octaves = (side == Side.RIGHT ? 1 : 0) - (first >= HIGH ? 1 : 0);
        return new Pitch(pitch.pitchClass(), pitch.octave() + octaves);
    }

    /** 1 3 5 3 from each note of the chord. */
    private void broken(Side side) {
        List<Pitch> row = ScaleFingering.arpeggio(tonic, side, 2).notes();
        for (int bar = 0; bar < 2; bar++) {
            for (int half = 0; half < 2; half++) {
                int from = Math.min(bar * 2 + half, 3);
                List<Pitch> chord = row.subList(from, from + 3);
                List<Integer> fingers = ChordFingering.of(side, chord);
                int[] order = {0, 1, 2, 1};
                for (int i = 0; i < order.length; i++) {
                    add(
                            side,
                            4 + bar,
                            HALF.times(half).plus(EIGHTH.times(i)),
                            EIGHTH,
                            shifted(side, chord.get(order[i])),
                            fingers.get(order[i]));
                }
            }
        }
    }

    /** As the solver lays it under the left hand; the right has the same an octave higher. */
    private void cadence(Side side, Arrangement voiced) {
        for (ArrangedChord chord : voiced.chords()) {
            if (chord.event().bar() < 6) {
                continue;
            }
            List<Pitch> pitches = chord.voicing().pitches().stream()
                    .map(pitch -> new Pitch(pitch.pitchClass(), pitch.octave() + (side == Side.RIGHT ? 1 : 0)))
                    .toList();
            List<Integer> fingers = ChordFingering.of(side, pitches);
            for (int i = 0; i < pitches.size(); i++) {
                add(
                        side,
                        chord.event().bar(),
                        chord.event().start(),
                        chord.event().duration(),
                        pitches.get(i),
                        fingers.get(i));
            }
        }
    }

    private void add(Side side, int bar, Fraction onset, Fraction duration, Pitch pitch, int finger) {
        SheetNote note = new SheetNote(pitch, onset, duration, false, null, "").withFinger(finger);
        notes.add(TimedNote.written(note, bar, 0, side));
    }
}
