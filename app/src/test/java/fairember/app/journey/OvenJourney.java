package fairember.app.journey;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.testng.annotations.Test;

/** The oven planned, changed by hand, watched while it is hot. */
public class OvenJourney extends Journey {
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
        go("/ways");
        page.choose("Kind of simulated oven 1", "small oven");
        page.choose("Fault of simulated oven 1", "heater stuck on");
        page.choose("How fast the studio’s time goes", "60 times as fast");
        go("/oven");
        page.sees("over the 130 °C its pieces take");
        page.sees("Off, door shut until it is cooler");
        go("/ways");
        page.sees("In the oven: ");
        page.isForEveryone();
        page.press("Look at it");
        page.sees("Off, door shut until it is cooler");
        page.leaves("Look at it");
        go("/ways");
        page.choose("Fault of simulated oven 1", "nothing wrong");
        page.choose("How fast the studio’s time goes", "as it does");
        go("/oven");
        page.press("It is out now");
        page.leaves("It is out now");
    }

    @Test(dependsOnMethods = "theLiveLoadShowsItsCurveAndAStuckHeaterRaisesAnAlarmWithWhatToDo")
    public void aLoadIsHeldAndWhatAMoveWouldCostIsSaidBeforeItIsDone() {
        go("/oven/planned/1");
        int loads = rows();
        page.press("Hold it so");
        page.sees("Held: let it go");
        page.press("Undo");
        page.sees("Hold it so");
        page.press("Move …");
        page.control("What would it cost?").sendKeys(Keys.ENTER);
        page.sees("into a load of their own?");
        page.sees("1 load more");
        page.press("Move and hold both loads so");
        page.leaves("into a load of their own?");
        page.until(() -> rows() == loads + 1);
        page.sees("⚲ held");
        page.sees("Let go of all 2 wishes");
        page.press("⚲ Held: let it go");
        page.sees("Let go of all 1 wish");
        page.press("Let go of all 1 wish");
        page.until(() -> rows() == loads);
    }

    private int rows() {
        return page.all(By.cssSelector("a[href^='/oven/planned/']")).size()
                - page.all(By.cssSelector("aside a[href^='/oven/planned/']")).size();
    }

    @Test(dependsOnMethods = "aLoadIsHeldAndWhatAMoveWouldCostIsSaidBeforeItIsDone")
    public void aBetterPlanIsLookedForAndTheDaysShowTheChain() {
        go("/oven");
        page.press("Look for a better plan");
        page.sees("Looked for");
        page.leaves("no such plan is known");
        go("/oven/lanes");
        page.sees("the chain that keeps it from ending earlier");
        String days =
                page.one(By.cssSelector("section[aria-label=Days] svg title")).getDomProperty("textContent");
        assertThat(days).contains("(in the chain)", "oven load 1", "cools");
    }

    @Test(dependsOnMethods = "aBetterPlanIsLookedForAndTheDaysShowTheChain")
    public void aSecondOvenIsAddedWithTwoTraysAndTakenOutAgain() {
        go("/ways");
        page.enter("makers at the bench", "3");
        page.until(() -> "true".equals(page.field("makers at the bench").getDomAttribute("aria-invalid")));
        page.enter("makers at the bench", "2");
        page.until(() -> !"true".equals(page.field("makers at the bench").getDomAttribute("aria-invalid")));
        page.enter("makers at the bench", "1");
        page.press("Add a second oven");
        page.until(() -> page.value("Name of oven 2").equals("Second oven"));
        page.enter("Name of oven 2", "Window oven");
        page.sees("Window oven");
        page.one(By.cssSelector("button[aria-label='Oven 2 runs only in hours of its own']"))
                .sendKeys(Keys.SPACE);
        page.until(() -> page.value("Oven 2 may run from").equals("09:00"));
        page.field("Oven 2 may run until").sendKeys("0905AM");
        page.until(() -> "true".equals(page.field("Oven 2 may run until").getDomAttribute("aria-invalid")));
        page.press("Take this oven out");
        page.until(() ->
                page.all(By.cssSelector("input[aria-label='Name of oven 2']")).isEmpty());
        page.press("Add a tray");
        page.enter("Height above tray 2, mm", "900");
        page.until(() -> "true".equals(page.field("Height above tray 2, mm").getDomAttribute("aria-invalid")));
        page.enter("Height above tray 2, mm", "60");
        page.press("Take out tray 2");
        page.press("Add a place");
        page.enter("Place 1, warmer by, °C", "90");
        page.until(() -> "true".equals(page.field("Place 1, warmer by, °C").getDomAttribute("aria-invalid")));
        page.press("Take out place 1");
    }

    @Test(dependsOnMethods = "aSecondOvenIsAddedWithTwoTraysAndTakenOutAgain")
    public void aPieceIsBakedByItsOwnSchoolAndCooledItsOwnWay() {
        go("/pieces/2/bakes");
        page.sees("by the packet alone it would be 20 min");
        page.choose("How this piece is baked", "long hold");
        page.sees("Long hold: 60 min at the low end of the window");
        page.choose("How this piece is baked", "staged");
        page.leaves("Long hold: 60 min");
        page.sees("On a rack it can be handled after about");
        page.all(By.cssSelector("button[role=switch]")).get(2).click();
        page.sees("In cold water it can be handled after about");
        page.choose("How this piece is baked", "as the studio bakes");
        page.sees("by the packet alone it would be 20 min");
    }

    @Test(dependsOnMethods = "aPieceIsBakedByItsOwnSchoolAndCooledItsOwnWay")
    public void aClayThatDriesInTheAirIsTypedIntoItsLineAndItsPiecesSayTheirHours() {
        go("/shelf/lines");
        page.enter("Marl Firm, hours in the air per 6 mm, h", "24");
        page.sees("Marl Firm");
        go("/pieces/2/bakes");
        page.sees("in the air, no oven");
        page.sees("Dries in the air:");
        go("/oven/lanes");
        page.until(() -> page.one(By.cssSelector("section[aria-label=Days] svg title"))
                .getDomProperty("textContent")
                .contains("dries"));
        page.press("Undo");
        go("/pieces/2/bakes");
        page.leaves("in the air, no oven");
    }

    /** Readings that a probe kept to itself come in as a file; a file that is none is refused with what to do. */
    @Test(dependsOnMethods = "aClayThatDriesInTheAirIsTypedIntoItsLineAndItsPiecesSayTheirHours")
    public void readingsComeInAsAFile() throws IOException {
        go("/oven/logged/1");
        Path good = Files.writeString(
                Files.createTempFile("readings", ".csv"),
                "at,temp_c\n2026-10-25T12:30:01,126.5\n2026-10-25T12:30:02,oven\n");
        page.one(By.cssSelector("input[type=file]")).sendKeys(good.toString());
        page.sees("1 reading taken, 0 known before, 1 not taken.");
        Path bad = Files.writeString(Files.createTempFile("readings", ".csv"), "when,what\n1,2\n");
        page.one(By.cssSelector("input[type=file]")).sendKeys(bad.toString());
        page.sees("Write them into the first line.");
    }
}
