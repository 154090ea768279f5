package com.zestythumb.formats.musicxml;

import com.zestythumb.formats.Hands;
import com.zestythumb.formats.Imported;
import com.zestythumb.formats.ScoreReader;
import com.zestythumb.formats.Texts;
import com.zestythumb.formats.UnreadableFileException;
import java.io.StringReader;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;

/**
 * Reads MusicXML 1 to 4, partwise and timewise, plain or compressed. Measure by measure from a stream, so
 * that a huge score costs no more than the part of it that is kept; no entity of the file is followed.
 */
public final class MusicXmlReader implements ScoreReader {

    private static final int LOOK = 8192;
    private static final Pattern ENCODING = Pattern.compile("encoding\\s*=\\s*[\"']([\\w.-]+)[\"']");

    private static final Pattern ILLEGAL = Pattern.compile(
            "[\\x00-\\x08\\x0B\\x0C\\x0E-\\x1F\\uFFFE\\uFFFF]|&#(?:x0*+(?:[0-8bcefBCEF]|1[0-9a-fA-F])|0*+(?:[0-8]|1[124-9]|2\\d|3[01]));");

    @Override
    public String format() {
        return "MusicXML";
    }

    @Override
    public int maxBytes() {
        return ScoreReader.MAX_BYTES;
    }

    @Override
    public boolean recognises(String name, byte[] file) {
        if (CompressedScore.isZip(file) || name.endsWith(".mxl")) {
            return true;
        }
        String head = new String(file, 0, Math.min(file.length, LOOK), StandardCharsets.ISO_8859_1).replace("\0", "");
        return head.contains("<score-partwise")
                || head.contains("<score-timewise")
                || name.endsWith(".musicxml")
                || name.endsWith(".xml")
                || head.stripLeading().startsWith("<?xml");
    }

    @Override
    public List<Imported> read(byte[] file) {
        return read(file, Hands.Wanted.USUAL);
    }

    @Override
    public List<Imported> read(byte[] file, Hands.Wanted wanted) {
        byte[] score = CompressedScore.isZip(file) ? CompressedScore.unpack(file) : file;
        try {
            XMLStreamReader in = factory().createXMLStreamReader(new StringReader(legal(text(score))));
            while (in.hasNext() && in.next() != XMLStreamConstants.START_ELEMENT) {
                // On to the root.
            }
            String root = in.isStartElement() ? in.getLocalName() : "";
            if (!root.equals("score-partwise") && !root.equals("score-timewise")) {
                throw new UnreadableFileException("this XML file holds no score but \"" + root
                        + "\"; in the notation program choose export as MusicXML");
            }
            return List.of(new ScoreWalk(in, root.equals("score-timewise"), wanted).read());
        } catch (XMLStreamException e) {
            int line = e.getLocation() == null ? 0 : e.getLocation().getLineNumber();
            throw new UnreadableFileException(
                    "the MusicXML breaks off or is damaged at line " + line + "; export it once more", e);
        }
    }

    /** In the encoding the file states, if that is known and not the usual one. */
    private static String text(byte[] score) {
        String head = new String(score, 0, Math.min(score.length, 200), StandardCharsets.ISO_8859_1);
        Matcher m = ENCODING.matcher(head);
        if (m.find() && !m.group(1).toUpperCase(Locale.ROOT).startsWith("UTF")) {
            try {
                return new String(score, Charset.forName(m.group(1)));
            } catch (IllegalArgumentException e) {
                // No such encoding: what it looks like decides.
            }
        }
        return Texts.decode(score);
    }

    /** Without letters that XML 1.0 does not have (section 2.2), which some programs write all the same. */
    private static String legal(String text) {
        return ILLEGAL.matcher(text).replaceAll("");
    }

    private static XMLInputFactory factory() {
        XMLInputFactory factory = XMLInputFactory.newDefaultFactory();
        factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
        factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
        factory.setProperty(XMLInputFactory.IS_COALESCING, true);
        return factory;
    }
}
