package com.zestythumb.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.sheet.Mark;
import com.zestythumb.core.sheet.SheetNote;
import com.zestythumb.formats.ImportReport.Fate;
import com.zestythumb.formats.importing.Importer;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;

class ReadersTest {

    private static List<Imported> read(String text) {
        return Importer.read("", text.getBytes(StandardCharsets.UTF_8));
    }

    private static String chords(LeadSheet sheet) {
        return sheet.bars().stream()
                .map(bar -> bar.events().stream()
                        .map(e -> String.valueOf(e.chord()))
                        .collect(Collectors.joining(" ")))
                .collect(Collectors.joining(" | "));
    }

    private static String melody(Bar bar) {
        return bar.melody().stream()
                .map(n -> n.isRest() ? "z" : n.pitch().toString())
                .collect(Collectors.joining(" "));
    }

    /** ABC standard 2.1, section 2.2.1 and 3: a file of two tunes, with the standard's own first example. */
    @Test
    void readsAnAbcFileOfSeveralTunes() {
        List<Imported> tunes = read("""
                %abc-2.1
                X:1
                T:Speed the Plough
                M:4/4
                C:Trad.
                K:G
                |:GABc dedB|dedB dedB|c2ec B2dB|c2A2 A2BA|
                  GABc dedB|dedB dedB|c2ec B2dB|A2F2 G4:|
                |:g2gf gdBd|g2f2 e2d2|c2ec B2dB|c2A2 A2df|
                  g2gf g2Bd|g2f2 e2d2|c2ec B2dB|A2F2 G4:|

                X:2
                T:Another
                M:6/8
                L:1/8
                Q:3/8=100
                K:Ador
                E|"Am"A2A "G"B2B|"Am"c2d e2:|
                """);
        assertThat(tunes).hasSize(2);
        LeadSheet plough = tunes.get(0).sheet();
        assertThat(plough.title()).isEqualTo("Speed the Plough");
        assertThat(plough.heading().composer()).isEqualTo("Trad.");
        assertThat(plough.bars()).hasSize(16);
        assertThat(plough.playingOrder()).hasSize(32);
        assertThat(melody(plough.bars().get(0))).isEqualTo("G4 A4 B4 C5 D5 E5 D5 B4");
        assertThat(melody(plough.bars().get(7))).isEqualTo("A4 F#4 G4");
        assertThat(plough.events()).allMatch(e -> e.isGuess());
        LeadSheet other = tunes.get(1).sheet();
        assertThat(other.key()).isEqualTo(Key.parse("A dorian"));
        assertThat(other.tempo()).isEqualTo(100);
        assertThat(other.bars().get(0).number()).isZero();
        assertThat(other.bars().get(2).length().toDouble()).isEqualTo(2.5);
        assertThat(chords(other)).isEqualTo("null | Am G | Am");
    }

    /** ABC standard 2.1, sections 4.9 and 4.10: repeats, first and second endings in their several spellings. */
    @Test
    void readsAbcEndings() {
        for (String ending : List.of("|1 GABc:|2 dedB|]", "[1 GABc:|[2 dedB|]", "|[1 GABc:|[2 dedB|]")) {
            LeadSheet sheet =
                    read("X:1\nL:1/4\nM:4/4\nK:G\n|:cdef" + ending).get(0).sheet();
            assertThat(sheet.playingOrder()).as(ending).containsExactly(0, 1, 0, 2);
        }
        assertThat(read("X:1\nL:1/4\nM:4/4\nK:G\n|:cdef::GABc:|").get(0).sheet().playingOrder())
                .containsExactly(0, 0, 1, 1);
    }

    /** ABC standard 2.1, section 5.1: words under notes; and a second verse, which is left out. */
    @Test
    void readsAbcWordsVoicesAndAccidentals() {
        Imported tune = read("""
                X:1
                M:4/4
                L:1/4
                K:F
                V:1
                [V:1] "F"A B ^c =B|"^softly"d4 |
                w:one two three-ee|four
                w:other words here now|end
                V:2
                F,4|D,4|
                """).get(0);
        Bar first = tune.sheet().bars().get(0);
        assertThat(melody(first)).isEqualTo("A4 Bb4 C#5 B4");
        assertThat(first.melody()).extracting(n -> n.syllable(0)).containsExactly("one", "two", "three-", "ee");
        assertThat(tune.sheet().bars().get(1).text().notes()).containsExactly("softly");
        assertThat(tune.report().lines()).extracting(ImportReport.Line::what).contains("2 notes of the left hand");
        assertThat(first.melody()).extracting(n -> n.syllable(1)).containsExactly("other", "words", "here", "now");
    }

    /** ChordPro 6: its published directives for the heading, environments, comments, grids, capo. */
    @Test
    void readsChordPro() {
        Imported song = read("""
                # made up
                {title: Lamp on the Quay}
                {composer: A. Maker}
                {key: G}
                {time: 3/4}
                {tempo: 84}
                {capo: 2}
                {start_of_verse: label="First verse"}
                [G]Lamp on the [D7]quay, [*softly]burn [G]low
                {end_of_verse}
                {soc}
                The [C]boats come [G/B]home
                {eoc}
                {sog}
                | Am . D7 | G . . |
                {eog}
                """).get(0);
        LeadSheet sheet = song.sheet();
        assertThat(sheet.title()).isEqualTo("Lamp on the Quay");
        assertThat(sheet.heading().composer()).isEqualTo("A. Maker");
        assertThat(sheet.meter().toString()).isEqualTo("3/4");
        assertThat(sheet.tempo()).isEqualTo(84);
        assertThat(chords(sheet)).isEqualTo("G | D7 | G | C | G/B | Am D7 | G");
        assertThat(sheet.bars().get(0).section()).isEqualTo("First verse");
        assertThat(sheet.bars().get(3).section()).isEqualTo("Chorus");
        assertThat(sheet.bars().get(1).text().words()).isEqualTo("quay, burn");
        assertThat(sheet.bars().get(3).text().words()).isEqualTo("The boats come");
        assertThat(song.report().lines())
                .anyMatch(line -> line.fate() == Fate.GUESSED && line.what().startsWith("one bar for each chord"))
                .anyMatch(line -> line.what().startsWith("capo 2"));
    }

    /** Common practice: a chord stands over the syllable it falls on, in pasted text often a letter beside it. */
    @Test
    void laysAChordThatIsALetterOffOverItsWord() {
        String text = "Am         Dm\nLow burns the lamp on the quay\nF           C\nAll the gulls sleep\n";
        List<String> words = read(text).get(0).sheet().bars().stream()
                .map(bar -> bar.text().words())
                .toList();
        assertThat(words).containsExactly("Low burns", "the lamp on the quay", "All the gulls", "sleep");
        assertThat(read("C    G\nhometown light\n")
                        .get(0)
                        .sheet()
                        .bars()
                        .get(0)
                        .text()
                        .words())
                .isEqualTo("homet-");
    }

    @Test
    void readsChordsOverWords() {
        Imported song = read("""
                Lamp on the Quay
                Key: Em

                [Verse]
                Em            Am
                Lamp on the quay burn low
                B7       Em
                Boats come home
                Chorus:
                | C  G | Am  B7 |
                Home, come home, come home
                """).get(0);
        LeadSheet sheet = song.sheet();
        assertThat(sheet.title()).isEqualTo("Lamp on the Quay");
        assertThat(sheet.key()).isEqualTo(Key.parse("E minor"));
        assertThat(chords(sheet)).isEqualTo("Em | Am | B7 | Em | C G | Am B7");
        assertThat(sheet.bars().get(0).text().words()).isEqualTo("Lamp on the");
        assertThat(sheet.bars().get(1).text().words()).isEqualTo("quay burn low");
        assertThat(sheet.bars().get(4).section()).isEqualTo("Chorus");
    }

    @Test
    void findsTheKeyWhereNoneIsTold() {
        Imported song =
                read("Am   Dm  E7  Am\nla la la la\nF  C  E7  Am\nla la la la").get(0);
        assertThat(song.sheet().key()).isEqualTo(Key.parse("A minor"));
        assertThat(song.report().lines()).anyMatch(line -> line.what().startsWith("sounds like A minor"));
    }

    private static final String NOTES = """
            <attributes><divisions>2</divisions><key><fifths>%d</fifths></key>
            <time><beats>4</beats><beat-type>4</beat-type></time><staves>2</staves></attributes>
            <note><pitch><step>%s</step><octave>5</octave></pitch><duration>8</duration><voice>1</voice><staff>1</staff></note>
            <backup><duration>8</duration></backup>""";

    private static String left(String... steps) {
        StringBuilder out = new StringBuilder();
        for (String step : steps) {
            String name = step.substring(0, 1);
            String alter = step.contains("#") ? "<alter>1</alter>" : step.contains("b") ? "<alter>-1</alter>" : "";
            out.append("<note><pitch><step>")
                    .append(name)
                    .append("</step>")
                    .append(alter)
                    .append("<octave>")
                    .append(step.charAt(step.length() - 1))
                    .append("</octave></pitch><duration>1</duration><voice>5</voice><staff>2</staff></note>");
        }
        return out.toString();
    }

    private static String score(boolean timewise, String... measures) {
        StringBuilder out = new StringBuilder("<?xml version='1.0'?><!DOCTYPE score-partwise PUBLIC "
                + "'-//Recordare//DTD MusicXML 2.0 Partwise//EN' 'http://www.musicxml.org/dtds/partwise.dtd'>");
        String root = timewise ? "score-timewise" : "score-partwise";
        out.append("<")
                .append(root)
                .append(" version='2.0'><work><work-title>Study</work-title></work>")
                .append("<part-list><score-part id='P1'><part-name>Piano</part-name></score-part></part-list>");
        out.append(timewise ? "" : "<part id='P1'>");
        for (int i = 0; i < measures.length; i++) {
            out.append("<measure number='").append(i + 1).append("'>");
            out.append(timewise ? "<part id='P1'>" + measures[i] + "</part>" : measures[i])
                    .append("</measure>");
        }
        return out.append(timewise ? "" : "</part>")
                .append("</")
                .append(root)
                .append(">")
                .toString();
    }

    private static final String[] STUDY = {
        NOTES.formatted(0, "E") + left("C3", "G3", "E3", "G3", "C3", "G3", "E3", "G3"),
        NOTES.formatted(0, "F") + left("D3", "A3", "F3", "A3", "B2", "G3", "D3", "G3"),
        NOTES.formatted(0, "D") + left("B2", "G3", "D3", "F3", "B2", "G3", "D3", "F3"),
        NOTES.formatted(0, "C") + left("C3", "G3", "E3", "G3", "C3", "E3", "C3", "G2")
    };

    /** The lines of a verse are of equal length: what is more in one of them shares a bar, by where it stands. */
    @Test
    void givesTheLinesOfAVerseTheSameNumberOfBars() {
        String verse = """
                [Verse]
                C        G
                one two three four
                Am       F
                five six seven eight
                C        G
                nine ten eleven twelve
                %s
                """;
        assertThat(chords(read(verse.formatted("Am   F   G\nend of the verse now"))
                        .get(0)
                        .sheet()))
                .isEqualTo("C | G | Am | F | C | G | Am F | G");
        assertThat(chords(read(verse.formatted("Am       F   G\nend of the verse now"))
                        .get(0)
                        .sheet()))
                .isEqualTo("C | G | Am | F | C | G | Am | F G");
        // Where the lines agree on nothing, and in a verse of their own, chords have bars of their own.
        assertThat(chords(read("C  G  Am\none two three\nF  C\nfour five\n")
                        .get(0)
                        .sheet()))
                .isEqualTo("C | G | Am | F | C");
    }

    /** A chord that has the room of two holds for two bars, under words as long as those of the other lines. */
    @Test
    void holdsAChordWhereALineHasFewerThanTheOthers() {
        String three = """
                C    G    Am   F
                here and  there and
                C    G    Am   F
                this and  that and
                C    G    Am   F
                now  and  then and
                """;
        assertThat(lastLine(three, "Dm        G", "all of it comes back")).isEqualTo("Dm | Dm | G | G");
        assertThat(lastLine(three, "Dm             G", "all of it comes home")).isEqualTo("Dm | Dm | Dm | G");
        assertThat(lastLine(three, "C", "all of it is done now")).isEqualTo("C | C | C | C");
        assertThat(lastLine(three, "Dm   G    C", "all  of   it is done")).isEqualTo("Dm | G | C | C");
        assertThat(lastLine(three, "Dm        G    C", "all of it is well now")).isEqualTo("Dm | Dm | G | C");
        // A short line at the end is one, and chords without words tell nothing of their lengths.
        assertThat(lastLine(three, "G    C", "all done")).isEqualTo("G | C");
        assertThat(lastLine(three, "G    C", "")).isEqualTo("G | C");
        // Words go along.
        assertThat(read(three + "Dm        G\nall  of   it   comes\n").get(0).chart())
                .contains("w: all | of | it | comes");
    }

    /** The bars behind the twelve of three whole lines. */
    private static String lastLine(String lines, String chords, String words) {
        String all = chords(read(lines + chords + "\n" + words + "\n").get(0).sheet());
        return String.join(" | ", Stream.of(all.split(" \\| ")).skip(12).toList());
    }

    /** A chord inside a word parts it between syllables, each of which has a vowel; else it stands at the word's border. */
    @Test
    void partsWordsBetweenSyllablesOnly() {
        assertThat(words("Am         F\nsomebody calls a name")).containsExactly("somebody", "calls a name");
        assertThat(words("C          G\nlanterns begin to glow")).containsExactly("lanterns be-", "gin to glow");
        assertThat(words("C     G\nmorning comes")).containsExactly("morning", "comes");
        assertThat(words("C      G\nthat comes again")).containsExactly("that", "comes again");
        assertThat(words("C      G\nthe miller sings")).containsExactly("the mil-", "ler sings");
        assertThat(words("C     G\nthe strings ring")).containsExactly("the", "strings ring");
    }

    private static List<String> words(String song) {
        String line = read(song)
                .get(0)
                .chart()
                .lines()
                .filter(one -> one.startsWith("w:"))
                .findFirst()
                .orElseThrow();
        return Stream.of(line.substring(2).split("\\|"))
                .map(String::strip)
                .filter(words -> !words.isEmpty())
                .toList();
    }

    /** ChordPro 6: {@code {new_song}} begins another song of the same file. */
    @Test
    void readsTheSongsOfAChordProFile() {
        List<Imported> songs =
                read("{title: One}\n[C]la [G]la\n{new_song}\n{title: Two}\n{key: D}\n[D]la [A]la\n{ns}\n");
        assertThat(songs).extracting(song -> song.sheet().title()).containsExactly("One", "Two");
        assertThat(songs.get(1).sheet().key()).isEqualTo(Key.parse("D"));
        assertThat(chords(songs.get(1).sheet())).isEqualTo("D | A");
    }

    private static String sung(String step, int duration, String more) {
        return "<note><pitch><step>" + step + "</step><octave>5</octave></pitch><duration>" + duration
                + "</duration><voice>1</voice>" + more + "</note>";
    }

    private static final String QUARTERS =
            "<attributes><divisions>%d</divisions><key><fifths>0</fifths><mode>major</mode></key>"
                    + "<time><beats>4</beats><beat-type>4</beat-type></time></attributes>";

    /** A value that no chart can write costs its own length and nothing of the bar around it. */
    @Test
    void keepsABarWithOneNoteThatCannotBeWritten() {
        LeadSheet sheet = read(score(
                        false,
                        QUARTERS.formatted(128)
                                + sung("C", 128, "")
                                + sung("D", 1, "")
                                + sung("E", 127, "")
                                + sung("F", 256, "")))
                .get(0)
                .sheet();
        assertThat(melody(sheet.bars().get(0))).isEqualTo("C5 E5 F5");
        assertThat(sheet.bars().get(0).melody().get(2).onset()).hasToString("2");
    }

    /** MusicXML: the verses are known by the numbers of their lyrics; a word of the second alone is no word of the first. */
    @Test
    void keepsTheVersesApart() {
        String lyric = "<lyric number='%d'><syllabic>single</syllabic><text>%s</text></lyric>";
        Imported read = read(score(
                        false,
                        QUARTERS.formatted(1)
                                + sung("C", 1, lyric.formatted(1, "first"))
                                + sung("D", 1, lyric.formatted(2, "second"))
                                + sung("E", 2, lyric.formatted(1, "one") + lyric.formatted(2, "two"))))
                .get(0);
        assertThat(read.sheet().bars().get(0).melody())
                .extracting(SheetNote::verses)
                .containsExactly(List.of("first"), List.of("", "second"), List.of("one", "two"));
    }

    private static List<String> leftOut(Imported read) {
        return read.report().lines().stream()
                .filter(line -> line.fate() == Fate.LEFT_OUT)
                .map(ImportReport.Line::what)
                .toList();
    }

    /** What is not read is told, whatever the format. */
    @Test
    void tellsWhatIsNotRead() {
        String direction = "<direction><direction-type>%s</direction-type></direction>";
        String tempo = "<metronome><beat-unit>quarter</beat-unit><per-minute>90</per-minute></metronome>";
        Imported score = read(score(
                        false,
                        QUARTERS.formatted(1)
                                + direction.formatted("<dynamics><p/></dynamics>")
                                + sung(
                                        "C",
                                        4,
                                        "<notations><slur type='start'/><ornaments><trill-mark/></ornaments></notations>"),
                        direction.formatted(tempo)
                                + direction.formatted("<pedal type='start'/>")
                                + sung("C", 4, "<notations><slur type='stop'/></notations>")))
                .get(0);
        assertThat(leftOut(score)).containsExactlyInAnyOrder("ornaments", "changes of tempo");
        assertThat(signs(score)).isEqualTo("[!p!, (] [!ped!, )]");
        Imported abc =
                read("X:1\nT:Signs\nL:1/4\nK:C\n!p! (CD) ~E F | {g}A2 z2 |\n").get(0);
        assertThat(leftOut(abc)).containsExactlyInAnyOrder("ornaments", "grace notes");
        assertThat(signs(abc)).isEqualTo("[!p!, (] [)] [] [] [] []");
        assertThat(melody(abc.sheet().bars().get(0))).isEqualTo("C4 D4 E4 F4");
    }

    private static String signs(Imported tune) {
        return tune.sheet().bars().stream()
                .flatMap(bar -> bar.melody().stream())
                .map(note -> new TreeSet<>(note.signs()).toString())
                .collect(Collectors.joining(" "));
    }

    /** A pickup that is shorter than a chart can say lies at the end of the shortest one that it can. */
    @Test
    void laysTheShortestPickupAtTheEndOfItsBar() {
        Imported read = read(score(
                        false, QUARTERS.formatted(4) + sung("G", 1, ""), sung("C", 16, ""), sung("E", 15, "")))
                .get(0);
        Bar pickup = read.sheet().bars().get(0);
        assertThat(pickup.isPickup()).isTrue();
        assertThat(melody(pickup)).endsWith("G5");
        assertThat(pickup.melody().get(pickup.melody().size() - 1).end()).isEqualTo(pickup.length());
        assertThat(Chart.parse(read.chart()).bars().get(0).melody()).isEqualTo(pickup.melody());
    }

    /** A measure of more elements than any orchestra's is refused before it fills the memory. */
    @Test
    void refusesAMeasureOfTooManyElements() {
        String many = "<direction><direction-type><words>x</words></direction-type></direction>".repeat(60_000);
        assertThatThrownBy(() -> read(score(false, QUARTERS.formatted(1) + many)))
                .isInstanceOf(UnreadableFileException.class)
                .hasMessageContaining("elements");
    }

    /** A written-out Alberti bass: the chords are named from the broken figures, inversions and all. */
    @Test
    void namesTheChordsOfAWrittenOutPianoPiece() {
        Imported study = read(score(false, STUDY)).get(0);
        assertThat(chords(study.sheet())).isEqualTo("C | Dm G7/B | G7/B | C");
        assertThat(melody(study.sheet().bars().get(1))).isEqualTo("F5");
        assertThat(study.chart()).contains("C?");
        assertThat(study.report().lines())
                .anyMatch(line -> line.fate() == Fate.GUESSED && line.bars().equals("1–4"))
                .anyMatch(line -> line.fate() == Fate.READ && line.what().endsWith("notes of the left hand"));
    }

    @Test
    void readsTimewiseAndCompressedScoresAlike() throws Exception {
        Imported partwise = read(score(false, STUDY)).get(0);
        assertThat(read(score(true, STUDY)).get(0).chart()).isEqualTo(partwise.chart());
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            zip.putNextEntry(new ZipEntry("META-INF/container.xml"));
            zip.write(
                    "<container><rootfiles><rootfile full-path='inner/score.xml'/></rootfiles></container>".getBytes());
            zip.putNextEntry(new ZipEntry("a-cover.xml"));
            zip.write("<cover/>".getBytes());
            zip.putNextEntry(new ZipEntry("inner/score.xml"));
            zip.write(score(false, STUDY).getBytes());
        }
        assertThat(Importer.read("study.mxl", out.toByteArray()).get(0).chart()).isEqualTo(partwise.chart());
    }

    @Test
    void readsSymbolsRepeatsAndWordsOfMusicXml() {
        Imported tune = read(score(
                        false,
                        "<attributes><divisions>1</divisions><key><fifths>-3</fifths><mode>minor</mode></key>"
                                + "<time><beats>2</beats><beat-type>4</beat-type></time></attributes>"
                                + "<barline location='left'><repeat direction='forward'/></barline>"
                                + "<direction><direction-type><rehearsal>A</rehearsal></direction-type></direction>"
                                + "<harmony><root><root-step>C</root-step></root><kind>minor-seventh</kind>"
                                + "<bass><bass-step>E</bass-step><bass-alter>-1</bass-alter></bass></harmony>"
                                + "<note><pitch><step>C</step><octave>5</octave></pitch><duration>1</duration></note>"
                                + "<harmony><root><root-step>G</root-step></root><kind>dominant</kind>"
                                + "<degree><degree-value>9</degree-value><degree-alter>-1</degree-alter>"
                                + "<degree-type>add</degree-type></degree></harmony>"
                                + "<note><rest/><duration>1</duration></note>",
                        "<direction><direction-type><words>D.C. al Fine</words></direction-type></direction>"
                                + "<note><rest measure='yes'/><duration>2</duration></note>"
                                + "<barline location='right'><repeat direction='backward' times='3'/></barline>"))
                .get(0);
        assertThat(tune.sheet().key()).isEqualTo(Key.parse("C minor"));
        assertThat(chords(tune.sheet())).isEqualTo("Cm7/Eb G7b9 | G7b9");
        assertThat(tune.sheet().bars().get(0).section()).isEqualTo("A");
        assertThat(tune.sheet().bars().get(1).timesPlayed()).isEqualTo(3);
        assertThat(tune.sheet().bars().get(1).signs().marks()).containsExactly(Mark.DA_CAPO_AL_FINE);
    }

    @Test
    void tellsMinorFromTheLastBassNoteWhereTheModeIsMissing() {
        Imported piece = read(score(
                        false,
                        NOTES.formatted(1, "G") + left("E3", "B3", "G3", "B3", "E3", "B3", "G3", "B3"),
                        NOTES.formatted(1, "E") + left("E2", "B2", "G2", "B2", "E2", "B2", "E2", "E2")))
                .get(0);
        assertThat(piece.sheet().key()).isEqualTo(Key.parse("E minor"));
        assertThat(chords(piece.sheet())).isEqualTo("Em | Em");
    }

    /** A misspelt chord stays where it stood, marked, and takes neither its line nor its words away. */
    @Test
    void keepsAMisspeltChordInItsPlace() {
        Imported song = read("Am   Cmajj7\nhold on\nF   G77  C\nand let go").get(0);
        assertThat(song.chart()).contains("| Am | Cmajj7 |", "w: hold | on |", "| F | G77 | C |");
        assertThat(Chart.read(song.chart()).problems())
                .extracting(problem -> problem.place())
                .containsExactly("bar 2, beat 1", "bar 4, beat 1");
        assertThat(song.report().lines()).anyMatch(line -> line.what().contains("\"Cmajj7\", no chord known here"));
        Imported sheet = read("{title: Song}\n[C]one [Gmajj]two [F]three").get(0);
        assertThat(sheet.chart()).contains("| C | Gmajj | F |", "w: one | two | three |");
    }

    /** A score without a signature tells no key: it is heard, and the chart does not claim one. */
    @Test
    void claimsNoKeyForAScoreThatTellsNone() {
        String score = score(
                false,
                STUDY[0].replaceAll("<key>.*?</key>", ""),
                STUDY[1].replaceAll("<key>.*?</key>", ""),
                STUDY[2].replaceAll("<key>.*?</key>", ""),
                STUDY[3].replaceAll("<key>.*?</key>", ""));
        Imported study = read(score).get(0);
        assertThat(study.sheet().heading().keyTold()).isFalse();
        assertThat(study.sheet().key()).isEqualTo(Key.parse("C"));
        assertThat(study.chart()).doesNotContain("key:");
        assertThat(study.report().lines()).anyMatch(line -> line.what().startsWith("sounds like C major"));
    }

    /** MusicXML 4.0, transpose: a clarinet in B flat sounds a whole step lower than it is written. */
    @Test
    void hearsATransposingInstrumentWhereItSounds() {
        String part = """
                <score-partwise version="4.0"><part-list><score-part id="P1"/></part-list><part id="P1">
                <measure number="1"><attributes><divisions>1</divisions><key><fifths>2</fifths><mode>major</mode></key>
                <time><beats>4</beats><beat-type>4</beat-type></time>
                <transpose><diatonic>-1</diatonic><chromatic>-2</chromatic></transpose></attributes>
                <harmony><root><root-step>D</root-step></root><kind>major</kind></harmony>
                <note><pitch><step>F</step><alter>1</alter><octave>4</octave></pitch><duration>4</duration></note>
                </measure></part></score-partwise>""";
        LeadSheet sheet = read(part).get(0).sheet();
        assertThat(sheet.key()).isEqualTo(Key.parse("C"));
        assertThat(sheet.events().get(0).chord()).hasToString("C");
        assertThat(sheet.bars().get(0).melody().get(0).pitch()).hasToString("E4");
    }

    /** A tune without harmony under it has none to be read: chords are proposed for it, as guesses without odds. */
    @Test
    void proposesChordsForABareTune() {
        Imported tune =
                read("X:1\nT:Twinkle\nM:4/4\nL:1/4\nK:C\nCCGG|AAG2|FFEE|DDC2|").get(0);
        assertThat(tune.chart()).contains("| C? | F? C? |");
        assertThat(tune.sheet().events())
                .allMatch(event -> event.isGuess() && event.guess().percent() == 0);
        assertThat(tune.report().lines())
                .anyMatch(line -> line.what().equals("chords proposed for the tune, for it has none"));
    }

    /** A line in the left hand's staff alone is a bass and no tune; its notes are roots (common practice). */
    @Test
    void takesALineInTheLowerStaffForABass() {
        String rest = NOTES.replaceAll("(?s)<note>.*?</note>", "").replaceAll("(?s)<backup>.*?</backup>", "");
        Imported bass = read(score(
                        false,
                        rest.formatted(0) + left("C3", "C3", "C3", "C3", "C3", "C3", "C3", "C3"),
                        rest.formatted(0) + left("F3", "F3", "F3", "F3", "G3", "G3", "G3", "G3"),
                        rest.formatted(0) + left("C3", "C3", "C3", "C3", "C3", "C3", "C3", "C3")))
                .get(0);
        assertThat(chords(bass.sheet())).isEqualTo("C | F G | C");
    }

    /** A pasted line of tune is a chart as well; its bars are left open, and nothing of it is written anew. */
    @Test
    void takesALineOfTuneForAChart() {
        String text = "m: c2 d2 e4 | d2 B2 c4 |";
        Imported tune = read(text).get(0);
        assertThat(tune.chart()).isEqualTo(text);
        assertThat(tune.sheet().events()).allMatch(event -> event.isOpen());
        assertThat(tune.report().lines()).anyMatch(line -> line.what().startsWith("sounds like C major"));
    }

    /** Chords read from notes come with their odds, which the chart keeps. */
    @Test
    void tellsTheOddsOfChordsReadFromNotes() {
        Imported tune = read(score(false, STUDY)).get(0);
        assertThat(tune.sheet().events().get(0).guess().percent()).isBetween(1, 99);
        assertThat(Chart.parse(tune.chart()).events().get(0).guess())
                .isEqualTo(tune.sheet().events().get(0).guess());
    }
}
