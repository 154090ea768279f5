package com.zestythumb.core.sheet;

import java.util.ArrayList;
import java.util.List;

/** The counts under one line of notes, asked for note after note. */
public final class CountedLine {

    /** More counts of one note are told by the first and the last. */
    private static final int MOST = 6;

    private final Counts counts;
    /** Counts of the bars before over which what sounds is held. */
    private long before;

    public CountedLine(Counts counts) {
        this.counts = counts;
    }

    /**
     * What is counted while a note or rest lasts: {@code "1-2"} under a half note, {@code "&"} under an eighth between.
     *
     * @param onset quarter notes after the bar line
     * @param duration quarter notes
     * @param isHeld whether it is tied to the one before
     */
    public String under(Bar bar, Fraction onset, Fraction duration, boolean isHeld) {
        if (!isHeld || counts == Counts.BY_BAR) {
            before = 0;
        }
        Fraction count = bar.meter().countLength();
        Fraction from = onset.plus(bar.offset()).dividedBy(count);
        Fraction to = from.plus(duration.dividedBy(count));
        List<String> words = new ArrayList<>();
        words.add(from.isWhole() ? number(from.floor()) : Counting.syllable(bar, onset));
        long whole = from.floor() + 1;
        for (; to.isAfter(Fraction.of(whole)); whole++) {
            words.add(number(whole));
        }
        if (onset.plus(duration).equals(bar.length())) {
            before += whole;
        }
        return words.size() > MOST ? words.get(0) + " … " + words.get(words.size() - 1) : String.join("-", words);
    }

    private String number(long counts) {
        return String.valueOf(before + counts + 1);
    }
}
