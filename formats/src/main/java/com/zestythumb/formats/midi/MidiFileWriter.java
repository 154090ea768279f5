package com.zestythumb.formats.midi;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Balance;
import com.zestythumb.core.arrangement.Loudness;
import com.zestythumb.core.arrangement.Pace;
import com.zestythumb.core.arrangement.PedalSpan;
import com.zestythumb.core.arrangement.Performance;
import com.zestythumb.core.arrangement.PlayedNote;
import com.zestythumb.core.arrangement.TimedNote;
import com.zestythumb.core.fingering.Side;
import com.zestythumb.core.pitch.Interval;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.sheet.Meter;
import com.zestythumb.core.sheet.SheetNote;
import com.zestythumb.formats.ScoreWriter;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.ToIntBiFunction;
import java.util.stream.Collectors;
import javax.sound.midi.InvalidMidiDataException;
import javax.sound.midi.MetaMessage;
import javax.sound.midi.MidiEvent;
import javax.sound.midi.MidiSystem;
import javax.sound.midi.Sequence;
import javax.sound.midi.ShortMessage;
import javax.sound.midi.Track;

/**
 * Writes a Standard MIDI File of type 1: a track with name, tempo, meter and key, one with the left
 * hand and one with the tune where there is one, repeats played out. Sections are markers, the feel and words over bars texts,
 * sung words lyrics (MIDI 1.0, Standard MIDI Files 1.0).
 */
public final class MidiFileWriter implements ScoreWriter {

    static final int TICKS_PER_QUARTER = 480;

    /** The finest unit of a bar that is shorter than others. */
    private static final int FINEST = 64;

    /** How hard keys are struck: the tune over the bass, the bass over its chords (common practice). */
    private static final int BASS = 70;

    private static final int CHORDS = 60;
    private static final int SINGING = 84;
    private static final int TEXT = 0x01;
    private static final int TRACK_NAME = 0x03;
    private static final int LYRIC = 0x05;
    private static final int MARKER = 0x06;
    /** At notes that have no syllable of their own. */
    private static final Set<String> SUNG_ON = Set.of("", "_");

    private static final int TEMPO = 0x51;
    private static final int TIME_SIGNATURE = 0x58;
    private static final int KEY_SIGNATURE = 0x59;
    /** General MIDI 1: a grand piano. */
    private static final int PIANO = 0;

    /** Controller of the sustaining pedal (MIDI 1.0). */
    private static final int SUSTAIN = 64;

    private static final int DOWN = 127;

    private record Performed(Arrangement arrangement, Performance performance, List<Performance.Step> steps) {

        static Performed of(Arrangement arrangement) {
            Performance performance = new Performance(arrangement);
            return new Performed(arrangement, performance, performance.steps());
        }

        LeadSheet sheet() {
            return arrangement.sheet();
        }
    }

    @Override
    public byte[] write(Arrangement arrangement) {
        try {
            Sequence sequence = new Sequence(Sequence.PPQ, TICKS_PER_QUARTER);
            Performed tune = Performed.of(arrangement);
            writeHead(sequence.createTrack(), arrangement.sheet());
            writeHand(sequence.createTrack(), tune, Side.LEFT);
            if (arrangement.needsRightHand()) {
                writeHand(sequence.createTrack(), tune, Side.RIGHT);
            }
            if (arrangement.sheet().hasMelody()) {
                writeMelody(sequence.createTrack(), tune);
            }
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
        meta(track, Fraction.ZERO, TRACK_NAME, sheet.title());
        if (!sheet.heading().feel().isEmpty()) {
            meta(track, Fraction.ZERO, TEXT, sheet.heading().feel());
        }
        int micros = (int) Math.round(sheet.secondsPerQuarter() * 1_000_000);
        writeTempo(track, Fraction.ZERO, micros);
        Map<Integer, List<Pace>> paces = Pace.of(sheet).stream().collect(Collectors.groupingBy(Pace::bar));
        writeKey(track, 0, sheet.key());
        Meter meter = null;
        Key key = sheet.key();
        Fraction at = Fraction.ZERO;
        for (int index : sheet.playingOrder()) {
            Bar bar = sheet.bars().get(index);
            Meter written = sounding(bar);
            if (!written.equals(meter)) {
                writeMeter(track, ticks(at), written);
            }
            if (!bar.key().equals(key)) {
                writeKey(track, ticks(at), bar.key());
            }
            if (bar.section() != null) {
                meta(track, at, MARKER, bar.section());
            }
            for (String words : bar.text().notes()) {
                meta(track, at, TEXT, words);
            }
            for (Pace pace : paces.getOrDefault(index, List.of())) {
                writeTempo(track, at.plus(pace.from()), (int) Math.round(micros / pace.speed()));
                writeTempo(track, at.plus(pace.to()), micros);
            }
            meter = written;
            key = bar.key();
            at = at.plus(bar.length());
        }
        if (meter == null) {
            writeMeter(track, 0, sheet.meter());
        }
        endAt(track, ticks(at));
    }

    private static void writeTempo(Track track, Fraction at, int micros) throws InvalidMidiDataException {
        meta(track, ticks(at), TEMPO, (byte) (micros >> 16), (byte) (micros >> 8), (byte) micros);
    }

    /** A pickup or a short bar is a bar in a meter of its own, for MIDI knows no other. */
    private static Meter sounding(Bar bar) {
        Fraction counts = bar.length().dividedBy(bar.meter().countLength());
        if (counts.isWhole()) {
            return counts.equals(Fraction.of(bar.meter().count()))
                    ? bar.meter()
                    : new Meter((int) counts.floor(), bar.meter().unit());
        }
        for (int unit = 8; unit < FINEST; unit *= 2) {
            Fraction units = bar.length().dividedBy(Fraction.of(4, unit));
            if (units.isWhole()) {
                return new Meter((int) units.floor(), unit);
            }
        }
        return new Meter(
                (int) Math.max(1, bar.length().dividedBy(Fraction.of(4, FINEST)).floor()), FINEST);
    }

    private static void writeMeter(Track track, long tick, Meter meter) throws InvalidMidiDataException {
        int clocksPerBeat = (int) meter.beatLength().times(24).floor();
        int unitPower = Integer.numberOfTrailingZeros(meter.unit());
        meta(track, tick, TIME_SIGNATURE, (byte) meter.count(), (byte) unitPower, (byte) clocksPerBeat, (byte) 8);
    }

    private static void writeKey(Track track, long tick, Key key) throws InvalidMidiDataException {
        boolean minor = key.degree(3).equals(key.tonic().plus(Interval.MINOR_THIRD));
        meta(track, tick, KEY_SIGNATURE, (byte) key.signature(), (byte) (minor ? 1 : 0));
    }

    /** What a hand plays, on a channel of its own; the foot holds the strings of all of them. */
    private static void writePart(
            Track track,
            int channel,
            Performed tune,
            Set<PlayedNote.Part> parts,
            ToIntBiFunction<TimedNote, Integer> velocity)
            throws InvalidMidiDataException {
        track.add(new MidiEvent(new ShortMessage(ShortMessage.PROGRAM_CHANGE, channel, PIANO, 0), 0));
        writePedal(track, channel, tune);
        KeysDown keys = new KeysDown();
        Fraction barStart = Fraction.ZERO;
        for (Performance.Step step : tune.steps()) {
            for (PlayedNote played : step.notes()) {
                TimedNote note = played.note();
                if (parts.contains(played.part())) {
                    keys.add(
                            note.pitch().midi(),
                            barStart.plus(played.from()),
                            played.duration(),
                            note.tied() ? barStart.plus(played.to()) : null,
                            velocity.applyAsInt(note, step.time()));
                }
            }
            barStart = barStart.plus(tune.sheet().bars().get(step.bar()).length());
        }
        for (KeysDown.Stroke stroke : keys.strokes()) {
            message(track, ShortMessage.NOTE_ON, channel, stroke.midi(), stroke.velocity(), stroke.from());
            message(track, ShortMessage.NOTE_OFF, channel, stroke.midi(), 0, stroke.to());
        }
        endAt(track, ticks(barStart));
    }

    private static void writeHand(Track track, Performed tune, Side side) throws InvalidMidiDataException {
        boolean left = side == Side.LEFT;
        meta(track, Fraction.ZERO, TRACK_NAME, left ? "Left hand" : "Right hand");
        Loudness loudness = new Loudness(tune.sheet(), side);
        writePart(
                track,
                left ? 0 : 2,
                tune,
                EnumSet.of(left ? PlayedNote.Part.LEFT : PlayedNote.Part.RIGHT),
                (note, time) -> velocity(usual(note, tune.arrangement()) * loudness.of(note.bar(), note.note(), time)));
    }

    private static double usual(TimedNote note, Arrangement arrangement) {
        return note.stress().factor() * (Balance.isBass(note, arrangement) ? BASS : CHORDS);
    }

    private static int velocity(double wanted) {
        return (int) Math.max(1, Math.min(127, Math.round(wanted)));
    }

    private static void writeMelody(Track track, Performed tune) throws InvalidMidiDataException {
        meta(track, Fraction.ZERO, TRACK_NAME, "Melody");
        Fraction barStart = Fraction.ZERO;
        for (Performance.Step step : tune.steps()) {
            for (PlayedNote played : step.notes()) {
                SheetNote note = played.note().note();
                String syllable = note.syllable(
                        Math.max(0, Math.min(step.time(), tune.sheet().verses()) - 1));
                if (played.part() == PlayedNote.Part.TUNE && !SUNG_ON.contains(syllable)) {
                    meta(track, barStart.plus(played.from()), LYRIC, syllable);
                }
            }
            barStart = barStart.plus(tune.sheet().bars().get(step.bar()).length());
        }
        Loudness loudness = new Loudness(tune.sheet(), Side.RIGHT);
        writePart(
                track,
                1,
                tune,
                EnumSet.of(PlayedNote.Part.TUNE, PlayedNote.Part.BENEATH),
                (note, time) -> velocity(SINGING * loudness.of(note.bar(), note.note(), time)));
    }

    private static void writePedal(Track track, int channel, Performed tune) throws InvalidMidiDataException {
        Map<Integer, List<PedalSpan>> spans =
                PedalSpan.of(tune.arrangement()).stream().collect(Collectors.groupingBy(PedalSpan::bar));
        Fraction barStart = Fraction.ZERO;
        boolean isDown = false;
        List<Integer> order = tune.sheet().playingOrder();
        for (int i = 0; i < order.size(); i++) {
            int bar = order.get(i);
            boolean goesOn = i + 1 < order.size()
                    && spans.getOrDefault(order.get(i + 1), List.of()).stream().anyMatch(MidiFileWriter::isHeld);
            Fraction length = tune.sheet().bars().get(bar).length();
            for (PedalSpan span : spans.getOrDefault(bar, List.of())) {
                // The foot swings with the hand.
                Fraction down = tune.performance().time(bar, span.down());
                Fraction up = tune.performance().time(bar, span.up());
                Fraction late = barStart.plus(down).plus(span.delay());
                if (!(isDown && isHeld(span))) {
                    message(track, ShortMessage.CONTROL_CHANGE, channel, SUSTAIN, DOWN, late);
                }
                isDown = goesOn && up.equals(length);
                if (!isDown) {
                    message(track, ShortMessage.CONTROL_CHANGE, channel, SUSTAIN, 0, barStart.plus(up));
                }
            }
            barStart = barStart.plus(length);
        }
    }

    /** Whether the foot may have been down before its bar began. */
    private static boolean isHeld(PedalSpan span) {
        return span.down().equals(Fraction.ZERO) && span.delay().equals(Fraction.ZERO);
    }

    /** All tracks end with the last bar, sounding or not. */
    private static void endAt(Track track, long tick) throws InvalidMidiDataException {
        MidiEvent end = track.get(track.size() - 1);
        end.setTick(Math.max(tick, track.ticks()));
    }

    private static void message(Track track, int command, int channel, int midi, int velocity, Fraction time)
            throws InvalidMidiDataException {
        track.add(new MidiEvent(new ShortMessage(command, channel, midi, velocity), ticks(time)));
    }

    private static long ticks(Fraction time) {
        return time.times(TICKS_PER_QUARTER).floor();
    }

    private static void meta(Track track, Fraction time, int type, String text) throws InvalidMidiDataException {
        meta(track, ticks(time), type, text.getBytes(StandardCharsets.UTF_8));
    }

    private static void meta(Track track, long tick, int type, byte... data) throws InvalidMidiDataException {
        track.add(new MidiEvent(new MetaMessage(type, data, data.length), tick));
    }
}
