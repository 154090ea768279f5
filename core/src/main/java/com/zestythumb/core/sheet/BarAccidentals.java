package com.zestythumb.core.sheet;

import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.pitch.Letter;
import com.zestythumb.core.pitch.Pitch;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** What sharps and flats hold in a bar: the signature's, those written before, and one tied over from the bar before. */
final class BarAccidentals {

    /** Sharp, flat and natural as ABC writes them. */
    static final String SIGNS = "^_=";

    private final Key key;
    private Map<Letter, Integer> signs = Map.of();
    private final boolean allOctaves;
    private final Map<Integer, Integer> written = new HashMap<>();
    private Pitch tiedFrom;

    /**
     * Begins a bar.
     *
     * @param allOctaves whether an accidental holds in every octave of its bar, or only in its own
     */
    BarAccidentals(Key key, boolean allOctaves) {
        this.key = key;
        this.allOctaves = allOctaves;
    }

    /** Takes the signs that a signature has beyond those of its key. */
    void signed(Map<Letter, Integer> more) {
        signs = more;
    }

    /** Takes the notes of the bar before: what is tied over the bar line keeps its accidental. */
    void after(List<MelodyNote> before) {
        MelodyNote last = before.isEmpty() ? null : before.get(before.size() - 1);
        tiedFrom = last != null && last.tied() ? last.pitch() : null;
    }

    /** What signs before a note say, a double one at most; null where there is none. */
    static Integer written(String signs) {
        int alteration = 0;
        for (char sign : signs.toCharArray()) {
            alteration += sign == '^' ? 1 : sign == '_' ? -1 : 0;
        }
        return signs.isEmpty() ? null : Math.max(-2, Math.min(2, alteration));
    }

    /**
     * How much a note is altered.
     *
     * @param sign what is written before it, or null
     * @param first whether it is the first note of its bar
     */
    int alteration(Letter letter, int octave, Integer sign, boolean first) {
        int place = allOctaves ? letter.ordinal() : letter.ordinal() + 7 * octave;
        if (sign != null) {
            written.put(place, sign);
            return sign;
        }
        boolean tied =
                first && tiedFrom != null && tiedFrom.pitchClass().letter() == letter && tiedFrom.octave() == octave;
        int signed = signs.getOrDefault(letter, key.signatureOf(letter));
        return tied ? tiedFrom.pitchClass().alteration() : written.getOrDefault(place, signed);
    }
}
