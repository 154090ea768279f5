package com.zestythumb.core.analysis;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.pitch.Interval;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.pitch.NoteNames;
import com.zestythumb.core.pitch.PitchClass;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class NumeralTest {

    private static String numeral(String key, String symbol) {
        return read(Chord.parse(symbol), Key.parse(key)).toString();
    }

    /** Alone, without neighbours. */
    private static Numeral read(Chord chord, Key key) {
        return new HarmonyReader(Neighbourhood.alone(chord, key), false, NoteNames.ENGLISH)
                .read()
                .numeral();
    }

    /** Diatonic chords and inversions: common practice, any textbook of harmony. */
    @ParameterizedTest
    @CsvSource({
        "C major,C,I",
        "C major,Dm,ii",
        "C major,Em,iii",
        "C major,F,IV",
        "C major,G,V",
        "C major,Am,vi",
        "C major,Bdim,vii°",
        "C major,C/E,I6",
        "C major,C/G,I6/4",
        "C major,G7,V7",
        "C major,G7/B,V6/5",
        "C major,G7/D,V4/3",
        "C major,G7/F,V4/2",
        "C major,Bm7b5,viiø7",
        "C major,Dm7/F,ii6/5",
        "C major,Cmaj7,Imaj7",
        "C major,Gsus4,Vsus4",
        "C major,G9,V9",
        "A minor,Am,i",
        "A minor,Bdim,ii°",
        "A minor,C,III",
        "A minor,Dm,iv",
        "A minor,Em,v",
        "A minor,E7,V7",
        "A minor,F,VI",
        "A minor,G,VII",
        "A minor,G#dim7,vii°7",
        "A minor,G#dim/B,vii°6",
        "A minor,Am/G,i4/2",
        "A minor,D/F#,IV6",
        "A minor,Caug,III+",
        "Eb major,Bb7/D,V6/5",
        "F# minor,C#7,V7"
    })
    void namesChordsOfTheKey(String key, String symbol, String expected) {
        assertThat(numeral(key, symbol)).isEqualTo(expected);
    }

    /** Applied dominants and borrowed chords: common practice. */
    @ParameterizedTest
    @CsvSource({
        "C major,D7,V7/V",
        "C major,D7/F#,V6/5/V",
        "C major,E7,V7/vi",
        "C major,A7,V7/ii",
        "C major,C7,V7/IV",
        "C major,B7,V7/iii",
        "A minor,C7,V7/VI",
        "A minor,A7,V7/iv",
        "C major,Bb,♭VII",
        "C major,Fm,iv",
        "C major,Ab,♭VI",
        "C major,Db,♭II",
        "C major,F7,IV7",
        "C major,F#dim7,vii°7/V"
    })
    void namesChordsFromOutsideTheKey(String key, String symbol, String expected) {
        assertThat(numeral(key, symbol)).isEqualTo(expected);
    }

    @Test
    void staysTheSameWhenTheTuneIsMovedToAnotherKey() {
        String[] symbols = "C Dm7 G7/B Am F/C E7 Bm7b5 D7/F# Fm Bb Caug Gsus4".split(" ");
        for (String semitones : "m2 M2 m3 M3 P4 P5 m6 M6 m7".split(" ")) {
            Interval up = Interval.parse(semitones);
            Key key = new Key(PitchClass.parse("C").plus(up), Key.parse("C").mode());
            for (String symbol : symbols) {
                Chord chord = Chord.parse(symbol);
                Chord moved = new Chord(
                        chord.root().plus(up), chord.quality(), chord.bass().plus(up));
                assertThat(read(moved, key)).as(moved + " in " + key).isEqualTo(read(chord, Key.parse("C")));
            }
        }
    }
}
