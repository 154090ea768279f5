package com.zestythumb.core.voiceleading;

import com.zestythumb.core.pitch.Interval;
import com.zestythumb.core.pitch.PitchClass;
import com.zestythumb.core.voicing.Member;
import com.zestythumb.core.voicing.Tone;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/**
 * A note that the key does not have goes on by a step in the direction in which it is altered, or back to the key's own, where
 * the next chord has that note; an inner one may fall to a fifth below. Doubled, two voices would have to go there in octaves
 * (any textbook of harmony). What is the third of a chord that falls a fifth is a leading tone, and told as such.
 */
final class AlteredRule implements Rule.OfPassage {

    private static final int DEGREES = 7;

    private static final int KEYS = 12;
    private static final int MAJOR_THIRD = 4;

    @Override
    public String id() {
        return "altered";
    }

    @Override
    public void check(Passage passage, Map<String, Double> limits, Sink sink) {
        if (passage.key() == null || !passage.meetsAnother()) {
            return;
        }
        List<Tone> from = passage.before();
        for (Tone tone : from) {
            int altered = passage.key().alterationOf(tone.pitch().pitchClass());
            if (altered == 0
                    || isOfTheScale(passage, tone)
                    || tone.member() == Member.SEVENTH
                    || LeadingRule.leadsOn(passage, tone)) {
                continue;
            }
            List<Tone> same = from.stream()
                    .filter(other ->
                            other.pitch().pitchClass().equals(tone.pitch().pitchClass()))
                    .toList();
            if (same.size() > 1 && same.get(0) == tone) {
                sink.found(new Fault("altered-doubled", Map.of("note", tone.pitch())));
            }
            if (leads(passage, tone) && could(passage, tone, altered) && !goesOn(passage, tone, altered)) {
                sink.found(new Fault("altered-unresolved", Map.of("note", tone.pitch())));
            }
        }
    }

    /** A key with too many signs is called by its other name, and its notes are not. */
    private static boolean isOfTheScale(Passage passage, Tone tone) {
        return IntStream.rangeClosed(1, DEGREES)
                .mapToObj(passage.key()::degree)
                .anyMatch(tone.pitch().pitchClass()::soundsLike);
    }

    /** Roots go where they like, but for those of diminished chords. */
    private static boolean leads(Passage passage, Tone tone) {
        Interval fifth = passage.from().chord().quality().numbered(5);
        return tone.member() != Member.ROOT || fifth != null && fifth.semitones() < 7;
    }

    /** Whether the next chord has the note a half step on. */
    private static boolean could(Passage passage, Tone tone, int altered) {
        int on = Math.floorMod(tone.pitch().midi() + Integer.signum(altered), KEYS);
        return passage.to().chord().tones().stream().map(PitchClass::semitone).anyMatch(semitone -> semitone == on);
    }

    private static boolean goesOn(Passage passage, Tone tone, int altered) {
        int at = tone.pitch().midi();
        List<Tone> from = passage.before();
        boolean inner = from.get(0) != tone && (from.get(from.size() - 1) != tone || passage.tune() != null);
        return has(passage, at + Integer.signum(altered))
                || has(passage, at - altered)
                || has(passage, at)
                || inner && altered > 0 && has(passage, at - MAJOR_THIRD);
    }

    private static boolean has(Passage passage, int midi) {
        return passage.tuneThen() != null && passage.tuneThen().midi() == midi
                || passage.after().stream().anyMatch(tone -> tone.pitch().midi() == midi);
    }
}
