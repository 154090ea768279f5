package com.zestythumb.core.voicing;

/**
 * How far the fingers travel between two chords. Voices do not cross: of all ways to lead one chord's
 * notes to the other's, keeping their order moves least (D. Tymoczko, "The geometry of musical
 * chords", Science 313, 2006, from memory). Where one chord has more notes, those that find no
 * partner cost nothing: a finger is only lifted or put down.
 */
public final class Distance {

    private Distance() {}

    /** Semitones moved in all between two chords given as rising MIDI keys. O(length × length). */
    public static int between(int[] a, int[] b) {
        if (a.length == b.length) {
            int sum = 0;
            for (int i = 0; i < a.length; i++) {
                sum += Math.abs(a[i] - b[i]);
            }
            return sum;
        }
        int[] small = a.length < b.length ? a : b;
        int[] large = small == a ? b : a;
        return large.length - small.length == 1 ? intoOneMore(small, large) : into(small, large);
    }

    /** {@link #into} for the usual case, a triad beside a seventh: two sums in place of a row of them. */
    private static int intoOneMore(int[] small, int[] large) {
        int noneSkipped = 0;
        int best = 0;
        for (int i = 0; i < small.length; i++) {
            noneSkipped += Math.abs(small[i] - large[i]);
            best = Math.min(noneSkipped, best + Math.abs(small[i] - large[i + 1]));
        }
        return best;
    }

    /** Each note of the smaller chord finds its own partner in the larger, in order. */
    private static int into(int[] small, int[] large) {
        int slack = large.length - small.length;
        // best[d]: least sum so far when the last note went to large[i + d] or below.
        int[] best = new int[slack + 1];
        for (int i = 0; i < small.length; i++) {
            int least = Integer.MAX_VALUE;
            for (int d = 0; d <= slack; d++) {
                int here = best[d] + Math.abs(small[i] - large[i + d]);
                least = Math.min(least, here);
                best[d] = least;
            }
        }
        return best[slack];
    }

    /**
     * Which note of {@code to} each note of {@code from} goes to in a smoothest leading.
     *
     * @return for each index of {@code from} an index of {@code to}, or −1 where the finger is lifted
     */
    public static int[] partners(int[] from, int[] to) {
        int[] partner = new int[from.length];
        if (from.length <= to.length) {
            match(from, to, partner);
            return partner;
        }
        int[] back = new int[to.length];
        match(to, from, back);
        java.util.Arrays.fill(partner, -1);
        for (int j = 0; j < back.length; j++) {
            partner[back[j]] = j;
        }
        return partner;
    }

    private static void match(int[] small, int[] large, int[] partner) {
        int slack = large.length - small.length;
        int[][] best = new int[small.length + 1][slack + 1];
        for (int i = 0; i < small.length; i++) {
            int least = Integer.MAX_VALUE;
            for (int d = 0; d <= slack; d++) {
                least = Math.min(least, best[i][d] + Math.abs(small[i] - large[i + d]));
                best[i + 1][d] = least;
            }
        }
        int d = slack;
        for (int i = small.length; i > 0; i--) {
            while (d > 0 && best[i][d - 1] == best[i][d]) {
                d--;
            }
            partner[i - 1] = i - 1 + d;
        }
    }
}
