package com.zestythumb.formats.musicxml;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** Signs that stand for the measures before them (MusicXML 4.0, measure-repeat): their notes are played again. */
final class MeasureRepeats {

    private static final int MOST = 8;
    private static final Set<String> PLAYED = Set.of("note", "backup", "forward");

    /** The last measures as they are played, the latest last. */
    private final List<List<XmlNode>> before = new ArrayList<>();

    /** How many measures are played again; 0 for none. */
    private int again;

    /** What stands in a measure, with the notes of another where a sign says so. */
    List<XmlNode> played(XmlNode measure) {
        measure.all("attributes")
                .flatMap(one -> one.all("measure-style"))
                .flatMap(one -> one.all("measure-repeat"))
                .forEach(sign -> again = sign.attribute("type").equals("stop")
                        ? 0
                        : Math.max(1, Math.min(MOST, XmlNode.parse(sign.text(), 1))));
        List<XmlNode> played = measure.children();
        if (again > 0 && before.size() >= again) {
            played = new ArrayList<>(measure.children().stream()
                    .filter(child -> !PLAYED.contains(child.name()))
                    .toList());
            before.get(before.size() - again).stream()
                    .filter(child -> PLAYED.contains(child.name()))
                    .forEach(played::add);
        }
        before.add(played);
        if (before.size() > MOST) {
            before.remove(0);
        }
        return played;
    }
}
