package com.zestythumb.app.exercise;

import com.zestythumb.app.arrange.ArrangementView;
import com.zestythumb.app.exercise.AnswerDesk.Who;
import com.zestythumb.app.http.Computations;
import com.zestythumb.core.exercise.Hint;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Exercises as a student answers them, by a link that nobody guesses. */
@RestController
@RequestMapping("/api/answers/{code}")
@Tag(name = "Answers")
class AnswerController {

    /** What lies under the hand at one chord. */
    @Schema(name = "AnsweredChord")
    record Answered(
            @Schema(description = "Which try it belongs to.")
            int attempt,

            @Schema(description = "MIDI keys; none to take an answer back.") @NotNull @Size(max = 88)
            List<@NotNull Integer> keys,

            @Schema(description = "What is written or chosen, where it is not played.", nullable = true)
            @Size(max = 100)
            String word,

            @Schema(description = "Seconds from when the chord was looked at to its first key.") @Min(0)
            int waited,

            @Schema(description = "How long the student has sat at this try.") @Min(0)
            int seconds) {}

    /** A try that is ready to be marked. */
    @Schema(name = "FinishedTry")
    record Finished(int attempt, @Min(0) int seconds) {}

    static final String DEVICE = "X-Device";
    private static final Pattern SANE = Pattern.compile("[A-Za-z0-9-]{1,40}");

    private final AnswerDesk answers;
    private final Computations computations;

    AnswerController(AnswerDesk answers, Computations computations) {
        this.answers = answers;
        this.computations = computations;
    }

    /** A device is told apart by what it calls itself; one that says nothing is like any other. */
    private static Who who(String code, String device, HttpServletRequest request) {
        String plain = SANE.matcher(device).matches() ? device : "";
        return new Who(code, plain, request.getRemoteAddr());
    }

    /** Who answers. */
    @Schema(name = "AnswerName")
    record Name(@NotNull @Size(max = 60) String name) {}

    @PutMapping("/name")
    @Operation(summary = "Say who answers an exercise that is for anybody.")
    AnswerSheet name(
            @PathVariable String code,
            @RequestHeader(name = DEVICE, defaultValue = "") String device,
            @Valid @RequestBody Name given,
            HttpServletRequest request) {
        Who who = who(code, device, request);
        return computations.inTurn(() -> answers.name(who, given.name()));
    }

    @GetMapping
    @Operation(summary = "The exercise and how far it is answered.")
    AnswerSheet sheet(
            @PathVariable String code,
            @RequestHeader(name = DEVICE, defaultValue = "") String device,
            HttpServletRequest request) {
        return computations.inTurn(() -> answers.sheet(who(code, device, request)));
    }

    /** Which page is wanted. */
    @Schema(name = "AnswerPageRequest")
    record PageRequest(
            @Schema(description = "Whether it is what is heard, where something else is seen.")
            boolean heard,

            @Schema(description = "Marks of the measures that need not be sent again.") @NotNull @Size(max = 5000)
            Set<@NotNull @Size(max = 40) String> known) {}

    @PostMapping("/page")
    @Operation(summary = "The music as it is answered up to now, without what would tell the answer.")
    ArrangementView page(
            @PathVariable String code,
            @RequestHeader(name = DEVICE, defaultValue = "") String device,
            @RequestHeader(name = "X-Page", defaultValue = "") String page,
            @Valid @RequestBody PageRequest wanted,
            HttpServletRequest request) {
        Who who = who(code, device, request);
        return computations.inTurn(page, () -> answers.page(who, wanted.heard(), wanted.known()));
    }

    @PutMapping("/chords/{chord}")
    @Operation(summary = "Keep what is played at one chord.")
    AnswerSheet answer(
            @PathVariable String code,
            @RequestHeader(name = DEVICE, defaultValue = "") String device,
            @PathVariable int chord,
            @Valid @RequestBody Answered answered,
            HttpServletRequest request) {
        Who who = who(code, device, request);
        return computations.inTurn(() -> answers.answer(
                who,
                answered.attempt(),
                new AnswerDesk.Answered(
                        chord, answered.keys(), answered.word(), answered.waited(), answered.seconds())));
    }

    /** Something that helps at a chord. */
    @Schema(name = "AnswerHint")
    record Helped(
            @Schema(description = "What to think of; empty where a key is put down, or nothing is left to tell.")
            String words,

            @Schema(description = "A MIDI key to put down; 0 for none.")
            int key) {}

    @PostMapping("/chords/{chord}/help")
    @Operation(summary = "Something that helps at a chord, more each time, where the teacher allows it.")
    Helped help(
            @PathVariable String code,
            @RequestHeader(name = DEVICE, defaultValue = "") String device,
            @PathVariable int chord,
            @Valid @RequestBody Finished at,
            HttpServletRequest request) {
        Who who = who(code, device, request);
        return computations.inTurn(() -> {
            Hint hint = answers.help(who, at.attempt(), chord);
            return new Helped(hint.words(), hint.key());
        });
    }

    @PostMapping("/finish")
    @Operation(summary = "Have the try marked.")
    AnswerSheet finish(
            @PathVariable String code,
            @RequestHeader(name = DEVICE, defaultValue = "") String device,
            @Valid @RequestBody Finished finished,
            HttpServletRequest request) {
        Who who = who(code, device, request);
        return computations.inTurn(() -> answers.finish(who, finished.attempt(), finished.seconds()));
    }

    @PostMapping("/again")
    @Operation(summary = "Begin another try; what was right stays.")
    AnswerSheet again(
            @PathVariable String code,
            @RequestHeader(name = DEVICE, defaultValue = "") String device,
            HttpServletRequest request) {
        Who who = who(code, device, request);
        return computations.inTurn(() -> answers.again(who));
    }
}
