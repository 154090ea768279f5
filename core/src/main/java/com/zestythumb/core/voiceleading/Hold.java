package com.zestythumb.core.voiceleading;

import com.zestythumb.core.voicing.Grip;
import com.zestythumb.core.voicing.Hand;
import java.util.List;
import java.util.stream.IntStream;

/**
 * What one hand holds at a time at which it strikes a key; in the right hand the tune's note is among it.
 *
 * @param keys all of it
 * @param fingers for each key its finger, 1 to 5; 0 where none is told
 * @param struck for each key whether it goes down now; else it is held since before
 * @param hand how far it reaches
 * @param right whether it is the right hand
 * @param intoAnother whether a chord begins here and something is held over from the one before
 * @param withTune whether the tune's note is among the keys
 */
public record Hold(
        Grip keys,
        List<Integer> fingers,
        List<Boolean> struck,
        Hand hand,
        boolean right,
        boolean intoAnother,
        boolean withTune) {

    public Hold {
        fingers = List.copyOf(fingers);
        struck = List.copyOf(struck);
    }

    /** What of it goes down now; all of it where nothing is held since before. */
    Grip struckNow() {
        return struck.contains(false)
                ? new Grip(IntStream.range(0, struck.size())
                        .filter(struck::get)
                        .mapToObj(keys.tones()::get)
                        .toList())
                : keys;
    }

    /** By how many half steps it lies beyond the hand. */
    int beyond() {
        return hand.beyond(keys);
    }
}
