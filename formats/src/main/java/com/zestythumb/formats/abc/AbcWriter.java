package com.zestythumb.formats.abc;

import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.sheet.Credit;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.sheet.Mark;
import com.zestythumb.core.sheet.NoteSign;
import com.zestythumb.core.sheet.NoteWriter;
import com.zestythumb.core.sheet.SheetNote;
import com.zestythumb.core.sheet.Syllables;
import com.zestythumb.formats.SheetWriter;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.BiFunction;
import java.util.stream.Collectors;

/**
 * Writes ABC notation (standard 2.1): tune, chord symbols, words, repeats. A chord that changes beneath a
 * long note parts it in two tied ones, for a symbol can only stand over the beginning of a note.
 */
public final class AbcWriter implements SheetWriter {

    @Override
    public String mediaType() {
        return "text/vnd.abc";
    }

    @Override
    public String extension() {
        return "abc";
    }

    /** Standard 2.1, sections 3.1.3 and 10: who did it stands in composers' fields. */
    private static final Map<Credit, String> CREDITS = Map.of(
            Credit.COMPOSER, "C:",
            Credit.LYRICIST, AbcTune.WORDS_BY,
            Credit.ARRANGER, AbcTune.ARRANGED_BY,
            Credit.COPYRIGHT, AbcTune.COPYRIGHT);

    @Override
    public String write(LeadSheet sheet) {
        StringBuilder out = new StringBuilder("%abc-2.1\nX:1\n");
        out.append("T:").append(sheet.title()).append('\n');
        sheet.heading().credits().entrySet().stream()
                .sorted(Map.Entry.comparingByKey())
                .forEach(credit -> out.append(CREDITS.get(credit.getKey()))
                        .append(credit.getValue())
                        .append('\n'));
        if (!sheet.heading().feel().isEmpty()) {
            out.append("R:").append(sheet.heading().feel()).append('\n');
        }
        Fraction beat = sheet.meter().tempoBeat().dividedBy(Fraction.of(4));
        out.append("M:").append(sheet.meter().written()).append("\nL:1/8\n");
        out.append("Q:").append(beat).append('=').append(sheet.tempo()).append('\n');
        out.append("K:").append(sheet.key().toString().replace(" ", "")).append('\n');
        boolean twoVoices = sheet.bars().stream().anyMatch(bar -> !bar.left().isEmpty());
        for (List<Bar> line : lines(sheet)) {
            if (line.get(0).section() != null) {
                out.append("P:").append(line.get(0).section()).append('\n');
            }
            out.append(twoVoices ? "[V:1] " : "");
            addLine(line, sheet, (bar, before) -> music(bar, before, sheet), out);
            addWords(line, out);
            if (twoVoices) {
                out.append("[V:2 clef=bass] ");
                addLine(line, sheet, AbcWriter::leftHand, out);
            }
        }
        return out.toString()
                .lines()
                .map(line -> line.startsWith("%") ? line : line.replace("%", "\\%"))
                .collect(Collectors.joining("\n", "", "\n"));
    }

    private static void addLine(
            List<Bar> line, LeadSheet sheet, BiFunction<Bar, Bar, String> music, StringBuilder out) {
        int first = line.get(0).index();
        Bar before = first == 0 ? null : sheet.bars().get(first - 1);
        boolean lastRepeats = before != null && before.endsRepeat();
        for (Bar bar : line) {
            out.append(opening(bar, lastRepeats, bar == line.get(0)));
            out.append(changes(bar, before)).append(music.apply(bar, before)).append(' ');
            out.append(bar.endsRepeat() ? ":|" : bar.signs().endsDouble() ? "|" : "");
            lastRepeats = bar.endsRepeat();
            before = bar;
        }
        out.append(lastRepeats ? "\n" : "|\n");
    }

    private static String changes(Bar bar, Bar before) {
        boolean newKey = before != null && !before.key().equals(bar.key());
        boolean newMeter = before != null && !before.meter().equals(bar.meter());
        return (newMeter ? "[M:" + bar.meter().written() + "]" : "")
                + (newKey ? "[K:" + bar.key().toString().replace(" ", "") + "]" : "");
    }

    /** Its voices; where nobody wrote it, a rest that is not to be seen. */
    private static String leftHand(Bar bar, Bar before) {
        List<List<SheetNote>> voices =
                bar.left().isEmpty() ? List.of(List.of(new SheetNote(null, Fraction.ZERO, bar.length()))) : bar.left();
        String written = voices(bar, voices, before == null ? List.of() : before.allOfLeft(), note -> "");
        return bar.left().isEmpty() ? unseen(written) : written;
    }

    private static String unseen(String rests) {
        return rests.replaceAll("z(?=[0-9/ ]|$)", "x");
    }

    private static List<List<Bar>> lines(LeadSheet sheet) {
        List<List<Bar>> lines = new ArrayList<>();
        int line = -1;
        for (Bar bar : sheet.bars()) {
            int here = bar.text().span().line();
            if (lines.isEmpty() || here != line || bar.section() != null) {
                lines.add(new ArrayList<>());
            }
            lines.get(lines.size() - 1).add(bar);
            line = here;
        }
        return lines;
    }

    private static String opening(Bar bar, boolean lastRepeats, boolean first) {
        String numbers = bar.signs().ending().stream().map(String::valueOf).collect(Collectors.joining(","));
        if (!numbers.isEmpty()) {
            return (lastRepeats && !first ? "" : "|") + numbers + " ";
        }
        if (bar.startsRepeat()) {
            return "|: ";
        }
        return lastRepeats || first ? " " : "| ";
    }

    private static String music(Bar bar, Bar before, LeadSheet sheet) {
        StringBuilder out = new StringBuilder();
        bar.signs().marks().stream().sorted().forEach(mark -> out.append(mark(mark)));
        out.append(bar.timesPlayed() > 2 ? "\"^" + bar.timesPlayed() + "x\"" : "");
        bar.text().notes().forEach(note -> out.append("\"^").append(note).append('"'));
        TreeMap<Fraction, ChordEvent> chords = new TreeMap<>();
        bar.events().stream().filter(e -> !continues(e, bar, sheet)).forEach(e -> chords.put(e.start(), e));
        List<List<SheetNote>> voices = new ArrayList<>(bar.upper());
        if (voices.isEmpty()) {
            voices.add(List.of(new SheetNote(null, Fraction.ZERO, bar.length())));
        }
        voices.set(0, parted(voices.get(0), chords.keySet()));
        String written = voices(
                bar,
                voices,
                before == null ? List.of() : before.allOfUpper(),
                note -> chords.containsKey(note.onset()) ? symbol(chords.get(note.onset())) : "");
        // Rests where no tune is written are not to be seen.
        return out + (bar.melody().isEmpty() ? unseen(written) : written);
    }

    /** Voices of one hand; what stands over the notes is written to the first. */
    private static String voices(
            Bar bar, List<List<SheetNote>> voices, List<SheetNote> before, NoteWriter.Before symbols) {
        return voices.stream()
                .map(voice -> NoteWriter.write(
                        voice,
                        before,
                        bar.key(),
                        bar.meter(),
                        Fraction.of(1, 2),
                        bar.offset(),
                        voice == voices.get(0) ? symbols : note -> ""))
                .collect(Collectors.joining(" & "));
    }

    /** The same chord going on over the bar line needs no second symbol. */
    private static boolean continues(ChordEvent event, Bar bar, LeadSheet sheet) {
        if (!event.start().equals(Fraction.ZERO) || bar.index() == 0 || event.text() != null) {
            return false;
        }
        List<ChordEvent> last = sheet.bars().get(bar.index() - 1).events();
        ChordEvent before = last.get(last.size() - 1);
        return !event.isSilent() && event.chord().equals(before.chord());
    }

    private static String symbol(ChordEvent event) {
        // A chord symbol begins with a letter of the scale (standard 2.1, section 4.18); what does not is an
        // annotation.
        boolean isSymbol = event.chord() != null || event.written().matches("[A-G].*");
        return "\"" + (isSymbol ? "" : "^") + event.written() + "\"";
    }

    private static String mark(Mark mark) {
        return switch (mark) {
            case SEGNO -> "!segno!";
            case CODA -> "!coda!";
            case FINE -> "!fine!";
            default -> mark.loudness().map(NoteSign::text).orElse("\"^" + mark.words() + "\"");
        };
    }

    /** Notes in which a chord changes, parted there and tied; what begins at them stays at the first part and what ends at the last. */
    private static List<SheetNote> parted(List<SheetNote> notes, Set<Fraction> changes) {
        List<SheetNote> all = new ArrayList<>();
        for (List<SheetNote> struck : SheetNote.struckTogether(notes)) {
            List<SheetNote> left = struck;
            for (Fraction change : changes) {
                SheetNote first = left.get(0);
                boolean inside = change.isAfter(first.onset()) && change.isBefore(first.end());
                if (inside && first.tuplet() == null) {
                    left.forEach(note -> all.add(note.at(note.onset(), change.minus(note.onset()))
                            .withTie(!note.isRest())
                            .without(NoteSign.SLUR_END)));
                    left = left.stream()
                            .map(note -> note.at(change, note.end().minus(change))
                                    .withVerses(List.of())
                                    .withFinger(0)
                                    .withSigns(
                                            note.signs().contains(NoteSign.SLUR_END)
                                                    ? Set.of(NoteSign.SLUR_END)
                                                    : Set.of()))
                            .toList();
                }
            }
            all.addAll(left);
        }
        return all;
    }

    private static void addWords(List<Bar> line, StringBuilder out) {
        Syllables.write(line.stream().map(Bar::melody).toList(), true)
                .forEach(words -> out.append("w: ").append(words).append('\n'));
    }
}
