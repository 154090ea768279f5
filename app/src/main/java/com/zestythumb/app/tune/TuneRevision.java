package com.zestythumb.app.tune;

import com.zestythumb.app.studio.Studio;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.SequenceGenerator;
import java.time.Instant;

/** What a tune's chart was before it was changed. */
@Entity
class TuneRevision {

    @Id
    @GeneratedValue(strategy = GenerationType.SEQUENCE, generator = "tune_revision_seq")
    @SequenceGenerator(name = "tune_revision_seq", allocationSize = 50)
    private Long id;

    @ManyToOne(fetch = FetchType.LAZY, optional = false)
    private Studio studio;

    @ManyToOne(fetch = FetchType.LAZY, optional = false)
    private Tune tune;

    private Instant savedAt;
    private String name;
    private String title;
    private String chart;
    private String choices;

    protected TuneRevision() {}

    TuneRevision(Tune tune, String name, String title, String chart, Instant savedAt, String choices) {
        this.studio = tune.studio();
        this.tune = tune;
        this.savedAt = savedAt;
        this.name = name;
        this.title = title;
        this.chart = chart;
        this.choices = choices;
    }

    Long id() {
        return id;
    }

    Tune tune() {
        return tune;
    }

    Instant savedAt() {
        return savedAt;
    }

    String name() {
        return name;
    }

    void rename(String newName) {
        name = newName;
    }

    String title() {
        return title;
    }

    String chart() {
        return chart;
    }

    void playedBy(String newChoices) {
        choices = newChoices;
    }

    /** How it was played, as JSON: {@link History}. */
    String choices() {
        return choices;
    }
}
