package com.zestythumb.app.figure;

import com.zestythumb.app.studio.Studio;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface OwnFigureRepository extends JpaRepository<OwnFigure, Long> {

    List<OwnFigure> findByStudioAndRemovedAtIsNullOrderByName(Studio studio);

    /** All there ever were. */
    List<OwnFigure> findByStudioOrderById(Studio studio);

    /** Removed before this; of every studio. */
    @Modifying(flushAutomatically = true, clearAutomatically = true)
    @Query("delete from OwnFigure f where f.removedAt < :when")
    void purge(Instant when);

    Optional<OwnFigure> findByIdAndStudio(Long id, Studio studio);
}
