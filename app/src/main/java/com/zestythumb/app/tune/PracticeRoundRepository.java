package com.zestythumb.app.tune;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.EntityGraph;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface PracticeRoundRepository extends JpaRepository<PracticeRound, Long> {

    /** Of those named the ones that are kept already. */
    List<PracticeRound> findByAssignmentAndTokenIn(Assignment assignment, Collection<String> tokens);

    long countByAssignment(Assignment assignment);

    @EntityGraph(attributePaths = "page")
    List<PracticeRound> findByAssignmentInOrderById(Collection<Assignment> assignments);

    /** A day and a step in a row, in the order in which they were first told. */
    @Query(nativeQuery = true, value = """
            select r.assignment_id as assignment, p.id as page, p.bars as bars, r.day as day, r.hands as hands, r.from_bar as first,
                   r.to_bar as last, max(r.percent) as percent, sum(r.rounds) as rounds, sum(r.slips) as slips,
                   sum(r.seconds) as seconds,
                   (array_agg(r.done order by r.told_at desc, r.id desc) filter (where r.done is not null))[1] as done
            from practice_round r join practice_page p on p.id = r.page_id
            where r.assignment_id in (:assignments) and r.taken_back_at is null
            group by r.assignment_id, p.id, p.bars, r.day, r.hands, r.from_bar, r.to_bar
            order by min(r.told_at), min(r.id)""")
    List<Day> days(Collection<Long> assignments);

    /** What was practised of a step on a day. */
    interface Day {
        Long getAssignment();

        Long getPage();

        String getBars();

        String getDay();

        String getHands();

        int getFirst();

        int getLast();

        int getPercent();

        long getRounds();

        long getSlips();

        long getSeconds();

        Boolean getDone();
    }

    @Modifying
    @Query("""
            update PracticeRound r set r.takenBackAt = :when
            where r.assignment = :assignment and r.day = :day and r.takenBackAt is null""")
    int takeBack(Assignment assignment, String day, Instant when);

    /** Taken back before this; of every studio. */
    @Modifying(flushAutomatically = true, clearAutomatically = true)
    @Query("delete from PracticeRound r where r.takenBackAt < :when")
    void purge(Instant when);

    @Modifying
    @Query("update PracticeRound r set r.takenBackAt = null where r.assignment = :assignment and r.day = :day")
    int putBack(Assignment assignment, String day);
}
