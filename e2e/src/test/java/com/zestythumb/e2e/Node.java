package com.zestythumb.e2e;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;

/** Runs one of the small programs in web/outside, which ask general-purpose libraries. */
final class Node {

    private Node() {}

    /** Feeds the input and gives back the lines printed. */
    static List<String> run(String program, byte[] input) {
        try {
            Process process = new ProcessBuilder("node", "outside/" + program)
                    .directory(RunningApp.ROOT.resolve("web").toFile())
                    .redirectError(ProcessBuilder.Redirect.INHERIT)
                    .start();
            // These programs read all of their input before they print.
            try (var out = process.getOutputStream()) {
                out.write(input);
            }
            String printed = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
            if (process.waitFor() != 0) {
                throw new IllegalStateException(program + " failed: " + printed);
            }
            return printed.lines().toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    static List<String> run(String program, List<String> lines) {
        return run(program, String.join("\n", lines).getBytes(StandardCharsets.UTF_8));
    }
}
