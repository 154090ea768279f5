package com.zestythumb.app.figure;

import com.zestythumb.app.arrange.OwnFigureDto;
import com.zestythumb.app.http.Resource;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The teacher's own figures, offered in every tune. */
@RestController
@RequestMapping("/api/figures")
@Tag(name = "Own figures")
class OwnFigureController {

    /** A figure that is kept. */
    @Schema(name = "KeptFigure")
    record KeptFigure(long id, String name, String text) implements Resource {

        @Override
        public String address() {
            return "/api/figures/" + id;
        }

        static KeptFigure of(OwnFigure figure) {
            return new KeptFigure(figure.id(), figure.name(), figure.strokes());
        }
    }

    private final OwnFigures figures;

    OwnFigureController(OwnFigures figures) {
        this.figures = figures;
    }

    @GetMapping
    @Operation(summary = "All own figures, by name.")
    List<KeptFigure> list() {
        return figures.all().stream().map(KeptFigure::of).toList();
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    @Operation(summary = "Keep a figure; what makes no sense is refused with place and remedy.")
    KeptFigure keep(@Valid @RequestBody OwnFigureDto draft) {
        return KeptFigure.of(figures.add(draft));
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Operation(summary = "Take a figure off the list; tunes that are played in it keep it, and it can be put back.")
    void remove(@PathVariable long id) {
        figures.remove(id);
    }

    @PostMapping("/{id}/put-back")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Operation(summary = "Put a figure back on the list.")
    void putBack(@PathVariable long id) {
        figures.putBack(id);
    }
}
