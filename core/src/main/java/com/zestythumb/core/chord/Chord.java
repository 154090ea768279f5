package com.zestythumb.core.chord;

import com.zestythumb.core.pitch.PitchClass;
import java.util.List;
import java.util.Objects;

/**
 * A chord as its symbol names it.
 *
 * @param root the root
 * @param quality the kind of chord
 * @param bass the note behind the slash; the root itself where there is no slash
 */
public record Chord(PitchClass root, Quality quality, PitchClass bass) {

    public Chord {
        Objects.requireNonNull(root, "root");
        Objects.requireNonNull(quality, "quality");
        Objects.requireNonNull(bass, "bass");
    }

    public static Chord of(PitchClass root, Quality quality) {
        return new Chord(root, quality, root);
    }

    /**
     * Reads a symbol: {@code "F#m7b5"}, {@code "B♭maj7/D"}.
     *
     * @throws ChordSyntaxException naming the nearest symbols that are right
     */
    public static Chord parse(String symbol) {
        return ChordParser.parse(symbol);
    }

    /** The spelled tones, root first, in thirds order; a foreign bass note is not among them. */
    public List<PitchClass> tones() {
        return quality.intervals().stream().map(root::plus).toList();
    }

    /** Whether the symbol asks for another bass than the root. */
    public boolean hasSlash() {
        return !bass.equals(root);
    }

    /** Place of the bass among the tones: 0 root, 1 first inversion …; −1 for a foreign bass. */
    public int inversion() {
        return tones().indexOf(bass);
    }

    /** With the printed signs: {@code "B♭m7♭5/E"}. */
    public String pretty() {
        String suffix = quality.suffix().replace("b5", "♭5").replace("b9", "♭9").replace("#5", "♯5");
        return root.pretty() + suffix + (hasSlash() ? "/" + bass.pretty() : "");
    }

    @Override
    public String toString() {
        return root + quality.suffix() + (hasSlash() ? "/" + bass : "");
    }
}
