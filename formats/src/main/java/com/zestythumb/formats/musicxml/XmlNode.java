package com.zestythumb.formats.musicxml;

import com.zestythumb.formats.UnreadableFileException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;

/** A small piece of an XML document, read from a stream; what a file does not hold is empty, never null. */
final class XmlNode {

    private static final int DEEPEST = 40;

    /** Elements of one measure, or of the score's head: a measure of an orchestra has some thousands. */
    private static final int MOST = 100_000;

    private static final XmlNode NONE = new XmlNode("");

    private final String name;
    private final Map<String, String> attributes = new HashMap<>();
    private final List<XmlNode> children = new ArrayList<>();
    private String text = "";

    private XmlNode(String name) {
        this.name = name;
    }

    /** Reads the element the stream stands on, up to its end. */
    static XmlNode read(XMLStreamReader in) throws XMLStreamException {
        return read(in, 0, new int[1]);
    }

    private static XmlNode read(XMLStreamReader in, int depth, int[] count) throws XMLStreamException {
        if (depth > DEEPEST) {
            throw new XMLStreamException("elements lie too deep in one another");
        }
        if (++count[0] > MOST) {
            throw new UnreadableFileException("one measure of the score has more than " + MOST
                    + " elements, which no music has; export it once more");
        }
        XmlNode node = new XmlNode(in.getLocalName());
        for (int i = 0; i < in.getAttributeCount(); i++) {
            node.attributes.put(in.getAttributeLocalName(i), in.getAttributeValue(i));
        }
        StringBuilder text = new StringBuilder();
        while (in.hasNext()) {
            switch (in.next()) {
                case XMLStreamConstants.START_ELEMENT -> node.children.add(read(in, depth + 1, count));
                case XMLStreamConstants.CHARACTERS, XMLStreamConstants.CDATA -> text.append(in.getText());
                case XMLStreamConstants.END_ELEMENT -> {
                    node.text = text.toString().strip();
                    return node;
                }
                default -> {
                    // Remarks and the like.
                }
            }
        }
        return node;
    }

    String name() {
        return name;
    }

    String text() {
        return text;
    }

    List<XmlNode> children() {
        return children;
    }

    Stream<XmlNode> all(String childName) {
        return children.stream().filter(child -> child.name.equals(childName));
    }

    /** The first child of that name; an empty node where there is none. */
    XmlNode child(String childName) {
        return all(childName).findFirst().orElse(NONE);
    }

    boolean has(String childName) {
        return child(childName) != NONE;
    }

    String text(String childName) {
        return child(childName).text;
    }

    String attribute(String key) {
        return attributes.getOrDefault(key, "");
    }

    /** A whole number, or another where the text is none. */
    int number(String childName, int otherwise) {
        return parse(text(childName), otherwise);
    }

    static int parse(String text, int otherwise) {
        try {
            // Some programs write 2.0 for 2.
            double number = Double.parseDouble(text);
            return Math.abs(number) < 1_000_000_000 ? (int) Math.round(number) : otherwise;
        } catch (NumberFormatException e) {
            return otherwise;
        }
    }
}
