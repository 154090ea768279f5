package com.zestythumb.core.arrangement;

import com.zestythumb.core.fingering.Side;
import com.zestythumb.core.pattern.AccompanimentPattern;
import com.zestythumb.core.pattern.AccompanimentPattern.Step;
import com.zestythumb.core.pattern.AccompanimentPatterns;
import com.zestythumb.core.pattern.Layout;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.sheet.Meter;
import com.zestythumb.core.sheet.SheetNote;
import com.zestythumb.core.sheet.Touch;
import com.zestythumb.core.sheet.Transitions;
import com.zestythumb.core.voicing.AttackMode;
import com.zestythumb.core.voicing.Voicing;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Plays the voicings of a tune in a pattern: when each note is struck, pushed chords and the last one among them. */
final class PatternInTime {

    private static final int USUAL_NOTES = 3;

    private static final Fraction EIGHTH = Fraction.of(1, 2);

    /** As often as one rhythm is enough (common practice). */
    static final int FOUR = 4;

    static final int EIGHT = 2 * FOUR;

    private final LeadSheet sheet;
    private final List<ChordEvent> events;
    private final Choices choices;
    private final Transitions transitions;
    private final WrittenHand written;
    /** The same pattern over the same shape comes again and again. */
    private final Map<Played, List<Step>> known = new HashMap<>();

    private record Played(
            String pattern, Layout layout, Fraction start, Fraction duration, Meter meter, Fraction sounded) {}

    /**
     * Gets ready to play.
     *
     * @param events the sounding chords
     * @param written chords that have notes already
     */
    PatternInTime(
            LeadSheet sheet, List<ChordEvent> events, Transitions transitions, Choices choices, WrittenHand written) {
        this.written = written;
        this.transitions = transitions;
        this.sheet = sheet;
        this.events = events;
        this.choices = choices;
    }

    /** When a chord is first struck and when last, in quarter notes after its bar line; below 0 in the bar before. */
    record Span(Fraction first, Fraction last) {}

    /** The span of a chord of so many notes. */
    Span span(int chord, int notes) {
        Fraction start = events.get(chord).start();
        if (written.has(chord)) {
            List<TimedNote> struck = written.notes(chord);
            boolean here = !struck.isEmpty()
                    && struck.get(struck.size() - 1).bar() == events.get(chord).bar();
            return here
                    ? new Span(
                            struck.get(0).onset(), struck.get(struck.size() - 1).onset())
                    : new Span(start, start);
        }
        List<Step> steps = steps(chord, Layout.of(notes));
        if (steps.isEmpty()) {
            return new Span(start, start);
        }
        Fraction early = isPushed(chord) ? EIGHTH : Fraction.ZERO;
        Fraction opens = steps.get(0).onset();
        Fraction closes = steps.get(steps.size() - 1).onset();
        return new Span(at(start, opens, early), at(start, closes, early));
    }

    /** How a chord is struck: one that is too short for its pattern is struck at once. */
    AttackMode strokes(int chord) {
        if (written.has(chord)) {
            return AttackMode.TOGETHER;
        }
        AttackMode strokes = figureOf(chord)
                .strokes(sheet.bars().get(events.get(chord).bar()).meter());
        int most = strokes == AttackMode.ONE_BY_ONE ? 1 : USUAL_NOTES - 1;
        boolean whole = strokes != AttackMode.PAIRS
                && steps(chord, Layout.of(USUAL_NOTES)).stream()
                        .anyMatch(step -> step.notes().size() > most);
        return !whole ? strokes : strokes.tellBass() ? AttackMode.HELD_BASS : AttackMode.TOGETHER;
    }

    /** A pushed chord comes early with what is struck at its beginning, and with nothing else. */
    private static Fraction at(Fraction start, Fraction onset, Fraction early) {
        return onset.equals(Fraction.ZERO) ? start.minus(early) : start.plus(onset);
    }

    /**
     * The notes of a chord, in time, with no fingers but those that are given.
     *
     * @param pin how the teacher fixed it, or null
     */
    List<TimedNote> notes(int chord, Voicing voicing, KeptVoicing pin) {
        int left = voicing.notesOfLeft();
        List<Pitch> pitches = voicing.pitches();
        boolean pushed = isPushed(chord);
        ChordEvent event = events.get(chord);
        List<TimedNote> notes = new ArrayList<>();
        Fraction beat = sheet.bars().get(event.bar()).meter().beatLength();
        List<Step> steps = voicing.isSilent() ? List.of() : steps(chord, Layout.of(voicing));
        for (Step step : rolled(GripByGrip.of(steps, voicing, beat, choices), voicing)) {
            for (int place : step.notes()) {
                if (step.other() && place < left && step.notes().stream().anyMatch(other -> other >= left)) {
                    // The right hand has a chord of its own.
                    continue;
                }
                Part part = part(pitches.get(place), step.other() || place >= left, pin);
                Fraction late = part.late() ? late(step, event) : Fraction.ZERO;
                Fraction onset = event.start().plus(step.onset()).plus(late);
                boolean early = pushed && step.onset().equals(Fraction.ZERO);
                if (early && event.start().equals(Fraction.ZERO)) {
                    // Across the bar line, so written as two notes and a tie.
                    Fraction before = sheet.bars().get(event.bar() - 1).length().minus(EIGHTH);
                    notes.add(note(
                            chord,
                            notes.size(),
                            event.bar() - 1,
                            before,
                            EIGHTH,
                            pitches.get(place),
                            step,
                            true,
                            part));
                    early = false;
                }
                notes.add(note(
                        chord,
                        notes.size(),
                        event.bar(),
                        early ? onset.minus(EIGHTH) : onset,
                        (early ? step.duration().plus(EIGHTH) : step.duration()).minus(late),
                        pitches.get(place),
                        step,
                        false,
                        part));
            }
        }
        return notes;
    }

    /** What is told of one note of a chord: whose it is and how it is played. */
    private record Part(Side side, Stress stress, boolean late, int finger) {}

    private static Part part(Pitch pitch, boolean right, KeptVoicing pin) {
        Manner manner = pin == null ? null : pin.manners().get(pitch);
        return new Part(
                right ? Side.RIGHT : Side.LEFT,
                manner == Manner.SOFT ? Stress.SOFT : manner == Manner.BROUGHT_OUT ? Stress.BROUGHT_OUT : Stress.EVEN,
                manner == Manner.LATE,
                pin == null ? 0 : pin.fingers().getOrDefault(pitch, 0));
    }

    /** A count, where the note sounds longer and is struck with its chord. */
    private Fraction late(Step step, ChordEvent event) {
        Fraction count = sheet.bars().get(event.bar()).meter().countLength();
        boolean fits = step.onset().equals(Fraction.ZERO) && step.duration().isAfter(count);
        return fits ? count : Fraction.ZERO;
    }

    private static TimedNote note(
            int chord,
            int number,
            int bar,
            Fraction onset,
            Fraction duration,
            Pitch pitch,
            Step step,
            boolean tied,
            Part part) {
        return new TimedNote(
                "n" + chord + "-" + number,
                chord,
                bar,
                // What comes late stands in a voice of its own beside its chord.
                part.late() && part.side() == Side.LEFT ? step.voice() + 1 : step.voice(),
                part.side(),
                part.stress(),
                false,
                new SheetNote(
                        pitch, onset, duration, tied, step.tuplet(), List.of(), part.finger(), step.touch(), Set.of()));
    }

    private List<Step> steps(int chord, Layout layout) {
        ChordEvent event = events.get(chord);
        Bar bar = sheet.bars().get(event.bar());
        Fraction duration = event.duration().minus(isPushed(chord + 1) ? EIGHTH : Fraction.ZERO);
        AccompanimentPattern pattern = figureOf(chord);
        Fraction start = event.start().plus(bar.offset());
        List<Step> steps = known.computeIfAbsent(
                new Played(pattern.text(), layout, start, duration, bar.meter(), sounded(chord)),
                played -> pattern.over(layout, start, duration, bar.meter(), played.sounded()));
        Articulation touch = choices.playing().touch();
        return pattern == AccompanimentPatterns.BLOCK || touch == Articulation.AS_THE_FIGURE
                ? steps
                : steps.stream().map(step -> step.with(touch.of(step.touch()))).toList();
    }

    /** For how many quarter notes the same chord has sounded before without a break, over bar lines too. */
    private Fraction sounded(int chord) {
        Fraction sounded = Fraction.ZERO;
        for (int i = chord; i > 0 && goesOn(i - 1); i--) {
            sounded = sounded.plus(events.get(i - 1).duration());
        }
        return sounded;
    }

    /** Whether the next chord is the same again, and follows at once. */
    private boolean goesOn(int chord) {
        ChordEvent here = events.get(chord);
        ChordEvent next = events.get(chord + 1);
        Bar bar = sheet.bars().get(next.bar());
        return here.chord().equals(next.chord())
                && bar.section() == null
                && !bar.startsRepeat()
                && isNext(here, next)
                && !written.has(chord)
                && choices.figureOf(here).equals(choices.figureOf(next));
    }

    boolean isNext(ChordEvent here, ChordEvent next) {
        return here.bar() == next.bar() && here.end().equals(next.start())
                || here.bar() == next.bar() - 1
                        && next.start().equals(Fraction.ZERO)
                        && here.end().equals(sheet.bars().get(here.bar()).length());
    }

    /** What the hand can only roll is rolled where several of its notes are struck at once. */
    private List<Step> rolled(List<Step> steps, Voicing voicing) {
        boolean rolls = choices.hand().rolls() && voicing.grips().stream().anyMatch(choices.hand()::mustRoll);
        return !rolls
                ? steps
                : steps.stream()
                        .map(step -> step.notes().size() < 2 ? step : step.with(Touch.ROLLED))
                        .toList();
    }

    /** Whether a chord comes an eighth early; it does not where the chord before would vanish. */
    boolean isPushed(int chord) {
        if (chord == 0 || chord >= events.size() || events.get(chord).timing() != ChordEvent.Timing.PUSHED) {
            return false;
        }
        ChordEvent before = events.get(chord - 1);
        ChordEvent here = events.get(chord);
        return !written.has(chord)
                && !written.has(chord - 1)
                && isNext(before, here)
                && before.duration().isAfter(EIGHTH);
    }

    /** A held chord is struck once; and the tune comes to rest on a long chord, unless it keeps its pattern. */
    AccompanimentPattern figureOf(int chord) {
        boolean rests = choices.playing().ending() == Ending.REST
                && chord == transitions.closing()
                // A bar that is played again goes on.
                && transitions.next(chord) < 0;
        boolean still = rests || events.get(chord).timing() == ChordEvent.Timing.HELD;
        if (still) {
            return AccompanimentPatterns.BLOCK;
        }
        int bar = events.get(chord).bar();
        AccompanimentPattern chosen = choices.figureOf(events.get(chord));
        boolean inTurn = chosen.equals(AccompanimentPatterns.REPEATED)
                && choices.playing().repeating() == Repeating.HANDS;
        AccompanimentPattern pattern = inTurn ? AccompanimentPatterns.SHARED : chosen;
        return choices.varied() && sinceSection(bar) % EIGHT == EIGHT - 1
                ? AccompanimentPatterns.variation(pattern)
                : pattern;
    }

    /** Bars from the beginning of the section, or of the tune. */
    int sinceSection(int bar) {
        int since = 0;
        while (bar - since > 0 && sheet.bars().get(bar - since).section() == null) {
            since++;
        }
        return since;
    }
}
