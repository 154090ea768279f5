package com.zestythumb.core.voicing;

import java.util.Map;

/** What a student reads with ease; what is beyond it is charged, and avoided where there is a way (common practice). */
public enum ReadingLevel {
    ANYTHING("Anything usual", Map.of()),
    DOUBLE_SIGNS("Double sharps and flats too", Map.of()),
    FEW_LEDGER_LINES("Few ledger lines", Map.of(TuneTerms.LEDGER_LINES.id(), 6)),
    FEW_BLACK_KEYS(
            "White keys, few ledger lines", Map.of(TuneTerms.LEDGER_LINES.id(), 6, TuneTerms.ACCIDENTALS.id(), 4)),
    POSITIONS("Positions only", Map.of(TransitionTerm.POSITION.id(), 12, TuneTerms.LEDGER_LINES.id(), 6));

    private final String label;
    private final Map<String, Integer> weights;

    ReadingLevel(String label, Map<String, Integer> weights) {
        this.label = label;
        this.weights = weights;
    }

    /**
     * The level of this name.
     *
     * @throws IllegalArgumentException if there is none
     */
    public static ReadingLevel named(String name) {
        return Named.in(ReadingLevel.class, name, "level of reading");
    }

    /** As it is offered to the teacher. */
    public String label() {
        return label;
    }

    /** Whether B double flat is written so, as the chord spells it, and not as A. */
    public boolean readsDoubleSigns() {
        return this == DOUBLE_SIGNS;
    }

    /** A teacher's weights with those of this level, where she turned none of her own. */
    public Weights with(Weights own) {
        Weights both = own;
        for (Map.Entry<String, Integer> one : weights.entrySet()) {
            both = own.own().containsKey(one.getKey()) ? both : both.with(one.getKey(), one.getValue());
        }
        return both;
    }
}
