package com.zestythumb.core.arrangement;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.sheet.ChartWriter;
import com.zestythumb.core.sheet.SheetNote;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Bass alone, chords held, as written (common practice: the same notes with the same fingers in every pass). */
class PassesTest {

    private static final String ALBERTI =
            "key: C\n| C | F | G7 | C |\nl: !5!C,!1!G,!3!E,!1!G, C,G,E,G, | C,A,F,A, C,A,F,A, | B,,G,F,G, B,,G,F,G, | [C,E,G,]8 |";

    @Test
    void areCutFromTheSameNotesWithTheSameFingers() {
        for (String chart : List.of(
                ALBERTI,
                "key: Em\n| Em | Am |\nl: [!5!E,,!1!E,]2 !5!B,,!2!E, !1!G,!2!E, B,,2 | [A,,,A,,]2 E,A, CA, E,2 |",
                "| C | F C |\nl: z2 [E,G,]2 [E,G,]2 [E,G,]2 & C,,8 | F,,2 [A,C]2 C,,2 [E,G,]2 |")) {
            Arrangement tune = Arrangement.of(Chart.parse(chart), Choices.USUAL);
            Set<List<Object>> own = new HashSet<>();
            tune.chords()
                    .forEach(chord -> chord.voicing().grips().forEach(grip -> {
                        List<Integer> fingers =
                                chord.fingers().get(chord.voicing().grips().indexOf(grip));
                        for (int i = 0; i < fingers.size(); i++) {
                            own.add(List.of(chord.event().bar(), grip.pitches().get(i), fingers.get(i)));
                        }
                    }));
            assertThat(Passes.of(tune)).hasSize(2).allSatisfy(pass -> {
                assertThat(Chart.read(ChartWriter.write(pass.sheet())).problems())
                        .isEmpty();
                pass.sheet()
                        .bars()
                        .forEach(bar -> assertThat(bar.allOfLeft().stream()
                                        .filter(note -> !note.isRest())
                                        .map(note -> List.<Object>of(bar.index(), note.pitch(), note.finger())))
                                .as(chart + pass.name())
                                .isNotEmpty()
                                .isSubsetOf(own));
            });
        }
    }

    @Test
    void holdABassForAsLongAsItsChordAndAChordAtOnce() {
        List<Passes.Pass> passes = Passes.of(Arrangement.of(Chart.parse(ALBERTI), Choices.USUAL));
        assertThat(passes.get(0).sheet().bars())
                .extracting(bar -> bar.allOfLeft().stream()
                        .map(SheetNote::pitch)
                        .map(String::valueOf)
                        .toList())
                .containsExactly(List.of("C3"), List.of("C3"), List.of("B2"), List.of("C3"));
        assertThat(ChartWriter.write(passes.get(1).sheet())).contains("[!5!C,!3!E,!1!G,]8");
    }
}
