package com.zestythumb.formats;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Choices;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.sheet.ChartWriter;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.formats.abc.AbcWriter;
import com.zestythumb.formats.chordpro.ChordProWriter;
import com.zestythumb.formats.importing.Importer;
import com.zestythumb.formats.musicxml.MusicXmlWriter;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * What stands in a file is read or told, and never lost in silence. After the ABC standard 2.1, the documentation of ChordPro 6 and MusicXML
 * 4.0 (from memory). Of these cases four were right when they were first tried.
 */
class WhatIsKeptTest {

    private static Imported read(String name, String text) {
        return Importer.read(name, text.replace(" / ", "\n").getBytes(StandardCharsets.UTF_8))
                .get(0);
    }

    private static String chart(Imported brought) {
        return ChartWriter.write(brought.sheet())
                .lines()
                .filter(line -> !line.isBlank() && !line.matches("(title|key|tempo|meter):.*"))
                .collect(Collectors.joining(" / "));
    }

    /** What comes of a file's lines, and what is told of them. */
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            quoteCharacter = '`',
            value = {
                // A percent sign within quoted words; a rest of four bars; an octave of a voice; a field that goes on.
                "a.abc; X:1 / T:t / M:4/4 / L:1/8 / K:C / \"C\"\"^at 50% speed\"C4 D4 | \"F\"F8 |]; | C \"at 50% speed\" | F | / m: C4 D4 | F8 |; ",
                "a.abc; X:1 / T:t / M:4/4 / L:1/8 / K:C / \"C\"C8 | Z2 | \"F\"F8 |]; | C | C | C | F | / m: C8 | z8 | z8 | F8 |; ",
                "a.abc; X:1 / T:t / M:4/4 / L:1/8 / K:C octave=-1 / \"C\"c8 |]; | C | / m: C8 |; ",
                "a.abc; X:1 / T:t / M:4/4 / L:1/8 / K:C transpose=-2 / \"C\"c8 |]; | C | / m: c8 |; transpose=-2",
                "a.abc; X:1 / T:t / P:AABB / M:4/4 / L:1/8 / K:C / \"C\"C8 |]; | C | / m: C8 |; the order of parts, AABB",
                // The order of parts (standard 2.1, section 3.1.9): again at once, come back to, in brackets; one that
                // is not there.
                "a.abc; X:1 / T:t / P:AABB / M:4/4 / L:1/8 / K:C / P:A / \"C\"C8 | / P:B / \"G\"G8 |]; [Part A] / |: C :| / m: C8 | / [Part B] / |: G :| / m: G8 |; the order of parts, AABB",
                "a.abc; X:1 / T:t / P:A2.B / M:4/4 / L:1/8 / K:C / P:A / \"C\"C8 | / P:B / \"G\"G8 |]; [Part A] / |: C :| / m: C8 | / [Part B] / | G | / m: G8 |; the order of parts, A2.B",
                "a.abc; X:1 / T:t / P:(AB)2 / M:4/4 / L:1/8 / K:C / P:A / \"C\"C8 | / P:B / \"G\"G8 |]; [Part A] / | C | / m: C8 | / [Part B] / | G | / m: G8 | / [Part A] / | C | / m: C8 | / [Part B] / | G | / m: G8 |; the order of parts, (AB)2",
                "a.abc; X:1 / T:t / P:AAB / M:4/4 / L:1/8 / K:C / V:1 / V:2 clef=bass / P:A / [V:1] \"C\"C8 | / [V:2] C,8 | / P:B / [V:1] \"G\"G8 |] / [V:2] G,8 |]; [Part A] / |: C :| / m: C8 | / l: C,8 | / [Part B] / | G | / m: G8 | / l: G,8 |; the order of parts, AAB",
                "a.abc; X:1 / T:t / P:AAB / M:4/4 / L:1/8 / K:C / V:1 / V:2 clef=bass / V:1 / P:A / \"C\"C8 | / P:B / \"G\"G8 |] / V:2 / P:A / C,8 | / P:B / G,8 |]; [Part A] / |: C :| / m: C8 | / l: C,8 | / [Part B] / | G | / m: G8 | / l: G,8 |; the order of parts, AAB",
                "a.abc; X:1 / T:t / P:AAC / M:4/4 / L:1/8 / K:C / P:A / \"C\"C8 | / P:B / \"G\"G8 |]; [Part A] / | C | / m: C8 | / [Part B] / | G | / m: G8 |; for you to set",
                "a.abc; X:1 / T:t / M:4/4 / L:1/8 / K:C / \"C\"C4 C4| / w:one / +:two; | C | / m: C4 C4 | / w: one two; ",
                "a.abc; X:1 / T:t / M:4/4 / L:1/8 / K:C / \"?\"C8 | \"H7x\"C8 |]; | C? | H7x | / m: C8 | C8 |; not known here",
                // Words behind the last chord; a chord within a word; what is for some alone; what is told of the song.
                "a.cho; {key: C} / [C]One two [G]three / last words here; | C | G | / w: One two | three last words here |; ",
                "a.cho; {key: C} / [C]One two [G]three / and then [F]four; | C | G | / w: One two | three | / | F | / w: and then four |; ",
                "a.cho; {key: C} / [C]We be[F]gin; | C | F | / w: We be- | gin |; ",
                "a.cho; {key: C} / [C]co[F]mes home; | C F | / w: comes home |; ",
                "a.cho; {key: C} / [C]One [?]two [H7x]three; | C | ? | H7x | / w: One | two | three |; no chord known here",
                "a.cho; {key: C} / {comment-piano: loud} / [C]One; | C | / w: One |; {comment} for some players alone",
                "a.cho; {key: C} / {define-guitar: X frets 0 1} / [C]One; | C | / w: One |; {define} for some players alone",
                "a.cho; {key: C} / {copyright: 1900 Nobody} / [C]One; copyright: 1900 Nobody / | C | / w: One |; ",
                "a.cho; {key: C} / {transpose: 2} / [C]One; | C | / w: One |; transpose 2",
                "a.cho; {key: C} / {mood: merry} / [C]One; | C | / w: One |; {mood}, merry",
                "a.cho; {key: C} / [C]One / {start_of_abc} / X:1 / K:C / C8| / {end_of_abc} / [G]two; | C | / w: One | / | G | / w: two |; a passage in abc",
                // A page of an old printer; the app's own chart with a left hand.
                "a.txt; title: F / \f| C | F |; | C | F |; ",
                "own.txt; title: Own / key: C major / | C | F | / l: [C,E,G,]8 | [F,A,C]8 |; | C | F | / l: [C,E,G,]8 | [F,A,C]8 |; ",
            })
    void isReadOrTold(String name, String text, String kept, String told) {
        Imported brought = read(name, text);
        assertThat(chart(brought)).isEqualTo(kept);
        if (told != null) {
            assertThat(brought.report().lines())
                    .extracting(ImportReport.Line::what)
                    .anyMatch(what -> what.contains(told));
        }
    }

    @Test
    void aTempoMayHaveAFraction() {
        assertThat(read("a.cho", "{tempo: 92.5} / [C]One").sheet().heading().tempo())
                .isEqualTo(93);
        assertThat(read("a.cho", "{tempo: brisk} / [C]One").report().lines())
                .extracting(ImportReport.Line::what)
                .contains("the tempo \"brisk\"");
    }

    private static String score(String heading, String parts, String body) {
        return "<?xml version='1.0' encoding='UTF-8'?><score-partwise version='4.0'>" + heading + "<part-list>" + parts
                + "</part-list>" + body + "</score-partwise>";
    }

    private static final String TUNE = "<score-part id='P1'><part-name>Tune</part-name></score-part>";
    private static final String FIRST =
            "<attributes><divisions>1</divisions><key><fifths>0</fifths></key><time><beats>4</beats>"
                    + "<beat-type>4</beat-type></time></attributes>";

    private static String note(String step, int quarters) {
        return "<note><pitch><step>" + step + "</step><octave>5</octave></pitch><duration>" + quarters
                + "</duration></note>";
    }

    private static String harmony(String root) {
        return "<harmony><root><root-step>" + root + "</root-step></root><kind>major</kind></harmony>";
    }

    private static String tune(String... measures) {
        StringBuilder out = new StringBuilder("<part id='P1'>");
        for (int i = 0; i < measures.length; i++) {
            out.append("<measure number='")
                    .append(i + 1)
                    .append("'>")
                    .append(i == 0 ? FIRST : "")
                    .append(measures[i])
                    .append("</measure>");
        }
        return out.append("</part>").toString();
    }

    private static final String ONE_BAR = tune(harmony("C") + note("C", 4));

    @Test
    void scoresOfOtherProgramsAreReadAsTheyAreMeant() throws Exception {
        String key =
                harmony("C") + note("C", 2) + "<attributes><key><fifths>2</fifths></key></attributes>" + note("D", 2);
        assertThat(chart(read("a.xml", score("", TUNE, tune(key, harmony("D") + note("D", 4))))))
                .as("a key that changes within a bar")
                .isEqualTo("| C | {key D major} D | / m: c4 d4 | d8 |");
        String drums = "<score-part id='P0'><part-name>Kit</part-name></score-part>";
        String beats =
                "<part id='P0'><measure number='1'><attributes><clef><sign>percussion</sign></clef></attributes><note><unpitched/>"
                        + "<duration>4</duration></note></measure></part>";
        assertThat(chart(read("a.xml", score("", drums + TUNE, beats + ONE_BAR))))
                .as("drums stand first")
                .isEqualTo("| C | / m: c8 |");
        String again =
                "<attributes><measure-style><measure-repeat type='start'>1</measure-repeat></measure-style></attributes>"
                        + "<note><rest measure='yes'/><duration>4</duration></note>";
        String end = "<attributes><measure-style><measure-repeat type='stop'/></measure-style></attributes>";
        assertThat(chart(read(
                        "a.xml",
                        score(
                                "",
                                TUNE,
                                tune(
                                        harmony("C") + note("C", 2) + note("E", 2),
                                        again,
                                        again,
                                        end + harmony("F") + note("F", 4))))))
                .as("bars that repeat the bar before")
                .isEqualTo("| C | C | C | F | / m: c4 e4 | c4 e4 | c4 e4 | f8 |");
        assertThat(chart(read("a.xml", score("", TUNE, tune(harmony("C") + harmony("F") + note("C", 4))))))
                .as("two symbols at one place")
                .isEqualTo("| C F | / m: c8 |");
        String titles =
                "<work><work-title>Twelve Waltzes</work-title></work><movement-title>The Third</movement-title>";
        assertThat(read("a.xml", score(titles, TUNE, ONE_BAR)).sheet().title()).isEqualTo("Twelve Waltzes, The Third");
        String strange = score("<work><work-title>A\u0001B&#1;C</work-title></work>", TUNE, ONE_BAR);
        assertThat(read("a.xml", strange).sheet().title()).isEqualTo("ABC");
    }

    /** Names of parts in a compressed file as programs wrote them before they were in UTF-8. */
    @Test
    void aCompressedScoreMayHaveOldNames() throws Exception {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.ISO_8859_1)) {
            zip.putNextEntry(new ZipEntry("\u00c9t\u00fcde.xml"));
            zip.write(score("", TUNE, ONE_BAR).getBytes(StandardCharsets.UTF_8));
        }
        assertThat(chart(Importer.read("a.mxl", out.toByteArray()).get(0))).isEqualTo("| C | / m: c8 |");
    }

    /** Standard MIDI Files 1.0 (from memory): a title in Latin letters, a meter that comes later, a status that runs on. */
    @Test
    void midiFilesOfOtherProgramsAreReadAsTheyAreMeant() {
        ByteArrayOutputStream track = new ByteArrayOutputStream();
        track.writeBytes(
                new byte[] {0, (byte) 0xFF, 3, 5, (byte) 0xC9, 't', (byte) 0xFC, 'd', 'e', 0, (byte) 0xFF, 5, 1, 'a'});
        track.writeBytes(new byte[] {0, (byte) 0xE0, 0, 80});
        for (int i = 0; i < 7; i++) {
            // Four quarters of C, then the meter of three and three of D: their status runs on behind the meter.
            int key = i < 4 ? 72 : 74;
            track.writeBytes(i == 0 ? new byte[] {0, (byte) 0x90, (byte) key, 64} : new byte[] {0, (byte) key, 64});
            track.writeBytes(new byte[] {(byte) 0x83, 0x60, (byte) key, 0});
            if (i == 3) {
                track.writeBytes(new byte[] {0, (byte) 0xFF, 0x58, 4, 3, 2, 24, 8});
            }
        }
        track.writeBytes(new byte[] {0, (byte) 0xFF, 0x2F, 0});
        ByteArrayOutputStream file = new ByteArrayOutputStream();
        file.writeBytes(new byte[] {
            'M', 'T', 'h', 'd', 0, 0, 0, 6, 0, 0, 0, 1, 1, (byte) 0xE0, 'M', 'T', 'r', 'k', 0, 0, 0, (byte) track.size()
        });
        file.writeBytes(track.toByteArray());
        Imported brought = Importer.read("a.mid", file.toByteArray()).get(0);
        assertThat(brought.sheet().title()).isEqualTo("\u00c9t\u00fcde");
        assertThat(brought.sheet().bars())
                .extracting(bar -> bar.meter().toString())
                .containsExactly("4/4", "3/4");
        assertThat(brought.sheet().bars().get(1).melody()).hasSize(3);
        assertThat(brought.report().lines())
                .extracting(ImportReport.Line::what)
                .contains("the words that are sung", "bent pitches")
                .noneMatch(what -> what.contains("breaks off"));
    }

    private static final String[] CHORDS = {
        "C", "Dm", "Em7", "F", "G7", "Am", "Bm7b5", "G/B", "Fmaj7", "Bb", "D7/F#", "Asus4", "Ebdim7", "C6", "N.C.", "?",
        "F#m7"
    };

    private static String any(Random random, String... some) {
        return some[random.nextInt(some.length)];
    }

    /** A chart as somebody may type it: keys, meters, sections, repeats, a tune, a written left hand, words. */
    private static String randomChart(Random random) {
        StringBuilder out = new StringBuilder(
                "title: Any\nkey: " + any(random, "C", "G", "F minor", "Bb", "E minor", "A") + "\nmeter: ");
        int counts = 2 + random.nextInt(3);
        out.append(counts)
                .append("/4\ntempo: ")
                .append(60 + random.nextInt(100))
                .append('\n');
        boolean sings = random.nextBoolean();
        boolean written = random.nextInt(3) == 0;
        for (int line = 0; line < 1 + random.nextInt(3); line++) {
            out.append(random.nextInt(3) == 0 ? "[" + any(random, "Verse", "Bridge", "A") + "]\n" : "");
            boolean repeats = random.nextInt(4) == 0;
            List<String> bars = new ArrayList<>();
            List<String> tune = new ArrayList<>();
            List<String> hand = new ArrayList<>();
            List<String> words = new ArrayList<>();
            for (int bar = 0; bar < 4; bar++) {
                bars.add(
                        any(random, CHORDS) + (counts == 4 && random.nextInt(3) == 0 ? " " + any(random, CHORDS) : ""));
                tune.add(random.ints(counts, 0, 5)
                        .mapToObj(i -> List.of("c2", "_e2", "g2", "^f d", "z2").get(i))
                        .collect(Collectors.joining(" ")));
                hand.add("[C,E,G,]" + 2 * counts);
                words.add("la la");
            }
            out.append(repeats ? "|: " : "| ").append(String.join(" | ", bars)).append(repeats ? " :|\n" : " |\n");
            out.append(sings ? "m: " + String.join(" | ", tune) + " |\n" : "");
            out.append(written ? "l: " + String.join(" | ", hand) + " |\n" : "");
            out.append(random.nextBoolean() ? "w: " + String.join(" | ", words) + "\n" : "");
        }
        return out.toString();
    }

    private static List<String> symbols(LeadSheet sheet) {
        return sheet.events().stream().map(ChordEvent::written).toList();
    }

    /** What this app writes, it reads as it was. */
    @Test
    void fiveHundredSheetsComeBack() {
        Random random = new Random(39);
        for (int round = 0; round < 500; round++) {
            LeadSheet sheet = Chart.read(randomChart(random)).sheet();
            String written = ChartWriter.write(sheet);
            Imported own =
                    Importer.read("", written.getBytes(StandardCharsets.UTF_8)).get(0);
            assertThat(own.report().format()).as(written).isEqualTo("chart");
            assertThat(ChartWriter.write(own.sheet())).isEqualTo(written);
            Arrangement arranged = Arrangement.of(sheet, Choices.USUAL);
            for (byte[] file : List.of(
                    new MusicXmlWriter(MusicXmlWriter.Staves.GRAND).write(arranged),
                    new AbcWriter().write(sheet).getBytes(StandardCharsets.UTF_8))) {
                LeadSheet back = Importer.read("", file).get(0).sheet();
                assertThat(back.bars()).as(written).hasSameSizeAs(sheet.bars());
                assertThat(symbols(back)).as(written).isEqualTo(symbols(sheet));
            }
            List<String> sung = new ArrayList<>(symbols(sheet));
            LeadSheet song = Importer.read("", new ChordProWriter().write(sheet).getBytes(StandardCharsets.UTF_8))
                    .get(0)
                    .sheet();
            assertThat(symbols(song)).as(written).containsAll(sung.subList(0, 1));
        }
    }
}
