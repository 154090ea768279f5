package com.zestythumb.core.analysis;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.pitch.Key;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;

/**
 * What each chord of a tune tells of the key: a price for hearing it in a key, low where it is at home
 * ({@link Fit}), less what tells of home there. Home is told by where the tune and its lines begin and come to rest,
 * by dominants that resolve, by what lasts, by the tune; not by mere position at the end, for loops have none
 * (common practice).
 */
final class KeyEvidence {

    /** The fourth of {@link KeyState#MODES}. */
    private static final int MIXOLYDIAN = 3;

    /**
     * A chord with what speaks for its key.
     *
     * @param told the key written in the chart where it stands, or null
     * @param weight how much it counts, 1 for an ordinary one
     * @param tune how long each of the twelve keys from C sounds in the tune meanwhile, together 1; empty
     *     where nothing is sung
     * @param sungLast the key of the tune's last note over it, 0 (C) to 11 (B); −1 where nothing is sung
     * @param begins what begins with it
     * @param last whether it ends a phrase
     * @param held whether it lasts longer than chords do here
     * @param fixed the key in which the teacher hears it, or null
     */
    record Heard(
            Chord chord,
            Key told,
            double weight,
            double[] tune,
            int sungLast,
            Begins begins,
            boolean last,
            boolean held,
            Key fixed) {}

    /** What may begin with a chord. */
    enum Begins {
        NOTHING(0),
        LINE(0.35),
        SECTION(0.9),
        TUNE(0.8);

        private final double atHome;

        /** What it earns a key to begin so on its chord of rest. */
        Begins(double atHome) {
            this.atHome = atHome;
        }
    }

    private static final double TOLD = 0.15;
    private static final double BEGINS_ELSEWHERE = 3.0;
    private static final double AGAINST_THE_TEACHER = 1000;
    private static final double MODAL = 0.8;
    private static final double RESTS = 0.8;
    private static final double MERELY_LAST = 0.1;
    private static final double SUNG_HOME = 0.5;
    private static final double FOREIGN_NOTE = 1.5;
    private static final double STRANGE_SEVENTH = 1.2;
    private static final double LEADS_HOME = 1.0;
    private static final double TRIAD_LEADS_HOME = 0.5;
    private static final double ROUND = 0.7;
    private static final double ALL_DOMINANTS = 1.0;
    private static final double LEADS_INSIDE = 0.7;
    private static final double FALLS_BACK = 0.3;
    private static final double LEAVES_UNPROVEN = 2.0;
    private static final int BLUE_TONICS = 3;
    private static final int BLUE_SUBDOMINANTS = 2;

    final int count;
    /** The keys that are worth a thought: those whose tonic sounds, is led to, or is named. */
    final int[] keys;
    /** Price of each chord in each key. */
    final double[][] prices;
    /** What its arrival from the chord before earns there. */
    final double[][] arrivals;
    /** Whether it closes there: a dominant has gone home. */
    final boolean[][] closes;

    private final List<Heard> chords;
    private final int[] roots;
    private final ChordKind[] kinds;
    private final boolean[] leads;
    private final boolean[] majorSevenths;
    private final boolean blues;
    private final int[] dominantsOn;

    KeyEvidence(List<Heard> chords) {
        this.chords = chords;
        this.count = chords.size();
        this.roots = chords.stream()
                .mapToInt(heard -> heard.chord().root().semitone())
                .toArray();
        this.kinds = chords.stream().map(heard -> ChordKind.of(heard.chord())).toArray(ChordKind[]::new);
        this.leads = new boolean[count];
        this.majorSevenths = new boolean[count];
        for (int i = 0; i < count; i++) {
            leads[i] = ChordKind.canLead(chords.get(i).chord());
            majorSevenths[i] = ChordKind.hasMajorSeventh(chords.get(i).chord());
        }
        long dominants = Arrays.stream(kinds).filter(ChordKind.DOMINANT::equals).count();
        // Where nearly all chords have a minor seventh it is a colour and tells no direction.
        this.blues = dominants * 4 > 3L * count;
        this.dominantsOn = new int[12];
        for (int i = 0; i < count; i++) {
            dominantsOn[roots[i]] += kinds[i] == ChordKind.DOMINANT ? 1 : 0;
        }
        this.keys = keys();
        this.prices = new double[count][KeyState.COUNT];
        this.arrivals = new double[count][KeyState.COUNT];
        this.closes = new boolean[count][KeyState.COUNT];
        for (int i = 0; i < count; i++) {
            for (int key : keys) {
                arrivals[i][key] = i == 0 ? ROUND * resolution(count - 1, 0, key) : resolution(i - 1, i, key);
                closes[i][key] = i > 0 && arrivals[i][key] > 0 && aboveTonic(i, key) == 0;
                prices[i][key] = price(i, key);
            }
        }
    }

    private int[] keys() {
        boolean[] sounds = new boolean[KeyState.TONICS];
        boolean[] wanted = new boolean[KeyState.TONICS];
        for (int i = 0; i < count; i++) {
            sounds[roots[i]] = true;
            wanted[(roots[i] + (kinds[i].isDiminished() ? 1 : 5)) % 12] |=
                    kinds[i] == ChordKind.DOMINANT || kinds[i].isDiminished();
            for (Key named : new Key[] {chords.get(i).told(), chords.get(i).fixed()}) {
                sounds[named == null ? roots[i] : named.tonic().semitone()] = true;
            }
        }
        return IntStream.range(0, KeyState.COUNT)
                .filter(key -> sounds[KeyState.tonic(key)] || !KeyState.isModal(key) && wanted[KeyState.tonic(key)])
                .toArray();
    }

    Heard heard(int i) {
        return chords.get(i);
    }

    /** What it costs to begin in a key: nothing in the one that is told, and little where none is. */
    double beginning(int key) {
        Key told = chords.get(0).told();
        boolean named = told != null && KeyState.isNamed(key, told);
        return (told == null || named ? 0 : BEGINS_ELSEWHERE) + entering(0, key) - arrivals[0][key];
    }

    /** What a church mode costs that nobody told of. */
    double entering(int i, int key) {
        Key told = chords.get(i).told();
        boolean spoken = told != null && told.mode() == KeyState.MODES.get(KeyState.mode(key));
        return KeyState.isModal(key) && !spoken ? MODAL + (blues ? ALL_DOMINANTS : 0) : 0;
    }

    /** What it costs to leave the first key again where the tune did not begin on its chord of rest. */
    double leavingTheFirst(int key) {
        return isHome(0, key) || isTold(0, key) ? 0 : LEAVES_UNPROVEN;
    }

    boolean isTold(int i, int key) {
        Key told = chords.get(i).told();
        return told != null && KeyState.isNamed(key, told);
    }

    /** Whether a chord is of this key as well, so that the key before and this one may meet on it. */
    boolean belongs(int i, int key) {
        return fit(i, key) < 2.4;
    }

    /** Whether it is the chord before once more. */
    boolean isStruckAgain(int i) {
        return chords.get(i).chord().equals(chords.get(i - 1).chord());
    }

    private int aboveTonic(int i, int key) {
        return Math.floorMod(roots[i] - key, 12);
    }

    private boolean isHome(int i, int key) {
        boolean triad = kinds[i] == (KeyState.isMinor(key) ? ChordKind.MINOR : ChordKind.MAJOR);
        boolean blue = kinds[i] == ChordKind.DOMINANT && !KeyState.isMinor(key) && isBlues(key);
        return aboveTonic(i, key) == 0 && (triad || blue);
    }

    private boolean isBlues(int key) {
        int tonic = KeyState.tonic(key);
        return blues || dominantsOn[tonic] >= BLUE_TONICS && dominantsOn[(tonic + 5) % 12] >= BLUE_SUBDOMINANTS;
    }

    private double price(int i, int key) {
        Heard heard = chords.get(i);
        if (heard.fixed() != null && !KeyState.isNamed(key, heard.fixed())) {
            return AGAINST_THE_TEACHER;
        }
        double price = heard.weight() * fit(i, key) + FOREIGN_NOTE * foreign(heard.tune(), key);
        price -= isTold(i, key) ? TOLD : 0;
        if (!isHome(i, key)) {
            return price;
        }
        boolean returns = aboveTonic(0, key) == 0 && i > 0 || heard.begins() != Begins.NOTHING;
        boolean called = i > 0 && aboveTonic(i - 1, key) == 7 && kinds[i - 1] == ChordKind.DOMINANT;
        boolean rests = heard.last() && (returns || called || heard.held());
        boolean sungHome = heard.last() && heard.sungLast() == KeyState.tonic(key);
        return price
                - heard.begins().atHome
                - (rests ? RESTS : heard.last() ? MERELY_LAST : 0)
                - (sungHome ? SUNG_HOME : 0);
    }

    /** How readily it is heard in a key, whatever stands around it. */
    double fit(int i, int key) {
        int aboveTonic = aboveTonic(i, key);
        boolean coloured = kinds[i] == ChordKind.DOMINANT && (aboveTonic == 0 || aboveTonic == 5) && isBlues(key);
        double fit = Fit.price(aboveTonic, coloured ? ChordKind.MAJOR : kinds[i], KeyState.mode(key));
        if (aboveTonic == 0 && isDominantOf(i, key)) {
            // The tonic with a seventh on its way to IV is V7/IV, and tells of no mixolydian.
            fit = Math.max(fit, Fit.price(0, ChordKind.DOMINANT, 0));
        }
        if (aboveTonic == 7 && kinds[i] == ChordKind.MINOR && i + 1 < kinds.length && isDominantOf(i + 1, key)) {
            fit = Math.max(fit, Fit.price(7, ChordKind.MINOR, 0));
        }
        boolean strange = majorSevenths[i] && !KeyState.has(key, (roots[i] + 11) % 12);
        return fit + (strange ? STRANGE_SEVENTH : 0);
    }

    /** Whether a chord with a seventh goes a fifth down, and no chord of the same root beside it says that it is at rest. */
    private boolean isDominantOf(int i, int key) {
        return kinds[i] == ChordKind.DOMINANT
                && KeyState.mode(key) == MIXOLYDIAN
                && i + 1 < kinds.length
                && aboveTonic(i + 1, key) == 5
                && kinds[i + 1] == ChordKind.MAJOR;
    }

    /**
     * How plainly the tune over a stretch is in a key: 1 where no more than half as many of its notes are foreign as
     * of notes drawn by lot, 0 where as many are.
     */
    double tuneful(int key, int from, int to) {
        double foreign = 0;
        double byLot = 0;
        for (Heard heard : chords.subList(from, to)) {
            foreign += foreign(heard.tune(), key);
            byLot += heard.sungLast() < 0 ? 0 : KeyState.foreignShare(key);
        }
        return byLot == 0 ? 1 : Math.max(0, Math.min(1, 2 * (1 - foreign / byLot)));
    }

    private static double foreign(double[] tune, int key) {
        double outside = 0;
        for (int note = 0; note < tune.length; note++) {
            outside += KeyState.has(key, note) ? 0 : tune[note];
        }
        return outside;
    }

    /** Whether a seventh chord from outside leads, as a dominant does, into a minor chord of the key. */
    private boolean leadsInside(int from, int to, int key) {
        boolean falls = kinds[to] == ChordKind.MINOR && aboveTonic(from, key) == (aboveTonic(to, key) + 7) % 12;
        boolean seventh = kinds[from] == ChordKind.DOMINANT && aboveTonic(from, key) != 7;
        return falls && seventh && Fit.price(aboveTonic(to, key), kinds[to], KeyState.mode(key)) < 2.4;
    }

    /** Whether what would be the dominant of a major key goes to its two, as dominants do not. */
    private boolean fallsBack(int from, int to, int key) {
        boolean five = aboveTonic(from, key) == 7 && leads[from];
        return five && aboveTonic(to, key) == 2 && kinds[to] == ChordKind.MINOR && KeyState.mode(key) == 0;
    }

    /** What a dominant that goes home earns: most with its seventh, for a plain fifth falls in every key. */
    private double resolution(int from, int to, int key) {
        if (aboveTonic(to, key) != 0) {
            return leadsInside(from, to, key) ? LEADS_INSIDE : fallsBack(from, to, key) ? -FALLS_BACK : 0;
        }
        boolean home = isHome(to, key);
        int aboveTonic = aboveTonic(from, key);
        boolean dominant = aboveTonic == 7 && leads[from];
        boolean leadingTone = aboveTonic == 11 && kinds[from].isDiminished();
        if (!home || !dominant && !leadingTone || KeyState.isModal(key) && KeyState.mode(key) != 2) {
            return 0;
        }
        return kinds[from] == ChordKind.MAJOR ? TRIAD_LEADS_HOME : LEADS_HOME;
    }
}
