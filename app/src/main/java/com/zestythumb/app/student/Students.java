package com.zestythumb.app.student;

import com.zestythumb.app.http.ProblemKind;
import com.zestythumb.app.http.Versions;
import com.zestythumb.app.studio.Purge;
import com.zestythumb.app.studio.Studios;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps students, each in the studio of whoever asks. */
@Service
@Transactional
public class Students {

    /** For whom a tune is laid as long as nobody else plays it. */
    public static final String ANY_HAND = "Any hand";

    private final StudentRepository students;
    private final Studios studios;
    private final ApplicationEventPublisher events;

    Students(StudentRepository students, Studios studios, ApplicationEventPublisher events) {
        this.students = students;
        this.studios = studios;
        this.events = events;
    }

    /** All students that were not removed, by name. */
    @Transactional(readOnly = true)
    public List<Student> all() {
        return students.findByStudioAndRemovedAtIsNullOrderByName(studios.current());
    }

    /** The student with this number, removed or not. */
    @Transactional(readOnly = true)
    public Student find(long id) {
        return students.findByIdAndStudio(id, studios.current())
                .orElseThrow(() -> ProblemKind.NOT_FOUND.because(
                        "there is no student number " + id + "; it may have been removed"));
    }

    /** Students that were removed, the latest first. */
    @Transactional(readOnly = true)
    public List<Student> removed() {
        return students.findByStudioAndRemovedAtIsNotNullOrderByRemovedAtDesc(studios.current());
    }

    /** All there ever were, in the order in which they came. */
    @Transactional(readOnly = true)
    public List<Student> everyone() {
        return students.findByStudioOrderById(studios.current());
    }

    public Student add(StudentDraft draft) {
        return add(draft, null);
    }

    /** One that comes from a backup may have been removed before. */
    public Student add(StudentDraft draft, Instant removedAt) {
        if (removedAt == null) {
            checkName(draft.name(), null);
        }
        Student student = new Student(studios.current(), draft);
        student.remove(removedAt);
        return students.save(student);
    }

    /** There is one nobody in particular. */
    private void checkName(String name, Long id) {
        if (name.equals(ANY_HAND)) {
            nobody().filter(one -> !one.id().equals(id)).ifPresent(one -> {
                throw ProblemKind.REFUSED.because("there is one \"" + ANY_HAND + "\" already; choose another name");
            });
        }
    }

    private Optional<Student> nobody() {
        return students.findByStudioAndNameAndRemovedAtIsNull(studios.current(), ANY_HAND);
    }

    /** Nobody in particular, with the usual hand. */
    public Student anyHand() {
        return anyHand(new StudentDraft(ANY_HAND, null, 0));
    }

    /** Nobody in particular; as told, where there is none yet. */
    public Student anyHand(StudentDraft otherwise) {
        return nobody().orElseGet(() -> {
            studios.oneAfterAnother();
            return nobody().orElseGet(() -> students.saveAndFlush(new Student(studios.current(), otherwise)));
        });
    }

    /** Saves over the version that whoever saves has seen. */
    public StudentView save(long id, long version, StudentDraft draft) {
        Student student = find(id);
        Versions.check("this student", version, student.version());
        if (student.removedAt() == null) {
            checkName(draft.name(), id);
        }
        student.change(draft);
        return StudentView.of(students.saveAndFlush(student));
    }

    public void remove(long id) {
        Student student = find(id);
        studios.oneAfterAnother();
        if (student.removedAt() == null) {
            students.setRemoved(id, Instant.now());
            events.publishEvent(new StudentRemoved(id));
        }
    }

    /** Erases a student for good, with all that is kept of it; tunes that only it played are any hand's. */
    public void erase(long id) {
        remove(id);
        erase(find(id));
    }

    private void erase(Student student) {
        boolean isShared = students.countByStudioAndNameIgnoreCase(student.studio(), student.name()) > 1;
        events.publishEvent(new StudentErased(student, isShared));
        students.erase(student.id());
    }

    @EventListener
    void purge(Purge purge) {
        students.findByRemovedAtBefore(purge.before()).forEach(this::erase);
    }

    public void putBack(long id) {
        checkName(find(id).name(), id);
        students.setRemoved(id, null);
    }
}
