package com.zestythumb.core.exercise;

import com.zestythumb.core.arrangement.AnalysedSheet;
import com.zestythumb.core.arrangement.ArrangedChord;
import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Surroundings;
import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.pitch.PitchClass;
import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.sheet.SheetNote;
import com.zestythumb.core.solving.VoicingSolver.Solved;
import com.zestythumb.core.voiceleading.School;
import com.zestythumb.core.voicing.ChordContext;
import com.zestythumb.core.voicing.Place;
import com.zestythumb.core.voicing.Voicing;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;

/**
 * Some bars that a student completes to four parts on two staves, by the rules of strict writing: three beneath the tune, or,
 * where there is none, three above the bass.
 */
final class FourParts extends Exercise {

    private static final int PARTS = 4;
    private static final int OCTAVE = 12;
    private static final List<String> NAMES = List.of("bass", "tenor", "alto", "soprano");

    /** What breaking the rules costs more than a way of another taste (see {@link PartWriter}). */
    private static final int A_RULE = 25;

    /** So many other ways are looked at for a better one. */
    private static final int WAYS = 12;

    private final PartWriter writer;
    private final List<Integer> chords;
    private final Map<Integer, List<Pitch>> written;
    private final boolean underTune;

    private FourParts(
            Arrangement key,
            Set<Integer> bars,
            Set<Criterion> counts,
            List<Place> places,
            PartWriter writer,
            Map<Integer, List<Pitch>> written,
            boolean underTune) {
        super(key, bars, ExerciseKind.FOUR_PARTS, counts, places);
        this.writer = writer;
        this.chords = List.copyOf(written.keySet());
        this.written = written;
        this.underTune = underTune;
    }

    /**
     * Writes the key of it.
     *
     * @throws IllegalArgumentException where a chord cannot be written in four parts, with its bar
     */
    static FourParts of(Arrangement key, Set<Integer> bars, Set<Criterion> counts) {
        List<ArrangedChord> chords =
                key.chords().stream().filter(one -> !one.event().isSilent()).toList();
        List<Pitch> tune =
                chords.stream().map(one -> tuneAt(key.sheet(), one.event())).toList();
        boolean underTune = tune.stream().anyMatch(note -> note != null);
        List<Chord> symbols = chords.stream().map(ArrangedChord::chord).toList();
        List<Pitch> basses = chords.stream()
                .map(one -> underTune ? null : bassAt(key.sheet(), one.event()))
                .toList();
        List<Key> keys = chords.stream()
                .map(one -> Surroundings.key(key.analysis(), one.index()))
                .toList();
        int span = key.choices().hand().span();
        List<Pitch> last = chords.stream()
                .map(one -> lastOf(key.sheet(), one.event(), underTune))
                .toList();
        PartWriter writer = new PartWriter(
                symbols, keys, underTune ? PARTS - 1 : 0, last, new PartVoicings(symbols, tune, basses, keys, span));
        int impossible = writer.impossible();
        if (impossible >= 0) {
            int bar = chords.get(impossible).event().bar();
            throw new IllegalArgumentException(
                    "bar " + key.sheet().bars().get(bar).number()
                            + ": there is no room for four parts"
                            + (tune.get(impossible) == null
                                    ? ""
                                    : " under " + tune.get(impossible).pretty() + " of the tune")
                            + "; move the tune to another key, or choose other bars");
        }
        List<List<Pitch>> row = writer.write();
        Map<Integer, List<Pitch>> written = new LinkedHashMap<>();
        List<Place> places = new ArrayList<>();
        for (int i = 0; i < row.size(); i++) {
            ArrangedChord chord = chords.get(i);
            written.put(chord.index(), row.get(i));
            if (bars.contains(chord.event().bar()) && (tune.get(i) != null || !underTune)) {
                places.add(new Place(chord.index(), chord.event(), Voicing.inOneGrip(chord.chord(), row.get(i))));
            }
        }
        return new FourParts(key, bars, counts, places, writer, written, underTune);
    }

    /** The tune's note at the beginning of a chord, or its first within it; null where it rests. */
    private static Pitch tuneAt(LeadSheet sheet, ChordEvent event) {
        return over(event, sheet.bars().get(event.bar()).melody()).findFirst().orElse(null);
    }

    /** The lowest note that somebody wrote under a chord; null where nobody did. */
    private static Pitch bassAt(LeadSheet sheet, ChordEvent event) {
        List<SheetNote> left = sheet.bars().get(event.bar()).allOfLeft();
        Pitch first = over(event, left).findFirst().orElse(null);
        // What passes by later, or lies above it, is no bass.
        return left.stream()
                .filter(note -> !note.isRest() && note.onset().equals(event.start()))
                .map(SheetNote::pitch)
                .min(Pitch::compareTo)
                .orElse(first);
    }

    /** The note with which the given part leaves a chord, where it is another than the one with which it met it; else null. */
    private static Pitch lastOf(LeadSheet sheet, ChordEvent event, boolean underTune) {
        Bar bar = sheet.bars().get(event.bar());
        if (!underTune && !FourPartPage.isBassLine(bar)) {
            return null;
        }
        List<Pitch> line =
                over(event, underTune ? bar.melody() : bar.allOfLeft()).toList();
        return line.size() < 2 ? null : line.get(line.size() - 1);
    }

    private static Stream<Pitch> over(ChordEvent event, List<SheetNote> notes) {
        return notes.stream()
                .filter(note -> !note.isRest()
                        && note.end().isAfter(event.start())
                        && note.onset().isBefore(event.end()))
                .map(SheetNote::pitch);
    }

    @Override
    public Set<Hidden> hidden() {
        return underTune ? EnumSet.of(Hidden.FINGERS) : EnumSet.allOf(Hidden.class);
    }

    @Override
    public List<Integer> range() {
        return List.of(
                PartVoicings.LOWEST.get(0).midi(),
                PartVoicings.HIGHEST.get(underTune ? PARTS - 2 : PARTS - 1).midi());
    }

    /** Whether the bass is what is given, and the chords stand in its figures. */
    boolean isOverBass() {
        return !underTune;
    }

    /** The part that is not asked for. */
    private Pitch given(Place place) {
        return place.key().get(underTune ? PARTS - 1 : 0);
    }

    @Override
    List<Pitch> wanted(Place place) {
        return place.key().stream().filter(pitch -> !pitch.equals(given(place))).toList();
    }

    /** The keys of a chord from its lowest, one twice where two parts meet on it; the part that is given need not be played. */
    @Override
    Voicing voiced(Place place, List<Integer> keys) {
        Pitch given = given(place);
        List<Integer> others = new ArrayList<>(keys);
        others.remove((Integer) given.midi());
        List<Pitch> all = new ArrayList<>(others.stream()
                .map(key -> key == given.midi() ? given : spelled(place.event(), key))
                .toList());
        all.add(given);
        if (all.size() > PARTS) {
            throw new IllegalArgumentException("bar "
                    + key().sheet().bars().get(place.event().bar()).number() + ": three notes are asked for "
                    + (underTune ? "beneath the tune" : "above the bass") + "; let one go");
        }
        all.sort(Pitch::compareTo);
        return Voicing.inOneGrip(place.event().chord(), all);
    }

    /** What of its parts is wrong in a chord by itself, whatever stands before and behind it. */
    @Override
    Map<String, String> beyond(Place place, Voicing answer) {
        List<Pitch> parts = answer.pitches();
        if (parts.size() < PARTS) {
            int missing = PARTS - parts.size();
            return Map.of(
                    "too-few",
                    "four parts are asked for; " + (missing == 1 ? "one is" : missing + " are") + " missing");
        }
        if (underTune && !parts.get(PARTS - 1).equals(place.key().get(PARTS - 1))) {
            return Map.of("range", "the tune is the highest part; " + name(parts.get(PARTS - 1)) + " lies above it");
        }
        Map<String, String> beyond = new LinkedHashMap<>();
        for (int part = 0; part < PARTS; part++) {
            Pitch low = PartVoicings.LOWEST.get(part);
            Pitch high = PartVoicings.HIGHEST.get(part);
            Pitch here = parts.get(part);
            if (!place.key().contains(here) && (here.midi() < low.midi() || here.midi() > high.midi())) {
                beyond.put(
                        "range",
                        "the " + NAMES.get(part) + " sings from " + name(low) + " to " + name(high) + "; " + name(here)
                                + " is too " + (here.midi() < low.midi() ? "low" : "high"));
            }
        }
        for (int part = 2; part < PARTS; part++) {
            if (parts.get(part).midi() - parts.get(part - 1).midi() > OCTAVE) {
                beyond.put(
                        "spacing",
                        NAMES.get(part - 1) + " and " + NAMES.get(part)
                                + " lie more than an octave apart; only the bass may lie so far off");
            }
        }
        PitchClass leading = leading(place);
        if (parts.stream().filter(pitch -> pitch.pitchClass().equals(leading)).count() > 1) {
            beyond.put("leading-doubled", "the leading tone is there twice; double another note");
        }
        return beyond;
    }

    private PitchClass leading(Place place) {
        Key at = Surroundings.key(key().analysis(), place.chord());
        return at == null ? null : ChordContext.leadingTone(at);
    }

    private String name(Pitch pitch) {
        return key().sheet().heading().names().fromEnglish(pitch.pitchClass().pretty()) + pitch.octave();
    }

    @Override
    LeadSheet page(Map<Integer, List<Integer>> answers) {
        return written(parts(answers, false));
    }

    /** The parts of each chord as they are given and answered; where nothing is answered as the key has them, or nothing. */
    private Map<Integer, List<Pitch>> parts(Map<Integer, List<Integer>> answers, boolean filled) {
        Map<Integer, Voicing> voiced = voiced(answers);
        Map<Integer, List<Pitch>> parts = new HashMap<>(written);
        for (Place place : places()) {
            Voicing answer = voiced.get(place.chord());
            if (answer != null) {
                parts.put(place.chord(), answer.pitches());
            } else if (!filled) {
                parts.put(place.chord(), List.of(given(place)));
            }
        }
        return parts;
    }

    private LeadSheet written(Map<Integer, List<Pitch>> parts) {
        return new FourPartPage(key(), parts, underTune).sheet();
    }

    /** As it is answered, what is not as the key has it: the rules hear four parts. */
    @Override
    Arrangement played(Map<Integer, List<Integer>> answers) {
        return new AnalysedSheet(written(parts(answers, true)), key().analysis(), key().transitions())
                .arranged(key().choices().with(School.STRICT).withPins(List.of()));
    }

    @Override
    List<Solved> solved(Map<Integer, Voicing> answers) {
        return List.of();
    }

    @Override
    int smoother(Map<Integer, Voicing> answers) {
        return Math.max(0, writer.total(row(Map.of())) - writer.total(row(answers)));
    }

    private List<List<Pitch>> row(Map<Integer, Voicing> answers) {
        return written.entrySet().stream()
                .map(one -> answers.containsKey(one.getKey())
                        ? answers.get(one.getKey()).pitches()
                        : one.getValue())
                .toList();
    }

    /** Parts that keep the rules between those around them, where what is answered does not. */
    @Override
    List<Integer> nearer(Place place, Map<Integer, Voicing> answers) {
        List<Pitch> here = answers.get(place.chord()).pitches();
        if (here.size() < PARTS) {
            return List.of();
        }
        Between around = around(place, answers);
        List<Pitch> best = writer.between(around.at(), here, around.before(), around.after());
        return around.cost(writer, here) - around.cost(writer, best) < A_RULE ? List.of() : keys(place, best);
    }

    /** The parts around a chord, as they are answered, and else as the key has them. */
    private record Between(int at, List<Pitch> before, List<Pitch> after) {

        int cost(PartWriter writer, List<Pitch> here) {
            return writer.within(at, here, before, after);
        }
    }

    private Between around(Place place, Map<Integer, Voicing> answers) {
        List<List<Pitch>> row = row(answers);
        int at = chords.indexOf(place.chord());
        return new Between(
                at,
                at == 0 ? null : whole(row.get(at - 1), at - 1),
                at + 1 == row.size() ? null : whole(row.get(at + 1), at + 1));
    }

    private List<Integer> keys(Place place, List<Pitch> parts) {
        return parts.stream()
                .filter(pitch -> !pitch.equals(given(place)))
                .map(Pitch::midi)
                .toList();
    }

    @Override
    List<List<Integer>> ways(int chord, Answers answers) {
        Map<Integer, Voicing> voiced = voiced(answers.keys());
        return places().stream()
                .filter(place -> place.chord() == chord && voiced.containsKey(chord))
                .flatMap(place -> {
                    Between around = around(place, voiced);
                    return writer.allBetween(around.at(), place.key(), around.before(), around.after()).stream()
                            .limit(WAYS)
                            .map(parts -> keys(place, parts));
                })
                .toList();
    }

    private List<Pitch> whole(List<Pitch> parts, int at) {
        return parts.size() == PARTS ? parts : written.get(chords.get(at));
    }
}
