package com.zestythumb.app.student;

import com.zestythumb.app.arrange.HandDto;
import java.util.Map;
import tools.jackson.databind.json.JsonMapper;

/** What was measured of a hand, as it is kept: JSON, empty where nothing was. */
final class KeptReach {

    private record Kept(Map<String, Integer> white, Map<String, Integer> black, boolean rolls, String reading) {}

    private static final JsonMapper JSON = JsonMapper.builder()
            .disable(tools.jackson.databind.DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .build();

    private KeptReach() {}

    static String write(HandDto hand) {
        return JSON.writeValueAsString(new Kept(hand.white(), hand.black(), hand.rolls(), hand.reading()));
    }

    static HandDto read(String kept, int span, String lowest, String highest) {
        if (kept == null || kept.isEmpty()) {
            return new HandDto(span, lowest, highest);
        }
        Kept reach = JSON.readValue(kept, Kept.class);
        return new HandDto(span, lowest, highest, reach.white(), reach.black(), reach.rolls(), reach.reading());
    }
}
