package com.zestythumb.core.checking;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Score;
import com.zestythumb.core.arrangement.Score.Moment;
import com.zestythumb.core.arrangement.Score.Part;
import com.zestythumb.core.arrangement.Score.Sound;
import com.zestythumb.core.arrangement.TuneFingers;
import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.Counting;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * How the hands go together in a bar: at each time at which one of them plays, who it is and with which fingers; and what makes
 * it hard (common practice: entries while the other hand holds, turns, the same way with unlike fingers).
 *
 * @param bar index of the bar, from 0
 * @param strokes in time
 * @param weight how hard it is to put together; 0 where the hands always play together, or one alone
 * @param trouble what adds most to the weight; null where it is 0
 */
public record BothHands(int bar, List<Stroke> strokes, int weight, Trouble trouble) {

    /** Who plays. */
    public enum Who {
        LEFT,
        RIGHT,
        TOGETHER
    }

    /**
     * A time at which a key goes down.
     *
     * @param count the syllable that is counted there
     * @param left the fingers of the left hand, from the lowest note; none where it does not play
     * @param right those of the right hand, with the tune's; 0 for a finger that nobody told
     */
    public record Stroke(String count, Who who, List<Integer> left, List<Integer> right) {}

    /** What makes it hard to put together, with its weight. */
    public enum Trouble {
        UNLIKE_FINGERS(2, "both hands go the same way with unlike fingers"),
        ENTRY_WHILE_HELD(1, "one hand enters while the other holds"),
        TURNS(1, "the hands take turns");

        private final int weight;
        private final String words;

        Trouble(int weight, String words) {
            this.weight = weight;
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** The bars in which a hand plays, in their order. O(notes). */
    public static List<BothHands> of(Arrangement arrangement) {
        TuneFingers fingers =
                TuneFingers.ofEach(arrangement.sheet(), arrangement.analysis().tune());
        Map<Integer, List<Moment>> byBar = new TreeMap<>();
        for (Moment moment : arrangement.score().moments()) {
            Sound struck = moment.held(moment::strikes).get(0);
            byBar.computeIfAbsent(struck.note().bar(), bar -> new ArrayList<>()).add(moment);
        }
        List<BothHands> bars = new ArrayList<>();
        byBar.forEach((bar, moments) -> bars.add(of(arrangement.sheet().bars().get(bar), moments, fingers)));
        return bars;
    }

    private static BothHands of(Bar bar, List<Moment> moments, TuneFingers fingers) {
        List<Stroke> strokes = new ArrayList<>();
        Map<Trouble, Integer> troubles = new EnumMap<>(Trouble.class);
        Moment together = null;
        for (Moment moment : moments) {
            List<Sound> left = moment.held(sound -> moment.strikes(sound) && sound.part() == Part.LEFT);
            List<Sound> right = moment.held(sound -> moment.strikes(sound) && sound.part() != Part.LEFT);
            Who who = right.isEmpty() ? Who.LEFT : left.isEmpty() ? Who.RIGHT : Who.TOGETHER;
            boolean otherHolds = moment.held().stream()
                    .anyMatch(sound -> !moment.strikes(sound) && (sound.part() == Part.LEFT) == (who == Who.RIGHT));
            if (who != Who.TOGETHER && otherHolds) {
                troubles.merge(Trouble.ENTRY_WHILE_HELD, 1, Integer::sum);
            }
            Stroke last = strokes.isEmpty() ? null : strokes.get(strokes.size() - 1);
            if (last != null && who != Who.TOGETHER && last.who() != Who.TOGETHER && last.who() != who) {
                troubles.merge(Trouble.TURNS, 1, Integer::sum);
            }
            Sound first = (left.isEmpty() ? right : left).get(0);
            Stroke stroke = new Stroke(
                    Counting.syllable(bar, first.note().onset()),
                    who,
                    left.stream().map(sound -> sound.note().finger()).toList(),
                    right.stream().map(sound -> finger(sound, fingers)).toList());
            if (who == Who.TOGETHER) {
                if (together != null && isSameWay(together, moment) && areUnlike(stroke)) {
                    troubles.merge(Trouble.UNLIKE_FINGERS, 1, Integer::sum);
                }
                together = moment;
            }
            strokes.add(stroke);
        }
        boolean both = strokes.stream().anyMatch(stroke -> stroke.who() != Who.LEFT)
                && strokes.stream().anyMatch(stroke -> stroke.who() != Who.RIGHT);
        int weight = troubles.entrySet().stream()
                .mapToInt(entry -> entry.getKey().weight * entry.getValue())
                .sum();
        Trouble most = troubles.entrySet().stream()
                .max(Map.Entry.comparingByValue())
                .map(Map.Entry::getKey)
                .orElse(null);
        return new BothHands(bar.index(), strokes, both ? weight : 0, both ? most : null);
    }

    private static int finger(Sound sound, TuneFingers fingers) {
        int written = sound.note().finger();
        return sound.part() == Part.TUNE && written == 0
                ? fingers.at(sound.note().bar(), sound.place())
                : written;
    }

    private static boolean isSameWay(Moment before, Moment now) {
        int left = key(now, true) - key(before, true);
        int right = key(now, false) - key(before, false);
        return left * right > 0;
    }

    /** The lowest key of the left hand, the highest of the right. */
    private static int key(Moment moment, boolean left) {
        List<Sound> struck = moment.held(sound -> moment.strikes(sound) && (sound.part() == Score.Part.LEFT) == left);
        return struck.get(left ? 0 : struck.size() - 1).key();
    }

    private static boolean areUnlike(Stroke stroke) {
        return !stroke.left().get(0).equals(stroke.right().get(stroke.right().size() - 1));
    }
}
