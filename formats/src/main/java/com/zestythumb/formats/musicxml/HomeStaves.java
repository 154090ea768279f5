package com.zestythumb.formats.musicxml;

import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;

/** On which staff a voice is at home: where most of its notes were until now. A note on the other staff has crossed over to it. */
final class HomeStaves {

    private final Map<String, Map<Integer, Integer>> counts = new HashMap<>();
    /** Voices of one name on both staves, each gone back to in time. */
    private final Set<String> twice = new HashSet<>();

    /** Looks at the next measure. */
    void measure(XmlNode measure) {
        Map<String, Integer> partOf = new HashMap<>();
        twice.clear();
        int part = 0;
        for (XmlNode child : measure.children()) {
            if (child.name().equals("backup")) {
                part++;
            } else if (child.name().equals("note") && child.has("voice")) {
                String voice = child.text("voice");
                counts.computeIfAbsent(voice, name -> new HashMap<>()).merge(staff(child), 1, Integer::sum);
                if (partOf.merge(voice, part, (known, here) -> known) != part) {
                    twice.add(voice);
                }
            }
        }
    }

    int of(XmlNode note) {
        Map<Integer, Integer> known = counts.get(note.text("voice"));
        if (known == null || twice.contains(note.text("voice"))) {
            return staff(note);
        }
        int here = staff(note);
        return known.entrySet().stream()
                .filter(entry -> entry.getValue() > known.getOrDefault(here, 0))
                .max(Map.Entry.comparingByValue())
                .map(Map.Entry::getKey)
                .orElse(here);
    }

    private static int staff(XmlNode note) {
        return note.number("staff", 1);
    }
}
