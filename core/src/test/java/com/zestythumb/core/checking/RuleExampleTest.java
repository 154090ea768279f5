package com.zestythumb.core.checking;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.sheet.Chart;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

class RuleExampleTest {

    private static Set<String> pages(String chart) {
        return Findings.in(RuleExample.arranged(chart)).stream()
                .map(finding -> RuleExample.pageOf(finding.fault().code()))
                .collect(Collectors.toCollection(TreeSet::new));
    }

    /** Each example has its fault, and its better version nothing of the kind and nothing new. */
    @Test
    void everyExampleShowsItsFaultAndHowItIsMended() {
        List<String> wrong = new ArrayList<>();
        for (RuleExample rule : RuleExample.ALL) {
            assertThat(Chart.read(rule.wrong()).problems()).as(rule.wrong()).isEmpty();
            assertThat(Chart.read(rule.better()).problems()).as(rule.better()).isEmpty();
            Set<String> found = pages(rule.wrong());
            Set<String> left = pages(rule.better());
            if (!found.contains(rule.code())) {
                wrong.add(rule.code() + " is not found, but " + found);
            }
            left.remove("stretch");
            if (!left.isEmpty() && !rule.code().equals("stretch")) {
                wrong.add(rule.code() + " is not mended: " + left);
            }
        }
        assertThat(wrong).isEmpty();
    }
}
