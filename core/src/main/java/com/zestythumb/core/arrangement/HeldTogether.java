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
import java.util.stream.Stream;

/** What lies under a hand at one time while a chord lasts: a pattern parts its voicing. */
final class HeldTogether {

    private HeldTogether() {}

    /**
     * The grips that are held in turn.
     *
     * @param notes those of the chord, in time
     * @param before those of its bar before it, which may be held into it
     * @param written whether somebody wrote them, and means them to be held as they stand
     */
    static Voicing of(Voicing voicing, List<TimedNote> notes, List<TimedNote> before, boolean written) {
        if (notes.isEmpty() || !written && voicing.grips().size() > 1) {
            // A bass that sounds on under a chord far above it is held by the foot.
            return voicing;
        }
        return new Voicing(
                voicing.chord(),
                voicing.soundingBass(),
                grips(voicing, notes, before, Side.LEFT),
                voicing.right().isEmpty()
                        ? List.of()
                        : grips(voicing, notes, before, Side.RIGHT).stream()
                                .limit(1)
                                .toList());
    }

    private static List<Grip> grips(Voicing voicing, List<TimedNote> notes, List<TimedNote> before, Side side) {
        List<TimedNote> ofHand =
                notes.stream().filter(note -> note.side() == side).toList();
        List<TimedNote> all = Stream.concat(before.stream().filter(note -> note.side() == side), ofHand.stream())
                .toList();
        Set<List<Pitch>> held = new LinkedHashSet<>();
        TimedNote last = null;
        for (TimedNote struck : ofHand) {
            if (last == null || !last.onset().equals(struck.onset()) || last.bar() != struck.bar()) {
                held.add(soundingAt(struck, all));
            }
            last = struck;
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
