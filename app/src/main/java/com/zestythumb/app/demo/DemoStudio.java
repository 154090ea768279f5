package com.zestythumb.app.demo;

import com.zestythumb.app.arrange.ChoicesDto;
import com.zestythumb.app.arrange.HandDto;
import com.zestythumb.app.exercise.AnswerDesk;
import com.zestythumb.app.exercise.AnswerDesk.Answered;
import com.zestythumb.app.exercise.AnswerDesk.Who;
import com.zestythumb.app.exercise.ExerciseDraft;
import com.zestythumb.app.exercise.ExerciseView;
import com.zestythumb.app.exercise.Exercises;
import com.zestythumb.app.student.Student;
import com.zestythumb.app.student.StudentDraft;
import com.zestythumb.app.student.Students;
import com.zestythumb.app.tune.AssignmentDraft;
import com.zestythumb.app.tune.NewTune;
import com.zestythumb.app.tune.ShelfLabels;
import com.zestythumb.app.tune.Tunes;
import com.zestythumb.core.arrangement.Choices;
import com.zestythumb.core.exercise.ExerciseKind;
import com.zestythumb.core.exercise.Task;
import com.zestythumb.core.exercise.Task.Question;
import com.zestythumb.core.pattern.AccompanimentPatterns;
import com.zestythumb.core.voicing.Hand;
import com.zestythumb.core.voicing.Inversions;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;

/** Fills an empty shelf, where a demo is wanted, with the tunes of a made-up teaching week; leaves a shelf in use alone. */
@Component
class DemoStudio implements SmartInitializingSingleton {

    private static final String HERE = "demo";
    private static final int FOUR_MINUTES = 240;

    private final Tunes tunes;
    private final Students students;
    private final Exercises exercises;
    private final AnswerDesk answers;
    private final boolean wanted;

    DemoStudio(
            Tunes tunes,
            Students students,
            Exercises exercises,
            AnswerDesk answers,
            @Value("${zesty.demo}") boolean wanted) {
        this.exercises = exercises;
        this.answers = answers;
        this.wanted = wanted;
        this.tunes = tunes;
        this.students = students;
    }

    /** Before the first request is answered. */
    @Override
    public void afterSingletonsInstantiated() {
        // Asked here and not by a condition, for beans are told when the app is built.
        if (wanted && tunes.isEmpty()) {
            fill();
        }
    }

    private void fill() {
        Student wren = student("Wren, 8", 9, 1);
        Student juno = student("Juno, 11", 10, 2);
        Student otto = student("Otto, 13", 12, 3);
        Student adeyemi = student("Ms. Adeyemi, adult", 12, 4);
        Student any = students.anyHand();
        Choices usual = Choices.USUAL;
        long boats = add(
                "paper-boats",
                labels(1, "first term"),
                plays(wren, usual),
                plays(otto, usual.with(AccompanimentPatterns.ALBERTI)));
        long lantern =
                add("lantern-walk", labels(2, "recital"), plays(otto, usual.with(AccompanimentPatterns.BROKEN_UP)));
        add("the-tin-rooster", labels(1, "first term"), plays(wren, usual.with(AccompanimentPatterns.ALBERTI)));
        add("harbour-lights", labels(3, "recital"), plays(adeyemi, usual.with(AccompanimentPatterns.UP_AND_BACK)));
        add("rain-on-the-greenhouse", labels(3), plays(juno, usual.with(AccompanimentPatterns.UP_AND_BACK)));
        add("saturday-kitchen", labels(5, "swing"), plays(adeyemi, usual));
        add("long-way-home", labels(4), plays(juno, usual.with(Inversions.ROOT_POSITION)));
        add(
                "ferry-at-six",
                labels(2, "recital", "with words"),
                plays(juno, usual.with(AccompanimentPatterns.BROKEN_UP)));
        add("moth-at-the-window", labels(2), plays(wren, usual));
        add("late-bus", labels(2), plays(otto, usual));
        add("mill-at-noon", labels(3), plays(otto, usual));
        add("lamp-at-the-lock", labels(3), plays(adeyemi, usual));
        add("stairs-and-landing", labels(2), plays(juno, usual));
        add("copper-kettle", labels(0), plays(any, usual));
        begun(exercise(boats, wren, usual, "Finish it as we began: stay close."));
        finished(exercise(
                lantern, otto, usual.with(AccompanimentPatterns.BROKEN_UP), "The chords first, then we break them."));
    }

    /** The second half of the first eight bars is left to the student. */
    private ExerciseView exercise(long tune, Student student, Choices choices, String words) {
        return exercises.add(
                tune,
                new ExerciseDraft(
                        student.id(),
                        tunes.get(tune).chart(),
                        ChoicesDto.of(choices),
                        student.hand(),
                        Set.of(4, 5, 6, 7),
                        ExerciseKind.CHORDS,
                        0,
                        true,
                        words,
                        null));
    }

    /** The first chord is found. */
    private void begun(ExerciseView exercise) {
        Task task = exercises.asked(exercise.id());
        Map<Integer, List<Integer>> keys = task.solution().keys();
        int first = task.questions().get(0).chord();
        answers.answer(
                new Who(exercise.code(), "", HERE), 1, new Answered(first, keys.get(first), null, 2, FOUR_MINUTES / 4));
    }

    /** All are found, but for the middle of the third; the teacher has said a word to it. */
    private void finished(ExerciseView exercise) {
        Task task = exercises.asked(exercise.id());
        List<Question> asked = task.questions();
        for (int i = 0; i < asked.size(); i++) {
            int chord = asked.get(i).chord();
            List<Integer> keys = new ArrayList<>(task.solution().keys().get(chord));
            if (i == 2) {
                keys.remove(1);
            }
            answers.answer(
                    new Who(exercise.code(), "", HERE), 1, new Answered(chord, keys, null, 2 + 4 * i, FOUR_MINUTES));
        }
        answers.finish(new Who(exercise.code(), "", HERE), 1, FOUR_MINUTES);
        long attempt =
                exercises.ofTune(exercise.tune()).get(0).attempts().get(0).id();
        exercises.say(attempt, "Nicely close together. Find what is missing in bar 7.", Map.of());
    }

    private Student student(String name, int span, int level) {
        return students.add(new StudentDraft(name, HandDto.of(Hand.ofSpan(span)), level));
    }

    private static ShelfLabels labels(int level, String... tags) {
        return new ShelfLabels(List.of(tags), level);
    }

    private long add(String name, ShelfLabels labels, AssignmentDraft... assignments) {
        try {
            String chart = new ClassPathResource("demo/" + name + ".chart").getContentAsString(StandardCharsets.UTF_8);
            long id = tunes.add(new NewTune(chart, List.of(assignments))).id();
            tunes.label(id, labels);
            return id;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static AssignmentDraft plays(Student student, Choices choices) {
        return new AssignmentDraft(student.id(), ChoicesDto.of(choices));
    }
}
