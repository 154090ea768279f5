package com.zestythumb.core.pitch;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** How a teacher calls the note a half step below C: B everywhere, or H where B is the note below it. */
public enum NoteNames {
    ENGLISH,
    /** {@code H} is B natural and {@code B} is B flat, as in German and Nordic lands. */
    GERMAN;

    /** {@code Fis}, {@code Des}, {@code As}, {@code Es}; but {@code Esus4} is a suspension on E. */
    private static final Pattern SPELLED_OUT = Pattern.compile("(?:([A-H])(?:(is)|es)|([AE])s(?!us))");

    /** A name or symbol as typed, turned into English: {@code "Hm7"} is {@code "Bm7"}, {@code "B"} is {@code "Bb"}. */
    public String toEnglish(String symbol) {
        return this == ENGLISH ? symbol : swap(symbol, true);
    }

    /** An English symbol as this teacher writes it. */
    public String fromEnglish(String symbol) {
        return this == ENGLISH ? symbol : swap(symbol, false);
    }

    /** A note name stands at the beginning and behind a slash. */
    private static String swap(String symbol, boolean toEnglish) {
        StringBuilder out = new StringBuilder();
        for (String part : symbol.split("(?<=/)")) {
            out.append(toEnglish ? english(part) : german(part));
        }
        return out.toString();
    }

    private static String english(String part) {
        Matcher altered = SPELLED_OUT.matcher(part);
        if (altered.lookingAt()) {
            String sign = altered.group(2) != null ? "#" : "b";
            String letter = altered.group(1) == null ? altered.group(3) : altered.group(1);
            return english(letter) + sign + part.substring(altered.end());
        }
        if (part.startsWith("H")) {
            return "B" + part.substring(1);
        }
        boolean spelledOut = part.startsWith("Bb") || part.startsWith("B♭");
        return part.startsWith("B") && !spelledOut ? "Bb" + part.substring(1) : part;
    }

    private static String german(String part) {
        if (part.startsWith("Bb") || part.startsWith("B♭")) {
            return "B" + part.substring(2);
        }
        return part.startsWith("B") ? "H" + part.substring(1) : part;
    }
}
