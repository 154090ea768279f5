package com.zestythumb.core.arrangement;

import com.zestythumb.core.figure.Figure;
import com.zestythumb.core.figure.Figure.Step;
import com.zestythumb.core.figure.Figures;
import com.zestythumb.core.figure.Layout;
import com.zestythumb.core.figure.Touch;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.voicing.Grip;
import com.zestythumb.core.voicing.Voicing;
import java.util.ArrayList;
import java.util.List;

/** Plays the voicings of a tune in a figure: when each note is struck, pushed chords and the last one among them. */
final class FigureInTime {

    private static final Fraction EIGHTH = Fraction.of(1, 2);

    /** As often as one rhythm is enough (common practice). */
    private static final int FOUR = 4;

    private final LeadSheet sheet;
    private final List<ChordEvent> events;
    private final Choices choices;

    /**
     * Gets ready to play.
     *
     * @param events the sounding chords
     */
    FigureInTime(LeadSheet sheet, List<ChordEvent> events, Choices choices) {
        this.sheet = sheet;
        this.events = events;
        this.choices = choices;
    }

    /** When a chord is first struck and when last, in quarter notes after its bar line; below 0 in the bar before. */
    record Span(Fraction first, Fraction last) {}

    /** The span of a chord of so many notes. */
    Span span(int chord, int notes) {
        List<Step> steps = steps(chord, Layout.of(notes));
        Fraction start = events.get(chord).start();
        if (steps.isEmpty()) {
            return new Span(start, start);
        }
        Fraction early = isPushed(chord) ? EIGHTH : Fraction.ZERO;
        Fraction opens = steps.get(0).onset();
        Fraction closes = steps.get(steps.size() - 1).onset();
        return new Span(at(start, opens, early), at(start, closes, early));
    }

    /** A pushed chord comes early with what is struck at its beginning, and with nothing else. */
    private static Fraction at(Fraction start, Fraction onset, Fraction early) {
        return onset.equals(Fraction.ZERO) ? start.minus(early) : start.plus(onset);
    }

    /** The notes of a chord, in time, without fingers. */
    List<TimedNote> notes(int chord, Voicing voicing) {
        List<Pitch> pitches = voicing.pitches();
        boolean pushed = isPushed(chord);
        ChordEvent event = events.get(chord);
        List<TimedNote> notes = new ArrayList<>();
        Fraction beat = sheet.bars().get(event.bar()).meter().beatLength();
        for (Step step : rolled(
                gripByGrip(voicing.isSilent() ? List.of() : steps(chord, Layout.of(voicing)), voicing, beat),
                voicing)) {
            for (int place : step.notes()) {
                Fraction onset = event.start().plus(step.onset());
                boolean early = pushed && step.onset().equals(Fraction.ZERO);
                if (early && event.start().equals(Fraction.ZERO)) {
                    // Across the bar line, so written as two notes and a tie.
                    Fraction before = sheet.bars().get(event.bar() - 1).length().minus(EIGHTH);
                    notes.add(
                            note(chord, notes.size(), event.bar() - 1, before, EIGHTH, pitches.get(place), step, true));
                    early = false;
                }
                notes.add(note(
                        chord,
                        notes.size(),
                        event.bar(),
                        early ? onset.minus(EIGHTH) : onset,
                        early ? step.duration().plus(EIGHTH) : step.duration(),
                        pitches.get(place),
                        step,
                        false));
            }
        }
        return notes;
    }

    private static TimedNote note(
            int chord, int number, int bar, Fraction onset, Fraction duration, Pitch pitch, Step step, boolean tied) {
        return new TimedNote(
                "n" + chord + "-" + number,
                chord,
                bar,
                onset,
                duration,
                pitch,
                0,
                false,
                tied,
                step.voice(),
                step.touch(),
                step.tuplet());
    }

    private List<Step> steps(int chord, Layout layout) {
        ChordEvent event = events.get(chord);
        Bar bar = sheet.bars().get(event.bar());
        Fraction duration = event.duration().minus(isPushed(chord + 1) ? EIGHTH : Fraction.ZERO);
        return figureOf(chord).over(layout, event.start().plus(bar.offset()), duration, bar.meter());
    }

    /**
     * What does not lie under the hand at one time cannot be struck at one time: its grips share the stroke, each but the
     * last for a beat at most.
     */
    private static List<Step> gripByGrip(List<Step> steps, Voicing voicing, Fraction beat) {
        if (voicing.grips().size() == 1) {
            return steps;
        }
        List<Step> parted = new ArrayList<>();
        for (Step step : steps) {
            List<List<Integer>> inGrips = new ArrayList<>();
            int from = 0;
            for (Grip grip : voicing.grips()) {
                int first = from;
                int behind = from + grip.tones().size();
                List<Integer> here = step.notes().stream()
                        .filter(place -> place >= first && place < behind)
                        .toList();
                if (!here.isEmpty()) {
                    inGrips.add(here);
                }
                from = behind;
            }
            Fraction share =
                    step.duration().dividedBy(Fraction.of(inGrips.size())).min(beat);
            for (int i = 0; i < inGrips.size(); i++) {
                Fraction after = share.times(i);
                Fraction length =
                        i < inGrips.size() - 1 ? share : step.duration().minus(after);
                parted.add(new Step(
                        step.onset().plus(after), length, inGrips.get(i), step.voice(), step.touch(), step.tuplet()));
            }
        }
        return parted;
    }

    /** What the hand can only roll is rolled where several of its notes are struck at once. */
    private List<Step> rolled(List<Step> steps, Voicing voicing) {
        boolean rolls = choices.hand().rolls() && voicing.grips().stream().anyMatch(choices.hand()::mustRoll);
        return !rolls
                ? steps
                : steps.stream()
                        .map(step -> step.notes().size() < 2
                                ? step
                                : new Step(
                                        step.onset(),
                                        step.duration(),
                                        step.notes(),
                                        step.voice(),
                                        Touch.ROLLED,
                                        step.tuplet()))
                        .toList();
    }

    /** Whether a chord comes an eighth early; it does not where the chord before would vanish. */
    private boolean isPushed(int chord) {
        if (chord == 0 || chord >= events.size() || events.get(chord).touch() != ChordEvent.Touch.PUSHED) {
            return false;
        }
        ChordEvent before = events.get(chord - 1);
        ChordEvent here = events.get(chord);
        boolean sameBar = before.bar() == here.bar() && before.end().equals(here.start());
        boolean barBefore = before.bar() == here.bar() - 1
                && here.start().equals(Fraction.ZERO)
                && before.end().equals(sheet.bars().get(before.bar()).length());
        return (sameBar || barBefore) && before.duration().compareTo(EIGHTH) > 0;
    }

    /** A held chord is struck once; and the tune stops on a long chord, whatever figure went before. */
    private Figure figureOf(int chord) {
        boolean still = chord == events.size() - 1 || events.get(chord).touch() == ChordEvent.Touch.HELD;
        if (still) {
            return Figures.BLOCK;
        }
        int bar = events.get(chord).bar();
        Figure figure = choices.figureIn(bar);
        return choices.varied() && sinceSection(bar) % FOUR == FOUR - 1 ? Figures.variation(figure) : figure;
    }

    /** Bars from the beginning of the section, or of the tune. */
    private int sinceSection(int bar) {
        int since = 0;
        while (bar - since > 0 && sheet.bars().get(bar - since).section() == null) {
            since++;
        }
        return since;
    }
}
