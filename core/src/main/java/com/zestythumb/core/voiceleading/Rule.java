package com.zestythumb.core.voiceleading;

import com.zestythumb.core.voicing.CostTerm;
import java.util.Map;
import java.util.function.Consumer;

/**
 * One thing a teacher looks for. A rule finds and measures; a {@link School} says where its limits lie and what breaking it costs,
 * {@link Kind} how grave that is; the words are made elsewhere. A new rule is an entry beside those that look at the same.
 *
 * @param id how it is called in data: {@code "parallels"}
 * @param subject what it looks at: a {@link Hold}, {@link Step}, {@link Sonority} …
 * @param charge what the solver charges a candidate for at its place so that it is seldom found afterwards, in this rule's units, for
 *     the school to weigh; null where only a finished hand tells
 */
public record Rule<S>(String id, Class<S> subject, Check<S> check, CostTerm charge) {

    /** Looks at one place. */
    @FunctionalInterface
    public interface Check<S> {

        /** Hands on what is found; {@code limits} holds the school's parameters by their names. */
        void look(S subject, Map<String, Double> limits, Consumer<Fault> found);
    }

    static <S> Rule<S> of(String id, Class<S> subject, Check<S> check) {
        return new Rule<>(id, subject, check, null);
    }

    static <S> Rule<S> charged(String id, Class<S> subject, Check<S> check, CostTerm charge) {
        return new Rule<>(id, subject, check, charge);
    }

    /** Looks at something, where it is what this rule looks at. */
    public void look(Object at, Map<String, Double> limits, Consumer<Fault> found) {
        if (subject.isInstance(at)) {
            check.look(subject.cast(at), limits, found);
        }
    }

    /** Whether it looks at the way from one chord to the next, for which the solver can charge. */
    public boolean isOnTheWay() {
        return subject == Step.class || subject == Shift.class;
    }
}
