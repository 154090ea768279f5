package com.zestythumb.app.tune;

import com.zestythumb.app.arrange.PracticeRecordDto;
import com.zestythumb.app.arrange.PractisedDto;
import com.zestythumb.app.http.ProblemKind;
import com.zestythumb.app.studio.Purge;
import com.zestythumb.app.tune.PracticeRoundRepository.Day;
import com.zestythumb.app.tune.TuneBackup.KeptPage;
import com.zestythumb.app.tune.TuneBackup.KeptRound;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * What students practised. It is added to and never replaced, whoever holds the link and whatever an old page sends; a day of it can be
 * taken back, and put back again.
 */
@Service
@Transactional
class PracticeLog {

    /** Rounds kept of what one student plays of one tune: decades of a diligent one. */
    private static final int MOST = 100_000;

    private final PracticePageRepository pages;
    private final PracticeRoundRepository rounds;

    PracticeLog(PracticePageRepository pages, PracticeRoundRepository rounds) {
        this.pages = pages;
        this.rounds = rounds;
    }

    /** Adds what a device tells, each press of its player once; what is told of one again can only have grown. */
    void add(Assignment assignment, PracticeRecordDto told) {
        List<String> tokens = told.pages().stream()
                .flatMap(page -> page.steps().stream())
                .map(PractisedDto::id)
                .toList();
        if (tokens.stream().anyMatch(String::isEmpty)) {
            throw ProblemKind.REFUSED.because("what is told has an id of its own, so that it is kept once");
        }
        if (rounds.countByAssignment(assignment) + tokens.size() > MOST) {
            throw ProblemKind.REFUSED.because("no more than " + MOST + " rounds of one tune can be kept");
        }
        Map<String, PracticeRound> known = rounds.findByAssignmentAndTokenIn(assignment, tokens).stream()
                .collect(Collectors.toMap(one -> one.told().id(), one -> one));
        Instant now = Instant.now().truncatedTo(ChronoUnit.MICROS);
        for (PracticeRecordDto.Page page : told.pages()) {
            PracticePage where = page.steps().isEmpty() ? null : page(assignment, page.bars());
            for (PractisedDto one : page.steps()) {
                PracticeRound before = known.get(one.id());
                if (before == null) {
                    known.put(one.id(), rounds.save(new PracticeRound(where, one.id(), one, now, null)));
                } else {
                    before.grow(one);
                }
            }
        }
        rounds.flush();
    }

    private PracticePage page(Assignment assignment, List<String> bars) {
        return pages.findByAssignmentOrderById(assignment).stream()
                .filter(page -> page.bars().equals(bars))
                .findFirst()
                .orElseGet(() -> pages.save(new PracticePage(assignment, bars)));
    }

    /** Adds what a backup holds, each round once, as it was told then. */
    void restore(Assignment assignment, List<KeptPage> kept) {
        if (kept.isEmpty()) {
            return;
        }
        Set<String> known = rounds.findByAssignmentInOrderById(List.of(assignment)).stream()
                .map(one -> one.told().id())
                .collect(Collectors.toSet());
        for (KeptPage page : kept) {
            PracticePage where = page(assignment, page.bars());
            for (KeptRound one : page.rounds()) {
                if (known.add(one.told().id())) {
                    rounds.save(new PracticeRound(where, one.told().id(), one.told(), one.toldAt(), one.takenBackAt()));
                }
            }
        }
    }

    /** Every round that was ever told, by the numbers of assignments. */
    @Transactional(readOnly = true)
    Map<Long, List<PracticeRound>> everything(Collection<Assignment> assignments) {
        return rounds.findByAssignmentInOrderById(assignments).stream()
                .collect(Collectors.groupingBy(one -> one.assignment().id()));
    }

    void takeBack(Assignment assignment, String day) {
        rounds.takeBack(assignment, day, Instant.now().truncatedTo(ChronoUnit.MICROS));
    }

    void putBack(Assignment assignment, String day) {
        rounds.putBack(assignment, day);
    }

    @EventListener
    void purge(Purge purge) {
        rounds.purge(purge.before());
    }

    @Transactional(readOnly = true)
    PracticeRecordDto of(Assignment assignment) {
        return of(List.of(assignment)).getOrDefault(assignment.id(), PracticeRecordDto.NOTHING);
    }

    /** A day and a step at a time, by the numbers of assignments. */
    @Transactional(readOnly = true)
    Map<Long, PracticeRecordDto> of(Collection<Assignment> assignments) {
        if (assignments.isEmpty()) {
            return Map.of();
        }
        Map<Long, Map<Long, PracticeRecordDto.Page>> found = new HashMap<>();
        for (Day one : rounds.days(assignments.stream().map(Assignment::id).toList())) {
            found.computeIfAbsent(one.getAssignment(), number -> new LinkedHashMap<>())
                    .computeIfAbsent(
                            one.getPage(),
                            number -> new PracticeRecordDto.Page(PracticePage.read(one.getBars()), new ArrayList<>()))
                    .steps()
                    .add(new PractisedDto(
                            "",
                            one.getDay(),
                            one.getHands(),
                            one.getFirst(),
                            one.getLast(),
                            one.getPercent(),
                            clamped(one.getRounds()),
                            clamped(one.getSlips()),
                            clamped(one.getSeconds()),
                            one.getDone()));
        }
        Map<Long, PracticeRecordDto> records = new HashMap<>();
        found.forEach((number, byPage) -> records.put(number, new PracticeRecordDto(List.copyOf(byPage.values()))));
        return records;
    }

    private static int clamped(long sum) {
        return (int) Math.min(Integer.MAX_VALUE, sum);
    }
}
