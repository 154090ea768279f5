package com.zestythumb.core.checking;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Choices;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.voiceleading.Kind;
import com.zestythumb.core.voiceleading.School;
import com.zestythumb.core.voicing.Hand;
import java.util.Arrays;
import java.util.List;

/**
 * What a rule is about, for its own page: to be seen and heard.
 *
 * @param kind what it finds
 * @param student what a student reads
 * @param teacher why, and where it is written
 * @param wrong a chart in which it is found
 * @param better the same without
 */
public record RuleExample(Kind kind, String student, String teacher, String wrong, String better) {

    private static final int WIDE = 12;

    /** One for each kind that has a page of its own. */
    public static final List<RuleExample> ALL = Arrays.stream(Kind.values())
            .filter(kind -> kind.page() == kind)
            .map(RuleExample::of)
            .toList();

    private static RuleExample of(Kind kind) {
        String better = RuleBook.has(kind, "betterChart") ? "betterChart" : "chart";
        return new RuleExample(
                kind,
                RuleBook.line(kind, "student"),
                RuleBook.line(kind, "teacher"),
                head(kind, "chart") + hands(RuleBook.line(kind, "wrong")),
                head(kind, better) + hands(RuleBook.line(kind, "better")));
    }

    private static String head(Kind kind, String chart) {
        String lines = RuleBook.line(kind, chart).replace(" / ", "\n") + "\n";
        String key = lines.startsWith("key:") ? "" : "key: C major\n";
        return "title: " + RuleBook.line(kind, "title") + "\ntempo: 60\n" + key + lines;
    }

    /** The left hand alone, or lines of their own. */
    private static String hands(String notes) {
        return (notes.startsWith("m:") ? notes.replace(" / ", " |\n") : "l: " + notes) + " |\n";
    }

    /** One of its charts under a wide hand, by the strict rules. */
    public static Arrangement arranged(String chart) {
        return Arrangement.of(
                Chart.read(chart).sheet(), Choices.USUAL.with(School.STRICT).with(Hand.ofSpan(WIDE)));
    }
}
