package com.zestythumb.core.checking;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Choices;
import com.zestythumb.core.checking.BothHands.Stroke;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.sheet.LeadSheet;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Who plays when, how hard that is, and which bars are alike (common practice). */
class BothHandsTest {

    private static LeadSheet sheet(String melody, String left) {
        long bars = melody.chars().filter(c -> c == '|').count() + 1;
        return Chart.read("| " + "C | ".repeat((int) bars) + "\nm: " + melody + "\nl: " + left)
                .sheet();
    }

    private static List<BothHands> hands(String melody, String left) {
        return BothHands.of(Arrangement.of(sheet(melody, left), Choices.USUAL));
    }

    private static String stroke(Stroke stroke) {
        return stroke.count() + " "
                + switch (stroke.who()) {
                    case LEFT -> "L" + fingers(stroke.left());
                    case RIGHT -> "R" + fingers(stroke.right());
                    case TOGETHER -> "L" + fingers(stroke.left()) + "R" + fingers(stroke.right());
                };
    }

    private static String fingers(List<Integer> fingers) {
        return fingers.stream().map(String::valueOf).collect(Collectors.joining());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "!1!c2 !2!d2 !3!e2 !2!d2 | !5!C,4 !1!G,4 | 1 L5R1, 2 R2, 3 L1R3, 4 R2",
                "!3!e4 !1!c4 | !5!C,2 !1!G,2 !3!E,2 !1!G,2 | 1 L5R3, 2 L1, 3 L3R1, 4 L1",
                "!3!e4 z4 | [!5!C,!1!G,]4 !2!F,2 z2 | 1 L51R3, 3 L2",
                "!3!e3 !4!f !5!g4 | z8 | 1 R3, & R4, 3 R5",
            })
    void tellsWhoPlaysWithWhichFingers(String melody, String left, String expected) {
        assertThat(hands(melody, left).get(0).strokes().stream()
                        .map(BothHandsTest::stroke)
                        .collect(Collectors.joining(", ")))
                .isEqualTo(expected);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            nullValues = "-",
            value = {
                // Apart from one another with the same fingers is the easiest; the same way the fingers are unlike.
                "!1!c2 !2!d2 !3!e4 | !1!C2 !2!B,2 !3!A,4 | 0 | -",
                "!1!c2 !2!d2 !3!e4 | !5!C,2 !4!D,2 !3!E,4 | 2 | UNLIKE_FINGERS",
                "!1!c2 !2!d2 !3!e4 | z8 | 0 | -",
                "!3!e8 | !5!C,4 !1!G,4 | 1 | ENTRY_WHILE_HELD",
                "z2 !1!c2 z2 !2!d2 | !5!C,2 z2 !1!G,2 z2 | 3 | TURNS",
            })
    void tellsHowHardItIs(String melody, String left, int weight, String trouble) {
        BothHands bar = hands(melody, left).get(0);
        assertThat(bar.weight()).isEqualTo(weight);
        assertThat(bar.trouble() == null ? null : bar.trouble().name()).isEqualTo(trouble);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            nullValues = "-",
            value = {
                "c2d2 e4 | c2d2 e4; SAME 0 0",
                "c2d2 e4 | d2e2 f4; MOVED 0 1",
                "c2d2 e4 | e2d2 c4; UPSIDE_DOWN 0 0",
                "c2d2 e2f2 | c2d2 e2g2; VARIED 0 0",
                "c3d e4 | g3c a4; RHYTHM 0 0",
                "c2d2 e4 | g8; -",
                "c2c2 c4 | d8; -",
            })
    void tellsBarsOfTheTuneThatAreAlike(String melody, String expected) {
        assertThat(TuneBars.of(sheet(melody, "C,8 | C,8")).stream()
                        .map(like -> like.how() + " " + like.like() + " " + like.steps())
                        .collect(Collectors.joining(", ")))
                .isEqualTo(expected == null ? "" : expected);
    }

    /** One line in two hands: scales, arpeggios, and what is none. */
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            nullValues = "-",
            value = {
                "z4 cdef; C,F,G,B, z4; -",
                "z4 CDEF; F,G,A,B, z4; scale up to right 0.3 of 8",
                "gfed z4; z4 c_BAG; scale down to left 0.3 of 8",
                "z4 ceg2; C,E,G,C z4; -",
                "z4 EGce; C,E,G,C z4; arpeggio up to right 0.3 of 8",
                "cdef c4; C,8; -",
            })
    void findsALineThatPassesFromHandToHand(String melody, String left, String expected) {
        assertThat(PassedLine.of(Arrangement.of(sheet(melody, left), Choices.USUAL)).stream()
                        .map(line -> (line.scale() ? "scale " : "arpeggio ") + (line.up() ? "up to " : "down to ")
                                + (line.toRight() ? "right " : "left ") + line.takenBar() + "." + line.count() + " of "
                                + line.notes())
                        .collect(Collectors.joining(", ")))
                .isEqualTo(expected == null ? "" : expected);
    }

    /** A ground of four notes after two bars of introduction, as in a chaconne (common practice). */
    @Test
    void findsAGroundAfterAnIntroduction() {
        String ground = "D,4 A,,4 | B,,4 F,,4 | ";
        String left = "D,8 | A,,8 | " + ground.repeat(3) + "G,,8";
        String tune = "d8 | c8 | d8 | e8 | f8 | g8 | a8 | g8 | f8";
        assertThat(Ground.of(Arrangement.of(sheet(tune, left), Choices.USUAL))).contains(new Ground(2, 2, 3));
        assertThat(Ground.of(Arrangement.of(sheet("c8 | d8 | e8", "C,8 | D,8 | E,8"), Choices.USUAL)))
                .isEqualTo(Optional.empty());
    }
}
