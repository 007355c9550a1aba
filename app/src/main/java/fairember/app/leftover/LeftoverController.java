package fairember.app.leftover;

import fairember.app.journal.Journal;
import fairember.app.mix.MixStore;
import fairember.app.shelf.ClayStore;
import fairember.app.trialtile.ClayLearning;
import fairember.core.colour.MixedColour;
import fairember.core.colour.PartsOfClay;
import fairember.core.colour.Srgb;
import fairember.core.document.Name;
import fairember.core.input.InvalidInputException;
import fairember.core.input.Span;
import fairember.core.mix.Leftovers;
import fairember.core.mix.Lump;
import fairember.core.mix.MeasuredMix;
import fairember.core.mix.Mix;
import fairember.core.mix.MixMeasuring;
import fairember.core.mix.MixRecipe;
import fairember.core.mix.MixUnit;
import fairember.core.quantity.Mass;
import fairember.core.quantity.Shares;
import fairember.core.stock.ShelfClay;
import fairember.core.stock.StockClay;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The box of leftovers. */
@RestController
@RequestMapping("/api/leftovers")
class LeftoverController {
    private final LeftoverStore store;
    private final ClayStore shelf;
    private final MixStore mixes;
    private final ClayLearning clays;
    private final Journal journal;

    LeftoverController(LeftoverStore store, ClayStore shelf, MixStore mixes, ClayLearning clays, Journal journal) {
        this.store = store;
        this.shelf = shelf;
        this.mixes = mixes;
        this.clays = clays;
        this.journal = journal;
    }

    /** The clays of a lump by name, with their share of it. */
    record LumpClayView(long clayId, String name, double percent, double tenthsPercent) {}

    /** A lump with its predicted colour and its composition. */
    record LumpView(Leftovers.LeftoverLump lump, String rawHex, String curedHex, List<LumpClayView> clays) {
        static LumpView of(Leftovers.LeftoverLump form, Map<Long, StockClay> clays) {
            MeasuredMix mix = MixMeasuring.measure(form.of(clays).mix(), new Mass(1));
            MixedColour colour = mix.colour();
            return new LumpView(
                    form, colour.raw().srgb().hex(), colour.cured().srgb().hex(), shares(mix.portions()));
        }
    }

    private static List<LumpClayView> shares(List<MeasuredMix.ClayPortion> portions) {
        List<Double> grams = portions.stream().map(p -> p.mass().g()).toList();
        double all = grams.stream().mapToDouble(Double::doubleValue).sum();
        List<Double> tenths = Shares.percent(grams);
        return IntStream.range(0, grams.size())
                .mapToObj(i -> new LumpClayView(
                        portions.get(i).clay().id(),
                        portions.get(i).clay().name(),
                        100 * grams.get(i) / all,
                        tenths.get(i)))
                .toList();
    }

    /** All of the box. */
    record LeftoversView(int edition, double allG, List<LumpView> lumps) {}

    @GetMapping
    LeftoversView leftovers() {
        var saved = store.saved();
        Map<Long, StockClay> known = clays.clays();
        return new LeftoversView(
                saved.edition(),
                saved.value().lumps().stream()
                        .mapToDouble(lump -> lump.mass().g())
                        .sum(),
                saved.value().lumps().stream()
                        .map(lump -> LumpView.of(lump, known))
                        .toList());
    }

    @PutMapping
    LeftoversView replace(@RequestParam int edition, @RequestBody Leftovers form) {
        journal.replace(store, LeftoverStore.ID, edition, form);
        return leftovers();
    }

    /** A lump of which nobody knows what it is made of: its colour, and the range it is baked like. */
    record UnknownLumpForm(@Name String name, long rangeId, Srgb hex, Mass open) {
        static final Span OPEN = StockClay.OPEN;

        ShelfClay clay() {
            return ShelfClay.unsold(name, rangeId, hex, open);
        }
    }

    /** The clay that the lump has become, which is not sold, and the mix of it alone. */
    record AddedLumpView(long clayId, long mixId) {}

    /** A lump without a recipe becomes a clay of its own and a mix of it, in one step. */
    @PostMapping("/unknown")
    @ResponseStatus(HttpStatus.CREATED)
    AddedLumpView addUnknown(@RequestBody UnknownLumpForm form) {
        ShelfClay clay = form.clay();
        return journal.together(() -> {
            long clayId = journal.add(shelf, clay);
            MixRecipe.RecipeLine all = new MixRecipe.RecipeLine(clayId, null, 1);
            long mixId =
                    journal.add(mixes, new MixRecipe(0, clay.name(), List.of(all), MixUnit.PARTS, List.of(), false));
            journal.call("added " + shelf.nameOf(clay));
            return new AddedLumpView(clayId, mixId);
        });
    }

    /** Lumps to knead together, by their place in the box, and what that is called. */
    record MergeForm(@Name String name, LocalDate madeOn, List<LumpTakeForm> takes) {}

    /** A number of grams of the lump at a place. */
    record LumpTakeForm(int lump, Mass mass) {}

    /** Kneads lumps together: the new one comes first, what is left of the others stays. */
    @PostMapping("/merge")
    LeftoversView merge(@RequestParam int edition, @RequestBody MergeForm form) {
        journal.together(() -> {
            journal.replace(store, LeftoverStore.ID, edition, merged(edition, form));
            return form.name();
        });
        return leftovers();
    }

    private Leftovers merged(int edition, MergeForm form) {
        List<LumpTakeForm> takes = form.takes();
        List<Leftovers.LeftoverLump> box =
                journal.current(store, LeftoverStore.ID, edition).value().lumps();
        List<Lump> lumps = store.lumps();
        Set<Integer> once = new HashSet<>();
        List<Lump.Taken> taken = new ArrayList<>();
        for (int i = 0; i < takes.size(); i++) {
            LumpTakeForm take = takes.get(i);
            if (take.lump() < 0 || take.lump() >= lumps.size() || !once.add(take.lump())) {
                throw new InvalidInputException(
                        "takes[" + i + "].lump",
                        "lump " + (take.lump() + 1),
                        "each of the " + lumps.size() + " lumps at most once",
                        "Choose lumps from the box.");
            }
            taken.add(new Lump.Taken(lumps.get(take.lump()), take.mass()));
        }
        Lump merged = Lump.merge(form.name(), taken);
        List<Leftovers.LeftoverLump> left = new ArrayList<>();
        left.add(new Leftovers.LeftoverLump(form.name(), form.madeOn(), merged.mass(), null, parts(merged.mix())));
        for (int i = 0; i < box.size(); i++) {
            int place = i;
            double gone = takes.stream()
                    .filter(take -> take.lump() == place)
                    .mapToDouble(take -> take.mass().g())
                    .sum();
            Leftovers.LeftoverLump lump = box.get(i);
            double rest = lump.mass().g() - gone;
            if (rest >= Lump.MASS.low()) {
                left.add(new Leftovers.LeftoverLump(
                        lump.name(), lump.madeOn(), new Mass(rest), lump.mixId(), lump.parts()));
            }
        }
        return new Leftovers(left);
    }

    private static List<PartsOfClay> parts(Mix mix) {
        return mix.clays().stream()
                .map(c -> new PartsOfClay(c.clay().id(), c.parts()))
                .toList();
    }
}
