package fairember.app.journey;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.openqa.selenium.By;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Wrong values are refused at their field, in words; the last good state stays on the drawing and on the disk. */
public class BadInputJourney extends Journey {
    /** A field, what is typed into it, and what is told. */
    private record Wrong(String field, String typed, String told) {}

    private static Wrong wrong(String field, String typed, String told) {
        return new Wrong(field, typed, told);
    }

    @DataProvider
    public Object[][] pages() {
        return new Object[][] {
            {
                "/pieces/1",
                List.of(
                        wrong("Tower, height, mm", "0", "Found 0 mm, allowed is 0.5 to 400 mm"),
                        wrong("Tower, height, mm", "tall", "“tall” is not a number"),
                        wrong("Tower, count", "1.5", "a whole number"),
                        wrong("Tower, shell, mm", "14", "allowed is under"),
                        wrong("Tower, tilt, °", "181", "-180 to 180"),
                        wrong("Tower, cores in a row", "0", "Found 0"))
            },
            {
                "/pieces/7/built-on",
                List.of(
                        wrong("Leg wire, thick, mm", "0", "Found 0 mm"),
                        wrong("Leg wire, in one piece", "1.5", "whole"))
            },
            {"/shelf/wire", List.of(wrong("Fine steel, wire, mm", "-1", "Found -1 mm"))},
            {
                "/shelf/clays/8",
                List.of(
                        wrong("Lot 1, raw", "mossy", "# and six figures"),
                        wrong("Lot 1, name", " ", "1 to 60 characters"))
            },
            {
                "/mixes/5",
                List.of(
                        wrong("Wanted, g", "0", "allowed is 0.1 to 20000 g"),
                        wrong("Coat, mm", "31", "allowed is 0 to 30 mm"),
                        wrong("Harbour teal, parts, parts", "-1", "allowed is 0 to 1000 parts"))
            },
            {"/mixes/14", List.of(wrong("fine shore sand, per cent of the clay, %", "61", "allowed is 0.01 to 60 %"))},
            {
                "/mixes/tiles",
                List.of(
                        wrong("Clay 1, parts, parts", "1001", "allowed is 0 to 1000 parts"),
                        wrong("raw colour of the tile", "teal", "# and six figures"))
            },
            {"/mixes/leftovers", List.of(wrong("Fog teal, grams, g", "0", "allowed is 0.1 to 20000 g"))},
            {"/mixes/trials/1", List.of(wrong("Way 1, colour", "gold", "# and six figures"))},
            {
                "/mixes/sheets",
                List.of(
                        wrong("width of the sheet, mm", "4", "allowed is 5 to 2000 mm"),
                        wrong("Setting 1, sheet, mm", "13", "allowed is 0.1 to 12 mm"))
            },
            {"/mixes/sheets/blend", List.of(wrong("sheets to cut from, mm", "1", "at least the 1.5 mm"))},
            {"/mixes/sheets/cane", List.of(wrong("diameter to reduce to, mm", "90", "mm it is packed to"))},
            {"/mixes/sheets/cords", List.of(wrong("left before the die, mm", "-1", "allowed is 0 to 60 mm"))},
            {"/runs/3", List.of(wrong("Harbour seal, how many", "0", "allowed is whole, 1 to 2000"))},
            {
                "/ways",
                List.of(
                        wrong("margin, %", "100", "allowed is 0 to 95 %"),
                        wrong("step of the scale, g", "0", "allowed is 0.001 to 5 g"))
            },
            {"/shelf/lines", List.of(wrong("Marl Firm, window to, °C", "100", "125 °C or more"))},
        };
    }

    @Test(dataProvider = "pages")
    public void aWrongValueIsToldAtItsFieldAndNothingIsLost(String path, List<Wrong> wrongs) {
        go(path);
        Map<String, String> good = new LinkedHashMap<>();
        for (Wrong wrong : wrongs) {
            String field = wrong.field();
            String before = good.computeIfAbsent(field, page::value);
            page.type(field, wrong.typed());
            page.until(() -> "true".equals(page.field(field).getDomAttribute("aria-invalid"))
                    && page.all(By.cssSelector("[role=alert]")).stream()
                            .anyMatch(
                                    alert -> alert.getDomProperty("textContent").contains(wrong.told())));
            assertThat(page.all(By.cssSelector("h1"))).isNotEmpty();
            page.type(field, before);
            page.until(() -> !"true".equals(page.field(field).getDomAttribute("aria-invalid")));
        }
        page.reload();
        good.forEach((field, before) -> assertThat(page.value(field)).as(field).isEqualTo(before));
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
