package com.zestythumb.core.sheet;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Gathers what is wrong with a chart. */
final class Problems {

    private final List<ChartProblem> found = new ArrayList<>();
    private final List<ChartProblem> quiet = new ArrayList<>();

    void at(TextSpan span, String place, String message) {
        found.add(new ChartProblem(span.line(), span.column(), span.length(), place, message));
    }

    /** Something that was read in one way of several, and might be meant otherwise. */
    void quietly(TextSpan span, String place, String message) {
        quiet.add(new ChartProblem(span.line(), span.column(), span.length(), place, message));
    }

    void inLine(int line, int column, int length, String message) {
        at(new TextSpan(line, column, length), "line " + line, message);
    }

    List<ChartProblem> inOrder() {
        return sorted(found);
    }

    List<ChartProblem> quietInOrder() {
        return sorted(quiet);
    }

    private static List<ChartProblem> sorted(List<ChartProblem> problems) {
        problems.sort(Comparator.comparingInt(ChartProblem::line).thenComparingInt(ChartProblem::column));
        return problems;
    }
}
