package com.zestythumb.app.rule;

import com.zestythumb.app.studio.Studio;
import com.zestythumb.core.voiceleading.Severity;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.Table;

/** How grave a teacher holds something in any tune, whatever the school says. */
@Entity
@Table(name = "own_level")
class OwnLevel {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @ManyToOne
    private Studio studio;

    private String code;

    @Enumerated(EnumType.STRING)
    private Severity level;

    private String reason;

    protected OwnLevel() {}

    OwnLevel(Studio studio, String code) {
        this.studio = studio;
        this.code = code;
    }

    String code() {
        return code;
    }

    String reason() {
        return reason;
    }

    Severity level() {
        return level;
    }

    void change(Severity other, String because) {
        level = other;
        reason = because;
    }
}
