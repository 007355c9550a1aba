package fairember.journey;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.openqa.selenium.By;
import org.openqa.selenium.interactions.Actions;
import org.testng.annotations.Test;

/** Shapes that are drawn, a skin over all of a figure, what is not clay, and small parts that several designs share. */
public class DrawnShapesJourney extends Journey {
    /** A form by front and side is drawn by hand and by keyboard; a strip is read from a file; a skin lies over both. */
    @Test
    public void aFormIsDrawnAStripReadAndASkinLaidOverBoth() throws IOException {
        begin("figurine", "Drawn");
        page.press("Add a part");
        page.choose("Shape", "form by front and side");
        page.sees("outline from the front");
        page.sees("point 1 of 7");
        page.sees("saved");
        page.isForEveryone();
        String before = page.row("Part 5");
        page.enter("Part 5, outline from the front, point 1, up, mm", "-12");
        page.until(() -> !page.row("Part 5").equals(before));
        page.sees("26 × 40 mm as drawn");
        page.press("Add a point after it");
        page.sees("point 2 of 8");
        new Actions(page.driver())
                .moveToElement(page.one(By.cssSelector("svg[aria-label^='Part 5, outline from the right']")), 100, -60)
                .click()
                .perform();
        page.until(() -> page.all(By.cssSelector("svg[aria-label='Part 5, outline from the right: 8 points']"))
                        .size()
                == 1);
        page.choose("Shape", "strip along a line");
        page.sees("one smooth curve");
        Path file = Files.createTempFile("line", ".svg");
        Files.writeString(
                file,
                "<svg xmlns='http://www.w3.org/2000/svg' width='40mm' height='20mm' viewBox='0 0 40 20'>"
                        + "<path d='M0 20 L20 5 L40 20' fill='none'/></svg>");
        page.one(By.cssSelector("input[type=file]")).sendKeys(file.toString());
        page.sees("40 × 15 mm as drawn");
        page.enter("Part 5, line, point 1, up, mm", "15");
        page.sees("saved");
        page.press("Add a part");
        page.choose("A layer over", "all of Whole piece");
        page.sees("Whole piece, whose parts stand apart");
        page.press(By.xpath("//tr[contains(., 'strip along a line')]"));
        page.enter("Part 5, up, mm", "30");
        page.until(() -> page.text().contains("saved") && !page.text().contains("not saved"));
        page.press(By.xpath("//tr[.//input[@value='Part 6']]"));
        page.sees("Its shape, count and place follow all of Whole piece.");
        page.sees("Roll a sheet of");
        removed();
    }

    /** A board weighs, widens the foot, limits the heat when it is baked, and can be covered with clay. */
    @Test
    public void aBoardIsWeighedKeptFromTheHeatAndCoveredWithClay() {
        long id = begin("figurine", "On a board");
        go("/designs/" + id + "/built-on");
        page.press("Add something that is not clay");
        page.enter("Board, weight of one, g", "40");
        page.sees("saved");
        go("/designs/" + id + "/balance");
        page.sees("Board");
        go("/designs/" + id + "/built-on");
        page.choose("Board while it bakes", "in the oven with it");
        page.sees("saved");
        go("/designs/" + id + "/bakes");
        page.sees("Board is in the oven, and its highest safe temperature is unknown");
        go("/designs/" + id + "/built-on");
        page.flip("highest safe temperature");
        page.enter("Board, at most, °C", "90");
        page.sees("saved");
        go("/designs/" + id + "/bakes");
        page.sees("Board is safe up to 90 °C");
        go("/designs/" + id + "/built-on");
        page.choose("Board while it bakes", "taken out before each bake, then put back");
        page.sees("saved");
        go("/designs/" + id + "/bakes");
        page.sees("Take out before baking: Board");
        page.leaves("safe up to 90");
        page.choose("whole, what it lies on", "a tile");
        page.flip("heated with the oven");
        page.sees("saved");
        go("/designs/" + id);
        page.press("Add a part");
        page.choose("A layer over", "Board");
        page.sees("Its shape, count and place follow Board.");
        page.sees("Roll a sheet of");
        removed();
    }

    /** The order of a gull and a dockhand counts the eyes of both; where they come from is chosen with the part. */
    @Test
    public void theEyesOfTwoDesignsAreMadeOnce() {
        go("/designs/8/built-on");
        page.sees("made first: Bead eyes");
        page.isForEveryone();
        go("/batches");
        page.press("New batch");
        page.until(() -> page.driver().getCurrentUrl().matches(".*/batches/\\d+.*"));
        page.choose("Design 1", "Gull on a post");
        page.press("Add a design");
        page.choose("Design 2", "Dockhand");
        page.enter("Gull on a post, how many", "3");
        page.enter("Dockhand, how many", "4");
        page.sees("14 Bead eyes, made first for Gull on a post, Dockhand");
        page.isForEveryone();
    }
}
