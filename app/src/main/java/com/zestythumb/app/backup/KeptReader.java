package com.zestythumb.app.backup;

import jakarta.validation.ConstraintViolation;
import jakarta.validation.Validator;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Reads one thing of a backup and refuses what makes no sense; what a newer app may have added to it is passed over. */
@Component
public class KeptReader {

    private static final int MOST_FAULTS = 3;

    private final JsonMapper json;
    private final Validator validator;

    KeptReader(JsonMapper json, Validator validator) {
        this.json = json.rebuild()
                .disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
                .build();
        this.validator = validator;
    }

    /** A thing of a list. */
    public <T> T read(String list, JsonNode one, Class<T> type) {
        return checked(list, json.treeToValue(one, type));
    }

    /** Throws with a teacher's words where it makes no sense. */
    public <T> T checked(String where, T value) {
        Set<ConstraintViolation<T>> faults = validator.validate(value);
        if (!faults.isEmpty()) {
            throw new IllegalArgumentException(faults.stream()
                    .map(fault -> where + ": " + fault.getPropertyPath() + " " + fault.getMessage())
                    .sorted()
                    .limit(MOST_FAULTS)
                    .collect(Collectors.joining("; ")));
        }
        return value;
    }
}
