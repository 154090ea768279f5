package com.zestythumb.app.rule;

import com.zestythumb.app.studio.Studio;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.Table;

/** A fault that a teacher never wants to be told of. */
@Entity
@Table(name = "left_always")
class LeftAlone {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @ManyToOne
    private Studio studio;

    private String code;
    private String reason;

    protected LeftAlone() {}

    LeftAlone(Studio studio, String code, String reason) {
        this.studio = studio;
        this.code = code;
        this.reason = reason;
    }

    String code() {
        return code;
    }

    String reason() {
        return reason;
    }

    void because(String other) {
        reason = other;
    }
}
