package com.zestythumb.formats;

import java.util.List;

/** Reads files of one open format. */
public interface ScoreReader {

    /** Bytes a file of any format may have at most. */
    int MAX_BYTES = 16 << 20;

    /** What the format is called: {@code "MusicXML"}. */
    String format();

    /**
     * Whether a file looks like this format.
     *
     * @param name its file name, in lower case; empty for pasted text
     * @param file its bytes
     */
    boolean recognises(String name, byte[] file);

    /** Bytes a file of this format may have; text of this size would fill a library. */
    default int maxBytes() {
        return 4 << 20;
    }

    /**
     * The tunes in a file, repaired where that is possible, each with a report.
     *
     * @throws UnreadableFileException saying what is wrong and what to do
     */
    List<Imported> read(byte[] file);

    /** The same with other lines for tune and left hand, where the format has such. */
    default List<Imported> read(byte[] file, Hands.Wanted wanted) {
        return read(file);
    }
}
