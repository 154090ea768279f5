package com.zestythumb.core.sheet;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.chord.NumeralSymbol;
import com.zestythumb.core.chord.SymbolStyle;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.pitch.NoteNames;
import com.zestythumb.core.sheet.ChordEvent.Timing;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;

/** Writes a sheet in chart notation, so that {@link Chart#read} gives the same sheet again. */
public final class ChartWriter {

    private static final int BARS_IN_A_LINE = 4;

    private final LeadSheet sheet;
    private final boolean numerals;
    private final StringBuilder out = new StringBuilder();

    private ChartWriter(LeadSheet sheet, boolean numerals) {
        this.sheet = sheet;
        this.numerals = numerals;
    }

    /** The chart with chords as letters. */
    public static String write(LeadSheet sheet) {
        return new ChartWriter(sheet, false).write();
    }

    /** The chart with chords as numerals in the key. */
    public static String writeNumerals(LeadSheet sheet) {
        return new ChartWriter(sheet, true).write();
    }

    private String write() {
        heading();
        for (List<Bar> line : lines()) {
            Bar first = line.get(0);
            if (first.section() != null) {
                out.append("\n");
            }
            first.text().remarks().forEach(remark -> out.append(remark).append('\n'));
            if (first.section() != null) {
                out.append('[').append(first.section()).append("]\n");
            }
            bars(line);
            voices(line);
            leftHand(line);
        }
        sheet.heading().remarks().forEach(remark -> out.append(remark).append('\n'));
        return out.toString();
    }

    private void heading() {
        Heading heading = sheet.heading();
        line("title", heading.title());
        for (Credit credit : Credit.values()) {
            line(credit.word(), heading.credit(credit));
        }
        line(
                "key",
                heading.keyTold() ? heading.names().fromEnglish(heading.key().toString()) : "");
        line("meter", heading.meterTold() ? heading.meter().written() : "");
        line("tempo", String.valueOf(heading.tempo()));
        line("feel", heading.feel());
        if (heading.pickup().isPositive()) {
            line("pickup", counts(heading.pickup(), heading.meter()));
        }
        if (!heading.unit().equals(Heading.USUAL.unit())) {
            line("unit", "1/" + Fraction.of(4).dividedBy(heading.unit()));
        }
        if (heading.names() != NoteNames.ENGLISH) {
            line("names", "german");
        }
        if (heading.symbols() != SymbolStyle.LETTERS) {
            line("symbols", heading.symbols().name().toLowerCase(Locale.ROOT));
        }
        out.append('\n');
    }

    private void line(String name, String value) {
        if (!value.isEmpty()) {
            out.append(name).append(": ").append(value).append('\n');
        }
    }

    /** The chart's own lines; where the bars stand on none, four to a line and a new one for each section. */
    private List<List<Bar>> lines() {
        List<List<Bar>> lines = new ArrayList<>();
        int lastLine = -1;
        for (Bar bar : sheet.bars()) {
            int line = bar.text().span().line();
            List<Bar> current = lines.isEmpty() ? null : lines.get(lines.size() - 1);
            boolean full = line == 0 && current != null && current.size() == BARS_IN_A_LINE;
            boolean inside = bar.text().shorthand().isEmpty() && isSecondOfTwo(bar);
            boolean breaks = line != lastLine
                    || full
                    || bar.section() != null
                    || !bar.text().remarks().isEmpty();
            if (current == null || breaks && !inside) {
                lines.add(new ArrayList<>());
            }
            lines.get(lines.size() - 1).add(bar);
            lastLine = line;
        }
        return lines;
    }

    private boolean isSecondOfTwo(Bar bar) {
        return bar.index() > 0
                && sheet.bars().get(bar.index() - 1).text().shorthand().equals("%%");
    }

    private void bars(List<Bar> line) {
        boolean lastRepeats = false;
        for (Bar bar : line) {
            if (isSecondOfTwo(bar)) {
                marks(bar, true).forEach(word -> out.append(word).append(' '));
                lastRepeats = bar.endsRepeat();
                endRepeat(bar);
                continue;
            }
            out.append(opening(bar, lastRepeats, bar == line.get(0)));
            out.append(String.join(" ", content(bar))).append(' ');
            lastRepeats = bar.endsRepeat();
            endRepeat(bar);
            out.append(bar.signs().endsDouble() ? "|" : "");
        }
        out.append(lastRepeats ? "\n" : "|\n");
    }

    private void endRepeat(Bar bar) {
        if (bar.endsRepeat()) {
            out.append(":|");
            if (bar.timesPlayed() > 2) {
                out.append(" x").append(bar.timesPlayed());
            }
        }
    }

    /** The bar line to the left, as far as the bar before has not written it. */
    private static String opening(Bar bar, boolean lastRepeats, boolean first) {
        String ending = bar.signs().ending().stream().map(String::valueOf).collect(Collectors.joining(","));
        String start = bar.startsRepeat() ? "|:" : "";
        if (!ending.isEmpty()) {
            // An ending joins the bar line; a count of times keeps them apart.
            return (lastRepeats ? " |" : "|") + ending + " " + (start.isEmpty() ? "" : start + " ");
        }
        return (lastRepeats && start.isEmpty() && !first
                        ? ""
                        : lastRepeats ? " " + start : start.isEmpty() ? "|" : start)
                + " ";
    }

    private List<String> content(Bar bar) {
        List<String> words = new ArrayList<>();
        Bar before = bar.index() == 0 ? null : sheet.bars().get(bar.index() - 1);
        Key keyBefore = before == null ? sheet.key() : before.key();
        Meter meterBefore = before == null ? sheet.meter() : before.meter();
        if (!bar.meter().equals(meterBefore)) {
            words.add("{meter " + bar.meter().written() + "}");
        }
        if (!bar.key().equals(keyBefore)) {
            words.add("{key " + sheet.heading().names().fromEnglish(bar.key().toString()) + "}");
        }
        if (bar.isShort() && (bar.index() > 0 || !bar.isPickup())) {
            words.add("{" + (bar.isPickup() ? "pickup " : "short ") + counts(bar.length(), bar.meter()) + "}");
        }
        words.addAll(marks(bar, false));
        words.addAll(
                bar.text().shorthand().isEmpty()
                        ? chords(bar)
                        : List.of(bar.text().shorthand()));
        words.addAll(marks(bar, true));
        bar.text().notes().forEach(note -> words.add("\"" + note + "\""));
        return words;
    }

    private static List<String> marks(Bar bar, boolean atEnd) {
        return bar.signs().marks().stream()
                .filter(mark -> mark.isAtEnd() == atEnd)
                .sorted()
                .map(mark -> "{" + mark.words() + "}")
                .toList();
    }

    /** In even slots where they fit, else with counts. */
    private List<String> chords(Bar bar) {
        Optional<Integer> slots = bar.meter().slotCounts(bar.length()).stream()
                .filter(n -> fits(bar, bar.length().times(Fraction.of(1, n))))
                .findFirst();
        List<String> words = new ArrayList<>();
        for (ChordEvent event : bar.events()) {
            String word = word(event, bar);
            if (slots.isPresent()) {
                Fraction slot = bar.length().times(Fraction.of(1, slots.get()));
                words.add(word);
                for (long i = event.duration().dividedBy(slot).floor(); i > 1; i--) {
                    words.add("/");
                }
            } else {
                words.add(word + ":" + counts(event.duration(), bar.meter()));
            }
        }
        return words;
    }

    private static boolean fits(Bar bar, Fraction slot) {
        return bar.events().stream().allMatch(e -> e.duration().dividedBy(slot).isWhole());
    }

    static String counts(Fraction length, Meter meter) {
        Fraction counts = length.dividedBy(meter.countLength());
        return counts.isWhole() ? counts.toString() : counts.floor() + ".5";
    }

    private String word(ChordEvent event, Bar bar) {
        if (event.isSilent()) {
            return event.written();
        }
        if (event.text() == null && isHeldOver(event, bar)) {
            return "/";
        }
        String guess = event.isGuess() ? event.guess().write(chord -> symbol(chord, bar)) : "";
        return (event.timing() == Timing.PUSHED ? ">" : "")
                + symbol(event.chord(), bar)
                + (event.timing() == Timing.HELD ? "!" : "")
                + guess
                + (event.heardAs() == null
                        ? ""
                        : "=" + event.heardAs().write(sheet.heading().names()));
    }

    /** A chord that was written as / at the beginning of its bar. */
    private boolean isHeldOver(ChordEvent event, Bar bar) {
        if (!event.start().equals(Fraction.ZERO) || bar.index() == 0 || event.timing() != Timing.PLAIN) {
            return false;
        }
        List<ChordEvent> before = sheet.bars().get(bar.index() - 1).events();
        return !event.isGuess()
                && event.chord().equals(before.get(before.size() - 1).chord());
    }

    private String symbol(Chord chord, Bar bar) {
        boolean asNumeral = numerals && chord.upper() == null;
        return asNumeral
                ? NumeralSymbol.print(chord, bar.key())
                : sheet.heading().names().fromEnglish(chord.toString());
    }

    private void voices(List<Bar> line) {
        boolean melody = line.stream().anyMatch(bar -> !bar.melody().isEmpty());
        if (melody) {
            voice("m: ", line, bar -> voices(bar, bar.upper(), Bar::allOfUpper));
            Syllables.write(line.stream().map(Bar::melody).toList(), false)
                    .forEach(words -> out.append("w: ").append(words).append('\n'));
        } else {
            wordsAlone(line);
        }
    }

    private void wordsAlone(List<Bar> line) {
        List<List<String>> verses = line.stream()
                .map(bar -> List.of(bar.text().words().split("\n")))
                .toList();
        boolean any = line.stream().anyMatch(bar -> !bar.text().words().isEmpty());
        int most = verses.stream().mapToInt(List::size).max().orElse(0);
        for (int i = 0; any && i < most; i++) {
            int verse = i;
            List<String> words = verses.stream()
                    .map(bar -> verse < bar.size() ? bar.get(verse) : "")
                    .toList();
            out.append("w: ").append(Syllables.line(words)).append(" |\n");
        }
    }

    private void leftHand(List<Bar> line) {
        if (line.stream().anyMatch(bar -> !bar.left().isEmpty())) {
            voice("l: ", line, bar -> voices(bar, bar.left(), Bar::allOfLeft));
        }
    }

    private String voices(Bar bar, List<List<SheetNote>> voices, Function<Bar, List<SheetNote>> ofHand) {
        return voices.stream().map(voice -> notes(bar, voice, ofHand)).collect(Collectors.joining(" & "));
    }

    /** A bar that is empty at the beginning stands behind a bar line of its own. */
    private void voice(String name, List<Bar> line, Function<Bar, String> notes) {
        List<String> bars = line.stream().map(notes).toList();
        out.append(name).append(bars.get(0).isEmpty() ? "| " : "");
        out.append(String.join(" | ", bars)).append(" |\n");
    }

    private String notes(Bar bar, List<SheetNote> notes, Function<Bar, List<SheetNote>> ofHand) {
        List<SheetNote> before =
                bar.index() == 0 ? List.of() : ofHand.apply(sheet.bars().get(bar.index() - 1));
        // Where nobody told a key the notes are written without signature, as they will be read again.
        Key signature = sheet.toldKey(bar) == null ? Heading.USUAL.key() : bar.key();
        return NoteWriter.write(
                notes, before, signature, bar.meter(), sheet.heading().unit(), bar.offset(), note -> "");
    }
}
