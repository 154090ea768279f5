package com.zestythumb.formats.musicxml;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.chord.Quality;
import com.zestythumb.core.pitch.PitchClass;
import com.zestythumb.formats.BroughtBar;
import java.util.ArrayList;
import java.util.List;

/** Reads MusicXML's harmony element as a chord. */
final class HarmonyTags {

    private HarmonyTags() {}

    /**
     * The chord, or null for N.C.
     *
     * @throws IllegalArgumentException if there is no such chord here
     */
    static Chord read(XmlNode harmony) {
        List<XmlNode> roots = harmony.all("root").toList();
        List<XmlNode> kinds = harmony.all("kind").toList();
        if (!kinds.isEmpty() && kinds.get(0).text().equals("none")) {
            return null;
        }
        if (roots.isEmpty() || kinds.isEmpty()) {
            throw new IllegalArgumentException("a harmony without root and kind");
        }
        int last = Math.min(roots.size(), kinds.size()) - 1;
        PitchClass root = note(roots.get(last), "root");
        Quality quality = quality(kinds.get(last), degrees(harmony, last));
        PitchClass bass = harmony.has("bass") ? note(harmony.child("bass"), "bass") : root;
        Chord upper =
                last == 0 ? null : Chord.of(note(roots.get(0), "root"), quality(kinds.get(0), degrees(harmony, 0)));
        return new Chord(root, quality, bass, upper);
    }

    /** What a kind of none prints: a silence, or a symbol that nobody knew. */
    static BroughtBar.Symbol silence(XmlNode harmony) {
        String text = harmony.child("kind").attribute("text");
        return text.isBlank() || text.matches("(?i)n\\.?c\\.?")
                ? new BroughtBar.Symbol(null)
                : BroughtBar.Symbol.unread(text);
    }

    /** The degrees that stand behind the kind with this place. */
    private static List<Kinds.Change> degrees(XmlNode harmony, int place) {
        List<Kinds.Change> changes = new ArrayList<>();
        int kind = -1;
        for (XmlNode child : harmony.children()) {
            if (child.name().equals("kind")) {
                kind++;
            } else if (child.name().equals("degree") && kind == place) {
                changes.add(new Kinds.Change(
                        child.text("degree-type"), child.number("degree-value", 1), child.number("degree-alter", 0)));
            }
        }
        return changes;
    }

    /** The kind's tones; where they have no name, what the file prints for them. */
    private static Quality quality(XmlNode kind, List<Kinds.Change> degrees) {
        try {
            return Kinds.quality(kind.text(), degrees);
        } catch (IllegalArgumentException e) {
            return Quality.parse(kind.attribute("text"));
        }
    }

    private static PitchClass note(XmlNode node, String prefix) {
        PitchClass natural = PitchClass.parse(node.text(prefix + "-step"));
        return new PitchClass(natural.letter(), node.number(prefix + "-alter", 0));
    }
}
