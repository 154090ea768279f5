package com.zestythumb.core.harmonising;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.zestythumb.core.LongRun;
import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.harmonising.HarmonySlots.Slot;
import com.zestythumb.core.harmonising.Proposal.Priced;
import com.zestythumb.core.harmonising.Proposal.Proposed;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.sheet.ChartWriter;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.sheet.LeadSheet;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

@Execution(ExecutionMode.CONCURRENT)
class HarmoniserTest {

    private static String bars(LeadSheet sheet) {
        return ChartWriter.write(sheet)
                .lines()
                .filter(line -> line.startsWith("|"))
                .collect(Collectors.joining(" "))
                .replace("?", "");
    }

    private static LeadSheet tune(String notes) {
        return Chart.parse("key: C\nunit: 1/4\nm: " + notes);
    }

    /** Any schoolbook: a phrase that goes home by way of the dominant seventh. */
    @Test
    void closesAsSchoolbooksDo() {
        assertThat(bars(Harmoniser.propose(tune("C E G E | F A c A | G F D B, | C4 |"), Level.PLAIN)
                        .sheet()))
                .isEqualTo("| C | F | G7 | C |");
    }

    /** Common practice: what passes on the third beat between two notes of a chord asks for no other chord. */
    @Test
    void keepsAChordOverAPassingThirdBeat() {
        assertThat(bars(Harmoniser.propose(
                                tune("E E F G | G F E D | C C D E | D4 | E E F G | G F E D | C C D E | C4 |"),
                                Level.USUAL)
                        .sheet()))
                .startsWith("| C |");
        assertThat(Harmoniser.propose(tune("E E F G | G F E D | C C D E | D4 | C4 |"), Level.USUAL)
                        .sheet()
                        .bars()
                        .get(0)
                        .events())
                .extracting(event -> event.chord().toString())
                .containsExactly("C");
    }

    /** What the teacher set stays, and the rest is solved around it. */
    @Test
    void keepsWhatTheTeacherSet() {
        LeadSheet gaps = Chart.parse("key: C\nunit: 1/4\n| ? | Dm | ? | C |\nm: C E G E | F A A2 | G F E D | C4 |");
        LeadSheet filled = Harmoniser.propose(gaps, Level.USUAL).sheet();
        assertThat(bars(filled)).isEqualTo("| C | Dm | G7 | C |");
        assertThat(filled.bars().get(1).events())
                .containsExactly(gaps.bars().get(1).events().get(0));
        assertThat(filled.events()).extracting(ChordEvent::isGuess).containsExactly(true, false, true, false);
        LeadSheet strange =
                Chart.parse("key: C\nunit: 1/4\n| ? | F#m7b5 | ? | ? |\nm: C E G E | F A A2 | G F E D | C4 |");
        assertThat(Harmoniser.propose(strange, Level.USUAL)
                        .sheet()
                        .events()
                        .get(1)
                        .chord())
                .hasToString("F#m7b5");
    }

    /** A melody without any bars of chords, blanks between bar lines, and ? all leave bars open. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "key: G\nm: G4 B4 | A4 F4 | G8 |",
                "key: G\n| | | |\nm: G4 B4 | A4 F4 | G8 |",
                "key: G\n| ? | ? | ? |\nm: G4 B4 | A4 F4 | G8 |"
            })
    void readsBarsThatAreLeftOpen(String chart) {
        LeadSheet sheet = Chart.parse(chart);
        assertThat(Harmoniser.isBare(sheet)).isTrue();
        assertThat(bars(Harmoniser.propose(sheet, Level.PLAIN).sheet())).isEqualTo("| G | D7 | G |");
        assertThat(Chart.parse(ChartWriter.write(sheet)).events()).allMatch(ChordEvent::isOpen);
    }

    /** Alike bars have alike chords where nothing speaks against it (common practice). */
    @Test
    void treatsAlikeBarsAlike() {
        String twice = "C E G E | A c A2 | G E D2 | C4 | ";
        List<List<String>> chords = Harmoniser.propose(tune(twice + twice), Level.USUAL).sheet().bars().stream()
                .map(bar -> bar.events().stream()
                        .map(event -> event.chord().toString())
                        .toList())
                .toList();
        assertThat(chords.subList(4, 8)).isEqualTo(chords.subList(0, 4));
    }

    private static double cost(List<Slot> slots, TuneFit fit, Progress progress, LeadSheet sheet, List<Choice> path) {
        double cost = progress.first(path.get(0)) + progress.last(path.get(path.size() - 1));
        for (int i = 0; i < path.size(); i++) {
            Slot slot = slots.get(i);
            double share = slot.end()
                    .minus(slot.start())
                    .dividedBy(sheet.meter().barLength())
                    .toDouble();
            cost += path.get(i).price() * share + fit.price(path.get(i), slot.bar(), slot.start(), slot.end());
            cost += i == 0 ? 0 : progress.step(path.get(i - 1), path.get(i), slot);
        }
        return cost;
    }

    private static void everyPath(int slots, List<Choice> vocabulary, List<Choice> path, List<List<Choice>> all) {
        if (path.size() == slots) {
            all.add(List.copyOf(path));
            return;
        }
        for (Choice choice : vocabulary) {
            path.add(choice);
            everyPath(slots, vocabulary, path, all);
            path.remove(path.size() - 1);
        }
    }

    /** The best whole and every price are those that trying all ways gives. */
    @ParameterizedTest
    @EnumSource(Level.class)
    void isExact(Level level) {
        Random random = new Random(level.ordinal());
        String[] names = "C D E F G A B c".split(" ");
        for (int round = 0; round < LongRun.of(1, 4); round++) {
            StringBuilder notes = new StringBuilder();
            for (int bar = 0; bar < 2; bar++) {
                for (int i = 0; i < 4; i++) {
                    notes.append(names[random.nextInt(names.length)]).append(' ');
                }
                notes.append("| ");
            }
            LeadSheet sheet = tune(notes.toString());
            List<Slot> slots = new HarmonySlots(sheet).slots;
            List<Choice> vocabulary = Vocabulary.of(Key.parse("C"), level);
            List<List<Choice>> all = new ArrayList<>();
            everyPath(slots.size(), vocabulary, new ArrayList<>(), all);
            TuneFit fit = new TuneFit(sheet);
            Progress progress = new Progress(level);
            Map<List<Choice>, Double> costs = new HashMap<>();
            all.forEach(path -> costs.put(path, cost(slots, fit, progress, sheet, path)));
            double best = costs.values().stream().min(Comparator.naturalOrder()).orElseThrow();
            Proposal proposal = Harmoniser.propose(sheet, level);
            assertThat(proposal.cost()).as(notes.toString()).isCloseTo(best, within(1e-9));
            for (Proposed chord : proposal.chords()) {
                for (Priced other : chord.others()) {
                    double with = all.stream()
                            .filter(path -> stands(path, slots, chord, other.chord()))
                            .mapToDouble(costs::get)
                            .min()
                            .orElseThrow();
                    assertThat(other.price()).as(notes + " " + other).isCloseTo(with - best, within(1e-9));
                }
            }
        }
    }

    private static boolean stands(List<Choice> path, List<Slot> slots, Proposed place, Chord chord) {
        for (int i = 0; i < slots.size(); i++) {
            Slot slot = slots.get(i);
            boolean within = slot.bar() == place.bar()
                    && !slot.start().isBefore(place.start())
                    && !slot.end().isAfter(place.start().plus(place.duration()));
            if (within && !path.get(i).chord().equals(chord)) {
                return false;
            }
        }
        return true;
    }

    /** The first chord of a key that is heard, and none where nothing tells. */
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "c2 d2 e2 f2 | g4 e4 | d4 B4 | c8 |; C major",
                "A2 B2 c2 d2 | e4 c4 | B4 ^G4 | A8 |; A minor",
                "G2 A2 B2 c2 | d4 B4 | A4 ^F4 | G8 |; G major",
                "D2 E2 F2 G2 | A4 B4 | c4 A4 | D8 |; D dorian"
            })
    void hearsTheKeyOfATuneAlone(String notes, String key) {
        assertThat(HomeKey.likeliest(Chart.parse("m: " + notes))).isEqualTo(Key.parse(key));
    }

    /** One note, a row of all twelve, silence, and a thousand bars: always an answer that fills the bars. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "m: c8 | c8 | c8 |",
                "m: c8 |",
                "m: c2^c2d2^d2 | e2f2^f2g2 | ^g2a2^a2b2 |",
                "m: c2^f2B2f2 | _e2a2_d2g2 |",
                "m: z8 | z8 |",
                "meter: 7/8\nm: c2d2e2f | g7 |",
                "meter: 5/4\nm: c4d4e2 | g6c4 |",
                "meter: 3/8\nm: cde | c3 |"
            })
    void answersWhateverIsSung(String chart) {
        LeadSheet sheet = Chart.parse(chart);
        for (Level level : Level.values()) {
            for (var bar : Harmoniser.propose(sheet, level).sheet().bars()) {
                assertThat(bar.events()).isNotEmpty();
                assertThat(bar.events().get(bar.events().size() - 1).end()).isEqualTo(bar.length());
                assertThat(bar.events()).noneMatch(ChordEvent::isOpen);
            }
        }
    }
}
