package com.zestythumb.core.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Words laid under notes as the ABC standard has it (2.1, section 5): a blank or a hyphen parts syllables,
 * {@code _} holds one on, {@code *} leaves a note without, {@code ~} joins words, {@code |} goes on to the
 * next bar.
 */
public final class Syllables {

    private static final Pattern TOKEN = Pattern.compile("[^\\s|\\-_*]+-?|[-_*|]");

    /** A note, or a bar, without words. */
    static final String NONE = "*";

    private final List<String> tokens = new ArrayList<>();
    private int next;
    /** Whether the note before is tied to the next one, also over the bar line. */
    private boolean held;

    public Syllables(String line) {
        Matcher m = TOKEN.matcher(line);
        while (m.find()) {
            tokens.add(m.group().replace('~', ' '));
        }
        if (!tokens.isEmpty() && tokens.get(0).equals("|")) {
            tokens.remove(0);
        }
    }

    /** The notes of the next bar with their syllables; rests and the ends of ties take none. */
    public List<SheetNote> under(List<SheetNote> bar) {
        List<SheetNote> sung = new ArrayList<>();
        for (SheetNote note : bar) {
            boolean takes = !note.isRest() && !held;
            held = note.tied();
            boolean here = takes && next < tokens.size() && !tokens.get(next).equals("|");
            sung.add(here ? note.withSyllable(syllable(tokens.get(next++))) : note);
        }
        while (next < tokens.size() && !tokens.get(next).equals("|") && tokens.contains("|")) {
            next++;
        }
        if (next < tokens.size() && tokens.get(next).equals("|")) {
            next++;
        }
        return sung;
    }

    /** Words bar by bar; a line that began with | would be read as one that begins with its first bar. */
    static String line(List<String> bars) {
        boolean isFirstEmpty =
                bars.size() > 1 && bars.get(0).isEmpty() && bars.stream().anyMatch(bar -> !bar.isEmpty());
        return (isFirstEmpty ? NONE : "") + String.join(" | ", bars).stripTrailing();
    }

    private static String syllable(String token) {
        return token.equals(NONE) ? "" : token;
    }

    /** The line that lays these syllables under the bars' notes again. */
    public static String write(List<List<SheetNote>> bars) {
        List<String> parts = new ArrayList<>();
        boolean held = false;
        for (List<SheetNote> bar : bars) {
            List<String> words = new ArrayList<>();
            for (SheetNote note : bar) {
                if (!note.isRest() && !held) {
                    words.add(note.syllable().isEmpty() ? NONE : note.syllable().replace(' ', '~'));
                }
                held = note.tied();
            }
            while (!words.isEmpty() && words.get(words.size() - 1).equals(NONE)) {
                words.remove(words.size() - 1);
            }
            parts.add(String.join(" ", words));
        }
        return line(parts);
    }
}
