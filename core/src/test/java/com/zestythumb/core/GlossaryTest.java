package com.zestythumb.core;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** The types that docs/glossary.md names are those of the code. */
class GlossaryTest {

    private static final Pattern TYPE = Pattern.compile("`([A-Z][A-Za-z]+)`");

    @Test
    void namesTypesThatThereAre() throws IOException {
        Set<String> types;
        try (Stream<Path> files = Files.walk(Path.of("src/main/java"))) {
            types = files.map(file -> file.getFileName().toString())
                    .filter(name -> name.endsWith(".java"))
                    .map(name -> name.replace(".java", ""))
                    .collect(Collectors.toSet());
        }
        Set<String> named = TYPE.matcher(Files.readString(Path.of("../docs/glossary.md")))
                .results()
                .map(type -> type.group(1))
                .collect(Collectors.toSet());
        assertThat(named).hasSizeGreaterThan(20).isSubsetOf(types);
    }
}
