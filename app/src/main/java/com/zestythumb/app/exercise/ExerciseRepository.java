package com.zestythumb.app.exercise;

import com.zestythumb.app.studio.Studio;
import com.zestythumb.app.tune.Tune;
import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.EntityGraph;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;

interface ExerciseRepository extends JpaRepository<KeptExercise, Long> {

    @EntityGraph(attributePaths = {"student", "tune"})
    List<KeptExercise> findByStudioOrderByCreatedAtDescIdDesc(Studio studio);

    @EntityGraph(attributePaths = {"student", "tune"})
    List<KeptExercise> findByTuneOrderByCreatedAtDescIdDesc(Tune tune);

    Optional<KeptExercise> findByIdAndStudio(Long id, Studio studio);

    Optional<KeptExercise> findByCode(String code);

    /** Whoever answers it at the same moment waits. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    Optional<KeptExercise> findLockedByCode(String code);
}
