package fairember.app.printout;

import fairember.core.printout.Sheet;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.function.LongFunction;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType1Font;
import org.apache.pdfbox.pdmodel.font.Standard14Fonts;
import org.apache.pdfbox.pdmodel.graphics.image.JPEGFactory;
import org.apache.pdfbox.pdmodel.graphics.state.PDExtendedGraphicsState;
import org.apache.pdfbox.pdmodel.interactive.viewerpreferences.PDViewerPreferences;
import org.apache.pdfbox.util.Matrix;

/** Writes pages as a PDF that asks the printer not to fit them to the paper. */
public final class SheetPdf {
    private static final float POINTS_A_MM = 72 / 25.4f;
    private static final double LINE_MM = 0.2;
    /** Four arcs this far out make a circle, within 0.03 % of its radius. */
    private static final double ROUND = 4 * (Math.sqrt(2) - 1) / 3;

    private SheetPdf() {}

    /** The file; {@code pictures} gives the JPEG of a picture by its number. */
    public static byte[] write(List<Sheet> sheets, LongFunction<byte[]> pictures) {
        try (PDDocument document = new PDDocument();
                ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
            PDViewerPreferences preferences =
                    new PDViewerPreferences(document.getDocumentCatalog().getCOSObject());
            preferences.setPrintScaling(PDViewerPreferences.PRINT_SCALING.None);
            document.getDocumentCatalog().setViewerPreferences(preferences);
            PDFont font = new PDType1Font(Standard14Fonts.FontName.HELVETICA);
            for (Sheet sheet : sheets) {
                page(document, sheet, font, pictures);
            }
            document.save(bytes);
            return bytes.toByteArray();
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    private static void page(PDDocument document, Sheet sheet, PDFont font, LongFunction<byte[]> pictures)
            throws IOException {
        PDPage page = new PDPage(
                new PDRectangle((float) sheet.widthMm() * POINTS_A_MM, (float) sheet.heightMm() * POINTS_A_MM));
        document.addPage(page);
        try (PDPageContentStream content = new PDPageContentStream(document, page)) {
            content.transform(Matrix.getScaleInstance(POINTS_A_MM, POINTS_A_MM));
            content.setLineWidth((float) LINE_MM);
            for (Sheet.Mark mark : sheet.marks()) {
                if (mark instanceof Sheet.Picture picture) {
                    picture(document, content, sheet.heightMm(), picture, pictures);
                } else {
                    draw(content, sheet.heightMm(), mark, font);
                }
            }
        }
    }

    private static void draw(PDPageContentStream content, double high, Sheet.Mark mark, PDFont font)
            throws IOException {
        if (mark instanceof Sheet.Circle circle) {
            circle(content, circle.acrossMm(), high - circle.downMm(), circle.diameterMm() / 2);
        } else if (mark instanceof Sheet.Bar bar) {
            content.addRect(
                    (float) bar.acrossMm(),
                    (float) (high - bar.downMm() - bar.thickMm()),
                    (float) bar.lengthMm(),
                    (float) bar.thickMm());
            content.stroke();
        } else if (mark instanceof Sheet.Path path) {
            content.setLineWidth((float) path.thickMm());
            content.setLineJoinStyle(1);
            List<Double> corners = path.corners();
            content.moveTo(corners.get(0).floatValue(), (float) (high - corners.get(1)));
            for (int i = 2; i < corners.size(); i += 2) {
                content.lineTo(corners.get(i).floatValue(), (float) (high - corners.get(i + 1)));
            }
            content.stroke();
            content.setLineWidth((float) LINE_MM);
        } else if (mark instanceof Sheet.Text text) {
            content.beginText();
            content.setFont(font, (float) text.heightMm());
            content.newLineAtOffset((float) text.acrossMm(), (float) (high - text.downMm()));
            content.showText(printable(font, text.words()));
            content.endText();
        }
    }

    private static void picture(
            PDDocument document,
            PDPageContentStream content,
            double high,
            Sheet.Picture picture,
            LongFunction<byte[]> pictures)
            throws IOException {
        PDExtendedGraphicsState faint = new PDExtendedGraphicsState();
        faint.setNonStrokingAlphaConstant((float) picture.strength());
        content.saveGraphicsState();
        content.setGraphicsStateParameters(faint);
        content.drawImage(
                JPEGFactory.createFromByteArray(document, pictures.apply(picture.id())),
                (float) picture.acrossMm(),
                (float) (high - picture.downMm() - picture.highMm()),
                (float) picture.wideMm(),
                (float) picture.highMm());
        content.restoreGraphicsState();
    }

    private static void circle(PDPageContentStream content, double x, double y, double r) throws IOException {
        double k = ROUND * r;
        content.moveTo((float) (x + r), (float) y);
        curve(content, x + r, y + k, x + k, y + r, x, y + r);
        curve(content, x - k, y + r, x - r, y + k, x - r, y);
        curve(content, x - r, y - k, x - k, y - r, x, y - r);
        curve(content, x + k, y - r, x + r, y - k, x + r, y);
        content.stroke();
    }

    private static void curve(
            PDPageContentStream content, double x1, double y1, double x2, double y2, double x3, double y3)
            throws IOException {
        content.curveTo((float) x1, (float) y1, (float) x2, (float) y2, (float) x3, (float) y3);
    }

    /** Letters that the font does not have are shown as question marks. */
    private static String printable(PDFont font, String words) {
        StringBuilder shown = new StringBuilder();
        words.codePoints().forEach(letter -> {
            String one = Character.toString(letter);
            shown.append(has(font, one) ? one : "?");
        });
        return shown.toString();
    }

    private static boolean has(PDFont font, String letter) {
        try {
            font.encode(letter);
            return true;
        } catch (IOException | IllegalArgumentException missing) {
            return false;
        }
    }
}
