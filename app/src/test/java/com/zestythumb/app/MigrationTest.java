package com.zestythumb.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import javax.sql.DataSource;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.jdbc.core.JdbcTemplate;

/** A database that was filled by an older app keeps all it holds. */
@SpringBootTest
class MigrationTest {

    private static final String SCHEMA = "of_old";

    @Autowired
    private DataSource source;

    @Autowired
    private JdbcTemplate database;

    private Flyway flyway(String target) {
        return Flyway.configure()
                .dataSource(source)
                .schemas(SCHEMA)
                .defaultSchema(SCHEMA)
                .target(target)
                .cleanDisabled(false)
                .load();
    }

    @BeforeEach
    void fill() {
        flyway("2").clean();
        flyway("2").migrate();
        tune(1, "One");
        tune(2, "Two");
        tune(3, "Three");
        setting(1, 1, 0, "Wren", "NEAREST", 9);
        setting(2, 1, 1, "Otto", "ROOT_POSITION", 12);
        setting(3, 2, 0, "Wren", "FIRST_INVERSION", 9);
        setting(4, 3, 0, "Wren", "NEAREST", 10);
        database.update(
                "insert into of_old.setting_pin values (3, 1, 0, 2, '3/2', 'E3 G3 C4'), (3, 1, 1, 4, '0', 'C3')");
        database.update("insert into of_old.tune_revision (studio_id, tune_id, saved_at, title, chart)"
                + " values (1, 2, now(), 'Two before', '| C |')");
    }

    @AfterEach
    void clean() {
        flyway("latest").clean();
    }

    private void tune(int id, String title) {
        database.update(
                "insert into of_old.tune (id, studio_id, version, title, chart, updated_at) values (?, 1, 4, ?, ?, now())",
                id,
                title,
                "title: " + title + "\n| C |");
    }

    private void setting(int id, int tune, int place, String name, String way, int span) {
        database.update(
                "insert into of_old.setting (id, studio_id, tune_id, place, name, way, figure, hand_span, hand_lowest,"
                        + " hand_highest) values (?, 1, ?, ?, ?, ?, 'ALBERTI', ?, 'E2', 'E4')",
                id,
                tune,
                place,
                name,
                way,
                span);
    }

    @Test
    void makesStudentsOfSettingsOfOneNameAndHand() {
        flyway("latest").migrate();
        assertThat(database.queryForList(
                        "select name || ' ' || hand_span from of_old.student order by id", String.class))
                .containsExactly("Wren 9", "Otto 12", "Wren 2 10");
        List<Map<String, Object>> played = database.queryForList(
                "select t.title, s.name, a.choices::json ->> 'way' as way, a.choices::json ->> 'pins' as pins"
                        + " from of_old.assignment a join of_old.tune t on t.id = a.tune_id"
                        + " join of_old.student s on s.id = a.student_id order by t.id, a.place");
        assertThat(played)
                .extracting(row -> row.get("title") + ": " + row.get("name") + ", " + row.get("way"))
                .containsExactly(
                        "One: Wren, NEAREST",
                        "One: Otto, ROOT_POSITION",
                        "Two: Wren, FIRST_INVERSION",
                        "Three: Wren 2, NEAREST");
        assertThat((String) played.get(2).get("pins"))
                .contains("\"p3-0\"")
                .contains("\"3/2\"")
                .contains("[\"E3\",\"G3\",\"C4\"]");
        assertThat(played.get(0).get("pins")).isEqualTo("[]");
        assertThat(database.queryForObject("select choices from of_old.tune_revision", String.class))
                .isEqualTo("[]");
    }

    /** What later rules forbid is put in order: nobody plays a tune, a student plays it twice, two are nobody. */
    @Test
    void putsInOrderWhatLaterRulesForbid() {
        flyway("5").migrate();
        database.update("update of_old.student set removed_at = now() where name = 'Wren'");
        for (int i = 0; i < 2; i++) {
            database.update("insert into of_old.student (studio_id, name, hand_span, hand_lowest, hand_highest)"
                    + " values (1, 'Any hand', 12, 'C2', 'A4')");
            database.update("insert into of_old.assignment (studio_id, tune_id, student_id, place, choices)"
                    + " select 1, 3, id, 5, '{}' from of_old.student where name = 'Otto'");
        }
        flyway("latest").migrate();
        assertThat(database.queryForList(
                        "select t.title || ': ' || s.name from of_old.assignment a join of_old.tune t on t.id = a.tune_id"
                                + " join of_old.student s on s.id = a.student_id"
                                + " where a.removed_at is null and s.removed_at is null order by t.id, a.id",
                        String.class))
                .containsExactly("One: Otto", "Two: Any hand", "Three: Wren 2", "Three: Otto");
        assertThat(database.queryForObject(
                        "select count(*) from of_old.student where name = 'Any hand'", Integer.class))
                .isEqualTo(1);
    }

    /** What was practised was one of the choices; also where these hold what PostgreSQL cannot read as JSON. */
    @Test
    void practisingBecomesARecordOfItsOwn() {
        flyway("10").migrate();
        database.update(
                "update of_old.assignment set choices = '{\"word\":\"a\\u0000b\",\"practised\":[{\"day\":\"2026-11-28\","
                        + "\"hands\":\"held\",\"from\":0,\"to\":3,\"percent\":75,\"rounds\":9,\"slips\":2,\"seconds\":240,\"done\":true}]}'"
                        + " where id = (select min(id) from of_old.assignment)");
        flyway("latest").migrate();
        assertThat(database.queryForList(
                        "select concat_ws(' ', p.bars, r.day, r.hands, r.from_bar, r.to_bar, r.percent, r.rounds, r.slips, r.seconds,"
                                + " r.done) from of_old.practice_round r join of_old.practice_page p on p.id = r.page_id",
                        String.class))
                .containsExactly("[] 2026-11-28 held 0 3 75 9 2 240 t");
    }

    @Test
    void countsOnWhereTheNumbersOfTunesWere() {
        flyway("latest").migrate();
        assertThat(database.queryForObject("select nextval('of_old.tune_seq')", Long.class))
                .isGreaterThan(3);
        assertThat(database.queryForObject("select nextval('of_old.tune_revision_seq')", Long.class))
                .isGreaterThan(1);
    }
}
