package com.zestythumb.app.tune;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface PracticePageRepository extends JpaRepository<PracticePage, Long> {

    List<PracticePage> findByAssignmentOrderById(Assignment assignment);
}
