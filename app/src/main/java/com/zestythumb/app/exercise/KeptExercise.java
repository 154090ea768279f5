package com.zestythumb.app.exercise;

import com.zestythumb.app.arrange.ChoicesDto;
import com.zestythumb.app.arrange.HandDto;
import com.zestythumb.app.http.SealedCode;
import com.zestythumb.app.student.Student;
import com.zestythumb.app.studio.Studio;
import com.zestythumb.app.tune.KeptChoices;
import com.zestythumb.app.tune.Tune;
import com.zestythumb.core.exercise.ExerciseKind;
import com.zestythumb.core.exercise.Task;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.SequenceGenerator;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Set;
import org.hibernate.annotations.DynamicUpdate;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** An exercise as it is kept, with the tune as it was when it was made. */
@Entity
@Table(name = "exercise")
@DynamicUpdate
class KeptExercise {

    private static final JsonMapper JSON = JsonMapper.shared();

    @Id
    @GeneratedValue(strategy = GenerationType.SEQUENCE, generator = "exercise_seq")
    @SequenceGenerator(name = "exercise_seq", allocationSize = 50)
    private Long id;

    @ManyToOne(fetch = FetchType.LAZY, optional = false)
    private Studio studio;

    @ManyToOne(fetch = FetchType.LAZY)
    private Tune tune;

    @ManyToOne(fetch = FetchType.LAZY)
    private Student student;

    @Convert(converter = SealedCode.class)
    private String code;

    /** Until when it leads here. */
    private Instant codeUntil;

    private String title;
    private String chart;
    private String choices;
    private String hand;
    private String bars;

    @Enumerated(EnumType.STRING)
    private ExerciseKind asked;

    private int tries;
    private boolean atOnce;
    private String words;
    private String settings;
    private Instant createdAt;
    private Instant withdrawnAt;

    protected KeptExercise() {}

    KeptExercise(
            Studio studio,
            Tune tune,
            Student student,
            String code,
            Instant codeUntil,
            ExerciseDraft draft,
            Task task,
            Instant now) {
        this.studio = studio;
        this.tune = tune;
        this.student = student;
        link(code, codeUntil);
        chart = draft.chart();
        choices = KeptChoices.write(draft.choices());
        hand = JSON.writeValueAsString(draft.hand());
        bars = JSON.writeValueAsString(draft.bars());
        asked = draft.asked();
        tries = draft.tries();
        atOnce = draft.atOnce();
        words = draft.words();
        settings = JSON.writeValueAsString(draft.settings());
        createdAt = now;
        title = task.key().sheet().title();
    }

    /** What is asked, computed anew. */
    Task task() {
        return draft().task();
    }

    Set<Integer> bars() {
        return JSON.readValue(bars, new TypeReference<>() {});
    }

    Long id() {
        return id;
    }

    /** What it was made of; the student by its own number is told apart. */
    ExerciseDraft draft() {
        return new ExerciseDraft(null, chart, choices(), hand(), bars(), asked, tries, atOnce, words, settings());
    }

    Studio studio() {
        return studio;
    }

    Tune tune() {
        return tune;
    }

    Student student() {
        return student;
    }

    String code() {
        return code;
    }

    Instant codeUntil() {
        return codeUntil;
    }

    /** Another link, with which the one before leads nowhere. */
    final void link(String newCode, Instant until) {
        code = newCode;
        codeUntil = until;
    }

    String title() {
        return title;
    }

    String chart() {
        return chart;
    }

    ChoicesDto choices() {
        return KeptChoices.read(choices);
    }

    HandDto hand() {
        return JSON.readValue(hand, HandDto.class);
    }

    ExerciseKind asked() {
        return asked;
    }

    int tries() {
        return tries;
    }

    boolean atOnce() {
        return atOnce;
    }

    String words() {
        return words;
    }

    ExerciseSettings settings() {
        // Those that were made before there were any have none.
        return settings.equals("{}") ? ExerciseSettings.USUAL : JSON.readValue(settings, ExerciseSettings.class);
    }

    Instant createdAt() {
        return createdAt;
    }

    Instant withdrawnAt() {
        return withdrawnAt;
    }

    void withdraw(Instant when) {
        withdrawnAt = when;
    }

    /** Asks for it once more. */
    void once(int triesMade) {
        tries = tries == 0 ? 0 : Math.max(tries, triesMade) + 1;
    }
}
