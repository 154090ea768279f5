package com.zestythumb.app;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** The way through a tune, and what is kept of the practising. */
class PracticeApiTest extends KeepingApi {

    private static final String DAY = "{\"day\":\"2026-11-28\",\"hands\":\"left\",\"from\":0,\"to\":3,\"percent\":75,"
            + "\"rounds\":9,\"slips\":2,\"seconds\":240,\"done\":true}";

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

    /** What was practised goes with what the student plays, through a save and a backup. */
    @Test
    void whatWasPractisedIsKept() throws Exception {
        JsonNode tune = created("title: Small Steps\n| C | F | G | C |", played(student("Ida", 12), "{}"));
        JsonNode assignment = tune.at("/assignments/0");
        assertThat(saveChoices(assignment, "{\"practised\":[" + DAY + "]}")).hasStatusOk();
        assertThat(get(tune).at("/assignments/0/choices/practised/0")).isEqualTo(JSON.readTree(DAY));
        assertThat(api.get().uri("/api/backup").exchange().getResponse().getContentAsString())
                .contains("2026-11-28");
    }

    /** The way as the teacher changed it, and the app's own again. */
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

    @Test
    void aDayThatIsNoneIsRefused() throws Exception {
        JsonNode tune = created("title: Not Today\n| C | F |", played(student("Ole", 12), "{}"));
        assertThat(saveChoices(
                        tune.at("/assignments/0"), "{\"practised\":[" + DAY.replace("2026-11-28", "soon") + "]}"))
                .hasStatus(400);
    }
}
