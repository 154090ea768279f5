package com.zestythumb.app.arrange;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Choices;
import com.zestythumb.core.pattern.AccompanimentPatterns;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.sheet.Counts;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;

/** What was asked about lately is not read again, and answers as if it were. */
@Execution(ExecutionMode.CONCURRENT)
class RecentChartsTest {

    private final RecentCharts charts = new RecentCharts();

    private RecentCharts.HeardChart ask(String chart) {
        return charts.of(new ArrangementRequest(chart, null, null, Counts.NONE, Set.of(), 0, Set.of()));
    }

    @Test
    void findsAChartAgainUntilFiftyOthersCame() {
        RecentCharts.HeardChart first = ask("| C | F | G7 | C |");
        for (int bars = 1; bars < 50; bars++) {
            ask("| Dm |".repeat(bars));
        }
        assertThat(ask("| C | F | G7 | C |")).isSameAs(first);
        for (int bars = 1; bars <= 50; bars++) {
            ask("| Em |".repeat(bars));
        }
        RecentCharts.HeardChart again = ask("| C | F | G7 | C |");
        assertThat(again).isNotSameAs(first);
        assertThat(again.chart()).isEqualTo(first.chart());
    }

    @Test
    void keepsNoLongChart() {
        String text = "| C | F |\n".repeat(501);
        assertThat(ask(text)).isNotSameAs(ask(text));
    }

    /** A tune whose key nobody told is heard for every left hand as for one alone. */
    @Test
    void givesTheSameLeftHandAsAFreshReading() {
        String text = "meter: 3/4\n| Em | Am | B7 | Em |\n| G | C | D7 | G |";
        for (var figure : AccompanimentPatterns.all()) {
            Choices choices = Choices.USUAL.with(figure);
            Arrangement fresh = Arrangement.of(Chart.read(text).sheet(), choices);
            for (Arrangement again : List.of(ask(text).sheet().arranged(choices), fresh.with(choices))) {
                assertThat(again.sheet()).as(figure.id()).isEqualTo(fresh.sheet());
                assertThat(again.notes()).as(figure.id()).isEqualTo(fresh.notes());
                assertThat(again.analysis()).as(figure.id()).isEqualTo(fresh.analysis());
                assertThat(again.closes()).as(figure.id()).isEqualTo(fresh.closes());
            }
        }
    }
}
