package app.dapt.files.drawing;

import java.io.IOException;
import java.io.StringReader;
import java.util.ArrayList;
import java.util.List;
import javax.xml.parsers.DocumentBuilderFactory;
import javax.xml.parsers.ParserConfigurationException;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;
import org.xml.sax.InputSource;
import org.xml.sax.SAXException;

/** SVG read by a reader that knows nothing of how it was written. */
public final class Drawn {

    private Drawn() {}

    /** The root of a whole text. */
    public static Element read(String svg) {
        try {
            return DocumentBuilderFactory.newInstance()
                    .newDocumentBuilder()
                    .parse(new InputSource(new StringReader(svg)))
                    .getDocumentElement();
        } catch (IOException | SAXException | ParserConfigurationException e) {
            throw new AssertionError(svg, e);
        }
    }

    /** The elements of this name, in their order; {@code *} for all. */
    public static List<Element> all(Element root, String name) {
        List<Element> found = new ArrayList<>();
        NodeList nodes = root.getElementsByTagName(name);
        for (int i = 0; i < nodes.getLength(); i++) {
            found.add((Element) nodes.item(i));
        }
        return found;
    }

    /** Those of a class. */
    public static List<Element> classed(Element root, String name, String kind) {
        return all(root, name).stream()
                .filter(each -> List.of(each.getAttribute("class").split(" ")).contains(kind))
                .toList();
    }

    public static double number(Element element, String attribute) {
        return Double.parseDouble(element.getAttribute(attribute));
    }
}
