package com.zestythumb.core.analysis;

import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.sheet.LeadSheet;
import java.util.Arrays;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** Where the sounding chords of a tune stand among its bars and phrases. */
final class Places {

    private final int[] first;
    private final List<Integer> phraseEnds;
    private final Set<Integer> endsPhrase;

    Places(LeadSheet sheet, List<ChordEvent> events) {
        first = new int[sheet.bars().size()];
        Arrays.fill(first, -1);
        for (int i = events.size() - 1; i >= 0; i--) {
            first[events.get(i).bar()] = i;
        }
        phraseEnds = Phrases.ends(sheet);
        endsPhrase = new HashSet<>(phraseEnds);
    }

    /** The first chord that begins in a bar; −1 where none does or there is no such bar. */
    int firstIn(int bar) {
        return bar < 0 || bar >= first.length ? -1 : first[bar];
    }

    /** How far into its phrase a bar is: 0 for the first one, 1 for the last. */
    double inPhrase(int bar) {
        int at = Collections.binarySearch(phraseEnds, bar);
        int phrase = at < 0 ? -at - 1 : at;
        int from = phrase == 0 ? 0 : phraseEnds.get(phrase - 1) + 1;
        int to = phraseEnds.get(Math.min(phrase, phraseEnds.size() - 1));
        return to > from ? (double) (bar - from) / (to - from) : 1;
    }

    List<Integer> phraseEnds() {
        return phraseEnds;
    }

    boolean endsPhrase(int bar) {
        return endsPhrase.contains(bar);
    }
}
