package com.zestythumb.core.exercise;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.voicing.Hand;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** What a student is asked in a tune, and how it is marked. */
public sealed interface Task permits Exercise, Transposed, Quiz {

    /**
     * What is asked at one chord.
     *
     * @param chord its index among the sounding chords of the tune
     * @param bar what a teacher calls its bar; 0 for a pickup
     * @param prompt what is to be found: {@code "C, first inversion"}
     * @param choices words of which one is right; none where the answer is played or written
     * @param figures what stands under the bass, the highest first; none where no figures are asked for
     */
    record Question(int chord, int bar, String prompt, List<String> choices, List<String> figures) {

        Question(int chord, int bar, String prompt, List<String> choices) {
            this(chord, bar, prompt, choices, List.of());
        }
    }

    /**
     * Asks something of some bars.
     *
     * @param key the tune as the teacher has it
     * @param bars by their index
     * @param to the key in which it is to be played, or whose signature counts, where that is asked; else null
     * @param counts what counts where keys are played
     * @throws IllegalArgumentException where nothing is left to find
     */
    static Task of(Arrangement key, Set<Integer> bars, ExerciseKind asked, Key to, Set<Criterion> counts) {
        if (asked == ExerciseKind.TRANSPOSED || asked == ExerciseKind.SIGNATURE) {
            return Transposed.of(key, bars, asked, to, counts);
        }
        if (asked == ExerciseKind.FOUR_PARTS) {
            return FourParts.of(key, bars, counts);
        }
        return asked.isVoiced() ? new Exercise(key, bars, asked, counts) : Quiz.of(key, bars, asked);
    }

    /** The tune with all that is right. */
    Arrangement key();

    ExerciseKind asked();

    List<Question> questions();

    /** What counts for its marks, in words after "What counts:"; empty where the question says it. */
    default String counted() {
        return "";
    }

    /** What the student's page does not have. */
    default Set<Hidden> hidden() {
        return switch (asked()) {
            case NAMES, HARMONY, RIDDLE -> EnumSet.of(Hidden.SYMBOLS, Hidden.NUMERALS);
            case NUMERALS, CLOSES -> EnumSet.of(Hidden.NUMERALS);
            // Under a bass that is given it is not known yet which finger takes it.
            case FIGURES -> EnumSet.allOf(Hidden.class);
            case FINGERS, FAULT -> EnumSet.of(Hidden.FINGERS);
            // What the tune's notes are is told with the numerals.
            case NON_CHORD -> EnumSet.of(Hidden.NUMERALS, Hidden.FINGERS);
            default -> EnumSet.noneOf(Hidden.class);
        };
    }

    /**
     * The tune as the student sees it.
     *
     * @param shown bars whose hand is shown as the key has it although it is asked for
     * @throws IllegalArgumentException where an answer makes no sense, with the place
     */
    LeadSheet page(Answers answers, Set<Integer> shown);

    /** The lowest and the highest key that may be wanted, as MIDI numbers: where the hand lives. */
    default List<Integer> range() {
        Hand hand = key().choices().hand();
        return List.of(hand.lowest().midi(), hand.highest().midi());
    }

    /** Marks what is answered. */
    Marking marked(Answers answers);

    /** What is right everywhere. */
    Answers solution();

    /**
     * Something that helps at a chord, more each time.
     *
     * @param asked how often help was asked for there, from 1
     */
    Hint hint(int chord, Answers answers, int asked);
}
