package fairember.app.sums;

import fairember.app.design.PatternPieceView;
import fairember.app.mix.MixStore;
import fairember.app.web.WorkingsView;
import fairember.core.covering.CoverUnit;
import fairember.core.covering.CoveredForm;
import fairember.core.covering.Covering;
import fairember.core.covering.CoveringWorkings;
import fairember.core.covering.PatternCutting;
import fairember.core.covering.SurfaceCover;
import fairember.core.input.Gathering;
import fairember.core.input.Span;
import fairember.core.quantity.Density;
import fairember.core.quantity.Length;
import fairember.core.quantity.Share;
import fairember.core.shape.Solid;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The sums of layers over a form, and of what covers a surface; mixes are those of the studio, nothing is saved. */
@RestController
@RequestMapping("/api/sums")
class CoverSums {
    private final MixStore mixes;

    CoverSums(MixStore mixes) {
        this.mixes = mixes;
    }

    /**
     * A form and what goes over it.
     *
     * @param have pieces, or mm of cord, that there are; how many are needed is worked out without it
     */
    record CoverSumForm(
            Solid shape,
            long mixId,
            Share share,
            Length thick,
            Share trim,
            int gores,
            CoverUnit.Kind unit,
            Length size,
            Length high,
            Share overlap,
            double secondsEach,
            @Nullable Double have) {
        static final Span SHARE = Covering.SHARE;
        static final Span THICK = Covering.THICK;
        static final Span TRIM = Covering.TRIM;
        static final Span GORES = PatternCutting.GORES;
        static final Span SIZE = CoverUnit.SIZE;
        static final Span HIGH = CoverUnit.HIGH;
        static final Span OVERLAP = CoverUnit.OVERLAP;
        static final Span SECONDS = SurfaceCover.SECONDS;
        static final Span HAVE = SurfaceCover.HAVE;
    }

    /**
     * A layer, and what else would cover the same surface.
     *
     * @param count of pieces, or mm of cord
     */
    record CoverSumView(
            double surfaceMm2,
            double massG,
            double sheetMm2,
            List<PatternPieceView> pieces,
            double coveredMm2,
            double coveredPercent,
            double count,
            double unitsG,
            double unitsMin,
            WorkingsView workings,
            WorkingsView unitWorkings) {}

    @PostMapping("/cover")
    CoverSumView cover(@RequestBody CoverSumForm form) {
        Gathering g = new Gathering();
        var clay = g.at("mixId", () -> mixes.palette().mix(form.mixId()));
        var covered = g.at("", () -> CoveredForm.of(form.shape()));
        g.orRefuse();
        Density density = clay.orElseThrow().density();
        Covering layer = Covering.of(covered.orElseThrow(), form.share(), form.thick(), form.trim(), density);
        CoverUnit unit = new CoverUnit(form.unit(), form.size(), form.high(), form.overlap());
        Double have = form.have();
        SurfaceCover cover = have == null
                ? SurfaceCover.of(layer.covered(), layer.form().surface(), unit, form.secondsEach(), density)
                : SurfaceCover.with(have, layer.form().surface(), unit, form.secondsEach(), density);
        return new CoverSumView(
                layer.form().surface().mm2(),
                layer.mass().g(),
                layer.sheet().mm2(),
                PatternCutting.pieces(layer, form.gores()).stream()
                        .map(PatternPieceView::of)
                        .toList(),
                cover.surface().mm2(),
                cover.percent(),
                cover.count(),
                cover.mass().g(),
                cover.minutes().min(),
                WorkingsView.of(CoveringWorkings.of(layer)),
                WorkingsView.of(CoveringWorkings.of(cover)));
    }
}
