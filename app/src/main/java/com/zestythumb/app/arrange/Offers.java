package com.zestythumb.app.arrange;

import com.zestythumb.app.arrange.ArrangementView.DifficultyView;
import com.zestythumb.app.arrange.ArrangementView.KeyView;
import com.zestythumb.app.arrange.ArrangementView.MeasureOfDifficulty;
import com.zestythumb.core.arrangement.ArrangedChord;
import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.checking.Fixes;
import com.zestythumb.core.checking.Meetings;
import com.zestythumb.core.pitch.NoteNames;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.proposing.Difficulty;
import com.zestythumb.core.sheet.ChartWriter;
import com.zestythumb.core.solving.Cost;
import com.zestythumb.core.solving.Prices;
import com.zestythumb.core.solving.VoicingSolver.Solved;
import com.zestythumb.core.voiceleading.Kind;
import com.zestythumb.core.voiceleading.Severity;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;

/** What is offered beside an arrangement before it is taken: styles, proposals, steps, other ways of a chord, fixes. */
final class Offers {

    private Offers() {}

    /** What another way to play a chord costs, and why. */
    @Schema(name = "Price")
    record PriceView(
            List<String> pitches,
            @Schema(example = "E G C") String names,

            @Schema(description = "What the whole tune would cost more, in half steps.")
            int price,

            @Schema(description = "Which terms make it so, the dearest first.")
            List<TermPriceView> terms) {}

    /** What one term costs more, or less. */
    @Schema(name = "TermPrice")
    record TermPriceView(
            @Schema(example = "half steps that the fingers move")
            String name,

            int semitones) {}

    /** What a style would do to a tune. */
    @Schema(name = "StyleEffect")
    record StyleEffectView(
            String style,
            @Schema(description = "Its first chord.") String symbol,

            @Schema(description = "How that lies under the hand.")
            List<KeyView> keys,

            @Schema(description = "Half steps moved in all.")
            int moved,

            @Schema(description = "Bars to learn.") int toLearn,

            @Schema(description = "How hard, from 1 to 5.") int step,

            @Schema(description = "How many chords this hand cannot play as the style means them.")
            int thinned,

            @Schema(description = "At how many chords the right hand cannot hold this and the tune.")
            int besideTheTune,

            @Schema(description = "How many chords there are.")
            int chords) {}

    /** A left hand to choose. */
    @Schema(name = "HandProposal")
    record ProposalView(
            ChoicesDto choices,
            @Schema(example = "Close chords") String style,
            @Schema(example = "Alberti") String figure,
            DifficultyView difficulty,

            @Schema(description = "Days of practice until it is known, as a rule of thumb.")
            int days,

            @Schema(description = "The step that was looked for; where nothing is of it, the nearest was taken.")
            int wanted) {}

    /** A step on the way to a left hand. */
    @Schema(name = "HandStep")
    record StepView(
            @Schema(description = "What is new in it.", example = "The bass alone, held")
            String name,

            ChoicesDto choices,
            DifficultyView difficulty) {}

    /** A way to fix what is found at a chord. */
    @Schema(name = "Fix")
    record FixView(
            @Schema(example = "leave out B") String words,

            @Schema(description = "The chord as it is then fixed; null where somebody wrote it.", nullable = true)
            PinDto pin,

            @Schema(
                    description = "The chart as it is then written; null where nobody wrote the chord.",
                    nullable = true)
            String chart,

            @Schema(description = "How many things there are to mind in the tune then.")
            int findings,

            @Schema(description = "Half steps that the fingers move in the tune then.")
            int moved) {}

    /** The tune with every fix taken. */
    @Schema(name = "Fixed")
    record FixedView(
            @Schema(description = "What was done, bar by bar.", example = "[\"Bar 3: leave out B\"]")
            List<String> steps,

            ChoicesDto choices,

            @Schema(
                    description = "The chart as it is then written; null where nothing written was changed.",
                    nullable = true)
            String chart) {}

    static FixedView fixed(Arrangement arrangement, Map<Kind, Severity> own) {
        NoteNames names = arrangement.sheet().heading().names();
        Fixes.Fixed fixed = Fixes.all(arrangement, own);
        boolean written = fixed.steps().stream().anyMatch(step -> step.fix().isWritten());
        return new FixedView(
                fixed.steps().stream()
                        .map(step -> (step.bar() == 0 ? "Pickup" : "Bar " + step.bar()) + ": "
                                + step.fix().words(names::fromEnglish))
                        .toList(),
                ChoicesDto.of(fixed.tune().choices()),
                written ? ChartWriter.write(fixed.tune().sheet()) : null);
    }

    static StyleEffectView effect(Arrangement arrangement) {
        List<ArrangedChord> chords = arrangement.chords();
        NoteNames names = arrangement.sheet().heading().names();
        Difficulty difficulty = Difficulty.of(arrangement);
        return new StyleEffectView(
                arrangement.choices().style().style().id(),
                chords.isEmpty()
                        ? ""
                        : arrangement.sheet().heading().print(chords.get(0).chord()),
                chords.isEmpty()
                        ? List.of()
                        : Views.keys(chords.get(0).voicing(), chords.get(0).allFingers(), names),
                chords.stream()
                        .mapToInt(chord -> chord.solved()
                                .map(Solved::cost)
                                .map(Cost::semitones)
                                .orElse(0))
                        .sum(),
                difficulty.toLearn(),
                difficulty.step(),
                Views.thinned(arrangement).size(),
                Meetings.tooMuchForTheRight(arrangement),
                chords.size());
    }

    /** Other ways to play one chord with the reasons of their prices. */
    static List<PriceView> prices(Arrangement arrangement, int chord, int most) {
        if (chord < 0
                || chord >= arrangement.chords().size()
                || arrangement.chords().get(chord).isWritten()) {
            return List.of();
        }
        NoteNames names = arrangement.sheet().heading().names();
        return Prices.of(arrangement.leftHand().task(), chord, most).stream()
                .map(price -> new PriceView(
                        price.voicing().pitches().stream().map(Pitch::toString).toList(),
                        price.voicing().pitches().stream()
                                .map(n -> names.fromEnglish(n.pitchClass().pretty()))
                                .collect(Collectors.joining(" ")),
                        price.price(),
                        price.terms().entrySet().stream()
                                .map(term -> new TermPriceView(TermNames.of(term.getKey()), term.getValue()))
                                .toList()))
                .toList();
    }

    /** Ways to fix a chord, as the teacher of this tune calls its notes. */
    static List<FixView> fixes(Arrangement arrangement, int chord, String code, Map<Kind, Severity> own) {
        if (chord < 0 || chord >= arrangement.chords().size()) {
            return List.of();
        }
        NoteNames names = arrangement.sheet().heading().names();
        return Fixes.of(arrangement, chord, Kind.named(code).orElse(null), own).stream()
                .map(fix -> new FixView(
                        fix.words(names::fromEnglish),
                        fix.pin() == null ? null : PinDto.of(fix.pin()),
                        fix.isWritten() ? ChartWriter.write(fix.of(arrangement).sheet()) : null,
                        fix.findings(),
                        fix.moved()))
                .toList();
    }

    static DifficultyView difficulty(Difficulty how) {
        String stretch = how.stretch()
                + (how.spare() < 0 ? " half steps, too wide" : " half steps, " + how.spare() + " to spare");
        return new DifficultyView(
                how.step(),
                List.of(
                        new MeasureOfDifficulty("leap", how.leap() + " half steps"),
                        new MeasureOfDifficulty("stretch", stretch),
                        new MeasureOfDifficulty("keys at once", String.valueOf(how.together())),
                        new MeasureOfDifficulty("speed", String.format(Locale.ROOT, "%.1f keys a second", how.speed())),
                        new MeasureOfDifficulty("bars to learn", String.valueOf(how.toLearn())),
                        new MeasureOfDifficulty(
                                "reading", how.reading() == 1 ? "1 sign in a bar" : how.reading() + " signs in a bar"),
                        new MeasureOfDifficulty("to know", "level " + how.knowledge())));
    }
}
