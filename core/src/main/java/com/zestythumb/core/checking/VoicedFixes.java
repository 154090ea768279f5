package com.zestythumb.core.checking;

import com.zestythumb.core.arrangement.ArrangedChord;
import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.KeptVoicing;
import com.zestythumb.core.arrangement.Manner;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.voiceleading.Kind;
import com.zestythumb.core.voiceleading.Voice;
import com.zestythumb.core.voicing.ChordTone;
import com.zestythumb.core.voicing.Tone;
import com.zestythumb.core.voicing.Voicing;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;

/** Ways in which a chord that the app lays can be played otherwise: voiced anew, a note for the right hand, softer, later, left out. */
final class VoicedFixes {

    private VoicedFixes() {}

    /** All that can be tried. */
    static List<Candidate> of(Arrangement arrangement, ArrangedChord arranged, List<Finding> here) {
        // What the tune does by itself no left hand fixes.
        if (here.stream().allMatch(finding -> finding.fault().voices().equals(List.of(Voice.TUNE)))) {
            return List.of();
        }
        KeptVoicing asItIs = pin(arranged, arranged.voicing().pitches());
        List<Pitch> notes = asItIs.notes();
        List<Candidate> candidates = new ArrayList<>();
        arranged.solved()
                .ifPresent(solved -> solved.alternatives().forEach(other -> {
                    List<Pitch> voiced = other.voicing().pitches();
                    candidates.add(new Candidate(
                            "play it as %s", voiced, pin(arranged, voiced), List.of(), 0, 0, other.price()));
                }));
        if (notes.size() > 1) {
            Pitch top = notes.get(notes.size() - 1);
            candidates.add(new Candidate(
                    "give %s to the right hand",
                    List.of(top), asItIs.with(top, Manner.RIGHT_HAND), List.of(), 1, 0, 0));
        }
        boolean grates = here.stream().anyMatch(finding -> finding.kind().page() == Kind.CLASH);
        for (Pitch note : notes) {
            if (grates) {
                candidates.add(new Candidate(
                        "play %s softly", List.of(note), asItIs.with(note, Manner.SOFT), List.of(), 0, 0, 1));
                candidates.add(new Candidate(
                        "bring in %s a count later",
                        List.of(note), asItIs.with(note, Manner.LATE), List.of(), 0, 0, 2));
            }
            if (canGo(arrangement, arranged, note)) {
                List<Pitch> without =
                        notes.stream().filter(other -> !other.equals(note)).toList();
                candidates.add(new Candidate(
                        "leave out %s", List.of(note), pin(arranged, without), List.of(), grates ? 0 : 2, 1, 3));
            }
        }
        return candidates;
    }

    /** Never the bass, the third or the seventh, unless it is there twice or the tune has it, and never the last note. */
    static boolean canGo(Arrangement arrangement, ArrangedChord chord, Pitch note) {
        Voicing voicing = chord.voicing();
        ChordTone member = ChordTone.of(voicing.chord(), note.pitchClass());
        boolean tells = member == ChordTone.THIRD || member == ChordTone.SEVENTH;
        boolean twice = voicing.tones().stream()
                        .filter(tone -> tone.member() == member)
                        .map(Tone::pitch)
                        .distinct()
                        .count()
                > 1;
        boolean sung = arrangement.leftHand().task().around(chord.index()).tune().stream()
                .anyMatch(tune -> tune.pitchClass().soundsLike(note.pitchClass()));
        boolean bass = note.midi()
                == voicing.pitches().stream().mapToInt(Pitch::midi).min().orElse(0);
        return !bass && voicing.pitches().stream().distinct().count() > 1 && (!tells || twice || sung);
    }

    private static KeptVoicing pin(ArrangedChord chord, List<Pitch> notes) {
        return new KeptVoicing(chord.event().bar(), chord.event().start(), List.copyOf(new HashSet<>(notes)));
    }
}
