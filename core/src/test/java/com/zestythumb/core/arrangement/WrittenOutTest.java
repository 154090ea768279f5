package com.zestythumb.core.arrangement;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.pattern.AccompanimentPattern;
import com.zestythumb.core.pattern.AccompanimentPatterns;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.sheet.ChartWriter;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.LeadSheet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** A left hand that was computed is written out, and is then as the teacher has it. */
class WrittenOutTest {

    private static final String TUNE =
            "key: G major\nmeter: 4/4\n| G | Em | Am7 D7 | G |\nm: d4 B4 | G8 | c4 A4 | G8 |\n";

    /** What sounds when: which bar, when, how long, which key. */
    private static List<String> sounding(Arrangement arrangement) {
        return arrangement.notes().stream()
                .map(note -> note.bar() + "@" + note.onset() + "*" + note.duration() + " " + note.pitch() + note.tied()
                        + note.touch() + note.tuplet())
                .sorted()
                .toList();
    }

    private static Set<Integer> all(LeadSheet sheet) {
        return IntStream.range(0, sheet.bars().size()).boxed().collect(Collectors.toSet());
    }

    /** The same music, whatever the pattern, once it is written out and read again. */
    @Test
    void everyPatternSoundsTheSameWrittenOut() {
        for (AccompanimentPattern pattern : AccompanimentPatterns.all()) {
            Arrangement computed = Arrangement.of(Chart.parse(TUNE), Choices.USUAL.with(pattern));
            if (computed.needsRightHand()) {
                continue;
            }
            LeadSheet sheet = WrittenOut.of(computed, all(computed.sheet()));
            String chart = ChartWriter.write(sheet);
            assertThat(Chart.read(chart).problems()).as(chart).isEmpty();
            Arrangement again = Arrangement.of(Chart.read(chart).sheet(), Choices.USUAL);
            assertThat(again.chords()).as(pattern.id()).allMatch(ArrangedChord::isWritten);
            assertThat(sounding(again)).as(pattern.id()).isEqualTo(sounding(computed));
        }
    }

    /** What is not written leads smoothly into what is, and out of it. */
    @Test
    void theBarsAroundAreLaidForTheWrittenOnes() {
        LeadSheet sheet = Chart.parse("key: C major\n| C | F | G7 | C |\nl: | | [C,F,A,]8 | | |");
        Arrangement arrangement = Arrangement.of(sheet, Choices.USUAL);
        assertThat(arrangement.chords())
                .extracting(ArrangedChord::isWritten)
                .containsExactly(false, true, false, false);
        assertThat(arrangement.chords().get(1).voicing()).hasToString("C3 F3 A3");
        assertThat(arrangement.chords().get(0).voicing()).hasToString("C3 E3 G3");
    }

    @Test
    void barsOfBothKindsKeepTheirOwn() {
        Arrangement computed = Arrangement.of(Chart.parse(TUNE), Choices.USUAL.with(AccompanimentPatterns.ALBERTI));
        LeadSheet one = WrittenOut.of(computed, Set.of(1));
        assertThat(one.bars()).extracting(bar -> bar.left().size()).containsExactly(0, 1, 0, 0);
        Arrangement mixed = Arrangement.of(one, Choices.USUAL.with(AccompanimentPatterns.BLOCK));
        assertThat(mixed.notesOf(1)).hasSize(8);
        assertThat(mixed.notesOf(0)).hasSizeLessThan(4);
        assertThat(WrittenOut.without(one, Set.of(1))).isEqualTo(computed.sheet());
    }

    /** A choice that was fixed waits while its bar is written. */
    @Test
    void aFixedVoicingWaits() {
        LeadSheet sheet = Chart.parse(TUNE);
        Arrangement free = Arrangement.of(sheet, Choices.USUAL);
        KeptVoicing pin =
                new KeptVoicing(1, Fraction.ZERO, free.chords().get(1).voicing().pitches());
        Choices fixed = Choices.USUAL.withPins(List.of(pin));
        assertThat(Arrangement.of(sheet, fixed).leftHand().lostPins()).isEmpty();
        LeadSheet written = WrittenOut.of(free, Set.of(1));
        assertThat(Arrangement.of(written, fixed).leftHand().lostPins()).containsExactly(pin);
    }

    /** Where the bar behind is computed again nothing is tied into it. */
    @Test
    void noTieLeadsNowhere() {
        LeadSheet sheet = Chart.parse("key: C major\n| C | F | C |\nl: [C,E,G,]4 [C,E,G,]4- | | |");
        assertThat(Arrangement.of(sheet, Choices.USUAL).notes().stream().filter(note -> note.bar() == 0 && note.tied()))
                .extracting(note -> note.pitch().toString())
                .containsExactly("C3");
    }

    /** A hand with fingers on it that rests under a chord, and a note held into the next one. */
    @Test
    void whatIsHeldIntoAChordSoundsThere() {
        Arrangement tune =
                Arrangement.of(Chart.parse("key: C major\n| C F | G |\nl: [C,G,]8 & z4 A,4 | z8"), Choices.USUAL);
        assertThat(tune.chords().get(1).voicing().pitches())
                .extracting(Object::toString)
                .contains("C3", "A3");
        assertThat(tune.chords().get(2).voicing().isSilent()).isTrue();
        assertThat(tune.notes()).allMatch(note -> note.finger() > 0);
    }
}
