package com.zestythumb.e2e;

import java.io.IOException;
import java.nio.file.Path;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;
import javax.sound.sampled.UnsupportedAudioFileException;

/** Finds when something is struck in a file of sound, as the JDK reads it. */
record Onsets(float[] samples, float rate) {

    private static final double LOUD = 0.01;

    static Onsets in(Path file) throws IOException, UnsupportedAudioFileException {
        try (AudioInputStream sound = AudioSystem.getAudioInputStream(file.toFile())) {
            AudioFormat format = sound.getFormat();
            byte[] bytes = sound.readAllBytes();
            float[] samples = new float[bytes.length / format.getFrameSize()];
            for (int i = 0; i < samples.length; i++) {
                samples[i] = (short) ((bytes[2 * i + 1] << 8) | (bytes[2 * i] & 0xff)) / 32768f;
            }
            return new Onsets(samples, format.getFrameRate());
        }
    }

    double seconds() {
        return samples.length / rate;
    }

    /** The first time in seconds, from another on, at which it is loud. */
    double firstFrom(double time) {
        int i = Math.max(0, (int) (time * rate));
        while (Math.abs(samples[i]) < LOUD) {
            i++;
        }
        return i / rate;
    }
}
