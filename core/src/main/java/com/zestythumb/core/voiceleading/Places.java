package com.zestythumb.core.voiceleading;

import com.zestythumb.core.arrangement.ArrangedChord;
import com.zestythumb.core.arrangement.Arrangement;

/** Puts a finding at its chord. */
final class Places {

    private Places() {}

    static Finding finding(Finding.Kind kind, ArrangedChord chord, Arrangement whole, String message, String remedy) {
        int bar = whole.sheet().bars().get(chord.event().bar()).number();
        return new Finding(kind, chord.index(), bar, message, remedy);
    }
}
