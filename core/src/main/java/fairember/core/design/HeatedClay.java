package fairember.core.design;

import fairember.core.foilcore.SizedCore;
import fairember.core.heat.HeatBody;
import fairember.core.heat.Material;
import fairember.core.quantity.Length;
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
    static HeatedClay of(MeasuredPart part) {
        SizedCore core = part.core();
        HeatBody body = core == null
                ? HeatBody.of(part.part().shape())
                : HeatBody.shell(part.part().shape(), core.spec().shell(), core.foil());
        return new HeatedClay(
                part.part().name(),
                part.thickest().diameter(),
                body,
                Material.of(part.mix().density()),
                core != null);
    }

    /** A lump, as the thickest of its parts would be if it were as thick as the lump. */
    static HeatedClay of(OneLump lump, List<MeasuredPart> parts) {
        HeatedClay outer = parts.stream()
                .filter(p -> lump.parts().contains(p.part().name()))
                .map(HeatedClay::of)
                .max((a, b) -> a.thickest().compareTo(b.thickest()))
                .orElseThrow();
        return new HeatedClay(
                lump.words(), lump.thickest(), outer.body().thick(lump.thickest()), outer.material(), false);
    }
}
