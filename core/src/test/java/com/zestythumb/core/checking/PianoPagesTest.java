package com.zestythumb.core.checking;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.Corpus;
import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Choices;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.voiceleading.School;
import com.zestythumb.core.voicing.Hand;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Clean pages for the piano; the list was written before the rules were tried on it. */
class PianoPagesTest {

    private static final Hand WIDE = Hand.ofSpan(19);

    /** What depends on the hand and the octave. */
    private static final Set<String> OF_THE_HAND =
            Set.of("stretch", "stretch-within", "stretch-right", "held-too-far", "finger-twice", "leap", "mud");

    private static List<Finding> findings(String chart, School school) {
        Chart read = Chart.read(chart);
        assertThat(read.problems()).as(chart).isEmpty();
        Arrangement page = Arrangement.of(read.sheet(), Choices.USUAL.with(WIDE).with(school));
        return Findings.in(page).stream()
                .filter(finding -> !OF_THE_HAND.contains(finding.kind().code()))
                .toList();
    }

    @Test
    void findsNothingInCleanPagesForThePiano() {
        List<String> alarms = new ArrayList<>();
        int chords = 0;
        for (String chart : String.join("\n", Corpus.lines("piano-models.txt")).split("(?=title:)")) {
            chords += chart.split("\\| ").length;
            for (Finding finding : findings(chart, School.CLASSICAL)) {
                alarms.add(chart.lines().findFirst().orElseThrow() + ": " + finding.fault());
            }
        }
        System.out.printf("false alarms for the piano: %d in about %d bars%n", alarms.size(), chords);
        assertThat(alarms).as(String.join("\n", alarms)).isEmpty();
    }
}
