package com.zestythumb.app.tune;

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

    /** A tune as the shelf asks for it, without its text. */
    record Row(Long id, String title, String composer, String tags, int level, Instant updatedAt, String facts) {}

    /**
     * Summaries of a shelf; only together can twins be told.
     *
     * @param facts by the numbers of tunes
     * @param students names by the numbers of tunes
     */
    static List<TuneSummary> of(List<Row> tunes, Map<Long, TuneFacts> facts, Map<Long, List<String>> students) {
        Map<String, List<Row>> bySound = new HashMap<>();
        for (Row tune : tunes) {
            bySound.computeIfAbsent(facts.get(tune.id()).sound(), sound -> new ArrayList<>())
                    .add(tune);
        }
        List<TuneSummary> summaries = new ArrayList<>();
        for (Row tune : tunes) {
            String sound = facts.get(tune.id()).sound();
            String twin = sound.isEmpty() ? "" : other(bySound.get(sound), tune);
            summaries.add(of(tune, facts.get(tune.id()), students.getOrDefault(tune.id(), List.of()), twin));
        }
        return summaries;
    }

    private static String other(List<Row> alike, Row tune) {
        return alike.stream()
                .filter(one -> one != tune)
                .map(Row::title)
                .findFirst()
                .orElse("");
    }

    private static TuneSummary of(Row tune, TuneFacts facts, List<String> students, String twin) {
        return new TuneSummary(
                tune.id(),
                tune.title(),
                facts.key(),
                facts.meter(),
                facts.tempo(),
                facts.bars(),
                facts.opening(),
                students,
                tune.composer(),
                Tune.tags(tune.tags()),
                tune.level(),
                facts.hasMelody(),
                facts.guesses(),
                twin,
                tune.updatedAt());
    }
}
