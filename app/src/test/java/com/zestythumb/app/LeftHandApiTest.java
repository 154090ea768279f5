package com.zestythumb.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.zestythumb.core.voicing.VoicingStyles;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import tools.jackson.databind.JsonNode;

/** Styles, prices, proposals, own figures and measured hands over HTTP. */
class LeftHandApiTest extends KeepingApi {

    private static final String HAND = "{\"span\":12,\"lowest\":\"E2\",\"highest\":\"E4\"}";

    private MvcTestResult post(String path, String chart, String choices, String hand) {
        String body = "{\"chart\":" + JSON.writeValueAsString(chart) + ",\"choices\":" + choices + ",\"hand\":" + hand
                + ",\"chord\":0}";
        return send(api.post(), "/api/arrangements" + path, body);
    }

    private MvcTestResult bars(String path, String chart, String bars) {
        return send(
                api.post(),
                "/api/left-hands/" + path,
                "{\"tune\":{\"chart\":" + JSON.writeValueAsString(chart) + "},\"bars\":" + bars + "}");
    }

    @Test
    void writesBarsOutAndLeavesThemAgain() throws Exception {
        String written = json(bars("written", "key: C major\n| C | F |", "[1]"))
                .get("chart")
                .asString();
        assertThat(written).contains("l: |  | [F,A,C]8 |");
        JsonNode chords = json(post("", written, "{}", HAND)).get("chords");
        assertThat(chords.get(0).has("written")).isFalse();
        assertThat(chords.get(1).get("written").asBoolean()).isTrue();
        assertThat(json(bars("computed", written, "[0,1,7]")).get("chart").asString())
                .doesNotContain("l:");
    }

    @Test
    void tellsWhatAWrittenHandDoesAndCutsItInPasses() throws Exception {
        String chart =
                "key: C major\n| C | F | G7 |\n" + "l: C,G,E,G, C,G,E,G, | C,A,F,A, C,A,F,A, | B,,G,F,G, B,,G,E,G, |";
        String body = "{\"chart\":" + JSON.writeValueAsString(chart) + "}";
        JsonNode told = json(send(api.post(), "/api/left-hands/told", body));
        assertThat(told.at("/patterns/0/name").asString()).isEqualTo("Alberti");
        assertThat(told.at("/patterns/0/members").asString()).isEqualTo("root 5th 3rd 5th");
        assertThat(told.at("/patterns/0/odd").size()).isZero();
        assertThat(told.at("/patterns/2/odd/0").asInt()).isEqualTo(4);
        assertThat(told.at("/patterns/0/changes").size()).isZero();
        assertThat(told.at("/positions/0/where").asString()).isNotBlank();
        JsonNode passes = told.get("passes");
        assertThat(passes.valueStream().map(pass -> pass.get("name").asString()))
                .containsExactly("The bass alone", "The chords, held", "Easier, on the beats");
        assertThat(told.at("/together/0/strokes/0/who").asString()).isEqualTo("LEFT");
        assertThat(told.get("hints").isArray()).isTrue();
        // One bar of a pass is taken into the page.
        String into = JSON.writeValueAsString("| C | F |\nl: C,2 G,2 E,2 G,2 | F,8 |");
        String bar = "{\"tune\":{\"chart\":"
                + JSON.writeValueAsString(passes.get(0).get("chart").asString()) + "},\"bars\":[0],\"into\":" + into
                + "}";
        String taken = json(send(api.post(), "/api/left-hands/written", bar))
                .get("chart")
                .asString();
        assertThat(taken).contains("C,8 | F,8 |");
        assertThat(passes.get(0).get("chart").asString()).contains("C,8 |");
    }

    /** Else what was mistyped would be lost. */
    @Test
    void aChartWithMistakesIsNotWrittenAnew() throws Exception {
        assertThat(bars("written", "| Q | F |", "[0]"))
                .hasStatus(400)
                .bodyJson()
                .extractingPath("$.detail")
                .asString()
                .startsWith("fix this first, so that nothing is lost: ");
        assertThat(bars("computed", "| C |\nl: C2", "[0]")).hasStatus(400);
    }

    @Test
    void tellsWhatEachStyleDoes() throws Exception {
        JsonNode effects = json(post("/styles", "| C | F | G7 | C |", "{}", HAND.replace("12", "9")));
        assertThat(effects.size()).isEqualTo(VoicingStyles.all().size());
        JsonNode octaves = effects.valueStream()
                .filter(one -> one.get("style").asString().equals("octaves"))
                .findFirst()
                .orElseThrow();
        // A hand of a sixth spans no octave.
        assertThat(octaves.get("thinned").asInt()).isEqualTo(4);
        assertThat(octaves.get("keys").size()).isEqualTo(1);
    }

    @Test
    void pricesAreToldTermByTerm() throws Exception {
        JsonNode prices = json(post("/prices", "| C | F | C |", "{}", HAND));
        assertThat(prices.size()).isGreaterThan(1);
        for (JsonNode price : prices) {
            int sum = price.get("terms")
                    .valueStream()
                    .mapToInt(term -> term.get("semitones").asInt())
                    .sum();
            assertThat(sum).isEqualTo(price.get("price").asInt());
        }
        assertThat(json(post("/prices", "", "{}", HAND)).size()).isZero();
    }

    @Test
    void proposesThreeHands() throws Exception {
        String tune = "{\"chart\":\"meter: 3/4\\n| C | F | G7 | C |\",\"chord\":0}";
        JsonNode three = json(send(
                api.post(),
                "/api/arrangements/proposals",
                "{\"tune\":" + tune + ",\"level\":2,\"texture\":\"DANCE\",\"minutes\":15}"));
        assertThat(three.size()).isEqualTo(3);
        assertThat(three.get(0).at("/difficulty/measures").size()).isEqualTo(7);
        assertThat(send(
                        api.post(),
                        "/api/arrangements/proposals",
                        "{\"tune\":" + tune + ",\"level\":7,\"texture\":\"ANY\",\"minutes\":15}"))
                .hasStatus(400)
                .bodyJson()
                .extractingPath("$.detail")
                .isEqualTo("a level is 1 to 5, not 7");
    }

    @Test
    void comesToALeftHandInSteps() throws Exception {
        JsonNode steps = json(post("/steps", "| C | F | G7 | C |", "{\"figure\":\"ALBERTI\"}", HAND));
        assertThat(steps.get(0).at("/choices/style").asString()).isEqualTo("bass");
        assertThat(steps.get(steps.size() - 1).at("/choices/figure").asString()).isEqualTo("ALBERTI");
    }

    /** A pin with a note in the right hand and a finger of the teacher's own comes back as it was sent. */
    @Test
    void fixesAChordNoteByNote() throws Exception {
        String choices = """
                {"pins":[{"bar":1,"start":"0","notes":["C3","E3","G3","C4"],
                  "manners":{"C4":"RIGHT_HAND"},"fingers":{"E3":2}}]}""";
        JsonNode played = json(post("", "| C | F |", choices, HAND));
        JsonNode keys = played.at("/chords/0/keys");
        assertThat(keys.get(3).at("/right").asBoolean()).isTrue();
        assertThat(keys.get(1).at("/finger").asInt()).isEqualTo(2);
        assertThat(played.at("/contradictions").size()).isZero();
        assertThat(post("", "| C |", choices.replace("RIGHT_HAND", "LEFT_FOOT"), HAND))
                .hasStatus(400);
        assertThat(post("", "| C |", choices.replace("\"C4\":\"R", "\"C3\":\"R"), HAND))
                .hasStatus(400)
                .bodyJson()
                .extractingPath("$.detail")
                .asString()
                .contains("the right hand takes the highest notes");
    }

    @Test
    void namesWishesThatContradictEachOther() throws Exception {
        String twice = """
                {"pins":[{"bar":1,"start":"0","notes":["C3","E3","G3"]},
                  {"bar":1,"start":"0","notes":["E3","G3","C4"]}]}""";
        assertThat(json(post("", "| C | F |", twice, HAND))
                        .at("/contradictions/0")
                        .asString())
                .isEqualTo("Bar 1: C is fixed twice; the later one counts");
    }

    @Test
    void warmsUpInTheKeyOfATune() throws Exception {
        JsonNode warmUp = json(post("", "key: D minor\n| Dm | A7 |", "{}", HAND));
        assertThat(warmUp.at("/key").asString()).isEqualTo("D minor");
        String body = "{\"chart\":\"key: D minor\\n| Dm | A7 |\",\"hand\":" + HAND + ",\"chord\":0}";
        JsonNode page = json(send(api.post(), "/api/warm-ups", body));
        assertThat(page.at("/title").asString()).isEqualTo("Warm-up in D minor");
        assertThat(page.at("/parts/0/notes")
                        .valueStream()
                        .filter(note -> note.path("right").asBoolean()))
                .hasSizeGreaterThan(40);
        assertThat(send(api.post(), "/api/warm-ups", body.replace("key: D minor\\n| Dm | A7 |", "| N.C. |")))
                .hasStatus(400)
                .bodyJson()
                .extractingPath("$.detail")
                .asString()
                .contains("no key is clear");
    }

    @Test
    void fixesAClash() throws Exception {
        String choices = "{\"pins\":[{\"bar\":1,\"start\":\"0\",\"notes\":[\"C3\",\"E3\",\"B3\"]}]}";
        JsonNode fixes = json(post("/fixes", "key: C major\n| Cmaj7 | F |\nm: c8 | a8 |", choices, HAND));
        // Never without the seventh, which is what the chord is named for.
        assertThat(fixes.valueStream().map(one -> one.get("words").asString()))
                .contains("play B softly", "bring in B a count later")
                .doesNotContain("leave out B");
        assertThat(json(post("/fixes", "| C |", "{}", HAND)).size()).isZero();
    }

    @Test
    void keepsOwnFigures() throws Exception {
        String rocking = "{\"name\":\"Rocking\",\"text\":\"by bar 1/8 1 3 2 3\"}";
        MvcTestResult kept = send(api.post(), "/api/figures", rocking);
        assertThat(kept).hasStatus(201);
        long id = json(kept).get("id").asLong();
        assertThat(api.get().uri("/api/figures").exchange())
                .bodyJson()
                .extractingPath("$[?(@.id == " + id + ")].name")
                .asArray()
                .containsExactly("Rocking");
        String choices = "{\"figure\":\"OWN\",\"own\":" + rocking + "}";
        JsonNode played = json(post("", "| C | C |", choices, HAND));
        assertThat(played.at("/parts/0/notes").size()).isEqualTo(8 + 3);

        assertThat(api.delete().uri("/api/figures/" + id).exchange()).hasStatus(204);
        assertThat(api.get().uri("/api/figures").exchange())
                .bodyJson()
                .extractingPath("$[?(@.id == " + id + ")]")
                .asArray()
                .isEmpty();
        assertThat(api.post().uri("/api/figures/" + id + "/put-back").exchange())
                .hasStatus(204);
        assertThat(send(api.post(), "/api/figures", "{\"name\":\"Odd\",\"text\":\"1/8 bass tob\"}"))
                .hasStatus(400)
                .bodyJson()
                .extractingPath("$.detail")
                .asString()
                .contains("\"tob\" is no place in a chord");
        assertThat(post("", "| C |", "{\"figure\":\"OWN\"}", HAND)).hasStatus(400);
    }

    @Test
    void keepsWhatWasMeasuredOfAHand() throws Exception {
        String body = JSON.writeValueAsString(Map.of(
                "name",
                "Measured",
                "hand",
                Map.of(
                        "span",
                        10,
                        "lowest",
                        "E2",
                        "highest",
                        "E4",
                        "white",
                        Map.of("2-5", 6),
                        "black",
                        Map.of("1-5", 9),
                        "rolls",
                        true,
                        "reading",
                        "POSITIONS"),
                "level",
                2));
        long id = json(send(api.post(), "/api/students", body)).get("id").asLong();
        JsonNode hand = json(api.get().uri("/api/students").exchange())
                .valueStream()
                .filter(one -> one.get("id").asLong() == id)
                .findFirst()
                .orElseThrow()
                .get("hand");
        assertThat(hand.at("/white/2-5").asInt()).isEqualTo(6);
        assertThat(hand.at("/black/1-5").asInt()).isEqualTo(9);
        assertThat(hand.get("rolls").asBoolean()).isTrue();
        assertThat(hand.get("reading").asString()).isEqualTo("POSITIONS");
        assertThat(send(api.post(), "/api/students", body.replace("2-5", "2-9")))
                .hasStatus(400)
                .hasContentType(MediaType.APPLICATION_PROBLEM_JSON)
                .bodyJson()
                .extractingPath("$.detail")
                .asString()
                .contains("\"2-9\" is no pair of fingers");
    }

    @Test
    void playsWishesStretchesAndPedal() throws Exception {
        String choices = "{\"pedal\":\"JOINED\",\"weights\":{\"shapes\":9},\"forbidden\":[\"D\"],"
                + "\"stretches\":[{\"from\":1,\"to\":2,\"style\":\"bass\"}],\"varied\":true}";
        JsonNode tune = json(post("", "feel: swing\n| C | F | G7 | C |", choices, HAND));
        assertThat(tune.get("pedal").size()).isEqualTo(4);
        assertThat(tune.at("/meters/0/ticks/2/at").asDouble()).isCloseTo(2 / 3.0, within(1e-9));
        assertThat(tune.at("/chords/1/keys").size()).isEqualTo(1);
        assertThat(tune.at("/chords/2/keys")
                        .valueStream()
                        .map(key -> key.get("name").asString()))
                .doesNotContain("D");
        assertThat(post("", "| C |", "{\"pedal\":\"HALF\"}", HAND)).hasStatus(400);
        assertThat(post("", "| C |", "{\"weights\":{\"mud\":-1}}", HAND)).hasStatus(400);
        assertThat(post("", "| C |", "{\"weights\":{\"mudd\":3}}", HAND))
                .hasStatus(400)
                .bodyJson()
                .extractingPath("$.detail")
                .asString()
                .startsWith("there is nothing to weigh called \"mudd\"");
        assertThat(post("", "| C |", "{\"stretches\":[{\"from\":2,\"to\":1}]}", HAND))
                .hasStatus(400)
                .bodyJson()
                .extractingPath("$.detail")
                .asString()
                .contains("from a bar to a later one");
    }

    /** A note that is kept beyond what the hand usually plays is walked from all the same, whatever is played. */
    @ParameterizedTest
    @ValueSource(strings = {"C2", "A0", "C5", "C7"})
    void walksFromAKeptNoteAnywhere(String note) {
        for (int bar = 1; bar <= 3; bar += 2) {
            for (String figure : List.of("WALKING_BASS", "WALKING")) {
                String body = "{\"chart\":\"| C | F | G | C |\",\"choices\":{\"style\":\"bass\",\"figure\":\"" + figure
                        + "\",\"pins\":[{\"id\":\"a\",\"bar\":" + bar + ",\"start\":\"0\",\"notes\":[\"" + note
                        + "\"]}]},\"hand\":{\"span\":12,\"lowest\":\"E2\",\"highest\":\"A4\"}}";
                assertThat(send(api.post(), "/api/arrangements", body)).hasStatusOk();
            }
        }
    }
}
