package com.zestythumb.core.arrangement;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.checking.Findings;
import com.zestythumb.core.checking.Fixes;
import com.zestythumb.core.pattern.AccompanimentPattern;
import com.zestythumb.core.pattern.AccompanimentPatterns;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.pitch.Spelling;
import com.zestythumb.core.proposing.Difficulty;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.Tuplet;
import com.zestythumb.core.voiceleading.School;
import com.zestythumb.core.voicing.Hand;
import com.zestythumb.core.voicing.StyleChoice;
import com.zestythumb.core.voicing.TuneTerms;
import com.zestythumb.core.voicing.VoicingStyles;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Where a plain rule plays, measures or warns wrongly; each by common practice. */
class HardCasesTest {

    private static Arrangement of(String chart, Choices choices) {
        return Arrangement.of(Chart.parse(chart), choices);
    }

    private static StyleChoice style(String id) {
        return new StyleChoice(VoicingStyles.named(id), Map.of());
    }

    private static List<String> names(Arrangement arrangement, int chord) {
        return arrangement.chords().get(chord).voicing().pitches().stream()
                .map(pitch -> pitch.pitchClass().toString())
                .distinct()
                .toList();
    }

    /** An eleventh over a dominant stands for its third; one that is named is not lost to the fifth. */
    @ParameterizedTest
    @CsvSource({
        "rootless,C11,F,E",
        "guide-tones,C11,F,E",
        "rootless,Dm11,G,A",
        "rootless,C7#11,F#,G",
    })
    void anEleventhThatIsNamedIsPlayed(String style, String symbol, String there, String gone) {
        StyleChoice played = style(style);
        assertThat(names(of("| " + symbol + " |", Choices.USUAL.with(played)), 0))
                .contains(there)
                .doesNotContain(gone);
    }

    /** The raised fourth degree of minor leads to the fifth, as the harmonic chromatic scale has it. */
    @ParameterizedTest
    @CsvSource({"A minor,63,D#", "C minor,66,F#", "G minor,61,C#", "A minor,58,Bb", "A minor,68,G#", "C major,66,F#"})
    void spellsChromaticNotesAsTheyLead(String key, int midi, String name) {
        assertThat(Spelling.of(midi, Key.parse(key)).pitchClass()).hasToString(name);
    }

    /** What the right hand plays above the staff is no ledger line of the left. */
    @Test
    void readsTheLeftHandAlone() {
        String chart = "| C | F | G | C |";
        StyleChoice two = style("octave-under-chords");
        Arrangement both = of(chart, Choices.USUAL.with(two));
        int lines = both.notes().stream()
                .filter(note -> !note.isRight())
                .mapToInt(note -> TuneTerms.ledgerLines(note.pitch()))
                .max()
                .orElseThrow();
        assertThat(both.notes()).anyMatch(TimedNote::isRight);
        assertThat(Difficulty.of(both).reading()).isEqualTo(lines);
    }

    /** A small hand swings a third farther than it spans, and no more. */
    @Test
    void aRolledTenthThatNoFingersReachIsBeyondTheHand() {
        Hand small = Hand.ofSpan(8).rolling(true);
        Hand large = Hand.ofSpan(12).rolling(true);
        StyleChoice tenths = style("tenths");
        Arrangement forLarge = of("| C |", Choices.USUAL.with(tenths).with(large));
        assertThat(forLarge.chords().get(0).voicing().first().width()).isEqualTo(16);
        assertThat(large.beyond(forLarge.chords().get(0).voicing().first())).isZero();
        assertThat(small.beyond(forLarge.chords().get(0).voicing().first())).isEqualTo(4);
    }

    /** Voices three octaves apart are compared as all others are. */
    @Test
    void comparesVoicesHoweverFarApart() {
        KeptVoicing low = pin(0, "C1", "E4", "G4");
        KeptVoicing next = pin(1, "D1", "F4", "A4");
        Choices strict = Choices.USUAL
                .with(School.CLASSICAL)
                .with(new Hand(19, Pitch.parse("A0"), Pitch.parse("C8")))
                .withPins(List.of(low, next));
        assertThat(Findings.in(of("| C | Dm |", strict)))
                .extracting(finding -> finding.kind().code())
                .contains("parallel-fifths");
    }

    private static KeptVoicing pin(int bar, String... notes) {
        return new KeptVoicing(
                bar, Fraction.ZERO, Stream.of(notes).map(Pitch::parse).toList());
    }

    /** The upper note of an augmented sixth is raised, whatever the symbol says; elsewhere the symbol stands. */
    @ParameterizedTest
    @CsvSource({"| Cm | Ab7 | G7 | Cm |,F#", "| Cm | Ab7 | Db | Cm |,Gb"})
    void writesAnAugmentedSixthAsOne(String bars, String name) {
        Arrangement tune = of("key: C minor\n" + bars, Choices.USUAL);
        assertThat(tune.notes().stream()
                        .filter(note -> note.chord() == 1 && note.pitch().midi() % 12 == 6)
                        .map(note -> note.pitch().pitchClass().toString())
                        .distinct())
                .containsExactly(name);
        // The hand is told by the same name as the page.
        assertThat(names(tune, 1)).contains(name);
    }

    /** Three quarters in the time of two are one triplet. */
    @Test
    void bracketsQuarterTripletsInThrees() {
        AccompanimentPattern pattern = AccompanimentPattern.of("OWN", "quarter triplets", 3, 5, "by bar 1/4t (1 2 3)");
        Arrangement tune = of("| C | F | C |", Choices.USUAL.with(pattern));
        List<Tuplet> tuplets = tune.notes().stream()
                .filter(note -> note.bar() == 0)
                .map(TimedNote::tuplet)
                .toList();
        List<Tuplet> expected = new ArrayList<>();
        for (int i = 0; i < 6; i++) {
            expected.add(new Tuplet(3, 2, i % 3, 3));
        }
        assertThat(tuplets).isEqualTo(expected);
    }

    /** A bass and a chord that are fixed are two grips, as the style plays them. */
    @Test
    void measuresAFixedBassAndChordApart() {
        Choices waltz = Choices.USUAL.with(style("bass-then-chord")).with(AccompanimentPatterns.BASS_AND_CHORDS);
        Arrangement fixed = of("meter: 3/4\n| C | G |", waltz.withPins(List.of(pin(0, "C2", "G3", "C4", "E4"))));
        assertThat(fixed.chords().get(0).voicing().grips()).hasSize(2);
        assertThat(Findings.in(fixed))
                .extracting(finding -> finding.kind().code())
                .doesNotContain("stretch");
    }

    /** The foot goes down with a chord that is pushed over the bar line, not with the bar line. */
    @Test
    void pedalsWithAPushedChord() {
        Choices bossa = Choices.USUAL
                .with(style("bass-then-chord"))
                .with(AccompanimentPatterns.BOSSA)
                .with(Pedalling.JOINED);
        Arrangement tune = of("key: C\n| C | Am | F | C |", bossa);
        TimedNote push = tune.notes().stream()
                .filter(note -> note.chord() == 1 && note.bar() == 0)
                .findFirst()
                .orElseThrow();
        List<PedalSpan> first =
                PedalSpan.of(tune).stream().filter(span -> span.bar() == 0).toList();
        assertThat(first).extracting(PedalSpan::down).containsExactly(Fraction.ZERO, push.onset());
        assertThat(first.get(0).up()).isEqualTo(push.onset());
    }

    /** What strains by coming again and again is not fixed by one chord voiced otherwise. */
    @Test
    void offersNoMendForRepeatedChords() {
        AccompanimentPattern beats = AccompanimentPattern.of("OWN", "eighths", 3, 5, "1/8 all");
        Choices choices = Choices.USUAL.with(beats);
        Arrangement tune = of("tempo: 200\n" + "| C | C | C | C | C | C | C | C |\n".repeat(2), choices);
        int strained = Findings.in(tune).stream()
                .filter(finding -> finding.kind().code().startsWith("strain"))
                .findFirst()
                .orElseThrow()
                .chord();
        assertThat(Fixes.of(tune, strained)).isEmpty();
    }
}
