package fairember.core.outline;

import fairember.core.input.InvalidInputException;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Area;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.io.StringReader;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Locale;
import java.util.Set;
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

    /** What is drawn in these is seen only where something refers to it. */
    private static final Set<String> UNSEEN = Set.of("defs", "clippath", "mask", "symbol", "marker", "pattern");

    private final Path2D.Double all = new Path2D.Double(Path2D.WIND_EVEN_ODD);
    private final Deque<Frame> frames = new ArrayDeque<>();
    private int hidden;

    private SvgReading() {}

    /**
     * The outline in true mm.
     *
     * @param svg the text of the file
     * @throws InvalidInputException on "svg" or "outline" when it cannot be read, is not safe, or holds no one closed outline
     */
    public static CutShape read(String svg) {
        return RingMaking.make(path(svg));
    }

    /**
     * The longest line of the drawing, open or closed, in true mm; a closed one ends where it begins.
     *
     * @param svg the text of the file
     * @throws InvalidInputException on "svg", "outline" or "xy" when it cannot be read, is not safe, or holds no line
     */
    public static DrawnLine line(String svg) {
        return RingMaking.longest(path(svg));
    }

    private static Path2D path(String svg) {
        if (svg.length() > MOST_CHARACTERS) {
            throw refused(svg.length() + " characters", "up to " + MOST_CHARACTERS, "Simplify the drawing.");
        }
        SvgReading reading = new SvgReading();
        try {
            reading.walk(svg);
        } catch (XMLStreamException broken) {
            throw refused(
                    "a file that is not complete XML, or that has a document type",
                    "a plain SVG file",
                    "Save the drawing as plain SVG.");
        }
        return reading.all;
    }

    private static InvalidInputException refused(String found, String allowed, String fix) {
        return new InvalidInputException("svg", found, allowed, fix);
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
                    throw refused("a document type or an entity", "a plain SVG file", "Save the drawing as plain SVG.");
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
                        "Turn everything into paths, then save the drawing as plain SVG.");
            default -> {}
        }
        for (int i = 0; i < xml.getAttributeCount(); i++) {
            String attribute = xml.getAttributeLocalName(i).toLowerCase(Locale.ROOT);
            if (attribute.startsWith("on") || attribute.equals("href")) {
                throw refused(
                        "an attribute " + attribute, "a drawing without links or scripts", "Remove it from the file.");
            }
        }
        Frame outer = first ? Frame.PAGE : frames.element();
        Frame here = name.equals("svg") ? viewport(xml, outer, first) : outer;
        here = here.moved(SvgUnits.transform(text(xml, "transform"))).seen(style(xml));
        frames.push(here);
        if (hidden > 0 || UNSEEN.contains(name) || style(xml).hides()) {
            hidden++;
            return;
        }
        Path2D shape = SvgShapes.of(name, attribute -> text(xml, attribute));
        if (shape != null && here.visible) {
            add(here, here.at.createTransformedShape(shape));
        }
    }

    private void add(Frame frame, Shape shape) {
        if (frame.room == null || frame.room.contains(shape.getBounds2D())) {
            all.append(shape, false);
        } else {
            Area seen = new Area(shape);
            seen.intersect(frame.room);
            all.append(seen, false);
        }
    }

    /** The frame of an svg element: its drawing's units, and the room that what is seen of it must lie in. */
    private static Frame viewport(XMLStreamReader xml, Frame outer, boolean first) {
        SvgViewport viewport = new SvgViewport(
                text(xml, "width"), text(xml, "height"), text(xml, "viewBox"), text(xml, "preserveAspectRatio"));
        double[] box = viewport.box();
        if (first) {
            AffineTransform at = SvgUnits.rootTransform(viewport);
            double wide = box == null ? 0 : box[2];
            double high = box == null ? 0 : box[3];
            Area room = box != null && viewport.slices() ? page(viewport) : null;
            return new Frame(at, room, wide, high, true);
        }
        double left = SvgUnits.number(text(xml, "x"));
        double top = SvgUnits.number(text(xml, "y"));
        double wide = length(viewport.width(), outer.wide);
        double high = length(viewport.height(), outer.high);
        AffineTransform at = new AffineTransform(outer.at);
        at.concatenate(
                box == null
                        ? AffineTransform.getTranslateInstance(left, top)
                        : viewport.fitted(box, left, top, wide, high));
        Area room = outer.room;
        if (wide > 0 && high > 0) {
            room = new Area(outer.at.createTransformedShape(new Rectangle2D.Double(left, top, wide, high)));
            if (outer.room != null) {
                room.intersect(outer.room);
            }
        }
        return new Frame(at, room, box == null ? wide : box[2], box == null ? high : box[3], outer.visible);
    }

    private static @Nullable Area page(SvgViewport viewport) {
        Double wide = SvgUnits.millimetres(viewport.width());
        Double high = SvgUnits.millimetres(viewport.height());
        return wide == null || high == null ? null : new Area(new Rectangle2D.Double(0, 0, wide, high));
    }

    /** A length of an svg element in another: a share of its room, all of it when it is not given. */
    private static double length(@Nullable String given, double room) {
        if (given == null) {
            return room;
        }
        String text = given.strip();
        return text.endsWith("%")
                ? room * SvgUnits.number(text.substring(0, text.length() - 1)) / 100
                : SvgUnits.number(text);
    }

    /**
     * What an element's drawing is laid into.
     *
     * @param at from its units to mm
     * @param room that what is seen lies in, mm; null for everywhere
     * @param wide its width in its own units, 0 when nobody says
     * @param visible whether shapes in it are seen
     */
    private record Frame(AffineTransform at, @Nullable Area room, double wide, double high, boolean visible) {
        static final Frame PAGE = new Frame(new AffineTransform(), null, 0, 0, true);

        Frame moved(AffineTransform transform) {
            AffineTransform moved = new AffineTransform(at);
            moved.concatenate(transform);
            return new Frame(moved, room, wide, high, visible);
        }

        Frame seen(Style style) {
            return style.visibility == null
                    ? this
                    : new Frame(at, room, wide, high, style.visibility.equals("visible"));
        }
    }

    /** What an element says of being seen, in attributes or in its style. */
    private record Style(@Nullable String display, @Nullable String visibility) {
        boolean hides() {
            return "none".equals(display);
        }
    }

    private static Style style(XMLStreamReader xml) {
        String display = text(xml, "display");
        String visibility = text(xml, "visibility");
        String style = text(xml, "style");
        for (String declaration : (style == null ? "" : style).split(";", -1)) {
            String[] given = declaration.split(":", 2);
            String name = given[0].strip().toLowerCase(Locale.ROOT);
            if (given.length == 2 && name.equals("display")) {
                display = given[1];
            } else if (given.length == 2 && name.equals("visibility")) {
                visibility = given[1];
            }
        }
        return new Style(word(display), word(visibility));
    }

    private static @Nullable String word(@Nullable String given) {
        return given == null ? null : given.strip().toLowerCase(Locale.ROOT);
    }

    private void end() {
        frames.pop();
        if (hidden > 0) {
            hidden--;
        }
    }

    private static @Nullable String text(XMLStreamReader xml, String attribute) {
        return xml.getAttributeValue(null, attribute);
    }
}
