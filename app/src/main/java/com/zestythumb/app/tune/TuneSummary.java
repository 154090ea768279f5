package com.zestythumb.app.tune;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.harmonising.HomeKey;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.sheet.MelodyNote;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

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

        @Schema(description = "Who plays it.") List<String> students,

        @Schema(description = "Who made it; empty where not told.")
        String composer,

        List<String> tags,

        @Schema(description = "From 1, easiest, to 5; 0 where none is told.")
        int level,

        boolean hasMelody,

        @Schema(description = "Chords guessed from notes that wait to be confirmed.")
        int guesses,

        @Schema(description = "Title of another tune with the same chords and tune; empty where there is none.")
        String twin,

        Instant updatedAt) {

    private static final int CHORDS_SHOWN = 8;

    /**
     * Summaries of a shelf; only together can twins be told.
     *
     * @param students names by the numbers of tunes
     */
    static List<TuneSummary> of(List<Tune> tunes, Map<Long, List<String>> students) {
        List<LeadSheet> sheets = tunes.stream()
                .map(tune -> HomeKey.signed(Chart.read(tune.chart()).sheet()))
                .toList();
        Map<String, List<Integer>> bySound = new HashMap<>();
        for (int i = 0; i < sheets.size(); i++) {
            String sound = sound(sheets.get(i));
            if (!sound.isEmpty()) {
                bySound.computeIfAbsent(sound, s -> new ArrayList<>()).add(i);
            }
        }
        List<TuneSummary> summaries = new ArrayList<>();
        for (int i = 0; i < tunes.size(); i++) {
            int here = i;
            String twin = bySound.getOrDefault(sound(sheets.get(i)), List.of()).stream()
                    .filter(other -> other != here)
                    .map(other -> tunes.get(other).title())
                    .findFirst()
                    .orElse("");
            Tune tune = tunes.get(i);
            summaries.add(of(tune, sheets.get(i), students.getOrDefault(tune.id(), List.of()), twin));
        }
        return summaries;
    }

    /** Chords and tune by their sound from the keynote, so that a transposed copy is found as well. */
    private static String sound(LeadSheet sheet) {
        int tonic = sheet.key().tonic().semitone();
        StringBuilder sound = new StringBuilder();
        for (Bar bar : sheet.bars()) {
            for (ChordEvent event : bar.events()) {
                if (!event.isSilent()) {
                    int root = Math.floorMod(event.chord().root().semitone() - tonic, 12);
                    sound.append(root)
                            .append(event.chord().quality().suffix())
                            .append('+')
                            .append(event.duration());
                }
            }
            for (MelodyNote note : bar.melody()) {
                if (!note.isRest()) {
                    sound.append(Math.floorMod(note.pitch().midi() - tonic, 12)).append('.');
                }
            }
        }
        return sound.toString();
    }

    private static TuneSummary of(Tune tune, LeadSheet sheet, List<String> students, String twin) {
        List<String> opening = sheet.events().stream()
                .filter(event -> !event.isSilent())
                .map(ChordEvent::chord)
                .map(Chord::pretty)
                .limit(CHORDS_SHOWN)
                .toList();
        return new TuneSummary(
                tune.id(),
                tune.title(),
                HomeKey.of(sheet).map(Key::pretty).orElse(""),
                sheet.meter().toString(),
                sheet.tempo(),
                sheet.bars().size(),
                opening,
                students,
                tune.composer(),
                tune.tags(),
                tune.level(),
                sheet.hasMelody(),
                (int) sheet.events().stream().filter(ChordEvent::isGuess).count(),
                twin,
                tune.updatedAt());
    }
}
