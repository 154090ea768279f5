package com.zestythumb.core.sheet;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Gathers what is wrong with a chart. */
final class Problems {

    private final List<ChartProblem> found = new ArrayList<>();

    void at(TextSpan span, String place, String message) {
        found.add(new ChartProblem(span.line(), span.column(), span.length(), place, message));
    }

    void inLine(int line, int column, int length, String message) {
        at(new TextSpan(line, column, length), "line " + line, message);
    }

    List<ChartProblem> inOrder() {
        found.sort(Comparator.comparingInt(ChartProblem::line).thenComparingInt(ChartProblem::column));
        return found;
    }
}
