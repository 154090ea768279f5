package com.zestythumb.formats;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Choices;
import com.zestythumb.core.sheet.Chart;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is told when a tune goes out, by the table in docs/formats.md. */
class LeftOutTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = '@',
            nullValues = "-",
            value = {
                "¦ C ¦ @ musicxml @ -",
                "¦ C ¦ @ abc @ the left hand as the app finds it",
                "¦ C ¦ @ mid @ chord symbols, fingers",
                "¦ C ¦ @ txt @ -",
                "¦ C ¦ // m: c8 @ cho @ the tune, the left hand as the app finds it",
                "¦ C ¦ // m: c8 // l: C,8 @ abc @ -",
                "¦: C :¦ @ mid @ chord symbols, repeats as signs; they are played out, fingers",
                "¦ C ¦ // w: come @ musicxml @ words of bars without a tune",
                "¦ C! ¦ >F ¦ // l: C,8 ¦ F,8 @ abc @ the marks of held and pushed chords",
                "pickup: 1 // ¦ C ¦ F ¦ @ cho @ the left hand as the app finds it, pickups and short bars",
                "¦ C? ¦ // l: C,8 @ musicxml @ the question marks of guessed chords"
            })
    void isToldByWhatTheTuneHas(String chart, String extension, String wanted) {
        Arrangement tune =
                Arrangement.of(Chart.parse(chart.replace(" // ", "\n").replace('¦', '|')), Choices.USUAL);
        assertThat(String.join(", ", LeftOut.of(tune, extension, false))).isEqualTo(wanted == null ? "" : wanted);
    }
}
