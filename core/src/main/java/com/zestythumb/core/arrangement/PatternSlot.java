package com.zestythumb.core.arrangement;

import com.zestythumb.core.arrangement.BarPattern.Kind;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.SheetNote;
import com.zestythumb.core.voicing.ChordTone;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;

/**
 * One chord's strokes in a bar.
 *
 * @param shape when it strikes, and where in the order of its keys; two chords of one shape have the same
 * @param kind what it is called where no pattern fits; null for nothing
 */
record PatternSlot(ArrangedChord chord, Bar bar, List<HandStroke> strokes, List<Placed> shape, Kind kind) {

    private static final int FEW = 3;
    private static final int OCTAVE = 12;
    private static final int STEPS_OF_AN_OCTAVE = 7;
    /** Octave, third or tenth, and sixth, in steps of the staff within an octave. */
    private static final Set<Integer> DOUBLED = Set.of(0, 2, 5);

    /**
     * A stroke by its place.
     *
     * @param places of its keys among those of its chord, from 0 for the lowest; or the way it goes
     */
    record Placed(Fraction onset, List<Integer> places) {}

    static PatternSlot of(ArrangedChord chord, Bar bar, List<HandStroke> strokes) {
        List<Integer> keys = HandStroke.keys(strokes);
        List<Placed> shape = strokes.stream()
                .map(stroke -> new Placed(
                        stroke.onset(),
                        stroke.keys().stream().map(keys::indexOf).toList()))
                .toList();
        return new PatternSlot(chord, bar, strokes, shape, new Naming(chord, bar, strokes).kind());
    }

    /** All that a pattern has to do with: what goes alike over its keys is alike. */
    List<Object> likeness() {
        List<Integer> keys = HandStroke.keys(strokes);
        boolean octave = keys.size() > 1 && keys.get(1) - keys.get(0) == OCTAVE;
        return List.of(
                shape,
                octave,
                HandStroke.isHeld(strokes),
                chord.event().start(),
                chord.event().duration(),
                bar.meter(),
                bar.offset());
    }

    boolean hasForeign() {
        return strokes.stream().anyMatch(stroke -> stroke.members(chord.chord()).contains(ChordTone.FOREIGN));
    }

    /** Finds the name of what no pattern has. */
    private record Naming(ArrangedChord chord, Bar bar, List<HandStroke> strokes) {

        private Kind kind() {
            List<HandStroke> rest = strokes.subList(1, strokes.size());
            HandStroke first = strokes.get(0);
            boolean singles = rest.stream().allMatch(HandStroke::isSingle);
            List<Integer> keys = HandStroke.keys(strokes);
            if (doubles()) {
                return Kind.DOUBLES;
            }
            if (keys.size() == 1) {
                return null;
            }
            boolean thumb = rest.size() > 1
                    && singles
                    && first.keys().size() == 2
                    && first.keys().last().equals(keys.get(keys.size() - 1))
                    && first.top().isAfter(rest.get(rest.size() - 1).onset());
            if (thumb) {
                return Kind.HELD_THUMB;
            }
            if (!rest.isEmpty() && first.isOctave()) {
                boolean chords = rest.stream().noneMatch(HandStroke::isSingle);
                return chords ? Kind.OCTAVE_CHORDS : singles && rest.size() > 1 ? Kind.OCTAVE_BROKEN : null;
            }
            if (!singles || !first.isSingle() || strokes.size() < FEW) {
                return null;
            }
            return line(rest, first);
        }

        /** Of single notes: a line of steps, one on each beat, or broken above a bass that lasts longer. */
        private Kind line(List<HandStroke> rest, HandStroke first) {
            List<Integer> ways = IntStream.range(0, rest.size())
                    .map(i -> rest.get(i).lowest() - strokes.get(i).lowest())
                    .boxed()
                    .toList();
            boolean oneWay = ways.stream().mapToInt(Integer::signum).distinct().count() == 1;
            if (strokes.size() > FEW && ways.stream().allMatch(way -> Math.abs(way) <= 2) && oneWay) {
                return Kind.SCALE;
            }
            Fraction beat = bar.meter().beatLength();
            boolean onBeats = strokes.stream()
                    .allMatch(stroke -> stroke.onset().dividedBy(beat).isWhole());
            if (onBeats && strokes.size() > 2 && bar.meter().count() > FEW) {
                return Kind.WALKING_BASS;
            }
            boolean longer = rest.size() > 1
                    && rest.get(0)
                            .onset()
                            .isAfter(rest.get(1).onset().minus(rest.get(0).onset()));
            boolean bass = rest.stream().allMatch(stroke -> stroke.lowest() > first.lowest());
            if (longer && bass) {
                return Kind.BASS_BROKEN;
            }
            int way = strokes.get(strokes.size() - 1).lowest() - first.lowest();
            return oneWay && Math.abs(way) > OCTAVE ? Kind.ARPEGGIO : Kind.BROKEN;
        }

        /** Whether it strikes with the tune and at one distance below it, in octaves, tenths, thirds or sixths. */
        private boolean doubles() {
            List<SheetNote> sung = bar.melody().stream()
                    .filter(note -> !note.isRest()
                            && !note.onset().isBefore(chord.event().start())
                            && note.onset().isBefore(chord.event().end()))
                    .toList();
            if (sung.size() != strokes.size() || strokes.size() < FEW) {
                return false;
            }
            Set<Integer> apart = new HashSet<>();
            for (int i = 0; i < sung.size(); i++) {
                HandStroke stroke = strokes.get(i);
                Fraction onset = sung.get(i).onset().minus(chord.event().start());
                if (!stroke.isSingle() || !stroke.onset().equals(onset)) {
                    return false;
                }
                Pitch low = stroke.sounds().get(0).note().pitch();
                apart.add(sung.get(i).pitch().staffStep() - low.staffStep());
            }
            int steps = apart.iterator().next();
            return apart.size() == 1 && steps > 0 && DOUBLED.contains(steps % STEPS_OF_AN_OCTAVE);
        }
    }
}
