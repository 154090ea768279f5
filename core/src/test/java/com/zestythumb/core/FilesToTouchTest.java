package com.zestythumb.core;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.TestFactory;

/** An example of each kind of entry stands in the files that CONTRIBUTING.md names for it, and in no other source. */
class FilesToTouchTest {

    private static final Pattern ROW = Pattern.compile("(?m)^\\| ([^|]+) \\| `([^`]+)` \\| ([^|]+) \\|");
    private static final Pattern NAME = Pattern.compile("`([^`]+)`");

    @TestFactory
    Stream<DynamicTest> oneMoreTouchesTheFilesNamed() throws IOException {
        List<Path> sources = Stream.of("core/src/main", "formats/src/main", "app/src/main", "web/src")
                .flatMap(FilesToTouchTest::filesUnder)
                .toList();
        return ROW.matcher(Files.readString(Path.of("../CONTRIBUTING.md")))
                .results()
                .map(row -> DynamicTest.dynamicTest(row.group(1), () -> {
                    // A constant of code is called in lower case, with hyphens, where it has words.
                    String words =
                            row.group(2).toLowerCase(java.util.Locale.ROOT).replace('_', '-');
                    Pattern named = Pattern.compile(
                            "(?<![\\w-])(" + Pattern.quote(row.group(2)) + "|" + Pattern.quote(words) + ")(?![\\w-])");
                    Set<String> found = sources.stream()
                            .filter(file -> named.matcher(read(file)).find())
                            .map(file -> file.getFileName().toString())
                            .collect(Collectors.toSet());
                    assertThat(found)
                            .containsExactlyInAnyOrderElementsOf(NAME.matcher(row.group(3))
                                    .results()
                                    .map(name -> name.group(1))
                                    .toList());
                }));
    }

    private static Stream<Path> filesUnder(String folder) {
        try (Stream<Path> files = Files.walk(Path.of("..", folder))) {
            return files
                    .filter(file -> file.toString().matches(".*\\.(java|ts|vue|properties)"))
                    .filter(file -> !file.toString().matches(".*(\\.test\\.ts|schema\\.d\\.ts)"))
                    .toList()
                    .stream();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static String read(Path file) {
        try {
            return Files.readString(file);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
