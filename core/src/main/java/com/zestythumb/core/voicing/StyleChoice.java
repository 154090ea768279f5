package com.zestythumb.core.voicing;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.voicing.VoicingStyle.Setting;
import com.zestythumb.core.voicing.VoicingStyle.Value;
import com.zestythumb.core.voicing.VoicingStyle.Wishes;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/**
 * A style and how it is set.
 *
 * @param settings values by the ids of settings; those that are missing are the usual ones
 * @param strokes how the pattern strikes what it lays
 */
public record StyleChoice(VoicingStyle style, Map<String, String> settings, AttackMode strokes) {

    /** Throws with a teacher's words where the style has no such setting or value. */
    public StyleChoice {
        Objects.requireNonNull(style, "style");
        Objects.requireNonNull(strokes, "strokes");
        settings = Map.copyOf(settings);
        settings.forEach((id, value) -> check(style, id, value));
    }

    /** For chords struck at once. */
    public StyleChoice(VoicingStyle style, Map<String, String> settings) {
        this(style, settings, AttackMode.TOGETHER);
    }

    /** The same for a pattern that strikes so. */
    public StyleChoice struck(AttackMode other) {
        return new StyleChoice(style, settings, other);
    }

    /** The same as it is for a whole tune. */
    public StyleChoice settled(List<Chord> chords, Hand hand) {
        return new StyleChoice(style, style.settled(settings, chords, hand), strokes);
    }

    /** Close chords in these inversions. */
    public static StyleChoice close(Inversions inversions) {
        return new StyleChoice(VoicingStyles.CLOSE, Map.of(CloseStyle.INVERSIONS, inversions.name()));
    }

    private static void check(VoicingStyle style, String id, String value) {
        List<Value> values = style.settings().stream()
                .filter(setting -> setting.id().equals(id))
                .map(Setting::values)
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(
                        "the voicing \"" + style.id() + "\" has no setting \"" + id + "\""));
        if (values.stream().noneMatch(one -> one.id().equals(value))) {
            throw new IllegalArgumentException("\"" + value + "\" is no value of " + id + "; choose one of "
                    + values.stream().map(Value::id).toList());
        }
    }

    /** The ways to lay a chord that this hand plays, never none. */
    public List<Voicing> candidates(Chord chord, Hand hand, int mostNotes) {
        Wishes wishes = new Wishes(hand, mostNotes, settings, strokes);
        return PlayabilityFilter.within(style.candidates(chord, wishes), chord, wishes);
    }
}
