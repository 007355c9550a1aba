package fairember.journey;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.testng.annotations.Test;

/** A first day with nothing: one page leads to a plan; each empty place says what it will do and offers the one first step. */
public class EmptyStudioJourney extends Journey {
    @Override
    Studio studio() {
        return Studio.empty();
    }

    @Test
    public void fromNothingToAPlanWhoseGuessesAreNamed() {
        page.open(studio.address() + "/");
        page.sees("A first plan");
        page.isForEveryone();
        page.press(By.xpath("//label[normalize-space(.)='figurine']"));
        page.until(() -> page.value("How high, mm").equals("58"));
        page.sees("Slipway firm: 125 to 135 °C, 15 min for each 6 mm");
        page.enter("How high, mm", "70");
        page.sees("one piece, 70");
        page.enter("How many", "20");
        page.sees("work");
        page.press("Keep this plan");
        page.until(() -> page.driver().getCurrentUrl().endsWith("/batches/1"));
        page.sees("Still a guess");
        page.sees("An hour of your work costs €16.00");
        page.press("It is right: price of an hour");
        page.leaves("An hour of your work costs €16.00");
        page.press("Enter your packet: what the packet says");
        page.enter("Slipway firm, minutes per 6 mm, min", "20");
        go("/batches/1");
        page.sees("Minutes of the steps");
        page.leaves("If your packet says");
        page.keys("b");
        page.sees("condition and mix");
        page.sees("Next load");
    }

    @Test(dependsOnMethods = "fromNothingToAPlanWhoseGuessesAreNamed")
    public void allOfItCanBeUndoneStepByStep() {
        page.sees("Slipway firm: for 6 mm");
        page.keys("u");
        page.leaves("Slipway firm: for 6 mm");
        page.keys("u");
        page.sees("began with New figurine");
        page.keys("u");
        page.leaves("began with New figurine");
        page.keys("s");
        page.sees("The shelf is empty");
        page.keys("b");
        page.press("Make a first plan");
        page.sees("What do you make?");
    }

    /** Every key from the first page to the plan on the bench, without the mouse. */
    @Test(dependsOnMethods = "allOfItCanBeUndoneStepByStep")
    public void aPlanOfCharmsIsMadeInFewKeys() {
        List<CharSequence> keys = new ArrayList<>();
        page.open(studio.address() + "/");
        page.sees("What do you make?");
        page.one(By.xpath("//label[normalize-space(.)='ornament']//input")).sendKeys("");
        page.script("document.querySelector('input[name=kind]').focus()");
        press(keys, Keys.ARROW_DOWN, Keys.TAB, "2", "6", Keys.TAB, "4", "0", Keys.TAB, Keys.TAB);
        page.until(() -> page.value("How many").equals("40"));
        page.sees("one piece, 26");
        for (int i = 0;
                i < 8 && !page.script("return document.activeElement.innerText").equals("Keep this plan");
                i++) {
            press(keys, Keys.TAB);
        }
        press(keys, Keys.ENTER);
        page.until(() -> page.driver().getCurrentUrl().matches(".*/batches/\\d+"));
        page.sees("New charm");
        assertThat(keys.size()).isLessThan(25);
    }

    private void press(List<CharSequence> all, CharSequence... keys) {
        for (CharSequence key : keys) {
            page.keys(key);
            all.add(key);
        }
    }

    @Test(dependsOnMethods = "aPlanOfCharmsIsMadeInFewKeys")
    public void aClayThatIsMissedIsAddedWhereItWasMissed() {
        page.keys(Keys.ESCAPE);
        go("/mixes");
        page.press("New mix");
        page.until(() -> page.driver().getCurrentUrl().matches(".*/mixes/\\d+"));
        page.until(() -> page.value("Name of the mix").equals("New mix"));
        page.press("Add a new clay");
        page.enter("Name of the new clay", "Slate clay");
        page.sees("Slate clay");
        page.sees("Slipway firm");
        go("/shelf/clays");
        page.sees("Slate clay");
    }
}
