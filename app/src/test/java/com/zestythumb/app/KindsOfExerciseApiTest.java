package com.zestythumb.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import tools.jackson.databind.JsonNode;

/** What can be asked beside chords on the keys, how it is worked at, and what a teacher sees of a class. */
class KindsOfExerciseApiTest extends KeepingApi {

    private static final String HAND = "{\"span\":12,\"lowest\":\"E2\",\"highest\":\"E4\"}";

    private JsonNode made(String asked, String settings, Long student) throws Exception {
        return made("Stepping", asked, settings, student);
    }

    private JsonNode made(String title, String asked, String settings, Long student) throws Exception {
        String chart = "title: " + title + "\\n| C | F | G7 | C |";
        long tune = created(chart.replace("\\n", "\n")).get("id").asLong();
        MvcTestResult made = send(
                api.post(),
                "/api/tunes/" + tune + "/exercises",
                "{\"chart\":\"" + chart + "\",\"choices\":{},\"hand\":" + HAND + ",\"bars\":[1,2],\"asked\":\"" + asked
                        + "\",\"student\":" + student + ",\"settings\":{\"counts\":[\"NOTES\",\"HAND\",\"WAY\"]"
                        + settings
                        + "}}");
        assertThat(made).hasStatus(201);
        return json(made);
    }

    private JsonNode sheet(JsonNode exercise) throws Exception {
        return json(api.get().uri(path(exercise)).exchange());
    }

    private MvcTestResult say(JsonNode exercise, int attempt, int chord, String word) {
        return send(
                api.put(),
                path(exercise) + "/chords/" + chord,
                "{\"attempt\":" + attempt + ",\"keys\":[],\"word\":\"" + word + "\",\"seconds\":20,\"waited\":3}");
    }

    private MvcTestResult play(JsonNode exercise, int attempt, int chord, String keys, int waited) {
        return send(
                api.put(),
                path(exercise) + "/chords/" + chord,
                "{\"attempt\":" + attempt + ",\"keys\":[" + keys + "],\"seconds\":20,\"waited\":" + waited + "}");
    }

    private JsonNode finish(JsonNode exercise, int attempt) throws Exception {
        return json(send(api.post(), path(exercise) + "/finish", "{\"attempt\":" + attempt + ",\"seconds\":61}"));
    }

    private JsonNode again(JsonNode exercise) throws Exception {
        return json(send(api.post(), path(exercise) + "/again", "{}"));
    }

    @Test
    void wordsAreKeptAndMarkedAndTheNamesAreNotToldBefore() throws Exception {
        JsonNode exercise = made("NAMES", "", null);
        JsonNode empty = sheet(exercise);
        assertThat(empty.get("how").asString()).isEqualTo("WRITTEN");
        assertThat(empty.at("/places/0/symbol").asString()).isEmpty();
        assertThat(empty.at("/places/0/prompt").asString()).contains("called");
        assertThat(say(exercise, 1, 1, "F")).hasStatusOk();
        assertThat(say(exercise, 1, 2, "G")).hasStatusOk();
        assertThat(sheet(exercise).at("/places/0/word").asString()).isEqualTo("F");
        JsonNode marked = finish(exercise, 1);
        assertThat(marked.at("/places/0/mark/verdict").asString()).isEqualTo("RIGHT");
        assertThat(marked.at("/places/1/mark/faults/0").asString()).isEqualTo("wrong-kind");
        assertThat(say(exercise, 2, 1, "x".repeat(90))).hasStatus(409);
        assertThat(again(exercise).at("/places/0/word").asString()).isEqualTo("F");
        assertThat(say(exercise, 2, 2, "x".repeat(90))).hasStatus(400);
    }

    /** What would tell the answer is not in what is sent. */
    @ParameterizedTest
    @CsvSource({
        "NAMES, symbols numerals",
        "NUMERALS, harmony numerals",
        "FINGERS, fingering",
        "FIGURES, symbols numerals fingering",
        "FOUR_PARTS, symbols numerals fingering",
        "CHORDS, all"
    })
    void whatWouldTellTheAnswerStaysInTheHouse(String asked, String hidden) throws Exception {
        JsonNode page = page(made(asked, "", null), false);
        String score = page.get("score").toString();
        boolean hidesSymbols = hidden.contains("symbols");
        assertThat(score.contains("<harmony")).isEqualTo(!hidesSymbols);
        assertThat(page.at("/chords/2/symbol").asString()).isEqualTo(hidesSymbols ? "" : "G7");
        assertThat(page.at("/chords/2/numeral/roman").asString().isEmpty()).isEqualTo(hidden.contains("numerals"));
        assertThat(page.at("/analysis/readings").isEmpty()).isEqualTo(hidden.contains("numerals"));
        if (hidden.contains("fingering")) {
            assertThat(score).doesNotContain("<fingering");
            page.get("chords")
                    .forEach(chord -> chord.get("keys")
                            .forEach(
                                    key -> assertThat(key.get("finger").asInt()).isZero()));
        }
        assertThat(page.get("findings").isEmpty()).isTrue();
        assertThat(page.toString().contains("G7")).isEqualTo(!hidesSymbols);
    }

    @Test
    void helpIsGivenWhereItIsAllowedAndTold() throws Exception {
        JsonNode with = made("CHORDS", ",\"help\":true", null);
        String at = path(with) + "/chords/1/help";
        String asks = "{\"attempt\":1,\"seconds\":1}";
        assertThat(json(send(api.post(), at, asks)).get("words").asString()).contains("chord: root");
        assertThat(json(send(api.post(), at, asks)).get("words").asString()).contains("not there yet");
        assertThat(json(send(api.post(), at, asks)).get("key").asInt()).isPositive();
        JsonNode seen = json(api.get()
                        .uri("/api/tunes/" + with.get("tune").asLong() + "/exercises")
                        .exchange())
                .get(0);
        assertThat(seen.at("/attempts/0/helped/1").asInt()).isEqualTo(3);
        JsonNode without = made("CHORDS", "", null);
        assertThat(send(api.post(), path(without) + "/chords/1/help", "{\"attempt\":1,\"seconds\":1}"))
                .hasStatus(409);
    }

    /** The notes of a bar go once it was right three times in a row, and come back after a slip. */
    @Test
    void notesFadeAsTheyAreKnown() throws Exception {
        JsonNode exercise = made("CHORDS", ",\"fading\":true", null);
        assertThat(leftHand(exercise)).doesNotContain("–");
        for (int attempt = 1; attempt <= 3; attempt++) {
            assertThat(play(exercise, attempt, 1, "48,53,57", 1)).hasStatusOk();
            assertThat(play(exercise, attempt, 2, attempt == 2 ? "48" : "47,53,55", 1))
                    .hasStatusOk();
            finish(exercise, attempt);
            again(exercise);
        }
        assertThat(leftHand(exercise)).startsWith("48 52 55 | – | 4");
        assertThat(play(exercise, 4, 1, "48,52,57", 1)).hasStatusOk();
        finish(exercise, 4);
        again(exercise);
        assertThat(leftHand(exercise)).doesNotContain("–");
    }

    @Test
    void marksAreSeenAfterAsManyTriesAsTheTeacherSays() throws Exception {
        JsonNode exercise = made("CHORDS", ",\"marksAfter\":2", null);
        assertThat(play(exercise, 1, 1, "48,52,57", 1)).hasStatusOk();
        JsonNode first = finish(exercise, 1);
        assertThat(first.at("/places/0/mark").isNull()).isTrue();
        assertThat(first.get("most").asInt()).isZero();
        // What stays tells nothing of what was right.
        assertThat(again(exercise).at("/places/0/keys").size()).isEqualTo(3);
        assertThat(finish(exercise, 2).at("/places/1/mark/verdict").asString()).isEqualTo("NOT_ANSWERED");
    }

    @Test
    void aClassIsSeenAtAGlance() throws Exception {
        // What holds up most is shown, and other tests leave exercises as well.
        database.execute("truncate exercise cascade");
        long ida = student("Ida", 12);
        long tom = student("Tom", 12);
        for (long student : new long[] {ida, tom}) {
            JsonNode exercise = made("Two in a Row", "CHORDS", "", student);
            assertThat(play(exercise, 1, 1, "48,53,57", 2)).hasStatusOk();
            assertThat(play(exercise, 1, 2, "47,50,55", 40)).hasStatusOk();
            finish(exercise, 1);
        }
        JsonNode overview = json(api.get().uri("/api/exercises/overview").exchange());
        JsonNode first = of(overview.get("students"), "Ida");
        assertThat(first.get("points").asInt()).isEqualTo(7);
        assertThat(first.at("/slow/0/seconds").asInt()).isEqualTo(40);
        assertThat(of(overview.get("bars"), "Two in a Row", "Ida", "Tom")
                        .get("bar")
                        .asInt())
                .isEqualTo(3);
        assertThat(of(overview.get("troubles"), "Ida", "Tom").get("times").asInt())
                .isGreaterThan(1);
    }

    /** The row of a list that tells of these. */
    private static JsonNode of(JsonNode rows, String... names) {
        for (JsonNode row : rows) {
            if (Stream.of(names).allMatch(row.toString()::contains)) {
                return row;
            }
        }
        throw new AssertionError(rows + " tell nothing of " + List.of(names));
    }

    @Test
    void everySetThatIsMadeFromNothingCanBeOpened() throws Exception {
        for (JsonNode set : json(api.get().uri("/api/ready-made").exchange())) {
            MvcTestResult made = send(
                    api.post(), "/api/ready-made", "{\"set\":\"" + set.get("id").asString() + "\",\"seed\":3}");
            assertThat(made).as(set.toString()).hasStatus(201);
            assertThat(sheet(json(made)).get("places").isEmpty())
                    .as(set.toString())
                    .isFalse();
        }
    }

    /** What is never to be told is left out of every tune, and told again when that is wished. */
    @Test
    void whatIsLeftAloneIsLeftAloneInEveryTune() throws Exception {
        String fifths =
                "{\"chart\":\"| C | Dm |\\nl: [C,E,G,]8 | [D,F,A,]8 |\",\"choices\":{\"school\":\"classical\"}}";
        assertThat(json(send(api.post(), "/api/arrangements", fifths))
                        .at("/findings/0/code")
                        .asString())
                .isEqualTo("parallel-fifths");
        assertThat(json(send(api.post(), "/api/arrangements", fifths))
                        .at("/findings/0/motions")
                        .size())
                .isEqualTo(2);
        assertThat(send(
                        api.put(),
                        "/api/rules/own/parallel-fifths",
                        "{\"severity\":\"off\",\"reason\":\"it is a folk tune\"}"))
                .hasStatus(204);
        assertThat(json(send(api.post(), "/api/arrangements", fifths))
                        .get("findings")
                        .isEmpty())
                .isTrue();
        assertThat(json(api.get().uri("/api/rules/own").exchange())
                        .at("/0/title")
                        .asString())
                .isEqualTo("Parallel fifths");
        // Her school is silent on them, she is not.
        String popular = fifths.replace("classical", "popular");
        assertThat(send(api.put(), "/api/rules/own/parallel-fifths", "{\"severity\":\"hint\",\"reason\":\"\"}"))
                .hasStatus(204);
        assertThat(json(send(api.post(), "/api/arrangements", popular))
                        .at("/findings/0/severity")
                        .asString())
                .isEqualTo("hint");
        assertThat(send(api.put(), "/api/rules/own/parallel-fifths", "{\"severity\":\"much\",\"reason\":\"\"}"))
                .hasStatus(400);
        assertThat(send(api.put(), "/api/rules/own/stretch", "{\"severity\":\"off\",\"reason\":\"\"}"))
                .hasStatus(409);
        assertThat(api.delete().uri("/api/rules/own/parallel-fifths").exchange())
                .hasStatus(204);
        assertThat(json(send(api.post(), "/api/arrangements", fifths))
                        .get("findings")
                        .size())
                .isEqualTo(1);
    }

    @Test
    void aWrittenPageIsFixedWholeAndReportedByAnySchool() throws Exception {
        String fifths =
                "{\"chart\":\"| C | Dm |\\nl: [C,E,G,]8 | [D,F,A,]8 |\",\"choices\":{\"school\":\"popular\"},\"chord\":1}";
        JsonNode report = json(send(api.post(), "/api/arrangements/report?school=strict", fifths));
        assertThat(report.at("/0/code").asString()).isEqualTo("parallel-fifths");
        assertThat(report.at("/0/severity").asString()).isEqualTo("fault");
        assertThat(send(api.post(), "/api/arrangements/report?school=none", fifths))
                .hasStatus(400);
        String strict = fifths.replace("popular", "strict");
        JsonNode fixed = json(send(api.post(), "/api/arrangements/fixed", strict));
        assertThat(fixed.get("steps").size()).isEqualTo(1);
        assertThat(fixed.get("chart").asString()).contains("l: [C,E,G,]8 |").doesNotContain("[D,F,A,]8");
        JsonNode fixes = json(send(api.post(), "/api/arrangements/fixes", strict));
        assertThat(fixes.at("/0/pin").isNull()).isTrue();
        assertThat(fixes.at("/0/chart").asString()).contains("l: [C,E,G,]8 |");
    }

    /** By rule and by student, with the teacher's own points for what is marked from then on. */
    @Test
    void theClassIsReportedWithThePointsThatTheTeacherGives() throws Exception {
        JsonNode first = made("=SUM(A1), or not", "CHORDS", "", null);
        wrongAndDone(first);
        JsonNode report = json(api.get().uri("/api/exercises/report").exchange());
        String fault = "foreign";
        assertThat(report.at("/students/0/student").asString()).isEmpty();
        assertThat(report.at("/students/0/times/" + fault).asInt()).isPositive();
        int before = report.at("/students/0/points").asInt();

        String points = "/api/exercises/points/" + fault;
        assertThat(send(api.put(), points, "{\"points\":9}")).hasStatus(400);
        assertThat(send(api.put(), points, "{\"points\":0}")).hasStatus(204);
        JsonNode second = made("Once more", "CHORDS", "", null);
        wrongAndDone(second);
        JsonNode after = json(api.get().uri("/api/exercises/report").exchange());
        assertThat(after.at("/students/0/points").asInt() - before).isEqualTo(8);
        assertThat(after.at("/students/0/times/" + fault).asInt())
                .isEqualTo(report.at("/students/0/times/" + fault).asInt());
        JsonNode backup = json(api.get().uri("/api/backup").exchange());
        assertThat(backup.at("/pointsOfFaults/0/fault").asString()).isEqualTo(fault);
        assertThat(backup.at("/pointsOfFaults/0/points").asInt(-1)).isZero();
        assertThat(send(api.put(), points, "{\"points\":null}")).hasStatus(204);

        MvcTestResult csv = api.get().uri("/api/exercises/report.csv").exchange();
        assertThat(csv).hasStatusOk().hasContentTypeCompatibleWith("text/csv");
        List<String> lines = csv.getResponse().getContentAsString().lines().toList();
        assertThat(lines.get(0)).startsWith("Student,Exercise,Try,Finished,Points,Of");
        // What a spreadsheet would compute is text.
        assertThat(lines).anyMatch(line -> line.contains("\"'=SUM(A1), or not\""));
    }

    private void wrongAndDone(JsonNode exercise) throws Exception {
        assertThat(play(exercise, 1, 1, "53,57,61", 1)).hasStatusOk();
        assertThat(play(exercise, 1, 2, "43,47,50,53", 1)).hasStatusOk();
        finish(exercise, 1);
    }

    /** Her own bars, and the better way beside them. */
    @Test
    void aStudentTakesHerOwnBarsHome() throws Exception {
        JsonNode exercise = made("CHORDS", "", null);
        wrongAndDone(exercise);
        JsonNode seen = json(api.get()
                        .uri("/api/tunes/" + exercise.get("tune").asLong() + "/exercises")
                        .exchange())
                .get(0);
        long attempt = seen.at("/attempts/0/id").asLong();
        JsonNode home = json(api.get().uri("/api/attempts/" + attempt + "/home").exchange());
        JsonNode item = home.at("/items/0");
        assertThat(item.get("bar").asInt()).isEqualTo(2);
        assertThat(item.at("/words/0").asString()).contains("lower C♯");
        assertThat(item.get("yours").asString()).contains("^C");
        assertThat(item.get("better").asString()).contains("| C | F |").doesNotContain("^C");
        assertThat(api.get().uri("/api/attempts/999999/home").exchange()).hasStatus(404);
    }
}
