package fairember.app.shelf;

import static fairember.app.web.Given.given;

import fairember.core.quantity.Mass;
import fairember.core.quantity.Money;
import fairember.core.stock.Finding;

/** A finding on the shelf. */
public record FindingForm(String name, long priceMinor, int onShelf, double massG) {
    /** The part as the core takes it; refused when something is wrong. */
    public Finding parse(long id) {
        return new Finding(
                id, given("name", name), new Money(priceMinor), onShelf, new Mass(Finding.MASS.check(massG)));
    }
}
