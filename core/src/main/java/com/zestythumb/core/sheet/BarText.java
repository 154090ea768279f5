package com.zestythumb.core.sheet;

import java.util.List;

/**
 * The words of a bar.
 *
 * @param section name of the section that begins here, or null
 * @param notes the teacher's own notes to the bar: touch, damping, "split between the hands"
 * @param words sung words of a bar without melody; empty where there are none
 * @param remarks lines of the chart, beginning with #, that stand before the line this bar begins
 * @param shorthand how it was written if it repeats what went before: {@code "%"} or {@code "%%"}; else empty
 * @param span where it stands in the chart
 */
public record BarText(
        String section, List<String> notes, String words, List<String> remarks, String shorthand, TextSpan span) {

    public BarText {
        section = section == null || section.isBlank() ? null : section;
        notes = List.copyOf(notes);
        remarks = List.copyOf(remarks);
    }

    /** No words, on a line of the chart. */
    public static BarText onLine(int line) {
        return new BarText(null, List.of(), "", List.of(), "", new TextSpan(line, 1, 0));
    }
}
