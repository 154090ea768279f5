package com.zestythumb.core.voiceleading;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Choices;
import com.zestythumb.core.arrangement.Pin;
import com.zestythumb.core.figure.Figure;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.voiceleading.Finding.Kind;
import com.zestythumb.core.voicing.Hand;
import com.zestythumb.core.voicing.Way;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

class FindingsTest {

    private static final Choices ROOTS = Choices.USUAL.with(Way.ROOT_POSITION);

    private static List<Finding> findings(String chart, Choices choices) {
        return Findings.in(Arrangement.of(Chart.parse(chart), choices));
    }

    /** One pinned voicing to a bar. */
    private static Choices laid(Choices choices, String... voicings) {
        List<Pin> pins = new ArrayList<>();
        for (String voicing : voicings) {
            List<Pitch> notes = Stream.of(voicing.split(" ")).map(Pitch::parse).toList();
            pins.add(new Pin(pins.size(), Fraction.ZERO, notes));
        }
        return choices.withPins(pins);
    }

    @Test
    void findAStretchBeyondTheHandAndLoseItWithAWiderOne() {
        Choices small = ROOTS.with(Hand.ofSpan(10));
        assertThat(findings("| C | Cmaj7 | C |", small))
                .filteredOn(f -> f.kind() == Kind.STRETCH)
                .singleElement()
                .satisfies(f -> {
                    assertThat(f.bar()).isEqualTo(2);
                    assertThat(f.message()).isEqualTo("Cmaj7 spans 11 half steps; this hand reaches 10");
                    assertThat(f.remedy()).contains("never force a stretch");
                });
        assertThat(findings("| C | Cmaj7 | C |", ROOTS)).noneMatch(f -> f.kind() == Kind.STRETCH);
        assertThat(findings("| C | Cmaj7 | C |", small.with(Way.NEAREST))).noneMatch(f -> f.kind() == Kind.STRETCH);
    }

    @Test
    void findLowMudButForgiveTwoSemitones() {
        assertThat(findings("| F |", laid(Choices.USUAL, "F2 A2 C3")))
                .extracting(Finding::kind)
                .contains(Kind.MUD);
        assertThat(findings("| Am |", laid(Choices.USUAL, "A2 C3 E3"))).isNotEmpty();
        assertThat(findings("| Bm |", laid(Choices.USUAL, "B2 D3 F#3"))).isEmpty();
        assertThat(findings("| C |", laid(Choices.USUAL, "C3 E3 G3"))).isEmpty();
    }

    /** Root positions side by side: the textbook case of parallel fifths (any textbook of harmony). */
    @Test
    void findParallelFifthsOfBassAndTop() {
        assertThat(findings("| C | Dm |", ROOTS)).extracting(Finding::kind).containsExactly(Kind.PARALLEL_FIFTHS);
        assertThat(findings("| C | F |", Choices.USUAL)).isEmpty();
        assertThat(findings("| C | C |", ROOTS)).isEmpty();
    }

    /** G to A minor is never played, F to A minor is. */
    @Test
    void lookAtWhatFollowsWhatWhenItIsPlayed() {
        assertThat(findings("|: C | F |1 G :|2 Am |", ROOTS))
                .extracting(Finding::message)
                .anyMatch(message -> message.endsWith("from F to Am"))
                .anyMatch(message -> message.endsWith("from F to G"))
                .noneMatch(message -> message.endsWith("from G to Am"));
    }

    @Test
    void countBarsAsTeachersDo() {
        assertThat(findings("pickup: 1\n| N.C. | C | Dm |", ROOTS))
                .extracting(Finding::bar)
                .containsExactly(2);
    }

    /** A pushed chord comes an eighth early, so that there is less time for the leap. */
    @Test
    void measureALeapToWhereAPushedChordIsStruck() {
        List<Pin> pins = List.of(
                new Pin(
                        0,
                        Fraction.ZERO,
                        Stream.of("C3", "E3", "G3").map(Pitch::parse).toList()),
                new Pin(
                        0,
                        Fraction.of(2),
                        Stream.of("C4", "F4", "A4").map(Pitch::parse).toList()));
        Choices broken = Choices.USUAL.with(Figure.BROKEN_UP).withPins(pins);
        assertThat(findings("tempo: 120\n| C >F |", broken))
                .extracting(Finding::kind, Finding::message)
                .contains(Assertions.tuple(Kind.LEAP, "the hand leaps 12 half steps to F in 0.3 s"));
        assertThat(findings("tempo: 120\n| C F |", broken))
                .extracting(Finding::message)
                .anyMatch(message -> message.endsWith("in 0.3 s"));
    }

    /** Any textbook of harmony: E–B to F–C over a bass that stays. */
    @Test
    void findParallelFifthsOfInnerVoices() {
        assertThat(findings("| Cmaj7 | F |", laid(Choices.USUAL, "C3 E3 B3", "C3 F3 C4")))
                .extracting(Finding::message)
                .containsExactly("the voices on F and C go in parallel fifths from Cmaj7 to F");
        assertThat(findings("| Cmaj7 | Am |", laid(Choices.USUAL, "C3 E3 B3", "C3 E3 A3")))
                .isEmpty();
    }

    @Test
    void doNotCallADiminishedFifthParallel() {
        assertThat(findings("| C | Bdim |", ROOTS)).isEmpty();
    }

    @Test
    void findParallelOctaves() {
        assertThat(findings("| C | Dm |", laid(Choices.USUAL, "C3 E3 G3 C4", "D3 F3 A3 D4")))
                .extracting(Finding::kind)
                .contains(Kind.PARALLEL_OCTAVES);
    }

    /** The longer the time, the farther the hand may go (common practice; the figures from memory). */
    @Test
    void findALeapThatIsTooFarForTheTime() {
        Choices wide = laid(Choices.USUAL, "C3 E3 G3", "C4 E4 A4");
        assertThat(findings("tempo: 60\n| C | Am |", wide)).noneMatch(f -> f.kind() == Kind.LEAP);
        assertThat(findings("tempo: 120\n| C | Am |", wide.with(Figure.ALBERTI)))
                .filteredOn(f -> f.kind() == Kind.LEAP)
                .singleElement()
                .satisfies(f -> assertThat(f.message()).isEqualTo("the hand leaps 12 half steps to Am in 0.3 s"));
        assertThat(findings("tempo: 30\n| C | F |", laid(Choices.USUAL, "C3 E3 G3", "F4 A4 C5")))
                .extracting(Finding::kind)
                .contains(Kind.LEAP);
    }

    @Test
    void lookAtTheWayBackOfARepeat() {
        Choices far = laid(Choices.USUAL.with(Figure.ALBERTI), "C3 E3 G3", "G3 C4 E4", "F4 A4 C5");
        assertThat(findings("tempo: 120\n| C | C | F |", far)).noneMatch(f -> f.chord() == 0);
        assertThat(findings("tempo: 120\n|: C | C | F :|", far))
                .anyMatch(f -> f.kind() == Kind.LEAP && f.chord() == 0 && f.bar() == 1);
    }

    @Test
    void findNothingInASmoothTune() {
        assertThat(findings("| C | F | G7 | C |", Choices.USUAL.with(Figure.ALBERTI)))
                .isEmpty();
    }
}
