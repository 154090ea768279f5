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
import org.springframework.test.web.servlet.assertj.MockMvcTester.MockMvcRequestBuilder;
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

    private static final String PIN = "{\"id\":\"a1\",\"bar\":1,\"start\":\"3/2\",\"notes\":[\"E3\",\"G3\",\"C4\"]}";

    private long student(String name, int span) throws Exception {
        String body = JSON.writeValueAsString(
                Map.of("name", name, "hand", Map.of("span", span, "lowest", "E2", "highest", "E4"), "level", 2));
        MvcTestResult added = send(api.post(), "/api/students", body);
        assertThat(added).hasStatus(201);
        return json(added).get("id").asLong();
    }

    private static String played(long student, String choices) {
        return "{\"student\":" + student + ",\"choices\":" + choices + "}";
    }

    private static String tune(String chart, String... assignments) {
        return "{\"chart\":" + JSON.writeValueAsString(chart) + ",\"assignments\":[" + String.join(",", assignments)
                + "]}";
    }

    private MvcTestResult send(MockMvcRequestBuilder how, String path, String body) {
        return how.uri(path)
                .contentType(MediaType.APPLICATION_JSON)
                .content(body)
                .exchange();
    }

    private MvcTestResult create(String body) {
        return send(api.post(), "/api/tunes", body);
    }

    private MvcTestResult save(String path, Long version, String body) {
        MockMvcRequestBuilder put = api.put().uri(path).contentType(MediaType.APPLICATION_JSON);
        if (version != null) {
            put.header("If-Match", "\"" + version + "\"");
        }
        return put.content(body).exchange();
    }

    private MvcTestResult saveChart(JsonNode tune, long version, String chart) {
        return save(
                "/api/tunes/" + tune.get("id").asLong() + "/chart",
                version,
                JSON.writeValueAsString(Map.of("chart", chart)));
    }

    private JsonNode get(JsonNode tune) throws Exception {
        return json(api.get().uri("/api/tunes/" + tune.get("id").asLong()).exchange());
    }

    private static JsonNode json(MvcTestResult result) throws Exception {
        return JSON.readTree(result.getResponse().getContentAsString());
    }

    private JsonNode created(String chart, String... assignments) throws Exception {
        MvcTestResult result = create(tune(chart, assignments));
        assertThat(result).hasStatus(201);
        return json(result);
    }

    @Test
    void keepsATuneJustAsItWasTyped() throws Exception {
        String chart = "title: Ärger im Glück\n# a remark\n| C | not a chord |\n\n";
        JsonNode tune = created(
                chart,
                played(student("Wren", 9), "{\"figure\":\"ALBERTI\",\"pins\":[" + PIN + "]}"),
                played(student("Otto", 12), "{}"));
        JsonNode again = get(tune);
        assertThat(again).isEqualTo(tune);
        assertThat(again.get("chart").asString()).isEqualTo(chart);
        assertThat(again.get("title").asString()).isEqualTo("Ärger im Glück");
        assertThat(again.at("/assignments/1/student/name").asString()).isEqualTo("Otto");
        assertThat(again.at("/assignments/0/student/hand/span").asInt()).isEqualTo(9);
        assertThat(again.at("/assignments/0/choices/figure").asString()).isEqualTo("ALBERTI");
        assertThat(again.at("/assignments/0/choices/pins/0/start").asString()).isEqualTo("3/2");
        assertThat(again.at("/assignments/0/choices/pins/0/id").asString()).isEqualTo("a1");
        assertThat(again.at("/assignments/0/choices/pins/0/notes/2").asString()).isEqualTo("C4");
        // What was left out is as usual.
        assertThat(again.at("/assignments/1/choices/style").asString()).isEqualTo("close");
        assertThat(again.at("/assignments/1/choices/settings/inversions").asString())
                .isEqualTo("NEAREST");
    }

    @Test
    void givesANewTuneToAnyHandWhereNobodyIsNamed() throws Exception {
        JsonNode tune = created("| C |");
        assertThat(tune.at("/assignments/0/student/name").asString()).isEqualTo("Any hand");
        assertThat(tune.get("assignments").size()).isEqualTo(1);
    }

    @Test
    void savesOverTheVersionItKnowsAndNoOther() throws Exception {
        JsonNode tune = created("| C |");
        long version = tune.get("version").asLong();
        MvcTestResult saved = saveChart(tune, version, "| F |");
        assertThat(saved).hasStatusOk();
        assertThat(json(saved).get("version").asLong()).isGreaterThan(version);
        assertThat(saveChart(tune, version, "| G |")).hasStatus(412).hasContentType(MediaType.APPLICATION_PROBLEM_JSON);
        assertThat(get(tune).get("chart").asString()).isEqualTo("| F |");
        String path = "/api/tunes/" + tune.get("id").asLong() + "/chart";
        assertThat(save(path, null, "{\"chart\":\"| G |\"}")).hasStatus(428);
        assertThat(send(api.put().header("If-Match", "W/3"), path, "{\"chart\":\"| G |\"}"))
                .hasStatus(400);
    }

    /** Two devices at two students of one tune do not get into each other's way. */
    @Test
    void savesChartStudentsAndWhatTheyPlayApart() throws Exception {
        JsonNode tune = created("| C |", played(student("Wren", 9), "{}"), played(student("Otto", 12), "{}"));
        JsonNode wren = tune.at("/assignments/0");
        JsonNode otto = tune.at("/assignments/1");
        assertThat(saveChart(tune, tune.get("version").asLong(), "| C | F |")).hasStatusOk();
        assertThat(saveChoices(wren, "{\"figure\":\"ALBERTI\"}")).hasStatusOk();
        assertThat(saveChoices(otto, "{\"figure\":\"BROKEN_UP\"}")).hasStatusOk();
        assertThat(saveChoices(otto, "{\"figure\":\"BLOCK\"}")).hasStatus(412);
        assertThat(saveChoices(get(tune).at("/assignments/1"), "{\"figure\":\"SPIRAL\"}"))
                .hasStatus(400)
                .bodyJson()
                .extractingPath("$.detail")
                .asString()
                .contains("there is no figure \"SPIRAL\"");
        JsonNode student = wren.get("student");
        String path = "/api/students/" + student.get("id").asLong();
        String grown = "{\"name\":\"Wren, 9\",\"hand\":{\"span\":10,\"lowest\":\"E2\",\"highest\":\"E4\"},\"level\":3}";
        assertThat(save(path, student.get("version").asLong(), grown)).hasStatusOk();
        assertThat(save(path, student.get("version").asLong(), grown)).hasStatus(412);
        JsonNode now = get(tune);
        assertThat(now.at("/assignments/0/choices/figure").asString()).isEqualTo("ALBERTI");
        assertThat(now.at("/assignments/1/choices/figure").asString()).isEqualTo("BROKEN_UP");
        assertThat(now.at("/assignments/0/student/name").asString()).isEqualTo("Wren, 9");
        assertThat(now.at("/assignments/0/student/hand/span").asInt()).isEqualTo(10);
    }

    private MvcTestResult saveChoices(JsonNode assignment, String choices) {
        return save(
                "/api/assignments/" + assignment.get("id").asLong() + "/choices",
                assignment.get("version").asLong(),
                choices);
    }

    @Test
    void takesATuneFromAStudentAndGivesItBack() throws Exception {
        JsonNode tune = created("| C |", played(student("Wren", 9), "{\"pins\":[" + PIN + "]}"));
        String wren = "/api/assignments/" + tune.at("/assignments/0/id").asLong();
        assertThat(api.delete().uri(wren).exchange())
                .hasStatus(409)
                .bodyJson()
                .extractingPath("$.detail")
                .asString()
                .contains("give it to another student first");
        String path = "/api/tunes/" + tune.get("id").asLong() + "/assignments";
        MvcTestResult given = send(api.post(), path, played(student("Juno", 10), "{}"));
        assertThat(given).hasStatus(201);
        assertThat(api.delete().uri(wren).exchange()).hasStatus(204);
        assertThat(get(tune).at("/assignments/0/student/name").asString()).isEqualTo("Juno");
        assertThat(api.post().uri(wren + "/put-back").exchange()).hasStatus(204);
        assertThat(get(tune).at("/assignments/0")).isEqualTo(tune.at("/assignments/0"));
        assertThat(get(tune).get("assignments").size()).isEqualTo(2);
    }

    @Test
    void removesAStudentWithWhatItPlaysAndPutsBothBack() throws Exception {
        long id = student("Leaving", 9);
        JsonNode tune = created("| C |", played(id, "{\"figure\":\"ALBERTI\"}"));
        assertThat(api.delete().uri("/api/students/" + id).exchange()).hasStatus(204);
        assertThat(api.get().uri("/api/students").exchange())
                .bodyJson()
                .extractingPath("$[?(@.name=='Leaving')]")
                .asArray()
                .isEmpty();
        assertThat(get(tune).at("/assignments/0/student/name").asString()).isEqualTo("Any hand");
        assertThat(api.post().uri("/api/students/" + id + "/put-back").exchange())
                .hasStatus(204);
        assertThat(get(tune).at("/assignments/0")).isEqualTo(tune.at("/assignments/0"));
        assertThat(api.delete().uri("/api/students/999999").exchange()).hasStatus(404);
        assertThat(send(api.post(), "/api/students", "{\"name\":\" \",\"level\":0}"))
                .hasStatus(400);
        assertThat(send(
                        api.post(),
                        "/api/students",
                        "{\"name\":\"Wide\",\"level\":0,\"hand\":{\"span\":99,\"lowest\":\"E2\",\"highest\":\"E4\"}}"))
                .hasStatus(400)
                .bodyJson()
                .extractingPath("$.detail")
                .asString()
                .contains("not 99");
    }

    @Test
    void listsTheShelfByTitleWithWhatTheTunesBeginWith() throws Exception {
        created("title: zz last\nkey: Bb\nmeter: 3/4\n| Bb | F7 |");
        created("title: aa first\n| C | N.C. | G |");
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
        JsonNode tune = created("title: Gone for now\n| C |");
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
        assertThat(back.get("assignments")).isEqualTo(tune.get("assignments"));
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
        JsonNode tune = created("composer: A. Maker\n| C | Am |");
        long id = tune.get("id").asLong();
        assertThat(put("/api/tunes/" + id + "/labels", "{\"tags\":[\"recital\",\"waltz\"],\"level\":2}"))
                .hasStatus(204);
        assertThat(put("/api/tunes/" + id + "/labels", "{\"tags\":[],\"level\":9}"))
                .hasStatus(400);
        JsonNode labelled = json(api.get().uri("/api/tunes/" + id).exchange());
        assertThat(labelled.at("/tags/1").asString()).isEqualTo("waltz");
        assertThat(labelled.get("level").asInt()).isEqualTo(2);
        assertThat(saveChart(tune, tune.get("version").asLong(), "| C | F |")).hasStatusOk();
    }

    @Test
    void keepsAHistoryToGoBackTo() throws Exception {
        JsonNode tune = created("title: First\n| C |", played(student("Wren", 9), "{\"figure\":\"ALBERTI\"}"));
        JsonNode second = json(saveChart(tune, tune.get("version").asLong(), "title: Second\n| F |"));
        // Quick changes are one step; losing most of the text is a step of its own.
        JsonNode third = json(saveChart(tune, second.get("version").asLong(), "title: Second\n| F | G |"));
        saveChart(tune, third.get("version").asLong(), "| C |");
        MvcTestResult history = api.get()
                .uri("/api/tunes/" + tune.get("id").asLong() + "/history")
                .exchange();
        assertThat(history)
                .bodyJson()
                .extractingPath("$[*].chart")
                .asArray()
                .containsExactly("title: Second\n| F | G |", "title: First\n| C |");
        assertThat(history).bodyJson().extractingPath("$[1].played[0].student").isEqualTo("Wren");
        assertThat(history)
                .bodyJson()
                .extractingPath("$[1].played[0].choices.figure")
                .isEqualTo("ALBERTI");
    }

    /** How a tune was played is a state to go back to as well. */
    @Test
    void keepsAHistoryOfWhatWasPlayed() throws Exception {
        JsonNode tune = created("| C |", played(student("Wren", 9), "{\"pins\":[" + PIN + "]}"));
        saveChoices(tune.at("/assignments/0"), "{}");
        assertThat(api.get()
                        .uri("/api/tunes/" + tune.get("id").asLong() + "/history")
                        .exchange())
                .bodyJson()
                .extractingPath("$[0].played[0].choices.pins[0].id")
                .isEqualTo("a1");
    }

    @Test
    void tellsTwinsEvenInAnotherKey() throws Exception {
        created("title: Twin one\nkey: C\n| C | F | G7sus4 | Cmaj9 |");
        created("title: Twin two\nkey: D\n| D | G | A7sus4 | Dmaj9 |");
        MvcTestResult shelf = api.get().uri("/api/tunes").exchange();
        assertThat(shelf)
                .bodyJson()
                .extractingPath("$[?(@.title=='Twin one')].twin")
                .asArray()
                .containsExactly("Twin two");
    }

    @Test
    void restoresABackupWithoutLossAndOnlyOnce() throws Exception {
        JsonNode tune = created(
                "title: Kept for good\n| C |",
                played(student("Wren", 9), "{\"pins\":[" + PIN + "]}"),
                played(student("Otto", 12), "{}"));
        long id = tune.get("id").asLong();
        saveChart(tune, tune.get("version").asLong(), "title: Kept for good\n| Dm |");
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

    /** Written by the app before students had rows of their own. */
    @Test
    void restoresABackupOfTheFirstFormat() throws Exception {
        String old = """
                {"kind":"zesty-thumb-backup","formatVersion":1,"tunes":[{"chart":"title: From of old\\n| C | F |",
                "settings":[{"name":"Pim, 7","choices":{"way":"ROOT_POSITION","figure":"ALBERTI",
                "hand":{"span":8,"lowest":"E2","highest":"E4"},"pins":[{"bar":1,"start":"0","notes":["E3","G3"]}]}}],
                "tags":["old"],"level":1,"updatedAt":"2026-01-02T03:04:05Z","removedAt":null,
                "history":[{"savedAt":"2026-01-01T00:00:00Z","title":"Older","chart":"| C |"}]}]}""";
        assertThat(restore(old)).bodyJson().extractingPath("$.added").isEqualTo(1);
        assertThat(restore(old)).bodyJson().extractingPath("$.added").isEqualTo(0);
        JsonNode shelf = json(api.get().uri("/api/tunes").exchange());
        long id = shelf.valueStream()
                .filter(one -> one.get("title").asString().equals("From of old"))
                .findFirst()
                .orElseThrow()
                .get("id")
                .asLong();
        JsonNode played = json(api.get().uri("/api/tunes/" + id).exchange()).at("/assignments/0");
        assertThat(played.at("/student/name").asString()).isEqualTo("Pim, 7");
        assertThat(played.at("/student/hand/span").asInt()).isEqualTo(8);
        assertThat(played.at("/choices/settings/inversions").asString()).isEqualTo("ROOT_POSITION");
        assertThat(played.at("/choices/figure").asString()).isEqualTo("ALBERTI");
        assertThat(played.at("/choices/pins/0/notes/1").asString()).isEqualTo("G3");
        assertThat(restore(old.replace("\"Pim, 7\"", "null"))).hasStatus(400);
        assertThat(restore(old.replace("\"formatVersion\":1", "\"formatVersion\":3")))
                .hasStatus(400)
                .bodyJson()
                .extractingPath("$.detail")
                .asString()
                .contains("newer app");
    }

    @Test
    void refusesWhatCannotBeKept() throws Exception {
        assertThat(create("{}")).hasStatus(400);
        assertThat(create("{\"chart\":\"| C |\",\"assignments\":[null]}")).hasStatus(400);
        assertThat(create(tune("| C |", played(999_999, "{}")))).hasStatus(404);
        assertThat(create(tune("| C |", played(student("Wren", 9), "{\"style\":\"sideways\"}"))))
                .hasStatus(400)
                .bodyJson()
                .extractingPath("$.detail")
                .asString()
                .contains("there is no style \"sideways\"");
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
