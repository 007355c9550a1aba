package fairember.core.design;

import fairember.core.stock.Paint;
import fairember.core.stock.Supply;
import fairember.core.stock.SupplyUnit;
import fairember.core.workings.Source;
import fairember.core.workings.Workings;

/** How what a step takes of a supply comes about, and how long it dries. */
public final class MeasuredUseWorkings {
    private MeasuredUseWorkings() {}

    public static Workings of(MeasuredUse use, Room room) {
        Supply supply = use.supply();
        String unit = supply.unit().label();
        Workings.Steps steps = Workings.of(supply.name() + " for one piece")
                .given("A", "surface it is put on", use.surface().mm2(), "mm²", Source.WORKED)
                .given("k", "coats", use.use().coats(), "", Source.ENTERED)
                .given("c", "a litre covers", supply.squareMetres(), "m²", Source.ENTERED)
                .given("b", "stays on the brush", supply.stays().of1(), "", Source.ENTERED)
                .given("e", "besides, for each piece", use.use().each(), unit, Source.ENTERED)
                .given(
                        "u",
                        "of its unit in a millilitre",
                        supply.unit() == SupplyUnit.DROP ? Supply.DROPS_PER_ML : 1,
                        unit,
                        Source.CONSTANT)
                .worked("m", "for one piece", use.each(), unit, "e + u·A·k/(1000·c)/(1 − b)");
        if (use.drying().min() > 0) {
            steps.given("t", "a coat dries in", supply.drying().min(), "min", Source.ENTERED)
                    .given(
                            "f",
                            "times as long in this room",
                            supply.waterBased() ? room.slowness() : 1,
                            "",
                            Source.WORKED)
                    .worked("d", "all coats, to a whole minute", use.drying().min(), "min", "ceil(t·k·f − 0.000001)");
        }
        if (!use.painted().isEmpty()) {
            steps.given("w", "water in it", use.paint().waterShare(), "", Source.WORKED)
                    .given(
                            "y",
                            "a wet film hides as a sheet of clay so many times as thick",
                            Paint.LIKE_CLAY,
                            "",
                            Source.CONSTANT)
                    .worked(
                            "F",
                            "sheet of clay that hides as well",
                            use.paint().likeClay(use.use().coats()).mm(),
                            "mm",
                            "y·k/c·(1 − w)");
        }
        return steps.done();
    }
}
