package com.zestythumb.formats.musicxml;

import static com.zestythumb.formats.musicxml.EngravedBars.has;
import static com.zestythumb.formats.musicxml.EngravedBars.text;
import static com.zestythumb.formats.musicxml.EngravedBars.told;
import static com.zestythumb.formats.musicxml.EngravedBars.withChord;
import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.w3c.dom.Element;

/** Which way stems go (from memory, of the usual English and German manuals of engraving), written before the writer was tried. */
class StemsTest {

    private static String stem(Element note) {
        return has(note, "chord") || has(note, "rest")
                ? ""
                : text(note, "type").equals("whole") ? "-" : (text(note, "stem") + "?").substring(0, 1);
    }

    /** By the middle line, a chord and a beam by the note that is farthest from it, down where two are as far. */
    @ParameterizedTest
    @CsvSource(delimiterString = " -> ", textBlock = """
            m: c8 -> -
            m: B4 B4 -> d d
            m: A4 c4 -> u d
            m: C4 c'4 -> u d
            m: G2A2B2c2 -> u u d d
            m: z2 A2 z4 -> u
            m: ABcd z4 -> d d d d
            m: FGAB z4 -> u u u u
            m: GFED z4 -> u u u u
            m: efga z4 -> d d d d
            m: Ac z2 z4 -> d d
            m: Gd z2 z4 -> d d
            m: Gc z2 z4 -> u u
            m: Ad z2 z4 -> d d
            m: ca z2 z4 -> d d
            m: [FB]4 [Fd]4 -> u u
            m: [Fe]4 [Gf]4 -> d d
            m: [Gd]4 [Ae]4 -> d d
            m: [EGc]4 [Beg]4 -> u d
            m: [GBd]4 [CEG]4 -> d u
            m: [Ac][Gc] z2 z4 -> u u
            m: (3FGA z2 z4 -> u u u
            m: (3dcA z2 z4 -> d d d
            m: A8- | A4 c4 -> - | u d
            m: B/c/d/e/ z2 z4 -> d d d d
            m: E/F/G/A/ z2 z4 -> u u u u
            m: A3 c d4 -> u d d
            m: A6 B2 -> u d
            key: F;| F |;m: B4 _A4 -> d u
            m: c4 A4 & F4 E4 -> u u d d
            m: A2B2 c4 & z4 E4 -> u u u d
            """)
    void stems(String chart, String wanted) throws Exception {
        assertThat(told(withChord(chart), 1, StemsTest::stem)).isEqualTo(wanted);
    }

    /** The same of the left hand under its own clef, whose middle line is D3. */
    @ParameterizedTest
    @CsvSource(delimiterString = " -> ", textBlock = """
            l: D,4 C,4 -> d u
            l: E,4 C,,4 -> d u
            l: [C,E,]4 [B,,E,]4 -> d u
            l: [C,E,G,]4 [G,,B,,D,]4 -> d u
            l: [E,,C,]4 [A,,C,E,]4 -> u u
            l: [B,,F,]4 [C,G,]4 -> d d
            l: C,E,G,E, C,E,G,E, -> d d d d d d d d
            l: C,,E,,G,,E,, z4 -> u u u u
            l: G,,B,,D,F, z4 -> u u u u
            l: F,,C,A,C, z4 -> u u u u
            l: C,8 & G,2E,2G,2E,2 -> u u u u -
            """)
    void stemsOfTheLeftHand(String chart, String wanted) throws Exception {
        assertThat(told("| C |;" + chart, 2, StemsTest::stem)).isEqualTo(wanted);
    }
}
