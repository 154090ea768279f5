package com.zestythumb.e2e;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.time.Duration;
import java.util.concurrent.TimeUnit;

/** The packaged app with a database of its own; it can be killed and started again at the same address. */
final class RunningApp implements AutoCloseable {

    /** The checkout; tests run in the module's folder. */
    static final Path ROOT = Path.of(System.getProperty("zesty.root", ".."));

    private static final Path JAR = ROOT.resolve("product/target/zesty-thumb.jar");
    private static final Duration PATIENCE = Duration.ofSeconds(90);

    private static boolean isLaidOut;

    private final String database;
    private final int port;
    private Process process;

    private RunningApp(String database, int port) {
        this.database = database;
        this.port = port;
    }

    /** Starts with the demo tunes in a new database beside the one that ZESTY_DB_URL names. */
    static RunningApp withDemo(String name) {
        String url = environment("ZESTY_DB_URL");
        String database = "e2e_" + name;
        try (var connection = DriverManager.getConnection(
                        url, environment("ZESTY_DB_USER"), environment("ZESTY_DB_PASSWORD"));
                var statement = connection.createStatement()) {
            statement.execute("drop database if exists " + database + " with (force)");
            statement.execute("create database " + database);
        } catch (SQLException e) {
            throw new IllegalStateException("no database for the tests", e);
        }
        RunningApp app = new RunningApp(url.replaceFirst("/[^/]*$", "/" + database), freePort());
        app.start();
        return app;
    }

    private static String environment(String name) {
        String value = System.getenv(name);
        if (value == null) {
            throw new IllegalStateException(name + " is not set; start these tests with ./zesty test");
        }
        return value;
    }

    private static int freePort() {
        try (ServerSocket socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    void start() {
        Path log = ROOT.resolve("e2e/target/app-" + port + ".log");
        ProcessBuilder builder = new ProcessBuilder(
                java(),
                "-XX:+UseParallelGC",
                "-Dspring.aot.enabled=true",
                "-XX:TieredStopAtLevel=1",
                "-jar",
                laidOut().toString(),
                "--server.port=" + port,
                "--zesty.demo=true");
        builder.environment().put("ZESTY_DB_URL", database);
        builder.redirectErrorStream(true).redirectOutput(ProcessBuilder.Redirect.appendTo(log.toFile()));
        try {
            Files.createDirectories(log.getParent());
            process = builder.start();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        awaitAnswer(log);
    }

    /** The jar beside its libraries, as the start command runs it: it starts sooner. */
    private static synchronized Path laidOut() {
        Path folder = ROOT.resolve("e2e/target/laid-out");
        if (isLaidOut) {
            return folder.resolve(JAR.getFileName());
        }
        try {
            int failed = new ProcessBuilder(
                            java(),
                            "-Djarmode=tools",
                            "-jar",
                            JAR.toString(),
                            "extract",
                            "--force",
                            "--destination",
                            folder.toString())
                    .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                    .redirectError(ProcessBuilder.Redirect.INHERIT)
                    .start()
                    .waitFor();
            if (failed != 0) {
                throw new IllegalStateException("the app's jar could not be laid out; is it built?");
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
        isLaidOut = true;
        return folder.resolve(JAR.getFileName());
    }

    private static String java() {
        return Path.of(System.getProperty("java.home"), "bin", "java").toString();
    }

    private void awaitAnswer(Path log) {
        HttpRequest request =
                HttpRequest.newBuilder(URI.create(address() + "api/tunes")).build();
        HttpClient client = HttpClient.newHttpClient();
        long until = System.nanoTime() + PATIENCE.toNanos();
        while (System.nanoTime() < until) {
            try {
                // Answers as soon as the server listens, or fails at once; the wait is the process's own.
                if (client.send(request, BodyHandlers.discarding()).statusCode() == 200) {
                    return;
                }
            } catch (IOException e) {
                if (ended()) {
                    throw new IllegalStateException("the app stopped while starting; see " + log, e);
                }
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
                throw new IllegalStateException(e);
            }
        }
        throw new IllegalStateException("the app did not answer in time; see " + log);
    }

    /** Waits a moment for the process to end. */
    private boolean ended() {
        try {
            return process.waitFor(200, TimeUnit.MILLISECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return true;
        }
    }

    /** Takes the server away without warning. */
    void kill() {
        process.destroyForcibly();
        process.onExit().join();
    }

    String address() {
        return "http://127.0.0.1:" + port + "/";
    }

    @Override
    public void close() {
        process.destroy();
        process.onExit().join();
    }
}
