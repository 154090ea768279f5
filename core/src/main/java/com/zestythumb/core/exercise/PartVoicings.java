package com.zestythumb.core.exercise;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.pitch.PitchClass;
import com.zestythumb.core.voicing.ChordContext;
import com.zestythumb.core.voicing.ChordTone;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/**
 * In which ways four voices can sing a chord, and how good each is by itself: within their ranges, the upper three no more than an
 * octave apart, with all that tells the chord.
 *
 * @param sopranos what is given above each chord; null where it is free
 * @param basses what is given below it; null where the chord alone tells it
 * @param keys the key of each chord; null where none is clear
 * @param span half steps that a hand holds; wider pairs are avoided where there is another way
 */
record PartVoicings(List<Chord> chords, List<Pitch> sopranos, List<Pitch> basses, List<Key> keys, int span) {

    /** Bass, tenor, alto and soprano (any textbook of harmony, from memory). */
    static final List<Pitch> LOWEST = pitches("E2 C3 G3 B3");

    static final List<Pitch> HIGHEST = pitches("C4 G4 D5 A5");

    static final int SOPRANO = 3;

    /** Of a chord's ways so many are looked at, those that are best by themselves. */
    private static final int WAYS = 60;

    private static final int OCTAVE = 12;

    private static List<Pitch> pitches(String names) {
        return Arrays.stream(names.split(" ")).map(Pitch::parse).toList();
    }

    /** The ways of a chord, the best by themselves first; none where there is no room. */
    List<List<Pitch>> of(int at) {
        Chord chord = chords.get(at);
        List<List<Pitch>> all = new ArrayList<>();
        for (Pitch soprano : sopranos.get(at) == null ? tones(chord, SOPRANO) : List.of(sopranos.get(at))) {
            for (Pitch alto : tones(chord, 2)) {
                for (Pitch tenor : tones(chord, 1)) {
                    if (alto.midi() < soprano.midi()
                            && soprano.midi() - alto.midi() <= OCTAVE
                            && tenor.midi() < alto.midi()
                            && alto.midi() - tenor.midi() <= OCTAVE) {
                        basses(at).stream()
                                .filter(bass -> bass.midi() < tenor.midi())
                                .map(bass -> List.of(bass, tenor, alto, soprano))
                                .filter(way -> tells(chord, way))
                                .forEach(all::add);
                    }
                }
            }
        }
        return all.stream()
                .sorted(Comparator.comparingInt(way -> cost(at, way)))
                .limit(WAYS)
                .toList();
    }

    private List<Pitch> basses(int at) {
        return basses.get(at) == null ? within(chords.get(at).bass(), 0) : List.of(basses.get(at));
    }

    private static List<Pitch> tones(Chord chord, int part) {
        return chord.tones().stream()
                .flatMap(tone -> within(tone, part).stream())
                .toList();
    }

    private static List<Pitch> within(PitchClass tone, int part) {
        List<Pitch> found = new ArrayList<>();
        Pitch pitch = Pitch.atOrAbove(tone, LOWEST.get(part).midi());
        while (pitch.midi() <= HIGHEST.get(part).midi()) {
            found.add(pitch);
            pitch = new Pitch(pitch.pitchClass(), pitch.octave() + 1);
        }
        return found;
    }

    /** Root, third and seventh are there, and a fifth that is not perfect, unless a foreign note stands in the place of one. */
    private static boolean tells(Chord chord, List<Pitch> way) {
        long foreign = way.stream()
                .filter(pitch -> ChordTone.of(chord, pitch.pitchClass()) == ChordTone.FOREIGN)
                .count();
        return missing(chord, way) <= foreign;
    }

    private static long missing(Chord chord, List<Pitch> way) {
        return chord.tones().stream()
                .filter(tone -> isMissed(chord, tone))
                .filter(tone ->
                        way.stream().noneMatch(pitch -> pitch.pitchClass().equals(tone)))
                .count();
    }

    private static boolean isMissed(Chord chord, PitchClass tone) {
        return switch (ChordTone.of(chord, tone)) {
            case ROOT, SECOND, THIRD, FOURTH, SIXTH, SEVENTH -> true;
            case FIFTH -> !isPlainFifth(chord, tone);
            default -> false;
        };
    }

    private static boolean isPlainFifth(Chord chord, PitchClass tone) {
        return Math.floorMod(tone.semitone() - chord.root().semitone(), OCTAVE) == 7;
    }

    /** A missing fifth, what is doubled, hands that stretch, and a beginning and an end that hang in the air. */
    int cost(int at, List<Pitch> way) {
        Chord chord = chords.get(at);
        int cost = 0;
        long different = way.stream().map(Pitch::pitchClass).distinct().count();
        cost += 8 * (int) Math.max(0, Math.min(way.size(), chord.tones().size()) - different);
        cost += 20 * (int) missing(chord, way);
        PitchClass leading = keys.get(at) == null ? null : ChordContext.leadingTone(keys.get(at));
        for (int i = 0; i < way.size(); i++) {
            PitchClass tone = way.get(i).pitchClass();
            for (int j = i + 1; j < way.size(); j++) {
                if (tone.equals(way.get(j).pitchClass())) {
                    cost += doubled(chord, tone, leading, way.get(0).pitchClass());
                }
            }
        }
        cost += 2 * Math.max(0, way.get(1).midi() - way.get(0).midi() - Math.max(span, OCTAVE));
        cost += Math.max(0, way.get(SOPRANO).midi() - way.get(2).midi() - span);
        boolean edge = at == 0 || at + 1 == chords.size();
        if (edge && sopranos.get(at) == null) {
            ChordTone top = ChordTone.of(chord, way.get(SOPRANO).pitchClass());
            cost += at > 0 && top != ChordTone.ROOT ? 6 : 0;
            cost += Math.abs(way.get(SOPRANO).midi() - MIDDLE) / 2;
        }
        return cost;
    }

    /** C5, about which a soprano lies. */
    private static final int MIDDLE = 72;

    /** Root before fifth before third, in a six-four chord the bass before all; what has to resolve never. */
    private static int doubled(Chord chord, PitchClass tone, PitchClass leading, PitchClass bass) {
        if (tone.equals(leading)) {
            return PartWriter.FAULT;
        }
        boolean sixFour = !chord.quality().hasSeventh() && ChordTone.of(chord, bass) == ChordTone.FIFTH;
        return switch (ChordTone.of(chord, tone)) {
            case ROOT -> sixFour ? 4 : 0;
            case FIFTH -> isPlainFifth(chord, tone) ? (sixFour ? 0 : 4) : PartWriter.FAULT;
            case THIRD -> 8;
            default -> PartWriter.FAULT;
        };
    }
}
