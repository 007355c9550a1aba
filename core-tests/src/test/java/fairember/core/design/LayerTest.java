package fairember.core.design;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import fairember.core.Refusals;
import fairember.core.Samples;
import fairember.core.bake.StageKind;
import fairember.core.balance.Balance;
import fairember.core.balance.Balancing;
import fairember.core.covering.CoveredForm;
import fairember.core.covering.Covering;
import fairember.core.covering.PatternCutting;
import fairember.core.covering.PatternPiece;
import fairember.core.input.InputError;
import fairember.core.input.InvalidInputException;
import fairember.core.portion.Portion;
import fairember.core.quantity.Density;
import fairember.core.quantity.Length;
import fairember.core.quantity.Mass;
import fairember.core.quantity.Minutes;
import fairember.core.quantity.Share;
import fairember.core.quantity.Temperature;
import fairember.core.shape.Ball;
import fairember.core.shape.Block;
import fairember.core.shape.Cone;
import fairember.core.shape.Dome;
import fairember.core.shape.Frustum;
import fairember.core.shape.Grown;
import fairember.core.shape.Outline;
import fairember.core.shape.Ring;
import fairember.core.shape.Rod;
import fairember.core.shape.ShapeKind;
import fairember.core.shape.Solid;
import fairember.core.shape.Support;
import fairember.core.shape.Teardrop;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class LayerTest {
    private static Part over(int part, double thick, double share, BuildPoint from) {
        Layer layer = new Layer(part, new Length(thick), new Share(share / 100), Layer.From.TOP);
        return new Part(
                "Skin", new Ball(new Length(1)), 1, Samples.CHALK.id(), from, 0, null, null, Placement.MIDDLE, layer);
    }

    private static Design design(Part... parts) {
        return new Design(
                1,
                "It",
                "",
                DesignKind.FIGURINE,
                Pose.STANDS,
                List.of(parts),
                List.of(
                        new Stage("first", StageKind.FULL_BAKE, new Minutes(20)),
                        new Stage("whole", StageKind.FULL_BAKE, new Minutes(20))),
                List.of(),
                List.of(),
                List.of(),
                Armature.NONE,
                null);
    }

    private static Part body(Solid solid) {
        return Samples.part("Body", solid, 1, Samples.ROSE, 0, null);
    }

    private static final BuildPoint RAW = BuildPoint.START;
    private static final BuildPoint ON_CURED = new BuildPoint(0, 1);

    /** A skin of 2 mm over a ball of 36: the shell between two balls. Half of it weighs half. */
    @Test
    public void aSkinWeighsWhatLiesBetweenAndItsShapeFollowsTheForm() {
        MeasuredDesign whole = Samples.measured(design(body(new Ball(new Length(36))), over(0, 2, 100, RAW)));
        MeasuredPart skin = whole.parts().get(1);
        assertThat(skin.portion().clay().mm3())
                .isCloseTo(Math.PI / 6 * (40 * 40 * 40 - 36 * 36 * 36), withinPercentage(0.1));
        assertThat(skin.part().shape()).isEqualTo(new Ball(new Length(40)));
        assertThat(skin.part().placement().upMm()).isEqualTo(-2);
        assertThat(skin.thickest().diameter().mm()).isEqualTo(2);
        MeasuredDesign half = Samples.measured(design(body(new Ball(new Length(36))), over(0, 2, 50, RAW)));
        assertThat(half.parts().get(1).portion().mass().g())
                .isCloseTo(skin.portion().mass().g() / 2, withinPercentage(1e-9));
        assertThat(half.parts().get(1).part().reach()).containsExactly(20, 40);
        Design larger = DesignScaling.whole(whole.design(), 1.5).design();
        assertThat(larger.parts().get(1).shape()).isEqualTo(new Ball(new Length(60)));
    }

    /**
     * A skin over an assembly of one body is the skin over that body; over two blocks on each other it is that over the block they make;
     * over a head on a body it is between those of the two and of a body as large as both.
     */
    @Test
    public void aSkinOverAnAssemblyLiesOverAllOfItAsOneForm() {
        Ball ball = new Ball(new Length(30));
        assertThat(skin(body(ball)).clay().mm3()).isCloseTo(shell(ball), withinPercentage(1));
        Part low = body(new Block(new Length(24), new Length(18), new Length(10)));
        Part high = raised(low, 10);
        Block both = new Block(new Length(24), new Length(18), new Length(20));
        assertThat(skin(low, high).clay().mm3()).isCloseTo(shell(both), withinPercentage(3));
        Part head = raised(body(new Ball(new Length(18))), 26);
        double figure = skin(body(ball), head).clay().mm3();
        assertThat(figure).isBetween(shell(ball) + 0.6 * shell(head.shape()), shell(ball) + shell(head.shape()));
        Design dressed = design(body(ball), head, layer(0, Layer.Kind.ASSEMBLY));
        assertThat(dressed.parts().get(2).shape().box().height().mm()).isCloseTo(44 + 4, within(0.1));
        assertThat(dressed.parts().get(2).placement().upMm()).isCloseTo(-2, within(0.05));
    }

    private static Part raised(Part part, double up) {
        return part.with(part.shape(), null, Placement.MIDDLE.at(0, up, 0));
    }

    private static Part layer(int over, Layer.Kind kind) {
        Layer layer = new Layer(over, kind, new Length(2), new Share(1), Layer.From.TOP);
        return new Part(
                "Skin", new Ball(new Length(9)), 1, Samples.CHALK.id(), RAW, 0, null, null, Placement.MIDDLE, layer);
    }

    private static Portion skin(Part... parts) {
        List<Part> all = new ArrayList<>(List.of(parts));
        all.add(layer(0, Layer.Kind.ASSEMBLY));
        List<MeasuredPart> measured =
                Samples.measured(design(all.toArray(Part[]::new))).parts();
        return measured.get(measured.size() - 1).portion();
    }

    private static double shell(Solid solid) {
        return Covering.of(CoveredForm.of(solid), new Share(1), new Length(2), new Share(0), new Density(1.7))
                .volume()
                .mm3();
    }

    @Test
    public void anAssemblyThatCannotBeCoveredIsRefused() {
        Part apart = raised(body(new Ball(new Length(10))), 30);
        assertThat(found(body(new Ball(new Length(10))), apart, layer(0, Layer.Kind.ASSEMBLY)))
                .isEqualTo("Whole piece, whose parts stand apart");
        assertThat(found(layer(0, Layer.Kind.ASSEMBLY))).contains("of which no part stands above");
        assertThat(found(apart, layer(3, Layer.Kind.ASSEMBLY))).isEqualTo("thing 4");
    }

    private static String found(Part... parts) {
        return Refusals.of(() -> design(parts)).get(0).found();
    }

    /** Over a thing that is not clay, and over the covered end of an insert with its foil, it is the layer over that form. */
    @Test
    public void aLayerLiesOverAThingThatIsNotClayAndOverAnInsert() {
        Block box = new Block(new Length(30), new Length(20), new Length(10));
        NonClay carrier = new NonClay(
                "Box",
                box,
                1,
                new Mass(8),
                RAW,
                NonClay.Oven.IN,
                false,
                new Temperature(200),
                null,
                null,
                Placement.MIDDLE.at(3, 5, 0));
        Insert stick = new Insert(
                "Stick",
                new Length(6),
                new Length(80),
                new Length(25),
                new Mass(3),
                true,
                new Temperature(200),
                "",
                10,
                new Length(2),
                Length.ZERO,
                -20,
                -40);
        Armature armature = new Armature(List.of(stick), List.of(), null, List.of(carrier));
        Design bare = design(body(new Ball(new Length(10))));
        for (Layer.Kind kind : new Layer.Kind[] {Layer.Kind.NON_CLAY, Layer.Kind.INSERT}) {
            Layer layer = new Layer(0, kind, new Length(2), new Share(1), Layer.From.TOP);
            Part skin = new Part("Skin", box, 1, Samples.CHALK.id(), RAW, 0, null, null, Placement.MIDDLE, layer);
            Design covered = bare.with(List.of(bare.parts().get(0), skin), armature);
            MeasuredPart measured = Samples.measured(covered).parts().get(1);
            boolean onBox = kind == Layer.Kind.NON_CLAY;
            Solid form = onBox ? box : new Rod(new Length(6 + 2 * 10 * 0.016), new Length(25));
            // The stick goes on below, through the layer's lower end.
            double through = onBox ? 0 : Math.PI / 4 * 6.32 * 6.32 * 2;
            assertThat(measured.bored().mm3()).isCloseTo(through, withinPercentage(0.1));
            assertThat(measured.portion().clay().mm3() + measured.bored().mm3())
                    .isCloseTo(
                            Covering.of(
                                            CoveredForm.of(form),
                                            new Share(1),
                                            new Length(2),
                                            new Share(0),
                                            new Density(1.75))
                                    .volume()
                                    .mm3(),
                            withinPercentage(1e-9));
            Placement at = measured.part().placement();
            assertThat(at.acrossMm()).isEqualTo(onBox ? 3 : -20);
            assertThat(at.upMm()).isEqualTo(onBox ? 3 : -40 + 80 - 25 - 2);
        }
        Layer nowhere = new Layer(1, Layer.Kind.NON_CLAY, new Length(2), new Share(1), Layer.From.TOP);
        Part skin = new Part("Skin", box, 1, Samples.CHALK.id(), RAW, 0, null, null, Placement.MIDDLE, nowhere);
        assertThatThrownBy(() -> bare.with(List.of(skin), armature))
                .isInstanceOfSatisfying(
                        InvalidInputException.class,
                        refused -> assertThat(refused.errors().get(0).field()).isEqualTo("parts[0].layer.over"));
    }

    /** Raw on raw both count together; over what is cured only the layer does. */
    @Test
    public void aRawLayerIsOneLumpWithARawFormAndAloneOnACuredOne() {
        MeasuredDesign raw = Samples.measured(design(body(new Ball(new Length(10))), over(0, 2, 100, RAW)));
        assertThat(raw.stages().get(0).need().thickest().mm()).isCloseTo(14, withinPercentage(6));
        MeasuredDesign cured = Samples.measured(design(body(new Ball(new Length(10))), over(0, 2, 100, ON_CURED)));
        assertThat(cured.stages().get(0).need().thickest().mm()).isEqualTo(10);
        MeasuredStage dressed = cured.stages().get(1);
        assertThat(dressed.need().thickest().mm()).isCloseTo(2, withinPercentage(30));
        // No core is in it, so none saves minutes; the skin is hot before a solid ball of its size would be.
        assertThat(dressed.solidBakingTime()).isLessThanOrEqualTo(dressed.need().bakingTime());
        MeasuredDesign solid = Samples.measured(design(body(new Ball(new Length(14)))));
        assertThat(dressed.heat().near())
                .isLessThan(solid.stages().get(0).heat().near());
    }

    /** A hood over a form on the ground ends above the ground: the form alone stands there. */
    @Test
    public void aHoodDoesNotReachTheGround() {
        Part body = body(new Block(new Length(20), new Length(20), new Length(30)));
        Balance bare = Balancing.balance(Samples.measured(design(body)));
        Balance hooded = Balancing.balance(Samples.measured(design(body, over(0, 2, 40, RAW))));
        assertThat(hooded.standing().footprint()).isEqualTo(bare.standing().footprint());
    }

    @DataProvider
    public Object[][] forms() {
        return new Object[][] {
            {new Ball(new Length(30))},
            {new Rod(new Length(20), new Length(30))},
            {new Block(new Length(10), new Length(20), new Length(30))},
            {new Cone(new Length(20), new Length(30))},
            {new Frustum(new Length(30), new Length(10), new Length(25))},
            {new Teardrop(new Length(20), new Length(40))},
            {new Dome(new Length(30))},
            {ShapeKind.CAP.make(List.of(30.0, 6.0))},
            {ShapeKind.CAP.make(List.of(30.0, 14.0))},
            {ShapeKind.EGG.make(List.of(20.0, 30.0, 12.0))},
            {ShapeKind.FLAT_BALL.make(List.of(30.0, 4.0))},
        };
    }

    /** The outside of a layer lies t outside the form in every direction of a face, and no nearer in any other. */
    @Test(dataProvider = "forms")
    public void theOutsideIsAsFarOutAsTheLayerIsThick(Solid form) {
        double t = 2.5;
        Solid grown = Grown.of(form, new Length(t));
        Support inner = form.support();
        Support outer = grown.support();
        SplittableRandom random = new SplittableRandom(5);
        for (int i = 0; i < 200; i++) {
            double up = 2 * random.nextDouble() - 1;
            double turn = 2 * Math.PI * random.nextDouble();
            double level = Math.sqrt(1 - up * up);
            double x = level * Math.cos(turn);
            double y = level * Math.sin(turn);
            // The base of the outside is t lower.
            double out = outer.in(x, y, up) - t * up - inner.in(x, y, up);
            assertThat(out).isGreaterThan(t - 0.15);
        }
        double down = outer.in(0, 0, -1) + t - inner.in(0, 0, -1);
        assertThat(down).isCloseTo(t, withinPercentage(1));
    }

    /** A boot over the lower half of a rod unrolls to half its height and its foot; over half a cone to the cut cone below. */
    @Test
    public void thePatternOfABandIsThatOfTheStretchItCovers() {
        Covering rod = covering(new Rod(new Length(20), new Length(30)));
        List<PatternPiece> boot = PatternCutting.pieces(rod, 8, 0, 0.5);
        assertThat(boot).extracting(PatternPiece::name).containsExactly("side", "end");
        assertThat(area(boot.get(0))).isCloseTo(Math.PI * 22 * 15, withinPercentage(0.1));
        Covering cone = covering(new Cone(new Length(20), new Length(30)));
        List<PatternPiece> skirt = PatternCutting.pieces(cone, 8, 0, 0.5);
        List<PatternPiece> cut =
                PatternCutting.pieces(covering(new Frustum(new Length(20), new Length(10), new Length(15))), 8);
        assertThat(area(skirt.get(0))).isCloseTo(area(cut.get(0)), withinPercentage(1e-6));
        // Eight gores from pole to equator, and from equator to pole, are those of the whole ball.
        Covering ball = covering(new Ball(new Length(30)));
        double halves = area(PatternCutting.pieces(ball, 8, 0, 0.5).get(0))
                + area(PatternCutting.pieces(ball, 8, 0.5, 1).get(0));
        assertThat(halves).isCloseTo(area(PatternCutting.pieces(ball, 8).get(0)), withinPercentage(0.01));
    }

    private static Covering covering(Solid form) {
        return Covering.of(CoveredForm.of(form), new Share(1), new Length(2), new Share(0), new Density(1.75));
    }

    private static double area(PatternPiece piece) {
        List<Outline.Point> points = piece.outline().points();
        double twice = 0;
        for (int i = 0; i < points.size(); i++) {
            Outline.Point a = points.get(i);
            Outline.Point b = points.get((i + 1) % points.size());
            twice += a.acrossMm() * b.upMm() - b.acrossMm() * a.upMm();
        }
        return Math.abs(twice) / 2;
    }

    @Test
    public void aLayerOverNothingThatIsBeforeItOrOverARingIsRefused() {
        assertThat(Refusals.of(() -> design(over(0, 2, 100, RAW))))
                .extracting(InputError::field)
                .containsExactly("parts[0].layer.over");
        assertThat(Refusals.of(() -> design(body(new Ring(new Length(30), new Length(6))), over(0, 2, 100, RAW))))
                .extracting(InputError::field)
                .containsExactly("parts[1].layer.over");
        assertThat(Refusals.of(() -> over(0, 40, 100, RAW)))
                .extracting(InputError::field)
                .containsExactly("thickMm");
    }
}
