package com.zestythumb.core.analysis;

import com.zestythumb.core.pitch.NoteNames;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Reads each chord in its key and among its neighbours. The rules stand in the order in which a teacher
 * would try them; the first that fits gives numeral, role and reason.
 */
final class HarmonyReader {

    private static final List<ReadingRule> RULES = List.of(
            new CadentialSixFour(),
            new BassPedalOrPassing(),
            new Suspension(),
            new BluesSeventh(),
            new AugmentedSixth(),
            new Neapolitan(),
            new TritoneSubstitute(),
            RelatedTwo::inMinor,
            new RootlessNinth(),
            new DiatonicChord(),
            new AppliedDominant(),
            new RelatedTwo(),
            new DiminishedChord(),
            new BackdoorDominant(),
            new BorrowedChord());

    private static final ReadingRule TRITONE = new TritoneSubstitute();
    private static final ReadingRule APPLIED = new AppliedDominant();

    private final ChordInContext at;

    /**
     * Gets ready to read a chord.
     *
     * @param blues whether minor sevenths are at rest in this tune
     * @param names how the teacher calls the notes
     */
    HarmonyReader(Neighbourhood here, boolean blues, NoteNames names) {
        this.at = new ChordInContext(here, blues, names);
    }

    Reading read() {
        return RULES.stream()
                .map(rule -> rule.read(at))
                .flatMap(Optional::stream)
                .findFirst()
                .orElseGet(() -> at.plain(
                        Role.CHROMATIC,
                        "a colour from outside the key; listen to where its notes go",
                        ChordInContext.DOUBTFUL));
    }

    /** What else a teacher might call it, in this key. */
    List<String> others() {
        return Stream.<Optional<Reading>>of(
                        Optional.of(at.plain(Role.DIATONIC, "", ChordInContext.SURE)),
                        APPLIED.read(at),
                        RelatedTwo.asTwo(at),
                        TRITONE.read(at),
                        DiminishedChord.dominantWithoutRoot(at))
                .flatMap(Optional::stream)
                .map(reading -> reading.numeral().toString())
                .distinct()
                .toList();
    }
}
