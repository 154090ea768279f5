package com.zestythumb.app.tune;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.harmonising.HomeKey;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.sheet.SheetNote;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.List;
import tools.jackson.databind.json.JsonMapper;

/**
 * What the shelf shows of a chart. It is computed when the chart is saved and kept with it, so that a look at the shelf
 * parses and hears no tune.
 *
 * @param tempo quarter notes a minute
 * @param opening its first chords, as printed
 * @param guesses chords that wait to be confirmed
 * @param sound the same for tunes that sound the same from their keynote; empty where nothing sounds
 */
record TuneFacts(
        int version,
        String key,
        String meter,
        int tempo,
        int bars,
        List<String> opening,
        boolean hasMelody,
        int guesses,
        String sound) {

    /** Raised whenever keys, bars or chords of the same text are read in another way: then all are computed anew. */
    private static final int VERSION = 1;

    private static final int CHORDS_SHOWN = 8;
    private static final JsonMapper JSON = JsonMapper.shared();

    static TuneFacts of(LeadSheet written) {
        LeadSheet sheet = HomeKey.signed(written);
        return new TuneFacts(
                VERSION,
                HomeKey.of(sheet).map(Key::pretty).orElse(""),
                sheet.meter().toString(),
                sheet.tempo(),
                sheet.bars().size(),
                sheet.events().stream()
                        .filter(event -> !event.isSilent())
                        .map(ChordEvent::chord)
                        .map(Chord::pretty)
                        .limit(CHORDS_SHOWN)
                        .toList(),
                sheet.hasMelody(),
                (int) sheet.events().stream().filter(ChordEvent::isGuess).count(),
                digest(sound(sheet)));
    }

    String write() {
        return JSON.writeValueAsString(this);
    }

    static TuneFacts read(String kept) {
        return JSON.readValue(kept, TuneFacts.class);
    }

    /** Whether what is kept was computed as it is today. */
    static boolean isOfToday(String kept) {
        return kept.startsWith("{\"version\":" + VERSION + ",");
    }

    /** Chords and tune by their sound from the keynote, so that a transposed copy is found as well. */
    private static String sound(LeadSheet sheet) {
        int tonic = sheet.key().tonic().semitone();
        StringBuilder sound = new StringBuilder();
        for (Bar bar : sheet.bars()) {
            for (ChordEvent event : bar.events()) {
                if (!event.isSilent()) {
                    int root = Math.floorMod(event.chord().root().semitone() - tonic, 12);
                    sound.append(root)
                            .append(event.chord().quality().suffix())
                            .append('+')
                            .append(event.duration());
                }
            }
            for (SheetNote note : bar.melody()) {
                if (!note.isRest()) {
                    sound.append(Math.floorMod(note.pitch().midi() - tonic, 12)).append('.');
                }
            }
        }
        return sound.toString();
    }

    /** As long for every tune: SHA-256 (FIPS 180-4) in hexadecimal digits; of nothing, nothing. */
    static String digest(String text) {
        if (text.isEmpty()) {
            return "";
        }
        try {
            byte[] hash = MessageDigest.getInstance("SHA-256").digest(text.getBytes(StandardCharsets.UTF_8));
            return HexFormat.of().formatHex(hash);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }
}
