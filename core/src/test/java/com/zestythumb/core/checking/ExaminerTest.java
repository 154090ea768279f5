package com.zestythumb.core.checking;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.Corpus;
import com.zestythumb.core.pitch.Interval;
import com.zestythumb.core.voiceleading.Level;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What an examiner asks of the check: her planted faults told at their place, her clean phrases left alone. */
class ExaminerTest {

    private static final Interval AS_WRITTEN = Interval.parse("P1");

    private static String plain(String code) {
        return code.replaceAll("-(inside|tune)$", "");
    }

    @Test
    void tellsEveryPlantedFault() {
        int planted = 0;
        List<String> missed = new ArrayList<>();
        for (String line : Corpus.lines("examiner-faults.txt")) {
            ExaminerCase one = ExaminerCase.of(line);
            List<Finding> found = Findings.in(one.arranged(AS_WRITTEN));
            for (String fault : one.rest().get(0).split(", ")) {
                if (fault.equals("-")) {
                    continue;
                }
                String[] words = fault.split(" ");
                planted++;
                if (found.stream()
                        .noneMatch(finding -> finding.chord() == Integer.parseInt(words[0])
                                && plain(finding.fault().code()).equals(words[1]))) {
                    missed.add(fault + "   in " + line + "   found "
                            + found.stream()
                                    .map(f -> f.chord() + " " + f.fault().code())
                                    .toList());
                }
            }
        }
        System.out.printf("examiner: %d of %d faults%n%s%n", planted - missed.size(), planted, String.join("\n", missed));
        assertThat(planted).isGreaterThan(140);
    }

    @Test
    void blamesNothingSound() {
        int phrases = 0;
        int chords = 0;
        int alarms = 0;
        List<String> wrong = new ArrayList<>();
        for (String line : Corpus.lines("examiner-clean.txt")) {
            ExaminerCase one = ExaminerCase.of(line);
            phrases++;
            chords += one.chords().stream().mapToInt(List::size).sum();
            String expected = one.rest().isEmpty() ? "" : one.rest().get(0);
            List<String> blamed = Findings.in(one.arranged(AS_WRITTEN)).stream()
                    .filter(finding -> finding.level().compareTo(Level.MIND) <= 0)
                    .filter(finding -> !expected.contains(plain(finding.fault().code())))
                    .map(f -> f.chord() + " " + f.fault().code() + " " + f.fault().measures())
                    .toList();
            alarms += blamed.size();
            if (!blamed.isEmpty()) {
                wrong.add(blamed + "   in " + line);
            }
        }
        System.out.printf(
                "examiner: %d of %d clean phrases blamed, %d alarms in %d chords%n%s%n",
                wrong.size(), phrases, alarms, chords, String.join("\n", wrong));
        assertThat(phrases).isGreaterThan(140);
    }
}
