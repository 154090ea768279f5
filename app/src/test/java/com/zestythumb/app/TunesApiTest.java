package com.zestythumb.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.webmvc.test.autoconfigure.AutoConfigureMockMvc;
import org.springframework.http.MediaType;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.web.servlet.assertj.MockMvcTester;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

@SpringBootTest
@AutoConfigureMockMvc
class TunesApiTest {

    private static final JsonMapper JSON = JsonMapper.shared();

    @Autowired
    private MockMvcTester api;

    @Autowired
    private JdbcTemplate database;

    private static Map<String, Object> setting(String name, int span) {
        Map<String, Object> pin = Map.of("bar", 1, "start", "3/2", "notes", List.of("E3", "G3", "C4"));
        Map<String, Object> hand = Map.of("span", span, "lowest", "E2", "highest", "E4");
        return Map.of(
                "name",
                name,
                "choices",
                Map.of("way", "NEAREST", "figure", "ALBERTI", "hand", hand, "pins", List.of(pin)));
    }

    private static String draft(long version, String chart, Object... settings) {
        return JSON.writeValueAsString(Map.of("version", version, "chart", chart, "settings", List.of(settings)));
    }

    private MvcTestResult create(String body) {
        return api.post()
                .uri("/api/tunes")
                .contentType(MediaType.APPLICATION_JSON)
                .content(body)
                .exchange();
    }

    private MvcTestResult save(long id, String body) {
        return api.put()
                .uri("/api/tunes/" + id)
                .contentType(MediaType.APPLICATION_JSON)
                .content(body)
                .exchange();
    }

    private static JsonNode json(MvcTestResult result) throws Exception {
        return JSON.readTree(result.getResponse().getContentAsString());
    }

    private JsonNode created(String chart, Object... settings) throws Exception {
        MvcTestResult result = create(draft(0, chart, settings));
        assertThat(result).hasStatus(201);
        return json(result);
    }

    @Test
    void keepsATuneJustAsItWasTyped() throws Exception {
        String chart = "title: Ärger im Glück\n# a remark\n| C | not a chord |\n\n";
        JsonNode tune = created(chart, setting("Wren", 9), setting("Otto", 12));
        JsonNode again =
                json(api.get().uri("/api/tunes/" + tune.get("id").asLong()).exchange());
        assertThat(again).isEqualTo(tune);
        assertThat(again.get("chart").asString()).isEqualTo(chart);
        assertThat(again.get("title").asString()).isEqualTo("Ärger im Glück");
        assertThat(again.at("/settings/1/name").asString()).isEqualTo("Otto");
        assertThat(again.at("/settings/0/choices/hand/span").asInt()).isEqualTo(9);
        assertThat(again.at("/settings/0/choices/pins/0/start").asString()).isEqualTo("3/2");
        assertThat(again.at("/settings/0/choices/pins/0/notes/2").asString()).isEqualTo("C4");
    }

    @Test
    void savesOverTheVersionItKnowsAndNoOther() throws Exception {
        JsonNode tune = created("| C |", setting("Wren", 9));
        long id = tune.get("id").asLong();
        long version = tune.get("version").asLong();
        MvcTestResult saved = save(id, draft(version, "| F |", setting("Wren", 10)));
        assertThat(saved).hasStatusOk();
        assertThat(json(saved).get("version").asLong()).isGreaterThan(version);
        assertThat(save(id, draft(version, "| G |", setting("Wren", 9))))
                .hasStatus(409)
                .hasContentType(MediaType.APPLICATION_PROBLEM_JSON);
        JsonNode now = json(api.get().uri("/api/tunes/" + id).exchange());
        assertThat(now.get("chart").asString()).isEqualTo("| F |");
    }

    @Test
    void countsAChangeOfSettingsAloneAsANewVersion() throws Exception {
        JsonNode tune = created("| C |", setting("Wren", 9));
        JsonNode saved =
                json(save(tune.get("id").asLong(), draft(tune.get("version").asLong(), "| C |", setting("Wren", 8))));
        assertThat(saved.get("version").asLong())
                .isGreaterThan(tune.get("version").asLong());
    }

    @Test
    void listsTheShelfByTitleWithWhatTheTunesBeginWith() throws Exception {
        created("title: zz last\nkey: Bb\nmeter: 3/4\n| Bb | F7 |", setting("Wren", 9));
        created("title: aa first\n| C | N.C. | G |", setting("Otto", 12));
        MvcTestResult shelf = api.get().uri("/api/tunes").exchange();
        assertThat(shelf).bodyJson().extractingPath("$[*].title").asArray().containsSubsequence("aa first", "zz last");
        assertThat(shelf)
                .bodyJson()
                .extractingPath("$[?(@.title=='zz last')].key")
                .asArray()
                .containsExactly("B♭ major");
        assertThat(shelf)
                .bodyJson()
                .extractingPath("$[?(@.title=='aa first')].opening[*]")
                .asArray()
                .containsExactly("C", "G");
    }

    @Test
    void removesATuneWithAllThatHangsOnIt() throws Exception {
        long id = created("| C |", setting("Wren", 9)).get("id").asLong();
        assertThat(api.delete().uri("/api/tunes/" + id).exchange()).hasStatus(204);
        assertThat(api.get().uri("/api/tunes/" + id).exchange())
                .hasStatus(404)
                .bodyJson()
                .extractingPath("$.detail")
                .asString()
                .contains("no tune number " + id);
        assertThat(database.queryForObject("select count(*) from setting where tune_id = ?", Long.class, id))
                .isZero();
    }

    @Test
    void refusesWhatCannotBeKept() {
        assertThat(create(draft(0, "| C |"))).hasStatus(400);
        assertThat(create(draft(0, "| C |", setting(" ", 9)))).hasStatus(400);
        assertThat(create(draft(0, "| C |", setting("Wren", 99))))
                .hasStatus(400)
                .bodyJson()
                .extractingPath("$.detail")
                .asString()
                .contains("not 99");
        assertThat(api.get().uri("/api/tunes/abc").exchange())
                .hasStatus(400)
                .hasContentType(MediaType.APPLICATION_PROBLEM_JSON);
    }

    /** Nothing is stored that does not belong to a studio. */
    @Test
    void givesEveryRowToAStudio() {
        List<String> tables = database.queryForList(
                "select table_name from information_schema.tables where table_schema = 'public'"
                        + " and table_name not in ('studio', 'flyway_schema_history')",
                String.class);
        List<String> owned = database.queryForList(
                "select table_name from information_schema.columns where column_name = 'studio_id' and is_nullable = 'NO'",
                String.class);
        assertThat(tables).isNotEmpty();
        assertThat(owned).containsExactlyInAnyOrderElementsOf(tables);
    }
}
