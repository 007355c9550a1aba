package fairember.journey;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.testng.annotations.Test;

/** The oven planned, changed by hand, watched while it is hot. */
public class OvenJourney extends Journey {
    @Override
    Studio studio() {
        return Studio.demo();
    }

    @Test
    public void theLiveLoadShowsItsCurveAndAStuckHeaterRaisesAnAlarmWithWhatToDo() {
        go("/oven");
        page.sees("minutes that count");
        page.until(() ->
                page.one(By.cssSelector("aside[aria-label=Oven]")).getText().contains("°\n")
                        || page.one(By.cssSelector("aside[aria-label=Oven] svg"))
                                .isDisplayed());
        page.press("Chime is on");
        page.sees("Chime is off");
        page.reload();
        page.sees("Chime is off");
        page.press("Chime is off");
        go("/settings");
        page.choose("Kind of simulated oven 1", "small oven");
        page.choose("Fault of simulated oven 1", "heater stuck on");
        page.choose("Speed of the studio’s clock", "60 times as fast");
        go("/oven");
        page.sees("over the 130 °C these pieces can take");
        page.sees("Switch the oven off, keep its door shut");
        go("/settings");
        // At once, so that a slow machine does not plan in the evening what a quick one plans at noon.
        page.choose("Speed of the studio’s clock", "real time");
        page.sees("In the oven: ");
        page.isForEveryone();
        page.press("Show this load");
        page.sees("Switch the oven off, keep its door shut");
        page.leaves("Show this load");
        go("/settings");
        page.choose("Fault of simulated oven 1", "no fault");
        go("/oven");
        page.press("Take out now");
        page.until(() ->
                page.text().contains("Take out, count as baked") || !page.text().contains("Take out now"));
        if (page.text().contains("Take out, count as baked")) {
            page.press("Take out, count as baked");
        }
        page.leaves("Take out now");
    }

    @Test(dependsOnMethods = "theLiveLoadShowsItsCurveAndAStuckHeaterRaisesAnAlarmWithWhatToDo")
    public void aLoadIsHeldAndWhatAMoveWouldCostIsSaidBeforeItIsDone() {
        go("/oven/planned/1");
        int loads = rows();
        page.press("Pin this load");
        page.sees("Unpin this load");
        page.press("Undo");
        page.sees("Pin this load");
        page.press("Move …");
        page.keysOn(Page.controlBy("Check this move"), Keys.ENTER);
        page.sees("to a new load?");
        page.sees("1 load more");
        page.press("Move and pin both loads");
        page.leaves("to a new load?");
        page.until(() -> rows() == loads + 1);
        page.sees("⚲ pinned");
        page.sees("Clear 2 pins");
        page.press("⚲ Unpin this load");
        page.sees("Clear 1 pin");
        page.press("Clear 1 pin");
        page.until(() -> rows() == loads);
    }

    private int rows() {
        return page.all(By.cssSelector("a[href^='/oven/planned/']")).size()
                - page.all(By.cssSelector("aside a[href^='/oven/planned/']")).size();
    }

    @Test(dependsOnMethods = "aLoadIsHeldAndWhatAMoveWouldCostIsSaidBeforeItIsDone")
    public void aBetterPlanIsLookedForAndTheDaysShowTheChain() {
        go("/oven");
        page.press("Search for a better plan");
        page.sees("Searched for");
        // How good the plan is depends on how fast the machine is; that every load of it is listed does not.
        page.until(() -> page.text().contains(rows() + " loads"));
        go("/oven/lanes");
        page.sees("critical chain");
        String days =
                page.one(By.cssSelector("section[aria-label=Days] svg title")).getDomProperty("textContent");
        assertThat(days).contains("(critical)", "oven load 1", "cools");
    }

    @Test(dependsOnMethods = "aBetterPlanIsLookedForAndTheDaysShowTheChain")
    public void aSecondOvenIsAddedWithTwoTraysAndTakenOutAgain() {
        go("/settings");
        page.enter("makers at work", "3");
        page.until(() -> "true".equals(page.field("makers at work").getDomAttribute("aria-invalid")));
        page.enter("makers at work", "2");
        page.until(() -> !"true".equals(page.field("makers at work").getDomAttribute("aria-invalid")));
        page.enter("makers at work", "1");
        page.press("Add a second oven");
        page.until(() -> page.value("Name of oven 2").equals("Second oven"));
        page.enter("Name of oven 2", "Window oven");
        page.sees("Window oven");
        page.keysOn(By.cssSelector("button[aria-label='Oven 2 has its own hours']"), Keys.SPACE);
        page.until(() -> page.value("Oven 2 may run from").equals("09:00"));
        page.enter("Oven 2 may run until", "09:05");
        page.until(() -> "true".equals(page.field("Oven 2 may run until").getDomAttribute("aria-invalid")));
        page.press("Remove this oven");
        page.until(() ->
                page.all(By.cssSelector("input[aria-label='Name of oven 2']")).isEmpty());
        page.press("Add a tray");
        page.enter("Height above tray 2, mm", "900");
        page.until(() -> "true".equals(page.field("Height above tray 2, mm").getDomAttribute("aria-invalid")));
        page.enter("Height above tray 2, mm", "60");
        page.press("Remove tray 2");
        page.press("Add a spot");
        page.enter("Spot 1, warmer by, °C", "90");
        page.until(() -> "true".equals(page.field("Spot 1, warmer by, °C").getDomAttribute("aria-invalid")));
        page.press("Remove spot 1");
    }

    @Test(dependsOnMethods = "aSecondOvenIsAddedWithTwoTraysAndTakenOutAgain")
    public void aDesignIsBakedByItsOwnSchoolAndCooledItsOwnWay() {
        go("/designs/2/bakes");
        page.sees("the packet alone asks for 20 min");
        page.choose("Baking method of this design", "long and low");
        page.sees("Long and low: 60 min at the low end of the window");
        page.choose("Baking method of this design", "in stages");
        page.leaves("Long and low: 60 min");
        page.sees("on a rack, after");
        page.press(By.cssSelector("button[role=switch]"));
        page.sees("in cold water, after about");
        page.choose("Baking method of this design", "as in Settings");
        page.sees("the packet alone asks for 20 min");
    }

    @Test(dependsOnMethods = "aDesignIsBakedByItsOwnSchoolAndCooledItsOwnWay")
    public void aClayThatDriesInTheAirIsTypedIntoItsLineAndItsDesignsSayTheirHours() {
        go("/shelf/ranges");
        page.enter("Marl Firm, hours in air per 6 mm, h", "24");
        page.sees("Marl Firm");
        go("/designs/2/bakes");
        page.sees("air-dries, no oven");
        page.sees("Dries in the air:");
        go("/oven/lanes");
        page.until(() -> page.one(By.cssSelector("section[aria-label=Days] svg title"))
                .getDomProperty("textContent")
                .contains("dries"));
        page.press("Undo");
        go("/designs/2/bakes");
        page.leaves("air-dries, no oven");
    }

    /** Readings that a probe kept to itself come in as a file; a file that is none is refused with what to do. */
    @Test(dependsOnMethods = "aClayThatDriesInTheAirIsTypedIntoItsLineAndItsDesignsSayTheirHours")
    public void readingsComeInAsAFile() throws IOException {
        go("/oven/logged/1");
        Path good = Files.writeString(
                Files.createTempFile("readings", ".csv"),
                "at,temp_c\n2026-10-25T12:30:01,126.5\n2026-10-25T12:30:02,oven\n");
        page.one(By.cssSelector("input[type=file]")).sendKeys(good.toString());
        page.sees("1 reading loaded, 0 already known, 1 refused.");
        Path bad = Files.writeString(Files.createTempFile("readings", ".csv"), "when,what\n1,2\n");
        page.one(By.cssSelector("input[type=file]")).sendKeys(bad.toString());
        page.sees("Name these columns in the first line.");
    }
}
