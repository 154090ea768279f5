package com.zestythumb.app.tune;

import com.zestythumb.app.studio.Studio;
import com.zestythumb.core.sheet.Heading;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.SequenceGenerator;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.List;
import org.hibernate.annotations.OptimisticLock;

/** A tune as it is kept: its source text. */
@Entity
class Tune {

    @Id
    @GeneratedValue(strategy = GenerationType.SEQUENCE, generator = "tune_seq")
    @SequenceGenerator(name = "tune_seq", allocationSize = 50)
    private Long id;

    @ManyToOne(fetch = FetchType.LAZY, optional = false)
    private Studio studio;

    @Version
    private long version;

    private String title;
    private String composer = "";
    private String chart;
    private Instant updatedAt;

    // Labels and the place on the shelf are no new version of the tune.
    @OptimisticLock(excluded = true)
    private String tags = "";

    @OptimisticLock(excluded = true)
    private int level;

    @OptimisticLock(excluded = true)
    private Instant removedAt;

    protected Tune() {}

    Tune(Studio studio) {
        this.studio = studio;
    }

    /** Takes the new text; the time of change makes every save a new version. */
    void change(Heading heading, String newChart, Instant now) {
        title = heading.title();
        composer = heading.composer();
        chart = newChart;
        updatedAt = now;
    }

    Long id() {
        return id;
    }

    long version() {
        return version;
    }

    String title() {
        return title;
    }

    String chart() {
        return chart;
    }

    String composer() {
        return composer;
    }

    /** One word or several to each tag. */
    List<String> tags() {
        return tags.isEmpty() ? List.of() : List.of(tags.split("\n"));
    }

    /** From 1, easiest, to 5; 0 where none is told. */
    int level() {
        return level;
    }

    void label(List<String> newTags, int newLevel) {
        tags = String.join("\n", newTags);
        level = newLevel;
    }

    Instant removedAt() {
        return removedAt;
    }

    void remove(Instant now) {
        removedAt = now;
    }

    void putBack() {
        removedAt = null;
    }

    Studio studio() {
        return studio;
    }

    Instant updatedAt() {
        return updatedAt;
    }
}
