package com.zestythumb.app.backup;

import java.util.function.Consumer;
import tools.jackson.databind.node.ObjectNode;

/**
 * What one feature keeps, as a list in the backup. Parts are written in the order of their beans, so that a list stands behind those
 * whose things it names.
 */
public interface BackupPart {

    /** How the list is called in the file. */
    String list();

    /**
     * Gives out everything of the studio, removed things as well, as it is written; what others name gets a number.
     *
     * @param numbers by which things of lists that were written before are named
     */
    void write(Numbers numbers, Consumer<Object> out);

    /** The same of what is one student's alone; nothing, as a rule. */
    default void writeOf(long student, Numbers numbers, Consumer<Object> out) {}

    /**
     * Begins to put back what a file holds.
     *
     * @param numbers the rows of what was put back before, by their numbers in the file
     */
    Taker begin(Numbers numbers);

    /** Puts back one thing after another. */
    @FunctionalInterface
    interface Taker {

        /**
         * Puts it back, unless it stands here already.
         *
         * @throws IllegalArgumentException where it makes no sense
         */
        Came take(ObjectNode one);
    }

    /** How a thing came back. */
    enum Came {
        ADDED,
        ALREADY_HERE,
        /** Nobody counts it. */
        BESIDE
    }
}
