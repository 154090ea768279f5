package com.zestythumb.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.webmvc.test.autoconfigure.AutoConfigureMockMvc;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.assertj.MockMvcTester;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

@SpringBootTest
@AutoConfigureMockMvc
class ArrangementApiTest {

    private static final String USUAL = """
            {"settings":{"inversions":"NEAREST"},"figure":"BLOCK","pins":[]}""";

    private static final String HAND = """
            {"span":12,"lowest":"E2","highest":"E4"}""";

    @Autowired
    private MockMvcTester api;

    private MvcTestResult post(String path, String chart, String choices) {
        return post(path, chart, choices, HAND);
    }

    private MvcTestResult post(String path, String chart, String choices, String hand) {
        String body = "{\"chart\":" + JsonMapper.shared().writeValueAsString(chart)
                + ",\"counts\":\"NONE\",\"choices\":" + choices + ",\"hand\":" + hand + "}";
        return api.post()
                .uri(path)
                .contentType(MediaType.APPLICATION_JSON)
                .content(body)
                .exchange();
    }

    private MvcTestResult arrange(String chart, String choices) {
        return post("/api/arrangements", chart, choices);
    }

    @Test
    void answersWithTheWholeArrangement() {
        MvcTestResult answer = arrange("key: C major\n| C | F | G7 | C |", USUAL);
        assertThat(answer)
                .hasStatusOk()
                .bodyJson()
                .hasPathSatisfying("$.chords.length()", n -> n.assertThat().isEqualTo(4));
        assertThat(answer)
                .bodyJson()
                .extractingPath("$.chords[*].numeral.roman")
                .asArray()
                .containsExactly("I", "IV", "V", "I");
        assertThat(answer)
                .bodyJson()
                .extractingPath("$.chords[0].keys[*].finger")
                .asArray()
                .containsExactly(5, 3, 1);
        assertThat(answer)
                .bodyJson()
                .extractingPath("$.chords[0].toNext.sentence")
                .isEqualTo("5 stays, 2 (for 3) and 1 up a step");
        assertThat(answer).bodyJson().extractingPath("$.problems").asArray().isEmpty();
        assertThat(answer)
                .bodyJson()
                .extractingPath("$.score.measures[0].text")
                .asString()
                .contains("<note id='n0-0'>");
        assertThat(answer).bodyJson().extractingPath("$.parts[*].id").asArray().containsExactly("left");
        assertThat(answer)
                .bodyJson()
                .extractingPath("$.parts[0].notes.length()")
                .isEqualTo(12);
    }

    @Test
    void namesMistakesAndArrangesTheRest() {
        MvcTestResult answer = arrange("| C | Emm | C |", USUAL);
        assertThat(answer).hasStatusOk();
        assertThat(answer).bodyJson().extractingPath("$.problems[0].place").isEqualTo("bar 2, beat 1");
        assertThat(answer)
                .bodyJson()
                .extractingPath("$.problems[0].message")
                .asString()
                .contains("did you mean Em");
        assertThat(answer).bodyJson().extractingPath("$.chords.length()").isEqualTo(2);
    }

    @Test
    void holdsPins() {
        String pinned =
                USUAL.replace("\"pins\":[]", "\"pins\":[{\"bar\":2,\"start\":\"0\",\"notes\":[\"F3\",\"A3\",\"C4\"]}]");
        assertThat(arrange("| C | F | C |", pinned))
                .bodyJson()
                .extractingPath("$.chords[?(@.pinned)].symbol")
                .asArray()
                .containsExactly("F");
        assertThat(arrange("| C | G | C |", pinned))
                .bodyJson()
                .extractingPath("$.lostPins[0].bar")
                .isEqualTo(2);
    }

    @Test
    void refusesChoicesThatMakeNoSenseInATeachersWords() {
        assertThat(post("/api/arrangements", "| C |", USUAL, HAND.replace("12", "40")))
                .hasStatus(400)
                .hasContentType(MediaType.APPLICATION_PROBLEM_JSON)
                .bodyJson()
                .extractingPath("$.detail")
                .isEqualTo("a hand spans 5 semitones (a fourth) to 19 (a twelfth), not 40");
        assertThat(post("/api/arrangements", "| C |", USUAL, HAND.replace("E2", "H2")))
                .hasStatus(400)
                .bodyJson()
                .extractingPath("$.detail")
                .asString()
                .contains("write C, F# or Bb");
        assertThat(arrange("| C |", USUAL.replace("NEAREST", "SIDEWAYS")))
                .hasStatus(400)
                .bodyJson()
                .extractingPath("$.detail")
                .asString()
                .contains("\"SIDEWAYS\" is no value of inversions");
        assertThat(post("/api/arrangements", "| C |", USUAL, HAND.replace("12", "\"wide\"")))
                .hasStatus(400)
                .bodyJson()
                .extractingPath("$.detail")
                .asString()
                .startsWith("hand.span: ");
        assertThat(arrange("| C |", USUAL.replace("\"pins\":[]", "\"pins\":[null]")))
                .hasStatus(400);
        assertThat(arrange("C".repeat(100_001), USUAL))
                .hasStatus(400)
                .bodyJson()
                .extractingPath("$.detail")
                .asString()
                .contains("cut the tune in two");
        assertThat(api.post()
                        .uri("/api/arrangements")
                        .contentType(MediaType.APPLICATION_JSON)
                        .content("{oops")
                        .exchange())
                .hasStatus(400)
                .hasContentType(MediaType.APPLICATION_PROBLEM_JSON);
    }

    @Test
    void givesFilesToTakeAway() throws Exception {
        MvcTestResult xml = post("/api/arrangements/musicxml", "title: Tea & Rain\n| C |", USUAL);
        assertThat(xml).hasStatusOk().hasContentType("application/vnd.recordare.musicxml+xml");
        assertThat(xml.getResponse().getHeader("Content-Disposition"))
                .contains("filename*=UTF-8''Tea%20%20Rain.musicxml");
        assertThat(xml.getResponse().getContentAsString()).contains("<staves>2</staves>");
        MvcTestResult midi = post("/api/arrangements/midi", "| C |", USUAL);
        assertThat(midi).hasStatusOk().hasContentType("audio/midi");
        assertThat(midi.getResponse().getContentAsByteArray()).startsWith('M', 'T', 'h', 'd');
    }

    @Test
    void arrangesAThousandBars() {
        assertThat(arrange("| C | Am | F G7 | C ".repeat(250), USUAL.replace("BLOCK", "ALBERTI")))
                .hasStatusOk()
                .bodyJson()
                .extractingPath("$.bars.length()")
                .isEqualTo(1000);
    }

    /** What is left out is as usual. */
    @Test
    void needsNothingButAChart() {
        assertThat(arrange("| C | F |", "null"))
                .hasStatusOk()
                .bodyJson()
                .extractingPath("$.chords.length()")
                .isEqualTo(2);
        assertThat(api.post()
                        .uri("/api/arrangements")
                        .contentType(MediaType.APPLICATION_JSON)
                        .content("{\"chart\":\"| C | F |\"}")
                        .exchange())
                .hasStatusOk();
    }

    @Test
    void judgesByTheSchoolChosen() {
        String roots = "{\"settings\":{\"inversions\":\"ROOT_POSITION\"},\"school\":\"classical\"}";
        assertThat(arrange("| C | Dm |", roots))
                .bodyJson()
                .extractingPath("$.findings[*].code")
                .asArray()
                .containsExactly("parallel-fifths");
        assertThat(arrange("| C | Dm | C |", "{\"school\":\"classical\"}"))
                .bodyJson()
                .extractingPath("$.findings")
                .asArray()
                .isEmpty();
    }

    @Test
    void publishesWhatCanBeChosen() throws Exception {
        MvcTestResult catalogue = api.get().uri("/api/catalogue").exchange();
        assertThat(catalogue).hasStatusOk();
        JsonNode json = JsonMapper.shared().readTree(catalogue.getResponse().getContentAsString());
        for (JsonNode figure : json.get("figures")) {
            String id = figure.get("id").asString();
            assertThat(arrange("| C |", USUAL.replace("BLOCK", id))).hasStatusOk();
        }
        for (JsonNode style : json.get("styles")) {
            for (JsonNode setting : style.get("settings")) {
                for (JsonNode value : setting.get("values")) {
                    String settings = "{\"style\":\"" + style.get("id").asString() + "\",\"settings\":{\""
                            + setting.get("id").asString() + "\":\""
                            + value.get("id").asString() + "\"}}";
                    assertThat(arrange("| C |", settings)).hasStatusOk();
                }
            }
        }
        assertThat(arrange("| C |", json.get("usual").toString())).hasStatusOk();
    }

    /** For one keystroke only what changed is sent again; put together it is the whole score. */
    @Test
    void sendsMeasuresOnce() throws Exception {
        JsonNode first = json(arrange("| C | F | G7 | C |", USUAL));
        Map<String, String> texts = new HashMap<>();
        first.at("/score/measures")
                .forEach(one ->
                        texts.put(one.get("mark").asString(), one.get("text").asString()));
        assertThat(texts).hasSize(4);
        String body =
                JsonMapper.shared().writeValueAsString(Map.of("chart", "| C | Fm | G7 | C |", "known", texts.keySet()));
        JsonNode second = json(api.post()
                .uri("/api/arrangements")
                .contentType(MediaType.APPLICATION_JSON)
                .content(body)
                .exchange());
        List<String> sent = second.at("/score/measures")
                .valueStream()
                .filter(one -> one.has("text"))
                .map(one -> one.get("text").asString())
                .toList();
        assertThat(sent).singleElement().asString().contains("number='2'").contains("<alter>-1</alter>");
        StringBuilder whole = new StringBuilder(second.at("/score/head").asString());
        second.at("/score/measures")
                .forEach(one -> whole.append(
                        one.has("text")
                                ? one.get("text").asString()
                                : texts.get(one.get("mark").asString())));
        whole.append(second.at("/score/foot").asString());
        JsonNode fresh = json(arrange("| C | Fm | G7 | C |", USUAL));
        StringBuilder expected = new StringBuilder(fresh.at("/score/head").asString());
        fresh.at("/score/measures")
                .forEach(one -> expected.append(one.get("text").asString()));
        assertThat(whole)
                .hasToString(expected.append(fresh.at("/score/foot").asString()).toString());
    }

    @Test
    void givesOtherWaysForTheChordAskedFor() throws Exception {
        String body = "{\"chart\":\"| C | F | C |\",\"chord\":%d}";
        for (int chord : List.of(0, 1, 2)) {
            MvcTestResult ways = send("/api/arrangements/alternatives", body.formatted(chord));
            MvcTestResult all = send("/api/arrangements", body.formatted(chord));
            assertThat(json(ways).size()).isEqualTo(3);
            assertThat(json(all).get("alternatives")).isEqualTo(json(ways));
        }
        assertThat(json(send("/api/arrangements/alternatives", body.formatted(7)))
                        .size())
                .isZero();
        assertThat(json(send("/api/arrangements", body.formatted(-1)))
                        .get("alternatives")
                        .size())
                .isZero();
    }

    private MvcTestResult send(String path, String body) {
        return api.post()
                .uri(path)
                .contentType(MediaType.APPLICATION_JSON)
                .content(body)
                .exchange();
    }

    private static JsonNode json(MvcTestResult result) throws Exception {
        assertThat(result).hasStatusOk();
        return JsonMapper.shared().readTree(result.getResponse().getContentAsString());
    }
}
