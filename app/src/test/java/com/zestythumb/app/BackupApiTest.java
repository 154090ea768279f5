package com.zestythumb.app;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import tools.jackson.databind.JsonNode;

/** The whole studio in one file, and back. */
class BackupApiTest extends KeepingApi {

    private static final int MANY = 250;

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
        assertThat(JSON.readTree(backup).at("/formatVersion").asInt()).isEqualTo(6);
        JsonNode was = find(JSON.readTree(backup));
        JsonNode now = find(json(api.get().uri("/api/backup").exchange()));
        assertThat(now).isEqualTo(was);
        assertThat(restore("{\"kind\":\"other\",\"formatVersion\":1,\"tunes\":[]}"))
                .hasStatus(400)
                .hasContentType(MediaType.APPLICATION_PROBLEM_JSON);
    }

    /** A figure of the teacher's own comes back where it is gone, and is not there twice. */
    @Test
    void keepsOwnFigures() throws Exception {
        String rocking = "{\"name\":\"In the backup\",\"text\":\"by bar 1/8 1 3 2 3\"}";
        long id = json(send(api.post(), "/api/figures", rocking)).get("id").asLong();
        String backup = api.get().uri("/api/backup").exchange().getResponse().getContentAsString();
        assertThat(restore(backup)).hasStatusOk();
        assertThat(named("In the backup")).isEqualTo(1);
        api.delete().uri("/api/figures/" + id).exchange();
        assertThat(named("In the backup")).isZero();
        assertThat(restore(backup)).hasStatusOk();
        assertThat(named("In the backup")).isEqualTo(1);
    }

    private long named(String name) throws Exception {
        return json(api.get().uri("/api/figures").exchange())
                .valueStream()
                .filter(one -> one.get("name").asString().equals(name))
                .count();
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
        assertThat(restore(old.replace("\"formatVersion\":1", "\"formatVersion\":7")))
                .hasStatus(400)
                .bodyJson()
                .extractingPath("$.detail")
                .asString()
                .contains("newer app");
    }

    /** More than a lot of tunes, twice: the second time all of them stand there. */
    @Test
    void restoresManyTunesInLots() throws Exception {
        empty();
        StringBuilder tunes = new StringBuilder();
        for (int i = 0; i < MANY; i++) {
            tunes.append(i == 0 ? "" : ",")
                    .append("{\"chart\":\"title: No. ")
                    .append(i)
                    .append("\\n| C |\",\"assignments\":[{\"student\":0,\"place\":0,\"choices\":{\"version\":2}}],")
                    .append("\"tags\":[],\"level\":0,\"updatedAt\":\"2026-01-02T03:04:05Z\",\"history\":[]}");
        }
        String backup = "{\"kind\":\"zesty-thumb-backup\",\"formatVersion\":4,\"students\":[{\"number\":0,"
                + "\"draft\":{\"name\":\"Wren\",\"level\":1}}],\"tunes\":[" + tunes + "],\"figures\":[]}";
        assertThat(restore(backup)).bodyJson().extractingPath("$.added").isEqualTo(MANY);
        assertThat(restore(backup)).bodyJson().extractingPath("$.alreadyHere").isEqualTo(MANY);
        assertThat(json(api.get().uri("/api/backup").exchange()).get("tunes")).hasSize(MANY);
        // Nothing of a backup that is damaged at its end stands there.
        empty();
        assertThat(restore(backup.substring(0, backup.length() - 40))).hasStatus(400);
        assertThat(database.queryForObject("select count(*) from tune", Integer.class))
                .isZero();
    }

    /** Written when what was practised was one of the choices. */
    @Test
    void restoresWhatWasPractisedOfOld() throws Exception {
        String day = "{\"day\":\"2026-11-28\",\"hands\":\"left\",\"from\":0,\"to\":0,\"percent\":75,\"rounds\":9,"
                + "\"slips\":2,\"seconds\":240,\"done\":true}";
        assertThat(
                        restore(
                                "{\"kind\":\"zesty-thumb-backup\",\"formatVersion\":4,\"students\":[{\"number\":0,"
                                        + "\"draft\":{\"name\":\"Wren\",\"level\":1}}],\"tunes\":[{\"chart\":\"title: Practised of old\\n| C |\","
                                        + "\"assignments\":[{\"student\":0,\"place\":0,\"choices\":{\"version\":2,\"practised\":["
                                        + day
                                        + "]}}],\"tags\":[],\"level\":0,\"updatedAt\":\"2026-01-02T03:04:05Z\",\"history\":[]}],\"figures\":[]}"))
                .hasStatusOk();
        assertThat(api.get().uri("/api/backup").exchange().getResponse().getContentAsString())
                .contains(
                        "Practised of old", "\"hands\":\"left\"", "\"percent\":75", "\"seconds\":240", "\"done\":true");
    }

    private void empty() {
        database.execute("truncate tune, student, assignment, tune_revision, own_figure, exercise, attempt cascade");
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
}
