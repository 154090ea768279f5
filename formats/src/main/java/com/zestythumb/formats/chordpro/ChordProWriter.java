package com.zestythumb.formats.chordpro;

import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.sheet.Credit;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.formats.SheetWriter;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/** Writes ChordPro 6: chords within the words where there are words, else a grid with a cell a count. */
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
        directive(out, "key", sheet.key().toString().replace(" major", "").replace(" minor", "m"));
        directive(out, "time", sheet.meter().toString());
        directive(out, "tempo", String.valueOf(sheet.tempo()));
        if (!sheet.heading().feel().isEmpty()) {
            directive(out, "meta", "feel " + sheet.heading().feel());
        }
        boolean words = sheet.bars().stream().anyMatch(bar -> !words(bar).isEmpty());
        if (words) {
            song(sheet, out);
        } else {
            grid(sheet, out);
        }
        return out.toString();
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

    private static void song(LeadSheet sheet, StringBuilder out) {
        int line = -1;
        String open = "";
        for (Bar bar : sheet.bars()) {
            int here = bar.text().span().line();
            if (bar.section() != null) {
                out.append('\n')
                        .append(open.isEmpty() ? "" : "{end_of_" + open + "}\n")
                        .append('\n');
                open = environment(bar.section());
                directive(out, "start_of_" + open, bar.section());
            } else if (here != line) {
                out.append('\n');
            }
            line = here;
            for (ChordEvent event : bar.events()) {
                out.append('[').append(event.written()).append(']');
            }
            String words = words(bar);
            out.append(words).append(words.endsWith("-") ? "" : " ");
        }
        out.append('\n').append(open.isEmpty() ? "" : "{end_of_" + open + "}\n");
    }

    private static String environment(String section) {
        String name = section.toLowerCase(Locale.ROOT);
        return name.contains("chorus") || name.contains("refrain")
                ? "chorus"
                : name.contains("bridge") ? "bridge" : "verse";
    }

    private static String words(Bar bar) {
        String sung = bar.melody().stream()
                .map(note -> note.syllable(0).equals("_") ? "" : note.syllable(0))
                .filter(syllable -> !syllable.isEmpty())
                .map(syllable -> syllable.endsWith("-") ? syllable.substring(0, syllable.length() - 1) : syllable + " ")
                .collect(Collectors.joining());
        return sung.isBlank() ? bar.text().words() : sung.stripTrailing();
    }

    private static void grid(LeadSheet sheet, StringBuilder out) {
        boolean open = false;
        int line = -1;
        for (Bar bar : sheet.bars()) {
            int here = bar.text().span().line();
            if (bar.section() != null) {
                out.append(open ? "|\n{end_of_grid}\n" : "");
                directive(out, "comment", bar.section());
                open = false;
            }
            if (!open) {
                out.append("{start_of_grid}\n");
                open = true;
            } else if (here != line) {
                out.append("|\n");
            }
            line = here;
            out.append("| ").append(cells(bar)).append(' ');
        }
        out.append(open ? "|\n{end_of_grid}\n" : "");
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
