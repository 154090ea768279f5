package com.zestythumb.app.student;

import com.zestythumb.app.arrange.HandDto;
import com.zestythumb.app.http.Resource;
import com.zestythumb.app.http.Versioned;
import io.swagger.v3.oas.annotations.media.Schema;

/** A student as the page reads it. */
@Schema(name = "Student")
public record StudentView(
        long id,

        @Schema(description = "To be named in If-Match when it is saved.")
        long version,

        String name,
        HandDto hand,

        @Schema(description = "From 1, a beginner, to 5; 0 where none is told.")
        int level)
        implements Resource, Versioned {

    @Override
    public String address() {
        return "/api/students/" + id;
    }

    public static StudentView of(Student student) {
        return new StudentView(student.id(), student.version(), student.name(), student.hand(), student.level());
    }
}
