package com.zestythumb.core.proposing;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.Corpus;
import com.zestythumb.core.LongRun;
import com.zestythumb.core.arrangement.AnalysedSheet;
import com.zestythumb.core.arrangement.ArrangedChord;
import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Choices;
import com.zestythumb.core.pattern.AccompanimentPatterns;
import com.zestythumb.core.proposing.Proposals.Proposal;
import com.zestythumb.core.proposing.Proposals.Wish;
import com.zestythumb.core.proposing.StepByStep.Step;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.sheet.LeadSheet;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** What is suggested first, against what a teacher would (suggestions.txt; 60 of 63 right at the first try). */
class SuggestionsTest {

    /** The tunes of left-hands.txt by their names. */
    private static Map<String, LeadSheet> tunes() {
        Map<String, List<String>> lines = new LinkedHashMap<>();
        String name = "";
        for (String line : Corpus.lines("left-hands.txt")) {
            name = line.startsWith("= ") ? line.substring(2) : name;
            boolean heading = !line.matches("([=>] |m: |fingers: ).*");
            lines.computeIfAbsent(name, n -> new ArrayList<>());
            if (heading) {
                lines.get(name).add(line.replace("chart: ", ""));
            }
        }
        Map<String, LeadSheet> tunes = new LinkedHashMap<>();
        lines.forEach((one, chart) ->
                tunes.put(one, Chart.read(String.join("\n", chart)).sheet()));
        return tunes;
    }

    private static String told(LeadSheet sheet, Proposal proposal) {
        ChordEvent first = sheet.events().stream()
                .filter(event -> !event.isSilent())
                .findFirst()
                .orElseThrow();
        return proposal.choices().styleOf(first).style().id() + "/"
                + proposal.choices().pattern().id();
    }

    private static boolean fits(String accepted, String told) {
        return told.matches(accepted.replace("*", "[^/]*"));
    }

    @Test
    void theFirstIsWhatATeacherWouldSuggest() {
        Map<String, LeadSheet> tunes = tunes();
        Map<String, String[]> kinds = new HashMap<>();
        List<String> wrong = new ArrayList<>();
        int all = 0;
        for (String line : Corpus.lines("suggestions.txt")) {
            int colon = line.lastIndexOf(" : ");
            String behind = line.substring(colon + 3);
            if (line.startsWith("kind ")) {
                kinds.put(line.substring(5, colon), behind.split(", "));
                continue;
            }
            LeadSheet sheet = tunes.entrySet().stream()
                    .filter(one -> one.getKey().startsWith(line.substring(2, colon)))
                    .findFirst()
                    .orElseThrow()
                    .getValue();
            Wish wish = new Wish(line.charAt(0) - '0', Texture.ANY, 15);
            String first = told(
                    sheet,
                    Proposals.of(AnalysedSheet.of(sheet), Choices.USUAL, wish).get(0));
            all++;
            if (List.of(kinds.get(behind)).stream().noneMatch(accepted -> fits(accepted, first))) {
                wrong.add(line + ": " + first);
            }
        }
        System.out.println("suggestions: " + (all - wrong.size()) + " of " + all + "; not " + wrong);
        assertThat(all).isGreaterThanOrEqualTo(60);
        assertThat(wrong.size() * 100).isLessThanOrEqualTo(15 * all);
    }

    /** Syncopation, leaps over an octave and sixteenths come from level four on (common practice). */
    @Test
    void lateThingsComeLate() {
        List<String> late = List.of("ANTICIPATED", "THREE_THREE_TWO", "BOSSA", "OFF_BEATS", "ONLY_OFF", "FLOWING");
        int step = LongRun.of(3, 1);
        int tune = 0;
        for (var entry : tunes().entrySet()) {
            String name = entry.getKey();
            boolean asksForIt = name.contains("palms") || name.contains("tiles") || name.contains("bossa");
            for (int level = 1 + tune++ % step; level < 4; level += step) {
                Wish wish = new Wish(level, Texture.ANY, 15);
                assertThat(Proposals.of(AnalysedSheet.of(entry.getValue()), Choices.USUAL, wish))
                        .as(name + " " + level)
                        .isNotEmpty()
                        .allMatch(one -> asksForIt
                                || !late.contains(one.choices().pattern().id()));
            }
        }
    }

    /** The steps are cut from the finished hand: the same octaves, inversions and fingers. */
    @Test
    void stepsAreCutFromTheFinishedHand() {
        LeadSheet sheet = Chart.parse("key: G\nmeter: 3/4\n| G | C | D7 | G | Em | Am | D7 | G |");
        Choices alberti = Choices.USUAL.with(AccompanimentPatterns.ALBERTI);
        List<ArrangedChord> finished = Arrangement.of(sheet, alberti).chords();
        List<Step> steps = StepByStep.to(AnalysedSheet.of(sheet), alberti);
        List<ArrangedChord> bass = Arrangement.of(sheet, steps.get(0).choices()).chords();
        List<ArrangedChord> held = Arrangement.of(sheet, steps.get(1).choices()).chords();
        for (int i = 0; i < finished.size(); i++) {
            ArrangedChord whole = finished.get(i);
            assertThat(bass.get(i).voicing().pitches())
                    .containsExactly(whole.voicing().first().lowest());
            assertThat(bass.get(i).allFingers())
                    .containsExactly(whole.allFingers().get(0));
            assertThat(held.get(i).voicing()).isEqualTo(whole.voicing());
            assertThat(held.get(i).allFingers()).isEqualTo(whole.allFingers());
        }
    }
}
