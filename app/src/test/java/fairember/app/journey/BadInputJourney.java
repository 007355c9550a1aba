package fairember.app.journey;

import static org.assertj.core.api.Assertions.assertThat;

import org.openqa.selenium.By;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Wrong values are refused at their field, in words; the last good state stays on the drawing and on the disk. */
public class BadInputJourney extends Journey {
    @DataProvider
    public Object[][] wrong() {
        return new Object[][] {
            {"/pieces/1", "Tower, height, mm", "0", "Found 0 mm, allowed is 0.5 to 400 mm"},
            {"/pieces/1", "Tower, height, mm", "-4", "Found -4 mm"},
            {"/pieces/1", "Tower, height, mm", "99999", "allowed is 0.5 to 400 mm"},
            {"/pieces/1", "Tower, height, mm", "tall", "Found “tall”, allowed is a number"},
            {"/pieces/1", "Tower, count", "1.5", "a whole number"},
            {"/pieces/1", "Tower, shell, mm", "14", "allowed is under"},
            {"/pieces/1", "Tower, shell, mm", "NaN", "Found “NaN”, allowed is a number"},
            {"/pieces/1", "Tower, tilt, °", "181", "-180 to 180"},
            {"/pieces/1", "Tower, cores in a row", "0", "Found 0"},
            {"/pieces/7/built-on", "Leg wire, thick, mm", "0", "Found 0 mm"},
            {"/pieces/7/built-on", "Leg wire, in one piece", "1.5", "whole"},
            {"/shelf/wire", "Fine steel, wire, mm", "-1", "Found -1 mm"},
            {"/mixes/5", "Wanted, g", "0", "allowed is 0.1 to 20000 g"},
            {"/mixes/5", "Harbour teal, parts, parts", "-1", "allowed is 0 to 1000 parts"},
            {"/mixes/tiles", "Clay 1, parts, parts", "1001", "allowed is 0 to 1000 parts"},
            {"/mixes/tiles", "raw colour of the tile", "teal", "# and six figures"},
            {"/runs/3", "Harbour seal, how many", "0", "allowed is whole, 1 to 2000"},
            {"/ways", "margin, %", "100", "allowed is 0 to 95 %"},
            {"/shelf/lines", "Marl Firm, window to, °C", "100", "125 °C or more"},
        };
    }

    @Test(dataProvider = "wrong")
    public void aWrongValueIsToldAtItsFieldAndNothingIsLost(String path, String field, String typed, String told) {
        go(path);
        String good = page.value(field);
        page.type(field, typed);
        page.until(() -> page.all(By.cssSelector("[role=alert]")).stream()
                .anyMatch(alert -> alert.getDomProperty("textContent").contains(told)));
        assertThat(page.field(field).getDomAttribute("aria-invalid")).isEqualTo("true");
        assertThat(page.all(By.cssSelector("h1"))).isNotEmpty();
        page.type(field, good);
        page.until(() -> "false".equals(page.field(field).getDomAttribute("aria-invalid")));
        page.reload();
        assertThat(page.value(field)).isEqualTo(good);
    }

    @Test
    public void theDrawingKeepsTheLastGoodState() {
        go("/pieces/1");
        page.sees("Core Ø20.1 → 11.8 × 45.0");
        page.type("Tower, height, mm", "9000");
        page.sees("not saved, see the marked field");
        page.sees("Core Ø20.1 → 11.8 × 45.0");
    }

    @Test
    public void anUnknownAddressAndAMissingPieceSayWhatToDo() {
        go("/nowhere");
        page.sees("There is nothing at this address");
        go("/pieces/999");
        page.sees("There is no piece number 999");
    }

    @AfterMethod
    public void leave() {
        page.driver().get("about:blank");
    }
}
