package com.zestythumb.app.arrange;

import com.zestythumb.app.arrange.ArrangementView.AlternativeView;
import com.zestythumb.app.arrange.ArrangementView.BarView;
import com.zestythumb.app.arrange.ArrangementView.ChordView;
import com.zestythumb.app.arrange.ArrangementView.FindingView;
import com.zestythumb.app.arrange.ArrangementView.FingerView;
import com.zestythumb.app.arrange.ArrangementView.GuessView;
import com.zestythumb.app.arrange.ArrangementView.KeyView;
import com.zestythumb.app.arrange.ArrangementView.MeterView;
import com.zestythumb.app.arrange.ArrangementView.MoveView;
import com.zestythumb.app.arrange.ArrangementView.NumeralView;
import com.zestythumb.app.arrange.ArrangementView.OtherKeyView;
import com.zestythumb.app.arrange.ArrangementView.PedalView;
import com.zestythumb.app.arrange.ArrangementView.ScoreView;
import com.zestythumb.app.arrange.ArrangementView.TickView;
import com.zestythumb.core.analysis.Numeral;
import com.zestythumb.core.analysis.Phrases;
import com.zestythumb.core.arrangement.ArrangedChord;
import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.BarMap;
import com.zestythumb.core.arrangement.KeptVoicing;
import com.zestythumb.core.arrangement.Pace;
import com.zestythumb.core.arrangement.PedalSpan;
import com.zestythumb.core.arrangement.Performance;
import com.zestythumb.core.arrangement.Score.Sound;
import com.zestythumb.core.checking.Findings;
import com.zestythumb.core.checking.FingerMove;
import com.zestythumb.core.checking.HandMove;
import com.zestythumb.core.exercise.Hidden;
import com.zestythumb.core.harmonising.HomeKey;
import com.zestythumb.core.pitch.NoteNames;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.proposing.Difficulty;
import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.sheet.Meter;
import com.zestythumb.core.sheet.Swing;
import com.zestythumb.core.sheet.TextSpan;
import com.zestythumb.core.sheet.Tick;
import com.zestythumb.core.solving.Cost;
import com.zestythumb.core.solving.VoicingSolver.Alternative;
import com.zestythumb.core.solving.VoicingSolver.Solved;
import com.zestythumb.core.voiceleading.Kind;
import com.zestythumb.core.voiceleading.School;
import com.zestythumb.core.voiceleading.Severity;
import com.zestythumb.core.voicing.Voicing;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** Turns the core's values into what the page reads. */
final class Views {

    private static final MoveView NO_MOVE = new MoveView(-1, "", List.of());

    private static final TextSpan NOWHERE = new TextSpan(1, 1, 0);

    private Views() {}

    static ArrangementView of(
            Chart chart, Arrangement arrangement, int chord, ScoreView score, Map<Kind, Severity> own) {
        return of(chart, arrangement, alternatives(arrangement, chord), own, Set.of(), Map.of(), score);
    }

    /** A page as a student sees it, without what would tell the answer; what there is to mind the marks say, in their time. */
    static ArrangementView asked(
            Chart chart,
            Arrangement arrangement,
            Set<Hidden> hidden,
            Map<Integer, List<String>> figures,
            ScoreView score) {
        return of(chart, arrangement, List.of(), null, hidden, figures, score);
    }

    /** {@code own}: null where nothing is looked for. */
    private static ArrangementView of(
            Chart chart,
            Arrangement arrangement,
            List<AlternativeView> alternatives,
            Map<Kind, Severity> own,
            Set<Hidden> hidden,
            Map<Integer, List<String>> figures,
            ScoreView score) {
        LeadSheet sheet = arrangement.sheet();
        Performance performance = new Performance(arrangement);
        BarMap bars = BarMap.of(arrangement);
        Set<Integer> thinned = thinned(arrangement);
        Set<Integer> lineEnds = new HashSet<>(Phrases.ends(sheet));
        return new ArrangementView(
                sheet.title(),
                ArrangementView.CreditsView.of(sheet.heading()),
                sheet.heading().feel(),
                HomeKey.of(sheet, arrangement.analysis())
                        .map(key -> sheet.heading().names().fromEnglish(key.pretty()))
                        .orElse(""),
                sheet.heading().keyTold(),
                otherKeys(arrangement),
                sheet.meter().toString(),
                sheet.heading().meterTold(),
                sheet.tempo(),
                sheet.meter().tempoBeat().toDouble(),
                sheet.meter().barLength().toDouble(),
                chart.problems(),
                chart.taken(),
                (int) sheet.bars().stream()
                        .filter(bar -> bar.events().stream().anyMatch(ChordEvent::isOpen))
                        .count(),
                sheet.bars().stream()
                        .map(bar -> bar(bar, lineEnds.contains(bar.index())))
                        .toList(),
                sheet.playingOrder(),
                sheet.unfolded().stream().map(sheet::call).toList(),
                IntStream.range(0, arrangement.chords().size())
                        .mapToObj(i ->
                                chord(arrangement, i, thinned.contains(i), hidden, figures.getOrDefault(i, List.of())))
                        .toList(),
                PartView.of(arrangement, performance),
                alternatives,
                own == null
                        ? List.of()
                        : findings(arrangement, arrangement.choices().school(), own),
                PedalSpan.of(arrangement).stream()
                        .map(span -> pedal(performance, span))
                        .toList(),
                Pace.of(sheet).stream()
                        .map(pace -> new ArrangementView.PaceView(
                                pace.bar(), pace.from().toDouble(), pace.to().toDouble(), pace.speed()))
                        .toList(),
                sheet.bars().stream()
                        .map(Bar::meter)
                        .distinct()
                        .map(meter -> meter(meter, Swing.of(sheet)))
                        .toList(),
                thinned.size(),
                hidden.contains(Hidden.SYMBOLS) ? List.of() : contradictions(arrangement),
                arrangement.leftHand().gap(),
                Offers.difficulty(Difficulty.of(arrangement, bars)),
                AnalysisView.of(arrangement, bars, hidden),
                arrangement.leftHand().lostPins().stream().map(PinDto::of).toList(),
                score);
    }

    /** Where nobody told the key, those in which the tune might be heard as well. */
    private static List<OtherKeyView> otherKeys(Arrangement arrangement) {
        LeadSheet sheet = arrangement.sheet();
        return sheet.heading().keyTold()
                ? List.of()
                : arrangement.analysis().keys().stream()
                        .filter(span -> span.key().equals(sheet.key()))
                        .limit(1)
                        .flatMap(span -> span.others().stream())
                        .map(other -> new OtherKeyView(
                                sheet.heading().names().fromEnglish(other.key().pretty()),
                                (int) Math.round(100 * other.odds())))
                        .toList();
    }

    private static BarView bar(Bar bar, boolean endsLine) {
        return new BarView(
                bar.index(),
                bar.number(),
                bar.length().toDouble(),
                bar.meter().toString(),
                bar.meter().beatLength().toDouble(),
                bar.offset().toDouble(),
                bar.section() == null ? "" : bar.section(),
                endsLine,
                bar.startsRepeat(),
                bar.timesPlayed(),
                bar.text().span());
    }

    /** The foot swings with the hand. */
    private static PedalView pedal(Performance performance, PedalSpan span) {
        return new PedalView(
                span.bar(),
                performance.time(span.bar(), span.down()).plus(span.delay()).toDouble(),
                performance.time(span.bar(), span.up()).toDouble());
    }

    private static MeterView meter(Meter meter, Swing swing) {
        return new MeterView(
                meter.toString(),
                meter.barLength().toDouble(),
                Tick.of(meter, swing).stream()
                        .map(tick -> new TickView(tick.at().toDouble(), tick.weight(), tick.syllable()))
                        .toList());
    }

    private static ChordView chord(
            Arrangement arrangement, int i, boolean thinned, Set<Hidden> hidden, List<String> figures) {
        ArrangedChord chord = arrangement.chords().get(i);
        int next = arrangement.transitions().next(i);
        boolean isSymbolHidden = hidden.contains(Hidden.SYMBOLS);
        boolean areFingersHidden = hidden.contains(Hidden.FINGERS);
        NoteNames names = arrangement.sheet().heading().names();
        return new ChordView(
                i,
                chord.event().bar(),
                arrangement
                        .sheet()
                        .bars()
                        .get(chord.event().bar())
                        .countAt(chord.event().start()),
                chord.event().start().toString(),
                chord.event().start().toDouble(),
                chord.event().duration().toDouble(),
                isSymbolHidden ? "" : arrangement.sheet().heading().print(chord.chord()),
                chord.event().isGuess(),
                chord.event().isGuess() ? chord.event().guess().percent() : 0,
                isSymbolHidden ? List.of() : guesses(chord.event(), names),
                chord.event().text() == null ? NOWHERE : chord.event().text(),
                hidden.contains(Hidden.NUMERALS)
                        ? new NumeralView("", String.join("/", figures), "")
                        : numeral(chord.numeral()),
                keys(
                        chord.voicing(),
                        areFingersHidden
                                ? Collections.nCopies(chord.allFingers().size(), 0)
                                : chord.allFingers(),
                        names),
                thinned,
                isSymbolHidden ? "" : leftOut(chord.voicing(), names),
                next < 0 || areFingersHidden
                        ? NO_MOVE
                        : move(chord, arrangement.chords().get(next), names),
                chord.solved().map(Solved::cost).map(Cost::semitones).orElse(0),
                chord.solved().map(Solved::pinned).orElse(false),
                chord.isWritten(),
                keptBy(arrangement, chord));
    }

    private static List<String> contradictions(Arrangement arrangement) {
        return arrangement.leftHand().contradictions().stream()
                .map(one -> {
                    ArrangedChord chord = arrangement.chords().get(one.chord());
                    int bar =
                            arrangement.sheet().bars().get(chord.event().bar()).number();
                    return "Bar " + bar + ": "
                            + arrangement.sheet().heading().print(chord.chord()) + " "
                            + one.kind().words();
                })
                .toList();
    }

    static Set<Integer> thinned(Arrangement arrangement) {
        return arrangement.leftHand().thinned();
    }

    private static String leftOut(Voicing voicing, NoteNames names) {
        return voicing.leftOut().stream()
                .map(note -> names.fromEnglish(note.pretty()))
                .collect(Collectors.joining(", "));
    }

    /** Which hand has to do with it. */
    /** As the engraving calls it. */
    static String id(Sound sound) {
        return sound.place() < 0
                ? sound.note().id()
                : Performance.tuneId(sound.note().bar(), sound.place());
    }

    static List<FindingView> findings(Arrangement arrangement, School school, Map<Kind, Severity> own) {
        return new ShownFindings(arrangement, school).of(Findings.in(arrangement, school, own));
    }

    private static String keptBy(Arrangement arrangement, ArrangedChord chord) {
        KeptVoicing pin = arrangement.leftHand().kept().get(chord.index());
        boolean here = pin == null
                || pin.bar() == chord.event().bar()
                        && pin.start().equals(chord.event().start());
        return here ? "" : pin.id();
    }

    private static NumeralView numeral(Numeral numeral) {
        return new NumeralView(numeral.roman(), numeral.figures(), numeral.of() == null ? "" : numeral.of());
    }

    static List<KeyView> keys(Voicing voicing, List<Integer> fingers, NoteNames names) {
        List<Pitch> notes = voicing.pitches();
        // A chord that comes twice in a voicing is shown once.
        return IntStream.range(0, notes.size())
                .filter(i -> notes.indexOf(notes.get(i)) == i)
                .mapToObj(i -> new KeyView(
                        notes.get(i).toString(),
                        names.fromEnglish(notes.get(i).pitchClass().pretty()),
                        notes.get(i).midi(),
                        fingers.get(i),
                        i >= voicing.notesOfLeft()))
                .toList();
    }

    private static MoveView move(ArrangedChord now, ArrangedChord next, NoteNames names) {
        HandMove move = HandMove.between(now, next);
        return new MoveView(
                next.index(),
                move.sentence(),
                move.fingers().stream().map(one -> finger(one, names)).toList());
    }

    private static FingerView finger(FingerMove move, NoteNames names) {
        return new FingerView(
                List.of(move.fromFinger(), move.toFinger()),
                List.of(
                        move.from() == null ? 0 : move.from().midi(),
                        move.to() == null ? 0 : move.to().midi()),
                move.motion(),
                move.words(names));
    }

    /** Other ways to play one chord. */
    static List<AlternativeView> alternatives(Arrangement arrangement, int chord) {
        if (chord < 0 || chord >= arrangement.chords().size()) {
            return List.of();
        }
        NoteNames names = arrangement.sheet().heading().names();
        return arrangement.chords().get(chord).solved().map(Solved::alternatives).orElse(List.of()).stream()
                .map(other -> alternative(other, names))
                .toList();
    }

    private static AlternativeView alternative(Alternative other, NoteNames names) {
        List<Pitch> notes = other.voicing().pitches();
        return new AlternativeView(
                notes.stream().map(Pitch::toString).toList(),
                notes.stream()
                        .map(n -> names.fromEnglish(n.pitchClass().pretty()))
                        .collect(Collectors.joining(" ")),
                other.price());
    }

    /** As they are typed in this chart. */
    private static List<GuessView> guesses(ChordEvent event, NoteNames names) {
        return event.isGuess()
                ? event.guess().others().stream()
                        .map(other ->
                                new GuessView(names.fromEnglish(other.chord().toString()), other.percent()))
                        .toList()
                : List.of();
    }
}
