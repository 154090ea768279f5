package com.zestythumb.core.checking;

import com.zestythumb.core.arrangement.AnalysedSheet;
import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Score.Moment;
import com.zestythumb.core.arrangement.Score.Part;
import com.zestythumb.core.arrangement.Score.Sound;
import com.zestythumb.core.arrangement.TimedNote;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.sheet.SheetNote;
import com.zestythumb.core.voicing.Reach;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * Fingers written to a bar of the left hand that spread two of them further than this hand was measured to reach, where others
 * spread them less (a page is fingered for somebody's hand, and not for this one: common practice).
 *
 * @param bar index of the bar, from 0
 * @param outer the two fingers that are spread most, the outer one first
 * @param from the key of the outer finger
 * @param to that of the inner
 * @param sheet the tune with other fingers in this bar
 */
public record OtherFingers(int bar, int outer, int inner, Pitch from, Pitch to, LeadSheet sheet) {

    /** Two fingers too far apart, by so many half steps. */
    private record Spread(Sound low, Sound high, int beyond) {}

    /** One for each such bar. O(notes). */
    public static List<OtherFingers> of(Arrangement tune) {
        boolean fingered = tune.sheet().bars().stream()
                .flatMap(bar -> bar.allOfLeft().stream())
                .anyMatch(note -> note.finger() > 0);
        Map<Integer, Spread> written = fingered ? widest(tune) : Map.of();
        if (written.isEmpty()) {
            return List.of();
        }
        Arrangement free = new AnalysedSheet(
                        tune.sheet().mapBars(OtherFingers::bare), tune.analysis(), tune.transitions())
                .arranged(tune.choices());
        Map<Integer, Spread> found = widest(free);
        List<OtherFingers> others = new ArrayList<>();
        written.forEach((bar, spread) -> {
            boolean less = !found.containsKey(bar) || found.get(bar).beyond() < spread.beyond();
            boolean own = tune.sheet().bars().get(bar).allOfLeft().stream().anyMatch(note -> note.finger() > 0);
            if (less && own) {
                TimedNote low = spread.low().note();
                TimedNote high = spread.high().note();
                others.add(new OtherFingers(
                        bar,
                        low.finger(),
                        high.finger(),
                        low.pitch(),
                        high.pitch(),
                        fingered(tune.sheet(), bar, free)));
            }
        });
        return others;
    }

    /** In words: {@code "5 and 3 lie a sixth apart"}. */
    public String words() {
        return outer + " and " + inner + " lie "
                + new FingerMove(1, 1, from, to).way().replace("up ", "") + " apart, more than this hand spreads them";
    }

    private static Bar bare(Bar bar) {
        return bar.withLeft(bar.left().stream()
                .map(voice -> voice.stream().map(note -> note.withFinger(0)).toList())
                .toList());
    }

    /** The two neighbouring fingers of each bar that are spread most beyond their reach, where some are. */
    private static Map<Integer, Spread> widest(Arrangement tune) {
        Reach reach = tune.choices().hand().reach();
        Map<Integer, Spread> widest = new TreeMap<>();
        for (Moment moment : tune.score().moments()) {
            List<Sound> held = moment.held(sound -> sound.part() == Part.LEFT);
            for (int i = 1; i < held.size(); i++) {
                Sound low = held.get(i - 1);
                Sound high = held.get(i);
                int outer = low.note().finger();
                int inner = high.note().finger();
                if (inner < 1 || outer <= inner) {
                    continue;
                }
                boolean black =
                        low.note().pitch().isBlackKey() && high.note().pitch().isBlackKey();
                int beyond = high.key() - low.key() - reach.most(inner, outer, black);
                int bar = (moment.strikes(high) ? high : low).note().bar();
                if (beyond > 0) {
                    widest.merge(bar, new Spread(low, high, beyond), (a, b) -> a.beyond() >= b.beyond() ? a : b);
                }
            }
        }
        return widest;
    }

    private static LeadSheet fingered(LeadSheet sheet, int index, Arrangement free) {
        Map<List<Object>, Integer> fingers = new HashMap<>();
        for (TimedNote note : free.notes()) {
            if (note.bar() == index && !note.isRight()) {
                fingers.put(List.of(note.onset(), note.pitch()), note.finger());
            }
        }
        return sheet.mapBars(bar -> bar.index() != index
                ? bar
                : bar.withLeft(bar.left().stream()
                        .map(voice ->
                                voice.stream().map(note -> other(note, fingers)).toList())
                        .toList()));
    }

    private static SheetNote other(SheetNote note, Map<List<Object>, Integer> fingers) {
        return note.isRest() ? note : note.withFinger(fingers.getOrDefault(List.of(note.onset(), note.pitch()), 0));
    }
}
