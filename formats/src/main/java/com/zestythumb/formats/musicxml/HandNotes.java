package com.zestythumb.formats.musicxml;

import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.NoteSign;
import com.zestythumb.core.sheet.SheetNote;
import com.zestythumb.formats.NotesInTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;

/** What one hand plays in a part, measure by measure: up to three voices and the signs at their notes. */
final class HandNotes {

    private static final int MOST_VOICES = 3;

    final SignsInTime signs;
    /** The names of its voices as they came. */
    private final Set<String> voices = new LinkedHashSet<>();

    private final Map<String, NotesInTime> measure = new HashMap<>();
    /** The voice that comes before all others; empty where they come by their numbers. */
    private String first = "";

    private boolean sounds;

    HandNotes(NoteSign clef) {
        signs = new SignsInTime(clef);
    }

    /** Adds a note or a rest; false where it has too many voices for it. */
    boolean add(String voice, SheetNote note, NotesInTime.InTuplet tuplet) {
        voices.add(voice);
        sounds |= !note.isRest();
        measure.computeIfAbsent(voice, name -> new NotesInTime()).add(note, tuplet);
        return voices.size() <= MOST_VOICES;
    }

    /** Puts a voice first; nothing where the name is empty. */
    void prefer(String voice) {
        if (!voice.isEmpty() && voices.isEmpty()) {
            voices.add(voice);
            first = voice;
        }
    }

    /** Whether any of it sounded until now. */
    boolean sounds() {
        return sounds;
    }

    /** The voices of the measure that is over, those that sound, by their numbers; a rest where none does. */
    List<List<SheetNote>> take(Fraction length) {
        List<List<SheetNote>> taken = new ArrayList<>();
        voices.stream()
                .limit(MOST_VOICES)
                .sorted(Comparator.comparing((String voice) -> !voice.equals(first))
                        .thenComparing(String::length)
                        .thenComparing(Comparator.naturalOrder()))
                .map(measure::get)
                .filter(Objects::nonNull)
                .filter(NotesInTime::sounds)
                .forEach(voice -> taken.add(new ArrayList<>(voice.notes())));
        if (taken.isEmpty() && !measure.isEmpty()) {
            taken.add(new ArrayList<>(List.of(new SheetNote(null, Fraction.ZERO, length))));
        }
        signs.lay(taken);
        measure.clear();
        return taken;
    }
}
