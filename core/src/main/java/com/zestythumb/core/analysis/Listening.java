package com.zestythumb.core.analysis;

import com.zestythumb.core.analysis.KeyEvidence.Begins;
import com.zestythumb.core.analysis.KeyEvidence.Heard;
import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.sheet.SheetNote;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** What the ear takes of each chord of a tune to tell the key: how long it lasts, where it stands, what is sung. */
final class Listening {

    private final LeadSheet sheet;
    private final List<ChordEvent> events;
    private final Places places;

    Listening(LeadSheet sheet, List<ChordEvent> events, Places places) {
        this.sheet = sheet;
        this.events = events;
        this.places = places;
    }

    List<Heard> heard() {
        double[] lengths = lengths();
        double[] sorted = lengths.clone();
        Arrays.sort(sorted);
        double usual = sorted.length == 0 ? 0 : sorted[sorted.length / 2];
        List<Heard> heard = new ArrayList<>();
        for (int i = 0; i < events.size(); i++) {
            ChordEvent event = events.get(i);
            Bar bar = sheet.bars().get(event.bar());
            boolean lastInBar = i + 1 == events.size() || events.get(i + 1).bar() != event.bar();
            double[] tones = new double[12];
            int sungLast = listenToTheTune(bar, event, tones);
            heard.add(new Heard(
                    event.chord(),
                    sheet.toldKey(bar),
                    weight(event),
                    sungLast < 0 ? new double[0] : tones,
                    sungLast,
                    begins(i, bar),
                    lastInBar && places.endsPhrase(event.bar()),
                    lengths[i] > usual,
                    event.heardAs() == null ? null : event.heardAs().key()));
        }
        return heard;
    }

    /** Quarter notes that each chord lasts, struck again or not. */
    private double[] lengths() {
        double[] lengths = new double[events.size()];
        for (int from = 0; from < lengths.length; ) {
            int to = from;
            double length = 0;
            while (to < lengths.length
                    && events.get(to).chord().equals(events.get(from).chord())) {
                length += events.get(to).duration().toDouble();
                to++;
            }
            Arrays.fill(lengths, from, to, length);
            from = to;
        }
        return lengths;
    }

    private Begins begins(int i, Bar bar) {
        if (i == 0) {
            return Begins.TUNE;
        }
        ChordEvent before = events.get(i - 1);
        if (before.bar() == bar.index()) {
            return Begins.NOTHING;
        }
        boolean part = bar.section() != null
                || bar.startsRepeat()
                || sheet.bars().get(before.bar()).endsRepeat();
        return part ? Begins.SECTION : places.endsPhrase(bar.index() - 1) ? Begins.LINE : Begins.NOTHING;
    }

    /** A chord of a beat or more counts once, a shorter one less. */
    private static double weight(ChordEvent event) {
        return !event.duration().isBefore(Fraction.of(1)) ? 1 : 0.6;
    }

    /** Adds the share of each of the twelve keys; gives the last one, or −1 where nothing is sung. */
    private static int listenToTheTune(Bar bar, ChordEvent event, double[] tones) {
        double sum = 0;
        int last = -1;
        for (SheetNote note : bar.melody()) {
            Fraction from = note.onset().max(event.start());
            double length = note.end().min(event.end()).minus(from).toDouble();
            if (!note.isRest() && length > 0) {
                last = note.pitch().pitchClass().semitone();
                tones[last] += length;
                sum += length;
            }
        }
        for (int i = 0; last >= 0 && i < tones.length; i++) {
            tones[i] /= sum;
        }
        return last;
    }
}
