package fairember.journey;

import static org.assertj.core.api.Assertions.assertThat;

import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Figures in the units a maker thinks in: typed in any, kept in one, read in the chosen. */
public class UnitsJourney extends Journey {
    /** Of what is typed into the height of the lighthouse's tower, what its field then holds; millimetres are chosen. */
    @DataProvider
    public Object[][] typed() {
        return new Object[][] {
            {"3/8in", "9.525"},
            {"1 1/2\"", "38.1"},
            {"1½ in", "38.1"},
            {"1-1/4 inch", "31.75"},
            {"5.5cm", "55"},
            {"5,5 cm", "55"},
            {"52mm", "52"},
            {"0.2 ft", "60.96"},
            {"54", "54"},
        };
    }

    @Test(dataProvider = "typed")
    public void aLengthIsTypedInAnyUnit(String typed, String kept) {
        stayAt("/designs/1");
        page.enter("Tower, height, mm", typed);
        page.until(() -> page.value("Tower, height, mm").equals(kept));
    }

    /** What cannot be meant stays in the field with the reason, and nothing is saved. */
    @DataProvider
    public Object[][] refused() {
        return new Object[][] {
            {"1/0", "You cannot divide by 0."},
            {"1/0 in", "You cannot divide by 0."},
            {"3 g", "is not in mm"},
            {"275F", "is not in mm"},
            {"1,000", "can mean two numbers"},
            {"twelve", "is not a number"},
            {"12 12", "is not a number"},
        };
    }

    @Test(dataProvider = "refused", dependsOnMethods = "aLengthIsTypedInAnyUnit")
    public void whatCannotBeMeantStaysInTheField(String typed, String why) {
        stayAt("/designs/1");
        page.enter("Tower, height, mm", typed);
        page.sees(why);
        assertThat(page.value("Tower, height, mm")).isEqualTo(typed);
        page.keysOn(Page.fieldBy("Tower, height, mm"), Keys.ESCAPE, Keys.TAB);
        page.until(() -> page.value("Tower, height, mm").equals("54"));
    }

    @Test(dependsOnMethods = "whatCannotBeMeantStaysInTheField")
    public void theStudioReadsInchesOuncesAndFahrenheit() {
        go("/settings");
        page.choose("Units of lengths", "inches, in fractions");
        page.choose("Units of weights", "ounces");
        page.choose("Units of temperatures", "°F");
        page.choose("Units of wire", "by gauge");
        page.choose("Units of time of day", "12 hours");
        page.choose("Units of days", "month, day, year");
        page.until(() -> page.value("opens").equals("9:00 am"));
        page.isForEveryone();
        go("/designs/1");
        // 54 mm is 2.126 in, near no sixty-fourth; the cap of 14.5 mm is 0.571 in.
        page.until(() -> page.value("Tower, height, in").equals("2.126"));
        page.enter("Tower, height, in", "2 1/8");
        page.until(() -> page.value("Tower, height, in").equals("2 1/8"));
        page.keysOn(Page.fieldBy("Tower, height, in"), Keys.ARROW_UP, Keys.ENTER);
        page.until(() -> page.value("Tower, height, in").equals("2 5/32"));
        page.enter("Tower, height, in", "54 mm");
        page.until(() -> page.value("Tower, height, in").equals("2.126"));
        page.sees("257 °F");
        page.sees("oz");
        page.enter("Tower, height, in", "900");
        page.sees("and 15.75 in; you entered 900 in");
        page.keysOn(Page.fieldBy("Tower, height, in"), Keys.ESCAPE, Keys.TAB);
        go("/batches/3");
        page.until(() -> page.value("due").matches("[A-Z][a-z]{2} Dec \\d+, 2026"));
        page.enter("due", "12/9/2026");
        page.until(() -> page.value("due").equals("Wed Dec 9, 2026"));
        page.press("Undo");
        page.until(() -> page.value("due").equals("Tue Dec 8, 2026"));
    }

    /** Sentences of the server come in the same units. */
    @Test(dependsOnMethods = "theStudioReadsInchesOuncesAndFahrenheit")
    public void whatTheRulesSayIsInTheSameUnits() {
        go("/designs/1");
        page.enter("Tower, bottom diameter, in", "3");
        page.sees(" in");
        page.leaveTheField();
        String advice = page.text();
        assertThat(advice).doesNotContainPattern("\\d mm\\b").doesNotContainPattern("\\d °C");
        page.press("Undo");
        go("/shelf/ranges");
        page.enter("Marl Soft, as printed", "20 minutes per 1/4 inch at 275 °F");
        page.sees("means 18.9 min per 6 mm at 275 °F");
        page.press("Use what is printed for Marl Soft");
        page.until(() -> page.value("Marl Soft, window to, °F").equals("275"));
        assertThat(page.value("Marl Soft, minutes per 6 mm, min")).isEqualTo("18.9");
        page.enter("Marl Soft, as printed", "bake well");
        page.one(By.cssSelector("[aria-label='Marl Soft, as printed'][aria-invalid=true]"));
        page.isForEveryone();
    }

    /** A difference of temperatures has no zero; liquids are counted in fluid ounces; a comma stands before tenths. */
    @Test(dependsOnMethods = "whatTheRulesSayIsInTheSameUnits")
    public void differencesLiquidsAndCommasAreReadAndTyped() {
        go("/settings");
        page.until(() -> page.value("Spot 1, warmer by, °F").equals("10.8"));
        page.enter("Spot 1, warmer by, °F", "9F");
        page.until(() -> page.value("Spot 1, warmer by, °F").equals("9"));
        page.enter("Spot 1, warmer by, °F", "6C");
        page.until(() -> page.value("Spot 1, warmer by, °F").equals("10.8"));
        page.choose("Units of liquids", "fluid ounces");
        page.choose("Units of lengths", "millimetres");
        page.choose("Units of decimals", "1,5");
        go("/shelf/supplies");
        page.until(() -> page.value("Quay primer, on the shelf, fl oz").equals("1,42"));
        page.enter("Quay primer, on the shelf, fl oz", "42 ml");
        page.until(() -> page.value("Quay primer, on the shelf, fl oz").equals("1,42"));
        go("/designs/1");
        page.enter("Tower, height, mm", "54,125");
        page.sees("can mean two numbers");
        page.keysOn(Page.fieldBy("Tower, height, mm"), Keys.ESCAPE);
        page.enter("Tower, height, mm", "3,1255");
        page.until(() -> page.value("Tower, height, mm").equals("3,1255"));
        page.keysOn(Page.fieldBy("Tower, height, mm"), Keys.ARROW_UP, Keys.ENTER);
        page.until(() -> page.value("Tower, height, mm").equals("4,1255"));
        page.press("Undo");
    }
}
