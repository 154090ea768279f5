package com.zestythumb.core.arrangement;

import com.zestythumb.core.analysis.Analysis;
import com.zestythumb.core.arrangement.PatternInTime.Span;
import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.fingering.FingerSearch;
import com.zestythumb.core.fingering.HandFingering;
import com.zestythumb.core.pattern.AccompanimentPatterns;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.sheet.Transitions;
import com.zestythumb.core.sheet.Transitions.Transition;
import com.zestythumb.core.solving.VoicingSolver;
import com.zestythumb.core.solving.VoicingSolver.Solution;
import com.zestythumb.core.solving.VoicingSolver.Solved;
import com.zestythumb.core.solving.VoicingTask;
import com.zestythumb.core.solving.Wanted;
import com.zestythumb.core.voicing.Grip;
import com.zestythumb.core.voicing.StyleChoice;
import com.zestythumb.core.voicing.Voicing;
import com.zestythumb.core.voicing.Weights;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.IntStream;

/** Takes a sheet through voicing, pattern and fingering, in that order. */
final class Arranger {

    /** Of how many notes a chord is taken to be before it is voiced, to tell when it is struck. */
    private static final int USUAL_NOTES = 3;

    private final LeadSheet sheet;
    private final Choices choices;
    private final List<ChordEvent> events;
    private final Analysis analysis;
    private final Transitions transitions;
    private final WrittenHand written;
    private final PatternInTime pattern;
    private final List<Chord> chords;
    private final List<StyleChoice> styles;
    private final Map<StyleChoice, StyleChoice> settled = new HashMap<>();

    Arranger(AnalysedSheet heard, Choices choices, WrittenHand written) {
        this.analysis = heard.analysis();
        this.sheet = heard.sheet();
        this.transitions = heard.transitions();
        this.choices = choices;
        this.events = heard.sounding();
        this.written = written;
        this.pattern = new PatternInTime(sheet, events, transitions, choices, written);
        this.chords = events.stream().map(ChordEvent::chord).toList();
        this.styles = IntStream.range(0, events.size()).mapToObj(this::style).toList();
    }

    /** How a chord is voiced in this tune, and struck. */
    private StyleChoice style(int chord) {
        StyleChoice chosen = choices.styleOf(events.get(chord), pattern.figureOf(chord));
        return settled.computeIfAbsent(
                chosen.struck(pattern.strokes(chord)), style -> style.settled(chords, choices.hand()));
    }

    /** In styles on the root, and where a chart writes its basses, a chord that comes again keeps its octave. */
    private Weights weights() {
        Weights weights = choices.hand().reading().with(choices.weights());
        boolean keeps = styles.stream().anyMatch(style -> style.style().keepsPlace())
                || chords.stream().anyMatch(Chord::hasSlash);
        return keeps && !weights.own().containsKey(Weights.SHAPES)
                ? weights.with(Weights.SHAPES, Weights.SHAPES_ON_ROOT)
                : weights;
    }

    Arrangement compute() {
        Map<Integer, Voicing> pins = new HashMap<>();
        Map<Integer, Voicing> asWritten = written.voicings(choices.hand());
        Map<Integer, KeptVoicing> byChord = new HashMap<>();
        List<KeptVoicing> lost = new ArrayList<>();
        List<Contradiction> contradictions = new ArrayList<>();
        for (KeptVoicing pin : choices.pins()) {
            int chord = place(pin, pins);
            if (chord < 0) {
                lost.add(pin);
            } else if (byChord.put(chord, pin) != null) {
                contradictions.add(new Contradiction(Contradiction.Kind.FIXED_TWICE, chord));
            }
        }
        spread(pins, byChord);
        Map<Integer, Wanted> wanted = wanted();
        Set<Integer> alone = new HashSet<>(pins.keySet());
        alone.addAll(wanted.keySet());
        alone.addAll(asWritten.keySet());
        LikeLines alike = LikeLines.of(events, styles, alone);
        VoicingTask task = new VoicingTask(
                chords,
                transitions,
                styles,
                choices.hand(),
                choices.pattern().mostNotes(),
                choices.school(),
                this::seconds,
                weights(),
                Surroundings.of(sheet, events, styles, analysis),
                choices.forbidden(),
                wanted,
                pins,
                asWritten,
                alike.first());
        boolean laysSome = asWritten.size() < events.size();
        Solution solution = laysSome ? VoicingSolver.solution(task) : Solution.asWritten(asWritten);
        List<Solved> solved = solution.chords();
        List<Voicing> voicings = solved.stream().map(Solved::voicing).toList();
        return take(new LeftHand(
                task,
                solved,
                notes(voicings, byChord),
                asWritten.keySet(),
                solution.gap(),
                byChord,
                lost,
                task.notReached(),
                Contradiction.all(task, byChord, contradictions, voicings)));
    }

    /** What is written, and else what the pattern makes of the voicings. */
    private List<TimedNote> notes(List<Voicing> voicings, Map<Integer, KeptVoicing> pins) {
        IntoNext into = new IntoNext(sheet, events, choices, pattern, voicings);
        List<TimedNote> notes = new ArrayList<>(written.before());
        List<Boolean> walks = new ArrayList<>();
        for (int i = 0; i < events.size(); i++) {
            notes.addAll(written.notes(i));
            if (!written.has(i)) {
                List<TimedNote> struck = into.next(i, pattern.notes(i, voicings.get(i), pins.get(i)));
                notes.addAll(struck);
                if (!written.notes(i).isEmpty()) {
                    WrittenHand.sort(notes.subList(
                            notes.size() - struck.size() - written.notes(i).size(), notes.size()));
                }
            }
            walks.add(!written.has(i) && choices.figureOf(events.get(i)).equals(AccompanimentPatterns.WALKING));
        }
        HeldOver ties = new HeldOver(sheet, events);
        return ties.leading(ties.tie(notes, walks));
    }

    private Arrangement take(LeftHand hand) {
        HandFingers fingers = HandFingers.of(sheet, hand, fingering());
        List<Voicing> voicings = hand.voicings();
        AugmentedSixths sixths = new AugmentedSixths(analysis, written);
        List<TimedNote> notes = sixths.spelled(fingers.notes());
        List<ArrangedChord> chords = new ArrayList<>();
        for (int i = 0; i < events.size(); i++) {
            int chord = i;
            Voicing voicing =
                    sixths.isOne(i) ? voicings.get(i).named(pitch -> sixths.spelled(pitch, chord)) : voicings.get(i);
            chords.add(new ArrangedChord(
                    i,
                    events.get(i),
                    voicing,
                    fingers.held().get(i),
                    analysis.readings().get(i).over(voicing.soundingBass()),
                    written.has(i)
                            ? Optional.empty()
                            : Optional.of(hand.solved().get(i))));
        }
        return new Arrangement(sheet, choices, hand, chords, notes, new Score(sheet, notes), analysis, transitions);
    }

    /** Keeps what is kept wherever its chord comes, or in all like lines. */
    private void spread(Map<Integer, Voicing> pins, Map<Integer, KeptVoicing> byChord) {
        List<Integer> first = LikeLines.of(events, styles, Set.of()).first();
        new TreeMap<>(byChord).forEach((chord, pin) -> {
            for (int i = 0; i < events.size(); i++) {
                boolean here = switch (pin.scope()) {
                    case HERE -> false;
                    case CHORD -> chords.get(i).equals(chords.get(chord));
                    case LINES -> first.get(i).equals(first.get(chord));
                };
                if (here && !written.has(i) && pins.putIfAbsent(i, pins.get(chord)) == null) {
                    byChord.put(i, pin);
                }
            }
        });
    }

    /** Fixes the chord that stands at a pin's place, and tells which it is; −1 where none fits. */
    private int place(KeptVoicing pin, Map<Integer, Voicing> pins) {
        for (int i = 0; i < events.size(); i++) {
            Optional<Voicing> voicing =
                    pin.stands(events.get(i)) && !written.has(i) ? voicing(pin, events.get(i)) : Optional.empty();
            if (voicing.isPresent()) {
                pins.put(i, voicing.get());
                return i;
            }
        }
        return -1;
    }

    /** Where the style lays just these notes, it knows their bass and grips; else their lowest note is the bass. */
    private Optional<Voicing> voicing(KeptVoicing pin, ChordEvent event) {
        List<Voicing> voiced = styles.get(events.indexOf(event))
                .candidates(
                        event.chord(), choices.hand(), choices.figureOf(event).mostNotes());
        return voiced.stream()
                .filter(voicing -> voicing.pitches().stream().sorted().toList().equals(pin.notes()))
                .findFirst()
                .or(() -> pin.voicingFor(event).map(one -> voicedAs(voiced, one)))
                .map(pin::shared);
    }

    /** In a style whose hand goes from a bass to a chord, the lowest note, or octave, is a grip of its own. */
    private static Voicing voicedAs(List<Voicing> voiced, Voicing one) {
        List<Pitch> notes = one.pitches();
        boolean inTwo = voiced.stream()
                .anyMatch(voicing ->
                        voicing.grips().size() > 1 && voicing.first().tones().size() <= 2);
        if (!inTwo || notes.size() < 2) {
            return one;
        }
        boolean octave = notes.size() > 2 && notes.get(1).midi() - notes.get(0).midi() == 12;
        int low = octave ? 2 : 1;
        return new Voicing(
                one.chord(),
                one.soundingBass(),
                List.of(
                        Grip.of(one.chord(), notes.subList(0, low)),
                        Grip.of(one.chord(), notes.subList(low, notes.size()))));
    }

    private Map<Integer, Wanted> wanted() {
        Map<Integer, Wanted> wanted = new HashMap<>();
        for (WantedNote note : choices.wanted()) {
            for (int i = 0; i < events.size(); i++) {
                if (note.stands(events.get(i))) {
                    wanted.put(i, note.wanted());
                }
            }
        }
        return wanted;
    }

    private FingerSearch fingering() {
        HandFingering search = choices.playing().fingering() == FingeringWay.BOOK
                ? new HandFingering()
                : HandFingering.suiting(choices.hand().reach());
        return search.at(sheet.secondsPerQuarter());
    }

    /** From the last key of a chord to the first of the next. */
    private double seconds(Transition pair) {
        Span from = pattern.span(pair.from(), USUAL_NOTES);
        Span to = pattern.span(pair.to(), USUAL_NOTES);
        Fraction quarters = transitions.distance(pair).plus(to.first()).minus(from.last());
        return quarters.toDouble() * sheet.secondsPerQuarter();
    }
}
