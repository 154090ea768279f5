package com.zestythumb.app.tune;

import com.zestythumb.app.studio.Studio;
import jakarta.persistence.CascadeType;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.OneToMany;
import jakarta.persistence.OrderBy;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;

/** A tune as it is kept: its source text and the ways to play it. */
@Entity
class Tune {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @ManyToOne(fetch = FetchType.LAZY, optional = false)
    private Studio studio;

    @Version
    private long version;

    private String title;
    private String chart;
    private Instant updatedAt;

    @OneToMany(mappedBy = "tune", cascade = CascadeType.ALL, orphanRemoval = true)
    @OrderBy("place")
    private List<Setting> settings = new ArrayList<>();

    protected Tune() {}

    Tune(Studio studio) {
        this.studio = studio;
    }

    /** Takes the new text and settings; the time of change makes every save a new version. */
    void change(String newTitle, String newChart, List<SettingDto> newSettings, Instant now) {
        title = newTitle;
        chart = newChart;
        updatedAt = now;
        settings.clear();
        for (SettingDto setting : newSettings) {
            settings.add(new Setting(this, studio, settings.size(), setting));
        }
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

    Instant updatedAt() {
        return updatedAt;
    }

    List<Setting> settings() {
        return settings;
    }
}
