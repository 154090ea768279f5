package com.zestythumb.core.sheet;

import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.pitch.Pitch;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;

/** Writes the key into a chart that tells none, so that it sounds as before. */
public final class KeyLine {

    private KeyLine() {}

    /**
     * The chart with the key as a line of its heading; nothing else is touched but where the signature would change
     * notes of the tune: then the whole chart is written anew, in good order.
     *
     * @throws IllegalArgumentException if it has to be written anew and has mistakes, for these would be lost
     */
    public static String write(String chart, Key key) {
        Chart before = Chart.read(chart);
        String written = inserted(chart, before.sheet().heading().names().fromEnglish(key.toString()));
        if (pitches(Chart.read(written).sheet()).equals(pitches(before.sheet()))) {
            return written;
        }
        if (!before.problems().isEmpty()) {
            throw new IllegalArgumentException("fix this first, so that nothing is lost: "
                    + before.problems().get(0));
        }
        LeadSheet heard = before.sheet().heardIn(key);
        return ChartWriter.write(new LeadSheet(heard.heading().withKey(key), heard.bars()));
    }

    private static List<Pitch> pitches(LeadSheet sheet) {
        return sheet.bars().stream()
                .flatMap(bar -> bar.melody().stream())
                .map(SheetNote::pitch)
                .filter(Objects::nonNull)
                .toList();
    }

    /** In place of a key line there is, else behind title and composer, else at the head. */
    private static String inserted(String chart, String key) {
        List<String> lines = new ArrayList<>(List.of(chart.split("\n", -1)));
        int at = 0;
        for (int i = 0; i < lines.size(); i++) {
            String line = lines.get(i).stripLeading();
            if (line.matches("(?i)key\\s*:.*")) {
                lines.set(i, "key: " + key);
                return String.join("\n", lines);
            }
            at = line.matches("(?i)(title|composer)\\s*:.*") && at == i ? i + 1 : at;
        }
        lines.add(at, "key: " + key);
        return String.join("\n", lines);
    }
}
