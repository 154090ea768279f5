package com.zestythumb.core.voiceleading;

import static com.zestythumb.core.voiceleading.Kind.Trait.BODILY;
import static com.zestythumb.core.voiceleading.Kind.Trait.HAND;
import static com.zestythumb.core.voiceleading.Kind.Trait.NOTES;
import static com.zestythumb.core.voiceleading.Kind.Trait.STYLE;
import static com.zestythumb.core.voiceleading.Kind.Trait.SUNG;
import static com.zestythumb.core.voiceleading.Severity.FAULT;
import static com.zestythumb.core.voiceleading.Severity.HINT;
import static com.zestythumb.core.voiceleading.Severity.OFF;
import static com.zestythumb.core.voiceleading.Severity.WARNING;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Everything that the rules can find, one row each: how grave the popular, the classical and the strict school hold it, and what
 * it is about. Its words, example and source stand in {@code rules.properties} under its code.
 */
public enum Kind {
    STRETCH(FAULT, FAULT, FAULT, BODILY, HAND),
    STRETCH_WITHIN(STRETCH, BODILY, HAND),
    STRETCH_RIGHT(STRETCH, BODILY, HAND, STYLE),
    HELD_TOO_FAR(FAULT, FAULT, FAULT, HAND, STYLE),
    FINGER_TWICE(FAULT, FAULT, FAULT, HAND),
    FINGER_ORDER(WARNING, WARNING, WARNING, HAND),
    FOREIGN(FAULT, FAULT, FAULT, NOTES),
    MISSPELT(FAULT, FAULT, FAULT, NOTES),
    ACCIDENTAL_FORGOTTEN(FAULT, FAULT, FAULT, NOTES),
    WRONG_BASS(FAULT, FAULT, FAULT, NOTES),
    MISSING_THIRD(HINT, HINT, WARNING, NOTES),
    MISSING_SEVENTH(HINT, HINT, WARNING, NOTES),
    LEAP(WARNING, WARNING, WARNING, HAND),
    NEEDLESS_JUMP(HINT, HINT, HINT, HAND),
    MUD(WARNING, WARNING, WARNING, HAND),
    CLASH(WARNING, WARNING, WARNING, HAND),
    CLASH_NINTH(CLASH, HAND),
    COLLISION(WARNING, WARNING, WARNING, HAND, STYLE),
    CROSSING(WARNING, WARNING, WARNING, HAND, STYLE),
    DOUBLED_THIRD(OFF, HINT, HINT, HAND, STYLE),
    PARALLEL_FIFTHS(OFF, FAULT, FAULT),
    PARALLEL_OCTAVES(OFF, FAULT, FAULT),
    PARALLEL_UNISONS(OFF, OFF, FAULT),
    GERMAN_FIFTHS(OFF, OFF, HINT),
    DIRECT_FIFTHS(OFF, OFF, WARNING),
    DIRECT_OCTAVES(OFF, OFF, WARNING),
    CONTRARY_FIFTHS(OFF, OFF, FAULT),
    CONTRARY_OCTAVES(OFF, OFF, FAULT),
    UNEQUAL_FIFTHS(OFF, OFF, FAULT),
    LEADING_UNRESOLVED(OFF, HINT, FAULT),
    LEADING_DOUBLED(OFF, HINT, FAULT),
    SEVENTH_UNRESOLVED(OFF, HINT, FAULT),
    SEVENTH_TRANSFERRED(OFF, OFF, HINT),
    SEVENTH_DOUBLED(OFF, OFF, WARNING),
    SEVENTH_UNPREPARED(OFF, OFF, HINT),
    AUGMENTED_STEP(OFF, OFF, WARNING),
    TRITONE_LEAP(OFF, OFF, WARNING),
    SEVENTH_LEAP(OFF, OFF, WARNING),
    WIDE_LEAP(OFF, OFF, WARNING),
    ALTERED_DOUBLED(OFF, OFF, WARNING),
    ALTERED_UNRESOLVED(OFF, OFF, WARNING),
    AUGMENTED_SIXTH_UNRESOLVED(OFF, OFF, WARNING),
    NEAPOLITAN_UNRESOLVED(OFF, OFF, WARNING),
    APPLIED_UNRESOLVED(OFF, OFF, HINT),
    PART_CROSSING(OFF, OFF, FAULT, SUNG),
    OVERLAP(OFF, OFF, WARNING),
    SPACING(OFF, OFF, WARNING),
    RANGE(OFF, OFF, WARNING, SUNG),
    LEAP_UNRECOVERED(OFF, OFF, HINT),
    TWO_LEAPS(OFF, OFF, HINT),
    ALL_ONE_WAY(OFF, OFF, HINT),
    FALSE_RELATION(OFF, OFF, WARNING),
    SIX_FOUR(OFF, OFF, HINT),
    SIX_FOUR_WEAK(OFF, OFF, HINT),
    SIX_FOUR_UNRESOLVED(OFF, OFF, WARNING),
    SUSPENSION_UNPREPARED(OFF, OFF, WARNING),
    SUSPENSION_UNRESOLVED(OFF, OFF, WARNING),
    FIVE_FOUR(OFF, OFF, HINT),
    FIVE_TWO(OFF, OFF, HINT),
    FIVE_THREE(OFF, OFF, HINT),
    TWO_ONE(OFF, OFF, HINT),
    WEAK_TO_STRONG(OFF, OFF, HINT),
    HELD_INTO(HINT, HINT, HINT, HAND),
    ONE_RHYTHM(HINT, HINT, HINT, HAND),
    BASS_GAP(HINT, HINT, HINT, HAND),
    STRAIN(FAULT, FAULT, FAULT, BODILY, HAND),
    STRAIN_WIDE(STRAIN, BODILY, HAND),
    AT_THE_PIANO(HINT, HINT, HINT, SUNG);

    /** What a finding is about, where that matters to those who read it. */
    public enum Trait {
        /** Can hurt a hand: always told; it may be ignored at one place after looking at it, never as a matter of course. */
        BODILY,
        /** A matter of what hands do: none where the page is sung in parts; an answer is marked for it by itself. */
        HAND,
        /** Whether the notes are the chord's: an answer is marked for it note by note. */
        NOTES,
        /** Comes with the voicing chord after chord, and is shown once. */
        STYLE,
        /** Is looked at in pages of parts alone. */
        SUNG
    }

    /** What older apps called them. */
    private static final Map<String, Kind> ONCE = Map.of("doubled-leading-tone", LEADING_DOUBLED);

    private final Severity popular;
    private final Severity classical;
    private final Severity strict;
    private final Set<Trait> traits = EnumSet.noneOf(Trait.class);
    private final Kind page;

    Kind(Severity popular, Severity classical, Severity strict, Trait... traits) {
        this.popular = popular;
        this.classical = classical;
        this.strict = strict;
        this.page = this;
        this.traits.addAll(Arrays.asList(traits));
    }

    /** As grave as another, whose page it shares. */
    Kind(Kind page, Trait... traits) {
        this.popular = page.popular;
        this.classical = page.classical;
        this.strict = page.strict;
        this.page = page;
        this.traits.addAll(Arrays.asList(traits));
    }

    /** How it is called in data: {@code "parallel-fifths"}. */
    public String code() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** The one with this code, or with the one that older apps had for it. */
    public static Optional<Kind> named(String code) {
        String plain = code.replaceAll("^(parallel-.*)-(inside|tune)$", "$1");
        return Arrays.stream(values())
                .filter(kind -> kind.code().equals(plain))
                .findFirst()
                .or(() -> Optional.ofNullable(ONCE.get(plain)));
    }

    Severity popular() {
        return popular;
    }

    Severity classical() {
        return classical;
    }

    Severity strict() {
        return strict;
    }

    public boolean is(Trait trait) {
        return traits.contains(trait);
    }

    /** The one on whose page it is explained: itself, or one that it is a case of. */
    public Kind page() {
        return page;
    }
}
