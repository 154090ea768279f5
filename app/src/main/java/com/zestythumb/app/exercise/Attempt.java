package com.zestythumb.app.exercise;

import com.zestythumb.app.exercise.ExerciseBackup.KeptAttempt;
import com.zestythumb.app.studio.Studio;
import com.zestythumb.core.exercise.Answers;
import com.zestythumb.core.exercise.Marking;
import com.zestythumb.core.exercise.Marking.Mark;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.SequenceGenerator;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.hibernate.annotations.DynamicUpdate;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** One try at an exercise: every key as soon as it is played, and the marks once it is finished. */
@Entity
@DynamicUpdate
class Attempt {

    private static final JsonMapper JSON = JsonMapper.shared();

    /** Longer than a lesson nobody sat at it; the page stood open. */
    private static final int MOST_SECONDS = 3 * 3600;

    @Id
    @GeneratedValue(strategy = GenerationType.SEQUENCE, generator = "attempt_seq")
    @SequenceGenerator(name = "attempt_seq", allocationSize = 50)
    private Long id;

    @ManyToOne(fetch = FetchType.LAZY, optional = false)
    private KeptExercise exercise;

    @ManyToOne(fetch = FetchType.LAZY, optional = false)
    private Studio studio;

    private String device = "";
    private String name = "";
    private int number;
    private String answers;
    private String marks = "[]";
    private Instant begunAt;
    private Instant savedAt;
    private Instant finishedAt;
    private int seconds;
    private int points;
    private int most;
    private int smoother;
    private String said = "";
    private String overruled = "{}";
    private String details = "{}";

    protected Attempt() {}

    /** What is kept beside keys and marks: words, how often help was asked for, and how long a chord was waited for. */
    record Details(
            Map<Integer, String> words,
            Map<Integer, Integer> helped,
            Map<Integer, Integer> waited,
            Map<Integer, Integer> guessed) {

        static final Details NONE = new Details(null, null, null, null);

        Details {
            guessed = guessed == null ? Map.of() : guessed;
            words = words == null ? Map.of() : words;
            helped = helped == null ? Map.of() : helped;
            waited = waited == null ? Map.of() : waited;
        }
    }

    /** The next one on the same device; what the teacher said of a chord holds for so long as it is answered so. */
    Attempt(KeptExercise exercise, Attempt last, Answers answers, Instant now) {
        this(exercise, last.device, last.number + 1, answers, now);
        name = last.name;
        Map<Integer, Integer> own = last.overruled();
        own.keySet()
                .removeIf(chord ->
                        !answers.keys().containsKey(chord) && !answers.words().containsKey(chord));
        overruled = JSON.writeValueAsString(own);
    }

    Attempt(KeptExercise exercise, String device, int number, Answers answers, Instant now) {
        this.exercise = exercise;
        this.studio = exercise.studio();
        this.device = device;
        this.number = number;
        this.answers = JSON.writeValueAsString(new TreeMap<>(answers.keys()));
        details = JSON.writeValueAsString(new Details(answers.words(), null, null, null));
        begunAt = now;
        savedAt = now;
    }

    /** As a backup has it. */
    Attempt(KeptExercise exercise, KeptAttempt kept) {
        this(
                exercise,
                kept.device() == null ? "" : kept.device(),
                kept.number(),
                Answers.played(kept.answers()),
                kept.begunAt());
        name = kept.name() == null ? "" : kept.name();
        details = JSON.writeValueAsString(kept.details() == null ? Details.NONE : kept.details());
        marks = JSON.writeValueAsString(kept.marks());
        savedAt = kept.savedAt();
        finishedAt = kept.finishedAt();
        seconds = kept.seconds();
        points = kept.marks().stream().mapToInt(Mark::points).sum();
        most = kept.most();
        smoother = kept.smoother();
        say(kept.said(), kept.overruled());
    }

    KeptAttempt kept() {
        return new KeptAttempt(
                device,
                name,
                number,
                answers().keys(),
                JSON.readValue(marks, new TypeReference<>() {}),
                begunAt,
                savedAt,
                finishedAt,
                seconds,
                most,
                smoother,
                said,
                overruled(),
                details());
    }

    final void say(String words, Map<Integer, Integer> points) {
        said = words;
        overruled = JSON.writeValueAsString(new TreeMap<>(points));
    }

    /** Keeps an answer; {@code waited}: seconds from when the chord was looked at to its first key. */
    void answer(int chord, List<Integer> keys, String word, int waited, int seconds, Instant now) {
        Answers before = answers();
        Answers all = before.with(chord, keys, word);
        if (!all.equals(before)) {
            Map<Integer, Integer> own = overruled();
            own.remove(chord);
            overruled = JSON.writeValueAsString(own);
        }
        answers = JSON.writeValueAsString(new TreeMap<>(all.keys()));
        Details told = details();
        Map<Integer, Integer> waits = new TreeMap<>(told.waited());
        waits.putIfAbsent(chord, Math.min(MOST_SECONDS, waited));
        details = JSON.writeValueAsString(new Details(all.words(), told.helped(), waits, told.guessed()));
        sat(seconds);
        savedAt = now;
    }

    /** Counts that an answer was told at once to be wrong. */
    void guess(int chord) {
        Details before = details();
        Map<Integer, Integer> guessed = new TreeMap<>(before.guessed());
        guessed.merge(chord, 1, Integer::sum);
        details = JSON.writeValueAsString(new Details(before.words(), before.helped(), before.waited(), guessed));
    }

    /** Counts that help was asked for. */
    void help(int chord, Instant now) {
        Details before = details();
        Map<Integer, Integer> helped = new TreeMap<>(before.helped());
        helped.merge(chord, 1, Integer::sum);
        details = JSON.writeValueAsString(new Details(before.words(), helped, before.waited(), before.guessed()));
        savedAt = now;
    }

    void finish(Marking marking, int seconds, Instant now) {
        marks = JSON.writeValueAsString(marking.marks());
        points = marking.points();
        most = marking.of();
        smoother = marking.smoother();
        sat(seconds);
        finishedAt = now;
        savedAt = now;
    }

    private void sat(int more) {
        seconds = Math.min(MOST_SECONDS, Math.max(seconds, more));
    }

    Long id() {
        return id;
    }

    KeptExercise exercise() {
        return exercise;
    }

    String device() {
        return device;
    }

    /** Who answered, where an exercise is for anybody and somebody said so. */
    String name() {
        return name;
    }

    /** Whose it is. */
    String whose() {
        return exercise.student() == null ? name : exercise.student().name();
    }

    void call(String other) {
        name = other;
    }

    int number() {
        return number;
    }

    Answers answers() {
        Map<Integer, List<Integer>> keys =
                JSON.readValue(answers, new TypeReference<TreeMap<Integer, List<Integer>>>() {});
        keys.values().removeIf(List::isEmpty);
        return new Answers(keys, details().words());
    }

    Details details() {
        return JSON.readValue(details, Details.class);
    }

    /** As they were given, with what the teacher changed. */
    List<Mark> marks() {
        return overruled(JSON.readValue(marks, new TypeReference<List<Mark>>() {}));
    }

    /** Marks with what the teacher changed. */
    List<Mark> overruled(List<Mark> given) {
        Map<Integer, Integer> own = overruled();
        return given.stream()
                .map(mark -> own.containsKey(mark.chord()) ? mark.overruled(own.get(mark.chord())) : mark)
                .toList();
    }

    Map<Integer, Integer> overruled() {
        return JSON.readValue(overruled, new TypeReference<TreeMap<Integer, Integer>>() {});
    }

    int points() {
        return marks().stream().mapToInt(Mark::points).sum();
    }

    int most() {
        return most;
    }

    int smoother() {
        return smoother;
    }

    Instant begunAt() {
        return begunAt;
    }

    Instant savedAt() {
        return savedAt;
    }

    Instant finishedAt() {
        return finishedAt;
    }

    int seconds() {
        return seconds;
    }

    String said() {
        return said;
    }
}
