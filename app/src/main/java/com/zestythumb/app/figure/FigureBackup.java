package com.zestythumb.app.figure;

import com.zestythumb.app.arrange.OwnFigureDto;
import com.zestythumb.app.backup.BackupPart;
import com.zestythumb.app.backup.KeptReader;
import com.zestythumb.app.backup.Numbers;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.util.HashMap;
import java.util.Map;
import java.util.function.Consumer;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Patterns of the teacher's own in the backup. */
@Component
@Order(2)
@Transactional
class FigureBackup implements BackupPart {

    @Schema(name = "FigureInBackup")
    record Kept(@NotNull @Valid OwnFigureDto figure, Instant removedAt) {}

    /** What makes two the same. */
    private record Same(OwnFigureDto figure, boolean isRemoved) {}

    private final OwnFigures figures;
    private final KeptReader reader;

    FigureBackup(OwnFigures figures, KeptReader reader) {
        this.figures = figures;
        this.reader = reader;
    }

    @Override
    public String list() {
        return "figures";
    }

    @Override
    @Transactional(readOnly = true)
    public void write(Numbers numbers, Consumer<Object> out) {
        figures.everything().forEach(one -> out.accept(new Kept(one.draft(), one.removedAt())));
    }

    @Override
    public Taker begin(Numbers numbers) {
        // How many of each stand here and are not yet taken for one of the file's.
        Map<Same, Integer> here = new HashMap<>();
        figures.everything()
                .forEach(one -> here.merge(new Same(one.draft(), one.removedAt() != null), 1, Integer::sum));
        return one -> {
            Kept kept = reader.read(list(), one, Kept.class);
            Same same = new Same(kept.figure(), kept.removedAt() != null);
            if (here.merge(same, -1, Integer::sum) < 0) {
                figures.add(kept.figure(), kept.removedAt());
            }
            return Came.BESIDE;
        };
    }
}
