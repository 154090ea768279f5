package com.zestythumb.app.http;

import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import org.flywaydb.core.api.migration.BaseJavaMigration;
import org.flywaydb.core.api.migration.Context;
import org.springframework.stereotype.Component;

/** Codes that were kept as they are become sealed ones. */
@Component
@SuppressWarnings("checkstyle:TypeName") // its version stands in its name
class V18__SealedCodes extends BaseJavaMigration {

    private final Seal seal;

    V18__SealedCodes(Seal seal) {
        this.seal = seal;
    }

    @Override
    public void migrate(Context context) throws SQLException {
        for (String table : List.of("assignment", "exercise")) {
            try (Statement all = context.getConnection().createStatement();
                    ResultSet rows = all.executeQuery("select id, code from " + table + " where code is not null");
                    PreparedStatement change = context.getConnection()
                            .prepareStatement("update " + table + " set code = ? where id = ?")) {
                while (rows.next()) {
                    if (!Seal.isSealed(rows.getString("code"))) {
                        change.setString(1, seal.seal(rows.getString("code")));
                        change.setLong(2, rows.getLong("id"));
                        change.addBatch();
                    }
                }
                change.executeBatch();
            }
        }
    }
}
