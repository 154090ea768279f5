package com.zestythumb.core.harmonising;

import com.zestythumb.core.harmonising.Choice.Does;
import com.zestythumb.core.harmonising.HarmonySlots.Slot;

/** What it costs that one chord follows another, and where: the habits of schoolbook harmony (common practice). */
final class Progress {

    private static final double OPENS_ELSEWHERE = 0.9;
    private static final double OPENS_ON_THE_DOMINANT = 0.4;
    private static final double CLOSES_ELSEWHERE = 5;
    private static final double PHRASE_RESTS_ELSEWHERE = 0.7;
    private static final double CLOSE = 1.0;
    private static final double QUICKENS = 0.6;
    private static final double MOVES = 0.15;
    private static final double UNRESOLVED = 3;
    private static final double BASS_STEPS = 0.25;
    /** What it costs a rich harmony to stay on a chord for another bar. */
    private static final double STALE = 0.6;

    private final double withinBar;
    private final boolean walking;

    Progress(Level level) {
        this.withinBar = switch (level) {
            case TWO_CHORDS, PLAIN -> 2.0;
            case USUAL -> 1.2;
            case APPLIED -> 1.0;
            case RICH -> 0.8;
        };
        this.walking = level == Level.RICH;
    }

    double first(Choice choice) {
        return switch (choice.does()) {
            case HOME, SET -> isInverted(choice) ? OPENS_ELSEWHERE : 0;
            case DOMINANT -> OPENS_ON_THE_DOMINANT;
            default -> OPENS_ELSEWHERE;
        };
    }

    double last(Choice choice) {
        boolean home = choice.does() == Does.HOME && !isInverted(choice);
        return home || choice.does() == Does.SET ? 0 : CLOSES_ELSEWHERE;
    }

    double step(Choice from, Choice to, Slot slot) {
        if (from.chord().equals(to.chord())) {
            return walking && slot.opens() && !slot.ends() ? STALE : 0;
        }
        double price = habit(from, to);
        if (!slot.opens()) {
            // Within a bar the tune has to ask for a change; that it is a usual one earns nothing.
            price = Math.max(0, price) + (slot.near() ? withinBar - QUICKENS : withinBar);
        } else {
            price += MOVES;
        }
        if (slot.ends()) {
            boolean rests = to.does() == Does.HOME || to.does() == Does.DOMINANT || to.does() == Does.SET;
            price += rests ? 0 : PHRASE_RESTS_ELSEWHERE;
            price -= slot.opens() && from.does() == Does.DOMINANT && to.does() == Does.HOME ? CLOSE : 0;
        }
        return price - (walking && isStep(from.bass(), to.bass()) ? BASS_STEPS : 0);
    }

    private static double habit(Choice from, Choice to) {
        return switch (from.does()) {
            case HOME, SET -> 0;
            case DOMINANT ->
                switch (to.does()) {
                    case HOME -> -0.3;
                    case DOMINANT -> 0.2;
                    case SUBDOMINANT -> 0.9;
                    case STABLE -> 0.6;
                    default -> 0.5;
                };
            case SUBDOMINANT ->
                switch (to.does()) {
                    case DOMINANT -> -0.3;
                    case HOME -> from.aboveTonic() == 2 ? 0.9 : 0;
                    case SUBDOMINANT -> 0.3;
                    default -> 0.5;
                };
            case STABLE ->
                switch (to.does()) {
                    case SUBDOMINANT -> -0.2;
                    case HOME -> 0.5;
                    case STABLE -> 0.3;
                    default -> 0;
                };
            case APPLIED -> (from.aboveTonic() + 5) % 12 == to.aboveTonic() ? -0.6 : UNRESOLVED;
        };
    }

    private static boolean isInverted(Choice choice) {
        return choice.chord().hasSlash();
    }

    private static boolean isStep(int from, int to) {
        int up = Math.floorMod(to - from, 12);
        return up == 1 || up == 2 || up == 10 || up == 11;
    }
}
