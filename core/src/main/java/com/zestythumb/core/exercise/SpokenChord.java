package com.zestythumb.core.exercise;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.pitch.NoteNames;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** Reads the name of a chord as students write it: {@code am}, {@code G major}, {@code B flat minor 7}, {@code Ddim}. */
final class SpokenChord {

    /** What is said in words, the longer before the shorter, and what is printed for it. */
    private static final Map<String, String> WORDS = new LinkedHashMap<>();

    static {
        WORDS.put("half[- ]?diminished( seventh| 7)?", "m7b5");
        WORDS.put("diminished( seventh| 7)", "dim7");
        WORDS.put("diminished", "dim");
        WORDS.put("augmented", "aug");
        WORDS.put("(dominant|dom) ?(seventh|7)", "7");
        WORDS.put("major ?(seventh|7)", "maj7");
        WORDS.put("minor ?(seventh|7)", "m7");
        WORDS.put("major ?(sixth|6)", "6");
        WORDS.put("minor ?(sixth|6)", "m6");
        WORDS.put("seventh", "7");
        WORDS.put("major|maj$", "");
        WORDS.put("minor|min", "m");
    }

    private SpokenChord() {}

    /** The chord that is meant; empty where none is. */
    static Optional<Chord> parse(String text, NoteNames names) {
        String given = text.strip();
        if (given.isEmpty()) {
            return Optional.empty();
        }
        String capital = given.substring(0, 1).toUpperCase(Locale.ROOT) + given.substring(1);
        String symbol = names.toEnglish(capital);
        return read(symbol).or(() -> read(inSigns(symbol)));
    }

    private static String inSigns(String symbol) {
        String signs = symbol.replaceAll("(?i)[- ]?sharp", "#").replaceAll("(?i)[- ]flat", "b");
        String head = signs.replaceAll("^([A-G][#b♯♭]?).*", "$1");
        String kind = signs.substring(head.length()).strip().toLowerCase(Locale.ROOT);
        for (Map.Entry<String, String> word : WORDS.entrySet()) {
            kind = kind.replaceAll(word.getKey(), word.getValue());
        }
        return head + kind.replace(" ", "");
    }

    private static Optional<Chord> read(String symbol) {
        try {
            return Optional.of(Chord.parse(symbol));
        } catch (IllegalArgumentException e) {
            return Optional.empty();
        }
    }
}
