package fairember.core.design;

import fairember.core.covering.Covering;
import fairember.core.foilcore.SizedCore;
import fairember.core.heat.HeatBody;
import fairember.core.heat.Material;
import fairember.core.quantity.Length;
import fairember.core.quantity.Mass;
import java.util.List;

/**
 * Clay that heat goes through: a part, or several parts that are one lump.
 *
 * @param name of the part or parts
 * @param thickest section that heat has to cross
 * @param body as heat sees it
 * @param material it is of
 * @param cored whether there is foil in it
 */
public record HeatedClay(String name, Length thickest, HeatBody body, Material material, boolean cored) {
    static HeatedClay of(MeasuredPart part, Seating seating) {
        SizedCore core = part.core();
        Covering layer = part.covering();
        HeatBody body = HeatBody.of(part.part().shape());
        if (core != null) {
            body = HeatBody.shell(part.part().shape(), core.spec().shell(), core.foil());
        } else if (layer != null) {
            Mass covered = part.mix().density().of(layer.form().solid().volume());
            body = HeatBody.around(part.part().shape(), layer.thick(), covered);
        } else if (part.bored().mm3() > 0) {
            body = body.thick(part.thickest().diameter());
        }
        return new HeatedClay(
                part.part().name(),
                part.thickest().diameter(),
                seating.seated(body, part.part()),
                Material.of(part.mix().density()),
                core != null);
    }

    /** A lump, as the thickest of its parts would be if it were as thick as the lump. */
    static HeatedClay of(OneLump lump, List<MeasuredPart> parts, Seating seating) {
        HeatedClay outer = parts.stream()
                .filter(p -> lump.parts().contains(p.part().name()))
                .map(part -> HeatedClay.of(part, seating))
                .max((a, b) -> a.thickest().compareTo(b.thickest()))
                .orElseThrow();
        return new HeatedClay(
                lump.words(), lump.thickest(), outer.body().thick(lump.thickest()), outer.material(), false);
    }
}
