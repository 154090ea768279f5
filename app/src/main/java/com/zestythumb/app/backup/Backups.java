package com.zestythumb.app.backup;

import java.io.OutputStream;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Isolation;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.JsonGenerator;
import tools.jackson.databind.json.JsonMapper;

/** Takes a whole studio into a file, as it stood at one moment. */
@Service
class Backups {

    private final List<BackupPart> parts;
    private final JsonMapper json;

    Backups(List<BackupPart> parts, JsonMapper json) {
        this.parts = parts;
        this.json = json;
    }

    /** Everything the studio holds; see {@link Backup}. What others save meanwhile is not in it, nor half of it. */
    @Transactional(readOnly = true, isolation = Isolation.REPEATABLE_READ)
    public void write(OutputStream file) {
        write(file, BackupPart::write);
    }

    /** Everything the studio holds of one student, in the same form. */
    @Transactional(readOnly = true, isolation = Isolation.REPEATABLE_READ)
    public void writeOf(long student, OutputStream file) {
        write(file, (part, numbers, out) -> part.writeOf(student, numbers, out));
    }

    /** How a part is written. */
    private interface Writing {
        void write(BackupPart part, Numbers numbers, Consumer<Object> out);
    }

    private void write(OutputStream file, Writing how) {
        Map<String, Integer> end = new LinkedHashMap<>();
        try (JsonGenerator out = json.createGenerator(file)) {
            out.writeStartObject();
            out.writeStringProperty("kind", Backup.KIND);
            out.writeNumberProperty("formatVersion", Backup.FORMAT);
            Numbers numbers = new Numbers();
            for (BackupPart part : parts) {
                end.put(part.list(), 0);
                out.writeArrayPropertyStart(part.list());
                how.write(part, numbers, one -> {
                    json.writeValue(out, one);
                    end.merge(part.list(), 1, Integer::sum);
                });
                out.writeEndArray();
            }
            out.writeName("end");
            json.writeValue(out, end);
            out.writeEndObject();
        }
    }
}
