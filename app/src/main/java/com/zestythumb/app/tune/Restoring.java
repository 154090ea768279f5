package com.zestythumb.app.tune;

import com.zestythumb.app.arrange.ChoicesDto;
import com.zestythumb.app.arrange.OwnFigureDto;
import com.zestythumb.app.figure.OwnFigures;
import com.zestythumb.app.student.Student;
import com.zestythumb.app.student.StudentDraft;
import com.zestythumb.app.student.Students;
import com.zestythumb.app.studio.Studio;
import com.zestythumb.app.studio.Studios;
import com.zestythumb.app.tune.Backup.KeptAssignment;
import com.zestythumb.app.tune.Backup.KeptFigure;
import com.zestythumb.app.tune.Backup.KeptState;
import com.zestythumb.app.tune.Backup.KeptStudent;
import com.zestythumb.app.tune.Backup.KeptTune;
import com.zestythumb.core.sheet.Chart;
import jakarta.persistence.EntityManager;
import jakarta.validation.ConstraintViolation;
import jakarta.validation.Validator;
import java.io.InputStream;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;

/**
 * Puts back what a backup holds, but for tunes that stand here already just so. One that was taken off the shelf since
 * stands on it again. Students and figures that are not here are added, and not counted.
 */
@Service
@Transactional
public class Restoring {

    private static final int LOT = 100;

    private final TuneRepository tunes;
    private final AssignmentRepository assignments;
    private final TuneRevisionRepository revisions;
    private final Students students;
    private final OwnFigures figures;
    private final Studios studios;
    private final List<BackupPart> parts;
    private final BackupReader reader;
    private final EntityManager session;
    private final Validator validator;

    Restoring(
            TuneRepository tunes,
            AssignmentRepository assignments,
            TuneRevisionRepository revisions,
            Students students,
            OwnFigures figures,
            Studios studios,
            List<BackupPart> parts,
            BackupReader reader,
            EntityManager session,
            Validator validator) {
        this.tunes = tunes;
        this.assignments = assignments;
        this.revisions = revisions;
        this.students = students;
        this.figures = figures;
        this.studios = studios;
        this.parts = parts;
        this.reader = reader;
        this.session = session;
        this.validator = validator;
    }

    /** All of it or, where something in it makes no sense, nothing. */
    public Restored restore(InputStream file) {
        studios.oneAfterAnother();
        Work work = new Work(studios.current());
        reader.read(file, work);
        return new Restored(work.added, work.alreadyHere);
    }

    /** A tune that is here, and whether it stands on the shelf. */
    private record Here(long id, boolean onTheShelf) {}

    /** What is played of a tune, by whom. */
    private record Played(StudentDraft student, ChoicesDto choices) {}

    /** What makes two tunes the same, as short as can be. */
    private static String sameness(String chart, List<Played> played, List<String> tags) {
        return TuneFacts.digest(chart + "\n" + played + "\n" + tags);
    }

    /** One backup being put back. */
    private final class Work implements BackupReader.Taker {

        private final Studio studio;
        private final Map<String, List<Here>> here = new HashMap<>();

        /** Students that stand here and are not yet taken for one of the backup's. */
        private final Map<StudentDraft, Deque<Long>> present = new HashMap<>();

        private final Map<StudentDraft, Deque<Long>> gone = new HashMap<>();
        private final Map<Integer, Long> ids = new HashMap<>();
        private final Map<Integer, KeptStudent> told = new HashMap<>();
        private final Set<OwnFigureDto> listed = new HashSet<>();
        private final Set<OwnFigureDto> removed = new HashSet<>();
        private int added;
        private int alreadyHere;

        Work(Studio studio) {
            this.studio = studio;
            for (Student one : students.everyone()) {
                (one.removedAt() == null ? present : gone)
                        .computeIfAbsent(one.draft(), draft -> new ArrayDeque<>())
                        .add(one.id());
            }
            figures.everything().forEach(one -> (one.removedAt() == null ? listed : removed).add(one.draft()));
            List<Long> all = tunes.ids(studio);
            for (int from = 0; from < all.size(); from += LOT) {
                List<Tune> lot = tunes.findAllById(all.subList(from, Math.min(from + LOT, all.size())));
                Map<Long, List<Played>> played = assignments.findByTuneInOrderByPlaceAscIdAsc(lot).stream()
                        .filter(one -> one.removedAt() == null && one.student().removedAt() == null)
                        .collect(Collectors.groupingBy(
                                one -> one.tune().id(),
                                Collectors.mapping(
                                        one -> new Played(one.student().draft(), one.choices()), Collectors.toList())));
                for (Tune tune : lot) {
                    String same = sameness(tune.chart(), played.getOrDefault(tune.id(), List.of()), tune.tags());
                    here.computeIfAbsent(same, s -> new ArrayList<>())
                            .add(new Here(tune.id(), tune.removedAt() == null));
                }
                session.clear();
            }
        }

        @Override
        public void student(KeptStudent kept) {
            Deque<Long> same = (kept.removedAt() == null ? present : gone).get(kept.draft());
            Long id;
            if (same != null && !same.isEmpty()) {
                id = same.poll();
            } else if (kept.removedAt() == null && kept.draft().name().equals(Students.ANY_HAND)) {
                id = students.anyHand(kept.draft()).id();
            } else {
                id = students.add(kept.draft(), kept.removedAt()).id();
            }
            ids.put(kept.number(), id);
            told.put(kept.number(), kept);
        }

        @Override
        public void figure(KeptFigure kept) {
            if ((kept.removedAt() == null ? listed : removed).add(kept.figure())) {
                figures.add(kept.figure(), kept.removedAt());
            }
        }

        @Override
        public void other(String list, JsonNode one) {
            parts.stream().filter(part -> part.list().equals(list)).forEach(part -> part.restore(one, this::idOf));
        }

        private Long idOf(int number) {
            if (!ids.containsKey(number)) {
                throw new IllegalArgumentException(
                        "this backup is damaged: it does not tell of student number " + number);
            }
            return ids.get(number);
        }

        @Override
        public void tune(KeptTune kept) {
            List<Played> played = new ArrayList<>();
            for (KeptAssignment one : kept.assignments()) {
                idOf(one.student());
                KeptStudent student = told.get(one.student());
                ChoicesDto choices = checked(KeptChoices.read(one.choices()));
                if (one.removedAt() == null && student.removedAt() == null) {
                    played.add(new Played(student.draft(), choices));
                }
            }
            List<Here> same = here.getOrDefault(sameness(kept.chart(), played, kept.tags()), List.of());
            if (same.isEmpty()) {
                add(kept, played.isEmpty());
                added++;
            } else if (kept.removedAt() == null && same.stream().noneMatch(Here::onTheShelf)) {
                tunes.setRemoved(same.get(0).id(), null);
                added++;
            } else {
                alreadyHere++;
            }
            if ((added + 1) % LOT == 0) {
                session.flush();
                session.clear();
            }
        }

        private void add(KeptTune kept, boolean nobodyPlays) {
            Tune tune = new Tune(studio);
            tune.change(Chart.read(kept.chart()).sheet(), kept.chart(), kept.updatedAt());
            tune.shelve(kept.tags(), kept.level(), kept.removedAt());
            tunes.save(tune);
            List<Long> numbers = new ArrayList<>();
            for (KeptAssignment one : kept.assignments()) {
                Assignment assignment =
                        assignment(tune, ids.get(one.student()), one.place(), KeptChoices.read(one.choices()));
                assignment.practise(one.practised());
                assignment.remove(one.removedAt());
                numbers.add(assignments.save(assignment).id());
            }
            if (nobodyPlays) {
                ChoicesDto usual = new AssignmentDraft(0, null).choices();
                assignments.save(assignment(tune, students.anyHand().id(), numbers.size(), usual));
            }
            for (KeptState state : kept.history()) {
                List<History.Played> then = state.played().stream()
                        .map(one -> new History.Played(
                                one.assignment() < 0 || one.assignment() >= numbers.size()
                                        ? -1
                                        : numbers.get(one.assignment()),
                                one.student(),
                                one.hand(),
                                checked(KeptChoices.read(one.choices()))))
                        .toList();
                revisions.save(new TuneRevision(
                        tune, state.name(), state.title(), state.chart(), state.savedAt(), History.write(then)));
            }
        }

        private Assignment assignment(Tune tune, long student, int place, ChoicesDto choices) {
            return new Assignment(tune, session.getReference(Student.class, student), place, choices);
        }

        /** Choices that make no sense are refused before they are kept. */
        private ChoicesDto checked(ChoicesDto choices) {
            for (ConstraintViolation<ChoicesDto> fault : validator.validate(choices)) {
                throw new IllegalArgumentException("choices: " + fault.getPropertyPath() + " " + fault.getMessage());
            }
            choices.toChoices(ChoicesDto.anyHand());
            return choices;
        }
    }
}
