package com.zestythumb.app;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import tools.jackson.databind.JsonNode;

/** Students and what they play. */
class StudentsApiTest extends KeepingApi {

    @Test
    void givesANewTuneToAnyHandWhereNobodyIsNamed() throws Exception {
        JsonNode tune = created("| C |");
        assertThat(tune.at("/assignments/0/student/name").asString()).isEqualTo("Any hand");
        assertThat(tune.get("assignments").size()).isEqualTo(1);
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
                .contains("there is no pattern \"SPIRAL\"");
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
}
