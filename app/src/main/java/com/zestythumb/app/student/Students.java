package com.zestythumb.app.student;

import com.zestythumb.app.http.NotFoundException;
import com.zestythumb.app.http.Versions;
import com.zestythumb.app.studio.Studios;
import java.time.Instant;
import java.util.List;
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

    Students(StudentRepository students, Studios studios) {
        this.students = students;
        this.studios = studios;
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
                .orElseThrow(
                        () -> new NotFoundException("there is no student number " + id + "; it may have been removed"));
    }

    public Student add(StudentDraft draft) {
        return students.save(new Student(studios.current(), draft));
    }

    /** Nobody in particular, with the usual hand. */
    public Student anyHand() {
        return all().stream()
                .filter(one -> one.name().equals(ANY_HAND))
                .findFirst()
                .orElseGet(() -> add(new StudentDraft(ANY_HAND, null, 0)));
    }

    /** Saves over the version that whoever saves has seen. */
    public StudentView save(long id, long version, StudentDraft draft) {
        Student student = find(id);
        Versions.check("this student", version, student.version());
        student.change(draft);
        return StudentView.of(students.saveAndFlush(student));
    }

    public void remove(long id) {
        find(id).remove(Instant.now());
    }

    public void putBack(long id) {
        find(id).putBack();
    }
}
