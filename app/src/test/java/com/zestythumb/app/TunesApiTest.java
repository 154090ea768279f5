package com.zestythumb.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import tools.jackson.databind.JsonNode;

/** Tunes on the shelf. */
class TunesApiTest extends KeepingApi {

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
    void refusesWhatCannotBeKept() throws Exception {
        assertThat(create("{}")).hasStatus(400);
        assertThat(create("{\"chart\":\"| C |\",\"assignments\":[null]}")).hasStatus(400);
        assertThat(create(tune("| C |", played(999_999, "{}")))).hasStatus(404);
        assertThat(create(tune("| C |", played(student("Wren", 9), "{\"style\":\"sideways\"}"))))
                .hasStatus(400)
                .bodyJson()
                .extractingPath("$.detail")
                .asString()
                .contains("there is no voicing \"sideways\"");
        assertThat(api.get().uri("/api/tunes/abc").exchange())
                .hasStatus(400)
                .hasContentType(MediaType.APPLICATION_PROBLEM_JSON)
                .bodyJson()
                .extractingPath("$.detail")
                .isEqualTo("\"id\" cannot be \"abc\"; see /api/openapi");
    }

    /** Nothing is stored that does not belong to a studio, but how often somebody asked of late. */
    @Test
    void givesEveryRowToAStudio() {
        List<String> tables = database.queryForList(
                "select table_name from information_schema.tables where table_schema = 'public'"
                        + " and table_name not in ('studio', 'flyway_schema_history', 'bucket')",
                String.class);
        List<String> owned = database.queryForList(
                "select table_name from information_schema.columns where column_name = 'studio_id' and is_nullable = 'NO'",
                String.class);
        assertThat(tables).isNotEmpty();
        assertThat(owned).containsExactlyInAnyOrderElementsOf(tables);
    }
}
