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
    private List<Pitch> tiedFrom = List.of();

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
    void after(List<SheetNote> before) {
        tiedFrom = tied(before);
    }

    /** The keys that are held over the end of a bar. */
    static List<Pitch> tied(List<SheetNote> bar) {
        Fraction end = bar.stream().map(SheetNote::end).max(Fraction::compareTo).orElse(Fraction.ZERO);
        return bar.stream()
                .filter(note -> note.tied() && note.end().equals(end))
                .map(SheetNote::pitch)
                .toList();
    }

    /** Goes back to the beginning of the bar: each voice is written for itself. */
    void beginVoice() {
        written.clear();
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
     * @param first whether it is struck at the beginning of its bar
     */
    int alteration(Letter letter, int octave, Integer sign, boolean first) {
        int place = allOctaves ? letter.ordinal() : letter.ordinal() + 7 * octave;
        if (sign != null) {
            written.put(place, sign);
            return sign;
        }
        int signed = signs.getOrDefault(letter, key.signatureOf(letter));
        return tiedFrom.stream()
                .filter(from -> first && from.pitchClass().letter() == letter && from.octave() == octave)
                .findFirst()
                .map(from -> from.pitchClass().alteration())
                .orElse(written.getOrDefault(place, signed));
    }
}
