package com.zestythumb.core.checking;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.Corpus;
import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.SheetNote;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** A whole second version of each page of the list of fixes; common practice: what is corrected is not made worse elsewhere. */
class FixAllTest {

    @Test
    void itBringsNothingAndKeepsEveryPart() {
        int above = 0;
        int left = 0;
        for (String line : Corpus.lines("examiner-fixes.txt")) {
            Arrangement page = ExaminerCase.of(line).arranged(ExaminerTest.AS_WRITTEN);
            Arrangement then = Fixes.all(page, Map.of()).tune();
            Set<Finding.Id> before = aboveHint(page);
            Set<Finding.Id> after = aboveHint(then);
            above += before.size();
            left += after.size();
            Set<Finding.Id> news = new HashSet<>(after);
            news.removeAll(before);
            assertThat(news).as(line).isEmpty();
            if (new Subjects(page).isSung()) {
                assertThat(notes(then)).as(line).isEqualTo(notes(page));
            }
        }
        System.out.printf("above a hint: %d, left by fix all: %d%n", above, left);
        assertThat(left).isLessThan(above / 4);
    }

    private static Set<Finding.Id> aboveHint(Arrangement tune) {
        return Findings.in(tune).stream()
                .filter(finding -> finding.severity().isAboveHint())
                .map(Finding::id)
                .collect(Collectors.toSet());
    }

    /** How many notes each voice has, bar by bar. */
    private static List<Long> notes(Arrangement tune) {
        return tune.sheet().bars().stream()
                .flatMap(FixAllTest::voices)
                .map(voice -> voice.stream().filter(note -> !note.isRest()).count())
                .toList();
    }

    private static Stream<List<SheetNote>> voices(Bar bar) {
        return Stream.concat(bar.upper().stream(), bar.left().stream());
    }
}
