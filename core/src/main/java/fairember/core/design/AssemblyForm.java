package fairember.core.design;

import fairember.core.input.InvalidInputException;
import fairember.core.quantity.Length;
import fairember.core.quantity.Volume;
import fairember.core.shape.Point3;
import fairember.core.shape.SkinForm;
import java.util.List;

/** The parts of an assembly as the one form that a skin over all of them lies on. */
final class AssemblyForm {
    private AssemblyForm() {}

    /**
     * The form as a part in its place.
     *
     * @param name of the assembly
     * @param parts in it; at least one
     * @param skin how thick the skin is
     * @throws InvalidInputException on "over" when the parts do not touch
     */
    static Part of(String name, List<Part> parts, Length skin) {
        double volume = parts.stream()
                .mapToDouble(part -> part.shape().volume().mm3() * part.count())
                .sum();
        SkinForm under = SkinForm.of(
                        parts.stream().flatMap(part -> copies(part).stream()).toList(), new Volume(volume), skin)
                .orElseThrow(() -> new InvalidInputException(
                        "over",
                        name + ", whose parts stand apart",
                        "parts that touch, or nearly",
                        "Cover each of them with a layer of its own, or move them together."));
        Point3 base = under.base();
        return new Part(
                name,
                under.form(),
                1,
                parts.get(0).mixId(),
                parts.get(0).from(),
                0,
                null,
                null,
                Placement.MIDDLE.at(base.acrossMm(), base.upMm(), base.frontMm()));
    }

    /** Points around each copy of a part; a layer over a share of a form reaches no farther than that. */
    private static List<List<Point3>> copies(Part part) {
        double[] reach = part.reach();
        List<Point3> hull = part.posed().hull().stream()
                .map(p -> new Point3(p.acrossMm(), p.frontMm(), Math.max(reach[0], Math.min(reach[1], p.upMm()))))
                .toList();
        return part.placement().spots(part.count()).stream()
                .map(spot -> hull.stream().map(spot::of).toList())
                .toList();
    }
}
