package com.zestythumb.core.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TransitionsTest {

    private static String pairs(String chart) {
        LeadSheet sheet = Chart.parse(chart);
        var events = sheet.events().stream().filter(event -> !event.isSilent()).toList();
        return Transitions.of(sheet).pairs().stream()
                .map(pair -> events.get(pair.from()).chord() + "-"
                        + events.get(pair.to()).chord())
                .collect(Collectors.joining(" "));
    }

    /** What is played after what, with repeats, endings and jumps (common practice). */
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "| C | F | G7 |; C-F F-G7",
                "|: C | F |1 G :|2 Am |; C-F F-G G-C F-Am",
                "|: C | F :| Am |; C-F F-C F-Am",
                "| C | N.C. | F |; C-F",
                "| C F | G {fine} | Am {D.C. al Fine} |; C-F F-G G-Am Am-C",
                "| C | {segno} F | G {to coda} | Am {D.S. al Coda} | {coda} Dm | Em |;"
                        + " C-F F-G G-Am Am-F G-Dm Dm-Em",
                "|: C | F |1,2 G :|3 Am | Dm |; C-F F-G G-C F-Am Am-Dm",
                "|: C :| F |; C-F"
            })
    void followOneAnotherAsTheyArePlayed(String chart, String pairs) {
        assertThat(pairs(chart)).isEqualTo(pairs);
    }

    /** Bar lines of four quarters each; a bar of rest counts, and so does none that is passed over. */
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "| C F | G |; 0 4",
                "| C | N.C. | F |; 8",
                "|: C :| F |; 4",
                "|: C F :|; 0 4",
                "|: C | F |1 N.C. :|2 Am |; 4 8 4",
                "| C | F | G {fine} | Am {D.C. al Fine} |; 4 4 4 4",
                "| C {fine} | F {D.C. al Fine} | N.C. | G |; 4 4 8"
            })
    void tellHowFarApartTheirBarsArePlayed(String chart, String quarters) {
        Transitions transitions = Transitions.of(Chart.parse(chart));
        assertThat(transitions.pairs().stream()
                        .map(pair -> transitions.distance(pair).toString())
                        .collect(Collectors.joining(" ")))
                .isEqualTo(quarters);
    }

    @Test
    void knowWhatOpensAndWhatEnds() {
        Transitions jumps = Transitions.of(Chart.parse("| C F | G {fine} | Am {D.C. al Fine} |"));
        assertThat(jumps.opening()).isZero();
        assertThat(jumps.closing()).isEqualTo(2);
        assertThat(jumps.next(3)).isZero();
        assertThat(jumps.before(0)).isEqualTo(3);
        assertThat(jumps.isPlain()).isFalse();
        assertThat(Transitions.of(Chart.parse("| C | F |")).isPlain()).isTrue();
        assertThat(Transitions.of(Chart.parse("")).closing()).isEqualTo(-1);
    }
}
