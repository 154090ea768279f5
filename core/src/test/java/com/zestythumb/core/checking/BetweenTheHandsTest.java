package com.zestythumb.core.checking;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Choices;
import com.zestythumb.core.arrangement.KeptVoicing;
import com.zestythumb.core.arrangement.Manner;
import com.zestythumb.core.checking.Fixes.Fix;
import com.zestythumb.core.pattern.AccompanimentPatterns;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.voiceleading.Kind;
import com.zestythumb.core.voiceleading.School;
import com.zestythumb.core.voiceleading.Severity;
import com.zestythumb.core.voicing.StyleChoice;
import com.zestythumb.core.voicing.VoicingStyles;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Clashes, one key for two hands, crossings and strain, and how each is fixed (common practice). */
class BetweenTheHandsTest {

    private static Arrangement arrange(String chart, Choices choices) {
        return Arrangement.of(Chart.read(chart).sheet(), choices);
    }

    private static KeptVoicing fixed(String notes) {
        return new KeptVoicing(
                0, Fraction.ZERO, Stream.of(notes.split(" ")).map(Pitch::parse).toList());
    }

    private static Choices voiced(String notes) {
        return Choices.USUAL.withPins(List.of(fixed(notes)));
    }

    private static List<String> messages(Arrangement tune) {
        return Findings.in(tune).stream()
                .map(finding -> FindingWords.of(finding, tune).message())
                .toList();
    }

    private static List<String> ways(Arrangement tune) {
        return Fixes.of(tune, 0).stream().map(fix -> fix.words(note -> note)).toList();
    }

    private static final String CLASH = "key: C major\n| Cmaj7 | F |\nm: c8 | a8 |";

    @Test
    void aMinorNinthOnAStrongBeatGrates() {
        assertThat(messages(arrange(CLASH, voiced("C3 E3 G3 B3"))))
                .containsExactly("B grates against the tune's C, a minor ninth above, on a strong beat");
        assertThat(messages(arrange(CLASH, voiced("C3 E3 G3")))).isEmpty();
        // The same meeting on a weak beat is a passing note like others.
        String weak = "key: C major\n| Cmaj7 | F |\nm: g2 c2 e4 | a8 |";
        assertThat(messages(arrange(weak, voiced("C3 E3 G3 B3")))).isEmpty();
    }

    /** Beside a key that is held, for a beat and more, it is heard wherever it comes (common practice of accompanists). */
    @Test
    void aHalfStepBesideAHeldNoteGratesOnAnyBeat() {
        String beside = "key: C major\n| Cmaj7 | F |\nm: G2 C4 G2 | A8 |";
        assertThat(messages(arrange(beside, voiced("C3 E3 G3 B3"))))
                .containsExactly("B grates against the tune's C, a half step beside it");
        String brief = "key: C major\n| Cmaj7 | F |\nm: G3 C G4 | A8 |";
        assertThat(messages(arrange(brief, voiced("C3 E3 G3 B3")))).isEmpty();
    }

    /** Nobody in popular music minds parallel fifths, but this teacher does. */
    @Test
    void whatATeacherFlagsIsFixedForHer() {
        Arrangement tune = arrange("key: C major\n| C | Dm |\nl: [C,E,G,]8 | [D,F,A,]8 |", Choices.USUAL);
        assertThat(Fixes.of(tune, 1)).isEmpty();
        Map<Kind, Severity> own = Map.of(Kind.PARALLEL_FIFTHS, Severity.WARNING);
        List<Fix> fixes = Fixes.of(tune, 1, own);
        assertThat(fixes)
                .isNotEmpty()
                .allSatisfy(fix -> assertThat(Findings.in(fix.of(tune), School.POPULAR, own))
                        .noneMatch(finding -> finding.severity() == Severity.WARNING));
        assertThat(Fixes.all(tune, own).steps()).hasSize(1);
    }

    @Test
    void theClashIsMendedBySofteningOrMoving() {
        Arrangement tune = arrange(CLASH, voiced("C3 E3 G3 B3"));
        assertThat(ways(tune)).contains("play B softly");
        // The seventh tells the chord, and the fifth could go before it.
        assertThat(ways(tune)).doesNotContain("leave out B");
        for (Fix fix : Fixes.of(tune, 0)) {
            Arrangement then = arrange(CLASH, Choices.USUAL.withPins(List.of(fix.pin())));
            assertThat(messages(then)).as(fix.what()).isEmpty();
            assertThat(fix.findings()).isZero();
        }
        // A count later it would still meet the held tune on a weak beat, where it may.
        assertThat(ways(tune)).contains("bring in B a count later");
        assertThat(Fixes.of(arrange(CLASH, voiced("C3 E3 G3")), 0)).isEmpty();
    }

    @Test
    void twoHandsOnOneKeyAndHandsThatCross() {
        String low = "key: C major\n| C | F |\nm: C8 | F8 |";
        assertThat(messages(arrange(low, voiced("E3 G3 C4")))).contains("both hands want C");
        assertThat(messages(arrange(low, voiced("G3 C4 E4")))).contains("E lies above the tune's C");
        assertThat(ways(arrange(low, voiced("E3 G3 C4")))).contains("leave out C");
    }

    /** Any textbook of harmony: the leading tone is not doubled. Players of songs do not mind. */
    @Test
    void theLeadingToneIsMindedByTheClassicalSchool() {
        String led = "key: C major\n| G | C |\nm: B8 | c8 |";
        Choices popular = voiced("G3 B3 D4");
        assertThat(messages(arrange(led, popular))).isEmpty();
        assertThat(messages(arrange(led, popular.with(School.CLASSICAL))))
                .containsExactly("middle voice and tune both have the leading tone B");
    }

    /** Any textbook of harmony: the third of a major chord is not doubled where the chord is told without it. */
    @Test
    void theThirdThatTheTuneHasIsNotNeededTwice() {
        String third = "key: C major\n| C | F |\nm: e8 | c8 |";
        Choices classical = voiced("C3 E3 G3").with(School.CLASSICAL);
        Arrangement tune = arrange(third, classical);
        assertThat(messages(tune)).contains("E, the third of C, is in the tune as well");
        assertThat(ways(tune)).contains("leave out E");
        // Two notes need it, and so do a minor chord and players of songs.
        assertThat(messages(arrange(third, voiced("C3 E3").with(School.CLASSICAL))))
                .isEmpty();
        assertThat(messages(arrange(third, voiced("C3 E3 G3")))).isEmpty();
        String minor = "key: A minor\n| Am | Dm |\nm: c8 | d8 |";
        assertThat(messages(arrange(minor, voiced("A2 C3 E3").with(School.CLASSICAL))))
                .noneMatch(message -> message.contains("third"));
    }

    /** What comes with a style, bar after bar, is said once. */
    @Test
    void whatComesAgainAndAgainIsSaidOnce() {
        Arrangement tune =
                arrange("key: C major\n| C | F | G | C | Am |\nm: C8 | C8 | D8 | C8 | C8 |", voiced("C4 E4 G4"));
        long hit = tune.chords().size();
        assertThat(messages(tune).stream().filter(message -> message.startsWith("both hands want")))
                .as("of " + hit)
                .hasSize(1)
                .allMatch(message -> message.contains("both hands want"));
    }

    @Test
    void aStretchIsMendedByTheOtherHand() {
        Arrangement wide = arrange("| C | C |", voiced("C3 G3 E4"));
        assertThat(messages(wide)).anyMatch(message -> message.contains("spans 16 half steps"));
        assertThat(ways(wide)).contains("give E to the right hand").doesNotContain("leave out E");
        assertThat(Fixes.of(wide, 0))
                .filteredOn(fix -> fix.pin().manners().containsValue(Manner.RIGHT_HAND))
                .hasSize(1);
    }

    @Test
    void strainIsWhereSpeedStretchAndRepetitionAddUp() {
        Choices repeated = Choices.USUAL.with(AccompanimentPatterns.REPEATED);
        String fast = "tempo: 140\n| C | C | C | F |";
        assertThat(messages(arrange(fast, repeated))).anyMatch(message -> message.startsWith("25 chords one after"));
        // Slower, or in fewer bars, it is no strain.
        assertThat(messages(arrange("tempo: 60\n| C | C | C | F |", repeated))).isEmpty();
        assertThat(messages(arrange("tempo: 140\n| C | F |", repeated))).isEmpty();
        Choices octaves = repeated.with(new StyleChoice(VoicingStyles.OCTAVES, Map.of()));
        assertThat(messages(arrange("tempo: 140\n| C | F |", octaves)))
                .anyMatch(message -> message.contains("of up to 12 half steps"));
        Arrangement tune = arrange(fast, repeated);
        assertThat(Findings.in(tune).stream()
                        .map(finding -> FindingWords.of(finding, tune).remedy()))
                .anyMatch(remedy -> remedy.contains("stop at pain") && remedy.contains("doctor"));
    }

    /** Each hand strikes half as often. */
    @Test
    void handsInTurnTakeTheStrainAway() {
        Choices repeated = Choices.USUAL.with(AccompanimentPatterns.SHARED);
        assertThat(messages(arrange("tempo: 140\n| C | C | C | F |", repeated))).isEmpty();
    }
}
