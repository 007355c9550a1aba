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
    public void fromABareShelfToARunOnTheBench() {
        go("/bench");
        page.sees("The bench is clear");
        page.press("Put a run on the bench");
        page.sees("Nothing is planned yet");
        page.press("Draw a piece first");
        page.sees("Nothing is drawn yet");
        page.press("Make a mix first");
        page.sees("No mix has a recipe yet");
        page.press("Put a clay on the shelf first");
        page.sees("The shelf is bare");
        page.press("Begin with a line and what its packet says");
        page.press("Add a line");
        page.enter("Name of the line", "Grey firm");
        page.sees("Grey firm");
        page.press("Clays");
        page.press("New clay");
        page.until(() ->
                page.all(By.cssSelector("input[aria-label='Name of the clay']")).size() == 1);
        page.keys("m");
        page.press("New mix");
        page.until(() ->
                page.all(By.cssSelector("input[aria-label='Name of the mix']")).size() == 1);
        page.keys("p");
        page.press("New piece");
        page.pick("ornament");
        page.until(() -> page.all(By.cssSelector("input[aria-label='Name of the piece']"))
                        .size()
                == 1);
        page.sees("46.4");
        page.keys("r");
        page.press("New run");
        page.press("Put on the bench");
        page.sees("on the bench");
        page.keys("b");
        page.sees("condition and mix");
        page.sees("Next load");
    }

    @Test(dependsOnMethods = "fromABareShelfToARunOnTheBench")
    public void everyStepOfItCanBeUndoneOneByOne() {
        for (int i = 0;
                i < 20
                        && !page.all(By.xpath("//button[starts-with(., 'Undo') and not(@disabled)]"))
                                .isEmpty();
                i++) {
            String before = page.one(By.cssSelector("footer")).getText();
            page.keys("u");
            page.until(() -> !page.one(By.cssSelector("footer")).getText().equals(before));
        }
        page.keys("s");
        page.sees("The shelf is bare");
        assertThat(page.text()).doesNotContain("Grey firm");
    }
}
