package fairember.app.journey;

import static org.assertj.core.api.Assertions.assertThat;

import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.testng.annotations.Test;

/** A colour is looked for and kept as a mix; a tile is logged and teaches. */
public class MixesJourney extends Journey {
    @Test
    public void aRecipeIsFoundForAColourOfAMixAndKept() {
        go("/mixes/4");
        page.press("Find what else makes this colour");
        page.sees("12 of 12 clays may go in");
        assertThat(page.value("Wanted, g")).isEqualTo("100");
        page.sees("All looked at");
        page.sees("the same to the eye");
        page.sees("nearest");
        String first = page.one(By.cssSelector("ol li p")).getText();
        assertThat(first).contains(" : ");
        page.press("Keep " + first + " as a mix");
        page.until(() -> page.value("Name of the mix").startsWith("Like #"));
        page.keys("u");
        page.until(() -> !page.text().contains("Like #"));
    }

    @Test
    public void nothingOnTheShelfIsEnoughAndNoClayIsRefused() {
        go("/mixes/find?g=15000&onhand=1");
        page.press("Find recipes");
        page.sees("Nothing on the shelf is enough for 15");
        page.enter("Colour looked for", "sea green");
        page.press("Find recipes");
        page.until(() -> "true".equals(page.field("Colour looked for").getDomAttribute("aria-invalid")));
        page.enter("Colour looked for", "#7fa3a1");
        for (var box : page.all(By.cssSelector("[role=checkbox]"))) {
            box.click();
        }
        page.sees("0 of 12 clays may go in");
        page.press("Find recipes");
        page.sees("Found 0 clays");
    }

    @Test
    public void aTileIsLoggedByKeysAndTheWordsFollow() {
        go("/mixes/tiles");
        page.sees("The tile that would teach most");
        page.control("Log it").sendKeys(Keys.ENTER);
        page.until(() -> page.all(By.cssSelector("tbody tr")).size() == 6);
        page.press("The cured colour was seen");
        page.until(() -> "true".equals(page.field("cured colour of the tile").getDomAttribute("aria-invalid")));
        page.enter("cured colour of the tile", "#3a4c50");
        page.enter("Clay 1, parts, parts", "2");
        page.enter("Note", "too dark by half");
        page.sees("seen, then expected");
        page.until(() -> page.text().contains("off"));
        page.press("The raw colour was seen");
        page.enter("raw colour of the tile", "#44565a");
        page.reload();
        String name = page.value("Name of the tile");
        page.press(name);
        page.until(() -> page.value("cured colour of the tile").equals("#3a4c50"));
        assertThat(page.value("Note")).isEqualTo("too dark by half");
        assertThat(page.value("raw colour of the tile")).isEqualTo("#44565a");
        page.press("Leave out the raw colour");
        page.press("Leave out the cured colour");
        page.until(() -> page.row(name).contains("–"));
        page.press("Remove this tile");
        page.until(() -> page.all(By.cssSelector("tbody tr")).size() == 5);
    }

    @Test
    public void aClayThatShimmersIsSaidInItsMixes() {
        go("/mixes");
        page.press("Brass glint");
        page.sees("It has shimmer in it");
        go("/shelf/clays/11");
        page.choose("What its swatch cannot show", "plain");
        page.keys("m");
        page.press("Brass glint");
        page.leaves("It has shimmer in it");
        page.keys("u");
        page.sees("It has shimmer in it");
    }
}
