package fairember.journey;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.net.URI;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.interactions.Actions;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What was typed is kept: fields take anything, hands press twice, two windows change one thing, the server goes and comes back. */
public class UnsavedWorkJourney extends Journey {
    private static final String HEIGHT = "Tower, height, mm";

    /** Of its own: it needs the copies and the load there are when the demo begins. */
    @Override
    Studio studio() {
        return Studio.demo();
    }

    private Object kept(String path, String... fields) {
        Object at = page.script("return fetch(arguments[0]).then(answer => answer.json())", path);
        for (String field : fields) {
            at = at instanceof List<?> list ? list.get(Integer.parseInt(field)) : ((Map<?, ?>) at).get(field);
        }
        return at;
    }

    private void heightIsKept(int mm) {
        page.until(() -> ((Number) kept("/api/designs/1", "design", "parts", "0", "shape", "dimensions", "heightMm"))
                        .doubleValue()
                == mm);
    }

    private void refused() {
        page.type(HEIGHT, "9000");
        page.sees("not saved: see the marked field");
    }

    @Test
    public void aSecondPressDoesNotHitWhatStandsThereNow() {
        go("/batches/4");
        pressTwice(put -> new Actions(page.driver()).doubleClick(put).perform());
        isOnTheBench();
        takeOffTheBench();
        pressTwice(put -> put.sendKeys(Keys.ENTER, Keys.ENTER));
        isOnTheBench();
    }

    /** Presses half a second apart may hit what stands there then: where a slow machine makes such ones, they are tried again. */
    private void pressTwice(Consumer<WebElement> twice) {
        for (int tries = 0; tries < 10; tries++) {
            new Actions(page.driver()).pause(600).perform();
            page.script("""
                    if (!window.presses) addEventListener('click', e => window.presses.push(e.timeStamp), true);
                    window.presses = [];
                    """);
            twice.accept(page.control("Put on the bench"));
            page.until(() -> (Boolean) page.script("return window.presses.length === 2"));
            if ((Boolean) page.script("return window.presses[1] - window.presses[0] < 500")) {
                return;
            }
            page.reload();
            if (!isPlanned()) {
                takeOffTheBench();
            }
        }
        throw new AssertionError("No two presses came within half a second.");
    }

    private boolean isPlanned() {
        return "PLANNED".equals(kept("/api/batches/4", "batch", "state"));
    }

    private void takeOffTheBench() {
        page.press("Take off the bench");
        page.until(this::isPlanned);
    }

    private void isOnTheBench() {
        page.until(() -> "ON_BENCH".equals(kept("/api/batches/4", "batch", "state")));
        page.sees("Take off the bench");
    }

    @Test
    public void changesOfTwoWindowsMergeAndAClashShowsBoth() {
        go("/designs/1");
        refused();
        String mine = page.openWindow();
        String other = page.driver().getWindowHandle();
        page.open(studio.address() + "/designs/1");
        page.enter("Name of the design", "Light of two windows");
        page.until(() -> "Light of two windows".equals(kept("/api/designs/1", "design", "name")));
        page.driver().switchTo().window(mine);
        page.enter(HEIGHT, "63");
        heightIsKept(63);
        assertThat(kept("/api/designs/1", "design", "name")).isEqualTo("Light of two windows");
        page.until(() -> page.value("Name of the design").equals("Light of two windows"));
        refused();
        page.driver().switchTo().window(other);
        page.reload();
        page.until(() -> page.value(HEIGHT).equals("63"));
        page.enter(HEIGHT, "70");
        heightIsKept(70);
        page.driver().switchTo().window(mine);
        page.enter(HEIGHT, "66");
        page.sees("was also changed in another window");
        String given = page.one(By.cssSelector("[role=alert]")).getText();
        assertThat(given).contains("66", "70");
        assertThat(page.value(HEIGHT)).isEqualTo("66");
        heightIsKept(70);
        page.press("Save mine");
        heightIsKept(66);
        page.driver().switchTo().window(other).close();
        page.driver().switchTo().window(mine);
    }

    /** Saved by its link, the studio changed, opened by its file, and that taken back. */
    @Test
    public void aCopyIsSavedAndOpenedInPlaceAndTakenBack() throws IOException {
        go("/settings");
        String link = page.control("Save a copy").getDomAttribute("href");
        Path copy = Files.createTempFile("fairember-copy", ".db");
        try (InputStream in = URI.create(studio.address() + link).toURL().openStream()) {
            Files.copy(in, copy, StandardCopyOption.REPLACE_EXISTING);
        }
        String before = page.value("name");
        page.enter("name", "Another bench");
        page.until(() -> "Another bench".equals(kept("/api/settings", "settings", "name")));
        page.one(By.cssSelector("input[type=file]")).sendKeys(copy.toString());
        page.sees("The studio as it was before is kept");
        page.until(() -> page.value("name").equals(before));
        page.press("Restore the old studio");
        page.until(() -> page.value("name").equals("Another bench"));
        assertThat(page.all(By.cssSelector("ul[aria-label='Saved copies'] li"))).hasSize(2);
        page.isForEveryone();
        Path words = Files.createTempFile("fairember-copy", ".db");
        Files.writeString(words, "no studio");
        page.one(By.cssSelector("input[type=file]")).sendKeys(words.toString());
        page.sees("is not an SQLite file");
        assertThat(page.value("name")).isEqualTo("Another bench");
    }

    /** What a window left that was closed is saved by the one that is still open. */
    @Test
    public void whatAClosedWindowLeftIsTakenUpByAnOpenOne() {
        go("/designs/3");
        String stays = page.openWindow();
        page.open(studio.address() + "/designs/3");
        page.type("Field, width, mm", "9000");
        page.sees("not saved: see the marked field");
        page.type("Name of the design", "Flag of a closed window");
        page.sees("not saved: see the marked field");
        page.driver().close();
        page.driver().switchTo().window(stays);
        page.until(() -> page.value("Name of the design").equals("Flag of a closed window"));
        page.enter("Field, width, mm", "24");
        page.until(() -> "Flag of a closed window".equals(kept("/api/designs/3", "design", "name")));
    }

    @Test(priority = 1)
    public void whatIsTypedWhileTheServerIsGoneIsSavedWhenItIsBack() {
        go("/designs/1");
        page.sees("finished weight");
        studio.kill();
        // Nothing was typed or asked for.
        page.sees("Fair Ember is not responding");
        page.enter(HEIGHT, "61");
        page.sees("and what you typed in");
        studio.again();
        page.leaves("Fair Ember is not responding");
        heightIsKept(61);
        studio.kill();
        page.sees("Fair Ember is not responding");
        page.enter(HEIGHT, "64");
        page.sees("and what you typed in");
        page.driver().get("about:blank");
        studio.again();
        page.open(studio.address() + "/bench");
        heightIsKept(64);
    }

    @Test
    public void aNumberIsUnderstoodOrRefusedAndEscapeBringsBackWhatWas() {
        go("/designs/1");
        String before = page.value(HEIGHT);
        for (String[] typed : new String[][] {{"6.25cm", "62.5"}, {"62 1/2", "62.5"}, {"62,5 mm", "62.5"}}) {
            page.enter(HEIGHT, typed[0]);
            page.until(() -> page.value(HEIGHT).equals(typed[1]));
        }
        for (String[] typed : new String[][] {
            {"1,000", "can mean two numbers. Type 1000 or 1.000."},
            {"62g", "is not in mm"},
            {"1/0", "divide by 0"},
            {"6 2", "is not a number"},
            {"", "A number is missing"}
        }) {
            page.type(HEIGHT, typed[0].isEmpty() ? Keys.BACK_SPACE.toString() : typed[0]);
            page.sees(typed[1]);
            page.keysOn(Page.fieldBy(HEIGHT), Keys.TAB);
            assertThat(page.value(HEIGHT)).isEqualTo(typed[0]);
            page.keysOn(Page.fieldBy(HEIGHT), Keys.ESCAPE);
            page.until(() -> page.value(HEIGHT).equals("62.5"));
        }
        page.enter(HEIGHT, before);
    }

    @DataProvider
    public Object[][] places() {
        return new Object[][] {
            {"/bench"},
            {"/designs/1"},
            {"/designs/7/built-on"},
            {"/designs/2/bakes"},
            {"/designs/2/steps"},
            {"/mixes/5"},
            {"/mixes/tiles"},
            {"/mixes/leftovers"},
            {"/mixes/sheets/cane"},
            {"/batches/3"},
            {"/oven/planned/1"},
            {"/oven/ovens"},
            {"/price/1"},
            {"/shelf/clays/8"},
            {"/shelf/supplies"},
            {"/settings"},
        };
    }

    /** Empty, begun, pasted and absurd: no field of any place takes the page down with it. */
    @Test(dataProvider = "places", priority = 2)
    public void noFieldOfAPlaceBreaksItWhateverIsTyped(String path) {
        go(path);
        page.until(() -> page.all(By.xpath("//*[text()='Loading …']")).isEmpty());
        Object broken = page.script("return (async () => {" + EVERY_FIELD + "})()");
        assertThat(broken).as(path).isEqualTo(List.of());
    }

    /** Keys as they come, one by one: a date with its year deleted, a time without its minutes. */
    @Test(priority = 2)
    public void halfADateAndATimeBreakNothing() {
        go("/batches/3");
        for (String label : List.of("due", "begins")) {
            page.keysOn(Page.fieldBy(label), Keys.BACK_SPACE, Keys.ARROW_RIGHT, Keys.DELETE, "9", Keys.TAB);
            page.sees("Days");
        }
        go("/settings");
        page.keysOn(Page.fieldBy("opens"), Keys.BACK_SPACE, Keys.ARROW_RIGHT, Keys.DELETE, "7", Keys.TAB);
        page.sees("Your hands");
    }

    private static final String EVERY_FIELD = """
            const absurd = ['', '-', '-99999999999999999999', 'x'.repeat(2000) + '\\u202e\\u0000<b>\\ud83d\\ude00'];
            // Of fields alike, on all places, such as the size of every part, the first stands for all.
            const kinds = window.kindsOfFields ??= new Set();
            const broken = [];
            const report = (event) => broken.push(`${event.type}: ${event.message ?? event.reason}`);
            addEventListener('error', report);
            addEventListener('unhandledrejection', report);
            const fields = () => [...document.querySelectorAll(
                'input:not([type=file]):not([type=checkbox]):not([type=radio]), textarea')].filter(f => !f.disabled);
            const write = (field, text) => {
                const kind = field instanceof HTMLTextAreaElement ? HTMLTextAreaElement : HTMLInputElement;
                Object.getOwnPropertyDescriptor(kind.prototype, 'value').set.call(field, text);
                field.dispatchEvent(new Event('input', { bubbles: true }));
            };
            const drawn = () => new Promise(later => setTimeout(later, 0));
            for (let i = 0; i < fields().length; i += 1) {
                const name = fields()[i].getAttribute('aria-label') ?? fields()[i].type;
                const kind = name.replace(/^[^,]*, /, '').replace(/\\d+/g, '');
                if (kinds.has(kind)) continue;
                kinds.add(kind);
                const before = fields()[i].value;
                for (const text of [...absurd, before]) {
                    const field = fields()[i];
                    if (!field) break;
                    field.focus();
                    write(field, text);
                    await drawn();
                    const heading = document.querySelector('h1')?.textContent ?? 'This place could not be shown';
                    if (heading === 'This place could not be shown') return [...broken, `${name}: ${text}`];
                }
                fields()[i]?.blur();
            }
            removeEventListener('error', report);
            removeEventListener('unhandledrejection', report);
            return broken;
            """;
}
