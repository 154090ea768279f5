package com.zestythumb.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import jakarta.persistence.EntityManagerFactory;
import java.sql.Timestamp;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import java.util.concurrent.CyclicBarrier;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.hibernate.SessionFactory;
import org.hibernate.stat.Statistics;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import tools.jackson.databind.JsonNode;

/** What stands in the database: no save undoes another, a look writes nothing, and nothing is asked row by row. */
class KeptRowsTest extends KeepingApi {

    private static final int ROUNDS = 15;

    @Autowired
    private EntityManagerFactory sessions;

    private Statistics statistics() {
        Statistics statistics = sessions.unwrap(SessionFactory.class).getStatistics();
        statistics.setStatisticsEnabled(true);
        statistics.clear();
        return statistics;
    }

    /** Both at the same moment, as far as two threads can. */
    private static void race(Callable<MvcTestResult> one, Callable<MvcTestResult> other, int otherStatus)
            throws Exception {
        CyclicBarrier start = new CyclicBarrier(2);
        ExecutorService threads = Executors.newFixedThreadPool(2);
        try {
            List<Future<MvcTestResult>> results = new ArrayList<>();
            for (Callable<MvcTestResult> work : List.of(one, other)) {
                results.add(threads.submit(() -> {
                    start.await();
                    return work.call();
                }));
            }
            assertThat(results.get(0).get()).hasStatusOk();
            assertThat(results.get(1).get()).hasStatus(otherStatus);
        } finally {
            threads.shutdown();
        }
    }

    @Test
    void labelsAndChartsDoNotUndoEachOther() throws Exception {
        JsonNode tune = created("| C |");
        String path = "/api/tunes/" + tune.get("id").asLong();
        for (int round = 0; round < ROUNDS; round++) {
            long version = get(tune).get("version").asLong();
            String chart = "title: round " + round + "\n| C |";
            String tag = "tag " + round;
            int level = round % 5;
            race(
                    () -> saveChart(tune, version, chart),
                    () -> put(path + "/labels", "{\"tags\":[\"" + tag + "\"],\"level\":" + level + "}"),
                    204);
            JsonNode now = get(tune);
            assertThat(now.get("chart").asString()).isEqualTo(chart);
            assertThat(now.at("/tags/0").asString()).isEqualTo(tag);
            assertThat(now.get("level").asInt()).isEqualTo(level);
        }
    }

    @Test
    void removalsAndChartsDoNotUndoEachOther() throws Exception {
        JsonNode tune = created("| C |");
        String path = "/api/tunes/" + tune.get("id").asLong();
        for (int round = 0; round < ROUNDS; round++) {
            long id = tune.get("id").asLong();
            long version = get(tune).get("version").asLong();
            CyclicBarrier start = new CyclicBarrier(2);
            Thread saver = new Thread(() -> {
                try {
                    start.await();
                } catch (Exception e) {
                    throw new IllegalStateException(e);
                }
                // It may come too late, which is answered by 404.
                saveChart(tune, version, "title: " + version + "\n| C |");
            });
            saver.start();
            start.await();
            assertThat(api.delete().uri(path).exchange()).hasStatus(204);
            saver.join();
            assertThat(api.get().uri(path).exchange()).hasStatus(404);
            assertThat(api.post().uri("/api/tunes/" + id + "/put-back").exchange())
                    .hasStatus(204);
        }
    }

    /** Two devices take the last two players of a tune at once: one of them has to stay. */
    @Test
    void leavesOnePlayerWhenTwoAreTakenAtOnce() throws Exception {
        for (int round = 0; round < ROUNDS; round++) {
            JsonNode tune = created("| C |", played(student("Left", 9), "{}"), played(student("Right", 9), "{}"));
            CyclicBarrier start = new CyclicBarrier(2);
            ExecutorService threads = Executors.newFixedThreadPool(2);
            List<Future<Integer>> statuses = new ArrayList<>();
            for (int i = 0; i < 2; i++) {
                long id = tune.at("/assignments/" + i + "/id").asLong();
                statuses.add(threads.submit(() -> {
                    start.await();
                    return api.delete()
                            .uri("/api/assignments/" + id)
                            .exchange()
                            .getResponse()
                            .getStatus();
                }));
            }
            threads.shutdown();
            assertThat(List.of(statuses.get(0).get(), statuses.get(1).get())).containsExactlyInAnyOrder(204, 409);
            assertThat(get(tune).get("assignments")).hasSize(1);
        }
    }

    /** Somebody plays every tune; when the last one is removed, nobody in particular does, and the look writes nothing. */
    @Test
    void writesNothingWhenItIsLookedAt() throws Exception {
        long only = student("Soon gone", 9);
        JsonNode tune = created("| C |", played(only, "{}"));
        assertThat(api.delete().uri("/api/students/" + only).exchange()).hasStatus(204);
        long id = tune.get("id").asLong();
        Statistics statistics = statistics();
        for (String path : List.of(
                "/api/tunes",
                "/api/tunes/removed",
                "/api/tunes/" + id,
                "/api/tunes/" + id + "/history",
                "/api/students",
                "/api/students/removed",
                "/api/figures",
                "/api/backup")) {
            assertThat(api.get().uri(path).exchange()).as(path).hasStatusOk();
        }
        assertThat(statistics.getEntityInsertCount()
                        + statistics.getEntityUpdateCount()
                        + statistics.getEntityDeleteCount())
                .isZero();
        assertThat(get(tune).at("/assignments/0/student/name").asString()).isEqualTo("Any hand");
        assertThat(api.get().uri("/api/students/removed").exchange())
                .bodyJson()
                .extractingPath("$[0].name")
                .isEqualTo("Soon gone");
        assertThat(api.post().uri("/api/students/" + only + "/put-back").exchange())
                .hasStatus(204);
        assertThat(get(tune).at("/assignments/0/student/name").asString()).isEqualTo("Soon gone");
    }

    /** Ten more of everything cost no more statements. */
    @ParameterizedTest
    @ValueSource(strings = {"/api/tunes", "/api/students", "/api/figures", "/api/backup"})
    void asksNothingRowByRow(String path) throws Exception {
        created("| C |", played(student("One", 9), "{}"));
        long before = statements(path);
        for (int i = 0; i < 10; i++) {
            created("| C | F |", played(student("Many " + i, 9), "{}"), played(student("More " + i, 9), "{}"));
            send(api.post(), "/api/figures", "{\"name\":\"" + path + i + "\",\"text\":\"by bar 1/8 1 3 2 3\"}");
        }
        assertThat(statements(path)).isEqualTo(before);
    }

    private long statements(String path) throws Exception {
        Statistics statistics = statistics();
        assertThat(api.get().uri(path).exchange()).hasStatusOk();
        return statistics.getPrepareStatementCount();
    }

    @Test
    void givesATuneToAStudentOnce() throws Exception {
        long wren = student("Wren once", 9);
        JsonNode tune = created("| C |", played(wren, "{}"));
        String path = "/api/tunes/" + tune.get("id").asLong() + "/assignments";
        assertThat(send(api.post(), path, played(wren, "{}")))
                .hasStatus(409)
                .bodyJson()
                .extractingPath("$.detail")
                .asString()
                .startsWith("Wren once plays this tune already");
    }

    /** Two devices give a tune to the same student at once: one of them is told. */
    @Test
    void givesATuneToAStudentOnceAlsoWhenTwoGiveItAtOnce() throws Exception {
        JsonNode tune = created("| C |");
        String path = "/api/tunes/" + tune.get("id").asLong() + "/assignments";
        for (int round = 0; round < ROUNDS; round++) {
            long student = student("Given twice", 9);
            CyclicBarrier start = new CyclicBarrier(2);
            ExecutorService threads = Executors.newFixedThreadPool(2);
            List<Future<Integer>> statuses = new ArrayList<>();
            for (int i = 0; i < 2; i++) {
                statuses.add(threads.submit(() -> {
                    start.await();
                    return send(api.post(), path, played(student, "{}"))
                            .getResponse()
                            .getStatus();
                }));
            }
            threads.shutdown();
            assertThat(List.of(statuses.get(0).get(), statuses.get(1).get())).containsExactlyInAnyOrder(201, 409);
        }
    }

    /** Of old states stay the last of a day for a year, and those with a name. */
    @Test
    void thinsTheHistory() throws Exception {
        JsonNode tune = created("| C |");
        LocalDate today = LocalDate.now();
        state(tune, today.minusYears(2), 9, "long ago");
        state(tune, today.minusYears(2), 10, "");
        state(tune, today.minusDays(40), 9, "");
        state(tune, today.minusDays(40), 10, "");
        state(tune, today.minusDays(39), 8, "first try");
        state(tune, today.minusDays(39), 9, "");
        state(tune, today, 0, "");
        saveChart(tune, tune.get("version").asLong(), "| F | G |");
        List<String> left = database.queryForList(
                "select title from tune_revision where tune_id = ? and saved_at < ? order by saved_at",
                String.class,
                tune.get("id").asLong(),
                Timestamp.from(Instant.now().minusSeconds(1)));
        assertThat(left)
                .containsExactly(
                        today.minusYears(2) + " 9",
                        today.minusDays(40) + " 10",
                        today.minusDays(39) + " 8",
                        today.minusDays(39) + " 9",
                        today + " 0");
    }

    private void state(JsonNode tune, LocalDate day, int hour, String name) {
        database.update(
                "insert into tune_revision (studio_id, tune_id, saved_at, title, chart, name) values (1, ?, ?, ?, '| C |', ?)",
                tune.get("id").asLong(),
                Timestamp.from(day.atTime(LocalTime.of(hour, 0))
                        .atZone(ZoneId.systemDefault())
                        .toInstant()),
                day + " " + hour,
                name);
    }

    @Test
    void namesAState() throws Exception {
        JsonNode tune = created("title: Named\n| C |");
        saveChart(tune, tune.get("version").asLong(), "| F |");
        String history = "/api/tunes/" + tune.get("id").asLong() + "/history";
        long state = json(api.get().uri(history).exchange()).at("/0/id").asLong();
        assertThat(put(history + "/" + state + "/name", "{\"name\":\" as in May \"}"))
                .hasStatus(204);
        assertThat(api.get().uri(history).exchange())
                .bodyJson()
                .extractingPath("$[0].name")
                .isEqualTo("as in May");
        assertThat(put(history + "/999999999/name", "{\"name\":\"x\"}")).hasStatus(404);
    }

    /** What the shelf shows is computed when a chart is saved, and again where an older app computed it. */
    @Test
    void keepsWhatTheShelfShows() throws Exception {
        JsonNode tune = created("title: Facts\nkey: D\n| D | A7 |");
        long id = tune.get("id").asLong();
        String summary = summary(id).toString();
        assertThat(summary).contains("\"D major\"", "[\"D\",\"A7\"]");
        database.update("update tune set facts = '' where id = ?", id);
        assertThat(summary(id)).hasToString(summary);
    }

    private JsonNode summary(long id) throws Exception {
        return json(api.get().uri("/api/tunes").exchange())
                .valueStream()
                .filter(one -> one.get("id").asLong() == id)
                .findFirst()
                .orElseThrow();
    }

    /** Rows of two studios cannot be tied together, and every reference is found by an index. */
    @Test
    void tiesRowsWithinOneStudio() {
        List<Map<String, Object>> references = database.queryForList("""
                select c.conrelid::regclass::text as owner, c.confrelid::regclass::text as other,
                       exists (select 1 from unnest(c.conkey) k join pg_attribute a
                               on a.attrelid = c.conrelid and a.attnum = k and a.attname = 'studio_id') as in_studio,
                       exists (select 1 from pg_index i where i.indrelid = c.conrelid
                               and i.indkey[0] = any (c.conkey)) as indexed
                from pg_constraint c where c.contype = 'f' and c.connamespace = 'public'::regnamespace""");
        assertThat(references)
                .extracting(row -> row.get("owner") + " " + row.get("other"))
                .contains("assignment tune", "assignment student", "tune_revision tune");
        assertThat(references).allSatisfy(row -> {
            assertThat(row).containsEntry("in_studio", true);
            assertThat(row).containsEntry("indexed", true);
        });
    }

    /** What the app keeps as JSON the database keeps as such: every column of text whose usual value is JSON, and those beside it. */
    @Test
    void jsonIsJson() throws Exception {
        List<String> kept = database.queryForList("""
                select c.conrelid::regclass::text || '.' || a.attname
                from pg_constraint c join pg_attribute a on a.attrelid = c.conrelid and a.attnum = c.conkey[1]
                where c.contype = 'c' and c.conname like '%\\_json'""", String.class);
        assertThat(kept)
                .contains(
                        "assignment.choices",
                        "exercise.hand",
                        "attempt.answers",
                        "tune_revision.choices",
                        "practice_page.bars");
        List<String> usual = database.queryForList("""
                select table_name || '.' || column_name from information_schema.columns
                where table_schema = 'public' and data_type = 'text' and column_default ~ '^.([{]|\\[)'""", String.class);
        assertThat(usual).isNotEmpty();
        assertThat(kept).containsAll(usual);
        JsonNode tune = created("| C |");
        assertThatThrownBy(() -> database.update(
                        "update assignment set choices = '[' where tune_id = ?",
                        tune.get("id").asLong()))
                .hasMessageContaining("json");
    }
}
