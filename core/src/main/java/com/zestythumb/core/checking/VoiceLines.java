package com.zestythumb.core.checking;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Score.Part;
import com.zestythumb.core.arrangement.Score.Sound;
import com.zestythumb.core.checking.PartsOfPage.Instant;
import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.voiceleading.Line;
import com.zestythumb.core.voiceleading.Voice;
import com.zestythumb.core.voicing.ChordTone;
import com.zestythumb.core.voicing.Tone;
import java.util.ArrayList;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Set;
import java.util.TreeMap;

/** Each part of a page as a line, or the tune above the hands. */
final class VoiceLines {

    /** A note of a line as long as its pitch stays, struck again or not. */
    private record Stay(List<Sound> sounds) {

        Pitch pitch() {
            return sounds.get(0).note().pitch();
        }

        Fraction from() {
            return sounds.get(0).from();
        }

        Fraction to() {
            return sounds.get(sounds.size() - 1).to();
        }
    }

    private final Arrangement arrangement;
    private final boolean sung;
    private final List<Fraction> begins;
    private final List<Fraction> ends;
    private final List<Placed<Line>> lines = new ArrayList<>();
    private final NavigableMap<Fraction, Integer> places = new TreeMap<>();
    private final Map<Sound, Voice> voices = new IdentityHashMap<>();
    /** Notes that a step, or a note of the same name, goes before or comes behind; and those of which the latter is so. */
    private final Set<Sound> near = Collections.newSetFromMap(new IdentityHashMap<>());

    private final Set<Sound> stepsOut = Collections.newSetFromMap(new IdentityHashMap<>());

    VoiceLines(Arrangement arrangement, List<Instant> instants) {
        this.arrangement = arrangement;
        this.sung = !instants.isEmpty();
        this.begins = arrangement.chords().stream()
                .map(chord -> arrangement
                        .score()
                        .at(chord.event().bar(), chord.event().start()))
                .toList();
        this.ends = new ArrayList<>();
        for (int i = 0; i < begins.size(); i++) {
            places.put(begins.get(i), i);
            ends.add(begins.get(i).plus(arrangement.chords().get(i).event().duration()));
        }
        if (sung) {
            int parts = instants.get(0).sounds().size();
            for (int part = 0; part < parts; part++) {
                int here = part;
                add(
                        Voice.sung(part, parts),
                        instants.stream()
                                .map(instant -> instant.sounds().get(here))
                                .toList());
            }
        } else {
            add(
                    Voice.TUNE,
                    arrangement.score().sounds().stream()
                            .filter(sound -> sound.part() == Part.TUNE && sound.place() >= 0)
                            .toList());
        }
    }

    /** By place. */
    List<Placed<Line>> lines() {
        return lines;
    }

    /** The part that has a note; null for a note of a hand. */
    Voice voice(Sound sound) {
        return voices.get(sound);
    }

    /** Whether a note of a line lies a step from the one behind it, or before it too; it may be struck again. */
    boolean steps(Sound sound, boolean out) {
        return (out ? stepsOut : near).contains(sound);
    }

    private void add(Voice voice, List<Sound> sounds) {
        List<Stay> stays = new ArrayList<>();
        Sound last = null;
        for (Sound sound : sounds) {
            if (sound == null || sound == last) {
                continue;
            }
            voices.put(sound, voice);
            boolean joined = last != null && !sound.from().isAfter(last.to());
            if (!joined) {
                addLine(voice, stays);
                stays.clear();
            }
            Stay stay = stays.isEmpty() ? null : stays.get(stays.size() - 1);
            if (stay != null && stay.pitch().equals(sound.note().pitch())) {
                stay.sounds().add(sound);
            } else {
                stays.add(new Stay(new ArrayList<>(List.of(sound))));
            }
            last = sound;
        }
        addLine(voice, stays);
    }

    private void addLine(Voice voice, List<Stay> stays) {
        for (int i = 0; i < stays.size(); i++) {
            Stay here = stays.get(i);
            int first = chordAt(here.from());
            if (first < 0) {
                continue;
            }
            Stay before = i > 0 ? stays.get(i - 1) : null;
            Stay after = i + 1 < stays.size() ? stays.get(i + 1) : null;
            int left = before == null ? first : Math.max(0, chordBefore(before.to()));
            lines.add(Placed.at(first, line(voice, before, here, after, left, first, -1)));
            for (int held = first + 1; held < begins.size() && begins.get(held).isBefore(here.to()); held++) {
                Chord chord = chord(held);
                boolean foreign = ChordTone.of(chord, here.pitch().pitchClass()) == ChordTone.FOREIGN
                        && !chord.bass().soundsLike(here.pitch().pitchClass());
                // What lies through the whole chord is a pedal.
                boolean resolves = here.to().isBefore(ends.get(held))
                        || after != null && here.to().equals(ends.get(held));
                if (foreign
                        && resolves
                        && !arrangement.chords().get(held).event().isGuess()) {
                    lines.add(Placed.at(held, line(voice, before, here, after, left, held - 1, held)));
                }
            }
            boolean again = here.sounds().size() > 1;
            for (Sound sound : here.sounds()) {
                if (again || isStep(here, after) && !isChromatic(here, after)) {
                    stepsOut.add(sound);
                }
                if (again || isStep(before, here) || isStep(here, after)) {
                    near.add(sound);
                }
            }
        }
    }

    private static boolean isStep(Stay one, Stay other) {
        return one != null
                && other != null
                && Math.abs(other.pitch().midi() - one.pitch().midi()) <= 2;
    }

    /** The same line or space with another sign: no step by which what lasts a whole chord goes on. */
    private static boolean isChromatic(Stay one, Stay other) {
        return one.pitch().pitchClass().letter() == other.pitch().pitchClass().letter();
    }

    private Line line(Voice voice, Stay before, Stay here, Stay after, int left, int chord, int held) {
        return new Line(
                voice,
                tone(before, left),
                tone(here, held < 0 ? chord : held),
                tone(after, after == null ? chord : Math.max(0, chordAt(after.from()))),
                chord(left),
                chord(chord),
                held < 0 ? null : chord(held),
                sung);
    }

    private Tone tone(Stay stay, int chord) {
        return stay == null
                ? null
                : new Tone(stay.pitch(), ChordTone.of(chord(chord), stay.pitch().pitchClass()));
    }

    private Chord chord(int index) {
        return arrangement.chords().get(index).chord();
    }

    /** The chord that sounds then; −1 before the first. */
    private int chordAt(Fraction at) {
        var begun = places.floorEntry(at);
        return begun == null ? -1 : begun.getValue();
    }

    /** The chord that sounds just before. */
    private int chordBefore(Fraction at) {
        var begun = places.lowerEntry(at);
        return begun == null ? -1 : begun.getValue();
    }
}
