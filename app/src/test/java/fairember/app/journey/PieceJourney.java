package fairember.app.journey;

import static org.assertj.core.api.Assertions.assertThat;

import org.openqa.selenium.By;
import org.openqa.selenium.WindowType;
import org.testng.annotations.Test;

/** A piece's bakes, gate, route and findings; two windows on one piece; a server that goes away. */
public class PieceJourney extends Journey {
    @Test
    public void aBakeIsAddedBeforeTheLastAndTakenOut() {
        go("/pieces/1/bakes");
        page.press("Add a bake before the last");
        page.sees("A short set of 10 min; a full cure follows.");
        assertThat(page.all(By.cssSelector("input[aria-label='Name of the bake']")))
                .hasSize(2);
        page.press("Take it out");
        page.until(() ->
                page.all(By.cssSelector("input[aria-label='Name of the bake']")).size() == 1);
        page.leaves("A short set of 10 min");
    }

    @Test
    public void aGateLineIsAddedNamedAndAskedForInTheRun() {
        go("/pieces/4/bakes");
        page.press("Add a line");
        page.enter("Gate line 3", "Backs smooth");
        page.until(() -> page.text().contains("Backs smooth")
                || page.value("Gate line 3").equals("Backs smooth"));
        page.until(() -> page.text().contains("saved"));
        go("/runs/3/gate");
        page.sees("Backs smooth");
    }

    /** Sanding 6 + 2.5 each becomes 6 + 4.5: two minutes more for each of 12. */
    @Test
    public void aSlowerStepMakesTheRunLongerAndTheHandsDearer() {
        go("/worth/1");
        page.sees("one of 12");
        String before = page.row("hands");
        go("/pieces/1/route");
        page.enter("wet-sand and buff, minutes per piece, min", "4.5");
        page.until(() -> page.text().contains("wet-sand and buff each 2.5 to 4.5 min"));
        go("/worth/1");
        page.until(() -> !page.row("hands").equals(before));
        page.press("Undo");
        page.until(() -> page.row("hands").equals(before));
    }

    @Test
    public void aFindingIsFittedAndPriced() {
        go("/pieces/2/route");
        page.press("Add a finding");
        page.choose("Finding 1", "Key-chain end");
        page.sees("€0.35");
        page.enter("Finding 1, count", "2");
        page.sees("€0.70");
        page.press("Take out finding 1");
        page.leaves("€0.70");
    }

    @Test
    public void aPieceIsMadeAndRemovedAndComesBackWithUndo() {
        go("/pieces");
        page.press("New piece");
        page.pick("ornament");
        page.until(() -> page.driver().getCurrentUrl().matches(".*/pieces/\\d+"));
        page.enter("Name of the piece", "Net float");
        page.until(() -> page.text().contains("to Net float"));
        page.press("Remove");
        page.until(() -> page.driver().getCurrentUrl().endsWith("/pieces"));
        page.leaves("Net float, ");
        page.press("Undo");
        page.until(() -> page.all(By.xpath("//a[contains(., 'Net float')]")).size() == 1);
        page.press("Undo");
        page.press("Undo");
    }

    @Test
    public void ofTwoWindowsOnOnePieceTheOlderIsToldAndShowsTheNewer() {
        go("/pieces/3");
        String first = page.driver().getWindowHandle();
        page.driver().switchTo().newWindow(WindowType.TAB);
        page.size(1280, 800);
        go("/pieces/3");
        page.enter("Field, width, mm", "25");
        page.until(() -> page.text().contains("Field width 24 to 25 mm"));
        page.driver().close();
        page.driver().switchTo().window(first);
        page.script("window.dispatchEvent(new Event('focus'))");
        page.enter("Field, height, mm", "18");
        page.until(() -> page.value("Field, width, mm").equals("25"));
        page.reload();
        assertThat(page.value("Field, width, mm")).isEqualTo("25");
        page.press("Undo");
    }
}
