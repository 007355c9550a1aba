package fairember.app.batch;

import fairember.app.daybook.DaybookLearning;
import fairember.app.document.SavedKind;
import fairember.app.settings.SettingsStore;
import fairember.app.shelf.ClayStore;
import fairember.app.shelf.CoilStore;
import fairember.app.shelf.FindingStore;
import fairember.app.shelf.SupplyStore;
import fairember.app.sparebox.SpareBoxStore;
import fairember.app.trialtile.ClayLearning;
import fairember.core.batch.Reserved;
import fairember.core.batch.Shopping;
import fairember.core.stock.ShelfClay;
import fairember.core.stock.StockClay;
import fairember.core.studio.Settings;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** What to order for all batches that are not finished. */
@RestController
class ShoppingController {
    private final Planning planning;
    private final SettingsStore settings;
    private final DaybookLearning learning;
    private final SpareBoxStore box;
    private final ClayStore clays;
    private final ClayLearning used;
    private final FindingStore findings;
    private final SupplyStore supplies;
    private final CoilStore coils;

    ShoppingController(
            Planning planning,
            SettingsStore settings,
            DaybookLearning learning,
            SpareBoxStore box,
            ClayStore clays,
            ClayLearning used,
            FindingStore findings,
            SupplyStore supplies,
            CoilStore coils) {
        this.planning = planning;
        this.settings = settings;
        this.learning = learning;
        this.box = box;
        this.clays = clays;
        this.used = used;
        this.findings = findings;
        this.supplies = supplies;
        this.coils = coils;
    }

    /** A number of packs of a size. */
    record PackView(double size, int count) {
        static PackView of(Shopping.Pack pack) {
            return new PackView(pack.size(), pack.count());
        }
    }

    /**
     * Something to order.
     *
     * @param orderBy last day on which it can be ordered in time; null when no batch waits for it
     * @param late whether that day has passed
     */
    record ShoppingLineView(
            Shopping.Kind kind,
            long id,
            String name,
            String unit,
            double needed,
            double onShelf,
            double keep,
            List<PackView> packs,
            long costMinor,
            @Nullable LocalDate wantedOn,
            int leadDays,
            @Nullable LocalDate orderBy,
            boolean late) {
        static ShoppingLineView of(Shopping.Line line, LocalDate today) {
            LocalDate orderBy = line.orderBy();
            return new ShoppingLineView(
                    line.kind(),
                    line.id(),
                    line.name(),
                    line.unit(),
                    line.needed(),
                    line.onShelf(),
                    line.keep(),
                    line.packs().stream().map(PackView::of).toList(),
                    line.cost().minor(),
                    line.wantedOn(),
                    line.leadDays(),
                    orderBy,
                    orderBy != null && orderBy.isBefore(today));
        }
    }

    /** The list, what has to be ordered first at its head. */
    record ShoppingView(List<ShoppingLineView> lines, long costMinor) {}

    @GetMapping("/api/shopping")
    ShoppingView shopping() {
        Planning.Open open = planning.open();
        Settings studio = settings.settings();
        BatchCosting costing = new BatchCosting(
                studio, planning.oven(), learning.learned(), box.saved().value());
        List<ShelfClay> written =
                clays.all().stream().map(SavedKind.Saved::value).toList();
        Map<Long, StockClay> known = used.clays();
        LocalDate today = planning.now().toLocalDate();
        List<ShoppingLineView> lines = Shopping.list(
                        costing.needs(open.jobs(), Reserved.NOTHING),
                        planning.schedule(open),
                        new Shopping.Shelf(
                                written,
                                written.stream()
                                        .map(clay -> Objects.requireNonNull(known.get(clay.id())))
                                        .toList(),
                                findings.findings(),
                                supplies.supplies(),
                                coils.coils(),
                                studio.roll(),
                                studio.foilLeft()))
                .stream()
                .map(line -> ShoppingLineView.of(line, today))
                .toList();
        return new ShoppingView(
                lines, lines.stream().mapToLong(ShoppingLineView::costMinor).sum());
    }
}
