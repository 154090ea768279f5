package com.zestythumb.core.harmonising;

import com.zestythumb.core.Corpus;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.sheet.LeadSheet;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Reads tunes without chords; the notation is told at the head of tunes.txt. */
final class BareTunes {

    /** A tune with the names accepted for the chords of each bar, one choice behind another. */
    record BareTune(String name, String key, LeadSheet told, LeadSheet untold, List<List<String>> accepted) {}

    private BareTunes() {}

    static List<BareTune> read(String file) {
        List<BareTune> tunes = new ArrayList<>();
        Map<String, String> lines = new LinkedHashMap<>();
        for (String line : Corpus.lines(file)) {
            if (line.startsWith("= ") && !lines.isEmpty()) {
                tunes.add(tune(lines));
                lines.clear();
            }
            int colon = line.indexOf(": ");
            lines.put(
                    line.startsWith("= ") ? "name" : line.substring(0, colon),
                    line.substring(line.startsWith("= ") ? 2 : colon + 2));
        }
        tunes.add(tune(lines));
        return tunes;
    }

    private static BareTune tune(Map<String, String> lines) {
        List<List<String>> accepted = new ArrayList<>();
        for (String bar : lines.get("chords").split(" \\| ")) {
            accepted.add(List.of(bar.strip().split(", ")));
        }
        StringBuilder chart = new StringBuilder();
        chart.append("key: ").append(lines.get("key")).append('\n');
        chart.append("meter: ").append(lines.getOrDefault("meter", "4/4")).append('\n');
        chart.append("unit: ").append(lines.getOrDefault("unit", "1/4")).append('\n');
        if (lines.containsKey("pickup")) {
            chart.append("pickup: ").append(lines.get("pickup")).append('\n');
        }
        String notes = lines.get("m");
        for (String bar : notes.split("\\|")) {
            String shortened = bar.contains("{") ? bar.substring(bar.indexOf('{'), bar.indexOf('}') + 1) + " " : "";
            chart.append("| ").append(shortened).append("? ");
        }
        chart.append("|\nm: ").append(notes.replaceAll("\\{[^}]*}", "")).append(" |\n");
        Chart read = Chart.read(chart.toString());
        if (!read.problems().isEmpty()) {
            throw new AssertionError(lines.get("name") + ": " + read.problems());
        }
        LeadSheet told = read.sheet();
        LeadSheet untold = new LeadSheet(told.heading().heardIn(told.key()), told.bars());
        return new BareTune(lines.get("name"), lines.get("key"), told, untold, accepted);
    }
}
