package com.zestythumb.core.checking;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Score.Moment;
import com.zestythumb.core.arrangement.Score.Part;
import com.zestythumb.core.arrangement.Score.Sound;
import com.zestythumb.core.sheet.Fraction;
import java.util.ArrayList;
import java.util.List;

/**
 * A scale or an arpeggio that goes on in one direction from hand to hand (common practice: it is one line, and is practised as
 * one).
 *
 * @param bar index of the bar in which it begins, from 0
 * @param scale whether it goes by steps; else by thirds and fourths
 * @param up its direction
 * @param toRight whether the right hand takes over from the left
 * @param takenBar index of the bar in which the other hand takes over
 * @param count the count on which it does
 * @param notes how many there are in all
 */
public record PassedLine(int bar, boolean scale, boolean up, boolean toRight, int takenBar, int count, int notes) {

    private static final int FEW = 5;
    private static final int STEP = 2;
    private static final int FOURTH = 5;

    /** Those of a tune in the written order. O(notes). */
    public static List<PassedLine> of(Arrangement tune) {
        List<Moment> moments = tune.score().moments();
        List<PassedLine> lines = new ArrayList<>();
        for (int from = 0; from < moments.size(); ) {
            List<Sound> line = lineFrom(moments, from);
            int change = change(line);
            if (line.size() >= FEW && change > 0) {
                lines.add(line(tune, line, change));
            }
            from += Math.max(1, line.size() - 1);
        }
        return lines;
    }

    /** Single strokes that follow one another evenly and in one direction, as many as there are. */
    private static List<Sound> lineFrom(List<Moment> moments, int from) {
        List<Sound> line = new ArrayList<>();
        for (int i = from; i < moments.size(); i++) {
            Moment moment = moments.get(i);
            List<Sound> struck = moment.held(moment::strikes);
            if (struck.size() != 1 || !goesOn(line, struck.get(0))) {
                break;
            }
            line.add(struck.get(0));
        }
        return line;
    }

    private static boolean goesOn(List<Sound> line, Sound next) {
        if (line.isEmpty()) {
            return true;
        }
        Sound last = line.get(line.size() - 1);
        int way = next.key() - last.key();
        if (way == 0 || Math.abs(way) > FOURTH) {
            return false;
        }
        if (line.size() == 1) {
            return true;
        }
        Sound first = line.get(0);
        Fraction pace = line.get(1).from().minus(first.from());
        int firstWay = line.get(1).key() - first.key();
        boolean alike = Math.abs(way) <= STEP == Math.abs(firstWay) <= STEP;
        return way * firstWay > 0 && alike && next.from().minus(last.from()).equals(pace);
    }

    /** Where the one other hand takes over; 0 where none does, or more than once. */
    private static int change(List<Sound> line) {
        int change = 0;
        for (int i = 1; i < line.size(); i++) {
            boolean other = isLeft(line.get(i)) != isLeft(line.get(i - 1));
            if (other && change > 0) {
                return 0;
            }
            change = other ? i : change;
        }
        return change;
    }

    private static boolean isLeft(Sound sound) {
        return sound.part() == Part.LEFT;
    }

    private static PassedLine line(Arrangement tune, List<Sound> line, int change) {
        Sound first = line.get(0);
        Sound taken = line.get(change);
        int way = line.get(1).key() - first.key();
        int bar = taken.note().bar();
        return new PassedLine(
                first.note().bar(),
                Math.abs(way) <= STEP,
                way > 0,
                isLeft(first),
                bar,
                tune.sheet().bars().get(bar).countAt(taken.note().onset()),
                line.size());
    }
}
