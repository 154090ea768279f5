package com.zestythumb.app.tune;

import com.zestythumb.app.tune.Backup.KeptFigure;
import com.zestythumb.app.tune.Backup.KeptStudent;
import com.zestythumb.app.tune.Backup.KeptTune;
import jakarta.validation.ConstraintViolation;
import jakarta.validation.Validator;
import java.io.InputStream;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Reads a backup of any format there ever was, one thing after another: no more than a tune is held at once. */
@Component
class BackupReader {

    private static final String NO_BACKUP = "this file is no backup of this app; choose the one saved under Backup";

    /** Takes what a backup holds: a student comes before the tunes it plays. */
    interface Taker {

        void student(KeptStudent student);

        void tune(KeptTune tune);

        void figure(KeptFigure figure);

        /** One of another list; lists that nobody knows are passed over. */
        void other(String list, JsonNode one);
    }

    private final JsonMapper json;
    private final Validator validator;

    BackupReader(JsonMapper json, Validator validator) {
        this.json = json.rebuild()
                .disable(
                        DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES,
                        DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
                .build();
        this.validator = validator;
    }

    /** Throws with a teacher's words where it is none. */
    void read(InputStream file, Taker taker) {
        try (JsonParser in = json.createParser(file)) {
            int format = format(in);
            OldBackups old = new OldBackups(format, json, student -> taker.student(checked("students", student)));
            while (in.nextToken() == JsonToken.PROPERTY_NAME) {
                String name = in.currentName();
                in.nextToken();
                switch (name) {
                    case "students" -> each(in, one -> taker.student(value(name, one, KeptStudent.class)));
                    case "tunes" -> each(in, one -> taker.tune(value(name, old.tune(one), KeptTune.class)));
                    case "figures" -> each(in, one -> taker.figure(value(name, old.figure(one), KeptFigure.class)));
                    default -> {
                        if (in.currentToken() == JsonToken.START_ARRAY) {
                            each(in, one -> taker.other(name, one));
                        } else {
                            in.skipChildren();
                        }
                    }
                }
            }
        } catch (JacksonException e) {
            throw new IllegalArgumentException("this backup is damaged: " + e.getOriginalMessage(), e);
        }
    }

    /** Every backup begins with what it is. */
    private static int format(JsonParser in) {
        try {
            if (in.nextToken() != JsonToken.START_OBJECT
                    || !"kind".equals(in.nextName())
                    || in.nextToken() != JsonToken.VALUE_STRING
                    || !Backup.KIND.equals(in.getString())
                    || !"formatVersion".equals(in.nextName())
                    || in.nextToken() != JsonToken.VALUE_NUMBER_INT) {
                throw new IllegalArgumentException(NO_BACKUP);
            }
        } catch (JacksonException e) {
            throw new IllegalArgumentException(NO_BACKUP, e);
        }
        int format = in.getIntValue();
        if (format > Backup.FORMAT) {
            throw new IllegalArgumentException("this backup is of a newer app; bring this one up to date first");
        }
        return format;
    }

    private void each(JsonParser in, Consumer<ObjectNode> take) {
        if (in.currentToken() != JsonToken.START_ARRAY) {
            throw new IllegalArgumentException("this backup is damaged: a list is missing");
        }
        while (in.nextToken() != JsonToken.END_ARRAY) {
            JsonNode one = json.readTree(in);
            if (!(one instanceof ObjectNode object)) {
                throw new IllegalArgumentException("this backup is damaged: " + one + " is nothing it could hold");
            }
            take.accept(object);
        }
    }

    private <T> T value(String where, JsonNode one, Class<T> type) {
        return checked(where, json.treeToValue(one, type));
    }

    private <T> T checked(String where, T value) {
        Set<ConstraintViolation<T>> faults = validator.validate(value);
        if (!faults.isEmpty()) {
            throw new IllegalArgumentException(faults.stream()
                    .map(fault -> where + ": " + fault.getPropertyPath() + " " + fault.getMessage())
                    .sorted()
                    .limit(3)
                    .collect(Collectors.joining("; ")));
        }
        return value;
    }
}
