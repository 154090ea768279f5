package com.zestythumb.core.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Words laid under notes as the ABC standard has it (2.1, section 5): a blank or a hyphen parts syllables,
 * {@code _} holds one on, {@code *} leaves a note without, {@code ~} joins words, {@code |} goes on to the
 * next bar. Each line is a verse.
 */
public final class Syllables {

    private static final Pattern TOKEN = Pattern.compile("[^\\s|\\-_*]+-?|[-_*|]");
    private static final String BAR = "|";
    private static final String HELD = "_";

    /** Of a tune, one below the other. */
    public static final int MOST_VERSES = 9;

    /** A note, or a bar, without words. */
    static final String NONE = "*";

    private final List<String> tokens = new ArrayList<>();
    private final boolean barByBar;
    private final int verse;
    private int next;
    /** Whether the note before is tied to the next one, also over the bar line. */
    private boolean held;

    private int notes;
    private int left;

    /**
     * A line of words.
     *
     * @param verse which verse it is, from 0
     */
    public Syllables(String line, int verse) {
        this.verse = verse;
        Matcher m = TOKEN.matcher(line);
        while (m.find()) {
            tokens.add(m.group().replace('~', ' '));
        }
        if (!tokens.isEmpty() && tokens.get(0).equals(BAR)) {
            tokens.remove(0);
        }
        barByBar = tokens.contains(BAR);
    }

    /** The notes of the next bar with their syllables; rests take none, and the ends of ties none but _. */
    public List<SheetNote> under(List<SheetNote> bar) {
        List<SheetNote> sung = new ArrayList<>();
        int from = next;
        notes = 0;
        for (SheetNote note : bar) {
            boolean takes = !note.isRest() && !held;
            if (!note.isRest() && held && isSyllable() && tokens.get(next).equals(HELD)) {
                next++;
                from++;
            }
            held = note.tied();
            notes += takes ? 1 : 0;
            boolean here = takes && isSyllable();
            sung.add(here ? note.withSyllable(verse, syllable(tokens.get(next++))) : note);
        }
        boolean begun = next > from;
        left = begun || !barByBar ? next - from - notes : 0;
        while (barByBar && isSyllable()) {
            next++;
            left++;
        }
        if (next < tokens.size() && tokens.get(next).equals(BAR)) {
            next++;
        }
        return sung;
    }

    private boolean isSyllable() {
        return next < tokens.size() && !tokens.get(next).equals(BAR);
    }

    /** What does not fit the bar that was laid last, as one tells it; empty where all does. */
    String trouble(boolean lastBar) {
        int over = left + (lastBar && !barByBar ? tokens.size() - next : 0);
        if (over > 0) {
            return counted(over, "syllable") + " too many for its " + counted(notes, "note")
                    + "; take some away, or join words on one note with ~";
        }
        return "";
    }

    /** What the bar that was laid last might lack; empty where it lacks nothing, or what is missing is all behind the last word. */
    String lack(boolean lastBar) {
        boolean counts = barByBar || lastBar;
        return counts && left < 0
                ? counted(-left, "note") + " without a syllable; write _ to hold the one before, or * for none"
                : "";
    }

    private static String counted(int count, String what) {
        return count + " " + what + (count == 1 ? "" : "s");
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

    /**
     * The lines that lay all syllables under the bars' notes again, verse by verse; none where nothing is sung.
     *
     * @param everyTie whether the end of each tie that is sung has its _, as other readers of the standard count them
     */
    public static List<String> write(List<List<SheetNote>> bars, boolean everyTie) {
        List<String> lines = new ArrayList<>();
        int verses = bars.stream()
                .flatMap(List::stream)
                .mapToInt(note -> note.verses().size())
                .max()
                .orElse(0);
        for (int verse = 0; verse < verses; verse++) {
            lines.add(line(bars, verse, everyTie));
        }
        return lines;
    }

    /** Whether behind a tie the syllable is held on over one more note, which its end would take for its own. */
    private static boolean isHeldBehind(List<SheetNote> notes, int from, int verse) {
        for (int i = from; i < notes.size(); i++) {
            if (!notes.get(i - 1).tied()) {
                return notes.get(i).syllable(verse).equals(HELD);
            }
        }
        return false;
    }

    private static String line(List<List<SheetNote>> bars, int verse, boolean everyTie) {
        List<String> parts = new ArrayList<>();
        List<SheetNote> all = bars.stream().flatMap(List::stream).toList();
        boolean held = false;
        boolean sings = false;
        int at = 0;
        for (List<SheetNote> bar : bars) {
            List<String> words = new ArrayList<>();
            for (SheetNote note : bar) {
                at++;
                if (!note.isRest() && !held) {
                    String sung = note.syllable(verse);
                    sings = !sung.isEmpty();
                    words.add(sings ? sung.replace(' ', '~') : NONE);
                } else if (!note.isRest() && sings && (everyTie || isHeldBehind(all, at, verse))) {
                    words.add(HELD);
                }
                held = note.tied();
            }
            boolean silent = words.stream().allMatch(NONE::equals);
            parts.add(silent ? "" : String.join(" ", words));
        }
        // A verse that is silent in these bars keeps its place.
        String line = line(parts);
        return line.isEmpty() || line.replace(BAR, "").isBlank() ? NONE : line;
    }
}
