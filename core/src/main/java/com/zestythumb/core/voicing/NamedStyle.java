package com.zestythumb.core.voicing;

import java.util.List;

/** A style that is told its name, and by which terms it is charged. */
abstract class NamedStyle implements VoicingStyle {

    private final Label label;
    private final List<CostTerm> terms;

    NamedStyle(Label label, List<CostTerm> terms) {
        this.label = label;
        this.terms = List.copyOf(terms);
    }

    @Override
    public final Label label() {
        return label;
    }

    @Override
    public final List<CostTerm> terms() {
        return terms;
    }
}
