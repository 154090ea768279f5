package com.zestythumb.core;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Objects;

/** Published tables, each with its source and mark on its first lines. */
public final class Tables {

    private Tables() {}

    /** The rows of a table, split at the commas, without remarks and heading. */
    public static List<String[]> rows(String name) {
        try (var in = Objects.requireNonNull(Tables.class.getResourceAsStream("/tables/" + name + ".csv"))) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .filter(line -> !line.startsWith("#"))
                    .skip(1)
                    .map(line -> line.split(","))
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
