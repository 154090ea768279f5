package com.zestythumb.app.tune;

import com.zestythumb.app.studio.Studio;
import com.zestythumb.core.sheet.LeadSheet;
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
import org.hibernate.annotations.DynamicUpdate;
import org.hibernate.annotations.OptimisticLock;

/** A tune as it is kept: its source text. A save writes what it changed and nothing else. */
@Entity
@DynamicUpdate
public class Tune {

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

    /** JSON: {@link TuneFacts}. */
    private String facts = "";

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
    void change(LeadSheet sheet, String newChart, Instant now) {
        title = sheet.heading().title();
        composer = sheet.heading().composer();
        facts = TuneFacts.of(sheet).write();
        chart = newChart;
        updatedAt = now;
    }

    public Long id() {
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
        return tags(tags);
    }

    static List<String> tags(String kept) {
        return kept.isEmpty() ? List.of() : List.of(kept.split("\n"));
    }

    static String kept(List<String> tags) {
        return String.join("\n", tags);
    }

    /** From 1, easiest, to 5; 0 where none is told. */
    int level() {
        return level;
    }

    /** The place on the shelf of a tune that comes from a backup. */
    void shelve(List<String> newTags, int newLevel, Instant removed) {
        tags = kept(newTags);
        level = newLevel;
        removedAt = removed;
    }

    Instant removedAt() {
        return removedAt;
    }

    Studio studio() {
        return studio;
    }

    Instant updatedAt() {
        return updatedAt;
    }
}
