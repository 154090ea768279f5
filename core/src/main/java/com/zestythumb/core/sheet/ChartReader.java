package com.zestythumb.core.sheet;

import com.zestythumb.core.stopping.StoppedException;
import java.util.function.Consumer;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads a chart line by line: heading, section names, remarks; bars, melody and words go to their readers. */
final class ChartReader {

    static final int MAX_BARS = 1000;

    /** Lines are looked at without the blanks behind them, and nothing is tried twice: no line takes longer than it is long. */
    private static final Pattern HEADER = Pattern.compile("\\s*+([A-Za-z]++)\\s*+:\\s*+(.*)");

    private static final Pattern SECTION = Pattern.compile("\\s*+\\[(.+)]");
    private static final Pattern VOICE = Pattern.compile("\\s*+([mlw]):(.*)");

    private final String[] lines;
    private final Problems problems = new Problems();
    private int lineNumber;
    /** The voice that stands there without any bars of chords, which are then left open; a blank where there are such. */
    private char alone = VoiceReader.LEFT;

    ChartReader(String text) {
        lines = text.split("\\R", -1);
    }

    Chart read() {
        // Headers may stand anywhere, and the bars need the meter: so they are all read first.
        HeadingReader headings = new HeadingReader(problems);
        eachLine(line -> {
            Matcher m = HEADER.matcher(line);
            if (m.matches() && !VOICE.matcher(line).matches() && !isRemark(line)) {
                headings.read(m, lineNumber);
            }
        });
        Heading heading = headings.finish();
        BarReader bars = new BarReader(heading, problems);
        eachLine(line -> {
            boolean tune = alone == VoiceReader.LEFT && line.stripLeading().startsWith(VoiceReader.MELODY + ":");
            alone = line.stripLeading().startsWith("|") ? ' ' : tune ? VoiceReader.MELODY : alone;
        });
        VoiceReader voices = new VoiceReader(heading, problems);
        eachLine(line -> readMusic(line, bars, voices));
        voices.finish();
        Heading whole = heading.withRemarks(bars.remarksLeft());
        // Numerals are of some key: where none is told they are of C.
        Heading spoken = bars.hasNumerals() ? whole.withKey(whole.key()) : whole;
        return new Chart(new LeadSheet(spoken, bars.finish()), problems.inOrder(), problems.quietInOrder());
    }

    private void eachLine(Consumer<String> use) {
        for (lineNumber = 1; lineNumber <= lines.length; lineNumber++) {
            StoppedException.ifInterrupted();
            String line = lines[lineNumber - 1].stripTrailing();
            if (!line.isBlank()) {
                use.accept(line);
            }
        }
    }

    private static boolean isRemark(String line) {
        return line.stripLeading().startsWith("#");
    }

    private void readMusic(String line, BarReader bars, VoiceReader voices) {
        Matcher voice = VOICE.matcher(line);
        Matcher section = SECTION.matcher(line);
        if (isRemark(line)) {
            bars.remark(line.strip());
        } else if (voice.matches()) {
            char kind = voice.group(1).charAt(0);
            if (kind == alone) {
                int count = VoiceReader.bars(voice.group(2));
                voices.under(bars.readLine(("| " + ChordEvent.OPEN + " ").repeat(count) + "|", lineNumber));
            }
            voices.line(kind, voice.group(2), voice.start(2) + 1, lineNumber);
        } else if (section.matches()) {
            bars.beginSection(section.group(1).strip());
        } else if (line.stripLeading().startsWith("|")) {
            voices.under(bars.readLine(line, lineNumber));
        } else if (!HEADER.matcher(line).matches()) {
            int indent = line.length() - line.stripLeading().length();
            problems.inLine(
                    lineNumber,
                    indent + 1,
                    line.strip().length(),
                    "a line of bars begins with |, as in | C | F | G7 | C |; a section name stands in [ ]");
        }
    }
}
