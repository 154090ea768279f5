package com.zestythumb.app.exercise;

import com.zestythumb.app.backup.BackupPart;
import com.zestythumb.app.backup.KeptReader;
import com.zestythumb.app.backup.Numbers;
import com.zestythumb.app.http.ProblemKind;
import com.zestythumb.app.studio.Studio;
import com.zestythumb.app.studio.Studios;
import com.zestythumb.core.exercise.Marking;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Map;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What each fault costs where the teacher says so; marks that were given before stay. */
@Service
@Transactional
class PointsOfFaults implements BackupPart {

    /** One of them. */
    record Kept(
            @NotNull @Size(max = LONGEST) String fault,
            @Min(0) @Max(Marking.FULL) int points) {}

    private static final int LONGEST = 60;

    private final OwnPointsRepository kept;
    private final Studios studios;
    private final KeptReader reader;

    PointsOfFaults(OwnPointsRepository kept, Studios studios, KeptReader reader) {
        this.kept = kept;
        this.studios = studios;
        this.reader = reader;
    }

    @Transactional(readOnly = true)
    Map<String, Integer> of(Studio studio) {
        return kept.findByStudioOrderByFault(studio).stream()
                .collect(Collectors.toMap(OwnPoints::fault, OwnPoints::points));
    }

    /** From now on a fault costs so many points; null as many as it costs by itself. */
    void set(String fault, Integer points) {
        if (fault.isBlank() || fault.length() > LONGEST) {
            throw ProblemKind.REFUSED.because("there is no fault of that name");
        }
        if (points == null) {
            kept.findByStudioAndFault(studios.current(), fault).ifPresent(kept::delete);
            return;
        }
        if (points < 0 || points > Marking.FULL) {
            throw ProblemKind.REFUSED.because("a fault costs 0 to " + Marking.FULL + " points, not " + points);
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
    public void write(Numbers numbers, Consumer<Object> out) {
        kept.findByStudioOrderByFault(studios.current())
                .forEach(one -> out.accept(new Kept(one.fault(), one.points())));
    }

    @Override
    public Taker begin(Numbers numbers) {
        return one -> {
            Kept points = reader.read(list(), one, Kept.class);
            if (kept.findByStudioAndFault(studios.current(), points.fault()).isPresent()) {
                return Came.BESIDE;
            }
            set(points.fault(), points.points());
            return Came.BESIDE;
        };
    }
}
