package com.zestythumb.formats.midi;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Balance;
import com.zestythumb.core.arrangement.Loudness;
import com.zestythumb.core.arrangement.Pace;
import com.zestythumb.core.arrangement.PedalSpan;
import com.zestythumb.core.arrangement.Rolls;
import com.zestythumb.core.arrangement.TimedNote;
import com.zestythumb.core.fingering.Side;
import com.zestythumb.core.pitch.Interval;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.Heading;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.sheet.Meter;
import com.zestythumb.core.sheet.Swing;
import com.zestythumb.formats.ScoreWriter;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.function.IntUnaryOperator;
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
 * hand and one with the tune where there is one, repeats played out (MIDI 1.0, Standard MIDI Files 1.0).
 */
public final class MidiFileWriter implements ScoreWriter {

    static final int TICKS_PER_QUARTER = 480;

    /** The finest unit of a bar that is shorter than others. */
    private static final int FINEST = 64;

    /** How hard keys are struck: the tune over the bass, the bass over its chords (common practice). */
    private static final int BASS = 70;

    private static final int CHORDS = 60;
    private static final int SOFTLY = 42;
    private static final int BROUGHT_OUT = 78;
    private static final int SINGING = 84;
    private static final int TRACK_NAME = 0x03;
    private static final int TEMPO = 0x51;
    private static final int TIME_SIGNATURE = 0x58;
    private static final int KEY_SIGNATURE = 0x59;
    /** General MIDI 1: a grand piano. */
    private static final int PIANO = 0;

    /** Controller of the sustaining pedal (MIDI 1.0). */
    private static final int SUSTAIN = 64;

    private static final int DOWN = 127;

    @Override
    public byte[] write(Arrangement arrangement) {
        try {
            Sequence sequence = new Sequence(Sequence.PPQ, TICKS_PER_QUARTER);
            writeHead(sequence.createTrack(), arrangement.sheet());
            writeHand(sequence.createTrack(), arrangement, Side.LEFT);
            if (arrangement.needsRightHand()) {
                writeHand(sequence.createTrack(), arrangement, Side.RIGHT);
            }
            if (arrangement.sheet().hasMelody()) {
                writeMelody(sequence.createTrack(), arrangement.sheet());
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
        meta(track, 0, TRACK_NAME, sheet.title().getBytes(StandardCharsets.UTF_8));
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

    /**
     * A key held down for a while.
     *
     * @param tiedTo where the note begins into which it is tied; null where it is not
     */
    private record Sound(int midi, Fraction onset, Fraction duration, Fraction tiedTo, IntUnaryOperator velocity) {

        Sound played(Heading heading, Bar bar) {
            Fraction from = Swing.played(heading, bar, onset);
            Fraction to = Swing.played(heading, bar, onset.plus(duration));
            Fraction next = tiedTo == null ? null : Swing.played(heading, bar, tiedTo);
            return new Sound(midi, from, to.minus(from), next, velocity);
        }
    }

    private static void writeHand(Track track, Arrangement arrangement, Side side) throws InvalidMidiDataException {
        boolean left = side == Side.LEFT;
        meta(track, 0, TRACK_NAME, (left ? "Left hand" : "Right hand").getBytes(StandardCharsets.UTF_8));
        Map<String, Fraction> late = Rolls.delays(arrangement.notes());
        Loudness loudness = new Loudness(arrangement.sheet(), side);
        Map<Integer, List<Sound>> byBar = arrangement.accompaniment().stream()
                .filter(note -> note.side() == side)
                .collect(Collectors.groupingBy(
                        TimedNote::bar,
                        Collectors.mapping(
                                n -> sound(
                                        n,
                                        late.getOrDefault(n.id(), Fraction.ZERO),
                                        velocity(n, arrangement, loudness)),
                                Collectors.toList())));
        if (left) {
            writePedal(track, arrangement);
        }
        write(track, left ? 0 : 2, arrangement.sheet(), byBar);
    }

    /** By the time its bar comes. */
    private static IntUnaryOperator velocity(TimedNote note, Arrangement arrangement, Loudness loudness) {
        int usual = switch (note.stress()) {
            case SOFT -> SOFTLY;
            case BROUGHT_OUT -> BROUGHT_OUT;
            case EVEN -> Balance.isBass(note, arrangement) ? BASS : CHORDS;
        };
        return time -> velocity(usual * loudness.of(note.bar(), note.note(), time));
    }

    private static int velocity(double wanted) {
        return (int) Math.max(1, Math.min(127, Math.round(wanted)));
    }

    private static void writePedal(Track track, Arrangement arrangement) throws InvalidMidiDataException {
        Map<Integer, List<PedalSpan>> spans =
                PedalSpan.of(arrangement).stream().collect(Collectors.groupingBy(PedalSpan::bar));
        Fraction barStart = Fraction.ZERO;
        boolean isDown = false;
        List<Integer> order = arrangement.sheet().playingOrder();
        for (int i = 0; i < order.size(); i++) {
            int bar = order.get(i);
            boolean goesOn = i + 1 < order.size()
                    && spans.getOrDefault(order.get(i + 1), List.of()).stream().anyMatch(MidiFileWriter::isHeld);
            Heading heading = arrangement.sheet().heading();
            Bar here = arrangement.sheet().bars().get(bar);
            for (PedalSpan span : spans.getOrDefault(bar, List.of())) {
                // The foot swings with the hand.
                Fraction down = Swing.played(heading, here, span.down());
                Fraction up = Swing.played(heading, here, span.up());
                Fraction late = barStart.plus(down).plus(span.delay());
                if (!(isDown && isHeld(span))) {
                    message(track, ShortMessage.CONTROL_CHANGE, 0, SUSTAIN, DOWN, late);
                }
                isDown = goesOn && up.equals(here.length());
                if (!isDown) {
                    message(track, ShortMessage.CONTROL_CHANGE, 0, SUSTAIN, 0, barStart.plus(up));
                }
            }
            barStart = barStart.plus(arrangement.sheet().bars().get(bar).length());
        }
    }

    /** Whether the foot may have been down before its bar began. */
    private static boolean isHeld(PedalSpan span) {
        return span.down().equals(Fraction.ZERO) && span.delay().equals(Fraction.ZERO);
    }

    /** A note of the left hand, as much shorter as it comes late. */
    private static Sound sound(TimedNote note, Fraction late, IntUnaryOperator velocity) {
        Fraction left = note.sounding().minus(late);
        boolean fits = left.compareTo(Fraction.ZERO) > 0;
        return new Sound(
                note.pitch().midi(),
                fits ? note.onset().plus(late) : note.onset(),
                fits ? left : note.sounding(),
                note.tied() ? note.onset().plus(note.duration()) : null,
                velocity);
    }

    private static void writeMelody(Track track, LeadSheet sheet) throws InvalidMidiDataException {
        meta(track, 0, TRACK_NAME, "Melody".getBytes(StandardCharsets.UTF_8));
        Loudness loudness = new Loudness(sheet, Side.RIGHT);
        Map<Integer, List<Sound>> byBar = sheet.bars().stream()
                .collect(Collectors.toMap(
                        Bar::index,
                        bar -> bar.allOfUpper().stream()
                                .filter(note -> !note.isRest())
                                .map(n -> new Sound(
                                        n.pitch().midi(),
                                        n.onset(),
                                        n.duration(),
                                        n.tied() ? n.onset().plus(n.duration()) : null,
                                        time -> velocity(SINGING * loudness.of(bar.index(), n, time))))
                                .toList()));
        write(track, 1, sheet, byBar);
    }

    private static void write(Track track, int channel, LeadSheet sheet, Map<Integer, List<Sound>> byBar)
            throws InvalidMidiDataException {
        track.add(new MidiEvent(new ShortMessage(ShortMessage.PROGRAM_CHANGE, channel, PIANO, 0), 0));
        KeysDown keys = new KeysDown();
        Fraction barStart = Fraction.ZERO;
        for (LeadSheet.Played played : sheet.unfolded()) {
            int bar = played.bar();
            for (Sound written : byBar.getOrDefault(bar, List.of())) {
                Sound sound = written.played(sheet.heading(), sheet.bars().get(bar));
                keys.add(
                        sound.midi(),
                        barStart.plus(sound.onset()),
                        sound.duration(),
                        sound.tiedTo() == null ? null : barStart.plus(sound.tiedTo()),
                        sound.velocity().applyAsInt(played.time()));
            }
            barStart = barStart.plus(sheet.bars().get(bar).length());
        }
        for (KeysDown.Stroke stroke : keys.strokes()) {
            message(track, ShortMessage.NOTE_ON, channel, stroke.midi(), stroke.velocity(), stroke.from());
            message(track, ShortMessage.NOTE_OFF, channel, stroke.midi(), 0, stroke.to());
        }
        endAt(track, ticks(barStart));
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

    private static void meta(Track track, long tick, int type, byte... data) throws InvalidMidiDataException {
        track.add(new MidiEvent(new MetaMessage(type, data, data.length), tick));
    }
}
