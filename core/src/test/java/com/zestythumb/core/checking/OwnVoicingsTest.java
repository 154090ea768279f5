package com.zestythumb.core.checking;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Choices;
import com.zestythumb.core.arrangement.WrittenOut;
import com.zestythumb.core.chord.Quality;
import com.zestythumb.core.pattern.AccompanimentPattern;
import com.zestythumb.core.pattern.AccompanimentPatterns;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.voiceleading.Kind;
import com.zestythumb.core.voiceleading.School;
import com.zestythumb.core.voicing.Hand;
import com.zestythumb.core.voicing.StyleChoice;
import com.zestythumb.core.voicing.VoicingStyle;
import com.zestythumb.core.voicing.VoicingStyles;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** What is voiced here and written out is read as it was meant: no note of it is misspelt, foreign, forgotten or the wrong bass. */
class OwnVoicingsTest {

    private static final Set<Kind> READ =
            EnumSet.of(Kind.MISSPELT, Kind.FOREIGN, Kind.ACCIDENTAL_FORGOTTEN, Kind.WRONG_BASS);

    private static final List<String> CHORDS = List.of(
            "| C | Ab7 | G7 | Cm | Db7 | C | F#dim7 | G | Fm6 | C/E | Ab7 G7 | C |",
            "| Gbmaj7 | Cbmaj7 | Abm7 | Db7b9 | Gb | Ebdim7 | Db7 | Gb |",
            "| C#m | A7 | G#7 | C#m | D#m7b5 | G#7#5 | Gdim7 | C#m |",
            "| C6/9 | G13 | C/Bb | F/A | Fm/Ab | C/G | G7alt | Cmaj9 |",
            "| C7#9 | F9 | Bb7#11 | E7#5#9 | Am11 | D7sus4 | G9sus4 | Cadd9 |");

    /** Findings about how the left hand of a sheet reads, once it is written out. */
    private static List<String> read(LeadSheet sheet, Choices choices) {
        Arrangement voiced = Arrangement.of(sheet, choices);
        if (voiced.needsRightHand()) {
            return List.of();
        }
        Set<Integer> all = IntStream.range(0, sheet.bars().size()).boxed().collect(Collectors.toSet());
        Arrangement again = Arrangement.of(WrittenOut.of(voiced, all), choices);
        return Findings.in(again, School.POPULAR).stream()
                .filter(found -> READ.contains(found.kind()))
                .map(found ->
                        found.kind() + " " + again.chords().get(found.chord()).chord() + " " + found.notes() + " in "
                                + again.chords().get(found.chord()).voicing())
                .toList();
    }

    @Test
    void everyCommonChordOnEveryRootReadsAsItWasMeant() {
        String roots = "C C# Db D D# Eb E F F# Gb G G# Ab A A# Bb B";
        for (String key : List.of("C major", "F# major", "C minor")) {
            for (Quality quality : Quality.common()) {
                String bars = Stream.of(roots.split(" "))
                        .map(root -> "| " + root + quality.suffix())
                        .collect(Collectors.joining(" "));
                assertThat(read(Chart.parse("key: " + key + "\nmeter: 4/4\n" + bars + " |"), Choices.USUAL))
                        .as(key + " " + quality)
                        .isEmpty();
            }
        }
    }

    /**
     * In every voicing and pattern. A style that leaves the bass to somebody else has not the one that is written, and a walking bass leads by
     * half steps that only an accidental shows.
     */
    @Test
    void everyPatternReadsAsItWasMeant() {
        List<String> wrong = new ArrayList<>();
        int pairs = 0;
        for (String key : List.of("C major", "C# minor")) {
            for (String chords : CHORDS) {
                LeadSheet sheet = Chart.parse("key: " + key + "\nmeter: 4/4\n" + chords);
                for (VoicingStyle style : VoicingStyles.all()) {
                    boolean hasBass = !style.words().contains("left to somebody else");
                    for (AccompanimentPattern pattern :
                            hasBass ? AccompanimentPatterns.all() : List.of(AccompanimentPatterns.BLOCK)) {
                        if (pattern.equals(AccompanimentPatterns.WALKING_BASS)
                                || !style.equals(VoicingStyles.CLOSE) && pairs % 5 > 0) {
                            pairs++;
                            continue;
                        }
                        pairs++;
                        Choices choices =
                                Choices.of(new StyleChoice(style, Map.of()), pattern, Hand.ofSpan(10), School.POPULAR);
                        read(sheet, choices).stream()
                                .filter(found -> hasBass || !found.startsWith("WRONG_BASS"))
                                .forEach(found -> wrong.add(
                                        key + " " + chords + " " + style.id() + " " + pattern.id() + ": " + found));
                    }
                }
            }
        }
        assertThat(wrong).isEmpty();
    }
}
