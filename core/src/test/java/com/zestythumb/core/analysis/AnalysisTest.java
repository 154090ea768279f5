package com.zestythumb.core.analysis;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.analysis.Analysis.Lean;
import com.zestythumb.core.chord.Quality;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.sheet.ChartWriter;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.sheet.Transposition;
import java.util.List;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class AnalysisTest {

    private static Analysis of(String chart) {
        return Analysis.of(Chart.parse(chart));
    }

    /** Common practice: rows of chords that have a name, each where it stands. */
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "C; | Dm7 | G7 | Cmaj7 | Cmaj7 |; ii–V–I; 0; 3",
                "C minor; | Dm7b5 | G7 | Cm | Cm |; ii–V–i in minor; 0; 3",
                "C; | C | F | G | C |; I–IV–V–I; 0; 4",
                "A minor; | Am | Dm | E | Am |; i–iv–V–i; 0; 4",
                "A minor; | Am | Dm | G | C | F | Bdim | E | Am |; circle of fifths; 0; 8",
                "A minor; | Am | Em/G | Dm/F | E |; lament bass; 0; 4",
                "C; | C | G/B | Am | C/G | F | C/E | Dm7 | G7 |; bass walking down; 0; 7",
                "C; | C | Dm7 | C/E | F | G |; bass walking up; 0; 5",
                "C; | C | F/C | G7/C | C |; pedal point; 0; 4",
                "C; | Am7 | Abm7 | Gm7 | C7 |; chromatic slide; 0; 3",
                "C; | C Am | Dm G7 |; turnaround; 0; 4",
                "G; | G7 | C7 | G7 | G7 | C7 | C7 | G7 | G7 | D7 | C7 | G7 | D7 |; twelve-bar blues; 0; 12",
                "D; | D A | Bm F#m | G D | G A | D A | Bm F#m | G D | G A | D A | Bm F#m | G D | G A |; "
                        + "ground bass of 4 bars; 0; 24"
            })
    void knowsRowsOfChordsByName(String key, String bars, String name, int from, int to) {
        assertThat(of("key: " + key + "\n" + bars).progressions()).contains(new Progression(name, from, to));
    }

    /** Common practice: a half-diminished chord before a minor chord, or its dominant, is ii of that minor key. */
    @ParameterizedTest
    @CsvSource({
        "G, | G | F#m7b5 B7 | Em | C |, iiø7/vi",
        "C, | C | F#m7b5 B7 | Em | C |, iiø7/iii",
        "C, | C | F#m7b5 | Em | C |, iiø7/iii",
        "G, | G | F#m7b5 | G | C |, viiø7",
        "C, | C | F#m7b5 | G | C |, viiø7/V"
    })
    void aHalfDiminishedChordIsTwoOfTheMinorChordBehindIt(String key, String bars, String numeral) {
        assertThat(of("key: " + key + "\n" + bars).readings().get(1).numeral()).hasToString(numeral);
    }

    /** Common practice: an eleventh over the dominant steps down to its third; a sixth with a ninth has a name of its own. */
    @Test
    void colouredChordsAreToldAsTheyAre() {
        Analysis analysis = of("key: C\n| C6/9 | G11 | G7 | C |");
        assertThat(analysis.readings().get(0).numeral()).hasToString("I6/9");
        assertThat(analysis.readings().get(1).reason()).contains("steps down");
    }

    /** Common practice: lean on the dominant, let go on its resolution, which is always lighter. */
    @Test
    void leansOnWhatResolves() {
        Analysis analysis = of("| C | Am | D7 | G7 |\n| C | F | C/G G7 | C |");
        assertThat(analysis.leans()).containsExactly(new Lean(2, 3), new Lean(6, 7));
        assertThat(analysis.weights().get(8)).isLessThan(analysis.weights().get(7));
        List<Double> order = List.of("C", "Am", "F", "G7", "A7", "F#dim7").stream()
                .map(symbol -> of("| C | " + symbol + " |").weights().get(symbol.equals("C") ? 0 : 1))
                .toList();
        assertThat(order).isSorted();
    }

    /** Common practice: the first beat is heavier, the way to the close grows, a delay leans on what follows. */
    @Test
    void weighsByPlaceToo() {
        List<Double> split = of("| C F |").weights();
        List<Double> apart = of("| C | F |").weights();
        assertThat(split.get(1)).isLessThan(apart.get(1));
        List<Double> growing = of("| C | Dm | F | Dm | F |").weights().subList(1, 5);
        assertThat(growing).isSorted().doesNotHaveDuplicates();
        List<Double> delayed = of("| C | C/G G | Gsus4 G | A7 Dm | G7 C |").weights();
        for (int resolution : new int[] {2, 4, 6, 8}) {
            assertThat(delayed.get(resolution)).isLessThan(delayed.get(resolution - 1));
        }
    }

    /** Common practice: a diminished chord on the leading tone is the dominant seventh without its root. */
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "| C | Bdim | C |; 1; G7 without its root; V7",
                "| C | Bm7b5 | C |; 1; G9 without its root; V9",
                "| Cm | Bdim7 | Cm |; 1; G7♭9 without its root; V7b9",
                "| C | C#dim7 | Dm | G7 | C |; 1; A7♭9 without its root; ",
                "| C | Dm6 | C |; 1; the notes of G9 without its root; ",
                "| C | G5 | C |; 1; without its third; "
            })
    void namesIncompleteChordsByContext(String bars, int chord, String reason, String other) {
        String key = bars.startsWith("| Cm") ? "key: C minor\n" : "key: C\n";
        Reading reading = of(key + bars).readings().get(chord);
        assertThat(reading.reason()).contains(reason);
        if (other != null) {
            assertThat(reading.others()).contains(other);
        }
    }

    /** A fifth without its third is minor where the scale makes it so; the dominant of minor is major. */
    @Test
    void anOpenFifthTakesItsThirdFromTheScale() {
        assertThat(of("key: C\n| C5 | A5 | D5 | G5 | C5 |").readings())
                .extracting(reading -> reading.numeral().roman())
                .containsExactly("I", "vi", "ii", "V", "I");
        assertThat(of("key: A minor\n| Am | D5 | E5 | A5 |").readings())
                .extracting(reading -> reading.numeral().roman())
                .containsExactly("i", "iv", "V", "i");
    }

    /** Every label says by what it was told. */
    @Test
    void givesAReasonForEachLabel() {
        Analysis half = of("| C | F | C/G | G |\n| Am | Dm7 | G7 | C |");
        assertThat(half.cadences())
                .extracting(Cadence::reason)
                .containsExactly("the phrase stops on V", "V7 goes to I, both written in root position");
        assertThat(half.cadences()).allMatch(cadence -> cadence.confidence() > 0.5 && cadence.confidence() <= 1);
        assertThat(half.reason(half.keys().get(0))).isEqualTo("7 of 8 chords are its own, its dominant goes home once");
        assertThat(of("| C | F | G7 | C |\nm: c2 d2 e2 f2 | a8 | g4 f4 | e8 |")
                        .cadences()
                        .get(0)
                        .reason())
                .isEqualTo("V7 goes to I, the tune not on the keynote");
        assertThat(of("| C | F | G7/B | C |").cadences().get(0).reason())
                .isEqualTo("V6/5 goes to I, not both written in root position");
        assertThat(of("| C | Am | G7 | Am |").cadences().get(0).reason()).isEqualTo("V7 goes to vi and not home");
        assertThat(of("| C | G | F | C |").cadences().get(0).reason()).isEqualTo("IV goes to I");
        assertThat(half.progressions()).allMatch(row -> !row.reason().isEmpty());
        assertThat(of("| Am7 | Abm7 | Gm7 | C7 |").progressions().get(0).reason())
                .isEqualTo("one and the same chord slides by half steps");
    }

    @Test
    void speaksInTheTeachersNoteNames() {
        Analysis german = of("key: C\nnames: german\n| E | A | H7 | E |\n| E | A | H7 | E |");
        assertThat(german.readings().get(2).reason()).isEqualTo("it wants to go home to E");
        assertThat(of("names: german\nkey: H minor\n| Hm | Em | F#7 | Hm |")
                        .readings()
                        .get(0)
                        .reason())
                .isEqualTo("home: the chord of rest in H minor");
        assertThat(of("names: german\nkey: C\n| B | Es | F7 | B |\n| B | Es | F7 | B |")
                        .contradiction())
                .isEqualTo("the chart says C major, but it sounds like B major");
    }

    @Test
    void pointsOutAKeyThatContradictsTheChart() {
        Analysis wrong = of("key: F\n| E | A | B7 | E |\n| E | A | B7 | E |");
        assertThat(wrong.contradiction()).isEqualTo("the chart says F major, but it sounds like E major");
        assertThat(of("key: E\n| E | A | B7 | E |").contradiction()).isEmpty();
    }

    /** Common practice: a mode is plain by the one chord that major and minor do not have. */
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "D minor; | Dm | G | Dm | C | Dm | G | C | Dm |; D dorian",
                "G; | G | F | C | G | G | F | C | G |; G mixolydian",
                "F; | F | G | F | F | F | G | F | F |; F lydian",
                "E minor; | Em | F | Em | Dm | Em | F | Em | Em |; E phrygian",
                "D minor; | Dm | Gm | A7 | Dm |; D minor",
                "C; | C | D7 | G | C |; C major"
            })
    void knowsAChurchModeWhereItIsPlain(String key, String bars, String mode) {
        assertThat(of("key: " + key + "\n" + bars).keys())
                .extracting(span -> span.key().toString())
                .containsExactly(mode);
    }

    /** A row in which every key has as much right as any other. */
    @Test
    void admitsThatThereIsNoClearKey() {
        assertThat(of("| Caug | Ddim7 | F#aug | Ebdim7 | G#aug | Bdim7 | Aaug |")
                        .isClear())
                .isFalse();
        assertThat(of("| Cm | Ab7#5 | F#m | Db7b5 | Em | Bb7#5 | Gm |").isClear())
                .isFalse();
        assertThat(of("| C | F | G7 | C |").isClear()).isTrue();
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "| N.C. | N.C. |", "| C |", "| C5 |", "| D/C7 | C7alt |", "pickup: 1\n| G7 | C |"})
    void readsWhateverThereIs(String chart) {
        Analysis analysis = of(chart);
        assertThat(analysis.readings())
                .hasSameSizeAs(Chart.parse(chart).events().stream()
                        .filter(e -> !e.isSilent())
                        .toList());
        assertThat(analysis.keys().isEmpty()).isEqualTo(analysis.readings().isEmpty());
    }

    /** Whatever stands in the chart, each chord has one key, one reading and a weight from 0 to 5. */
    @Test
    void neverFailsOnLongAndStrangeCharts() {
        Random random = new Random(4);
        String[] symbols = "C Dm7 F#dim7 Bb7#9 Eaug G7sus4 Ab/C D/C7 Bm7b5 C5 N.C. Em/G# Ebmaj7".split(" ");
        String bars = IntStream.range(0, 1000)
                .mapToObj(i -> symbols[random.nextInt(symbols.length)])
                .collect(Collectors.joining(" | ", "| ", " |"));
        Analysis analysis = of(bars);
        int last = 0;
        for (KeySpan span : analysis.keys()) {
            assertThat(span.from()).isEqualTo(last);
            assertThat(span.confidence()).isBetween(0.0, 1.0);
            last = span.to();
        }
        assertThat(last).isEqualTo(analysis.readings().size());
        assertThat(analysis.readings()).allMatch(r -> !r.reason().isEmpty());
        assertThat(analysis.weights()).allMatch(weight -> weight >= 0 && weight <= 5);
    }

    /** Any textbook of counterpoint: foreign notes by how they are come to and left. */
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "| C | C |; c2 d2 e4 | e8; CHORD_TONE PASSING CHORD_TONE CHORD_TONE",
                "| C | C |; d4 c4 | e8; APPOGGIATURA CHORD_TONE CHORD_TONE",
                "| C | C |; cdef g4 | e8; CHORD_TONE PASSING CHORD_TONE PASSING CHORD_TONE CHORD_TONE",
                "| C | C |; ede2 c4 | c8; CHORD_TONE NEIGHBOUR CHORD_TONE CHORD_TONE CHORD_TONE",
                "| F | C |; f8- | f2 e6; CHORD_TONE SUSPENSION CHORD_TONE",
                "| G7 | C |; d4 d3 c | c8; CHORD_TONE CHORD_TONE ANTICIPATION CHORD_TONE",
                "| C | F |; e3 f c4 | a8; CHORD_TONE ESCAPE CHORD_TONE CHORD_TONE",
                // Accented, and come to by step: a neighbour and a passing note all the same.
                "| C | C |; g4 a2 g2 | c8; CHORD_TONE NEIGHBOUR CHORD_TONE CHORD_TONE",
                "| C | C |; e4 d2 c2 | c8; CHORD_TONE PASSING CHORD_TONE CHORD_TONE",
                "| C | C |; c4 a2 g2 | c8; CHORD_TONE APPOGGIATURA CHORD_TONE CHORD_TONE",
                "| C | Dm | C |; c8- | c8- | c8; CHORD_TONE PEDAL CHORD_TONE",
                "| N.C. | C |; d8 | f8; CHORD_TONE FREE"
            })
    void tellsForeignNotesOfTheTune(String bars, String tune, String kinds) {
        assertThat(of(bars + "\nm: " + tune).tune().stream()
                        .map(note -> note.kind().name())
                        .collect(Collectors.joining(" ")))
                .isEqualTo(kinds);
    }

    /** Common practice: a dissonance on the beat is the note to bring out. */
    @Test
    void marksTheNotesToBringOut() {
        assertThat(of("| F | C |\nm: f8- | f2 ed c4").tune())
                .extracting(TuneNote::stressed)
                .containsExactly(false, true, false, false, false);
    }

    /** A teacher overrules: her numeral stands, her key bends the tune's, and both move with the tune. */
    @Test
    void letsTheTeacherOverrule() {
        Analysis own = of("| C | F | G7 | C |\n| Am=ii@G | D7 | G | G |");
        assertThat(own.keys()).extracting(span -> span.key().toString()).containsExactly("C major", "G major");
        assertThat(own.readings().get(4).role()).isEqualTo(Role.HEARD);
        assertThat(own.readings().get(4).reason()).isEqualTo("as you hear it; by rule ii");
        // One key goes through all names and comes back to the rule's.
        Analysis first = of("| C | Am | D7 | G7 | C |");
        List<String> ring = first.readings().get(1).others();
        assertThat(of("| C | Am=" + ring.get(0) + " | D7 | G7 | C |")
                        .readings()
                        .get(1)
                        .others())
                .endsWith("vi")
                .doesNotContain(ring.get(0));
        Analysis renamed = of("| C | F6=ii6/5 | G7 | C |");
        assertThat(renamed.readings().get(1).numeral()).isEqualTo(new Numeral("ii", "6/5", null));
        assertThat(renamed.readings().get(1).function()).isEqualTo(Function.SUBDOMINANT);
        assertThat(Numeral.parse("V6/5/V")).isEqualTo(new Numeral("V", "6/5", "V"));
        assertThat(Numeral.parse("bVI")).isEqualTo(new Numeral("♭VI", "", null));
        LeadSheet moved = Transposition.to(Key.parse("D"), Chart.parse("| C | Am=ii@G | D7=V7 | G |"));
        assertThat(ChartWriter.write(moved)).contains("| D | Bm=ii@A | E7=V7 | A |");
    }

    /** What one key offers must be readable behind the chord, in the names of the chart. */
    @ParameterizedTest
    @ValueSource(strings = {"english", "german"})
    void offersOnlyReadingsThatTheChartCanHold(String names) {
        String head = "names: " + names + "\n| C | F | G7 | C |\n| Em | A | D7 | G |\n| G | C | D7 | G |\n";
        for (Quality quality : Quality.common()) {
            for (String root : List.of("C", "D", "F#", "A")) {
                for (String other : of(head + "| " + root + quality.suffix() + " | G |")
                        .readings()
                        .get(12)
                        .others()) {
                    String own = head + "| " + root + quality.suffix() + "=" + other + " | G |";
                    assertThat(Chart.read(own).problems()).as(own).isEmpty();
                }
            }
        }
        Analysis inB = of("names: german\n| Am | H7 | Em | Am |\n| H | E | F#7 | H |\n| H | E | F#7 | H |");
        assertThat(inB.keys()).extracting(span -> span.key().toString()).contains("B major");
        assertThat(inB.readings().get(1).others()).anyMatch(other -> other.endsWith("@H"));
    }

    /** Two schools and the counted one, as common practice writes them. */
    @ParameterizedTest
    @CsvSource({
        "C,Dm7,ii7,IIm7,2m7",
        "C,G7/B,V6/5,V7/7,5(7)/7",
        "C,Bdim,vii°,VIIdim,7dim",
        "C,Bb,♭VII,♭VII,♭7",
        "A minor,F,VI,♭VI,♭6",
        "C,F/G,IV,IV/5,4/5"
    })
    void writesNumeralsInEachSchool(String key, String symbol, String figured, String functional, String counted) {
        String tonic = key.replace(" minor", "m");
        Reading reading = of("key: " + key + "\n| " + tonic + " | " + symbol + " | " + tonic + " |")
                .readings()
                .get(1);
        assertThat(reading.numeral()).hasToString(figured);
        assertThat(reading.functional()).isEqualTo(functional);
        assertThat(reading.counted()).isEqualTo(counted);
    }

    /** Common practice: a close is where the dominant went home, though the tonic is struck again or held on. */
    @ParameterizedTest
    @ValueSource(strings = {"| F | G7 | C | C |", "| Dm7 | G7 | C | % |", "| Dm7 | G7 | Cmaj7 | Cmaj7 |"})
    void hearsACloseWhereTheTonicIsRepeated(String bars) {
        assertThat(of("key: C\n" + bars).cadences()).extracting(Cadence::kind).containsExactly(Cadence.Close.PERFECT);
    }

    /** Common practice: a major seventh is at rest and leads nowhere. */
    @Test
    void takesNoMajorSeventhForADominant() {
        Analysis swaying = of("| Cmaj7 | Fmaj7 |\n".repeat(4));
        assertThat(swaying.keys()).extracting(span -> span.key().toString()).containsExactly("C major");
        assertThat(of("key: C\n| C | F | Gmaj7 | C |").cadences())
                .extracting(Cadence::kind)
                .doesNotContain(Cadence.Close.PERFECT, Cadence.Close.AUTHENTIC);
    }

    /** Common practice: over a foreign bass, a pedal point, a chord keeps its own figures. */
    @ParameterizedTest
    @CsvSource({"G7/C, V7", "Dm7/G, ii7", "G/C, V", "Fmaj7/G, IVmaj7", "Am/G, vi4/2"})
    void keepsTheSeventhOverAForeignBass(String symbol, String numeral) {
        assertThat(of("key: C\n| C | " + symbol + " | C |").readings().get(1).numeral())
                .hasToString(numeral);
    }

    /** The chord on C♯ with a major seventh has no diminished one, so it cannot be any of four chords. */
    @Test
    void tellsADiminishedChordWithMajorSeventhFromADiminishedSeventh() {
        Reading reading = of("key: C\n| C | C#dimM7 | Dm | G7 | C |").readings().get(1);
        assertThat(reading.role()).isNotEqualTo(Role.COMMON_TONE);
        assertThat(ChordKind.of(reading.chord())).isEqualTo(ChordKind.DIMINISHED);
    }

    /** Where no key is told none is contradicted, and a toss-up names both keys with their odds. */
    @Test
    void saysHowSureItIsOfAKeyThatNobodyTold() {
        Analysis axis = of("| Am | F | C | G |");
        assertThat(axis.contradiction()).isEmpty();
        KeySpan span = axis.keys().get(0);
        assertThat(List.of(span.key().toString(), span.others().get(0).key().toString()))
                .containsExactlyInAnyOrder("C major", "A minor");
        assertThat(span.others().get(0).odds()).isBetween(0.15, 0.5);
        assertThat(of("| C | F | G7 | C |").keys().get(0).others()).isEmpty();
        assertThat(of("key: C\n| Am | F | C | G |").keys().get(0).others()).isEmpty();
    }

    /** Common practice: a close of its own and five chords, or two closes, make a key; less does not. */
    @Test
    void takesAShortStretchForNoKeyOfItsOwn() {
        assertThat(of("| Am | Dm | E7 | Am | G7 | C | Dm | E7 | Am | Am |").keys())
                .extracting(span -> span.key().toString())
                .containsExactly("A minor");
        assertThat(of("| Am | Dm | E7 | Am | Am | F | G7 | C | G7 | C | E7 | Am | Dm | E7 | Am |")
                        .keys())
                .extracting(span -> span.key().toString())
                .containsExactly("A minor", "C major", "A minor");
    }
}
