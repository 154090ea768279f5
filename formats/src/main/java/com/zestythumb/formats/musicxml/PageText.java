package com.zestythumb.formats.musicxml;

import jakarta.xml.bind.JAXBElement;
import org.audiveris.proxymusic.Arpeggiate;
import org.audiveris.proxymusic.Articulations;
import org.audiveris.proxymusic.Attributes;
import org.audiveris.proxymusic.Backup;
import org.audiveris.proxymusic.Barline;
import org.audiveris.proxymusic.Direction;
import org.audiveris.proxymusic.Extend;
import org.audiveris.proxymusic.Fermata;
import org.audiveris.proxymusic.Fingering;
import org.audiveris.proxymusic.Forward;
import org.audiveris.proxymusic.Harmony;
import org.audiveris.proxymusic.Lyric;
import org.audiveris.proxymusic.Notations;
import org.audiveris.proxymusic.Note;
import org.audiveris.proxymusic.Pitch;
import org.audiveris.proxymusic.ScorePart;
import org.audiveris.proxymusic.ScorePartwise;
import org.audiveris.proxymusic.ScorePartwise.Part.Measure;
import org.audiveris.proxymusic.Slur;
import org.audiveris.proxymusic.Syllabic;
import org.audiveris.proxymusic.Technical;
import org.audiveris.proxymusic.TextElementData;
import org.audiveris.proxymusic.Tie;
import org.audiveris.proxymusic.Tied;
import org.audiveris.proxymusic.TimeModification;
import org.audiveris.proxymusic.Tuplet;

/**
 * Writes the page's score as text. JAXB would write the same, but looks into each of some sixty
 * places of every note and so takes most of the time of an answer; here only what the page's score may hold is
 * looked for, in the order of MusicXML's schema. A test holds the two against each other.
 */
final class PageText {

    private final Tags tags = new Tags();
    private final PageSigns signs = new PageSigns(tags);

    private PageText() {}

    /**
     * Writes a score of one part, from its root element on.
     *
     * @throws IllegalArgumentException where a bar holds what a page never does
     */
    static String of(ScorePartwise score) {
        PageText text = new PageText();
        text.score(score);
        return text.tags.toString();
    }

    private void score(ScorePartwise score) {
        ScorePartwise.Part part = score.getPart().get(0);
        ScorePart piano = (ScorePart) part.getId();
        tags.open("score-partwise").with("version", score.getVersion());
        tags.open("part-list").open("score-part").with("id", piano.getId());
        tags.open("part-name")
                .with("print-object", piano.getPartName().getPrintObject())
                .text(piano.getPartName().getValue())
                .close();
        tags.close().close();
        tags.open("part").with("id", piano.getId());
        part.getMeasure().forEach(this::measure);
        tags.close().close();
    }

    private void measure(Measure measure) {
        tags.open("measure").with("number", measure.getNumber()).with("implicit", measure.getImplicit());
        for (Object item : measure.getNoteOrBackupOrForward()) {
            if (item instanceof Note note) {
                note(note);
            } else if (item instanceof Harmony harmony) {
                signs.harmony(harmony);
            } else if (item instanceof Direction direction) {
                signs.direction(direction);
            } else if (item instanceof Backup backup) {
                tags.open("backup").leaf("duration", backup.getDuration()).close();
            } else if (item instanceof Forward forward) {
                tags.open("forward").leaf("duration", forward.getDuration()).close();
            } else if (item instanceof Barline barline) {
                signs.barline(barline);
            } else if (item instanceof Attributes attributes) {
                signs.attributes(attributes);
            } else {
                throw unknown(item);
            }
        }
        tags.close();
    }

    private void note(Note note) {
        tags.open("note").with("id", note.getId());
        if (note.getChord() != null) {
            tags.open("chord").close();
        }
        if (note.getPitch() != null) {
            pitch(note.getPitch());
        }
        if (note.getRest() != null) {
            tags.open("rest").with("measure", note.getRest().getMeasure()).close();
        }
        tags.leaf("duration", note.getDuration());
        for (Tie tie : note.getTie()) {
            tags.open("tie").with("type", tie.getType()).close();
        }
        tags.leaf("voice", note.getVoice());
        if (note.getType() != null) {
            tags.leaf("type", note.getType().getValue());
        }
        note.getDot().forEach(dot -> tags.open("dot").close());
        if (note.getAccidental() != null) {
            tags.open("accidental")
                    .with("cautionary", note.getAccidental().getCautionary())
                    .with("parentheses", note.getAccidental().getParentheses())
                    .text(note.getAccidental().getValue())
                    .close();
        }
        if (note.getTimeModification() != null) {
            timeModification(note.getTimeModification());
        }
        if (note.getStem() != null) {
            tags.leaf("stem", note.getStem().getValue());
        }
        if (note.getNotehead() != null) {
            tags.open("notehead")
                    .with("parentheses", note.getNotehead().getParentheses())
                    .text(note.getNotehead().getValue())
                    .close();
        }
        tags.leaf("staff", note.getStaff());
        note.getBeam()
                .forEach(beam -> tags.open("beam")
                        .with("number", beam.getNumber())
                        .text(beam.getValue())
                        .close());
        note.getNotations().forEach(this::notations);
        note.getLyric().forEach(this::lyric);
        tags.close();
    }

    private void pitch(Pitch pitch) {
        tags.open("pitch")
                .leaf("step", pitch.getStep())
                .leaf("alter", pitch.getAlter())
                .leaf("octave", pitch.getOctave())
                .close();
    }

    private void timeModification(TimeModification time) {
        tags.open("time-modification")
                .leaf("actual-notes", time.getActualNotes())
                .leaf("normal-notes", time.getNormalNotes())
                .close();
    }

    private void notations(Notations notations) {
        tags.open("notations");
        for (Object sign : notations.getTiedOrSlurOrTuplet()) {
            if (sign instanceof Tied tied) {
                tags.open("tied").with("type", tied.getType()).close();
            } else if (sign instanceof Tuplet tuplet) {
                tags.open("tuplet")
                        .with("type", tuplet.getType())
                        .with("bracket", tuplet.getBracket())
                        .with("placement", tuplet.getPlacement())
                        .close();
            } else if (sign instanceof Technical technical) {
                tags.open("technical");
                technical.getUpBowOrDownBowOrHarmonic().forEach(this::fingering);
                tags.close();
            } else if (sign instanceof Slur slur) {
                tags.open("slur")
                        .with("type", slur.getType())
                        .with("number", slur.getNumber())
                        .close();
            } else if (sign instanceof Fermata) {
                tags.open("fermata").close();
            } else if (sign instanceof Arpeggiate) {
                tags.open("arpeggiate").close();
            } else if (sign instanceof Articulations articulations) {
                tags.open("articulations");
                articulations
                        .getAccentOrStrongAccentOrStaccato()
                        .forEach(one -> tags.open(one.getName().getLocalPart()).close());
                tags.close();
            } else {
                throw unknown(sign);
            }
        }
        tags.close();
    }

    private void fingering(JAXBElement<?> element) {
        if (!(element.getValue() instanceof Fingering fingering)) {
            throw unknown(element.getValue());
        }
        tags.open("fingering")
                .with("placement", fingering.getPlacement())
                .text(fingering.getValue())
                .close();
    }

    private void lyric(Lyric lyric) {
        tags.open("lyric").with("number", lyric.getNumber());
        for (Object part : lyric.getElisionAndSyllabicAndText()) {
            if (part instanceof Syllabic syllabic) {
                tags.leaf("syllabic", syllabic);
            } else if (part instanceof TextElementData text) {
                tags.leaf("text", text.getValue());
            } else {
                throw unknown(part);
            }
        }
        Extend extend = lyric.getExtend();
        if (extend != null) {
            tags.open("extend").with("type", extend.getType()).close();
        }
        tags.close();
    }

    static IllegalArgumentException unknown(Object item) {
        return new IllegalArgumentException("a page holds no " + item.getClass().getSimpleName());
    }
}
