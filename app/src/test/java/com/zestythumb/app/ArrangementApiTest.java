package com.zestythumb.app;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.webmvc.test.autoconfigure.AutoConfigureMockMvc;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.assertj.MockMvcTester;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import tools.jackson.databind.json.JsonMapper;

@SpringBootTest
@AutoConfigureMockMvc
class ArrangementApiTest {

    private static final String USUAL = """
            {"way":"NEAREST","figure":"BLOCK","hand":{"span":12,"lowest":"E2","highest":"E4"},"pins":[]}""";

    @Autowired
    private MockMvcTester api;

    private MvcTestResult post(String path, String chart, String choices) {
        String body = "{\"chart\":" + JsonMapper.shared().writeValueAsString(chart) + ",\"counts\":false,\"choices\":"
                + choices + "}";
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
        assertThat(answer).bodyJson().extractingPath("$.musicXml").asString().contains("<note id='n0-0'>");
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
                .extractingPath("$.chords[*].pinned")
                .asArray()
                .containsExactly(false, true, false);
        assertThat(arrange("| C | G | C |", pinned))
                .bodyJson()
                .extractingPath("$.lostPins[0].bar")
                .isEqualTo(2);
    }

    @Test
    void refusesChoicesThatMakeNoSenseInATeachersWords() {
        assertThat(arrange("| C |", USUAL.replace("12", "40")))
                .hasStatus(400)
                .hasContentType(MediaType.APPLICATION_PROBLEM_JSON)
                .bodyJson()
                .extractingPath("$.detail")
                .isEqualTo("a hand spans 5 semitones (a fourth) to 19 (a twelfth), not 40");
        assertThat(arrange("| C |", USUAL.replace("E2", "H2")))
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
                .startsWith("choices.way: ");
        assertThat(arrange("| C |", USUAL.replace("\"pins\":[]", "\"pins\":[null]")))
                .hasStatus(400);
        assertThat(arrange("| C |", "null"))
                .hasStatus(400)
                .bodyJson()
                .extractingPath("$.detail")
                .asString()
                .contains("choices");
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
}
