package fairember.app.shelf;

import fairember.app.keeping.Keeping;
import fairember.app.keeping.Kept;
import java.util.List;
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

/** What is on the shelf: lines, clays, bought parts and coils of wire. */
@RestController
@RequestMapping("/api/shelf")
class ShelfController {
    private final LineStore lines;
    private final ClayStore clays;
    private final BoughtStore bought;
    private final CoilStore coils;
    private final Keeping keeping;

    ShelfController(LineStore lines, ClayStore clays, BoughtStore bought, CoilStore coils, Keeping keeping) {
        this.lines = lines;
        this.clays = clays;
        this.bought = bought;
        this.coils = coils;
        this.keeping = keeping;
    }

    /** All of the shelf. */
    record ShelfView(
            List<ShelfLineView> lines,
            List<ShelfClayView> clays,
            List<ShelfBoughtView> bought,
            List<ShelfCoilView> coils) {}

    /** Coils with their number and edition. */
    record ShelfCoilView(long id, int edition, CoilForm coil) {}

    /** A line with its number and edition. */
    record ShelfLineView(long id, int edition, LineForm line) {}

    /** A clay with its number, its edition and all the grams there are of it. */
    record ShelfClayView(long id, int edition, double onShelfG, ClayForm clay) {}

    /** A bought part with its number and edition. */
    record ShelfBoughtView(long id, int edition, BoughtForm bought) {}

    /** The number of something new. */
    record AddedView(long id) {}

    @GetMapping
    ShelfView shelf() {
        return new ShelfView(
                lines.all().stream()
                        .map(h -> new ShelfLineView(h.id(), h.edition(), h.form()))
                        .toList(),
                clays.all().stream().map(ShelfController::clay).toList(),
                bought.all().stream()
                        .map(h -> new ShelfBoughtView(h.id(), h.edition(), h.form()))
                        .toList(),
                coils.all().stream()
                        .map(h -> new ShelfCoilView(h.id(), h.edition(), h.form()))
                        .toList());
    }

    private static ShelfClayView clay(Kept.Held<ClayForm> held) {
        ClayForm clay = held.form();
        double sealed =
                clay.blocks().stream().mapToDouble(b -> b.massG() * b.onShelf()).sum();
        return new ShelfClayView(held.id(), held.edition(), clay.openG() + sealed, clay);
    }

    @PostMapping("/lines")
    @ResponseStatus(HttpStatus.CREATED)
    AddedView addLine(@RequestBody LineForm form) {
        return new AddedView(keeping.add(lines, form));
    }

    @PutMapping("/lines/{id}")
    void replaceLine(@PathVariable long id, @RequestParam int edition, @RequestBody LineForm form) {
        keeping.replace(lines, id, edition, form);
    }

    @DeleteMapping("/lines/{id}")
    void removeLine(@PathVariable long id, @RequestParam int edition) {
        keeping.remove(lines, id, edition);
    }

    @PostMapping("/clays")
    @ResponseStatus(HttpStatus.CREATED)
    AddedView addClay(@RequestBody ClayForm form) {
        return new AddedView(keeping.add(clays, form));
    }

    @PutMapping("/clays/{id}")
    void replaceClay(@PathVariable long id, @RequestParam int edition, @RequestBody ClayForm form) {
        keeping.replace(clays, id, edition, form);
    }

    @DeleteMapping("/clays/{id}")
    void removeClay(@PathVariable long id, @RequestParam int edition) {
        keeping.remove(clays, id, edition);
    }

    @PostMapping("/bought")
    @ResponseStatus(HttpStatus.CREATED)
    AddedView addBought(@RequestBody BoughtForm form) {
        return new AddedView(keeping.add(bought, form));
    }

    @PutMapping("/bought/{id}")
    void replaceBought(@PathVariable long id, @RequestParam int edition, @RequestBody BoughtForm form) {
        keeping.replace(bought, id, edition, form);
    }

    @DeleteMapping("/bought/{id}")
    void removeBought(@PathVariable long id, @RequestParam int edition) {
        keeping.remove(bought, id, edition);
    }

    @PostMapping("/coils")
    @ResponseStatus(HttpStatus.CREATED)
    AddedView addCoil(@RequestBody CoilForm form) {
        return new AddedView(keeping.add(coils, form));
    }

    @PutMapping("/coils/{id}")
    void replaceCoil(@PathVariable long id, @RequestParam int edition, @RequestBody CoilForm form) {
        keeping.replace(coils, id, edition, form);
    }

    @DeleteMapping("/coils/{id}")
    void removeCoil(@PathVariable long id, @RequestParam int edition) {
        keeping.remove(coils, id, edition);
    }
}
