package com.zestythumb.core.checking;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Score.Part;
import com.zestythumb.core.arrangement.Score.Sound;
import com.zestythumb.core.pitch.Pitch;
import java.util.ArrayList;
import java.util.List;

/**
 * Where the thumb of the left hand lies for a while, which tells where the hand is (common practice: find the thumb's key, and
 * the others lie beside it).
 *
 * @param bar index of the bar with which it begins, from 0
 * @param chord index of the chord that is struck then
 * @param bars in how many bars
 * @param thumb the thumb's key
 * @param little the key of the little finger meanwhile; null where it plays none, or several
 * @param way how the hand came there from the last: {@code "down a step"}; empty at the beginning
 */
public record HandPosition(int bar, int chord, int bars, Pitch thumb, Pitch little, String way) {

    /** The positions of a tune in the written order; none where no thumb plays. O(notes). */
    public static List<HandPosition> of(Arrangement arrangement) {
        List<HandPosition> positions = new ArrayList<>();
        List<Sound> here = new ArrayList<>();
        for (Sound sound : arrangement.score().sounds()) {
            if (sound.part() != Part.LEFT || sound.note().chord() < 0) {
                continue;
            }
            boolean moves = sound.note().finger() == 1
                    && here.stream().anyMatch(other -> other.note().finger() == 1 && other.key() != sound.key());
            if (moves) {
                List<Sound> next = List.copyOf(here.subList(leaves(here, sound), here.size()));
                here.removeAll(next);
                add(here, positions);
                here.clear();
                here.addAll(next);
            }
            here.add(sound);
        }
        add(here, positions);
        return positions;
    }

    /** Where the hand has left its place, before the thumb tells so: with what it strikes together, or a finger on another key. */
    private static int leaves(List<Sound> here, Sound thumb) {
        int at = here.size();
        while (at > 0 && here.get(at - 1).note().finger() != 1) {
            at--;
        }
        for (; at < here.size(); at++) {
            Sound one = here.get(at);
            boolean other = here.subList(0, at).stream()
                    .anyMatch(before -> before.note().finger() == one.note().finger() && before.key() != one.key());
            if (other || one.from().equals(thumb.from())) {
                break;
            }
        }
        return at;
    }

    private static void add(List<Sound> sounds, List<HandPosition> positions) {
        Pitch thumb = key(sounds, 1);
        if (thumb == null) {
            return;
        }
        Pitch before =
                positions.isEmpty() ? null : positions.get(positions.size() - 1).thumb();
        Sound first = sounds.get(0);
        int bars = (int)
                sounds.stream().mapToInt(one -> one.note().bar()).distinct().count();
        positions.add(new HandPosition(
                first.note().bar(),
                first.note().chord(),
                bars,
                thumb,
                key(sounds, 5),
                before == null ? "" : new FingerMove(1, 1, before, thumb).way()));
    }

    /** The one key that a finger strikes; null where there is none, or another too. */
    private static Pitch key(List<Sound> sounds, int finger) {
        List<Pitch> keys = sounds.stream()
                .filter(one -> one.note().finger() == finger)
                .map(one -> one.note().pitch())
                .distinct()
                .toList();
        return keys.size() == 1 ? keys.get(0) : null;
    }
}
