package com.zestythumb.formats.midi;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.TimedNote;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.pitch.Mode;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.sheet.Meter;
import com.zestythumb.formats.ScoreWriter;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import javax.sound.midi.InvalidMidiDataException;
import javax.sound.midi.MetaMessage;
import javax.sound.midi.MidiEvent;
import javax.sound.midi.MidiSystem;
import javax.sound.midi.Sequence;
import javax.sound.midi.ShortMessage;
import javax.sound.midi.Track;

/**
 * Writes a Standard MIDI File of type 1: a track with name, tempo, meter and key, and one with the left
 * hand, repeats played out (MIDI 1.0, Standard MIDI Files 1.0).
 */
public final class MidiFileWriter implements ScoreWriter {

    static final int TICKS_PER_QUARTER = 480;
    private static final int SOFTLY = 64;
    private static final int TRACK_NAME = 0x03;
    private static final int TEMPO = 0x51;
    private static final int TIME_SIGNATURE = 0x58;
    private static final int KEY_SIGNATURE = 0x59;

    @Override
    public byte[] write(Arrangement arrangement) {
        try {
            Sequence sequence = new Sequence(Sequence.PPQ, TICKS_PER_QUARTER);
            writeHead(sequence.createTrack(), arrangement.sheet());
            writeLeftHand(sequence.createTrack(), arrangement);
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            MidiSystem.write(sequence, 1, out);
            return out.toByteArray();
        } catch (InvalidMidiDataException e) {
            throw new IllegalStateException("a note outside MIDI's range left the arranger", e);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @Override
    public String mediaType() {
        return "audio/midi";
    }

    @Override
    public String extension() {
        return "mid";
    }

    private static void writeHead(Track track, LeadSheet sheet) throws InvalidMidiDataException {
        meta(track, TRACK_NAME, sheet.title().getBytes(StandardCharsets.UTF_8));
        int micros = (int) Math.round(sheet.secondsPerQuarter() * 1_000_000);
        meta(track, TEMPO, (byte) (micros >> 16), (byte) (micros >> 8), (byte) micros);
        Meter meter = sheet.meter();
        int clocksPerBeat = (int) meter.beatLength().times(24).floor();
        int unitPower = Integer.numberOfTrailingZeros(meter.unit());
        meta(track, TIME_SIGNATURE, (byte) meter.count(), (byte) unitPower, (byte) clocksPerBeat, (byte) 8);
        Key key = sheet.key();
        meta(track, KEY_SIGNATURE, (byte) key.signature(), (byte) (key.mode() == Mode.MINOR ? 1 : 0));
    }

    private static void writeLeftHand(Track track, Arrangement arrangement) throws InvalidMidiDataException {
        meta(track, TRACK_NAME, "Left hand".getBytes(StandardCharsets.UTF_8));
        Map<Integer, List<TimedNote>> byBar =
                arrangement.notes().stream().collect(Collectors.groupingBy(TimedNote::bar));
        Fraction barStart = Fraction.ZERO;
        for (int bar : arrangement.sheet().playingOrder()) {
            for (TimedNote note : byBar.getOrDefault(bar, List.of())) {
                Fraction onset = barStart.plus(note.onset());
                message(track, ShortMessage.NOTE_ON, note, SOFTLY, onset);
                message(track, ShortMessage.NOTE_OFF, note, 0, onset.plus(note.duration()));
            }
            barStart = barStart.plus(arrangement.sheet().meter().barLength());
        }
    }

    private static void message(Track track, int command, TimedNote note, int velocity, Fraction time)
            throws InvalidMidiDataException {
        long tick = time.times(TICKS_PER_QUARTER).floor();
        track.add(new MidiEvent(new ShortMessage(command, 0, note.pitch().midi(), velocity), tick));
    }

    private static void meta(Track track, int type, byte... data) throws InvalidMidiDataException {
        track.add(new MidiEvent(new MetaMessage(type, data, data.length), 0));
    }
}
