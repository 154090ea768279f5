package com.zestythumb.formats;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.sheet.Chart;
import com.zestythumb.formats.importing.Importer;
import java.lang.management.ManagementFactory;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.stream.Stream;
import org.junit.jupiter.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Text that is made to hold a reader up: something again and again between a beginning and an end. Eight times the text may
 * take less than sixteen times as long; twice as long for each would be sixty-four times.
 */
class GrowthTest {

    private static final int SIZE = 12_000;
    private static final int OF_MIDI = 40_000;
    private static final int TIMES = 8;
    private static final int TOO_MANY_TIMES = 16;

    /** What takes less can take no more than a second or two where the text is as long as a chart may be. */
    private static final long MEASURABLE = Duration.ofMillis(25).toNanos();

    /** In a run of all tests one text of so many is tried, another one of each reader's; with {@code -Dwhole} all. */
    private static final int ONE_OF = System.getProperty("whole") == null ? 48 : 1;

    private static final Duration PATIENCE = Duration.ofSeconds(20);

    private static final List<String> AGAIN = List.of(
            " ",
            "\t",
            "\n",
            " \n",
            "a",
            "a ",
            "C",
            "C ",
            "| C ",
            "|",
            "[",
            "]",
            "] ",
            "[C]",
            "[a",
            "{",
            "}",
            "} ",
            "{a",
            ":",
            ": ",
            "(",
            ")",
            "\"",
            "-",
            "_",
            "*",
            "=",
            "%",
            "/",
            "/ ",
            "1",
            "b",
            "#",
            "!",
            "?",
            ">",
            ",",
            "m: c\n",
            "w: a\n",
            "C!",
            "V",
            "(3",
            "+",
            "{title: a}\n",
            "verse ",
            "<",
            "&",
            "[CE]-",
            "[V:a",
            "l: [CE]&c\n",
            "'");

    private static final List<String> BEGINNINGS = List.of(
            "",
            "title:a",
            "key: C",
            "| ",
            "| C",
            "| C |\nm: ",
            "| C |\nm: c",
            "| C |\nm: c\nw: ",
            "| C |\nl: ",
            "| C |\nl: [C",
            "[",
            "{a",
            "{title:a",
            "{c: ");

    private static final List<String> OF_ABC =
            List.of("X:1\nT:a", "X:1\nK:C\n", "X:1\nK:C\n\"", "X:1\nK:C\n[V:", "X:1\nQ:", "X:1\nK:C\nw:");

    private static final List<String> OF_WORDS = List.of("verse", "title: a", "C G\n", "C", "[C]a");

    private static final List<String> ENDS = List.of("b", "\n| C | G |\n");

    /** A reader with the beginnings that lead into it. */
    private record Reads(String name, Consumer<String> reader, List<String> beginnings) {}

    /** A track of four megabytes, whatever it holds of them. */
    private static final String HEAD =
            "MThd\u0000\u0000\u0000\u0006\u0000\u0000\u0000\u0001\u0001\u00e0MTrk\u0000\u0040\u0000\u0000";

    private static void bring(String name, String text) {
        bring(name, text, StandardCharsets.UTF_8);
    }

    private static void bring(String name, String text, Charset letters) {
        try {
            Importer.read(name, text.getBytes(letters));
        } catch (UnreadableFileException e) {
            assertThat(e).as("told in words").hasMessageMatching("(?s).{10,}");
        }
    }

    static Stream<Arguments> readers() {
        List<Reads> all = List.of(
                new Reads("chart", Chart::read, BEGINNINGS),
                new Reads("any", text -> bring("", text), BEGINNINGS),
                new Reads("ChordPro", text -> bring("a.cho", text), BEGINNINGS),
                new Reads("ABC", text -> bring("a.abc", text), OF_ABC),
                new Reads("words", text -> bring("a.txt", text), OF_WORDS));
        return all.stream()
                .flatMap(
                        one -> one.beginnings().stream().map(begins -> Arguments.of(one.name(), begins, one.reader())));
    }

    @ParameterizedTest(name = "{0}: {1}")
    @MethodSource("readers")
    void takesNoLongerThanTheTextIsLong(String name, String begins, Consumer<String> reader) {
        List<String> slow = new ArrayList<>();
        int number = Math.floorMod((name + begins).hashCode(), ONE_OF);
        for (String again : AGAIN) {
            for (String end : ENDS) {
                number++;
                if (number % ONE_OF > 0) {
                    continue;
                }
                String what = begins + " [" + again + "] " + end;
                Assertions.assertTimeoutPreemptively(
                        PATIENCE,
                        () -> {
                            if (isSlow(reader, begins, again, end)) {
                                slow.add(what.replace("\n", "\\n"));
                            }
                        },
                        what);
            }
        }
        assertThat(slow).isEmpty();
    }

    /** Changes of meter between its notes, of each as many as the file is long. */
    @Test
    void aMidiFileTakesNoLongerThanItIsLong() {
        assertThat(isSlow(
                        OF_MIDI,
                        text -> bring("a.mid", text, StandardCharsets.ISO_8859_1),
                        HEAD,
                        "\n\u00ffX\u0004\u0003\u0002\u0018\b\u0000\u0090<@\n\u0080<\u0000",
                        ""))
                .isFalse();
    }

    private static boolean isSlow(Consumer<String> reader, String begins, String again, String end) {
        return isSlow(SIZE, reader, begins, again, end);
    }

    private static boolean isSlow(int size, Consumer<String> reader, String begins, String again, String end) {
        String once = begins + again.repeat(size / again.length()) + end;
        String often = begins + again.repeat(TIMES * size / again.length()) + end;
        for (int tries = 0; tries < 5; tries++) {
            long first = nanos(reader, once);
            // Once more where it is close, for what is run for the first time takes longer.
            if (first < MEASURABLE || nanos(reader, often) < TOO_MANY_TIMES * first) {
                return false;
            }
        }
        return true;
    }

    /** Time of the processor, which other work does not lengthen. */
    private static long nanos(Consumer<String> reader, String text) {
        var thread = ManagementFactory.getThreadMXBean();
        long start = thread.getCurrentThreadCpuTime();
        reader.accept(text);
        return thread.getCurrentThreadCpuTime() - start;
    }
}
