package com.zestythumb.core.checking;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.voiceleading.Kind;
import com.zestythumb.core.voiceleading.School;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

class RuleExampleTest {

    private static Set<Kind> pages(String chart, School school) {
        return Findings.in(RuleExample.arranged(chart), school).stream()
                .filter(finding -> finding.severity().isAboveHint())
                .map(finding -> finding.kind().page())
                .collect(Collectors.toCollection(TreeSet::new));
    }

    /** Each example has its fault, and its better version nothing of the kind, and in no school anything that is more than a hint. */
    @Test
    void everyExampleShowsItsFaultAndHowItIsFixed() {
        List<String> wrong = new ArrayList<>();
        for (RuleExample rule : RuleExample.ALL) {
            assertThat(Chart.read(rule.wrong()).problems()).as(rule.wrong()).isEmpty();
            assertThat(Chart.read(rule.better()).problems()).as(rule.better()).isEmpty();
            if (Findings.in(RuleExample.arranged(rule.wrong())).stream()
                    .noneMatch(finding -> finding.kind().page() == rule.kind())) {
                wrong.add(rule.kind() + " is not found, but " + pages(rule.wrong(), School.STRICT));
            }
            if (Findings.in(RuleExample.arranged(rule.better())).stream()
                    .anyMatch(finding -> finding.kind().page() == rule.kind())) {
                wrong.add(rule.kind() + " is still found in the better one");
            }
            for (School school : School.all()) {
                Set<Kind> left = pages(rule.better(), school);
                if (!left.isEmpty()) {
                    wrong.add(rule.kind() + " is not fixed for " + school.id() + ": " + left);
                }
            }
        }
        assertThat(wrong).as(String.join("\n", wrong)).isEmpty();
    }

    /** Everything that can be found has its words, and the words name nothing else. */
    @Test
    void everyKindHasItsWords() {
        for (Kind kind : Kind.values()) {
            assertThat(FindingWords.title(kind)).isNotBlank();
            assertThat(RuleBook.line(kind, "message")).isNotBlank();
            assertThat(RuleBook.line(kind, "remedy")).isNotBlank();
            assertThat(Kind.named(kind.code())).contains(kind);
        }
        assertThat(RuleBook.codes()).allMatch(code -> Kind.named(code).isPresent());
    }
}
