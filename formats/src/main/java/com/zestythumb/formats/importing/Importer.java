package com.zestythumb.formats.importing;

import com.zestythumb.formats.Hands;
import com.zestythumb.formats.Imported;
import com.zestythumb.formats.ScoreReader;
import com.zestythumb.formats.UnreadableFileException;
import com.zestythumb.formats.abc.AbcReader;
import com.zestythumb.formats.chart.ChartFileReader;
import com.zestythumb.formats.chordpro.ChordProReader;
import com.zestythumb.formats.midi.MidiFileReader;
import com.zestythumb.formats.musicxml.MusicXmlReader;
import com.zestythumb.formats.words.ChordsOverWordsReader;
import java.util.List;
import java.util.Locale;

/** Reads a file of any of the open formats, whichever it is. */
public final class Importer {

    /** Bytes a file may have. */
    public static final int MAX_BYTES = ScoreReader.MAX_BYTES;

    /** In the order in which they are asked; the last takes any text. */
    private static final List<ScoreReader> READERS = List.of(
            new MidiFileReader(),
            new MusicXmlReader(),
            new AbcReader(),
            new ChartFileReader(),
            new ChordProReader(),
            new ChordsOverWordsReader());

    private Importer() {}

    /**
     * The tunes in a file.
     *
     * @param name its name; empty for pasted text
     * @throws UnreadableFileException saying what is wrong and what to do
     */
    public static List<Imported> read(String name, byte[] file) {
        return read(name, file, Hands.Wanted.USUAL);
    }

    /** The same with other lines for tune and left hand than the usual ones. */
    public static List<Imported> read(String name, byte[] file, Hands.Wanted wanted) {
        if (file.length == 0) {
            throw new UnreadableFileException("the file is empty; choose another");
        }
        if (file.length > MAX_BYTES) {
            throw new UnreadableFileException(
                    "the file is larger than " + (MAX_BYTES >> 20) + " MB; no lead sheet is, so choose another");
        }
        String lower = name.toLowerCase(Locale.ROOT);
        ScoreReader reader = READERS.stream()
                .filter(r -> r.recognises(lower, file))
                .findFirst()
                .orElseThrow(() -> new UnreadableFileException(
                        "this is no music file known here; bring MusicXML, MIDI, ABC, ChordPro or plain text"));
        if (file.length > reader.maxBytes()) {
            throw new UnreadableFileException(
                    "a file of " + reader.format() + " may have " + (reader.maxBytes() >> 20) + " MB; cut it in parts");
        }
        List<Imported> tunes = reader.read(file, wanted);
        return tunes.size() == 1 ? List.of(tunes.get(0).called(withoutEnding(name))) : tunes;
    }

    private static String withoutEnding(String name) {
        return name.replaceFirst("^.*[/\\\\]", "").replaceFirst("\\.[^.]*$", "").strip();
    }
}
