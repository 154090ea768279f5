package com.zestythumb.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.StringJoiner;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import tools.jackson.databind.JsonNode;

/** The way through a tune, and what is kept of the practising. */
class PracticeApiTest extends KeepingApi {

    private static final String DAY = round("d1", "left", 240, "true");

    private JsonNode path(String chart) throws Exception {
        var answered =
                send(api.post(), "/api/practice", "{\"chart\":" + JSON.writeValueAsString(chart) + ",\"choices\":{}}");
        assertThat(answered).hasStatusOk();
        return json(answered).at("/steps");
    }

    /** Strange tunes have a way too, or none. */
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "| C |; 2",
                "meter: 7/8 / | Am | G |; 2",
                "tempo: 20 / | C | F | G | C |; 2",
                "tempo: 300 / | C | F | G | C |; 2",
                "meter: 4/4 / | N.C. | / m: c4 e4 |; 1",
                "''; 0",
                "| Nonsense |; 0",
            })
    void everyTuneHasItsWay(String chart, int steps) throws Exception {
        assertThat(path(chart.replace(" / ", "\n")).size()).isEqualTo(steps);
    }

    @Test
    void aLongTuneHasSmallSteps() throws Exception {
        JsonNode path = path("| C | F | G | Am |\n".repeat(75));
        assertThat(path.size()).isBetween(3, 40);
        assertThat(path.at("/0/hands").asString()).isEqualTo("bass");
        assertThat(path.at("/0/why").asString()).isNotBlank();
    }

    private static String told(String... rounds) {
        return "{\"pages\":[{\"bars\":[\"a\",\"b\"],\"steps\":[" + String.join(",", rounds) + "]}]}";
    }

    /** One round as a device tells it. */
    private static String round(String id, String hands, int seconds, String done) {
        return "{\"id\":\"" + id + "\",\"day\":\"2026-11-28\",\"hands\":\"" + hands
                + "\",\"from\":0,\"to\":3,\"percent\":75," + "\"rounds\":9,\"slips\":2,\"seconds\":" + seconds
                + ",\"done\":" + done + "}";
    }

    /** In a line each what is kept of a record: hands, seconds, rounds, whether it is done. */
    private static String kept(JsonNode record) {
        StringJoiner kept = new StringJoiner("; ");
        record.get("pages")
                .forEach(page -> page.get("steps")
                        .forEach(one -> kept.add(one.get("hands").asString() + " " + one.get("seconds") + " "
                                + one.get("rounds") + " " + one.get("done"))));
        return kept.toString();
    }

    private MvcTestResult practised(String path, String record) {
        return send(api.put(), path + "/practised", record);
    }

    private static String assigned(JsonNode assignment) {
        return "/api/assignments/" + assignment.get("id").asLong();
    }

    /** What was practised goes with what the student plays, whatever else is saved meanwhile, and through a backup. */
    @Test
    void whatWasPractisedIsKept() throws Exception {
        JsonNode tune = created("title: Small Steps\n| C | F | G | C |", played(student("Ida", 12), "{}"));
        JsonNode assignment = tune.at("/assignments/0");
        assertThat(practised(assigned(assignment), told(DAY))).hasStatusOk();
        assertThat(saveChoices(assignment, "{\"figure\":\"ALBERTI\"}"))
                .as("with the version from before")
                .hasStatusOk();
        assertThat(kept(get(tune).at("/assignments/0/practised"))).isEqualTo("left 240 9 true");
        String backup =
                api.get().uri("/api/backup").exchange().getResponse().getContentAsString(StandardCharsets.UTF_8);
        assertThat(api.delete().uri("/api/tunes/" + tune.get("id").asLong()).exchange())
                .hasStatus(204);
        assertThat(send(api.post(), "/api/backup", backup.replace("Small Steps", "Smaller Steps")))
                .hasStatusOk();
        JsonNode restored = json(api.get().uri("/api/tunes").exchange())
                .valueStream()
                .filter(one -> one.get("title").asString().equals("Smaller Steps"))
                .findFirst()
                .orElseThrow();
        assertThat(kept(get(restored).at("/assignments/0/practised"))).isEqualTo("left 240 9 true");
        assertThat(get(restored).at("/assignments/0/practised/pages/0/bars/1").asString())
                .isEqualTo("b");
    }

    /** A student's device and the teacher's tell of one day: neither undoes the other's. */
    @Test
    void twoDevicesPractise() throws Exception {
        JsonNode tune = created("title: Two Rooms\n| C | F |", played(student("Kim", 12), "{}"));
        String there = assigned(tune.at("/assignments/0"));
        assertThat(practised(there, told(DAY))).hasStatusOk();
        assertThat(practised(there, told(round("t1", "right", 60, "null")))).hasStatusOk();
        assertThat(kept(json(practised(there, told(round("t2", "left", 60, "null"))))))
                .as("both are counted, and what one ticked stays ticked")
                .isEqualTo("left 300 18 true; right 60 9 null");
        assertThat(kept(json(practised(there, told(DAY)))))
                .as("told twice, kept once")
                .isEqualTo("left 300 18 true; right 60 9 null");
        assertThat(kept(json(practised(there, told(round("t3", "left", 0, "false"))))))
                .as("unticked on purpose")
                .startsWith("left 300 27 false");
        assertThat(practised(there, told(round("", "left", 9, "null")))).hasStatus(409);
    }

    /** Bars are not what they were, or whoever holds the link says so: what was kept stays, each with its bars. */
    @Test
    void otherBarsTakeNothingAway() throws Exception {
        JsonNode tune = created("title: Other Bars\n| C | F |", played(student("Kai", 12), "{}"));
        String there = assigned(tune.at("/assignments/0"));
        assertThat(practised(there, told(DAY))).hasStatusOk();
        String code = json(send(api.post(), there + "/link", "")).get("code").asString();
        String moved = told(round("m1", "left", 5, "null")).replace("\"b\"", "\"c\"");
        assertThat(kept(json(practised("/api/practising/" + code, moved)))).isEqualTo("left 240 9 true; left 5 9 null");
        assertThat(kept(json(practised("/api/practising/" + code, "{\"pages\":[]}"))))
                .isEqualTo("left 240 9 true; left 5 9 null");
        String day = there + "/practised/2026-11-28";
        assertThat(kept(json(api.delete().uri(day).exchange()))).isEmpty();
        assertThat(kept(json(send(api.post(), day + "/put-back", "")))).isEqualTo("left 240 9 true; left 5 9 null");
    }

    /** A student practises by a link, which the teacher opens and closes; it tells no names. */
    @Test
    void aStudentPractisesByALink() throws Exception {
        JsonNode tune = created(
                "title: At Home\n# she hates this one\n| C | F |",
                played(
                        student("Ottilie", 9),
                        "{\"waivers\":[{\"code\":\"leap\",\"bar\":-1,\"reason\":\"lazy thumb\"}]}"));
        String there = assigned(tune.at("/assignments/0"));
        assertThat(tune.at("/assignments/0/code").asString()).isEmpty();
        JsonNode opened = json(send(api.post(), there + "/link", ""));
        String code = opened.get("code").asString();
        assertThat(json(send(api.post(), there + "/link", "")).get("code").asString())
                .isEqualTo(code);
        String link = "/api/practising/" + code;
        JsonNode sheet = json(api.get().uri(link).exchange());
        assertThat(sheet.get("chart").asString()).contains("At Home");
        assertThat(sheet.at("/hand/span").asInt()).isEqualTo(9);
        assertThat(sheet.toString()).doesNotContain("Ottilie", "hates", "lazy");
        assertThat(practised(link, told(DAY))).hasStatusOk();
        assertThat(kept(get(tune).at("/assignments/0/practised"))).isEqualTo("left 240 9 true");
        assertThat(practised(link, told(DAY.replace("2026-11-28", "soon")))).hasStatus(400);
        assertThat(api.delete().uri(there + "/link").exchange()).hasStatus(204);
        assertThat(api.get().uri(link).exchange()).hasStatus(404);
        assertThat(practised(link, told(DAY))).hasStatus(404);
    }

    /** The way as the teacher changed it, and the app's own again. */
    /** What the student's page computes goes by its code; nothing else need be open, and a wrong code opens nothing. */
    @Test
    void aStudentComputesByTheSameLink() throws Exception {
        JsonNode tune = created("title: By the code\n| C | F |");
        String assignment = "/api/assignments/" + tune.at("/assignments/0/id").asLong();
        String code =
                json(send(api.post(), assignment + "/link", "")).get("code").asString();
        String by = "/api/practising/" + code + "/api/";
        assertThat(send(api.post(), by + "arrangements", "{}")).hasForwardedUrl("/api/arrangements");
        assertThat(send(api.post(), by + "practice", "{}")).hasForwardedUrl("/api/practice");
        assertThat(api.get().uri(by + "catalogue").exchange()).hasForwardedUrl("/api/catalogue");
        assertThat(api.get().uri(by + "tunes").exchange()).hasStatus(404);
        String wrong = "/api/practising/AAAAAAAAAAAAAAAAAAAAAA/api/arrangements";
        MvcTestResult refused = send(api.post(), wrong, "{}");
        assertThat(refused).hasStatus(404);
        assertThat(refused.getResponse().getForwardedUrl()).isNull();
    }

    /** A link is renewed, ends after a year, and stands nowhere in the database as it is. */
    @Test
    void aLinkIsRenewedAndEnds() throws Exception {
        JsonNode tune = created("title: For a year\n| C | F |");
        long id = tune.at("/assignments/0/id").asLong();
        String link = "/api/assignments/" + id + "/link";
        String first = json(send(api.post(), link, "")).get("code").asString();
        assertThat(json(send(api.post(), link, "")).get("code").asString()).isEqualTo(first);
        String second =
                json(send(api.post(), link + "?another=true", "")).get("code").asString();
        assertThat(second).isNotEqualTo(first);
        assertThat(api.get().uri("/api/practising/" + first).exchange()).hasStatus(404);
        assertThat(api.get().uri("/api/practising/" + second).exchange()).hasStatusOk();
        assertThat(database.queryForObject("select code from assignment where id = ?", String.class, id))
                .startsWith("s:")
                .doesNotContain(second);
        database.update("update assignment set code_until = now() - interval '1 minute' where id = ?", id);
        assertThat(api.get().uri("/api/practising/" + second).exchange()).hasStatus(404);
        send(api.post(), link, "");
        assertThat(api.get().uri("/api/practising/" + second).exchange()).hasStatusOk();
    }

    @Test
    void theTeachersWayIsKept() throws Exception {
        JsonNode tune = created("title: Her Way\n| C | F | G | C |", played(student("Bea", 12), "{}"));
        JsonNode own = path("| C | F | G | C |").get(0);
        String step = own.toString().replace("\"word\":\"\"", "\"word\":\"softly\"");
        assertThat(saveChoices(tune.at("/assignments/0"), "{\"way\":[" + step + "]}"))
                .hasStatusOk();
        JsonNode kept = get(tune).at("/assignments/0");
        assertThat(kept.at("/choices/way/0")).isEqualTo(JSON.readTree(step));
        assertThat(saveChoices(kept, "{\"way\":[" + step.replace("\"rounds\":3", "\"rounds\":0") + "]}"))
                .hasStatus(400);
        // As it was kept before it could be told by how much it goes faster.
        String older = step.replace("\"by\":5,", "").replace("\"isWide\":false,", "");
        assertThat(older).doesNotContain("by\"", "isWide");
        assertThat(saveChoices(kept, "{\"way\":[" + older + "]}")).hasStatusOk();
        kept = get(tune).at("/assignments/0");
        assertThat(kept.at("/choices/way/0")).isEqualTo(JSON.readTree(step));
        assertThat(saveChoices(kept, "{\"way\":[]}")).hasStatusOk();
        assertThat(get(tune).at("/assignments/0/choices/way").isEmpty()).isTrue();
    }
}
