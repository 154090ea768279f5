package com.zestythumb.formats.musicxml;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Choices;
import com.zestythumb.core.pattern.AccompanimentPatterns;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.formats.musicxml.MusicXmlWriter.Staves;
import java.io.ByteArrayInputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.stream.IntStream;
import javax.xml.parsers.DocumentBuilderFactory;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;

/** The bars of a score as written, read with the JDK's own XML reader. Lines of a chart are parted by semicolons. */
final class EngravedBars {

    private EngravedBars() {}

    static List<List<Element>> bars(String chart, int staff) throws Exception {
        return bars(
                Arrangement.of(Chart.parse(chart.replace(';', '\n')), Choices.USUAL.with(AccompanimentPatterns.BLOCK)),
                staff);
    }

    static List<List<Element>> bars(Arrangement arrangement, int staff) throws Exception {
        List<List<Element>> bars = new ArrayList<>();
        for (Element measure : measures(new MusicXmlWriter(Staves.GRAND).write(arrangement))) {
            bars.add(children(measure, "note").stream()
                    .filter(note -> text(note, "staff").equals(String.valueOf(staff)))
                    .toList());
        }
        return bars;
    }

    static List<Element> measures(byte[] score) throws Exception {
        DocumentBuilderFactory factory = DocumentBuilderFactory.newInstance();
        factory.setFeature("http://apache.org/xml/features/nonvalidating/load-external-dtd", false);
        NodeList found = factory.newDocumentBuilder()
                .parse(new ByteArrayInputStream(score))
                .getElementsByTagName("measure");
        return IntStream.range(0, found.getLength())
                .mapToObj(i -> (Element) found.item(i))
                .toList();
    }

    static List<Element> children(Element parent, String name) {
        List<Element> found = new ArrayList<>();
        for (var node = parent.getFirstChild(); node != null; node = node.getNextSibling()) {
            if (node.getNodeName().equals(name)) {
                found.add((Element) node);
            }
        }
        return found;
    }

    static boolean has(Element parent, String name) {
        return parent.getElementsByTagName(name).getLength() > 0;
    }

    static String text(Element parent, String name) {
        return has(parent, name) ? parent.getElementsByTagName(name).item(0).getTextContent() : "";
    }

    static String told(String chart, int staff, Function<Element, String> what) throws Exception {
        return String.join(
                " | ",
                bars(chart, staff).stream()
                        .map(bar -> String.join(
                                " ",
                                bar.stream()
                                        .map(what)
                                        .filter(one -> !one.isEmpty())
                                        .toList()))
                        .toList());
    }

    /** A tune alone gets a chord to each of its bars. */
    static String withChord(String chart) {
        return chart.startsWith("m:") ? "key: C;" + "| C ".repeat(chart.split("\\|").length) + "|;" + chart : chart;
    }
}
