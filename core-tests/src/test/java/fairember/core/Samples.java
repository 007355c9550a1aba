package fairember.core;

import fairember.core.bake.BakeRules;
import fairember.core.bake.BakingMethod;
import fairember.core.bake.ClayWindow;
import fairember.core.bake.StageKind;
import fairember.core.colour.Opacity;
import fairember.core.colour.Pigment;
import fairember.core.colour.Srgb;
import fairember.core.colour.Strength;
import fairember.core.design.Armature;
import fairember.core.design.Assembly;
import fairember.core.design.BuildPoint;
import fairember.core.design.CheckLine;
import fairember.core.design.Design;
import fairember.core.design.DesignKind;
import fairember.core.design.DesignMeasuring;
import fairember.core.design.Fitting;
import fairember.core.design.Joint;
import fairember.core.design.MeasuredDesign;
import fairember.core.design.Palette;
import fairember.core.design.Part;
import fairember.core.design.Placement;
import fairember.core.design.Pose;
import fairember.core.design.Stage;
import fairember.core.design.Station;
import fairember.core.design.Step;
import fairember.core.foilcore.CoreSpec;
import fairember.core.foilcore.FoilRoll;
import fairember.core.foilcore.PackedFoil;
import fairember.core.foilcore.Packing;
import fairember.core.mix.Mix;
import fairember.core.ovenload.Oven;
import fairember.core.price.Rates;
import fairember.core.quantity.Density;
import fairember.core.quantity.Energy;
import fairember.core.quantity.Length;
import fairember.core.quantity.Mass;
import fairember.core.quantity.Minutes;
import fairember.core.quantity.Money;
import fairember.core.quantity.Share;
import fairember.core.quantity.Temperature;
import fairember.core.shape.Ball;
import fairember.core.shape.Rod;
import fairember.core.shape.Solid;
import fairember.core.stock.BlockSize;
import fairember.core.stock.ClayRange;
import fairember.core.stock.Finding;
import fairember.core.stock.StockClay;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** A small made-up studio for tests, with round numbers that can be worked by hand. */
public final class Samples {
    /** 125-135 °C, 15 min per 6 mm, 15 to 90 min, sections to 12 mm, density 2. */
    public static final ClayRange FIRM = line(1, "Firm", 125, 135, 15, 15, 90);
    /** 110-120 °C: never meets {@link #FIRM}. */
    public static final ClayRange COOL = line(2, "Cool", 110, 120, 15, 20, 60);

    public static final StockClay WHITE = clay(1, "White", FIRM, "#f4f2ea", 100);
    public static final StockClay RED = clay(2, "Red", FIRM, "#b3342b", 0);
    public static final Mix CHALK = new Mix(1, "Chalk", List.of(Mix.Ingredient.of(WHITE, 1)));
    public static final Mix ROSE = new Mix(2, "Rose", List.of(Mix.Ingredient.of(WHITE, 3), Mix.Ingredient.of(RED, 1)));
    public static final Finding PIN = new Finding(1, "Eye pin", new Money(10), 5, new Mass(0.5));
    public static final Palette PALETTE = new Palette(List.of(CHALK, ROSE)).with(List.of(PIN));
    public static final FoilRoll ROLL =
            new FoilRoll(new Length(0.016), new Length(300), new Length(10_000), new Money(300), PackedFoil.USUAL);
    public static final BakeRules PACKET = new BakeRules(BakingMethod.PACKET, new Minutes(60), new Minutes(10));
    /** 300 × 200 mm tray, 10 min and 0.2 kWh to preheat, 0.6 kW to hold. */
    public static final Oven OVEN = new Oven(
            "Bench oven",
            new Length(300),
            new Length(200),
            List.of(new Length(150)),
            new Length(5),
            new Minutes(10),
            Minutes.ZERO,
            new Energy(0.2),
            0.6,
            false,
            List.of());

    /** 12.00 an hour, 0.30 a kWh, 10 % waste, 50 % margin, prices in steps of 0.50. */
    public static final Rates RATES = new Rates(
            new Money(1200), new Money(30), Share.ofPercent(10), Share.ofPercent(50), new Money(50), new Money(90));

    private Samples() {}

    public static ClayRange line(
            long id, String name, double low, double high, double rate, double least, double most) {
        ClayWindow window = new ClayWindow(
                new Temperature(low),
                new Temperature(high),
                new Temperature(high + 20),
                new Minutes(rate),
                new Minutes(least),
                new Minutes(most),
                new Length(12));
        return new ClayRange(id, name, window, new Density(2));
    }

    /** Sold in blocks of 50 g at 2.00 (one on the shelf) and 200 g at 6.00 (none). */
    public static StockClay clay(long id, String name, ClayRange line, String hex, double openG) {
        Srgb swatch = Srgb.parse("hex", hex);
        return new StockClay(
                id,
                name,
                line,
                new Pigment(swatch, swatch, Opacity.OPAQUE, Strength.NORMAL),
                new Mass(openG),
                List.of(
                        new BlockSize(new Mass(50), new Money(200), 1),
                        new BlockSize(new Mass(200), new Money(600), 0)));
    }

    public static Step step(String name, Station station, double setup, double each, int assembly, int bake) {
        return new Step(name, station, new Minutes(setup), new Minutes(each), new BuildPoint(assembly, bake));
    }

    public static Part part(String name, Solid solid, int count, Mix mix, int bake, Double shell) {
        return part(name, solid, count, mix, new BuildPoint(0, bake), shell);
    }

    public static Part part(String name, Solid solid, int count, Mix mix, BuildPoint from, Double shell) {
        CoreSpec core = shell == null ? null : new CoreSpec(new Length(shell), Packing.FIRM);
        return new Part(name, solid, count, mix.id(), from, 0, core, null, Placement.MIDDLE);
    }

    /** Every line of any checks, for every piece of any batch. */
    public static final List<Integer> ALL_TICKED = Collections.nCopies(9, 2000);

    /** A 40 mm ball on a shell of 5, and two eyes of 6 mm that are baked loose first. */
    public static Design seal() {
        return seal(null);
    }

    public static Design seal(@Nullable Money price) {
        return new Design(
                7,
                "Seal",
                "",
                DesignKind.FIGURINE,
                Pose.STANDS,
                List.of(
                        part("Body", new Ball(new Length(40)), 1, ROSE, 0, 5.0),
                        part("Eye", new Rod(new Length(6), new Length(6)), 2, CHALK, new BuildPoint(1, 0), null)),
                List.of(Assembly.WHOLE, new Assembly("Eyes", BuildPoint.START, Joint.CURED, true)),
                List.of(
                        new Stage("eyes", StageKind.PART_BAKE, 1, new Minutes(15), false, null),
                        new Stage("whole", StageKind.FULL_BAKE, new Minutes(30))),
                List.of(
                        step("roll eyes", Station.WEIGH_OUT, 2, 1, 1, 0),
                        step("press cores", Station.CORES, 5, 2, 0, 0),
                        step("build", Station.SHAPE, 5, 10, 0, 0),
                        step("fit pin", Station.FIT, 1, 0.5, 0, 1)),
                List.of(new Fitting(PIN.id(), 1)),
                CheckLine.all(List.of("Whiskers pricked")),
                Armature.NONE,
                price,
                null,
                null);
    }

    /** A ball of 12 mm of clay that dries a day in the air for 6 mm: shaped, dried, varnished. */
    public static MeasuredDesign airDried() {
        ClayRange baked = line(9, "Air", 125, 135, 15, 20, 90);
        ClayWindow w = baked.window();
        ClayWindow dries = new ClayWindow(
                w.low(),
                w.high(),
                w.ceiling(),
                w.per6Mm(),
                w.least(),
                w.most(),
                w.greatest(),
                Optional.of(new Minutes(24 * 60)));
        StockClay clay = clay(9, "Air white", new ClayRange(9, "Air", dries, baked.density()), "#ffffff", 0);
        Mix mix = new Mix(9, "Air", List.of(Mix.Ingredient.of(clay, 1)));
        Design ball = new Design(
                9,
                "Ball",
                "",
                DesignKind.FIGURINE,
                Pose.STANDS,
                List.of(part("Ball", new Ball(new Length(12)), 1, mix, 0, null)),
                List.of(new Stage("dry", StageKind.FULL_BAKE, Minutes.ZERO)),
                List.of(step("roll", Station.SHAPE, 2, 5, 0, 0), step("varnish", Station.FINISH, 3, 1, 0, 1)),
                List.of(),
                List.of(),
                Armature.NONE,
                null);
        return DesignMeasuring.measure(ball, new Palette(List.of(mix)), ROLL, PACKET);
    }

    public static MeasuredDesign measured(Design design) {
        return DesignMeasuring.measure(design, PALETTE, ROLL, PACKET);
    }
}
