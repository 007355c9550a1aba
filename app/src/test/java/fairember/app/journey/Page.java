package fairember.app.journey;

import java.awt.geom.Point2D;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.Supplier;
import java.util.logging.Level;
import java.util.logging.Logger;
import org.openqa.selenium.By;
import org.openqa.selenium.ElementNotInteractableException;
import org.openqa.selenium.JavascriptException;
import org.openqa.selenium.Keys;
import org.openqa.selenium.NoSuchElementException;
import org.openqa.selenium.OutputType;
import org.openqa.selenium.PageLoadStrategy;
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

    /** What is asked of a page. */
    private static final String ASKED = asked();

    private static Page shared;

    private final Path profile = temporary();
    private final ChromeDriver driver;
    private Point2D pressed = new Point2D.Double(-1000, -1000);
    private long pressedAt;

    Page() {
        ChromeOptions options = new ChromeOptions();
        options.setBinary("/usr/bin/chromium");
        // What is waited for is in the page; otherwise the driver asks at each command whether it is still loading.
        options.setPageLoadStrategy(PageLoadStrategy.NONE);
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
        begin();
    }

    private static String asked() {
        try (InputStream script = Objects.requireNonNull(Page.class.getResourceAsStream("/journey/page.js"))) {
            return new String(script.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException trouble) {
            throw new UncheckedIOException(trouble);
        }
    }

    private void begin() {
        driver.executeCdpCommand("Page.addScriptToEvaluateOnNewDocument", Map.of("source", ASKED));
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
        openWindow();
        String now = driver.getWindowHandle();
        before.forEach(window -> driver.switchTo().window(window).close());
        driver.switchTo().window(now);
        driver.executeCdpCommand("Storage.clearDataForOrigin", Map.of("origin", "*", "storageTypes", "all"));
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
        leave();
        driver.get(address);
        stands();
    }

    /** Follows a link to a path of the same pages, and waits until that place stands. */
    void follow(String path) {
        script(
                "const state = {key: `${performance.now()}`}; history.pushState(state, '', arguments[0]);"
                        + "dispatchEvent(new PopStateEvent('popstate', {state}))",
                path);
        stands();
    }

    void reload() {
        leave();
        driver.navigate().refresh();
        stands();
    }

    /** Of what is shown nothing will be left. */
    private void leave() {
        script("window.journey = null");
    }

    private void stands() {
        until(() -> Boolean.TRUE.equals(inPage("window.journey?.stands()")));
    }

    /** Another window, which knows what the first keeps in the browser; gives what the first is called. */
    String openWindow() {
        String before = driver.getWindowHandle();
        driver.switchTo().newWindow(WindowType.TAB);
        begin();
        return before;
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
        return one(fieldBy(name));
    }

    static By fieldBy(String name) {
        return By.cssSelector("input[aria-label=\"" + name + "\"]");
    }

    String value(String name) {
        return field(name).getDomProperty("value");
    }

    /** Types over what a field holds, without leaving it. */
    void type(String name, String text) {
        keysOn(fieldBy(name), text);
    }

    /** Types over what a field holds and leaves it. */
    void enter(String name, String text) {
        type(name, text + Keys.TAB);
    }

    /** Keys pressed where the first that is found so has the focus; what a field holds is chosen. */
    void keysOn(By by, CharSequence... keys) {
        until(() -> Boolean.TRUE.equals(ask("focus", by)));
        keys(keys);
    }

    /** No field has the focus any more: keys are the application's again. */
    void leaveTheField() {
        script("document.activeElement.blur()");
    }

    /** The button or link with these words, or with this accessible name. */
    WebElement control(String words) {
        return one(controlBy(words));
    }

    static By controlBy(String words) {
        String said = "normalize-space(.)=\"" + words + "\" or normalize-space(text())=\"" + words + "\"";
        return By.xpath("//*[self::button or self::a][" + said + " or @aria-label=\"" + words + "\"]");
    }

    /** Presses a button or link; like a hand, not twice at once where something else has come to stand in the same place. */
    void press(String words) {
        press(controlBy(words));
    }

    /** Presses the first that is found so; one that is replaced between being found and being pressed is found again. */
    void press(By by) {
        until(() -> isPressed(ask("placeOf", by)));
    }

    /** Presses this very one. */
    void press(WebElement element) {
        until(() -> isPressed(inPage("journey.placeOfThis(arguments[0])", element)));
    }

    private boolean isPressed(Object at) {
        if (!(at instanceof List<?> place)) {
            return false;
        }
        double x = ((Number) place.get(0)).doubleValue();
        double y = ((Number) place.get(1)).doubleValue();
        if (pressed.distance(x, y) < SAME_PLACE_PX) {
            until(() -> System.nanoTime() - pressedAt > A_HANDS_PAUSE_NS);
        }
        mouse("mouseMoved", x, y, 0);
        mouse("mousePressed", x, y, 1);
        mouse("mouseReleased", x, y, 1);
        pressed = new Point2D.Double(x, y);
        pressedAt = System.nanoTime();
        return true;
    }

    private void mouse(String what, double x, double y, int clicks) {
        driver.executeCdpCommand(
                "Input.dispatchMouseEvent",
                Map.of("type", what, "x", x, "y", y, "button", clicks > 0 ? "left" : "none", "clickCount", clicks));
    }

    /** Chooses an option of a list that opens in place. */
    void choose(String list, String option) {
        press(By.cssSelector("button[aria-label=\"" + list + "\"]"));
        press(By.xpath("//*[@role='option'][normalize-space(.)=\"" + option + "\"]"));
    }

    /** Picks from a menu that is open. */
    void pick(String words) {
        press(By.xpath("//*[@role='menuitem'][normalize-space(.)=\"" + words + "\"]"));
    }

    /** Turns the switch with these words on or off. */
    void flip(String words) {
        keysOn(By.xpath("//label[normalize-space(.)=\"" + words + "\"]//*[@role='switch']"), Keys.SPACE);
    }

    /** Single keys, as on the bench. */
    void keys(CharSequence... keys) {
        new Actions(driver).sendKeys(keys).perform();
    }

    WebElement one(By by) {
        List<WebElement> found = new ArrayList<>();
        until(() -> found.addAll(all(by)));
        return found.get(0);
    }

    @SuppressWarnings("unchecked")
    List<WebElement> all(By by) {
        Object found = ask("find", by);
        return found == null ? List.of() : (List<WebElement>) found;
    }

    /** Asks the page something about what is found so. */
    private Object ask(String what, By by) {
        By.Remotable.Parameters how = ((By.Remotable) by).getRemoteParameters();
        return inPage("journey." + what + "(...arguments)", how.using(), how.value());
    }

    /** What a script gives; nothing when the page is left meanwhile. */
    private Object inPage(String script, Object... arguments) {
        try {
            return script("return " + script, arguments);
        } catch (JavascriptException left) {
            return null;
        }
    }

    /** Everything that is to be read on the page, in its drawings too. */
    String text() {
        return (String) script("return journey.text()");
    }

    void sees(String words) {
        reads(words, true);
    }

    void leaves(String words) {
        reads(words, false);
    }

    private void reads(String words, boolean there) {
        until(() -> Boolean.TRUE.equals(inPage("journey.reads(...arguments)", words, there)));
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
