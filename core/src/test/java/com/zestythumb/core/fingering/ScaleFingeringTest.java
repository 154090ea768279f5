package com.zestythumb.core.fingering;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.Tables;
import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.fingering.ScaleFingering.Fingered;
import com.zestythumb.core.pitch.Key;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;

class ScaleFingeringTest {

    private static String fingers(Fingered fingered) {
        return fingered.fingers().stream().map(String::valueOf).collect(Collectors.joining());
    }

    /** Common scale manuals, from memory: see the table. */
    @TestFactory
    List<DynamicTest> scalesAreFingeredAsPublished() {
        List<String[]> rows = Tables.rows("scale-fingerings");
        assertThat(rows).hasSize(19);
        return rows.stream()
                .map(row -> DynamicTest.dynamicTest(row[0], () -> {
                    Key key = Key.parse(row[0]);
                    assertThat(fingers(ScaleFingering.scale(key, Side.RIGHT, 1)))
                            .as("right")
                            .isEqualTo(row[1]);
                    assertThat(fingers(ScaleFingering.scale(key, Side.LEFT, 1)))
                            .as("left")
                            .isEqualTo(row[2]);
                }))
                .toList();
    }

    /** Common scale manuals, from memory: see the table. */
    @TestFactory
    List<DynamicTest> arpeggiosAreFingeredAsPublished() {
        List<String[]> rows = Tables.rows("arpeggio-fingerings");
        assertThat(rows).hasSize(9);
        return rows.stream()
                .map(row -> DynamicTest.dynamicTest(row[0], () -> {
                    Key key = Key.parse(row[0]);
                    Chord chord = Chord.parse(key.tonic() + (row[0].endsWith("minor") ? "m" : ""));
                    assertThat(fingers(ScaleFingering.arpeggio(chord, Side.RIGHT, 2)))
                            .as("right")
                            .isEqualTo(row[1]);
                    assertThat(fingers(ScaleFingering.arpeggio(chord, Side.LEFT, 2)))
                            .as("left")
                            .isEqualTo(row[2]);
                }))
                .toList();
    }

    /** "For more octaves the thumb replaces the last finger at each tonic that is not the end": the table's own words. */
    @Test
    void goesOnOverMoreOctaves() {
        assertThat(fingers(ScaleFingering.scale(Key.parse("C major"), Side.RIGHT, 2)))
                .isEqualTo("123123412312345");
        assertThat(fingers(ScaleFingering.scale(Key.parse("C major"), Side.LEFT, 2)))
                .isEqualTo("543213214321321");
        assertThat(fingers(ScaleFingering.scale(Key.parse("Db major"), Side.RIGHT, 2)))
                .isEqualTo("231234123123412");
    }
}
