package com.zestythumb.app.student;

import com.zestythumb.app.backup.BackupPart;
import com.zestythumb.app.backup.KeptReader;
import com.zestythumb.app.backup.Numbers;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashMap;
import java.util.Map;
import java.util.function.Consumer;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Students in the backup, whether they play anything or not. One that stands here just so is taken for the file's. */
@Component
@Order(1)
@Transactional
class StudentBackup implements BackupPart {

    @Schema(name = "StudentInBackup")
    record Kept(int number, @NotNull @Valid StudentDraft draft, Instant removedAt) {}

    private final Students students;
    private final KeptReader reader;

    StudentBackup(Students students, KeptReader reader) {
        this.students = students;
        this.reader = reader;
    }

    @Override
    public String list() {
        return "students";
    }

    @Override
    @Transactional(readOnly = true)
    public void write(Numbers numbers, Consumer<Object> out) {
        students.everyone().forEach(one -> write(one, numbers, out));
    }

    @Override
    @Transactional(readOnly = true)
    public void writeOf(long student, Numbers numbers, Consumer<Object> out) {
        write(students.find(student), numbers, out);
    }

    private void write(Student one, Numbers numbers, Consumer<Object> out) {
        out.accept(new Kept(numbers.give(list(), one.id()), one.draft(), one.removedAt()));
    }

    @Override
    public Taker begin(Numbers numbers) {
        // Those that stand here and are not yet taken for one of the file's.
        Map<StudentDraft, Deque<Long>> present = new HashMap<>();
        Map<StudentDraft, Deque<Long>> gone = new HashMap<>();
        for (Student one : students.everyone()) {
            (one.removedAt() == null ? present : gone)
                    .computeIfAbsent(one.draft(), draft -> new ArrayDeque<>())
                    .add(one.id());
        }
        return one -> {
            Kept kept = reader.read(list(), one, Kept.class);
            Deque<Long> same = (kept.removedAt() == null ? present : gone).get(kept.draft());
            boolean isHere = same != null && !same.isEmpty();
            numbers.put(list(), kept.number(), isHere ? same.poll() : added(kept));
            return Came.BESIDE;
        };
    }

    private long added(Kept kept) {
        boolean isAnyHand = kept.removedAt() == null && kept.draft().name().equals(Students.ANY_HAND);
        return isAnyHand
                ? students.anyHand(kept.draft()).id()
                : students.add(kept.draft(), kept.removedAt()).id();
    }
}
