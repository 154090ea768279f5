package com.zestythumb.core.voicing;

import java.util.function.Predicate;

/**
 * Something that the way from one voicing to the next is charged for.
 *
 * @param id how it is called in data: {@code "motion"}
 * @param name as a teacher reads it
 * @param unit what is counted: {@code "half steps"}
 * @param weight half steps charged for one unit where nothing else is wished
 * @param count how many units a way earns, never fewer than none
 * @param left voicings on the way from which it may earn some
 * @param met voicings on the way to which it may, wherever it comes from
 */
public record TransitionTerm(
        String id, String name, String unit, int weight, Count count, Predicate<Voicing> left, Predicate<Voicing> met) {

    /** One that any way may earn. */
    public TransitionTerm(String id, String name, String unit, int weight, Count count) {
        this(id, name, unit, weight, count, voicing -> true, voicing -> true);
    }

    private static final int[] NO_KEYS = {};

    /** Half steps moved by all fingers, voices not crossing; the unit of all charges. */
    public static final TransitionTerm MOTION = new TransitionTerm(
            "motion", "half steps that the fingers move", "half steps", 1, (from, to, hand) -> moved(from, to));

    /** Notes of both chords that do not stay on their keys. */
    public static final TransitionTerm COMMON_TONES = new TransitionTerm(
            "common-tones",
            "common notes that do not stay where they are",
            "notes",
            0,
            (from, to, hand) -> from.isSilent() || to.isSilent() ? 0 : lost(from, to));

    /** Whether the hand must leave its place: both grips together lie beyond what it spans. */
    public static final TransitionTerm POSITION = new TransitionTerm(
            "position",
            "changes of position",
            "changes",
            0,
            (from, to, hand) -> from.isSilent() || to.isSilent() || together(from, to) <= hand.span() ? 0 : 1);

    /** Counts the units of one fault on the way. */
    @FunctionalInterface
    public interface Count {
        int of(Voicing from, Voicing to, Hand hand);
    }

    /** The keys to which the left hand comes, lowest first. */
    public static int[] first(Voicing voicing) {
        return voicing.isSilent() ? NO_KEYS : voicing.first().midiKeys();
    }

    /** The keys from which it goes on. */
    public static int[] last(Voicing voicing) {
        return voicing.isSilent() ? NO_KEYS : voicing.last().midiKeys();
    }

    /** The keys under the right hand, lowest first; none where it has none. */
    public static int[] right(Voicing voicing) {
        return voicing.right().isEmpty() ? NO_KEYS : voicing.right().get(0).midiKeys();
    }

    /** Half steps that the fingers of both hands move, each hand by itself. */
    public static int moved(Voicing from, Voicing to) {
        return Distance.between(last(from), first(to)) + Distance.between(right(from), right(to));
    }

    private static int together(Voicing from, Voicing to) {
        int low = Math.min(from.last().lowest().midi(), to.first().lowest().midi());
        int high = Math.max(from.last().highest().midi(), to.first().highest().midi());
        return high - low;
    }

    private static int lost(Voicing from, Voicing to) {
        int lost = 0;
        for (Tone tone : from.last().tones()) {
            int key = tone.pitch().midi();
            boolean common = to.first().tones().stream()
                    .anyMatch(other -> Math.floorMod(other.pitch().midi() - key, 12) == 0);
            boolean stays =
                    to.first().tones().stream().anyMatch(other -> other.pitch().midi() == key);
            lost += common && !stays ? 1 : 0;
        }
        return lost;
    }
}
