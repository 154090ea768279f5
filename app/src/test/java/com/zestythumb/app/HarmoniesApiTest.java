package com.zestythumb.app;

import static org.assertj.core.api.Assertions.assertThat;

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

/** What the ear hears, over HTTP: keys nobody told, chords for a tune without any. */
@SpringBootTest
@AutoConfigureMockMvc
class HarmoniesApiTest {

    private static final JsonMapper JSON = JsonMapper.shared();

    /** Twinkle, a folk tune of the public domain, from memory. */
    private static final String BARE = "key: C\nunit: 1/4\nm: C C G G | A A G2 | F F E E | D D C2 |";

    @Autowired
    private MockMvcTester api;

    private MvcTestResult post(String path, Map<String, Object> body) {
        return api.post()
                .uri(path)
                .contentType(MediaType.APPLICATION_JSON)
                .content(JSON.writeValueAsString(body))
                .exchange();
    }

    private static JsonNode json(MvcTestResult result) throws Exception {
        assertThat(result).hasStatusOk();
        return JSON.readTree(result.getResponse().getContentAsString());
    }

    private JsonNode arranged(String chart) throws Exception {
        return json(post("/api/arrangements", Map.of("chart", chart)));
    }

    @Test
    void proposesThreeWaysWithThePriceOfEveryOtherChord() throws Exception {
        JsonNode answer = json(post("/api/harmonies", Map.of("chart", BARE, "levels", List.of())));
        assertThat(answer.get("key").asString()).isEqualTo("C major");
        assertThat(answer.get("proposals").size()).isEqualTo(3);
        assertThat(answer.at("/proposals/0/level").asString()).isEqualTo("PLAIN");
        assertThat(answer.at("/proposals/1/chart").asString()).contains("| C? | F? C? |");
        JsonNode first = answer.at("/proposals/0/chords/0");
        assertThat(first.get("symbol").asString()).isEqualTo("C");
        assertThat(first.at("/others/0/price").asDouble()).isPositive();
        JsonNode one = json(post("/api/harmonies", Map.of("chart", BARE, "levels", List.of("TWO_CHORDS"))));
        assertThat(one.get("proposals").size()).isEqualTo(1);
    }

    @Test
    void keepsWhatTheTeacherSetAndRefusesWhatWouldBeLost() throws Exception {
        String set = "key: C\nunit: 1/4\n| Am | ? | ? | ? |\nm: C C G G | A A G2 | F F E E | D D C2 |";
        JsonNode answer = json(post("/api/harmonies", Map.of("chart", set, "levels", List.of("USUAL"))));
        assertThat(answer.at("/proposals/0/chart").asString()).contains("| Am | F? C? |");
        assertThat(post("/api/harmonies", Map.of("chart", "| Hx | ? |", "levels", List.of())))
                .hasStatus(400)
                .bodyJson()
                .extractingPath("$.detail")
                .asString()
                .startsWith("fix this first, so that nothing is lost: bar 1");
        assertThat(post("/api/harmonies", Map.of("chart", BARE, "levels", List.of("LOUD"))))
                .hasStatus(400);
    }

    @Test
    void saysInWhichKeyASongIsHeard() throws Exception {
        JsonNode song = arranged("| Em | C | G | D7 |\n| G | C | D7 | G |");
        assertThat(song.get("key").asString()).isEqualTo("G major");
        assertThat(song.get("keyTold").asBoolean()).isFalse();
        assertThat(song.at("/score/measures/0/text").asString()).contains("<fifths>1</fifths>");
        JsonNode tossUp = arranged("| Am | F | C | G |");
        assertThat(tossUp.at("/otherKeys/0/percent").asInt()).isBetween(15, 50);
        JsonNode told = arranged("key: C\n| Em | C | G | D7 |");
        assertThat(told.get("keyTold").asBoolean()).isTrue();
        assertThat(told.get("otherKeys").size()).isZero();
    }

    @Test
    void tellsOpenBarsAndWhatWasTakenInTheUsualWay() throws Exception {
        assertThat(arranged(BARE).get("open").asInt()).isEqualTo(4);
        JsonNode shared = arranged("meter: 3/4\n| C G7 | ####I | C |");
        assertThat(shared.at("/taken/0/message").asString()).contains("2 + 1 counts");
        assertThat(shared.at("/problems/0/message").asString()).contains("\"####I\" is not a chord");
        assertThat(shared.get("chords").size()).isEqualTo(3);
    }
}
