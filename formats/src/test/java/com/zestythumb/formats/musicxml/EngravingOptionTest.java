package com.zestythumb.formats.musicxml;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Choices;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.sheet.Counts;
import com.zestythumb.formats.musicxml.MusicXmlWriter.Staves;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** What an editor may have otherwise, as the usual manuals of engraving have it (from memory). */
class EngravingOptionTest {

    private static final Pattern BARS = Pattern.compile("<measure .*?</measure>", Pattern.DOTALL);

    private static final Pattern SIGNS = Pattern.compile(
            "<octave-shift type=\"(\\w+)\"|<clef number=\"(\\d)\"><sign>(\\w)|<note\\b", Pattern.DOTALL);

    private static String written(Staves staves, String chart, Set<EngravingOption> options) {
        return new MusicXmlWriter(staves, Counts.NONE, options)
                .writeText(Arrangement.of(
                        Chart.parse("meter: 4/4\n" + chart.replace(" // ", "\n").replace('¦', '|')), Choices.USUAL))
                .replaceAll(">\\s+<", "><")
                .replace('\'', '"');
    }

    /** Octave lines and clefs by their bars; behind the beginning of a line how many notes of its bar it does not reach. */
    private static String signs(String score) {
        List<String> found = new ArrayList<>();
        Matcher bars = BARS.matcher(score);
        for (int bar = 1; bars.find(); bar++) {
            int notes = 0;
            for (MatchResult sign : SIGNS.matcher(bars.group()).results().toList()) {
                if (sign.group(1) != null) {
                    boolean late = sign.group(1).equals("down") && notes > 0;
                    found.add(bar + " " + sign.group(1) + (late ? "+" + notes : ""));
                } else if (sign.group(3) != null) {
                    found.add(bar + " " + sign.group(2) + sign.group(3));
                } else {
                    notes++;
                }
            }
        }
        return String.join(", ", found);
    }

    /** The third ledger line is that of E6 above the treble clef and of A1 below the bass clef; of F3 and G4 between them. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '@',
            value = {
                "OCTAVE_LINES @ m: e'8 ¦ f'8 ¦ e'8 ¦ c8 @ 1 1G, 1 2F, 1 down, 3 stop",
                "OCTAVE_LINES @ m: c8 ¦ e'8 ¦ f'8 ¦ c8 @ 1 1G, 1 2F, 2 down, 3 stop",
                "OCTAVE_LINES @ m: e'8 ¦ c'8 ¦ f'8 ¦ e'8 @ 1 1G, 1 2F, 1 down, 4 stop",
                "OCTAVE_LINES @ m: [c'e']8 ¦ [c'f']8 ¦ c8 ¦ c8 @ 1 1G, 1 2F, 1 down, 2 stop",
                "OCTAVE_LINES @ m: c4e'4 ¦ f'8 ¦ e'4c4 ¦ c8 @ 1 1G, 1 2F, 1 down+1, 3 stop",
                "OCTAVE_LINES @ m: c'4e'4 ¦ f'8 ¦ e'4c'4 ¦ c8 @ 1 1G, 1 2F, 1 down, 3 stop",
                "OCTAVE_LINES @ m: c4c4 ¦ c4e'4 ¦ f'8 ¦ c8 @ 1 1G, 1 2F, 2 down+1, 3 stop",
                "OCTAVE_LINES @ m: c'8 ¦ e'8 ¦ f'8 ¦ c'8 @ 1 1G, 1 2F, 2 down, 3 stop",
                "OCTAVE_LINES @ m: e'8 ¦ c8 ¦ e'8 ¦ c8 @ 1 1G, 1 2F",
                "OCTAVE_LINES @ m: [ce']8 ¦ [cf']8 ¦ [ce']8 ¦ c8 @ 1 1G, 1 2F",
                "OCTAVE_LINES @ m: e'8 ¦ c8 ¦ c8 ¦ c8 @ 1 1G, 1 2F",
                "OCTAVE_LINES @ m: c'8 ¦ d'8 ¦ c'8 ¦ c8 @ 1 1G, 1 2F",
                "CLEF_CHANGES @ m: e'8 ¦ f'8 ¦ e'8 ¦ c8 @ 1 1G, 1 2F",
                "OCTAVE_LINES @ m: F,8 ¦ E,8 ¦ F,8 ¦ c8 @ 1 1G, 1 2F",
                "OCTAVE_LINES @ m: c8 ¦ c8 ¦ c8 ¦ c8 // l: A,,,8 ¦ G,,,8 ¦ C,8 ¦ C,8 @ 1 1G, 1 2F, 1 up, 2 stop",
                "CLEF_CHANGES @ m: c8 ¦ c8 ¦ c8 ¦ c8 // l: C,8 ¦ G8 ¦ A8 ¦ C,8 @ 1 1G, 1 2F, 1 2G, 3 2F",
                "CLEF_CHANGES @ m: c8 ¦ c8 ¦ c8 ¦ c8 // l: G8 ¦ A8 ¦ C,8 ¦ C,8 @ 1 1G, 1 2G, 2 2F",
                "CLEF_CHANGES @ m: c8 ¦ c8 ¦ c8 ¦ c8 // l: C,8 ¦ C,4G4 ¦ A8 ¦ G8 @ 1 1G, 1 2F, 2 2G",
                "CLEF_CHANGES @ m: F,8 ¦ E,8 ¦ c8 ¦ c8 @ 1 1F, 1 2F, 2 1G",
                "CLEF_CHANGES @ m: c8 ¦ c8 ¦ c8 ¦ c8 // l: F8 ¦ E8 ¦ F8 ¦ C,8 @ 1 1G, 1 2F",
                "ALL_NUMBERS @ m: e'8 ¦ f'8 ¦ e'8 ¦ c8 @ 1 1G, 1 2F",
            })
    void ledgerLinesAreSparedOnWish(EngravingOption option, String notes, String wanted) {
        assertThat(signs(written(Staves.GRAND, "| C | C | C | C | // " + notes, Set.of(option))))
                .isEqualTo(wanted);
    }

    /** Under 8va a stem turns by where its note is written: E5 and D5 have it down, A4 up (sounding E6, D6, A5). */
    @Test
    void stemsGoByWhatIsWritten() {
        String score =
                written(Staves.GRAND, "| C | C | // m: e'4 a4 | e'4 a4", EnumSet.of(EngravingOption.OCTAVE_LINES));
        assertThat(score).contains("octave-shift");
        assertThat(Pattern.compile("<octave>(5|6)</octave>.*?<stem>(\\w+)</stem>")
                        .matcher(score)
                        .results()
                        .map(note -> note.group(1) + note.group(2)))
                .startsWith("6down", "5up", "6down", "5down");
    }

    @Test
    void courtesiesHaveBracketsAndOthersNone() {
        String tune = "| C | C | // m: ^f8 | f8";
        assertThat(written(Staves.GRAND, tune, Set.of(EngravingOption.BRACKETS)))
                .contains("<accidental>sharp</accidental>")
                .containsPattern("<accidental [^>]*parentheses=\"yes\"[^>]*>natural");
        assertThat(written(Staves.GRAND, tune, Set.of())).doesNotContain("parentheses");
    }

    @ParameterizedTest
    @CsvSource({"ALL_NUMBERS, measure", "NO_NUMBERS, none", "BRACKETS, system"})
    void barsAreNumbered(EngravingOption option, String numbering) {
        assertThat(written(Staves.GRAND, "| C | F |", Set.of(option)))
                .contains("<measure-numbering>" + numbering + "</measure-numbering>");
    }

    /** The page has the same signs as the file. */
    @ParameterizedTest
    @EnumSource(EngravingOption.class)
    void thePageHasTheSame(EngravingOption option) {
        String tune = "| C | C | C | C | // m: ^f'8 | f'8 | g'8 | c8 // l: G8 | A8 | C,8 | C,8";
        String page = written(Staves.PAGE, tune, Set.of(option));
        assertThat(signs(page)).isEqualTo(signs(written(Staves.GRAND, tune, Set.of(option))));
        assertThat(page.contains("parentheses=\"yes\"")).isEqualTo(option == EngravingOption.BRACKETS);
    }
}
