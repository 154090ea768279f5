package com.zestythumb.app.tune;

import com.zestythumb.app.arrange.ChoicesDto;
import com.zestythumb.app.arrange.HandDto;
import com.zestythumb.app.http.ProblemKind;
import com.zestythumb.app.student.Student;
import com.zestythumb.app.student.StudentErased;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Keeps what tunes were and how they were played, to go back to. */
@Service
@Transactional
class History {

    /** Changes that follow one another sooner than this are one step. */
    private static final Duration STEP = Duration.ofMinutes(2);

    private static final int LOT = 100;

    private static final JsonMapper JSON = JsonMapper.shared();

    /** How one student played a tune. The hand is as it was then; states of old do not tell it. */
    @Schema(name = "PlayedThen")
    record Played(
            long assignment,
            String student,
            @Schema(nullable = true) HandDto hand,
            ChoicesDto choices) {}

    private final TuneRevisionRepository revisions;
    private final AssignmentRepository assignments;

    History(TuneRevisionRepository revisions, AssignmentRepository assignments) {
        this.revisions = revisions;
        this.assignments = assignments;
    }

    /** What stands here goes into the history, unless the last step there is quite fresh and nothing much is lost. */
    void keep(Tune tune, boolean losesMuch) {
        Instant now = Instant.now().truncatedTo(ChronoUnit.MICROS);
        boolean fresh = revisions
                .findFirstByTuneOrderBySavedAtDesc(tune)
                .map(last -> last.savedAt().isAfter(now.minus(STEP)))
                .orElse(false);
        if (!fresh || losesMuch) {
            revisions.save(new TuneRevision(tune, "", tune.title(), tune.chart(), now, write(played(tune))));
            thin(tune);
        }
    }

    /** Leaves all of today, the last of every day for a year, and the named ones for ever. */
    private void thin(Tune tune) {
        ZoneId here = ZoneId.systemDefault();
        LocalDate today = LocalDate.now(here);
        revisions.thin(
                tune.id(),
                today.atStartOfDay(here).toInstant(),
                today.minusYears(1).atStartOfDay(here).toInstant(),
                here.getId());
    }

    void name(Tune tune, long state, String name) {
        revisions
                .findByIdAndTune(state, tune)
                .orElseThrow(() ->
                        ProblemKind.NOT_FOUND.because("there is no state number " + state + " of this tune any more"))
                .rename(name);
    }

    /** States of tunes tell no more of a student who is erased. */
    @EventListener
    void forget(StudentErased erased) {
        Student student = erased.student();
        // As it stands in the JSON of a state.
        String told = "\"student\":" + JSON.writeValueAsString(student.name());
        List<Long> ids = revisions.ofStudent(student.studio(), student, told);
        for (int from = 0; from < ids.size(); from += LOT) {
            for (TuneRevision state : revisions.findAllById(ids.subList(from, Math.min(from + LOT, ids.size())))) {
                Set<Long> its = assignments.findByTuneAndStudent(state.tune(), student).stream()
                        .map(Assignment::id)
                        .collect(Collectors.toSet());
                state.playedBy(write(read(state.choices()).stream()
                        .filter(one -> !its.contains(one.assignment())
                                && (erased.isNameShared() || !one.student().equalsIgnoreCase(student.name())))
                        .toList()));
            }
        }
    }

    private List<Played> played(Tune tune) {
        return assignments.findByTuneAndRemovedAtIsNullAndStudentRemovedAtIsNullOrderByPlaceAscIdAsc(tune).stream()
                .map(one ->
                        new Played(one.id(), one.student().name(), one.student().hand(), one.choices()))
                .toList();
    }

    /** The latest hundred earlier states of a tune and all that have names, the latest first. */
    @Transactional(readOnly = true)
    List<RevisionView> of(Tune tune) {
        return Stream.concat(
                        revisions.findTop100ByTuneOrderBySavedAtDesc(tune).stream(),
                        revisions.findByTuneAndNameNot(tune, "").stream())
                .distinct()
                .sorted(Comparator.comparing(TuneRevision::savedAt).reversed())
                .map(one -> new RevisionView(
                        one.id(), one.savedAt(), one.name(), one.title(), one.chart(), read(one.choices())))
                .toList();
    }

    static String write(List<Played> played) {
        ArrayNode all = JSON.createArrayNode();
        for (Played one : played) {
            ObjectNode json = all.addObject();
            json.put("assignment", one.assignment()).put("student", one.student());
            json.set("choices", KeptChoices.tree(one.choices()));
            if (one.hand() != null) {
                json.set("hand", JSON.valueToTree(one.hand()));
            }
        }
        return all.toString();
    }

    static List<Played> read(String kept) {
        return JSON.readTree(kept)
                .valueStream()
                .map(one -> new Played(
                        one.path("assignment").asLong(),
                        one.path("student").asString(),
                        one.has("hand") ? JSON.treeToValue(one.get("hand"), HandDto.class) : null,
                        KeptChoices.read(one.path("choices"))))
                .toList();
    }
}
