package com.zestythumb.core.exercise;

import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * What a student has answered so far; what is not answered is not there.
 *
 * @param keys MIDI keys, by the index of the chord
 * @param words what is written or chosen, by the index of the chord
 */
public record Answers(Map<Integer, List<Integer>> keys, Map<Integer, String> words) {

    public static final Answers NONE = new Answers(Map.of(), Map.of());

    public Answers {
        keys = Map.copyOf(keys);
        words = Map.copyOf(words);
    }

    /** On the keys alone. */
    public static Answers played(Map<Integer, List<Integer>> keys) {
        return new Answers(keys, Map.of());
    }

    /** With one chord answered; no keys and an empty word take an answer back. */
    public Answers with(int chord, List<Integer> voiced, String word) {
        Map<Integer, List<Integer>> otherKeys = new HashMap<>(keys);
        Map<Integer, String> otherWords = new HashMap<>(words);
        otherKeys.remove(chord);
        otherWords.remove(chord);
        if (!voiced.isEmpty()) {
            otherKeys.put(chord, voiced);
        }
        if (!word.isBlank()) {
            otherWords.put(chord, word.strip());
        }
        return new Answers(otherKeys, otherWords);
    }
}
