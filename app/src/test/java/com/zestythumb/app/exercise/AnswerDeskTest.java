package com.zestythumb.app.exercise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.doAnswer;

import com.zestythumb.app.arrange.ChoicesDto;
import com.zestythumb.app.exercise.AnswerDesk.Answered;
import com.zestythumb.app.exercise.AnswerDesk.Who;
import com.zestythumb.app.tune.NewTune;
import com.zestythumb.app.tune.Tunes;
import com.zestythumb.core.arrangement.Choices;
import com.zestythumb.core.exercise.Criterion;
import com.zestythumb.core.exercise.ExerciseKind;
import com.zestythumb.core.exercise.Marking.Verdict;
import com.zestythumb.core.exercise.Task;
import com.zestythumb.core.exercise.Task.Question;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.test.context.bean.override.mockito.MockitoSpyBean;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/** What is computed is computed between transactions, and what comes meanwhile is not lost. */
@SpringBootTest
class AnswerDeskTest {

    @Autowired
    private AnswerDesk desk;

    @Autowired
    private Exercises exercises;

    @Autowired
    private Tunes tunes;

    @MockitoSpyBean
    private RecentExercises recent;

    private ExerciseView exercise;
    private Task task;
    private Who who;

    private void make() {
        String chart = "title: Stepping\n| C | F | G7 | C |";
        long tune = tunes.add(new NewTune(chart, List.of())).id();
        ExerciseSettings withHelp = new ExerciseSettings(null, true, false, 0, Criterion.USUAL);
        exercise = exercises.add(
                tune,
                new ExerciseDraft(
                        null,
                        chart,
                        ChoicesDto.of(Choices.USUAL),
                        ChoicesDto.anyHand(),
                        Set.of(1, 2),
                        ExerciseKind.CHORDS,
                        0,
                        true,
                        "",
                        withHelp));
        task = exercises.asked(exercise.id());
        who = new Who(exercise.code(), "one", "127.0.0.1");
    }

    private Answered right(Question question) {
        return new Answered(question.chord(), task.solution().keys().get(question.chord()), null, 1, 10);
    }

    @Test
    void holdsNoRowAndNoConnectionWhileItComputes() {
        make();
        Set<Boolean> inTransaction = new HashSet<>();
        doAnswer(call -> {
                    inTransaction.add(TransactionSynchronizationManager.isActualTransactionActive());
                    return call.callRealMethod();
                })
                .when(recent)
                .of(any());
        Question first = task.questions().get(0);
        desk.sheet(who);
        desk.page(who, false, Set.of());
        desk.name(who, "Wren");
        desk.help(who, 1, first.chord());
        desk.answer(who, 1, right(first));
        desk.finish(who, 1, 10);
        desk.again(who);
        assertThat(inTransaction).containsExactly(false);
    }

    /** Another tab answers while the try is marked: it is marked with that. */
    @Test
    void marksWhatIsAnsweredWhileItMarks() {
        make();
        List<Question> asked = task.questions();
        desk.answer(who, 1, right(asked.get(0)));
        boolean[] isAnswered = {false};
        doAnswer(call -> {
                    if (!isAnswered[0]) {
                        isAnswered[0] = true;
                        desk.answer(who, 1, right(asked.get(1)));
                    }
                    return call.callRealMethod();
                })
                .when(recent)
                .of(any());
        AnswerSheet sheet = desk.finish(who, 1, 10);
        assertThat(sheet.asked()).isEqualTo(ExerciseKind.CHORDS);
        assertThat(sheet.places().subList(0, 2))
                .extracting(place -> place.mark().verdict())
                .containsExactly(Verdict.RIGHT, Verdict.RIGHT);
        assertThat(sheet.finished()).isTrue();
    }

    /** Two who each change something else of one try. */
    @Test
    void keepsWhatTwoTabsSay() {
        make();
        Question first = task.questions().get(0);
        boolean[] isNamed = {false};
        doAnswer(call -> {
                    if (!isNamed[0]) {
                        isNamed[0] = true;
                        desk.name(who, "Wren");
                    }
                    return call.callRealMethod();
                })
                .when(recent)
                .of(any());
        AnswerSheet sheet = desk.answer(who, 1, right(first));
        assertThat(sheet.name()).isEqualTo("Wren");
        assertThat(sheet.places().get(0).keys()).isEqualTo(right(first).keys());
    }
}
