package com.zestythumb.core.arrangement;

import com.zestythumb.core.pattern.AccompanimentPattern;
import com.zestythumb.core.pattern.AccompanimentPatterns;
import com.zestythumb.core.pitch.PitchClass;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.voiceleading.School;
import com.zestythumb.core.voicing.Hand;
import com.zestythumb.core.voicing.Inversions;
import com.zestythumb.core.voicing.StyleChoice;
import com.zestythumb.core.voicing.Weights;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.Consumer;

/**
 * What the teacher chose for one student.
 *
 * @param style how chords are laid under the hand
 * @param pattern how they are broken
 * @param stretches bars in which another style or pattern is played
 * @param varied whether every fourth bar of a section runs into the next and every eighth breaks its chords in another way
 * @param hand whose hand
 * @param school by which the way from chord to chord is judged
 * @param weights how much she minds what
 * @param forbidden notes that the hand shall not play
 * @param playing how pedal and touch are used
 * @param wanted notes she wants on top of chords or at their bottom
 * @param pins voicings she fixed
 * @param waivers what she leaves as it is, although the school minds it
 */
public record Choices(
        StyleChoice style,
        AccompanimentPattern pattern,
        List<Stretch> stretches,
        boolean varied,
        Hand hand,
        School school,
        Weights weights,
        Set<PitchClass> forbidden,
        Playing playing,
        List<WantedNote> wanted,
        List<KeptVoicing> pins,
        List<Waiver> waivers) {

    public static final Choices USUAL =
            of(StyleChoice.close(Inversions.NEAREST), AccompanimentPatterns.BLOCK, Hand.OCTAVE, School.POPULAR);

    public Choices {
        Objects.requireNonNull(style, "style");
        Objects.requireNonNull(pattern, "pattern");
        Objects.requireNonNull(hand, "hand");
        Objects.requireNonNull(school, "school");
        Objects.requireNonNull(weights, "weights");
        Objects.requireNonNull(playing, "playing");
        stretches = List.copyOf(stretches);
        forbidden = Set.copyOf(forbidden);
        wanted = List.copyOf(wanted);
        pins = List.copyOf(pins);
        waivers = List.copyOf(waivers);
    }

    /** The usual wishes, no pedal, nothing fixed. */
    public static Choices of(StyleChoice style, AccompanimentPattern pattern, Hand hand, School school) {
        return new Choices(
                style,
                pattern,
                List.of(),
                false,
                hand,
                school,
                Weights.USUAL,
                Set.of(),
                Playing.PLAIN,
                List.of(),
                List.of(),
                List.of());
    }

    public Choices with(StyleChoice other) {
        return change(draft -> draft.style = other);
    }

    /** Close chords in these inversions. */
    public Choices with(Inversions inversions) {
        return with(StyleChoice.close(inversions));
    }

    public Choices with(AccompanimentPattern other) {
        return change(draft -> draft.pattern = other);
    }

    public Choices with(Hand other) {
        return change(draft -> draft.hand = other);
    }

    public Choices with(School other) {
        return change(draft -> draft.school = other);
    }

    public Choices with(Weights other) {
        return change(draft -> draft.weights = other);
    }

    public Choices with(Pedalling other) {
        return with(playing.with(other));
    }

    public Choices with(Playing other) {
        return change(draft -> draft.playing = other);
    }

    public Choices without(Set<PitchClass> notes) {
        return change(draft -> draft.forbidden = notes);
    }

    public Choices withStretches(List<Stretch> others) {
        return change(draft -> draft.stretches = others);
    }

    public Choices varied(boolean other) {
        return change(draft -> draft.varied = other);
    }

    public Choices wanting(List<WantedNote> others) {
        return change(draft -> draft.wanted = others);
    }

    public Choices withPins(List<KeptVoicing> others) {
        return change(draft -> draft.pins = others);
    }

    public Choices waiving(List<Waiver> others) {
        return change(draft -> draft.waivers = others);
    }

    /** How a chord is voiced: as its pattern brings it along, else by the last stretch that covers it. */
    public StyleChoice styleOf(ChordEvent chord) {
        return styleOf(chord, figureOf(chord));
    }

    /** The same of one that is played in this pattern, as its own or at rest. */
    StyleChoice styleOf(ChordEvent chord, AccompanimentPattern played) {
        AccompanimentPattern broken = figureOf(chord);
        boolean lays = broken.lays() != null
                && (played.equals(broken) || !broken.lays().isOnTheWay());
        if (lays && !broken.lays().equals(chosen(chord).style())) {
            return new StyleChoice(broken.lays(), Map.of());
        }
        return chosen(chord);
    }

    private StyleChoice chosen(ChordEvent chord) {
        return stretches.stream()
                .filter(stretch -> stretch.covers(chord) && stretch.style() != null)
                .reduce((first, second) -> second)
                .map(Stretch::style)
                .orElse(style);
    }

    /** How a chord is broken. */
    public AccompanimentPattern figureOf(ChordEvent chord) {
        return stretches.stream()
                .filter(stretch -> stretch.covers(chord) && stretch.pattern() != null)
                .reduce((first, second) -> second)
                .map(Stretch::pattern)
                .orElse(pattern);
    }

    private Choices change(Consumer<Draft> change) {
        Draft draft = new Draft(this);
        change.accept(draft);
        return draft.choices();
    }

    /** Choices of which one is about to change. */
    private static final class Draft {

        private StyleChoice style;
        private AccompanimentPattern pattern;
        private List<Stretch> stretches;
        private boolean varied;
        private Hand hand;
        private School school;
        private Weights weights;
        private Set<PitchClass> forbidden;
        private Playing playing;
        private List<WantedNote> wanted;
        private List<KeptVoicing> pins;
        private List<Waiver> waivers;

        Draft(Choices choices) {
            style = choices.style;
            pattern = choices.pattern;
            stretches = choices.stretches;
            varied = choices.varied;
            hand = choices.hand;
            school = choices.school;
            weights = choices.weights;
            forbidden = choices.forbidden;
            playing = choices.playing;
            wanted = choices.wanted;
            pins = choices.pins;
            waivers = choices.waivers;
        }

        Choices choices() {
            return new Choices(
                    style, pattern, stretches, varied, hand, school, weights, forbidden, playing, wanted, pins,
                    waivers);
        }
    }
}
