package com.zestythumb.core.arrangement;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.zestythumb.core.checking.Findings;
import com.zestythumb.core.pattern.AccompanimentPattern;
import com.zestythumb.core.pattern.AccompanimentPatterns;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.voiceleading.School;
import com.zestythumb.core.voicing.Hand;
import com.zestythumb.core.voicing.Inversions;
import com.zestythumb.core.voicing.StyleChoice;
import com.zestythumb.core.voicing.VoicingStyles;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class ArrangementTest {

    private static final Choices ALBERTI = Choices.USUAL.with(AccompanimentPatterns.ALBERTI);

    private static Arrangement arrange(String chart, Choices choices) {
        return Arrangement.of(Chart.parse(chart), choices);
    }

    private static String pitches(Arrangement arrangement, int bar) {
        return arrangement.notes().stream()
                .filter(note -> note.bar() == bar)
                .map(note -> note.pitch() + ":" + note.finger())
                .collect(Collectors.joining(" "));
    }

    private static List<Pitch> notes(String text) {
        return Stream.of(text.split(" ")).map(Pitch::parse).toList();
    }

    @Test
    void breaksTheChordsAndEndsOnALongOne() {
        Arrangement tune = arrange("| C | G7 | C |", ALBERTI);
        assertThat(pitches(tune, 0)).isEqualTo("C3:5 G3:1 E3:3 G3:1 C3:5 G3:1 E3:3 G3:1");
        assertThat(pitches(tune, 1)).isEqualTo("B2:5 G3:1 F3:2 G3:1 B2:5 G3:1 F3:2 G3:1");
        assertThat(pitches(tune, 2)).isEqualTo("C3:5 E3:3 G3:1");
        assertThat(tune.notes().get(tune.notes().size() - 1).duration()).isEqualTo(Fraction.of(4));
    }

    @Test
    void printsEachFingerOnceInAChord() {
        Arrangement tune = arrange("| C | C |", ALBERTI);
        assertThat(tune.notes().stream().filter(n -> n.bar() == 0).map(TimedNote::fingerShown))
                .containsExactly(true, true, true, false, false, false, false, false);
    }

    @Test
    void figuresTheNumeralByTheNoteThatSoundsLowest() {
        Arrangement tune = arrange("| C | F | G | C |", Choices.USUAL);
        assertThat(tune.chords()).extracting(c -> c.numeral().toString()).containsExactly("I", "IV6/4", "V6", "I");
    }

    @Test
    void leavesSilenceWhereNothingIsToSound() {
        Arrangement tune = Arrangement.of(Chart.read("| C | N.C. | zz | C |").sheet(), Choices.USUAL);
        assertThat(tune.chords()).hasSize(2);
        assertThat(tune.notes()).extracting(TimedNote::bar).containsOnly(0, 3);
    }

    @Test
    void fillsEveryBarOfEveryFigureAndMeter() {
        for (String meter : List.of("2/4", "3/4", "4/4", "6/8")) {
            for (AccompanimentPattern pattern : AccompanimentPatterns.all()) {
                Arrangement tune =
                        arrange("meter: " + meter + "\n| C | Am | Dm7 | G7 | Cmaj9 |", Choices.USUAL.with(pattern));
                for (int bar = 0; bar < 5; bar++) {
                    int here = bar;
                    Fraction end = tune.notes().stream()
                            .filter(n -> n.bar() == here)
                            .map(n -> n.onset().plus(n.duration()))
                            .max(Fraction::compareTo)
                            .orElseThrow();
                    boolean rests = pattern.text().contains("rest");
                    assertThat(rests || end.equals(tune.sheet().meter().barLength()))
                            .as(pattern.id() + " in " + meter)
                            .isTrue();
                }
                assertThat(tune.notes().stream().map(TimedNote::id).distinct()).hasSameSizeAs(tune.notes());
            }
        }
    }

    @Test
    void holdsAPinWhileItsChordStandsThere() {
        KeptVoicing pin = new KeptVoicing(1, Fraction.ZERO, notes("F3 A3 C4"));
        Choices pinned = Choices.USUAL.withPins(List.of(pin));
        Arrangement tune = arrange("| C | F | C |", pinned);
        assertThat(tune.chords().get(1).voicing()).hasToString("F3 A3 C4");
        assertThat(tune.chords().get(1).solved().orElseThrow().pinned()).isTrue();
        assertThat(tune.leftHand().lostPins()).isEmpty();

        Arrangement changed = arrange("| C | G | C |", pinned);
        assertThat(changed.leftHand().lostPins()).containsExactly(pin);
        assertThat(changed.chords())
                .noneMatch(chord -> chord.solved().orElseThrow().pinned());
    }

    @Test
    void takesAPinTheHandCannotReachAsTheTeachersOwnChoice() {
        KeptVoicing wide = new KeptVoicing(0, Fraction.ZERO, notes("C3 G3 E4"));
        Arrangement tune = arrange("| C |", Choices.USUAL.with(Hand.ofSpan(9)).withPins(List.of(wide)));
        assertThat(tune.chords().get(0).voicing().width()).isEqualTo(16);
    }

    @Test
    void refusesPinsWithoutNotes() {
        assertThatThrownBy(() -> new KeptVoicing(0, Fraction.ZERO, List.of())).hasMessageContaining("one to ten");
    }

    @Test
    void arrangesATuneWithoutChords() {
        assertThat(arrange("", Choices.USUAL.with(Inversions.ROOT_POSITION)).notes())
                .isEmpty();
    }

    /** Off-beats, and a bar in which the hand rests: figures that do not begin with a stroke (common practice). */
    @Test
    void playsFiguresThatBeginWithARestOrAreNothingElse() {
        AccompanimentPattern offBeats = AccompanimentPattern.of("own", "Own", 2, 5, "1/8 rest upper");
        Arrangement tune = arrange(
                "tempo: 120\n| C | >F | C |", Choices.USUAL.with(offBeats).with(School.CLASSICAL));
        assertThat(tune.notesOf(0).get(0).onset()).isEqualTo(Fraction.of(1, 2));
        AccompanimentPattern silence = AccompanimentPattern.of("own", "Own", 1, 5, "1/4 rest");
        Arrangement still = arrange("| C | F | C |", Choices.USUAL.with(silence).with(School.CLASSICAL));
        assertThat(still.notesOf(0)).isEmpty();
        assertThat(Findings.in(still)).isEmpty();
    }

    /** A thumb that holds the same note of the same chord sings on, once, and not into a repeat (common practice). */
    @Test
    void tiesAHeldThumbWhereItsChordComesAgain() {
        Choices walking = Choices.USUAL.with(AccompanimentPatterns.WALKING);
        List<TimedNote> notes =
                Arrangement.of(Chart.parse("| C | C | C | F |"), walking).notes();
        List<TimedNote> tied = notes.stream().filter(TimedNote::tied).toList();
        assertThat(tied).hasSize(1);
        TimedNote next = notes.stream()
                .filter(note -> note.chord() == 1 && note.onset().equals(Fraction.ZERO))
                .filter(note -> note.pitch().equals(tied.get(0).pitch()))
                .findFirst()
                .orElseThrow();
        assertThat(tied.get(0).fingerShown()).isTrue();
        assertThat(next.fingerShown()).isFalse();
        assertThat(next.finger()).isEqualTo(tied.get(0).finger());
        assertThat(Arrangement.of(Chart.parse("| C | F | Am |"), walking).notes())
                .noneMatch(TimedNote::tied);
        assertThat(Arrangement.of(Chart.parse("|: C :| C |"), walking).notes()).noneMatch(TimedNote::tied);
        assertThat(Arrangement.of(Chart.parse("| C | C |"), Choices.USUAL).notes())
                .noneMatch(TimedNote::tied);
    }

    /** A chord on the last beat of a waltz bar is struck as a chord: there is time for no more than its bass. */
    @Test
    void strikesAChordWholeThatHasOneBeat() {
        Choices waltz = Choices.USUAL
                .with(AccompanimentPatterns.BASS_AND_CHORDS)
                .with(new StyleChoice(VoicingStyles.BASS_THEN_CHORD, Map.of()));
        Arrangement tune = Arrangement.of(Chart.parse("meter: 3/4\nkey: G\n| G / D7 | G |"), waltz);
        assertThat(tune.notesOf(1)).hasSizeGreaterThan(1);
        assertThat(tune.notesOf(1)).extracting(TimedNote::onset).containsOnly(Fraction.of(2));
        Choices close = Choices.USUAL.with(AccompanimentPatterns.BASS_AND_CHORDS);
        assertThat(Arrangement.of(Chart.parse("meter: 3/4\nkey: G\n| G / D | G |"), close)
                        .notesOf(1))
                .hasSize(3);
    }

    /** A bass that is struck before its chord lies where a bass lies, also where a step up would be shorter (common practice). */
    @Test
    void aBassBeforeItsChordDoesNotClimb() {
        String waltz = "key: G minor\nmeter: 3/4\n| Gm | D7 | D7 | Gm | Cm | Gm | A7 | D7 |\n"
                + "m: d4 g2 | ^f4 d2 | c4 A2 | B6 | e4 c2 | d4 B2 | ^c4 e2 | d6 |";
        for (int span : List.of(8, 12)) {
            Arrangement arrangement = arrange(
                    waltz,
                    Choices.USUAL.with(AccompanimentPatterns.BASS_AND_CHORDS).with(Hand.ofSpan(span)));
            assertThat(arrangement.chords())
                    .allMatch(chord -> chord.voicing().first().lowest().midi()
                            <= Pitch.parse("G3").midi());
        }
    }
}
