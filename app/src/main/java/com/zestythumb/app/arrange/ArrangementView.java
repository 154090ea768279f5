package com.zestythumb.app.arrange;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.zestythumb.core.checking.FingerMove;
import com.zestythumb.core.sheet.ChartProblem;
import com.zestythumb.core.sheet.Credit;
import com.zestythumb.core.sheet.Heading;
import com.zestythumb.core.sheet.TextSpan;
import com.zestythumb.core.sheet.Tick;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;

/** Everything the page shows of a tune, computed. Times are in quarter notes. */
@Schema(name = "Arrangement")
public record ArrangementView(
        String title,

        @Schema(description = "Who made it and whose it is, as far as that is told.")
        CreditsView credits,

        @Schema(description = "How it goes, in words; empty where not told.")
        String feel,

        @Schema(description = "The key told, else the one heard; empty where none is clear.")
        String key,

        @Schema(description = "Whether the chart says which key it is; else it is heard.")
        boolean keyTold,

        @Schema(description = "Other keys in which it might be heard as well, the likeliest first.")
        List<OtherKeyView> otherKeys,

        String meter,

        @Schema(description = "Whether the chart says which meter it is; else the usual one is taken.")
        boolean meterTold,

        @Schema(description = "Beats a minute.") int tempo,

        @Schema(description = "Quarter notes in a beat that the tempo counts.")
        double beatLength,

        @Schema(description = "Quarter notes in a bar.") double barLength,

        @Schema(description = "What could not be read, in the order of the text.")
        List<ChartProblem> problems,

        @Schema(description = "What was read in the usual way though the text might mean another; no mistakes.")
        List<ChartProblem> taken,

        @Schema(description = "How many bars are left open, for chords to be found.")
        int open,

        List<BarView> bars,

        @Schema(description = "Indices into bars as they are played: repeats, endings and jumps unfolded.")
        List<Integer> playingOrder,

        @Schema(description = "How a teacher calls each bar as it comes by.", example = "[\"second time, bar 7\"]")
        List<String> calls,

        List<ChordView> chords,

        @Schema(description = "What is played: the left hand, and the tune where there is one.")
        List<PartView> parts,

        @Schema(description = "Other ways to play the chord that was asked for, cheapest first.")
        List<AlternativeView> alternatives,

        List<FindingView> findings,

        @Schema(description = "When the foot is down, in the written order.")
        List<PedalView> pedal,

        @Schema(description = "Where it goes slower than the tempo, in the written order.")
        List<PaceView> pace,

        @Schema(description = "How a bar of each of its meters is counted.")
        List<MeterView> meters,

        @Schema(description = "How many chords this hand cannot play as the style means them.", defaultValue = "0")
        @JsonInclude(JsonInclude.Include.NON_DEFAULT)
        int thinned,

        @Schema(description = "Wishes for one chord that cannot all be kept.")
        List<String> contradictions,

        @Schema(
                description =
                        "By how many half steps at most another left hand could be better under the same wishes; 0"
                                + " where it is proven that none is.",
                defaultValue = "0")
        @JsonInclude(JsonInclude.Include.NON_DEFAULT)
        int gap,

        @Schema(description = "How hard it is.") DifficultyView difficulty,

        AnalysisView analysis,

        @Schema(description = "Pins whose chord is no longer there.")
        List<PinDto> lostPins,

        @Schema(description = "MusicXML 4.0 of the page; notes bear the ids given here.")
        ScoreView score) {

    /** A key in which the tune might be heard as well. */
    @Schema(name = "OtherKey")
    public record OtherKeyView(
            String key,

            @Schema(description = "How likely it is, of a hundred.")
            int percent) {}

    /** The foot is down for a while. */
    @Schema(name = "Pedal")
    public record PedalView(
            int bar,

            @Schema(description = "Quarter notes after the bar line.")
            double down,

            double up) {}

    /** How a full bar of a meter is counted. */
    @Schema(name = "CountedMeter")
    public record MeterView(
            String meter,

            @Schema(description = "Quarter notes.") double length,

            @Schema(description = "Every beat and what beats are parted into, in time.")
            List<TickView> ticks) {}

    /** Who made a tune and whose it is; empty what is not told. */
    @Schema(name = "Credits")
    public record CreditsView(String composer, String lyricist, String arranger, String copyright) {

        static CreditsView of(Heading heading) {
            return new CreditsView(
                    heading.composer(),
                    heading.credit(Credit.LYRICIST),
                    heading.credit(Credit.ARRANGER),
                    heading.credit(Credit.COPYRIGHT));
        }
    }

    /** A place at which one taps a foot or says a syllable. */
    @Schema(name = "Tick")
    public record TickView(
            @Schema(description = "Quarter notes after the bar line, as it is played.")
            double at,

            Tick.Weight weight,

            @Schema(example = "&") String syllable) {}

    /** It goes slower for a while. */
    @Schema(name = "Pace")
    public record PaceView(
            int bar,

            @Schema(description = "Quarter notes after the bar line.")
            double from,

            double to,

            @Schema(description = "As a share of the tempo.")
            double speed) {}

    /** A left hand on the scales by which teachers grade. */
    @Schema(name = "Difficulty")
    public record DifficultyView(
            @Schema(description = "From 1, a first-term piece, to 5.")
            int step,

            List<MeasureOfDifficulty> measures) {}

    /** One of its measures, in words. */
    @Schema(name = "DifficultyMeasure")
    public record MeasureOfDifficulty(
            @Schema(example = "farthest leap") String name,
            @Schema(example = "7 half steps") String value) {}

    /** A written bar. */
    @Schema(name = "Bar")
    public record BarView(
            @Schema(description = "Place among the written bars, from 0.")
            int index,

            @Schema(description = "What a teacher calls it; 0 for a pickup.")
            int number,

            @Schema(description = "Quarter notes.") double length,
            @Schema(description = "The meter in force.") String meter,

            @Schema(description = "Quarter notes in its felt beat.")
            double beatLength,

            @Schema(description = "Where in a full bar it begins, in quarter notes; above 0 in a pickup.")
            double offset,

            @Schema(description = "Name of the section that begins here; empty where none does.")
            String section,

            @Schema(description = "Whether a phrase ends with it.", defaultValue = "false")
            @JsonInclude(JsonInclude.Include.NON_DEFAULT)
            boolean endsLine,

            boolean startsRepeat,
            int timesPlayed,

            @Schema(description = "Where it stands in the chart.")
            TextSpan text) {}

    /** A chord under the hand. */
    @Schema(name = "ArrangedChord")
    public record ChordView(
            int index,
            @Schema(description = "Index into bars.") int bar,

            @Schema(description = "The count, from 1, that it falls on.")
            int count,

            @Schema(description = "Quarter notes after the bar line, exact, as pins take it.")
            String start,

            double onset,
            double duration,

            @Schema(description = "The symbol as printed.", example = "B♭m7♭5")
            String symbol,

            @Schema(
                    description = "Whether it was guessed from notes and waits to be confirmed.",
                    defaultValue = "false")
            @JsonInclude(JsonInclude.Include.NON_DEFAULT)
            boolean guess,

            @Schema(description = "How likely the guess is, of a hundred; 0 where nobody can tell.", defaultValue = "0")
            @JsonInclude(JsonInclude.Include.NON_DEFAULT)
            int percent,

            @Schema(description = "What else it might be, the likeliest first.")
            List<GuessView> guesses,

            @Schema(description = "Where its symbol stands in the chart; length 0 where it has none.")
            TextSpan text,

            NumeralView numeral,
            List<KeyView> keys,

            @Schema(description = "Whether this hand cannot play it as the style means it.", defaultValue = "false")
            @JsonInclude(JsonInclude.Include.NON_DEFAULT)
            boolean thinned,

            @Schema(description = "Notes of the chord that no finger plays.", example = "C♯, G", defaultValue = "")
            @JsonInclude(JsonInclude.Include.NON_EMPTY)
            String leftOut,

            @Schema(description = "What the hand does to reach the next chord; empty at the end.")
            MoveView toNext,

            @Schema(description = "Half steps moved by all fingers to come here.")
            int moved,

            @Schema(defaultValue = "false") @JsonInclude(JsonInclude.Include.NON_DEFAULT)
            boolean pinned,

            @Schema(description = "Whether somebody wrote its notes.", defaultValue = "false")
            @JsonInclude(JsonInclude.Include.NON_DEFAULT)
            boolean written,

            @Schema(description = "The pin that keeps it, where that stands at another chord.")
            @JsonInclude(JsonInclude.Include.NON_EMPTY)
            String keptBy) {}

    /** Another name for a guessed chord. */
    @Schema(name = "Guess")
    public record GuessView(
            @Schema(description = "As the chart writes it.", example = "Bbmaj7")
            String symbol,

            @Schema(description = "How likely it is, of a hundred; 0 where nobody can tell.")
            int percent) {}

    /** A Roman numeral in its parts. */
    @Schema(name = "Numeral")
    public record NumeralView(
            String roman,
            String figures,

            @Schema(description = "What an applied dominant leads to; else empty.")
            String of) {}

    /** A key held down. */
    @Schema(name = "HeldKey")
    public record KeyView(
            @Schema(example = "Eb3") String pitch,
            @Schema(example = "E♭") String name,
            int midi,

            @Schema(description = "1 thumb to 5 little finger; 0 where none is told.")
            int finger,

            @Schema(description = "Whether the right hand holds it.", defaultValue = "false")
            @JsonInclude(JsonInclude.Include.NON_DEFAULT)
            boolean right) {}

    /** The way to the chord that first follows when the tune is played. */
    @Schema(name = "HandMove")
    public record MoveView(
            @Schema(description = "Index of that chord; -1 behind the last one.")
            int to,

            @Schema(example = "5 stays, 3 and 1 up a step") String sentence,
            List<FingerView> fingers) {}

    /** What one finger does. */
    @Schema(name = "FingerMove")
    public record FingerView(
            @Schema(description = "The finger now and the one next; 0 where it joins or lifts.")
            List<Integer> fingers,

            @Schema(description = "The MIDI key now and the one next; 0 where it joins or lifts.")
            List<Integer> keys,

            FingerMove.Motion kind,

            @Schema(description = "Behind the finger.", example = "up a step to F")
            String words) {}

    /** Something that was found. */
    @Schema(name = "Finding")
    public record FindingView(
            @Schema(description = "What it is.", example = "parallel-fifths")
            String code,

            @Schema(
                    description = "How grave the school holds it.",
                    allowableValues = {"fault", "warning", "hint"})
            String severity,

            @Schema(
                    description = "Which hand has to do with it; empty where it is about parts.",
                    allowableValues = {"left", "right", "both", ""})
            String hand,

            @Schema(description = "The voices that it names.", example = "[\"bass\", \"tenor\"]")
            List<String> voices,

            @Schema(description = "Index of the chord where it is met.")
            int chord,

            @Schema(description = "Number of its bar as a teacher counts.")
            int bar,

            @Schema(description = "The beat on which its chord begins, from 1.")
            int beat,

            @Schema(example = "Parallel fifths") String title,

            @Schema(description = "What is there, with its measure.")
            String message,

            @Schema(description = "What to do about it.") String remedy,

            @Schema(description = "The rule's own page, by its code.")
            String page,

            @Schema(description = "Whether it can hurt a hand, and is always shown.")
            boolean bodily,

            @Schema(description = "Where else it is so, by place.") @JsonInclude(JsonInclude.Include.NON_EMPTY)
            List<OtherView> others,

            @Schema(description = "How the voices go that it speaks of.") @JsonInclude(JsonInclude.Include.NON_EMPTY)
            List<MotionView> motions) {}

    /** From one note to another, by their ids on the page. */
    @Schema(name = "Motion")
    public record MotionView(String from, String to) {}

    /** Another place of a finding. */
    @Schema(name = "FindingPlace")
    public record OtherView(int chord, int bar) {}

    /** Another voicing of the same chord. */
    @Schema(name = "Alternative")
    public record AlternativeView(
            List<String> pitches,
            @Schema(example = "E G C") String names,

            @Schema(description = "What the whole tune would cost more, in half steps.")
            int price) {}

    /** The score in pieces; put together they are one document. */
    @Schema(name = "Score")
    public record ScoreView(String head, List<MeasureView> measures, String foot) {}

    /** One measure of the score. */
    @Schema(name = "Measure")
    public record MeasureView(
            @Schema(description = "Tells it from others; the same mark is the same text.")
            String mark,

            @Schema(description = "Empty where the request names the mark as known.", defaultValue = "")
            @JsonInclude(JsonInclude.Include.NON_EMPTY)
            String text) {}
}
