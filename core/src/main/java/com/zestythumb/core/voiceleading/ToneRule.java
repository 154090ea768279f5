package com.zestythumb.core.voiceleading;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.pitch.PitchClass;
import com.zestythumb.core.voiceleading.Written.Note;
import com.zestythumb.core.voicing.Member;
import java.util.Map;
import java.util.stream.Stream;

/**
 * What is written against the symbol above it: another bass than the slash asks for, a note that is none of the chord's and goes
 * nowhere by step, an accidental that was forgotten later in its bar, and a note by another name than the chord has for it (common
 * practice).
 */
final class ToneRule implements Rule.OfWritten {

    @Override
    public String id() {
        return "tones";
    }

    @Override
    public void check(Written written, Map<String, Double> limits, Sink sink) {
        Chord chord = written.chord();
        for (Note note : written.notes()) {
            PitchClass name = note.pitch().pitchClass();
            boolean foreign =
                    Member.of(chord, name) == Member.FOREIGN && !chord.bass().soundsLike(name);
            if (foreign && note.altered()) {
                sink.found(new Fault("accidental-forgotten", Map.of("note", note.pitch())));
            } else if (foreign && note.atOnce() && !note.steps()) {
                sink.found(new Fault("foreign", Map.of("note", note.pitch())));
            } else if (!foreign && isMisspelt(chord, name)) {
                sink.found(new Fault("misspelt", Map.of("note", note.pitch())));
            }
        }
        checkBass(written, sink);
    }

    private static boolean isMisspelt(Chord chord, PitchClass name) {
        return Stream.concat(chord.tones().stream(), Stream.of(chord.bass())).noneMatch(name::equals)
                && chord.upper() == null;
    }

    private static void checkBass(Written written, Sink sink) {
        Note lowest = written.notes().stream().filter(Note::atOnce).findFirst().orElse(null);
        PitchClass bass = written.chord().bass();
        if (written.chord().hasSlash()
                && lowest != null
                && !lowest.steps()
                && written.notes().stream()
                        .noneMatch(note -> note.pitch().midi() <= lowest.pitch().midi()
                                && note.pitch().pitchClass().soundsLike(bass))) {
            sink.found(new Fault("wrong-bass", Map.of("note", lowest.pitch())));
        }
    }
}
