package com.zestythumb.core.arrangement;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.voicing.StyleChoice;
import com.zestythumb.core.voicing.VoicingStyles;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** Fingers over the tune (common practice of the method books). */
class TuneFingersTest {

    private static final Choices TOLD = Choices.USUAL.with(Playing.PLAIN.withTuneFingers(true));

    /** For each note of the tune its finger, where it is told, else a dot. */
    private static String told(String chart, Choices choices) {
        Arrangement tune = Arrangement.of(Chart.read(chart).sheet(), choices);
        TuneFingers fingers = tune.tuneFingers();
        List<String> told = new ArrayList<>();
        for (Bar bar : tune.sheet().bars()) {
            for (int i = 0; i < bar.melody().size(); i++) {
                int finger = fingers.at(bar.index(), i);
                told.add(finger == 0 ? "." : String.valueOf(finger));
            }
        }
        return String.join(" ", told);
    }

    /** Five keys under five fingers need one number. */
    @Test
    void tellsAPositionByItsFirstFinger() {
        assertThat(told("key: C major\n| C | G7 |\nm: c2 d2 e2 f2 | g4 e4 |", TOLD))
                .isEqualTo("1 . . . . .");
    }

    /** The scale of C over an octave, 1 2 3 1 2 3 4 5 (the scale manuals): told where it begins and where the thumb passes. */
    @Test
    void tellsWhereTheThumbPasses() {
        assertThat(told("key: C major\n| C | C |\nm: c d e f g a b c' | c'8 |", TOLD))
                .isEqualTo("1 . . 1 . . . . .");
    }

    /** After a long rest the hand begins anew; what is tied is struck once. */
    @Test
    void beginsAnewAfterARestAndSkipsWhatIsTied() {
        assertThat(told("key: C major\n| C | C |\nm: c4 z4 | g8- | g8 |", TOLD).split(" ")[2])
                .isNotEqualTo(".");
        assertThat(told("key: C major\n| C | C |\nm: c8- | c8 |", TOLD)).isEqualTo("1 .");
    }

    /** A note that leans on its chord has a strong finger: not the fourth or fifth (common practice). */
    @Test
    void leansWithAStrongFinger() {
        String chart = "key: C major\n| C | F | G | C |\nm: c2 e2 g2 g2 | b4 a4 | g8 | e8 |";
        Arrangement tune = Arrangement.of(Chart.read(chart).sheet(), TOLD);
        assertThat(tune.analysis().tune()).anyMatch(note -> note.bar() == 1 && note.place() == 0 && note.stressed());
        String[] fingers = told(chart, TOLD).split(" ");
        assertThat(fingers[4]).isIn("1", "2", "3");
    }

    @Test
    void isToldOnlyWhereItIsWishedAndTheHandIsFree() {
        String chart = "key: C major\n| C | G7 |\nm: c2 d2 e2 f2 | g4 e4 |";
        assertThat(told(chart, Choices.USUAL)).isEqualTo(". . . . . .");
        Choices shared = TOLD.with(new StyleChoice(VoicingStyles.CHORD_OVER_BASS, Map.of()));
        assertThat(told(chart, shared)).isEqualTo(". . . . . .");
    }
}
