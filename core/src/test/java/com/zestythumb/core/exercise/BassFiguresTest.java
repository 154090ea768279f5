package com.zestythumb.core.exercise;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.Corpus;
import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.pitch.Key;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class BassFiguresTest {

    /** The list was written from memory after two treatises before the code was tried; it names them. */
    @Test
    void figuresStandAsInTheTables() {
        List<String> wrong = new ArrayList<>();
        for (String line : Corpus.lines("figured-bass-signs.txt")) {
            String[] parts = line.split("; ");
            List<String> before = List.of();
            List<String> told = new ArrayList<>();
            for (String symbol : parts[1].split(" ")) {
                Chord chord = Chord.parse(symbol);
                before = BassFigures.of(chord, chord.bass(), Key.parse(parts[0]), before);
                told.add(before.isEmpty() ? "-" : String.join("/", before));
            }
            String all =
                    String.join(" ", told).replace('♯', '#').replace('♭', 'b').replace('♮', 'n');
            if (!all.equals(parts[2])) {
                wrong.add(line + " told " + all);
            }
        }
        assertThat(wrong).isEmpty();
    }
}
