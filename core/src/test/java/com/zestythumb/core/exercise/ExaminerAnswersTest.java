package com.zestythumb.core.exercise;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.Corpus;
import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Choices;
import com.zestythumb.core.exercise.Marking.Mark;
import com.zestythumb.core.pattern.AccompanimentPatterns;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.voiceleading.School;
import com.zestythumb.core.voicing.Hand;
import com.zestythumb.core.voicing.Inversions;
import com.zestythumb.core.voicing.StyleChoice;
import com.zestythumb.core.voicing.VoicingStyles;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** Answers as students give them are marked as a teacher would, and told what went wrong. */
class ExaminerAnswersTest {

    private static Task task(String asked, String style, String key, String chart) {
        String minor = key.endsWith("m") ? key.substring(0, key.length() - 1) + " minor" : key + " major";
        LeadSheet sheet = Chart.read("key: " + minor + "\ntempo: 60\n" + chart.replace("|m:", "|\nm:"))
                .sheet();
        StyleChoice choice = style.equals("close")
                ? StyleChoice.close(Inversions.NEAREST)
                : new StyleChoice(VoicingStyles.named(style), Map.of());
        ExerciseKind what = ExerciseKind.valueOf(asked);
        Choices choices = Choices.of(
                choice,
                AccompanimentPatterns.BLOCK,
                Hand.OCTAVE,
                what == ExerciseKind.FOUR_PARTS ? School.STRICT : School.POPULAR);
        return Task.of(
                Arrangement.of(sheet, choices),
                IntStream.range(0, sheet.bars().size()).boxed().collect(Collectors.toSet()),
                what,
                null,
                Criterion.USUAL);
    }

    @Test
    void marksAsATeacherWould() {
        int marks = 0;
        int right = 0;
        List<String> wrong = new ArrayList<>();
        for (String line : Corpus.lines("examiner-answers.txt")) {
            String[] fields = line.split(" ; ");
            String[] what = fields[0].split(" ");
            Task task = task(what[0], what[1], fields[1], fields[2]);
            String[] given = fields[3].strip().split(" ");
            String[] wanted = fields[4].strip().split(" ");
            Map<Integer, List<Integer>> keys = new HashMap<>();
            Map<Integer, String> words = new HashMap<>();
            for (int i = 0; i < given.length; i++) {
                if (task.asked().how() == ExerciseKind.How.PLAYED && !given[i].equals("_")) {
                    keys.put(
                            i,
                            Arrays.stream(given[i].split("\\+"))
                                    .map(note -> Pitch.parse(note).midi())
                                    .toList());
                } else if (!given[i].equals("_")) {
                    words.put(i, given[i].replace('+', ' '));
                }
            }
            List<Mark> marked = task.marked(new Answers(keys, words)).marks();
            for (Mark mark : marked) {
                String letter = switch (mark.verdict()) {
                    case RIGHT -> "R";
                    case NEARLY -> "N";
                    case NOT_YET -> "X";
                    case NOT_ANSWERED -> "-";
                };
                String want = wanted[mark.chord()];
                boolean good = want.contains(letter);
                if (fields.length > 5) {
                    String[] said = fields[5].strip().split(" ", 2);
                    good &= Integer.parseInt(said[0]) != mark.chord()
                            || String.join("; ", mark.words()).contains(said[1]);
                }
                marks++;
                right += good ? 1 : 0;
                if (!good) {
                    wrong.add(
                            mark.chord() + ": " + letter + " " + mark.words() + " " + mark.faults() + "   in " + line);
                }
            }
        }
        System.out.printf("marks as the examiner gave them: %d of %d%n", right, marks);
        assertThat(marks).isGreaterThan(200);
        assertThat(100.0 * right / marks).as(String.join("\n", wrong)).isGreaterThanOrEqualTo(97);
    }
}
