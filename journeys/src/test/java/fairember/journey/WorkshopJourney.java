package fairember.journey;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javax.imageio.ImageIO;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.testng.annotations.Test;

/** One piece first, spare parts, mixed paints, steps in order, interruptions and the shopping list, as the maker sees them. */
public class WorkshopJourney extends Journey {
    @Test
    public void theFirstHeronIsMadeAloneAndTheOthersWait() {
        go("/batches/4");
        page.sees("steps of it left; the others wait");
        page.isForEveryone();
        go("/batches/4/shape");
        page.sees("Quay heron, the first one alone");
        page.sees("Quay heron, 5 pieces");
        go("/batches/4");
        page.press("Quay heron, one alone first");
        page.leaves("the others wait");
        go("/batches/4/shape");
        page.sees("Quay heron, 6 pieces");
        page.sees("Tugboats for the kiosk: lines 2 first alone");
        page.press("Undo");
        page.sees("Quay heron, 5 pieces");
    }

    @Test
    public void sparesOfTheBoxAreNotRolledAgain() {
        go("/shelf/spares");
        page.sees("ball 5 mm, Pitch");
        page.isForEveryone();
        page.enter("Tugboat fenders, in the box", "9");
        page.choose("Put spares of a part in", "Gull tag: Wing tip");
        page.until(() -> page.value("Name of spare part 2").equals("Gull tag, Wing tip"));
        go("/batches/4/weigh-out");
        page.sees("and 9 from the box of spares");
        page.isForEveryone();
        page.press("Undo");
        page.press("Undo");
        page.sees("and 7 from the box of spares");
    }

    @Test
    public void aPaintIsMixedAndShowsHowItHides() {
        go("/shelf/supplies");
        page.enter("Faded red, mixed, parts of paint 1", "1");
        page.press("Mix it of other paints: Slipway varnish, gloss");
        page.until(() ->
                page.all(By.cssSelector("input[aria-label$='parts of water']")).size() == 2);
        page.isForEveryone();
        go("/shelf/spares");
        page.press("Undo");
        page.press("Undo");
        go("/designs/8/steps");
        page.choose("white on the gull, supply 1", "Faded red, mixed");
        page.until(() -> page.text().matches("(?s).*(coats hide it|hides ).*"));
        go("/shelf/shopping");
        page.sees("Total");
        page.isForEveryone();
        page.press("Undo");
    }

    @Test
    public void stepsAreAddedForTheKindMovedByKeysAndGivenAJig() {
        long tag = begin("charm", "Slipway tag");
        go("/designs/" + tag + "/steps");
        page.until(() -> names().contains("wet-sand"));
        page.press("Remove wet-sand");
        page.until(() -> !names().contains("wet-sand"));
        page.press("Add the usual steps of a charm");
        page.until(() -> names().contains("wet-sand"));
        String moved = "wet-sand";
        int last = names().size() - 1;
        By handle = Page.controlBy("Drag " + moved);
        page.keysOn(handle, Keys.SPACE);
        page.sees(moved + " is at place " + (last + 1));
        page.keysOn(handle, Keys.ARROW_UP);
        page.sees(moved + " is at place " + last);
        page.keysOn(handle, Keys.SPACE);
        page.until(() -> names().indexOf(moved) == last - 1);
        page.press("part, tools, jig, caution: " + moved);
        page.press("Add a jig to " + moved);
        page.enter(moved + ", tools", "tweezers, felt pad");
        page.choose(moved + ", for", "Seed");
        page.enter(moved + ", from one blank", "2");
        page.isForEveryone();
        page.reload();
        page.sees("jig: Template");
        page.sees("tools: tweezers, felt pad");
        removed();
    }

    /** Read at once: rows are drawn anew while they are moved. */
    @SuppressWarnings("unchecked")
    private List<String> names() {
        return (List<String>) page.script(
                "return [...document.querySelectorAll(\"input[aria-label='Name of the step']\")].map(f => f.value)");
    }

    @Test
    public void anInterruptionStopsTheTimerAndIsWrittenDown() {
        go("/bench");
        page.sees("Lower band");
        // Space would press the button that was pressed before.
        page.leaveTheField();
        page.keys(" ");
        page.sees("Stop timer");
        page.keys("i");
        page.sees("‖ Interrupted at");
        page.isForEveryone();
        page.keys(" ");
        page.leaves("‖ Interrupted at");
        page.keys(" ");
        go("/daybook");
        page.sees("interrupted for");
        assertThat(page.text()).contains("at towers over cores");
    }

    @Test(dependsOnMethods = "anInterruptionStopsTheTimerAndIsWrittenDown")
    public void aPhotoStaysWithALineOfTheDaybook() throws IOException {
        go("/daybook");
        page.press(By.xpath("//button[contains(., 'interrupted for')]"));
        Path photo = Files.createTempFile("bench", ".png");
        ImageIO.write(new BufferedImage(320, 200, BufferedImage.TYPE_INT_RGB), "png", photo.toFile());
        page.one(By.cssSelector("input[type=file][accept*=png]")).sendKeys(photo.toString());
        page.sees("Another photo");
        page.until(() ->
                (Boolean) page.script("const i = document.querySelector('main img'); return i?.naturalWidth === 320"));
        page.isForEveryone();
        page.press("Undo");
        page.sees("Add a photo");
    }
}
