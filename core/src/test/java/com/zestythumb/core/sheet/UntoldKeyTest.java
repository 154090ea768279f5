package com.zestythumb.core.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.pitch.Key;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Charts that do not say which key they are in, and guesses that say how sure they are. */
class UntoldKeyTest {

    @Test
    void tellsWhetherKeyAndMeterWereTold() {
        Heading bare = Chart.parse("| G | D7 |").heading();
        assertThat(bare.keyTold()).isFalse();
        assertThat(bare.meterTold()).isFalse();
        Heading told = Chart.parse("key: G\nmeter: 4/4\n| G | D7 |").heading();
        assertThat(told.keyTold()).isTrue();
        assertThat(told.meterTold()).isTrue();
        assertThat(Chart.read("key: H sharp\n| G |").sheet().heading().keyTold())
                .isFalse();
        // Numerals are of some key, so a chart of numerals is in C unless it says otherwise.
        assertThat(Chart.parse("| I | vi | IV | V |").heading().keyTold()).isTrue();
    }

    @Test
    void claimsNoKeyWhenItIsWrittenAnew() {
        String chart = "title: Song\ntempo: 80\n\n| G | D7 |\n";
        assertThat(ChartWriter.write(Chart.parse(chart))).isEqualTo(chart);
    }

    /** The signature of a heard key changes no note, though the page shows it. */
    @Test
    void readsAndWritesTheTuneWithoutSignature() {
        LeadSheet sheet = Chart.parse("| G | D7 |\nm: g2 f2 ^f4 | a8 |");
        LeadSheet heard = sheet.heardIn(Key.parse("G"));
        assertThat(heard.bars().get(0).key()).isEqualTo(Key.parse("G"));
        assertThat(heard.bars().get(0).melody()).isEqualTo(sheet.bars().get(0).melody());
        LeadSheet again = Chart.parse(ChartWriter.write(heard));
        assertThat(again.bars().get(0).melody()).isEqualTo(sheet.bars().get(0).melody());
        assertThat(again.heading().keyTold()).isFalse();
    }

    @Test
    void aChangeOfKeyInTheTuneIsTold() {
        LeadSheet sheet = Chart.parse("| C | {key G} G | D7 |");
        assertThat(sheet.toldKey(sheet.bars().get(0))).isNull();
        assertThat(sheet.toldKey(sheet.bars().get(2))).isEqualTo(Key.parse("G"));
        LeadSheet heard = sheet.heardIn(Key.parse("F"));
        assertThat(heard.bars().get(0).key()).isEqualTo(Key.parse("F"));
        assertThat(heard.bars().get(1).key()).isEqualTo(Key.parse("G"));
    }

    @ParameterizedTest
    @CsvSource({
        "'| G | D7 |\n', 'key: G major\n| G | D7 |\n'",
        "'title: A\ncomposer: B\ntempo: 80\n\n| G | D7 |', 'title: A\ncomposer: B\nkey: G major\ntempo: 80\n\n| G | D7 |'",
        "'title: A\nkey: C\n| G |', 'title: A\nkey: G major\n| G |'",
        "'title: A\n| G | Oops |', 'title: A\nkey: G major\n| G | Oops |'",
        "'| G |\nm: g4 a4 |', 'key: G major\n| G |\nm: g4 a4 |'"
    })
    void writesTheKeyAndTouchesNothingElse(String chart, String written) {
        assertThat(KeyLine.write(chart.replace("\\n", "\n"), Key.parse("G"))).isEqualTo(written.replace("\\n", "\n"));
    }

    /** Where the signature would change notes of the tune these are written anew, so that all sounds as before. */
    @Test
    void writesTheKeyWithoutChangingANote() {
        String chart = "title: A\n| G | D7 |\nm: f4 ^f4 | g8 |";
        String written = KeyLine.write(chart, Key.parse("G"));
        assertThat(written).contains("key: G major", "m: =f4 ^f4 | g8 |");
        assertThat(Chart.parse(written).bars().get(0).melody())
                .isEqualTo(Chart.parse(chart).bars().get(0).melody());
        assertThatThrownBy(() -> KeyLine.write("| G | Oops |\nm: f8 | g8 |", Key.parse("G")))
                .hasMessageContaining("fix this first, so that nothing is lost: bar 2");
    }

    @Test
    void aGuessSaysHowSureItIs() {
        LeadSheet sheet = Chart.parse("| Am7?62?C6?21?F/A | C? | G?Em | D?9 |");
        List<ChordEvent> events = sheet.events();
        assertThat(events.get(0).guess())
                .isEqualTo(new Guess(
                        62, List.of(new Guess.Other(Chord.parse("C6"), 21), new Guess.Other(Chord.parse("F/A"), 0))));
        assertThat(events.get(1).guess()).isEqualTo(Guess.PLAIN);
        assertThat(events.get(2).guess()).isEqualTo(Guess.of(List.of(Chord.parse("Em"))));
        assertThat(events.get(3).guess().percent()).isEqualTo(9);
        assertThat(ChartWriter.write(sheet)).endsWith("| Am7?62?C6?21?F/A | C? | G?Em | D?9 |\n");
        assertThat(ChartWriter.write(Transposition.to(Key.parse("D"), Chart.parse("key: C\n| Am7?62?C6?21 |"))))
                .contains("| Bm7?62?D6?21 |");
    }

    @ParameterizedTest
    @ValueSource(strings = {"| ? | C |", "| ?:2 C:2 |", "| C ? / / |"})
    void leavesPlacesOpen(String bars) {
        LeadSheet sheet = Chart.parse(bars);
        assertThat(sheet.events()).anyMatch(ChordEvent::isOpen);
        assertThat(Chart.parse(ChartWriter.write(sheet)).events().stream()
                        .filter(ChordEvent::isOpen)
                        .map(ChordEvent::duration))
                .isEqualTo(sheet.events().stream()
                        .filter(ChordEvent::isOpen)
                        .map(ChordEvent::duration)
                        .toList());
    }
}
