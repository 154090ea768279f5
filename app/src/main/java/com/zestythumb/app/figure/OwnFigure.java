package com.zestythumb.app.figure;

import com.zestythumb.app.arrange.OwnFigureDto;
import com.zestythumb.app.studio.Studio;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.SequenceGenerator;
import java.time.Instant;

/** A figure as it is kept. Tunes keep its strokes themselves, so that removing it changes no tune. */
@Entity
public class OwnFigure {

    @Id
    @GeneratedValue(strategy = GenerationType.SEQUENCE, generator = "own_figure_seq")
    @SequenceGenerator(name = "own_figure_seq", allocationSize = 50)
    private Long id;

    @ManyToOne(fetch = FetchType.LAZY, optional = false)
    private Studio studio;

    private String name;
    private String strokes;
    private Instant removedAt;

    protected OwnFigure() {}

    OwnFigure(Studio studio, OwnFigureDto draft) {
        // A figure that makes no sense is refused before it is kept.
        draft.toFigure();
        this.studio = studio;
        this.name = draft.name().strip();
        this.strokes = draft.text();
    }

    Long id() {
        return id;
    }

    String name() {
        return name;
    }

    String strokes() {
        return strokes;
    }

    public OwnFigureDto draft() {
        return new OwnFigureDto(name, strokes);
    }

    public Instant removedAt() {
        return removedAt;
    }

    /** It stands on the list where no time is told. */
    void remove(Instant when) {
        removedAt = when;
    }
}
