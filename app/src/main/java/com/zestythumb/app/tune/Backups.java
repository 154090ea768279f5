package com.zestythumb.app.tune;

import com.zestythumb.app.figure.OwnFigures;
import com.zestythumb.app.student.Student;
import com.zestythumb.app.student.Students;
import com.zestythumb.app.studio.Studios;
import com.zestythumb.app.tune.Backup.KeptAssignment;
import com.zestythumb.app.tune.Backup.KeptFigure;
import com.zestythumb.app.tune.Backup.KeptPlayed;
import com.zestythumb.app.tune.Backup.KeptState;
import com.zestythumb.app.tune.Backup.KeptStudent;
import com.zestythumb.app.tune.Backup.KeptTune;
import jakarta.persistence.EntityManager;
import java.io.OutputStream;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.JsonGenerator;
import tools.jackson.databind.json.JsonMapper;

/** Takes a whole studio into a file, so many tunes at a time. */
@Service
@Transactional(readOnly = true)
public class Backups {

    private static final int LOT = 100;

    private final TuneRepository tunes;
    private final AssignmentRepository assignments;
    private final TuneRevisionRepository revisions;
    private final Students students;
    private final OwnFigures figures;
    private final Studios studios;
    private final List<BackupPart> parts;
    private final EntityManager session;
    private final JsonMapper json;

    Backups(
            TuneRepository tunes,
            AssignmentRepository assignments,
            TuneRevisionRepository revisions,
            Students students,
            OwnFigures figures,
            Studios studios,
            List<BackupPart> parts,
            EntityManager session,
            JsonMapper json) {
        this.tunes = tunes;
        this.assignments = assignments;
        this.revisions = revisions;
        this.students = students;
        this.figures = figures;
        this.studios = studios;
        this.parts = parts;
        this.session = session;
        this.json = json;
    }

    /** Everything the studio holds; see {@link Backup}. */
    public void write(OutputStream file) {
        try (JsonGenerator out = json.createGenerator(file)) {
            out.writeStartObject();
            out.writeStringProperty("kind", Backup.KIND);
            out.writeNumberProperty("formatVersion", Backup.FORMAT);
            out.writeArrayPropertyStart("students");
            List<Student> everyone = students.everyone();
            for (int i = 0; i < everyone.size(); i++) {
                Student one = everyone.get(i);
                json.writeValue(out, new KeptStudent(i, one.draft(), one.removedAt()));
            }
            out.writeEndArray();
            out.writeArrayPropertyStart("tunes");
            writeTunes(out, everyone.stream().map(Student::id).toList());
            out.writeEndArray();
            out.writeArrayPropertyStart("figures");
            figures.everything().forEach(one -> json.writeValue(out, new KeptFigure(one.draft(), one.removedAt())));
            out.writeEndArray();
            Map<Long, Integer> numbers =
                    Numbering.of(everyone.stream().map(Student::id).toList());
            for (BackupPart part : parts) {
                out.writeArrayPropertyStart(part.list());
                part.everything(numbers).forEach(one -> json.writeValue(out, one));
                out.writeEndArray();
            }
            out.writeEndObject();
        }
    }

    private void writeTunes(JsonGenerator out, List<Long> everyone) {
        Map<Long, Integer> numbers = Numbering.of(everyone);
        List<Long> ids = tunes.ids(studios.current());
        for (int from = 0; from < ids.size(); from += LOT) {
            List<Tune> lot = tunes.findAllById(ids.subList(from, Math.min(from + LOT, ids.size())));
            Map<Long, List<Assignment>> played = assignments.findByTuneInOrderByPlaceAscIdAsc(lot).stream()
                    .collect(Collectors.groupingBy(one -> one.tune().id()));
            Map<Long, List<TuneRevision>> histories = revisions.findByTuneInOrderBySavedAtAscIdAsc(lot).stream()
                    .collect(Collectors.groupingBy(one -> one.tune().id()));
            lot.stream()
                    .map(tune -> kept(
                            tune,
                            played.getOrDefault(tune.id(), List.of()),
                            histories.getOrDefault(tune.id(), List.of()),
                            numbers))
                    .forEach(tune -> json.writeValue(out, tune));
            session.clear();
        }
    }

    private static KeptTune kept(
            Tune tune, List<Assignment> played, List<TuneRevision> history, Map<Long, Integer> students) {
        Map<Long, Integer> places =
                Numbering.of(played.stream().map(Assignment::id).toList());
        return new KeptTune(
                tune.chart(),
                played.stream()
                        .map(one -> new KeptAssignment(
                                students.get(one.student().id()),
                                one.place(),
                                KeptChoices.tree(one.choices()),
                                one.practised(),
                                one.removedAt()))
                        .toList(),
                tune.tags(),
                tune.level(),
                tune.updatedAt(),
                tune.removedAt(),
                history.stream().map(one -> state(one, places)).toList());
    }

    private static KeptState state(TuneRevision revision, Map<Long, Integer> assignments) {
        return new KeptState(
                revision.savedAt(),
                revision.name(),
                revision.title(),
                revision.chart(),
                History.read(revision.choices()).stream()
                        .map(one -> new KeptPlayed(
                                assignments.getOrDefault(one.assignment(), -1),
                                one.student(),
                                one.hand(),
                                KeptChoices.tree(one.choices())))
                        .toList());
    }
}
