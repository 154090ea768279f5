package com.zestythumb.core.analysis;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Choices;
import com.zestythumb.core.sheet.Chart;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Where a plain rule says too much or too little; each by common practice, as any textbook of harmony has it. */
class HardCasesTest {

    private static Analysis of(String chart) {
        return Analysis.of(Chart.parse(chart));
    }

    /** A close is perfect by the note on which the phrase comes to rest, not by the pickup behind it. */
    @Test
    void aPickupDoesNotHideAPerfectClose() {
        Analysis analysis = of("""
                key: C
                unit: 1/4
                | C | F | G7 | C |
                m: E E E E | F F A A | G F E D | C3 G |
                | Am | Dm | G7 | C |
                m: A A A A | F F F F | G F E D | C4 |
                """);
        assertThat(analysis.cadences())
                .extracting(Cadence::kind)
                .containsExactly(Cadence.Close.PERFECT, Cadence.Close.PERFECT);
        Analysis onThird = of("""
                key: C
                unit: 1/4
                | C | F | G7 | C |
                m: E E E E | F F A A | G F E D | E3 C |
                | Am | Dm | G7 | C |
                m: A A A A | F F F F | G F E D | C4 |
                """);
        assertThat(onThird.cadences().get(0).kind()).isEqualTo(Cadence.Close.AUTHENTIC);
    }

    /** What the chart closes fully the hand may play as six-four; both are said, and neither for the other. */
    @Test
    void aFullCloseStaysOneUnderAHandThatTurnsIt() {
        Arrangement tune =
                Arrangement.of(Chart.parse("key: C\n| C | F | G7 | C |\nm: c8 | A8 | B8 | c8 |"), Choices.USUAL);
        Cadence close = tune.closes().get(0);
        assertThat(close.kind()).isEqualTo(Cadence.Close.PERFECT);
        boolean turned = tune.chords().stream()
                .skip(2)
                .anyMatch(chord ->
                        !chord.voicing().soundingBass().equals(chord.chord().root()));
        assertThat(turned).isTrue();
        assertThat(close.reason()).contains("this hand plays V");
    }

    /** A Phrygian close is a half close from the minor four with its third in the bass, a half step above the dominant. */
    @ParameterizedTest
    @CsvSource({"Fm/Ab,PHRYGIAN", "F/A,HALF", "Fm,HALF", "Fm7/Ab,PHRYGIAN"})
    void aPhrygianCloseNeedsTheMinorFour(String before, Cadence.Close close) {
        List<Cadence> cadences = of("key: C minor\n| Cm | Eb | " + before + " | G |\n| Cm | Fm | G7 | Cm |")
                .cadences();
        assertThat(cadences.get(0).kind()).isEqualTo(close);
    }

    @Test
    void aPlagalCloseStandsOverTheBorderOfASectionToo() {
        assertThat(of("key: C\n[Verse]\n| C | F | G7 | C |\n[Amen]\n| F | C |").cadences())
                .extracting(Cadence::kind)
                .containsExactly(Cadence.Close.PERFECT, Cadence.Close.PLAGAL);
        assertThat(of("key: C\n[Verse]\n| C | F | G7 | C |\n[Coda]\n| C | C | F |\n[Amen]\n| C |")
                        .cadences())
                .extracting(Cadence::kind)
                .endsWith(Cadence.Close.PLAGAL);
    }

    /** A bass that walks may strike a note again on its way. */
    @ParameterizedTest
    @CsvSource({
        "| C | C | G/B | Am | C/G |,bass walking down,0,5",
        "| C | G/B | Em/B | Am | C/G |,bass walking down,0,5",
        "| C | Dm7 | Dm | C/E | F |,bass walking up,0,5"
    })
    void aWalkingBassMayRepeatANote(String bars, String name, int from, int to) {
        assertThat(of("key: C\n" + bars).progressions()).contains(new Progression(name, from, to));
    }

    @Test
    void aNoteThatOnlyRepeatsDoesNotWalk() {
        assertThat(of("key: C\n| C | G/B | G/B | Am |").progressions())
                .noneMatch(row -> row.name().startsWith("bass walking"));
    }

    /** Twelve bars are a blues by the chords of one key: a study that moves on through keys is none. */
    @Test
    void aStudyThatChangesKeyIsNoBlues() {
        String study = "key: C\n| C | G7 | C | C |\nkey: F\n| Bb | C7 | F | C7 |\nkey: D\n| A7 | D | A7 | D |";
        assertThat(of(study).progressions()).noneMatch(row -> row.name().equals("twelve-bar blues"));
    }

    /** The seventh in the bass is 4/2 whether the fifth sounds or not; a ninth in the bass does not make a triad of it. */
    @ParameterizedTest
    @CsvSource({"G7(no5)/F,V4/2", "G7(no5)/B,V6/5", "G9/A,V9", "C(no5)/E,I6"})
    void figuresTellTheMemberInTheBass(String symbol, String numeral) {
        assertThat(of("key: C\n| C | " + symbol + " | C |").readings().get(1).numeral())
                .hasToString(numeral);
    }

    /**
     * Augmented sixths are told by their notes over the flat sixth degree, however the symbol calls them: Italian 8 0 6,
     * French 8 0 2 6, German 8 0 3 6 half steps above the tonic.
     */
    @ParameterizedTest
    @CsvSource({"Ab7,Ger+6", "Ab7(no5),It+6", "Ab7b5,Fr+6", "D7b5/Ab,Fr+6", "F#dim7/Ab,", "Ab7/C,"})
    void augmentedSixthsAreToldByNotesAndBass(String symbol, String numeral) {
        Reading reading =
                of("key: C minor\n| Cm | " + symbol + " | G7 | Cm |").readings().get(1);
        if (numeral == null) {
            assertThat(reading.role()).isNotEqualTo(Role.AUGMENTED_SIXTH);
        } else {
            assertThat(reading.numeral()).hasToString(numeral);
        }
    }

    /** What is held over steps down; a second in place of the third steps up. */
    @ParameterizedTest
    @CsvSource({"Gsus4,steps down", "Gsus2,steps up"})
    void suspensionsSayTheirWay(String symbol, String way) {
        assertThat(of("key: C\n| C | " + symbol + " | G | C |")
                        .readings()
                        .get(1)
                        .reason())
                .contains(way);
    }

    /** Foreign notes by how they are come to and left, and where they stand. */
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                // A neighbour that is leapt to on a weak beat bears no accent.
                "C A G E; 1; APPOGGIATURA; false",
                // On a strong beat it is an appoggiatura.
                "C E A G; 2; APPOGGIATURA; true",
                // A passing note that is struck twice passes.
                "C D/D/ E G; 1; PASSING; false",
                "C D/D/ E G; 2; PASSING; false",
                // An escape leaves by leap.
                "C D G E; 1; ESCAPE; false"
            })
    void foreignNotesStandAsTheyMove(String tune, int note, TuneNote.Standing standing, boolean accented) {
        TuneNote told = of("key: C\nunit: 1/4\n| C | C |\nm: " + tune + " | C4 |")
                .tune()
                .get(note);
        assertThat(told.kind()).isEqualTo(standing);
        assertThat(told.stressed()).isEqualTo(accented);
    }

    /** A middle section that closes twice on another degree by its own dominant is in that key while it lasts. */
    @ParameterizedTest
    @CsvSource({
        "| Am7 | D7 | G | G |,| Am7 | D7 | G | G7 |",
        "| D7 | G | D7 | G |,",
        "| G | C | D7 | G |,| G | C | D7 | G7 |",
        "| Am | D7 | G | Em |,| Am | D7 | G | G7 |",
        "| D7 | D7 | G | G |,| D7 | D7 | G | G7 |",
    })
    void aMiddleSectionThatClosesTwiceOnTheDominantIsInItsKey(String first, String second) {
        String home = "| C | F | G7 | C |\n| C | Am | Dm G7 | C |\n";
        Analysis analysis =
                of("[A]\n" + home + "[B]\n" + first + "\n" + (second == null ? "" : second + "\n") + "[A]\n" + home);
        assertThat(analysis.keys())
                .extracting(span -> span.key().toString())
                .as(first)
                .containsExactly("C major", "G major", "C major");
    }
}
