package com.zestythumb.app.exercise;

import com.zestythumb.app.http.RefusedException;
import com.zestythumb.app.studio.Studio;
import com.zestythumb.app.studio.Studios;
import com.zestythumb.app.tune.BackupPart;
import com.zestythumb.core.exercise.Marking;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;

/** What each fault costs where the teacher says so; marks that were given before stay. */
@Service
@Transactional
class PointsOfFaults implements BackupPart {

    /** One of them. */
    record Kept(String fault, int points) {}

    private static final int LONGEST = 60;

    private final OwnPointsRepository kept;
    private final Studios studios;

    PointsOfFaults(OwnPointsRepository kept, Studios studios) {
        this.kept = kept;
        this.studios = studios;
    }

    @Transactional(readOnly = true)
    Map<String, Integer> of(Studio studio) {
        return kept.findByStudioOrderByFault(studio).stream()
                .collect(Collectors.toMap(OwnPoints::fault, OwnPoints::points));
    }

    /** From now on a fault costs so many points; null as many as it costs by itself. */
    void set(String fault, Integer points) {
        if (fault.isBlank() || fault.length() > LONGEST) {
            throw new RefusedException("there is no fault of that name");
        }
        if (points == null) {
            kept.findByStudioAndFault(studios.current(), fault).ifPresent(kept::delete);
            return;
        }
        if (points < 0 || points > Marking.FULL) {
            throw new RefusedException("a fault costs 0 to " + Marking.FULL + " points, not " + points);
        }
        studios.oneAfterAnother();
        OwnPoints own = kept.findByStudioAndFault(studios.current(), fault)
                .orElseGet(() -> new OwnPoints(studios.current(), fault));
        own.change(points);
        kept.save(own);
    }

    @Override
    public String list() {
        return "pointsOfFaults";
    }

    @Override
    @Transactional(readOnly = true)
    public List<?> everything(Map<Long, Integer> students) {
        return kept.findByStudioOrderByFault(studios.current()).stream()
                .map(one -> new Kept(one.fault(), one.points()))
                .toList();
    }

    @Override
    public void restore(JsonNode one, Function<Integer, Long> students) {
        if (!one.path("fault").isString() || !one.path("points").isInt()) {
            throw new IllegalArgumentException("what a fault costs has its fault and its points");
        }
        set(one.path("fault").asString(), one.path("points").asInt());
    }
}
