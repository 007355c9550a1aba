package fairember.core.workings;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import fairember.core.Samples;
import fairember.core.bake.BakeNeeding;
import fairember.core.bake.BakeRules;
import fairember.core.bake.BakingMethod;
import fairember.core.bake.StageKind;
import fairember.core.balance.Balancing;
import fairember.core.batch.BatchBakes;
import fairember.core.batch.BatchCutting;
import fairember.core.batch.BatchNeeding;
import fairember.core.batch.BatchNeeds;
import fairember.core.batch.Job;
import fairember.core.batch.JobKey;
import fairember.core.claysheet.Barrel;
import fairember.core.claysheet.Blend;
import fairember.core.claysheet.BlendPlanning;
import fairember.core.claysheet.Cane;
import fairember.core.claysheet.CaneReducing;
import fairember.core.claysheet.Die;
import fairember.core.claysheet.Extruding;
import fairember.core.claysheet.SheetSizing;
import fairember.core.claysheet.WorkedClay;
import fairember.core.colour.ColourDifference;
import fairember.core.colour.Effect;
import fairember.core.colour.Lab;
import fairember.core.colour.PartsOfClay;
import fairember.core.colourcalibration.ClayPrior;
import fairember.core.colourcalibration.TileLearning;
import fairember.core.colourcalibration.TrialTile;
import fairember.core.covering.CoverUnit;
import fairember.core.covering.CoveredForm;
import fairember.core.covering.Covering;
import fairember.core.covering.SurfaceCover;
import fairember.core.daybook.Learned;
import fairember.core.daybook.StepEstimate;
import fairember.core.daybook.StepLog;
import fairember.core.design.FinishTest;
import fairember.core.design.MeasuredDesign;
import fairember.core.design.MeasuredPart;
import fairember.core.design.Rest;
import fairember.core.design.Step;
import fairember.core.foilcore.Sleeve;
import fairember.core.heat.HeatBody;
import fairember.core.heat.Heating;
import fairember.core.heat.Material;
import fairember.core.loadsearch.Effort;
import fairember.core.loadsearch.LoadPlanning;
import fairember.core.mix.Inclusion;
import fairember.core.mix.MeasuredMix;
import fairember.core.mix.Mix;
import fairember.core.mix.MixMeasuring;
import fairember.core.mix.MixWaste;
import fairember.core.ovencalibration.DialCorrection;
import fairember.core.ovencalibration.DialReading;
import fairember.core.ovenload.LoadPlan;
import fairember.core.ovenload.LoadProblem;
import fairember.core.price.DesignCosting;
import fairember.core.quantity.Density;
import fairember.core.quantity.Length;
import fairember.core.quantity.Mass;
import fairember.core.quantity.Minutes;
import fairember.core.quantity.Money;
import fairember.core.quantity.Share;
import fairember.core.shape.ShapeKind;
import fairember.core.shape.Shapes;
import fairember.core.shape.Solid;
import fairember.core.stock.BlockBuying;
import fairember.core.stock.Conditioning;
import fairember.core.stock.StockClay;
import fairember.core.wire.JumpRing;
import java.lang.invoke.MethodType;
import java.lang.reflect.Method;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import net.objecthunter.exp4j.ExpressionBuilder;
import net.objecthunter.exp4j.function.Function;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Every formula that is shown gives the figure that is shown beside it. */
public class WorkingsTest {
    /** What the sums of this test are worked with; each row is what one method may be asked of. */
    private final List<Object[]> rows = new ArrayList<>();

    /** Every public {@code of} of a class called {@code ...Workings}, with every row of this test that fits it. */
    @DataProvider
    public Object[][] workings() throws ReflectiveOperationException {
        fill();
        List<Object[]> all = new ArrayList<>();
        for (JavaClass found : new ClassFileImporter()
                .withImportOption(new ImportOption.DoNotIncludeTests())
                .importPackages("fairember.core")) {
            Class<?> type = Class.forName(found.getName());
            for (Method method : type.getMethods()) {
                if (type.getSimpleName().endsWith("Workings") && method.getReturnType() == Workings.class) {
                    List<Object[]> fitting =
                            rows.stream().filter(row -> fits(method, row)).toList();
                    assertThat(fitting).as("a row of this test for %s", method).isNotEmpty();
                    for (Object[] row : fitting) {
                        all.add(new Object[] {method.invoke(null, row)});
                    }
                }
            }
        }
        assertThat(all).hasSizeGreaterThan(100);
        return all.toArray(Object[][]::new);
    }

    private static boolean fits(Method method, Object[] row) {
        Class<?>[] types = method.getParameterTypes();
        return types.length == row.length
                && IntStream.range(0, row.length).allMatch(i -> boxed(types[i]).isInstance(row[i]));
    }

    private static Class<?> boxed(Class<?> type) {
        return MethodType.methodType(type).wrap().returnType();
    }

    private static JumpRing ring(double thick, double edge, double hole) {
        return new JumpRing(new Length(thick), new Length(edge), new Length(hole), new Length(1), new Length(0.8));
    }

    private void row(Object... arguments) {
        rows.add(arguments);
    }

    private void fill() {
        SplittableRandom random = new SplittableRandom(4);
        Covering layer = Covering.of(
                CoveredForm.of(ShapeKind.BALL.make(List.of(20.0))),
                Share.ofPercent(60),
                new Length(2),
                Share.ofPercent(15),
                new Density(1.7));
        row(layer);
        for (CoverUnit.Kind kind : CoverUnit.Kind.values()) {
            CoverUnit unit = new CoverUnit(kind, new Length(4), new Length(2), Share.ofPercent(25));
            row(SurfaceCover.of(layer.covered(), layer.form().surface(), unit, 20, new Density(1.7)));
        }
        for (ShapeKind kind : ShapeKind.values()) {
            for (int i = 0; i < 4; i++) {
                Solid solid = Shapes.of(kind, random);
                row(solid);
                Material clay = Material.of(new Density(1.7));
                HeatBody body = HeatBody.of(solid);
                row(body, clay, 14.0, Heating.near(body, clay, 14, 130, 20, new Minutes(90)));
                HeatBody lying = body.on(new Rest(Rest.On.TILE, new Length(8), false).under(0.3));
                row(lying, clay, 14.0, Heating.near(lying, clay, 14, 130, 20, new Minutes(90)));
            }
        }
        row(Sleeve.size(new Length(7), new Length(40), 6, new Length(2.5), new Length(1), Samples.ROLL), Samples.ROLL);
        MeasuredDesign seal = Samples.measured(Samples.seal());
        row(Balancing.balance(seal));
        for (MeasuredPart part : seal.parts()) {
            row(part.portion());
            if (part.core() != null) {
                row(part.core(), Samples.ROLL);
            }
        }
        mixes();
        sheets();
        bakes(seal);
        row(DesignCosting.cost(seal, 12, Samples.RATES, Samples.ROLL, Samples.OVEN, Learned.NOTHING));
        colours();
        shelf();
    }

    private void mixes() {
        MeasuredMix rose = MixMeasuring.measure(Samples.ROSE, new Mass(37));
        row(rose);
        row(rose.colour());
        Inclusion mica = new Inclusion("mica", Share.ofPercent(3), Effect.SHIMMER, Money.ZERO);
        Inclusion sand = new Inclusion("sand", Share.ofPercent(8), Effect.STONE, Money.ZERO);
        Mix inclusions = new Mix(
                8,
                "Inclusions",
                List.of(Mix.Ingredient.of(Samples.ROSE, 2), Mix.Ingredient.of(Samples.WHITE, 5)),
                List.of(mica, sand));
        row(MixMeasuring.measure(inclusions, new Mass(53)));
        row(
                new WorkedClay(WorkedClay.Kind.CANE, Map.of(1L, new Mass(40)), new Mass(7), Mass.ZERO, new Minutes(20)),
                new Mass(90));
    }

    private void bakes(MeasuredDesign seal) {
        BakeRules longAndLow = new BakeRules(BakingMethod.LONG_AND_LOW, new Minutes(45), new Minutes(10));
        MeasuredMix rose = MixMeasuring.measure(Samples.ROSE, new Mass(37));
        for (BakeRules rules : List.of(Samples.PACKET, longAndLow)) {
            for (StageKind kind : StageKind.values()) {
                row(BakeNeeding.need("x", rose.window(), new Length(9), kind, rules));
            }
        }
        List<Job> jobs = List.of(new Job(new JobKey(1, 1), seal, 9), new Job(new JobKey(2, 1), seal, 4));
        LoadPlan plan = LoadPlanning.plan(LoadProblem.of(Samples.OVEN, BatchBakes.of(jobs)), Effort.RULES);
        plan.loads().forEach(load -> row(load, Samples.OVEN));
        MixWaste waste = new MixWaste(Share.ofPercent(7), new Mass(1.2), new Mass(0.1));
        BatchNeeds needs = BatchNeeding.needs(jobs, waste);
        needs.mixes().forEach(this::row);
        row(ring(3, 3, 2));
        row(ring(14, 2, 3));
        FinishTest.finished().uses().forEach(use -> row(use, FinishTest.DAMP));
        Step built = seal.design().steps().get(2);
        row(built, StepEstimate.own(built), 9);
        row(built, StepEstimate.learned(built, List.of(new StepLog(9, new Minutes(140), 1))), 9);
        BatchCutting.portions(needs).forEach(cut -> row(cut.plan(), "g", Source.WORKED, Source.ENTERED));
        DialCorrection dial = DialCorrection.of(
                List.of(new DialReading(110, 104), new DialReading(130, 127), new DialReading(150, 139)));
        for (double wanted : new double[] {90, 104, 120, 127, 133.3, 139, 160}) {
            row(dial.setting(wanted));
        }
    }

    private void colours() {
        SplittableRandom random = new SplittableRandom(9);
        for (int i = 0; i < 40; i++) {
            row(ColourDifference.of(lab(random), lab(random)));
        }
        row(ColourDifference.of(new Lab(50, 2, 3), new Lab(50, 2, 3)));
        PartsOfClay both = new PartsOfClay(1, 1);
        List<ClayPrior> clays = List.of(
                new ClayPrior(1, Samples.WHITE.pigment(), false), new ClayPrior(2, Samples.RED.pigment(), false));
        TrialTile tile = new TrialTile(
                List.of(both, new PartsOfClay(2, 1)), Optional.empty(), Optional.of(new Lab(60, 40, 20)), true);
        row(TileLearning.learn(clays, List.of(tile)), 2L);
    }

    private static Lab lab(SplittableRandom random) {
        return new Lab(random.nextDouble(100), random.nextDouble(-90, 90), random.nextDouble(-90, 90));
    }

    /** One need after the other: from opened blocks alone, from the shelf, from the shop; of a clay that is not sold too. */
    private void shelf() {
        for (double needed = 1; needed < 4000; needed *= 1.7) {
            row(Samples.WHITE, BlockBuying.cover(Samples.WHITE, new Mass(needed)));
            StockClay old = new StockClay(
                    9,
                    "Old",
                    Samples.WHITE.range(),
                    Samples.WHITE.pigment(),
                    new Mass(30),
                    Samples.WHITE.blocks(),
                    false,
                    null,
                    null,
                    Conditioning.USUAL);
            row(old, BlockBuying.cover(old, new Mass(needed)));
        }
    }

    private void sheets() {
        Density rho = new Density(1.7);
        row(SheetSizing.size(new Length(310), new Length(77), new Length(1.3), new Length(4), rho, new Length(178)));
        row(BlendPlanning.plan(new Blend(
                new Length(120),
                new Length(85),
                new Length(1.4),
                new Length(3.1),
                new Length(12),
                new Length(7),
                rho,
                new Density(1.2))));
        Cane.Rods rods = new Cane.Rods("a", 7, new Length(9), rho);
        Cane.Wrap wrap = new Cane.Wrap("b", new Length(1.2), rho);
        for (boolean square : new boolean[] {false, true}) {
            row(CaneReducing.reduce(new Cane(
                    List.of(rods, new Cane.Rods("c", 3, new Length(5.5), rho)),
                    List.of(wrap, wrap),
                    new Length(70),
                    square,
                    new Length(11),
                    new Length(13),
                    new Length(2.3))));
        }
        for (Die.Kind kind : Die.Kind.values()) {
            Die die = new Die(kind, new Length(1.6), new Length(7), 2, 1.07);
            Barrel barrel = new Barrel(new Length(19), new Length(93), new Length(7));
            row(Extruding.extrude(barrel, die, new Length(31_000), rho), rho);
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
                "(?<![A-Za-z_0-9.])(?!(?:min|max|sqrt|ceil|floor|round|log|exp|sin|atan)\\()([A-Za-z][A-Za-z0-9]*)",
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
