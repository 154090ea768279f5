package com.zestythumb.app.student;

import com.zestythumb.app.studio.Studio;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface StudentRepository extends JpaRepository<Student, Long> {

    List<Student> findByStudioAndRemovedAtIsNullOrderByName(Studio studio);

    Optional<Student> findByIdAndStudio(Long id, Studio studio);
}
