package com.zestythumb.app.studio;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;

/** A teacher's studio, to which every stored row belongs. */
@Entity
public class Studio {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    private String name;

    protected Studio() {}

    public Long id() {
        return id;
    }

    public String name() {
        return name;
    }
}
