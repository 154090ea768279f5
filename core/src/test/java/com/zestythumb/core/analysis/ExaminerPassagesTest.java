package com.zestythumb.core.analysis;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.Corpus;
import com.zestythumb.core.sheet.Chart;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.Test;

/** Passages are analysed as a teacher of harmony would. */
class ExaminerPassagesTest {

    private static String plain(String numeral) {
        return numeral.replace("/4", "4")
                .replace("/5", "5")
                .replace("/3", "3")
                .replace("/2", "2")
                .replace('♭', 'b')
                .replace('♯', '#');
    }

    @Test
    void readsAsATeacherWould() {
        List<String> wrong = new ArrayList<>();
        List<String> lines = Corpus.lines("examiner-passages.txt");
        for (String line : lines) {
            String[] fields = line.split(" ; ");
            String key = fields[0].equals("-")
                    ? ""
                    : "key: " + (fields[0].endsWith("m") ? fields[0].replace("m", "") + " minor" : fields[0] + " major")
                            + "\n";
            Analysis analysis = Analysis.of(
                    Chart.read(key + "meter: 4/4\n| " + fields[1] + " |").sheet());
            List<String> said = analysis.readings().stream()
                    .map(reading -> plain(reading.numeral().toString()))
                    .toList();
            String more = fields.length > 3 ? fields[3].strip() : "";
            boolean good = String.join(" ", said).equals(fields[2].strip());
            if (more.startsWith("close")) {
                String[] words = more.split(" ");
                good &= analysis.cadences().stream()
                        .anyMatch(one -> one.chord() == Integer.parseInt(words[1])
                                && one.kind().word().toLowerCase(Locale.ROOT).contains(words[2]));
            }
            if (more.startsWith("pivot")) {
                good &= analysis.keys().stream().anyMatch(span -> span.pivot() == Integer.parseInt(more.split(" ")[1]));
            }
            if (!good) {
                wrong.add(String.join(" ", said) + " " + analysis.cadences() + "  "
                        + analysis.keys().stream()
                                .map(k -> k.key() + "" + k.from() + "-" + k.to())
                                .toList() + "   in " + line);
            }
        }
        System.out.printf("passages as the examiner reads them: %d of %d%n", lines.size() - wrong.size(), lines.size());
        assertThat(lines).hasSizeGreaterThan(39);
        assertThat(100.0 * (lines.size() - wrong.size()) / lines.size())
                .as(String.join("\n", wrong))
                .isGreaterThanOrEqualTo(97);
    }
}
