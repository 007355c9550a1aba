package fairember.app.mix;

import static fairember.app.web.Given.all;
import static fairember.app.web.Given.given;
import static fairember.app.web.Given.or;

import fairember.core.input.Gathering;
import fairember.core.input.InputError;
import fairember.core.input.InvalidInputException;
import fairember.core.input.Words;
import fairember.core.mix.Inclusion;
import fairember.core.mix.Mix;
import fairember.core.mix.MixUnit;
import fairember.core.quantity.Money;
import fairember.core.quantity.Share;
import fairember.core.stock.StockClay;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;

/**
 * Makes mixes of forms, with the clays and the mixes they hold.
 *
 * @param clays of the shelf, by number
 * @param forms of all mixes, by number
 */
public record MixBook(Map<Long, StockClay> clays, Map<Long, MixForm> forms) {
    /** Deeper than this nobody mixes. */
    private static final int MOST_DEEP = 5;

    /** The mix as the core takes it; refused with everything that is wrong, a mix that would hold itself among it. */
    public Mix parse(long id, MixForm form) {
        return parse(id, form, List.of());
    }

    private Mix parse(long id, MixForm form, List<Long> holders) {
        Gathering g = new Gathering();
        g.at("", () -> Words.name("name", given("name", form.name())));
        MixUnit unit = or(form.unit(), MixUnit.PARTS);
        List<Long> inside = new ArrayList<>(holders);
        inside.add(id);
        var given = g.at("", () -> all("parts", form.parts()));
        List<Supplier<Mix.Ingredient>> suppliers = given.orElse(List.of()).stream()
                .<Supplier<Mix.Ingredient>>map(part -> () -> ingredient(part, unit, inside))
                .toList();
        List<Mix.Ingredient> ingredients = g.all("parts", suppliers);
        var forms = g.at("", () -> all("inclusions", or(form.inclusions(), List.<MixForm.InclusionForm>of())));
        List<Supplier<Inclusion>> sprinkled = forms.orElse(List.of()).stream()
                .<Supplier<Inclusion>>map(inclusion -> () -> inclusion(inclusion))
                .toList();
        List<Inclusion> inclusions = g.all("inclusions", sprinkled);
        g.orRefuse();
        return new Mix(id, form.name(), ingredients, inclusions);
    }

    private Mix.Ingredient ingredient(MixForm.MixPartForm part, MixUnit unit, List<Long> inside) {
        Long mixId = part.mixId();
        if (mixId != null) {
            if (part.clayId() != null) {
                throw new InvalidInputException(
                        "mixId", "a clay and a mix", "one of them", "Put the mix on its own line.");
            }
            Mix inner = inner(mixId, inside);
            return Mix.Ingredient.of(inner, weight(part.parts(), unit, drop(inner)));
        }
        Long clayId = part.clayId();
        StockClay clay = clayId == null ? null : clays.get(clayId);
        if (clay == null) {
            throw new InvalidInputException("clayId", "clay " + clayId, "a clay on the shelf", "Choose a clay.");
        }
        return Mix.Ingredient.of(clay, weight(part.parts(), unit, clay.drop().g()));
    }

    private Mix inner(long mixId, List<Long> inside) {
        MixForm form = forms.get(mixId);
        if (form == null) {
            throw new InvalidInputException("mixId", "mix " + mixId, "a mix of the studio", "Choose a mix.");
        }
        if (inside.contains(mixId)) {
            throw new InvalidInputException(
                    "mixId",
                    form.name() + ", which would contain itself",
                    "mixes that do not contain this one",
                    "Remove it here, or remove this mix from " + form.name() + ".");
        }
        if (inside.size() >= MOST_DEEP) {
            throw new InvalidInputException(
                    "mixId",
                    form.name() + ", " + (inside.size() + 1) + " mixes deep",
                    "mixes up to " + MOST_DEEP + " deep",
                    "Use its clays instead.");
        }
        try {
            return parse(mixId, form, inside);
        } catch (InvalidInputException deeper) {
            // What stands in the way is further in: it is given at the line that leads there.
            InputError first = deeper.errors().get(0);
            throw new InvalidInputException("mixId", first.found(), first.allowed(), first.fix());
        }
    }

    private static double weight(double parts, MixUnit unit, double dropG) {
        return unit == MixUnit.DROPS ? parts * dropG : parts;
    }

    /** Grams of a drop of something mixed. */
    static double drop(Mix mix) {
        return mix.clays().stream()
                .mapToDouble(c -> c.clay().drop().g() * c.parts() / mix.allParts())
                .sum();
    }

    /** Grams of a drop of a line. */
    static double drop(Mix.Ingredient ingredient) {
        return ingredient instanceof Mix.OfClay of ? of.clay().drop().g() : drop(((Mix.OfMix) ingredient).mix());
    }

    private static Inclusion inclusion(MixForm.InclusionForm form) {
        Inclusion.PERCENT.check(form.percent());
        return new Inclusion(
                given("name", form.name()),
                Share.ofPercent(form.percent()),
                given("effect", form.effect()),
                new Money(form.priceMinor()));
    }
}
