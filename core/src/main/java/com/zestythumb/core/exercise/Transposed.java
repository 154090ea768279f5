package com.zestythumb.core.exercise;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.WrittenOut;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.sheet.Transposition;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** Some bars whose left hand a student sees in one key and plays in another, or under another signature. */
final class Transposed implements Task {

    private final Arrangement seen;
    private final Exercise played;
    private final Key to;

    private Transposed(Arrangement seen, Exercise played, Key to) {
        this.seen = seen;
        this.played = played;
        this.to = to;
    }

    static Transposed of(Arrangement seen, Set<Integer> bars, ExerciseKind asked, Key to, Set<Criterion> counts) {
        if (to == null) {
            throw new IllegalArgumentException("name the key in which it is to be played");
        }
        LeadSheet other = asked == ExerciseKind.SIGNATURE
                ? Transposition.samePage(to, seen.sheet())
                : Transposition.to(to, seen.sheet());
        // What somebody wrote is moved with the chords; what the solver found it finds anew.
        Arrangement there = Arrangement.of(other, seen.choices().withPins(List.of()));
        return new Transposed(seen, new Exercise(there, bars, asked, counts), to);
    }

    /** What is played, in its own key. */
    Exercise played() {
        return played;
    }

    @Override
    public Arrangement key() {
        return played.key();
    }

    @Override
    public ExerciseKind asked() {
        return played.asked();
    }

    @Override
    public List<Question> questions() {
        Map<Integer, String> here = seen.chords().stream()
                .collect(Collectors.toMap(
                        chord -> chord.index(), chord -> seen.sheet().heading().print(chord.chord())));
        String key = seen.sheet().heading().names().fromEnglish(to.pretty());
        String how = asked() == ExerciseKind.SIGNATURE ? ", but with the signature of " : ", but in ";
        return played.questions().stream()
                .map(question -> new Question(
                        question.chord(), question.bar(), here.get(question.chord()) + how + key, List.of()))
                .toList();
    }

    @Override
    public String counted() {
        return played.counted();
    }

    @Override
    public LeadSheet page(Answers answers, Set<Integer> shown) {
        // What makes no sense is refused here as well.
        played.voiced(answers.keys());
        return WrittenOut.of(
                seen, IntStream.range(0, seen.sheet().bars().size()).boxed().collect(Collectors.toSet()));
    }

    @Override
    public Marking marked(Answers answers) {
        return played.marked(answers);
    }

    @Override
    public Answers solution() {
        return played.solution();
    }

    @Override
    public Hint hint(int chord, Answers answers, int asked) {
        return played.hint(chord, answers, asked);
    }
}
