package com.zestythumb.app.tune;

import com.zestythumb.app.arrange.ChoicesDto;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Choices as they are kept: JSON that says its version. What an older app wrote is lifted step by step, so that a new
 * choice needs a step here only where its usual value is not meant.
 */
public final class KeptChoices {

    private static final JsonMapper JSON = JsonMapper.builder()
            .disable(tools.jackson.databind.DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .build();
    private static final String VERSION = "version";

    /** The step from version 1 stands first. */
    private static final List<UnaryOperator<ObjectNode>> STEPS = List.of(KeptChoices::styleForWay);

    private KeptChoices() {}

    public static String write(ChoicesDto choices) {
        return tree(choices).toString();
    }

    static ObjectNode tree(ChoicesDto choices) {
        ObjectNode json = JSON.valueToTree(choices);
        json.put(VERSION, STEPS.size() + 1);
        return json;
    }

    public static ChoicesDto read(String kept) {
        return read(JSON.readTree(kept));
    }

    /** Choices without a version are of the first. */
    static ChoicesDto read(JsonNode kept) {
        ObjectNode json = ((ObjectNode) kept).deepCopy();
        for (int version = json.path(VERSION).asInt(1); version <= STEPS.size(); version++) {
            json = STEPS.get(version - 1).apply(json);
        }
        json.remove(VERSION);
        return JSON.treeToValue(json, ChoicesDto.class);
    }

    /** Before there were styles, close chords were played in one way. */
    private static ObjectNode styleForWay(ObjectNode json) {
        JsonNode way = json.remove("way");
        json.put("style", "close");
        json.set("settings", JSON.valueToTree(Map.of("inversions", way == null ? "NEAREST" : way.asString())));
        return json;
    }
}
