package com.zestythumb.app.tune;

import com.zestythumb.app.student.Student;
import com.zestythumb.app.studio.Studio;
import jakarta.persistence.LockModeType;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.EntityGraph;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface AssignmentRepository extends JpaRepository<Assignment, Long> {

    /** Of one tune those that are neither removed nor of a removed student. */
    @EntityGraph(attributePaths = "student")
    List<Assignment> findByTuneAndRemovedAtIsNullAndStudentRemovedAtIsNullOrderByPlaceAscIdAsc(Tune tune);

    /** Of several tunes all there are, removed ones as well. */
    @EntityGraph(attributePaths = "student")
    List<Assignment> findByTuneInOrderByPlaceAscIdAsc(Collection<Tune> tunes);

    Optional<Assignment> findByIdAndStudio(Long id, Studio studio);

    /** To add to what was practised, one after another. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    Optional<Assignment> findLockedByIdAndStudio(Long id, Studio studio);

    Optional<Assignment> findByCode(String code);

    @Lock(LockModeType.PESSIMISTIC_WRITE)
    Optional<Assignment> findLockedByCode(String code);

    /** Removed ones as well. */
    List<Assignment> findByTuneAndStudent(Tune tune, Student student);

    boolean existsByTuneAndStudentAndRemovedAtIsNull(Tune tune, Student student);

    /** Takes it from the student, or back where no time is told. */
    @Modifying
    @Query("update Assignment a set a.removedAt = :when where a.id = :id")
    void setRemoved(Long id, Instant when);

    /** Taken from a student before this; of every studio. */
    @Modifying(flushAutomatically = true, clearAutomatically = true)
    @Query("delete from Assignment a where a.removedAt < :when")
    void purge(Instant when);

    int countByTune(Tune tune);

    /** Who plays what: numbers of tunes and names. */
    @Query("""
            select a.tune.id, s.name from Assignment a join a.student s
            where a.studio = :studio and a.removedAt is null and s.removedAt is null order by a.place, a.id""")
    List<Object[]> namesByTune(Studio studio);
}
