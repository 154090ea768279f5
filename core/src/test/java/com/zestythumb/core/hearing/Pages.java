package com.zestythumb.core.hearing;

import com.zestythumb.core.Corpus;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.Meter;
import com.zestythumb.core.sheet.NoteReader;
import com.zestythumb.core.sheet.SheetNote;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Reads pages of music, note by note; the notation is told at the head of pages.txt. */
final class Pages {

    /** A bar with the names accepted for its chords, one reading behind another. */
    record Bar(List<String> accepted, SoundingBar bar) {}

    /** A page of music. */
    record Page(String name, List<Bar> bars) {}

    private Pages() {}

    static List<Page> read(String file) {
        List<Page> pages = new ArrayList<>();
        List<String> lines = new ArrayList<>();
        for (String line : Corpus.lines(file)) {
            if (line.startsWith("= ") && !lines.isEmpty()) {
                pages.add(page(lines));
                lines.clear();
            }
            lines.add(line);
        }
        pages.add(page(lines));
        return pages;
    }

    private static Page page(List<String> lines) {
        Map<String, String> head = new LinkedHashMap<>();
        lines.stream().filter(line -> line.matches("(key|meter|unit): .*")).forEach(line -> {
            String[] parts = line.split(": ");
            head.put(parts[0], parts[1]);
        });
        Key key = Key.parse(head.get("key"));
        Meter meter = Meter.parse(head.get("meter"));
        Fraction unit =
                Fraction.of(4, Integer.parseInt(head.getOrDefault("unit", "1/8").substring(2)));
        List<Bar> bars = new ArrayList<>();
        for (String line : lines) {
            int parts = line.indexOf(" :: ");
            if (parts >= 0) {
                List<Sounding> notes = new ArrayList<>();
                for (String voice : line.substring(parts + 4).split(";")) {
                    notes.addAll(
                            voice.strip().startsWith("arp") ? arpeggio(voice.strip()) : voice(voice, key, meter, unit));
                }
                SoundingBar bar = new SoundingBar(notes, meter.barLength(), meter, key);
                bars.add(new Bar(List.of(line.substring(0, parts).split(",")), bar));
            }
        }
        return new Page(lines.get(0).substring(2), bars);
    }

    private static List<Sounding> voice(String voice, Key key, Meter meter, Fraction unit) {
        NoteReader reader = new NoteReader(voice, key, meter, unit, false).read();
        if (!reader.mistakes().isEmpty() || !reader.length().equals(meter.barLength())) {
            throw new AssertionError(voice + " lasts " + reader.length() + " " + reader.mistakes());
        }
        List<Sounding> notes = new ArrayList<>();
        for (SheetNote note : SheetNote.highest(reader.voices().get(0))) {
            if (!note.isRest()) {
                notes.add(new Sounding(note.pitch().midi(), note.pitch().pitchClass(), note.onset(), note.duration()));
            }
        }
        return notes;
    }

    private static List<Sounding> arpeggio(String text) {
        String[] names = text.split(" ");
        int[] order = {1, 2, 3, 4, 5, 3, 4, 5};
        Fraction sixteenth = Fraction.of(1, 4);
        List<Sounding> notes = new ArrayList<>();
        for (int i = 0; i < 16; i++) {
            Pitch pitch = Pitch.parse(names[order[i % 8]]);
            notes.add(new Sounding(pitch.midi(), pitch.pitchClass(), sixteenth.times(i), sixteenth));
        }
        return notes;
    }
}
