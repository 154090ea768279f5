package com.zestythumb.app.tune;

import com.zestythumb.app.arrange.ChoicesDto;
import com.zestythumb.app.http.NotFoundException;
import com.zestythumb.app.http.RefusedException;
import com.zestythumb.app.http.Versions;
import com.zestythumb.app.student.Student;
import com.zestythumb.app.student.Students;
import com.zestythumb.app.studio.Studios;
import java.time.Instant;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps what each student plays of each tune. */
@Service
@Transactional
public class Assignments {

    private final AssignmentRepository assignments;
    private final Tunes tunes;
    private final History history;
    private final Students students;
    private final Studios studios;

    Assignments(AssignmentRepository assignments, Tunes tunes, History history, Students students, Studios studios) {
        this.assignments = assignments;
        this.tunes = tunes;
        this.history = history;
        this.students = students;
        this.studios = studios;
    }

    public AssignmentView add(long tuneId, AssignmentDraft draft) {
        Tune tune = tunes.find(tuneId);
        Student student = students.find(draft.student());
        checkNotYet(tune, student);
        Assignment added = new Assignment(tune, student, assignments.countByTune(tune), checked(draft.choices()));
        return AssignmentView.of(assignments.saveAndFlush(added));
    }

    /** Saves over the version that whoever saves has seen. */
    public AssignmentView save(long id, long version, ChoicesDto choices) {
        Assignment assignment = find(id);
        Versions.check("what is played here", version, assignment.version());
        if (!assignment.choices().equals(choices)) {
            history.keep(assignment.tune(), false);
        }
        assignment.change(checked(choices));
        return AssignmentView.of(assignments.saveAndFlush(assignment));
    }

    /** Takes a tune from a student; it can be put back. The last one stays, for somebody plays every tune. */
    public void remove(long id) {
        Assignment assignment = find(id);
        studios.oneAfterAnother();
        List<Assignment> left = assignments.findByTuneAndRemovedAtIsNullAndStudentRemovedAtIsNullOrderByPlaceAscIdAsc(
                assignment.tune());
        if (left.equals(List.of(assignment))) {
            throw new RefusedException("nobody else plays this tune; give it to another student first");
        }
        assignments.setRemoved(id, Instant.now());
    }

    public void putBack(long id) {
        Assignment assignment = find(id);
        if (assignment.removedAt() != null) {
            checkNotYet(assignment.tune(), assignment.student());
            assignments.setRemoved(id, null);
        }
    }

    /** A student plays a tune in one way. */
    private void checkNotYet(Tune tune, Student student) {
        if (assignments.existsByTuneAndStudentAndRemovedAtIsNull(tune, student)) {
            throw new RefusedException(student.name() + " plays this tune already; load the page anew to see how");
        }
    }

    /** Choices that make no sense are refused before they are kept. */
    private static ChoicesDto checked(ChoicesDto choices) {
        choices.toChoices(ChoicesDto.anyHand());
        return choices;
    }

    private Assignment find(long id) {
        return assignments
                .findByIdAndStudio(id, studios.current())
                .orElseThrow(() -> new NotFoundException("nobody plays number " + id + "; it may have been removed"));
    }
}
