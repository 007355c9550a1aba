package fairember.journey;

import static org.assertj.core.api.Assertions.assertThat;

import org.openqa.selenium.By;
import org.openqa.selenium.WebElement;
import org.testng.annotations.Test;

/** From parts to price, as a maker goes: a size, a mix, a batch, the worth; kept, undone, and there after a crash. */
public class MainJobJourney extends Journey {
    private String ledger(String part) {
        return page.row(part);
    }

    /** Tower: cut cone 30 to 20 by 54 with a core on a shell of 4.5; at 44 the core is 11.96 wide on top. */
    @Test
    public void aTowersHeightIsTypedAndEverythingFollows() {
        go("/designs/1");
        String before = ledger("Tower");
        String drawn = page.one(By.cssSelector("svg[role=img] > title")).getDomProperty("textContent");
        assertThat(drawn).contains("Lighthouse ornament, section through the middle");
        page.sees("Core Ø20.1 → 11.8 × 45.0");
        page.type("Tower, height, mm", "44");
        page.sees("→ 12.0 × 35.0");
        assertThat(ledger("Tower")).isNotEqualTo(before);
        page.sees("Tower height 54 to 44 mm");
        page.reload();
        assertThat(page.value("Tower, height, mm")).isEqualTo("44");
    }

    @Test(dependsOnMethods = "aTowersHeightIsTypedAndEverythingFollows")
    public void whatWasTypedIsThereAfterACrashAndCanStillBeUndone() {
        studio.restart();
        go("/designs/1");
        assertThat(page.value("Tower, height, mm")).isEqualTo("44");
        page.press("Undo");
        page.until(() -> page.value("Tower, height, mm").equals("54"));
        page.keys("U");
        page.until(() -> page.value("Tower, height, mm").equals("44"));
        page.press("Undo");
        page.until(() -> page.value("Tower, height, mm").equals("54"));
    }

    /** A ball of 20 mm of Chalk, density 1.78: π·20³/6·1.78/1000 = 7.46 g. */
    @Test(dependsOnMethods = "whatWasTypedIsThereAfterACrashAndCanStillBeUndone")
    public void aPartIsAddedShapedGivenACoreAndTakenOut() {
        go("/designs/1");
        page.press("Add a part");
        page.until(() -> page.all(By.cssSelector("tbody tr")).size() == 8);
        page.enter("Part 8, diameter, mm", "20");
        page.sees("7.5");
        page.choose("Shape", "block");
        page.sees("block");
        page.press("Remove this part");
        page.until(() -> page.all(By.cssSelector("tbody tr")).size() == 7);
    }

    /** Fog teal is 6 to 2 to a quarter: of 330 g, 240 of white. */
    @Test(dependsOnMethods = "aPartIsAddedShapedGivenACoreAndTakenOut")
    public void aMixGivesGramsOfEachClayAndItsColourFollowsTheParts() {
        go("/mixes/5");
        page.enter("Grams in the pieces, g", "330");
        page.until(() -> page.row("Chalk white").contains("259"));
        String colour = page.one(By.cssSelector("svg[role=img] > title")).getDomProperty("textContent");
        page.enter("Pitch black, parts, parts", "3");
        page.until(() -> !page.one(By.cssSelector("svg[role=img] > title"))
                .getDomProperty("textContent")
                .equals(colour));
        page.press("How this was worked out");
        page.sees("Grams of each clay and mix in Fog teal");
        page.press("Undo");
        page.until(() -> page.value("Pitch black, parts, parts").equals("0.25"));
    }

    /** Twice the flags: 40 fields and 40 rings, and more of every clay in them. */
    @Test(dependsOnMethods = "aMixGivesGramsOfEachClayAndItsColourFollowsTheParts")
    public void aBatchesQuantityChangesItsNeedsItsDaysAndItsPrice() {
        go("/batches/3/fit");
        assertThat(page.row("Jump ring 5 mm")).contains("52");
        go("/batches/3");
        page.enter("Signal-flag charm, how many", "40");
        page.sees("Signal-flag charm");
        page.sees("20 to 40");
        go("/batches/3/weigh-out");
        page.until(() -> page.row("Field").contains("40"));
        go("/batches/3/fit");
        assertThat(page.row("Jump ring 5 mm")).contains("72");
        go("/batches/3/mix");
        page.sees("Chalk white");
        go("/batches/3/oven");
        page.sees("Why these share a load");
        go("/batches/3/price");
        page.sees("Whole batch");
        page.press("Undo");
        page.leaves("20 to 40");
    }

    @Test(dependsOnMethods = "aBatchesQuantityChangesItsNeedsItsDaysAndItsPrice")
    public void priceIsALadderAndAPriceOfOnesOwnChangesWhatIsKept() {
        go("/price/1");
        page.sees("From clay to price");
        WebElement title = page.one(By.cssSelector("svg[role=img] > title"));
        assertThat(title.getDomProperty("textContent")).contains("one of 1 costs", "one of 24 costs");
        page.press(By.xpath("//label[contains(., 'Set my own price')]//button"));
        page.enter("My price", "21.5");
        page.until(() -> page.row("price").contains("€21.50"));
        page.sees("21.50");
        page.press(By.xpath("//label[contains(., 'Set my own price')]//button"));
        page.sees("Priced for a 45 % margin");
        page.until(() -> !page.row("price").contains("€21.50"));
    }
}
