package com.zestythumb.core.checking;

import com.zestythumb.core.arrangement.ArrangedChord;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.voicing.Distance;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * What the whole hand does from one chord to the next.
 *
 * @param fingers one move for each note, from the lowest
 */
public record HandMove(List<FingerMove> fingers) {

    public HandMove {
        fingers = List.copyOf(fingers);
    }

    /** Leads each note under the hand to its partner in the next chord, without crossings. */
    public static HandMove between(ArrangedChord now, ArrangedChord next) {
        List<Pitch> from =
                now.voicing().isSilent() ? List.of() : now.voicing().last().pitches();
        List<Pitch> to =
                next.voicing().isSilent() ? List.of() : next.voicing().first().pitches();
        List<Integer> fingersNow = from.isEmpty()
                ? List.of()
                : now.fingers().get(now.voicing().grips().size() - 1);
        List<Integer> fingersNext = to.isEmpty() ? List.of() : next.fingers().get(0);
        int[] partner = Distance.partners(midiKeys(from), midiKeys(to));
        List<FingerMove> moves = new ArrayList<>();
        for (int i = 0; i < partner.length; i++) {
            int j = partner[i];
            moves.add(new FingerMove(
                    fingersNow.get(i), j < 0 ? 0 : fingersNext.get(j), from.get(i), j < 0 ? null : to.get(j)));
        }
        IntStream.range(0, to.size())
                .filter(j -> IntStream.of(partner).noneMatch(p -> p == j))
                .forEach(j -> moves.add(new FingerMove(0, fingersNext.get(j), null, to.get(j))));
        return new HandMove(moves);
    }

    private static int[] midiKeys(List<Pitch> pitches) {
        return pitches.stream().mapToInt(Pitch::midi).toArray();
    }

    /**
     * The teacher's sentence: {@code "5 stays, 3 and 1 up a step"}; when all notes move alike,
     * {@code "the whole shape slides down a half step"}; when none does, {@code "the whole hand stays"}.
     */
    public String sentence() {
        boolean sameFingers = fingers.stream().allMatch(m -> m.fromFinger() == m.toFinger());
        boolean alike = fingers.stream().map(FingerMove::semitones).distinct().count() == 1 && sameFingers;
        if (alike && fingers.size() > 1) {
            int semitones = fingers.get(0).semitones();
            return semitones == 0 ? "the whole hand stays" : "the whole shape slides " + slide(semitones);
        }
        Map<String, List<String>> byWay = new LinkedHashMap<>();
        for (FingerMove move : fingers) {
            byWay.computeIfAbsent(move.way(), way -> new ArrayList<>()).add(fingerOf(move));
        }
        return byWay.entrySet().stream()
                .map(e -> join(e.getValue()) + " "
                        + plural(e.getKey(), e.getValue().size()))
                .collect(Collectors.joining(", "));
    }

    private String slide(int semitones) {
        return switch (Math.abs(semitones)) {
            case 1 -> semitones > 0 ? "up a half step" : "down a half step";
            case 2 -> semitones > 0 ? "up a whole step" : "down a whole step";
            default -> fingers.get(0).way();
        };
    }

    private static String fingerOf(FingerMove m) {
        if (m.fromFinger() == 0 || m.toFinger() == 0 || m.fromFinger() == m.toFinger()) {
            return "" + Math.max(m.fromFinger(), m.toFinger());
        }
        return m.toFinger() + " (for " + m.fromFinger() + ")";
    }

    private static String join(List<String> fingers) {
        int last = fingers.size() - 1;
        return last == 0 ? fingers.get(0) : String.join(", ", fingers.subList(0, last)) + " and " + fingers.get(last);
    }

    private static String plural(String way, int fingers) {
        boolean verb = way.equals("stays") || way.equals("lifts") || way.equals("joins");
        return verb && fingers > 1 ? way.substring(0, way.length() - 1) : way;
    }
}
