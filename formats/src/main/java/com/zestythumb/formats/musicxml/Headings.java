package com.zestythumb.formats.musicxml;

import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.sheet.Meter;
import java.math.BigDecimal;
import java.math.BigInteger;
import org.audiveris.proxymusic.AboveBelow;
import org.audiveris.proxymusic.Attributes;
import org.audiveris.proxymusic.Clef;
import org.audiveris.proxymusic.ClefSign;
import org.audiveris.proxymusic.Direction;
import org.audiveris.proxymusic.DirectionType;
import org.audiveris.proxymusic.EnclosureShape;
import org.audiveris.proxymusic.FormattedTextId;
import org.audiveris.proxymusic.Key;
import org.audiveris.proxymusic.Metronome;
import org.audiveris.proxymusic.ObjectFactory;
import org.audiveris.proxymusic.PerMinute;
import org.audiveris.proxymusic.Sound;
import org.audiveris.proxymusic.Time;

/** What stands at the head of the music: clefs, key, meter, tempo, section names. */
final class Headings {

    private static final ObjectFactory FACTORY = new ObjectFactory();
    private static final int SECONDS_PER_MINUTE = 60;

    private Headings() {}

    static Attributes attributes(LeadSheet sheet, boolean grand) {
        Attributes attributes = new Attributes();
        attributes.setDivisions(BigDecimal.valueOf(Notes.DIVISIONS));
        Key key = new Key();
        key.setFifths(BigInteger.valueOf(sheet.key().signature()));
        key.setMode(sheet.key().mode().toString());
        attributes.getKey().add(key);
        attributes.getTime().add(time(sheet.meter()));
        if (grand) {
            attributes.setStaves(BigInteger.TWO);
            attributes.getClef().add(clef(ClefSign.G, 2, 1));
        }
        attributes.getClef().add(clef(ClefSign.F, 4, grand ? 2 : 1));
        return attributes;
    }

    static Direction tempo(LeadSheet sheet) {
        Metronome metronome = new Metronome();
        metronome.setBeatUnit("quarter");
        if (sheet.meter().isCompound()) {
            metronome.getBeatUnitDot().add(new org.audiveris.proxymusic.Empty());
        }
        PerMinute perMinute = new PerMinute();
        perMinute.setValue(String.valueOf(sheet.tempo()));
        metronome.setPerMinute(perMinute);
        DirectionType type = new DirectionType();
        type.setMetronome(metronome);
        Direction direction = above(type);
        Sound sound = new Sound();
        sound.setTempo(BigDecimal.valueOf(Math.round(SECONDS_PER_MINUTE / sheet.secondsPerQuarter() * 100) / 100.0));
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
    static Direction room() {
        FormattedTextId text = new FormattedTextId();
        text.setValue("V");
        DirectionType type = new DirectionType();
        type.getWordsOrSymbol().add(text);
        Direction direction = above(type);
        direction.setPlacement(AboveBelow.BELOW);
        return direction;
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
        time.getTimeSignature().add(FACTORY.createTimeBeats(String.valueOf(meter.count())));
        time.getTimeSignature().add(FACTORY.createTimeBeatType(String.valueOf(meter.unit())));
        return time;
    }

    private static Clef clef(ClefSign sign, int line, int number) {
        Clef clef = new Clef();
        clef.setSign(sign);
        clef.setLine(BigInteger.valueOf(line));
        clef.setNumber(BigInteger.valueOf(number));
        return clef;
    }
}
