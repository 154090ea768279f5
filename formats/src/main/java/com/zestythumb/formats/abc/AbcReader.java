package com.zestythumb.formats.abc;

import com.zestythumb.core.stopping.StoppedException;
import com.zestythumb.formats.Hands;
import com.zestythumb.formats.Imported;
import com.zestythumb.formats.ScoreReader;
import com.zestythumb.formats.Texts;
import com.zestythumb.formats.UnreadableFileException;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;

/** Reads files of one or several tunes in ABC notation (standard 2.1). */
public final class AbcReader implements ScoreReader {

    /** ABC as a part of a ChordPro song is not the song. */
    private static final Pattern WITHIN_A_SONG = Pattern.compile("(?im)^[ \\t]*+\\{\\s*+start_of_abc\\b");

    private static final Pattern KEY_FIELD = Pattern.compile("(?m)^K:");
    private static final Pattern FIRST_FIELD = Pattern.compile("(?m)^[XTML]:");
    /** What a file says of all its tunes, before the first. */
    private static final Pattern FOR_ALL = Pattern.compile("^[CLMQR]:");

    private static final int MOST_BARS = 20_000;

    @Override
    public String format() {
        return "ABC";
    }

    @Override
    public boolean recognises(String name, byte[] file) {
        if (!Texts.isText(file)) {
            return false;
        }
        String text = Texts.decode(file);
        if (WITHIN_A_SONG.matcher(text).find()) {
            return false;
        }
        boolean fields =
                KEY_FIELD.matcher(text).find() && FIRST_FIELD.matcher(text).find();
        return name.endsWith(".abc") || text.startsWith("%abc") || fields;
    }

    @Override
    public List<Imported> read(byte[] file) {
        return read(file, Hands.Wanted.USUAL);
    }

    @Override
    public List<Imported> read(byte[] file, Hands.Wanted wanted) {
        List<Imported> tunes = new ArrayList<>();
        List<String> lines = new ArrayList<>();
        List<String> heading = new ArrayList<>();
        for (String line : Texts.decode(file).split("\\R")) {
            StoppedException.ifInterrupted();
            if (line.startsWith("X:")) {
                addTune(lines, tunes, wanted);
                if (tunes.isEmpty() && lines.stream().noneMatch(one -> one.startsWith("X:"))) {
                    lines.stream().filter(FOR_ALL.asPredicate()).forEach(heading::add);
                }
                lines.clear();
                lines.addAll(heading);
            }
            if (line.startsWith("+:") && !lines.isEmpty()) {
                // A field goes on (standard 2.1, section 3.3).
                lines.add(
                        lines.remove(lines.size() - 1) + " " + line.substring(2).strip());
            } else {
                lines.add(line);
            }
        }
        addTune(lines, tunes, wanted);
        if (tunes.isEmpty()) {
            throw new UnreadableFileException(
                    "the ABC file holds no tune; a tune begins with X:1, has a key line such as K:G and then notes");
        }
        return tunes;
    }

    /** What stands before the first tune is the file's own heading. */
    private static void addTune(List<String> lines, List<Imported> tunes, Hands.Wanted wanted) {
        boolean hasKey = lines.stream().anyMatch(line -> line.startsWith("K:"));
        if (!hasKey) {
            return;
        }
        AbcTune tune = new AbcTune(wanted);
        lines.forEach(tune::line);
        tune.finish().ifPresent(tunes::add);
        int bars = tunes.stream().mapToInt(one -> one.sheet().bars().size()).sum();
        if (bars > MOST_BARS) {
            throw new UnreadableFileException(
                    "the ABC file holds more than " + MOST_BARS + " bars; cut it in parts and bring these");
        }
    }
}
