package com.zestythumb.core.checking;

import com.zestythumb.core.arrangement.ArrangedChord;
import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Score.Moment;
import com.zestythumb.core.arrangement.Score.Part;
import com.zestythumb.core.arrangement.Score.Sound;
import com.zestythumb.core.arrangement.Surroundings;
import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.voiceleading.Line;
import com.zestythumb.core.voiceleading.Passage;
import com.zestythumb.core.voicing.Grip;
import com.zestythumb.core.voicing.Tone;
import com.zestythumb.core.voicing.Voicing;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * The parts of a page that is written in parts, as a hymn is: both hands written, and nearly always the same number of keys held,
 * three to five, of them at most two in the left hand. A part is told by its staff, then by the voice in which it stands, then by its height; of two voices of a staff
 * the one that lies higher on the whole is the higher.
 */
final class Parts {

    /** What the parts have at a time at which one of them moves. */
    record Instant(int chord, Voicing voicing, List<Tone> parts) {}

    /** From one chord to another, by the indices of the two. */
    record Step(int from, int to, Passage passage) {}

    private static final int FEWEST = 3;
    private static final int MOST = 5;
    /** More in the left hand are a chord beneath a tune. */
    private static final int IN_A_HAND = 2;
    /** Four of five times at which a key goes down. */
    private static final double NEARLY = 0.8;

    private final Arrangement arrangement;
    private final Map<List<Integer>, Double> heights;

    private Parts(Arrangement arrangement) {
        this.arrangement = arrangement;
        this.heights = arrangement.score().sounds().stream()
                .collect(Collectors.groupingBy(Parts::voice, Collectors.averagingInt(Sound::key)));
    }

    /** In time; empty where the page is not in parts. */
    static List<Instant> of(Arrangement arrangement) {
        boolean written = arrangement.chords().stream().allMatch(ArrangedChord::isWritten);
        List<Moment> moments = arrangement.score().moments();
        int most = mostOften(moments);
        long same =
                moments.stream().filter(moment -> moment.held().size() == most).count();
        boolean inParts =
                written && moments.size() > 1 && most >= FEWEST && most <= MOST && same >= NEARLY * moments.size();
        boolean both = moments.stream().allMatch(moment -> moment.count(Part.LEFT) <= IN_A_HAND)
                && moments.stream().anyMatch(moment -> moment.count(Part.LEFT) > 0)
                && moments.stream().anyMatch(moment -> moment.count(Part.TUNE) > 0);
        return inParts && both ? new Parts(arrangement).instants() : List.of();
    }

    private static int mostOften(List<Moment> moments) {
        return moments.stream()
                .collect(Collectors.groupingBy(moment -> moment.held().size(), Collectors.counting()))
                .entrySet()
                .stream()
                .max(Map.Entry.<Integer, Long>comparingByValue().thenComparing(Map.Entry.comparingByKey()))
                .map(Map.Entry::getKey)
                .orElse(0);
    }

    /** Its staff, and the voice in which it stands there. */
    private static List<Integer> voice(Sound sound) {
        return List.of(
                sound.part() == Part.LEFT ? 0 : 1,
                sound.place() >= 0 ? -1 : sound.note().voice());
    }

    private List<Instant> instants() {
        List<Fraction> begins = arrangement.chords().stream()
                .map(chord -> arrangement
                        .score()
                        .at(chord.event().bar(), chord.event().start()))
                .toList();
        List<Instant> instants = new ArrayList<>();
        int chord = 0;
        for (Moment moment : arrangement.score().moments()) {
            while (chord + 1 < begins.size() && begins.get(chord + 1).compareTo(moment.at()) <= 0) {
                chord++;
            }
            if (begins.get(chord).compareTo(moment.at()) <= 0) {
                instants.add(instant(chord, moment));
            }
        }
        return instants;
    }

    private Instant instant(int index, Moment moment) {
        Chord chord = arrangement.chords().get(index).chord();
        List<Pitch> parts = moment.held().stream()
                .sorted(Comparator.<Sound>comparingInt(sound -> voice(sound).get(0))
                        .thenComparing(sound -> heights.get(voice(sound)))
                        .thenComparing(Sound::key))
                .map(sound -> sound.note().pitch())
                .toList();
        List<Pitch> keys = new ArrayList<>(parts.stream()
                .sorted()
                .collect(Collectors.toMap(Pitch::midi, Function.identity(), (one, other) -> one, TreeMap::new))
                .values());
        return new Instant(
                index,
                Voicing.inOneGrip(chord, keys),
                parts.stream()
                        .flatMap(pitch -> Grip.of(chord, List.of(pitch)).tones().stream())
                        .toList());
    }

    /** From each time to the next. */
    static List<Step> steps(Arrangement arrangement, List<Instant> instants) {
        List<Step> steps = new ArrayList<>();
        for (int i = 1; i < instants.size(); i++) {
            Instant from = instants.get(i - 1);
            Instant to = instants.get(i);
            steps.add(new Step(
                    from.chord(),
                    to.chord(),
                    new Passage(
                            from.voicing(),
                            to.voicing(),
                            from.parts(),
                            to.parts(),
                            null,
                            null,
                            Surroundings.key(arrangement.analysis(), from.chord()))));
        }
        return steps;
    }

    /** The first of each chord, by its index. */
    static Map<Integer, Voicing> firsts(List<Instant> instants) {
        Map<Integer, Voicing> firsts = new HashMap<>();
        instants.forEach(instant -> firsts.putIfAbsent(instant.chord(), instant.voicing()));
        return firsts;
    }

    /** Three different notes of a part in a row, with the index of the chord of the middle one. */
    record Bend(int chord, Line line) {}

    /** Of every part but the tune's. */
    static List<Bend> bends(List<Instant> instants) {
        List<Bend> bends = new ArrayList<>();
        int parts = instants.stream().mapToInt(one -> one.parts().size()).max().orElse(0);
        for (int part = 0; part + 1 < parts; part++) {
            List<Pitch> line = new ArrayList<>();
            List<Integer> chords = new ArrayList<>();
            for (Instant instant : instants) {
                if (instant.parts().size() == parts) {
                    Pitch pitch = instant.parts().get(part).pitch();
                    if (line.isEmpty() || !line.get(line.size() - 1).equals(pitch)) {
                        line.add(pitch);
                        chords.add(instant.chord());
                    }
                }
            }
            for (int i = 1; i + 1 < line.size(); i++) {
                bends.add(new Bend(chords.get(i), new Line(line.get(i - 1), line.get(i), line.get(i + 1), part == 0)));
            }
        }
        return bends;
    }
}
