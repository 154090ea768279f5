package com.zestythumb.app.tune;

import com.zestythumb.app.studio.Studio;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface TuneRepository extends JpaRepository<Tune, Long> {

    List<Tune> findByStudioAndRemovedAtIsNullOrderByTitle(Studio studio);

    List<Tune> findByStudioAndRemovedAtIsNotNullOrderByRemovedAtDesc(Studio studio);

    List<Tune> findByStudioOrderById(Studio studio);

    Optional<Tune> findByIdAndStudio(Long id, Studio studio);

    boolean existsByStudio(Studio studio);
}
