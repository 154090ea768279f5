package com.zestythumb.formats;

import java.text.Normalizer;
import java.util.regex.Pattern;

/** Where a chord may part a word: between syllables, and nowhere else. */
public final class WordParts {

    private static final String VOWELS = "aeiouyäöüæœøå";
    private static final Pattern VOWEL = Pattern.compile("(?i)[" + VOWELS + "]");

    /** An end that is not sung by itself: the e of "comes", and not that of "little". */
    private static final Pattern SILENT = Pattern.compile("(?i)[^" + VOWELS + "]*+(?<!l)e[sd]?");

    private WordParts() {}

    /** Whether both parts of a word, before a place in it and from there on, are sung: each has a vowel, and none is torn from another. */
    public static boolean canPart(String before, String after) {
        boolean betweenVowels = isVowel(before.charAt(before.length() - 1)) && isVowel(after.charAt(0));
        return !betweenVowels
                && VOWEL.matcher(plain(before)).find()
                && VOWEL.matcher(plain(after)).find()
                && !SILENT.matcher(plain(after)).matches();
    }

    private static boolean isVowel(char letter) {
        return VOWEL.matcher(plain(String.valueOf(letter))).find();
    }

    /** Whatever sign a letter bears. */
    private static String plain(String letters) {
        return Normalizer.normalize(letters, Normalizer.Form.NFD).replaceAll("\\p{M}", "");
    }
}
