package com.zestythumb.core.checking;

import com.zestythumb.core.arrangement.ArrangedChord;
import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Score.Moment;
import com.zestythumb.core.arrangement.Score.Part;
import com.zestythumb.core.arrangement.Score.Sound;
import com.zestythumb.core.arrangement.Surroundings;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.voiceleading.Sonority;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/**
 * The parts of a page that is written in parts, as a hymn is: both staves written, each in one or two voices of single notes, or
 * nearly always the same number of keys held, four or five, of them at most two in the left hand: two keys that a hand strikes under a
 * tune are no parts. A part is told by its staff, then
 * by the voice in which it stands, then by its height; of two voices of a staff the one that lies higher on the whole is the higher.
 */
final class PartsOfPage {

    /**
     * What the parts have at a time at which one of them moves.
     *
     * @param begins whether its chord begins with it
     * @param sounds the parts from the lowest; null for one that rests
     */
    record Instant(int chord, boolean begins, Sonority sonority, List<Sound> sounds) {}

    private static final int FEWEST = 3;
    private static final int MOST = 5;
    /** More in the left hand are a chord beneath a tune. */
    private static final int IN_A_HAND = 2;
    /** Four of five times at which a key goes down. */
    private static final double NEARLY = 0.8;

    private final Arrangement arrangement;
    private final Map<List<Integer>, List<Sound>> voices;
    /** The voices from the lowest, each with its place. */
    private final Map<List<Integer>, Integer> order = new HashMap<>();

    private final int parts;
    private final boolean single;

    private PartsOfPage(Arrangement arrangement) {
        this.arrangement = arrangement;
        this.voices = arrangement.score().sounds().stream().collect(Collectors.groupingBy(PartsOfPage::voice));
        voices.keySet().stream()
                .sorted(Comparator.<List<Integer>>comparingInt(voice -> voice.get(0))
                        .thenComparingDouble(voice -> height(voices.get(voice))))
                .forEach(voice -> order.put(voice, order.size()));
        List<Moment> moments = arrangement.score().moments();
        boolean alone = order.size() <= MOST && voices.values().stream().allMatch(PartsOfPage::isLine);
        long together = moments.stream()
                .filter(moment -> moment.held(moment::strikes).size() > 1)
                .count();
        this.single = alone && order.size() >= FEWEST && order.size() <= MOST && 2 * together >= moments.size();
        this.parts = single ? order.size() : mostOften(moments);
    }

    /** In time; empty where the page is not in parts. */
    static List<Instant> of(Arrangement arrangement) {
        // Where no chord is named there is nothing that its parts could be parts of.
        boolean written =
                !arrangement.chords().isEmpty() && arrangement.chords().stream().allMatch(ArrangedChord::isWritten);
        List<Moment> moments = arrangement.score().moments();
        boolean both = !moments.isEmpty()
                && moments.stream().allMatch(moment -> moment.count(Part.LEFT) <= IN_A_HAND)
                && moments.stream().anyMatch(moment -> moment.count(Part.LEFT) > 0)
                && moments.stream().anyMatch(moment -> moment.count(Part.TUNE) > 0);
        if (!written || !both) {
            return List.of();
        }
        PartsOfPage page = new PartsOfPage(arrangement);
        return page.isInParts(moments) ? page.instants() : List.of();
    }

    private boolean isInParts(List<Moment> moments) {
        long same =
                moments.stream().filter(moment -> moment.held().size() == parts).count();
        boolean steady = moments.size() > 1 && same >= NEARLY * moments.size();
        return parts <= MOST && (single ? parts >= FEWEST : steady && parts > FEWEST);
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

    private static double height(Collection<Sound> voice) {
        return voice.stream().mapToInt(Sound::key).average().orElse(0);
    }

    /** Whether no two of its notes sound at one time. */
    private static boolean isLine(List<Sound> voice) {
        for (int i = 1; i < voice.size(); i++) {
            if (voice.get(i).from().isBefore(voice.get(i - 1).to())) {
                return false;
            }
        }
        return true;
    }

    private List<Instant> instants() {
        List<Fraction> begins = arrangement.chords().stream()
                .map(chord -> arrangement
                        .score()
                        .at(chord.event().bar(), chord.event().start()))
                .toList();
        List<Instant> instants = new ArrayList<>();
        int chord = 0;
        int last = -1;
        for (Moment moment : arrangement.score().moments()) {
            while (chord + 1 < begins.size() && !begins.get(chord + 1).isAfter(moment.at())) {
                chord++;
            }
            if (!begins.get(chord).isAfter(moment.at())) {
                instants.add(instant(chord, chord > last, moment));
                last = chord;
            }
        }
        return instants;
    }

    private Instant instant(int chord, boolean begins, Moment moment) {
        Sound[] sounds = new Sound[parts];
        List<Sound> held = moment.held().stream()
                .sorted(Comparator.<Sound>comparingInt(sound -> order.get(voice(sound)))
                        .thenComparing(Sound::key))
                .toList();
        if (single) {
            held.forEach(sound -> sounds[order.get(voice(sound))] = sound);
        } else if (held.size() == parts) {
            held.toArray(sounds);
        } else {
            // Which of them rest, or which has joined them, nobody can tell but of the outermost.
            sounds[0] = held.get(0);
            sounds[parts - 1] = held.size() > 1 ? held.get(held.size() - 1) : null;
        }
        List<Sound> all = Arrays.asList(sounds);
        List<Pitch> pitches = all.stream()
                .map(sound -> sound == null ? null : sound.note().pitch())
                .toList();
        return new Instant(
                chord,
                begins,
                Sonority.ofParts(
                        arrangement.chords().get(chord).chord(),
                        pitches,
                        Surroundings.key(arrangement.analysis(), chord)),
                all);
    }
}
