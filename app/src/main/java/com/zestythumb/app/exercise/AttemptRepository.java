package com.zestythumb.app.exercise;

import com.zestythumb.app.studio.Studio;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.EntityGraph;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface AttemptRepository extends JpaRepository<Attempt, Long> {

    List<Attempt> findByExerciseOrderByNumber(KeptExercise exercise);

    List<Attempt> findByExerciseAndDeviceOrderByNumber(KeptExercise exercise, String device);

    List<Attempt> findByExerciseInOrderByNumber(Collection<KeptExercise> exercises);

    /** Tries at exercises for anybody, by what whoever made them is called. */
    @Modifying(flushAutomatically = true, clearAutomatically = true)
    @Query("""
            delete from Attempt a where a.studio = :studio and lower(a.name) = lower(:name)
                and a.exercise in (select e from KeptExercise e where e.student is null)""")
    void eraseOf(Studio studio, String name);

    @EntityGraph(attributePaths = {"exercise", "exercise.student"})
    Optional<Attempt> findByIdAndStudio(Long id, Studio studio);
}
