package com.zestythumb.core.leading;

import com.zestythumb.core.arrangement.ArrangedChord;

/** Puts a finding at its chord. */
final class Places {

    private Places() {}

    static Finding finding(Finding.Kind kind, ArrangedChord chord, String message, String remedy) {
        return new Finding(kind, chord.index(), chord.event().bar() + 1, message, remedy);
    }
}
