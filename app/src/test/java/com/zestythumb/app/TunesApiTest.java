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
    void takesATuneOffTheShelfAndPutsItBackWithAllItHad() throws Exception {
        JsonNode tune = created("title: Gone for now\n| C |", setting("Wren", 9));
        long id = tune.get("id").asLong();
        assertThat(api.delete().uri("/api/tunes/" + id).exchange()).hasStatus(204);
        assertThat(api.get().uri("/api/tunes/" + id).exchange())
                .hasStatus(404)
                .bodyJson()
                .extractingPath("$.detail")
                .asString()
                .contains("put it back");
        assertThat(api.get().uri("/api/tunes").exchange())
                .bodyJson()
                .extractingPath("$[?(@.title=='Gone for now')]")
                .asArray()
                .isEmpty();
        assertThat(api.get().uri("/api/tunes/removed").exchange())
                .bodyJson()
                .extractingPath("$[0].title")
                .isEqualTo("Gone for now");
        assertThat(api.post().uri("/api/tunes/" + id + "/put-back").exchange()).hasStatus(204);
        JsonNode back = json(api.get().uri("/api/tunes/" + id).exchange());
        assertThat(back.get("settings")).isEqualTo(tune.get("settings"));
        assertThat(api.get().uri("/api/tunes/999999").exchange()).hasStatus(404);
    }

    private MvcTestResult put(String path, String body) {
        return api.put()
                .uri(path)
                .contentType(MediaType.APPLICATION_JSON)
                .content(body)
                .exchange();
    }

    @Test
    void labelsATuneWithoutDisturbingWhoeverHasItOpen() throws Exception {
        JsonNode tune = created("composer: A. Maker\n| C | Am |", setting("Wren", 9));
        long id = tune.get("id").asLong();
        assertThat(put("/api/tunes/" + id + "/labels", "{\"tags\":[\"recital\",\"waltz\"],\"level\":2}"))
                .hasStatus(204);
        assertThat(put("/api/tunes/" + id + "/labels", "{\"tags\":[],\"level\":9}"))
                .hasStatus(400);
        JsonNode labelled = json(api.get().uri("/api/tunes/" + id).exchange());
        assertThat(labelled.at("/tags/1").asString()).isEqualTo("waltz");
        assertThat(labelled.get("level").asInt()).isEqualTo(2);
        assertThat(save(id, draft(tune.get("version").asLong(), "| C | F |", setting("Wren", 9))))
                .hasStatusOk();
    }

    @Test
    void keepsAHistoryToGoBackTo() throws Exception {
        JsonNode tune = created("title: First\n| C |", setting("Wren", 9));
        long id = tune.get("id").asLong();
        JsonNode second =
                json(save(id, draft(tune.get("version").asLong(), "title: Second\n| F |", setting("Wren", 9))));
        // Quick changes are one step; losing most of the text is a step of its own.
        JsonNode third =
                json(save(id, draft(second.get("version").asLong(), "title: Second\n| F | G |", setting("Wren", 9))));
        save(id, draft(third.get("version").asLong(), "| C |", setting("Wren", 9)));
        assertThat(api.get().uri("/api/tunes/" + id + "/history").exchange())
                .bodyJson()
                .extractingPath("$[*].chart")
                .asArray()
                .containsExactly("title: Second\n| F | G |", "title: First\n| C |");
    }

    @Test
    void tellsTwinsEvenInAnotherKey() throws Exception {
        created("title: Twin one\nkey: C\n| C | F | G7sus4 | Cmaj9 |", setting("Wren", 9));
        created("title: Twin two\nkey: D\n| D | G | A7sus4 | Dmaj9 |", setting("Wren", 9));
        MvcTestResult shelf = api.get().uri("/api/tunes").exchange();
        assertThat(shelf)
                .bodyJson()
                .extractingPath("$[?(@.title=='Twin one')].twin")
                .asArray()
                .containsExactly("Twin two");
    }

    @Test
    void restoresABackupWithoutLossAndOnlyOnce() throws Exception {
        JsonNode tune = created("title: Kept for good\n| C |", setting("Wren", 9), setting("Otto", 12));
        long id = tune.get("id").asLong();
        save(id, draft(tune.get("version").asLong(), "title: Kept for good\n| Dm |", setting("Wren", 9)));
        put("/api/tunes/" + id + "/labels", "{\"tags\":[\"exam\"],\"level\":3}");
        String backup = api.get().uri("/api/backup").exchange().getResponse().getContentAsString();
        assertThat(restore(backup)).bodyJson().extractingPath("$.added").isEqualTo(0);
        api.delete().uri("/api/tunes/" + id).exchange();
        assertThat(restore(backup)).bodyJson().extractingPath("$.added").isEqualTo(1);
        assertThat(api.get().uri("/api/tunes/" + id).exchange()).hasStatusOk();
        database.update("delete from tune where id = ?", id);
        assertThat(restore(backup)).bodyJson().extractingPath("$.added").isEqualTo(1);
        JsonNode was = find(JSON.readTree(backup));
        JsonNode now = find(json(api.get().uri("/api/backup").exchange()));
        assertThat(now).isEqualTo(was);
        assertThat(restore("{\"kind\":\"other\",\"formatVersion\":1,\"tunes\":[]}"))
                .hasStatus(400)
                .hasContentType(MediaType.APPLICATION_PROBLEM_JSON);
    }

    private static JsonNode find(JsonNode backup) {
        for (JsonNode tune : backup.get("tunes")) {
            if (tune.get("chart").asString().contains("Kept for good")) {
                return tune;
            }
        }
        throw new AssertionError("not in the backup");
    }

    private MvcTestResult restore(String backup) {
        return api.post()
                .uri("/api/backup")
                .contentType(MediaType.APPLICATION_JSON)
                .content(backup)
                .exchange();
    }

    @Test
    void refusesWhatCannotBeKept() {
        assertThat(create(draft(0, "| C |"))).hasStatus(400);
        assertThat(create("{\"version\":0,\"chart\":\"| C |\",\"settings\":[null]}"))
                .hasStatus(400);
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
