package fairember.journey;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.testng.annotations.Test;

/** Parts are placed and sized by hand in the drawing, and by the keys alone. */
public class PlacingJourney extends Journey {
    private static final By DRAWING = By.cssSelector("[aria-label^='Drawing. Arrow keys']");

    private static final By CHOSEN = By.cssSelector("[aria-label^='Drawing. Arrow keys'] g.cursor-move path");

    @Test
    public void aPartIsMovedByTheArrowKeys() {
        go("/designs/1");
        page.press("Front");
        page.press(By.xpath("//button[starts-with(., 'dome')] | //input[@value='Cap']"));
        page.one(DRAWING).sendKeys(Keys.ARROW_RIGHT, Keys.ARROW_RIGHT, Keys.chord(Keys.SHIFT, Keys.ARROW_UP));
        page.until(() -> page.value("Cap, across, mm").equals("1"));
        assertThat(page.value("Cap, up, mm")).isEqualTo("74");
        page.isForEveryone();
        page.sees("Cap across");
    }

    /** Dragged down on the gallery it snaps to its top and sits there from now on, whatever is made larger. */
    @Test(dependsOnMethods = "aPartIsMovedByTheArrowKeys")
    public void whatIsDraggedOntoAPartSitsOnIt() {
        page.choose("Sits on", "Gallery");
        page.until(() -> page.all(By.cssSelector("[aria-label='Cap, up, mm']")).isEmpty());
        String before = page.one(By.cssSelector("h1 ~ div .figure")).getText();
        page.enter("Gallery, length, mm", "34");
        page.until(() -> !page.one(By.cssSelector("h1 ~ div .figure")).getText().equals(before));
        page.press(By.xpath("//input[@value='Cap']"));
        page.enter("Cap, pressed in by, mm", "2");
        page.sees("saved");
        page.drag(CHOSEN, 60, 90);
        page.until(() -> Double.parseDouble(page.value("Cap, across, mm")) > 5);
    }

    @Test(dependsOnMethods = "whatIsDraggedOntoAPartSitsOnIt")
    public void aHandleMakesAPartLarger() {
        double before = Double.parseDouble(page.value("Cap, diameter, mm"));
        page.drag(By.cssSelector("[data-handle=wide] rect"), 25, 0);
        page.until(() -> Double.parseDouble(page.value("Cap, diameter, mm")) > before + 5);
    }

    /** The whole drag before the page has drawn any of it, as a quick hand does on a slow machine. */
    @Test(dependsOnMethods = "aHandleMakesAPartLarger")
    public void aDragQuickerThanThePageIsNotLost() {
        double before = Double.parseDouble(page.value("Cap, diameter, mm"));
        page.script("""
                const from = document.querySelector('[data-handle=wide] rect');
                const box = from.getBoundingClientRect();
                const svg = from.closest('svg');
                const at = (target, kind, across) => target.dispatchEvent(new PointerEvent(kind, {
                    bubbles: true, pointerId: 1, clientX: box.x + across, clientY: box.y, button: 0 }));
                svg.setPointerCapture = () => {};
                at(from, 'pointerdown', 0);
                at(svg, 'pointermove', -10);
                at(svg, 'pointermove', -20);
                at(svg, 'pointerup', -20);
                """);
        page.until(() -> Double.parseDouble(page.value("Cap, diameter, mm")) < before - 4);
    }

    @Test(dependsOnMethods = "aDragQuickerThanThePageIsNotLost")
    public void partsAreDuplicatedMirroredReorderedAndCopied() {
        String across = page.value("Cap, across, mm");
        page.press("More to do with Cap");
        page.pick("Mirror to the other side");
        page.until(() -> page.value("Cap, across, mm").equals("-" + across));
        page.press("More to do with Cap");
        page.pick("Duplicate");
        page.until(() -> names().contains("Cap 2"));
        int rock = names().indexOf("Rock");
        page.press(By.xpath("//input[@value='Rock']"));
        page.press("More to do with Rock");
        page.pick("Move up in the list");
        page.until(() -> names().indexOf("Rock") == rock - 1);
        int parts = names().size();
        page.press("Copy the parts of ▾");
        page.pick("Signal-flag charm");
        page.until(() -> names().size() > parts);
        page.sees("saved");
        page.isForEveryone();
        page.leaveTheField();
        for (int i = 0; i < 4; i++) {
            String last = page.one(By.cssSelector("footer")).getText();
            page.keys("u");
            page.until(() -> !page.one(By.cssSelector("footer")).getText().equals(last));
        }
        page.until(() -> names().size() == parts - 1);
    }

    private List<String> names() {
        return page.all(By.cssSelector("input[aria-label='Name of the part']")).stream()
                .map(field -> field.getDomProperty("value"))
                .toList();
    }
}
