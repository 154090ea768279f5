package com.zestythumb.core.checking;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Choices;
import com.zestythumb.core.arrangement.KeptVoicing;
import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.pattern.AccompanimentPattern;
import com.zestythumb.core.pattern.AccompanimentPatterns;
import com.zestythumb.core.pitch.Interval;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.voiceleading.School;
import com.zestythumb.core.voicing.Hand;
import com.zestythumb.core.voicing.StyleChoice;
import com.zestythumb.core.voicing.Voicing;
import com.zestythumb.core.voicing.VoicingStyle;
import com.zestythumb.core.voicing.VoicingStyles;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/**
 * Every rule at work in every voicing and pattern: a fault is planted by sliding a whole chord up a step, or by a tune that
 * goes along with the bass; what has to be found is computed from the notes alone.
 */
class EveryStyleTest {

    private static final Hand WIDE = Hand.ofSpan(16);
    private static final Interval STEP = Interval.parse("M2");

    /** A chord in a style and the same a step up: every perfect fifth and octave between two voices is parallel. */
    @Test
    void findsAChordThatSlides() {
        List<String> missed = new ArrayList<>();
        int planted = 0;
        for (VoicingStyle style : VoicingStyles.all()) {
            for (AccompanimentPattern pattern : AccompanimentPatterns.all()) {
                Voicing voicing = slid(style, pattern);
                if (voicing == null) {
                    continue;
                }
                List<Pitch> low = voicing.pitches().stream().distinct().toList();
                List<Pitch> high = low.stream().map(pitch -> pitch.plus(STEP)).toList();
                Arrangement tune = Arrangement.of(
                        Chart.parse("key: C\ntempo: 60\n| C | D |"),
                        choices(style, pattern).withPins(List.of(pin(0, low), pin(1, high))));
                boolean found = codes(tune).stream().anyMatch(code -> code.startsWith("parallel"));
                planted++;
                if (!found) {
                    missed.add(style.id() + " " + pattern.id() + " " + low);
                }
            }
        }
        assertThat(missed).isEmpty();
        assertThat(planted).isGreaterThan(250);
    }

    /** The tune an octave and some above the bass, up a step with it (any textbook of harmony). */
    @Test
    void findsATuneThatGoesAlongWithTheBass() {
        List<String> missed = new ArrayList<>();
        int planted = 0;
        for (VoicingStyle style : VoicingStyles.all()) {
            for (AccompanimentPattern pattern : AccompanimentPatterns.all()) {
                Voicing voicing = slid(style, pattern);
                boolean sings = pattern.lays() == null && !style.leavesTune();
                if (voicing == null
                        || !sings
                        || !voicing.soundingBass()
                                .equals(voicing.first().lowest().pitchClass())) {
                    continue;
                }
                for (String sung : List.of("c'8 | d'8", "g8 | a8")) {
                    List<Pitch> low = voicing.pitches().stream().distinct().toList();
                    Arrangement tune = Arrangement.of(
                            Chart.parse("key: C\ntempo: 60\n| C | D |\nm: " + sung),
                            choices(style, pattern)
                                    .withPins(List.of(
                                            pin(0, low),
                                            pin(
                                                    1,
                                                    low.stream()
                                                            .map(pitch -> pitch.plus(STEP))
                                                            .toList()))));
                    Pitch bass = tune.chords().get(0).voicing().first().lowest();
                    int apart = Math.floorMod(sung.startsWith("c") ? -bass.midi() : 7 - bass.midi(), 12);
                    if (apart != 0 && apart != 7) {
                        continue;
                    }
                    planted++;
                    if (!codes(tune).contains(apart == 0 ? "parallel-octaves" : "parallel-fifths")) {
                        missed.add(style.id() + " " + pattern.id() + " " + sung + " over " + low);
                    }
                }
            }
        }
        assertThat(missed).isEmpty();
        assertThat(planted).isGreaterThan(250);
    }

    /** The first way to lay C that has a fifth or an octave between its lowest note and another voice, by the keys alone. */
    private static Voicing slid(VoicingStyle style, AccompanimentPattern pattern) {
        boolean suits = pattern.lays() == null || pattern.lays().equals(style);
        return !suits
                ? null
                : new StyleChoice(style, Map.of())
                        .candidates(Chord.parse("C"), WIDE, pattern.mostNotes()).stream()
                                .filter(EveryStyleTest::hasPerfect)
                                .findFirst()
                                .orElse(null);
    }

    private static boolean hasPerfect(Voicing voicing) {
        Set<Integer> keys = new TreeSet<>();
        voicing.pitches().forEach(pitch -> keys.add(pitch.midi()));
        Set<Integer> tones = keys.stream().map(key -> key % 12).collect(Collectors.toSet());
        List<Integer> rising = List.copyOf(keys);
        int bass = rising.get(0);
        // A line in octaves is one voice; root and fifth in the popular sound are slid as one.
        return tones.size() > 1
                && rising.stream().anyMatch(key -> (key - bass) % 12 == 7)
                && voicing.pitches().stream().noneMatch(pitch -> pitch.midi() > 72);
    }

    private static Choices choices(VoicingStyle style, AccompanimentPattern pattern) {
        return Choices.of(new StyleChoice(style, Map.of()), pattern, WIDE, School.CLASSICAL);
    }

    private static KeptVoicing pin(int bar, List<Pitch> notes) {
        return new KeptVoicing(bar, Fraction.ZERO, notes);
    }

    private static Set<String> codes(Arrangement tune) {
        return Findings.in(tune).stream().map(finding -> finding.kind().code()).collect(Collectors.toSet());
    }
}
