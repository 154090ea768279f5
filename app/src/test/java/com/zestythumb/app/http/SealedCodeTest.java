package com.zestythumb.app.http;

import static org.assertj.core.api.Assertions.assertThat;

import java.sql.Connection;
import javax.sql.DataSource;
import org.flywaydb.core.api.configuration.Configuration;
import org.flywaydb.core.api.migration.Context;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.jdbc.core.JdbcTemplate;

/** Who reads the database opens no link. */
@SpringBootTest
class SealedCodeTest {

    private static final String CODE = "qGm3yF0sT2u8vWxYz1AbCd";

    @Autowired
    private DataSource source;

    @Autowired
    private JdbcTemplate database;

    @Autowired
    private V18__SealedCodes migration;

    @Test
    void isOpenedByItsKeyAndByNoOther() {
        Seal seal = new Seal("one secret");
        String sealed = seal.seal(CODE);
        assertThat(sealed).doesNotContain(CODE).isEqualTo(seal.seal(CODE));
        assertThat(seal.open(sealed)).isEqualTo(CODE);
        Seal other = new Seal("another secret");
        assertThat(other.open(sealed)).isNotEqualTo(CODE).matches("[A-Za-z0-9_-]{20,40}");
        assertThat(other.seal(CODE)).isNotEqualTo(sealed);
        assertThat(seal.seal(null)).isNull();
        assertThat(seal.open(null)).isNull();
    }

    /** Codes of before are sealed where they stand, and lead where they led. */
    @Test
    void codesOfBeforeAreSealed() throws Exception {
        database.update("insert into studio (name) select 'Old' where not exists (select 1 from studio)");
        database.update(
                "insert into exercise (studio_id, code, title, chart, choices, hand, bars, asked, tries, at_once, created_at,"
                        + " code_until) select min(id), ?, 'Old', '| C |', '{}', '{}', '[0]', 'CHORDS', 0, true, now(), now() from studio",
                CODE);
        try (Connection connection = source.getConnection()) {
            migration.migrate(new Context() {
                @Override
                public Configuration getConfiguration() {
                    return null;
                }

                @Override
                public Connection getConnection() {
                    return connection;
                }
            });
        }
        String kept = database.queryForObject("select code from exercise where title = 'Old'", String.class);
        database.update("delete from exercise where title = 'Old'");
        assertThat(kept).startsWith("s:").doesNotContain(CODE);
    }
}
