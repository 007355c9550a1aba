package fairember.app.journey;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import javax.imageio.ImageIO;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.testng.annotations.Test;

/** A colour is looked for and kept as a mix; a tile is logged and teaches. */
public class MixesJourney extends Journey {
    @Test
    public void aRecipeIsFoundForAColourOfAMixAndKept() {
        go("/mixes/4");
        page.press("Find what else makes this colour");
        page.sees(" clays may go in");
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
        page.sees("nothing is enough for 16,200 g to mix");
        page.enter("Colour looked for", "sea green");
        page.press("Find recipes");
        page.until(() -> "true".equals(page.field("Colour looked for").getDomAttribute("aria-invalid")));
        page.enter("Colour looked for", "#7fa3a1");
        for (var box : page.all(By.cssSelector("[role=checkbox]"))) {
            box.click();
        }
        page.sees("0 of 1");
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
        page.sees("Brass: effect shimmer to plain");
        page.keys("m");
        page.press("Brass glint");
        page.leaves("It has shimmer in it");
        page.keys("u");
        page.sees("It has shimmer in it");
    }

    @Test
    public void aMixHoldsAnotherIsCountedInGramsAndMeasuredOut() {
        go("/mixes/12");
        page.sees("mix it first");
        page.sees("It is the recipe to the last figure");
        page.press("Add a mix");
        page.until(() -> page.all(By.cssSelector("[aria-label='Clay 3']")).size() == 1);
        page.choose("Clay 3", "Pitch, a mix");
        page.until(() -> page.value("Pitch, a mix, parts, parts").equals("1"));
        page.enter("Pitch, a mix, parts, parts", "0.5");
        page.choose("What the recipe counts in", "g");
        page.until(() -> page.value("Pitch, a mix, parts, parts").equals("12"));
        page.press("Cut from blocks");
        page.sees("g in all.");
        page.enter("Wanted, g", "50");
        page.sees("For 50.0 g in pieces, mix 54.0 g: 8 % stays on hands");
        page.press("Take out Pitch, a mix");
        page.leaves("Pitch, a mix");
        // A mix cannot hold one that holds it.
        go("/mixes/1");
        page.press("Add a mix");
        page.until(() -> page.all(By.cssSelector("[aria-label='Clay 3']")).size() == 1);
        page.choose("Clay 3", "Sea mist, a mix");
        page.sees("which would hold itself");
        page.press("Take out Sea mist, a mix");
        page.leaves("which would hold itself");
    }

    @Test
    public void aShelfThatIsShortSaysWhatIsBetter() {
        go("/mixes/10");
        page.press("What to do instead");
        page.sees("better here");
        String said =
                page.one(By.cssSelector("[aria-label='The shelf is short']")).getText();
        assertThat(said).contains("Another recipe", "Patch it", "Buy", "Rose pink: 1 × 57 g", "off");
        page.enter("Wanted, g", "20");
        page.leaves("What to do instead");
    }

    @Test
    public void leftoversAreKneadedTogetherAndUndone() {
        go("/mixes/leftovers");
        page.sees("Sea mist of 1 Fog teal : 3 Chalk");
        page.one(By.cssSelector("[role=checkbox][aria-label='Knead Fog teal']")).sendKeys(Keys.SPACE);
        page.one(By.cssSelector("[role=checkbox][aria-label='Knead Chalk']")).sendKeys(Keys.SPACE);
        page.press("Knead 2 lumps together, 54.0 g");
        page.until(() -> page.value("Name of lump 1").equals("Fog teal and Chalk"));
        assertThat(page.value("Fog teal and Chalk, grams, g")).isEqualTo("54");
        page.driver().findElement(By.tagName("h1")).click();
        page.keys("u");
        page.until(() -> page.value("Name of lump 1").equals("Fog teal"));
        page.press("Put it in the box");
        page.until(() -> page.value("Name of lump 1").equals("Brass glint"));
        page.enter("Brass glint, grams, g", "12.5");
        page.press("Log it by its swatch");
        page.keys("m");
        page.sees("Lump without a recipe");
        page.press("Lump without a recipe");
        page.sees("The shelf is 88.0 g short of this");
    }

    @Test
    public void finishesAreTriedSideBySide() {
        go("/mixes/trials");
        page.press("New trial");
        page.until(() -> page.value("Name of the trial").equals("New trial"));
        page.enter("Name of the trial", "Matt or gloss");
        page.press("Way 1, its colour was seen");
        page.enter("Way 1, colour", "#8fbcbf");
        page.press("Way 2, its colour was seen");
        page.enter("Way 2, colour", "#7fa3a1");
        page.enter("Way 1, note", "cloudy at the rim");
        page.sees("off the chosen one");
        page.all(By.cssSelector("[role=switch]")).get(1).sendKeys(Keys.SPACE);
        page.sees("✓ two coats");
        page.reload();
        page.until(() -> page.value("Name of the trial").equals("Matt or gloss"));
        assertThat(page.value("Way 1, note")).isEqualTo("cloudy at the rim");
        page.press("Remove this trial");
        page.until(() -> !page.value("Name of the trial").equals("Matt or gloss"));
    }

    @Test
    public void sheetsBlendsCanesAndCordsAreReckonedWhileTheyAreTyped() {
        go("/mixes/sheets");
        page.enter("width of the sheet, mm", "350");
        page.sees("Roll 3 strips at least 126.7 mm wide");
        page.enter("thickness wanted, mm", "1.3");
        page.sees("Stop at 5");
        page.press("Graduated blend");
        page.enter("length of the blend, mm", "180");
        page.sees("Cut both 90.0 mm high");
        page.press("Cane");
        page.enter("diameter to reduce to, mm", "10");
        page.sees("347 slices of 78.5 mm²");
        page.press("Add rods");
        page.until(() -> page.all(By.cssSelector("[aria-label^='Rods 3']")).size() == 2);
        page.press("Cords");
        page.one(By.cssSelector("[role=switch]")).sendKeys(Keys.SPACE);
        page.sees("Each cord of a twist is");
        page.enter("turns", "0");
        page.until(() -> page.all(By.cssSelector("[role=alert]")).stream()
                .anyMatch(alert -> alert.getDomProperty("textContent").contains("allowed is 0.25 to 60")));
        page.press("Cane");
        page.until(() -> page.value("diameter to reduce to, mm").equals("10"));
    }

    @Test
    public void aColourIsReadOffAPhotoByTwoMarks() throws IOException {
        BufferedImage picture = new BufferedImage(600, 400, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = picture.createGraphics();
        pen.setColor(new Color(118, 118, 118));
        pen.fillRect(0, 0, 300, 400);
        pen.setColor(new Color(200, 120, 60));
        pen.fillRect(300, 0, 300, 400);
        pen.dispose();
        Path photo = Files.createTempFile("tile", ".png");
        ImageIO.write(picture, "png", photo.toFile());
        go("/mixes/find");
        page.one(By.cssSelector("input[type=file]")).sendKeys(photo.toString());
        page.sees("Tap the card in the photo");
        page.one(By.cssSelector("[aria-label^='The tile at']")).sendKeys(Keys.ARROW_LEFT, Keys.ARROW_DOWN);
        page.sees("Tap the tile in the photo");
        page.until(() -> page.one(By.cssSelector("[aria-label^='The tile at']"))
                .getDomAttribute("aria-label")
                .equals("The tile at 69 % across, 51 % down"));
        page.press("Read the colour");
        page.sees("Read #c7783c");
        assertThat(page.value("Colour looked for")).isEqualTo("#c7783c");
        page.press("White card");
        page.press("Read the colour");
        page.sees("a place lighter than the card allows");
        Path words = Files.createTempFile("tile", ".png");
        Files.writeString(words, "no picture");
        page.one(By.cssSelector("input[type=file]")).sendKeys(words.toString());
        page.press("Read the colour");
        page.sees("a file that is no picture");
    }

    @Test
    public void aLotThatDiffersIsSaidInTheMixAndStandInsAreOffered() {
        go("/mixes/8");
        page.sees("Made with lot 26-B of Moss green");
        go("/shelf/clays/8");
        page.choose("Lot in use", "as usual");
        page.sees("lot in use 0 to nothing");
        page.press("Used in, and what could stand in for it");
        page.sees("Kelp");
        page.keys("m");
        page.press("Kelp");
        page.leaves("Made with lot 26-B");
        go("/mixes/15");
        page.sees("retired");
        go("/shelf/clays/15");
        page.sees("Not sold any more");
        page.sees("Coral of last year");
    }
}
