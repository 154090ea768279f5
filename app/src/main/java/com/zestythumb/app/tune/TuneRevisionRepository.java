package com.zestythumb.app.tune;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface TuneRevisionRepository extends JpaRepository<TuneRevision, Long> {

    List<TuneRevision> findTop100ByTuneOrderBySavedAtDesc(Tune tune);

    Optional<TuneRevision> findFirstByTuneOrderBySavedAtDesc(Tune tune);

    List<TuneRevision> findByTuneOrderBySavedAt(Tune tune);
}
