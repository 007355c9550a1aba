package fairember.app.mix;

import fairember.app.journal.Journal;
import fairember.app.journal.MissingException;
import fairember.app.settings.SettingsStore;
import fairember.app.trialtile.ClayLearning;
import fairember.core.colour.Colorant;
import fairember.core.colour.MixedColour;
import fairember.core.colour.Srgb;
import fairember.core.colourcalibration.LearnedClays;
import fairember.core.input.Gathering;
import fairember.core.mix.Mix;
import fairember.core.mix.MixMeasuring;
import fairember.core.mix.MixRecipe;
import fairember.core.mix.MixUnit;
import fairember.core.mix.MixWaste;
import fairember.core.mix.RecipeBook;
import fairember.core.quantity.Length;
import fairember.core.quantity.Mass;
import java.util.List;
import java.util.stream.IntStream;
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

/** The studio's mixes. */
@RestController
@RequestMapping("/api/mixes")
class MixController {
    private final MixStore store;
    private final ClayLearning clays;
    private final SettingsStore settings;
    private final Journal journal;

    MixController(MixStore store, ClayLearning clays, SettingsStore settings, Journal journal) {
        this.store = store;
        this.clays = clays;
        this.settings = settings;
        this.journal = journal;
    }

    /** A mix with its number and edition, measured for a wanted mass. */
    record MixView(long id, int edition, MixRecipe mix, MeasuredMixView measured) {}

    /** The number of a new mix. */
    record AddedMixView(long id) {}

    /** All mixes, each measured for grams that are to end up in designs. */
    @GetMapping
    List<MixView> mixes(@RequestParam(defaultValue = "100") double wantedG) {
        RecipeBook book = store.book();
        LearnedClays learned = clays.learned();
        MixWaste waste = settings.settings().mixWaste();
        return store.all().stream()
                .map(h -> new MixView(
                        h.id(), h.edition(), h.value(), measured(book.mix(h.value()), learned, waste, wantedG)))
                .toList();
    }

    @GetMapping("/{id}")
    MixView mix(@PathVariable long id, @RequestParam(defaultValue = "100") double wantedG) {
        return store.find(id)
                .map(h -> new MixView(h.id(), h.edition(), h.value(), measured(id, h.value(), wantedG)))
                .orElseThrow(() -> new MissingException("mix", id));
    }

    /** Measures a mix that is being typed for grams that are to end up in designs; nothing is saved. */
    @PostMapping("/measure")
    MeasuredMixView measure(
            @RequestParam double wantedG, @RequestParam(defaultValue = "0") long id, @RequestBody MixRecipe form) {
        return measured(id, form, wantedG);
    }

    /** Rounds a mix that is being typed to what can be measured out, for grams that are to end up in designs. */
    @PostMapping("/weigh")
    WeighedView weigh(
            @RequestParam double wantedG, @RequestParam(defaultValue = "0") long id, @RequestBody MixRecipe form) {
        Mass net = new Mass(MixMeasuring.WANTED.check(wantedG));
        return WeighedView.of(
                store.book().mix(form.under(id)), net, settings.settings().mixWaste());
    }

    /** How a coat or a thin sheet of a mix looks over something, raw and cured, and how well it hides, 0 to 1. */
    record CoatView(String rawHex, String curedHex, double cover) {}

    /** A coat of a mix that is being typed; nothing is saved. */
    @PostMapping("/coat")
    CoatView coat(
            @RequestParam double thickMm,
            @RequestParam String backingHex,
            @RequestParam(defaultValue = "0") long id,
            @RequestBody MixRecipe form) {
        Gathering g = new Gathering();
        g.within(Colorant.SHEET, thickMm);
        var backing = g.at("", () -> Srgb.parse("backingHex", backingHex));
        var mix = g.at("", () -> store.book().mix(form.under(id)));
        g.orRefuse();
        MixedColour colour =
                MixMeasuring.measure(mix.orElseThrow(), new Mass(1)).colour();
        Length thick = new Length(thickMm);
        return new CoatView(
                colour.raw().colorant().over(backing.orElseThrow(), thick).hex(),
                colour.cured().colorant().over(backing.orElseThrow(), thick).hex(),
                colour.cured().colorant().cover(thick));
    }

    /** The same recipe counted in another unit: in grams and drops, those to mix for what ends up in designs; nothing is saved. */
    @PostMapping("/restate")
    MixRecipe restate(
            @RequestParam MixUnit unit,
            @RequestParam double wantedG,
            @RequestParam(defaultValue = "0") long id,
            @RequestBody MixRecipe form) {
        Mix mix = store.book().mix(form.under(id));
        Mass wanted = settings.settings().mixWaste().toMix(new Mass(MixMeasuring.WANTED.check(wantedG)));
        if (form.worked() != null) {
            return form.under(id);
        }
        double clayG = MixMeasuring.measure(mix, wanted).lines().stream()
                .mapToDouble(line -> line.mass().g())
                .sum();
        List<Double> counted = unit.counted(
                mix.ingredients().stream().map(Mix.Ingredient::parts).toList(),
                clayG,
                mix.ingredients().stream().map(RecipeBook::drop).toList());
        List<MixRecipe.RecipeLine> parts = IntStream.range(0, counted.size())
                .mapToObj(i -> new MixRecipe.RecipeLine(
                        form.parts().get(i).clayId(), form.parts().get(i).mixId(), counted.get(i)))
                .toList();
        return new MixRecipe(id, form.name(), parts, unit, form.inclusions(), form.retired());
    }

    private MeasuredMixView measured(long id, MixRecipe form, double wantedG) {
        return measured(
                store.book().mix(form.under(id)),
                clays.learned(),
                settings.settings().mixWaste(),
                wantedG);
    }

    private static MeasuredMixView measured(Mix mix, LearnedClays learned, MixWaste waste, double wantedG) {
        Mass net = new Mass(MixMeasuring.WANTED.check(wantedG));
        return MeasuredMixView.of(mix, net, waste, learned);
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    AddedMixView add(@RequestBody MixRecipe form) {
        return new AddedMixView(journal.add(store, form));
    }

    @PutMapping("/{id}")
    MixView replace(@PathVariable long id, @RequestParam int edition, @RequestBody MixRecipe form) {
        journal.replace(store, id, edition, form);
        return mix(id, 100);
    }

    @DeleteMapping("/{id}")
    void remove(@PathVariable long id, @RequestParam int edition) {
        journal.remove(store, id, edition);
    }
}
