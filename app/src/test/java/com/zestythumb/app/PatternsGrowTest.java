package com.zestythumb.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.lang.reflect.Field;
import java.lang.reflect.Modifier;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;

/**
 * Every pattern that text is held against, found in the classes themselves: none looks at a text of n letters more than about n² times,
 * however it is made. Letters are counted, no clock is read.
 */
@Execution(ExecutionMode.CONCURRENT)
class PatternsGrowTest {

    private static final int SHORT = 40;
    private static final int TIMES = 4;

    /** A square grows sixteenfold, a cube sixty-four. */
    private static final double TOO_MANY = 24;

    /** What takes no more steps than this says nothing of how it grows. */
    private static final int FEW = 12_000;

    static final List<String> AGAIN = List.of(
            " ", "\t", "\n", "a", "a ", "A", "1", "1 ", "(", "()", "[", "[]", "{", "{}", "|", "| ", ":", ",", ".", "/",
            "\\", "\"", "%", "-", "_", "=", "^", "b", "#", "C ", "1/8 ", "bass ", "<a>", "&#1;", "!", "?", "x", "{a",
            "[a");
    private static final List<String> ENDS = List.of("", "\u0001", "x");

    /** A text that counts how often it is looked at. */
    private static final class Watched implements CharSequence {

        private final CharSequence text;
        private final long[] looks;

        Watched(CharSequence text, long[] looks) {
            this.text = text;
            this.looks = looks;
        }

        @Override
        public int length() {
            return text.length();
        }

        @Override
        public char charAt(int at) {
            looks[0]++;
            return text.charAt(at);
        }

        @Override
        public CharSequence subSequence(int from, int to) {
            return new Watched(text.subSequence(from, to), looks);
        }

        @Override
        public String toString() {
            return text.toString();
        }
    }

    private static long looks(Pattern pattern, String text) {
        long[] looks = new long[1];
        var matcher = pattern.matcher(new Watched(text, looks));
        matcher.matches();
        matcher.reset();
        matcher.find();
        return looks[0];
    }

    /** All of the product. */
    static List<Class<?>> classes() throws IOException, ReflectiveOperationException {
        List<Class<?>> classes = new ArrayList<>();
        for (Resource resource :
                new PathMatchingResourcePatternResolver().getResources("classpath*:com/zestythumb/**/*.class")) {
            String path = resource.getURL().toString();
            if (!path.contains("/test-classes/")) {
                classes.add(
                        Class.forName(path.substring(path.indexOf("com/zestythumb"), path.length() - ".class".length())
                                .replace('/', '.')));
            }
        }
        return classes;
    }

    private static Map<String, Pattern> patterns() throws IOException, ReflectiveOperationException {
        Map<String, Pattern> found = new TreeMap<>();
        for (Class<?> one : classes()) {
            for (Field field : one.getDeclaredFields()) {
                if (Modifier.isStatic(field.getModifiers()) && field.getType() == Pattern.class) {
                    field.setAccessible(true);
                    found.put(one.getName() + "." + field.getName(), (Pattern) field.get(null));
                }
            }
        }
        return found;
    }

    @Test
    void noneGrowsWorseThanASquare() throws Exception {
        Map<String, Pattern> patterns = patterns();
        assertThat(patterns).hasSizeGreaterThan(60);
        List<String> worse = new ArrayList<>();
        patterns.forEach((name, pattern) -> {
            for (String again : AGAIN) {
                for (String end : ENDS) {
                    for (String begin : List.of("", "a")) {
                        long few = looks(pattern, begin + again.repeat(SHORT) + end);
                        long many = looks(pattern, begin + again.repeat(TIMES * SHORT) + end);
                        if (many > FEW && (double) many / few > TOO_MANY) {
                            worse.add(name + " at \"" + begin + again + "…" + end + "\": " + few + " looks, then "
                                    + many);
                        }
                    }
                }
            }
        });
        assertThat(worse).isEmpty();
    }
}
