package com.zestythumb.formats.musicxml;

import org.audiveris.proxymusic.Attributes;
import org.audiveris.proxymusic.BarStyleColor;
import org.audiveris.proxymusic.Barline;
import org.audiveris.proxymusic.Clef;
import org.audiveris.proxymusic.Coda;
import org.audiveris.proxymusic.Direction;
import org.audiveris.proxymusic.DirectionType;
import org.audiveris.proxymusic.Dynamics;
import org.audiveris.proxymusic.Ending;
import org.audiveris.proxymusic.FormattedTextId;
import org.audiveris.proxymusic.Harmony;
import org.audiveris.proxymusic.Kind;
import org.audiveris.proxymusic.Repeat;
import org.audiveris.proxymusic.Segno;
import org.audiveris.proxymusic.Sound;
import org.audiveris.proxymusic.StyleText;

/** What a page holds beside its notes: chord symbols, words, bar lines, clefs and signatures. */
final class PageSigns {

    private final Tags tags;

    PageSigns(Tags tags) {
        this.tags = tags;
    }

    void harmony(Harmony harmony) {
        tags.open("harmony");
        for (Object part : harmony.getHarmonyChord()) {
            if (part instanceof StyleText function) {
                tags.open("function").text(function.getValue()).close();
            } else if (part instanceof Kind kind) {
                tags.open("kind")
                        .with("text", kind.getText())
                        .text(kind.getValue())
                        .close();
            } else {
                throw PageText.unknown(part);
            }
        }
        if (harmony.getOffset() != null) {
            tags.leaf("offset", harmony.getOffset().getValue());
        }
        tags.leaf("staff", harmony.getStaff()).close();
    }

    void direction(Direction direction) {
        tags.open("direction").with("placement", direction.getPlacement());
        direction.getDirectionType().forEach(this::directionType);
        if (direction.getOffset() != null) {
            tags.leaf("offset", direction.getOffset().getValue());
        }
        tags.leaf("staff", direction.getStaff());
        Sound sound = direction.getSound();
        if (sound != null) {
            tags.open("sound")
                    .with("dacapo", sound.getDacapo())
                    .with("segno", sound.getSegno())
                    .with("dalsegno", sound.getDalsegno())
                    .with("coda", sound.getCoda())
                    .with("tocoda", sound.getTocoda())
                    .with("fine", sound.getFine())
                    .close();
        }
        tags.close();
    }

    private void directionType(DirectionType type) {
        tags.open("direction-type");
        if (type.getPedal() != null) {
            tags.open("pedal")
                    .with("type", type.getPedal().getType())
                    .with("line", type.getPedal().getLine())
                    .close();
        }
        if (type.getWedge() != null) {
            tags.open("wedge").with("type", type.getWedge().getType()).close();
        }
        if (type.getOctaveShift() != null) {
            tags.open("octave-shift")
                    .with("type", type.getOctaveShift().getType())
                    .with("size", type.getOctaveShift().getSize())
                    .close();
        }
        for (Dynamics dynamics : type.getDynamics()) {
            tags.open("dynamics");
            dynamics.getPOrPpOrPpp()
                    .forEach(one -> tags.open(one.getName().getLocalPart()).close());
            tags.close();
        }
        type.getRehearsal().forEach(text -> words("rehearsal", text));
        for (Segno segno : type.getSegno()) {
            tags.open("segno").close();
        }
        for (Coda coda : type.getCoda()) {
            tags.open("coda").close();
        }
        for (Object item : type.getWordsOrSymbol()) {
            if (!(item instanceof FormattedTextId words)) {
                throw PageText.unknown(item);
            }
            words("words", words);
        }
        tags.close();
    }

    private void words(String tag, FormattedTextId text) {
        tags.open(tag)
                .with("font-style", text.getFontStyle())
                .with("enclosure", text.getEnclosure())
                .text(text.getValue())
                .close();
    }

    void barline(Barline barline) {
        tags.open("barline").with("location", barline.getLocation());
        BarStyleColor style = barline.getBarStyle();
        if (style != null) {
            tags.leaf("bar-style", style.getValue());
        }
        Ending ending = barline.getEnding();
        if (ending != null) {
            tags.open("ending")
                    .with("number", ending.getNumber())
                    .with("type", ending.getType())
                    .close();
        }
        Repeat repeat = barline.getRepeat();
        if (repeat != null) {
            tags.open("repeat")
                    .with("direction", repeat.getDirection())
                    .with("times", repeat.getTimes())
                    .close();
        }
        tags.close();
    }

    void attributes(Attributes attributes) {
        tags.open("attributes").leaf("divisions", attributes.getDivisions());
        attributes
                .getKey()
                .forEach(key -> tags.open("key")
                        .leaf("fifths", key.getFifths())
                        .leaf("mode", key.getMode())
                        .close());
        attributes.getTime().forEach(time -> {
            tags.open("time").with("symbol", time.getSymbol());
            time.getTimeSignature().forEach(part -> tags.leaf(part.getName().getLocalPart(), part.getValue()));
            tags.close();
        });
        tags.leaf("staves", attributes.getStaves());
        attributes.getClef().forEach(this::clef);
        tags.close();
    }

    private void clef(Clef clef) {
        tags.open("clef")
                .with("number", clef.getNumber())
                .leaf("sign", clef.getSign())
                .leaf("line", clef.getLine())
                .close();
    }
}
