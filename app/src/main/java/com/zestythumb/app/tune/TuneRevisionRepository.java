package com.zestythumb.app.tune;

import com.zestythumb.app.studio.Studio;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface TuneRevisionRepository extends JpaRepository<TuneRevision, Long> {

    List<TuneRevision> findTop100ByTuneOrderBySavedAtDesc(Tune tune);

    Optional<TuneRevision> findFirstByTuneOrderBySavedAtDesc(Tune tune);

    /** All of a studio, to be kept in a file. */
    List<TuneRevision> findByStudioOrderBySavedAt(Studio studio);
}
