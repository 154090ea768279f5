package com.zestythumb.core.checking;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.PedalSpan;
import com.zestythumb.core.arrangement.Pedalling;
import com.zestythumb.core.arrangement.Score;
import com.zestythumb.core.arrangement.Score.Moment;
import com.zestythumb.core.arrangement.Score.Part;
import com.zestythumb.core.arrangement.Score.Sound;
import com.zestythumb.core.voiceleading.Hold;
import com.zestythumb.core.voicing.Grip;
import java.util.ArrayList;
import java.util.List;

/** Finds what each hand holds at every time at which it strikes a key. */
final class Holds {

    private final Arrangement arrangement;
    private final boolean chosen;
    private final List<PedalSpan> written;
    private final List<Placed<Hold>> all = new ArrayList<>();

    private Holds(Arrangement arrangement) {
        this.arrangement = arrangement;
        this.chosen = arrangement.choices().playing().pedal() != Pedalling.NONE;
        this.written = PedalSpan.written(arrangement.sheet());
    }

    /** Where the page has a pedal of its own, that one counts. */
    private boolean isFootDown(Moment moment) {
        Score score = arrangement.score();
        return written.isEmpty()
                ? chosen
                : written.stream()
                        .anyMatch(span -> !score.at(span.bar(), span.down()).isAfter(moment.at())
                                && score.at(span.bar(), span.up()).isAfter(moment.at()));
    }

    /** Two keys or more that are down together, in time. Where the foot is down the hand lets go of what it does not strike. */
    static List<Placed<Hold>> of(Arrangement arrangement) {
        Holds holds = new Holds(arrangement);
        for (Moment moment : arrangement.score().moments()) {
            int right = moment.count(Part.RIGHT);
            if (moment.count(Part.LEFT) > 1) {
                holds.add(moment, moment.held(sound -> sound.part() == Part.LEFT));
            }
            if (right > 0 && right + moment.count(Part.TUNE) > 1) {
                List<Sound> hand = moment.held(sound -> sound.part() == Part.RIGHT);
                boolean sung = hand.stream().anyMatch(sound -> !Meetings.meetsTune(arrangement, sound.note()));
                holds.add(moment, sung ? hand : moment.held(sound -> sound.part() != Part.LEFT));
            }
        }
        return holds.all;
    }

    private void add(Moment moment, List<Sound> hand) {
        boolean foot = isFootDown(moment);
        List<Sound> held = new ArrayList<>();
        for (Sound sound : hand) {
            boolean twice = !held.isEmpty() && held.get(held.size() - 1).key() == sound.key();
            if (!twice && (!foot || moment.strikes(sound))) {
                held.add(sound);
            }
        }
        int chord = held.stream()
                .filter(moment::strikes)
                .mapToInt(sound -> sound.note().chord())
                .max()
                .orElse(-1);
        if (chord >= 0 && held.size() > 1) {
            all.add(Placed.at(
                    chord,
                    new Hold(
                            Grip.of(
                                    arrangement.chords().get(chord).chord(),
                                    held.stream()
                                            .map(sound -> sound.note().pitch())
                                            .toList()),
                            held.stream().map(sound -> sound.note().finger()).toList(),
                            held.stream().map(moment::strikes).toList(),
                            arrangement.choices().hand(),
                            held.stream().anyMatch(sound -> sound.part() != Part.LEFT),
                            held.stream()
                                    .anyMatch(sound -> sound.note().chord() >= 0
                                            && sound.note().chord() < chord
                                            && !moment.strikes(sound)),
                            held.stream().anyMatch(sound -> sound.part() == Part.TUNE))));
        }
    }
}
