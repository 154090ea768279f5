package com.zestythumb.app.tune;

import com.zestythumb.app.http.Computations;
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

/** The shelf of tunes. */
@RestController
@RequestMapping("/api/tunes")
@Tag(name = "Tunes")
class TuneController {

    private final Tunes tunes;
    private final Computations computations;

    TuneController(Tunes tunes, Computations computations) {
        this.tunes = tunes;
        this.computations = computations;
    }

    @GetMapping
    @Operation(summary = "All tunes of the studio, by title.")
    List<TuneSummary> list() {
        return tunes.all();
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    @Operation(summary = "Put a new tune on the shelf.")
    TuneView create(@Valid @RequestBody NewTune tune) {
        return computations.inTurn(() -> tunes.add(tune));
    }

    @GetMapping("/{id}")
    @Operation(summary = "One tune with what is played of it.")
    TuneView get(@PathVariable long id) {
        return tunes.get(id);
    }

    @PutMapping("/{id}/chart")
    @Operation(summary = "Save the chart; 412 where another version was saved meanwhile.")
    SavedChart save(
            @PathVariable long id,
            @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) String ifMatch,
            @Valid @RequestBody ChartDraft draft) {
        long version = Versions.of(ifMatch);
        return computations.inTurn(() -> tunes.save(id, version, draft.chart()));
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Operation(summary = "Take a tune off the shelf; it can be put back.")
    void remove(@PathVariable long id) {
        tunes.remove(id);
    }

    @GetMapping("/removed")
    @Operation(summary = "Tunes taken off the shelf, the latest first.")
    List<TuneSummary> removed() {
        return tunes.removed();
    }

    @PostMapping("/{id}/put-back")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Operation(summary = "Put a tune back on the shelf.")
    void putBack(@PathVariable long id) {
        tunes.putBack(id);
    }

    @PutMapping("/{id}/labels")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Operation(summary = "Set tags and level.")
    void label(@PathVariable long id, @Valid @RequestBody ShelfLabels labels) {
        tunes.label(id, labels);
    }

    @GetMapping("/{id}/history")
    @Operation(summary = "Earlier states of a tune, the latest first.")
    List<RevisionView> history(@PathVariable long id) {
        return tunes.history(id);
    }

    @PutMapping("/{id}/history/{state}/name")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Operation(summary = "Name an earlier state, which is kept for ever then; without a name it is as the others.")
    void nameState(@PathVariable long id, @PathVariable long state, @Valid @RequestBody StateName named) {
        tunes.nameState(id, state, named.name().strip());
    }
}
