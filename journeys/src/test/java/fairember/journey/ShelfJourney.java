package fairember.journey;

import static org.assertj.core.api.Assertions.assertThat;

import org.openqa.selenium.By;
import org.testng.annotations.Test;

/** The shelf and the settings, edited in place; what rests on them follows. */
public class ShelfJourney extends Journey {
    @Test
    public void aClayChangesItsColourStockAndBlocks() {
        go("/shelf/clays/6");
        page.sees("Harbour teal");
        page.enter("raw colour", "#1f6f9f");
        page.enter("In opened blocks, g", "12.5");
        page.press("Add a size");
        page.enter("Block 2, block, g", "250");
        page.enter("Block 2, price", "8.4");
        page.enter("Block 2, on the shelf", "2");
        page.until(() -> page.row("Harbour teal").contains("2 × 250 g"));
        page.reload();
        assertThat(page.value("raw colour")).isEqualTo("#1f6f9f");
        assertThat(page.value("Block 2, price")).isEqualTo("8.40");
        go("/mixes/5");
        page.until(() -> page.row("Harbour teal").contains("570 g"));
    }

    @Test
    public void aWrongColourIsGivenAndTheTwoSizesMustDiffer() {
        go("/shelf/clays/7");
        page.enter("cured colour", "brown");
        page.until(() -> page.all(By.cssSelector("[role=alert]")).stream()
                .anyMatch(alert -> alert.getDomProperty("textContent").contains("# and six digits")));
        page.enter("cured colour", "#5d4526");
        page.press("Add a size");
        page.enter("Block 2, block, g", "57");
        page.sees("Give each size of block one line");
        page.press("Remove block 2");
        page.leaves("Give each size of block one line");
    }

    @Test
    public void whatIsUsedCannotBeRemovedAndSaysSo() {
        go("/shelf/clays/1");
        page.press("Remove this clay");
        page.sees("Something else still uses this. Remove it there first");
        go("/mixes/1");
        page.press("Remove Chalk");
        page.sees("Still used.");
    }

    @Test
    public void aFindingIsAddedPricedAndRemoved() {
        go("/shelf/findings");
        page.press("Add a finding");
        page.until(() -> page.all(By.cssSelector("input[aria-label='Name of the finding']"))
                        .size()
                == 6);
        page.enter("New finding, price", "0.35");
        page.sees("price 0.10 to 0.35");
        page.press("Remove New finding");
        page.until(() -> page.all(By.cssSelector("input[aria-label='Name of the finding']"))
                        .size()
                == 5);
    }

    /** A lot that is good until yesterday: every batch that uses it says so, and how far a clay is from being conditioned. */
    @Test
    public void whatIsOldOrHardToConditionIsSaidInTheBatch() {
        go("/shelf/supplies");
        page.press("Add a lot of Gift bags");
        page.enter("Gift bags, lot 1, bought on", "1 Nov 2026");
        page.press("Gift bags, lot 1: say until when it is good");
        page.enter("Gift bags, lot 1, use by", "25 Nov 2026");
        page.sees("◦ past its use-by date:");
        go("/shelf/clays/1");
        page.choose("In the hand", "crumbly");
        page.sees("Knead in softener");
        go("/batches/3");
        page.sees("Gift bags, lot 1, will be ");
        go("/batches/3/mix");
        page.sees("Chalk white is crumbly");
        go("/shelf/supplies");
        page.press("Remove lot 1 of Gift bags");
        go("/batches/3");
        page.leaves("Gift bags, lot 1, will be ");
    }

    /** The long baking time is at least an hour: the lighthouse's 27.5 minutes by the packet become 60. */
    @Test
    public void theSchoolOfTheStudioChangesEveryBake() {
        go("/designs/1");
        page.sees("baking time at 125 °C");
        go("/settings");
        page.choose("Baking method", "long and low");
        page.sees("baking method “packet” to “long and low”");
        go("/designs/1/bakes");
        page.sees("Long and low: 60 min at the low end of the window");
        page.press("Undo");
        page.sees("the packet alone asks for 29.7 min");
    }

    @Test
    public void hoursOnNoDayAreRefusedAndTheOthersKept() {
        go("/settings");
        for (String day : new String[] {"Mon", "Tue", "Wed", "Thu", "Fri", "Sat"}) {
            page.press(day);
        }
        page.sees("Choose the days you work.");
        page.press("Sun");
        page.leaves("Choose the days you work.");
        page.sees("Settings: ");
        page.reload();
        assertThat(page.control("Sun").getDomAttribute("aria-pressed")).isEqualTo("true");
        assertThat(page.control("Mon").getDomAttribute("aria-pressed")).isEqualTo("false");
    }

    /** The oven reads 120 at 125: for 125 the dial goes to 130. */
    @Test
    public void aLoadSaysWhereToSetADialThatLies() {
        go("/oven/planned/1");
        page.sees("dial at 130");
        go("/settings");
        page.enter("Reading 2, thermometer, °C", "125");
        page.sees("Bench oven: readings 2 read 120 to 125 °C");
        go("/oven/planned/1");
        page.sees("dial at 125");
        go("/settings");
        page.press("Undo");
        page.until(() -> page.value("Reading 2, thermometer, °C").equals("120"));
        page.press("Add a reading");
        page.enter("Reading 4, thermometer, °C", "90");
        page.sees("Read one of the two again when the heat has settled.");
        page.press("Remove reading 4");
        page.leaves("Read one of the two again");
    }
}
