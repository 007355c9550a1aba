package fairember.app.outline;

import fairember.app.journal.MissingException;
import fairember.app.picture.PictureStore;
import fairember.core.outline.CutShape;
import fairember.core.outline.Cutter;
import fairember.core.outline.DrawnLine;
import fairember.core.outline.SvgReading;
import fairember.core.photo.CutterTracing;
import fairember.core.photo.Spot;
import fairember.core.quantity.Length;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.List;
import javax.imageio.ImageIO;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Outlines of cut-outs: read out of SVG files, by the measures of a cutter, traced in a photo. Nothing is saved and nothing fetched. */
@RestController
class OutlineController {
    private final PictureStore pictures;

    OutlineController(PictureStore pictures) {
        this.pictures = pictures;
    }

    /** The text of an SVG file. */
    record OutlineForm(String svg) {}

    /** The outline in true mm. */
    record OutlineView(
            List<List<Double>> rings,
            double widthMm,
            double heightMm,
            double areaMm2,
            double edgeMm,
            double inradiusMm) {}

    /** The longest line of a drawing, open or closed, as a line of a shape. */
    @PostMapping("/api/outlines/lines")
    DrawnLine line(@RequestBody OutlineForm form) {
        return SvgReading.line(form.svg());
    }

    /** The outline of a cutter, by its family and its measures. */
    @PostMapping("/api/outlines/cutter")
    OutlineView cutter(@RequestBody Cutter cutter) {
        return view(cutter.outline());
    }

    @PostMapping("/api/outlines")
    OutlineView read(@RequestBody OutlineForm form) {
        return view(SvgReading.read(form.svg()));
    }

    /**
     * A cutter in a picture that is kept.
     *
     * @param middle a place inside the cutter
     * @param from where a known length begins
     * @param to where it ends
     */
    record TraceForm(long pictureId, Spot middle, Spot from, Spot to, Length known, CutterTracing.Edge edge) {}

    /**
     * The outline as it was traced.
     *
     * @param dotMm what one point of the picture shows
     * @param line the same outline in the picture
     */
    record TracedView(OutlineView outline, double dotMm, List<Spot> line) {}

    /** The outline of a cutter in a picture, at true size. */
    @PostMapping("/api/outlines/traced")
    TracedView traced(@RequestBody TraceForm form) throws IOException {
        byte[] picture =
                pictures.find(form.pictureId()).orElseThrow(() -> new MissingException("picture", form.pictureId()));
        CutterTracing traced = CutterTracing.trace(
                ImageIO.read(new ByteArrayInputStream(picture)),
                form.middle(),
                new CutterTracing.Known(form.from(), form.to(), form.known()),
                form.edge());
        return new TracedView(view(traced.outline()), traced.dot().mm(), traced.line());
    }

    private static OutlineView view(CutShape shape) {
        return new OutlineView(
                shape.lists(),
                shape.width().mm(),
                shape.height().mm(),
                shape.area().mm2(),
                shape.edge().mm(),
                shape.inradius().mm());
    }
}
