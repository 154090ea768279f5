package com.zestythumb.formats.musicxml;

import com.zestythumb.core.sheet.Credit;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.Heading;
import com.zestythumb.core.sheet.SheetNote;
import com.zestythumb.core.stopping.StoppedException;
import com.zestythumb.formats.BroughtBar;
import com.zestythumb.formats.Hands;
import com.zestythumb.formats.ImportReport;
import com.zestythumb.formats.ImportReport.Fate;
import com.zestythumb.formats.Imported;
import com.zestythumb.formats.SheetBuilder;
import com.zestythumb.formats.SungParts;
import com.zestythumb.formats.UnreadableFileException;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;

/** Goes through a score part by part, or measure by measure, and lays the parts over one another. */
final class ScoreWalk {

    private final XMLStreamReader in;
    private final boolean timewise;
    private final ImportReport.Builder report = new ImportReport.Builder();
    private final SheetBuilder sheet = new SheetBuilder(Heading.USUAL, report);
    private final Map<String, PartReader> parts = new LinkedHashMap<>();

    private final Map<String, String> names = new HashMap<>();
    private final Set<String> drums = new HashSet<>();
    private final Hands.Counter counter = new Hands.Counter();
    private final Hands.Wanted wanted;
    private PartReader last;

    private String title = "";
    private final Map<Credit, String> credits = new EnumMap<>(Credit.class);

    ScoreWalk(XMLStreamReader in, boolean timewise, Hands.Wanted wanted) {
        this.in = in;
        this.wanted = wanted;
        this.timewise = timewise;
    }

    Imported read() throws XMLStreamException {
        while (in.hasNext()) {
            if (in.next() == XMLStreamConstants.START_ELEMENT) {
                topLevel();
            }
        }
        if (sheet.bars().isEmpty()) {
            throw new UnreadableFileException("the score has no measures; export it once more");
        }
        Heading heading = sheet.heading();
        BroughtBar first = sheet.bars().get(0);
        for (Map.Entry<Credit, String> credit : credits.entrySet()) {
            heading = heading.with(credit.getKey(), credit.getValue());
        }
        sheet.setHeading(heading.withTitle(title.isEmpty() ? Heading.NAMELESS : title)
                .withKey(first.key)
                .withMeter(first.meter));
        boolean sung = wanted.equals(Hands.Wanted.USUAL) && laySungParts();
        dropSilentMelody();
        reportParts(sung);
        return sheet.build("MusicXML", hands());
    }

    private static final Pattern DRUMS = Pattern.compile("(?i)\\bdrum|percussion");
    /** Of General MIDI. */
    private static final int DRUM_CHANNEL = 10;

    private void topLevel() throws XMLStreamException {
        switch (in.getLocalName()) {
            case "part", "measure" -> {
                if (timewise) {
                    timewiseMeasure();
                } else {
                    partwisePart();
                }
            }
            case "part-list" ->
                XmlNode.read(in).all("score-part").forEach(part -> {
                    names.put(part.attribute("id"), part.text("part-name"));
                    if (DRUMS.matcher(part.text("part-name")).find()
                            || part.child("midi-instrument").number("midi-channel", 0) == DRUM_CHANNEL) {
                        drums.add(part.attribute("id"));
                    }
                });
            case "work" -> title = XmlNode.read(in).text("work-title");
            case "movement-title" -> {
                String movement = XmlNode.read(in).text();
                // Of a work in movements both are told.
                title = title.isEmpty() || movement.contains(title)
                        ? movement.isEmpty() ? title : movement
                        : title.contains(movement) ? title : title + ", " + movement;
            }
            case "identification" -> {
                XmlNode identification = XmlNode.read(in);
                for (Credit credit : Credit.values()) {
                    boolean rights = credit == Credit.COPYRIGHT;
                    identification
                            .all(rights ? "rights" : "creator")
                            .filter(told -> rights || told.attribute("type").equals(credit.word()))
                            .map(XmlNode::text)
                            .findFirst()
                            .ifPresent(told -> credits.put(credit, plain(told)));
                }
            }
            default -> XmlNode.read(in);
        }
    }

    /** On one line, as a heading is. */
    private static String plain(String text) {
        return text.replaceAll("\\s+", " ").strip();
    }

    private void partwisePart() throws XMLStreamException {
        String id = in.getAttributeValue(null, "id");
        int index = 0;
        while (in.next() != XMLStreamConstants.END_ELEMENT) {
            StoppedException.ifInterrupted();
            if (in.isStartElement()) {
                measure(id, index++);
            }
        }
    }

    private void timewiseMeasure() throws XMLStreamException {
        int index =
                parts.values().stream().mapToInt(PartReader::measuresRead).max().orElse(0);
        while (in.next() != XMLStreamConstants.END_ELEMENT) {
            StoppedException.ifInterrupted();
            if (in.isStartElement()) {
                measure(in.getAttributeValue(null, "id"), index);
            }
        }
    }

    private PartReader part(String id) {
        return parts.computeIfAbsent(id == null ? "" : id, name -> {
            PartReader above = last;
            String called = names.getOrDefault(name, "");
            last = new PartReader(parts.size() + 1, called, above, sheet, counter, wanted, report);
            return last;
        });
    }

    private void measure(String id, int index) throws XMLStreamException {
        if (index >= SheetBuilder.MAX_BARS) {
            report.add(Fate.LEFT_OUT, "what comes after bar " + SheetBuilder.MAX_BARS + ", for a tune holds no more");
            skip();
            return;
        }
        XmlNode measure = XmlNode.read(in);
        if (index == 0
                && measure.all("attributes")
                        .flatMap(one -> one.all("clef"))
                        .anyMatch(clef -> clef.text("sign").equals("percussion"))) {
            drums.add(id);
        }
        if (drums.contains(id) && (names.size() > drums.size() || !parts.isEmpty())) {
            report.add(Fate.LEFT_OUT, "drums");
        } else {
            part(id).measure(measure, index);
        }
    }

    private void skip() throws XMLStreamException {
        for (int depth = 1; depth > 0; ) {
            int event = in.next();
            depth += event == XMLStreamConstants.START_ELEMENT ? 1 : event == XMLStreamConstants.END_ELEMENT ? -1 : 0;
        }
    }

    private Hands hands() {
        String tune = parts.values().stream()
                .map(PartReader::tune)
                .filter(id -> !id.isEmpty())
                .findFirst()
                .orElse("");
        return new Hands(counter.lines(), tune, leftHand());
    }

    /** The line of the left hand; a lower part alone is one where there are two. */
    private String leftHand() {
        return parts.values().stream()
                .filter(part -> part.isWanted() || part.hasTwoStaves() || parts.size() == 2)
                .map(PartReader::leftHand)
                .filter(id -> !id.isEmpty())
                .findFirst()
                .orElse("");
    }

    /** A staff for each part of a choir. */
    private boolean laySungParts() {
        List<List<List<SheetNote>>> lines =
                parts.values().stream().map(PartReader::line).toList();
        boolean sung = SungParts.lay(sheet.bars(), lines);
        if (sung) {
            report.add(Fate.READ, lines.size() + " parts, on two staves");
        }
        return sung;
    }

    private void dropSilentMelody() {
        boolean sings =
                sheet.bars().stream().flatMap(bar -> bar.melody.stream()).anyMatch(note -> !note.isRest());
        if (!sings) {
            sheet.bars().forEach(bar -> bar.setUpper(List.of()));
        }
    }

    private void reportParts(boolean sung) {
        PartReader first = parts.values().iterator().next();
        boolean left = sung || !leftHand().isEmpty();
        long taken = sung
                ? parts.size()
                : parts.values().stream().filter(PartReader::isTaken).count();
        if (parts.size() > Math.max(1, taken)) {
            report.add(
                    Fate.LEFT_OUT,
                    "the notes of parts that are neither tune nor left hand, beyond what they tell of the chords");
        }
        for (BroughtBar bar : sheet.bars()) {
            if (!left) {
                bar.left.clear();
            } else if (bar.left.isEmpty()) {
                // Where it has nothing it rests, and is not to be computed.
                bar.left.add(List.of(new SheetNote(null, Fraction.ZERO, bar.length)));
            }
        }
        if (first.isKeyMissing()) {
            sheet.keyIsUnknown();
        } else if (first.isModeMissing()) {
            sheet.modeIsUnknown();
        }
        sheet.majorMayBeUnasked();
    }
}
