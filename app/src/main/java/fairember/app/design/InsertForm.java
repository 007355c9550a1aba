package fairember.app.design;

import static fairember.app.web.Given.given;
import static fairember.app.web.Given.or;

import fairember.core.design.Insert;
import fairember.core.foilcore.Sleeve;
import fairember.core.input.Gathering;
import fairember.core.quantity.Length;
import fairember.core.quantity.Mass;
import fairember.core.quantity.Temperature;
import org.jspecify.annotations.Nullable;

/** Something upright that a design is built on or round; no ceiling means that it takes what the clay takes. */
public record InsertForm(
        String name,
        double thickMm,
        double lengthMm,
        double coveredMm,
        double massG,
        boolean stays,
        @Nullable Double ceilingC,
        @Nullable String contents,
        int turns,
        double sheetMm,
        double seamMm,
        double acrossMm,
        double upMm) {

    Insert parse() {
        Gathering g = new Gathering();
        g.at("", () -> Sleeve.ACROSS.check(thickMm));
        g.at("", () -> Insert.LENGTH.check(lengthMm));
        g.at("", () -> Sleeve.COVERED.check(coveredMm));
        g.at("", () -> Insert.MASS.check(massG));
        g.at("", () -> Sleeve.TURNS.check(turns));
        g.at("", () -> Sleeve.THICKNESS.check(sheetMm));
        g.at("", () -> Sleeve.SEAM.check(seamMm));
        Double ceiling = ceilingC;
        if (ceiling != null) {
            g.at("", () -> Insert.CEILING.check(ceiling));
        }
        g.orRefuse();
        return new Insert(
                given("name", name),
                new Length(thickMm),
                new Length(lengthMm),
                new Length(coveredMm),
                new Mass(massG),
                stays,
                ceiling == null ? null : new Temperature(ceiling),
                or(contents, ""),
                turns,
                new Length(sheetMm),
                new Length(seamMm),
                acrossMm,
                upMm);
    }

    static InsertForm of(Insert i) {
        Temperature ceiling = i.ceiling();
        return new InsertForm(
                i.name(),
                i.across().mm(),
                i.length().mm(),
                i.covered().mm(),
                i.mass().g(),
                i.stays(),
                ceiling == null ? null : ceiling.c(),
                i.contents(),
                i.turns(),
                i.sheet().mm(),
                i.seam().mm(),
                i.acrossMm(),
                i.upMm());
    }
}
