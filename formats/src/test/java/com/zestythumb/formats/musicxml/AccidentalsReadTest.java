package com.zestythumb.formats.musicxml;

import static com.zestythumb.formats.musicxml.EngravedBars.children;
import static com.zestythumb.formats.musicxml.EngravedBars.has;
import static com.zestythumb.formats.musicxml.EngravedBars.text;
import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Choices;
import com.zestythumb.core.pattern.AccompanimentPattern;
import com.zestythumb.core.pattern.AccompanimentPatterns;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.voicing.StyleChoice;
import com.zestythumb.core.voicing.VoicingStyle;
import com.zestythumb.core.voicing.VoicingStyles;
import com.zestythumb.formats.musicxml.MusicXmlWriter.Staves;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.w3c.dom.Element;

/**
 * Pages as a player reads them: signature, then the accidentals of the bar, each for its own line or space; what is tied is
 * not told again (common practice). What is read is what was meant, and no accidental repeats what is known.
 */
class AccidentalsReadTest {

    private static final String SHARPS = "FCGDAEB";

    private static final Map<String, Integer> SIGNS =
            Map.of("sharp", 1, "flat", -1, "natural", 0, "double-sharp", 2, "flat-flat", -2);

    private record Read(String place, long onset, Element note) {

        int meant() {
            return has(note, "alter") ? Integer.parseInt(text(note, "alter")) : 0;
        }

        String line() {
            return text(note, "staff") + text(note, "step") + text(note, "octave");
        }

        String letter() {
            return text(note, "step");
        }
    }

    /** A chromatic tune over borrowed and altered chords, in all voicings and patterns by turns. */
    @ParameterizedTest
    @CsvSource({"4/4, 4", "3/4, 3", "6/8, 3", "5/4, 5"})
    void whatIsReadIsWhatWasMeant(String meter, int half) throws Exception {
        String chart = """
                key: Eb
                meter: %s
                | Eb | Edim7 | Fm7b5 | Bb7b9 | Abm6 | D7/F# | {key: A} Bm7 E7#5 | A |
                m: eN =eN | ^fN =bN | _cN c'N- | c'N cN | _cN ^cN | =dN ^fN | dN =cN | ^eN eN |
                """.formatted(meter).replace("N", String.valueOf(half));
        List<VoicingStyle> styles = VoicingStyles.all();
        List<AccompanimentPattern> patterns = AccompanimentPatterns.all();
        List<String> wrong = new ArrayList<>();
        int notes = 0;
        for (int i = 0; i < patterns.size(); i++) {
            Arrangement tune = Arrangement.of(
                    Chart.parse(chart),
                    Choices.USUAL.with(patterns.get(i)).with(new StyleChoice(styles.get(i % styles.size()), Map.of())));
            for (List<Read> bar : bars(tune)) {
                notes += bar.size();
            }
            wrong.addAll(misread(tune, i));
        }
        assertThat(notes).isGreaterThan(1000);
        assertThat(wrong).isEmpty();
    }

    private static List<String> misread(Arrangement tune, int page) throws Exception {
        List<String> wrong = new ArrayList<>();
        for (List<Read> bar : bars(tune)) {
            Map<String, Integer> read = new HashMap<>();
            for (Read one : bar) {
                List<Element> signs = children(one.note(), "accidental");
                boolean isTied = children(one.note(), "tie").stream()
                        .anyMatch(tie -> tie.getAttribute("type").equals("stop"));
                if (isTied) {
                    if (!signs.isEmpty()) {
                        wrong.add(page + " " + one.place() + " " + one.line() + " told behind a tie");
                    }
                    continue;
                }
                Integer before = read.get(one.line());
                int known = before == null ? signature(one) : before;
                int said = signs.isEmpty() ? known : SIGNS.get(signs.get(0).getTextContent());
                if (said != one.meant()) {
                    wrong.add(page + " " + one.place() + " " + one.line() + " reads " + said + ", is " + one.meant());
                }
                if (!signs.isEmpty()) {
                    if (before != null && before == said) {
                        wrong.add(page + " " + one.place() + " " + one.line() + " told twice");
                    }
                    read.put(one.line(), said);
                }
            }
        }
        return wrong;
    }

    /** What the signature in force says of a note. */
    private static int signature(Read one) {
        int fifths = Integer.parseInt(one.place().split(" ")[1]);
        int place = SHARPS.indexOf(one.letter());
        if (fifths > 0) {
            return place < fifths ? 1 : 0;
        }
        return 6 - place < -fifths ? -1 : 0;
    }

    /** The notes of each bar in the order in which they are struck, each with its bar and the signature in force. */
    private static List<List<Read>> bars(Arrangement tune) throws Exception {
        List<List<Read>> bars = new ArrayList<>();
        String fifths = "0";
        for (Element measure : EngravedBars.measures(new MusicXmlWriter(Staves.GRAND).write(tune))) {
            fifths = has(measure, "fifths") ? text(measure, "fifths") : fifths;
            List<Read> bar = new ArrayList<>();
            long at = 0;
            long last = 0;
            for (var node = measure.getFirstChild(); node != null; node = node.getNextSibling()) {
                if (!(node instanceof Element element) || !has(element, "duration")) {
                    continue;
                }
                long length = Long.parseLong(text(element, "duration"));
                if (element.getTagName().equals("backup")) {
                    at -= length;
                } else if (element.getTagName().equals("forward")) {
                    at += length;
                } else {
                    last = has(element, "chord") ? last : at;
                    at = has(element, "chord") ? at : at + length;
                    if (has(element, "pitch")) {
                        bar.add(new Read(measure.getAttribute("number") + " " + fifths, last, element));
                    }
                }
            }
            bar.sort(Comparator.comparingLong(Read::onset));
            bars.add(bar);
        }
        return bars;
    }
}
