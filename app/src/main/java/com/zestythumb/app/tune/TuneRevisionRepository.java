package com.zestythumb.app.tune;

import com.zestythumb.app.student.Student;
import com.zestythumb.app.studio.Studio;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface TuneRevisionRepository extends JpaRepository<TuneRevision, Long> {

    List<TuneRevision> findTop100ByTuneOrderBySavedAtDesc(Tune tune);

    List<TuneRevision> findByTuneAndNameNot(Tune tune, String name);

    Optional<TuneRevision> findFirstByTuneOrderBySavedAtDesc(Tune tune);

    Optional<TuneRevision> findByIdAndTune(Long id, Tune tune);

    /** Of several tunes, to be kept in a file. */
    List<TuneRevision> findByTuneInOrderBySavedAtAscIdAsc(Collection<Tune> tunes);

    /** States of what a student played, and those that tell of this name. */
    @Query("""
            select r.id from TuneRevision r
            where r.studio = :studio and (locate(:told, r.choices) > 0 or exists (
                select a.id from Assignment a where a.tune = r.tune and a.student = :student))""")
    List<Long> ofStudent(Studio studio, Student student, String told);

    /**
     * Deletes the states of a tune that have no name, were not the last of their day, or are older than a year.
     *
     * @param today when today began
     * @param yearAgo when the day a year ago began
     * @param zone whose days are meant, as the time zone database names it
     */
    @Modifying
    @Query(nativeQuery = true, value = """
            delete from tune_revision r
            where r.tune_id = :tune and r.name = '' and r.saved_at < :today
              and (r.saved_at < :yearAgo or exists (
                  select 1 from tune_revision l
                  where l.tune_id = r.tune_id and l.saved_at > r.saved_at and l.saved_at < :today
                    and date_trunc('day', l.saved_at, :zone) = date_trunc('day', r.saved_at, :zone)))""")
    void thin(Long tune, Instant today, Instant yearAgo, String zone);
}
