package com.zestythumb.formats;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.harmonising.HomeKey;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.pitch.Mode;
import com.zestythumb.core.pitch.Spelling;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.formats.ImportReport.Fate;
import java.util.List;
import java.util.Optional;

/** Finds the key of a tune whose file tells none, or only its signature. */
final class BroughtKey {

    private final ImportReport.Builder report;
    private final boolean tuneSpelled;

    /**
     * Gets ready.
     *
     * @param tuneSpelled whether the file spells the tune, and does not only know keys of the keyboard
     */
    BroughtKey(ImportReport.Builder report, boolean tuneSpelled) {
        this.report = report;
        this.tuneSpelled = tuneSpelled;
    }

    /** A sheet without a key under the signature of the one in which it is heard. */
    LeadSheet inItsKey(LeadSheet sheet) {
        Optional<Key> key = HomeKey.of(sheet);
        report.add(
                Fate.GUESSED,
                key.map(heard -> "sounds like " + heard.pretty() + ", for the file tells no key")
                        .orElse("no clear key, so it is written without a signature"));
        return key.map(heard -> spelledIn(heard, sheet)).orElse(sheet);
    }

    /** Of the keys with its signature the one in which the tune is heard. */
    LeadSheet inItsMode(LeadSheet sheet) {
        return inItsMode(sheet, "for the file tells only the signature");
    }

    /** The relative minor of a major key that programs write unasked, where the tune is heard in it and ends on its chord. */
    LeadSheet inMinorWhereItEndsThere(LeadSheet sheet) {
        List<ChordEvent> events = sheet.events();
        Chord last = events.isEmpty() ? null : events.get(events.size() - 1).chord();
        Key relative = sheet.key().relative();
        boolean ends =
                relative.mode() == Mode.MINOR && last != null && last.root().equals(relative.tonic());
        return ends ? inItsMode(sheet, "though the file says " + sheet.key().pretty()) : sheet;
    }

    private LeadSheet inItsMode(LeadSheet sheet, String why) {
        LeadSheet untold = sheet.mapBars(bar -> bar.withKey(sheet.key()));
        LeadSheet heard = new LeadSheet(sheet.heading().heardIn(sheet.key()), untold.bars());
        Key key = HomeKey.of(heard).orElse(sheet.key());
        if (key.equals(sheet.key()) || key.signature() != sheet.key().signature()) {
            return sheet;
        }
        report.add(Fate.GUESSED, "sounds like " + key.pretty() + ", " + why);
        Key written = sheet.key();
        LeadSheet fixed = sheet.mapBars(bar -> bar.key().equals(written) ? bar.withKey(key) : bar);
        return new LeadSheet(sheet.heading().withKey(key), fixed.bars());
    }

    /** A tune that no file spells is spelled in the key in which it is heard. */
    private LeadSheet spelledIn(Key key, LeadSheet sheet) {
        LeadSheet heard = sheet.heardIn(key);
        return tuneSpelled
                ? heard
                : heard.mapBars(bar -> bar.mapVoices(voice -> voice.stream()
                        .map(note -> note.isRest()
                                ? note
                                : note.with(Spelling.of(note.pitch().midi(), key)))
                        .toList()));
    }
}
