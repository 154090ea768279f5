package com.zestythumb.app.rule;

import com.zestythumb.app.studio.Studio;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface LeftAloneRepository extends JpaRepository<LeftAlone, Long> {

    List<LeftAlone> findByStudioOrderByCode(Studio studio);

    Optional<LeftAlone> findByStudioAndCode(Studio studio, String code);
}
