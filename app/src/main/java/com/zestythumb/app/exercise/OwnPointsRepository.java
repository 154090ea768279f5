package com.zestythumb.app.exercise;

import com.zestythumb.app.studio.Studio;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface OwnPointsRepository extends JpaRepository<OwnPoints, Long> {

    List<OwnPoints> findByStudioOrderByFault(Studio studio);

    Optional<OwnPoints> findByStudioAndFault(Studio studio, String fault);
}
