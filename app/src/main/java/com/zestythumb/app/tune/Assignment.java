package com.zestythumb.app.tune;

import com.zestythumb.app.arrange.ChoicesDto;
import com.zestythumb.app.http.SealedCode;
import com.zestythumb.app.student.Student;
import com.zestythumb.app.studio.Studio;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.SequenceGenerator;
import jakarta.persistence.Version;
import java.time.Instant;
import org.hibernate.annotations.DynamicUpdate;
import org.hibernate.annotations.OptimisticLock;

/** What one student plays of one tune. A save writes what it changed and nothing else. */
@Entity
@DynamicUpdate
class Assignment {

    @Id
    @GeneratedValue(strategy = GenerationType.SEQUENCE, generator = "assignment_seq")
    @SequenceGenerator(name = "assignment_seq", allocationSize = 50)
    private Long id;

    @ManyToOne(fetch = FetchType.LAZY, optional = false)
    private Studio studio;

    @ManyToOne(fetch = FetchType.LAZY, optional = false)
    private Tune tune;

    @ManyToOne(fetch = FetchType.LAZY, optional = false)
    private Student student;

    @Version
    private long version;

    private int place;

    /** JSON with a version of its own: {@link KeptChoices}. */
    private String choices;

    /** Whoever knows it may practise; null where nobody is to. */
    @Convert(converter = SealedCode.class)
    @OptimisticLock(excluded = true)
    private String code;

    /** Until when it leads here. */
    @OptimisticLock(excluded = true)
    private Instant codeUntil;

    @OptimisticLock(excluded = true)
    private Instant removedAt;

    protected Assignment() {}

    Assignment(Tune tune, Student student, int place, ChoicesDto choices) {
        this.studio = tune.studio();
        this.tune = tune;
        this.student = student;
        this.place = place;
        change(choices);
    }

    final void change(ChoicesDto newChoices) {
        choices = KeptChoices.write(newChoices);
    }

    Long id() {
        return id;
    }

    long version() {
        return version;
    }

    int place() {
        return place;
    }

    Tune tune() {
        return tune;
    }

    Student student() {
        return student;
    }

    ChoicesDto choices() {
        return KeptChoices.read(choices);
    }

    String code() {
        return code;
    }

    Instant codeUntil() {
        return codeUntil;
    }

    void open(String newCode, Instant until) {
        code = newCode;
        codeUntil = until;
    }

    Instant removedAt() {
        return removedAt;
    }

    /** One that comes from a backup may have been taken from the student before. */
    void remove(Instant when) {
        removedAt = when;
    }
}
