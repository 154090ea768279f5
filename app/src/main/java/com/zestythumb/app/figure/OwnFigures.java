package com.zestythumb.app.figure;

import com.zestythumb.app.arrange.OwnFigureDto;
import com.zestythumb.app.http.ProblemKind;
import com.zestythumb.app.studio.Purge;
import com.zestythumb.app.studio.Studios;
import java.time.Instant;
import java.util.List;
import org.springframework.context.event.EventListener;
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

    /** All there ever were, in the order in which they came. */
    @Transactional(readOnly = true)
    public List<OwnFigure> everything() {
        return figures.findByStudioOrderById(studios.current());
    }

    OwnFigure add(OwnFigureDto draft) {
        return add(draft, null);
    }

    /** One that comes from a backup may have been removed before. */
    public OwnFigure add(OwnFigureDto draft, Instant removedAt) {
        OwnFigure figure = new OwnFigure(studios.current(), draft);
        figure.remove(removedAt);
        return figures.save(figure);
    }

    void remove(long id) {
        find(id).remove(Instant.now());
    }

    void putBack(long id) {
        find(id).remove(null);
    }

    @EventListener
    void purge(Purge purge) {
        figures.purge(purge.before());
    }

    private OwnFigure find(long id) {
        return figures.findByIdAndStudio(id, studios.current())
                .orElseThrow(() -> ProblemKind.NOT_FOUND.because(
                        "there is no pattern number " + id + "; it may have been removed"));
    }
}
