package com.zestythumb.app.tune;

import com.zestythumb.app.arrange.ChoicesDto;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;

/** Keeps what tunes were and how they were played, to go back to. */
@Service
@Transactional
class History {

    /** Changes that follow one another sooner than this are one step. */
    private static final Duration STEP = Duration.ofMinutes(2);

    private static final JsonMapper JSON = JsonMapper.shared();

    /** How one student played a tune. */
    record Played(long assignment, String student, ChoicesDto choices) {}

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
            revisions.save(new TuneRevision(tune, tune.title(), tune.chart(), now, write(played(tune))));
        }
    }

    private List<Played> played(Tune tune) {
        return assignments.findByTuneAndRemovedAtIsNullAndStudentRemovedAtIsNullOrderByPlaceAscIdAsc(tune).stream()
                .map(one -> new Played(one.id(), one.student().name(), one.choices()))
                .toList();
    }

    /** Earlier states of a tune, the latest first. */
    @Transactional(readOnly = true)
    List<RevisionView> of(Tune tune) {
        return revisions.findTop100ByTuneOrderBySavedAtDesc(tune).stream()
                .map(one -> new RevisionView(one.id(), one.savedAt(), one.title(), one.chart(), read(one.choices())))
                .toList();
    }

    static String write(List<Played> played) {
        ArrayNode all = JSON.createArrayNode();
        for (Played one : played) {
            all.addObject()
                    .put("assignment", one.assignment())
                    .put("student", one.student())
                    .set("choices", JSON.readTree(KeptChoices.write(one.choices())));
        }
        return all.toString();
    }

    static List<Played> read(String kept) {
        return JSON.readTree(kept)
                .valueStream()
                .map(one -> new Played(
                        one.path("assignment").asLong(), one.path("student").asString(), choices(one)))
                .toList();
    }

    private static ChoicesDto choices(JsonNode one) {
        return KeptChoices.read(one.path("choices"));
    }
}
