package com.zestythumb.formats;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.harmonising.Harmoniser;
import com.zestythumb.core.harmonising.Level;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.sheet.ChartWriter;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.formats.importing.Importer;
import java.nio.charset.StandardCharsets;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A left hand that is typed into a chart without chords tells them as one that comes in a file (chords of its notes: common practice). */
class TypedHandsTest {

    private static LeadSheet proposed(String chart) {
        Chart read = Chart.read(chart);
        assertThat(read.problems()).isEmpty();
        return Harmoniser.propose(read.sheet(), Level.USUAL).sheet();
    }

    private static String chords(LeadSheet sheet) {
        return sheet.bars().stream()
                .map(bar -> bar.events().stream()
                        .map(event -> event.written() + (event.isGuess() ? "?" : ""))
                        .collect(Collectors.joining(" ")))
                .collect(Collectors.joining(" | "));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "[C,E,G,]8 | [D,F,A,]8 | [G,,B,,D,F,]8 | [C,E,G,]8; C? | Dm? | G7? | C?",
                "C,2 G,2 E,2 G,2 | B,,2 G,2 D,2 G,2; C? | G/B?",
                "[A,,E,A,]4 [D,F,A,]4 | [E,^G,B,]8; Am? Dm? | E?",
            })
    void hearsTheLeftHand(String left, String wanted) {
        assertThat(chords(proposed("key: C\n|" + " ? |".repeat(left.split("\\|").length) + "\nl: " + left + " |")))
                .isEqualTo(wanted);
    }

    @Test
    void tellsTheSameAsAFile() {
        String tune = "e4 d4 | c8 | d4 B4 | c8";
        String left = "C,2 G,2 E,2 G,2 | A,,2 E,2 C,2 E,2 | [G,,B,,F,]8 | [C,E,G,]8";
        String abc = "X:1\nT:Typed\nM:4/4\nL:1/8\nK:C\nV:1\n" + tune + "|]\nV:2 clef=bass\n" + left + "|]\n";
        LeadSheet brought = Importer.read("typed.abc", abc.getBytes(StandardCharsets.UTF_8))
                .get(0)
                .sheet();
        LeadSheet typed = proposed("key: C\n| ? | ? | ? | ? |\nm: " + tune + " |\nl: " + left + " |");
        assertThat(chords(typed)).isEqualTo(chords(brought)).contains("Am");
    }

    /** What the teacher wrote stays, and where no hand is written the tune tells. */
    @Test
    void leavesWhatIsWritten() {
        LeadSheet sheet =
                proposed("key: C\n| F | ? | ? | C |\nm: c8 | B8 | B8 | c8 |\nl: [C,E,G,]8 | [E,G,B,]8 | | [C,E,G,]8 |");
        assertThat(chords(sheet)).startsWith("F | Em? | G").endsWith(" | C");
        assertThat(ChartWriter.write(sheet)).contains("[E,G,B,]8");
    }
}
