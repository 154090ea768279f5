package com.zestythumb.app.tune;

import com.zestythumb.app.studio.Studio;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

/** What is no new version of a tune is changed by a statement of its own, so that it undoes no chart saved meanwhile. */
interface TuneRepository extends JpaRepository<Tune, Long> {

    /** A text, by the number of its tune and the version it was seen in. */
    record Text(Long id, long version, String chart) {}

    @Query("""
            select new com.zestythumb.app.tune.TuneSummary$Row(
                t.id, t.title, t.composer, t.tags, t.level, t.updatedAt, t.facts)
            from Tune t where t.studio = :studio and t.removedAt is null order by t.title, t.id""")
    List<TuneSummary.Row> shelf(Studio studio);

    @Query("""
            select new com.zestythumb.app.tune.TuneSummary$Row(
                t.id, t.title, t.composer, t.tags, t.level, t.updatedAt, t.facts)
            from Tune t where t.studio = :studio and t.removedAt is not null order by t.removedAt desc, t.id""")
    List<TuneSummary.Row> removed(Studio studio);

    @Query(
            "select new com.zestythumb.app.tune.TuneRepository$Text(t.id, t.version, t.chart) from Tune t where t.id in :ids")
    List<Text> texts(Collection<Long> ids);

    /** The numbers of all tunes, in the order in which they came. */
    @Query("select t.id from Tune t where t.studio = :studio order by t.id")
    List<Long> ids(Studio studio);

    /** Those of them that a student plays or played. */
    @Query("""
            select t.id from Tune t where t.studio = :studio and exists (
                select a.id from Assignment a where a.tune = t and a.student.id = :student) order by t.id""")
    List<Long> ids(Studio studio, long student);

    /** Tunes that nobody plays any more. */
    @Query("""
            select t from Tune t where t.studio = :studio and not exists (
                select a.id from Assignment a
                where a.tune = t and a.removedAt is null and a.student.removedAt is null)""")
    List<Tune> withoutPlayers(Studio studio);

    @Modifying
    @Query("update Tune t set t.tags = :tags, t.level = :level where t.id = :id")
    void label(Long id, String tags, int level);

    /** Takes it off the shelf, or back where no time is told. */
    @Modifying
    @Query("update Tune t set t.removedAt = :when where t.id = :id")
    void setRemoved(Long id, Instant when);

    /** Off the shelf since before this; of every studio. */
    @Modifying(flushAutomatically = true, clearAutomatically = true)
    @Query("delete from Tune t where t.removedAt < :when")
    void purge(Instant when);

    /** Facts of a text that still stands as it was seen. */
    @Modifying
    @Query("update Tune t set t.facts = :facts where t.id = :id and t.version = :version")
    void setFacts(Long id, long version, String facts);

    Optional<Tune> findByIdAndStudio(Long id, Studio studio);

    boolean existsByStudio(Studio studio);
}
