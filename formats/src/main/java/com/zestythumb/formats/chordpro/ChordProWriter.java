package com.zestythumb.formats.chordpro;

import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.sheet.Credit;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.sheet.Mark;
import com.zestythumb.core.sheet.Meter;
import com.zestythumb.formats.SheetWriter;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Writes ChordPro 6: chords within the words where there are words, else a grid with a cell a count, its repeats and endings. */
public final class ChordProWriter implements SheetWriter {

    @Override
    public String mediaType() {
        return "text/plain";
    }

    @Override
    public String extension() {
        return "cho";
    }

    @Override
    public String write(LeadSheet sheet) {
        StringBuilder out = new StringBuilder();
        directive(out, "title", sheet.title());
        for (Credit credit : Credit.values()) {
            directive(out, credit.word(), sheet.heading().credit(credit));
        }
        directive(out, "key", name(sheet.key()));
        directive(out, "time", sheet.meter().toString());
        directive(out, "tempo", String.valueOf(sheet.tempo()));
        if (!sheet.heading().feel().isEmpty()) {
            directive(out, "meta", "feel " + sheet.heading().feel());
        }
        boolean words = sheet.bars().stream().anyMatch(bar -> Sung.in(bar, 0));
        if (words) {
            song(sheet, out);
        } else {
            grid(sheet, out);
        }
        return out.toString().replaceAll(" +\n", "\n");
    }

    private static void directive(StringBuilder out, String name, String value) {
        if (!value.isEmpty()) {
            out.append('{')
                    .append(name)
                    .append(": ")
                    .append(value.replace("}", ")"))
                    .append("}\n");
        }
    }

    /** Verse by verse; of the later ones the bars that have words. */
    private static void song(LeadSheet sheet, StringBuilder out) {
        for (int verse = 0; verse < sheet.verses(); verse++) {
            int which = verse;
            List<Bar> sung = sheet.bars().stream()
                    .filter(bar -> which == 0 || Sung.in(bar, which))
                    .toList();
            if (verse > 0) {
                out.append('\n');
                directive(out, "comment", (verse + 1) + ".");
            }
            verse(sheet, sung, verse, out);
        }
    }

    private static void verse(LeadSheet sheet, List<Bar> bars, int verse, StringBuilder out) {
        String open = "";
        Sung sung = new Sung(verse);
        Bar before = null;
        for (Bar bar : bars) {
            boolean opens = bar.section() != null && verse == 0;
            boolean breaks = before == null
                    || bar.text().span().line() != before.text().span().line();
            List<String> changes = changes(sheet, bar, before);
            if (opens) {
                out.append('\n')
                        .append(open.isEmpty() ? "" : "{end_of_" + open + "}\n")
                        .append('\n');
                open = environment(bar.section());
                directive(out, "start_of_" + open, bar.section());
            } else if (breaks || !changes.isEmpty()) {
                out.append('\n');
            }
            changes.forEach(out::append);
            out.append(sung.bar(bar));
            before = bar;
        }
        out.append('\n').append(open.isEmpty() ? "" : "{end_of_" + open + "}\n");
    }

    /** Directives for what is another key or meter than in the bar before. */
    private static List<String> changes(LeadSheet sheet, Bar bar, Bar before) {
        Key key = before == null ? sheet.key() : before.key();
        Meter meter = before == null ? sheet.meter() : before.meter();
        StringBuilder time = new StringBuilder();
        StringBuilder tonality = new StringBuilder();
        directive(time, "time", bar.meter().equals(meter) ? "" : bar.meter().toString());
        directive(tonality, "key", bar.key().equals(key) ? "" : name(bar.key()));
        return Stream.of(time, tonality)
                .map(StringBuilder::toString)
                .filter(text -> !text.isEmpty())
                .toList();
    }

    private static String name(Key key) {
        return key.toString().replace(" major", "").replace(" minor", "m");
    }

    private static String environment(String section) {
        String name = section.toLowerCase(Locale.ROOT);
        return name.contains("chorus") || name.contains("refrain")
                ? "chorus"
                : name.contains("bridge") ? "bridge" : "verse";
    }

    private static void grid(LeadSheet sheet, StringBuilder out) {
        boolean open = false;
        Bar before = null;
        for (Bar bar : sheet.bars()) {
            List<String> changes = changes(sheet, bar, before);
            boolean newGrid = bar.section() != null || !changes.isEmpty();
            boolean newLine = before != null
                    && (bar.text().span().line() != before.text().span().line()
                            || marks(bar, false).length() > 0
                            || marks(before, true).length() > 0);
            if (open && (newGrid || newLine)) {
                out.append(end(before));
            }
            if (open && newGrid) {
                out.append("{end_of_grid}\n");
            }
            changes.forEach(out::append);
            if (bar.section() != null) {
                directive(out, "comment", bar.section());
            }
            if (!open || newGrid) {
                out.append("{start_of_grid}\n");
            }
            boolean begins = !open || newGrid || newLine;
            String label = marks(bar, false);
            out.append(label.isEmpty() ? "" : label + " ")
                    .append(line(bar, begins ? null : before))
                    .append(cells(bar))
                    .append(' ');
            open = true;
            before = bar;
        }
        out.append(open ? end(before) + "{end_of_grid}\n" : "");
    }

    /** The bar line between two bars, or at the beginning of a line where there is none before. */
    private static String line(Bar bar, Bar before) {
        String ending = bar.signs().ending().stream().map(String::valueOf).collect(Collectors.joining(","));
        String left = before != null && before.endsRepeat() ? ":" : "";
        boolean isDouble = before != null && before.signs().endsDouble() && left.isEmpty();
        return left + (isDouble ? "||" : "|") + ending + (bar.startsRepeat() ? ":" : "") + " ";
    }

    /** The bar line at the end of a line, with what is to be done there. */
    private static String end(Bar bar) {
        String times = bar.timesPlayed() > 2 ? " x" + bar.timesPlayed() : "";
        String marks = marks(bar, true);
        return (bar.endsRepeat() ? ":|" : "|") + times + (marks.isEmpty() ? "" : " " + marks) + "\n";
    }

    private static String marks(Bar bar, boolean atEnd) {
        return bar.signs().marks().stream()
                .filter(mark -> mark.isAtEnd() == atEnd && mark.loudness().isEmpty())
                .sorted()
                .map(ChordProWriter::told)
                .collect(Collectors.joining(", "));
    }

    private static String told(Mark mark) {
        return mark == Mark.FINE ? "Fine" : mark == Mark.TO_CODA ? "To Coda" : mark.words();
    }

    /** A cell a count, or a half where a chord comes between. */
    private static String cells(Bar bar) {
        Fraction count = bar.meter().countLength();
        boolean whole =
                bar.events().stream().allMatch(e -> e.start().dividedBy(count).isWhole());
        Fraction cell = whole ? count : count.dividedBy(Fraction.of(2));
        StringBuilder out = new StringBuilder();
        List<ChordEvent> events = bar.events();
        for (ChordEvent event : events) {
            out.append(event.written()).append(' ');
            long more = event.duration().dividedBy(cell).floor() - 1;
            out.append(". ".repeat((int) Math.max(0, more)));
        }
        return out.toString().strip();
    }
}
