package fairember.journey;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.openqa.selenium.By;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/**
 * Every view: nothing that axe finds at 1280, 820 and 390 px, with everything open too, no page scroll at 1280 by 800, nothing cut off sideways on a tablet, on a
 * phone or at 200 %. What is used beside the clay does not scroll sideways on a phone, and is large enough for a thumb.
 * With {@code -Dscreenshots=DIR} a picture of each main view is written there.
 */
public class ViewsJourney extends Journey {
    @DataProvider
    public Object[][] views() {
        return new Object[][] {
            {"/bench", "bench"},
            {"/begin", "begin"},
            {"/designs", "designs"},
            {"/designs/1", "design-parts"},
            {"/designs/6", null},
            {"/designs/1/weigh-out", null},
            {"/designs/7/balance", null},
            {"/designs/7/built-on", null},
            {"/designs/7/size", null},
            {"/designs/7/bakes", "design-bakes"},
            {"/designs/8/steps", null},
            {"/mixes/5", "mixes"},
            {"/mixes/find?mix=4&g=120", "mixes-find"},
            {"/mixes/tiles", "mixes-tiles"},
            {"/mixes/12", null},
            {"/mixes/leftovers", null},
            {"/mixes/trials", null},
            {"/mixes/sheets", null},
            {"/mixes/sheets/blend", null},
            {"/mixes/sheets/cane", null},
            {"/mixes/sheets/cords", null},
            {"/mixes/sheets/cover", null},
            {"/batches", "batches"},
            {"/batches/3", "batch-order"},
            {"/batches/3/cores", null},
            {"/batches/3/mix", "batch-mix"},
            {"/batches/3/weigh-out", "batch-weigh-out"},
            {"/batches/3/shape", null},
            {"/batches/3/checks", null},
            {"/batches/3/oven", null},
            {"/batches/4/finish", null},
            {"/batches/3/fit", null},
            {"/batches/1", null},
            {"/batches/3/price", null},
            {"/oven/planned/1", "oven"},
            {"/oven/logged/3", "oven-record"},
            {"/oven/lanes", "oven-days"},
            {"/oven/ovens", null},
            {"/price/1", "price"},
            {"/daybook", "daybook"},
            {"/daybook/learned", null},
            {"/shelf/clays/8", "shelf"},
            {"/shelf/clays/15", null},
            {"/shelf/ranges", null},
            {"/shelf/findings", null},
            {"/shelf/wire", null},
            {"/shelf/cutters", null},
            {"/shelf/supplies", null},
            {"/shelf/spares", null},
            {"/shelf/shopping", null},
            {"/settings", "settings"},
        };
    }

    private static final Set<String> BESIDE_THE_CLAY = Set.of(
            "/bench",
            "/begin",
            "/batches",
            "/batches/3/mix",
            "/batches/3/weigh-out",
            "/batches/3/checks",
            "/batches/3/oven",
            "/oven/planned/1",
            "/mixes/5");

    private final Set<String> seenOpen = new HashSet<>();
    private final Set<String> seenAnywhere = new HashSet<>();

    @Test(dataProvider = "views")
    public void aViewIsWholeAndForEveryone(String path, String picture) throws IOException {
        AxeLook look = new AxeLook(page);
        page.size(1280, 800);
        go(path);
        page.until(() -> page.all(By.xpath("//*[text()='Loading …']")).isEmpty());
        if (path.startsWith("/mixes/find")) {
            page.sees("Finished;");
        }
        page.script("return document.fonts.ready.then(() => true)");
        assertThat(overflow()).as("%s at 1280 × 800 scrolls", path).containsExactly(0L, 0L);
        look.isForEveryone();
        String folder = System.getProperty("screenshots");
        if (folder != null && picture != null) {
            Files.createDirectories(Path.of(folder));
            Files.write(Path.of(folder, picture + ".png"), page.picture());
        }
        open(look, 1280);
        size(640, 400);
        assertThat(overflow().get(0)).as("%s at 200 %% is cut off", path).isZero();
        if (BESIDE_THE_CLAY.contains(path)) {
            // Letters are twice as large as they say.
            assertThat(hardOnAPhone()).as("%s at 200 %%", path).noneMatch(one -> one.startsWith("sideways"));
        }
        size(820, 1180);
        assertThat(overflow().get(0)).as("%s at 820 wide is cut off", path).isZero();
        look.isForEveryoneHere();
        open(look, 820);
        size(390, 844);
        assertThat(overflow().get(0)).as("%s on a phone is cut off", path).isZero();
        look.isForEveryoneHere();
        open(look, 390);
        if (BESIDE_THE_CLAY.contains(path)) {
            assertThat(hardOnAPhone()).as("%s on a phone", path).isEmpty();
        }
    }

    /** Another window; all parts of the page are at their top, so that nothing lies under a heading that stays. */
    private void size(int wide, int high) {
        page.size(wide, high);
        page.script("document.querySelectorAll('main, main *').forEach(e => { e.scrollTop = 0; })");
    }

    /** Opens each menu, list, dialog and detail of this page that no page had before at this width. */
    private void open(AxeLook look, int width) {
        for (String opener : look.openers()) {
            if (seenOpen.add(width + opener)) {
                look.isForEveryoneWithOpen(opener, !seenAnywhere.add(opener));
            }
        }
    }

    /** How far the page itself goes beyond the window, across and down. */
    @SuppressWarnings("unchecked")
    private List<Long> overflow() {
        return (List<Long>)
                page.script(
                        "const e = document.documentElement; return [e.scrollWidth - e.clientWidth, e.scrollHeight - e.clientHeight]");
    }

    /** What scrolls sideways, is too small for a thumb or has letters that are too small. */
    @SuppressWarnings("unchecked")
    private List<String> hardOnAPhone() {
        return (List<String>) page.script("""
                const all = [...document.querySelectorAll('main *')].filter(e => e.checkVisibility());
                const name = e => `${e.tagName} ${(e.getAttribute('aria-label') ?? e.textContent).slice(0, 40)}`;
                const sideways = all.filter(e => e.scrollWidth > e.clientWidth + 1 && e.clientWidth > 0
                  && ['auto', 'scroll'].includes(getComputedStyle(e).overflowX)).map(e => `sideways ${name(e)}`);
                const small = all.filter(e => e.matches('button:not([role=switch], [role=checkbox]), a[href], input:not([type=color], [type=radio], [type=file])')
                  && e.getBoundingClientRect().height > 2 && e.getBoundingClientRect().height < 43.5).map(e => `small ${name(e)}`);
                const letters = all.filter(e => e.tagName === 'text' && parseFloat(getComputedStyle(e).fontSize) < 11)
                  .map(e => `letters ${name(e)}`);
                return [...sideways, ...small, ...letters];
                """);
    }
}
