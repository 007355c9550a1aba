package fairember.app.journey;

import java.awt.geom.Point2D;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Supplier;
import java.util.logging.Level;
import java.util.logging.Logger;
import org.openqa.selenium.By;
import org.openqa.selenium.ElementNotInteractableException;
import org.openqa.selenium.Keys;
import org.openqa.selenium.NoSuchElementException;
import org.openqa.selenium.OutputType;
import org.openqa.selenium.StaleElementReferenceException;
import org.openqa.selenium.TimeoutException;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.WindowType;
import org.openqa.selenium.chrome.ChromeDriver;
import org.openqa.selenium.chrome.ChromeDriverService;
import org.openqa.selenium.chrome.ChromeOptions;
import org.openqa.selenium.interactions.Actions;
import org.openqa.selenium.support.ui.WebDriverWait;

/** A page of Fair Ember in a headless browser, spoken of by the names a person sees or hears. */
final class Page {
    private static final Duration PATIENCE = Duration.ofSeconds(60);

    /** Kept, so that its level is. */
    private static final Logger NOISE = Logger.getLogger("org.openqa.selenium");

    static {
        NOISE.setLevel(Level.SEVERE);
    }

    private static final long A_HANDS_PAUSE_NS = 600_000_000;
    private static final double SAME_PLACE_PX = 40;
    private static Page shared;

    private final Path profile = temporary();
    private final ChromeDriver driver;
    private Point2D pressed = new Point2D.Double(-1000, -1000);
    private long pressedAt;

    Page() {
        ChromeOptions options = new ChromeOptions();
        options.setBinary("/usr/bin/chromium");
        options.addArguments(
                "--headless=new",
                "--no-sandbox",
                "--disable-gpu",
                "--disable-quic",
                "--no-first-run",
                "--disable-background-networking",
                "--disable-component-update",
                "--disable-sync",
                "--hide-scrollbars",
                // What glows is drawn in software here, many times a second.
                "--force-prefers-reduced-motion",
                "--lang=en-GB",
                "--user-data-dir=" + profile);
        ChromeDriverService service = new ChromeDriverService.Builder()
                .usingDriverExecutable(Path.of("/usr/bin/chromedriver").toFile())
                .usingAnyFreePort()
                .build();
        driver = new ChromeDriver(service, options);
        driver.manage().timeouts().scriptTimeout(Duration.ofMinutes(3));
        size(1280, 800);
    }

    /** A new window that knows nothing of the ones before: one browser for all journeys of a process. It ends with it. */
    static Page shared() {
        if (shared == null) {
            shared = new Page();
            Runtime.getRuntime().addShutdownHook(new Thread(shared::close));
        } else {
            shared.beginAnew();
        }
        return shared;
    }

    private void beginAnew() {
        Set<String> before = driver.getWindowHandles();
        driver.switchTo().newWindow(WindowType.TAB);
        String now = driver.getWindowHandle();
        before.forEach(window -> driver.switchTo().window(window).close());
        driver.switchTo().window(now);
        driver.executeCdpCommand("Storage.clearDataForOrigin", Map.of("origin", "*", "storageTypes", "all"));
        size(1280, 800);
    }

    private static Path temporary() {
        try {
            return Files.createTempDirectory("fairember-browser");
        } catch (IOException trouble) {
            throw new UncheckedIOException(trouble);
        }
    }

    ChromeDriver driver() {
        return driver;
    }

    void size(int width, int height) {
        driver.executeCdpCommand(
                "Emulation.setDeviceMetricsOverride",
                Map.of("width", width, "height", height, "deviceScaleFactor", 1, "mobile", false));
    }

    /** Opens an address and waits until its heading stands. */
    void open(String address) {
        driver.get(address);
        until(() -> !driver.findElements(By.tagName("h1")).isEmpty());
    }

    /** Follows a link to a path of the same pages, and waits until that place stands. */
    void follow(String path) {
        script(
                "const state = {key: `${performance.now()}`}; history.pushState(state, '', arguments[0]);"
                        + "dispatchEvent(new PopStateEvent('popstate', {state}))",
                path);
        until(() -> !driver.findElements(By.tagName("h1")).isEmpty()
                && driver.findElements(By.xpath("//*[text()='Loading …']")).isEmpty());
    }

    void reload() {
        driver.navigate().refresh();
        until(() -> !driver.findElements(By.tagName("h1")).isEmpty());
    }

    /** Waits until it is so; fails with what the page says when it never is. */
    void until(Supplier<Boolean> condition) {
        try {
            new WebDriverWait(driver, PATIENCE, Duration.ofMillis(25))
                    .ignoreAll(List.of(
                            StaleElementReferenceException.class,
                            NoSuchElementException.class,
                            // What a place that is only being loaded hides.
                            ElementNotInteractableException.class))
                    .until(d -> condition.get());
        } catch (TimeoutException never) {
            throw new AssertionError("Not within 60 s. The page at " + driver.getCurrentUrl() + " says:\n" + text());
        }
    }

    /** The field with this accessible name. */
    WebElement field(String name) {
        return one(By.cssSelector("input[aria-label=\"" + name + "\"]"));
    }

    String value(String name) {
        return field(name).getDomProperty("value");
    }

    /** Types over what a field holds, without leaving it. */
    void type(String name, String text) {
        field(name).sendKeys(Keys.chord(Keys.CONTROL, "a"), text);
    }

    /** Types over what a field holds and leaves it. */
    void enter(String name, String text) {
        type(name, text);
        field(name).sendKeys(Keys.TAB);
    }

    /** No field has the focus any more: keys are the application's again. */
    void leaveTheField() {
        script("document.activeElement.blur()");
    }

    /** The button or link with these words, or with this accessible name. */
    WebElement control(String words) {
        String said = "normalize-space(.)=\"" + words + "\" or normalize-space(text())=\"" + words + "\"";
        return one(By.xpath("//*[self::button or self::a][" + said + " or @aria-label=\"" + words + "\"]"));
    }

    /** Presses it; like a hand, not twice at once where something else has come to stand in the same place. */
    void press(String words) {
        // A control that is replaced between being found and being pressed is found again.
        until(() -> pressed(control(words)));
    }

    /** Presses this very control, as {@link #press(String)} does; always true. */
    boolean pressed(WebElement control) {
        // Where it is in the window when it is pressed, not where it was before the page scrolled to it.
        List<?> at = (List<?>) script("""
                arguments[0].scrollIntoView({block: 'nearest'});
                const box = arguments[0].getBoundingClientRect();
                return [box.x + box.width / 2, box.y + box.height / 2];
                """, control);
        Point2D place = new Point2D.Double(((Number) at.get(0)).doubleValue(), ((Number) at.get(1)).doubleValue());
        if (place.distance(pressed) < SAME_PLACE_PX) {
            until(() -> System.nanoTime() - pressedAt > A_HANDS_PAUSE_NS);
        }
        control.click();
        pressed = place;
        pressedAt = System.nanoTime();
        return true;
    }

    /** Chooses an option of a list that opens in place. */
    void choose(String list, String option) {
        one(By.cssSelector("button[aria-label=\"" + list + "\"]")).click();
        one(By.xpath("//*[@role='option'][normalize-space(.)=\"" + option + "\"]"))
                .click();
    }

    /** Picks from a menu that is open. */
    void pick(String words) {
        one(By.xpath("//*[@role='menuitem'][normalize-space(.)=\"" + words + "\"]"))
                .click();
    }

    /** Turns the switch with these words on or off. */
    void flip(String words) {
        one(By.xpath("//label[normalize-space(.)=\"" + words + "\"]//*[@role='switch']"))
                .sendKeys(Keys.SPACE);
    }

    /** Single keys, as on the bench. */
    void keys(CharSequence... keys) {
        new Actions(driver).sendKeys(keys).perform();
    }

    WebElement one(By by) {
        until(() -> !driver.findElements(by).isEmpty());
        return driver.findElement(by);
    }

    List<WebElement> all(By by) {
        return driver.findElements(by);
    }

    /** Everything that is to be read on the page, in its drawings too. */
    String text() {
        return (String)
                script("const drawn = [...document.querySelectorAll('svg text, output')].map(t => t.textContent);"
                        + "return document.body.innerText + '\\n' + drawn.join('\\n')");
    }

    void sees(String words) {
        until(() -> text().contains(words));
    }

    void leaves(String words) {
        until(() -> !text().contains(words));
    }

    /** The words of a row of a table or list that holds these words. */
    String row(String words) {
        return one(By.xpath("//*[self::tr or self::li][contains(., \"" + words + "\") or .//input[@value=\"" + words
                        + "\"]]"))
                .getText();
    }

    Object script(String script, Object... arguments) {
        return driver.executeScript(script, arguments);
    }

    byte[] picture() {
        return driver.getScreenshotAs(OutputType.BYTES);
    }

    private void close() {
        driver.quit();
        Studio.clear(profile);
    }

    /** Nothing that axe finds on what is shown now, in this window. */
    void isForEveryone() {
        new AxeLook(this).isForEveryone();
    }
}
