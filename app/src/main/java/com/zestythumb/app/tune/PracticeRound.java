package com.zestythumb.app.tune;

import com.zestythumb.app.arrange.PractisedDto;
import com.zestythumb.app.studio.Studio;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.SequenceGenerator;
import java.time.Instant;

/** What a device told once of a student's practising. */
@Entity
class PracticeRound {

    @Id
    @GeneratedValue(strategy = GenerationType.SEQUENCE, generator = "practice_round_seq")
    @SequenceGenerator(name = "practice_round_seq", allocationSize = 50)
    private Long id;

    @ManyToOne(fetch = FetchType.LAZY, optional = false)
    private Studio studio;

    @ManyToOne(fetch = FetchType.LAZY, optional = false)
    private Assignment assignment;

    @ManyToOne(fetch = FetchType.LAZY, optional = false)
    private PracticePage page;

    private String token;
    private String day;
    private String hands;
    private int fromBar;
    private int toBar;
    private int percent;
    private int rounds;
    private int slips;
    private int seconds;
    private Boolean done;
    private Instant toldAt;
    private Instant takenBackAt;

    protected PracticeRound() {}

    PracticeRound(PracticePage page, String token, PractisedDto told, Instant toldAt, Instant takenBackAt) {
        assignment = page.assignment();
        studio = assignment.tune().studio();
        this.page = page;
        this.token = token;
        day = told.day();
        hands = told.hands();
        fromBar = told.from();
        toBar = told.to();
        percent = told.percent();
        rounds = told.rounds();
        slips = told.slips();
        seconds = told.seconds();
        done = told.done();
        this.toldAt = toldAt;
        this.takenBackAt = takenBackAt;
    }

    /** Takes what is told of it later: it only grows. */
    void grow(PractisedDto told) {
        percent = Math.max(percent, told.percent());
        rounds = Math.max(rounds, told.rounds());
        slips = Math.max(slips, told.slips());
        seconds = Math.max(seconds, told.seconds());
        done = told.done() == null ? done : told.done();
    }

    Assignment assignment() {
        return assignment;
    }

    PracticePage page() {
        return page;
    }

    PractisedDto told() {
        return new PractisedDto(token, day, hands, fromBar, toBar, percent, rounds, slips, seconds, done);
    }

    Instant toldAt() {
        return toldAt;
    }

    Instant takenBackAt() {
        return takenBackAt;
    }
}
