package com.zestythumb.core.chord;

import com.zestythumb.core.pitch.Interval;
import com.zestythumb.core.pitch.PitchClass;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.function.UnaryOperator;

/**
 * A chord as its symbol names it.
 *
 * @param root the root
 * @param quality the kind of chord
 * @param bass the note behind the slash; the root itself where there is no slash
 * @param upper the chord that stands over this one in a polychord, {@code D} in {@code D/C7}; else null
 */
public record Chord(PitchClass root, Quality quality, PitchClass bass, Chord upper) {

    public Chord {
        Objects.requireNonNull(root, "root");
        Objects.requireNonNull(quality, "quality");
        Objects.requireNonNull(bass, "bass");
        if (upper != null && (upper.upper != null || upper.hasSlash())) {
            throw new IllegalArgumentException("over a chord stands a plain one, not " + upper);
        }
    }

    public Chord(PitchClass root, Quality quality, PitchClass bass) {
        this(root, quality, bass, null);
    }

    public static Chord of(PitchClass root, Quality quality) {
        return new Chord(root, quality, root);
    }

    /**
     * Reads a symbol: {@code "F#m7b5"}, {@code "B♭maj7/D"}, {@code "D/C7"} for D major over C7.
     *
     * @throws ChordSyntaxException naming the nearest symbols that are right
     */
    public static Chord parse(String symbol) {
        return ChordParser.parse(symbol);
    }

    /** The spelled tones, root first, in thirds order; a foreign bass note is not among them. */
    public List<PitchClass> tones() {
        List<PitchClass> tones = new ArrayList<>();
        for (Interval interval : quality.intervals()) {
            tones.add(root.plus(interval));
        }
        if (upper != null) {
            upper.tones().stream()
                    .filter(tone -> tones.stream().noneMatch(tone::soundsLike))
                    .forEach(tones::add);
        }
        return List.copyOf(tones);
    }

    /**
     * The tones that say most, in thirds order: the fifth is dropped first if it is plain, then ninths and
     * elevenths below the highest one named, then the root if another note lies in the bass; never the
     * third, the seventh or an altered tone before these (common practice).
     *
     * @param most how many are kept at most, three or more
     */
    public List<PitchClass> essentialTones(int most) {
        List<PitchClass> all = tones();
        if (all.size() <= most) {
            return all;
        }
        List<PitchClass> byWeight = new ArrayList<>(all);
        byWeight.sort(Comparator.comparingInt(tone -> -weight(all, tone)));
        List<PitchClass> kept = byWeight.subList(0, most);
        return all.stream().filter(kept::contains).toList();
    }

    private int weight(List<PitchClass> all, PitchClass tone) {
        int place = all.indexOf(tone);
        if (tone.equals(bass)) {
            return 10;
        }
        if (place >= quality.intervals().size()) {
            return 6;
        }
        Interval interval = quality.intervals().get(place);
        boolean highest = place == quality.intervals().size() - 1;
        return switch (interval.steps()) {
            case 0 -> hasSlash() ? 4 : 9;
            case 4 -> interval.equals(Interval.PERFECT_FIFTH) ? 0 : 7;
            case 1, 2, 3, 5, 6 -> 8;
            default -> highest ? 7 : List.of(14, 17, 21).contains(interval.semitones()) ? 2 : 5;
        };
    }

    /** Whether the symbol asks for another bass than the root. */
    public boolean hasSlash() {
        return !bass.equals(root);
    }

    /** Place of the bass among the tones: 0 root, 1 first inversion …; −1 for a foreign bass. */
    public int bassMember() {
        return tones().indexOf(bass);
    }

    /** The same chord with every note name changed alike, for example transposed. */
    public Chord with(UnaryOperator<PitchClass> change) {
        return new Chord(change.apply(root), quality, change.apply(bass), upper == null ? null : upper.with(change));
    }

    /** With the printed signs: {@code "B♭m7♭5/E"}. */
    public String pretty() {
        return print(SymbolStyle.LETTERS);
    }

    /** In a style of printing. */
    public String print(SymbolStyle style) {
        return symbol(root.pretty(), style.suffix(quality), bass.pretty(), upper == null ? null : upper.print(style));
    }

    private String symbol(String rootName, String suffix, String bassName, String over) {
        String slash = hasSlash() ? "/" + bassName : "";
        if (over == null) {
            return rootName + suffix + slash;
        }
        // A bare letter behind the slash would be a bass note.
        return over + "/" + rootName + (suffix.isEmpty() ? "maj" : suffix) + slash;
    }

    /** The normal form, which {@link #parse} reads back. */
    @Override
    public String toString() {
        // C𝄫6, for Cbb6 is C flat with a lowered sixth.
        boolean meetsNumber = quality.suffix().matches("[0-9].*");
        String name = meetsNumber ? root.toString().replace("bb", "𝄫").replace("##", "𝄪") : root.toString();
        return symbol(name, quality.suffix(), bass.toString(), upper == null ? null : upper.toString());
    }
}
