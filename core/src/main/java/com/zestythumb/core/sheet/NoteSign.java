package com.zestythumb.core.sheet;

import java.util.Arrays;
import java.util.Optional;
import java.util.Set;

/**
 * What stands at a note beside its key, length, finger and touch: how loud, how joined, how long beyond its value, under which
 * pedal and in which clef. Written as in the ABC standard 2.1, sections 4.6, 4.11 and 4.14; the pedal as in the draft of 2.2.
 */
public enum NoteSign {
    PPP("!ppp!", Kind.LOUDNESS),
    PP("!pp!", Kind.LOUDNESS),
    P("!p!", Kind.LOUDNESS),
    MP("!mp!", Kind.LOUDNESS),
    MF("!mf!", Kind.LOUDNESS),
    F("!f!", Kind.LOUDNESS),
    FF("!ff!", Kind.LOUDNESS),
    FFF("!fff!", Kind.LOUDNESS),
    SFZ("!sfz!", Kind.STRESS),
    LOUDER("!<(!", Kind.HAIRPIN),
    LOUDER_END("!<)!", Kind.HAIRPIN),
    SOFTER("!>(!", Kind.HAIRPIN),
    SOFTER_END("!>)!", Kind.HAIRPIN),
    ACCENT("!>!", Kind.STRESS),
    HOLD("!fermata!", Kind.HOLD),
    BREATH("!breath!", Kind.HOLD),
    PEDAL("!ped!", Kind.PEDAL),
    PEDAL_END("!ped-up!", Kind.PEDAL),
    /** The foot comes up and goes down again; up behind down at one note is a foot that is down for this note. */
    PEDAL_CHANGE("!ped-up!!ped!", Kind.PEDAL),
    TREBLE("[K:clef=treble]", Kind.CLEF),
    BASS("[K:clef=bass]", Kind.CLEF),
    SLUR("(", Kind.SLUR),
    /** It alone is written behind its note. */
    SLUR_END(")", Kind.SLUR);

    /** What a sign is about. */
    public enum Kind {
        LOUDNESS,
        HAIRPIN,
        STRESS,
        HOLD,
        PEDAL,
        CLEF,
        SLUR
    }

    private final String text;
    private final Kind kind;

    NoteSign(String text, Kind kind) {
        this.text = text;
        this.kind = kind;
    }

    /** As it is written in ABC notation. */
    public String text() {
        return text;
    }

    public Kind kind() {
        return kind;
    }

    /** The sign that stands between exclamation marks, by any of its names in the standard. */
    static Optional<NoteSign> between(String marks) {
        String name = marks.replace("crescendo", "<").replace("diminuendo", ">").replace("emphasis", ">");
        return named("!" + name + "!");
    }

    /** The clef that an inline field of the key asks for; none where it says another thing. */
    public static Optional<NoteSign> clef(String field) {
        return named(
                "[K:" + field.replaceFirst("^K:\\s*(clef\\s*=\\s*)?", "clef=").strip() + "]");
    }

    private static Optional<NoteSign> named(String text) {
        return Arrays.stream(values()).filter(sign -> sign.text.equals(text)).findFirst();
    }

    /** Adds a sign to those of a note. */
    static void add(NoteSign sign, Set<NoteSign> signs) {
        boolean changes = sign == PEDAL && signs.remove(PEDAL_END);
        signs.add(changes ? PEDAL_CHANGE : sign);
    }

    @Override
    public String toString() {
        return text;
    }
}
