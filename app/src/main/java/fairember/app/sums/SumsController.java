package fairember.app.sums;

import fairember.app.design.MeasuredPartView;
import fairember.app.web.AdviceView;
import fairember.app.web.WorkingsView;
import fairember.core.foilcore.FoilCoreSizing;
import fairember.core.foilcore.SizedCore;
import fairember.core.foilcore.SizedCoreWorkings;
import fairember.core.portion.Portion;
import fairember.core.portion.PortionWorkings;
import fairember.core.portion.Portioning;
import fairember.core.quantity.Length;
import fairember.core.quantity.Mass;
import fairember.core.shape.ShapeWorkings;
import fairember.core.shape.Solid;
import fairember.core.shape.SolidDescription;
import java.util.List;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The sums of clay and foil: all inputs in the request, result and workings in the answer, nothing saved. */
@RestController
@RequestMapping("/api/sums")
class SumsController {

    @PostMapping("/shape")
    ShapeSumView shape(@RequestBody Solid solid) {
        return ShapeSumView.of(solid);
    }

    @PostMapping("/portion")
    PortionSumView portion(@RequestBody PortionSumForm form) {
        Portion portion = Portioning.portion(form.volume(), form.density());
        Length cord = form.cord();
        List<Mass> blocks = form.blocks();
        return new PortionSumView(
                portion.mass().g(),
                portion.ball().mm(),
                cord == null ? null : Portioning.cord(portion, cord).mm(),
                MeasuredPartView.CordCutView.of(portion),
                MeasuredPartView.ShareView.near(portion.mass(), blocks),
                WorkingsView.of(PortionWorkings.of(portion)));
    }

    @PostMapping("/core")
    CoreSumView core(@RequestBody CoreSumForm form) {
        Solid outer = form.shape();
        SizedCore core = FoilCoreSizing.size("core", outer, form.spec(), form.roll(), form.greatest());
        return new CoreSumView(
                SolidDescription.of(core.inner()),
                core.clay().mm3(),
                core.claySaved().mm3(),
                core.foil().g(),
                core.foilArea().mm2(),
                core.torn().mm(),
                core.vents(),
                core.inset().cores().size(),
                core.inset().exact(),
                core.thinnest().mm(),
                core.thickest().diameter().mm(),
                AdviceView.all(core.advice()),
                WorkingsView.of(ShapeWorkings.of(outer)),
                WorkingsView.of(SizedCoreWorkings.of(core, form.roll())));
    }
}
