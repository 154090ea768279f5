package com.zestythumb.core.voiceleading;

import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.pitch.PitchClass;
import com.zestythumb.core.voiceleading.Written.Note;
import com.zestythumb.core.voicing.Member;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Stream;

/**
 * A chord of so many keys and more without the third, or three keys without the seventh, by which it is known; the tune may have
 * it (any textbook of harmony). An open fifth is a sound of its own on the piano, and not told there.
 */
final class MissingRule implements Rule.OfWritten {

    /** Keys from which on a third is missed. */
    static final String FULL = "full";

    private static final int SHELL = 3;

    @Override
    public String id() {
        return "missing";
    }

    @Override
    public void check(Written written, Map<String, Double> limits, Sink sink) {
        long keys = written.notes().stream().map(Note::pitch).distinct().count();
        if (keys >= limits.get(FULL)) {
            look(written, Member.THIRD, sink);
        }
        if (keys >= SHELL) {
            look(written, Member.SEVENTH, sink);
        }
    }

    private static void look(Written written, Member member, Sink sink) {
        Stream<PitchClass> sounding = Stream.concat(written.notes().stream().map(Note::pitch), written.above().stream())
                .map(Pitch::pitchClass);
        List<Member> asked = written.chord().tones().stream()
                .map(tone -> Member.of(written.chord(), tone))
                .toList();
        if (asked.contains(member) && sounding.noneMatch(tone -> Member.of(written.chord(), tone) == member)) {
            sink.found(new Fault("missing-" + member.name().toLowerCase(Locale.ROOT), Map.of()));
        }
    }
}
