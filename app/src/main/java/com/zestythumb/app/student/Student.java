package com.zestythumb.app.student;

import com.zestythumb.app.arrange.HandDto;
import com.zestythumb.app.studio.Studio;
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

/** A student as it is kept: a name, a hand, a level. A save writes what it changed and nothing else. */
@Entity
@DynamicUpdate
public class Student {

    @Id
    @GeneratedValue(strategy = GenerationType.SEQUENCE, generator = "student_seq")
    @SequenceGenerator(name = "student_seq", allocationSize = 50)
    private Long id;

    @ManyToOne(fetch = FetchType.LAZY, optional = false)
    private Studio studio;

    @Version
    private long version;

    private String name;
    private int handSpan;
    private String handLowest;
    private String handHighest;
    private String handReach = "";
    private int level;

    @OptimisticLock(excluded = true)
    private Instant removedAt;

    protected Student() {}

    Student(Studio studio, StudentDraft draft) {
        this.studio = studio;
        change(draft);
    }

    final void change(StudentDraft draft) {
        // A hand that makes no sense is refused before it is kept.
        draft.hand().toHand();
        name = draft.name();
        handSpan = draft.hand().span();
        handLowest = draft.hand().lowest();
        handHighest = draft.hand().highest();
        handReach = KeptReach.write(draft.hand());
        level = draft.level();
    }

    public Long id() {
        return id;
    }

    public long version() {
        return version;
    }

    public Studio studio() {
        return studio;
    }

    public String name() {
        return name;
    }

    public HandDto hand() {
        return KeptReach.read(handReach, handSpan, handLowest, handHighest);
    }

    public int level() {
        return level;
    }

    public StudentDraft draft() {
        return new StudentDraft(name, hand(), level);
    }

    public Instant removedAt() {
        return removedAt;
    }

    /** One that comes from a backup may have been removed before. */
    void remove(Instant when) {
        removedAt = when;
    }
}
