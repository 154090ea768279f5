package com.zestythumb.formats;

import com.zestythumb.core.arrangement.Arrangement;

/** Writes an arrangement as a file of one open format. */
public interface ScoreWriter {

    /** The whole file. */
    byte[] write(Arrangement arrangement);

    /** Its registered media type. */
    String mediaType();

    /** Its usual ending, without the dot. */
    String extension();
}
