package com.zestythumb.app.tune;

import com.zestythumb.app.arrange.ChoicesDto;
import com.zestythumb.app.arrange.PracticeRecordDto;
import com.zestythumb.app.http.Versions;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What each student plays. */
@RestController
@RequestMapping("/api")
@Tag(name = "Assignments")
class AssignmentController {

    private final Assignments assignments;

    AssignmentController(Assignments assignments) {
        this.assignments = assignments;
    }

    @PostMapping("/tunes/{tune}/assignments")
    @ResponseStatus(HttpStatus.CREATED)
    @Operation(summary = "Give a tune to a student.")
    AssignmentView create(@PathVariable long tune, @Valid @RequestBody AssignmentDraft draft) {
        return assignments.add(tune, draft);
    }

    @PutMapping("/assignments/{id}/choices")
    @Operation(summary = "Save what is played; 412 where another version was saved meanwhile.")
    AssignmentView save(
            @PathVariable long id,
            @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) String ifMatch,
            @Valid @RequestBody ChoicesDto choices) {
        return assignments.save(id, Versions.of(ifMatch), choices);
    }

    @PutMapping("/assignments/{id}/practised")
    @Operation(summary = "Add to what was practised.")
    PracticeRecordDto practise(@PathVariable long id, @Valid @RequestBody PracticeRecordDto told) {
        return assignments.practise(id, told);
    }

    @DeleteMapping("/assignments/{id}/practised/{day}")
    @Operation(summary = "Take back what was practised on a day; it can be put back.")
    PracticeRecordDto takeBack(@PathVariable long id, @PathVariable String day) {
        return assignments.takeBack(id, day);
    }

    @PostMapping("/assignments/{id}/practised/{day}/put-back")
    @Operation(summary = "Put back what was practised on a day.")
    PracticeRecordDto putBack(@PathVariable long id, @PathVariable String day) {
        return assignments.putBack(id, day);
    }

    @PostMapping("/assignments/{id}/link")
    @Operation(
            summary = "Open a link by which the student practises, for a year from now.",
            description =
                    "It stays the same until it is closed, or another is wished, with which the one before leads nowhere.")
    AssignmentView open(@PathVariable long id, @RequestParam(defaultValue = "false") boolean another) {
        return assignments.open(id, another);
    }

    @DeleteMapping("/assignments/{id}/link")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Operation(summary = "Close it.")
    void close(@PathVariable long id) {
        assignments.close(id);
    }

    @DeleteMapping("/assignments/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Operation(summary = "Take a tune from a student; it can be put back. The last one stays: 409.")
    void remove(@PathVariable long id) {
        assignments.remove(id);
    }

    @PostMapping("/assignments/{id}/put-back")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Operation(summary = "Give the tune to the student again.")
    void putBack(@PathVariable long id) {
        assignments.putBack(id);
    }
}
