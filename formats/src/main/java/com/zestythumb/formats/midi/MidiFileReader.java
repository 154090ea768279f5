package com.zestythumb.formats.midi;

import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.pitch.Mode;
import com.zestythumb.core.pitch.Spelling;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.Heading;
import com.zestythumb.core.sheet.Meter;
import com.zestythumb.core.sheet.SheetNote;
import com.zestythumb.formats.BroughtBar;
import com.zestythumb.formats.Hands;
import com.zestythumb.formats.ImportReport;
import com.zestythumb.formats.ImportReport.Fate;
import com.zestythumb.formats.Imported;
import com.zestythumb.formats.ScoreReader;
import com.zestythumb.formats.SheetBuilder;
import com.zestythumb.formats.Texts;
import com.zestythumb.formats.UnreadableFileException;
import com.zestythumb.formats.midi.MidiEvents.Fact;
import com.zestythumb.formats.midi.MidiEvents.Struck;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * Reads Standard MIDI Files of type 0 and 1. The tune is a track that is named so, else the upper line of
 * all that sounds; rhythm is rounded to sixteenths or, beat by beat, to triplets; chords are named from the
 * notes.
 */
public final class MidiFileReader implements ScoreReader {

    /** Words of a track that holds the tune; a bright piano is no right hand. */
    private static final Pattern TUNE = Pattern.compile("(?i)\\b(melod|vocal|voice\\b|tune\\b|lead\\b|right\\b)");

    private static final int DRUMS = 9;
    private static final int LOWEST = 21;
    private static final int HIGHEST = 108;
    /** Bars through which a held note counts for the chords: what sounds longer is a note that nobody ended. */
    private static final int LONGEST_NOTE = 16;
    /** Share of notes outside the key beyond which it is not that key. */
    /** What programs call their first track unasked. */
    private static final Pattern NO_TITLE =
            Pattern.compile("(?i)(?:control|note|tempo|conductor|master)?\\s*track\\s*\\d*:?|untitled");

    /** A hand has one of so many notes at least. */
    private static final int FEW = 20;

    private static final double MOSTLY_FOREIGN = 0.2;

    @Override
    public String format() {
        return "MIDI";
    }

    @Override
    public int maxBytes() {
        return ScoreReader.MAX_BYTES;
    }

    @Override
    public boolean recognises(String name, byte[] file) {
        return file.length > 3 && new String(file, 0, 4, StandardCharsets.ISO_8859_1).equals("MThd");
    }

    @Override
    public List<Imported> read(byte[] file) {
        return read(file, Hands.Wanted.USUAL);
    }

    @Override
    public List<Imported> read(byte[] file, Hands.Wanted wanted) {
        ImportReport.Builder report = new ImportReport.Builder();
        MidiEvents events = new MidiEvents(file, report).read();
        List<Struck> notes = playable(events, report);
        if (notes.isEmpty()) {
            throw new UnreadableFileException("the MIDI file holds no notes that a piano has; choose another");
        }
        SheetBuilder sheet = new SheetBuilder(heading(events), report);
        layBars(events, notes, sheet);
        sound(events, notes, sheet);
        boolean told = events.facts.stream().anyMatch(fact -> fact.type() == MidiEvents.KEY);
        if (!told || contradicts(sheet)) {
            sheet.keyIsUnknown();
        }
        sheet.majorMayBeUnasked();
        sheet.tuneIsUnspelled();
        List<Struck> left = wanted.left() == null
                ? leftHand(events, notes)
                : notes.stream()
                        .filter(note -> line(note).equals(wanted.left()))
                        .toList();
        Set<Struck> ofLeft = Set.copyOf(left);
        TuneFinder finder = new TuneFinder(
                events,
                notes.stream()
                        .filter(note -> !ofLeft.contains(note))
                        .filter(note -> wanted.tune() == null || line(note).equals(wanted.tune()))
                        .toList(),
                wanted.tune() != null);
        finder.tune(sheet);
        HandWriter.write(sheet, left, events.ticksPerQuarter);
        report.add(Fate.GUESSED, "the rhythm, rounded to sixteenths or triplets");
        if (events.facts.stream()
                        .filter(fact -> fact.type() == MidiEvents.TEMPO)
                        .count()
                > 1) {
            report.add(Fate.LEFT_OUT, "changes of tempo");
        }
        return List.of(sheet.build("MIDI", hands(events, notes, finder.candidates(), left)));
    }

    private static String line(Struck note) {
        return note.track() + "/" + note.channel();
    }

    private static Hands hands(MidiEvents events, List<Struck> notes, List<Struck> tune, List<Struck> left) {
        Map<Integer, String> names = new HashMap<>();
        for (Fact fact : events.facts) {
            String name =
                    fact.type() == MidiEvents.NAME ? Texts.decode(fact.data()).strip() : "";
            if (!name.isEmpty()) {
                names.putIfAbsent(fact.track(), name);
            }
        }
        Hands.Counter counter = new Hands.Counter();
        for (Struck note : notes) {
            counter.add(line(note), note.midi());
            counter.name(line(note), names.getOrDefault(note.track(), "Track " + note.track()));
        }
        boolean apart = !left.isEmpty() && !tune.isEmpty() && !line(left.get(0)).equals(line(tune.get(0)));
        return new Hands(counter.lines(), tune.isEmpty() ? "" : line(tune.get(0)), apart ? line(left.get(0)) : "");
    }

    private static List<Struck> playable(MidiEvents events, ImportReport.Builder report) {
        List<Struck> notes = new ArrayList<>();
        for (Struck note : events.notes) {
            if (note.channel() == DRUMS) {
                report.add(Fate.LEFT_OUT, "drums");
            } else if (note.midi() < LOWEST || note.midi() > HIGHEST) {
                report.add(Fate.LEFT_OUT, "notes that no piano has");
            } else {
                notes.add(note);
            }
        }
        notes.sort(Comparator.comparingLong(Struck::on).thenComparingInt(Struck::midi));
        return notes;
    }

    /**
     * What the left hand of a piano plays: the lower of two tracks, or of one track what lies under that hand; nothing where
     * more play, or a line alone.
     */
    private static List<Struck> leftHand(MidiEvents events, List<Struck> notes) {
        Map<List<Integer>, List<Struck>> parts =
                notes.stream().collect(Collectors.groupingBy(note -> List.of(note.track(), note.channel())));
        List<Struck> left = List.of();
        if (parts.size() == 2) {
            left = parts.values().stream()
                    .min(Comparator.comparingDouble(MidiFileReader::height))
                    .orElseThrow();
        } else if (parts.size() == 1 && !TuneFinder.isOneLine(notes, events.ticksPerQuarter)) {
            left = HandFinder.left(notes, events.ticksPerQuarter);
        }
        boolean both = left.size() * FEW >= notes.size() && (notes.size() - left.size()) * FEW >= notes.size();
        return both ? left : List.of();
    }

    private static double height(List<Struck> notes) {
        return notes.stream().mapToInt(Struck::midi).average().orElse(0);
    }

    private static Heading heading(MidiEvents events) {
        Heading heading = Heading.USUAL;
        boolean meterRead = false;
        boolean keyRead = false;
        double quarters = 120;
        // The last tempo that is told before anything sounds is that of the beginning.
        long firstNote = events.notes.stream().mapToLong(Struck::on).min().orElse(0);
        for (Fact fact : events.facts) {
            if (fact.type() == MidiEvents.NAME
                    && fact.track() == 0
                    && heading.title().equals(Heading.NAMELESS)) {
                String name =
                        Texts.decode(fact.data()).replaceAll("\\p{Cntrl}", " ").strip();
                heading = name.isEmpty() || NO_TITLE.matcher(name).matches() ? heading : heading.withTitle(name);
            } else if (fact.type() == MidiEvents.TEMPO && fact.tick() <= firstNote && fact.data().length == 3) {
                int micros = (fact.data()[0] & 0xFF) << 16 | (fact.data()[1] & 0xFF) << 8 | fact.data()[2] & 0xFF;
                quarters = micros > 0 ? 60_000_000.0 / micros : quarters;
            } else if (fact.type() == MidiEvents.METER && !meterRead && fact.tick() < events.ticksPerQuarter / 8.0) {
                heading = heading.withMeter(meterBehindPickup(events, meter(fact, heading.meter())));
                meterRead = true;
            } else if (fact.type() == MidiEvents.KEY && !keyRead) {
                heading = heading.withKey(key(fact, heading.key()));
                keyRead = true;
            }
        }
        double beats = quarters / heading.meter().tempoBeat().toDouble();
        return heading.withTempo((int) Math.max(20, Math.min(300, Math.round(beats))));
    }

    /** A first bar in a smaller meter of its own is a pickup into the meter behind it. */
    private static Meter meterBehindPickup(MidiEvents events, Meter first) {
        long behind = Math.round(first.barLength().toDouble() * events.ticksPerQuarter);
        return events.facts.stream()
                .filter(fact -> fact.type() == MidiEvents.METER && fact.tick() == behind)
                .map(fact -> meter(fact, first))
                .filter(meter -> meter.barLength().isAfter(first.barLength()))
                .findFirst()
                .orElse(first);
    }

    private static Meter meter(Fact fact, Meter otherwise) {
        try {
            return new Meter(fact.data()[0] & 0xFF, 1 << Math.min(6, fact.data()[1] & 0xFF));
        } catch (IllegalArgumentException | ArrayIndexOutOfBoundsException e) {
            return otherwise;
        }
    }

    private static Key key(Fact fact, Key otherwise) {
        try {
            return Key.ofSignature(fact.data()[0], fact.data()[1] == 1 ? Mode.MINOR : Mode.MAJOR);
        } catch (IllegalArgumentException | ArrayIndexOutOfBoundsException e) {
            return otherwise;
        }
    }

    /** Bars in the meters and keys of the file, up to the last note. */
    private static void layBars(MidiEvents events, List<Struck> notes, SheetBuilder sheet) {
        long last = notes.stream().mapToLong(Struck::off).max().orElse(0);
        Meter meter = Meter.FOUR_FOUR;
        Key key = sheet.heading().key();
        List<Fact> changes = events.facts.stream()
                .filter(fact -> fact.type() == MidiEvents.METER || fact.type() == MidiEvents.KEY)
                .sorted(Comparator.comparingLong(Fact::tick))
                .toList();
        int change = 0;
        double tick = 0;
        // A last note that is held a little over the bar line makes no new bar.
        double enough = last - events.ticksPerQuarter / 4.0;
        while (tick < enough || sheet.bars().isEmpty()) {
            while (change < changes.size() && changes.get(change).tick() <= tick + events.ticksPerQuarter / 8.0) {
                Fact fact = changes.get(change++);
                meter = fact.type() == MidiEvents.METER ? meter(fact, meter) : meter;
                key = fact.type() == MidiEvents.KEY ? key(fact, key) : key;
            }
            boolean pickup =
                    sheet.bars().isEmpty() && !meter.equals(sheet.heading().meter());
            BroughtBar bar = new BroughtBar(key, pickup ? sheet.heading().meter() : meter);
            bar.length = meter.barLength();
            if (!sheet.add(bar)) {
                return;
            }
            tick += meter.barLength().toDouble() * events.ticksPerQuarter;
        }
    }

    private static void sound(MidiEvents events, List<Struck> notes, SheetBuilder sheet) {
        BarFinder bars = new BarFinder(sheet.bars());
        for (Struck note : notes) {
            Fraction on = Grid.sixteenths(note.on(), events.ticksPerQuarter);
            Fraction off = Grid.sixteenths(note.off(), events.ticksPerQuarter);
            if (!off.isAfter(on)) {
                off = on.plus(Fraction.of(1, 4));
            }
            int first = bars.at(on);
            int last = Math.min(sheet.bars().size(), first + LONGEST_NOTE);
            for (int bar = first; bar < last && bars.start(bar).isBefore(off); bar++) {
                Fraction from = on.minus(bars.start(bar));
                from = from.max(Fraction.ZERO);
                Fraction to = off.minus(bars.start(bar)).min(sheet.bars().get(bar).length);
                if (from.isBefore(to)) {
                    sheet.bars().get(bar).sound(note.midi(), from, to.minus(from));
                }
            }
        }
    }

    /** Whether the notes are not of the key that the file names, as where a program writes C major unasked. */
    private static boolean contradicts(SheetBuilder sheet) {
        double all = 0;
        double foreign = 0;
        for (BroughtBar bar : sheet.bars()) {
            for (var note : bar.sounding) {
                boolean of = false;
                for (int degree = 1; degree <= 7; degree++) {
                    of |= bar.key.degree(degree).semitone() == note.midi() % 12;
                }
                all += note.duration().toDouble();
                foreign += of ? 0 : note.duration().toDouble();
            }
        }
        return foreign > MOSTLY_FOREIGN * all;
    }

    /** Where bars begin. */
    static final class BarFinder {

        private final List<Fraction> starts = new ArrayList<>();

        BarFinder(List<BroughtBar> bars) {
            Fraction at = Fraction.ZERO;
            for (BroughtBar bar : bars) {
                starts.add(at);
                at = at.plus(bar.length);
            }
        }

        Fraction start(int bar) {
            return starts.get(bar);
        }

        /** The bar that a time lies in. O(log bars). */
        int at(Fraction time) {
            int low = 0;
            int high = starts.size() - 1;
            while (low < high) {
                int middle = (low + high + 1) / 2;
                if (!starts.get(middle).isAfter(time)) {
                    low = middle;
                } else {
                    high = middle - 1;
                }
            }
            return low;
        }
    }

    /** Whether a track's name says that it holds the tune. */
    static boolean namesTheTune(String name) {
        return TUNE.matcher(name).find();
    }

    static SheetNote note(int midi, Fraction onset, Fraction duration, boolean tied, Key key) {
        return new SheetNote(Spelling.of(midi, key), onset, duration, tied, null, "");
    }
}
