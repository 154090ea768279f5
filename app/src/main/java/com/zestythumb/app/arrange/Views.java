package com.zestythumb.app.arrange;

import com.zestythumb.app.arrange.ArrangementView.AlternativeView;
import com.zestythumb.app.arrange.ArrangementView.BarView;
import com.zestythumb.app.arrange.ArrangementView.ChordView;
import com.zestythumb.app.arrange.ArrangementView.FingerView;
import com.zestythumb.app.arrange.ArrangementView.KeyView;
import com.zestythumb.app.arrange.ArrangementView.MoveView;
import com.zestythumb.app.arrange.ArrangementView.NoteView;
import com.zestythumb.app.arrange.ArrangementView.NumeralView;
import com.zestythumb.core.analysis.Numeral;
import com.zestythumb.core.arrangement.ArrangedChord;
import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.TimedNote;
import com.zestythumb.core.leading.Findings;
import com.zestythumb.core.leading.FingerMove;
import com.zestythumb.core.leading.HandMove;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.voicing.VoicingSolver.Alternative;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** Turns the core's values into what the page reads. */
final class Views {

    private static final MoveView NO_MOVE = new MoveView("", List.of());

    private Views() {}

    static ArrangementView of(Chart chart, Arrangement arrangement, String musicXml) {
        LeadSheet sheet = arrangement.sheet();
        return new ArrangementView(
                sheet.title(),
                sheet.key().pretty(),
                sheet.meter().toString(),
                sheet.tempo(),
                sheet.meter().beatLength().toDouble(),
                sheet.meter().barLength().toDouble(),
                chart.problems(),
                sheet.bars().stream().map(Views::bar).toList(),
                sheet.playingOrder(),
                IntStream.range(0, arrangement.chords().size())
                        .mapToObj(i -> chord(arrangement, i))
                        .toList(),
                arrangement.notes().stream().map(Views::note).toList(),
                Findings.in(arrangement),
                arrangement.lostPins().stream().map(PinDto::of).toList(),
                musicXml);
    }

    private static BarView bar(Bar bar) {
        return new BarView(
                bar.index() + 1,
                bar.section() == null ? "" : bar.section(),
                bar.startsRepeat(),
                bar.timesPlayed(),
                bar.text());
    }

    private static ChordView chord(Arrangement arrangement, int i) {
        ArrangedChord chord = arrangement.chords().get(i);
        boolean last = i == arrangement.chords().size() - 1;
        return new ChordView(
                i,
                chord.event().bar(),
                arrangement.sheet().meter().countAt(chord.event().start()),
                chord.event().start().toString(),
                chord.event().start().toDouble(),
                chord.event().duration().toDouble(),
                chord.chord().pretty(),
                numeral(chord.numeral()),
                keys(chord.voicing().notes(), chord.fingers()),
                last ? NO_MOVE : move(chord, arrangement.chords().get(i + 1)),
                chord.cost().semitones(),
                chord.pinned(),
                chord.alternatives().stream().map(Views::alternative).toList());
    }

    private static NumeralView numeral(Numeral numeral) {
        return new NumeralView(numeral.roman(), numeral.figures(), numeral.of() == null ? "" : numeral.of());
    }

    private static List<KeyView> keys(List<Pitch> notes, List<Integer> fingers) {
        return IntStream.range(0, notes.size())
                .mapToObj(i -> new KeyView(
                        notes.get(i).toString(),
                        notes.get(i).pitchClass().pretty(),
                        notes.get(i).midi(),
                        fingers.get(i)))
                .toList();
    }

    private static MoveView move(ArrangedChord now, ArrangedChord next) {
        HandMove move = HandMove.between(now, next);
        return new MoveView(
                move.sentence(), move.fingers().stream().map(Views::finger).toList());
    }

    private static FingerView finger(FingerMove move) {
        return new FingerView(
                move.fromFinger(),
                move.toFinger(),
                move.from() == null ? 0 : move.from().midi(),
                move.to() == null ? 0 : move.to().midi(),
                move.kind(),
                move.sentence());
    }

    private static AlternativeView alternative(Alternative other) {
        List<Pitch> notes = other.voicing().notes();
        return new AlternativeView(
                notes.stream().map(Pitch::toString).toList(),
                notes.stream().map(n -> n.pitchClass().pretty()).collect(Collectors.joining(" ")),
                other.price());
    }

    private static NoteView note(TimedNote note) {
        return new NoteView(
                note.id(),
                note.chord(),
                note.bar(),
                note.onset().toDouble(),
                note.duration().toDouble(),
                note.pitch().midi());
    }
}
