package com.zestythumb.app.backup;

import com.zestythumb.app.backup.BackupPart.Came;
import com.zestythumb.app.backup.BackupPart.Taker;
import com.zestythumb.app.studio.Studios;
import java.io.InputStream;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Puts back what a backup of any format holds, one thing after another, but for what stands here already just so. */
@Service
class Restoring {

    private static final String NO_BACKUP = "this file is no backup of this app; choose the one saved under Backup";
    private static final String DAMAGED = "this backup is damaged: ";

    private final List<BackupPart> parts;
    private final Studios studios;
    private final JsonMapper json;

    Restoring(List<BackupPart> parts, Studios studios, JsonMapper json) {
        this.parts = parts;
        this.studios = studios;
        this.json = json.rebuild()
                .disable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
                .build();
    }

    /** All of it or, where something in it makes no sense, nothing; throws with a teacher's words where it is none. */
    @Transactional
    public Restored restore(InputStream file) {
        studios.oneAfterAnother();
        try (JsonParser in = json.createParser(file)) {
            return new Work(format(in)).read(in);
        } catch (JacksonException e) {
            throw new IllegalArgumentException(DAMAGED + e.getOriginalMessage(), e);
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

    /** One backup being put back. */
    private final class Work {

        private final int format;
        private final OldBackups old;
        private final Map<String, Taker> takers = new HashMap<>();
        private final Map<String, Integer> held = new HashMap<>();
        private final Map<Came, Integer> came = new EnumMap<>(Came.class);

        Work(int format) {
            this.format = format;
            Numbers numbers = new Numbers();
            parts.forEach(part -> takers.put(part.list(), part.begin(numbers)));
            old = new OldBackups(format, json, student -> take("students", student));
        }

        Restored read(JsonParser in) {
            JsonNode end = null;
            while (in.nextToken() == JsonToken.PROPERTY_NAME) {
                String name = in.currentName();
                boolean isList = in.nextToken() == JsonToken.START_ARRAY;
                if ("end".equals(name)) {
                    end = json.readTree(in);
                } else if (isList) {
                    each(in, one -> take(name, old.lifted(name, one)));
                } else if (takers.containsKey(name)) {
                    throw new IllegalArgumentException(DAMAGED + "a list is missing");
                } else {
                    in.skipChildren();
                }
            }
            if (format >= Backup.WITH_END) {
                checkWhole(end);
            }
            return new Restored(came.getOrDefault(Came.ADDED, 0), came.getOrDefault(Came.ALREADY_HERE, 0));
        }

        /** A list that nobody knows is passed over. */
        private void take(String list, ObjectNode one) {
            held.merge(list, 1, Integer::sum);
            Taker taker = takers.get(list);
            if (taker != null) {
                came.merge(taker.take(one), 1, Integer::sum);
            }
        }

        private void checkWhole(JsonNode end) {
            if (end == null || !end.isObject()) {
                throw new IllegalArgumentException(DAMAGED + "its end is missing; choose one that was saved whole");
            }
            end.forEachEntry((list, count) -> {
                int here = held.getOrDefault(list, 0);
                if (count.asInt(-1) != here) {
                    throw new IllegalArgumentException(DAMAGED + "it tells of " + count + " " + list + " and holds "
                            + here + "; choose one that was saved whole");
                }
            });
        }

        private void each(JsonParser in, Consumer<ObjectNode> take) {
            while (in.nextToken() != JsonToken.END_ARRAY) {
                JsonNode one = json.readTree(in);
                if (!(one instanceof ObjectNode object)) {
                    throw new IllegalArgumentException(DAMAGED + one + " is nothing it could hold");
                }
                take.accept(object);
            }
        }
    }
}
