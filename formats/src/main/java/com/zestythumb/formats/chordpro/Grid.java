package com.zestythumb.formats.chordpro;

import com.zestythumb.core.sheet.Mark;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A line of a grid: {@code segno |: C . G7 . | F . . . :| x3}; what stands before and behind its bars are words. */
final class Grid {

    private static final Pattern LINE = Pattern.compile("([^|]*?)(:?\\|.*\\|)([^|]*)");
    private static final Pattern TIMES = Pattern.compile("(x[2-9])?,?\\s*(.*)");

    private Grid() {}

    /** The same as a line of a chart. */
    static String bars(String line) {
        Matcher m = LINE.matcher(line.strip());
        if (!m.matches()) {
            return line;
        }
        String bars = m.group(2).replaceAll("(?<=[\\s|])\\.(?=[\\s|])", "/").replaceAll("\\|\\.", "||");
        int first = bars.indexOf('|') + (bars.matches("\\|:.*") ? 2 : 1);
        Matcher behind = TIMES.matcher(m.group(3).strip());
        String times = behind.matches() && behind.group(1) != null && bars.endsWith(":|") ? " " + behind.group(1) : "";
        String end = mark(behind.matches() ? behind.group(2) : "");
        String begin = mark(m.group(1).strip());
        return bars.substring(0, first)
                + begin
                + bars.substring(first, bars.length())
                + times
                + (end.isEmpty() ? "" : end + "|");
    }

    /** Segno, Fine, D.C. and the like as a chart has them; any other words are left out. */
    private static String mark(String words) {
        StringBuilder found = new StringBuilder();
        for (String one : words.split(",")) {
            Optional<Mark> mark = Mark.parse(one.strip());
            mark.ifPresent(known -> found.append(" {").append(known.words()).append("} "));
        }
        return found.toString();
    }
}
