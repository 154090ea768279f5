package com.zestythumb.app.student;

import com.zestythumb.app.http.Versions;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import java.util.List;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The students of the studio. */
@RestController
@RequestMapping("/api/students")
@Tag(name = "Students")
class StudentController {

    private final Students students;

    StudentController(Students students) {
        this.students = students;
    }

    @GetMapping
    @Operation(summary = "All students, by name.")
    List<StudentView> list() {
        return students.all().stream().map(StudentView::of).toList();
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    @Operation(summary = "Add a student.")
    StudentView create(@Valid @RequestBody StudentDraft draft) {
        return StudentView.of(students.add(draft));
    }

    @PutMapping("/{id}")
    @Operation(summary = "Save name, hand and level; 412 where another version was saved meanwhile.")
    StudentView save(
            @PathVariable long id,
            @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) String ifMatch,
            @Valid @RequestBody StudentDraft draft) {
        return students.save(id, Versions.of(ifMatch), draft);
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Operation(summary = "Remove a student and what it plays; both can be put back.")
    void remove(@PathVariable long id) {
        students.remove(id);
    }

    @DeleteMapping("/{id}/for-good")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Operation(summary = "Erase a student and all that is kept of it, for good: what it plays, practised and answered.")
    void erase(@PathVariable long id) {
        students.erase(id);
    }

    @GetMapping("/removed")
    @Operation(summary = "Students that were removed, the latest first.")
    List<StudentView> removed() {
        return students.removed().stream().map(StudentView::of).toList();
    }

    @PostMapping("/{id}/put-back")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Operation(summary = "Put a student back.")
    void putBack(@PathVariable long id) {
        students.putBack(id);
    }
}
