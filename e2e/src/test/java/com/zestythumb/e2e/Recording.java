package com.zestythumb.e2e;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Base64;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Writes down what the app answers, a file for each call, so that {@code diff -r} tells what a change of the code has changed:
 * all calls that compute, for each demo tune and student, every voicing and pattern, and 200 charts made by chance, the same in
 * each run. Takes the folder to write to.
 */
final class Recording {

    private static final List<String> OF_A_LEFT_HAND = List.of(
            "arrangements",
            "arrangements/abc",
            "arrangements/abc?hands=true",
            "arrangements/alternatives",
            "arrangements/chart",
            "arrangements/chordpro",
            "arrangements/fixed",
            "arrangements/midi",
            "arrangements/musicxml",
            "arrangements/prices",
            "arrangements/report?school=classical",
            "arrangements/steps",
            "arrangements/styles",
            "left-hands/told",
            "practice",
            "warm-ups");

    private static final List<String> METERS = List.of("4/4", "3/4", "6/8", "2/4", "5/4", "12/8");
    private static final List<String> KEYS = List.of("C", "G", "F", "D", "Bb", "Am", "Em", "Dm", "E", "Ab", "D dorian");
    private static final List<String> CHORDS = List.of(
            "C", "F", "G7", "Am", "Dm7", "E7", "Em", "Bb", "D7", "A7", "C/E", "G/B", "Fmaj7", "Cmaj7", "Bdim7", "Gm7",
            "C7", "Fm6", "Ab", "Eb", "Bm7b5", "E7b9", "G7sus4", "C6", "D/F#", "Am9", "Caug", "F#dim7", "N.C.");

    private static final List<String> SCHOOLS = List.of("popular", "classical", "strict");

    private final ObjectMapper json = JsonMapper.builder()
            .enable(SerializationFeature.INDENT_OUTPUT)
            .enable(SerializationFeature.ORDER_MAP_ENTRIES_BY_KEYS)
            .build();
    private final HttpClient client = HttpClient.newHttpClient();
    private final String api;
    private final Path folder;

    private Recording(String address, Path folder) {
        this.api = address + "api/";
        this.folder = folder;
    }

    public static void main(String[] args) throws Exception {
        Path folder = Files.createDirectories(Path.of(args[0]));
        try (RunningApp app = RunningApp.withDemo("recording")) {
            Recording recording = new Recording(app.address(), folder);
            recording.demoTunes();
            recording.everyVoicingAndPattern();
            recording.chartsByChance();
        }
    }

    private void demoTunes() throws Exception {
        for (JsonNode summary : json.readTree(get("tunes"))) {
            JsonNode tune = json.readTree(get("tunes/" + summary.get("id").asInt()));
            String chart = tune.get("chart").asString();
            for (JsonNode assignment : tune.get("assignments")) {
                ObjectNode request = request(
                        chart,
                        assignment.get("choices"),
                        assignment.get("student").get("hand"));
                String name = summary.get("title").asString() + " "
                        + assignment.get("student").get("name").asString();
                for (String call : OF_A_LEFT_HAND) {
                    record(name, call, request);
                }
                fixes(name, request);
            }
            record(
                    summary.get("title").asString(),
                    "harmonies",
                    json.createObjectNode()
                            .put("chart", chart)
                            .set("levels", json.createArrayNode().add("PLAIN").add("RICH")));
        }
    }

    private void fixes(String name, ObjectNode request) throws Exception {
        JsonNode findings = json.readTree(post("arrangements", request).body()).get("findings");
        for (JsonNode kind : findings.findValues("code").stream().distinct().toList()) {
            record(name, "arrangements/fixes?code=" + kind.asString(), request);
        }
    }

    private void everyVoicingAndPattern() throws Exception {
        JsonNode catalogue = json.readTree(get("catalogue"));
        ObjectNode hand = hand(12);
        String chart =
                "key: G\nmeter: 4/4\n| G | Em7 | Am7 D7 | G/B C | C#dim7 | G/D D7 | G |\nm: d4 B4 | g4 e4 | e4 f4 | d4 c4 | "
                        + "e8 | d4 c4 | B8 |\n";
        for (JsonNode style : catalogue.get("styles")) {
            record(
                    "voicing " + style.get("id").asString(),
                    "arrangements",
                    request(chart, choices(style.get("id").asString(), "BLOCK", "classical"), hand));
        }
        for (JsonNode pattern : catalogue.get("figures")) {
            record(
                    "pattern " + pattern.get("id").asString(),
                    "arrangements",
                    request(chart, choices("close", pattern.get("id").asString(), "classical"), hand));
        }
    }

    private void chartsByChance() throws Exception {
        JsonNode catalogue = json.readTree(get("catalogue"));
        Random random = new Random(1);
        for (int i = 0; i < 200; i++) {
            List<String> bars = IntStream.range(0, 4 + random.nextInt(9))
                    .mapToObj(bar -> random.nextInt(3) == 0
                            ? any(CHORDS, random) + " " + any(CHORDS, random)
                            : any(CHORDS, random))
                    .toList();
            String chart = "key: " + any(KEYS, random) + "\nmeter: " + any(METERS, random) + "\n| "
                    + String.join(" | ", bars) + " |\n";
            String style = id(catalogue.get("styles"), random);
            String pattern = id(catalogue.get("figures"), random);
            ObjectNode request =
                    request(chart, choices(style, pattern, any(SCHOOLS, random)), hand(8 + random.nextInt(6)));
            record("chance %03d".formatted(i), "arrangements", request);
        }
    }

    private static String any(List<String> list, Random random) {
        return list.get(random.nextInt(list.size()));
    }

    private static String id(JsonNode entries, Random random) {
        return entries.get(random.nextInt(entries.size())).get("id").asString();
    }

    private ObjectNode hand(int span) {
        return json.createObjectNode().put("span", span).put("lowest", "C2").put("highest", "A4");
    }

    private ObjectNode choices(String style, String pattern, String school) {
        return json.createObjectNode()
                .put("style", style)
                .put("figure", pattern)
                .put("school", school);
    }

    private ObjectNode request(String chart, JsonNode choices, JsonNode hand) {
        ObjectNode request = json.createObjectNode().put("chart", chart);
        request.set("choices", choices);
        request.set("hand", hand);
        ArrayNode none = json.createArrayNode();
        request.set("engraving", none);
        request.set("known", none);
        return request;
    }

    private String get(String path) throws Exception {
        return client.send(HttpRequest.newBuilder(URI.create(api + path)).build(), BodyHandlers.ofString())
                .body();
    }

    private HttpResponse<byte[]> post(String path, JsonNode body) throws Exception {
        HttpRequest request = HttpRequest.newBuilder(URI.create(api + path))
                .header("Content-Type", "application/json")
                .POST(BodyPublishers.ofString(json.writeValueAsString(body)))
                .build();
        return client.send(request, BodyHandlers.ofByteArray());
    }

    /** JSON in good order, text as it is, anything else in letters. */
    private void record(String name, String call, JsonNode request) throws Exception {
        HttpResponse<byte[]> answer = post(call, request);
        String type = answer.headers().firstValue("Content-Type").orElse("");
        String body = type.contains("json")
                ? json.writeValueAsString(json.readValue(answer.body(), Object.class))
                : type.contains("midi")
                        ? Base64.getMimeEncoder().encodeToString(answer.body())
                        : new String(answer.body());
        if (answer.statusCode() != 200) {
            throw new IllegalStateException(call + " for " + name + " answers " + answer.statusCode() + ": " + body);
        }
        write((name + " " + call).replaceAll("[^A-Za-z0-9=]+", "-"), body + "\n");
    }

    private void write(String name, String text) throws IOException {
        Files.writeString(folder.resolve(name), text);
    }
}
