package fairember.journey;

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
        page.press("Other recipes for this colour");
        page.sees(" clays may be used");
        assertThat(page.value("Grams in the pieces, g")).isEqualTo("100");
        page.sees("Finished;");
        page.sees("the same to the eye");
        page.sees("closest");
        String first = page.one(By.cssSelector("ol li p")).getText();
        assertThat(first).contains(" : ");
        page.press("Save " + first + " as a mix");
        page.until(() -> page.value("Name of the mix").startsWith("Like #"));
        page.keys("u");
        page.leaves("Like #");
    }

    @Test
    public void nothingOnTheShelfIsEnoughAndNoClayIsRefused() {
        go("/mixes/find?g=15000&onhand=1");
        page.press("Find recipes");
        page.sees("there is not enough clay for 16\u202f200 g");
        page.enter("Target colour", "sea green");
        page.press("Find recipes");
        page.until(() -> "true".equals(page.field("Target colour").getDomAttribute("aria-invalid")));
        page.enter("Target colour", "#7fa3a1");
        for (var box : page.all(By.cssSelector("[role=checkbox]"))) {
            page.press(box);
        }
        page.sees("0 of 1");
        page.press("Find recipes");
        page.sees("found 0 clays");
    }

    @Test
    public void aTileIsLoggedByKeysAndTheWordsFollow() {
        go("/mixes/tiles");
        page.sees("Most useful next tile");
        page.keysOn(Page.controlBy("Log this tile"), Keys.ENTER);
        page.until(() -> page.all(By.cssSelector("tbody tr")).size() == 6);
        page.press("Add the colour, cured");
        page.until(() -> "true".equals(page.field("cured colour of the tile").getDomAttribute("aria-invalid")));
        page.enter("cured colour of the tile", "#3a4c50");
        page.enter("Clay 1, parts, parts", "2");
        page.enter("Note", "too dark by half");
        page.sees("observed, then predicted");
        page.sees("difference");
        page.press("Add the colour, raw");
        page.enter("raw colour of the tile", "#44565a");
        page.reload();
        String name = page.value("Name of the tile");
        page.press(name);
        page.until(() -> page.value("cured colour of the tile").equals("#3a4c50"));
        assertThat(page.value("Note")).isEqualTo("too dark by half");
        assertThat(page.value("raw colour of the tile")).isEqualTo("#44565a");
        page.press("Remove the raw colour");
        page.press("Remove the cured colour");
        page.until(() -> page.row(name).contains("–"));
        page.press("Remove this tile");
        page.until(() -> page.all(By.cssSelector("tbody tr")).size() == 5);
    }

    @Test
    public void aClayThatShimmersIsSaidInItsMixes() {
        go("/mixes");
        page.press("Brass glint");
        page.sees("Contains shimmer");
        go("/shelf/clays/11");
        page.choose("Effect not shown by the swatch", "plain");
        page.sees("Brass: effect “shimmer” to “plain”");
        page.keys("m");
        page.press("Brass glint");
        page.leaves("Contains shimmer");
        page.keys("u");
        page.sees("Contains shimmer");
    }

    @Test
    public void aMixHoldsAnotherIsCountedInGramsAndMeasuredOut() {
        go("/mixes/12");
        page.sees("mix this first");
        page.sees("Exactly the recipe");
        page.press("Add a mix");
        page.until(() -> page.all(By.cssSelector("[aria-label='Clay 3']")).size() == 1);
        page.choose("Clay 3", "Pitch, a mix");
        page.until(() -> page.value("Pitch, a mix, parts, parts").equals("1"));
        page.enter("Pitch, a mix, parts, parts", "0.5");
        page.choose("Unit of the recipe", "g");
        page.until(() -> page.value("Pitch, a mix, parts, parts").equals("12"));
        page.press("Cut from blocks");
        page.sees("g in all.");
        page.enter("Grams in the pieces, g", "50");
        page.sees("Mix 54.0 g: 50.0 g ends up in the pieces; 8 % stays on hands");
        page.press("Remove Pitch, a mix");
        page.leaves("Pitch, a mix");
        // A mix cannot hold one that holds it.
        go("/mixes/1");
        page.press("Add a mix");
        page.until(() -> page.all(By.cssSelector("[aria-label='Clay 3']")).size() == 1);
        page.choose("Clay 3", "Sea mist, a mix");
        page.sees("which would contain itself");
        page.press("Remove Sea mist, a mix");
        page.leaves("which would contain itself");
    }

    @Test
    public void aShelfThatIsShortSaysWhatIsBetter() {
        go("/mixes/10");
        page.press("Your options");
        page.sees("better choice");
        String said = page.one(By.cssSelector("[aria-label='Not enough clay']")).getText();
        assertThat(said)
                .contains("Another recipe", "Fill up with other clays", "Buy", "Rose pink: 1 × 57 g", "Difference");
        page.enter("Grams in the pieces, g", "20");
        page.leaves("Your options");
    }

    @Test
    public void leftoversAreKneadedTogetherAndUndone() {
        go("/mixes/leftovers");
        page.sees("Sea mist of 1 Fog teal : 3 Chalk");
        page.keysOn(By.cssSelector("[role=checkbox][aria-label='Knead Fog teal']"), Keys.SPACE);
        page.keysOn(By.cssSelector("[role=checkbox][aria-label='Knead Chalk']"), Keys.SPACE);
        page.press("Knead 2 lumps together, 54.0 g");
        page.until(() -> page.value("Name of lump 1").equals("Fog teal and Chalk"));
        assertThat(page.value("Fog teal and Chalk, grams, g")).isEqualTo("54");
        page.press(By.tagName("h1"));
        page.keys("u");
        page.until(() -> page.value("Name of lump 1").equals("Fog teal"));
        page.press("Add to the box");
        page.until(() -> page.value("Name of lump 1").equals("Brass glint"));
        page.enter("Brass glint, grams, g", "12.5");
        page.press("Add by colour");
        page.keys("m");
        page.sees("Lump without a recipe");
        page.press("Lump without a recipe");
        page.sees("This mix needs 88.0 g more clay");
    }

    @Test
    public void finishesAreTriedSideBySide() {
        go("/mixes/trials");
        page.press("New trial");
        page.until(() -> page.value("Name of the trial").equals("New trial"));
        page.enter("Name of the trial", "Matt or gloss");
        page.press("Add colour of variant 1");
        page.enter("Variant 1, colour", "#8fbcbf");
        page.press("Add colour of variant 2");
        page.enter("Variant 2, colour", "#7fa3a1");
        page.enter("Variant 1, note", "cloudy at the rim");
        page.sees("from the chosen variant");
        page.keysOn(By.xpath("(//*[@role='switch'])[2]"), Keys.SPACE);
        page.sees("✓ two coats");
        page.reload();
        page.until(() -> page.value("Name of the trial").equals("Matt or gloss"));
        assertThat(page.value("Variant 1, note")).isEqualTo("cloudy at the rim");
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
        page.keysOn(By.cssSelector("[role=switch]"), Keys.SPACE);
        page.sees("Each cord of a twist is");
        page.enter("turns", "0");
        page.until(() -> page.all(By.cssSelector("[role=alert]")).stream()
                .anyMatch(alert -> alert.getDomProperty("textContent").contains("between 0.25 and 60")));
        page.press("Cane");
        page.until(() -> page.value("diameter to reduce to, mm").equals("10"));
        page.press("Cover a form");
        page.sees("Cut 8 × gore");
        page.choose("Shape of the form", "rod");
        page.sees("These pieces unroll exactly.");
        page.keysOn(By.cssSelector("[role=switch]"), Keys.SPACE);
        page.enter("pieces, or mm of cord", "10");
        page.sees("They cover 3.8 cm²");
    }

    /** A cane is kept, a blend goes into its middle, a part is cut from it: the batch makes logs of it, and its ends count. */
    @Test(dependsOnMethods = "sheetsBlendsCanesAndCordsAreReckonedWhileTheyAreTyped")
    public void aCaneIsKeptAndPartsAreMadeOfIt() {
        go("/mixes/sheets/cane");
        page.choose("Mix of rods 1", "Tide blend");
        page.flip("how long a log covers an area");
        page.enter("times it is covered", "6");
        page.sees("Pack a log of");
        page.enter("Name of the cane", "Shell cane");
        page.press("Keep this cane");
        page.until(() -> page.driver().getCurrentUrl().contains("?mix="));
        // Saving the cane does not reset the page.
        assertThat(page.value("times it is covered")).isEqualTo("6");
        page.enter("slice, mm", "3");
        page.press("Save changes");
        page.press("Its grams and colour");
        page.sees("Worked into a cane, not kneaded together.");
        go("/designs/5");
        page.choose("Hull, mix", "Shell cane");
        page.sees("saved");
        go("/batches/4/mix");
        page.sees("cane: make ");
        page.sees("is cut off or left behind");
        page.keys("u");
        page.leaves("cane: make ");
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
        page.keysOn(By.cssSelector("[aria-label^='The tile at']"), Keys.ARROW_LEFT, Keys.ARROW_DOWN);
        page.sees("Tap the tile in the photo");
        page.until(() -> page.one(By.cssSelector("[aria-label^='The tile at']"))
                .getDomAttribute("aria-label")
                .equals("The tile at 69 % across, 51 % down"));
        page.press("Read the colour");
        page.sees("Colour read: #c7783c");
        assertThat(page.value("Target colour")).isEqualTo("#c7783c");
        page.press("White card");
        page.press("Read the colour");
        page.sees("a spot lighter than the card allows");
        Path words = Files.createTempFile("tile", ".png");
        Files.writeString(words, "no picture");
        page.one(By.cssSelector("input[type=file]")).sendKeys(words.toString());
        page.press("Read the colour");
        page.sees("a file that is not a photo");
    }

    @Test
    public void aLotThatDiffersIsSaidInTheMixAndStandInsAreOffered() {
        go("/mixes/8");
        page.sees("Made with lot 26-B of Moss green");
        go("/shelf/clays/8");
        page.choose("Lot in use", "as usual");
        page.sees("lot in use 0 to nothing");
        page.press("Used in, and possible substitutes");
        page.sees("Kelp");
        page.keys("m");
        page.press("Kelp");
        page.leaves("Made with lot 26-B");
        go("/mixes/15");
        page.sees("retired");
        go("/shelf/clays/15");
        page.sees("No longer sold");
        page.sees("Coral of last year");
    }
}
