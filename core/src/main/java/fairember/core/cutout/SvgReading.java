package fairember.core.cutout;

import fairember.core.measure.Refused;
import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.io.StringReader;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Locale;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import org.jspecify.annotations.Nullable;

/**
 * Reads the outline out of an SVG file: its path, polygon, circle, ellipse and rect elements, with their transforms, in the
 * units of the file, filled by the even-odd rule. Nothing is fetched: a file with a document type, an entity, a script, a
 * reference or an image is refused.
 */
public final class SvgReading {
    /** Largest file, in characters. */
    public static final int MOST_CHARACTERS = 2_000_000;

    private final Path2D.Double all = new Path2D.Double(Path2D.WIND_EVEN_ODD);
    private final Deque<AffineTransform> transforms = new ArrayDeque<>();
    private int hidden;

    private SvgReading() {}

    /**
     * The outline in true mm.
     *
     * @param svg the text of the file
     * @throws Refused on "svg" or "outline" when it cannot be read, is not safe, or holds no one closed outline
     */
    public static CutShape read(String svg) {
        if (svg.length() > MOST_CHARACTERS) {
            throw refused(svg.length() + " characters", "up to " + MOST_CHARACTERS, "Simplify the drawing.");
        }
        SvgReading reading = new SvgReading();
        try {
            reading.walk(svg);
        } catch (XMLStreamException broken) {
            throw refused(
                    "a file that is not whole XML, or that names a document type",
                    "a plain SVG file",
                    "Save it as plain SVG.");
        }
        return RingMaking.make(reading.all);
    }

    private static Refused refused(String found, String allowed, String mend) {
        return new Refused("svg", found, allowed, mend);
    }

    private void walk(String svg) throws XMLStreamException {
        XMLInputFactory factory = XMLInputFactory.newFactory();
        factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
        factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
        factory.setProperty(XMLInputFactory.IS_REPLACING_ENTITY_REFERENCES, false);
        XMLStreamReader xml = factory.createXMLStreamReader(new StringReader(svg));
        boolean first = true;
        while (xml.hasNext()) {
            switch (xml.next()) {
                case XMLStreamConstants.START_ELEMENT -> {
                    start(xml, first);
                    first = false;
                }
                case XMLStreamConstants.END_ELEMENT -> end();
                case XMLStreamConstants.DTD, XMLStreamConstants.ENTITY_REFERENCE ->
                    throw refused("a document type or an entity", "a plain SVG file", "Save it as plain SVG.");
                default -> {}
            }
        }
        if (first) {
            throw refused("no drawing", "an SVG file", "Choose an SVG file.");
        }
    }

    private void start(XMLStreamReader xml, boolean first) {
        String name = xml.getLocalName().toLowerCase(Locale.ROOT);
        if (first && !name.equals("svg")) {
            throw refused("a file that begins with <" + name + ">", "an SVG file", "Choose an SVG file.");
        }
        switch (name) {
            case "script", "image", "foreignobject", "use", "style", "animate", "set" ->
                throw refused(
                        "a <" + name + "> in the drawing",
                        "path, polygon, circle, ellipse, rect and g",
                        "Turn everything into plain paths, then save it as plain SVG.");
            default -> {}
        }
        for (int i = 0; i < xml.getAttributeCount(); i++) {
            String attribute = xml.getAttributeLocalName(i).toLowerCase(Locale.ROOT);
            if (attribute.startsWith("on") || attribute.equals("href")) {
                throw refused(
                        "an attribute " + attribute, "a drawing without links or scripts", "Take it out of the file.");
            }
        }
        AffineTransform here = first
                ? SvgUnits.rootTransform(text(xml, "width"), text(xml, "height"), text(xml, "viewBox"))
                : new AffineTransform(transforms.element());
        here.concatenate(SvgUnits.transform(text(xml, "transform")));
        transforms.push(here);
        if (hidden > 0 || name.equals("defs") || name.equals("clippath") || name.equals("mask")) {
            hidden++;
            return;
        }
        Path2D shape = SvgShapes.of(name, attribute -> text(xml, attribute));
        if (shape != null) {
            all.append(here.createTransformedShape(shape), false);
        }
    }

    private void end() {
        transforms.pop();
        if (hidden > 0) {
            hidden--;
        }
    }

    private static @Nullable String text(XMLStreamReader xml, String attribute) {
        return xml.getAttributeValue(null, attribute);
    }
}
