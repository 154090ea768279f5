package com.zestythumb.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.lang.management.ManagementFactory;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.Method;
import java.lang.reflect.Modifier;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;

/**
 * Everything that makes something of one text, found in the classes themselves: eight times the text takes less than sixteen times
 * as long, whatever it is made of, and what makes no sense is refused in words.
 */
@Execution(ExecutionMode.CONCURRENT)
class ParsersGrowTest {

    private static final int SIZE = 4000;
    private static final int TIMES = 8;
    private static final int TOO_MANY_TIMES = 16;

    /** What takes less takes little, however it grows. */
    private static final long MEASURABLE = Duration.ofMillis(25).toNanos();

    private static final Duration PATIENCE = Duration.ofSeconds(30);

    private static final List<String> BEGINNINGS = List.of("", "C", "1", "[C,");

    private static List<Method> parsers() throws Exception {
        List<Method> found = new ArrayList<>();
        for (Class<?> one : PatternsGrowTest.classes()) {
            Arrays.stream(one.getDeclaredMethods())
                    .filter(method -> Modifier.isStatic(method.getModifiers())
                            && !Modifier.isPrivate(method.getModifiers())
                            && !method.isSynthetic()
                            // An enum's own.
                            && !method.getName().equals("valueOf")
                            && Arrays.equals(method.getParameterTypes(), new Class<?>[] {String.class}))
                    .forEach(found::add);
        }
        found.forEach(method -> method.setAccessible(true));
        return found;
    }

    /** Time of the processor, which other work does not lengthen. */
    private static long nanos(Method parser, String text) throws Exception {
        var thread = ManagementFactory.getThreadMXBean();
        long start = thread.getCurrentThreadCpuTime();
        try {
            parser.invoke(null, text);
        } catch (InvocationTargetException e) {
            assertThat(e.getCause()).as(parser + " at " + text.substring(0, 10)).isInstanceOf(RuntimeException.class);
            assertThat(e.getCause()).hasMessageMatching("(?s).{5,}");
        }
        return thread.getCurrentThreadCpuTime() - start;
    }

    private static boolean isSlow(Method parser, String begins, String again) throws Exception {
        String once = begins + again.repeat(SIZE / again.length());
        String often = begins + again.repeat(TIMES * SIZE / again.length());
        for (int tries = 0; tries < 4; tries++) {
            long last = nanos(parser, often);
            if (last < MEASURABLE || last < TOO_MANY_TIMES * nanos(parser, once)) {
                return false;
            }
        }
        return true;
    }

    @Test
    void noneTakesLongerThanTheTextIsLong() throws Exception {
        List<Method> parsers = parsers();
        assertThat(parsers)
                .extracting(Method::toString)
                .anyMatch(name -> name.contains("Chart.read("))
                .anyMatch(name -> name.contains("Fraction.parse("))
                .hasSizeGreaterThan(25);
        List<String> slow = new ArrayList<>();
        for (Method parser : parsers) {
            for (String begins : BEGINNINGS) {
                for (String again : PatternsGrowTest.AGAIN) {
                    String what = parser + " at \"" + begins + again + "…\"";
                    Assertions.assertTimeoutPreemptively(
                            PATIENCE,
                            () -> {
                                if (isSlow(parser, begins, again)) {
                                    slow.add(what);
                                }
                            },
                            what);
                }
            }
        }
        assertThat(slow).isEmpty();
    }
}
