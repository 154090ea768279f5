package com.zestythumb.bench;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.HttpURLConnection;
import java.net.ServerSocket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;

/**
 * The arrangement call for a 32-bar chart with eight clients at once, in rounds, since a machine is not as quiet in each,
 * and the shelf of a thousand tunes with one, on loopback, bounded in count.
 * Needs ZESTY_DB_URL, as {@code ./zesty bench} sets it; takes the app's jar as its argument.
 */
public final class AppLoad {

    private static final int WARM_UP = 32_000;
    private static final int MEASURED = 4000;
    private static final int ROUNDS = 5;
    private static final int CLIENTS = 8;
    private static final int TUNES = 1000;
    private static final int LOOKS = 60;

    private static final String CHART =
            "title: Load\\nkey: C major\\n" + "| C / Am / | F G7 | C | F |\\n| Dm7 | G7 | C/E | C |\\n".repeat(4);

    private static final String BODY = "{\"chart\":\"" + CHART + "\",\"choices\":{\"pattern\":\"ALBERTI\"},"
            + "\"hand\":{\"span\":12,\"lowest\":\"E2\",\"highest\":\"E4\"}}";

    private AppLoad() {}

    public static void main(String[] args) throws Exception {
        // Kept open as a page keeps its own; the JDK's client would open three of eight anew for each call.
        System.setProperty("http.maxConnections", "" + CLIENTS);
        int port = freePort();
        Process app = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-XX:+UseParallelGC",
                        "-jar",
                        args[0],
                        "--server.port=" + port,
                        "--logging.level.root=error")
                .inheritIO()
                .start();
        try {
            URI address = URI.create("http://127.0.0.1:" + port + "/api/arrangements");
            awaitAnswer(address, app);
            run(address, WARM_UP);
            for (int round = 0; round < ROUNDS; round++) {
                long start = System.nanoTime();
                long[] times = run(address, MEASURED);
                double seconds = (System.nanoTime() - start) / 1e9;
                report(
                        "arrangement of 32 bars, %d clients, %.0f a second".formatted(CLIENTS, times.length / seconds),
                        times);
            }
            shelf(URI.create("http://127.0.0.1:" + port + "/api/tunes"));
        } finally {
            app.destroy();
            app.waitFor();
        }
    }

    private static void shelf(URI address) throws IOException {
        for (int i = 0; i < TUNES; i++) {
            String chart = CHART.replace("Load", "Tune " + i).replace("| F |", i % 2 == 0 ? "| F |" : "| Fm |");
            ask(address, "{\"chart\":\"" + chart + "\",\"assignments\":[]}");
        }
        long[] times = new long[LOOKS];
        for (int i = 0; i < LOOKS; i++) {
            times[i] = ask(address, "");
        }
        Arrays.sort(times);
        report("shelf of %d tunes".formatted(TUNES), times);
    }

    private static int freePort() throws IOException {
        try (ServerSocket socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        }
    }

    private static void awaitAnswer(URI address, Process app) throws Exception {
        for (int i = 0; i < 300; i++) {
            try {
                ask(address, BODY);
                return;
            } catch (IOException e) {
                if (app.waitFor(200, TimeUnit.MILLISECONDS)) {
                    throw new IllegalStateException("the app stopped while starting", e);
                }
            }
        }
        throw new IllegalStateException("the app did not answer");
    }

    /** Each client asks again as soon as it is answered; gives back all times in nanoseconds. */
    private static long[] run(URI address, int calls) throws Exception {
        ExecutorService clients = Executors.newFixedThreadPool(CLIENTS);
        try {
            List<Callable<long[]>> work = new ArrayList<>();
            for (int c = 0; c < CLIENTS; c++) {
                work.add(() -> calls(address, calls / CLIENTS));
            }
            List<long[]> times = new ArrayList<>();
            for (Future<long[]> client : clients.invokeAll(work)) {
                times.add(client.get());
            }
            return times.stream().flatMapToLong(Arrays::stream).sorted().toArray();
        } finally {
            clients.shutdown();
        }
    }

    private static long[] calls(URI address, int count) throws Exception {
        long[] times = new long[count];
        for (int i = 0; i < count; i++) {
            times[i] = ask(address, BODY);
        }
        return times;
    }

    /** By the JDK's plain client, which keeps the connection and takes little of the two cores itself. */
    private static long ask(URI address, String body) throws IOException {
        long start = System.nanoTime();
        HttpURLConnection call = (HttpURLConnection) address.toURL().openConnection();
        if (!body.isEmpty()) {
            byte[] bytes = body.getBytes(StandardCharsets.UTF_8);
            call.setRequestMethod("POST");
            call.setRequestProperty("Content-Type", "application/json");
            call.setDoOutput(true);
            call.setFixedLengthStreamingMode(bytes.length);
            try (OutputStream out = call.getOutputStream()) {
                out.write(bytes);
            }
        }
        if (call.getResponseCode() >= 300) {
            throw new IllegalStateException("answered " + call.getResponseCode());
        }
        try (InputStream in = call.getInputStream()) {
            in.readAllBytes();
        }
        return System.nanoTime() - start;
    }

    private static void report(String what, long[] sorted) {
        System.out.printf(
                "%s, %d calls: p50 %.1f ms, p95 %.1f ms, p99 %.1f ms%n",
                what, sorted.length, at(sorted, 0.50), at(sorted, 0.95), at(sorted, 0.99));
    }

    private static double at(long[] sorted, double share) {
        return sorted[(int) (share * (sorted.length - 1))] / 1e6;
    }
}
