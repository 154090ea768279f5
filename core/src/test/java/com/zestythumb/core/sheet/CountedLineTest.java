package com.zestythumb.core.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CountedLineTest {

    /** A held note has every count it is held for; a tie begins again with its bar or is counted on (primers, from memory). */
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "4/4; c4 d2 e2; 1-2 3 4; 1-2 3 4",
                "4/4; c6 d2; 1-2-3 4; 1-2-3 4",
                "4/4; c3 d e4; 1-2 & 3-4; 1-2 & 3-4",
                "4/4; c d e f z4; 1 & 2 & 3-4; 1 & 2 & 3-4",
                "4/4; c4 d4- | d4 e4; 1-2 3-4 | 1-2 3-4; 1-2 3-4 | 5-6 3-4",
                "4/4; c8- | c8- | c4 d4; 1-2-3-4 | 1-2-3-4 | 1-2 3-4; 1-2-3-4 | 5-6-7-8 | 9-10 3-4",
                "4/4; c2 d2- d2 e2; 1 2 3 4; 1 2 3 4",
                "4/4; c7 d- | d2 z2 e4; 1-2-3-4 & | 1 2 3-4; 1-2-3-4 & | 5 2 3-4",
                "3/4; c6- | c2 d4; 1-2-3 | 1 2-3; 1-2-3 | 4 2-3",
                "6/8; c3 d3; 1-2-3 4-5-6; 1-2-3 4-5-6",
                "6/8; c2 d c2 d; 1-2 3 4-5 6; 1-2 3 4-5 6",
                "6/8; c6- | c3 d3; 1-2-3-4-5-6 | 1-2-3 4-5-6; 1-2-3-4-5-6 | 7-8-9 4-5-6",
                "12/8; c12; 1 … 12; 1 … 12",
                "2/4; c/ d/ e/ f/ (3ggg; 1 e & a 2 trip let; 1 e & a 2 trip let"
            })
    void isCountedAsATeacherWritesItUnderTheNotes(String meter, String tune, String byBar, String on) {
        String bars = tune.replaceAll("[^|]", "").replace("|", "| C ");
        LeadSheet sheet = Chart.parse("meter: " + meter + "\n| C " + bars + "|\nm: " + tune + " |");
        assertThat(counted(sheet, Counts.BY_BAR)).isEqualTo(byBar);
        assertThat(counted(sheet, Counts.ON)).isEqualTo(on);
    }

    private static String counted(LeadSheet sheet, Counts counts) {
        CountedLine line = new CountedLine(counts);
        List<String> bars = new ArrayList<>();
        Set<Object> held = new HashSet<>();
        for (Bar bar : sheet.bars()) {
            List<String> words = new ArrayList<>();
            for (SheetNote note : bar.melody()) {
                boolean isHeld = !note.isRest() && held.remove(note.pitch());
                words.add(line.under(bar, note.onset(), note.duration(), isHeld));
                if (note.tied()) {
                    held.add(note.pitch());
                }
            }
            bars.add(String.join(" ", words));
        }
        return String.join(" | ", bars);
    }
}
