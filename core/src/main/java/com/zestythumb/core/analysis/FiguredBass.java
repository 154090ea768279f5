package com.zestythumb.core.analysis;

/** The figures that tell an inversion, in the usual short forms (common practice). */
public final class FiguredBass {

    private static final String[] TRIAD = {"", "6", "6/4"};
    private static final String[] SEVENTH = {"7", "6/5", "4/3", "4/2"};

    private FiguredBass() {}

    /**
     * Figures for a chord in thirds.
     *
     * @param inversion 0 for root position; the chord member in the bass
     * @param seventh whether the chord has a seventh
     * @return {@code ""}, {@code "6"}, {@code "6/4"} or {@code "7"}, {@code "6/5"}, {@code "4/3"},
     *     {@code "4/2"}; empty for a bass that is no member of these
     */
    public static String of(int inversion, boolean seventh) {
        String[] figures = seventh ? SEVENTH : TRIAD;
        return inversion >= 0 && inversion < figures.length ? figures[inversion] : "";
    }
}
