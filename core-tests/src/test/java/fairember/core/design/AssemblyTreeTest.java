package fairember.core.design;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairember.core.Refusals;
import fairember.core.Samples;
import fairember.core.advice.Advice;
import fairember.core.bake.OwnBake;
import fairember.core.bake.StageKind;
import fairember.core.input.InputError;
import fairember.core.quantity.Length;
import fairember.core.quantity.Mass;
import fairember.core.quantity.Minutes;
import fairember.core.quantity.Temperature;
import fairember.core.shape.Ball;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.SplittableRandom;
import org.jspecify.annotations.Nullable;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Designs as trees of assemblies: what each bake holds, what it waits for, and what is joined raw, cured or cold. */
public class AssemblyTreeTest {
    private static Design of(List<Assembly> assemblies, List<Stage> stages, Part... parts) {
        return new Design(
                1,
                "Heron",
                "",
                DesignKind.FIGURINE,
                Pose.STANDS,
                List.of(parts),
                assemblies,
                stages,
                List.of(),
                List.of(),
                List.of(),
                Armature.NONE,
                null,
                null,
                null);
    }

    private static Part ball(String name, double mm, int assembly, int bake) {
        return Samples.part(name, new Ball(new Length(mm)), 1, Samples.CHALK, new BuildPoint(assembly, bake), null);
    }

    private static Assembly joined(String name, int into, int before, Joint joint) {
        return new Assembly(name, new BuildPoint(into, before), joint, false);
    }

    private static Stage bake(int assembly, StageKind kind) {
        return new Stage("bake of " + assembly, kind, assembly, new Minutes(10), false, null);
    }

    private static List<String> rules(Design design) {
        return Samples.measured(design).advice().stream().map(Advice::rule).toList();
    }

    private static List<String> contents(MeasuredDesign design, int stage) {
        return design.stages().get(stage).contents().stream()
                .map(c -> c.name() + (c.state() == MeasuredStage.Content.State.CURED ? ", cured" : ""))
                .toList();
    }

    /**
     * A head with an eye is baked apart and glued on after the body's bake; the body is built over a base that was baked
     * before. The eye is part-baked, the beak goes on before the head's second bake.
     */
    @Test
    public void aHeadThatIsCuredApartIsNotInTheBodysBake() {
        Design heron = of(
                List.of(
                        Assembly.WHOLE,
                        joined("Head", 0, 1, Joint.COLD),
                        joined("Eye", 1, 0, Joint.CURED),
                        joined("Base", 0, 0, Joint.CURED)),
                List.of(
                        bake(2, StageKind.PART_BAKE),
                        bake(1, StageKind.FULL_BAKE),
                        bake(1, StageKind.FULL_BAKE),
                        bake(0, StageKind.FULL_BAKE),
                        bake(3, StageKind.FULL_BAKE)),
                ball("Body", 10, 0, 0),
                ball("Skull", 9, 1, 0),
                ball("Beak", 6, 1, 1),
                ball("Eyeball", 3, 2, 0),
                ball("Stone", 12, 3, 0));
        MeasuredDesign measured = Samples.measured(heron);
        assertThat(contents(measured, 0)).containsExactly("Eyeball");
        assertThat(contents(measured, 1)).containsExactly("Skull", "Eyeball");
        assertThat(contents(measured, 2)).containsExactly("Skull, cured", "Beak", "Eyeball, cured");
        assertThat(contents(measured, 3)).containsExactly("Body", "Stone, cured");
        assertThat(contents(measured, 4)).containsExactly("Stone");
        assertThat(measured.stages().get(3).need().thickest().mm()).isEqualTo(10);
        assertThat(measured.stages().get(2).need().thickest().mm()).isEqualTo(6);
        assertThat(heron.tree().last()).containsExactlyInAnyOrder(2, 3);
        assertThat(heron.tree().waitsFor(3)).containsExactly(4);
        assertThat(heron.tree().checkedBefore(3)).isTrue();
        assertThat(heron.tree().checkedBefore(2)).isFalse();
        assertThat(rules(heron)).isEmpty();
    }

    @Test
    public void jointsThatAreNotAsTheClayIsAreSaid() {
        List<Stage> both = List.of(bake(1, StageKind.FULL_BAKE), bake(0, StageKind.FULL_BAKE));
        Part body = ball("Body", 10, 0, 0);
        Part head = ball("Head", 9, 1, 0);
        assertThat(rules(of(List.of(Assembly.WHOLE, joined("Head", 0, 0, Joint.COLD)), both, body, head)))
                .containsExactly("cold-raw");
        assertThat(rules(of(List.of(Assembly.WHOLE, joined("Head", 0, 0, Joint.RAW)), both, body, head)))
                .containsExactly("joint-cured");
        assertThat(rules(of(List.of(Assembly.WHOLE, joined("Head", 0, 1, Joint.CURED)), both, body, head)))
                .containsExactly("joint-alike");
        List<Stage> one = List.of(bake(0, StageKind.FULL_BAKE));
        assertThat(rules(of(List.of(Assembly.WHOLE, joined("Head", 0, 0, Joint.RAW)), one, body, head)))
                .isEmpty();
        assertThat(rules(of(List.of(Assembly.WHOLE, joined("Head", 0, 0, Joint.CURED)), one, body, head)))
                .containsExactly("joint-alike");
        // Laid by until packing, it never sees the oven.
        assertThat(rules(of(List.of(Assembly.WHOLE, joined("Head", 0, 0, Joint.PACKED)), one, body, head)))
                .containsExactly("never-cured");
    }

    @Test
    public void aTreeThatIsNoneIsRefusedAtItsPlace() {
        List<Stage> one = List.of(bake(0, StageKind.FULL_BAKE));
        Part body = ball("Body", 10, 0, 0);
        assertThat(fields(
                        List.of(Assembly.WHOLE, joined("A", 2, 0, Joint.RAW), joined("B", 1, 0, Joint.RAW)), one, body))
                .containsExactly("assemblies[1].into", "assemblies[2].into");
        assertThat(fields(List.of(joined("A", 0, 0, Joint.RAW)), one, body)).contains("assemblies[0].into");
        assertThat(fields(List.of(Assembly.WHOLE, joined("A", 0, 2, Joint.RAW)), one, body))
                .containsExactly("assemblies[1].into.bake");
        assertThat(fields(List.of(Assembly.WHOLE, joined("A", 5, 0, Joint.RAW)), one, body))
                .containsExactly("assemblies[1].into.assembly");
        Assembly set = new Assembly("Set", BuildPoint.START, Joint.CURED, true);
        assertThat(fields(List.of(Assembly.WHOLE, set, joined("A", 1, 0, Joint.RAW)), one, body))
                .containsExactly("assemblies[2].into");
        assertThat(fields(List.of(Assembly.WHOLE), List.of(bake(3, StageKind.FULL_BAKE)), body))
                .containsExactly("stages[0].assembly");
        assertThat(Refusals.of(() -> Samples.measured(of(
                        List.of(Assembly.WHOLE, joined("A", 0, 0, Joint.CURED)),
                        List.of(bake(0, StageKind.FULL_BAKE), bake(1, StageKind.FULL_BAKE)),
                        body))))
                .extracting(InputError::field)
                .containsExactly("stages[1].name");
    }

    private static List<String> fields(List<Assembly> assemblies, List<Stage> stages, Part body) {
        return Refusals.of(() -> of(assemblies, stages, body)).stream()
                .map(InputError::field)
                .toList();
    }

    @DataProvider
    public Object[][] figures() {
        // Own temperature and minutes on a full bake of a 10 mm ball: packet 125-135 °C, 25 min to 90 min.
        return new Object[][] {
            {130.0, 40.0, 130.0, 40.0, false},
            {null, 25.0, 125.0, 25.0, false},
            {125.0, null, 125.0, 25.0, false},
            {140.0, 40.0, 125.0, 40.0, true},
            {130.0, 20.0, 130.0, 25.0, true},
            {null, 91.0, 125.0, 25.0, true},
        };
    }

    @Test(dataProvider = "figures")
    public void ownFiguresAreFollowedAsFarAsThePacketAllows(
            @Nullable Double tempC, @Nullable Double minutes, double lowC, double bakingMin, boolean said) {
        OwnBake own = new OwnBake(
                tempC == null ? null : new Temperature(tempC),
                minutes == null ? null : new Minutes(minutes),
                "a batch browned");
        Design ball = of(
                List.of(Assembly.WHOLE),
                List.of(new Stage("whole", StageKind.FULL_BAKE, 0, Minutes.ZERO, false, own)),
                ball("Body", 10, 0, 0));
        MeasuredStage stage = Samples.measured(ball).stages().get(0);
        assertThat(stage.need().window().low().c()).isEqualTo(lowC);
        assertThat(stage.need().bakingTime().min()).isCloseTo(bakingMin, within(1e-9));
        assertThat(rules(ball).contains("own-outside")).isEqualTo(said);
        if (!said) {
            assertThat(stage.need().reason()).contains("a batch browned").contains("25 min");
        }
    }

    @DataProvider
    public Object[][] lots() {
        Object[][] lots = new Object[60][];
        for (int i = 0; i < lots.length; i++) {
            lots[i] = new Object[] {i};
        }
        return lots;
    }

    /** Whatever the tree: bakes hold what exists then, waits make no ring, each step is somewhere once, and nothing is lost. */
    @Test(dataProvider = "lots")
    public void everyTreeHoldsTogether(int lot) {
        Design design = RandomTrees.design(new SplittableRandom(lot));
        AssemblyTree tree = design.tree();
        List<Integer> order = tree.inOrder();
        assertThat(order).doesNotHaveDuplicates().hasSize(design.stages().size());
        Set<Integer> waited = new HashSet<>();
        List<BuildPoint> points = new ArrayList<>(tree.finishing());
        for (int stage : order) {
            for (int before : tree.waitsFor(stage)) {
                assertThat(order.indexOf(before)).isLessThan(order.indexOf(stage));
                assertThat(tree.wayAfter(before)).startsWith(stage);
                waited.add(before);
            }
            points.addAll(tree.feeding(stage));
        }
        assertThat(points).doesNotHaveDuplicates();
        assertThat(points).containsAll(design.steps().stream().map(Step::at).toList());
        assertThat(tree.last()).noneMatch(waited::contains).hasSize(order.size() - waited.size());
        for (Part part : design.parts()) {
            List<Integer> way = tree.way(part.from());
            for (int i = 1; i < way.size(); i++) {
                assertThat(tree.waitsFor(way.get(i))).contains(way.get(i - 1));
            }
        }
        MeasuredDesign measured = Samples.measured(design);
        for (int stage : order) {
            double held = measured.parts().stream()
                    .filter(p -> tree.holds(stage, p.part().from()))
                    .mapToDouble(p -> p.portion().mass().g() * p.part().count())
                    .sum();
            assertThat(measured.stages().get(stage).mass().g()).isCloseTo(held, within(1e-9));
        }
        // The same parts in one piece weigh the same.
        Mass flat = Samples.measured(of(
                        List.of(Assembly.WHOLE),
                        List.of(bake(0, StageKind.FULL_BAKE)),
                        design.parts().stream()
                                .map(p -> new Part(
                                        p.name(),
                                        p.shape(),
                                        p.count(),
                                        p.mixId(),
                                        BuildPoint.START,
                                        0,
                                        null,
                                        null,
                                        p.placement()))
                                .toArray(Part[]::new)))
                .weight();
        assertThat(measured.weight().g()).isCloseTo(flat.g(), within(1e-9));
    }
}
