package com.zestythumb.app.arrange;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.exercise.Hidden;
import com.zestythumb.core.sheet.Counts;
import com.zestythumb.formats.musicxml.MusicXmlWriter;
import com.zestythumb.formats.musicxml.MusicXmlWriter.Staves;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import org.springframework.stereotype.Component;

/** Pages for students: as all others, but for what would tell the answer, which does not leave the house. */
@Component
public class AskedPages {

    private static final Map<Hidden, Pattern> PRINTED = Map.of(
            Hidden.SYMBOLS, Pattern.compile("<harmony\\b.*?</harmony>", Pattern.DOTALL),
            Hidden.FINGERS, Pattern.compile("<fingering\\b.*?</fingering>", Pattern.DOTALL));

    private final MusicXmlWriter score = new MusicXmlWriter(Staves.PAGE);
    private final RecentCharts charts;

    AskedPages(RecentCharts charts) {
        this.charts = charts;
    }

    /**
     * The page of a chart.
     *
     * @param figures what is asked for in figures, by chord: they stand where a numeral would
     * @param known marks of measures that need not be sent again
     */
    public ArrangementView of(
            String chart,
            ChoicesDto choices,
            HandDto hand,
            Set<Hidden> hidden,
            Map<Integer, List<String>> figures,
            Set<String> known) {
        ArrangementRequest request = new ArrangementRequest(chart, choices, hand, Counts.NONE, Set.of(), -1, known);
        RecentCharts.HeardChart heard = charts.of(request);
        Arrangement arrangement = heard.sheet().arranged(request.wanted());
        String text = score.writeText(arrangement);
        for (Hidden one : hidden) {
            text = PRINTED.containsKey(one) ? PRINTED.get(one).matcher(text).replaceAll("") : text;
        }
        return Views.asked(heard.chart(), arrangement, hidden, figures, ScoreParts.of(text, request.known()));
    }
}
