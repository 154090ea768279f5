package com.zestythumb.app.arrange;

import com.zestythumb.core.checking.FindingWords;
import com.zestythumb.core.checking.Findings;
import com.zestythumb.core.checking.RuleExample;
import com.zestythumb.core.voiceleading.School;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
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

            @Schema(description = "Names of the schools that mind it.")
            List<String> schools,

            @Schema(description = "A chart in which it is broken.")
            String wrong,

            @Schema(description = "The same mended.") String better,

            ChoicesDto choices,
            HandDto hand) {

        private static RuleView of(RuleExample rule) {
            var shown = RuleExample.arranged(rule.wrong());
            return new RuleView(
                    rule.code(),
                    FindingWords.title(rule.code()),
                    rule.student(),
                    rule.teacher(),
                    School.all().stream()
                            .filter(school -> Findings.in(shown, school).stream()
                                    .anyMatch(finding -> rule.code()
                                            .equals(RuleExample.pageOf(
                                                    finding.fault().code()))))
                            .map(School::name)
                            .toList(),
                    rule.wrong(),
                    rule.better(),
                    ChoicesDto.of(shown.choices()),
                    HandDto.of(shown.choices().hand()));
        }
    }

    /** Reckoned when they are first asked for. */
    private static final class Known {
        private static final List<RuleView> ALL =
                RuleExample.ALL.stream().map(RuleView::of).toList();
    }

    @GetMapping
    @Operation(summary = "Every rule with its words and an example, broken and mended.")
    List<RuleView> rules() {
        return Known.ALL;
    }
}
