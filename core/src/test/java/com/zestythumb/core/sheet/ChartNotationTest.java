package com.zestythumb.core.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.sheet.ChordEvent.Timing;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Random;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** The whole notation, and its way back to text. */
class ChartNotationTest {

    private static final String WHOLE = """
            title: Ferry at Six
            composer: A. Maker
            key: G major
            meter: 3/4
            tempo: 96
            feel: easy waltz
            pickup: 1

            # for the spring evening
            | D7 |
            m: d2 |
            w: The
            [Verse]
            |: {segno} G | C / G "touch: light" |1 D7 | G :|2 D7 | G |
            m: B2 B2 d2 | c>B A2 G2 | A4 (3Bcd | G6 | A4- A2 | G6 |
            w: fer-ry leaves at six_o-clock
            [Bridge]
            | {meter 4/4} {key E minor} Em | >B7! Am7?C6 | %% | {to coda} N.C. |
            | {meter 3/4} {key G} C:2 D7:1 | Cmaj7:1.5 D7:1.5 | {D.S. al Coda} G |
            | {coda} D/C7 | G {fine} |
            w: and home | again |
            # the end
            """;

    private static String chords(LeadSheet sheet) {
        return sheet.bars().stream()
                .map(bar -> bar.events().stream()
                        .map(e -> (e.isSilent() ? "-" : e.chord()) + "@" + e.start() + "+" + e.duration())
                        .collect(Collectors.joining(" ")))
                .collect(Collectors.joining(" | "));
    }

    /** A sheet without the places of its words in the text, which move when it is written anew. */
    static LeadSheet withoutPlaces(LeadSheet sheet) {
        return sheet.mapBars(bar -> {
            BarText text = bar.text();
            BarText bare =
                    new BarText(text.section(), text.notes(), text.words(), text.remarks(), text.shorthand(), null);
            List<ChordEvent> events = bar.events().stream()
                    .map(e -> new ChordEvent(
                            e.chord(), e.bar(), e.start(), e.duration(), e.timing(), e.guess(), e.heardAs(), null))
                    .toList();
            return bar.with(bare).withEvents(events);
        });
    }

    @Test
    void readsAWholeTune() {
        Chart chart = Chart.read(WHOLE);
        assertThat(chart.problems()).isEmpty();
        LeadSheet sheet = chart.sheet();
        assertThat(sheet.heading().composer()).isEqualTo("A. Maker");
        assertThat(sheet.heading().feel()).isEqualTo("easy waltz");
        assertThat(sheet.bars().get(0).number()).isZero();
        assertThat(sheet.bars().get(0).length()).isEqualTo(Fraction.of(1));
        assertThat(sheet.bars().get(0).countAt(Fraction.ZERO)).isEqualTo(3);
        assertThat(sheet.bars().get(2).text().notes()).containsExactly("touch: light");
        assertThat(sheet.bars().get(3).signs().ending()).containsExactly(1);
        assertThat(sheet.bars().get(7).key()).isEqualTo(Key.parse("E minor"));
        assertThat(sheet.bars().get(7).meter()).isEqualTo(Meter.FOUR_FOUR);
        ChordEvent pushed = sheet.bars().get(8).events().get(0);
        assertThat(pushed.timing()).isEqualTo(Timing.PUSHED);
        assertThat(sheet.bars().get(8).events().get(1).guess()).isEqualTo(Guess.of(List.of(Chord.parse("C6"))));
        assertThat(chords(sheet)).contains("Em@0+4 | B7@0+2 Am7@2+2 | Em@0+4 | B7@0+2 Am7@2+2 | -@0+4");
        assertThat(chords(sheet)).contains("C@0+2 D7@2+1 | Cmaj7@0+3/2 D7@3/2+3/2");
        assertThat(sheet.bars().get(15).text().words()).isEqualTo("and home");
    }

    @Test
    void isWrittenSoThatItIsReadBackTheSame() {
        LeadSheet sheet = Chart.parse(WHOLE);
        String written = ChartWriter.write(sheet);
        assertThat(Chart.read(written).problems()).as(written).isEmpty();
        assertThat(withoutPlaces(Chart.parse(written)).bars())
                .containsExactlyElementsOf(withoutPlaces(sheet).bars());
        assertThat(Chart.parse(written).heading()).isEqualTo(sheet.heading());
        assertThat(ChartWriter.write(Chart.parse(written))).isEqualTo(written);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "| C / Am / | F G7 | C |",
                "|: C | F :| x3\n| G | C |",
                "|: C |1 F :|2 G :|3 C | Am |",
                "|: C | F :||: G | C :|",
                "| C | / | % | %% | G |",
                "meter: 6/8\n| Am / / / / E7 | Am |",
                "meter: 5/4\n| C:3 G7:2 | C |",
                "meter: 12/8\n| C / / F | G7 |",
                "meter: 2/2\n| C G7 | C |",
                "symbols: signs\n| Cmaj7 Dm7b5 |",
                "key: h-Moll\nnames: german\n| Hm7 E7 | B F | {key Es-Dur} C/H |",
                "| I vi | ii V7 | bVI I6 |",
                "unit: 1/16\n| C |\nm: c4d4 e4f4 |",
                "| C | F |\nw: one two | three |",
                "# first\n| C |\n# last",
                "pickup: 1.5\n| G7 | C |\nm: GAB | c8 |",
                "| C! >F | G7 | >C |",
                "| Am=ii@G | D7=V7 | G!=I F?Dm7=IV:3 | Cm=i@Cm |",
                "names: german\n| Em=iv@Hm | C |",
                "pickup: 1\n|: G7 | C | {short 3} C :|: {pickup 1} E7 | Am | {short 3} Am :|",
                "key: F# minor\n| F#m | C#7 |\nm: f^ga^g =f2e2 | (3cde (3:2:3c2d2e2 z2 |"
            })
    void everyKindOfLineComesBack(String text) {
        Chart chart = Chart.read(text);
        assertThat(chart.problems()).isEmpty();
        String written = ChartWriter.write(chart.sheet());
        assertThat(Chart.read(written).problems()).as(written).isEmpty();
        assertThat(withoutPlaces(Chart.parse(written))).as(written).isEqualTo(withoutPlaces(chart.sheet()));
    }

    @TestFactory
    Stream<DynamicTest> everyExampleOfTheHandbookIsRight() throws IOException {
        Matcher block = Pattern.compile("```chart\\n(.*?)```", Pattern.DOTALL)
                .matcher(Files.readString(Path.of("../docs/chart.md")));
        List<String> examples = block.results().map(m -> m.group(1)).toList();
        assertThat(examples).hasSizeGreaterThan(3);
        return examples.stream()
                .map(text -> DynamicTest.dynamicTest(
                        text.lines().findFirst().orElse(""), () -> everyKindOfLineComesBack(text)));
    }

    /** Common practice: endings by their time, D.C. and D.S. without repeats and with the last ending. */
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "|: C |1 F :|2 G | Am |;0 1 0 2 3",
                "|: C |1,2 F :|3 G |;0 1 0 1 0 2",
                "|: C |1 F | F :|2 G | G | Am |;0 1 2 0 3 4 5",
                "| C | F {fine} | G {D.C. al Fine} |;0 1 2 0 1",
                "| C | {segno} F | G {D.S.} | Am |;0 1 2 1 2 3",
                "| C | {segno} F {to coda} | G {D.S. al Coda} | {coda} Am | C |;0 1 2 1 3 4",
                "|: C | F :| G {D.C. al Fine} |;0 1 0 1 2 0 1 2",
                "|: C |1 F :|2 G {fine} | Am {D.C. al Fine} |;0 1 0 2 3 0 2",
                "| C {D.S.} |;0 0",
                "| C | {fine} F | G | {D.C. al Fine} C |;0 1 2 3 0 1",
                "| C | F | {fine} | G | {D.C. al Fine} |;0 1 2 0 1",
                "| C | F :| {fine} G | {D.C. al Fine} C |;0 1 0 1 2 3 0 1 2",
                "| {segno} F | C | {to coda} G | F | {D.S. al Coda} C | {coda} F | C |;0 1 2 3 4 0 1 2 5 6"
            })
    void unfoldsEndingsAndJumps(String bars, String order) {
        assertThat(Chart.parse(bars).playingOrder().stream()
                        .map(String::valueOf)
                        .collect(Collectors.joining(" ")))
                .isEqualTo(order);
    }

    @Test
    void callsABarAsATeacherDoes() {
        LeadSheet sheet = Chart.parse("pickup: 1\n| G7 |: C | F :| x3");
        assertThat(sheet.unfolded().stream().map(sheet::call))
                .containsExactly(
                        "bar 0",
                        "bar 1",
                        "bar 2",
                        "second time, bar 1",
                        "second time, bar 2",
                        "third time, bar 1",
                        "third time, bar 2");
    }

    @Test
    void printsChordsInTheTeachersWay() {
        Heading signs = Chart.parse("symbols: signs\nnames: german\n| C |").heading();
        assertThat(signs.print(Chord.parse("Bm7b5"))).isEqualTo("Hø7");
        assertThat(signs.print(Chord.parse("Bbmaj7/D"))).isEqualTo("BΔ7/D");
        assertThat(Heading.USUAL.print(Chord.parse("Bbm7b5"))).isEqualTo("B♭m7♭5");
    }

    /** Common practice: Roman numerals with figured bass, in major and in minor. */
    @ParameterizedTest
    @CsvSource({
        "C,I vi ii V7,C Am Dm G7",
        "A minor,i iv V7 VI,Am Dm E7 F",
        "A minor,vii°7 i6 VII v,G#dim7 Am/C G Em",
        "C,I6/4 V6/5 V4/2 viiø7,C/G G7/B G7/F Bm7b5",
        "Eb,bVI bVII Imaj7 IVadd6,Cb Db Ebmaj7 Ab6",
        "C,V7/V V7/ii vii°7/V IV/5,D7 A7 F#dim7 F/G",
        "D dorian,i IV7 bII III+,Dm G7 Eb Faug",
        "C,ii6/5 Imaj7/3 IV4/2 V7sus4,Dm7/F Cmaj7/E Fmaj7/E G7sus4"
    })
    void readsNumeralsInTheKey(String key, String numerals, String symbols) {
        LeadSheet read = Chart.parse("key: " + key + "\n| " + numerals + " |");
        assertThat(read.events().stream().map(e -> e.chord().toString()).collect(Collectors.joining(" ")))
                .isEqualTo(symbols);
        LeadSheet back = Chart.parse(ChartWriter.writeNumerals(read));
        assertThat(back.events().stream().map(ChordEvent::chord))
                .isEqualTo(read.events().stream().map(ChordEvent::chord).toList());
        assertThat(ChartWriter.writeNumerals(read)).doesNotContain("| " + symbols.split(" ")[0] + " ");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "| C |1 F {sign} |;line 1: \"sign\" is no direction",
                "| {key H} C |;line 1: \"H\" is not a key",
                "pickup: 4\\n| C |;line 1: \"4\" is not a short bar",
                "unit: 1/3\\n| C |;line 1: \"1/3\" is not a unit length",
                "names: french\\n| C |;line 1: \"french\" are no note names",
                "symbols: big\\n| C |;line 1: \"big\" is no way to print chords",
                "| C:3 G7:2 |;bar 1: its chords last 5 counts and the bar 4",
                "| >C |;bar 1, beat 1: > strikes a chord before its beat",
                "| C |\\nm: c2 c2 |;bar 1, melody: lasts 2.0 quarter notes and the bar 4.0; add a note",
                "| C |\\nm: c8 c |;bar 1, melody: lasts 4.5 quarter notes and the bar 4.0; shorten a note",
                "| C |\\nm: c4 h4 |;bar 1, melody: \"h\" is no note",
                "| C |\\nm: c8 | c8 |;line 2: there are more bars of melody than of chords",
                "| C |\\nm: C,,,,,8 |;bar 1, melody: this note lies outside the piano",
                "| %% |;bar 1: %% repeats the two bars before"
            })
    void explainsMistakes(String chart, String problem) {
        assertThat(Chart.read(chart.replace("\\n", "\n")).problems().get(0).toString())
                .startsWith(problem);
    }

    /** Whatever is typed: bars add up, chords and melody alike, and what is written is read back. */
    @Test
    void survivesWhateverIsTyped() {
        String letters = "CDEFGAB abcdefg m7/%|:[]#b^_=(3)<>-z{}?!\"24,'~*\n\nm:w:";
        Random random = new Random(11);
        for (int round = 0; round < 4000; round++) {
            String text = random.ints(random.nextInt(80), 0, letters.length())
                    .mapToObj(i -> letters.substring(i, i + 1))
                    .collect(Collectors.joining());
            LeadSheet sheet =
                    Chart.read("pickup: 1\n| " + text + "\nm: " + text).sheet();
            for (Bar bar : sheet.bars()) {
                assertThat(sum(bar.events().stream().map(ChordEvent::duration).toList()))
                        .isEqualTo(bar.length());
                if (!bar.melody().isEmpty()) {
                    assertThat(sum(bar.melody().stream()
                                    .map(SheetNote::duration)
                                    .toList()))
                            .as(text)
                            .isEqualTo(bar.length());
                }
            }
            assertThat(sheet.unfolded()).hasSizeLessThanOrEqualTo(20_000);
        }
    }

    private static Fraction sum(List<Fraction> parts) {
        return parts.stream().reduce(Fraction.ZERO, Fraction::plus);
    }
}
