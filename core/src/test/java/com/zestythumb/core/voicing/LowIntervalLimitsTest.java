package com.zestythumb.core.voicing;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.Tables;
import com.zestythumb.core.pitch.Interval;
import com.zestythumb.core.pitch.Pitch;
import java.util.List;
import org.junit.jupiter.api.Test;

class LowIntervalLimitsTest {

    /** The table of arrangers' books (common practice, from memory). */
    @Test
    void startAtThePublishedNotes() {
        List<String[]> rows = Tables.rows("low-interval-limits");
        assertThat(rows).hasSize(12);
        for (String[] row : rows) {
            int interval = row[0].equals("TT") ? 6 : Interval.parse(row[0]).semitones();
            int limit = Pitch.parse(row[1]).midi();
            assertThat(LowIntervalLimits.depth(new int[] {limit, limit + interval}))
                    .as(row[0])
                    .isZero();
            assertThat(LowIntervalLimits.depth(new int[] {limit - 3, limit - 3 + interval}))
                    .as(row[0])
                    .isEqualTo(3);
        }
    }

    @Test
    void lookAtTheWorstPairOfAChord() {
        assertThat(LowIntervalLimits.depth(new int[] {36, 48, 52})).isZero();
        assertThat(LowIntervalLimits.depth(new int[] {36, 40, 43})).isEqualTo(10);
    }
}
