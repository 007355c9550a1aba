package fairember.core.batch;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairember.core.Samples;
import fairember.core.colour.Srgb;
import fairember.core.design.DesignKind;
import fairember.core.design.DesignTemplates;
import fairember.core.design.FinishTest;
import fairember.core.design.MeasuredDesign;
import fairember.core.foilcore.FoilRoll;
import fairember.core.foilcore.PackedFoil;
import fairember.core.loadsearch.Effort;
import fairember.core.loadsearch.LoadPlanning;
import fairember.core.mix.MixWaste;
import fairember.core.quantity.Length;
import fairember.core.quantity.Mass;
import fairember.core.quantity.Money;
import fairember.core.quantity.Share;
import fairember.core.stock.Finding;
import fairember.core.stock.ShelfClay;
import fairember.core.stock.Supply;
import fairember.core.wire.Gauge;
import fairember.core.wire.Metal;
import fairember.core.wire.WireCoil;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.List;
import org.testng.annotations.Test;

/** One list for all batches: what to buy, and the last day on which it can be ordered. */
public class ShoppingTest {
    private static final MeasuredDesign SEAL = FinishTest.finished();
    private static final LocalDate MONDAY = LocalDate.of(2026, 3, 2);
    private static final Srgb GREY = new Srgb(90, 90, 90);

    private static List<Shopping.Line> list(int quantity, Finding pin, double keepG) {
        return list(quantity, SEAL, pin, keepG, List.of());
    }

    private static List<Shopping.Line> list(
            int quantity, MeasuredDesign design, Finding pin, double keepG, List<WireCoil> coils) {
        List<Job> jobs = List.of(new Job(new JobKey(1, 97), design, quantity));
        BatchSchedule schedule = BatchScheduling.schedule(
                jobs,
                Workshop.of(Samples.OVEN, WorkHours.daily(LocalTime.of(9, 0), LocalTime.of(17, 0))),
                BatchScheduling.Start.at(LocalDateTime.of(MONDAY, LocalTime.of(9, 0))),
                problem -> LoadPlanning.plan(problem, Effort.RULES));
        List<Supply> supplies =
                SEAL.uses().stream().map(use -> use.supply()).distinct().toList();
        return Shopping.list(
                BatchNeeding.needs(jobs, MixWaste.ofHands(new Share(0.1))),
                schedule,
                new Shopping.Shelf(
                        List.of(clay(1, "White", keepG), clay(2, "Red", 0)),
                        List.of(Samples.WHITE, Samples.RED),
                        List.of(pin),
                        supplies,
                        coils,
                        FoilRoll.priceless(new Length(0.016), new Length(300), PackedFoil.USUAL),
                        Length.ZERO));
    }

    private static ShelfClay clay(long id, String name, double keepG) {
        ShelfClay plain = ShelfClay.unsold(name, 1, GREY, Mass.ZERO);
        return new ShelfClay(
                id,
                name,
                1,
                GREY,
                GREY,
                plain.opacity(),
                plain.strength(),
                plain.effect(),
                Mass.ZERO,
                List.of(),
                false,
                false,
                null,
                List.of(),
                null,
                plain.condition(),
                null,
                6,
                new Mass(keepG));
    }

    private static Finding pin(int onShelf, int keep) {
        return pin(onShelf, keep, 1);
    }

    private static Finding pin(int onShelf, int keep, int pack) {
        return new Finding(1, "Eye pin", new Money(10), onShelf, new Mass(0.5), 9, keep, pack);
    }

    /** Of 38 that are missing two packs of 25 are bought, and paid for whole. */
    @Test
    public void whatIsSoldInPacksIsBoughtInWholeOnes() {
        Shopping.Line pins = list(40, pin(5, 3, 25), 0).stream()
                .filter(line -> line.kind() == Shopping.Kind.FINDING)
                .findFirst()
                .orElseThrow();
        assertThat(pins.packs()).containsExactly(new Shopping.Pack(25, 2));
        assertThat(pins.cost()).isEqualTo(new Money(500));
        assertThat(list(2, pin(5, 3, 25), 0)).noneMatch(line -> line.kind() == Shopping.Kind.FINDING);
    }

    /** Forty seals want 40 pins: of 5 on the shelf 3 are to stay, so 38 are bought. Clay is wanted when the first step begins. */
    @Test
    public void whatIsMissingIsBoughtAndWhatIsToStayStays() {
        List<Shopping.Line> lines = list(40, pin(5, 3), 0);
        Shopping.Line pins = lines.stream()
                .filter(line -> line.kind() == Shopping.Kind.FINDING)
                .findFirst()
                .orElseThrow();
        assertThat(pins.packs()).containsExactly(new Shopping.Pack(1, 38));
        assertThat(pins.cost().minor()).isEqualTo(380);
        assertThat(pins.orderBy()).isEqualTo(pins.wantedOn().minusDays(9));
        Shopping.Line white = lines.stream()
                .filter(line -> line.name().equals("White"))
                .findFirst()
                .orElseThrow();
        assertThat(white.wantedOn()).isEqualTo(MONDAY);
        assertThat(white.orderBy()).isEqualTo(MONDAY.minusDays(6));
        double bought = white.packs().stream()
                .mapToDouble(pack -> pack.size() * pack.count())
                .sum();
        assertThat(bought + white.onShelf()).isGreaterThanOrEqualTo(white.needed() - 0.01);
    }

    @Test
    public void whatHasToBeOrderedFirstStandsFirstAndWhatNothingWaitsForLast() {
        List<LocalDate> days = list(40, pin(5, 0), 0).stream()
                .map(Shopping.Line::orderBy)
                .filter(day -> day != null)
                .toList();
        assertThat(days).isSorted().hasSizeGreaterThan(2);
        // Nothing is planned: only what the shelf is to keep is bought.
        assertThat(list(1, pin(50, 0), 0)).noneMatch(line -> line.kind() == Shopping.Kind.FINDING);
        Shopping.Line kept = list(1, pin(50, 0), 400).stream()
                .filter(line -> line.name().equals("White"))
                .findFirst()
                .orElseThrow();
        double bought = kept.packs().stream()
                .mapToDouble(pack -> pack.size() * pack.count())
                .sum();
        assertThat(bought + kept.onShelf() - kept.needed()).isGreaterThanOrEqualTo(400 - 0.01);
        assertThat(kept.cost().minor() / bought).isCloseTo(3, within(1.5));
    }

    /** Forty times 30 mm of steel wire is 1.2 m; the end of a coil shorter than a wire may be left, so a metre makes 0.97 sure. */
    @Test
    public void wireIsBoughtByTheCoilItWasBoughtAsAndFoilByTheRoll() {
        MeasuredDesign doll = Samples.measured(DesignTemplates.of(DesignKind.FIGURINE, Samples.CHALK.id()));
        WireCoil one = new WireCoil("Steel 1 mm", new Gauge(1), Metal.STEEL, new Length(1000), 1, new Money(200));
        WireCoil copper = new WireCoil("Copper 1 mm", new Gauge(1), Metal.COPPER, new Length(9000), 9, new Money(1));
        List<Shopping.Line> lines = list(40, doll, pin(0, 0), 0, List.of(copper, one));
        Shopping.Line wire = only(lines, Shopping.Kind.WIRE);
        assertThat(wire.name()).isEqualTo("Steel 1 mm");
        assertThat(wire.needed()).isCloseTo(1.2, within(1e-9));
        assertThat(wire.onShelf()).isEqualTo(1);
        assertThat(wire.packs()).containsExactly(new Shopping.Pack(1, 1));
        assertThat(wire.cost().minor()).isEqualTo(200);
        assertThat(wire.wantedOn()).isEqualTo(MONDAY);
        Shopping.Line foil = only(lines, Shopping.Kind.FOIL);
        assertThat(foil.needed()).isCloseTo(40 * doll.torn().mm() / 1000, within(1e-9));
        assertThat(foil.packs().get(0).count()).isEqualTo((int) Math.ceil(foil.needed()));
        WireCoil two = new WireCoil("Steel 1 mm", new Gauge(1), Metal.STEEL, new Length(1000), 2, new Money(200));
        assertThat(list(40, doll, pin(0, 0), 0, List.of(two))).noneMatch(line -> line.kind() == Shopping.Kind.WIRE);
        Shopping.Line unknown = only(list(40, doll, pin(0, 0), 0, List.of(copper)), Shopping.Kind.WIRE);
        assertThat(unknown.name()).isEqualTo("steel wire, 1 mm");
        assertThat(unknown.packs()).containsExactly(new Shopping.Pack(1, 2));
    }

    private static Shopping.Line only(List<Shopping.Line> lines, Shopping.Kind kind) {
        assertThat(lines).filteredOn(line -> line.kind() == kind).hasSize(1);
        return lines.stream().filter(line -> line.kind() == kind).findFirst().orElseThrow();
    }
}
