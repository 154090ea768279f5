package com.zestythumb.app;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.app.studio.Purging;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import tools.jackson.databind.JsonNode;

/**
 * What is kept of a child goes with the child, and is given out on demand: the rights to erasure and to portability of Regulation (EU)
 * 2016/679, articles 17 and 20.
 */
class ErasingTest extends KeepingApi {

    @Autowired
    private Purging purging;

    private long quill;
    private long otto;
    private JsonNode shared;
    private JsonNode alone;
    private JsonNode forHer;

    @BeforeEach
    void fill() throws Exception {
        database.execute(
                "truncate tune, student, assignment, tune_revision, exercise, attempt, own_figure, practice_page cascade");
        quill = student("Quill", 9);
        otto = student("Otto", 11);
        shared = created(
                "title: Shared\n| C |",
                played(quill, "{\"figure\":\"ALBERTI\"}"),
                played(otto, "{\"pins\":[" + PIN + "]}"));
        saveChart(shared, shared.get("version").asLong(), "title: Shared\n| C | F |");
        alone = created("title: Alone\n| C |", played(quill, "{}"));
        long hers = shared.at("/assignments/0/id").asLong();
        send(api.post(), "/api/assignments/" + hers + "/link", "");
        put(
                "/api/assignments/" + hers + "/practised",
                "{\"pages\":[{\"bars\":[\"a\"],\"steps\":[{\"id\":\"one\",\"day\":\"2026-11-20\",\"hands\":\"left\",\"from\":0,"
                        + "\"to\":0,\"percent\":75,\"rounds\":4,\"slips\":2,\"seconds\":90}]}]}");
        forHer =
                json(send(api.post(), "/api/ready-made", "{\"set\":\"primary\",\"seed\":0,\"student\":" + quill + "}"));
        put(path(forHer) + "/chords/1", "{\"attempt\":1,\"keys\":[53,57,60],\"seconds\":9,\"waited\":2}");
        JsonNode forAll =
                json(send(api.post(), "/api/ready-made", "{\"set\":\"primary\",\"seed\":1,\"student\":null}"));
        for (String name : List.of("quill", "Ada")) {
            send(api.put().header("X-Device", name), path(forAll) + "/name", "{\"name\":\"" + name + "\"}");
        }
    }

    /** Rows of any table in which a word stands, whatever the column. */
    private List<String> told(String word) {
        List<String> told = new ArrayList<>();
        for (String table : database.queryForList(
                "select table_name from information_schema.columns where table_schema = current_schema()"
                        + " and column_name = 'studio_id'",
                String.class)) {
            told.addAll(database.queryForList(
                    "select '" + table + ": ' || to_jsonb(t)::text from " + table
                            + " t where to_jsonb(t)::text ilike '%' || ? || '%'",
                    String.class,
                    word));
        }
        return told;
    }

    private int count(String from) {
        return database.queryForObject("select count(*) from " + from, Integer.class);
    }

    private MvcTestResult erase(long student) {
        return api.delete().uri("/api/students/" + student + "/for-good").exchange();
    }

    @Test
    void nothingIsLeftOfAnErasedStudent() throws Exception {
        assertThat(told("quill")).hasSizeGreaterThan(2);
        List<String> ofOtto = told("Otto");
        assertThat(erase(quill)).hasStatus(204);
        assertThat(told("quill")).isEmpty();
        assertThat(count("assignment where student_id = " + quill)).isZero();
        assertThat(count("practice_round")).isZero();
        assertThat(count("exercise where student_id = " + quill)).isZero();
        assertThat(api.get().uri(path(forHer)).exchange()).hasStatus(404);
        // The others and the tunes stay.
        assertThat(told("Otto")).hasSameSizeAs(ofOtto);
        assertThat(told("Ada")).hasSize(1);
        assertThat(get(shared).at("/assignments/0/student/name").asString()).isEqualTo("Otto");
        assertThat(get(alone).at("/assignments/0/student/name").asString()).isEqualTo("Any hand");
        assertThat(erase(quill)).hasStatus(404);
    }

    /** Two children of one name: what only the name tells of is left, since it may be the other's. */
    @Test
    void aNamesakeLosesNothing() throws Exception {
        student("QUILL", 8);
        assertThat(erase(quill)).hasStatus(204);
        assertThat(told("quill")).hasSize(2);
    }

    @Test
    void givesOutWhatIsKeptOfOneStudentAndTakesItIn() throws Exception {
        MvcTestResult result = api.get().uri("/api/backup/students/" + quill).exchange();
        assertThat(result).hasStatusOk();
        String file = result.getResponse().getContentAsString(StandardCharsets.UTF_8);
        assertThat(file).contains("Quill", "Shared", "Alone", "ALBERTI", "\"percent\":75");
        assertThat(file).doesNotContain("Otto", "Ada", "\"pins\":[{");
        assertThat(JSON.readTree(file).at("/end").toString())
                .contains("\"students\":1", "\"tunes\":2", "\"exercises\":2", "\"figures\":0");
        erase(quill);
        erase(otto);
        assertThat(send(api.post(), "/api/backup", file)).hasStatusOk();
        assertThat(told("Quill")).isNotEmpty();
        assertThat(count("practice_round")).isOne();
        assertThat(api.get().uri(path(forHer)).exchange()).hasStatusOk();
    }

    /** What was removed can be put back for ninety days. */
    @Test
    void whatWasRemovedLongAgoGoesForGood() throws Exception {
        JsonNode off = created("title: Off the shelf\n| C |", played(otto, "{}"));
        send(
                api.post(),
                "/api/tunes/" + off.get("id").asLong() + "/exercises",
                "{\"chart\":\"| C | F |\",\"choices\":{},\"hand\":{\"span\":9,\"lowest\":\"E2\",\"highest\":\"E4\"},"
                        + "\"bars\":[1],\"asked\":\"CHORDS\",\"student\":null,\"tries\":0,\"atOnce\":true,\"words\":\"\"}");
        api.delete().uri("/api/tunes/" + off.get("id").asLong()).exchange();
        api.delete().uri("/api/students/" + quill).exchange();
        api.delete()
                .uri("/api/assignments/" + shared.at("/assignments/0/id").asLong() + "/practised/2026-11-20")
                .exchange();
        api.delete()
                .uri("/api/assignments/" + get(alone).at("/assignments/0/id").asLong())
                .exchange();
        long figure = json(send(api.post(), "/api/figures", "{\"name\":\"Mine\",\"text\":\"by bar 1/8 1 3 2 3\"}"))
                .get("id")
                .asLong();
        api.delete().uri("/api/figures/" + figure).exchange();
        int exercises = count("exercise");
        age(89);
        purging.purge();
        assertThat(told("Quill")).isNotEmpty();
        assertThat(count("own_figure")).isOne();
        assertThat(count("practice_round")).isOne();
        age(91);
        purging.purge();
        assertThat(told("Quill")).isEmpty();
        assertThat(told("Off the shelf")).isEmpty();
        assertThat(count("own_figure")).isZero();
        assertThat(count("practice_round")).isZero();
        // What anybody was asked outlives the tune it was made of; what Quill was asked does not.
        assertThat(count("exercise")).isEqualTo(exercises - 1);
        assertThat(count("tune")).isEqualTo(2);
    }

    private void age(int days) {
        for (String table : List.of("tune", "student", "assignment", "own_figure")) {
            database.update(
                    "update " + table + " set removed_at = now() - make_interval(days => ?)"
                            + " where removed_at is not null",
                    days);
        }
        database.update(
                "update practice_round set taken_back_at = now() - make_interval(days => ?) where taken_back_at is not null",
                days);
    }
}
