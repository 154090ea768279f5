package com.zestythumb.core.chord;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.pitch.Interval;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.pitch.PitchClass;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class NumeralSymbolTest {

    /** Common practice; the sixth that is added is told from the figure of an inversion. */
    @ParameterizedTest
    @CsvSource({
        "C major,I6,C/E",
        "C major,Iadd6,C6",
        "C major,Iadd6add9,C6/9",
        "C major,V6/5,G7/B",
        "C major,V7/ii,A7",
        "A minor,vii°7,G#dim7",
        "C major,IV/5,F/G"
    })
    void readsWhatTeachersWrite(String key, String numeral, String symbol) {
        assertThat(NumeralSymbol.parse(numeral, Key.parse(key))).contains(Chord.parse(symbol));
    }

    /** Every kind of chord on every degree, over each of its notes and over others, comes back from its numeral. */
    @ParameterizedTest
    @ValueSource(strings = {"C major", "A minor", "Eb major", "F# minor"})
    void printsWhatItReadsBack(String name) {
        Key key = Key.parse(name);
        List<String> wrong = new ArrayList<>();
        int all = 0;
        int inLetters = 0;
        for (Quality quality : Quality.common()) {
            for (int degree = 1; degree <= 7; degree++) {
                PitchClass root = key.degree(degree);
                Chord plain = Chord.of(root, quality);
                List<Chord> chords = new ArrayList<>(List.of(plain));
                plain.tones().forEach(tone -> chords.add(new Chord(root, quality, tone)));
                chords.add(new Chord(root, quality, key.tonic().plus(Interval.MAJOR_SECOND)));
                for (Chord chord : chords) {
                    String printed = NumeralSymbol.print(chord, key);
                    boolean letters = printed.equals(chord.toString());
                    inLetters += letters ? 1 : 0;
                    all++;
                    if (!letters
                            && NumeralSymbol.parse(printed, key)
                                    .filter(chord::equals)
                                    .isEmpty()) {
                        wrong.add(chord + " as " + printed + " is "
                                + NumeralSymbol.parse(printed, key).orElse(null));
                    }
                }
            }
        }
        assertThat(wrong).isEmpty();
        // Few kinds have no numeral.
        assertThat(inLetters).isLessThan(all / 10);
    }

    @Test
    void knowsWhatIsNoNumeral() {
        assertThat(NumeralSymbol.parse("VIII", Key.parse("C"))).isEmpty();
        assertThat(NumeralSymbol.parse("", Key.parse("C"))).isEmpty();
    }
}
