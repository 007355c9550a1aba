package fairember.app.shelf;

import fairember.app.document.SavedKind;
import fairember.app.journal.Journal;
import fairember.core.colour.Srgb;
import fairember.core.quantity.Minutes;
import fairember.core.stock.ClayRange;
import fairember.core.stock.Finding;
import fairember.core.stock.ShelfClay;
import fairember.core.stock.Supply;
import fairember.core.wire.WireCoil;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What is on the shelf: ranges, clays, findings, coils of wire and supplies. */
@RestController
@RequestMapping("/api/shelf")
class ShelfController {
    private final RangeStore ranges;
    private final ClayStore clays;
    private final FindingStore findings;
    private final CoilStore coils;
    private final SupplyStore supplies;
    private final Journal journal;

    ShelfController(
            RangeStore ranges,
            ClayStore clays,
            FindingStore findings,
            CoilStore coils,
            SupplyStore supplies,
            Journal journal) {
        this.supplies = supplies;
        this.ranges = ranges;
        this.clays = clays;
        this.findings = findings;
        this.coils = coils;
        this.journal = journal;
    }

    /** All of the shelf. */
    record ShelfView(
            List<ShelfRangeView> ranges,
            List<ShelfClayView> clays,
            List<ShelfFindingView> findings,
            List<ShelfCoilView> coils,
            List<ShelfSupplyView> supplies) {}

    /**
     * A supply with its number and edition.
     *
     * @param hex colour of a thick coat, of a mixed one as it is predicted; absent when it has none
     */
    record ShelfSupplyView(
            long id, int edition, Supply supply, @Nullable String hex) {}

    /** Coils with their number and edition. */
    record ShelfCoilView(long id, int edition, WireCoil coil) {}

    /** A range with its number and edition. */
    record ShelfRangeView(long id, int edition, ClayRange range) {}

    /**
     * A clay with its number, its edition and all the grams there are of it.
     *
     * @param advice how to condition it; empty when it conditions well
     * @param more100Min minutes more for 100 g
     */
    record ShelfClayView(long id, int edition, double onShelfG, ShelfClay clay, String advice, double more100Min) {}

    /** A finding with its number and edition. */
    record ShelfFindingView(long id, int edition, Finding finding) {}

    /** The number of something new. */
    record AddedView(long id) {}

    @GetMapping
    ShelfView shelf() {
        return new ShelfView(
                ranges.all().stream()
                        .map(h -> new ShelfRangeView(h.id(), h.edition(), h.value()))
                        .toList(),
                clays.all().stream().map(ShelfController::clay).toList(),
                findings.all().stream()
                        .map(h -> new ShelfFindingView(h.id(), h.edition(), h.value()))
                        .toList(),
                coils.all().stream()
                        .map(h -> new ShelfCoilView(h.id(), h.edition(), h.value()))
                        .toList(),
                supplies.all().stream().map(this::supply).toList());
    }

    private ShelfSupplyView supply(SavedKind.Saved<Supply> saved) {
        return new ShelfSupplyView(
                saved.id(),
                saved.edition(),
                saved.value(),
                supplies.paint(saved.value()).thick().map(Srgb::hex).orElse(null));
    }

    private static ShelfClayView clay(SavedKind.Saved<ShelfClay> saved) {
        ShelfClay clay = saved.value();
        double sealed = clay.blocks().stream()
                .mapToDouble(b -> b.mass().g() * b.onShelf())
                .sum();
        Minutes own = clay.conditioning();
        return new ShelfClayView(
                saved.id(),
                saved.edition(),
                clay.open().g() + sealed,
                clay,
                clay.conditionNow().advice(),
                (own == null ? clay.conditionNow().each100() : own).min());
    }

    @PostMapping("/ranges")
    @ResponseStatus(HttpStatus.CREATED)
    AddedView addRange(@RequestBody ClayRange form) {
        return new AddedView(journal.add(ranges, form));
    }

    @PutMapping("/ranges/{id}")
    void replaceRange(@PathVariable long id, @RequestParam int edition, @RequestBody ClayRange form) {
        journal.replace(ranges, id, edition, form);
    }

    @DeleteMapping("/ranges/{id}")
    void removeRange(@PathVariable long id, @RequestParam int edition) {
        journal.remove(ranges, id, edition);
    }

    @PostMapping("/clays")
    @ResponseStatus(HttpStatus.CREATED)
    AddedView addClay(@RequestBody ShelfClay form) {
        return new AddedView(journal.add(clays, form));
    }

    @PutMapping("/clays/{id}")
    void replaceClay(@PathVariable long id, @RequestParam int edition, @RequestBody ShelfClay form) {
        journal.replace(clays, id, edition, form);
    }

    @DeleteMapping("/clays/{id}")
    void removeClay(@PathVariable long id, @RequestParam int edition) {
        journal.remove(clays, id, edition);
    }

    @PostMapping("/findings")
    @ResponseStatus(HttpStatus.CREATED)
    AddedView addFinding(@RequestBody Finding form) {
        return new AddedView(journal.add(findings, form));
    }

    @PutMapping("/findings/{id}")
    void replaceFinding(@PathVariable long id, @RequestParam int edition, @RequestBody Finding form) {
        journal.replace(findings, id, edition, form);
    }

    @DeleteMapping("/findings/{id}")
    void removeFinding(@PathVariable long id, @RequestParam int edition) {
        journal.remove(findings, id, edition);
    }

    @PostMapping("/supplies")
    @ResponseStatus(HttpStatus.CREATED)
    AddedView addSupply(@RequestBody Supply form) {
        return new AddedView(journal.add(supplies, form));
    }

    @PutMapping("/supplies/{id}")
    void replaceSupply(@PathVariable long id, @RequestParam int edition, @RequestBody Supply form) {
        journal.replace(supplies, id, edition, form);
    }

    @DeleteMapping("/supplies/{id}")
    void removeSupply(@PathVariable long id, @RequestParam int edition) {
        journal.remove(supplies, id, edition);
    }

    @PostMapping("/coils")
    @ResponseStatus(HttpStatus.CREATED)
    AddedView addCoil(@RequestBody WireCoil form) {
        return new AddedView(journal.add(coils, form));
    }

    @PutMapping("/coils/{id}")
    void replaceCoil(@PathVariable long id, @RequestParam int edition, @RequestBody WireCoil form) {
        journal.replace(coils, id, edition, form);
    }

    @DeleteMapping("/coils/{id}")
    void removeCoil(@PathVariable long id, @RequestParam int edition) {
        journal.remove(coils, id, edition);
    }
}
