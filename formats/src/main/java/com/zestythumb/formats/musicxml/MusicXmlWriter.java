package com.zestythumb.formats.musicxml;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.sheet.Counts;
import com.zestythumb.core.sheet.Credit;
import com.zestythumb.formats.ScoreWriter;
import jakarta.xml.bind.JAXBException;
import jakarta.xml.bind.Marshaller;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.Set;
import org.audiveris.proxymusic.Identification;
import org.audiveris.proxymusic.PartList;
import org.audiveris.proxymusic.PartName;
import org.audiveris.proxymusic.ScorePart;
import org.audiveris.proxymusic.ScorePartwise;
import org.audiveris.proxymusic.TypedText;
import org.audiveris.proxymusic.Work;
import org.audiveris.proxymusic.YesNo;
import org.audiveris.proxymusic.util.Marshalling;

/**
 * Writes MusicXML 4.0: one piano part, chord symbols, fingers, and on every note the id it has in the
 * {@link Arrangement}.
 */
public final class MusicXmlWriter implements ScoreWriter {

    /** Which staves are written. */
    public enum Staves {
        /** Treble and bass, the upper one left free for the tune: a file to take away. */
        GRAND,
        /**
         * For a page that sets title, tempo, lines and numerals itself: the bass staff alone, and the treble
         * staff where there is a tune.
         */
        PAGE
    }

    private static final String HEADER = """
            <?xml version="1.0" encoding="UTF-8"?>
            <!DOCTYPE score-partwise PUBLIC "-//Recordare//DTD MusicXML 4.0 Partwise//EN" \
            "http://www.musicxml.org/dtds/partwise.dtd">
            """;

    private final Staves staves;
    private final Counts counts;
    private final Set<EngravingOption> options;

    public MusicXmlWriter(Staves staves) {
        this(staves, Counts.NONE, Set.of());
    }

    /** With what is counted below both hands. */
    public MusicXmlWriter(Staves staves, Counts counts, Set<EngravingOption> options) {
        this.staves = staves;
        this.counts = counts;
        this.options = Set.copyOf(options);
    }

    @Override
    public byte[] write(Arrangement arrangement) {
        return staves != Staves.PAGE
                ? marshal(score(arrangement))
                : writeText(arrangement).getBytes(StandardCharsets.UTF_8);
    }

    /** The same as text. */
    public String writeText(Arrangement arrangement) {
        return staves != Staves.PAGE
                ? new String(write(arrangement), StandardCharsets.UTF_8)
                : HEADER + PageText.of(score(arrangement));
    }

    ScorePartwise score(Arrangement arrangement) {
        ScorePart piano = new ScorePart();
        piano.setId("P1");
        PartName name = new PartName();
        name.setValue("Piano");
        name.setPrintObject(staves != Staves.PAGE ? YesNo.YES : YesNo.NO);
        piano.setPartName(name);

        ScorePartwise.Part part = new ScorePartwise.Part();
        part.setId(piano);
        part.getMeasure().addAll(new MeasureWriter(arrangement, staves, counts, options).measures());

        ScorePartwise score = new ScorePartwise();
        score.setVersion("4.0");
        if (staves != Staves.PAGE) {
            addHead(score, arrangement);
        }
        PartList parts = new PartList();
        parts.getPartGroupOrScorePart().add(piano);
        score.setPartList(parts);
        score.getPart().add(part);
        return score;
    }

    private static void addHead(ScorePartwise score, Arrangement arrangement) {
        Work work = new Work();
        work.setWorkTitle(arrangement.sheet().title());
        score.setWork(work);
        Identification identification = new Identification();
        arrangement.sheet().heading().credits().entrySet().stream()
                .sorted(Map.Entry.comparingByKey())
                .forEach(credit -> {
                    boolean rights = credit.getKey() == Credit.COPYRIGHT;
                    TypedText told = new TypedText();
                    told.setType(rights ? null : credit.getKey().word());
                    told.setValue(credit.getValue());
                    (rights ? identification.getRights() : identification.getCreator()).add(told);
                });
        score.setIdentification(identification);
    }

    @Override
    public String mediaType() {
        return "application/vnd.recordare.musicxml+xml";
    }

    @Override
    public String extension() {
        return "musicxml";
    }

    /** Through JAXB itself, since the library's own call writes its own version for MusicXML's. */
    static byte[] marshal(ScorePartwise score) {
        ByteArrayOutputStream out = new ByteArrayOutputStream(1 << 16);
        try {
            Marshaller marshaller = Marshalling.getContext(ScorePartwise.class).createMarshaller();
            marshaller.setProperty(Marshaller.JAXB_FRAGMENT, true);
            out.writeBytes(HEADER.getBytes(StandardCharsets.UTF_8));
            marshaller.marshal(score, out);
        } catch (JAXBException e) {
            throw new IllegalStateException("the score could not be written", e);
        }
        return out.toByteArray();
    }
}
