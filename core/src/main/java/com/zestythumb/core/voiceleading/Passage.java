package com.zestythumb.core.voiceleading;

import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.pitch.PitchClass;
import com.zestythumb.core.voicing.Around;
import com.zestythumb.core.voicing.Tone;
import com.zestythumb.core.voicing.Voicing;
import java.util.List;

/**
 * The voices go from one chord to the next; in a page that is written in parts, from one time at which a key goes down to the
 * next.
 *
 * @param from the chord that is left
 * @param to the chord that is met
 * @param parts the parts of a page as they are written, the lowest first, that leave the one chord; empty where hands play
 * @param partsThen the same where they meet the other
 * @param tune the tune's last note over the one chord; null where it rests, a phrase ends there, or it is one of the parts
 * @param tuneThen its first over the other; null likewise
 * @param key the key of the chord that is left; null where none is clear
 */
public record Passage(
        Voicing from, Voicing to, List<Tone> parts, List<Tone> partsThen, Pitch tune, Pitch tuneThen, Key key) {

    /** From hand to hand. */
    public Passage(Voicing from, Voicing to, Pitch tune, Pitch tuneThen, Key key) {
        this(from, to, List.of(), List.of(), tune, tuneThen, key);
    }

    /** Whether somebody wrote each voice as such, the tune among them. */
    public boolean isInParts() {
        return !parts.isEmpty();
    }

    /** The note that leads to the keynote; null where no key is clear. */
    PitchClass leading() {
        return key == null ? null : Around.leadingTone(key);
    }

    /** The voices that are left, from the lowest. */
    public List<Tone> before() {
        return isInParts() ? parts : from.voices();
    }

    /** The voices that are met, from the lowest. */
    public List<Tone> after() {
        return isInParts() ? partsThen : to.voices();
    }

    /** Whether another chord is met; one that only changes its place breaks no rule of motion. */
    boolean meetsAnother() {
        return !from.chord().equals(to.chord());
    }
}
