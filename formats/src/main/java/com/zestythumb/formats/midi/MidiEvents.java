package com.zestythumb.formats.midi;

import com.zestythumb.core.stopping.StoppedException;
import com.zestythumb.formats.ImportReport;
import com.zestythumb.formats.ImportReport.Fate;
import com.zestythumb.formats.UnreadableFileException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * The bytes of a Standard MIDI File (MIDI 1.0) as notes and facts. Every length in the file is held against
 * the bytes there are before anything is set aside for it, and a file that breaks off is read up to there.
 */
final class MidiEvents {

    /** A key held down, in ticks. */
    record Struck(int track, int channel, int midi, long on, long off) {}

    /** A tempo, meter, key or name. */
    record Fact(int type, int track, long tick, byte[] data) {}

    static final int NAME = 0x03;
    static final int TEMPO = 0x51;
    static final int METER = 0x58;
    static final int KEY = 0x59;

    private static final int LYRIC = 5;
    private static final int BEND = 0xE0;
    private static final int BEND_CENTRE = 0x2000;
    private static final int MOST_EVENTS = 500_000;
    private static final int KEYS = 128;
    private static final int CHANNELS = 16;

    final List<Struck> notes = new ArrayList<>();
    final List<Fact> facts = new ArrayList<>();
    int ticksPerQuarter;

    private final byte[] file;
    private final ImportReport.Builder report;
    private int at;
    private int events;
    private int tracksStated;

    MidiEvents(byte[] file, ImportReport.Builder report) {
        this.file = file;
        this.report = report;
    }

    /** A file that ends too early. */
    private static final class BrokenOff extends RuntimeException {
        private static final long serialVersionUID = 1;

        BrokenOff() {
            super(null, null, false, false);
        }
    }

    MidiEvents read() {
        try {
            int length = header();
            at = 8 + length;
            int track = 0;
            for (; at + 8 <= file.length && events < MOST_EVENTS; track++) {
                chunk(track);
            }
            if (track < tracksStated) {
                throw new BrokenOff();
            }
        } catch (BrokenOff e) {
            report.add(Fate.REPAIRED, "a file that breaks off in the middle, read as far as it goes");
        }
        return this;
    }

    private int header() {
        if (file.length < 14) {
            throw new UnreadableFileException("the MIDI file breaks off in its heading; export it once more");
        }
        at = 4;
        int length = (int) number(4);
        int format = (int) number(2);
        tracksStated = (int) number(2);
        int division = (int) number(2);
        if (length < 6 || length > file.length - 8) {
            throw new UnreadableFileException("the MIDI file's heading is damaged; export it once more");
        }
        if (format > 1) {
            report.add(Fate.REPAIRED, "a file of independent patterns, read as one");
        }
        if ((division & 0x8000) != 0 || division == 0) {
            throw new UnreadableFileException(
                    "the MIDI file counts film frames and not beats; export it with ticks per quarter note");
        }
        ticksPerQuarter = division;
        return length;
    }

    private void chunk(int track) {
        String id = new String(file, at, 4, StandardCharsets.ISO_8859_1);
        at += 4;
        long length = number(4);
        long end = Math.min(file.length, at + length);
        if (id.equals("MTrk")) {
            boolean whole = at + length <= file.length;
            track(track, (int) end);
            if (!whole) {
                throw new BrokenOff();
            }
        }
        at = (int) end;
    }

    private void track(int track, int end) {
        long[][] on = new long[CHANNELS][KEYS];
        for (long[] channel : on) {
            Arrays.fill(channel, -1);
        }
        long tick = 0;
        int status = 0;
        try {
            while (at < end && events++ < MOST_EVENTS) {
                StoppedException.ifInterrupted();
                tick += variable(end);
                int first = next(end);
                if (first == 0xFF) {
                    meta(track, tick, end);
                    continue;
                }
                if (first == 0xF0 || first == 0xF7) {
                    skip(variable(end), end);
                    continue;
                }
                // Some programs let a status run on behind what is no voice's, where the standard has it end.
                if (first >= 0x80) {
                    status = first;
                } else {
                    at--;
                }
                if (status >= 0x80 && status < 0xF0) {
                    voice(track, tick, status, end, on);
                } else {
                    // No status to run on from: the track cannot be followed further.
                    report.add(Fate.LEFT_OUT, "the rest of a damaged track");
                    break;
                }
            }
        } finally {
            letGo(track, tick, on);
        }
    }

    private void voice(int track, long tick, int status, int end, long[][] on) {
        int kind = status & 0xF0;
        int channel = status & 0x0F;
        int first = next(end) & 0x7F;
        if (kind == 0xC0 || kind == 0xD0) {
            return;
        }
        int second = next(end) & 0x7F;
        if (kind == BEND && (second << 7 | first) != BEND_CENTRE) {
            report.add(Fate.LEFT_OUT, "bent pitches");
        }
        boolean strikes = kind == 0x90 && second > 0;
        boolean lifts = kind == 0x80 || kind == 0x90 && second == 0;
        if (strikes || lifts) {
            if (on[channel][first] >= 0) {
                add(new Struck(track, channel, first, on[channel][first], tick));
            }
            on[channel][first] = strikes ? tick : -1;
        }
    }

    private void letGo(int track, long tick, long[][] on) {
        for (int channel = 0; channel < CHANNELS; channel++) {
            for (int midi = 0; midi < KEYS; midi++) {
                if (on[channel][midi] >= 0) {
                    add(new Struck(track, channel, midi, on[channel][midi], Math.max(tick, on[channel][midi] + 1)));
                }
            }
        }
    }

    private void add(Struck note) {
        if (note.off() > note.on()) {
            notes.add(note);
        }
    }

    private void meta(int track, long tick, int end) {
        int type = next(end);
        long length = variable(end);
        if (length > end - at) {
            at = end;
            throw new BrokenOff();
        }
        if (type == LYRIC) {
            report.add(Fate.LEFT_OUT, "the words that are sung");
        }
        byte[] data = Arrays.copyOfRange(file, at, at + (int) Math.min(length, 256));
        facts.add(new Fact(type, track, tick, data));
        at += (int) length;
    }

    private void skip(long length, int end) {
        if (length > end - at) {
            at = end;
            throw new BrokenOff();
        }
        at += (int) length;
    }

    private int next(int end) {
        if (at >= end) {
            throw new BrokenOff();
        }
        return file[at++] & 0xFF;
    }

    private long variable(int end) {
        long value = 0;
        for (int i = 0; i < 4; i++) {
            int b = next(end);
            value = value << 7 | b & 0x7F;
            if (b < 0x80) {
                break;
            }
        }
        return value;
    }

    private long number(int bytes) {
        long value = 0;
        for (int i = 0; i < bytes; i++) {
            value = value << 8 | next(file.length);
        }
        return value;
    }
}
