package com.zestythumb.app;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.BarMap;
import com.zestythumb.core.arrangement.Choices;
import com.zestythumb.core.checking.Findings;
import com.zestythumb.core.pattern.AccompanimentPatterns;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.sheet.Meter;
import com.zestythumb.core.voiceleading.School;
import com.zestythumb.core.voiceleading.Severity;
import com.zestythumb.core.voicing.Hand;
import com.zestythumb.core.voicing.Inversions;
import com.zestythumb.core.voicing.StyleChoice;
import com.zestythumb.core.voicing.VoicingStyle;
import com.zestythumb.core.voicing.VoicingStyles;
import com.zestythumb.core.voicing.Weights;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;

/** The tunes of the demo show what they are meant to show. */
@Execution(ExecutionMode.CONCURRENT)
class DemoChartsTest {

    private static final List<Meter> METERS =
            List.of(Meter.TWO_FOUR, Meter.THREE_FOUR, Meter.FOUR_FOUR, Meter.SIX_EIGHT);

    private static List<LeadSheet> sheets() throws IOException {
        Resource[] charts = new PathMatchingResourcePatternResolver().getResources("classpath:demo/*.chart");
        return Arrays.stream(charts).map(DemoChartsTest::read).toList();
    }

    private static LeadSheet read(Resource chart) {
        try {
            return Chart.parse(chart.getContentAsString(StandardCharsets.UTF_8));
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    @Test
    void areSixOrMoreWithoutMistakesInAllMetersAndManyKeys() throws IOException {
        List<LeadSheet> sheets = sheets();
        assertThat(sheets).hasSizeGreaterThanOrEqualTo(6);
        assertThat(sheets.stream().map(LeadSheet::meter).distinct()).hasSize(METERS.size());
        assertThat(sheets.stream().map(LeadSheet::key).distinct()).hasSizeGreaterThanOrEqualTo(6);
    }

    @Test
    void noneStretchesASmallHandWhateverTheInversion() throws IOException {
        LeadSheet sheet = sheets().stream()
                .filter(s -> s.title().equals("Long Way Home"))
                .findFirst()
                .orElseThrow();
        Choices roots = Choices.USUAL.with(Inversions.ROOT_POSITION).with(Hand.ofSpan(10));
        assertThat(Findings.in(Arrangement.of(sheet, roots)))
                .extracting(finding -> finding.kind().code())
                .doesNotContain("stretch");
        assertThat(Findings.in(Arrangement.of(sheet, roots.with(Inversions.NEAREST))))
                .extracting(finding -> finding.kind().code())
                .doesNotContain("stretch");
    }

    /** Pages whose left hand is written note by note are played as they stand, and the hand they are for takes them. */
    @Test
    void whatIsWrittenIsPlayedAndLiesUnderTheHand() throws IOException {
        List<LeadSheet> written = sheets().stream()
                .filter(sheet ->
                        sheet.bars().stream().noneMatch(bar -> bar.left().isEmpty()))
                .toList();
        assertThat(written)
                .extracting(LeadSheet::title)
                .contains("Mill at Noon", "Lamp at the Lock", "Stairs and Landing");
        for (LeadSheet sheet : written) {
            Arrangement tune = Arrangement.of(sheet, Choices.USUAL.with(Hand.ofSpan(12)));
            assertThat(tune.notes().stream().filter(note -> !note.isRight())).hasSize((int) sheet.bars().stream()
                    .flatMap(bar -> bar.allOfLeft().stream())
                    .filter(note -> !note.isRest())
                    .count());
            assertThat(Findings.in(tune))
                    .extracting(finding -> finding.kind().code())
                    .doesNotContain("stretch");
        }
    }

    /** A page of sevenths: the same chords come back in the same shapes, for at most a fifth more motion. */
    @Test
    void theSeventhsAreFewShapesToLearn() throws IOException {
        LeadSheet sheet = sheets().stream()
                .filter(s -> s.title().equals("Saturday Kitchen"))
                .findFirst()
                .orElseThrow();
        Arrangement few = Arrangement.of(sheet, Choices.USUAL);
        Arrangement nearest = Arrangement.of(sheet, Choices.USUAL.with(Weights.PLAIN));
        assertThat(BarMap.of(few).toLearn()).isLessThanOrEqualTo(9);
        assertThat(BarMap.of(few).toLearn())
                .isLessThanOrEqualTo(BarMap.of(nearest).toLearn());
        assertThat(motion(few)).isLessThanOrEqualTo(motion(nearest) * 6 / 5);
    }

    private static int motion(Arrangement tune) {
        return tune.chords().stream()
                .mapToInt(chord -> chord.solved().orElseThrow().cost().semitones())
                .sum();
    }

    /** Shapes that slide from root to root: popular music alone has them (common practice). */
    private static final Set<String> SLIDING =
            Set.of("triads", "open-fifths", "root-fifth-octave", "root-fifth-tenth", "spread");

    /** Under a hand of an octave nothing above a word in the school that a style is at home in. */
    @Test
    void everyStyleIsCleanInItsOwnSchool() throws IOException {
        List<String> found = new ArrayList<>();
        for (VoicingStyle style : VoicingStyles.all()) {
            List<School> own = new ArrayList<>(List.of(School.POPULAR));
            if (!SLIDING.contains(style.id())) {
                own.add(School.CLASSICAL);
            }
            if (style.id().equals("hymn")) {
                own.add(School.STRICT);
            }
            for (School school : own) {
                for (LeadSheet sheet : sheets()) {
                    if (sheet.bars().stream().anyMatch(bar -> !bar.left().isEmpty())) {
                        continue;
                    }
                    Choices choices = Choices.of(
                            new StyleChoice(style, Map.of()), AccompanimentPatterns.BLOCK, Hand.OCTAVE, school);
                    Findings.in(Arrangement.of(sheet, choices)).stream()
                            .filter(finding -> finding.severity() != Severity.HINT)
                            .map(finding ->
                                    school.id() + " " + style.id() + " " + sheet.title() + ": " + finding.fault())
                            .forEach(found::add);
                }
            }
        }
        assertThat(found).isEmpty();
    }
}
