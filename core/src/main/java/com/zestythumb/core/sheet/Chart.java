package com.zestythumb.core.sheet;

import java.util.List;

/**
 * What was read from a chart's text: the sheet, with silence wherever something could not be read,
 * and the problems.
 *
 * @param sheet as much of the tune as could be read
 * @param problems in the order of the text
 * @param taken what was read in the usual way though the text might mean another; no mistakes
 */
public record Chart(LeadSheet sheet, List<ChartProblem> problems, List<ChartProblem> taken) {

    public Chart {
        problems = List.copyOf(problems);
        taken = List.copyOf(taken);
    }

    /**
     * Reads a chart, in the notation told in docs/chart.md: a heading ({@code title:}, {@code key:},
     * {@code meter:} and so on); lines of bars, {@code | C / Am / | F G7 | % | N.C. |}, with repeats,
     * endings and directions; under them lines of melody ({@code m:}) and words ({@code w:}).
     * Never throws: what cannot be read becomes a problem.
     */
    public static Chart read(String text) {
        return new ChartReader(text).read();
    }

    /** Reads a chart that must be without problems; throws naming the first one. */
    public static LeadSheet parse(String text) {
        Chart chart = read(text);
        if (!chart.problems().isEmpty()) {
            throw new IllegalArgumentException(chart.problems().get(0).toString());
        }
        return chart.sheet();
    }
}
