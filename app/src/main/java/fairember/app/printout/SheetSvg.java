package fairember.app.printout;

import fairember.core.printout.Sheet;
import java.io.StringWriter;
import java.util.Base64;
import java.util.List;
import java.util.Locale;
import java.util.function.LongFunction;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;

/** Writes pages as one SVG drawing in true millimetres, the pages one below the other. */
public final class SheetSvg {
    private final XMLStreamWriter xml;
    private final LongFunction<byte[]> pictures;

    private SheetSvg(XMLStreamWriter xml, LongFunction<byte[]> pictures) {
        this.xml = xml;
        this.pictures = pictures;
    }

    /** The drawing; {@code pictures} gives the JPEG of a picture by its number. */
    public static String write(List<Sheet> sheets, LongFunction<byte[]> pictures) {
        StringWriter text = new StringWriter();
        try {
            new SheetSvg(XMLOutputFactory.newFactory().createXMLStreamWriter(text), pictures).all(sheets);
        } catch (XMLStreamException broken) {
            throw new IllegalStateException(broken);
        }
        return text.toString();
    }

    private void all(List<Sheet> sheets) throws XMLStreamException {
        double wide = sheets.stream().mapToDouble(Sheet::widthMm).max().orElse(0);
        double high = sheets.stream().mapToDouble(Sheet::heightMm).sum();
        xml.writeStartElement("svg");
        xml.writeDefaultNamespace("http://www.w3.org/2000/svg");
        xml.writeAttribute("width", number(wide) + "mm");
        xml.writeAttribute("height", number(high) + "mm");
        xml.writeAttribute("viewBox", "0 0 " + number(wide) + " " + number(high));
        double down = 0;
        for (Sheet sheet : sheets) {
            xml.writeStartElement("g");
            xml.writeAttribute("transform", "translate(0 " + number(down) + ")");
            xml.writeAttribute("fill", "none");
            xml.writeAttribute("stroke", "black");
            xml.writeAttribute("stroke-width", "0.2");
            for (Sheet.Mark mark : sheet.marks()) {
                draw(mark);
            }
            xml.writeEndElement();
            down += sheet.heightMm();
        }
        xml.writeEndElement();
        xml.writeEndDocument();
    }

    private void draw(Sheet.Mark mark) throws XMLStreamException {
        if (mark instanceof Sheet.Circle circle) {
            xml.writeEmptyElement("circle");
            attribute("cx", circle.acrossMm());
            attribute("cy", circle.downMm());
            attribute("r", circle.diameterMm() / 2);
        } else if (mark instanceof Sheet.Bar bar) {
            xml.writeEmptyElement("rect");
            attribute("x", bar.acrossMm());
            attribute("y", bar.downMm());
            attribute("width", bar.lengthMm());
            attribute("height", bar.thickMm());
        } else if (mark instanceof Sheet.Path path) {
            xml.writeEmptyElement("polyline");
            StringBuilder points = new StringBuilder();
            path.corners().forEach(value -> points.append(number(value)).append(' '));
            xml.writeAttribute("points", points.toString().strip());
            xml.writeAttribute("stroke-linejoin", "round");
            attribute("stroke-width", path.thickMm());
        } else if (mark instanceof Sheet.Picture picture) {
            xml.writeEmptyElement("image");
            attribute("x", picture.acrossMm());
            attribute("y", picture.downMm());
            attribute("width", picture.wideMm());
            attribute("height", picture.highMm());
            attribute("opacity", picture.strength());
            xml.writeAttribute("preserveAspectRatio", "none");
            String jpeg = Base64.getEncoder().encodeToString(pictures.apply(picture.id()));
            xml.writeAttribute("href", "data:image/jpeg;base64," + jpeg);
        } else if (mark instanceof Sheet.Text text) {
            xml.writeStartElement("text");
            attribute("x", text.acrossMm());
            attribute("y", text.downMm());
            attribute("font-size", text.heightMm());
            xml.writeAttribute("font-family", "sans-serif");
            xml.writeAttribute("fill", "black");
            xml.writeAttribute("stroke", "none");
            xml.writeCharacters(text.words());
            xml.writeEndElement();
        }
    }

    private void attribute(String name, double value) throws XMLStreamException {
        xml.writeAttribute(name, number(value));
    }

    private static String number(double value) {
        return String.format(Locale.ROOT, "%.3f", value);
    }
}
