package com.zestythumb.core.checking;

import com.zestythumb.core.arrangement.ArrangedChord;
import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.checking.PartsOfPage.Instant;
import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.pitch.PitchClass;
import com.zestythumb.core.pitch.Spelling;
import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.sheet.SheetNote;
import com.zestythumb.core.voiceleading.Kind;
import com.zestythumb.core.voiceleading.Kind.Trait;
import com.zestythumb.core.voiceleading.Move;
import com.zestythumb.core.voiceleading.Voice;
import com.zestythumb.core.voicing.ChordTone;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * Ways in which a chord of a page can be written otherwise, in its own rhythm: a voice on another tone of its chord within a sixth, two
 * voices, the chord turned over, a key let go in time, other fingers; last a note left out, which never silences a part.
 */
final class WrittenFixes {

    private static final int LOWEST = 21;
    private static final int OCTAVE = 12;
    private static final int SIXTH = 9;
    /** Moving a voice that did not err is as far as so many half steps. */
    private static final int STRANGER = 40;

    /** Notes of one voice on one key while a chord lasts. */
    private record Place(ArrangedChord chord, boolean upper, int voice, Pitch pitch) {

        /** Whether it is a key that the same voice strikes with another one. */
        boolean isBeside(Place other, Pitch key) {
            return upper == other.upper && voice == other.voice && chord == other.chord && pitch.equals(key);
        }

        boolean has(SheetNote note) {
            ChordEvent event = chord.event();
            return !note.isRest()
                    && note.pitch().equals(pitch)
                    && !note.onset().isBefore(event.start())
                    && note.onset().isBefore(event.end());
        }
    }

    private final Arrangement arrangement;
    private final ArrangedChord chord;
    private final List<Finding> findings;
    private final List<Place> places;
    private final List<Instant> instants;

    WrittenFixes(Arrangement arrangement, ArrangedChord chord, List<Finding> findings) {
        this.arrangement = arrangement;
        this.chord = chord;
        this.findings = findings;
        this.places = places(chord);
        this.instants = PartsOfPage.of(arrangement);
    }

    /** One that leaves the page like this. */
    private Candidate candidate(String what, List<Pitch> notes, LeadSheet page, int order, int lost, int distance) {
        List<Bar> before = arrangement.sheet().bars();
        List<Bar> changed = page.bars().stream()
                .filter(bar -> bar != before.get(bar.index()))
                .toList();
        return new Candidate(what, notes, null, changed, order, lost, distance);
    }

    private List<Place> places(ArrangedChord at) {
        Bar bar = arrangement.sheet().bars().get(at.event().bar());
        Set<Place> found = new HashSet<>();
        List<Place> ordered = new ArrayList<>();
        for (boolean upper : List.of(false, true)) {
            List<List<SheetNote>> voices = upper ? bar.upper() : bar.left();
            for (int voice = 0; voice < voices.size(); voice++) {
                for (SheetNote note : voices.get(voice)) {
                    Place place = note.isRest() ? null : new Place(at, upper, voice, note.pitch());
                    if (place != null && place.has(note) && found.add(place)) {
                        ordered.add(place);
                    }
                }
            }
        }
        ordered.sort(Comparator.comparing(Place::pitch));
        return ordered;
    }

    private boolean isSung() {
        return !instants.isEmpty();
    }

    /** One voice, or the hand as a whole. */
    List<Candidate> ofOneVoice() {
        List<Candidate> all = new ArrayList<>();
        for (Place place : places) {
            exchanges(place, false).forEach(all::add);
        }
        for (Finding finding : findings) {
            int before = finding.before() >= 0 ? finding.before() : finding.chord() - 1;
            if (before >= 0 && before < finding.chord()) {
                for (Move move : finding.motions()) {
                    places(arrangement.chords().get(before)).stream()
                            .filter(place -> place.pitch().equals(move.from().pitch()))
                            .forEach(place -> exchanges(place, true).forEach(all::add));
                }
            }
        }
        if (!isSung()) {
            addLetGo(all);
            addTurned(all);
            addLeftOut(all);
            if (findings.stream().anyMatch(finding -> finding.kind().is(Trait.HAND))) {
                all.add(candidate(
                        "let the app find the fingers",
                        List.of(),
                        written(chord, (upper, voice) -> !upper, note -> true, note -> note.withFinger(0)),
                        0,
                        0,
                        0));
            }
        }
        return all;
    }

    /** Another tone of the chord for one voice, within a sixth; the same key by its right name; another octave for what lies astray. */
    private Stream<Candidate> exchanges(Place place, boolean before) {
        Pitch key = place.pitch();
        return others(place).stream().map(other -> {
            LeadSheet sheet = exchanged(arrangement.sheet(), place, other);
            return candidate(
                    words(place, other, before),
                    List.of(other),
                    sheet,
                    before ? 1 : 0,
                    lost(place.chord(), List.of(place), List.of(other)),
                    distance(place, other));
        });
    }

    /**
     * How far a voice moves, half for what is changed and half from where it comes, and what speaks against it: that the voice is not the
     * one that erred, or the one of two that is heard most; that the bass becomes another, or the tune. What lies beyond its range or
     * leaps too far goes an octave, and a six-four comes down to its root.
     */
    private int distance(Place place, Pitch other) {
        Pitch key = place.pitch();
        List<Finding> named = new ArrayList<>();
        int from = 0;
        for (Finding finding : findings) {
            for (Move move : finding.fault().moves()) {
                boolean met = move.pitch().equals(key);
                if (met || move.from() != null && move.from().pitch().equals(key)) {
                    named.add(finding);
                    from = met && move.from() != null
                            ? Math.abs(move.from().pitch().midi() - other.midi())
                            : from;
                }
            }
        }
        boolean voices =
                findings.stream().anyMatch(finding -> !finding.fault().moves().isEmpty());
        boolean underTune =
                named.stream().anyMatch(finding -> finding.fault().voices().equals(List.of(Voice.BASS, Voice.TUNE)));
        boolean alone =
                named.stream().anyMatch(finding -> finding.fault().moves().size() == 1);
        boolean octave = Math.abs(other.midi() - key.midi()) == OCTAVE
                && named.stream().anyMatch(finding -> ASTRAY.contains(finding.kind()));
        boolean toRoot = named.stream().anyMatch(finding -> finding.kind() == Kind.SIX_FOUR)
                && other.pitchClass().soundsLike(chord.chord().root());
        boolean bass = place.equals(places.get(0));
        boolean otherBass = bass && !other.pitchClass().soundsLike(key.pitchClass());
        boolean top = place.equals(places.get(places.size() - 1));
        int changed = octave || toRoot ? 0 : (Math.abs(other.midi() - key.midi()) + from) / 2;
        return changed
                + (voices && named.isEmpty() ? STRANGER : 0)
                + (!alone && (otherBass && !underTune || top && !isSung()) ? STRANGER : 0)
                + (!alone && (bass || top) ? 2 : 0);
    }

    private static final Set<Kind> ASTRAY = EnumSet.of(Kind.RANGE, Kind.SEVENTH_LEAP, Kind.WIDE_LEAP);

    private List<Pitch> others(Place place) {
        Pitch key = place.pitch();
        Chord symbol = place.chord().chord();
        List<Pitch> others = new ArrayList<>();
        for (PitchClass tone : Stream.concat(symbol.tones().stream(), Stream.of(symbol.bass()))
                .distinct()
                .toList()) {
            for (int midi = Math.max(LOWEST, key.midi() - OCTAVE); midi <= key.midi() + OCTAVE; midi++) {
                boolean same = Math.floorMod(midi - tone.semitone(), OCTAVE) == 0;
                boolean near = Math.abs(midi - key.midi()) <= SIXTH || Math.abs(midi - key.midi()) == OCTAVE;
                Pitch other = same && near ? Spelling.as(tone, midi) : key;
                boolean taken =
                        other.midi() != key.midi() && places.stream().anyMatch(one -> one.isBeside(place, other));
                if (!other.equals(key) && !taken && !others.contains(other)) {
                    others.add(other);
                }
            }
        }
        return others;
    }

    private String words(Place place, Pitch other, boolean before) {
        int way = other.midi() - place.pitch().midi();
        String here = before ? " in the chord before" : "";
        if (way == 0) {
            return "write %s instead" + here;
        }
        String part = part(place);
        if (part.isEmpty()) {
            boolean octave = Math.abs(way) == OCTAVE;
            return (octave
                            ? "play %s an octave " + (way > 0 ? "higher" : "lower")
                            : "play %s instead of " + place.pitch().pitchClass().pretty())
                    + here;
        }
        return "move the " + part + (way > 0 ? " up" : " down") + " to %s"
                + (Math.abs(way) == OCTAVE ? ", an octave" : "") + here;
    }

    /** Which part has a note; empty where hands play. */
    private String part(Place place) {
        return instants.stream()
                .filter(instant -> instant.chord() == place.chord().index() && instant.begins())
                .flatMap(instant -> IntStream.range(0, instant.sounds().size())
                        .filter(part -> instant.sounds().get(part) != null
                                && instant.sounds().get(part).note().pitch().equals(place.pitch()))
                        .mapToObj(part -> instant.sonority().note(part).voice().words()))
                .findFirst()
                .orElse("");
    }

    /** How many tones of the chord are gone that sounded before. */
    private int lost(ArrangedChord at, List<Place> gone, List<Pitch> come) {
        List<Place> all = at == chord ? places : places(at);
        Set<ChordTone> before = members(at, all.stream().map(Place::pitch));
        Set<ChordTone> after = members(
                at,
                Stream.concat(
                        all.stream().filter(place -> !gone.contains(place)).map(Place::pitch), come.stream()));
        before.removeAll(after);
        return before.stream()
                .mapToInt(member -> member == ChordTone.FIFTH ? 1 : 3)
                .sum();
    }

    private static Set<ChordTone> members(ArrangedChord at, Stream<Pitch> pitches) {
        return pitches.map(pitch -> ChordTone.of(at.chord(), pitch.pitchClass()))
                .filter(member -> member != ChordTone.FOREIGN)
                .collect(Collectors.toSet());
    }

    /** Two voices at one time, each on another tone of the chord. */
    List<Candidate> ofTwoVoices() {
        List<Candidate> all = new ArrayList<>();
        for (int i = 0; i < places.size(); i++) {
            for (int j = i + 1; j < places.size(); j++) {
                Place low = places.get(i);
                Place high = places.get(j);
                if (!isNamed(low) && !isNamed(high)) {
                    continue;
                }
                for (Pitch one : near(low)) {
                    for (Pitch other : near(high)) {
                        if (low.isBeside(high, high.pitch()) && one.midi() == other.midi()) {
                            continue;
                        }
                        all.add(candidate(
                                words(low, one, false)
                                                .replace("%s", one.pitchClass().pretty()) + ", and "
                                        + words(high, other, false),
                                List.of(other),
                                exchanged(exchanged(arrangement.sheet(), low, one), high, other),
                                1,
                                lost(chord, List.of(low, high), List.of(one, other)),
                                distance(low, one) + distance(high, other)));
                    }
                }
            }
        }
        return all;
    }

    private boolean isNamed(Place place) {
        return findings.stream().allMatch(finding -> finding.fault().moves().isEmpty())
                || findings.stream().anyMatch(finding -> finding.notes().contains(place.pitch()));
    }

    private List<Pitch> near(Place place) {
        return others(place).stream()
                .filter(other -> Math.abs(other.midi() - place.pitch().midi()) <= SIXTH)
                .toList();
    }

    /** Where the bass becomes another tone of the chord, a chart that writes basses says so. */
    private LeadSheet exchanged(LeadSheet sheet, Place place, Pitch other) {
        boolean bass = place.equals(
                place.chord() == chord ? places.get(0) : places(place.chord()).get(0));
        LeadSheet named = bass ? named(sheet, place.chord(), other.pitchClass()) : sheet;
        return written(
                named,
                place.chord(),
                (upper, voice) -> upper == place.upper() && voice == place.voice(),
                place::has,
                note -> note.with(other).withTie(false));
    }

    private LeadSheet named(LeadSheet sheet, ArrangedChord at, PitchClass bass) {
        boolean slashes =
                arrangement.chords().stream().anyMatch(one -> one.chord().hasSlash());
        if (!slashes || findings.stream().anyMatch(finding -> finding.kind() == Kind.WRONG_BASS)) {
            return sheet;
        }
        Chord symbol = at.chord();
        Chord other = new Chord(symbol.root(), symbol.quality(), bass, symbol.upper());
        return sheet.mapBars(bar -> bar.index() != at.event().bar()
                ? bar
                : bar.withEvents(bar.events().stream()
                        .map(event -> event.start().equals(at.event().start()) ? event.with(other) : event)
                        .toList()));
    }

    private void addLeftOut(List<Candidate> all) {
        for (Place place : places) {
            if (!place.upper() && VoicedFixes.canGo(arrangement, chord, place.pitch())) {
                all.add(candidate(
                        "leave out %s",
                        List.of(place.pitch()),
                        written(
                                chord,
                                (upper, voice) -> upper == place.upper() && voice == place.voice(),
                                place::has,
                                WrittenFixes::silent),
                        2,
                        lost(chord, List.of(place), List.of()),
                        0));
            }
        }
    }

    /** The left hand's lowest note on top, or its highest at the bottom, once and twice. */
    private void addTurned(List<Candidate> all) {
        List<Pitch> keys = places.stream()
                .filter(place -> !place.upper())
                .map(Place::pitch)
                .distinct()
                .toList();
        boolean plain =
                keys.stream().noneMatch(key -> ChordTone.of(chord.chord(), key.pitchClass()) == ChordTone.FOREIGN);
        for (int turns = 1; plain && keys.size() > 2 && turns < keys.size(); turns++) {
            for (boolean up : List.of(true, false)) {
                Map<Pitch, Pitch> turned = new HashMap<>();
                for (int i = 0; i < keys.size(); i++) {
                    int by = up ? i < turns ? OCTAVE : 0 : i >= keys.size() - turns ? -OCTAVE : 0;
                    Pitch key = keys.get(i);
                    turned.put(key, by == 0 ? key : Spelling.as(key.pitchClass(), key.midi() + by));
                }
                List<Pitch> voiced = turned.values().stream().sorted().toList();
                if (voiced.get(0).midi() >= LOWEST) {
                    all.add(candidate(
                            "play it as %s",
                            voiced,
                            named(
                                    written(
                                            chord,
                                            (upper, voice) -> !upper,
                                            note -> turned.containsKey(note.pitch()),
                                            note -> note.with(turned.get(note.pitch()))
                                                    .withTie(false)),
                                    chord,
                                    voiced.get(0).pitchClass()),
                            0,
                            0,
                            OCTAVE * turns / 2));
                }
            }
        }
    }

    /** What is held over into the chord is let go where it begins. */
    private void addLetGo(List<Candidate> all) {
        places.stream()
                .filter(place -> !place.upper()
                        && ChordTone.of(chord.chord(), place.pitch().pitchClass()) == ChordTone.FOREIGN)
                .forEach(place -> all.add(candidate(
                        "let go of %s in time",
                        List.of(place.pitch()),
                        written(chord, (upper, voice) -> !upper, place::has, WrittenFixes::silent),
                        2,
                        0,
                        0)));
    }

    private static SheetNote silent(SheetNote note) {
        return new SheetNote(null, note.onset(), note.duration(), false, note.tuplet(), "");
    }

    /** Whose notes are changed. */
    private interface Whose {
        boolean is(boolean upper, int voice);
    }

    private LeadSheet written(
            ArrangedChord at, Whose whose, Predicate<SheetNote> which, UnaryOperator<SheetNote> change) {
        ChordEvent event = at.event();
        Predicate<SheetNote> here =
                note -> !note.onset().isBefore(event.start()) && note.onset().isBefore(event.end()) && which.test(note);
        return written(arrangement.sheet(), at, whose, here, change);
    }

    /** The page with some notes of a chord changed; what was tied to them is tied no longer. */
    private static LeadSheet written(
            LeadSheet sheet,
            ArrangedChord at,
            Whose whose,
            Predicate<SheetNote> which,
            UnaryOperator<SheetNote> change) {
        return sheet.mapBars(bar -> {
            if (bar.index() != at.event().bar()) {
                return bar;
            }
            Bar left = bar.withLeft(changed(bar.left(), voice -> whose.is(false, voice), which, change));
            return bar.melody().isEmpty()
                    ? left
                    : left.withUpper(changed(bar.upper(), voice -> whose.is(true, voice), which, change));
        });
    }

    private static List<List<SheetNote>> changed(
            List<List<SheetNote>> voices,
            Function<Integer, Boolean> whose,
            Predicate<SheetNote> which,
            UnaryOperator<SheetNote> change) {
        List<List<SheetNote>> all = new ArrayList<>();
        for (int voice = 0; voice < voices.size(); voice++) {
            boolean own = whose.apply(voice);
            all.add(
                    own
                            ? clean(voices.get(voice).stream()
                                    .map(note -> !note.isRest() && which.test(note) ? change.apply(note) : note)
                                    .toList())
                            : voices.get(voice));
        }
        return all;
    }

    /** No rest beside notes that are struck with it, the notes of a chord from the lowest, and no tie to another key. */
    private static List<SheetNote> clean(List<SheetNote> voice) {
        List<SheetNote> clean = new ArrayList<>();
        for (List<SheetNote> struck : SheetNote.struckTogether(voice)) {
            List<SheetNote> notes =
                    struck.stream().filter(note -> !note.isRest()).toList();
            Map<Integer, SheetNote> each = new HashMap<>();
            notes.forEach(note -> each.putIfAbsent(note.pitch().midi(), note));
            clean.addAll(
                    notes.isEmpty()
                            ? struck.subList(0, 1)
                            : each.values().stream()
                                    .sorted(Comparator.comparing(SheetNote::pitch))
                                    .toList());
        }
        List<SheetNote> untied = new ArrayList<>();
        for (SheetNote note : clean) {
            List<SheetNote> next = clean.stream()
                    .filter(other -> other.onset().equals(note.end()))
                    .toList();
            boolean goesOn = next.stream()
                    .anyMatch(other -> !other.isRest() && other.pitch().equals(note.pitch()));
            untied.add(note.tied() && !next.isEmpty() && !goesOn ? note.withTie(false) : note);
        }
        return untied;
    }
}
