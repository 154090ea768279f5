package com.zestythumb.formats.musicxml;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.pitch.Mode;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.pitch.PitchClass;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.Meter;
import com.zestythumb.core.sheet.NoteSign;
import com.zestythumb.core.sheet.SheetNote;
import com.zestythumb.formats.BroughtBar;
import com.zestythumb.formats.Hands;
import com.zestythumb.formats.ImportReport;
import com.zestythumb.formats.ImportReport.Fate;
import com.zestythumb.formats.SheetBuilder;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Reads the measures of one part into the bars of the tune. The tune is the highest note of the first voice
 * on the upper staff of the first part that sounds, the left hand what stands on its lower staff; everything that sounds helps
 * to name the chords.
 */
final class PartReader {

    private static final int LOWEST = 21;
    private static final int HIGHEST = 108;
    private static final int MOST_DIVISIONS = 100_000;

    private final int place;
    private final String name;
    private final PartReader above;
    private final boolean first;
    private final Hands.Counter counter;
    private final Hands.Wanted wanted;
    private final SheetBuilder sheet;
    private final ImportReport.Builder report;

    private int divisions = 1;
    private Transposing transposing = Transposing.NONE;
    private Key written = Key.parse("C");
    private Key key = written;
    private Meter meter = Meter.FOUR_FOUR;
    private boolean keyMissing = true;
    private boolean modeMissing;
    private boolean bass;
    private boolean twoStaves;
    private String tune = "";
    private String leftHand = "";
    private final HandNotes upper = new HandNotes(null);
    private final HandNotes left = new HandNotes(NoteSign.BASS);
    /** All that the part has, bar by bar, while it is one line on one staff. */
    private final HandNotes alone = new HandNotes(null);

    private final List<List<SheetNote>> line = new ArrayList<>();
    private boolean oneLine = true;
    private final HomeStaves homes = new HomeStaves();
    private final MeasureRepeats again = new MeasureRepeats();
    private final Map<Integer, Set<String>> voices = new HashMap<>();
    private int measures;

    private BroughtBar bar;
    private Fraction time;
    private Fraction end;
    private Fraction chordOnset;
    private int number;

    /** Begins a part, above which others stand or none. */
    PartReader(
            int place,
            String name,
            PartReader above,
            SheetBuilder sheet,
            Hands.Counter counter,
            Hands.Wanted wanted,
            ImportReport.Builder report) {
        this.place = place;
        this.name = name;
        this.counter = counter;
        this.wanted = wanted;
        this.above = above;
        this.first = above == null;
        this.sheet = sheet;
        this.report = report;
    }

    int measuresRead() {
        return measures;
    }

    boolean isKeyMissing() {
        return keyMissing;
    }

    boolean isModeMissing() {
        return modeMissing;
    }

    /** The line that is the tune; empty where it is in none of this part. */
    String tune() {
        return upper.sounds() ? tune : "";
    }

    /** The line that is the left hand; empty where it is none of this part. */
    String leftHand() {
        return left.sounds() ? leftHand : "";
    }

    boolean isTaken() {
        return !tune().isEmpty() || !leftHand().isEmpty();
    }

    /** Its notes bar by bar where it is one line on one staff; else none. */
    List<List<SheetNote>> line() {
        return oneLine ? line : List.of();
    }

    boolean hasTwoStaves() {
        return twoStaves;
    }

    /** Whether somebody asked for its left hand. */
    boolean isWanted() {
        return wanted.left() != null;
    }

    void measure(XmlNode measure, int index) {
        measures = index + 1;
        number = index + 1;
        List<XmlNode> later = measure.all("attributes").collect(Collectors.toCollection(ArrayList::new));
        if (!later.isEmpty()) {
            attributes(later.remove(0));
        }
        if (index < sheet.bars().size()) {
            bar = sheet.bars().get(index);
        } else {
            bar = new BroughtBar(key, meter);
            sheet.add(bar);
        }
        homes.measure(measure);
        time = Fraction.ZERO;
        end = Fraction.ZERO;
        chordOnset = Fraction.ZERO;
        boolean any = false;
        for (XmlNode child : again.played(measure)) {
            element(child);
            any = true;
        }
        for (XmlNode attributes : later) {
            if (attributes.has("key") || attributes.has("time")) {
                attributes(attributes);
                report.add(Fate.GUESSED, "a key or meter that changes within a bar, from the next bar on", number);
            }
        }
        if (first && any && end.isPositive()) {
            bar.length = end;
        }
        List<List<SheetNote>> all = alone.take(bar.length);
        oneLine &= all.size() <= 1 && !twoStaves;
        line.add(all.isEmpty() ? List.of(new SheetNote(null, Fraction.ZERO, bar.length)) : all.get(0));
        List<List<SheetNote>> tuneHere = upper.take(bar.length);
        if (!tuneHere.isEmpty() && bar.melody.isEmpty()) {
            bar.setUpper(tuneHere);
        }
        List<List<SheetNote>> leftHere = left.take(bar.length);
        if (bar.left.isEmpty()) {
            bar.left.addAll(leftHere);
        }
    }

    private void element(XmlNode child) {
        switch (child.name()) {
            case "note" -> note(child);
            case "backup" -> move(child, -1);
            case "forward" -> move(child, 1);
            case "harmony" -> harmony(child);
            case "attributes" -> {
                divisions(child);
                child.all("clef").forEach(this::clef);
            }
            case "direction" -> {
                direction(child);
                if (first) {
                    Directions.read(child, bar, sheet, report, number);
                }
            }
            case "sound" -> {
                if (first) {
                    Directions.sound(child, bar, sheet, report, number);
                }
            }
            case "barline" -> {
                if (first) {
                    Directions.barline(child, bar);
                }
            }
            case "print" ->
                bar.beginsLine |= first
                        && (child.attribute("new-system").equals("yes")
                                || child.attribute("new-page").equals("yes"));
            default -> {
                // Figured bass, links and the like: nothing of a lead sheet.
            }
        }
    }

    private void attributes(XmlNode attributes) {
        divisions(attributes);
        if (attributes.child("key").has("fifths")) {
            int fifths = attributes.child("key").number("fifths", 0);
            if (Math.abs(fifths) > 7) {
                report.add(Fate.REPAIRED, "a signature of more than seven signs", number);
                fifths = Math.max(-7, Math.min(7, fifths));
            }
            written = Key.ofSignature(fifths, mode(attributes.child("key").text("mode")));
            keyMissing = false;
        }
        twoStaves |= attributes.number("staves", 1) > 1;
        if (attributes.has("transpose")) {
            transposing = Transposing.read(attributes.child("transpose"));
            if (!transposing.isNone()) {
                report.add(Fate.READ, "a transposing instrument, at the pitch where it sounds");
            }
        }
        key = transposing.of(written);
        XmlNode time = attributes.child("time");
        if (time.has("beats")) {
            try {
                String sign = Map.of("common", "C", "cut", "C|").get(time.attribute("symbol"));
                String figures = time.text("beats") + "/" + time.text("beat-type");
                meter = Meter.parse(sign == null ? figures : sign);
            } catch (IllegalArgumentException e) {
                report.add(Fate.REPAIRED, "a meter that is not known here, read as " + meter, number);
            }
        }
    }

    /** A clef of the left hand's staff; what the right hand reads is not kept. */
    private void clef(XmlNode clef) {
        String sign = clef.text("sign");
        int number = XmlNode.parse(clef.attribute("number"), 1);
        bass |= sign.equals("F");
        if (hand(number) == left && (sign.equals("G") || sign.equals("F"))) {
            left.signs.clef(sign.equals("G") ? NoteSign.TREBLE : NoteSign.BASS, time);
        }
    }

    private void direction(XmlNode direction) {
        HandNotes hand = hand(direction.number("staff", 1));
        Fraction at = time.plus(Fraction.of(direction.number("offset", 0), divisions));
        if (hand != null) {
            direction.all("direction-type").forEach(type -> hand.signs.direction(type, at));
        }
    }

    private void divisions(XmlNode attributes) {
        int stated = attributes.number("divisions", divisions);
        divisions = stated > 0 && stated <= MOST_DIVISIONS ? stated : divisions;
    }

    private Mode mode(String word) {
        for (Mode mode : Mode.values()) {
            if (mode.toString().equals(word)) {
                return mode;
            }
        }
        modeMissing = word.isEmpty() || word.equals("none");
        return word.equals("aeolian") ? Mode.MINOR : Mode.MAJOR;
    }

    private Fraction duration(XmlNode node) {
        int units = node.number("duration", 0);
        return units <= 0 || units > 64 * divisions ? Fraction.ZERO : Fraction.of(units, divisions);
    }

    private void move(XmlNode node, int direction) {
        time = time.plus(duration(node).times(direction));
        time = time.max(Fraction.ZERO);
        end = time.max(end);
    }

    private void note(XmlNode note) {
        if (note.has("grace") || note.has("cue")) {
            report.add(Fate.LEFT_OUT, "grace notes and cue notes", number);
            return;
        }
        Fraction duration = duration(note);
        Fraction onset = note.has("chord") ? chordOnset : time;
        if (!note.has("chord")) {
            chordOnset = time;
            time = time.plus(duration);
            end = time.max(end);
        }
        if (duration.equals(Fraction.ZERO)) {
            return;
        }
        Pitch pitch = pitch(note);
        if (pitch != null) {
            bar.sound(pitch, onset, duration);
        }
        boolean tied = note.all("tie").anyMatch(tie -> tie.attribute("type").equals("start"));
        int home = homes.of(note);
        twoStaves |= home == 2;
        if (home != note.number("staff", 1)) {
            report.add(Fate.READ, "notes that cross to the other staff, kept with the hand of their voice", number);
        }
        String line = line(home, note.text("voice"));
        if (pitch != null) {
            counter.add(line, pitch.midi());
        }
        HandNotes hand = hand(home);
        if (hand != null || oneLine) {
            SheetNote read = new SheetNote(
                    pitch,
                    onset,
                    duration,
                    tied,
                    null,
                    NoteTags.verses(note),
                    NoteTags.finger(note),
                    NoteTags.touch(note),
                    SignTags.ofNote(note));
            alone.add(note.text("voice"), read, NoteTags.tuplet(note));
            if (hand != null) {
                NoteTags.tellNotKept(note, report);
                if (!hand.add(note.text("voice"), read, NoteTags.tuplet(note))) {
                    report.add(Fate.LEFT_OUT, "voices of a hand beyond the third", number);
                }
            }
        }
    }

    /** The lower of two staves is the left hand's, or the second part where each has one staff and it is in the bass clef; null for what is nobody's here. */
    private HandNotes hand(int staff) {
        String id = id(staff);
        boolean isTune = wanted.tune() == null ? first && staff == 1 : isOn(wanted.tune(), id);
        boolean isLeft = wanted.left() == null ? isUsualLeft(staff) && !isTune : isOn(wanted.left(), id);
        if (isTune) {
            tune = wanted.tune() == null ? id : wanted.tune();
            upper.prefer(tune.substring(Math.min(id.length() + 1, tune.length())));
        } else if (isLeft) {
            leftHand = id;
        }
        return isTune ? upper : isLeft ? left : null;
    }

    /** The lower staff of the first part that has two, or a second part in the bass clef below one staff. */
    private boolean isUsualLeft(int staff) {
        boolean below = above == null || !above.twoStaves;
        boolean alone = !first && above.first && !above.twoStaves && bass && staff == 1;
        return staff == 2 && below || alone && !twoStaves;
    }

    private String id(int staff) {
        return place + "/" + staff;
    }

    private static boolean isOn(String line, String staff) {
        return line.equals(staff) || line.startsWith(staff + ":");
    }

    /** A staff, or where it has several one of its voices. */
    private String line(int staff, String voice) {
        String id = id(staff);
        Set<String> known = voices.computeIfAbsent(staff, s -> new LinkedHashSet<>());
        known.add(voice);
        boolean firstVoice = voice.equals(known.iterator().next());
        String line = firstVoice ? id : id + ":" + voice;
        String part = name.isBlank() ? "Part " + place : name;
        String where = !twoStaves && staff == 1
                ? ""
                : staff == 1 ? ", upper staff" : staff == 2 ? ", lower staff" : ", staff " + staff;
        counter.name(line, part + where + (firstVoice ? "" : ", voice " + known.size()));
        return line;
    }

    private Pitch pitch(XmlNode note) {
        if (!note.has("pitch")) {
            return null;
        }
        XmlNode pitch = note.child("pitch");
        try {
            int alter = Math.max(-2, Math.min(2, pitch.number("alter", 0)));
            PitchClass name = PitchClass.parse(pitch.text("step"));
            Pitch read = transposing.of(new Pitch(new PitchClass(name.letter(), alter), pitch.number("octave", 4)));
            if (read.midi() >= LOWEST && read.midi() <= HIGHEST) {
                return read;
            }
        } catch (IllegalArgumentException e) {
            // Told below, with the notes that lie off the keyboard.
        }
        report.add(Fate.LEFT_OUT, "notes that no piano has", number);
        return null;
    }

    private void harmony(XmlNode harmony) {
        if (harmony.has("numeral")) {
            // Numerals are found anew from the symbols.
            return;
        }
        Fraction at = time.plus(Fraction.of(harmony.number("offset", 0), divisions));
        at = at.max(Fraction.ZERO);
        try {
            Chord chord = HarmonyTags.read(harmony);
            BroughtBar.Symbol symbol =
                    chord == null ? HarmonyTags.silence(harmony) : new BroughtBar.Symbol(transposing.of(chord));
            if (bar.symbols.containsKey(at)) {
                at = at.plus(bar.length.minus(at).dividedBy(Fraction.of(2)));
                report.add(
                        Fate.GUESSED,
                        "two chord symbols at one place: the second is put in the middle of what follows",
                        number);
            }
            bar.symbols.put(at, symbol);
        } catch (IllegalArgumentException e) {
            report.add(Fate.LEFT_OUT, "chord symbols that have no chord here", number);
        }
    }
}
