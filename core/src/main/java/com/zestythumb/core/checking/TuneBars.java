package com.zestythumb.core.checking;

import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.sheet.SheetNote;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;

/** Bars of the tune that are like an earlier one: in their notes, their shape or their rhythm. */
public final class TuneBars {

    /** How a bar is like another, the closest first. */
    public enum Likeness {
        SAME,
        /** Every note as many steps higher or lower. */
        MOVED,
        /** Every step down where the other goes up. */
        UPSIDE_DOWN,
        /** Most notes are the same at their time. */
        VARIED,
        /** Other notes in the same rhythm. */
        RHYTHM
    }

    /**
     * A bar and the first one that it is like most.
     *
     * @param bar index of the bar, from 0
     * @param like index of the earlier bar
     * @param steps by how many steps it is higher where it is moved; else 0
     */
    public record Like(int bar, int like, Likeness how, int steps) {}

    private static final int FEW = 3;

    private TuneBars() {}

    /** The bars that are like an earlier one. O(bars² · notes of a bar). */
    public static List<Like> of(LeadSheet sheet) {
        List<Like> likes = new ArrayList<>();
        List<Bar> own = new ArrayList<>();
        for (Bar bar : sheet.bars()) {
            if (bar.melody().stream().allMatch(SheetNote::isRest)) {
                continue;
            }
            Like best = null;
            for (Bar other : own) {
                Like like = like(bar, other);
                if (like != null && (best == null || like.how().compareTo(best.how()) < 0)) {
                    best = like;
                }
            }
            if (best != null) {
                likes.add(best);
            }
            if (best == null || best.how() != Likeness.SAME) {
                own.add(bar);
            }
        }
        return likes;
    }

    private static Like like(Bar bar, Bar other) {
        List<SheetNote> here = bar.melody();
        List<SheetNote> there = other.melody();
        boolean rhythm = here.size() == there.size()
                && IntStream.range(0, here.size()).allMatch(i -> isInTime(here.get(i), there.get(i)));
        if (rhythm) {
            List<Integer> up = steps(here);
            List<Integer> otherUp = steps(there);
            int higher = first(here) - first(there);
            boolean moves = up.stream().anyMatch(step -> step != 0);
            if (samePitches(here, there)) {
                return new Like(bar.index(), other.index(), Likeness.SAME, 0);
            }
            if (up.equals(otherUp) && moves && higher != 0) {
                return new Like(bar.index(), other.index(), Likeness.MOVED, higher);
            }
            if (up.equals(otherUp.stream().map(step -> -step).toList()) && moves && up.size() >= 2) {
                return new Like(bar.index(), other.index(), Likeness.UPSIDE_DOWN, 0);
            }
        }
        Set<List<Object>> same = struck(here);
        same.retainAll(struck(there));
        int most = Math.max(struck(here).size(), struck(there).size());
        if (most >= FEW && same.size() * FEW >= 2 * most) {
            return new Like(bar.index(), other.index(), Likeness.VARIED, 0);
        }
        boolean tells = here.size() >= FEW
                && here.stream().map(SheetNote::duration).distinct().count() > 1;
        return rhythm && tells ? new Like(bar.index(), other.index(), Likeness.RHYTHM, 0) : null;
    }

    private static boolean isInTime(SheetNote one, SheetNote other) {
        return one.isRest() == other.isRest()
                && one.onset().equals(other.onset())
                && one.duration().equals(other.duration());
    }

    private static boolean samePitches(List<SheetNote> here, List<SheetNote> there) {
        return IntStream.range(0, here.size())
                .allMatch(i -> here.get(i).isRest()
                        || here.get(i).pitch().equals(there.get(i).pitch()));
    }

    private static int first(List<SheetNote> notes) {
        return notes.stream()
                .filter(note -> !note.isRest())
                .findFirst()
                .orElseThrow()
                .pitch()
                .staffStep();
    }

    /** From note to note, in steps of the staff. */
    private static List<Integer> steps(List<SheetNote> notes) {
        List<Integer> places = notes.stream()
                .filter(note -> !note.isRest())
                .map(note -> note.pitch().staffStep())
                .toList();
        return IntStream.range(1, places.size())
                .mapToObj(i -> places.get(i) - places.get(i - 1))
                .toList();
    }

    private static Set<List<Object>> struck(List<SheetNote> notes) {
        Set<List<Object>> struck = new HashSet<>();
        for (SheetNote note : notes) {
            if (!note.isRest()) {
                struck.add(List.<Object>of(note.onset(), note.pitch()));
            }
        }
        return struck;
    }
}
