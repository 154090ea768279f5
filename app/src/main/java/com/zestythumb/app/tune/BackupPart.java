package com.zestythumb.app.tune;

import java.util.List;
import java.util.Map;
import java.util.function.Function;
import tools.jackson.databind.JsonNode;

/** A list in a backup that is kept beside the tunes; it comes behind students and tunes. */
public interface BackupPart {

    /** How the list is called in the file. */
    String list();

    /**
     * Everything of the studio, as it is written.
     *
     * @param students the numbers of students in the file, by their ids
     */
    List<?> everything(Map<Long, Integer> students);

    /**
     * Puts one of them back, unless it stands here already.
     *
     * @param students the ids of students by their numbers in the file
     * @throws IllegalArgumentException where it makes no sense
     */
    void restore(JsonNode one, Function<Integer, Long> students);
}
