package com.zestythumb.core.voicing;

import java.util.List;

/** The catalogue of styles, simplest first. */
public final class VoicingStyles {

    public static final VoicingStyle CLOSE = new CloseStyle();

    private static final List<VoicingStyle> ALL = List.of(CLOSE);

    private VoicingStyles() {}

    public static List<VoicingStyle> all() {
        return ALL;
    }

    /**
     * The style with this id.
     *
     * @throws IllegalArgumentException if there is none
     */
    public static VoicingStyle named(String id) {
        return ALL.stream()
                .filter(style -> style.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("there is no style \"" + id + "\"; choose one of "
                        + ALL.stream().map(VoicingStyle::id).toList()));
    }
}
