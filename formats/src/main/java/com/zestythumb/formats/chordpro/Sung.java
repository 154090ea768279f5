package com.zestythumb.formats.chordpro;

import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.SheetNote;
import java.util.ArrayList;
import java.util.List;

/** A verse with its chords: each stands before the syllable with which it is struck, or behind one that is still held. */
final class Sung {

    private static final String HELD = "_";

    private final int verse;
    /** Whether what was sung last goes on with the next syllable. */
    private boolean inWord;

    Sung(int verse) {
        this.verse = verse;
    }

    /** Whether a bar has words in a verse. */
    static boolean in(Bar bar, int verse) {
        return bar.melody().stream().anyMatch(note -> !isSilent(note, verse))
                || !words(bar, verse).isEmpty();
    }

    private static boolean isSilent(SheetNote note, int verse) {
        return note.syllable(verse).isEmpty() || note.syllable(verse).equals(HELD);
    }

    /** The words of a bar without a tune. */
    private static String words(Bar bar, int verse) {
        String[] verses = bar.text().words().split("\n");
        return verse < verses.length ? verses[verse] : "";
    }

    String bar(Bar bar) {
        StringBuilder out = new StringBuilder();
        List<SheetNote> notes =
                bar.melody().stream().filter(note -> !isSilent(note, verse)).toList();
        if (notes.isEmpty() && !words(bar, verse).isEmpty()) {
            return alone(bar, List.of(words(bar, verse).split(" ")));
        }
        List<ChordEvent> waiting = new ArrayList<>(bar.events());
        for (SheetNote note : notes) {
            while (!waiting.isEmpty() && isStruckBy(waiting.get(0), note.onset())) {
                out.append('[').append(waiting.remove(0).written()).append(']');
            }
            String syllable = note.syllable(verse);
            inWord = syllable.endsWith("-") && syllable.length() > 1;
            out.append(inWord ? syllable.substring(0, syllable.length() - 1) : syllable + " ");
        }
        for (ChordEvent chord : waiting) {
            if (!inWord && out.length() > 0 && out.charAt(out.length() - 1) == ' ') {
                out.setLength(out.length() - 1);
            }
            out.append('[').append(chord.written()).append("] ");
        }
        return out.toString();
    }

    private static boolean isStruckBy(ChordEvent chord, Fraction onset) {
        return !chord.start().isAfter(onset);
    }

    /** Words that have no notes are shared among the chords. */
    private static String alone(Bar bar, List<String> words) {
        StringBuilder out = new StringBuilder();
        int chords = Math.max(1, bar.events().size());
        for (int i = 0; i < chords; i++) {
            if (i < bar.events().size()) {
                out.append('[').append(bar.events().get(i).written()).append(']');
            }
            int from = words.size() * i / chords;
            int to = words.size() * (i + 1) / chords;
            out.append(String.join(" ", words.subList(from, to))).append(' ');
        }
        return out.toString();
    }
}
