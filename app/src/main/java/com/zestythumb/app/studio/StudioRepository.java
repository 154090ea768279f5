package com.zestythumb.app.studio;

import jakarta.persistence.LockModeType;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface StudioRepository extends JpaRepository<Studio, Long> {

    Optional<Studio> findFirstByOrderById();

    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select s from Studio s where s = :studio")
    Studio lock(Studio studio);
}
