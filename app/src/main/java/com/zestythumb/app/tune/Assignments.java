package com.zestythumb.app.tune;

import com.zestythumb.app.arrange.ChoicesDto;
import com.zestythumb.app.arrange.PracticeRecordDto;
import com.zestythumb.app.http.Links;
import com.zestythumb.app.http.ProblemException;
import com.zestythumb.app.http.ProblemKind;
import com.zestythumb.app.http.Versions;
import com.zestythumb.app.student.Student;
import com.zestythumb.app.student.Students;
import com.zestythumb.app.studio.Purge;
import com.zestythumb.app.studio.Studios;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps what each student plays of each tune. */
@Service
@Transactional
public class Assignments {

    private final AssignmentRepository assignments;
    private final PracticeLog log;
    private final Tunes tunes;
    private final History history;
    private final Students students;
    private final Studios studios;
    private final Links links;

    Assignments(
            AssignmentRepository assignments,
            PracticeLog log,
            Tunes tunes,
            History history,
            Students students,
            Studios studios,
            Links links) {
        this.assignments = assignments;
        this.log = log;
        this.tunes = tunes;
        this.history = history;
        this.students = students;
        this.studios = studios;
        this.links = links;
    }

    public AssignmentView add(long tuneId, AssignmentDraft draft) {
        Tune tune = tunes.find(tuneId);
        Student student = students.find(draft.student());
        checkNotYet(tune, student);
        Assignment added = new Assignment(tune, student, assignments.countByTune(tune), checked(draft.choices()));
        return view(added);
    }

    /** Saves over the version that whoever saves has seen. */
    public AssignmentView save(long id, long version, ChoicesDto choices) {
        Assignment assignment = find(id);
        Versions.check("what is played here", version, assignment.version());
        if (!assignment.choices().equals(choices)) {
            history.keep(assignment.tune(), false);
        }
        assignment.change(checked(choices));
        return view(assignment);
    }

    /** Adds to what was practised. */
    public PracticeRecordDto practise(long id, PracticeRecordDto told) {
        return practised(
                assignments.findLockedByIdAndStudio(id, studios.current()).orElseThrow(() -> nobody(id)), told);
    }

    private PracticeRecordDto practised(Assignment assignment, PracticeRecordDto told) {
        log.add(assignment, told);
        return log.of(assignment);
    }

    /** Takes back what was told of a day; it can be put back. */
    public PracticeRecordDto takeBack(long id, String day) {
        Assignment assignment = find(id);
        log.takeBack(assignment, day);
        return log.of(assignment);
    }

    public PracticeRecordDto putBack(long id, String day) {
        Assignment assignment = find(id);
        log.putBack(assignment, day);
        return log.of(assignment);
    }

    private AssignmentView view(Assignment assignment) {
        Assignment saved = assignments.saveAndFlush(assignment);
        return AssignmentView.of(saved, log.of(saved));
    }

    /** A link by which the student practises; the same until it is closed or another is wished, for a year from now. */
    public AssignmentView open(long id, boolean another) {
        Assignment assignment =
                assignments.findLockedByIdAndStudio(id, studios.current()).orElseThrow(() -> nobody(id));
        boolean isNew = another || assignment.code() == null;
        assignment.open(isNew ? links.newCode() : assignment.code(), links.until());
        return view(assignment);
    }

    public void close(long id) {
        Assignment assignment = find(id);
        assignment.open(null, null);
        assignments.saveAndFlush(assignment);
    }

    /** What there is to practise, for whoever knows the code. */
    @Transactional(readOnly = true)
    public PractisingSheet sheet(String code, String from) {
        Assignment assignment = known(assignments.findByCode(code), from);
        return PractisingSheet.of(assignment, log.of(assignment));
    }

    public PracticeRecordDto practise(String code, String from, PracticeRecordDto told) {
        return practised(known(assignments.findLockedByCode(code), from), told);
    }

    private Assignment known(Optional<Assignment> found, String from) {
        return found.filter(one -> one.removedAt() == null
                        && one.student().removedAt() == null
                        && one.tune().removedAt() == null
                        && one.codeUntil().isAfter(Instant.now()))
                .orElseThrow(() -> {
                    links.missed(from);
                    return ProblemKind.NOT_FOUND.because(
                            "this link leads nowhere any more; ask your teacher for it again");
                });
    }

    /** Takes a tune from a student; it can be put back. The last one stays, for somebody plays every tune. */
    public void remove(long id) {
        Assignment assignment = find(id);
        studios.oneAfterAnother();
        List<Assignment> left = assignments.findByTuneAndRemovedAtIsNullAndStudentRemovedAtIsNullOrderByPlaceAscIdAsc(
                assignment.tune());
        if (left.equals(List.of(assignment))) {
            throw ProblemKind.REFUSED.because("nobody else plays this tune; give it to another student first");
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

    @EventListener
    void purge(Purge purge) {
        assignments.purge(purge.before());
    }

    /** A student plays a tune in one way. */
    private void checkNotYet(Tune tune, Student student) {
        if (assignments.existsByTuneAndStudentAndRemovedAtIsNull(tune, student)) {
            throw ProblemKind.REFUSED.because(
                    student.name() + " plays this tune already; load the page anew to see how");
        }
    }

    /** Choices that make no sense are refused before they are kept. */
    private static ChoicesDto checked(ChoicesDto choices) {
        choices.toChoices(ChoicesDto.anyHand());
        return choices;
    }

    private Assignment find(long id) {
        return assignments.findByIdAndStudio(id, studios.current()).orElseThrow(() -> nobody(id));
    }

    private static ProblemException nobody(long id) {
        return ProblemKind.NOT_FOUND.because("nobody plays number " + id + "; it may have been removed");
    }
}
