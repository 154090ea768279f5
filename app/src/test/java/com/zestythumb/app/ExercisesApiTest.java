package com.zestythumb.app;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.pitch.Pitch;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.test.web.servlet.assertj.MockMvcTester.MockMvcRequestBuilder;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import tools.jackson.databind.JsonNode;

/** An exercise from the teacher's wish to the student's answer and back. */
class ExercisesApiTest extends KeepingApi {

    private static final String HAND = "{\"span\":12,\"lowest\":\"E2\",\"highest\":\"E4\"}";

    private JsonNode made(long tune, String more) throws Exception {
        MvcTestResult made = send(
                api.post(),
                "/api/tunes/" + tune + "/exercises",
                "{\"chart\":\"title: Stepping\\n| C | F | G7 | C |\",\"choices\":{},\"hand\":" + HAND
                        + ",\"bars\":[1,2],\"asked\":\"CHORDS\"" + more + "}");
        assertThat(made).hasStatus(201);
        return json(made);
    }

    private JsonNode made(String more) throws Exception {
        return made(created("title: Stepping\n| C | F | G7 | C |").get("id").asLong(), more);
    }

    private JsonNode sheet(JsonNode exercise) throws Exception {
        MvcTestResult got = api.get().uri(path(exercise)).exchange();
        assertThat(got).hasStatusOk();
        return json(got);
    }

    private MvcTestResult answer(JsonNode exercise, int attempt, int chord, String notes) {
        List<Integer> keys = notes.isEmpty()
                ? List.of()
                : Arrays.stream(notes.split(" "))
                        .map(note -> Pitch.parse(note).midi())
                        .toList();
        return send(
                api.put(),
                path(exercise) + "/chords/" + chord,
                "{\"attempt\":" + attempt + ",\"keys\":" + keys + ",\"seconds\":20}");
    }

    private MvcTestResult finish(JsonNode exercise, int attempt) {
        return send(api.post(), path(exercise) + "/finish", "{\"attempt\":" + attempt + ",\"seconds\":61}");
    }

    @Test
    void goesFromTheTeacherToTheStudentAndBack() throws Exception {
        long wren = student("Wren", 12);
        JsonNode exercise = made(",\"student\":" + wren + ",\"words\":\"Stay close\"");
        assertThat(exercise.get("code").asString()).hasSizeGreaterThan(20);
        JsonNode empty = sheet(exercise);
        assertThat(empty.get("student").asString()).isEqualTo("Wren");
        assertThat(empty.get("words").asString()).isEqualTo("Stay close");
        assertThat(leftHand(exercise)).isEqualTo("48 52 55 | – | – | 48 52 55");
        assertThat(empty.at("/places/0/symbol").asString()).isEqualTo("F");
        assertThat(empty.at("/places/0/mark").isNull()).isTrue();
        assertThat(answer(exercise, 1, 1, "C3 F3 A3")).hasStatusOk();
        assertThat(answer(exercise, 1, 2, "B2 D3 G3")).hasStatusOk();
        assertThat(leftHand(exercise)).isEqualTo("48 52 55 | 48 53 57 | 47 50 55 | 48 52 55");
        JsonNode marked = json(finish(exercise, 1));
        assertThat(marked.at("/places/0/mark/verdict").asString()).isEqualTo("RIGHT");
        assertThat(marked.at("/places/1/mark/words/0").asString()).contains("F is missing");
        assertThat(marked.get("points").asInt()).isEqualTo(7);
        assertThat(marked.get("most").asInt()).isEqualTo(8);
        // What was right stays; what was not is tried again.
        JsonNode again = json(send(api.post(), path(exercise) + "/again", "{}"));
        assertThat(again.get("attempt").asInt()).isEqualTo(2);
        assertThat(again.at("/places/0/keys").size()).isEqualTo(3);
        assertThat(again.at("/places/1/keys").size()).isZero();
        assertThat(answer(exercise, 2, 2, "B2 F3 G3")).hasStatusOk();
        assertThat(json(finish(exercise, 2)).get("points").asInt()).isEqualTo(8);
        JsonNode seen = json(api.get()
                        .uri("/api/tunes/" + exercise.get("tune").asLong() + "/exercises")
                        .exchange())
                .get(0);
        assertThat(seen.get("student").asString()).isEqualTo("Wren");
        assertThat(seen.get("attempts").size()).isEqualTo(2);
        assertThat(seen.at("/attempts/0/seconds").asInt()).isEqualTo(61);
        assertThat(seen.at("/troubles/0/name").asString()).isEqualTo("Seventh missing");
        assertThat(seen.get("next").asString()).isEqualTo("two-five-one");
    }

    @Test
    void marksEachChordAtOnceWhereThatIsWished() throws Exception {
        JsonNode exercise = made(",\"atOnce\":true");
        JsonNode one = json(answer(exercise, 1, 1, "C3 F3 B3"));
        assertThat(one.at("/places/0/mark/words/0").asString()).contains("B is not in F");
        assertThat(one.at("/places/1/mark/verdict").asString()).isEqualTo("NOT_ANSWERED");
    }

    /** What the teacher accepted is right in the next try as well, until it is played otherwise. */
    @Test
    void theTeachersWordHoldsInTheNextTry() throws Exception {
        JsonNode exercise = made(",\"atOnce\":true");
        assertThat(answer(exercise, 1, 1, "C3 F3")).hasStatusOk();
        assertThat(finish(exercise, 1)).hasStatusOk();
        JsonNode made = json(api.get()
                        .uri("/api/tunes/" + exercise.get("tune").asLong() + "/exercises")
                        .exchange())
                .get(0);
        String said = "/api/attempts/" + made.at("/attempts/0/id").asLong() + "/said";
        assertThat(send(api.put(), said, "{\"words\":\"Good ears\",\"overruled\":{\"1\":4}}"))
                .hasStatusOk();
        JsonNode again = json(send(api.post(), path(exercise) + "/again", "{}"));
        assertThat(again.at("/places/0/keys").size()).isEqualTo(2);
        assertThat(again.at("/places/0/mark/verdict").asString()).isEqualTo("RIGHT");
        // Sent once more it is the same; played otherwise it is marked anew.
        assertThat(json(answer(exercise, 2, 1, "C3 F3"))
                        .at("/places/0/mark/verdict")
                        .asString())
                .isEqualTo("RIGHT");
        assertThat(json(answer(exercise, 2, 1, "C3 A3"))
                        .at("/places/0/mark/verdict")
                        .asString())
                .isNotEqualTo("RIGHT");
        assertThat(answer(exercise, 2, 1, "C3 F3")).hasStatusOk();
        assertThat(json(finish(exercise, 2)).at("/places/0/mark/verdict").asString())
                .isEqualTo("NEARLY");
    }

    /** Two tabs, a reload, a tune that goes, a try that is over. */
    @Test
    void losesNothingThatWasPlayed() throws Exception {
        JsonNode tune = created("title: Stepping\n| C |");
        JsonNode exercise = made(tune.get("id").asLong(), ",\"tries\":1");
        assertThat(answer(exercise, 1, 1, "C3 F3 A3")).hasStatusOk();
        assertThat(answer(exercise, 1, 2, "B2 F3 G3")).hasStatusOk();
        assertThat(answer(exercise, 1, 1, "C3 F3")).hasStatusOk();
        assertThat(api.delete().uri("/api/tunes/" + tune.get("id").asLong()).exchange())
                .hasStatus(204);
        JsonNode kept = sheet(exercise);
        assertThat(kept.at("/places/0/keys").size()).isEqualTo(2);
        assertThat(kept.at("/places/1/keys").size()).isEqualTo(3);
        assertThat(finish(exercise, 1)).hasStatusOk();
        assertThat(finish(exercise, 1)).hasStatus(409);
        assertThat(answer(exercise, 1, 1, "C3")).hasStatus(409);
        assertThat(send(api.post(), path(exercise) + "/again", "{}")).hasStatus(409);
        assertThat(sheet(exercise).get("finished").asBoolean()).isTrue();
        String again = "/api/exercises/" + exercise.get("id").asLong() + "/again";
        assertThat(send(api.post(), again, "{}")).hasStatusOk();
        assertThat(send(api.post(), path(exercise) + "/again", "{}")).hasStatusOk();
    }

    @Test
    void saysWhereAnAnswerMakesNoSense() throws Exception {
        JsonNode exercise = made("");
        for (String[] wrong :
                new String[][] {{"0", "C3", "not asked"}, {"9", "C3", "no chord"}, {"1", "C0", "21 to 108"}}) {
            assertThat(answer(exercise, 1, Integer.parseInt(wrong[0]), wrong[1]))
                    .hasStatus(400)
                    .bodyJson()
                    .extractingPath("$.detail")
                    .asString()
                    .contains(wrong[2]);
        }
        assertThat(sheet(exercise).at("/places/0/keys").size()).isZero();
        long tune = exercise.get("tune").asLong();
        MvcTestResult nothing = send(
                api.post(),
                "/api/tunes/" + tune + "/exercises",
                "{\"chart\":\"| C |\",\"choices\":{},\"hand\":" + HAND + ",\"bars\":[4],\"asked\":\"BASS\"}");
        assertThat(nothing).hasStatus(400);
    }

    /** A link can be closed, and opened again; the teacher's word and mark go before the app's. */
    @Test
    void theTeacherHasTheLastWord() throws Exception {
        JsonNode exercise = made("");
        answer(exercise, 1, 1, "C3 F3");
        finish(exercise, 1);
        long attempt = json(api.get().uri("/api/exercises").exchange())
                .get(0)
                .at("/attempts/0/id")
                .asLong();
        String said = "/api/attempts/" + attempt + "/said";
        assertThat(send(api.put(), said, "{\"words\":\"Well heard\",\"overruled\":{\"1\":4}}"))
                .hasStatusOk();
        assertThat(send(api.put(), said, "{\"words\":\"\",\"overruled\":{\"1\":9}}"))
                .hasStatus(400);
        JsonNode seen = sheet(exercise);
        assertThat(seen.get("said").asString()).isEqualTo("Well heard");
        assertThat(seen.at("/places/0/mark/verdict").asString()).isEqualTo("RIGHT");
        String one = "/api/exercises/" + exercise.get("id").asLong();
        assertThat(api.delete().uri(one).exchange()).hasStatus(204);
        assertThat(api.get().uri(path(exercise)).exchange()).hasStatus(404);
        // An answer while the link closes is told so, and nothing that was kept is lost.
        assertThat(send(api.put(), path(exercise) + "/chords/1", "{\"attempt\":1,\"keys\":[48],\"seconds\":1}"))
                .hasStatus(404)
                .bodyText()
                .contains("closed this exercise");
        assertThat(api.post().uri(one + "/put-back").exchange()).hasStatus(204);
        assertThat(sheet(exercise).at("/places/0/mark/verdict").asString()).isEqualTo("RIGHT");
    }

    @Test
    void slowsDownWhoLinksLinks() throws Exception {
        JsonNode exercise = made("");
        for (int i = 0; i < 20; i++) {
            assertThat(guess("guess" + i)).hasStatus(404);
        }
        assertThat(guess("another")).hasStatus(429);
        // Who has a right one is not kept waiting, from the same address either: a class may share it.
        assertThat(guess(exercise.get("code").asString())).hasStatusOk();
    }

    private MvcTestResult guess(String code) {
        return api.get()
                .uri("/api/answers/" + code)
                .with(request -> {
                    request.setRemoteAddr("203.0.113.7");
                    return request;
                })
                .exchange();
    }

    @Test
    void makesExercisesFromNothing() throws Exception {
        long juno = student("Juno", 9);
        MvcTestResult made = send(
                api.post(),
                "/api/ready-made",
                "{\"set\":\"primary\",\"seed\":1,\"student\":" + juno + ",\"school\":\"classical\"}");
        assertThat(made).hasStatus(201);
        JsonNode sheet = sheet(json(made));
        assertThat(sheet.get("title").asString()).isEqualTo("Primary chords in G");
        assertThat(sheet.at("/hand/span").asInt()).isEqualTo(9);
        assertThat(send(api.post(), "/api/ready-made", "{\"set\":\"polkas\",\"seed\":1}"))
                .hasStatus(400);
        assertThat(json(api.get().uri("/api/ready-made").exchange()).size()).isGreaterThan(3);
    }

    private MvcTestResult from(String device, MockMvcRequestBuilder how, String path, String body) {
        return send(how.header("X-Device", device), path, body);
    }

    /** A class opens one exercise: each device has a try of its own, with the name that was said there. */
    @Test
    void anExerciseForAnybodyIsAnsweredByEachAlone() throws Exception {
        JsonNode exercise =
                json(send(api.post(), "/api/ready-made", "{\"set\":\"primary\",\"seed\":0,\"student\":null}"));
        String path = path(exercise);
        from("one", api.put(), path + "/name", "{\"name\":\"Ada\"}");
        from("one", api.put(), path + "/chords/1", "{\"attempt\":1,\"keys\":[53,57,60],\"seconds\":9}");
        JsonNode other = json(api.get().uri(path).header("X-Device", "two").exchange());
        assertThat(other.at("/places/0/keys")).isEmpty();
        from("two", api.put(), path + "/chords/1", "{\"attempt\":1,\"keys\":[48],\"seconds\":9}");
        from("two", api.post(), path + "/finish", "{\"attempt\":1,\"seconds\":30}");
        JsonNode one = json(api.get().uri(path).header("X-Device", "one").exchange());
        assertThat(one.get("name").asString()).isEqualTo("Ada");
        assertThat(one.get("finished").asBoolean()).isFalse();
        assertThat(one.at("/places/0/keys")).hasSize(3);
        from("one", api.post(), path + "/finish", "{\"attempt\":1,\"seconds\":30}");
        from("one", api.post(), path + "/again", "");
        JsonNode mine = json(api.get().uri("/api/exercises").exchange())
                .valueStream()
                .filter(view -> view.get("id").equals(exercise.get("id")))
                .findFirst()
                .orElseThrow();
        assertThat(mine.get("attempts")
                        .valueStream()
                        .map(made -> made.get("name").asString() + made.get("number")))
                .containsExactlyInAnyOrder("Ada1", "Ada2", "1");
        assertThat(json(api.get().uri("/api/exercises/report").exchange())
                        .get("students")
                        .valueStream()
                        .map(row -> row.get("student").asString()))
                .contains("Ada", "");
    }

    /** A student's own exercise is the same on every device. */
    @Test
    void aStudentsOwnExerciseIsTheSameEverywhere() throws Exception {
        String ready = "{\"set\":\"primary\",\"seed\":0,\"student\":" + student("Two devices", 9) + "}";
        String path = path(json(send(api.post(), "/api/ready-made", ready)));
        from("one", api.put(), path + "/chords/1", "{\"attempt\":1,\"keys\":[53,57,60],\"seconds\":9}");
        assertThat(json(api.get().uri(path).header("X-Device", "two").exchange())
                        .at("/places/0/keys"))
                .hasSize(3);
    }

    /** Whoever presses one choice after another until one is right has guessed; whoever knows it has all its points. */
    @Test
    void guessingIsNotKnowing() throws Exception {
        String ready = "{\"set\":\"fault-in-parts\",\"seed\":0,\"student\":null}";
        for (boolean knows : new boolean[] {true, false}) {
            String path = path(json(send(api.post(), "/api/ready-made", ready)));
            JsonNode asked = json(api.get().uri(path).exchange()).at("/places/0");
            String at = path + "/chords/" + asked.get("chord").asInt();
            List<String> wrong = new ArrayList<>();
            String right = "";
            for (JsonNode choice : asked.get("choices")) {
                String body = "{\"attempt\":1,\"keys\":[],\"word\":" + choice + ",\"seconds\":9}";
                String verdict = json(send(api.put(), at, body))
                        .at("/places/0/mark/verdict")
                        .asString();
                if (verdict.equals("NOT_YET")) {
                    wrong.add(body);
                } else {
                    right = body;
                    break;
                }
            }
            if (knows) {
                path = path(json(send(api.post(), "/api/ready-made", ready)));
                send(api.put(), path + "/chords/" + asked.get("chord").asInt(), right);
            } else {
                assertThat(wrong).isNotEmpty();
            }
            JsonNode done = json(send(api.post(), path + "/finish", "{\"attempt\":1,\"seconds\":30}"));
            assertThat(done.get("points").asInt()).isEqualTo(knows ? 4 : 3 - Math.min(2, wrong.size()));
        }
    }

    /** What a page says twice, for it did not hear that it came, is one guess; a student who is removed opens nothing. */
    @Test
    void sayingItTwiceIsOneGuess() throws Exception {
        long pim = student("Guesses once", 9);
        String path = path(json(send(
                api.post(), "/api/ready-made", "{\"set\":\"fault-in-parts\",\"seed\":0,\"student\":" + pim + "}")));
        JsonNode asked = json(api.get().uri(path).exchange()).at("/places/0");
        String at = path + "/chords/" + asked.get("chord").asInt();
        String first = "{\"attempt\":1,\"keys\":[],\"word\":" + asked.at("/choices/0") + ",\"seconds\":9}";
        send(api.put(), at, first);
        send(api.put(), at, first);
        send(api.put(), at, first);
        JsonNode choices = asked.get("choices");
        JsonNode done = null;
        int wrong = 1;
        for (int i = 1; i < choices.size() && done == null; i++) {
            String body = "{\"attempt\":1,\"keys\":[],\"word\":" + choices.get(i) + ",\"seconds\":9}";
            if (!json(send(api.put(), at, body))
                    .at("/places/0/mark/verdict")
                    .asString()
                    .equals("NOT_YET")) {
                done = json(send(api.post(), path + "/finish", "{\"attempt\":1,\"seconds\":30}"));
            } else {
                wrong++;
            }
        }
        assertThat(done.get("points").asInt()).isEqualTo(Math.max(1, 3 - wrong));
        api.delete().uri("/api/students/" + pim).exchange();
        assertThat(api.get().uri(path).exchange()).hasStatus(404);
    }

    /** A link that went to the wrong people is renewed; one that is a year old leads nowhere. */
    @Test
    void aLinkIsRenewedAndEnds() throws Exception {
        JsonNode made = json(send(api.post(), "/api/ready-made", "{\"set\":\"primary\",\"seed\":0,\"student\":null}"));
        long id = made.get("id").asLong();
        JsonNode renewed = json(send(api.post(), "/api/exercises/" + id + "/link", ""));
        assertThat(api.get().uri(path(made)).exchange()).hasStatus(404);
        assertThat(api.get().uri(path(renewed)).exchange()).hasStatusOk();
        assertThat(database.queryForObject("select code from exercise where id = ?", String.class, id))
                .startsWith("s:")
                .doesNotContain(renewed.get("code").asString());
        database.update("update exercise set code_until = now() - interval '1 minute' where id = ?", id);
        assertThat(api.get().uri(path(renewed)).exchange())
                .hasStatus(404)
                .bodyText()
                .contains("ask your teacher for a new one");
    }
}
