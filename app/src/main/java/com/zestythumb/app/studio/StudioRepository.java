package com.zestythumb.app.studio;

import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface StudioRepository extends JpaRepository<Studio, Long> {

    Optional<Studio> findFirstByOrderById();
}
