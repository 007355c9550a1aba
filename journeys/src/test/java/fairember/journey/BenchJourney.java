package fairember.journey;

import static org.assertj.core.api.Assertions.assertThat;

import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.testng.annotations.Test;

/** At the bench with clay on the fingers: single keys and large targets; the checks before the oven. */
public class BenchJourney extends Journey {
    /** Of its own: it needs the load that is in the oven when the demo begins. */
    @Override
    Studio studio() {
        return Studio.demo();
    }

    @Test
    public void everyPlaceAndCountIsOneKeyAway() {
        go("/bench");
        page.sees("Towers over cores");
        String[][] jumps = {
            {"d", "Designs"},
            {"m", "Mixes"},
            {"t", "Batches"},
            {"o", "Oven"},
            {"p", "Price"},
            {"s", "Shelf"},
            {"y", "Daybook"},
            {"e", "Settings"},
            {"b", "Tidewrack Bench"}
        };
        for (String[] jump : jumps) {
            page.keys(jump[0]);
            page.until(() -> page.one(By.tagName("h1")).getText().equals(jump[1]));
        }
        page.sees("Done 7 of 12");
        page.keys(".");
        page.sees("Done 8 of 12");
        page.keys("x");
        page.sees("Lost 1");
        page.keys("u");
        page.sees("Lost 0");
        page.keys("u");
        page.sees("Done 7 of 12");
        page.keys(" ");
        page.sees("Stop timer");
        page.keys(" ");
        page.sees("Start timer");
    }

    @Test(dependsOnMethods = "everyPlaceAndCountIsOneKeyAway")
    public void anythingIsFoundByItsNameWithTheKeysAlone() {
        page.keys("/");
        page.keysOn(By.cssSelector("[role=dialog] input"), "second");
        page.sees("Second seals");
        page.keysOn(By.cssSelector("[role=dialog] input"), Keys.ENTER);
        page.until(() -> page.driver().getCurrentUrl().endsWith("/batches/5"));
        page.keys("?");
        page.sees("start or stop the job timer");
        page.keys(Keys.ESCAPE);
        page.leaves("start or stop the job timer");
    }

    @Test(dependsOnMethods = "anythingIsFoundByItsNameWithTheKeysAlone")
    public void aNumberIsChangedWithTheArrowsAndKeptWithEnter() {
        go("/designs/3");
        // In one breath: on a slow machine a pause between them is a change of its own.
        page.field("Field, width, mm").sendKeys(Keys.ARROW_UP, Keys.chord(Keys.SHIFT, Keys.ARROW_UP), Keys.ENTER);
        page.sees("Field width 24 to 35 mm");
        page.press("Undo");
        page.until(() -> page.value("Field, width, mm").equals("24"));
    }

    @Test(dependsOnMethods = "aNumberIsChangedWithTheArrowsAndKeptWithEnter")
    public void aLoadGoesInOnlyWhenTheOvenIsEmptyAndTheChecksIsTicked() {
        go("/oven");
        page.sees("In the oven now");
        page.press("Take out now");
        page.sees("This load is not done");
        page.isForEveryone();
        page.press("Leave it in");
        page.leaves("This load is not done");
        page.press("Take out now");
        page.press("Take out, count as baked");
        page.until(() -> page.all(By.cssSelector("section[aria-label='In the oven now']"))
                .isEmpty());
        go("/oven/planned/1");
        page.press("Start this load");
        page.press("Start now");
        page.sees("Not started.");
        page.sees("All of them are ready: log these steps as done");
        page.isForEveryone();
        page.press("Skip with a reason: Lighthouse ornament: Mark under the base");
        page.type("Reason to skip: Lighthouse ornament: Mark under the base", "no mark on these");
        By open = By.cssSelector("section[aria-label='Before this load goes in'] button[aria-checked=false]");
        while (!page.all(open).isEmpty()) {
            int left = page.all(open).size();
            page.press(page.all(open).get(0));
            page.until(() -> page.all(open).size() == left - 1);
        }
        page.press("Start now");
        page.sees("In the oven now");
        page.sees("to go");
        String spine = page.one(By.cssSelector("aside[aria-label=Oven]")).getText();
        assertThat(spine).contains("125°").contains("to go");
        page.sees("Skipped, because: no mark on these");
        page.press("Correct the counts");
        page.type("How many of Lighthouse ornament, whole, Harbour Light Fair", "11");
        page.press("Save counts");
        page.sees("11 Lighthouse ornament, whole");
    }
}
