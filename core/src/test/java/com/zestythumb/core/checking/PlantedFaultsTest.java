package com.zestythumb.core.checking;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.Corpus;
import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Choices;
import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.pitch.Interval;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.pitch.PitchClass;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.sheet.ChartWriter;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.sheet.SheetNote;
import com.zestythumb.core.voiceleading.Kind;
import com.zestythumb.core.voiceleading.School;
import com.zestythumb.core.voiceleading.Severity;
import com.zestythumb.core.voicing.Hand;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/**
 * Two chords with one fault between them, and two without, as a hand writes them: in every key, struck together, broken up one
 * after another, and as a bass with its chord behind. The list, part-writing.txt, was written before the rules.
 */
class PlantedFaultsTest {

    private static final Hand WIDE = Hand.ofSpan(19);
    private static final List<String> KEYS =
            List.of("P1", "m2", "M2", "m3", "M3", "P4", "A4", "P5", "m6", "M6", "m7", "M7");

    private enum Texture {
        BLOCK,
        BROKEN,
        BASS_THEN_CHORD
    }

    /** The two chords, each a bar. */
    private record Planted(String first, List<Pitch> from, String second, List<Pitch> to, Set<String> codes) {

        static Planted of(String line) {
            String[] parts = line.split("\\|");
            return new Planted(
                    parts[0].strip(),
                    pitches(parts[1]),
                    parts[2].strip(),
                    pitches(parts[3]),
                    Arrays.stream(parts[4].strip().split(" "))
                            .filter(code -> !code.equals("-"))
                            .collect(Collectors.toSet()));
        }

        private static List<Pitch> pitches(String notes) {
            return Arrays.stream(notes.strip().split(" ")).map(Pitch::parse).toList();
        }

        Arrangement played(Interval up, Texture texture) {
            Chord one = Chord.parse(first).with(note -> note.plus(up));
            Chord other = Chord.parse(second).with(note -> note.plus(up));
            String key = PitchClass.parse("C").plus(up) + " major";
            LeadSheet chords = Chart.read("key: " + key + "\nmeter: " + Math.max(4, from.size()) + "/4\ntempo: 40\n| "
                            + one + " | " + other + " |")
                    .sheet();
            LeadSheet sheet =
                    chords.mapBars(bar -> bar.withLeft(List.of(voice(bar.index() == 0 ? from : to, up, texture))));
            // As it would be read from the chart.
            return Arrangement.of(
                    Chart.read(ChartWriter.write(sheet)).sheet(),
                    Choices.USUAL.with(WIDE).with(School.STRICT));
        }

        Set<String> found(Interval up, Texture texture) {
            return Findings.in(played(up, texture)).stream()
                    // What is doubled is wrong in its own chord.
                    .filter(finding -> finding.chord() == 1 || finding.kind() == Kind.LEADING_DOUBLED)
                    .map(finding -> finding.kind().code())
                    .filter(code -> !OF_THE_HAND.contains(code))
                    .collect(Collectors.toSet());
        }

        private static List<SheetNote> voice(List<Pitch> pitches, Interval up, Texture texture) {
            List<SheetNote> notes = new ArrayList<>();
            for (int i = 0; i < pitches.size(); i++) {
                int from = texture == Texture.BLOCK ? 0 : texture == Texture.BROKEN ? i : Math.min(i, 1) * 2;
                boolean last = texture != Texture.BROKEN || i + 1 == pitches.size();
                int length = texture == Texture.BASS_THEN_CHORD ? 2 : last ? 4 - from : 1;
                notes.add(new SheetNote(pitches.get(i).plus(up), Fraction.of(from), Fraction.of(length)));
            }
            return notes;
        }
    }

    /** What depends on the hand and the octave, and was not planted. */
    private static final Set<String> OF_THE_HAND =
            Set.of("stretch", "stretch-within", "held-too-far", "finger-twice", "leap", "mud");

    @Test
    void findsWhatWasPlantedAtItsPlaceAndUnderItsName() {
        int planted = 0;
        int found = 0;
        int chords = 0;
        int alarms = 0;
        Map<String, Integer> missed = new TreeMap<>();
        Map<String, Integer> false1 = new TreeMap<>();
        for (String line : Corpus.lines("part-writing.txt")) {
            Planted one = Planted.of(line);
            for (String key : KEYS) {
                for (Texture texture : Texture.values()) {
                    Set<String> codes = one.found(Interval.parse(key), texture);
                    for (String code : one.codes()) {
                        planted++;
                        if (codes.contains(code)) {
                            found++;
                        } else {
                            missed.merge(texture + " " + line, 1, Integer::sum);
                        }
                    }
                    chords += 2;
                    for (String code : codes) {
                        if (!one.codes().contains(code)) {
                            alarms++;
                            false1.merge(texture + " " + code + " in " + line, 1, Integer::sum);
                        }
                    }
                }
            }
        }
        System.out.printf(
                "planted faults found: %d of %d; false alarms: %d in %d chords%n", found, planted, alarms, chords);
        assertThat(planted).isGreaterThan(500);
        assertThat(100.0 * found / planted).as("missed: " + missed).isGreaterThanOrEqualTo(99);
        assertThat(100.0 * alarms / chords).as("false: " + false1).isLessThan(1);
    }

    /** Nearly every fault can be fixed, and no fix makes another that is as grave. */
    @Test
    void offersFixesThatFix() {
        int faults = 0;
        int fixed = 0;
        List<String> without = new ArrayList<>();
        for (String line : Corpus.lines("part-writing.txt")) {
            Planted one = Planted.of(line);
            for (Texture texture : Texture.values()) {
                if (one.codes().isEmpty()) {
                    continue;
                }
                Arrangement page = one.played(Interval.parse("P1"), texture);
                List<Finding> before = Findings.in(page);
                List<Fixes.Fix> fixes = Fixes.of(page, 1);
                faults++;
                fixed += fixes.isEmpty() ? 0 : 1;
                if (fixes.isEmpty()) {
                    without.add(texture + " " + line);
                }
                for (Fixes.Fix fix : fixes) {
                    List<Finding> after = Findings.in(fix.of(page));
                    Severity gravest = before.stream()
                            .filter(finding ->
                                    finding.chord() == 1 && after.stream().noneMatch(same(finding)))
                            .map(Finding::severity)
                            .min(Comparator.naturalOrder())
                            .orElse(Severity.OFF);
                    assertThat(gravest).as(fix.what()).isNotEqualTo(Severity.OFF);
                    assertThat(after)
                            .as("%s: %s", line, fix)
                            .filteredOn(finding -> before.stream().noneMatch(same(finding)))
                            .allMatch(finding -> finding.severity().compareTo(gravest) > 0);
                }
            }
        }
        System.out.printf("fixes offered for %d of %d faults%n", fixed, faults);
        assertThat(100.0 * fixed / faults).as("none for " + without).isGreaterThanOrEqualTo(95);
    }

    private static Predicate<Finding> same(Finding one) {
        return other -> other.chord() == one.chord()
                && other.kind().code().equals(one.kind().code())
                && Objects.equals(
                        other.fault().measures().get("note"),
                        one.fault().measures().get("note"));
    }
}
