package com.zestythumb.core.checking;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Choices;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.voiceleading.School;
import com.zestythumb.core.voicing.Hand;
import java.util.List;

/**
 * What a rule is about, for its own page: to be seen and heard.
 *
 * @param code of the fault that it finds
 * @param student what a student reads
 * @param teacher why, and where it is written
 * @param wrong a chart in which it is found
 * @param better the same without
 */
public record RuleExample(String code, String student, String teacher, String wrong, String better) {

    /** One for each fault that has a page of its own. */
    public static final List<RuleExample> ALL = RuleBook.codes().stream()
            .filter(code -> RuleBook.has(code, "chart"))
            .map(RuleExample::of)
            .toList();

    private static RuleExample of(String code) {
        String head = "title: " + RuleBook.line(code, "title") + "\nkey: C major\ntempo: 60\n"
                + RuleBook.line(code, "chart").replace(" / ", "\n") + "\nl: ";
        return new RuleExample(
                code,
                RuleBook.line(code, "student"),
                RuleBook.line(code, "teacher"),
                head + RuleBook.line(code, "wrong") + " |\n",
                head + RuleBook.line(code, "better") + " |\n");
    }

    /** The page that tells of a fault; null where there is none. */
    public static String pageOf(String code) {
        String base = code.replaceAll("-(inside|within|ninth|wide|right)$", "");
        return ALL.stream()
                .map(RuleExample::code)
                .filter(one -> one.equals(code) || one.equals(base))
                .findFirst()
                .orElse(null);
    }

    /** One of its charts under a wide hand, by the strict rules. */
    public static Arrangement arranged(String chart) {
        return Arrangement.of(
                Chart.read(chart).sheet(), Choices.USUAL.with(School.STRICT).with(Hand.ofSpan(WIDE)));
    }

    private static final int WIDE = 12;
}
