package com.zestythumb.formats.musicxml;

import com.zestythumb.core.sheet.NoteSign;
import jakarta.xml.bind.JAXBElement;
import java.util.Collection;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import javax.xml.namespace.QName;
import org.audiveris.proxymusic.Articulations;
import org.audiveris.proxymusic.Attributes;
import org.audiveris.proxymusic.BreathMark;
import org.audiveris.proxymusic.ClefSign;
import org.audiveris.proxymusic.DirectionType;
import org.audiveris.proxymusic.Dynamics;
import org.audiveris.proxymusic.Empty;
import org.audiveris.proxymusic.EmptyPlacement;
import org.audiveris.proxymusic.Fermata;
import org.audiveris.proxymusic.Note;
import org.audiveris.proxymusic.ObjectFactory;
import org.audiveris.proxymusic.PedalType;
import org.audiveris.proxymusic.Slur;
import org.audiveris.proxymusic.StartStopContinue;
import org.audiveris.proxymusic.Wedge;
import org.audiveris.proxymusic.WedgeType;

/** Writes and reads the signs that stand at notes: dynamics, hairpins, slurs, accents, holds, breath, pedal and clef. */
final class SignTags {

    private static final ObjectFactory FACTORY = new ObjectFactory();
    /** What ends at the note at which it begins ends behind it. */
    private static final Map<NoteSign, NoteSign> BEGINNINGS = Map.of(
            NoteSign.LOUDER_END, NoteSign.LOUDER,
            NoteSign.SOFTER_END, NoteSign.SOFTER,
            NoteSign.PEDAL_END, NoteSign.PEDAL);

    private SignTags() {}

    /** What is written of the signs ahead of a note. */
    static List<Object> before(Collection<NoteSign> signs, int staff) {
        return signs.stream()
                .filter(sign -> !endsBehind(sign, signs))
                .flatMap(sign -> item(sign, staff).stream())
                .toList();
    }

    /** What is written of them behind it. */
    static List<Object> behind(Collection<NoteSign> signs, int staff) {
        return signs.stream()
                .filter(sign -> endsBehind(sign, signs))
                .flatMap(sign -> item(sign, staff).stream())
                .toList();
    }

    private static boolean endsBehind(NoteSign sign, Collection<NoteSign> signs) {
        return BEGINNINGS.containsKey(sign) && signs.contains(BEGINNINGS.get(sign));
    }

    private static List<Object> item(NoteSign sign, int staff) {
        int lines = Math.max(1, staff);
        return switch (sign) {
            case TREBLE, BASS -> List.of(clef(sign, lines));
            case LOUDER -> List.of(wedge(WedgeType.CRESCENDO, lines));
            case SOFTER -> List.of(wedge(WedgeType.DIMINUENDO, lines));
            case LOUDER_END, SOFTER_END -> List.of(wedge(WedgeType.STOP, lines));
            case PEDAL -> List.of(Headings.pedal(PedalType.START, lines));
            case PEDAL_CHANGE -> List.of(Headings.pedal(PedalType.CHANGE, lines));
            case PEDAL_END -> List.of(Headings.pedal(PedalType.STOP, lines));
            case PPP, PP, P, MP, MF, F, FF, FFF, SFZ -> List.of(loudness(sign, lines));
            default -> List.of();
        };
    }

    private static Attributes clef(NoteSign sign, int staff) {
        Attributes attributes = new Attributes();
        boolean treble = sign == NoteSign.TREBLE;
        attributes.getClef().add(Headings.clef(treble ? ClefSign.G : ClefSign.F, treble ? 2 : 4, staff));
        return attributes;
    }

    private static Object wedge(WedgeType what, int staff) {
        Wedge wedge = new Wedge();
        wedge.setType(what);
        DirectionType type = new DirectionType();
        type.setWedge(wedge);
        return Headings.below(type, staff);
    }

    private static Object loudness(NoteSign sign, int staff) {
        Dynamics dynamics = new Dynamics();
        String name = sign.name().toLowerCase(Locale.ROOT);
        dynamics.getPOrPpOrPpp().add(new JAXBElement<>(new QName(name), Empty.class, new Empty()));
        DirectionType type = new DirectionType();
        type.getDynamics().add(dynamics);
        return Headings.below(type, staff);
    }

    /** Writes to a note what stands at its head. */
    static void at(Note note, Collection<NoteSign> signs, int staff) {
        Articulations articulations = new Articulations();
        for (NoteSign sign : signs) {
            switch (sign) {
                case SLUR -> slur(note, StartStopContinue.START, staff);
                case SLUR_END -> slur(note, StartStopContinue.STOP, staff);
                case HOLD -> Notes.notations(note).getTiedOrSlurOrTuplet().add(new Fermata());
                case ACCENT ->
                    articulations
                            .getAccentOrStrongAccentOrStaccato()
                            .add(FACTORY.createArticulationsAccent(new EmptyPlacement()));
                case BREATH ->
                    articulations
                            .getAccentOrStrongAccentOrStaccato()
                            .add(FACTORY.createArticulationsBreathMark(new BreathMark()));
                default -> {
                    // Written before the note.
                }
            }
        }
        if (!articulations.getAccentOrStrongAccentOrStaccato().isEmpty()) {
            Notes.notations(note).getTiedOrSlurOrTuplet().add(articulations);
        }
    }

    /** The hands' slurs are told apart by their numbers. */
    private static void slur(Note note, StartStopContinue what, int staff) {
        Slur slur = new Slur();
        slur.setType(what);
        slur.setNumber(Math.max(1, staff));
        Notes.notations(note).getTiedOrSlurOrTuplet().add(slur);
    }

    /** The signs that a note of a file bears at its head. */
    static Set<NoteSign> ofNote(XmlNode note) {
        Set<NoteSign> signs = EnumSet.noneOf(NoteSign.class);
        for (XmlNode notations : note.all("notations").toList()) {
            notations.all("slur").forEach(slur -> {
                if (slur.attribute("type").equals("start")) {
                    signs.add(NoteSign.SLUR);
                } else if (slur.attribute("type").equals("stop")) {
                    signs.add(NoteSign.SLUR_END);
                }
            });
            if (notations.has("fermata")) {
                signs.add(NoteSign.HOLD);
            }
            notations.all("articulations").forEach(articulations -> {
                if (articulations.has("accent") || articulations.has("strong-accent")) {
                    signs.add(NoteSign.ACCENT);
                }
                if (articulations.has("breath-mark") || articulations.has("caesura")) {
                    signs.add(NoteSign.BREATH);
                }
            });
            signs.addAll(loudness(notations));
        }
        return signs;
    }

    /**
     * The signs that a direction of a file gives to what is played next on its staff.
     *
     * @param type its direction-type
     * @param open the hairpin that is open on that staff, or null
     */
    static Set<NoteSign> ofDirection(XmlNode type, NoteSign open) {
        Set<NoteSign> signs = loudness(type);
        switch (type.child("wedge").attribute("type")) {
            case "crescendo" -> signs.add(NoteSign.LOUDER);
            case "diminuendo" -> signs.add(NoteSign.SOFTER);
            case "stop" -> signs.add(open == NoteSign.SOFTER ? NoteSign.SOFTER_END : NoteSign.LOUDER_END);
            default -> {
                // No hairpin begins or ends.
            }
        }
        switch (type.child("pedal").attribute("type")) {
            case "start", "resume" -> signs.add(NoteSign.PEDAL);
            case "stop", "discontinue" -> signs.add(NoteSign.PEDAL_END);
            case "change" -> signs.add(NoteSign.PEDAL_CHANGE);
            default -> {
                // The foot stays where it is.
            }
        }
        return signs;
    }

    private static Set<NoteSign> loudness(XmlNode node) {
        Set<NoteSign> signs = EnumSet.noneOf(NoteSign.class);
        for (NoteSign sign : EnumSet.range(NoteSign.PPP, NoteSign.SFZ)) {
            if (node.child("dynamics").has(sign.name().toLowerCase(Locale.ROOT))) {
                signs.add(sign);
            }
        }
        return signs;
    }
}
