package fairember.app.journey;

import static org.assertj.core.api.Assertions.assertThat;

import org.openqa.selenium.By;
import org.testng.annotations.Test;

/** A first day with nothing: each empty place says what it will do and offers the one first step. */
public class EmptyStudioJourney extends Journey {
    @Override
    Studio studio() {
        return Studio.empty();
    }

    @Test
    public void fromABareShelfToABatchOnTheBench() {
        go("/bench");
        page.sees("The bench is clear");
        page.press("Put a batch on the bench");
        page.sees("No batches yet");
        page.press("Draw a design first");
        page.sees("No designs yet");
        page.press("Make a mix first");
        page.sees("No mixes yet");
        page.press("Add a clay to the shelf first");
        page.sees("The shelf is empty");
        page.press("Start with a clay range and its packet");
        page.press("Add a clay range");
        page.enter("Name of the clay range", "Grey firm");
        page.sees("Grey firm");
        page.press("Clays");
        page.press("New clay");
        page.enter("Name of the clay", "Grey clay");
        page.leaveTheField();
        page.keys("m");
        page.press("New mix");
        page.enter("Name of the mix", "Grey mix");
        page.leaveTheField();
        page.keys("d");
        page.press("New design");
        page.pick("ornament");
        page.enter("Name of the design", "Grey design");
        page.sees("46.4");
        page.leaveTheField();
        page.keys("t");
        page.press("New batch");
        page.press("Put on the bench");
        page.sees("on the bench");
        page.keys("b");
        page.sees("condition and mix");
        page.sees("Next load");
    }

    @Test(dependsOnMethods = "fromABareShelfToABatchOnTheBench")
    public void everyStepOfItCanBeUndoneOneByOne() {
        for (int i = 0;
                i < 30
                        && !page.all(By.xpath("//button[starts-with(., 'Undo') and not(@disabled)]"))
                                .isEmpty();
                i++) {
            String before = page.one(By.cssSelector("footer")).getText();
            page.keys("u");
            page.until(() -> !page.one(By.cssSelector("footer")).getText().equals(before));
        }
        page.keys("s");
        page.sees("The shelf is empty");
        assertThat(page.text()).doesNotContain("Grey firm");
    }
}
