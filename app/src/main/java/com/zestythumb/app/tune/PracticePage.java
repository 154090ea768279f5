package com.zestythumb.app.tune;

import com.zestythumb.app.studio.Studio;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.SequenceGenerator;
import java.util.List;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** The bars of a tune as they stood while a student practised it. */
@Entity
class PracticePage {

    private static final JsonMapper JSON = JsonMapper.shared();

    @Id
    @GeneratedValue(strategy = GenerationType.SEQUENCE, generator = "practice_page_seq")
    @SequenceGenerator(name = "practice_page_seq", allocationSize = 50)
    private Long id;

    @ManyToOne(fetch = FetchType.LAZY, optional = false)
    private Studio studio;

    @ManyToOne(fetch = FetchType.LAZY, optional = false)
    private Assignment assignment;

    /** JSON: a mark of each bar. */
    private String bars;

    protected PracticePage() {}

    PracticePage(Assignment assignment, List<String> bars) {
        this.studio = assignment.tune().studio();
        this.assignment = assignment;
        this.bars = write(bars);
    }

    static String write(List<String> bars) {
        return JSON.writeValueAsString(bars);
    }

    static List<String> read(String bars) {
        return JSON.readValue(bars, new TypeReference<>() {});
    }

    Long id() {
        return id;
    }

    Assignment assignment() {
        return assignment;
    }

    List<String> bars() {
        return read(bars);
    }
}
