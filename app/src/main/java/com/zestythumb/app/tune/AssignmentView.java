package com.zestythumb.app.tune;

import com.zestythumb.app.arrange.ChoicesDto;
import com.zestythumb.app.arrange.PracticeRecordDto;
import com.zestythumb.app.http.Resource;
import com.zestythumb.app.http.Versioned;
import com.zestythumb.app.student.StudentView;
import io.swagger.v3.oas.annotations.media.Schema;

/** What one student plays of one tune. */
@Schema(name = "Assignment")
public record AssignmentView(
        long id,

        @Schema(description = "To be named in If-Match when the choices are saved.")
        long version,

        StudentView student,
        ChoicesDto choices,
        PracticeRecordDto practised,

        @Schema(description = "Of the link by which the student practises; empty where there is none.")
        String code)
        implements Resource, Versioned {

    @Override
    public String address() {
        return "/api/assignments/" + id;
    }

    static AssignmentView of(Assignment assignment, PracticeRecordDto practised) {
        return new AssignmentView(
                assignment.id(),
                assignment.version(),
                StudentView.of(assignment.student()),
                assignment.choices(),
                practised,
                assignment.code() == null ? "" : assignment.code());
    }
}
