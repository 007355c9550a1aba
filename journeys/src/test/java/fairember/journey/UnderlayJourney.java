package fairember.journey;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import javax.imageio.ImageIO;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.interactions.Actions;
import org.testng.annotations.AfterClass;
import org.testng.annotations.Test;

/** A sketch behind the front view: chosen, set to size by a length that is known, squared up, and a part shaped by its clay. */
public class UnderlayJourney extends Journey {
    private static final By FILE = By.cssSelector("section[aria-label='Picture behind this view'] input[type=file]");
    private final Path folder = folder();

    private static Path folder() {
        try {
            return Files.createTempDirectory("fairember-sketch");
        } catch (IOException trouble) {
            throw new IllegalStateException(trouble);
        }
    }

    @AfterClass(alwaysRun = true)
    public void clear() {
        Studio.clear(folder);
    }

    private Path sketch() throws IOException {
        BufferedImage picture = new BufferedImage(600, 800, BufferedImage.TYPE_INT_RGB);
        Graphics2D drawn = picture.createGraphics();
        drawn.setColor(Color.WHITE);
        drawn.fillRect(0, 0, 600, 800);
        drawn.setColor(Color.BLUE);
        drawn.setStroke(new BasicStroke(6));
        drawn.drawRect(200, 300, 200, 400);
        drawn.dispose();
        Path file = folder.resolve("sketch.png");
        ImageIO.write(picture, "png", file.toFile());
        return file;
    }

    private double wide() {
        return Double.parseDouble(page.value("Picture, wide, mm"));
    }

    @Test
    public void aSketchIsSetToSizeByAKnownLength() throws IOException {
        go("/designs/1");
        page.press("Front");
        page.until(() -> !page.all(FILE).isEmpty());
        page.driver().findElement(FILE).sendKeys(sketch().toString());
        page.sees("Not to size yet");
        page.isForEveryone();
        assertThat(wide()).isCloseTo(76 * 600 / 800.0, within(0.2));
        page.press("Mark a known length");
        page.sees("press where the known length begins");
        WebElement paper = page.one(By.cssSelector("[data-marks]"));
        mark(paper, -40, 0);
        page.sees("press where it ends");
        mark(paper, 40, 0);
        page.sees("Set to size");
        double before = wide();
        double apart =
                Double.parseDouble((String) page.script("return document.body.innerText.match(/now ([0-9.]+) mm/)[1]"));
        page.enter("Picture, this is, mm", "50");
        page.press("Set to size");
        page.leaves("Not to size yet");
        assertThat(wide() / before).isCloseTo(50 / apart, within(0.02));
        page.enter("Picture, wide, mm", "0.2");
        page.sees("must be between 1 and 4000 mm");
        page.keysOn(Page.fieldBy("Picture, wide, mm"), Keys.ESCAPE, Keys.TAB);
        page.sees("saved");
    }

    private void mark(WebElement paper, int across, int down) {
        new Actions(page.driver()).moveToElement(paper, across, down).click().perform();
    }

    @Test(dependsOnMethods = "aSketchIsSetToSizeByAKnownLength")
    public void aPhotoTakenAtAnAngleIsSquaredByItsCorners() {
        page.press("Square it up");
        WebElement corner = page.one(By.cssSelector("button[aria-label^='Corner top left']"));
        for (int i = 0; i < 5; i++) {
            corner.sendKeys(Keys.chord(Keys.SHIFT, Keys.ARROW_RIGHT));
        }
        page.until(() -> !page.all(By.cssSelector("button[aria-label^='Corner top left: 20 %']"))
                .isEmpty());
        page.isForEveryone();
        page.press("Square");
        page.until(() -> wide() == 210);
        page.until(() -> page.all(By.cssSelector("button[aria-label^='Corner top left']"))
                .isEmpty());
    }

    /** A drawing with a script in it is only drawn; a file that is no picture is refused, and nothing is lost. */
    @Test(dependsOnMethods = "aPhotoTakenAtAnAngleIsSquaredByItsCorners")
    public void aDrawingIsTakenAndWhatIsNoPictureIsRefused() throws IOException {
        Path drawing = folder.resolve("sketch.svg");
        Files.writeString(
                drawing,
                "<svg xmlns='http://www.w3.org/2000/svg' width='300' height='400'>"
                        + "<script>document.title='taken over'</script><circle cx='150' cy='200' r='90'/></svg>",
                StandardCharsets.UTF_8);
        page.driver().findElement(FILE).sendKeys(drawing.toString());
        page.sees("Not to size yet");
        assertThat(page.driver().getTitle()).isNotEqualTo("taken over");
        Path words = folder.resolve("words.png");
        Files.writeString(words, "no picture", StandardCharsets.UTF_8);
        page.driver().findElement(FILE).sendKeys(words.toString());
        page.sees("Choose a photo, or take a new one.");
        assertThat(wide()).isCloseTo(76 * 300 / 400.0, within(0.3));
        page.press("Remove the picture");
        page.until(() ->
                page.all(By.cssSelector("[aria-label='Picture, wide, mm']")).isEmpty());
    }

    @Test(dependsOnMethods = "aDrawingIsTakenAndWhatIsNoPictureIsRefused")
    public void aPartIsShapedByTheBallThatIsRolledForIt() {
        page.press(By.xpath("//input[@value='Gallery']"));
        page.press(By.xpath("//summary[.='Start from the clay']"));
        page.choose("Gallery, amount of clay", "by its ball");
        page.enter("Gallery, ball, mm", "18");
        page.choose("Gallery, left free", "length");
        page.press("Shape it");
        // π/6 · 18³ over π/4 · 26².
        page.until(() -> page.value("Gallery, length, mm").equals("5.8"));
        page.isForEveryone();
        page.leaveTheField();
        page.press("Undo");
        page.until(() -> page.value("Gallery, length, mm").equals("4"));
    }

    /** A ring of 292 points inside, beside 640 points that are 100 mm: 45.6 mm. */
    @Test
    public void aCutterIsTracedInAPhotoKeptAndUsed() throws IOException {
        BufferedImage picture = new BufferedImage(800, 600, BufferedImage.TYPE_INT_RGB);
        Graphics2D drawn = picture.createGraphics();
        drawn.setColor(new Color(214, 208, 200));
        drawn.fillRect(0, 0, 800, 600);
        drawn.setColor(Color.DARK_GRAY);
        drawn.setStroke(new BasicStroke(8));
        drawn.drawOval(250, 120, 300, 300);
        drawn.dispose();
        Path file = folder.resolve("cutter.png");
        ImageIO.write(picture, "png", file.toFile());
        go("/shelf/cutters");
        page.press("Add a cutter");
        page.press("Keep this cutter");
        page.one(By.cssSelector("input[aria-label='Name of the cutter Round, 24']"));
        page.press("Add a cutter");
        page.press("Trace a photo");
        page.one(By.cssSelector("[aria-label='Trace a photo'] input[type=file]"))
                .sendKeys(file.toString());
        WebElement middle = page.one(By.cssSelector("button[aria-label^='Middle of the cutter']"));
        middle.sendKeys(Keys.chord(Keys.SHIFT, Keys.ARROW_DOWN));
        for (int i = 0; i < 25; i++) {
            middle.sendKeys(Keys.chord(Keys.SHIFT, Keys.ARROW_RIGHT));
        }
        page.press("Trace");
        page.sees("no closed line round this place");
        for (int i = 0; i < 25; i++) {
            middle.sendKeys(Keys.chord(Keys.SHIFT, Keys.ARROW_LEFT));
        }
        page.press("Trace");
        page.until(() -> page.text().matches("(?s).*45\\.[4-8] × 45\\.[4-8].*true to about 0\\.16.*"));
        page.press("Keep this outline");
        page.enter("Name of the cutter New cutter", "Porthole");
        page.sees("Porthole");
        begin("charm", "Porthole tag");
        page.choose("Shape", "cut-out");
        page.press(By.cssSelector("button[aria-label$=', kept cutter']"));
        page.press(By.xpath("//*[@role='option'][.='Porthole']"));
        page.sees("kept as “Porthole”");
        removed();
    }
}
