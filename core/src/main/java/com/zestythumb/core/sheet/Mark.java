package com.zestythumb.core.sheet;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** How loud it is from a bar on, and signs and words that send the player to another place; each is written in braces. */
public enum Mark {
    PPP("ppp"),
    PP("pp"),
    P("p"),
    MP("mp"),
    MF("mf"),
    F("f"),
    FF("ff"),
    FFF("fff"),
    SEGNO("segno"),
    CODA("coda"),
    TO_CODA("to coda"),
    FINE("fine"),
    DA_CAPO("D.C."),
    DA_CAPO_AL_FINE("D.C. al Fine"),
    DA_CAPO_AL_CODA("D.C. al Coda"),
    DAL_SEGNO("D.S."),
    DAL_SEGNO_AL_FINE("D.S. al Fine"),
    DAL_SEGNO_AL_CODA("D.S. al Coda");

    private final String words;

    Mark(String words) {
        this.words = words;
    }

    /** Reads {@code "D.C. al Fine"}, {@code "dc al fine"}. */
    public static Optional<Mark> parse(String text) {
        String plain = plain(text);
        return Arrays.stream(values())
                .filter(mark -> plain(mark.words).equals(plain))
                .findFirst();
    }

    private static String plain(String text) {
        return text.replaceAll("[.\\s]+", "").toLowerCase(Locale.ROOT);
    }

    /** What is printed: {@code "D.C. al Fine"}. */
    public String words() {
        return words;
    }

    /** The sign of the same name at a note, where it tells how loud. */
    public Optional<NoteSign> loudness() {
        return ordinal() < SEGNO.ordinal() ? Optional.of(NoteSign.valueOf(name())) : Optional.empty();
    }

    /** Whether it stands at the end of its bar; segno and coda stand at the beginning. */
    public boolean isAtEnd() {
        return ordinal() >= TO_CODA.ordinal();
    }

    boolean jumps() {
        return ordinal() >= DA_CAPO.ordinal();
    }

    boolean toSign() {
        return ordinal() >= DAL_SEGNO.ordinal();
    }
}
