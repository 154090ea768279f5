package com.zestythumb.formats.abc;

import com.zestythumb.core.hearing.Sounding;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.pitch.Letter;
import com.zestythumb.core.sheet.Credit;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.Heading;
import com.zestythumb.core.sheet.Meter;
import com.zestythumb.core.sheet.SheetNote;
import com.zestythumb.core.sheet.Syllables;
import com.zestythumb.formats.BroughtBar;
import com.zestythumb.formats.Hands;
import com.zestythumb.formats.ImportReport;
import com.zestythumb.formats.ImportReport.Fate;
import com.zestythumb.formats.Imported;
import com.zestythumb.formats.SheetBuilder;
import com.zestythumb.formats.SungParts;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** One tune of an ABC file, read line by line: fields here, music in {@link AbcBars}. */
final class AbcTune {

    private static final Pattern FIELD = Pattern.compile("([A-Za-z+]):\\s*+(.*)");
    private static final Pattern KEY = Pattern.compile("([A-G][#b]?)\\s*([A-Za-z]*).*");
    private static final Pattern SIGN = Pattern.compile("(?<!\\S)(\\^\\^?|__?|=)([A-Ga-g])[,']*+(?!\\S)");
    private static final Pattern OCTAVE = Pattern.compile("\\boctave=([+-]?[0-4])\\b");
    private static final Pattern TRANSPOSE = Pattern.compile("\\btranspose=([+-]?\\d{1,2})\\b");
    private static final Pattern EXPLICIT = Pattern.compile("(?<!\\S)exp(?!\\S)");
    private static final Pattern TEMPO =
            Pattern.compile("(?:\"[^\"]*\"\\s*)?(?:(\\d{1,2})/(\\d{1,2})[^=]*=)?\\s*(\\d{1,4}).*");

    private static final int MIDDLE_C = 60;
    private static final int MOST_OTHERS = 16;

    private final ImportReport.Builder report = new ImportReport.Builder();
    private final SheetBuilder sheet = new SheetBuilder(Heading.USUAL.withTitle(""), report);
    private final AbcBars tune = new AbcBars(sheet, report, false);
    /** All voices but the tune's, by their ids: one may be a left hand, or they are parts of a choir. */
    private final Map<String, Voice> others = new LinkedHashMap<>();

    /** What the heading says to each voice, for those that come later. */
    private final List<Consumer<AbcBars>> heading = new ArrayList<>();

    /** A voice beside the tune; what is to be told of it is told when it is known for a left hand. */
    private record Voice(SheetBuilder sheet, AbcBars bars, ImportReport.Builder report) {}

    private static final Pattern NAME = Pattern.compile("\\b(?:name|nm)=\"([^\"]*+)\"");
    private static final Pattern DRUMS = Pattern.compile("(?i)drum|perc");
    private static final Pattern VOICE = Pattern.compile("\\[V:\\s*+([^\\[\\]]*+)]");

    /** The voice that goes on; none of those that are not read. */
    private AbcBars bars = tune;

    private final Map<String, String> voices = new LinkedHashMap<>();
    private final Set<String> basses = new HashSet<>();
    private final Hands.Wanted wanted;
    private boolean drums;
    private boolean hasLeft;
    private boolean sung;

    private Fraction unit;
    private boolean inBody;
    /** A blank line ends a tune (standard 2.1, section 2.2.1); where bars follow all the same, they are read. */
    private boolean ended;

    static final String WORDS_BY = "C:Words: ";
    static final String ARRANGED_BY = "C:Arranged: ";
    static final String COPYRIGHT = "%%abc-copyright ";

    private int lineStart;
    /** Lines of words below the last line of notes. */
    private int verse;

    /** The part that was begun last. */
    private String begun = "";

    private String tempo = "";
    private String order = "";

    AbcTune(Hands.Wanted wanted) {
        this.wanted = wanted;
    }

    void line(String raw) {
        if (raw.startsWith(COPYRIGHT)) {
            String told = raw.substring(COPYRIGHT.length()).strip();
            sheet.setHeading(sheet.heading().with(Credit.COPYRIGHT, told));
            return;
        }
        String line = withoutRemark(raw).stripTrailing().replace("\\%", "%");
        if (line.isBlank()) {
            // A remark is no blank line.
            ended |= inBody && raw.isBlank();
            return;
        }
        if (ended && line.indexOf('|') < 0) {
            report.add(Fate.LEFT_OUT, "words behind the tune");
            return;
        }
        Matcher field = FIELD.matcher(line);
        // A body line such as "G:|" is music: fields of the body are few.
        boolean isField = field.matches() && (!inBody || "KLMPQTVWwrsNI+".contains(field.group(1)));
        if (isField) {
            field(field.group(1), field.group(2));
        } else if (inBody) {
            music(line);
        }
    }

    /** A remark begins with %; in a title a word may end with it, and in quoted words it may stand. */
    private static String withoutRemark(String raw) {
        boolean isTitle = raw.startsWith("T:");
        boolean quoted = false;
        for (int at = 0; at < raw.length(); at++) {
            char sign = raw.charAt(at);
            char before = at == 0 ? ' ' : raw.charAt(at - 1);
            if (sign == '"' && before != '\\') {
                // One quotation mark alone quotes nothing.
                quoted = !quoted && raw.indexOf('"', at + 1) > 0;
            } else if (sign == '%' && !quoted && before != '\\' && !(isTitle && before != ' ')) {
                return raw.substring(0, at);
            }
        }
        return raw;
    }

    private void music(String line) {
        Matcher voice = VOICE.matcher(line);
        int from = 0;
        while (voice.find()) {
            part(line.substring(from, voice.start()));
            voice(voice.group(1));
            from = voice.end();
        }
        part(line.substring(from));
    }

    private void part(String music) {
        if (music.isBlank() || bars == null) {
            return;
        }
        if (bars == tune) {
            lineStart = sheet.bars().size();
            verse = 0;
        }
        if (!sheet.isFull()) {
            bars.line(music, this::field);
        }
    }

    private void credit(String value) {
        String line = "C:" + value;
        Credit which = line.startsWith(WORDS_BY)
                ? Credit.LYRICIST
                : line.startsWith(ARRANGED_BY) ? Credit.ARRANGER : Credit.COMPOSER;
        String told = which == Credit.COMPOSER
                ? value
                : value.substring(value.indexOf(':') + 1).strip();
        sheet.setHeading(sheet.heading().with(which, told));
    }

    private void field(String name, String value) {
        switch (name) {
            case "T" ->
                sheet.setHeading(
                        sheet.heading().title().isEmpty() ? sheet.heading().withTitle(value) : sheet.heading());
            case "C" -> credit(value);
            case "R" -> sheet.setHeading(sheet.heading().withFeel(value));
            case "M" -> meter(value);
            case "L" -> unit(value);
            case "Q" -> {
                if (tempo.isEmpty()) {
                    tempo = value;
                } else {
                    report.add(Fate.LEFT_OUT, "tempos after the first");
                }
            }
            case "K" -> key(value);
            case "V" -> voice(value);
            case "P" -> {
                if (!inBody) {
                    order = value;
                } else if (!value.equals(begun)) {
                    // Whatever voice stands there: a part is one of the tune, and may be named above each of its
                    // voices.
                    tune.beginSection(PartOrder.section(value));
                    begun = value;
                }
            }
            case "w" -> words(value);
            case "W" -> report.add(Fate.LEFT_OUT, "words that stand below the tune");
            default -> {
                // Source, history, notation and the like.
            }
        }
    }

    private void voice(String value) {
        if (!inBody) {
            return;
        }
        String id = value.split("\\s")[0];
        Matcher name = NAME.matcher(value);
        voices.merge(id, name.find() ? name.group(1) : "", (known, here) -> known.isEmpty() ? here : known);
        if (value.contains("clef=bass")) {
            basses.add(id);
        }
        drums |= DRUMS.matcher(value).find();
        bars = id.equals(tuneVoice()) ? tune : other(id);
        properties(value);
    }

    /** A voice beside the tune; none where there are too many. */
    private AbcBars other(String id) {
        if (others.size() >= MOST_OTHERS && !others.containsKey(id)) {
            return null;
        }
        return others.computeIfAbsent(id, name -> {
                    ImportReport.Builder unheard = new ImportReport.Builder();
                    SheetBuilder own = new SheetBuilder(Heading.USUAL, unheard);
                    AbcBars voice = new AbcBars(own, unheard, true);
                    heading.forEach(change -> change.accept(voice));
                    return new Voice(own, voice, unheard);
                })
                .bars();
    }

    /** Three or four voices of one line each and as many bars. */
    private boolean laySungParts() {
        List<List<List<SheetNote>>> parts = new ArrayList<>();
        parts.add(sheet.bars().stream()
                .map(bar -> (List<SheetNote>) new ArrayList<>(bar.melody))
                .toList());
        for (Voice voice : others.values()) {
            SheetBuilder one = voice.sheet();
            if (one.bars().stream().anyMatch(bar -> bar.left.size() > 1)) {
                return false;
            }
            parts.add(one.bars().stream()
                    .map(bar -> bar.left.isEmpty()
                            ? List.of(new SheetNote(null, Fraction.ZERO, bar.length))
                            : bar.left.get(0))
                    .toList());
        }
        boolean whole = wanted.equals(Hands.Wanted.USUAL) && !drums && voices.size() == parts.size();
        boolean alone = sheet.bars().stream().allMatch(bar -> bar.beneath.isEmpty() && bar.withTune.isEmpty());
        if (!whole || !alone || !SungParts.lay(sheet.bars(), parts)) {
            return false;
        }
        others.values().forEach(this::hear);
        report.add(Fate.READ, parts.size() + " parts, on two staves");
        sung = true;
        return true;
    }

    private String tuneVoice() {
        return wanted.tune() != null
                ? wanted.tune()
                : voices.keySet().stream().findFirst().orElse("");
    }

    private String leftVoice() {
        if (wanted.left() != null) {
            return wanted.left();
        }
        // Of more than two the one in the bass clef.
        return basses.size() == 1 && !basses.contains(tuneVoice())
                ? basses.iterator().next()
                : voices.keySet().stream().skip(1).findFirst().orElse("");
    }

    private String lastVoice() {
        return voices.keySet().stream().reduce((one, other) -> other).orElse("");
    }

    /** What another voice sounds helps to name the chords. */
    private void hear(Voice voice) {
        List<BroughtBar> under = voice.sheet().bars();
        for (int i = 0; i < Math.min(under.size(), sheet.bars().size()); i++) {
            BroughtBar bar = sheet.bars().get(i);
            under.get(i).sounding.forEach(note -> bar.sound(note.midi(), note.onset(), note.duration()));
        }
    }

    /** Two voices of as many bars, the second one low: the left hand. */
    private void layLeftHand() {
        Voice second = others.get(leftVoice());
        List<BroughtBar> under = second == null ? List.of() : second.sheet().bars();
        double middle = under.stream()
                .flatMap(bar -> bar.sounding.stream())
                .mapToInt(Sounding::midi)
                .average()
                .orElse(MIDDLE_C);
        boolean alike = under.size() == sheet.bars().size();
        boolean isLeft =
                wanted.left() != null || (voices.size() == 2 || basses.size() == 1) && !drums && middle < MIDDLE_C;
        if (!isLeft || !alike) {
            if (voices.size() > 1) {
                report.add(Fate.LEFT_OUT, "all voices but the first");
            }
            return;
        }
        hasLeft = true;
        for (int i = 0; i < under.size(); i++) {
            BroughtBar bar = sheet.bars().get(i);
            bar.left.addAll(under.get(i).left);
            bar.length = bar.melody.isEmpty() ? under.get(i).length : bar.length;
        }
        hear(second);
        report.addAll(second.report());
    }

    private void meter(String value) {
        if (bars == null) {
            return;
        }
        try {
            Meter meter = value.equals("none") ? Meter.FOUR_FOUR : Meter.parse(value.replaceAll("[()]", ""));
            each(voice -> voice.setMeter(meter));
            if (!inBody) {
                sheet.setHeading(sheet.heading().withMeter(meter));
            }
        } catch (IllegalArgumentException e) {
            report.add(Fate.REPAIRED, "the meter " + value + ", which is not known here, read as " + bars.meter());
        }
    }

    private void unit(String value) {
        Matcher m = Pattern.compile("(\\d{1,2})/(\\d{1,3})").matcher(value);
        int below = m.lookingAt() ? Integer.parseInt(m.group(2)) : 0;
        if (below > 0) {
            unit = Fraction.of(4L * Integer.parseInt(m.group(1)), below);
            Fraction stated = unit;
            each(voice -> voice.setUnit(stated));
        }
    }

    private void key(String value) {
        // A clef alone leaves the key as it is.
        if (bars == null) {
            return;
        }
        Key key = inBody && !value.equals("none") ? bars.key() : Key.parse("C");
        Matcher m = KEY.matcher(value);
        try {
            if (value.startsWith("HP") || value.startsWith("Hp")) {
                key = Key.parse("A mixolydian");
            } else if (m.matches()) {
                String mode = m.group(2).toLowerCase(Locale.ROOT);
                boolean isMode = mode.matches("m|min.*|maj.*|aeo.*|ion.*|dor.*|phr.*|lyd.*|mix.*|loc.*");
                key = Key.parse(m.group(1) + " " + (isMode ? mode.length() > 3 ? mode.substring(0, 3) : mode : ""));
            }
        } catch (IllegalArgumentException e) {
            report.add(Fate.REPAIRED, "the key " + value + ", which is not known here, read as " + key.pretty());
        }
        properties(value);
        Key read = key;
        each(voice -> voice.setKey(read, signs(value)));
        if (!inBody) {
            sheet.setHeading(sheet.heading().withKey(key));
            if (unit == null) {
                // Standard 2.1, section 3.1.7: below three quarters of a whole note a sixteenth, else an eighth.
                boolean small = bars.meter().barLength().isBefore(Fraction.of(3));
                each(voice -> voice.setUnit(small ? Fraction.of(1, 4) : Fraction.of(1, 2)));
            }
            inBody = true;
        }
    }

    /** Standard 2.1, section 4.6: what is added to a key or to a voice. */
    private void properties(String value) {
        Matcher octave = OCTAVE.matcher(value);
        if (octave.find()) {
            int octaves = Integer.parseInt(octave.group(1));
            each(voice -> voice.setOctave(octaves));
        }
        Matcher transposed = TRANSPOSE.matcher(value);
        if (transposed.find() && !transposed.group(1).matches("[+-]?0")) {
            report.add(
                    Fate.LEFT_OUT,
                    "transpose=" + transposed.group(1) + ": the notes stay as written; move the tune to sound so");
        }
    }

    /** What stands in the heading is of all voices, what comes later of the one that goes on. */
    private void each(Consumer<AbcBars> change) {
        if (!inBody) {
            change.accept(tune);
            heading.add(change);
        } else if (bars != null) {
            change.accept(bars);
        }
    }

    /** Standard 2.1, section 3.1.14: signs added to those of a key; behind "exp" there are no others. */
    private static Map<Letter, Integer> signs(String value) {
        Map<Letter, Integer> signs = new EnumMap<>(Letter.class);
        if (EXPLICIT.matcher(value).find()) {
            Arrays.stream(Letter.values()).forEach(letter -> signs.put(letter, 0));
        }
        Matcher m = SIGN.matcher(value);
        while (m.find()) {
            int alteration = m.group(1)
                    .chars()
                    .map(sign -> sign == '^' ? 1 : sign == '_' ? -1 : 0)
                    .sum();
            signs.put(Letter.valueOf(m.group(2).toUpperCase(Locale.ROOT)), alteration);
        }
        return signs;
    }

    private void words(String line) {
        if (bars != tune) {
            return;
        }
        if (verse == Syllables.MOST_VERSES) {
            report.add(Fate.LEFT_OUT, "verses after the ninth");
            return;
        }
        Syllables syllables = new Syllables(line, verse++);
        List<BroughtBar> under = sheet.bars()
                .subList(Math.min(lineStart, sheet.bars().size()), sheet.bars().size());
        for (BroughtBar bar : under) {
            List<SheetNote> sung = syllables.under(bar.melody);
            bar.melody.clear();
            bar.melody.addAll(sung);
        }
    }

    private void layParts() {
        if (order.isEmpty()) {
            return;
        }
        Optional<List<BroughtBar>> laid = PartOrder.lay(order, sheet.bars());
        laid.ifPresent(bars -> {
            sheet.bars().clear();
            sheet.bars().addAll(bars);
        });
        report.add(
                laid.isPresent() ? Fate.READ : Fate.LEFT_OUT,
                "the order of parts, " + order + (laid.isPresent() ? "" : ", for you to set with repeats and endings"));
    }

    Optional<Imported> finish() {
        tune.finish();
        if (sheet.bars().isEmpty()) {
            return Optional.empty();
        }
        others.values().forEach(voice -> voice.bars().finish());
        if (!laySungParts()) {
            layLeftHand();
        }
        layParts();
        if (sheet.heading().title().isEmpty()) {
            sheet.setHeading(sheet.heading().withTitle(Heading.NAMELESS));
        }
        tempo();
        boolean sings =
                sheet.bars().stream().flatMap(bar -> bar.melody.stream()).anyMatch(note -> !note.isRest());
        if (!sings) {
            sheet.bars().forEach(bar -> bar.setUpper(List.of()));
        }
        return Optional.of(sheet.build("ABC", hands()));
    }

    private Hands hands() {
        List<Hands.Source> lines = new ArrayList<>();
        voices.forEach((id, name) ->
                lines.add(new Hands.Source(id, name.isEmpty() ? "Voice " + (lines.size() + 1) : name, 0, "", "")));
        return new Hands(lines, tuneVoice(), sung ? lastVoice() : hasLeft ? leftVoice() : "");
    }

    /** Standard 2.1, section 3.1.8: {@code 1/4=120}; an older file's plain number counts unit lengths or beats. */
    private void tempo() {
        Matcher m = TEMPO.matcher(tempo);
        if (m.matches()) {
            Fraction beat = sheet.heading().meter().tempoBeat();
            int below = m.group(2) == null ? 0 : Integer.parseInt(m.group(2));
            Fraction counted = below > 0 ? Fraction.of(4L * Integer.parseInt(m.group(1)), below) : beat;
            double beats = Integer.parseInt(m.group(3)) * counted.toDouble() / beat.toDouble();
            sheet.setHeading(sheet.heading().withTempo((int) Math.max(20, Math.min(300, Math.round(beats)))));
        }
    }
}
