package com.zestythumb.app.exercise;

import com.zestythumb.app.studio.Studio;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.ManyToOne;

/** How many points a fault costs in this studio; 0 where it costs none. */
@Entity
class OwnPoints {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @ManyToOne
    private Studio studio;

    private String fault;
    private int points;

    protected OwnPoints() {}

    OwnPoints(Studio studio, String fault) {
        this.studio = studio;
        this.fault = fault;
    }

    String fault() {
        return fault;
    }

    int points() {
        return points;
    }

    void change(int other) {
        points = other;
    }
}
