package com.zestythumb.app.tune;

import jakarta.validation.ConstraintViolation;
import jakarta.validation.Validator;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Reads a backup of any format there ever was. */
@Component
class BackupReader {

    /** The format since which tunes have assignments. */
    private static final int WITH_ASSIGNMENTS = 2;

    private final JsonMapper json;
    private final Validator validator;

    BackupReader(JsonMapper json, Validator validator) {
        this.json = json;
        this.validator = validator;
    }

    /** Throws with a teacher's words where it is none. */
    Backup read(JsonNode file) {
        if (!Backup.KIND.equals(file.path("kind").asString(""))) {
            throw new IllegalArgumentException("this file is no backup of this app; choose the one saved under Backup");
        }
        int format = file.path("formatVersion").asInt();
        if (format > Backup.FORMAT) {
            throw new IllegalArgumentException("this backup is of a newer app; bring this one up to date first");
        }
        ObjectNode lifted = ((ObjectNode) file).deepCopy();
        if (format < WITH_ASSIGNMENTS) {
            lifted.path("tunes").forEach(this::liftTune);
        }
        try {
            Backup backup = json.treeToValue(lifted, Backup.class);
            Set<ConstraintViolation<Backup>> faults = validator.validate(backup);
            if (!faults.isEmpty()) {
                throw new IllegalArgumentException(faults.stream()
                        .map(fault -> fault.getPropertyPath() + " " + fault.getMessage())
                        .sorted()
                        .limit(3)
                        .collect(Collectors.joining("; ")));
            }
            return backup;
        } catch (JacksonException e) {
            throw new IllegalArgumentException("this backup is damaged: " + e.getOriginalMessage(), e);
        }
    }

    /** In the first format a tune had settings, each with a name and a hand of its own. */
    private void liftTune(JsonNode node) {
        if (!(node instanceof ObjectNode tune)) {
            return;
        }
        ArrayNode assignments = json.createArrayNode();
        for (JsonNode setting : tune.path("settings")) {
            JsonNode choices = setting.path("choices");
            ObjectNode assignment = assignments.addObject();
            assignment
                    .putObject("student")
                    .put("name", setting.path("name").asString(""))
                    .put("level", 0)
                    .set("hand", choices.path("hand"));
            assignment.set(
                    "choices", choices.isObject() ? json.valueToTree(KeptChoices.read(choices)) : json.nullNode());
        }
        tune.remove("settings");
        tune.set("assignments", assignments);
    }
}
