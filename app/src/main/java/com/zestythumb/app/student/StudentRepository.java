package com.zestythumb.app.student;

import com.zestythumb.app.studio.Studio;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface StudentRepository extends JpaRepository<Student, Long> {

    List<Student> findByStudioAndRemovedAtIsNullOrderByName(Studio studio);

    List<Student> findByStudioAndRemovedAtIsNotNullOrderByRemovedAtDesc(Studio studio);

    /** All there ever were. */
    List<Student> findByStudioOrderById(Studio studio);

    Optional<Student> findByStudioAndNameAndRemovedAtIsNull(Studio studio, String name);

    /** Takes it from the studio, or back where no time is told. */
    @Modifying
    @Query("update Student s set s.removedAt = :when where s.id = :id")
    void setRemoved(Long id, Instant when);

    /** With what it plays and practised. */
    @Modifying(flushAutomatically = true, clearAutomatically = true)
    @Query("delete from Student s where s.id = :id")
    void erase(Long id);

    int countByStudioAndNameIgnoreCase(Studio studio, String name);

    /** Of every studio. */
    List<Student> findByRemovedAtBefore(Instant when);

    Optional<Student> findByIdAndStudio(Long id, Studio studio);
}
