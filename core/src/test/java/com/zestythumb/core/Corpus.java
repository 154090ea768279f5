package com.zestythumb.core;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Objects;

/** The lists of pieces with what their sources say of them. */
public final class Corpus {

    private Corpus() {}

    /** The lines of a list, without blank lines and remarks. */
    public static List<String> lines(String file) {
        try (var in = Objects.requireNonNull(Corpus.class.getResourceAsStream("/corpus/" + file), file)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .filter(line -> !line.isBlank() && !line.startsWith("#"))
                    .toList();
        } catch (IOException e) {
            throw new AssertionError(e);
        }
    }
}
