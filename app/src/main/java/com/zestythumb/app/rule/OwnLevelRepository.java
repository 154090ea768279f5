package com.zestythumb.app.rule;

import com.zestythumb.app.studio.Studio;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface OwnLevelRepository extends JpaRepository<OwnLevel, Long> {

    List<OwnLevel> findByStudioOrderByCode(Studio studio);

    Optional<OwnLevel> findByStudioAndCode(Studio studio, String code);
}
