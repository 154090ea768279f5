package com.zestythumb.formats.musicxml;

import com.zestythumb.core.analysis.Cadence;
import com.zestythumb.core.arrangement.ArrangedChord;
import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.PedalSpan;
import com.zestythumb.core.arrangement.TimedNote;
import com.zestythumb.core.fingering.Side;
import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.sheet.CountedLine;
import com.zestythumb.core.sheet.Counts;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.NoteSign;
import com.zestythumb.core.sheet.Touch;
import com.zestythumb.core.sheet.Tuplet;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.audiveris.proxymusic.Direction;
import org.audiveris.proxymusic.Harmony;
import org.audiveris.proxymusic.Note;
import org.audiveris.proxymusic.StemValue;
import org.audiveris.proxymusic.Syllabic;

/**
 * Writes the accompaniment of one hand, the left with the chord symbols: each voice of a bar as moments in time, some notes
 * struck or a rest.
 */
final class HandStaff {

    /** Voices of the left hand; those of the right begin below the tune, or where there is none as the first. */
    private static final int FIRST_VOICE = 5;

    private static final int BELOW_THE_TUNE = 2;

    /** A voice of the staff; where it has others beside it, its stems keep out of their way. */
    private record Voice(String name, StemValue stems) {}

    private final boolean page;
    private final Counts counts;
    private final CountedLine counted;
    private final int verses;
    private final int staff;
    private final Side side;
    private final int firstVoice;
    private final boolean symbolsOnUpper;
    private final ChordSymbols chordSymbols;
    private final boolean analysed;
    private final Map<Integer, Cadence> closes;
    private final Map<Integer, List<TimedNote>> notesByBar;
    private final Map<Integer, List<ArrangedChord>> chordsByBar;
    private final Map<Integer, List<PedalSpan>> pedalByBar;
    private final boolean fingersAbove;
    private final Set<String> heldFrom = new HashSet<>();

    /** With the count below its notes where that is wished, and on a staff to take away with what the analysis says. */
    HandStaff(Arrangement arrangement, boolean page, boolean analysed, Counts counts, int staff, Side side) {
        this.page = page;
        this.analysed = analysed;
        this.counts = counts;
        this.counted = new CountedLine(counts);
        this.verses = arrangement.sheet().verses();
        this.side = side;
        this.staff = staff;
        boolean belowTune = arrangement.sheet().hasMelody();
        this.symbolsOnUpper = belowTune || arrangement.needsRightHand();
        this.firstVoice = side == Side.LEFT ? FIRST_VOICE : belowTune ? BELOW_THE_TUNE : 1;
        List<TimedNote> notes =
                arrangement.notes().stream().filter(note -> note.side() == side).toList();
        // Above a tune they would be the tune's; chords have theirs below, in the order of their notes.
        this.fingersAbove = side == Side.RIGHT && !belowTune && !areChords(notes);
        this.closes = arrangement.closes().stream()
                .collect(Collectors.toMap(Cadence::chord, Function.identity(), (first, second) -> first));
        this.chordSymbols = new ChordSymbols(arrangement.sheet().heading(), page);
        this.notesByBar = notes.stream().collect(Collectors.groupingBy(TimedNote::bar));
        this.chordsByBar = arrangement.chords().stream()
                .collect(Collectors.groupingBy(chord -> chord.event().bar()));
        boolean chosen =
                side == Side.LEFT && PedalSpan.written(arrangement.sheet()).isEmpty();
        this.pedalByBar = (chosen ? PedalSpan.of(arrangement) : List.<PedalSpan>of())
                .stream().collect(Collectors.groupingBy(PedalSpan::bar));
        findTies(notes);
    }

    private static boolean areChords(List<TimedNote> notes) {
        Set<List<Object>> struck = new HashSet<>();
        return !notes.stream().allMatch(note -> struck.add(List.of(note.bar(), note.onset())));
    }

    private void findTies(List<TimedNote> notes) {
        Map<Integer, TimedNote> open = new HashMap<>();
        for (TimedNote note : notes) {
            if (open.remove(note.pitch().midi()) != null) {
                heldFrom.add(note.id());
            }
            if (note.tied()) {
                open.put(note.pitch().midi(), note);
            }
        }
    }

    /** The symbols of a bar, to be written at its beginning above the tune; none where there is no tune. */
    List<Harmony> symbolsAbove(Bar bar) {
        if (!symbolsOnUpper) {
            return List.of();
        }
        List<Harmony> symbols = new ArrayList<>();
        for (ChordEvent event : bar.events()) {
            if (!event.isSilent() || isTold(event)) {
                Harmony symbol = event.isSilent() ? chordSymbols.silence(event) : chordSymbols.symbol(event.chord());
                symbol.setStaff(BigInteger.ONE);
                symbol.setOffset(Notes.offset(event.start()));
                symbols.add(symbol);
            }
        }
        return symbols;
    }

    /** What the right hand plays below the tune, after going back to the beginning of the bar; nothing where it has none. */
    List<Object> below(Bar bar) {
        List<Object> content = new ArrayList<>();
        voices(bar).forEach((number, notes) -> {
            content.add(Notes.backup(bar.length()));
            addOther(bar, moments(bar, number, notes), new Voice(name(number), StemValue.DOWN), content);
        });
        return content;
    }

    /** From the highest to the lowest, as rests beside notes are moved out of their way. */
    private Map<Integer, List<TimedNote>> voices(Bar bar) {
        Map<Integer, List<TimedNote>> voices = notesByBar.getOrDefault(bar.index(), List.of()).stream()
                .filter(note -> note.voice() != TimedNote.WITH_TUNE)
                .collect(Collectors.groupingBy(TimedNote::voice, TreeMap::new, Collectors.toList()));
        Map<Integer, List<TimedNote>> ordered = new LinkedHashMap<>();
        voices.entrySet().stream()
                .sorted(Comparator.comparingDouble(voice -> -height(voice.getValue())))
                .forEach(voice -> ordered.put(voice.getKey(), voice.getValue()));
        return ordered;
    }

    List<Object> bar(Bar bar) {
        List<Object> content = new ArrayList<>();
        pedalByBar
                .getOrDefault(bar.index(), List.of())
                .forEach(span -> content.addAll(Headings.pedal(span, Math.max(1, staff))));
        Map<Integer, List<TimedNote>> voices = voices(bar);
        if (voices.isEmpty()) {
            List<Moment> silence = moments(bar, 0, List.of());
            if (silence.size() == 1) {
                silences(bar).forEach(event -> addSilence(event, event.start(), content));
                Note rest = Notes.barRest(bar.length(), voice(0, voices).name(), staff);
                chords(bar).forEach(chord -> {
                    addSymbol(chord, chord.event().start(), content);
                    nameRest(rest, chord);
                });
                content.add(rest);
            } else {
                addMain(bar, silence, voice(0, voices), content);
            }
        }
        voices.forEach((number, notes) -> {
            List<Moment> moments = moments(bar, number, notes);
            if (number.equals(highest(voices))) {
                addMain(bar, moments, voice(number, voices), content);
            } else {
                content.add(Notes.backup(bar.length()));
                addOther(bar, moments, voice(number, voices), content);
            }
        });
        layWords(bar, content);
        return content;
    }

    private List<Moment> moments(Bar bar, int voice, List<TimedNote> notes) {
        return Moment.fill(bar, side == Side.LEFT ? bar.left() : bar.beneath(), voice, notes);
    }

    private String name(int voice) {
        return String.valueOf(firstVoice + voice);
    }

    /** The stems of the highest voice go up, those of others down. */
    private Voice voice(int number, Map<Integer, List<TimedNote>> voices) {
        StemValue turned = number == highest(voices) ? StemValue.UP : StemValue.DOWN;
        return new Voice(name(number), voices.size() > 1 ? turned : null);
    }

    private static int highest(Map<Integer, List<TimedNote>> voices) {
        return voices.isEmpty() ? 0 : voices.keySet().iterator().next();
    }

    private static double height(List<TimedNote> notes) {
        return notes.stream().mapToInt(note -> note.pitch().midi()).average().orElseThrow();
    }

    /** The voice that fills the bar and bears the symbols. */
    private void addMain(Bar bar, List<Moment> moments, Voice voice, List<Object> content) {
        Map<Fraction, ArrangedChord> symbols = new TreeMap<>();
        chords(bar).forEach(chord -> symbols.put(chord.event().start(), chord));
        Beams beams = new Beams(bar.groupedMeter());
        for (Moment moment : moments) {
            symbols.forEach((start, chord) -> {
                if (isIn(moment, start)) {
                    addSymbol(chord, start.minus(moment.onset()), content);
                }
            });
            silences(bar).stream()
                    .filter(event -> isIn(moment, event.start()))
                    .forEach(event -> addSilence(event, event.start().minus(moment.onset()), content));
            int before = content.size();
            write(moment, bar, voice, content, beams);
            Note first = (Note) content.stream()
                    .skip(before)
                    .filter(Note.class::isInstance)
                    .findFirst()
                    .orElseThrow();
            ArrangedChord chord = symbols.get(moment.onset());
            if (moment.isRest() && chord != null) {
                nameRest(first, chord);
            }
            if (counts != Counts.NONE) {
                boolean isHeld =
                        !moment.isRest() && moment.notes().stream().allMatch(note -> heldFrom.contains(note.id()));
                Notes.addCount(first, counted.under(bar, moment.onset(), moment.duration(), isHeld), verses);
            }
        }
        beams.close();
    }

    /** The chords to whose symbols this staff is home. */
    private List<ArrangedChord> chords(Bar bar) {
        return side == Side.LEFT ? chordsByBar.getOrDefault(bar.index(), List.of()) : List.of();
    }

    /** On the page the rest of a hand that is silent at its chord tells where that stands: {@code r} and its index. */
    private void nameRest(Note rest, ArrangedChord chord) {
        if (page && rest.getId() == null) {
            rest.setId("r" + chord.index());
        }
    }

    /** A voice beside it; its rests are seen too, which the engraver moves out of the way. */
    private void addOther(Bar bar, List<Moment> moments, Voice voice, List<Object> content) {
        Beams beams = new Beams(bar.groupedMeter());
        moments.forEach(moment -> write(moment, bar, voice, content, beams));
        beams.close();
    }

    /** Words of a bar without tune stand on the page below its first chord, or above its rest. */
    private void layWords(Bar bar, List<Object> content) {
        String words = bar.text().words();
        if (!page || words.isEmpty() || side == Side.RIGHT) {
            return;
        }
        content.stream()
                .filter(item -> item instanceof Note note && note.getRest() == null)
                .findFirst()
                .ifPresentOrElse(
                        note -> layVerses((Note) note, List.of(words.split("\n"))),
                        () -> content.add(0, Headings.words(words.replace('\n', ' '))));
    }

    private static void layVerses(Note note, List<String> verses) {
        for (int verse = 0; verse < verses.size(); verse++) {
            if (!verses.get(verse).isEmpty()) {
                Notes.addLyric(note, Syllabic.SINGLE, verses.get(verse) + Notes.ROOM, verse);
            }
        }
    }

    private static boolean isIn(Moment moment, Fraction start) {
        return !start.isBefore(moment.onset()) && start.isBefore(moment.end());
    }

    /** A pushed chord sounds before its symbol, which keeps its place over the beat. */
    private void addSymbol(ArrangedChord chord, Fraction late, List<Object> content) {
        Harmony harmony = chordSymbols.symbol(chord.chord());
        harmony.setStaff(BigInteger.ONE);
        if (late.isPositive()) {
            harmony.setOffset(Notes.offset(late));
        }
        if (!symbolsOnUpper) {
            content.add(harmony);
        }
        if (page) {
            content.add(Headings.room(Math.max(1, staff)));
            return;
        }
        for (Direction said : analysed ? analysis(chord) : List.<Direction>of()) {
            said.setOffset(harmony.getOffset());
            content.add(said);
        }
    }

    /** Its numeral, and how a phrase ends with it. */
    private List<Direction> analysis(ArrangedChord chord) {
        List<Direction> said = new ArrayList<>();
        said.add(Headings.analysis(chord.numeral().toString(), Headings.NUMERAL + chord.index(), staff));
        Cadence close = closes.get(chord.index());
        if (close != null) {
            said.add(Headings.analysis(close.kind().word() + " cadence", Headings.CLOSE + chord.index(), staff));
        }
        return said;
    }

    private void addSilence(ChordEvent silence, Fraction behind, List<Object> content) {
        Harmony none = chordSymbols.silence(silence);
        none.setStaff(BigInteger.ONE);
        none.setOffset(Notes.offset(behind));
        content.add(none);
    }

    /** The silences of a bar where they are to be written on this staff. */
    private List<ChordEvent> silences(Bar bar) {
        return symbolsOnUpper || side != Side.LEFT
                ? List.of()
                : bar.events().stream()
                        .filter(ChordEvent::isSilent)
                        .filter(this::isTold)
                        .toList();
    }

    /** On the page nothing stands over a place that is open, or whose symbol could not be read. */
    private boolean isTold(ChordEvent silence) {
        return !page || silence.unread().isEmpty();
    }

    private void write(Moment moment, Bar bar, Voice voice, List<Object> content, Beams beams) {
        Fraction at = moment.onset().plus(bar.offset());
        Tuplet tuplet = moment.tuplet();
        List<NoteValue> values = moment.values(bar);
        for (int i = 0; i < values.size(); i++) {
            NoteValue value = values.get(i);
            List<Note> written = moment.isRest()
                    ? List.of(Notes.rest(value, voice.name(), staff))
                    : struck(moment.notes(), value, voice, i, values.size());
            Fraction sounding = value.length();
            if (tuplet != null) {
                sounding = sounding.times(Fraction.of(tuplet.normal(), tuplet.actual()));
                for (Note note : written) {
                    note.setDuration(Notes.divisions(sounding));
                    // The bracket is drawn once, at the lowest of notes struck together.
                    boolean lowest = note == written.get(0);
                    Notes.addTuplet(note, tuplet, lowest && i == 0, lowest && i == values.size() - 1);
                }
            }
            if (voice.stems() != null) {
                // Beside another voice each has its name, on an only staff too.
                written.forEach(note -> note.setVoice(voice.name()));
            }
            Set<NoteSign> signs = moment.signs();
            if (i == 0) {
                content.addAll(SignTags.before(isFirst(moment, bar) ? withoutClef(signs) : signs, staff));
                SignTags.at(written.get(0), signs, staff);
            }
            content.addAll(written);
            if (i == values.size() - 1) {
                content.addAll(SignTags.behind(signs, staff));
            }
            beams.add(at, value, moment.isRest() ? null : written.get(0));
            at = at.plus(sounding);
        }
    }

    /** The clef with which the tune begins stands at its head. */
    private static boolean isFirst(Moment moment, Bar bar) {
        return bar.index() == 0 && moment.onset().equals(Fraction.ZERO);
    }

    private static Set<NoteSign> withoutClef(Set<NoteSign> signs) {
        return signs.stream()
                .filter(sign -> sign.kind() != NoteSign.Kind.CLEF)
                .collect(Collectors.toCollection(TreeSet::new));
    }

    /** Notes struck together; on the page their fingers stand in one column, the thumb on top. */
    private List<Note> struck(List<TimedNote> notes, NoteValue value, Voice voice, int part, int parts) {
        List<Note> written = new ArrayList<>();
        for (TimedNote note : notes) {
            boolean held = part == 0 && heldFrom.contains(note.id());
            Note one = Notes.note(note, value, voice.name(), staff, !written.isEmpty(), held, part, parts);
            if (part == 0 && !page) {
                Notes.addFingers(one, List.of(note), fingersAbove);
            }
            if (voice.stems() != null && !value.type().equals("whole")) {
                Notes.stem(one, voice.stems());
            }
            if (part == 0 && note.touch() == Touch.ROLLED) {
                Notes.touch(one, Touch.ROLLED);
            }
            if (note.isSoft()) {
                Notes.soften(one);
            }
            if (part == 0 && note.isBroughtOut()) {
                Notes.bringOut(one);
            }
            written.add(one);
        }
        if (part == 0 && page) {
            Notes.addFingers(written.get(0), notes, fingersAbove);
        }
        if (part == 0 && notes.get(0).touch() != Touch.ROLLED) {
            Notes.touch(written.get(0), notes.get(0).touch());
        }
        return written;
    }
}
