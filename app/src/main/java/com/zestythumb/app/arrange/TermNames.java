package com.zestythumb.app.arrange;

import com.zestythumb.core.voiceleading.School;
import com.zestythumb.core.voicing.CostTerm;
import com.zestythumb.core.voicing.TransitionTerms;
import com.zestythumb.core.voicing.TuneTerms;
import com.zestythumb.core.voicing.VoicingStyles;
import com.zestythumb.core.voicing.Weights;
import java.util.LinkedHashMap;
import java.util.Map;

/** Everything a left hand may be charged for, by its id: how a teacher reads it, and what it usually weighs. */
final class TermNames {

    /** A term. */
    record Term(String id, String name, int weight) {}

    /** Rules of the way from chord to chord; others say themselves what they charge for. */
    private static final Map<String, String> RULES = Map.of(
            "leap", "leaps too far, or too far for the time there is",
            "parallels", "parallel fifths and octaves",
            "direct", "direct fifths and octaves",
            "contrary", "fifths and octaves by contrary motion",
            "leading", "leading tones that do not rise",
            "seventh", "sevenths that do not fall",
            "melodic", "augmented steps and leaps of a seventh",
            "false-relation", "false relations");

    private static final Map<String, Term> TERMS = terms();

    private TermNames() {}

    private static Map<String, Term> terms() {
        Map<String, Term> terms = new LinkedHashMap<>();
        put(terms, new Term(Weights.SHAPES, "shapes to learn", Weights.USUAL_SHAPES));
        TransitionTerms.ALL.forEach(term -> put(terms, new Term(term.id(), term.name(), term.weight())));
        TuneTerms.ALL.forEach(term -> put(terms, of(term)));
        VoicingStyles.all().forEach(style -> {
            style.terms().forEach(term -> put(terms, of(term)));
            style.ways().forEach(term -> put(terms, new Term(term.id(), term.name(), term.weight())));
        });
        for (School school : School.all()) {
            school.charges(true).forEach(term -> put(terms, of(term)));
            school.entries().stream()
                    .filter(entry -> RULES.containsKey(entry.rule().id()))
                    .forEach(entry -> put(
                            terms,
                            new Term(entry.rule().id(), RULES.get(entry.rule().id()), entry.weight())));
        }
        return terms;
    }

    private static void put(Map<String, Term> terms, Term term) {
        terms.putIfAbsent(term.id(), term);
    }

    private static Term of(CostTerm term) {
        return new Term(term.id(), term.name(), term.weight());
    }

    /** The same weights; throws where one is of nothing that can be weighed. */
    static Map<String, Integer> known(Map<String, Integer> weights) {
        weights.keySet().stream()
                .filter(id -> !TERMS.containsKey(id))
                .findFirst()
                .ifPresent(id -> {
                    throw new IllegalArgumentException(
                            "there is nothing to weigh called \"" + id + "\"; choose one of " + TERMS.keySet());
                });
        return weights;
    }

    /** How a teacher reads it. */
    static String of(String id) {
        return TERMS.containsKey(id) ? TERMS.get(id).name() : id;
    }

    /** The usual weight. */
    static int weight(String id) {
        return TERMS.get(id).weight();
    }
}
