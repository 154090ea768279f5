package com.zestythumb.app.rule;

import com.zestythumb.app.arrange.ChoicesDto;
import com.zestythumb.app.arrange.HandDto;
import com.zestythumb.core.checking.FindingWords;
import com.zestythumb.core.checking.RuleExample;
import com.zestythumb.core.voiceleading.Kind;
import com.zestythumb.core.voiceleading.Kind.Trait;
import com.zestythumb.core.voiceleading.School;
import com.zestythumb.core.voiceleading.Severity;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Locale;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The rules, each with an example. */
@RestController
@RequestMapping("/api/rules")
@Tag(name = "Rules")
class RuleController {

    /** A rule on its own page. */
    @Schema(name = "RulePage")
    record RuleView(
            String code,
            String title,

            @Schema(description = "What a student reads.") String student,

            @Schema(description = "Why, and where it is written.")
            String teacher,

            @Schema(description = "Names of the schools that flag it.")
            List<String> schools,

            @Schema(description = "A chart in which it is broken.")
            String wrong,

            @Schema(description = "The same fixed.") String better,

            @Schema(description = "Whether it can hurt a hand, and is always shown.")
            boolean bodily,

            ChoicesDto choices,
            HandDto hand) {

        private static RuleView of(RuleExample rule) {
            var shown = RuleExample.arranged(rule.wrong());
            return new RuleView(
                    rule.kind().code(),
                    FindingWords.title(rule.kind()),
                    rule.student(),
                    rule.teacher(),
                    School.all().stream()
                            .filter(school -> school.of(rule.kind()) != Severity.OFF)
                            .map(School::name)
                            .toList(),
                    rule.wrong(),
                    rule.better(),
                    rule.kind().is(Trait.BODILY),
                    ChoicesDto.of(shown.choices()),
                    HandDto.of(shown.choices().hand()));
        }
    }

    private final OwnMix mix;

    RuleController(OwnMix mix) {
        this.mix = mix;
    }

    /** What is minded in the teacher's own way, and why. */
    @Schema(name = "OwnRule")
    record OwnView(
            String code,
            String title,

            @Schema(allowableValues = {"fault", "warning", "hint", "off"})
            String severity,

            String reason) {}

    /** How much it is minded, and why. */
    @Schema(name = "OwnLevel")
    record Minded(
            @NotNull @Schema(allowableValues = {"fault", "warning", "hint", "off"})
            String severity,

            @NotNull String reason) {}

    @GetMapping("/own")
    @Operation(summary = "What the teacher minds more or less than the school, in any tune.")
    List<OwnView> own() {
        return mix.all().stream()
                .map(one -> new OwnView(
                        one.code(),
                        Kind.named(one.code()).map(FindingWords::title).orElse(one.code()),
                        one.level().name().toLowerCase(Locale.ROOT),
                        one.reason()))
                .toList();
    }

    @PutMapping("/own/{code}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Operation(summary = "A fault is minded so much, in any tune; \"off\": it is not shown.")
    void mind(@PathVariable String code, @Valid @RequestBody Minded minded) {
        mix.mind(code, OwnMix.level(minded.severity()), minded.reason());
    }

    @DeleteMapping("/own/{code}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Operation(summary = "A fault is minded as the school says.")
    void mindAsUsual(@PathVariable String code) {
        mix.mindAsUsual(code);
    }

    /** Computed when they are first asked for. */
    private static final class Known {
        private static final List<RuleView> ALL =
                RuleExample.ALL.stream().map(RuleView::of).toList();
    }

    @GetMapping
    @Operation(summary = "Every rule with its words and an example, broken and fixed.")
    List<RuleView> rules() {
        return Known.ALL;
    }
}
