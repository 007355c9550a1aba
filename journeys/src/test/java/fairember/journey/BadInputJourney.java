package fairember.journey;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.openqa.selenium.By;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Wrong values are refused at their field, in words; the last good state stays on the drawing and on the disk. */
public class BadInputJourney extends Journey {
    /** A field, what is typed into it, and what is given. */
    private record InputError(String field, String typed, String given) {}

    private static InputError error(String field, String typed, String given) {
        return new InputError(field, typed, given);
    }

    @DataProvider
    public Object[][] pages() {
        return new Object[][] {
            {
                "/designs/1",
                List.of(
                        error("Tower, height, mm", "0", "between 0.5 and 400 mm; you entered 0 mm"),
                        error("Tower, height, mm", "tall", "“tall” is not a number"),
                        error("Tower, count", "1.5", "a whole number"),
                        error("Tower, shell, mm", "14", "Expected under"),
                        error("Tower, tilt, °", "181", "between -180 and 180"),
                        error("Tower, cores in a row", "0", "you entered 0"))
            },
            {
                "/shelf/clays/8",
                List.of(
                        error("Lot 1, raw", "mossy", "# and six digits"),
                        error("Lot 1, name", " ", "1 to 60 characters"))
            },
            {
                "/mixes/5",
                List.of(
                        error("Grams in the pieces, g", "0", "between 0.1 and 20000 g"),
                        error("Coat thickness, mm", "31", "between 0 and 30 mm"),
                        error("Harbour teal, parts, parts", "-1", "between 0 and 1000 parts"))
            },
            {"/mixes/sheets/blend", List.of(error("sheets to cut from, mm", "1", "at least the 1.5 mm"))},
            {"/batches/3", List.of(error("Harbour seal, how many", "0", "a whole number between 1 and 2000"))},
            {
                "/settings",
                List.of(
                        error("margin, %", "100", "between 0 and 95 %"),
                        error("step of the scale, g", "0", "between 0.001 and 5 g"))
            },
            {"/shelf/ranges", List.of(error("Marl Firm, window to, °C", "100", "125 °C or more"))},
        };
    }

    @Test(dataProvider = "pages")
    public void aWrongValueIsGivenAtItsFieldAndNothingIsLost(String path, List<InputError> errors) {
        go(path);
        Map<String, String> good = new LinkedHashMap<>();
        for (InputError error : errors) {
            String field = error.field();
            String before = good.computeIfAbsent(field, page::value);
            page.type(field, error.typed());
            page.until(() -> "true".equals(page.field(field).getDomAttribute("aria-invalid"))
                    && page.all(By.cssSelector("[role=alert]")).stream()
                            .anyMatch(
                                    alert -> alert.getDomProperty("textContent").contains(error.given())));
            assertThat(page.all(By.cssSelector("h1"))).isNotEmpty();
            page.type(field, before);
            page.until(() -> !"true".equals(page.field(field).getDomAttribute("aria-invalid")));
        }
        page.reload();
        good.forEach((field, before) -> assertThat(page.value(field)).as(field).isEqualTo(before));
    }

    @Test
    public void theDrawingKeepsTheLastGoodState() {
        go("/designs/1");
        page.sees("Core Ø20.1 → 11.8 × 45.0");
        String before = page.value("Tower, height, mm");
        page.type("Tower, height, mm", "9000");
        page.sees("not saved: see the marked field");
        page.sees("Core Ø20.1 → 11.8 × 45.0");
        page.type("Tower, height, mm", before);
        page.leaves("not saved: see the marked field");
    }

    @Test
    public void anUnknownAddressAndAMissingDesignSayWhatToDo() {
        go("/nowhere");
        page.sees("There is no page at this address");
        go("/designs/999");
        page.sees("There is no design number 999");
    }
}
