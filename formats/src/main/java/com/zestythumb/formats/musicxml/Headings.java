package com.zestythumb.formats.musicxml;

import com.zestythumb.core.arrangement.PedalSpan;
import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.sheet.Mark;
import com.zestythumb.core.sheet.Meter;
import com.zestythumb.core.sheet.Swing;
import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.audiveris.proxymusic.AboveBelow;
import org.audiveris.proxymusic.Attributes;
import org.audiveris.proxymusic.Clef;
import org.audiveris.proxymusic.ClefSign;
import org.audiveris.proxymusic.Coda;
import org.audiveris.proxymusic.Direction;
import org.audiveris.proxymusic.DirectionType;
import org.audiveris.proxymusic.EnclosureShape;
import org.audiveris.proxymusic.FontStyle;
import org.audiveris.proxymusic.FormattedTextId;
import org.audiveris.proxymusic.Key;
import org.audiveris.proxymusic.Metronome;
import org.audiveris.proxymusic.ObjectFactory;
import org.audiveris.proxymusic.Pedal;
import org.audiveris.proxymusic.PedalType;
import org.audiveris.proxymusic.PerMinute;
import org.audiveris.proxymusic.Segno;
import org.audiveris.proxymusic.Sound;
import org.audiveris.proxymusic.Time;
import org.audiveris.proxymusic.TimeSymbol;
import org.audiveris.proxymusic.YesNo;

/** What stands at the head of the music: clefs, key, meter, tempo, section names. */
final class Headings {

    /** As much of a text as a line of a narrow page has room for, up to a word's end. */
    private static final Pattern LINE = Pattern.compile("(.{1,40})(?: +|$)");

    /** Begin the ids of directions that tell how a phrase ends, and the numeral of a chord. */
    static final String CLOSE = "close-";

    static final String NUMERAL = "numeral-";

    private static final ObjectFactory FACTORY = new ObjectFactory();
    private static final int SECONDS_PER_MINUTE = 60;

    /** What a tempo counts, by its quarter notes. */
    private static final Map<Fraction, String> UNITS = Map.of(
            Fraction.of(2), "half", Fraction.of(1), "quarter", Fraction.of(1, 2), "eighth", Fraction.of(1, 4), "16th");

    private Headings() {}

    static Attributes attributes(LeadSheet sheet, boolean grand, boolean leftInTreble) {
        Attributes attributes = new Attributes();
        attributes.setDivisions(BigDecimal.valueOf(Notes.DIVISIONS));
        attributes.getKey().add(key(sheet.key()));
        attributes.getTime().add(time(sheet.meter()));
        if (grand) {
            attributes.setStaves(BigInteger.TWO);
            attributes.getClef().add(clef(ClefSign.G, 2, 1));
        }
        attributes
                .getClef()
                .add(leftInTreble ? clef(ClefSign.G, 2, grand ? 2 : 1) : clef(ClefSign.F, 4, grand ? 2 : 1));
        return attributes;
    }

    /** A change of key or meter at a bar; null where neither changes. */
    static Attributes change(Bar before, Bar bar) {
        Attributes attributes = new Attributes();
        if (!bar.key().equals(before.key())) {
            attributes.getKey().add(key(bar.key()));
        }
        if (!bar.meter().equals(before.meter())) {
            attributes.getTime().add(time(bar.meter()));
        }
        return attributes.getKey().isEmpty() && attributes.getTime().isEmpty() ? null : attributes;
    }

    private static Key key(com.zestythumb.core.pitch.Key stated) {
        Key key = new Key();
        key.setFifths(BigInteger.valueOf(stated.signature()));
        key.setMode(stated.mode().toString());
        return key;
    }

    /** Above the first bar: how the tune goes, in words, and how fast. */
    static Direction tempo(LeadSheet sheet) {
        Metronome metronome = new Metronome();
        Fraction beat = sheet.meter().tempoBeat();
        boolean dotted = beat.numerator() == 3;
        metronome.setBeatUnit(UNITS.get(dotted ? beat.times(Fraction.of(2, 3)) : beat));
        if (dotted) {
            metronome.getBeatUnitDot().add(new org.audiveris.proxymusic.Empty());
        }
        PerMinute perMinute = new PerMinute();
        perMinute.setValue(String.valueOf(sheet.tempo()));
        metronome.setPerMinute(perMinute);
        DirectionType type = new DirectionType();
        type.setMetronome(metronome);
        Direction direction = above(type);
        if (!sheet.heading().feel().isEmpty()) {
            direction.getDirectionType().add(0, words(sheet.heading().feel(), FontStyle.NORMAL));
        }
        direction.setDirective(YesNo.YES);
        Sound sound = new Sound();
        sound.setTempo(BigDecimal.valueOf(Math.round(SECONDS_PER_MINUTE / sheet.secondsPerQuarter() * 100) / 100.0));
        Swing played = Swing.of(sheet);
        if (!played.isEven()) {
            long first = played.first().numerator();
            org.audiveris.proxymusic.Swing swing = new org.audiveris.proxymusic.Swing();
            swing.setFirst(BigInteger.valueOf(first));
            swing.setSecond(BigInteger.valueOf(played.first().denominator() - first));
            swing.setSwingType(played.pair().equals(Fraction.of(1)) ? "eighth" : "16th");
            sound.setSwing(swing);
        }
        direction.setSound(sound);
        return direction;
    }

    /** What the analysis says of a chord, below the left hand; its id tells it from words that someone wrote. */
    static Direction analysis(String words, String id, int staff) {
        Direction direction = below(words(words, FontStyle.NORMAL), staff);
        direction.setId(id);
        return direction;
    }

    /** The teacher's words to a bar, in italics above it. */
    static Direction words(String words) {
        return above(words(words, FontStyle.ITALIC));
    }

    /** Words longer than a line of the page go on below. */
    private static DirectionType words(String words, FontStyle style) {
        FormattedTextId text = new FormattedTextId();
        text.setValue(LINE.matcher(words).replaceAll("$1\n").strip());
        text.setFontStyle(style);
        DirectionType type = new DirectionType();
        type.getWordsOrSymbol().add(text);
        return type;
    }

    /** The foot goes down and comes up, below the left hand. */
    static List<Direction> pedal(PedalSpan span, int staff) {
        return List.of(pedal(PedalType.START, span.down(), staff), pedal(PedalType.STOP, span.up(), staff));
    }

    private static Direction pedal(PedalType what, Fraction onset, int staff) {
        Direction direction = pedal(what, staff);
        direction.setOffset(Notes.offset(onset));
        return direction;
    }

    /** The foot goes down or comes up with the note that follows. */
    static Direction pedal(PedalType what, int staff) {
        Pedal pedal = new Pedal();
        pedal.setType(what);
        pedal.setLine(YesNo.YES);
        DirectionType type = new DirectionType();
        type.setPedal(pedal);
        return below(type, staff);
    }

    /** Something below a staff. */
    static Direction below(DirectionType type, int staff) {
        return beside(type, staff, true);
    }

    static Direction beside(DirectionType type, int staff, boolean below) {
        Direction direction = above(type);
        direction.setPlacement(below ? AboveBelow.BELOW : AboveBelow.ABOVE);
        direction.setStaff(BigInteger.valueOf(staff));
        return direction;
    }

    /** Segno, coda, fine and the words that jump, each with what a player does at it. */
    static Direction mark(Mark mark) {
        DirectionType type = new DirectionType();
        Sound sound = new Sound();
        switch (mark) {
            case SEGNO -> {
                type.getSegno().add(new Segno());
                sound.setSegno("segno");
            }
            case CODA -> {
                type.getCoda().add(new Coda());
                sound.setCoda("coda");
            }
            default -> {
                FormattedTextId text = new FormattedTextId();
                text.setValue(mark == Mark.FINE ? "Fine" : mark == Mark.TO_CODA ? "To Coda" : mark.words());
                type.getWordsOrSymbol().add(text);
                switch (mark) {
                    case FINE -> sound.setFine("yes");
                    case TO_CODA -> sound.setTocoda("coda");
                    case DA_CAPO, DA_CAPO_AL_FINE, DA_CAPO_AL_CODA -> sound.setDacapo(YesNo.YES);
                    default -> sound.setDalsegno("segno");
                }
            }
        }
        Direction direction = above(type);
        if (mark == Mark.TO_CODA) {
            DirectionType sign = new DirectionType();
            sign.getCoda().add(new Coda());
            direction.getDirectionType().add(sign);
        }
        direction.setSound(sound);
        return direction;
    }

    static Direction section(String name) {
        FormattedTextId text = new FormattedTextId();
        text.setValue(name);
        text.setEnclosure(EnclosureShape.NONE);
        DirectionType type = new DirectionType();
        type.getRehearsal().add(text);
        return above(type);
    }

    /** A word below the staff that keeps a lane free, in which the page sets the numeral itself. */
    static Direction room(int staff) {
        FormattedTextId text = new FormattedTextId();
        text.setValue("V");
        DirectionType type = new DirectionType();
        type.getWordsOrSymbol().add(text);
        return below(type, staff);
    }

    private static Direction above(DirectionType type) {
        Direction direction = new Direction();
        direction.setPlacement(AboveBelow.ABOVE);
        direction.getDirectionType().add(type);
        direction.setStaff(BigInteger.ONE);
        return direction;
    }

    private static Time time(Meter meter) {
        Time time = new Time();
        if (meter.bySign()) {
            time.setSymbol(meter.unit() == 2 ? TimeSymbol.CUT : TimeSymbol.COMMON);
        }
        time.getTimeSignature().add(FACTORY.createTimeBeats(meter.toString().replaceAll("/.*", "")));
        time.getTimeSignature().add(FACTORY.createTimeBeatType(String.valueOf(meter.unit())));
        return time;
    }

    static Clef clef(ClefSign sign, int line, int number) {
        Clef clef = new Clef();
        clef.setSign(sign);
        clef.setLine(BigInteger.valueOf(line));
        clef.setNumber(BigInteger.valueOf(number));
        return clef;
    }
}
