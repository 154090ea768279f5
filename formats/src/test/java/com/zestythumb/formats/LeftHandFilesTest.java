package com.zestythumb.formats;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Choices;
import com.zestythumb.core.arrangement.Score.Part;
import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.sheet.SheetNote;
import com.zestythumb.core.sheet.Touch;
import com.zestythumb.formats.abc.AbcWriter;
import com.zestythumb.formats.importing.Importer;
import com.zestythumb.formats.midi.MidiFileWriter;
import com.zestythumb.formats.musicxml.MusicXmlWriter;
import com.zestythumb.formats.musicxml.MusicXmlWriter.Staves;
import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.TreeSet;
import javax.xml.parsers.DocumentBuilderFactory;
import javax.xml.xpath.XPathConstants;
import javax.xml.xpath.XPathFactory;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.w3c.dom.Document;
import org.w3c.dom.NodeList;

/** Both staves of a page go in and out of files with all their notes and what stands at them. */
class LeftHandFilesTest {

    /** Textures of accompaniment as the manuals have them (common practice), each of our own notes. */
    private static final List<String> TEXTURES = List.of(
            // Broken chords by Alberti's turn; in octaves with the chord; a waltz.
            "C,G,E,G, C,G,E,G, | D,A,F,A, B,,G,D,G,",
            "[C,,C,]2 [E,G,C]2 [G,,,G,,]2 [E,G,C]2 | [F,,F,]4 [A,,A,]4",
            "C,,2 [E,G,]2 [E,G,]2 z2 | G,,,2 [F,B,]2 [F,B,]2 z2",
            // A held thumb over walking fingers, and a held bass under pulses.
            "G,8 & C,2 E,2 D,2 F,2 | G,8 & E,2 C,2 D,2 B,,2",
            "z2 [E,G,]2 [E,G,]2 [E,G,]2 & C,,8 | z2 [F,A,]2 [F,A,]2 [F,A,]2 & C,,8",
            // Triplets, a rest among them, a rolled chord, dots, ties over the line, fingers.
            "(3C,E,G, (3CG,E, (3C,zG, C,2 | !arpeggio![F,A,C]8",
            ".C,.E,.G,.E, C,4- | C,4 ^F,,2 =F,,2",
            "!5!C,2 !3!E,2 !1!G,2 !2!E,2 | [!5!C,!2!G,!1!C]4 .!tenuto![C,G,]4",
            // Three voices; dotted rhythms.
            "C4 B,4 & z2 E,2 z2 F,2 & C,8 | A,8 & F,4 E,4 & F,,8",
            "C,3 G,/2A,/2 C,3 G, | F,,>C, F,>C, F,,6",
            // Loudness, hairpins, slurs, accents, holds, breath; the pedal; a clef that changes midway and back.
            "!p!(C,2 !<(!E,2 G,2) !<)!!f!!>!C,2 | !>(!(F,2 A,2 !breath!C2) !>)!!fermata!F,2",
            "!ped!C,2 G,2 !ped-up!!ped!C,2 G,2 | !ped!F,,8!ped-up!",
            "C,2 [K:clef=treble]E2 G2 c2 | [K:clef=bass]F,4 !sfz!F,,4",
            "!ff!C,4 z2 !pp!z2 | !mf!F,4 !ped!z2 !ped-up!z2");

    /** What the right hand has beneath a tune: thirds and chords, a second voice, one tied and one in triplets, signs. */
    private static final List<String> UPPER = List.of(
            "[ce]2 [df]2 [eg]4 | [FAc]2 z2 [Ac-]4",
            "c4 B4 & E2 F2 D4 | c8 & A2 G2 F4",
            "(3[ce][df][eg] c2 [Gc]4- | [Gc]2 A2 !3![Fc]4",
            "!p!(c2 d2 !<(!e2 f2) | !<)!!f!.[ac'] .[ac'] !fermata![fa]6 & c2 c6");

    private static byte[] file(LeadSheet sheet) {
        return new MusicXmlWriter(Staves.GRAND).write(Arrangement.of(sheet, Choices.USUAL));
    }

    /** What lasts: keys, time, ties, tuplets, touch and signs; fingers as far as they were written. */
    private static List<List<String>> told(Bar bar, Bar fingers) {
        List<List<String>> voices = new ArrayList<>(told(bar.upper(), fingers.upper()));
        voices.addAll(told(bar.left(), fingers.left()));
        return voices;
    }

    private static List<List<String>> told(List<List<SheetNote>> hand, List<List<SheetNote>> fingers) {
        List<List<String>> voices = new ArrayList<>();
        for (int voice = 0; voice < hand.size(); voice++) {
            List<SheetNote> notes = hand.get(voice);
            List<String> told = new ArrayList<>();
            for (int i = 0; i < notes.size(); i++) {
                SheetNote note = notes.get(i);
                boolean fingered = voice < fingers.size()
                        && i < fingers.get(voice).size()
                        && fingers.get(voice).get(i).finger() > 0;
                told.add((note.isRest() ? "z" : note.pitch()) + "@" + note.onset() + "*" + note.duration()
                        + (note.tied() ? "-" : "") + note.tuplet() + note.touch() + new TreeSet<>(note.signs())
                        + (fingered ? note.finger() : ""));
            }
            voices.add(told);
        }
        return voices;
    }

    private static void comesBack(String chart, boolean abc) {
        LeadSheet written = Chart.read(chart).sheet();
        LeadSheet sheet = new LeadSheet(written.heading(), VoiceRepair.tiesRepaired(written.bars()));
        byte[] file = abc ? new AbcWriter().write(sheet).getBytes(StandardCharsets.UTF_8) : file(sheet);
        LeadSheet read =
                Importer.read(abc ? "page.abc" : "page.musicxml", file).get(0).sheet();
        for (Bar bar : sheet.bars()) {
            assertThat(told(read.bars().get(bar.index()), bar)).as(chart).isEqualTo(told(bar, bar));
        }
    }

    @ParameterizedTest
    @ValueSource(booleans = {false, true})
    void everyUpperStaffComesBack(boolean abc) {
        for (String upper : UPPER) {
            comesBack("| C | F |\nm: " + upper + "\nl: C,8 | F,8", abc);
        }
    }

    @ParameterizedTest
    @ValueSource(booleans = {false, true})
    void everyTextureComesBack(boolean abc) {
        for (String texture : TEXTURES) {
            comesBack("| C | F |\nm: c8 | a8 |\nl: " + texture, abc);
        }
    }

    /** MIDI knows keys and times: every key that goes down in the one goes down in the other, ties as one stroke. */
    @Test
    void everyKeyComesBackFromMidi() {
        TEXTURES.forEach(LeftHandFilesTest::keysComeBack);
        Random random = new Random(9);
        String[] lengths = {"2", "4", "", "3"};
        for (int tune = 0; tune < 100; tune++) {
            // Triplets that begin between the beats are rounded: a file of times alone does not tell them.
            String left = voice(random, lengths) + " | " + voice(random, lengths);
            keysComeBack(left.replace("(3", ""));
        }
    }

    /** What is beneath the tune sounds in its track, so that the left hand is the lower of two all the same. */
    @Test
    void thirdsAboveTakeNothingFromTheLeftHand() {
        LeadSheet sheet = Chart.read("| C | F |\nm: [ce]4 [eg]4 | [fa]8 & c8 |\nl: C,2 G,2 E,2 G,2 | F,,8")
                .sheet();
        LeadSheet read = Importer.read("page.mid", new MidiFileWriter().write(Arrangement.of(sheet, Choices.USUAL)))
                .get(0)
                .sheet();
        assertThat(struck(read)).isEqualTo(struck(sheet));
        assertThat(read.bars().get(0).melody())
                .extracting(note -> note.pitch().toString())
                .containsExactly("E5", "G5");
    }

    private static void keysComeBack(String left) {
        LeadSheet sheet =
                Chart.read("| C | F |\nm: c2 e2 d2 c2 | a2 f2 c4 |\nl: " + left).sheet();
        byte[] file = new MidiFileWriter().write(Arrangement.of(sheet, Choices.USUAL));
        LeadSheet read = Importer.read("page.mid", file).get(0).sheet();
        assertThat(struck(read)).as(left).isEqualTo(struck(sheet));
    }

    private static List<String> struck(LeadSheet sheet) {
        return Arrangement.of(sheet, Choices.USUAL).score().sounds().stream()
                .filter(sound -> sound.part() == Part.LEFT)
                .map(sound -> sound.from() + " " + sound.key())
                .distinct()
                .sorted()
                .toList();
    }

    /** Any left hand that can be written, in values that are written with one head. */
    @ParameterizedTest
    @ValueSource(booleans = {false, true})
    void anyLeftHandComesBack(boolean abc) {
        Random random = new Random(8);
        String[] lengths = {"2", "4", "", "3"};
        for (int tune = 0; tune < 150; tune++) {
            comesBack(
                    "key: " + List.of("C", "Bb", "E", "F#m").get(random.nextInt(4)) + "\n| C | F |\nm: "
                            + line(random, lengths) + " |\nl: " + line(random, lengths),
                    abc);
        }
    }

    private static String line(Random random, String[] lengths) {
        StringBuilder line = new StringBuilder();
        for (int bar = 0; bar < 2; bar++) {
            line.append(bar == 0 ? "" : " | ");
            int voices = 1 + random.nextInt(3);
            for (int voice = 0; voice < voices; voice++) {
                line.append(voice > 0 ? " & " : "").append(signed(voice(random, lengths), voice == 0, random));
            }
        }
        return line.toString();
    }

    /** With signs here and there; those that stand between the staves at the first voice alone. */
    private static String signed(String voice, boolean first, Random random) {
        StringBuilder signed = new StringBuilder();
        for (String part : voice.split("(?=\\[|!\\d!\\[|\\(3|\\.)")) {
            boolean starts = part.startsWith("[") || part.startsWith(".") || part.startsWith("(3");
            if (starts && random.nextInt(3) == 0) {
                List<String> signs = first
                        ? List.of("!p!", "!f!", "!sfz!", "!<(!", "!>(!", "!ped!", "!ped-up!", "(", "!>!", "!breath!")
                        : List.of("!fermata!", "!>!", "(", "!breath!");
                signed.append(signs.get(random.nextInt(signs.size())));
            }
            signed.append(part);
        }
        return signed + (random.nextInt(4) == 0 ? ")" : "");
    }

    private static String voice(Random random, String[] lengths) {
        StringBuilder voice = new StringBuilder();
        int eighths = 8;
        while (eighths > 0) {
            boolean triplet = eighths > 1 && random.nextInt(6) == 0;
            String length = triplet ? "" : lengths[random.nextInt(lengths.length)];
            int lasts = triplet ? 2 : length.isEmpty() ? 1 : Integer.parseInt(length);
            if (lasts > eighths) {
                continue;
            }
            voice.append(triplet ? "(3" : "");
            for (int n = triplet ? 3 : 1; n > 0; n--) {
                voice.append(struck(random)).append(length).append(random.nextInt(5) == 0 ? "-" : "");
            }
            eighths -= lasts;
        }
        // A voice that is silent throughout is none.
        return voice.toString().replaceFirst("[A-G]|z", "!2!C").replaceFirst("C-", "C");
    }

    private static String struck(Random random) {
        TreeSet<Integer> keys = new TreeSet<>();
        for (int n = random.nextInt(3) == 0 ? 3 : 1; n > 0; n--) {
            keys.add(random.nextInt(7));
        }
        StringBuilder notes = new StringBuilder();
        for (int key : keys) {
            notes.append(random.nextInt(4) == 0 ? "!" + (1 + random.nextInt(5)) + "!" : "")
                    .append(List.of("", "", "^", "_", "=").get(random.nextInt(5)))
                    .append("CDEFGAB".charAt(key))
                    .append(',');
        }
        return (random.nextInt(6) == 0 ? "." : "") + (keys.size() > 1 ? "[" + notes + "]" : notes);
    }

    /** Every note of the lower staff is there, counted in the file by the JDK's XPath. */
    @ParameterizedTest
    @CsvSource({"invention-4.xml, //part[1]//note[staff='2'", "maman.xml, //part[2]//note[not(staff)"})
    void noNoteOfARealPageIsLost(String name, String lower) throws Exception {
        byte[] bytes = Files.readAllBytes(Path.of("src/test/resources/real", name));
        DocumentBuilderFactory factory = DocumentBuilderFactory.newInstance();
        factory.setFeature("http://apache.org/xml/features/nonvalidating/load-external-dtd", false);
        Document score = factory.newDocumentBuilder().parse(new ByteArrayInputStream(bytes));
        NodeList notes = (NodeList) XPathFactory.newInstance()
                .newXPath()
                .evaluate(lower + " and pitch and not(grace)]", score, XPathConstants.NODESET);
        LeadSheet sheet = Importer.read(name, bytes).get(0).sheet();
        List<SheetNote> left = sheet.bars().stream()
                .flatMap(bar -> bar.allOfLeft().stream())
                .filter(note -> !note.isRest())
                .toList();
        assertThat(notes.getLength()).isPositive();
        assertThat(left).hasSize(notes.getLength());
        assertThat(left).allMatch(note -> note.touch() == Touch.PLAIN || note.touch() == Touch.SHORT);
    }
}
