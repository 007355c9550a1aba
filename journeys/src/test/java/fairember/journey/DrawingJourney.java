package fairember.journey;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.data.Offset.offset;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.assertj.core.data.Percentage;
import org.openqa.selenium.By;
import org.openqa.selenium.WebElement;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The drawings are to scale, say what the server says, and their words neither overlap nor are cut off. */
@SuppressWarnings("unchecked")
public class DrawingJourney extends Journey {
    private static final Percentage TWO = Percentage.withPercentage(2);

    private Map<String, Object> api(String path) {
        return (Map<String, Object>) page.script("return fetch(arguments[0]).then(r => r.json())", path);
    }

    private static Map<String, Object> map(Object value) {
        return (Map<String, Object>) value;
    }

    private static List<Object> list(Object value) {
        return (List<Object>) value;
    }

    private static double number(Object value) {
        return ((Number) value).doubleValue();
    }

    /** Boxes on the screen of all elements that match: left, top, width, height. */
    private List<List<Number>> boxes(String css) {
        return (List<List<Number>>) page.script(
                "return [...document.querySelectorAll(arguments[0])].map(e => e.getBoundingClientRect())"
                        + ".map(b => [b.left, b.top, b.width, b.height])",
                css);
    }

    @DataProvider
    public Object[][] drawn() {
        return new Object[][] {
            {"/designs/1"},
            {"/designs/2"},
            {"/designs/3"},
            {"/designs/4"},
            {"/designs/5"},
            {"/designs/6"},
            {"/designs/7"},
            {"/designs/1/balance"},
            {"/designs/7/balance"},
            {"/designs/7/size"},
            {"/batches/3"},
            {"/batches/3/weigh-out"},
            {"/batches/3/cores"},
            {"/batches/3/oven"},
            {"/price/1"},
            {"/price/3"},
            {"/mixes/3"},
            {"/bench"}
        };
    }

    @Test(dataProvider = "drawn")
    public void noWordsOfADrawingOverlapOrAreCutOff(String path) {
        go(path);
        page.script("return document.fonts.ready.then(() => true)");
        page.until(() -> !boxes("svg[role=img]").isEmpty());
        List<String> clashes = (List<String>) page.script("""
                const found = [];
                for (const svg of document.querySelectorAll('svg[role=img]')) {
                  const frame = svg.getBoundingClientRect();
                  const texts = [...svg.querySelectorAll('text')].map(t => [t.textContent, t.getBoundingClientRect()]);
                  for (let i = 0; i < texts.length; i++) {
                    const [a, p] = texts[i];
                    if (p.left < frame.left - 1 || p.right > frame.right + 1 || p.top < frame.top - 1
                        || p.bottom > frame.bottom + 1) found.push('cut off: ' + a);
                    for (let j = i + 1; j < texts.length; j++) {
                      const [b, q] = texts[j];
                      const wide = Math.min(p.right, q.right) - Math.max(p.left, q.left);
                      const tall = Math.min(p.bottom, q.bottom) - Math.max(p.top, q.top);
                      if (wide > 1.5 && tall > 4) found.push(a + ' over ' + b);
                    }
                  }
                }
                return found;
                """);
        assertThat(clashes).as(path).isEmpty();
    }

    /** Tower 30 wide and 54 tall, its core 20.1 and 45: the same scale for both, and the core inside the shell. */
    @Test
    public void theSectionIsToScaleAndTheCoreLiesInItsShell() {
        go("/designs/1");
        page.until(() -> !boxes("svg[role=img] path[fill^='url']").isEmpty());
        List<Number> core = boxes("svg[role=img] path[fill^='url']").get(0);
        List<List<Number>> parts = boxes("svg[role=img] g > path:first-child[stroke-linejoin]");
        List<Number> tower = parts.stream()
                .max((a, b) -> Double.compare(a.get(3).doubleValue(), b.get(3).doubleValue()))
                .orElseThrow();
        double scale = tower.get(3).doubleValue() / 54;
        assertThat(tower.get(2).doubleValue()).isCloseTo(30 * scale, TWO);
        assertThat(core.get(2).doubleValue()).isCloseTo(20.13 * scale, TWO);
        assertThat(core.get(3).doubleValue()).isCloseTo(45 * scale, TWO);
        double below = tower.get(1).doubleValue()
                + tower.get(3).doubleValue()
                - core.get(1).doubleValue()
                - core.get(3).doubleValue();
        assertThat(below).isCloseTo(4.5 * scale, offset(1.5));
        assertThat(core.get(0).doubleValue()).isGreaterThan(tower.get(0).doubleValue() + 3 * scale);
    }

    @Test
    public void theBallsAreAsWideAsTheirPortionsToOneScale() {
        go("/batches/3/weigh-out");
        page.until(() -> boxes("svg[role=img] circle").size() > 10);
        List<Double> wide = new ArrayList<>();
        for (Object row :
                list(map(map(api("/api/batches/3").get("plan")).get("needs")).get("portions"))) {
            wide.add(number(map(row).get("ballMm")));
        }
        wide.sort((a, b) -> Double.compare(b, a));
        List<Double> radii = new ArrayList<>();
        for (Object r : list(page.script(
                "return [...document.querySelectorAll('svg[role=img] circle')].map(c => c.r.baseVal.value)"))) {
            radii.add(number(r));
        }
        radii.sort((a, b) -> Double.compare(b, a));
        assertThat(radii).hasSameSizeAs(wide);
        double scale = radii.get(0) / wide.get(0);
        for (int i = 0; i < wide.size(); i++) {
            assertThat(radii.get(i)).isCloseTo(Math.max(1, wide.get(i) * scale), TWO);
        }
    }

    @Test
    public void theTrayShowsEveryThingWhereThePlanPutsIt() {
        go("/oven/planned/1");
        Map<String, Object> load = map(list(api("/api/baking").get("planned")).get(0));
        List<Object> places = list(load.get("places"));
        List<Object> drawn = list(page.script("""
                return [...document.querySelectorAll('figure svg g')].map(g => g.querySelector('rect')).filter(Boolean)
                  .map(r => [r.x.baseVal.value, r.y.baseVal.value, r.width.baseVal.value, r.height.baseVal.value]);
                """));
        assertThat(drawn).hasSameSizeAs(places);
        for (int i = 0; i < places.size(); i++) {
            Map<String, Object> place = map(places.get(i));
            List<Object> rect = list(drawn.get(i));
            assertThat(number(rect.get(0))).isCloseTo(number(place.get("leftMm")), offset(0.01));
            assertThat(number(rect.get(1))).isCloseTo(number(place.get("backMm")), offset(0.01));
            assertThat(number(rect.get(2))).isCloseTo(number(place.get("widthMm")), offset(0.01));
            assertThat(number(rect.get(3))).isCloseTo(number(place.get("depthMm")), offset(0.01));
        }
    }

    /** Clay, foil, findings, supplies, oven, work, wear, losses. */
    private static final int RUNGS = 8;

    @Test
    public void everyRungIsAsTallAsItsCost() {
        go("/price/1");
        page.until(() -> boxes("svg[role=img] rect[fill^='url(#rung']").size() == 4 * RUNGS);
        List<Object> batches = list(api("/api/price/1").get("batches"));
        List<List<Number>> rects = boxes("svg[role=img] rect[fill^='url(#rung']");
        double tallest = 0;
        double dearest = 0;
        for (int i = 0; i < 4 * RUNGS; i++) {
            double minor =
                    number(map(list(map(batches.get(i / RUNGS)).get("rungs")).get(i % RUNGS))
                            .get("costMinor"));
            if (minor > dearest) {
                dearest = minor;
                tallest = rects.get(i).get(3).doubleValue();
            }
        }
        for (int i = 0; i < 4 * RUNGS; i++) {
            double minor =
                    number(map(list(map(batches.get(i / RUNGS)).get("rungs")).get(i % RUNGS))
                            .get("costMinor"));
            assertThat(rects.get(i).get(3).doubleValue()).isCloseTo(tallest * minor / dearest, offset(0.6));
        }
    }

    @Test
    public void theMixBarIsDividedByGrams() {
        go("/mixes/5");
        page.until(() -> !boxes("[role=img][aria-label^='Fog teal'] > div:first-child > div")
                .isEmpty());
        List<List<Number>> bars = boxes("[role=img][aria-label^='Fog teal'] > div:first-child > div");
        double all = bars.stream().mapToDouble(b -> b.get(2).doubleValue()).sum();
        double[] parts = {6, 2, 0.25};
        for (int i = 0; i < 3; i++) {
            assertThat(bars.get(i).get(2).doubleValue() / all).isCloseTo(parts[i] / 8.25, offset(0.005));
        }
    }

    @Test
    public void theSpineHoldsTheDaysLoadsInOrderWithoutOverlap() {
        go("/bench");
        List<List<Number>> blocks = boxes("aside[aria-label=Oven] ol > li");
        assertThat(blocks).hasSizeGreaterThanOrEqualTo(3);
        for (int i = 1; i < blocks.size(); i++) {
            double end = blocks.get(i - 1).get(1).doubleValue()
                    + blocks.get(i - 1).get(3).doubleValue();
            assertThat(blocks.get(i).get(1).doubleValue()).isGreaterThanOrEqualTo(end - 0.5);
        }
        List<Number> strip = boxes("aside[aria-label=Oven]").get(0);
        List<Number> last = blocks.get(blocks.size() - 1);
        assertThat(last.get(1).doubleValue() + last.get(3).doubleValue())
                .isLessThanOrEqualTo(strip.get(1).doubleValue() + strip.get(3).doubleValue());
    }

    @Test
    public void theThreadShowsWhatTheServerCounts() {
        go("/batches/3");
        List<Object> stations =
                list(map(map(api("/api/batches/3").get("plan")).get("thread")).get("stations"));
        for (Object stop : stations) {
            String label = "%2$s pieces at %1$s"
                    .formatted(map(stop).get("label"), map(stop).get("standing"));
            assertThat(page.control(label).isDisplayed()).isTrue();
        }
    }

    /** A fan gives heat twice as fast: the middle is warm sooner, and more minutes of the same time count. */
    @Test
    public void theHeatOfABakeFollowsTheAirOfTheOven() {
        go("/designs/5/bakes");
        page.sees("The middle of Hull heats up slowest. It comes within 5° of 125 °C after 19 min");
        page.sees("The middle of Hull heats up slowly, so this bake takes 32 min; the packet alone asks for 24 min.");
        assertThat(page.text()).doesNotContain("To heat through, this bake needs");
        page.press("fan oven");
        page.leaves("after 19 min");
        page.press("under a foil tent");
        page.sees("To heat through, this bake needs");
        go("/settings");
        byHeat();
        go("/designs/5/bakes");
        page.sees("To heat through, this bake needs 32 min in a hot oven");
        go("/settings");
        byHeat();
        go("/designs/5/bakes");
        page.sees("The middle of Hull heats up slowly");
        assertThat(page.one(By.xpath("//*[name()='svg']/*[name()='title'][starts-with(., 'Oven 125')]"))
                        .getDomProperty("textContent"))
                .contains("the middle of Hull reaches");
    }

    private void byHeat() {
        WebElement switched = page.one(By.xpath("//label[contains(., 'bake longer when heat')]//button"));
        Object before = map(api("/api/settings").get("settings")).get("byHeat");
        page.press(switched);
        page.until(
                () -> !map(api("/api/settings").get("settings")).get("byHeat").equals(before));
    }
}
