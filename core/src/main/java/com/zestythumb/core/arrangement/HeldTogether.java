package com.zestythumb.core.arrangement;

import com.zestythumb.core.fingering.Side;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.voicing.Grip;
import com.zestythumb.core.voicing.Voicing;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/** What lies under a hand at one time while a chord lasts: a pattern parts its voicing. */
final class HeldTogether {

    private HeldTogether() {}

    /**
     * The grips that are held in turn.
     *
     * @param notes those of the chord, in time
     */
    static Voicing of(Voicing voicing, List<TimedNote> notes) {
        if (voicing.grips().size() > 1) {
            // A bass that sounds on under a chord far above it is held by the foot.
            return voicing;
        }
        return new Voicing(
                voicing.chord(),
                voicing.soundingBass(),
                grips(voicing, notes, Side.LEFT),
                voicing.right().isEmpty()
                        ? List.of()
                        : grips(voicing, notes, Side.RIGHT).stream().limit(1).toList());
    }

    private static List<Grip> grips(Voicing voicing, List<TimedNote> notes, Side side) {
        List<TimedNote> ofHand =
                notes.stream().filter(note -> note.side() == side).toList();
        Set<List<Pitch>> held = new LinkedHashSet<>();
        TimedNote before = null;
        for (TimedNote struck : ofHand) {
            if (before == null || !before.onset().equals(struck.onset()) || before.bar() != struck.bar()) {
                held.add(soundingAt(struck, ofHand));
            }
            before = struck;
        }
        return held.stream().map(keys -> Grip.of(voicing.chord(), keys)).toList();
    }

    /** The keys held when a note is struck, its own among them, from the lowest. */
    private static List<Pitch> soundingAt(TimedNote struck, List<TimedNote> notes) {
        List<Pitch> keys = new ArrayList<>();
        for (TimedNote note : notes) {
            boolean sounds = note.bar() == struck.bar()
                    && note.onset().compareTo(struck.onset()) <= 0
                    && note.end().compareTo(struck.onset()) > 0;
            if (sounds
                    && keys.stream().noneMatch(key -> key.midi() == note.pitch().midi())) {
                keys.add(note.pitch());
            }
        }
        Collections.sort(keys);
        return keys;
    }
}
