package fairember.app.design;

import fairember.app.journal.MissingException;
import fairember.app.picture.PictureStore;
import fairember.app.printout.SheetPdf;
import fairember.app.printout.SheetSvg;
import fairember.core.design.MeasuredDesign;
import fairember.core.design.MeasuredPart;
import fairember.core.design.Underlay;
import fairember.core.input.Figures;
import fairember.core.input.InvalidInputException;
import fairember.core.portion.Portioning;
import fairember.core.printout.GaugeItem;
import fairember.core.printout.GaugeSheets;
import fairember.core.printout.Sheet;
import fairember.core.printout.TrueSize;
import fairember.core.quantity.Length;
import fairember.core.wire.Wire;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Pages to print at true size: the portion gauge and the bending template of a design. */
@RestController
@RequestMapping("/api/designs/{id}")
class GaugeController {
    private static final MediaType SVG = new MediaType("image", "svg+xml", StandardCharsets.UTF_8);

    private final DesignStore store;
    private final PictureStore pictures;

    GaugeController(DesignStore store, PictureStore pictures) {
        this.store = store;
        this.pictures = pictures;
    }

    private byte[] picture(long id) {
        return pictures.find(id).orElseThrow(() -> new MissingException("picture", id));
    }

    @GetMapping(path = "/gauge.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> gaugePdf(@PathVariable long id) {
        return pdf("portion-gauge", portions(id));
    }

    @GetMapping(path = "/gauge.svg", produces = "image/svg+xml")
    ResponseEntity<String> gaugeSvg(@PathVariable long id) {
        return svg(portions(id));
    }

    @GetMapping(path = "/bends.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> bendsPdf(@PathVariable long id) {
        return pdf("bending-template", bends(id));
    }

    @GetMapping(path = "/bends.svg", produces = "image/svg+xml")
    ResponseEntity<String> bendsSvg(@PathVariable long id) {
        return svg(bends(id));
    }

    @GetMapping(path = "/true-size/{side}.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> trueSizePdf(@PathVariable long id, @PathVariable Underlay.Side side) {
        return pdf("true-size", trueSize(id, side));
    }

    @GetMapping(path = "/true-size/{side}.svg", produces = "image/svg+xml")
    ResponseEntity<String> trueSizeSvg(@PathVariable long id, @PathVariable Underlay.Side side) {
        return svg(trueSize(id, side));
    }

    private List<Sheet> trueSize(long id, Underlay.Side side) {
        return List.of(TrueSize.of(store.measuring().of(id).design(), side));
    }

    private List<Sheet> portions(long id) {
        DesignStore.Measuring measuring = store.measuring();
        MeasuredDesign design = measuring.of(id);
        Length cord = measuring.settings().cord();
        return GaugeSheets.portions(
                design.design().name() + ": ball gauge",
                design.parts().stream().map(part -> item(part, cord)).toList());
    }

    private static GaugeItem item(MeasuredPart part, Length cord) {
        String words = "%d × %s g".formatted(part.part().count(), hundredth(part));
        return new GaugeItem(
                part.part().name(), words, part.portion().ball(), Portioning.cord(part.portion(), cord), cord);
    }

    private static String hundredth(MeasuredPart part) {
        return Figures.show(Math.round(part.portion().mass().g() * 100) / 100.0);
    }

    private List<Sheet> bends(long id) {
        MeasuredDesign design = store.measuring().of(id);
        List<Wire> wires = design.design().armature().wires();
        if (wires.isEmpty()) {
            throw new InvalidInputException(
                    "wires", "no wire", "a design with wires", "Add the wires to the design first.");
        }
        return GaugeSheets.bends(design.design().name() + ": bending template", wires);
    }

    private ResponseEntity<byte[]> pdf(String name, List<Sheet> sheets) {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "inline; filename=\"" + name + ".pdf\"")
                .contentType(MediaType.APPLICATION_PDF)
                .body(SheetPdf.write(sheets, this::picture));
    }

    private ResponseEntity<String> svg(List<Sheet> sheets) {
        return ResponseEntity.ok().contentType(SVG).body(SheetSvg.write(sheets, this::picture));
    }
}
