package com.zestythumb.core.chord;

import java.util.List;
import java.util.regex.Pattern;

/** How chord symbols are printed; all styles are read. */
public enum SymbolStyle {
    /** {@code Cm7, Cmaj7, Cm7♭5, Cdim, Caug}. */
    LETTERS(List.of()),
    /** {@code Cmin7, Cmaj7, Cmin7♭5, Cdim, Caug}. */
    WORDS(List.of("mM=minmaj", "dim=dim", "maj=maj", "madd=minadd", "m=min")),
    /** {@code C−7, CΔ7, Cø7, C°, C+}. */
    SIGNS(List.of("mM=−Δ", "m7b5=ø7", "dim=°", "aug=+", "maj=Δ", "madd=−add", "m=−"));

    private static final Pattern FLAT = Pattern.compile("b(?=\\d)");
    private static final Pattern SHARP = Pattern.compile("#(?=\\d)");

    private final List<String> heads;

    SymbolStyle(List<String> heads) {
        this.heads = heads;
    }

    /** What stands behind the root. */
    public String suffix(Quality quality) {
        String plain = quality.suffix();
        for (String head : heads) {
            String from = head.substring(0, head.indexOf('='));
            if (plain.startsWith(from)) {
                return signs(head.substring(from.length() + 1) + plain.substring(from.length()));
            }
        }
        return signs(plain);
    }

    /** A suffix with flats and sharps as signs: {@code "m7b5"} gives {@code "m7♭5"}. */
    public static String signs(String suffix) {
        return SHARP.matcher(FLAT.matcher(suffix).replaceAll("♭")).replaceAll("♯");
    }
}
