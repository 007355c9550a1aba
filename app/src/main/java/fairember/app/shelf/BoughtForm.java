package fairember.app.shelf;

import static fairember.app.web.Given.given;

import fairember.core.measure.Mass;
import fairember.core.measure.Money;
import fairember.core.stock.BoughtPart;

/** A bought part on the shelf. */
public record BoughtForm(String name, long priceMinor, int onShelf, double massG) {
    /** The part as the core takes it; refused when something is wrong. */
    public BoughtPart parse(long id) {
        return new BoughtPart(
                id, given("name", name), new Money(priceMinor), onShelf, new Mass(BoughtPart.MASS.check(massG)));
    }
}
