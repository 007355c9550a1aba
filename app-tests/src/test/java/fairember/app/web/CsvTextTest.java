package fairember.app.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import fairember.core.input.InvalidInputException;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import java.util.function.DoubleUnaryOperator;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Numbers in files of spreadsheets: what was written is read, and what could be two numbers is not read at all. */
public class CsvTextTest {
    private static final Map<String, DoubleUnaryOperator> GRAMS =
            Map.of("", g -> g, "g", g -> g, "kg", kg -> 1000 * kg, "oz", oz -> 28.349523125 * oz);

    private static double read(String text, boolean semicolons) {
        return CsvText.number("net_g", text, semicolons, GRAMS);
    }

    /** Whatever is written for a spreadsheet comes back, in both ways of writing. */
    @Test
    public void aNumberComesBackAsItWasWritten() {
        SplittableRandom random = new SplittableRandom(5);
        for (int i = 0; i < 2000; i++) {
            double value = Math.round(random.nextDouble(-5000, 5000) * 10_000) / 10_000.0;
            boolean commas = random.nextBoolean();
            assertThat(read(CsvText.number(commas, value), commas)).isCloseTo(value, within(1e-9));
            String unit = List.of(" g", "g", " ", "").get(random.nextInt(4));
            assertThat(read(CsvText.number(commas, value) + unit, commas)).isCloseTo(value, within(1e-9));
        }
    }

    @DataProvider
    public Object[][] understood() {
        return new Object[][] {
            {"12.5", false, 12.5},
            {"12,5", false, 12.5},
            {"1,25", false, 1.25},
            {"1,0000", false, 1.0},
            {"1000,125", false, 1000.125},
            {"1,000", true, 1.0},
            {"1.000", false, 1.0},
            {"-3", false, -3.0},
            {"2 oz", false, 56.69904625},
            {"0.4kg", false, 400.0},
        };
    }

    @Test(dataProvider = "understood")
    public void aNumberIsReadWithItsUnit(String text, boolean semicolons, double grams) {
        assertThat(read(text, semicolons)).isCloseTo(grams, within(1e-9));
    }

    @DataProvider
    public Object[][] refused() {
        return new Object[][] {
            {"1,000", "1000 for a thousand"},
            {"-12,345", "1000 for a thousand"},
            {"1 000", "without spaces"},
            {"1.000.5", "Its unit may follow it"},
            {"1,000.5", "Its unit may follow it"},
            {"12 mm", "g, kg, oz"},
            {"about 12", "a number such as 12.5"},
            {"1e3", "a number such as 12.5"},
            {"NaN", "a number such as 12.5"},
            {"0x1p3", "a number such as 12.5"},
            {"", "a number such as 12.5"},
            {"9".repeat(90) + " stones", "…"},
        };
    }

    @Test(dataProvider = "refused")
    public void whatCouldBeTwoNumbersOrNoneIsRefused(String text, String words) {
        assertThatThrownBy(() -> read(text, false)).isInstanceOfSatisfying(InvalidInputException.class, refused -> {
            var error = refused.errors().get(0);
            assertThat(error.field()).isEqualTo("net_g");
            assertThat(error.found() + error.allowed() + error.fix()).contains(words);
        });
    }
}
