package com.zestythumb.app.exercise;

import com.zestythumb.app.studio.Studio;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface AttemptRepository extends JpaRepository<Attempt, Long> {

    List<Attempt> findByExerciseOrderByNumber(KeptExercise exercise);

    List<Attempt> findByExerciseAndDeviceOrderByNumber(KeptExercise exercise, String device);

    List<Attempt> findByExerciseInOrderByNumber(Collection<KeptExercise> exercises);

    Optional<Attempt> findByIdAndStudio(Long id, Studio studio);
}
