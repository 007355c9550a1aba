package fairember.journey;

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
import org.openqa.selenium.NoSuchElementException;
import org.openqa.selenium.OutputType;
import org.openqa.selenium.PageLoadStrategy;
import org.openqa.selenium.SessionNotCreatedException;
import org.openqa.selenium.StaleElementReferenceException;
import org.openqa.selenium.TimeoutException;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.WindowType;
import org.openqa.selenium.chrome.ChromeDriver;
import org.openqa.selenium.chrome.ChromeDriverService;
import org.openqa.selenium.chrome.ChromeOptions;
import org.openqa.selenium.support.ui.WebDriverWait;

/** A headless browser with one page of the studio before it, asked by scripts what stands there. */
class Browser {
    private static final Duration PATIENCE = Duration.ofSeconds(60);

    /** Kept, so that its level is. */
    private static final Logger NOISE = Logger.getLogger("org.openqa.selenium");

    static {
        NOISE.setLevel(Level.SEVERE);
    }

    /** What is asked of a page. */
    private static final String ASKED = asked();

    /** The same browser without its own windows, where it is installed: it takes a seventh less of the processor's time. */
    private static final Path WINDOWLESS = Path.of("/usr/lib/chromium/chromium-headless-shell");

    private final ChromeDriver driver = started();

    Browser() {
        driver.manage().timeouts().scriptTimeout(Duration.ofMinutes(3));
        begin();
    }

    private static ChromeDriver started() {
        if (Files.isExecutable(WINDOWLESS)) {
            try {
                return started(WINDOWLESS);
            } catch (SessionNotCreatedException doNotFit) {
                NOISE.log(Level.SEVERE, "The driver cannot use it", doNotFit);
            }
        }
        return started(Path.of("/usr/bin/chromium"), "--headless=new");
    }

    private static ChromeDriver started(Path browser, String... how) {
        ChromeOptions options = new ChromeOptions();
        options.setBinary(browser.toFile());
        // What is waited for is in the page; otherwise the driver asks at each command whether it is still loading.
        options.setPageLoadStrategy(PageLoadStrategy.NONE);
        options.addArguments(how);
        options.addArguments(
                "--no-sandbox",
                "--disable-gpu",
                "--disable-quic",
                "--no-first-run",
                "--disable-background-networking",
                "--disable-component-update",
                "--disable-sync",
                "--hide-scrollbars",
                // Letters are as wide in the one browser as in the other.
                "--font-render-hinting=none",
                // What glows is drawn in software here, many times a second.
                "--force-prefers-reduced-motion",
                "--lang=en-GB");
        ChromeDriverService service = new ChromeDriverService.Builder()
                .usingDriverExecutable(Path.of("/usr/bin/chromedriver").toFile())
                .usingAnyFreePort()
                .build();
        return new ChromeDriver(service, options);
    }

    private static String asked() {
        try (InputStream script = Objects.requireNonNull(Browser.class.getResourceAsStream("/journey/page.js"))) {
            return new String(script.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException trouble) {
            throw new UncheckedIOException(trouble);
        }
    }

    private void begin() {
        driver.executeCdpCommand("Page.addScriptToEvaluateOnNewDocument", Map.of("source", ASKED));
        size(1280, 800);
    }

    void beginAnew() {
        Set<String> before = driver.getWindowHandles();
        openWindow();
        String now = driver.getWindowHandle();
        before.forEach(window -> driver.switchTo().window(window).close());
        driver.switchTo().window(now);
        driver.executeCdpCommand("Storage.clearDataForOrigin", Map.of("origin", "*", "storageTypes", "all"));
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

    /** Waits until its heading stands and all has come that it asked for. */
    void stands() {
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

    WebElement one(By by) {
        List<WebElement> found = new ArrayList<>();
        until(() -> found.addAll(all(by)));
        return found.get(0);
    }

    @SuppressWarnings("unchecked")
    List<WebElement> all(By by) {
        By.Remotable.Parameters how = ((By.Remotable) by).getRemoteParameters();
        return (List<WebElement>) script("return journey.find(...arguments)", how.using(), how.value());
    }

    /** Asks the page something about what is found so, as {@link #inPage} does. */
    Object ask(String what, By by) {
        By.Remotable.Parameters how = ((By.Remotable) by).getRemoteParameters();
        return inPage("journey." + what + "(...arguments)", how.using(), how.value());
    }

    /** What the page answers in a moment, to be waited for; nothing when it is left meanwhile. */
    Object inPage(String script, Object... arguments) {
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

    Object script(String script, Object... arguments) {
        return driver.executeScript(script, arguments);
    }

    byte[] picture() {
        return driver.getScreenshotAs(OutputType.BYTES);
    }

    void close() {
        driver.quit();
    }
}
