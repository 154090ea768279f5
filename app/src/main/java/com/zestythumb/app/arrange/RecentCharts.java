package com.zestythumb.app.arrange;

import com.zestythumb.core.arrangement.AnalysedSheet;
import com.zestythumb.core.sheet.Chart;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.stereotype.Component;

/** Charts that were asked about lately, read and heard: a page asks about one again and again. */
@Component
class RecentCharts {

    private static final int MOST = 50;

    /** Letters of a long chart, which is not kept: fifty of them would take their room. */
    private static final int LONG = 5000;

    private final Map<String, HeardChart> charts = Collections.synchronizedMap(new LinkedHashMap<>(MOST, 1, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<String, HeardChart> eldest) {
            return size() > MOST;
        }
    });

    /** A chart with what is heard in it. */
    record HeardChart(Chart chart, AnalysedSheet sheet) {

        private static HeardChart of(String text) {
            Chart chart = Chart.read(text);
            return new HeardChart(chart, AnalysedSheet.of(chart.sheet()));
        }
    }

    /** Reads and hears a chart, or finds it again. Two who ask at the same moment may both read it. */
    HeardChart of(ArrangementRequest request) {
        String text = request.chart();
        HeardChart known = charts.get(text);
        if (known != null) {
            return known;
        }
        HeardChart heard = HeardChart.of(text);
        if (text.length() <= LONG) {
            charts.put(text, heard);
        }
        return heard;
    }
}
