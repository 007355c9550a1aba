package fairember.core.claysheet;

import fairember.core.document.Default;
import fairember.core.input.Gathering;
import fairember.core.input.InvalidInputException;
import fairember.core.input.Span;
import fairember.core.quantity.Density;
import fairember.core.quantity.Length;
import fairember.core.quantity.Mass;
import fairember.core.quantity.Minutes;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Objects;
import java.util.function.LongFunction;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * How mixes are worked into a cane, a blend, a sheet or cords instead of being kneaded together; one of the four.
 *
 * @param making minutes to make one: a log, a sheet, a filling of the barrel; 0 to 600
 */
public record WorkedRecipe(
        @Nullable CaneRecipe cane,
        @Nullable BlendRecipe blend,
        @Nullable SheetRecipe sheet,
        @Nullable CordRecipe cord,
        @Default("0") Minutes making) {
    public static final Span MAKING = Span.of("makingMin", "minutes to make one", 0, 600, "min");

    /**
     * One of the four.
     *
     * @throws InvalidInputException when there is none, or more than one
     */
    public WorkedRecipe {
        MAKING.check(making.min());
        long given =
                Stream.of(cane, blend, sheet, cord).filter(Objects::nonNull).count();
        if (given != 1) {
            throw new InvalidInputException(
                    "", given + " ways of working it", "one: a cane, a blend, a sheet or cords", "Give one of them.");
        }
    }

    /**
     * What goes into one, and what of it is lost.
     *
     * @throws InvalidInputException with everything that is wrong
     */
    public WorkedClay one(LongFunction<NamedClay> mixes) {
        CaneRecipe asCane = cane;
        BlendRecipe asBlend = blend;
        SheetRecipe asSheet = sheet;
        CordRecipe asCords = cord;
        Gathering g = new Gathering();
        @Nullable WorkedClay one = null;
        if (asCane != null) {
            one = g.at("cane", () -> caneOf(asCane, mixes)).orElse(null);
        } else if (asBlend != null) {
            one = g.at("blend", () -> blendOf(asBlend, mixes)).orElse(null);
        } else if (asSheet != null) {
            one = g.at("sheet", () -> sheetOf(asSheet, mixes)).orElse(null);
        } else if (asCords != null) {
            one = g.at("cord", () -> cordsOf(asCords, mixes)).orElse(null);
        }
        g.orRefuse();
        return Objects.requireNonNull(one);
    }

    private WorkedClay blendOf(BlendRecipe recipe, LongFunction<NamedClay> mixes) {
        Gathering g = new Gathering();
        var first = g.at("first", () -> mixes.apply(recipe.firstMixId()));
        var second = g.at("second", () -> mixes.apply(recipe.secondMixId()));
        g.orRefuse();
        PlannedBlend planned = BlendPlanning.plan(
                recipe.blend(first.orElseThrow().density(), second.orElseThrow().density()));
        Map<Long, Mass> of = new LinkedHashMap<>();
        of.merge(recipe.firstMixId(), planned.firstMass(), Mass::plus);
        of.merge(recipe.secondMixId(), planned.secondMass(), Mass::plus);
        return new WorkedClay(WorkedClay.Kind.BLEND, of, Mass.ZERO, Mass.ZERO, making);
    }

    private WorkedClay sheetOf(SheetRecipe recipe, LongFunction<NamedClay> mixes) {
        Density density = mixes.apply(recipe.mixId()).density();
        Mass all = recipe.mass(density, recipe.trim());
        double trimmed = all.g() - recipe.mass(density, Length.ZERO).g();
        return new WorkedClay(WorkedClay.Kind.SHEET, Map.of(recipe.mixId(), all), new Mass(trimmed), Mass.ZERO, making);
    }

    private WorkedClay caneOf(CaneRecipe recipe, LongFunction<NamedClay> mixes) {
        ReducedCane reduced = CaneReducing.reduce(recipe.cane(mixes));
        Map<Long, Mass> of = new LinkedHashMap<>();
        int rods = recipe.rods().size();
        double all = 0;
        for (int i = 0; i < reduced.masses().size(); i++) {
            long mix = i < rods
                    ? recipe.rods().get(i).mixId()
                    : recipe.wraps().get(i - rods).mixId();
            of.merge(mix, reduced.masses().get(i), Mass::plus);
            all += reduced.masses().get(i).g();
        }
        if (reduced.slices() == 0) {
            throw new InvalidInputException(
                    "endWasteMm",
                    "ends that leave no slice",
                    "ends that leave one slice or more of the reduced log",
                    "Make the log longer, or cut less off its ends.");
        }
        return new WorkedClay(WorkedClay.Kind.CANE, of, new Mass(all * reduced.wasted()), Mass.ZERO, making);
    }

    /** What stays in front of the plate is lost once: the next filling is pressed on to it. */
    private WorkedClay cordsOf(CordRecipe recipe, LongFunction<NamedClay> mixes) {
        Barrel barrel = recipe.barrel();
        Extruded extruded = Extruding.extrude(
                barrel,
                recipe.plate(),
                new Length(1),
                mixes.apply(recipe.mixId()).density());
        double left =
                extruded.filling().g() * barrel.residue().mm() / barrel.stroke().mm();
        return new WorkedClay(
                WorkedClay.Kind.CORDS,
                Map.of(recipe.mixId(), new Mass(extruded.filling().g() - left)),
                Mass.ZERO,
                new Mass(left),
                making);
    }
}
