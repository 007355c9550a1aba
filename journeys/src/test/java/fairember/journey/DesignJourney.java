package fairember.journey;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.openqa.selenium.By;
import org.testng.annotations.Test;

/** A design's bakes, checks, steps and findings; two windows on one design; a server that goes away. */
public class DesignJourney extends Journey {
    @Test
    public void aBakeIsAddedMovedEarlierAndRemoved() {
        go("/designs/6/bakes");
        page.press("Add a bake to Whole piece");
        page.sees("Nothing in this bake is raw");
        page.choose("Purpose of the bake", "part-bake");
        page.sees("A part-bake of 10 min; a full bake follows.");
        page.press("Move next bake earlier");
        page.until(() -> names().equals(List.of("next bake", "whole")));
        page.press("Remove next bake");
        page.until(() -> names().equals(List.of("whole")));
    }

    private List<String> names() {
        return page.all(By.cssSelector("input[aria-label='Name of the bake']")).stream()
                .map(field -> field.getAttribute("value"))
                .toList();
    }

    /** The lamp is baked apart and glued on: each bake holds what is there then, and the steps wait for both. */
    @Test
    public void aPartIsBakedApartAndJoinedCold() {
        go("/designs/5/bakes");
        page.press("Add an assembly");
        page.enter("Name of assembly 2", "Light");
        page.sees("saved");
        go("/designs/5");
        page.press("ball, more about Lamp");
        page.choose("Put in", "Light, never baked alone");
        go("/designs/5/bakes");
        page.press("Add a bake to Light");
        page.sees("In the oven: Lamp.");
        page.sees("joined raw to Whole piece, but some of that clay is already baked");
        page.choose("How Light is joined", "cold: glued, pinned, screwed or pressed");
        page.sees("Light is joined cold to Whole piece, but some of that clay is not cured yet");
        page.choose("Where Light is joined", "Whole piece, after the last bake");
        page.leaves("some of that clay is not cured yet");
        page.sees("In the oven: Socket, Hull, Deck house, Funnel, Fender.");
        go("/batches/4/oven");
        page.sees("Tugboat pencil topper, full bake");
    }

    /** What the design is in may be read again (the bench and the oven, which are read now and then anyway); nothing else. */
    @Test
    public void oneEditIsOneWriteAndAtMostOneMeasuring() {
        go("/designs/8");
        page.sees("20.6");
        page.script("""
                window.asked = [];
                window.open = 0;
                const send = window.fetch;
                window.fetch = async (request, options) => {
                  const path = new URL(request.url ?? request, location.href).pathname;
                  window.asked.push((request.method ?? options?.method ?? 'GET') + ' ' + path);
                  window.open++;
                  try { return await send(request, options); } finally { window.open--; }
                };
                """);
        page.enter("Quay stone, height, mm", "9");
        page.until(() -> asked().contains("PUT /api/designs/8") && page.text().contains("saved"));
        page.until(() -> page.script("return window.open").equals(0L));
        assertThat(asked())
                .filteredOn(ask -> !ask.matches("GET /api/(bench|baking).*"))
                .containsExactlyInAnyOrder("POST /api/designs/measure", "PUT /api/designs/8");
        page.leaveTheField();
        page.keys("u");
        page.until(() -> page.value("Quay stone, height, mm").equals("8"));
    }

    @SuppressWarnings("unchecked")
    private List<String> asked() {
        return (List<String>) page.script("return window.asked");
    }

    @Test
    public void aChecksLineIsAddedNamedAndAskedForInTheBatch() {
        go("/designs/4/bakes");
        page.press("Add a check");
        page.enter("Check 3", "Backs smooth");
        page.until(() ->
                page.text().contains("Backs smooth") || page.value("Check 3").equals("Backs smooth"));
        page.sees("saved");
        go("/batches/3/checks");
        page.sees("Backs smooth");
    }

    /** Sanding 6 + 2.5 each becomes 6 + 4.5: two minutes more for each of 12. */
    @Test
    public void aSlowerStepMakesTheBatchLongerAndTheHandsDearer() {
        go("/price/1");
        page.sees("batch of 12");
        String before = page.row("work");
        go("/designs/1/steps");
        page.enter("wet-sand and buff, minutes per piece, min", "4.5");
        page.sees("wet-sand and buff each 2.5 to 4.5 min");
        page.press(By.cssSelector("[aria-label='wet-sand and buff, with hot air']"));
        page.sees("Hot air burns skin");
        page.sees("wet-sand and buff hot air off to on");
        page.press("Undo");
        page.leaves("Hot air burns skin");
        go("/price/1");
        page.until(() -> !page.row("work").equals(before));
        page.press("Undo");
        page.until(() -> page.row("work").equals(before));
    }

    @Test
    public void aFindingIsFittedAndPriced() {
        go("/designs/2/steps");
        page.press("Add a finding");
        page.choose("Finding 1", "Key-chain end");
        page.sees("€0.35");
        page.enter("Finding 1, count", "2");
        page.sees("€0.70");
        page.press("Remove finding 1");
        page.leaves("€0.70");
    }

    @Test
    public void aDesignIsMadeAndRemovedAndComesBackWithUndo() {
        go("/designs");
        page.press("New design");
        page.pick("ornament");
        page.until(() -> page.driver().getCurrentUrl().matches(".*/designs/\\d+"));
        page.enter("Name of the design", "Net float");
        page.sees("to “Net float”");
        page.press("Remove this design");
        page.until(() -> page.driver().getCurrentUrl().endsWith("/designs"));
        page.leaves("Net float, ");
        page.press("Undo");
        page.until(() -> page.all(By.xpath("//a[contains(., 'Net float')]")).size() == 1);
        page.press("Undo");
        page.press("Undo");
    }

    @Test
    public void ofTwoWindowsOnOneDesignTheOlderIsGivenAndShowsTheNewer() {
        go("/designs/3");
        String first = page.openWindow();
        go("/designs/3");
        page.enter("Field, width, mm", "25");
        page.sees("Field width 24 to 25 mm");
        page.driver().close();
        page.driver().switchTo().window(first);
        page.script("window.dispatchEvent(new Event('focus'))");
        page.enter("Field, height, mm", "18");
        page.until(() -> page.value("Field, width, mm").equals("25"));
        page.reload();
        assertThat(page.value("Field, width, mm")).isEqualTo("25");
        page.press("Undo");
    }

    /** What was answered before the clay was changed comes after that: to a save, and to a reading of a page that was left. */
    @Test
    public void anAnswerThatWasOvertakenByAnotherChangeIsReadAgain() {
        go("/designs/2/bakes");
        holdAnswerTo("PUT");
        page.enter("Name of the design", "Seal of the harbour");
        driesInTheAir(24);
        page.sees("air-dries, no oven");
        holdAnswerTo("GET");
        page.press("Undo");
        driesInTheAir(12);
        page.sees("air-dries, no oven");
        page.press("Undo");
        page.leaves("air-dries, no oven");
        page.press("Undo");
        page.until(() -> page.value("Name of the design").equals("Harbour seal"));
    }

    @Test
    public void undoIsOfWhatWasTypedLastThoughItsSaveIsOnItsWay() {
        page.open(studio.address() + "/designs/2");
        page.enter("Name of the design", "Seal one");
        page.sees("to “Seal one”");
        holdAnswerTo("PUT");
        page.enter("Name of the design", "Seal two");
        page.until(() -> (Boolean) page.script("return Boolean(window.letGo)"));
        page.press("Undo");
        page.script("window.letGo()");
        page.until(() -> page.value("Name of the design").equals("Seal one"));
        page.press("Undo");
        page.until(() -> page.value("Name of the design").equals("Harbour seal"));
    }

    /** The next answer about the design reaches the page when it is let go. */
    private void holdAnswerTo(String method) {
        page.script("""
                const send = window.fetch;
                window.letGo = null;
                window.fetch = async (asked, how) => {
                  const answer = await send(asked, how);
                  if ((how?.method ?? asked.method) === arguments[0] && (asked.url ?? asked).includes('/api/designs/2')) {
                    window.fetch = send;
                    await new Promise(go => { window.letGo = go; });
                  }
                  return answer;
                };
                """, method);
    }

    /** Goes to the clays, changes one while an answer is held, lets that go and comes back. */
    private void driesInTheAir(int hours) {
        page.until(() -> (Boolean) page.script("return Boolean(window.letGo)"));
        go("/shelf/ranges");
        page.enter("Marl Firm, hours in air per 6 mm, h", "" + hours);
        page.sees("dries h nothing to " + hours);
        page.script("window.letGo()");
        go("/designs/2/bakes");
    }

    /** Varnish before paint is named on the steps; one press puts it right, another takes that back. Steps move by keyboard. */
    @Test
    public void stepsOutOfOrderArePutRight() {
        go("/designs/9/steps");
        page.choose("buff, kind", "base coat");
        page.choose("dress and seam, kind", "varnish");
        page.sees("'buff' comes after 'dress and seam': varnish goes on paint that is dry.");
        page.sees("saved");
        page.isForEveryone();
        page.press("Move 'dress and seam' after 'buff'");
        page.leaves("varnish goes on paint that is dry.");
        page.until(() -> stepNames().indexOf("buff") < stepNames().indexOf("dress and seam"));
        page.sees("saved");
        page.press("Move buff up");
        page.until(() -> stepNames().indexOf("buff") == stepNames().indexOf("dress and seam") - 2);
        page.sees("saved");
    }

    private List<String> stepNames() {
        return page.all(By.cssSelector("input[aria-label='Name of the step']")).stream()
                .map(field -> field.getDomProperty("value"))
                .toList();
    }
}
