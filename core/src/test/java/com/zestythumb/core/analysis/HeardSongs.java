package com.zestythumb.core.analysis;

import com.zestythumb.core.Corpus;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.sheet.LeadSheet;
import java.util.ArrayList;
import java.util.List;

/** Reads lists of songs whose key is not written down; their notation is told at the head of keys.txt. */
final class HeardSongs {

    /** A song: what musicians hear, its chart, where it is from. */
    record Song(String heard, LeadSheet sheet, String source) {}

    private HeardSongs() {}

    static List<Song> read(String file) {
        List<Song> songs = new ArrayList<>();
        for (String line : Corpus.lines(file)) {
            String[] parts = line.split("; ", 4);
            boolean meter = parts[1].startsWith("meter ");
            String chords = parts[meter ? 2 : 1];
            String source = meter ? parts[3] : String.join("; ", List.of(parts).subList(2, parts.length));
            String head = meter ? "meter: " + parts[1].substring(6) + "\n" : "";
            songs.add(new Song(parts[0], Chart.parse(head + chart(chords)), source));
        }
        return songs;
    }

    private static String chart(String chords) {
        StringBuilder out = new StringBuilder();
        boolean open = false;
        for (String word : chords.split(" ")) {
            boolean parts = word.equals("~") || word.startsWith("[");
            if (parts) {
                out.append(open ? "|\n" : "").append(word.startsWith("[") ? word + "\n" : "");
                open = false;
            } else {
                out.append("| ").append(word.replace(',', ' ')).append(' ');
                open = true;
            }
        }
        return out.append("|\n").toString();
    }
}
