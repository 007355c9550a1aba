package fairember.core.design;

import fairember.core.document.Default;
import fairember.core.document.Inline;
import fairember.core.document.Name;
import fairember.core.document.RefersTo;
import fairember.core.foilcore.CoreSpec;
import fairember.core.input.InvalidInputException;
import fairember.core.input.Span;
import fairember.core.input.Words;
import fairember.core.quantity.Length;
import fairember.core.shape.Grown;
import fairember.core.shape.Outline;
import fairember.core.shape.Posed;
import fairember.core.shape.Solid;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A part of a design.
 *
 * @param name 1 to 60 characters
 * @param shape at true size
 * @param count copies in one design, 1 to 200
 * @param mixId the mix it is made of
 * @param from where it is put in: its assembly, and the first of that assembly's bakes it goes through
 * @param spares made for a batch beyond those it needs, 0 to 200
 * @param core the foil core in it, or null when it is solid
 * @param around the part it is built around, counted from 0, or null
 * @param placement where it stands
 * @param layer what makes it a layer over another part, or null; its shape, count and place then follow from that one
 * @param sits what it sits on, or null when it stands as high as its place says
 * @param group the name of the parts it is moved with, up to 60 characters; empty for none
 */
public record Part(
        @Name String name,
        Solid shape,
        int count,
        @RefersTo("mix") long mixId,
        @Inline BuildPoint from,
        @Default("0") int spares,
        @Nullable CoreSpec core,
        @Nullable Integer around,
        Placement placement,
        @Nullable Layer layer,
        @Nullable Sits sits,
        @Default("") String group) {
    public static final Span COUNT = Span.count("count", "count per piece", 1, 200);
    public static final Span SPARES = Span.count("spares", "spares for a batch", 0, 200);

    /**
     * A part of clay.
     *
     * @throws InvalidInputException when it has a core and is built around another part too
     */
    public Part {
        name = Words.name("name", name);
        group = group.isBlank() ? "" : Words.name("group", group);
        COUNT.check(count);
        SPARES.check(spares);
        if (core != null && around != null) {
            throw new InvalidInputException(
                    "core",
                    "a foil core and a part inside",
                    "one of them",
                    "Remove the core, or build the part around nothing.");
        }
    }

    /** A part that is no layer. */
    public Part(
            String name,
            Solid shape,
            int count,
            long mixId,
            BuildPoint from,
            int spares,
            @Nullable CoreSpec core,
            @Nullable Integer around,
            Placement placement) {
        this(name, shape, count, mixId, from, spares, core, around, placement, null);
    }

    /** A part, a layer or not, that sits on nothing. */
    public Part(
            String name,
            Solid shape,
            int count,
            long mixId,
            BuildPoint from,
            int spares,
            @Nullable CoreSpec core,
            @Nullable Integer around,
            Placement placement,
            @Nullable Layer layer) {
        this(name, shape, count, mixId, from, spares, core, around, placement, layer, null, "");
    }

    /** The same layer as it lies over a part. */
    Part over(Part covered, Layer asLayer) {
        Solid outside = Grown.of(covered.shape, asLayer.thick());
        Solid checked = outside.checked();
        return new Part(
                name,
                checked,
                covered.count,
                mixId,
                from,
                spares,
                null,
                null,
                covered.placement.lowered(asLayer.thick().mm()),
                asLayer,
                null,
                group);
    }

    /** The same layer, thicker or thinner; the rest follows from what it covers. */
    Part thicker(double factor) {
        return new Part(
                name,
                shape,
                count,
                mixId,
                from,
                spares,
                core,
                around,
                placement,
                layer == null ? null : layer.times(factor),
                sits,
                group);
    }

    /** The same part as high as what it sits on makes it, pressed in as it is. */
    Part on(Part other, Sits seat) {
        double top = other.placement.upMm() + other.reach()[1];
        Placement higher =
                placement.at(placement.acrossMm(), top - seat.pressed().mm(), placement.frontMm());
        return new Part(name, shape, count, mixId, from, spares, core, around, higher, layer, seat, group);
    }

    /** The same part pressed so many times as deep into what it sits on. */
    Part pressed(double factor) {
        return sits == null
                ? this
                : new Part(
                        name,
                        shape,
                        count,
                        mixId,
                        from,
                        spares,
                        core,
                        around,
                        placement,
                        layer,
                        sits.times(factor),
                        group);
    }

    /** The same part in another size, with another core or elsewhere. */
    Part with(Solid newSolid, @Nullable CoreSpec newCore, Placement newPlacement) {
        return new Part(name, newSolid, count, mixId, from, spares, newCore, around, newPlacement, layer, sits, group);
    }

    /** Where it begins and ends above the base of its solid as that is turned, mm: a layer may cover only a share of its height. */
    public double[] reach() {
        Length high = posed().box().height();
        return layer == null ? new double[] {0, high.mm()} : layer.reach(high);
    }

    /** What a layer leaves of outlines; all of them of any other part. */
    public List<Outline> seen(List<Outline> outlines) {
        if (layer == null || layer.share().of1() >= 1) {
            return outlines;
        }
        double[] reach = reach();
        return outlines.stream()
                .flatMap(outline -> outline.between(reach[0], reach[1]).stream())
                .toList();
    }

    /** The solid as it is turned. */
    public Posed posed() {
        return new Posed(shape, placement.facing());
    }
}
