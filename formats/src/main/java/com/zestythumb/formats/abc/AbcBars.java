package com.zestythumb.formats.abc;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.pitch.Letter;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.Mark;
import com.zestythumb.core.sheet.Meter;
import com.zestythumb.core.sheet.NoteReader;
import com.zestythumb.core.sheet.NoteSign;
import com.zestythumb.core.sheet.SheetNote;
import com.zestythumb.formats.BroughtBar;
import com.zestythumb.formats.ImportReport;
import com.zestythumb.formats.ImportReport.Fate;
import com.zestythumb.formats.SheetBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** Parts lines of ABC music at their bar lines and reads each bar. */
final class AbcBars {

    /** A bar line with repeats and ending; an inline field; what must not be parted; any letter else. */
    private static final Pattern TOKEN = Pattern.compile(
            "(:*\\[?\\|+\\]?:*|::+|:\\|)(?:\\s*\\[?(\\d[\\d,\\-]*))?"
                    + "|\\[(\\d[\\d,\\-]*)|\\[([A-Za-z]):\\s*+([^\\]]*+)\\]|(\"[^\"]*\"?|![^!]*!|\\{[^}]*\\}?|\\[[^\\]]*\\]?|.)");

    private final SheetBuilder sheet;
    /** Ornaments and grace notes (ABC 2.1, sections 4.12 and 4.14), outside of quoted words. */
    private static final Map<Pattern, String> NOT_READ = Map.of(
            Pattern.compile("[~MOPST](?=[\\^_=]?[A-Ga-g])"), "ornaments",
            Pattern.compile("\\{"), "grace notes");

    /** Rests that are not seen, and nothing else: what is there is somebody else's to say. */
    private static final Pattern NOT_SEEN = Pattern.compile("[xX\\d/\\s]*+");

    /** Looks like a chord, and is none that is known. */
    private static final Pattern LIKE_A_SYMBOL = Pattern.compile("[A-H][^\\s]{0,11}");

    private static final String SILENCE = "(?i)n\\.?c\\.?";

    private final ImportReport.Builder report;
    /** Octaves by which its notes stand elsewhere than they are written (standard 2.1, section 4.6). */
    private int octave;

    private Key key = Key.parse("C");
    private Map<Letter, Integer> signs = Map.of();
    private Meter meter = Meter.FOUR_FOUR;
    private Fraction unit = Fraction.of(1, 2);
    private final StringBuilder text = new StringBuilder();
    private String section;
    private boolean startsRepeat;
    private List<Integer> ending = List.of();
    private boolean beginsLine;
    private final boolean left;

    /**
     * Begins a voice.
     *
     * @param left whether all its notes are kept, as those of a left hand, and not the highest alone
     */
    AbcBars(SheetBuilder sheet, ImportReport.Builder report, boolean left) {
        this.sheet = sheet;
        this.report = report;
        this.left = left;
    }

    /** Takes a key, and what its signature has beyond it. */
    void setKey(Key other, Map<Letter, Integer> more) {
        key = other;
        signs = more;
    }

    /** Takes by how many octaves all notes are moved. */
    void setOctave(int other) {
        octave = other;
    }

    Key key() {
        return key;
    }

    void setMeter(Meter other) {
        meter = other;
    }

    Meter meter() {
        return meter;
    }

    void setUnit(Fraction other) {
        unit = other;
    }

    void beginSection(String name) {
        close(1);
        section = name;
    }

    void line(String line, BiConsumer<String, String> field) {
        beginsLine = text.chars().allMatch(Character::isWhitespace);
        boolean goesOn = line.endsWith("\\");
        Matcher m = TOKEN.matcher(goesOn ? line.substring(0, line.length() - 1) : line);
        while (m.find()) {
            if (m.group(1) != null) {
                barLine(m.group(1));
                beginEnding(m.group(2));
            } else if (m.group(3) != null) {
                close(1);
                beginEnding(m.group(3));
            } else if (left
                    && "K".equals(m.group(4))
                    && NoteSign.clef("K:" + m.group(5)).isPresent()) {
                text.append(m.group());
            } else if (m.group(4) != null) {
                field.accept(m.group(4), m.group(5));
            } else {
                text.append(m.group());
            }
        }
        text.append(' ');
    }

    void finish() {
        close(1);
    }

    private void barLine(String sign) {
        boolean ends = sign.startsWith(":");
        close(ends ? 2 : 1);
        if (sign.equals("||") && !sheet.bars().isEmpty()) {
            sheet.bars().get(sheet.bars().size() - 1).endsDouble = true;
        }
        startsRepeat |= sign.endsWith(":");
    }

    private void beginEnding(String numbers) {
        if (numbers == null) {
            return;
        }
        List<Integer> read = new ArrayList<>();
        for (String part : numbers.split(",")) {
            if (part.isEmpty()) {
                continue;
            }
            int from = part.charAt(0) - '0';
            int to = Math.max(from, part.charAt(part.length() - 1) - '0');
            for (int i = Math.max(1, from); i <= Math.min(9, to); i++) {
                read.add(i);
            }
        }
        ending = read;
    }

    private void close(int timesPlayed) {
        String music = text.toString();
        text.setLength(0);
        if (!music.isBlank() && sheet.isFull()) {
            return;
        }
        if (music.isBlank()) {
            if (timesPlayed > 1 && !sheet.bars().isEmpty()) {
                sheet.bars().get(sheet.bars().size() - 1).timesPlayed = timesPlayed;
            }
            return;
        }
        Matcher rests = Pattern.compile("[ZX](\\d{1,3})").matcher(music.strip());
        int times = rests.matches() ? Integer.parseInt(rests.group(1)) : 1;
        for (int i = 1; i < times; i++) {
            bar("Z", 1);
        }
        bar(times > 1 ? "Z" : music, timesPlayed);
    }

    private void bar(String music, int timesPlayed) {
        List<BroughtBar> read = sheet.bars();
        BroughtBar last = read.isEmpty() ? null : read.get(read.size() - 1);
        List<SheetNote> before = last == null
                ? List.of()
                : Stream.concat(
                                (left ? last.left : last.beneath).stream().flatMap(List::stream),
                                (left ? List.<SheetNote>of() : SheetNote.merged(last.melody, last.withTune)).stream())
                        .map(note -> moved(note, -octave))
                        .toList();
        NoteReader reader = new NoteReader(music, key, meter, unit, true)
                .after(before)
                .signed(signs)
                .read();
        List<List<SheetNote>> voices = reader.voices().stream()
                .map(voice -> voice.stream().map(note -> moved(note, octave)).toList())
                .toList();
        BroughtBar bar = new BroughtBar(key, meter);
        int number = sheet.bars().size() + 1;
        bar.section = section;
        bar.startsRepeat = startsRepeat;
        bar.timesPlayed = timesPlayed;
        bar.ending = ending;
        bar.beginsLine = beginsLine;
        if (reader.length().isPositive()) {
            bar.length = reader.length();
        }
        bar.setUpper(voices);
        if (left && !NOT_SEEN.matcher(music).matches()) {
            bar.left.addAll(voices);
        }
        voices.stream()
                .flatMap(List::stream)
                .filter(note -> !note.isRest())
                .forEach(note -> bar.sound(note.pitch(), note.onset(), note.duration()));
        reader.quoted().forEach(quoted -> quoted(quoted, bar, number));
        marks(music, bar);
        if (!reader.mistakes().isEmpty()) {
            report.add(Fate.LEFT_OUT, "signs that are no notes", number);
        }
        boolean empty = bar.melody.isEmpty() && bar.symbols.isEmpty() && bar.notes.isEmpty();
        if (!empty && sheet.add(bar)) {
            section = null;
            startsRepeat = false;
            ending = List.of();
            beginsLine = false;
        }
    }

    private static SheetNote moved(SheetNote note, int octaves) {
        Pitch pitch = note.pitch();
        return octaves == 0 || pitch == null
                ? note
                : note.with(new Pitch(pitch.pitchClass(), pitch.octave() + octaves));
    }

    private void quoted(NoteReader.Quoted quoted, BroughtBar bar, int number) {
        String words = quoted.text().strip();
        if (words.isEmpty()) {
            return;
        }
        boolean isNote = "^_<>@".indexOf(words.charAt(0)) >= 0;
        String note = isNote ? words.substring(1).strip() : words;
        if (note.matches(SILENCE)) {
            bar.symbols.put(quoted.onset(), new BroughtBar.Symbol(null));
        } else if (note.equals(ChordEvent.OPEN)) {
            bar.symbols.put(quoted.onset(), BroughtBar.Symbol.unread(note));
        } else if (isNote) {
            if (note.matches("[3-9]x") && bar.timesPlayed > 1) {
                bar.timesPlayed = note.charAt(0) - '0';
                return;
            }
            Optional<Mark> mark = Mark.parse(note);
            mark.ifPresent(bar.marks::add);
            if (mark.isEmpty() && !note.isEmpty()) {
                bar.notes.add(note);
            }
        } else {
            try {
                // Another chord may stand behind it in brackets.
                bar.symbols.put(quoted.onset(), new BroughtBar.Symbol(Chord.parse(words.replaceFirst("\\s.*", ""))));
            } catch (IllegalArgumentException e) {
                if (LIKE_A_SYMBOL.matcher(words).matches()) {
                    report.add(Fate.REPAIRED, "chord symbols not known here: they stay, marked, to be fixed", number);
                    bar.symbols.put(quoted.onset(), BroughtBar.Symbol.unread(words));
                } else {
                    bar.notes.add(words);
                }
            }
        }
    }

    private void marks(String music, BroughtBar bar) {
        NOT_READ.forEach((signs, what) -> {
            if (signs.matcher(music).find()) {
                report.add(Fate.LEFT_OUT, what);
            }
        });
        Matcher m = Pattern.compile("!([^!]*)!").matcher(music);
        while (m.find()) {
            switch (m.group(1)) {
                case "segno" -> bar.marks.add(Mark.SEGNO);
                case "coda" -> bar.marks.add(Mark.CODA);
                case "fine" -> bar.marks.add(Mark.FINE);
                case "dacoda" -> bar.marks.add(Mark.TO_CODA);
                case "D.C.", "dacapo" -> bar.marks.add(Mark.DA_CAPO);
                case "D.S." -> bar.marks.add(Mark.DAL_SEGNO);
                default -> {
                    if (!NoteReader.isKept(m.group(1))) {
                        report.add(Fate.LEFT_OUT, "ornaments and other signs over the notes");
                    }
                }
            }
        }
    }
}
