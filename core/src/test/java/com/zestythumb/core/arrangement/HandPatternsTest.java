package com.zestythumb.core.arrangement;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.LongRun;
import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.pattern.AccompanimentPattern;
import com.zestythumb.core.pattern.AccompanimentPatterns;
import com.zestythumb.core.pattern.Layout;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.sheet.Transposition;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Names of left-hand patterns after primers and sonatinas (common practice; the list was written before the code was tried). */
class HandPatternsTest {

    private static final List<String> KEYS = List.of("C", "Db", "D", "Eb", "E", "F", "F#", "G", "Ab", "A", "Bb", "B");

    /** A left hand of the list. */
    private record Labelled(List<String> names, String chart, List<Boolean> odd) {}

    private static List<Labelled> list(String name) {
        try (var in = HandPatternsTest.class.getResourceAsStream("/corpus/" + name)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .filter(line -> !line.startsWith("#"))
                    .map(HandPatternsTest::labelled)
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Labelled labelled(String line) {
        String[] parts = line.split(" \\| ");
        List<String> bars = Stream.of(parts).skip(3).toList();
        // Each stands in the key of its first chord.
        Chord home = Chord.parse(parts[2].split(" ")[0]);
        boolean minor = home.quality().equals(Chord.parse("Am").quality());
        String chart = "key: " + home.root() + (minor ? " minor" : " major") + "\nmeter: " + parts[1] + "\n| "
                + String.join(" | ", parts[2].split(" ")) + " |\nl: "
                + String.join(
                        " | ",
                        bars.stream().map(bar -> bar.replace("!", "").strip()).toList());
        return new Labelled(
                List.of(parts[0].split(",")),
                chart,
                bars.stream().map(bar -> bar.startsWith("!")).toList());
    }

    @ParameterizedTest
    @ValueSource(strings = {"left-hand-patterns.txt", "more-left-hand-patterns.txt"})
    void namesEveryPatternInTwelveKeysAndTellsTheOddBar(String list) {
        List<String> wrong = new ArrayList<>();
        List<String> notTold = new ArrayList<>();
        int bars = 0;
        int named = 0;
        int odd = 0;
        int step = LongRun.of(6, 1);
        int first = 0;
        for (Labelled one : list(list)) {
            for (int i = first++ % step; i < KEYS.size(); i += step) {
                String key = KEYS.get(i);
                LeadSheet sheet = Chart.parse(one.chart());
                boolean minor = one.chart().contains("minor");
                LeadSheet moved = Transposition.to(
                        Key.parse(minor ? key.replace("Db", "C#").replace("Gb", "F#") + " minor" : key), sheet);
                List<BarPattern> found = HandPatterns.of(Arrangement.of(moved, Choices.USUAL));
                for (int bar = 0; bar < one.odd().size(); bar++) {
                    BarPattern pattern = found.get(bar);
                    bars++;
                    if (one.names().contains(pattern.kind())) {
                        named++;
                    } else {
                        wrong.add(one.names() + " in " + key + " bar " + bar + ": " + pattern.kind() + pattern.odd()
                                + pattern.text() + " " + pattern.members());
                    }
                    if (one.odd().get(bar) == pattern.odd().isEmpty()) {
                        notTold.add(one.names() + " in " + key + " bar " + bar + ": " + pattern.kind() + pattern.odd()
                                + pattern.text() + " " + pattern.members());
                    }
                    odd += one.odd().get(bar) ? 1 : 0;
                }
            }
        }
        System.out.println(list + ": patterns named: " + named + " of " + bars + ", odd bars " + odd
                + ", odd or not wrong: " + notTold.size());
        assertThat(named).as(String.join("\n", wrong)).isGreaterThanOrEqualTo(bars * 95 / 100);
        assertThat(notTold).isEmpty();
    }

    /** What is taken off a page is a pattern like any other: played over the same keys it strikes them at the same times. */
    @Test
    void whatIsTakenOffThePagePlaysIt() {
        int played = 0;
        for (Labelled one : list("left-hand-patterns.txt")) {
            Arrangement written = Arrangement.of(Chart.parse(one.chart()), Choices.USUAL);
            Map<Integer, List<HandStroke>> strokes = HandStroke.byChord(written);
            for (int bar = 0; bar < strokes.size(); bar++) {
                String text = PatternText.of(strokes.get(bar));
                List<Integer> keys = HandStroke.keys(strokes.get(bar));
                // A chord of one note is struck once, whatever the pattern.
                if (keys.size() > 1 && keys.size() <= 8) {
                    Map<Fraction, Set<Integer>> again = new TreeMap<>();
                    AccompanimentPattern.of("own", "Own", 3, 8, text)
                            .over(
                                    Layout.of(keys.size()),
                                    Fraction.ZERO,
                                    written.sheet().bars().get(bar).length(),
                                    written.sheet().meter())
                            .forEach(step -> step.notes()
                                    .forEach(place -> again.computeIfAbsent(step.onset(), onset -> new TreeSet<>())
                                            .add(keys.get(place))));
                    Map<Fraction, Set<Integer>> struck = new TreeMap<>();
                    strokes.get(bar).forEach(stroke -> struck.put(stroke.onset(), stroke.keys()));
                    assertThat(again).as(one.chart() + " " + text).isEqualTo(struck);
                    played++;
                }
            }
        }
        assertThat(played).isGreaterThan(100);
    }

    /** In octaves, tenths, thirds and sixths a left hand goes with the tune; in sevenths and fifths it does not (common practice). */
    @ParameterizedTest
    @CsvSource({
        "C D E G, DOUBLES",
        "'A, B, C E', DOUBLES",
        "E F G B, DOUBLES",
        "D E F A, WALKING_BASS",
        "F G A c, WALKING_BASS",
        "C D E F, SCALE"
    })
    void tellsWhatDoublesTheTune(String left, String kind) {
        String line = "| C |\nm: c2 d2 e2 g2 |\nl: " + left.replaceAll("([A-Ga-g],?)", "$12");
        assertThat(HandPatterns.of(Arrangement.of(Chart.parse("key: C\n" + line), Choices.USUAL)))
                .extracting(BarPattern::kind)
                .containsExactly(kind);
    }

    /** The app's own patterns are told by the same means, whatever was chosen. */
    @Test
    void tellsWhatTheAppPlays() {
        for (AccompanimentPattern pattern : List.of(
                AccompanimentPatterns.ALBERTI,
                AccompanimentPatterns.BASS_AND_CHORDS,
                AccompanimentPatterns.BLOCK,
                AccompanimentPatterns.OFF_BEATS)) {
            Arrangement tune = Arrangement.of(Chart.parse("| C | F | G7 | C |"), Choices.USUAL.with(pattern));
            assertThat(HandPatterns.of(tune).subList(0, 3))
                    .extracting(BarPattern::kind)
                    .containsOnly(pattern.id());
        }
    }
}
