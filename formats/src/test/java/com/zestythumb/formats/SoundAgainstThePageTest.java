package com.zestythumb.formats;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Choices;
import com.zestythumb.core.pattern.AccompanimentPattern;
import com.zestythumb.core.pattern.AccompanimentPatterns;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.voicing.StyleChoice;
import com.zestythumb.core.voicing.VoicingStyle;
import com.zestythumb.core.voicing.VoicingStyles;
import com.zestythumb.formats.midi.MidiFileWriter;
import com.zestythumb.formats.musicxml.MusicXmlWriter;
import com.zestythumb.formats.musicxml.MusicXmlWriter.Staves;
import java.io.ByteArrayInputStream;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import javax.sound.midi.MidiSystem;
import javax.sound.midi.Sequence;
import javax.sound.midi.ShortMessage;
import javax.sound.midi.Track;
import javax.xml.parsers.DocumentBuilderFactory;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;

/** A listener against a reader: onset and length of every key, from the page by the JDK's XML and from the sound by the JDK's MIDI. */
class SoundAgainstThePageTest {

    private static final int TICKS = 480;

    private record Key(int midi, long from, long to) {}

    /** A note of the page with its voice, still to be tied. */
    private record Note(int midi, String voice, long from, long to, boolean ties) {}

    /** Ten patterns in each meter and each tune, all patterns and all voicings in turn: 108 pages. */
    @ParameterizedTest
    @ValueSource(strings = {"4/4", "3/4", "2/4", "2/2", "6/8", "9/8", "12/8", "5/4", "7/8"})
    void everyKeySoundsAsItStandsThere(String meter) throws Exception {
        List<VoicingStyle> styles = VoicingStyles.all();
        List<AccompanimentPattern> figures = AccompanimentPatterns.all();
        for (int i = 0; i < 12; i++) {
            LeadSheet sheet =
                    Chart.parse("key: C\nmeter: " + meter + "\n| C | Am7 | >Dm7 | G7! |\n| C F | G7 | N.C. | C |");
            int turn = i * 9 + Math.floorMod(meter.hashCode(), 9);
            AccompanimentPattern pattern = figures.get(turn % figures.size());
            VoicingStyle style = styles.get(turn % styles.size());
            Arrangement tune =
                    Arrangement.of(sheet, Choices.USUAL.with(pattern).with(new StyleChoice(style, Map.of())));
            assertThat(sounding(tune))
                    .as(meter + " " + pattern.id() + " " + style.id())
                    .isEqualTo(written(tune));
        }
    }

    /** Both hands, with touch, ties, tuplets, voices and silences. Lines are parted by {@code //}. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "| C | F | // m: c2- c2 (3def g2 | (g4 .f2) .!tenuto!e2",
                "| C | // m: !arpeggio![c2e2g2] .d2 z4 & G4 F4 & E8 // l: [C,G,]2 .E,4 C,2 & C,8",
                "meter: 6/8 // | C | G | // m: c3 d2e | (3:2:3f2g2a2 b2 // l: C,3- C,2 E, | G,,6",
                "meter: 7/8 // | C | // m: c7 // l: C,2E,2G,3",
                "| C | F | // m: c3/2d/ e2 z2 f2- | f7/2 e/ d4 // l: C,8- | C,4 F,4"
            })
    void bothHandsSoundAsTheyStandThere(String chart) throws Exception {
        Arrangement tune = Arrangement.of(
                Chart.parse("key: C\n" + chart.replace(" // ", "\n")), Choices.USUAL.with(AccompanimentPatterns.BLOCK));
        assertThat(sounding(tune)).isEqualTo(written(tune));
    }

    private static List<Key> sounding(Arrangement tune) throws Exception {
        Sequence file = MidiSystem.getSequence(new ByteArrayInputStream(new MidiFileWriter().write(tune)));
        List<Key> keys = new ArrayList<>();
        for (Track track : file.getTracks()) {
            Map<Integer, Long> down = new HashMap<>();
            for (int i = 0; i < track.size(); i++) {
                if (track.get(i).getMessage() instanceof ShortMessage message) {
                    int key = message.getData1();
                    if (message.getCommand() == ShortMessage.NOTE_ON) {
                        down.put(key, track.get(i).getTick());
                    } else if (message.getCommand() == ShortMessage.NOTE_OFF) {
                        keys.add(new Key(key, down.remove(key), track.get(i).getTick()));
                    }
                }
            }
        }
        return sorted(keys);
    }

    private static List<Key> sorted(List<Key> keys) {
        return keys.stream()
                .sorted(Comparator.comparingLong(Key::from)
                        .thenComparingInt(Key::midi)
                        .thenComparingLong(Key::to))
                .toList();
    }

    private static List<Key> written(Arrangement tune) throws Exception {
        DocumentBuilderFactory factory = DocumentBuilderFactory.newInstance();
        factory.setFeature("http://apache.org/xml/features/nonvalidating/load-external-dtd", false);
        Document score = factory.newDocumentBuilder()
                .parse(new ByteArrayInputStream(new MusicXmlWriter(Staves.GRAND).write(tune)));
        List<Note> notes = notes(score);
        List<Key> keys = new ArrayList<>();
        for (String hand : new TreeSet<>(
                notes.stream().map(note -> note.voice().split(" ")[0]).toList())) {
            List<Note> own = notes.stream()
                    .filter(note -> note.voice().startsWith(hand + " "))
                    .toList();
            keys.addAll(onOneKeyboard(tied(own)));
        }
        return sorted(keys);
    }

    /** Notes in time; a voice is named by its staff and number. */
    private static List<Note> notes(Document score) {
        List<Note> notes = new ArrayList<>();
        int divisions = Integer.parseInt(
                text((Element) score.getElementsByTagName("attributes").item(0), "divisions"));
        NodeList measures = score.getElementsByTagName("measure");
        long barStart = 0;
        for (int m = 0; m < measures.getLength(); m++) {
            long at = 0;
            long end = 0;
            long last = 0;
            List<Element> struck = new ArrayList<>();
            for (var node = measures.item(m).getFirstChild(); node != null; node = node.getNextSibling()) {
                if (!(node instanceof Element element) || !has(element, "duration")) {
                    continue;
                }
                long length = Long.parseLong(text(element, "duration")) * TICKS / divisions;
                if (element.getTagName().equals("backup")) {
                    at -= length;
                } else if (element.getTagName().equals("forward")) {
                    at += length;
                } else {
                    boolean chord = has(element, "chord");
                    long from = chord ? last : at;
                    if (!chord) {
                        struck = struckWith(element);
                    }
                    if (has(element, "pitch")) {
                        long below = struck.stream()
                                .filter(one -> midi(one) < midi(element))
                                .count();
                        long late = has(element, "arpeggiate") ? below * TICKS / 12 : 0;
                        boolean ties = has(element, "tie") && ties(element);
                        Element first = struck.get(0);
                        double touch = has(first, "staccato") ? 0.5 : has(first, "detached-legato") ? 0.75 : 1;
                        double share = ties ? 1 : touch;
                        notes.add(new Note(
                                midi(element),
                                text(element, "staff") + " " + text(element, "voice"),
                                barStart + from + late,
                                barStart + from + Math.round(length * share),
                                ties));
                    }
                    last = from;
                    at = chord ? at : at + length;
                }
                end = Math.max(end, at);
            }
            barStart += end;
        }
        return notes;
    }

    /** A note and what is struck with it: a dot is written once to all of them. */
    private static List<Element> struckWith(Element first) {
        List<Element> struck = new ArrayList<>(List.of(first));
        for (var node = first.getNextSibling(); node != null; node = node.getNextSibling()) {
            if (node instanceof Element other && other.getTagName().equals("note")) {
                if (!has(other, "chord")) {
                    break;
                }
                struck.add(other);
            }
        }
        return struck.stream()
                .filter(note -> has(note, "pitch") || note == first)
                .toList();
    }

    private static boolean ties(Element note) {
        NodeList ties = note.getElementsByTagName("tie");
        for (int i = 0; i < ties.getLength(); i++) {
            if (((Element) ties.item(i)).getAttribute("type").equals("start")) {
                return true;
            }
        }
        return false;
    }

    private static int midi(Element note) {
        int step = List.of(0, 2, 4, 5, 7, 9, 11).get("CDEFGAB".indexOf(text(note, "step")));
        int alter = has(note, "alter") ? (int) Double.parseDouble(text(note, "alter")) : 0;
        return 12 * (Integer.parseInt(text(note, "octave")) + 1) + step + alter;
    }

    private static List<Key> tied(List<Note> notes) {
        List<Key> keys = new ArrayList<>();
        Map<String, Key> open = new HashMap<>();
        List<Note> inTime = new ArrayList<>(notes);
        inTime.sort(Comparator.comparingLong(Note::from));
        for (Note note : inTime) {
            String line = note.voice() + " " + note.midi();
            Key before = open.remove(line);
            boolean goesOn = before != null && before.to() == note.from();
            Key key = new Key(note.midi(), goesOn ? before.from() : note.from(), note.to());
            if (goesOn) {
                keys.remove(before);
            }
            keys.add(key);
            if (note.ties()) {
                open.put(line, key);
            }
        }
        return keys;
    }

    /** Two voices on one key strike it once, and the last of them lets it go. */
    private static List<Key> onOneKeyboard(List<Key> keys) {
        List<Key> all = new ArrayList<>();
        for (Key next : sorted(keys)) {
            Key last = all.stream()
                    .filter(key -> key.midi() == next.midi() && key.to() > next.from())
                    .reduce((a, b) -> b)
                    .orElse(null);
            if (last == null) {
                all.add(next);
                continue;
            }
            all.remove(last);
            long end = Math.max(last.to(), next.to());
            if (last.from() < next.from()) {
                all.add(new Key(last.midi(), last.from(), next.from()));
            }
            all.add(new Key(next.midi(), next.from(), end));
        }
        return all;
    }

    private static boolean has(Element parent, String name) {
        return parent.getElementsByTagName(name).getLength() > 0;
    }

    private static String text(Element parent, String name) {
        return parent.getElementsByTagName(name).item(0).getTextContent();
    }
}
