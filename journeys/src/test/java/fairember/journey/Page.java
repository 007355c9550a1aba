package fairember.journey;

import java.awt.geom.Point2D;
import java.util.List;
import java.util.Map;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.interactions.Actions;

/** A page of Fair Ember in a headless browser, spoken of by the names a person sees or hears. */
final class Page extends Browser {
    private static final long A_HANDS_PAUSE_NS = 600_000_000;
    private static final double SAME_PLACE_PX = 40;

    private static Page shared;

    private Point2D pressed = new Point2D.Double(-1000, -1000);
    private long pressedAt;

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

    /** Puts words in the place of what a field holds, all at once as when they are pasted, and leaves it. */
    void enter(String name, String text) {
        withFocus(fieldBy(name), () -> {
            if (text.isEmpty()) {
                keys(Keys.DELETE);
            } else {
                driver().executeCdpCommand("Input.insertText", Map.of("text", text));
            }
            keys(Keys.TAB);
        });
    }

    /** Keys pressed where the first that is found so has the focus; what a field holds is chosen. */
    void keysOn(By by, CharSequence... keys) {
        withFocus(by, () -> keys(keys));
    }

    private void withFocus(By by, Runnable hands) {
        until(() -> {
            boolean isThere = Boolean.TRUE.equals(ask("focus", by));
            if (isThere) {
                hands.run();
            }
            return isThere && hasMet(false);
        });
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
        return isMoved(at, 0, 0);
    }

    /** Drags the first match from its middle by so many pixels; tries again when it moves before it is grabbed. */
    void drag(By by, int across, int down) {
        until(() -> isMoved(ask("placeOf", by), across, down));
    }

    /** Presses there, moves by so many pixels in three steps, and releases; without a distance it is a click. */
    private boolean isMoved(Object at, int across, int down) {
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
        if (across != 0 || down != 0) {
            mouse("mouseMoved", x + across / 2.0, y + down / 2.0, 1);
            mouse("mouseMoved", x + across - 1, y + down - 1, 1);
            mouse("mouseMoved", x + across, y + down, 1);
        }
        mouse("mouseReleased", x + across, y + down, 1);
        pressed = new Point2D.Double(x, y);
        pressedAt = System.nanoTime();
        return hasMet(across == 0 && down == 0);
    }

    /** Whether the last action met its target; a page that is left by it has none to say. */
    private boolean hasMet(boolean press) {
        return !Boolean.TRUE.equals(inPage("window.journey?.missed(...arguments)", press));
    }

    private void mouse(String what, double x, double y, int clicks) {
        driver().executeCdpCommand(
                        "Input.dispatchMouseEvent",
                        Map.of(
                                "type",
                                what,
                                "x",
                                x,
                                "y",
                                y,
                                "button",
                                clicks > 0 ? "left" : "none",
                                "clickCount",
                                clicks));
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
        new Actions(driver()).sendKeys(keys).perform();
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

    /** Nothing that axe finds on what is shown now, in this window. */
    void isForEveryone() {
        new AxeLook(this).isForEveryone();
    }
}
