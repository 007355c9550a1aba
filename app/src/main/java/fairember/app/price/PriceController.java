package fairember.app.price;

import static fairember.app.web.Given.given;

import fairember.app.daybook.DaybookLearning;
import fairember.app.design.DesignStore;
import fairember.app.journal.MissingException;
import fairember.app.oven.OvenStore;
import fairember.core.daybook.Learned;
import fairember.core.design.MeasuredDesign;
import fairember.core.input.InvalidInputException;
import fairember.core.price.DesignCosting;
import fairember.core.studio.Settings;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Cost and price of designs. */
@RestController
@RequestMapping("/api/price")
class PriceController {
    private static final int MOST_BATCHES = 12;

    private final DesignStore designs;
    private final OvenStore ovens;
    private final DaybookLearning learning;

    PriceController(DesignStore designs, OvenStore ovens, DaybookLearning learning) {
        this.learning = learning;
        this.designs = designs;
        this.ovens = ovens;
    }

    /** The same design in batches of several sizes. */
    record PriceView(long designId, String name, List<CostView> batches) {}

    @GetMapping("/{designId}")
    PriceView price(
            @PathVariable long designId, @RequestParam(defaultValue = "1,6,12,24") List<@Nullable Integer> quantities) {
        List<Integer> sizes = new ArrayList<>();
        for (int i = 0; i < quantities.size(); i++) {
            sizes.add(given("quantities[" + i + "]", quantities.get(i)));
        }
        if (sizes.isEmpty() || sizes.size() > MOST_BATCHES) {
            throw new InvalidInputException(
                    "quantities", sizes.size() + " batches", "1 to " + MOST_BATCHES, "Choose fewer batch sizes.");
        }
        if (designs.find(designId).isEmpty()) {
            throw new MissingException("design", designId);
        }
        DesignStore.Measuring measuring = designs.measuring();
        MeasuredDesign design = measuring.of(designId);
        Settings settings = measuring.settings();
        Learned learned = learning.learned();
        return new PriceView(
                designId,
                design.design().name(),
                sizes.stream()
                        .map(n -> CostView.of(DesignCosting.cost(
                                design, n, settings.rates(), settings.roll(), ovens.first(), learned)))
                        .toList());
    }
}
