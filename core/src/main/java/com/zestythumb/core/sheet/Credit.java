package com.zestythumb.core.sheet;

import java.util.Locale;

/** What somebody did for a tune, or has in it. */
public enum Credit {
    COMPOSER,
    /** Who wrote the sung words. */
    LYRICIST,
    ARRANGER,
    COPYRIGHT;

    /** As a chart's heading, a directive of ChordPro and a creator of MusicXML name it. */
    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }
}
