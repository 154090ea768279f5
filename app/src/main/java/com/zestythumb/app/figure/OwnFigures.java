package com.zestythumb.app.figure;

import com.zestythumb.app.arrange.OwnFigureDto;
import com.zestythumb.app.http.NotFoundException;
import com.zestythumb.app.studio.Studios;
import java.time.Instant;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps figures, each in the studio of whoever asks. */
@Service
@Transactional
public class OwnFigures {

    private final OwnFigureRepository figures;
    private final Studios studios;

    OwnFigures(OwnFigureRepository figures, Studios studios) {
        this.figures = figures;
        this.studios = studios;
    }

    @Transactional(readOnly = true)
    List<OwnFigure> all() {
        return figures.findByStudioAndRemovedAtIsNullOrderByName(studios.current());
    }

    /** All of them as they are written. */
    @Transactional(readOnly = true)
    public List<OwnFigureDto> drafts() {
        return all().stream()
                .map(figure -> new OwnFigureDto(figure.name(), figure.strokes()))
                .toList();
    }

    /** Adds those that are not here yet. */
    public void addMissing(List<OwnFigureDto> others) {
        Set<OwnFigureDto> here = new HashSet<>(drafts());
        others.stream().filter(here::add).forEach(this::add);
    }

    OwnFigure add(OwnFigureDto draft) {
        return figures.save(new OwnFigure(studios.current(), draft));
    }

    void remove(long id) {
        find(id).remove(Instant.now());
    }

    void putBack(long id) {
        find(id).putBack();
    }

    private OwnFigure find(long id) {
        return figures.findByIdAndStudio(id, studios.current())
                .orElseThrow(
                        () -> new NotFoundException("there is no figure number " + id + "; it may have been removed"));
    }
}
