package com.zestythumb.core.exercise;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.exercise.Marking.Mark;
import com.zestythumb.core.exercise.Marking.Verdict;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.sheet.SheetNote;
import com.zestythumb.core.voiceleading.School;
import com.zestythumb.core.voicing.Hand;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class CorrectionTest {

    /** Any textbook: IV–V with all parts rising is parallel; the better way leaves the bass, and is not what was played. */
    @Test
    void parallelsAreShownWithABetterWay() {
        Task task = ReadyMade.named("four-parts-bass").exercise(0, Hand.OCTAVE, School.STRICT);
        Answers answers =
                Answers.played(Map.of(1, List.of(57, 65, 72), 2, List.of(59, 67, 74), 3, List.of(60, 64, 72)));
        List<Mark> marks = task.marked(answers).marks();
        List<Correction> corrections = Correction.of(task, answers, marks);
        assertThat(corrections).hasSize(1);
        Correction one = corrections.get(0);
        assertThat(one.bar()).isEqualTo(3);
        assertThat(one.chord()).isEqualTo(1);
        assertThat(notes(one.yours(), 1)).containsExactly("G3", "B3", "G4", "D5");
        assertThat(notes(one.better(), 0)).isEqualTo(notes(one.yours(), 0));
        assertThat(notes(one.better(), 1)).startsWith("G3").isNotEqualTo(notes(one.yours(), 1));
        assertThat(marks).extracting(Mark::verdict).containsExactly(Verdict.RIGHT, Verdict.NEARLY, Verdict.RIGHT);
    }

    /** With her own points a teacher charges each fault once, and nothing for what she leaves out. */
    @Test
    void aFaultCostsWhatTheTeacherSays() {
        Mark mark = new Mark(0, 1, Verdict.NEARLY, 3, List.of("fifths", "octaves", "fifths"), List.of("so"), List.of());
        Marking marking = new Marking(List.of(mark), 0);
        assertThat(marking.weighted(Map.of("other", 4))).isEqualTo(marking);
        assertThat(marking.weighted(Map.of("fifths", 2, "octaves", 1)).points()).isEqualTo(1);
        assertThat(marking.weighted(Map.of("fifths", 4)).points()).isZero();
        Mark free = marking.weighted(Map.of("fifths", 0, "octaves", 0)).marks().get(0);
        assertThat(free.verdict()).isEqualTo(Verdict.RIGHT);
        assertThat(free.faults()).isEmpty();
    }

    private static List<String> notes(LeadSheet sheet, int bar) {
        return Stream.concat(sheet.bars().get(bar).allOfLeft().stream(), sheet.bars().get(bar).allOfUpper().stream())
                .filter(note -> !note.isRest())
                .map(SheetNote::pitch)
                .sorted()
                .map(Pitch::toString)
                .toList();
    }
}
