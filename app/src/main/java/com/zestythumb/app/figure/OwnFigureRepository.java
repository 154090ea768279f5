package com.zestythumb.app.figure;

import com.zestythumb.app.studio.Studio;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface OwnFigureRepository extends JpaRepository<OwnFigure, Long> {

    List<OwnFigure> findByStudioAndRemovedAtIsNullOrderByName(Studio studio);

    /** All there ever were. */
    List<OwnFigure> findByStudioOrderById(Studio studio);

    Optional<OwnFigure> findByIdAndStudio(Long id, Studio studio);
}
