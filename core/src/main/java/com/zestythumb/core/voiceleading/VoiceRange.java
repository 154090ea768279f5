package com.zestythumb.core.voiceleading;

import com.zestythumb.core.pitch.Pitch;
import java.util.Map;

/**
 * What a voice sings with ease, and how far up a good one goes (any textbook of harmony, from memory).
 *
 * @param lowest its lowest note
 * @param highest its highest with ease
 * @param utmost the highest that is written
 */
public record VoiceRange(Pitch lowest, Pitch highest, Pitch utmost) {

    private static final Map<Voice, VoiceRange> ALL = Map.of(
            Voice.BASS, of("E2", "C4", "D4"),
            Voice.TENOR, of("C3", "G4", "A4"),
            Voice.ALTO, of("G3", "D5", "D5"),
            Voice.SECOND_SOPRANO, of("A3", "F5", "G5"),
            Voice.SOPRANO, of("B3", "A5", "A5"));

    private static VoiceRange of(String lowest, String highest, String utmost) {
        return new VoiceRange(Pitch.parse(lowest), Pitch.parse(highest), Pitch.parse(utmost));
    }

    /** Of a part that is sung. */
    public static VoiceRange of(Voice voice) {
        return ALL.get(voice);
    }

    public boolean has(Pitch pitch) {
        return pitch.midi() >= lowest.midi() && pitch.midi() <= utmost.midi();
    }
}
