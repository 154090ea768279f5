package com.zestythumb.app.tune;

import com.zestythumb.app.figure.OwnFigures;
import com.zestythumb.app.student.Student;
import com.zestythumb.app.student.StudentDraft;
import com.zestythumb.app.student.Students;
import com.zestythumb.app.studio.Studio;
import com.zestythumb.app.studio.Studios;
import com.zestythumb.app.tune.Backup.KeptAssignment;
import com.zestythumb.app.tune.Backup.KeptState;
import com.zestythumb.app.tune.Backup.KeptTune;
import com.zestythumb.core.sheet.Chart;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Takes a whole studio into a file, and back. All rows of one kind are read, and written, in lots. */
@Service
@Transactional
public class Backups {

    private final TuneRepository tunes;
    private final AssignmentRepository assignments;
    private final TuneRevisionRepository revisions;
    private final Students students;
    private final OwnFigures figures;
    private final Studios studios;

    Backups(
            TuneRepository tunes,
            AssignmentRepository assignments,
            TuneRevisionRepository revisions,
            Students students,
            OwnFigures figures,
            Studios studios) {
        this.tunes = tunes;
        this.assignments = assignments;
        this.revisions = revisions;
        this.students = students;
        this.figures = figures;
        this.studios = studios;
    }

    /** Everything the studio holds. */
    @Transactional(readOnly = true)
    public Backup take() {
        Studio studio = studios.current();
        Map<Long, List<KeptAssignment>> played = playedByTune(studio);
        Map<Long, List<TuneRevision>> histories = revisions.findByStudioOrderBySavedAt(studio).stream()
                .collect(Collectors.groupingBy(one -> one.tune().id()));
        List<KeptTune> kept = tunes.findByStudioOrderById(studio).stream()
                .map(tune -> new KeptTune(
                        tune.chart(),
                        played.getOrDefault(tune.id(), List.of(forAnyHand())),
                        tune.tags(),
                        tune.level(),
                        tune.updatedAt(),
                        tune.removedAt(),
                        histories.getOrDefault(tune.id(), List.of()).stream()
                                .map(Backups::state)
                                .toList()))
                .toList();
        return new Backup(Backup.KIND, Backup.FORMAT, kept, figures.drafts());
    }

    private static KeptAssignment forAnyHand() {
        return new KeptAssignment(new StudentDraft(Students.ANY_HAND, null, 0), new AssignmentDraft(0, null).choices());
    }

    private Map<Long, List<KeptAssignment>> playedByTune(Studio studio) {
        Map<Long, List<KeptAssignment>> played = new HashMap<>();
        for (Assignment one :
                assignments.findByStudioAndRemovedAtIsNullAndStudentRemovedAtIsNullOrderByPlaceAscIdAsc(studio)) {
            played.computeIfAbsent(one.tune().id(), tune -> new ArrayList<>())
                    .add(new KeptAssignment(draft(one.student()), one.choices()));
        }
        return played;
    }

    private static StudentDraft draft(Student student) {
        return new StudentDraft(student.name(), student.hand(), student.level());
    }

    private static KeptState state(TuneRevision revision) {
        return new KeptState(
                revision.savedAt(),
                revision.title(),
                revision.chart(),
                History.read(revision.choices()).stream()
                        .map(one -> new KeptAssignment(new StudentDraft(one.student(), null, 0), one.choices()))
                        .toList());
    }

    /** What makes two tunes the same. */
    private record Sameness(String chart, List<KeptAssignment> played, List<String> tags) {}

    /**
     * Puts back what a backup holds, but for tunes that stand here already just so; says how many were added. One that
     * was taken off the shelf since stands on it again. Figures that are not here are added, and not counted.
     */
    public int restore(Backup backup) {
        Studio studio = studios.current();
        Map<Long, List<KeptAssignment>> played = playedByTune(studio);
        Map<Sameness, List<Tune>> here = tunes.findByStudioOrderById(studio).stream()
                .collect(Collectors.groupingBy(tune -> new Sameness(
                        tune.chart(), played.getOrDefault(tune.id(), List.of(forAnyHand())), tune.tags())));
        Map<StudentDraft, Student> known = new HashMap<>();
        students.all().forEach(one -> known.putIfAbsent(draft(one), one));
        figures.addMissing(backup.figures());
        int added = 0;
        for (KeptTune kept : backup.tunes()) {
            List<Tune> same = here.getOrDefault(new Sameness(kept.chart(), kept.assignments(), kept.tags()), List.of());
            boolean offTheShelf = same.stream().allMatch(tune -> tune.removedAt() != null);
            if (!same.isEmpty() && kept.removedAt() == null && offTheShelf) {
                same.get(0).putBack();
                added++;
            } else if (same.isEmpty()) {
                add(kept, studio, known);
                added++;
            }
        }
        return added;
    }

    private void add(KeptTune kept, Studio studio, Map<StudentDraft, Student> known) {
        Tune tune = new Tune(studio);
        tune.change(Chart.read(kept.chart()).sheet().heading(), kept.chart(), kept.updatedAt());
        tune.label(kept.tags(), kept.level());
        if (kept.removedAt() != null) {
            tune.remove(kept.removedAt());
        }
        tunes.save(tune);
        int place = 0;
        for (KeptAssignment one : kept.assignments()) {
            // Choices that make no sense are refused before they are kept.
            one.choices().toChoices(one.student().hand());
            Student student = known.computeIfAbsent(one.student(), students::add);
            assignments.save(new Assignment(tune, student, place++, one.choices()));
        }
        for (KeptState state : kept.history()) {
            List<History.Played> then = state.played().stream()
                    .map(one -> new History.Played(0, one.student().name(), one.choices()))
                    .toList();
            revisions.save(new TuneRevision(tune, state.title(), state.chart(), state.savedAt(), History.write(then)));
        }
    }
}
