package fairember.journey;

import static org.assertj.core.api.Assertions.assertThat;

import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.testng.annotations.Test;

/** Keys, focus and titles: everything can be reached and understood without a pointer and without seeing the page. */
public class AccessJourney extends Journey {
    private String focused() {
        return (String)
                page.script("const e = document.activeElement; return e.tagName + ' ' + (e.id || e.textContent)");
    }

    private boolean lostIs(int lost) {
        return page.all(By.cssSelector("footer button")).stream()
                .anyMatch(button -> button.getText().replaceAll("\\s+", " ").startsWith("Lost " + lost));
    }

    @Test
    public void aLinkSkipsToThePageAndEachPageSaysItsTitle() {
        go("/bench");
        page.keys(Keys.TAB);
        assertThat(focused()).isEqualTo("A Skip to the page");
        page.keys(Keys.ENTER);
        assertThat(focused()).isEqualTo("MAIN page");
        page.script("document.activeElement.blur()");
        page.keys("d");
        page.until(() -> page.driver().getTitle().equals("Designs – Fair Ember"));
        page.until(() -> focused().equals("H1 Designs"));
        page.until(() -> page.all(By.cssSelector("[role=status]")).stream()
                .anyMatch(said -> "Designs – Fair Ember".equals(said.getDomProperty("textContent"))));
        go("/batches/3/mix");
        page.until(() -> page.driver().getTitle().equals("Harbour Light Fair, mix – Fair Ember"));
    }

    @Test
    public void singleKeysRestWhileSomethingIsOpenAndAHeldKeyCountsOnce() {
        go("/designs");
        page.press("New design");
        page.one(By.cssSelector("[role=menu]"));
        page.keys("o");
        assertThat(page.driver().getCurrentUrl()).endsWith("/designs");
        page.keys(Keys.ESCAPE);
        page.until(() -> page.all(By.cssSelector("[role=menu]")).isEmpty());
        page.keys("/");
        page.one(By.cssSelector("[role=dialog] input"));
        page.keys("x");
        page.until(
                () -> "x".equals(page.one(By.cssSelector("[role=dialog] input")).getDomProperty("value")));
        page.keys(Keys.ESCAPE);
        page.until(() -> page.all(By.cssSelector("[role=dialog]")).isEmpty());
        assertThat(lostIs(0)).isTrue();
        page.script("for (const repeat of [false, true, true]) document.body.dispatchEvent("
                + "new KeyboardEvent('keydown', {key: 'x', bubbles: true, repeat}))");
        page.until(() -> lostIs(1));
        page.keys("u");
        page.until(() -> lostIs(0));
    }

    @Test(dependsOnMethods = "singleKeysRestWhileSomethingIsOpenAndAHeldKeyCountsOnce")
    public void singleKeysCanBeSwitchedOff() {
        go("/settings");
        By keys = By.xpath("//label[contains(., 'single-key shortcuts')]//button");
        page.press(keys);
        page.script("document.activeElement.blur()");
        page.keys("b");
        page.keys("x");
        assertThat(page.driver().getCurrentUrl()).endsWith("/settings");
        page.press(keys);
        page.script("document.activeElement.blur()");
        page.keys("b");
        page.until(() -> page.driver().getCurrentUrl().endsWith("/bench"));
        assertThat(lostIs(0)).isTrue();
    }

    @Test(dependsOnMethods = "singleKeysCanBeSwitchedOff")
    public void aSingleKeyCanBeAnother() {
        go("/settings");
        page.press(By.xpath("//summary[.='Choose other keys']"));
        page.keysOn(Page.fieldBy("Key: go to Bench"), "d");
        page.sees("is the key for “go to Designs”");
        page.keysOn(Page.fieldBy("Key: go to Bench"), "q");
        page.until(() -> page.value("Key: go to Bench").equals("q"));
        page.leaveTheField();
        page.stands();
        page.keys("b");
        assertThat(page.driver().getCurrentUrl()).endsWith("/settings");
        page.keys("q");
        page.until(() -> page.driver().getCurrentUrl().endsWith("/bench"));
        go("/settings");
        page.press(By.xpath("//summary[.='Choose other keys']"));
        page.press("Back to the usual keys");
        page.until(() -> page.value("Key: go to Bench").equals("b"));
    }

    @Test
    public void backBringsBackWhereAPageWasScrolledToAndWhatWasChosen() {
        go("/designs");
        page.press("Side by side, to scale");
        page.press("Settings");
        page.until(() -> page.driver().getTitle().startsWith("Settings"));
        String scrolled = "[...document.querySelectorAll('main *')].find(e => e.scrollHeight > e.clientHeight + 300)";
        page.script(scrolled + ".scrollTop = 250");
        page.until(() -> page.script("return " + scrolled + ".scrollTop").equals(250L));
        page.press("Mixes");
        page.until(() -> page.driver().getCurrentUrl().contains("/mixes"));
        page.driver().navigate().back();
        page.until(() -> page.driver().getTitle().startsWith("Settings"));
        page.until(() -> page.script("return " + scrolled + "?.scrollTop").equals(250L));
        page.driver().navigate().back();
        page.until(() -> "on".equals(page.control("Side by side, to scale").getDomAttribute("data-state")));
    }

    @Test
    public void theFocusGoesToWhatIsAdded() {
        go("/designs/1/bakes");
        page.press("Add a check");
        page.until(() -> "Check 4".equals(page.script("return document.activeElement.getAttribute('aria-label')")));
        page.keys(Keys.TAB);
        page.sees("added New check");
        page.press("Undo");
        page.until(() -> page.all(By.cssSelector("input[aria-label='Check 4']")).isEmpty());
    }

    @Test
    public void daysAndTimesAreTypedInManyWaysAndWrittenInOne() {
        go("/batches/4");
        String before = page.value("due");
        assertThat(before).matches("[A-Z][a-z]{2} \\d{1,2} [A-Z][a-z]{2} \\d{4}");
        page.enter("due", "22 december");
        page.until(() -> page.value("due").equals("Tue 22 Dec 2026"));
        page.enter("due", "31.2.2027");
        page.sees("is not a day");
        page.enter("due", before);
        page.until(() -> page.value("due").equals(before));
        go("/settings");
        page.enter("opens", "8.30 am");
        page.until(() -> page.value("opens").equals("08:30"));
        page.enter("opens", "9");
        page.until(() -> page.value("opens").equals("09:00"));
    }

    @Test
    public void theBenchBarFitsATablet() {
        page.size(820, 1180);
        try {
            go("/bench");
            assertThat((Boolean) page.script("const bar = document.querySelector('footer');"
                            + "return bar.scrollWidth <= bar.clientWidth"))
                    .isTrue();
        } finally {
            page.size(1280, 800);
        }
    }
}
