package com.zestythumb.app.exercise;

import com.zestythumb.app.studio.Studio;
import com.zestythumb.app.tune.Tune;
import jakarta.persistence.LockModeType;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.EntityGraph;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface ExerciseRepository extends JpaRepository<KeptExercise, Long> {

    @EntityGraph(attributePaths = {"student", "tune"})
    List<KeptExercise> findByStudioOrderByCreatedAtDescIdDesc(Studio studio);

    /** Of one student, and those for anybody that somebody of this name tried. */
    @Query("""
            select e from KeptExercise e where e.studio = :studio and (e.student.id = :student or e.student is null and exists (
                select a.id from Attempt a where a.exercise = e and lower(a.name) = lower(:name))) order by e.createdAt, e.id""")
    List<KeptExercise> ofStudent(Studio studio, long student, String name);

    @EntityGraph(attributePaths = {"student", "tune"})
    List<KeptExercise> findByTuneOrderByCreatedAtDescIdDesc(Tune tune);

    Optional<KeptExercise> findByIdAndStudio(Long id, Studio studio);

    /** What only this student was asked, with its tries. */
    @Modifying(flushAutomatically = true, clearAutomatically = true)
    @Query("delete from KeptExercise e where e.student.id = :student")
    void eraseOf(Long student);

    /** An exercise has its tune within it, and outlives the one on the shelf. */
    @Modifying(flushAutomatically = true, clearAutomatically = true)
    @Query("update KeptExercise e set e.tune = null where e.tune in (select t from Tune t where t.removedAt < :when)")
    void partFromTunes(Instant when);

    Optional<KeptExercise> findByCode(String code);

    /** Whoever answers it at the same moment waits. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    Optional<KeptExercise> findLockedByCode(String code);
}
