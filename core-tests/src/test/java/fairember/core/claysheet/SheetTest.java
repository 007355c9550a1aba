package fairember.core.claysheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairember.core.Refusals;
import fairember.core.quantity.Density;
import fairember.core.quantity.Length;
import fairember.core.quantity.Mass;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Sheets, blends, canes and cords: worked by hand, and no clay is gained or lost. */
public class SheetTest {
    private static final Density TWO = new Density(2);

    private static Length mm(double mm) {
        return new Length(mm);
    }

    @DataProvider
    public Object[][] lots() {
        return IntStream.range(0, 60).mapToObj(i -> new Object[] {i}).toArray(Object[][]::new);
    }

    private static RollerMachine machine() {
        return new RollerMachine(
                "Bench",
                mm(180),
                List.of(
                        new RollerMachine.Setting("2", mm(2)),
                        new RollerMachine.Setting("1", mm(3)),
                        new RollerMachine.Setting("4", mm(1)),
                        new RollerMachine.Setting("3", mm(1.5))));
    }

    @Test
    public void theNearestSettingIsTakenAndTheThickerOnesComeBeforeIt() {
        assertThat(machine().nearest(mm(1.4)).name()).isEqualTo("3");
        // 1.75 lies between 2 and 1.5: the thicker.
        assertThat(machine().nearest(mm(1.75)).name()).isEqualTo("2");
        assertThat(machine().downTo(mm(1.4)))
                .extracting(RollerMachine.Setting::name)
                .containsExactly("1", "2", "3");
        // Thicker than the machine makes: as few alike sheets as are as thick together, each at its own setting.
        double thickest = machine().downTo(mm(99)).get(0).thick().mm();
        for (double wanted : new double[] {0.9 * thickest, thickest, 1.01 * thickest, 2.4 * thickest, 5 * thickest}) {
            RollerMachine.Stack stack = machine().stack(mm(wanted));
            assertThat(stack.layers()).isEqualTo((int) Math.ceil(wanted / thickest - 1e-9));
            assertThat(stack.setting()).isEqualTo(machine().nearest(mm(wanted / stack.layers())));
            assertThat(stack.thick().mm())
                    .isCloseTo(stack.layers() * stack.setting().thick().mm(), within(1e-9));
        }
        RollerMachine.Setting one = new RollerMachine.Setting("1", mm(2));
        assertThat(Refusals.of(() -> new RollerMachine("m", mm(100), List.of(one, one)))
                        .get(0)
                        .field())
                .isEqualTo("settings");
    }

    @Test
    public void aSheetIsLaidInAsFewStripsAsTheRollersAllow() {
        // 200 mm of sheet through 180 mm less 2 · 5: two strips of 100 mm; (100 + 10)·(120 + 10)·2·2 mm³ = 57.2 cm³, 2
        // g each.
        SizedSheet sheet = SheetSizing.size(mm(200), mm(120), mm(2), mm(5), TWO, mm(180));
        assertThat(sheet.strips()).isEqualTo(2);
        assertThat(sheet.stripWide().mm()).isEqualTo(100);
        assertThat(sheet.mass().g()).isCloseTo(114.4, within(1e-9));
        assertThat(SheetSizing.size(mm(170), mm(120), mm(2), mm(5), TWO, mm(180))
                        .strips())
                .isEqualTo(1);
        assertThat(Refusals.of(() -> SheetSizing.size(mm(50), mm(50), mm(2), mm(25), TWO, mm(50)))
                        .get(0)
                        .field())
                .isEqualTo("trimMm");
        assertThat(Refusals.of(() -> SheetSizing.size(mm(1), mm(5000), mm(20), mm(40), TWO, mm(10))))
                .extracting(w -> w.field())
                .containsExactly("wideMm", "longMm", "thickMm", "trimMm", "rollerMm");
    }

    @Test(dataProvider = "lots")
    public void aBlendKeepsItsVolumeAndFadesFromPlainToPlain(int seed) {
        SplittableRandom random = new SplittableRandom(seed);
        double wide = random.nextDouble(40, 300);
        double thick = random.nextDouble(0.5, 2.5);
        Blend blend = new Blend(
                mm(wide),
                mm(random.nextDouble(40, 500)),
                mm(thick),
                mm(thick + random.nextDouble(0, 4)),
                mm(random.nextDouble(0, wide / 3)),
                mm(random.nextDouble(0, wide / 3)),
                TWO,
                TWO);
        PlannedBlend planned = BlendPlanning.plan(blend);
        double volume = wide * blend.length().mm() * thick;
        assertThat((planned.firstMass().g() + planned.secondMass().g()) * 1000 / 2)
                .isCloseTo(volume, within(1e-6 * volume));
        // Each trapezium by its two sides and its height.
        double first = (planned.firstBottom().mm() + planned.firstTop().mm())
                / 2
                * planned.high().mm()
                * blend.start().mm()
                * 2
                / 1000;
        assertThat(planned.firstMass().g()).isCloseTo(first, within(1e-9 * first));
        Mass both = planned.firstMass().plus(planned.secondMass());
        assertThat(blend.ofMass(both).length().mm()).isCloseTo(blend.length().mm(), within(1e-6));
        assertThat(blend.second(0)).isZero();
        assertThat(blend.second(wide)).isEqualTo(1);
        double from = random.nextDouble(0, wide / 2);
        double to = from + random.nextDouble(1, wide / 2);
        int cuts = 20_000;
        double mean = IntStream.range(0, cuts)
                        .mapToDouble(i -> blend.second(from + (to - from) * (i + 0.5) / cuts))
                        .sum()
                / cuts;
        assertThat(blend.second(from, to)).isCloseTo(mean, within(1e-6));
        assertThat(blend.second(0, wide)
                        * (planned.firstMass().g() + planned.secondMass().g()))
                .isCloseTo(planned.secondMass().g(), within(1e-6));
        // A number of folds, and the layers are a hundredth of a millimetre; one fewer, and they are not.
        assertThat(blend.start().mm() / Math.pow(2, planned.evenPasses())).isLessThanOrEqualTo(BlendPlanning.EVEN_MM);
        assertThat(blend.start().mm() / Math.pow(2, planned.evenPasses() - 1)).isGreaterThan(BlendPlanning.EVEN_MM);
    }

    @Test
    public void aBlendThatCannotBeIsRefused() {
        assertThat(Refusals.of(() -> new Blend(mm(50), mm(50), mm(2), mm(3), mm(30), mm(20), TWO, TWO))
                        .get(0)
                        .field())
                .isEqualTo("plainFirstMm");
        assertThat(Refusals.of(() -> new Blend(mm(50), mm(50), mm(3), mm(2), mm(0), mm(0), TWO, TWO))
                        .get(0)
                        .field())
                .isEqualTo("startMm");
    }

    private static Cane cane(SplittableRandom random) {
        List<Cane.Rods> rods = new ArrayList<>();
        for (int i = 0; i < random.nextInt(1, 5); i++) {
            rods.add(new Cane.Rods("rods " + i, random.nextInt(1, 12), mm(random.nextDouble(4, 14)), TWO));
        }
        List<Cane.Wrap> wraps = new ArrayList<>();
        for (int i = 0; i < random.nextInt(0, 3); i++) {
            wraps.add(new Cane.Wrap("wrap " + i, mm(random.nextDouble(0.5, 3)), TWO));
        }
        return new Cane(
                rods,
                wraps,
                mm(random.nextDouble(30, 120)),
                random.nextBoolean(),
                mm(random.nextDouble(2, 3.5)),
                mm(random.nextDouble(0, 30)),
                mm(random.nextDouble(0.5, 6)));
    }

    @Test(dataProvider = "lots")
    public void aCaneKeepsItsClayAndGivesTheSlicesThatFit(int seed) {
        Cane cane = cane(new SplittableRandom(seed));
        ReducedCane reduced = CaneReducing.reduce(cane);
        double packed = reduced.masses().stream().mapToDouble(Mass::g).sum() * 1000 / 2;
        double end = cane.square()
                ? cane.size().mm() * cane.size().mm()
                : Math.PI * cane.size().mm() * cane.size().mm() / 4;
        assertThat(end * reduced.reduced().mm()).isCloseTo(packed, within(1e-6 * packed));
        double used = reduced.slices() * cane.slice().mm();
        double usable = reduced.reduced().mm() - 2 * cane.endWaste().mm();
        assertThat(used).isLessThanOrEqualTo(Math.max(0, usable) + 1e-6);
        assertThat(used + cane.slice().mm()).isGreaterThan(usable);
        assertThat(reduced.covers()).isCloseTo(reduced.slices() * end, within(1e-6));
        // A log as long as is said for these slices gives them again.
        Length needed = reduced.lengthFor(reduced.slices());
        assertThat(needed.mm()).isLessThanOrEqualTo(cane.length().mm() + 1e-6);
    }

    /** The picture of a cut: as many rods as were packed, none in another, each touching, and not much room round them. */
    @Test(dataProvider = "lots")
    public void theRodsOfASectionLieBesideEachOther(int seed) {
        Cane cane = cane(new SplittableRandom(seed));
        CaneSection section = CaneSection.of(cane);
        List<CaneSection.Round> rods = section.rods();
        assertThat(rods).hasSize(cane.rods().stream().mapToInt(Cane.Rods::count).sum());
        for (int i = 0; i < rods.size(); i++) {
            CaneSection.Round one = rods.get(i);
            double nearest = Double.POSITIVE_INFINITY;
            for (int j = 0; j < rods.size(); j++) {
                CaneSection.Round other = rods.get(j);
                if (i != j) {
                    nearest = Math.min(
                            nearest,
                            Math.hypot(one.x() - other.x(), one.y() - other.y()) - one.radius() - other.radius());
                }
            }
            assertThat(nearest).isGreaterThan(-1e-5);
            assertThat(rods.size() == 1 || nearest < 1e-5).isTrue();
            assertThat(one.radius())
                    .isEqualTo(cane.rods().get(one.kind()).diameter().mm() / 2);
            assertThat(2 * (Math.hypot(one.x(), one.y()) + one.radius())).isLessThanOrEqualTo(section.across() + 1e-9);
        }
        double packed = CaneReducing.reduce(cane).packed().mm();
        assertThat(section.across()).isBetween(packed - 1e-9, 2.2 * packed);
    }

    @Test
    public void sevenRodsOfTenAreOneOfTwentySixAndThreeTenthsReduceToTen() {
        // √7·10 = 26.4575; to 10 mm the log of 50 becomes 50·7 = 350 mm; (350 − 2·25)/3 = 100 slices of 78.54 mm².
        Cane cane = new Cane(
                List.of(new Cane.Rods("seven", 7, mm(10), TWO)), List.of(), mm(50), false, mm(10), mm(25), mm(3));
        ReducedCane reduced = CaneReducing.reduce(cane);
        assertThat(reduced.packed().mm()).isCloseTo(26.4575, within(1e-4));
        assertThat(reduced.reduced().mm()).isCloseTo(350, within(1e-9));
        assertThat(reduced.slices()).isEqualTo(100);
        assertThat(reduced.covers()).isCloseTo(7853.98, within(0.01));
        assertThat(reduced.wasted()).isCloseTo(50.0 / 350, within(1e-12));
        assertThat(reduced.lengthFor(100).mm()).isCloseTo(50, within(1e-9));
        Cane wider = new Cane(cane.rods(), List.of(), mm(50), false, mm(27), mm(25), mm(3));
        assertThat(Refusals.of(() -> CaneReducing.reduce(wider)).get(0).field()).isEqualTo("sizeMm");
        assertThat(Refusals.of(() -> new Cane(List.of(), List.of(), mm(1), false, mm(1), mm(0), mm(99))))
                .extracting(w -> w.field())
                .containsExactly("lengthMm", "sizeMm", "sliceMm", "rods");
    }

    @Test
    public void cordFromABarrelIsAsLongAsItsClayAllows() {
        // Barrel 20 mm filled 100, 10 left: 90·100π mm³ of bore; a hole of 2 mm that swells 1.0: 90·(20/2)² = 9000 mm.
        Barrel barrel = new Barrel(mm(20), mm(100), mm(10));
        Die round = new Die(Die.Kind.ROUND, mm(2), mm(2), 3, 1);
        Extruded cord = Extruding.extrude(barrel, round, mm(20_000), TWO);
        assertThat(cord.perBarrel().mm()).isCloseTo(9000, within(1e-9));
        assertThat(cord.barrels()).isEqualTo(3);
        assertThat(cord.filling().g()).isCloseTo(Math.PI * 100 * 100 * 2 / 1000, within(1e-9));
        // A tenth thicker, a ninth tenth of a tenth shorter: 1/1.21.
        Die swollen = new Die(Die.Kind.ROUND, mm(2), mm(2), 3, 1.1);
        assertThat(Extruding.extrude(barrel, swollen, mm(20_000), TWO)
                        .perBarrel()
                        .mm())
                .isCloseTo(9000 / 1.21, within(1e-9));
        Die square = new Die(Die.Kind.SQUARE, mm(2), mm(2), 1, 1);
        Die slot = new Die(Die.Kind.SLOT, mm(1), mm(4), 1, 1);
        assertThat(Extruding.extrude(barrel, square, mm(10), TWO).perBarrel())
                .isEqualTo(Extruding.extrude(barrel, slot, mm(10), TWO).perBarrel());
        // Two full fillings and 2 m of 9 from the last: 10 mm left before the die, and 2/9 of the 90 mm that go
        // through.
        double perMm = Math.PI * 100 * 2 / 1000;
        assertThat(cord.lastFilling().g()).isCloseTo(perMm * (10 + 90 * 2.0 / 9), within(1e-9));
        assertThat(cord.mass().g()).isCloseTo(2 * perMm * 100 + perMm * 30, within(1e-9));
        for (Die wide : List.of(
                new Die(Die.Kind.ROUND, mm(21), mm(2), 1, 1),
                new Die(Die.Kind.SQUARE, mm(15), mm(2), 1, 1),
                new Die(Die.Kind.SLOT, mm(2), mm(20), 1, 1),
                new Die(Die.Kind.ROUND, mm(6), mm(6), 12, 1))) {
            assertThat(Refusals.of(() -> Extruding.extrude(barrel, wide, mm(10), TWO)))
                    .as(wide.toString())
                    .hasSize(1);
        }
        assertThat(Refusals.of(() -> new Barrel(mm(20), mm(40), mm(40))).get(0).field())
                .isEqualTo("residueMm");
        assertThat(Refusals.of(() -> new Die(Die.Kind.SLOT, mm(0.1), mm(99), 0, 2)))
                .extracting(w -> w.field())
                .containsExactly("dieMm", "slotMm", "holes", "swell");
    }
}
