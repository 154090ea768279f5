package com.zestythumb.formats.chart;

import com.zestythumb.core.harmonising.HomeKey;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.sheet.ChartProblem;
import com.zestythumb.formats.Hands;
import com.zestythumb.formats.ImportReport;
import com.zestythumb.formats.ImportReport.Fate;
import com.zestythumb.formats.Imported;
import com.zestythumb.formats.ScoreReader;
import com.zestythumb.formats.Texts;
import java.util.List;
import java.util.regex.Pattern;

/** Reads charts in the app's own notation; their text is kept letter by letter, mistakes and all. */
public final class ChartFileReader implements ScoreReader {

    private static final Pattern BARS = Pattern.compile("(?m)^[ \\t]*+(?:\\||m:)[ \\t]*+\\S");

    /** A line of a chart: heading, section, bars, tune, words, remark. */
    private static final Pattern OWN = Pattern.compile("\\s*(\\||#|\\[[^\\]]*]\\s*$|[a-z]+:)");

    private static final double MOSTLY = 0.8;

    @Override
    public String format() {
        return "chart";
    }

    @Override
    public boolean recognises(String name, byte[] file) {
        if (!Texts.isText(file)) {
            return false;
        }
        String text = Texts.decode(file);
        List<String> lines = text.lines().filter(line -> !line.isBlank()).toList();
        long own = lines.stream().filter(line -> OWN.matcher(line).lookingAt()).count();
        return BARS.matcher(text).find() && own >= MOSTLY * lines.size();
    }

    @Override
    public List<Imported> read(byte[] file) {
        String text = Texts.decode(file);
        Chart chart = Chart.read(text);
        ImportReport.Builder report = new ImportReport.Builder();
        int bars = chart.sheet().bars().size();
        report.add(Fate.READ, bars + (bars == 1 ? " bar" : " bars"));
        if (bars > 0 && !chart.sheet().heading().keyTold()) {
            report.add(
                    Fate.GUESSED,
                    HomeKey.of(chart.sheet())
                            .map(key -> "sounds like " + key.pretty() + ", for the chart tells no key")
                            .orElse("no clear key, so it is written without a signature"));
        }
        for (ChartProblem problem : chart.problems()) {
            report.add(Fate.LEFT_OUT, "for you to fix: " + problem);
        }
        return List.of(new Imported(chart.sheet(), report.build("chart"), Hands.NONE, text));
    }
}
