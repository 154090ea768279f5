package com.zestythumb.e2e;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;

/** Runs one of the small programs in web/outside, which ask general-purpose libraries. */
final class Node {

    private Node() {}

    /** Gives each of these files to a program that reads files one after another: the lines it printed of each. */
    static List<List<String>> readAll(String program, List<byte[]> files) {
        ByteArrayOutputStream input = new ByteArrayOutputStream();
        for (byte[] file : files) {
            input.writeBytes((file.length + "\n").getBytes(StandardCharsets.US_ASCII));
            input.writeBytes(file);
        }
        List<List<String>> answers = new ArrayList<>();
        List<String> answer = new ArrayList<>();
        for (String line : run(program, input.toByteArray())) {
            if (line.equals("\f")) {
                answers.add(answer);
                answer = new ArrayList<>();
            } else {
                answer.add(line);
            }
        }
        return answers;
    }

    static List<String> read(String program, byte[] file) {
        return readAll(program, List.of(file)).get(0);
    }

    /** Feeds the input and gives back the lines printed. */
    private static List<String> run(String program, byte[] input) {
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
