package com.zestythumb.formats.abc;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.sheet.ChartWriter;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.formats.importing.Importer;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** As the ABC standard 2.1 has it; the sections are named beside the cases. Lines of a chart are parted by {@code //}. */
class AbcWriterTest {

    /** What the file says, and that it comes back as it went out. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '@',
            value = {
                // 4.18: a chord symbol begins with a note; 4.19: what does not is an annotation.
                "¦ C ¦ N.C. ¦ ? ¦ // m: c8 ¦ d8 ¦ e8 @ \"^N.C.\"d8 ¦ \"^?\"e8",
                // 2.2.2: a percent sign that begins no remark has a backslash.
                "title: 100 % sure // ¦ C ¦ // m: c8 @ T:100 \\% sure",
                // 3.1.6: C and C| are meters.
                "meter: C| // ¦ C ¦ // m: c8 @ M:C¦",
                // 3.1.8: the tempo with the length of its beat.
                "meter: 7/8 // tempo: 120 // ¦ C ¦ // m: c7 @ Q:1/4=120",
                "meter: 6/8 // tempo: 60 // ¦ C ¦ // m: c6 @ Q:3/8=60",
                // 3.1.3 and 10: who made it, and whose it is.
                "composer: A // lyricist: B // arranger: D // copyright: 2026 E // ¦ C ¦ // m: c8 @ C:A\\nC:Words: B\\nC:Arranged: D\\n%%abc-copyright 2026 E",
                // 4.8: a thin double line.
                "¦ C ¦¦ F ¦ // m: c8 ¦ f8 @ c8 ¦¦",
                // 5.1: each line of words is a verse; the end of a tie is counted.
                "¦ C ¦ // m: c2-c2 d4 // w: long day // w: dark night @ w: long _ day\\nw: dark _ night"
            })
    void writesAsTheStandardHasIt(String chart, String wanted) {
        LeadSheet sheet = Chart.parse(chart.replace(" // ", "\n").replace('¦', '|'));
        String file = new AbcWriter().write(sheet);
        assertThat(file).contains(wanted.replace("\\n", "\n").replace('¦', '|'));
        LeadSheet back = Importer.read("Untitled.abc", file.getBytes(StandardCharsets.UTF_8))
                .get(0)
                .sheet();
        assertThat(heading(back)).isEqualTo(heading(sheet));
    }

    /** The chart but for the key, which a file tells in any case. */
    private static String heading(LeadSheet sheet) {
        return ChartWriter.write(sheet).replaceAll("(?m)^(key|meter): .*\n", "");
    }
}
