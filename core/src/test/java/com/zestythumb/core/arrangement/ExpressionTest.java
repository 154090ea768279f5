package com.zestythumb.core.arrangement;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.zestythumb.core.checking.Findings;
import com.zestythumb.core.fingering.Side;
import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.sheet.ChartWriter;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.sheet.SheetNote;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** How loud, how slow and under which pedal a page is played (common practice). */
class ExpressionTest {

    private static LeadSheet sheet(String melody, String left) {
        long bars = melody.chars().filter(c -> c == '|').count() + 1;
        return Chart.read("| " + "C | ".repeat((int) bars) + "\nm: " + melody + (left == null ? "" : "\nl: " + left))
                .sheet();
    }

    /** Each note against a moderately loud one, in hundredths. */
    private static List<Long> loudness(LeadSheet sheet, Side side) {
        Loudness loudness = new Loudness(sheet, side);
        return sheet.bars().stream()
                .flatMap(bar -> notes(bar, side).stream()
                        .filter(note -> !note.isRest())
                        .map(note -> Math.round(100 * loudness.of(bar.index(), note))))
                .toList();
    }

    private static List<SheetNote> notes(Bar bar, Side side) {
        return side == Side.LEFT ? bar.allOfLeft() : bar.melody();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "c2 d2 e2 f2; 100 100 100 100",
                "!p!c2 d2 !f!e2 f2; 61 61 120 120",
                "!p!!<(!c2 d2 e2 !<)!!f!f2; 61 81 100 120",
                "!f!!>(!c2 d2 e2 !>)!f2; 120 113 107 100",
                "c2 !>!d2 !sfz!e2 f2; 100 125 125 100",
                "!p!c8 | d8; 61 61",
            })
    void playsAsLoudAsTheSignsSay(String melody, String expected) {
        assertThat(loudness(sheet(melody, null), Side.RIGHT).stream()
                        .map(String::valueOf)
                        .collect(Collectors.joining(" ")))
                .isEqualTo(expected);
    }

    /** What stands at the tune is for both hands, until the left has a sign of its own. */
    @Test
    void bothHandsFollowTheTuneUntilTheLeftHasASign() {
        LeadSheet sheet = sheet("!f!c4 c4 | c8", "C,4 !p!C,4 | C,8");
        assertThat(loudness(sheet, Side.LEFT)).containsExactly(120L, 61L, 61L);
        assertThat(loudness(sheet, Side.RIGHT)).containsExactly(120L, 120L, 120L);
    }

    /** Where there is no note to write it to, a bar says how loud it is from there on. */
    @Test
    void aBarSaysHowLoudItIsFromThereOn() {
        LeadSheet sheet = Chart.read("[Verse]\n| {p} C | F |\n[Chorus]\n| {ff} C | F |\nm: c8 | f8 |")
                .sheet();
        Loudness loudness = new Loudness(sheet, Side.LEFT);
        SheetNote first = sheet.bars().get(2).melody().get(0);
        assertThat(IntStream.range(0, 4).mapToObj(bar -> Math.round(100 * loudness.of(bar, first))))
                .containsExactly(61L, 61L, 140L, 140L);
        assertThat(ChartWriter.write(sheet)).contains("| {p} C | F |", "| {ff} C | F |");
    }

    /** Words tell apart how loud it is when a bar comes again, and hold until the next sign (common practice in dances). */
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "p-f; 61 61 61 120 120 61",
                "p–f; 61 61 61 120 120 61",
                "2nd time p; 100 100 61 61 61 61",
                "second time: softly; 100 100 61 61 61 61",
                "first time f, second time pp; 120 120 61 41 41 61",
                "3rd time loudly; 100 100 61 100 100 61",
                "p. 4-f; 100 100 61 100 100 61",
                "time to go; 100 100 61 100 100 61",
            })
    void timesAreToldApart(String words, String expected) {
        LeadSheet sheet = Chart.read("|: \"" + words + "\" C | F | {p} G :|\nm: c8 | f8 | g8")
                .sheet();
        Loudness loudness = new Loudness(sheet, Side.RIGHT);
        assertThat(sheet.unfolded().stream()
                        .map(played -> Math.round(100
                                * loudness.of(
                                        played.bar(),
                                        sheet.bars().get(played.bar()).melody().get(0),
                                        played.time())))
                        .map(String::valueOf)
                        .collect(Collectors.joining(" ")))
                .isEqualTo(expected);
    }

    @Test
    void theWrittenFootGoesBeforeTheChosenOne() {
        LeadSheet sheet = sheet("c8 | c8 | c8", "!ped!C,4 !ped-up!!ped!G,4 | C,4 !ped-up!G,4 | !ped!C,8!ped-up!");
        assertThat(PedalSpan.of(Arrangement.of(sheet, Choices.USUAL)).stream()
                        .map(span -> span.bar() + ": " + span.down() + " to " + span.up())
                        .toList())
                .containsExactly("0: 0 to 2", "0: 2 to 4", "1: 0 to 2", "2: 0 to 4");
    }

    /** A low bass under a chord beyond reach is held by the foot, or not at all (common practice). */
    @Test
    void aWrittenFootHoldsWhatTheHandCannot() {
        for (String bass : List.of("C,,8", "!ped!C,,8!ped-up!")) {
            LeadSheet sheet = sheet("c8", "z4 [C,E,G,]4 & " + bass);
            assertThat(Findings.in(Arrangement.of(sheet, Choices.USUAL)).stream()
                            .anyMatch(finding -> finding.kind().code().equals("held-too-far")))
                    .isEqualTo(bass.equals("C,,8"));
        }
    }

    @Test
    void aHoldIsTwiceAsLongAndWhatSlowsDownDoesSoByCounts() {
        assertThat(Pace.of(sheet("c4 !fermata!d4", "C,4 !fermata!G,4")))
                .extracting(pace -> pace.bar() + " " + pace.from() + " " + pace.to() + " " + pace.speed())
                .containsExactly("0 2 4 0.5");
        LeadSheet slower = Chart.read("| C | \"rit.\" F | \"a tempo\" C |").sheet();
        List<Pace> paces = Pace.of(slower);
        assertThat(paces).hasSize(4).allMatch(pace -> pace.bar() == 1);
        assertThat(paces.get(0).speed()).isCloseTo(0.9125, within(0.001));
        assertThat(paces.get(3).speed()).isCloseTo(0.65, within(0.001));
        assertThat(Pace.of(Chart.read("| C | \"with spirit\" F |").sheet())).isEmpty();
    }

    /** A left hand that the app finds keeps below what the right hand has beneath the tune. */
    @Test
    void theHandsKeepApartUnderAFullUpperStaff() {
        LeadSheet sheet = sheet("[Ece]8 & C8 | [FAf]8 & C8", null);
        Arrangement.of(sheet, Choices.USUAL).notes().stream()
                .filter(note -> !note.isRight())
                .forEach(note -> assertThat(note.pitch().midi()).isLessThan(60));
    }
}
