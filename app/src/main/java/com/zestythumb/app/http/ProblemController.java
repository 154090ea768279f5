package com.zestythumb.app.http;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.Arrays;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What the types of problems mean. */
@RestController
@RequestMapping("/api/problems")
@Tag(name = "Problems")
class ProblemController {

    /** A kind of problem. */
    @Schema(name = "ProblemKind")
    record KindView(
            @Schema(example = "/api/problems/changed-elsewhere")
            String type,

            int status,
            String title,

            @Schema(description = "What it means, and what to do.")
            String meaning) {

        static KindView of(ProblemKind kind) {
            return new KindView(
                    kind.type().toString(), kind.status().value(), kind.status().getReasonPhrase(), kind.meaning());
        }
    }

    @GetMapping
    @Operation(summary = "All kinds of problems that a call may answer with.")
    List<KindView> all() {
        return Arrays.stream(ProblemKind.values()).map(KindView::of).toList();
    }

    @GetMapping("/{kind}")
    @Operation(summary = "What one of them means.")
    KindView one(@PathVariable String kind) {
        return Arrays.stream(ProblemKind.values())
                .filter(one -> one.id().equals(kind))
                .findFirst()
                .map(KindView::of)
                .orElseThrow(() -> ProblemKind.NOT_FOUND.because("there is no kind of problem \"" + kind + "\""));
    }
}
