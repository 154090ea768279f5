package com.zestythumb.formats.musicxml;

import com.zestythumb.core.sheet.Touch;
import com.zestythumb.formats.ImportReport;
import com.zestythumb.formats.ImportReport.Fate;
import com.zestythumb.formats.NotesInTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/** What a note of a score says of itself beside its key and length. */
final class NoteTags {

    private static final Map<String, String> NOT_READ =
            Map.of("ornaments", "ornaments", "glissando", "slides", "slide", "slides");

    private NoteTags() {}

    /** Tells what a note has that is not kept here. */
    static void tellNotKept(XmlNode note, ImportReport.Builder report) {
        note.all("notations")
                .forEach(notations -> NOT_READ.forEach((element, what) -> {
                    if (notations.has(element)) {
                        report.add(Fate.LEFT_OUT, what);
                    }
                }));
    }

    static NotesInTime.InTuplet tuplet(XmlNode note) {
        XmlNode time = note.child("time-modification");
        int actual = time.number("actual-notes", 1);
        int normal = time.number("normal-notes", 1);
        boolean usual = actual > 1 && actual <= 9 && normal >= 1 && normal <= 9;
        return usual ? new NotesInTime.InTuplet(actual, normal) : null;
    }

    /** The finger written to a note, the first where it changes; 0 without. */
    static int finger(XmlNode note) {
        String finger = note.all("notations")
                .flatMap(notations -> notations.all("technical"))
                .map(technical -> technical.text("fingering"))
                .filter(text -> !text.isEmpty())
                .findFirst()
                .orElse("");
        return finger.matches("[1-5].*") ? finger.charAt(0) - '0' : 0;
    }

    /** How a note is played. */
    static Touch touch(XmlNode note) {
        if (note.all("notations").anyMatch(notations -> notations.has("arpeggiate"))) {
            return Touch.ROLLED;
        }
        if (isArticulated(note, "detached-legato")) {
            return Touch.DETACHED;
        }
        return isArticulated(note, "staccato") || isArticulated(note, "staccatissimo") ? Touch.SHORT : Touch.PLAIN;
    }

    private static boolean isArticulated(XmlNode note, String how) {
        return note.all("notations")
                .flatMap(notations -> notations.all("articulations"))
                .anyMatch(articulations -> articulations.has(how));
    }

    /** The syllables of its verses as the chart writes them, a hyphen where the word goes on: by their numbers, else in their order. */
    static List<String> verses(XmlNode note) {
        List<String> verses = new ArrayList<>();
        for (XmlNode lyric : note.all("lyric").toList()) {
            String number = lyric.attribute("number");
            int verse = number.matches("[1-9]") ? Integer.parseInt(number) : verses.size() + 1;
            while (verses.size() < verse) {
                verses.add("");
            }
            if (verses.get(verse - 1).isEmpty()) {
                verses.set(verse - 1, syllable(lyric));
            }
        }
        return verses;
    }

    private static String syllable(XmlNode lyric) {
        String text = lyric.all("text")
                .map(XmlNode::text)
                .collect(Collectors.joining(" "))
                .replaceAll("[|*_\\s]+", " ")
                .strip();
        if (text.isEmpty()) {
            return lyric.has("extend") ? "_" : "";
        }
        String syllabic = lyric.text("syllabic");
        return text + (syllabic.equals("begin") || syllabic.equals("middle") ? "-" : "");
    }
}
