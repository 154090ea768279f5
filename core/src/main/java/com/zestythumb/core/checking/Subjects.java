package com.zestythumb.core.checking;

import com.zestythumb.core.arrangement.ArrangedChord;
import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Surroundings;
import com.zestythumb.core.checking.PartsOfPage.Instant;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.Transitions.Transition;
import com.zestythumb.core.voiceleading.ChordTriple;
import com.zestythumb.core.voiceleading.ChordWritten;
import com.zestythumb.core.voiceleading.Hold;
import com.zestythumb.core.voiceleading.Line;
import com.zestythumb.core.voiceleading.Move;
import com.zestythumb.core.voiceleading.PartsUnderHands;
import com.zestythumb.core.voiceleading.Rhythm;
import com.zestythumb.core.voiceleading.Run;
import com.zestythumb.core.voiceleading.Shift;
import com.zestythumb.core.voiceleading.Sonority;
import com.zestythumb.core.voiceleading.Step;
import com.zestythumb.core.voiceleading.VerticalInterval;
import com.zestythumb.core.voiceleading.Voice;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Supplier;

/** Everything in an arrangement that rules look at, by what it is; found when it is first asked for. */
final class Subjects {

    private final Arrangement arrangement;
    private final List<Instant> instants;
    private final Map<Class<?>, Supplier<List<? extends Placed<?>>>> sources = new HashMap<>();
    private final Map<Class<?>, List<? extends Placed<?>>> found = new HashMap<>();
    private VoiceLines lines;

    Subjects(Arrangement arrangement) {
        this.arrangement = arrangement;
        this.instants = PartsOfPage.of(arrangement);
        sources.put(Step.class, this::steps);
        sources.put(Sonority.class, this::sonorities);
        sources.put(ChordTriple.class, this::triples);
        sources.put(Line.class, () -> lines().lines());
        sources.put(ChordWritten.class, () -> new WrittenTones(arrangement, isSung(), lines()).all());
        if (isSung()) {
            sources.put(PartsUnderHands.class, this::underHands);
        } else {
            sources.put(Hold.class, () -> Holds.of(arrangement));
            sources.put(Shift.class, () -> Passages.shifts(arrangement));
            sources.put(VerticalInterval.class, () -> Meetings.of(arrangement));
            sources.put(Run.class, () -> Runs.of(arrangement));
            sources.put(Rhythm.class, () -> Rhythms.of(arrangement));
        }
    }

    /** Whether the page is written in parts. */
    boolean isSung() {
        return !instants.isEmpty();
    }

    /** None of what hands do, where the page is sung. */
    @SuppressWarnings("unchecked")
    <S> List<Placed<S>> of(Class<S> subject) {
        return (List<Placed<S>>) found.computeIfAbsent(
                subject, one -> sources.getOrDefault(one, List::of).get());
    }

    private VoiceLines lines() {
        lines = lines == null ? new VoiceLines(arrangement, instants) : lines;
        return lines;
    }

    private List<Placed<Step>> steps() {
        if (!isSung()) {
            return Passages.steps(arrangement);
        }
        List<Placed<Step>> steps = new ArrayList<>();
        Map<Voice, Pitch> cameFrom = new EnumMap<>(Voice.class);
        for (int i = 1; i < instants.size(); i++) {
            Instant from = instants.get(i - 1);
            Instant to = instants.get(i);
            Step step = new Step(from.sonority(), to.sonority(), Map.copyOf(cameFrom));
            steps.add(new Placed<>(step, to.chord(), from.chord()));
            for (Move move : step.moves()) {
                if (move.halfSteps() != 0) {
                    cameFrom.put(move.voice(), move.from().pitch());
                }
            }
        }
        return steps;
    }

    /** What each chord begins with. */
    private List<Placed<Sonority>> sonorities() {
        List<Placed<Sonority>> all = new ArrayList<>();
        if (isSung()) {
            instants.stream()
                    .filter(Instant::begins)
                    .forEach(instant -> all.add(Placed.at(instant.chord(), instant.sonority())));
        } else {
            for (ArrangedChord chord : arrangement.chords()) {
                if (!chord.voicing().isSilent()) {
                    all.add(Placed.at(
                            chord.index(),
                            Sonority.ofHands(
                                    Passages.inVoices(chord),
                                    arrangement
                                            .leftHand()
                                            .task()
                                            .around(chord.index())
                                            .firstOfTune(),
                                    Surroundings.key(arrangement.analysis(), chord.index()))));
                }
            }
        }
        return all;
    }

    private List<Placed<ChordTriple>> triples() {
        Map<Integer, Sonority> each = new TreeMap<>();
        of(Sonority.class).forEach(one -> each.put(one.chord(), one.subject()));
        Map<Integer, Integer> before = new HashMap<>();
        Map<Integer, Integer> after = new HashMap<>();
        for (Transition pair : arrangement.transitions().pairs()) {
            before.putIfAbsent(pair.to(), pair.from());
            after.putIfAbsent(pair.from(), pair.to());
        }
        List<Placed<ChordTriple>> triples = new ArrayList<>();
        each.forEach((chord, here) -> {
            int from = before.getOrDefault(chord, -1);
            int to = after.getOrDefault(chord, -1);
            triples.add(Placed.at(
                    chord,
                    new ChordTriple(
                            each.get(from),
                            here,
                            each.get(to),
                            weight(from),
                            weight(chord),
                            weight(to),
                            from == arrangement.transitions().opening())));
        });
        return triples;
    }

    private int weight(int chord) {
        if (chord < 0) {
            return 0;
        }
        var event = arrangement.chords().get(chord).event();
        Bar bar = arrangement.sheet().bars().get(event.bar());
        boolean first = event.start().plus(bar.offset()).equals(Fraction.ZERO);
        return first ? 2 : bar.isStrong(event.start()) ? 1 : 0;
    }

    /** The first time at which the left hand cannot hold the two lower of four parts. */
    private List<Placed<PartsUnderHands>> underHands() {
        int span = arrangement.choices().hand().span();
        for (Instant instant : instants) {
            int[] keys = instant.sounds().stream()
                    .mapToInt(sound -> sound == null ? -1 : sound.key())
                    .toArray();
            if (keys.length == 4 && keys[0] >= 0 && keys[1] - keys[0] > span) {
                boolean reaches = keys[3] - keys[1] <= span;
                return List.of(Placed.at(
                        instant.chord(), new PartsUnderHands(instant.sonority().note(1), reaches)));
            }
        }
        return List.of();
    }
}
