package com.zestythumb.app.tune;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.sheet.LeadSheet;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;

/** A tune on the shelf. */
public record TuneSummary(
        long id,
        String title,
        String key,
        String meter,
        int tempo,
        int bars,

        @Schema(description = "Its first chords, as printed.")
        List<String> opening,

        @Schema(description = "Whose settings it has.") List<String> settings,
        Instant updatedAt) {

    private static final int CHORDS_SHOWN = 8;

    static TuneSummary of(Tune tune) {
        LeadSheet sheet = Chart.read(tune.chart()).sheet();
        List<String> opening = sheet.events().stream()
                .filter(event -> !event.isSilent())
                .map(ChordEvent::chord)
                .map(Chord::pretty)
                .limit(CHORDS_SHOWN)
                .toList();
        return new TuneSummary(
                tune.id(),
                tune.title(),
                sheet.key().pretty(),
                sheet.meter().toString(),
                sheet.tempo(),
                sheet.bars().size(),
                opening,
                tune.settings().stream().map(setting -> setting.toDto().name()).toList(),
                tune.updatedAt());
    }
}
