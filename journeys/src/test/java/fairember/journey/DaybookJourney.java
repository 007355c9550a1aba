package fairember.journey;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.openqa.selenium.By;
import org.openqa.selenium.WebElement;
import org.testng.annotations.Test;

/** What happens at the bench is written down, told apart, corrected, and teaches the next plan. */
public class DaybookJourney extends Journey {
    @Test
    public void aLostPieceIsCountedWithOneKeyAndItsReasonWithAnother() {
        go("/bench");
        page.sees("Done 7 of 12");
        page.keys("x");
        page.sees("One lost. Why?");
        page.isForEveryone();
        page.keys("a");
        page.sees("✓ make it again");
        page.keys("1");
        page.leaves("One lost. Why?");
        page.sees("Done 7 of 12");
        page.sees("Lost 1");
        go("/daybook");
        page.sees("1 lost at towers over cores: cracked, made again");
        page.press("Undo");
        page.sees("1 lost at towers over cores: something else");
        page.press("Undo");
        page.leaves("1 lost at towers over cores");
    }

    @Test(dependsOnMethods = "aLostPieceIsCountedWithOneKeyAndItsReasonWithAnother")
    public void aLineIsCorrectedInPlaceAndSaysWhatItSaidBefore() {
        page.press(line("27 min at towers over cores, 7 pieces"));
        page.enter("pieces", "6");
        page.sees("27 min at towers over cores, 6 pieces");
        page.press("What it said before");
        page.sees("27 min at towers over cores, 7 pieces");
        page.isForEveryone();
        page.press("Undo");
    }

    private WebElement line(String words) {
        page.sees(words);
        return page.one(By.xpath("//button[contains(., '" + words + "')]"));
    }

    @Test(dependsOnMethods = "aLineIsCorrectedInPlaceAndSaysWhatItSaidBefore")
    public void whatWasLearnedIsShownWithItsRangeAndBesideTheStep() {
        go("/daybook/learned");
        page.sees("Lost by station");
        page.sees("Waste by mix");
        page.isForEveryone();
        String range = page.one(By.cssSelector("section[aria-label='Lighthouse ornament'] svg title"))
                .getDomProperty("textContent");
        assertThat(range).contains("press cores", "in four batches of five", "by its own figures");
        go("/designs/1/steps");
        page.sees("learned: ");
        go("/batches/1");
        page.sees("Planned and real");
        page.sees("14 min of rework");
        page.isForEveryone();
    }

    @Test(dependsOnMethods = "whatWasLearnedIsShownWithItsRangeAndBesideTheStep")
    public void linesOfAFileAreTakenWholeOrNotAtAll() throws IOException {
        go("/daybook");
        Path bad = Files.createTempFile("lines", ".csv");
        Files.writeString(bad, "at,kind,words\n2026-11-01 09:00,lesson,one\n2026-11-31 09:00,lesson,two\n");
        By field = By.cssSelector("input[type=file][accept*=csv]");
        page.one(field).sendKeys(bad.toString());
        page.sees("Line 2, at: ");
        Files.writeString(bad, "at;kind;words\n2026-11-01 09:00;lesson;Keep the kelp thin\n");
        page.one(field).sendKeys(bad.toString());
        page.sees("1 line added");
        page.sees("Keep the kelp thin");
        page.press(line("Keep the kelp thin"));
        page.choose("About", "Kelp-frond earrings");
        page.press("Make this a check of the design");
        page.sees("now a check of the design");
        go("/designs/4/bakes");
        page.sees("slipped Sun 1 Nov");
    }

    @Test(dependsOnMethods = "linesOfAFileAreTakenWholeOrNotAtAll")
    public void paintIsPutOnAStepCountedBoughtAndDried() {
        go("/shelf/supplies");
        page.press("Add a supply");
        page.sees("a litre covers");
        page.isForEveryone();
        go("/designs/5/steps");
        page.press("Add a supply to house, funnel, fenders");
        page.sees("dry after");
        page.isForEveryone();
        go("/batches/4/finish");
        page.sees("Beacon white paint");
        page.sees("gloss the hull");
        go("/price/5");
        page.sees("supplies");
    }
}
