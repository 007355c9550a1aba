package fairember.app.design;

import fairember.core.outline.CutShape;
import fairember.core.outline.Cutter;
import fairember.core.outline.DrawnLine;
import fairember.core.outline.SvgReading;
import fairember.core.shape.SolidDescription;
import java.util.List;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Reads outlines of cut-outs out of SVG files; nothing is saved and nothing fetched. */
@RestController
class OutlineController {
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

    private static OutlineView view(CutShape shape) {
        return new OutlineView(
                SolidDescription.rings(shape),
                shape.width().mm(),
                shape.height().mm(),
                shape.area().mm2(),
                shape.edge().mm(),
                shape.inradius().mm());
    }
}
