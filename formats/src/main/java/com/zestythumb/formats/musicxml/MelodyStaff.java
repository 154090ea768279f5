package com.zestythumb.formats.musicxml;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Performance;
import com.zestythumb.core.arrangement.TimedNote;
import com.zestythumb.core.arrangement.TuneFingers;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.CountedLine;
import com.zestythumb.core.sheet.Counts;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.sheet.NoteSign;
import com.zestythumb.core.sheet.SheetNote;
import com.zestythumb.core.sheet.Touch;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.audiveris.proxymusic.Extend;
import org.audiveris.proxymusic.Lyric;
import org.audiveris.proxymusic.Note;
import org.audiveris.proxymusic.Rest;
import org.audiveris.proxymusic.StartStopContinue;
import org.audiveris.proxymusic.Syllabic;

/** Writes the tune on the upper staff: notes, ties, tuplets, syllables and, if wished, the count below. */
final class MelodyStaff {

    private static final String VOICE = "1";
    /** In a syllable's place: the one before is held on. */
    private static final String HELD = "_";

    private final boolean page;
    private final Counts counts;
    private final CountedLine counted;
    private final TuneFingers fingers;
    private final Map<List<Object>, List<TimedNote>> withTune;
    /** What is tied into the next notes. */
    private Set<Pitch> held = Set.of();

    /** Verses that are in the middle of a word. */
    private final Set<Integer> midWord = new HashSet<>();

    private final int verses;
    private final Set<List<Integer>> heldOn;

    /** With the fingers of the tune, and what is struck with its notes. */
    MelodyStaff(boolean page, Counts counts, Arrangement arrangement) {
        this.page = page;
        this.counts = counts;
        this.counted = new CountedLine(counts);
        this.fingers = arrangement.tuneFingers();
        this.verses = arrangement.sheet().verses();
        this.heldOn = heldOn(arrangement.sheet());
        this.withTune = arrangement.notes().stream()
                .filter(note -> note.voice() == TimedNote.WITH_TUNE)
                .collect(Collectors.groupingBy(note -> List.of(note.bar(), note.onset())));
    }

    List<Object> bar(Bar bar) {
        List<SheetNote> melody = bar.melody();
        if (melody.isEmpty() || melody.size() == 1 && melody.get(0).isRest()) {
            held = Set.of();
            return List.of(Notes.barRest(bar.length(), VOICE, 1));
        }
        List<Object> written = new ArrayList<>();
        Beams beams = new Beams(bar.groupedMeter());
        for (int i = 0; i < melody.size(); i++) {
            SheetNote note = melody.get(i);
            List<TimedNote> others = withTune.getOrDefault(List.of(bar.index(), note.onset()), List.of());
            boolean isHeld = !note.isRest() && held.contains(note.pitch());
            List<Note> heads = heads(bar, note, i, beams, others);
            Set<NoteSign> signs = new TreeSet<>(note.signs());
            signs.addAll(SheetNote.signs(others.stream().map(TimedNote::note).toList()));
            written.addAll(SignTags.before(signs, 1));
            SignTags.at(heads.get(0), signs, 1);
            if (!note.isRest()) {
                // Every note of a rolled chord says so; any other touch stands once.
                heads.subList(0, note.touch() == Touch.ROLLED ? 1 + others.size() : 1)
                        .forEach(head -> Notes.touch(head, note.touch()));
                for (int verse = 0; verse < note.verses().size(); verse++) {
                    addSyllable(
                            heads.get(0), note.syllable(verse), verse, heldOn.contains(List.of(verse, bar.index(), i)));
                }
                int finger = Math.max(fingers.at(bar.index(), i), note.finger());
                if (finger > 0) {
                    Notes.addFinger(heads.get(0), finger);
                }
            }
            if (counts != Counts.NONE) {
                Notes.addCount(heads.get(0), counted.under(bar, note.onset(), note.duration(), isHeld), verses);
            }
            written.addAll(heads);
            written.addAll(SignTags.behind(signs, 1));
        }
        beams.close();
        return written;
    }

    private List<Note> heads(Bar bar, SheetNote melody, int place, Beams beams, List<TimedNote> others) {
        Fraction at = melody.onset().plus(bar.offset());
        List<NoteValue> values = melody.tuplet() != null
                ? NoteValue.plain(melody.written())
                : NoteValue.written(at, melody.written(), bar.groupedMeter());
        List<Note> heads = new ArrayList<>();
        Fraction factor = melody.duration().dividedBy(melody.written());
        for (int part = 0; part < values.size(); part++) {
            NoteValue value = values.get(part);
            Note note = new Note();
            note.setId(Performance.tuneId(bar.index(), place) + (part == 0 ? "" : "-" + part));
            if (melody.isRest()) {
                note.setRest(new Rest());
            } else {
                note.setPitch(
                        Notes.pitch(melody.pitch().pitchClass(), melody.pitch().octave()));
                Notes.addTies(
                        note, part > 0 || held.contains(melody.pitch()), part < values.size() - 1 || melody.tied());
            }
            Notes.written(note, value, VOICE, 1);
            Fraction sounding = value.length().times(factor);
            note.setDuration(Notes.divisions(sounding));
            if (melody.tuplet() != null) {
                Notes.addTuplet(note, melody.tuplet(), part == 0, part == values.size() - 1);
            }
            beams.add(at, value, melody.isRest() ? null : note);
            at = at.plus(sounding);
            heads.add(note);
            for (TimedNote other : others) {
                boolean from = part > 0 || held.contains(other.pitch());
                Note more = Notes.note(other, value, VOICE, 1, true, from, part, values.size());
                more.setDuration(note.getDuration());
                more.setTimeModification(note.getTimeModification());
                if (part == 0 && other.finger() > 0) {
                    Notes.addFinger(more, other.finger());
                }
                heads.add(more);
            }
        }
        if (!melody.isRest()) {
            held = Stream.concat(Stream.of(melody), others.stream().map(TimedNote::note))
                    .filter(SheetNote::tied)
                    .map(SheetNote::pitch)
                    .collect(Collectors.toSet());
        }
        return heads;
    }

    /** Where a syllable is held on over the next note: verse, bar and place in it. */
    private static Set<List<Integer>> heldOn(LeadSheet sheet) {
        Set<List<Integer>> found = new HashSet<>();
        for (int verse = 0; verse < sheet.verses(); verse++) {
            List<Integer> last = List.of();
            for (Bar bar : sheet.bars()) {
                for (int place = 0; place < bar.melody().size(); place++) {
                    String syllable = bar.melody().get(place).syllable(verse);
                    if (syllable.equals(HELD)) {
                        found.add(last);
                    }
                    last = syllable.isEmpty() ? last : List.of(verse, bar.index(), place);
                }
            }
        }
        return found;
    }

    /** A syllable of a word stands before its hyphen; another one that is held on has a line behind it. */
    private void addSyllable(Note note, String syllable, int verse, boolean goesOver) {
        if (syllable.isEmpty()) {
            return;
        }
        if (syllable.equals(HELD)) {
            Lyric lyric = Notes.lyric(verse);
            lyric.setExtend(extend(goesOver ? StartStopContinue.CONTINUE : StartStopContinue.STOP));
            note.getLyric().add(lyric);
            return;
        }
        boolean goesOn = syllable.endsWith("-") && syllable.length() > 1;
        boolean inside = goesOn ? !midWord.add(verse) : midWord.remove(verse);
        Syllabic syllabic =
                inside ? goesOn ? Syllabic.MIDDLE : Syllabic.END : goesOn ? Syllabic.BEGIN : Syllabic.SINGLE;
        String word = goesOn ? syllable.substring(0, syllable.length() - 1) : syllable;
        Notes.addLyric(note, syllabic, word + (page ? Notes.ROOM.repeat(goesOn ? 2 : 1) : ""), verse);
        if (goesOver && !goesOn) {
            note.getLyric().get(note.getLyric().size() - 1).setExtend(extend(StartStopContinue.START));
        }
    }

    private static Extend extend(StartStopContinue type) {
        Extend extend = new Extend();
        extend.setType(type);
        return extend;
    }
}
