package fairember.journey;

import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.providers.EmbeddedResourceAxeProvider;
import java.io.IOException;
import java.util.List;
import javax.naming.OperationNotSupportedException;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;

/** Whether everyone can use a page, as far as axe can say. */
final class AxeLook {
    private static final String AXE = axe();
    /** Also what axe leaves off by itself. */
    private static final String RULES = """
            {"rules": {"target-size": {"enabled": true}, "label-content-name-mismatch": {"enabled": true}}}""";

    private static final String RULES_OF_PLACE = """
            {"runOnly": {"type": "rule", "values": ["target-size", "scrollable-region-focusable"]}}""";
    /** To hold colours against each other takes most of the time. */
    private static final String RULES_BUT_OF_LOOKS = """
            {"rules": {"color-contrast": {"enabled": false}, "label-content-name-mismatch": {"enabled": true}}}""";

    private final Page page;

    AxeLook(Page page) {
        this.page = page;
    }

    private static String axe() {
        try {
            return new EmbeddedResourceAxeProvider().getScript();
        } catch (IOException | OperationNotSupportedException trouble) {
            throw new IllegalStateException(trouble);
        }
    }

    /** Nothing that axe finds on what is shown now: WCAG 2.2 A and AA, best practice, and two rules it leaves off. */
    void isForEveryone() {
        somethingNew();
        nothingIsFound(RULES, "document", "");
        assertThat(outOfReach()).as("scrolled without a mouse").isEmpty();
    }

    /**
     * The same in another window. When all that stands in it was looked at before, only what depends on how large the window is:
     * no colour does.
     */
    void isForEveryoneHere() {
        nothingIsFound(somethingNew() ? RULES : RULES_OF_PLACE, "document", "");
        assertThat(outOfReach()).as("scrolled without a mouse").isEmpty();
    }

    /** Whether anything is shown that was not shown in any window when this was last asked. */
    private boolean somethingNew() {
        return Boolean.TRUE.equals(page.script("""
                window.lookedAt ??= new WeakSet();
                const shown = [...document.querySelectorAll('body *')].filter(e => e.checkVisibility() && !window.lookedAt.has(e));
                shown.forEach(e => window.lookedAt.add(e));
                return shown.length > 0;
                """));
    }

    /**
     * @param rules of axe, as options of a run
     * @param within the document, or what it is found by
     * @param open what is open there
     */
    private void nothingIsFound(String rules, String within, String open) {
        if (!Boolean.TRUE.equals(page.script("return typeof axe === 'object'"))) {
            page.script(AXE);
        }
        List<?> found = (List<?>) page.driver().executeAsyncScript("""
                const [within, rules, done] = arguments;
                axe.run(within === 'document' ? document : within, {...JSON.parse(rules), resultTypes: ['violations'], preload: false, iframes: false}).then(
                  ({violations}) => done(violations.map(v => [v.id, v.help, ...v.nodes.map(n => `${n.html} ${n.failureSummary}`)].join('\\n'))),
                  trouble => done([String(trouble)]));
                """, within, rules);
        assertThat(found).as("axe on %s%s", page.driver().getCurrentUrl(), open).isEmpty();
    }

    /** What scrolls, or will with more in it, and holds nothing that takes the focus; axe says so only where it scrolls now. */
    private List<?> outOfReach() {
        return (List<?>) page.script("""
                const takesFocus = 'a[href], button, input, select, textarea, summary, [tabindex]';
                return [...document.querySelectorAll('body *')].filter(e => e.checkVisibility() && !e.closest('[role=listbox]')
                  && ['auto', 'scroll'].includes(getComputedStyle(e).overflowY)
                  && !e.matches(takesFocus) && !e.querySelector(takesFocus)).map(e => e.outerHTML.slice(0, 120));
                """);
    }

    /**
     * The names of what opens on this page: menus, lists, dialogs, details. A list of choices, a line of a list, and what follows a
     * colon are named once for all of their kind.
     */
    @SuppressWarnings("unchecked")
    List<String> openers() {
        return (List<String>) page.script("""
                const name = e => (e.getAttribute('aria-label') ?? e.textContent).replace(/:.*|[0-9]+/g, '').trim();
                const kind = e => e.getAttribute('role') === 'combobox' ? 'a list of choices'
                  : name(e).length > 30 ? 'a line that opens' : name(e);
                const found = [...document.querySelectorAll('[aria-haspopup], [aria-expanded=false], summary, [role=combobox]')]
                  .filter(e => e.checkVisibility() && !e.disabled);
                found.forEach(e => e.setAttribute('data-opens', kind(e)));
                return [...new Set(found.map(kind))];
                """);
    }

    /**
     * Opens what {@link #openers} named, looks at it as {@link #isForEveryone} does, and closes it again.
     *
     * @param before whether the page was looked at with such a one open, in another window: it alone is looked at then
     */
    void isForEveryoneWithOpen(String opener, boolean before) {
        WebElement trigger = page.one(By.xpath("//*[@data-opens=\"" + opener + "\"]"));
        page.script("arguments[0].scrollIntoView({block: 'center'})", trigger);
        page.press(trigger);
        page.until(() -> !page.all(By.cssSelector(
                        "[aria-expanded=true], [role=menu], [role=dialog], [role=listbox], details[open]"))
                .isEmpty());
        if (!before) {
            nothingIsFound(RULES_BUT_OF_LOOKS, "document", " with " + opener);
        }
        // How it looks is looked at in what has opened alone: the rest was looked at before.
        String opened = "[role=menu], [role=dialog], [role=listbox], details[open]";
        if (!page.all(By.cssSelector(opened)).isEmpty()) {
            nothingIsFound(RULES, opened, " in " + opener);
        }
        page.keys(Keys.ESCAPE);
        page.script("document.querySelectorAll('details[open]').forEach(e => { e.open = false; })");
        page.all(By.xpath("//*[@data-opens=\"" + opener + "\"][@aria-expanded='true']"))
                .forEach(page::press);
        page.until(() -> page.all(By.cssSelector("[role=menu], [role=dialog], [role=listbox]"))
                .isEmpty());
    }
}
