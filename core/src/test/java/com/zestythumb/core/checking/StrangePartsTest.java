package com.zestythumb.core.checking;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.arrangement.AnalysedSheet;
import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Choices;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.sheet.SheetNote;
import com.zestythumb.core.voiceleading.Kind;
import com.zestythumb.core.voiceleading.School;
import com.zestythumb.core.voiceleading.Voice;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Pages in parts as somebody might bring them: each is looked at, fixed and written again, and nothing of it is lost. */
class StrangePartsTest {

    private static Arrangement page(String bars) {
        return AnalysedSheet.of(Chart.parse("key: C major\nmeter: 4/4\n" + bars))
                .arranged(Choices.USUAL.with(School.STRICT));
    }

    private static final String FIVE = "| C | F | C |\nm: g8 & e8 & c8 | a8 & f8 & c8 | g8 & e8 & c8 |\n"
            + "l: G,8 & C,8 | A,8 & F,8 | G,8 & C,8 |";
    private static final String STOPS =
            "| C | F | C |\nm: c8 & E8 | c8 & z8 | c8 & E8 |\nl: G,8 & C,8 | z8 & F,8 | G,8 & C,8 |";
    private static final String UNISONS =
            "| C | F | C |\nm: c8 & c8 | c8 & c8 | c8 & c8 |\nl: C,8 & C,8 | F,8 & F,8 | C,8 & C,8 |";
    private static final String CROSSING =
            "| C | F | C |\nm: E8 & c8 | F8 & c8 | E8 & c8 |\nl: C,8 & G8 | F,8 & A8 | C,8 & G8 |";
    private static final String SILENT =
            "| N.C. | N.C. | N.C. |\nm: c8 & E8 | c8 & F8 | c8 & E8 |\nl: G,8 & C,8 | A,8 & F,8 | G,8 & C,8 |";
    private static final String CONTRADICTED =
            "| C | F | C |\nm: ^c8 & ^D8 | ^c8 & ^F8 | ^c8 & ^D8 |\nl: ^G,8 & ^C,8 | ^A,8 & ^F,8 | ^G,8 & ^C,8 |";

    @ParameterizedTest
    @ValueSource(strings = {FIVE, STOPS, UNISONS, CROSSING, SILENT, CONTRADICTED})
    void isLookedAtAndFixedAndNothingIsLost(String bars) {
        Arrangement page = page(bars);
        List<Finding> found = Findings.in(page);
        assertThat(found).allMatch(finding -> finding.bar() >= 1 && finding.bar() <= 3);
        for (Finding finding : found) {
            assertThat(FindingWords.of(finding, page).message()).isNotBlank();
            Fixes.of(page, finding.chord())
                    .forEach(fix -> assertThat(notes(fix.of(page))).isEqualTo(notes(page)));
        }
        assertThat(notes(Fixes.all(page, Map.of()).tune())).isEqualTo(notes(page));
    }

    private static long notes(Arrangement page) {
        return page.sheet().bars().stream()
                .flatMap(bar -> Stream.concat(bar.allOfUpper().stream(), bar.allOfLeft().stream()))
                .filter(note -> !note.isRest())
                .map(SheetNote::pitch)
                .count();
    }

    /** Notes that are none of the chord are told of every part. */
    @Test
    void symbolsThatContradictAllNotesAreTold() {
        List<Finding> foreign = Findings.in(page(CONTRADICTED)).stream()
                .filter(finding -> finding.kind() == Kind.FOREIGN)
                .toList();
        assertThat(foreign).extracting(Finding::chord).contains(0, 1, 2);
    }

    /** Parts that lie on one key, bar after bar, go in parallel unisons. */
    @Test
    void unisonsAreTold() {
        assertThat(Findings.in(page(UNISONS)))
                .anyMatch(finding -> finding.kind() == Kind.PARALLEL_UNISONS
                        && finding.fault().voices().contains(Voice.BASS));
    }
}
