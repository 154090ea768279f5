package com.zestythumb.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.context.SpringBootTest.WebEnvironment;
import org.springframework.boot.test.web.server.LocalServerPort;

/** The server as a stranger meets it, over a real connection. */
@SpringBootTest(
        webEnvironment = WebEnvironment.RANDOM_PORT,
        properties = {
            "zesty.body.millis=300",
            "server.tomcat.connection-timeout=5s",
            "zesty.imports.kilobytes=1",
            "zesty.imports.wait=20"
        })
class LimitsTest {

    @LocalServerPort
    private int port;

    private HttpResponse<String> send(String path, HttpRequest.BodyPublisher body) throws Exception {
        HttpRequest request = HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path))
                .header("Content-Type", "application/json")
                .POST(body)
                .build();
        return HttpClient.newHttpClient().send(request, BodyHandlers.ofString());
    }

    private HttpResponse<String> get(String path) throws Exception {
        return HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path))
                                .build(),
                        BodyHandlers.ofString());
    }

    @Test
    void refusesABodyThatIsTooLongWhetherItsLengthIsToldOrNot() throws Exception {
        byte[] long3 = ("{\"chart\":\"" + "x".repeat(3_000_000) + "\"}").getBytes(StandardCharsets.UTF_8);
        assertThat(send("/api/arrangements", BodyPublishers.ofByteArray(long3)).statusCode())
                .isEqualTo(413);
        HttpResponse<String> chunked =
                send("/api/arrangements", BodyPublishers.ofInputStream(() -> new java.io.ByteArrayInputStream(long3)));
        assertThat(chunked.statusCode()).isEqualTo(413);
        assertThat(chunked.body()).contains("too large");
    }

    /** One file that drips in holds up nobody, and is not waited for without end. */
    @Test
    void doesNotWaitForASlowUploadNorLetOthersWaitForIt() throws Exception {
        try (Socket slow = new Socket("127.0.0.1", port)) {
            OutputStream out = slow.getOutputStream();
            out.write(("POST /api/imports HTTP/1.1\r\nHost: localhost\r\nContent-Type: application/octet-stream\r\n"
                            + "Content-Length: 1000000\r\n\r\n")
                    .getBytes(StandardCharsets.US_ASCII));
            drip(out);
            HttpRequest quick = HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + "/api/imports"))
                    .header("Content-Type", "application/octet-stream")
                    .POST(BodyPublishers.ofString("X:1\nK:C\nCDEF|"))
                    .build();
            assertThat(HttpClient.newHttpClient()
                            .send(quick, BodyHandlers.ofString())
                            .statusCode())
                    .isEqualTo(200);
            InputStream in = slow.getInputStream();
            while (in.available() == 0) {
                drip(out);
            }
            byte[] answer = new byte[12];
            assertThat(in.readNBytes(answer, 0, answer.length)).isEqualTo(answer.length);
            assertThat(new String(answer, StandardCharsets.US_ASCII)).isEqualTo("HTTP/1.1 408");
        }
    }

    private static void drip(OutputStream out) {
        try {
            out.write('x');
            out.flush();
        } catch (IOException e) {
            // The server has closed its ear; what it said is still to be read.
        }
    }

    /** One large file has the room there is here: the next is told to come again before anything is kept of it. */
    @Test
    void whatIsOnItsWayCountsAgainstMemory() throws Exception {
        HttpRequest next = HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + "/api/imports?name=next.abc"))
                .header("Content-Type", "application/octet-stream")
                .POST(BodyPublishers.ofString("X:1\nK:C\nCDEF|"))
                .build();
        List<Integer> answers = new ArrayList<>();
        // The large one may be cut off as too slow before the next one comes: then it is tried again.
        while (!answers.contains(503) && answers.size() < 100) {
            try (Socket large = new Socket("127.0.0.1", port)) {
                OutputStream out = large.getOutputStream();
                out.write(("POST /api/imports?name=large.abc HTTP/1.1\r\nHost: localhost\r\nContent-Type:"
                                + " application/octet-stream\r\nContent-Length: 16777216\r\n\r\n")
                        .getBytes(StandardCharsets.US_ASCII));
                drip(out);
                answers.add(HttpClient.newHttpClient()
                        .send(next, BodyHandlers.ofString())
                        .statusCode());
            }
        }
        assertThat(answers).contains(503);
    }

    @Test
    void tellsWhetherItLivesAndCanAnswer() throws Exception {
        for (String path : new String[] {"/api/health", "/api/health/liveness", "/api/health/readiness"}) {
            HttpResponse<String> health = get(path);
            assertThat(health.statusCode()).as(path).isEqualTo(200);
            assertThat(health.body()).contains("\"status\":\"UP\"");
        }
    }

    @Test
    void givesEveryRequestAnId() throws Exception {
        assertThat(get("/api/tunes").headers().firstValue("X-Request-Id")).isPresent();
        HttpRequest named = HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + "/api/tunes"))
                .header("X-Request-Id", "of-my-own.1")
                .build();
        assertThat(HttpClient.newHttpClient()
                        .send(named, BodyHandlers.discarding())
                        .headers()
                        .firstValue("X-Request-Id"))
                .contains("of-my-own.1");
    }
}
