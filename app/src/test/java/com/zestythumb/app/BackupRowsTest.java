package com.zestythumb.app;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.app.backup.BackupPart;
import com.zestythumb.app.backup.Numbers;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.concurrent.CompletableFuture;
import java.util.function.Consumer;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.TestConfiguration;
import org.springframework.context.annotation.Bean;
import org.springframework.core.annotation.Order;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** A backup against the schema: every column of every table that a studio has comes back, those of tomorrow as well. */
class BackupRowsTest extends KeepingApi {

    /** What a database counts by itself. */
    private static final Set<String> COUNTED = Set.of("id", "version", "studio_id");

    /** Values that say nothing: a column in which no row has another is not tried. */
    private static final Set<String> NOTHING = Set.of("null", "\"\"", "0", "false", "\"{}\"", "\"[]\"");

    private static final Pattern ASSIGNMENT = Pattern.compile("\"assignment\":(-?\\d+)");

    /** Is written between students and tunes, and does what a test wants meanwhile. */
    @TestConfiguration
    static class Meanwhile {

        private Runnable meanwhile = () -> {};

        @Bean
        @Order(2)
        BackupPart whileItIsWritten() {
            return new BackupPart() {
                @Override
                public String list() {
                    return "meanwhile";
                }

                @Override
                public void write(Numbers numbers, Consumer<Object> out) {
                    meanwhile.run();
                }

                @Override
                public Taker begin(Numbers numbers) {
                    return one -> Came.BESIDE;
                }
            };
        }
    }

    @Autowired
    private Meanwhile meanwhile;

    @BeforeEach
    void empty() {
        meanwhile.meanwhile = () -> {};
        database.execute("truncate " + String.join(", ", tables()) + " cascade");
    }

    /** Every table whose rows belong to a studio. */
    private List<String> tables() {
        return database.queryForList(
                "select table_name from information_schema.columns where table_schema = current_schema()"
                        + " and column_name = 'studio_id' order by table_name",
                String.class);
    }

    /** To which table a column of numbers leads. */
    private Map<String, String> leads() {
        Map<String, String> leads = new TreeMap<>();
        database.query(
                "select c.conrelid::regclass::text as here, a.attname as name, c.confrelid::regclass::text as there"
                        + " from pg_constraint c join pg_attribute a on a.attrelid = c.conrelid and a.attnum = any(c.conkey)"
                        + " where c.contype = 'f' and a.attname <> 'studio_id'",
                row -> {
                    leads.put(row.getString("here") + "." + row.getString("name"), row.getString("there"));
                });
        return leads;
    }

    /** Every row as text, its columns by name, with the rows that it names instead of their numbers; table by table, sorted. */
    private Map<String, List<String>> rows() {
        Map<String, String> leads = leads();
        Map<String, Map<Long, JsonNode>> all = new TreeMap<>();
        for (String table : tables()) {
            Map<Long, JsonNode> kept = new TreeMap<>();
            database.query("select id, to_jsonb(t)::text as kept from " + table + " t", row -> {
                kept.put(row.getLong("id"), JSON.readTree(row.getString("kept")));
            });
            all.put(table, kept);
        }
        Map<String, List<String>> rows = new TreeMap<>();
        all.forEach((table, kept) -> rows.put(
                table,
                kept.keySet().stream()
                        .map(id -> text(table, id, all, leads))
                        .sorted()
                        .toList()));
        return rows;
    }

    private static String text(String table, long id, Map<String, Map<Long, JsonNode>> all, Map<String, String> leads) {
        List<String> columns = new ArrayList<>();
        all.get(table).get(id).forEachEntry((name, value) -> {
            String there = leads.get(table + "." + name);
            if (there != null) {
                columns.add(name + ": " + (value.isNull() ? "none" : text(there, value.asLong(), all, leads)));
            } else if (table.equals("tune_revision") && name.equals("choices")) {
                // A state names assignments in its JSON.
                columns.add(name + ": "
                        + ASSIGNMENT.matcher(value.asString()).replaceAll(found -> {
                            long number = Long.parseLong(found.group(1));
                            return java.util.regex.Matcher.quoteReplacement(
                                    number < 0 ? "gone" : text("assignment", number, all, leads));
                        }));
            } else if (!COUNTED.contains(name)) {
                columns.add(name + ": " + value);
            }
        });
        return columns.toString();
    }

    /** A studio in which every column of every table says something. */
    private void fill() throws Exception {
        long wren = student("Wren", 9);
        long gone = student("Gone", 8);
        send(
                api.post(),
                "/api/students",
                "{\"name\":\"Wide\",\"hand\":{\"span\":12,\"lowest\":\"C2\",\"highest\":\"C5\",\"reach\":[{\"one\":1,\"other\":2,"
                        + "\"comfortable\":5,\"most\":7}]},\"level\":3}");
        JsonNode tune = created(
                "title: Row by row\ncomposer: Nobody\n| C | F | G | C |",
                played(wren, "{\"pins\":[" + PIN + "]}"),
                played(gone, "{\"figure\":\"ALBERTI\"}"));
        long id = tune.get("id").asLong();
        long first = tune.at("/assignments/0/id").asLong();
        saveChart(tune, tune.get("version").asLong(), "title: Row by row\ncomposer: Nobody\n| C | F | G7 | C |");
        database.update("update tune_revision set name = 'as in May' where tune_id = ?", id);
        put("/api/tunes/" + id + "/labels", "{\"tags\":[\"exam\",\"two words\"],\"level\":3}");
        send(api.post(), "/api/assignments/" + first + "/link", "");
        for (String round : List.of("one", "two")) {
            put(
                    "/api/assignments/" + first + "/practised",
                    "{\"pages\":[{\"bars\":[\"a\",\"b\"],\"steps\":[{\"id\":\"" + round
                            + "\",\"day\":\"2026-11-2" + round.length()
                            + "\",\"hands\":\"left\",\"from\":1,\"to\":3,\"percent\":75,\"rounds\":4,"
                            + "\"slips\":2,\"seconds\":90,\"done\":true}]}]}");
        }
        api.delete().uri("/api/assignments/" + first + "/practised/2026-11-23").exchange();
        send(
                api.post(),
                "/api/tunes/" + id + "/exercises",
                "{\"chart\":\"title: Row by row\\n| C | F | G7 | C |\",\"choices\":{},\"hand\":{\"span\":9,\"lowest\":\"E2\","
                        + "\"highest\":\"E4\"},\"bars\":[1,2],\"asked\":\"CHORDS\",\"student\":" + wren
                        + ",\"tries\":3,\"atOnce\":true,\"words\":\"gently\",\"settings\":{\"help\":true,\"fading\":false,"
                        + "\"marksAfter\":0,\"counts\":[\"NOTES\"],\"to\":null}}");
        String forAll =
                path(json(send(api.post(), "/api/ready-made", "{\"set\":\"primary\",\"seed\":0,\"student\":null}")));
        send(api.put().header("X-Device", "hers"), forAll + "/name", "{\"name\":\"Ada\"}");
        JsonNode exercise = json(api.get().uri("/api/exercises").exchange())
                .valueStream()
                .filter(one -> !one.get("student").asString().isEmpty())
                .findFirst()
                .orElseThrow();
        String answers = "/api/answers/" + exercise.get("code").asString();
        put(answers + "/chords/1", "{\"attempt\":1,\"keys\":[53,57,60],\"seconds\":9,\"waited\":2}");
        put(answers + "/chords/2", "{\"attempt\":1,\"keys\":[53],\"seconds\":9,\"waited\":2}");
        send(api.post(), answers + "/finish", "{\"attempt\":1,\"seconds\":30}");
        database.update("update attempt set said = 'well done', overruled = '{\"2\":1}', smoother = 2");
        api.delete().uri("/api/exercises/" + exercise.get("id").asLong()).exchange();
        long figure = json(send(api.post(), "/api/figures", "{\"name\":\"Mine\",\"text\":\"by bar 1/8 1 3 2 3\"}"))
                .get("id")
                .asLong();
        api.delete().uri("/api/figures/" + figure).exchange();
        send(api.put(), "/api/rules/own/parallel-fifths", "{\"severity\":\"hint\",\"reason\":\"she is seven\"}");
        database.update("insert into own_level (studio_id, code, level, reason)"
                + " select id, 'a-rule-of-old', 'OFF', 'as then' from studio");
        put("/api/exercises/points/missing-third", "{\"points\":2}");
        api.delete().uri("/api/students/" + gone).exchange();
        api.delete()
                .uri("/api/assignments/" + tune.at("/assignments/1/id").asLong())
                .exchange();
        JsonNode off = created("title: Off the shelf\n| C |");
        api.delete().uri("/api/tunes/" + off.get("id").asLong()).exchange();
    }

    private String backup() throws Exception {
        MvcTestResult result = api.get().uri("/api/backup").exchange();
        assertThat(result).hasStatusOk();
        return result.getResponse().getContentAsString(StandardCharsets.UTF_8);
    }

    private MvcTestResult restore(String backup) {
        return send(api.post(), "/api/backup", backup);
    }

    /** Which columns say nothing in any row. */
    private Set<String> silent() {
        Set<String> silent = new TreeSet<>();
        for (String table : tables()) {
            Map<String, Boolean> says = new TreeMap<>();
            database.query("select to_jsonb(t)::text as kept from " + table + " t", row -> {
                JSON.readTree(row.getString("kept"))
                        .forEachEntry((name, value) ->
                                says.merge(name, !NOTHING.contains(value.toString()), Boolean::logicalOr));
            });
            assertThat(says).as(table + " has no row").isNotEmpty();
            says.forEach((name, some) -> {
                if (!some && !COUNTED.contains(name)) {
                    silent.add(table + "." + name);
                }
            });
        }
        return silent;
    }

    @Test
    void everyColumnOfEveryTableComesBack() throws Exception {
        fill();
        assertThat(silent()).as("columns that this test does not try").isEmpty();
        String backup = backup();
        Map<String, List<String>> before = rows();
        empty();
        assertThat(restore(backup)).hasStatusOk();
        Map<String, List<String>> after = rows();
        before.forEach((table, rows) -> assertThat(after.get(table)).as(table).isEqualTo(rows));
        assertThat(restore(backup)).hasStatusOk();
        Map<String, List<String>> again = rows();
        before.forEach((table, rows) ->
                assertThat(again.get(table)).as(table + ", a second time").isEqualTo(rows));
    }

    /** Somebody gives a tune to a new student while the file is written: the file is of the moment at which it was begun. */
    @Test
    void whatIsSavedMeanwhileIsNotHalfInIt() throws Exception {
        JsonNode tune = created("title: Meanwhile\n| C |", played(student("There", 9), "{}"));
        meanwhile.meanwhile = () -> CompletableFuture.runAsync(() -> {
                    try {
                        String draft = "{\"student\":" + student("Newcomer", 9) + ",\"choices\":{}}";
                        assertThat(send(
                                        api.post(),
                                        "/api/tunes/" + tune.get("id").asLong() + "/assignments",
                                        draft))
                                .hasStatus(201);
                    } catch (Exception e) {
                        throw new IllegalStateException(e);
                    }
                })
                .join();
        String backup = backup();
        meanwhile.meanwhile = () -> {};
        assertThat(backup).doesNotContain("Newcomer");
        assertThat(backup()).contains("Newcomer");
        empty();
        assertThat(restore(backup)).hasStatusOk();
    }

    /** What cannot be read from the database is no file: not a half one with a friendly answer. */
    @Test
    void aBackupThatFailsIsNone() throws Exception {
        created("title: Broken\n| C |");
        meanwhile.meanwhile = () -> {
            throw new IllegalStateException("the disk is gone");
        };
        MvcTestResult result = api.get().uri("/api/backup").exchange();
        assertThat(result).hasStatus(500);
        assertThat(result.getResponse().getContentAsString()).doesNotContain("zesty-thumb-backup");
    }

    /** Cut off, or with a thing less, it is refused whole. */
    @Test
    void aFileThatLacksSomethingIsRefused() throws Exception {
        created("title: One\n| C |");
        created("title: Two\n| F |");
        ObjectNode whole = (ObjectNode) JSON.readTree(backup());
        ObjectNode without = whole.deepCopy();
        without.withArray("tunes").remove(1);
        ObjectNode noEnd = whole.deepCopy();
        noEnd.remove("end");
        empty();
        assertThat(restore(without.toString()))
                .hasStatus(400)
                .bodyJson()
                .extractingPath("$.detail")
                .asString()
                .contains("it tells of 2 tunes and holds 1");
        assertThat(restore(noEnd.toString())).hasStatus(400);
        assertThat(database.queryForObject("select count(*) from tune", Integer.class))
                .isZero();
        assertThat(restore(whole.toString())).hasStatusOk();
    }

    /** Thirty years of practising come back, and are practised on. */
    @Test
    void aLongRecordComesBack() throws Exception {
        JsonNode tune = created("title: Thirty years\n| C |", played(student("Diligent", 9), "{}"));
        String path = "/api/assignments/" + tune.at("/assignments/0/id").asLong() + "/practised";
        int lot = 500;
        for (int from = 0; from < 6_000; from += lot) {
            String steps = java.util.stream.IntStream.range(from, from + lot)
                    .mapToObj(i -> "{\"id\":\"r" + i + "\",\"day\":\"20" + (10 + i / 365) + "-01-"
                            + (10 + i % 20) + "\",\"hands\":\"left\",\"from\":0,\"to\":" + i % 365
                            + ",\"percent\":50,\"rounds\":1,\"slips\":0,\"seconds\":60}")
                    .collect(Collectors.joining(","));
            assertThat(put(path, "{\"pages\":[{\"bars\":[\"a\"],\"steps\":[" + steps + "]}]}"))
                    .hasStatusOk();
        }
        String backup = backup();
        empty();
        assertThat(restore(backup)).hasStatusOk();
        assertThat(database.queryForObject("select count(*) from practice_round", Integer.class))
                .isEqualTo(6_000);
    }
}
