package com.zestythumb.formats.musicxml;

import com.zestythumb.core.sheet.Mark;
import com.zestythumb.formats.BroughtBar;
import com.zestythumb.formats.ImportReport;
import com.zestythumb.formats.ImportReport.Fate;
import com.zestythumb.formats.SheetBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/** Reads what stands over the notes and in the bar lines: words, signs, tempo, repeats, endings. */
final class Directions {

    private static final Map<String, Double> QUARTERS =
            Map.of("whole", 4.0, "half", 2.0, "quarter", 1.0, "eighth", 0.5, "16th", 0.25);

    private static final int MOST_WORDS = 80;
    private static final String LATER_TEMPI = "changes of tempo";

    /** What a lead sheet here does not keep, by its element. */
    private static final Map<String, String> NOT_READ =
            Map.of("octave-shift", "octave signs, beyond where the notes sound");

    private Directions() {}

    static void read(XmlNode direction, BroughtBar bar, SheetBuilder sheet, ImportReport.Builder report, int number) {
        String id = direction.attribute("id");
        if (id.startsWith(Headings.CLOSE) || id.startsWith(Headings.NUMERAL)) {
            return;
        }
        boolean leaves = direction
                .all("sound")
                .anyMatch(sound -> !sound.attribute("tocoda").isEmpty());
        for (XmlNode type : direction.all("direction-type").toList()) {
            type.all("rehearsal").findFirst().ifPresent(sign -> bar.section = plain(sign.text()));
            if (type.has("segno")) {
                bar.marks.add(Mark.SEGNO);
            }
            if (type.has("coda") && !leaves) {
                bar.marks.add(Mark.CODA);
            }
            if (type.has("metronome") && number == 1) {
                metronome(type.child("metronome"), sheet);
            }
            if (type.has("metronome") && number > 1) {
                report.add(Fate.LEFT_OUT, LATER_TEMPI, number);
            }
            NOT_READ.forEach((element, what) -> {
                if (type.has(element)) {
                    report.add(Fate.LEFT_OUT, what);
                }
            });
            String words = type.all("words")
                    .map(XmlNode::text)
                    .collect(Collectors.joining(" "))
                    .strip();
            boolean ofTheTune = number <= 1 && direction.attribute("directive").equals("yes") && type.has("words");
            if (ofTheTune && sheet.heading().feel().isEmpty()) {
                sheet.setHeading(sheet.heading().withFeel(plain(words)));
            } else {
                words(words, bar);
            }
        }
        if (direction.has("sound")) {
            sound(direction.child("sound"), bar, sheet, report, number);
        }
    }

    private static String plain(String text) {
        return text.replaceAll("[\\[\\]\\r\\n]", " ").strip();
    }

    private static void words(String words, BroughtBar bar) {
        if (words.isEmpty() || words.length() > MOST_WORDS) {
            return;
        }
        Mark.parse(words).ifPresentOrElse(bar.marks::add, () -> bar.notes.add(plain(words)));
    }

    static void sound(XmlNode sound, BroughtBar bar, SheetBuilder sheet, ImportReport.Builder report, int number) {
        int tempo = XmlNode.parse(sound.attribute("tempo"), 0);
        if (tempo > 0 && number == 1) {
            setTempo(tempo / bar.meter.tempoBeat().toDouble(), sheet);
        } else if (tempo > 0) {
            report.add(Fate.LEFT_OUT, LATER_TEMPI, number);
        }
        boolean jumps = bar.marks.stream().anyMatch(mark -> mark.ordinal() >= Mark.DA_CAPO.ordinal());
        if (sound.attribute("dacapo").equals("yes") && !jumps) {
            bar.marks.add(Mark.DA_CAPO);
        }
        if (!sound.attribute("dalsegno").isEmpty() && !jumps) {
            bar.marks.add(Mark.DAL_SEGNO);
        }
        if (!sound.attribute("fine").isEmpty()) {
            bar.marks.add(Mark.FINE);
        }
        if (!sound.attribute("tocoda").isEmpty()) {
            bar.marks.add(Mark.TO_CODA);
        }
        if (!sound.attribute("segno").isEmpty()) {
            bar.marks.add(Mark.SEGNO);
        }
        if (!sound.attribute("coda").isEmpty()) {
            bar.marks.add(Mark.CODA);
        }
    }

    private static void metronome(XmlNode metronome, SheetBuilder sheet) {
        int perMinute = XmlNode.parse(metronome.text("per-minute"), 0);
        Double unit = QUARTERS.get(metronome.text("beat-unit"));
        if (perMinute > 0 && unit != null && !sheet.bars().isEmpty()) {
            double dotted = metronome.has("beat-unit-dot") ? 1.5 : 1;
            double beat = sheet.bars().get(0).meter.tempoBeat().toDouble();
            setTempo(perMinute * unit * dotted / beat, sheet);
        }
    }

    private static void setTempo(double beats, SheetBuilder sheet) {
        int rounded = (int) Math.max(20, Math.min(300, Math.round(beats)));
        sheet.setHeading(sheet.heading().withTempo(rounded));
    }

    static void barline(XmlNode barline, BroughtBar bar) {
        bar.endsDouble |= barline.text("bar-style").equals("light-light");
        XmlNode repeat = barline.child("repeat");
        if (repeat.attribute("direction").equals("forward")) {
            bar.startsRepeat = true;
        }
        if (repeat.attribute("direction").equals("backward")) {
            bar.timesPlayed = Math.max(2, Math.min(9, XmlNode.parse(repeat.attribute("times"), 2)));
        }
        XmlNode ending = barline.child("ending");
        if (ending.attribute("type").equals("start")) {
            List<Integer> numbers = new ArrayList<>();
            for (String part : ending.attribute("number").split("[^0-9]+")) {
                int n = XmlNode.parse(part, 0);
                if (n > 0 && n < 10) {
                    numbers.add(n);
                }
            }
            bar.ending = numbers;
        }
    }
}
