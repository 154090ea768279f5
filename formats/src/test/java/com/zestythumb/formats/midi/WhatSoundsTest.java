package com.zestythumb.formats.midi;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Choices;
import com.zestythumb.core.pattern.AccompanimentPatterns;
import com.zestythumb.core.sheet.Chart;
import java.io.ByteArrayInputStream;
import java.util.HashMap;
import java.util.Map;
import java.util.StringJoiner;
import java.util.TreeMap;
import java.util.stream.Stream;
import javax.sound.midi.MetaMessage;
import javax.sound.midi.MidiSystem;
import javax.sound.midi.Sequence;
import javax.sound.midi.ShortMessage;
import javax.sound.midi.Track;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Keys as they go down and come up, 480 ticks a quarter note, read back by the JDK. Where no other source is named: common practice,
 * as manuals of playing have it, from memory. {@code /} in a chart parts its lines, {@code ¦} is a bar line.
 */
class WhatSoundsTest {

    static Sequence sequence(String chart) throws Exception {
        byte[] file = new MidiFileWriter()
                .write(Arrangement.of(
                        Chart.parse(chart.replace(" / ", "\n").replace('¦', '|')),
                        Choices.USUAL.with(AccompanimentPatterns.BLOCK)));
        return MidiSystem.getSequence(new ByteArrayInputStream(file));
    }

    static Track named(Sequence sequence, String name) {
        return Stream.of(sequence.getTracks())
                .filter(track -> (" " + texts(track, 0x03)).endsWith(":" + name))
                .findFirst()
                .orElseThrow();
    }

    /** Of one kind of meta event, each behind its tick. */
    static String texts(Track track, int type) {
        StringJoiner all = new StringJoiner(" ");
        for (int i = 0; i < track.size(); i++) {
            if (track.get(i).getMessage() instanceof MetaMessage meta && meta.getType() == type) {
                all.add(track.get(i).getTick() + ":"
                        + new String(meta.getData(), java.nio.charset.StandardCharsets.UTF_8));
            }
        }
        return all.toString();
    }

    private static String strokes(Track track, boolean withVelocity) {
        Map<Integer, String> down = new HashMap<>();
        Map<Long, String> strokes = new TreeMap<>();
        for (int i = 0; i < track.size(); i++) {
            long tick = track.get(i).getTick();
            if (track.get(i).getMessage() instanceof ShortMessage message) {
                int key = message.getData1();
                if (message.getCommand() == ShortMessage.NOTE_ON) {
                    down.put(key, tick + (withVelocity ? "@" + message.getData2() : ""));
                } else if (message.getCommand() == ShortMessage.NOTE_OFF) {
                    String from = down.remove(key);
                    long order = Long.parseLong(from.replaceAll("@.*", "")) * 128 + key;
                    strokes.put(
                            order, key + ":" + from.replaceAll("@.*", "") + "-" + tick + from.replaceAll("^\\d+", ""));
                }
            }
        }
        return String.join(" ", strokes.values());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                // Touch: a dot is half the length, a dot under a line three quarters (any primer).
                "¦ C ¦ / m: .c2 .d2 e4; 72:0-240 74:480-720 76:960-1920",
                "¦ C ¦ / m: .!tenuto!c2 .!tenuto!d2 e4; 72:0-360 74:480-840 76:960-1920",
                "¦ C ¦ / m: (3.c.d.e f2 g4; 72:0-80 74:160-240 76:320-400 77:480-960 79:960-1920",
                "¦ C ¦ / m: .c4 d4 & E8; 64:0-1920 72:0-480 74:960-1920",
                "¦ C ¦ / m: c2- .c2 d4; 72:0-720 74:960-1920",
                "¦ C ¦ C ¦ / m: c4 e4- ¦ .e4 c4; 72:0-960 76:960-2400 72:2880-3840",
                // A chord behind a wavy line is broken upwards, the keys stay down.
                "¦ C ¦ / m: !arpeggio![ceg]8; 72:0-1920 76:40-1920 79:80-1920",
                "¦ C ¦ / m: c4 !arpeggio![ceg]4; 72:0-960 72:960-1920 76:1000-1920 79:1040-1920",
                // Ties: one stroke, over bar lines and repeats of the pitch in another voice.
                "¦ C ¦ C ¦ / m: c8- ¦ c4 d4; 72:0-2880 74:2880-3840",
                "¦ C ¦ / m: [c-e-]4 [ce]4; 72:0-1920 76:0-1920",
                "¦ C ¦ / m: [c-e]4 [ce]4; 72:0-1920 76:0-960 76:960-1920",
                "¦ C ¦ / m: c4 c4 & C8; 60:0-1920 72:0-960 72:960-1920",
                // Swung eighths two to one, triplets as they are.
                "feel: swing / ¦ C ¦ / m: cd ef g2 a2; 72:0-320 74:320-480 76:480-800 77:800-960 79:960-1440 81:1440-1920",
                "feel: swing / ¦ C ¦ / m: c d2 e f4; 72:0-320 74:320-800 76:800-960 77:960-1920",
                "feel: swing / ¦ C ¦ / m: zc z2 z4; 72:320-480",
                "feel: swing / ¦ C ¦ / m: (3cde f2 g4; 72:0-160 74:160-320 76:320-480 77:480-960 79:960-1920",
                "feel: swing / ¦ C ¦ / m: .c.d e2 f4; 72:0-160 74:320-400 76:480-960 77:960-1920",
                // A dotted eighth and a sixteenth are played like two swung eighths, four sixteenths evenly.
                "feel: swing / ¦ C ¦ / m: c3/2d/ e2 f4; 72:0-320 74:320-480 76:480-960 77:960-1920",
                "feel: swing / ¦ C ¦ / m: c/d/e/f/ g2 a4; 72:0-120 74:120-240 76:240-360 77:360-480 79:480-960 81:960-1920",
                "feel: swing / ¦ C ¦ / m: cd/e/ f2 g4; 72:0-320 74:320-400 76:400-480 77:480-960 79:960-1920",
                // Fast swing is more even; a shuffle stays in triplets at any tempo.
                "feel: swing / tempo: 240 / ¦ C ¦ / m: cd e2 f4; 72:0-288 74:288-480 76:480-960 77:960-1920",
                "feel: shuffle / tempo: 240 / ¦ C ¦ / m: cd e2 f4; 72:0-320 74:320-480 76:480-960 77:960-1920",
                "feel: Texas Shuffle / ¦ C ¦ / m: c3/2d/ e2 f4; 72:0-320 74:320-480 76:480-960 77:960-1920",
                // Where sixteenths swing, eighths do not.
                "feel: swung sixteenths / ¦ C ¦ / m: c/d/e/f/ gf e4; 72:0-160 74:160-240 76:240-400 77:400-480 79:480-720 77:720-960 76:960-1920",
                "feel: swing 16ths / ¦ C ¦ / m: c3/2d/ e2 f4; 72:0-400 74:400-480 76:480-960 77:960-1920",
                "feel: half-time shuffle / ¦ C ¦ / m: c/d/e f2 g4; 72:0-160 74:160-240 76:240-480 77:480-960 79:960-1920",
                "feel: straight, no swing / ¦ C ¦ / m: cd e2 f4; 72:0-240 74:240-480 76:480-960 77:960-1920",
                "feel: not swung / ¦ C ¦ / m: cd e2 f4; 72:0-240 74:240-480 76:480-960 77:960-1920",
                "feel: even eighths / ¦ C ¦ / m: cd e2 f4; 72:0-240 74:240-480 76:480-960 77:960-1920",
                // Meters: a waltz and cut time swing, a beat of three has nothing to swing.
                "feel: swing / meter: 3/4 / ¦ C ¦ / m: cd e2 f2; 72:0-320 74:320-480 76:480-960 77:960-1440",
                "feel: swing / meter: C| / ¦ C ¦ / m: cd e2 f4; 72:0-320 74:320-480 76:480-960 77:960-1920",
                "feel: swing / meter: 12/8 / ¦ C ¦ / m: cde f3 g6; 72:0-240 74:240-480 76:480-720 77:720-1440 79:1440-2880",
                "feel: swing / pickup: 0.5 / ¦ C ¦ C ¦ / m: c ¦ d8; 72:80-240 74:240-2160",
                // An accent is a quarter louder; the marks of loudness as sequencers have them.
                "¦ C ¦ / m: !>!c4 d4; 72:0-960@105 74:960-1920@84",
                "¦ C ¦ / m: Lc4 d4; 72:0-960@105 74:960-1920@84",
                "¦ C ¦ / m: !p!c4 !f!d4; 72:0-960@51 74:960-1920@101",
                // The repeat is played out; endings in turn.
                "¦: C ¦ C :¦ / m: c8 ¦ d8; 72:0-1920 74:1920-3840 72:3840-5760 74:5760-7680",
                "¦: C ¦1 C :¦2 C ¦ / m: c8 ¦ d8 ¦ e8; 72:0-1920 74:1920-3840 72:3840-5760 76:5760-7680",
                "¦: C ¦1 C :¦2 C ¦ / m: c8- ¦ c8 ¦ c8; 72:0-3840 72:3840-7680",
                "¦: C :¦ C ¦ / m: c4 e4- ¦ e4 d4; 72:0-960 76:960-1920 72:1920-2880 76:2880-4800 74:4800-5760",
                "¦ C ¦ C {fine} ¦ C {D.C. al Fine} ¦ / m: c8 ¦ d8 ¦ e8; 72:0-1920 74:1920-3840 76:3840-5760 72:5760-7680 74:7680-9600"
            })
    void theTuneSounds(String chart, String wanted) throws Exception {
        assertThat(strokes(named(sequence(chart), "Melody"), wanted.contains("@")))
                .isEqualTo(wanted);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                // A push comes an eighth before the bar that follows in playing, and in a repeat before the bar it goes
                // back to.
                "¦ C ¦ >F ¦ / l: C,8 ¦ F,8; 48:0-1920 53:1920-3840",
                "¦ C5 ¦ >F5 ¦; 48:0-1680 55:0-1680 53:1680-3840 60:1680-3840",
                "¦: C5 ¦ C5 :¦ >F5 ¦; 48:0-1920 55:0-1920 48:1920-3840 55:1920-3840 48:3840-5760 55:3840-5760 48:5760-7440"
                        + " 55:5760-7440 53:7440-9600 60:7440-9600",
                "¦ C5 ¦: >F5 ¦ F5 :¦; 48:0-1680 55:0-1680 53:1680-3840 60:1680-3840 53:3840-5520 60:3840-5520 53:5520-7680"
                        + " 60:5520-7680 53:7680-9600 60:7680-9600",
                "¦ C5 ¦: >F5 ¦ G5 :¦ >A5 ¦; 48:0-1680 55:0-1680 53:1680-3840 60:1680-3840 55:3840-5520 62:3840-5520"
                        + " 53:5520-7680 60:5520-7680 55:7680-9360 62:7680-9360 57:9360-11520 64:9360-11520",
                // Held keys.
                "¦ C5! ¦ C5 ¦; 48:0-1920 55:0-1920 48:1920-3840 55:1920-3840",
                // In swing two hands stay together: where one has four sixteenths the other is even too.
                "feel: swing / ¦ C ¦ / m: c/d/e/f/ g2 a4 / l: C,D, E,2 F,4; 48:0-240 50:240-480 52:480-960 53:960-1920",
                "feel: swing / ¦ C ¦ / m: g8 / l: C,D, E,2 F,4; 48:0-320 50:320-480 52:480-960 53:960-1920",
                // Loudness at the tune is for both hands, an accent for its own.
                "¦ C ¦ / m: !f!!>!c8 / l: C,8; 48:0-1920@84",
                "¦ C ¦ / m: !f!c8 / l: !p!C,8; 48:0-1920@43",
                "¦ C ¦ / l: .C,4 .C,4; 48:0-480 48:960-1440"
            })
    void theLeftHandSounds(String chart, String wanted) throws Exception {
        assertThat(strokes(named(sequence(chart), "Left hand"), wanted.contains("@")))
                .isEqualTo(wanted);
    }

    /** Microseconds a quarter note (Standard MIDI Files 1.0): a tempo counts the beats that are felt, in five and seven eighths the quarters. */
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "tempo: 120 / ¦ C ¦; 500000",
                "meter: C| / tempo: 80 / ¦ C ¦; 375000",
                "meter: 6/8 / tempo: 80 / ¦ C ¦; 500000",
                "meter: 12/8 / tempo: 60 / ¦ C ¦; 666667",
                "meter: 5/8 / tempo: 120 / ¦ C ¦; 500000",
                "meter: 7/8 / tempo: 150 / ¦ C ¦; 400000",
                "meter: 2+2+3/8 / tempo: 120 / ¦ C ¦; 500000",
                "meter: 5/4 / tempo: 120 / ¦ C ¦; 500000"
            })
    void theTempoIsOfTheBeat(String chart, int micros) throws Exception {
        Track head = sequence(chart).getTracks()[0];
        StringJoiner tempi = new StringJoiner(" ");
        for (int i = 0; i < head.size(); i++) {
            if (head.get(i).getMessage() instanceof MetaMessage meta && meta.getType() == 0x51) {
                byte[] data = meta.getData();
                tempi.add(String.valueOf((data[0] & 0xFF) << 16 | (data[1] & 0xFF) << 8 | data[2] & 0xFF));
            }
        }
        assertThat(tempi.toString()).isEqualTo(String.valueOf(micros));
    }

    /** What is said in words: texts (01), lyrics (05) in the tune's track and markers (06), Standard MIDI Files 1.0. */
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "¦ C ¦ / [Verse] / ¦ F ¦ / [Refrain] / ¦ G ¦; 6; 1920:Verse 3840:Refrain",
                "[A] / ¦: C :¦ / [B] / ¦ F ¦; 6; 0:A 1920:A 3840:B",
                "feel: gently rocking / ¦ C ¦; 1; 0:gently rocking",
                "¦ C ¦ \"rit.\" F ¦; 1; 1920:rit."
            })
    void theHeadSaysWhatIsInWords(String chart, int type, String wanted) throws Exception {
        assertThat(texts(sequence(chart).getTracks()[0], type)).isEqualTo(wanted);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "¦ C ¦ / m: c4 d4 / w: morn-ing; 0:morn- 960:ing",
                "¦: C :¦ / m: c4 d4 / w: come here; 0:come 960:here 1920:come 2880:here",
                "¦ C ¦ / m: c2 d2 e4 / w: a _ b; 0:a 960:b"
            })
    void theTuneIsSung(String chart, String wanted) throws Exception {
        assertThat(texts(named(sequence(chart), "Melody"), 5)).isEqualTo(wanted);
    }

    /** The foot holds all strings: controller 64 in the channels of all that sounds (MIDI 1.0). */
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "¦ C ¦ / m: c8 / l: !ped!C,4 !ped-up!E,4; Left hand; 0:127 960:0",
                "¦ C ¦ / m: c8 / l: !ped!C,4 !ped-up!E,4; Melody; 0:127 960:0"
            })
    void thePedalIsForBothHands(String chart, String track, String wanted) throws Exception {
        Track heard = named(sequence(chart), track);
        StringJoiner feet = new StringJoiner(" ");
        for (int i = 0; i < heard.size(); i++) {
            if (heard.get(i).getMessage() instanceof ShortMessage message
                    && message.getCommand() == ShortMessage.CONTROL_CHANGE
                    && message.getData1() == 64) {
                feet.add(heard.get(i).getTick() + ":" + message.getData2());
            }
        }
        assertThat(feet.toString()).isEqualTo(wanted);
    }
}
