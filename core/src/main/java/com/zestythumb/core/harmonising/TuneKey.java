package com.zestythumb.core.harmonising;

import com.zestythumb.core.analysis.KeyProfiles;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.pitch.Letter;
import com.zestythumb.core.pitch.Mode;
import com.zestythumb.core.pitch.PitchClass;
import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.sheet.SheetNote;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The key of a tune without chords: whose scale holds its notes, whose tone weights its own are most like (Krumhansl,
 * Cognitive Foundations of Musical Pitch, 1990), and above all on which note it comes to rest at its end.
 */
final class TuneKey {

    private static final List<Mode> MODES = List.of(Mode.MAJOR, Mode.MINOR, Mode.DORIAN, Mode.MIXOLYDIAN);
    private static final double ENDS_AT_HOME = 1.6;
    private static final double ENDS_ON_ITS_CHORD = 0.5;
    private static final double BEGINS_AT_HOME = 0.3;
    private static final double FOREIGN = 6;
    private static final double MOST_FOREIGN = 1.0 / 3;
    private static final double CHURCH_MODE = 0.1;
    private static final double LEADING_TONE = 0.6;

    private TuneKey() {}

    /** The key in which a tune is heard; empty where nothing is sung, and where no key has two thirds of it. */
    static Optional<Key> of(LeadSheet sheet) {
        List<SheetNote> notes = new ArrayList<>();
        for (Bar bar : sheet.bars()) {
            bar.melody().stream().filter(note -> !note.isRest()).forEach(notes::add);
        }
        if (notes.isEmpty()) {
            return Optional.empty();
        }
        double[] weights = new double[12];
        int raised = 0;
        for (SheetNote note : notes) {
            weights[note.pitch().pitchClass().semitone()] += note.duration().toDouble();
            raised += note.pitch().pitchClass().alteration();
        }
        Key best = null;
        double most = Double.NEGATIVE_INFINITY;
        for (Key key : keys(raised >= 0)) {
            double score = score(key, weights, notes);
            if (score > most) {
                most = score;
                best = key;
            }
        }
        return foreign(best, weights) > MOST_FOREIGN ? Optional.empty() : Optional.of(best);
    }

    /** The share of the tune that is not of a key, 0 to 1. */
    private static double foreign(Key key, double[] weights) {
        int tonic = key.tonic().semitone();
        boolean leading = weights[(tonic + 11) % 12] > 0;
        double all = 0;
        double outside = 0;
        for (int note = 0; note < 12; note++) {
            int aboveTonic = Math.floorMod(note - tonic, 12);
            boolean inside = false;
            for (int i = 1; i <= 7; i++) {
                inside |= key.mode().degree(i).semitones() == aboveTonic;
            }
            // A leading tone in minor belongs, and a raised sixth on its way there.
            boolean raised = key.mode() == Mode.MINOR && (aboveTonic == 11 || aboveTonic == 9 && leading);
            double share = inside ? 0 : raised ? 0.2 : 1;
            outside += share * weights[note];
            all += weights[note];
        }
        return outside / all;
    }

    private static double score(Key key, double[] weights, List<SheetNote> notes) {
        boolean minor = key.mode().degree(3).semitones() == 3;
        int tonic = key.tonic().semitone();
        boolean leading = weights[(tonic + 11) % 12] > 0;
        int last = aboveTonic(notes.get(notes.size() - 1), tonic);
        int first = aboveTonic(notes.get(0), tonic);
        boolean leads = leading && weights[(tonic + 3) % 12] > 0 && key.mode() == Mode.MINOR;
        return KeyProfiles.likeness(weights, tonic, minor)
                - FOREIGN * foreign(key, weights)
                + (last == 0 ? ENDS_AT_HOME : last == 7 || last == (minor ? 3 : 4) ? ENDS_ON_ITS_CHORD : 0)
                + (first == 0 || first == 7 ? BEGINS_AT_HOME : 0)
                + (leads ? LEADING_TONE : 0)
                - (key.mode() == Mode.MAJOR || key.mode() == Mode.MINOR ? 0 : CHURCH_MODE);
    }

    private static int aboveTonic(SheetNote note, int tonic) {
        return Math.floorMod(note.pitch().pitchClass().semitone() - tonic, 12);
    }

    /** Every key with at most six signs; of two that sound the same the one with sharps or with flats. */
    private static List<Key> keys(boolean sharps) {
        List<Key> keys = new ArrayList<>();
        for (Mode mode : MODES) {
            for (Letter letter : Letter.values()) {
                for (int alteration = -1; alteration <= 1; alteration++) {
                    PitchClass tonic = new PitchClass(letter, alteration);
                    int signs = tonic.fifths() + mode.fifthsFromMajor();
                    if (signs > (sharps ? -6 : -7) && signs < (sharps ? 7 : 6)) {
                        keys.add(new Key(tonic, mode));
                    }
                }
            }
        }
        return keys;
    }
}
