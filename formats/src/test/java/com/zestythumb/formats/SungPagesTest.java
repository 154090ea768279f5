package com.zestythumb.formats;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Choices;
import com.zestythumb.core.checking.Finding;
import com.zestythumb.core.checking.Findings;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.pitch.PitchClass;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.sheet.ChartWriter;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.voiceleading.School;
import com.zestythumb.core.voicing.Hand;
import com.zestythumb.formats.importing.Importer;
import com.zestythumb.formats.musicxml.MusicXmlWriter;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/**
 * The examiner's phrases in four parts (corpus/examiner-faults.txt and examiner-clean.txt of the core) as pages of other notations: a
 * staff for each part, a voice for each, two staves with two voices. What is found in the chart is found in each of them.
 */
class SungPagesTest {

    private static final Path LISTS = Path.of("../core/src/test/resources/corpus");
    private static final int BAR = 48;
    private static final Map<String, String> KINDS = Map.of(
            "",
            "major",
            "m",
            "minor",
            "7",
            "dominant",
            "m7",
            "minor-seventh",
            "maj7",
            "major-seventh",
            "dim",
            "diminished",
            "dim7",
            "diminished-seventh",
            "m7b5",
            "half-diminished",
            "sus4",
            "suspended-fourth");

    /** Notes and ties of a part, bar by bar. */
    private record Note(String pitch, int units, boolean tied) {}

    private record Phrase(String line, String key, List<List<String>> chords, Map<String, List<List<Note>>> voices) {

        boolean isInFourParts() {
            return String.join("", voices.keySet()).equals("SATB");
        }

        boolean hasSymbolsForAll() {
            return chords.stream().flatMap(List::stream).allMatch(chord -> KINDS.containsKey(kind(chord)));
        }
    }

    private static String kind(String chord) {
        return chord.replaceAll("^[A-G][#b]?", "").replaceAll("/.*", "");
    }

    private static Stream<Phrase> phrases(String file) {
        try {
            return Files.readAllLines(LISTS.resolve(file)).stream()
                    .filter(line -> !line.isBlank() && !line.startsWith("#") && line.contains(" ; S "))
                    .map(SungPagesTest::phrase)
                    .filter(Phrase::isInFourParts)
                    .filter(Phrase::hasSymbolsForAll);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Phrase phrase(String line) {
        String[] fields = line.split(" ; ");
        List<List<String>> chords = Arrays.stream(fields[1].split("\\|"))
                .map(bar -> List.of(bar.strip().split(" +")))
                .toList();
        Map<String, List<List<Note>>> voices = new LinkedHashMap<>();
        for (String field : List.of(fields).subList(2, fields.length)) {
            if (field.strip().matches("[SATB] .*")) {
                voices.put(field.strip().substring(0, 1), notes(field.strip().substring(2), chords));
            }
        }
        return new Phrase(line, fields[0], chords, voices);
    }

    private static List<List<Note>> notes(String words, List<List<String>> chords) {
        List<String> each = List.of(words.split(" +"));
        List<List<Note>> bars = new ArrayList<>();
        String last = "";
        int chord = 0;
        for (List<String> bar : chords) {
            List<Note> notes = new ArrayList<>();
            for (int i = 0; i < bar.size(); i++) {
                String[] shares = each.get(chord++).split(",");
                for (String share : shares) {
                    if (share.equals("~")) {
                        List<Note> before = notes.isEmpty() ? bars.get(bars.size() - 1) : notes;
                        Note tied = before.remove(before.size() - 1);
                        before.add(new Note(tied.pitch(), tied.units(), true));
                    }
                    last = share.equals("~") ? last : share;
                    notes.add(new Note(last, BAR / bar.size() / shares.length, false));
                }
            }
            bars.add(notes);
        }
        return bars;
    }

    private static String keyOf(Phrase phrase) {
        return phrase.key().replace("m", "") + (phrase.key().endsWith("m") ? " minor" : " major");
    }

    private static String abc(Note note) {
        Pitch pitch = Pitch.parse(note.pitch());
        int alteration = pitch.pitchClass().alteration();
        String sign = alteration == 0 ? "=" : (alteration > 0 ? "^" : "_").repeat(Math.abs(alteration));
        String letter = pitch.pitchClass().letter().toString();
        int octave = Math.floorDiv(pitch.staffStep(), 7);
        return sign
                + (octave >= 5
                        ? letter.toLowerCase(Locale.ROOT) + "'".repeat(octave - 5)
                        : letter + ",".repeat(4 - octave))
                + note.units() / 6
                + (note.tied() ? "- " : " ");
    }

    private static String abc(List<Note> bar) {
        return bar.stream().map(SungPagesTest::abc).collect(Collectors.joining());
    }

    private static String chart(Phrase phrase) {
        List<String> upper = new ArrayList<>();
        List<String> lower = new ArrayList<>();
        for (int bar = 0; bar < phrase.chords().size(); bar++) {
            upper.add(abc(phrase.voices().get("S").get(bar)) + "& "
                    + abc(phrase.voices().get("A").get(bar)));
            lower.add(abc(phrase.voices().get("T").get(bar)) + "& "
                    + abc(phrase.voices().get("B").get(bar)));
        }
        return "key: " + keyOf(phrase) + "\nmeter: 4/4\ntempo: 60\n| "
                + phrase.chords().stream().map(bar -> String.join(" ", bar)).collect(Collectors.joining(" | "))
                + " |\nm: " + String.join(" | ", upper) + " |\nl: " + String.join(" | ", lower) + " |\n";
    }

    private static String voicesOfAbc(Phrase phrase) {
        StringBuilder text = new StringBuilder("X:1\nM:4/4\nL:1/8\nQ:1/4=60\nK:" + phrase.key() + "\n");
        int number = 1;
        for (Map.Entry<String, List<List<Note>>> voice : phrase.voices().entrySet()) {
            text.append("V:").append(number++).append(voice.getKey().matches("[TB]") ? " clef=bass\n" : "\n");
            for (int bar = 0; bar < voice.getValue().size(); bar++) {
                List<String> chords = new ArrayList<>(phrase.chords().get(bar));
                int length = BAR / chords.size();
                int at = 0;
                for (Note note : voice.getValue().get(bar)) {
                    boolean begins = voice.getKey().equals("S") && at % length == 0;
                    text.append(begins ? "\"" + chords.get(at / length) + "\"" : "")
                            .append(abc(note));
                    at += note.units();
                }
                text.append("| ");
            }
            text.append('\n');
        }
        return text.toString();
    }

    private static String stavesOfMusicXml(Phrase phrase) {
        StringBuilder text = new StringBuilder("<score-partwise version=\"4.0\"><part-list>");
        phrase.voices()
                .keySet()
                .forEach(name -> text.append(
                        "<score-part id=\"" + name + "\"><part-name>" + name + "</part-name></score-part>"));
        text.append("</part-list>");
        com.zestythumb.core.pitch.Key key = com.zestythumb.core.pitch.Key.parse(keyOf(phrase));
        for (Map.Entry<String, List<List<Note>>> voice : phrase.voices().entrySet()) {
            text.append("<part id=\"" + voice.getKey() + "\">");
            String clef = voice.getKey().matches("[TB]") ? "F" : "G";
            for (int bar = 0; bar < voice.getValue().size(); bar++) {
                text.append("<measure number=\"" + (bar + 1) + "\">");
                if (bar == 0) {
                    text.append("<attributes><divisions>12</divisions><key><fifths>" + key.signature()
                            + "</fifths><mode>" + key.mode() + "</mode></key><time><beats>4</beats><beat-type>4"
                            + "</beat-type></time><clef><sign>" + clef + "</sign></clef></attributes>");
                }
                List<String> chords = phrase.chords().get(bar);
                int length = BAR / chords.size();
                int at = 0;
                for (Note note : voice.getValue().get(bar)) {
                    if (voice.getKey().equals("S") && at % length == 0) {
                        text.append(harmony(chords.get(at / length)));
                    }
                    Pitch pitch = Pitch.parse(note.pitch());
                    text.append("<note><pitch><step>" + pitch.pitchClass().letter() + "</step><alter>"
                            + pitch.pitchClass().alteration() + "</alter><octave>" + pitch.octave()
                            + "</octave></pitch><duration>" + note.units() + "</duration>"
                            + (note.tied() ? "<tie type=\"start\"/>" : "") + "<voice>1</voice></note>");
                    at += note.units();
                }
                text.append("</measure>");
            }
            text.append("</part>");
        }
        return text.append("</score-partwise>").toString();
    }

    private static String harmony(String chord) {
        PitchClass root = PitchClass.parse(chord.replaceAll("^([A-G][#b]?).*", "$1"));
        String bass = chord.contains("/") ? chord.replaceAll(".*/", "") : "";
        return "<harmony><root><root-step>" + root.letter() + "</root-step><root-alter>" + root.alteration()
                + "</root-alter></root><kind>" + KINDS.get(kind(chord)) + "</kind>"
                + (bass.isEmpty()
                        ? ""
                        : "<bass><bass-step>" + PitchClass.parse(bass).letter() + "</bass-step><bass-alter>"
                                + PitchClass.parse(bass).alteration() + "</bass-alter></bass>")
                + "</harmony>";
    }

    private static LeadSheet read(String name, byte[] file) {
        return Importer.read(name, file).get(0).sheet();
    }

    private static Arrangement arranged(LeadSheet sheet) {
        // As it is kept: as chart text.
        return Arrangement.of(
                Chart.read(ChartWriter.write(sheet)).sheet(),
                Choices.USUAL.with(Hand.ofSpan(14)).with(School.STRICT));
    }

    private static TreeSet<String> found(LeadSheet sheet) {
        return Findings.in(arranged(sheet)).stream()
                .map(Finding::id)
                .map(Finding.Id::toString)
                .collect(Collectors.toCollection(TreeSet::new));
    }

    @Test
    void everyNotationTellsTheSame() {
        List<String> wrong = new ArrayList<>();
        int pages = 0;
        for (Phrase phrase : Stream.concat(phrases("examiner-faults.txt"), phrases("examiner-clean.txt"))
                .toList()) {
            LeadSheet chart = Chart.read(chart(phrase)).sheet();
            TreeSet<String> told = found(chart);
            Map<String, LeadSheet> others = Map.of(
                    "a staff a part",
                    read("page.musicxml", stavesOfMusicXml(phrase).getBytes(StandardCharsets.UTF_8)),
                    "a voice a part",
                    read("page.abc", voicesOfAbc(phrase).getBytes(StandardCharsets.UTF_8)),
                    "two staves",
                    read("page.musicxml", new MusicXmlWriter(MusicXmlWriter.Staves.GRAND).write(arranged(chart))));
            others.forEach((how, sheet) -> {
                if (!found(sheet).equals(told)) {
                    wrong.add(how + ": " + phrase.line() + " found " + found(sheet) + " and not " + told);
                }
            });
            pages += others.size();
        }
        System.out.printf("pages in parts that tell what their chart tells: %d of %d%n", pages - wrong.size(), pages);
        assertThat(pages).isGreaterThan(600);
        assertThat(wrong).as(String.join("\n", wrong)).isEmpty();
    }
}
