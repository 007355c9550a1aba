package fairember.core.workings;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairember.core.Samples;
import fairember.core.bake.BakeNeedWorkings;
import fairember.core.bake.BakeNeeding;
import fairember.core.bake.BakeRules;
import fairember.core.bake.BakingMethod;
import fairember.core.bake.StageKind;
import fairember.core.balance.BalanceWorkings;
import fairember.core.balance.Balancing;
import fairember.core.claysheet.Barrel;
import fairember.core.claysheet.Blend;
import fairember.core.claysheet.BlendPlanning;
import fairember.core.claysheet.Cane;
import fairember.core.claysheet.CaneReducing;
import fairember.core.claysheet.Die;
import fairember.core.claysheet.ExtrudedWorkings;
import fairember.core.claysheet.Extruding;
import fairember.core.claysheet.PlannedBlendWorkings;
import fairember.core.claysheet.ReducedCaneWorkings;
import fairember.core.claysheet.SheetSizing;
import fairember.core.claysheet.SizedSheetWorkings;
import fairember.core.colour.Effect;
import fairember.core.colour.MixedColourWorkings;
import fairember.core.design.MeasuredDesign;
import fairember.core.design.MeasuredPart;
import fairember.core.foilcore.SizedCoreWorkings;
import fairember.core.foilcore.Sleeve;
import fairember.core.foilcore.SleeveWorkings;
import fairember.core.mix.Inclusion;
import fairember.core.mix.MeasuredMix;
import fairember.core.mix.MeasuredMixWorkings;
import fairember.core.mix.Mix;
import fairember.core.mix.MixMeasuring;
import fairember.core.portion.PortionWorkings;
import fairember.core.price.DesignCostWorkings;
import fairember.core.price.DesignCosting;
import fairember.core.price.Rates;
import fairember.core.quantity.Density;
import fairember.core.quantity.Length;
import fairember.core.quantity.Mass;
import fairember.core.quantity.Minutes;
import fairember.core.quantity.Money;
import fairember.core.quantity.Share;
import fairember.core.shape.ShapeKind;
import fairember.core.shape.ShapeWorkings;
import fairember.core.shape.Shapes;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import net.objecthunter.exp4j.ExpressionBuilder;
import net.objecthunter.exp4j.function.Function;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Every formula that is shown gives the figure that is shown beside it. */
public class WorkingsTest {
    @DataProvider
    public Object[][] workings() {
        List<Workings> all = new ArrayList<>();
        SplittableRandom random = new SplittableRandom(4);
        for (ShapeKind kind : ShapeKind.values()) {
            for (int i = 0; i < 4; i++) {
                all.add(ShapeWorkings.of(Shapes.of(kind, random)));
            }
        }
        Sleeve sleeve = Sleeve.size(new Length(7), new Length(40), 6, new Length(2.5), new Length(1), Samples.ROLL);
        all.add(BalanceWorkings.of(Balancing.balance(Samples.measured(Samples.seal()))));
        all.add(SleeveWorkings.of(sleeve, Samples.ROLL));
        MeasuredDesign seal = Samples.measured(Samples.seal());
        for (MeasuredPart part : seal.parts()) {
            all.add(PortionWorkings.of(part.portion()));
            if (part.core() != null) {
                all.add(SizedCoreWorkings.of(part.core(), Samples.ROLL));
            }
        }
        MeasuredMix rose = MixMeasuring.measure(Samples.ROSE, new Mass(37));
        all.add(MeasuredMixWorkings.of(rose));
        all.add(MixedColourWorkings.of(rose.colour()));
        Inclusion mica = new Inclusion("mica", Share.ofPercent(3), Effect.SHIMMER, Money.ZERO);
        Inclusion sand = new Inclusion("sand", Share.ofPercent(8), Effect.STONE, Money.ZERO);
        Mix inclusions = new Mix(
                8,
                "Inclusions",
                List.of(Mix.Ingredient.of(Samples.ROSE, 2), Mix.Ingredient.of(Samples.WHITE, 5)),
                List.of(mica, sand));
        all.add(MeasuredMixWorkings.of(MixMeasuring.measure(inclusions, new Mass(53))));
        sheets(all);
        BakeRules longAndLow = new BakeRules(BakingMethod.LONG_AND_LOW, new Minutes(45), new Minutes(10));
        for (BakeRules rules : List.of(Samples.PACKET, longAndLow)) {
            for (StageKind kind : StageKind.values()) {
                all.add(BakeNeedWorkings.of(BakeNeeding.need("x", rose.window(), new Length(9), kind, rules)));
            }
        }
        Rates rates = Samples.RATES;
        all.add(DesignCostWorkings.of(DesignCosting.cost(seal, 12, rates, Samples.ROLL, Samples.OVEN)));
        return all.stream().map(w -> new Object[] {w}).toArray(Object[][]::new);
    }

    private static void sheets(List<Workings> all) {
        Density rho = new Density(1.7);
        all.add(SizedSheetWorkings.of(SheetSizing.size(
                new Length(310), new Length(77), new Length(1.3), new Length(4), rho, new Length(178))));
        all.add(PlannedBlendWorkings.of(BlendPlanning.plan(new Blend(
                new Length(120),
                new Length(85),
                new Length(1.4),
                new Length(3.1),
                new Length(12),
                new Length(7),
                rho,
                new Density(1.2)))));
        Cane.Rods rods = new Cane.Rods("a", 7, new Length(9), rho);
        Cane.Wrap wrap = new Cane.Wrap("b", new Length(1.2), rho);
        for (boolean square : new boolean[] {false, true}) {
            all.add(ReducedCaneWorkings.of(CaneReducing.reduce(new Cane(
                    List.of(rods, new Cane.Rods("c", 3, new Length(5.5), rho)),
                    List.of(wrap, wrap),
                    new Length(70),
                    square,
                    new Length(11),
                    new Length(13),
                    new Length(2.3)))));
        }
        for (Die.Kind kind : Die.Kind.values()) {
            Die die = new Die(kind, new Length(1.6), new Length(7), 2, 1.07);
            Barrel barrel = new Barrel(new Length(19), new Length(93), new Length(7));
            all.add(ExtrudedWorkings.of(Extruding.extrude(barrel, die, new Length(31_000), rho), rho));
        }
    }

    @Test(dataProvider = "workings")
    public void everyWorkedLineFollowsFromTheLinesAboveIt(Workings workings) {
        Map<String, Double> known = new HashMap<>();
        for (Line line : workings.lines()) {
            assertThat(known).as("symbol used once in " + workings.title()).doesNotContainKey(name(line.symbol()));
            if (!line.formula().isEmpty()) {
                double evaluated = evaluate(line.formula(), known);
                double slack = 1e-9 * Math.max(1, Math.abs(line.value()));
                assertThat(line.value())
                        .as("%s = %s in %s", line.symbol(), line.formula(), workings.title())
                        .isCloseTo(evaluated, within(slack));
            }
            known.put(name(line.symbol()), line.value());
        }
        assertThat(workings.lines()).anyMatch(line -> !line.formula().isEmpty());
    }

    private static double evaluate(String formula, Map<String, Double> known) {
        String plain = formula.replace("π", "3.141592653589793")
                .replace("·", "*")
                .replace("−", "-")
                .replace("²", "^2")
                .replace("³", "^3")
                .replace("√", "sqrt")
                .replace("ρa", "rhoa")
                .replace("ρ", "rho")
                .replace("δ", "delta");
        return new ExpressionBuilder(rename(plain))
                .functions(two("min", true), two("max", false), round())
                .variables(known.keySet())
                .build()
                .setVariables(known)
                .evaluate();
    }

    /** Symbols as names the evaluator takes: it knows e as Euler's number. */
    private static String name(String symbol) {
        return "v_" + symbol.replace("ρa", "rhoa").replace("ρ", "rho").replace("δ", "delta");
    }

    private static String rename(String formula) {
        return formula.replaceAll(
                "(?<![A-Za-z_0-9.])(?!(?:min|max|sqrt|ceil|floor|round|log|sin|atan)\\()([A-Za-z][A-Za-z0-9]*)",
                "v_$1");
    }

    private static Function two(String name, boolean least) {
        return new Function(name, 2) {
            @Override
            public double apply(double... args) {
                return least ? Math.min(args[0], args[1]) : Math.max(args[0], args[1]);
            }
        };
    }

    private static Function round() {
        return new Function("round", 1) {
            @Override
            public double apply(double... args) {
                return Math.rint(args[0]);
            }
        };
    }
}
