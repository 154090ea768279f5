package com.zestythumb.app.backup;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.Map;

/**
 * Everything a studio holds, as one file of JSON: what it is, the lists of its parts, and how much each held, so that a file that was cut
 * off is known. What a file may hold nobody counts: it is written and read one thing after another.
 */
@Schema(
        name = "Backup",
        description = "Between formatVersion and end stand the lists: students, figures, tunes, exercises and others.")
record Backup(
        @Schema(example = "zesty-thumb-backup") String kind,
        int formatVersion,

        @Schema(description = "How many things each list holds.")
        Map<String, Integer> end) {

    static final String KIND = "zesty-thumb-backup";
    static final int FORMAT = 6;

    /** The format since which a file tells at its end what it holds. */
    static final int WITH_END = 6;
}
