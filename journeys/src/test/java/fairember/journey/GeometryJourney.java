package fairember.journey;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.testng.annotations.Test;

/** A design described by its parts, portioned, built on, balanced, scaled, kept in versions and cut for a batch. */
public class GeometryJourney extends Journey {
    private static final int TABS_MOST = 150;

    /** A ball of 46 on a shell of 5 becomes an egg; its core follows nearly, and both saying so and the savings follow. */
    @Test
    public void aPartTakesAnotherShapeAndItsCoreFollows() {
        begin("ornament", "Egg float");
        page.choose("Shape", "egg");
        page.sees("the core follows the shape closely");
        page.enter("Body, height of its widest point, mm", "40");
        page.sees("Put the widest point at or below the middle");
        page.enter("Body, height of its widest point, mm", "10");
        page.leaves("Put the widest point at or below the middle");
        page.enter("Body, shell, mm", "2");
        page.sees("where foil shows through or the shell tears");
        page.choose("Shape", "block");
        page.choose("Base of the core", "open base");
        page.enter("Body, cores in a row", "2");
        page.sees("2 cores");
        page.press("Side");
        page.press("Front");
        removed();
    }

    @Test
    public void aCutOutIsReadFromItsFileAndABadFileLeavesItAsItWas() throws IOException {
        long id = begin("charm", "Anchor tag");
        page.choose("Shape", "cut-out");
        page.sees("5 corners");
        upload("""
                <svg xmlns='http://www.w3.org/2000/svg' width='20mm' height='30mm' viewBox='0 0 20 30'>
                <path d='M0 0H20V30H0Z M6 4h8v8h-8z'/></svg>
                """);
        page.sees("8 corners, 1 hole");
        page.sees("saved");
        upload("<svg><script>alert(1)</script><rect width='9' height='9'/></svg>");
        page.sees("Turn everything into paths");
        page.sees("8 corners, 1 hole");
        upload("<svg viewBox='0 0 9 9' width='9mm' height='9mm'><path d='M0 0L9 9L9 0L0 9Z'/></svg>");
        page.sees("crosses or touches itself");
        page.sees("saved");
        go("/designs/" + id);
        page.sees("8 corners, 1 hole");
        removed();
    }

    private void upload(String svg) throws IOException {
        Path file = Files.createTempFile("outline", ".svg");
        Files.writeString(file, svg);
        page.one(By.cssSelector("input[type=file]")).sendKeys(file.toString());
    }

    /** Eight turns of 16 µm on 7.4 make 7.656; the sheet is π·(7.656 + 2.6) + 1 = 33.2. A pen gives up its refill at the checks. */
    @Test
    public void aPenIsWrappedItsRefillTakenOutAndItsCeilingKept() {
        long id = begin("topper", "Pen buoy");
        go("/designs/" + id + "/built-on");
        page.sees("33.2 × 18.0 mm");
        page.enter("Pencil, take out before baking", "ink refill");
        page.sees("saved");
        page.press(By.xpath("//label[contains(., 'stays in during baking')]"));
        page.press(By.xpath("//label[contains(., 'highest safe temperature')]"));
        page.enter("Pencil, at most, °C", "90");
        page.sees("saved");
        go("/designs/" + id);
        page.sees("Take it out before baking");
        go("/designs/" + id + "/balance");
        page.sees("of the length; above 80 % is top-heavy");
        removed();
    }

    @Test
    public void aTallDesignIsGivenToFixAndTheFixesSayHowFar() {
        long id = begin("figurine", "Buoy keeper");
        page.enter("Body, bottom diameter, mm", "12");
        page.sees("saved");
        go("/designs/" + id + "/balance");
        page.sees("Ways to fix it");
        page.sees("make the base wider");
        page.sees("add weight low in the base");
        page.press("How this was worked out");
        page.sees("atan(e/h)");
        removed();
    }

    /** The seal to 86 mm, twice its height: its advice stay, its shell stays; undo brings it back. */
    @Test
    public void aDesignIsScaledAndWhatStaysIsSaid() {
        go("/designs/2/size");
        page.enter("New height, mm", "86");
        page.press("Scale the design");
        page.sees("Body keeps its shell of 5 mm");
        page.sees("saved");
        page.sees("× 86.0 mm");
        page.press("Undo");
        page.sees("× 43.0 mm");
        page.enter("New height, mm", "4000");
        page.press("Scale the design");
        page.until(() -> !page.all(By.cssSelector("[aria-invalid=true]")).isEmpty());
    }

    /** Run 1 is finished: it keeps the lighthouse it made when the shell changes; the old one can be brought back. */
    @Test
    public void aChangedDesignKeepsTheVersionThatBatchesMade() {
        go("/designs/1");
        page.enter("Tower, shell, mm", "6");
        page.sees("saved");
        go("/designs/1/size");
        page.sees("First lighthouses");
        page.sees("version ");
        page.press(By.xpath("//button[starts-with(normalize-space(.), 'Restore version')]"));
        page.sees("shell 6 to 4.5");
        go("/designs/1");
        page.until(() -> page.value("Tower, shell, mm").equals("4.5"));
    }

    @Test
    public void aDesignBecomesAnotherProductInACollectionAndStandsBesideItsKin() {
        go("/designs/3/size");
        page.press("Copy to a new design");
        page.until(() -> !page.driver().getCurrentUrl().endsWith("/3/size"));
        page.until(() -> page.value("Name of the design").equals("Copy of Signal-flag charm"));
        removed();
        page.press("Side by side, to scale");
        page.sees("Quay heron");
        page.choose("Collection", "Kelp and tide");
        page.leaves("Quay heron");
        page.sees("Gull tag");
    }

    /** Portions and gauge of the lighthouse; then a batch's cutting tree and its wires. */
    @Test
    public void portionsAreShownAsSharesCordsAndGaugeAndABatchAsATreeOfCuts() {
        go("/designs/1/weigh-out");
        page.sees("cut 5 from a cord Ø7.5,");
        page.sees("15.8 mm long");
        String gauge = page.control("Print (PDF)").getDomAttribute("href");
        assertThat(gauge).startsWith("/api/designs/1/gauge.pdf");
        page.until(() -> (Boolean) page.script("const i = document.querySelector('main img, section img');"
                + "return i !== null && i.complete && i.naturalWidth > 0"));
        go("/batches/4/weigh-out");
        page.press("How to cut them");
        page.sees("lump mixed");
        page.sees("1.2 mm steel wire");
        page.sees("Armature steel, 1");
    }

    /** A ball of foil of 25 mm that weighs 4.909 g is pressed to 0.6: cores weigh more from then on. */
    @Test
    public void ownFoilIsLearnedFromOneWeighedCore() {
        go("/designs/1");
        page.sees("firm");
        go("/settings");
        page.enter("Weighed core, weighs, g", "4.909");
        page.press("Use this density");
        page.sees("is now the density of your firm foil");
        page.until(() -> page.value("firm foil, g/cm³").equals("0.6"));
        page.enter("Weighed core, weighs, g", "99");
        page.press("Use this density");
        page.until(() -> !page.all(By.cssSelector("[aria-invalid=true]")).isEmpty());
        page.sees("Settings");
        page.press("Undo");
    }

    @Test
    public void aCoilIsAddedChangedAndRemoved() {
        go("/shelf/wire");
        page.press("Add a wire");
        page.until(() -> !page.all(By.cssSelector("button[aria-label='Remove New wire']"))
                .isEmpty());
        page.choose("New wire, metal", "brass");
        page.press("Remove New wire");
        page.until(() ->
                page.all(By.cssSelector("button[aria-label='Remove New wire']")).isEmpty());
    }

    private String focused() {
        return String.valueOf(page.script("""
                const e = document.activeElement;
                const label = e.labels && e.labels[0] ? e.labels[0].textContent : '';
                return (e.getAttribute('aria-label') || label || e.textContent).trim();
                """));
    }

    /** Walks on with the tab key until it stands on what has this name. */
    private void tabTo(String name) {
        for (int i = 0; i < TABS_MOST && !focused().equals(name); i++) {
            page.keys(Keys.TAB);
        }
        assertThat(focused()).isEqualTo(name);
    }

    private void focuses(String name) {
        page.until(() -> focused().equals(name));
    }

    /** From the list to a new design, its size, its shape, its core, its other tabs and its removal: no key but the keyboard's. */
    @Test
    public void aDesignIsMadeShapedAndRemovedWithKeysAlone() {
        go("/designs");
        tabTo("New design");
        page.keys(Keys.ENTER);
        focuses("ornament");
        page.keys(Keys.ARROW_DOWN);
        focuses("charm");
        page.keys(Keys.ENTER);
        page.until(() -> page.driver().getCurrentUrl().matches(".*/designs/\\d+"));
        page.sees("saved");

        tabTo("Drop, diameter, mm");
        page.keys(Keys.ARROW_UP);
        page.until(() -> page.value("Drop, diameter, mm").equals("12"));
        page.keys(Keys.ARROW_UP);
        page.until(() -> page.value("Drop, diameter, mm").equals("13"));
        assertThat(focused()).isEqualTo("Drop, diameter, mm");
        page.keys(Keys.TAB);
        page.sees("saved");

        tabTo("teardrop, more about Drop");
        page.keys(Keys.ENTER);
        focuses("More about Drop");
        tabTo("Shape");
        page.keys(Keys.ENTER);
        page.until(() -> !page.all(By.cssSelector("[role=option]")).isEmpty());
        page.keys(Keys.HOME);
        focuses("ball");
        page.keys(Keys.ENTER);
        page.until(() -> page.all(By.cssSelector("[role=option]")).isEmpty());
        focuses("Shape");
        page.until(() -> page.control("Shape").getText().startsWith("ball"));
        page.sees("13.0 × 13.5 × 13.0 mm");
        tabTo("Foil core");
        page.keys(Keys.SPACE);
        page.sees("off the roll; prick");
        tabTo("Drop, shell, mm");
        page.keys(Keys.ARROW_DOWN, Keys.TAB);
        page.until(() -> page.value("Drop, shell, mm").equals("4"));
        page.sees("saved");

        tabTo("Balance");
        page.keys(Keys.ENTER);
        page.until(() -> page.driver().getCurrentUrl().endsWith("/balance"));
        tabTo("Size and versions");
        page.keys(Keys.ENTER);
        page.until(() -> page.driver().getCurrentUrl().endsWith("/size"));
        tabTo("Remove this design");
        page.keys(Keys.ENTER);
        page.until(() -> page.driver().getCurrentUrl().endsWith("/designs"));
    }

    /** The pencil is 7.2 thick: turns of foil make it 8.0; its strip is given before the foil is torn. */
    @Test
    public void theCoresStationTellsTheSleevesToo() {
        go("/batches/4/cores");
        page.sees("Sleeve on");
        page.until(() -> page.row("Pencil").contains("Ø8.0"));
        assertThat(page.row("Pencil")).contains("485 × 18.0", "0.38");
        page.sees("of foil in total");
        go("/designs/5/bakes");
        page.sees("Slide out, leave the sleeve: Pencil");
    }

    /** What floats beside a field comes and goes; the field keeps the keyboard and what is given is read aloud. */
    @Test
    public void aHintComesAndGoesAndTheFieldKeepsTheKeyboard() {
        go("/designs/1");
        page.sees("saved");
        tabTo("Tower, height, mm");
        page.until(() -> page.all(By.cssSelector(".hint")).size() == 1);
        page.sees("0.5 to 400 mm");
        page.keys("9999");
        page.until(() -> page.all(By.cssSelector("[role=alert]")).stream()
                .anyMatch(alert -> alert.getDomProperty("textContent").contains("you entered 9999 mm")));
        assertThat(focused()).isEqualTo("Tower, height, mm");
        page.keys(Keys.BACK_SPACE, Keys.BACK_SPACE, Keys.BACK_SPACE, Keys.BACK_SPACE, "54");
        page.until(() -> page.all(By.cssSelector("[role=alert]")).stream()
                .noneMatch(alert -> alert.getDomProperty("textContent").contains("you entered")));
        assertThat(focused()).isEqualTo("Tower, height, mm");
        page.keys(Keys.TAB);
        page.until(() -> !focused().equals("Tower, height, mm"));
        page.sees("saved");
    }
}
