package com.zestythumb.formats.musicxml;

import static com.zestythumb.formats.musicxml.EngravedBars.children;
import static com.zestythumb.formats.musicxml.EngravedBars.has;
import static com.zestythumb.formats.musicxml.EngravedBars.told;
import static com.zestythumb.formats.musicxml.EngravedBars.withChord;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.w3c.dom.Element;

/** Which accidentals are told once more (from memory, of the usual English and German manuals of engraving), written before the writer was tried. */
class CourtesyTest {

    private static final Map<String, String> SIGNS =
            Map.of("sharp", "#", "flat", "b", "natural", "n", "double-sharp", "x", "flat-flat", "bb");

    private static String sign(Element note) {
        List<Element> signs = children(note, "accidental");
        if (has(note, "rest")) {
            return "";
        }
        if (signs.isEmpty()) {
            return ".";
        }
        Element sign = signs.get(0);
        return (sign.getAttribute("cautionary").equals("yes") ? "c" : "") + SIGNS.get(sign.getTextContent());
    }

    /**
     * A note that was altered is told once more where it comes back plain: in the next bar, in another octave of its bar and of
     * the next, in the other hand's staff of its bar, behind a tie over the bar line, and where the signature was changed.
     */
    @ParameterizedTest
    @CsvSource(delimiterString = " -> ", textBlock = """
            m: ^f4 f4 | f8 -> # . | cn
            m: ^f4 f4 | g8 -> # . | .
            m: ^f4 f4 | f4 f4 -> # . | cn .
            m: ^f8 | g8 | f8 -> # | . | .
            m: ^f8 | g4 f4 -> # | . cn
            m: ^f8 | z4 f4 -> # | cn
            m: ^f8 | f'8 -> # | cn
            m: ^f8 | F8 -> # | cn
            m: ^f8 | f4 F4 -> # | cn cn
            m: ^f4 f'4 -> # cn
            m: ^f4 ^f'4 -> # #
            m: ^f4 F4 -> # cn
            m: ^f2 f'2 f2 f'2 -> # cn . .
            m: ^f4 =f4 | f8 -> # n | .
            m: ^f4 =f4 | f'8 -> # n | .
            m: ^f8 | ^f8 -> # | #
            m: ^f8 | _f8 -> # | b
            m: ^f8 | ^f'8 -> # | #
            m: ^f8- | f8 | f8 -> # | . | cn
            m: ^f8- | f4 f4 -> # | . cn
            m: ^f8- | f4 ^f4 -> # | . #
            m: _B8 | B8 -> b | cn
            m: _B4 c4 | B4 B4 -> b . | cn .
            m: ^^f4 ^f4 -> x #
            m: ^^f8 | f8 -> x | cn
            m: [F^f]8 -> # cn
            m: [^f^a]8 | [fa]8 -> # # | cn cn
            m: ^f8 & A8 | f8 & A8 -> # . | cn .
            key: G;| G | G |;m: =f4 g4 | f8 -> n . | c#
            key: G;| G | G |;m: =f8 | f'8 -> n | c#
            key: G;| G | G |;m: f8 | f8 -> . | .
            key: F;| F | F |;m: =B8 | B8 -> n | cb
            key: F;| F | F |;m: _e4 e4 | e8 -> b . | cn
            key: Eb;| Eb | Eb |;m: =A8 | A8 -> n | cb
            key: E;| E | E |;m: ^^f8 | f8 -> x | c#
            key: G;| G | {key C} C |;m: f8 | f8 -> . | cn
            key: C;| C | {key G} G |;m: f8 | f8 -> . | c#
            key: C;| C | {key G} G |;m: c8 | c8 -> . | .
            key: F;| F | {key D} D |;m: B4 F4 | B4 F4 -> . . | cn c#
            key: C;| C | {key G} G | G |;m: c8 | g8 | f8 -> . | . | .
            """)
    void accidentalsOfCourtesy(String chart, String wanted) throws Exception {
        assertThat(told(withChord(chart), 1, CourtesyTest::sign)).isEqualTo(wanted);
    }

    @ParameterizedTest
    @CsvSource(delimiterString = " -> ", textBlock = """
            | F |;m: ^f8;l: F,8 -> cn
            | F |;m: f8;l: F,8 -> .
            | F | F |;m: ^f8 | a8;l: A,8 | F,8 -> . | .
            | C | C |;m: c8 | c8;l: ^F,8 | F,8 -> # | cn
            | C |;m: ^c4 g4;l: A,4 C,4 -> . cn
            | C |;m: g4 ^c4;l: C,4 A,4 -> . .
            """)
    void accidentalsOfCourtesyInTheOtherHand(String chart, String wanted) throws Exception {
        assertThat(told(chart, 2, CourtesyTest::sign)).isEqualTo(wanted);
    }
}
