package com.zestythumb.core.proposing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.zestythumb.core.arrangement.AnalysedSheet;
import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Choices;
import com.zestythumb.core.pattern.AccompanimentPatterns;
import com.zestythumb.core.proposing.Proposals.Proposal;
import com.zestythumb.core.proposing.Proposals.Wish;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.voicing.Hand;
import com.zestythumb.core.voicing.StyleChoice;
import com.zestythumb.core.voicing.VoicingStyles;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class ProposalsTest {

    private static final LeadSheet WALTZ = Chart.read(
                    "key: G major\nmeter: 3/4\ntempo: 100\n| G | C | D7 | G | Em | Am | D7 | G |")
            .sheet();

    private static Difficulty difficulty(Choices choices) {
        return Difficulty.of(Arrangement.of(WALTZ, choices));
    }

    /** Second-year player, small hand, waltz, 15 minutes a day. */
    @Test
    void proposesThreeFromEasyToRich() {
        Choices small = Choices.USUAL.with(Hand.ofSpan(9));
        List<Proposal> three = Proposals.of(AnalysedSheet.of(WALTZ), small, new Wish(2, Texture.DANCE, 15));
        assertThat(three).hasSize(3);
        assertThat(three.stream()
                        .map(one -> one.choices().style().style().id()
                                + one.choices().pattern().id()))
                .doesNotHaveDuplicates();
        assertThat(three.get(0).difficulty().fine())
                .isLessThan(three.get(1).difficulty().fine());
        assertThat(three.get(1).difficulty().fine())
                .isLessThan(three.get(2).difficulty().fine());
        assertThat(three).allMatch(one -> Texture.DANCE.includes(one.choices().pattern()));
        assertThat(three).allMatch(one -> one.difficulty().spare() >= 0);
        assertThat(three).allMatch(one -> one.days() >= 1 && one.days() <= 7);
    }

    /** Three are three to the ear, whatever is brought and wished. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "key: D minor\nmeter: 3/4\n| Dm | A7 | A7 | Dm | Gm | Dm/F | Bb A7 | Dm |\nm: d2 fe d2 | ^c2 ed c2 | e2 gf e2 | f4 d2 | g2 b2 g2 | f2 a2 d2 | f2 e2 ^c2 | d6 |",
                "key: A\nmeter: 2/2\n| A | A | D | A | B7 | E7 | A E7 | A |\nm: c4 e4 | a4 e4 | f4 a4 | e8 | d4 ^d4 | e4 g4 | a4 b4 | a8 |",
                "key: G\nmeter: 6/8\n| G | C | D | G | Em | C D | G | G |\nm: d3 B3 | c3 e3 | d3 A3 | B6 | e3 g3 | e3 d3 | B3 A3 | G6 |",
                "key: D\nmeter: 6/8\n| D | G | A7 | D |\n",
                "key: C\nmeter: 9/8\n| C | F | G7 | C |\n",
                "key: C\nmeter: 2/4\n| C | F | G7 | C |\n",
                "key: Bb\nmeter: 12/8\n| Bb | Bb7 | Eb Edim7 | Bb/F | G7 | C7 F7 | Bb Eb | Bb |",
                "key: F\nmeter: 3/4\n| Fmaj7 | Gm7 | Am7 | Bbmaj7 | Bm7b5 | E7 | Am7 D7 | Gm7 C7 | Fmaj7 |"
            })
    void noneIsProposedTwice(String chart) {
        AnalysedSheet tune = AnalysedSheet.of(Chart.parse(chart));
        for (Texture texture : Texture.values()) {
            for (int level = 1; level <= 5; level++) {
                Wish wish = new Wish(level, texture, 15);
                assertThat(Proposals.of(tune, Choices.USUAL.with(Hand.ofSpan(7 + level)), wish))
                        .as(wish.toString())
                        .extracting(one -> tune.arranged(one.choices()).accompaniment().stream()
                                .map(note ->
                                        note.bar() + " " + note.onset() + " " + note.duration() + " " + note.pitch())
                                .toList())
                        .doesNotHaveDuplicates();
            }
        }
    }

    /** What any teacher would name first: the plain waltz, with fifths before it and the low bass behind it (common practice). */
    @Test
    void theUsualWaltzIsTheFittingOne() {
        List<Proposal> three = Proposals.of(
                AnalysedSheet.of(WALTZ), Choices.USUAL.with(Hand.ofSpan(9)), new Wish(2, Texture.DANCE, 15));
        Choices fitting = three.get(1).choices();
        assertThat(fitting.style().style()).isEqualTo(VoicingStyles.CLOSE);
        assertThat(fitting.pattern()).isEqualTo(AccompanimentPatterns.BASS_AND_CHORDS);
        assertThat(three.stream().map(one -> one.difficulty().step())).containsExactly(1, 2, 3);
        assertThat(three.stream().map(Proposal::wanted)).containsExactly(1, 2, 3);
    }

    /** Six-eight rolls (common practice). */
    @Test
    void theMetersOwnFigureComesFirst() {
        LeadSheet six = Chart.read("key: A minor\nmeter: 6/8\ntempo: 60\n| Am | C | D | F | Am | E7 | Am | E7 |")
                .sheet();
        List<Proposal> three = Proposals.of(AnalysedSheet.of(six), Choices.USUAL, new Wish(2, Texture.FLOWING, 15));
        assertThat(three.get(1).choices().pattern()).isEqualTo(AccompanimentPatterns.UP_AND_BACK);
    }

    /** Guide tones, shells and rootless chords are for sevenths (common practice). */
    @Test
    void stylesThatTheChordsDoNotAskForAreLeftOut() {
        for (Texture texture : Texture.values()) {
            for (int level = 1; level <= 5; level++) {
                assertThat(Proposals.of(AnalysedSheet.of(WALTZ), Choices.USUAL, new Wish(level, texture, 20)))
                        .extracting(one -> one.choices().style().style())
                        .doesNotContain(VoicingStyles.GUIDE_TONES, VoicingStyles.ROOTLESS, VoicingStyles.SHELLS);
            }
        }
    }

    /** Fuller, faster and stranger things come later, as in graded lessons (common practice). */
    @Test
    void stepsRiseAsLessonsDo() {
        Choices close = Choices.USUAL;
        assertThat(difficulty(close.with(new StyleChoice(VoicingStyles.OPEN_FIFTHS, Map.of())))
                        .step())
                .isEqualTo(1);
        LeadSheet triads = Chart.read("key: G major\n| G | C | D | G |").sheet();
        assertThat(Difficulty.of(Arrangement.of(triads, close)).step()).isLessThanOrEqualTo(2);
        assertThat(difficulty(close.with(AccompanimentPatterns.BASS_AND_CHORDS)).step())
                .isEqualTo(2);
        assertThat(difficulty(close.with(AccompanimentPatterns.ALBERTI)).step()).isEqualTo(2);
        Choices low = close.with(new StyleChoice(VoicingStyles.BASS_THEN_CHORD, Map.of()))
                .with(AccompanimentPatterns.BASS_AND_CHORDS);
        assertThat(difficulty(low).step()).isBetween(3, 4);
        Choices octaves = close.with(new StyleChoice(VoicingStyles.OCTAVE_THEN_CHORD, Map.of()))
                .with(AccompanimentPatterns.BASS_AND_CHORDS);
        assertThat(difficulty(octaves).step()).isBetween(4, 5);
        assertThat(difficulty(close.with(AccompanimentPatterns.FLOWING)).step()).isBetween(3, 5);
    }

    @Test
    void aLeftHandIsComeToInSteps() {
        List<StepByStep.Step> steps =
                StepByStep.to(AnalysedSheet.of(WALTZ), Choices.USUAL.with(AccompanimentPatterns.ALBERTI));
        assertThat(steps.get(0).choices().style().style()).isEqualTo(VoicingStyles.BASS);
        Choices last = steps.get(steps.size() - 1).choices();
        assertThat(last.pattern()).isEqualTo(AccompanimentPatterns.ALBERTI);
        assertThat(last.style().style()).isEqualTo(VoicingStyles.CLOSE);
        assertThat(steps).hasSizeBetween(4, 6);
        assertThat(steps.get(0).difficulty().fine())
                .isLessThan(steps.get(steps.size() - 1).difficulty().fine());
        assertThat(StepByStep.to(AnalysedSheet.of(WALTZ), Choices.USUAL))
                .as("a plain hand needs fewer")
                .hasSize(3);
    }

    @Test
    void everyLevelAndTextureGetsSomething() {
        for (Texture texture : Texture.values()) {
            for (int level = 1; level <= 5; level++) {
                assertThat(Proposals.of(AnalysedSheet.of(WALTZ), Choices.USUAL, new Wish(level, texture, 20)))
                        .as(texture + " " + level)
                        .isNotEmpty();
            }
        }
    }

    /** Faster, wider, farther and fuller are each harder (common practice). */
    @Test
    void difficultyGrowsWithWhatMakesItHard() {
        Difficulty block = difficulty(Choices.USUAL);
        assertThat(difficulty(Choices.USUAL.with(AccompanimentPatterns.FLOWING)).speed())
                .isGreaterThan(block.speed());
        assertThat(difficulty(Choices.USUAL.with(new StyleChoice(VoicingStyles.OCTAVES, Map.of())))
                        .stretch())
                .isGreaterThan(block.stretch());
        assertThat(difficulty(Choices.USUAL.with(new StyleChoice(VoicingStyles.BASS_THEN_CHORD, Map.of())))
                        .leap())
                .isGreaterThan(block.leap());
        assertThat(difficulty(Choices.USUAL.with(AccompanimentPatterns.FLOWING)).step())
                .isGreaterThan(block.step());
    }

    @Test
    void refusesWishesThatMakeNoSense() {
        assertThatThrownBy(() -> new Wish(0, Texture.ANY, 15)).hasMessageContaining("1 to 5");
        assertThatThrownBy(() -> new Wish(2, Texture.ANY, 0)).hasMessageContaining("minutes");
        assertThat(Proposals.of(
                        AnalysedSheet.of(Chart.read("| N.C. |").sheet()), Choices.USUAL, new Wish(2, Texture.ANY, 15)))
                .isEmpty();
    }
}
