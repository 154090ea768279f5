package com.zestythumb.formats;

import com.zestythumb.core.hearing.Sounding;
import com.zestythumb.core.analysis.KeyFinder;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.pitch.PitchClass;
import com.zestythumb.formats.ImportReport.Fate;

/** Finds the key where a file tells none. */
public final class Keys {

    private static final double CHORD_TONE = 1;
    private static final double ENDING = 6;

    private Keys() {}

    /** Sets the likeliest key for the chords and notes read so far, and says so in the report. */
    public static void guess(SheetBuilder sheet, ImportReport.Builder report) {
        double[] weights = new double[12];
        PitchClass last = null;
        for (BarDraft bar : sheet.bars()) {
            for (Sounding note : bar.sounding) {
                weights[note.midi() % 12] += note.duration().toDouble();
            }
            for (BarDraft.Symbol symbol : bar.symbols.values()) {
                if (symbol.chord() != null) {
                    symbol.chord().tones().forEach(tone -> weights[tone.semitone()] += CHORD_TONE);
                    last = symbol.chord().root();
                }
            }
        }
        if (last != null) {
            weights[last.semitone()] += ENDING;
        }
        Key key = KeyFinder.find(weights);
        sheet.setKey(key);
        report.add(Fate.GUESSED, "the key " + key.pretty() + ", for the file tells none");
    }
}
