package fairember.core.bake;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import fairember.core.input.InvalidInputException;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What packets print, and what it means in minutes for 6 mm and °C. */
public class PrintedPacketTest {
    @DataProvider
    public Object[][] printed() {
        return new Object[][] {
            {"20 minutes per 1/4 inch at 275 °F", 20 * 6 / 6.35, 135.0, 135.0},
            {"Bake at 275°F (130°C) for 15 minutes per 1/4\"", 15 * 6 / 6.35, 135.0, 135.0},
            {"30 min for each 6 mm, 110 to 130 °C", 30.0, 110.0, 130.0},
            {"15-30 min. per ¼ in", 30 * 6 / 6.35, null, null},
            {"1 hour per 1 1/2 cm; 120–130 C", 24.0, 120.0, 130.0},
            {"130°C", null, 130.0, 130.0},
            {"Vingt 20 min / 5 mm 265f", 24.0, 129.4, 129.4},
        };
    }

    @Test(dataProvider = "printed")
    public void isReadInItsOwnUnits(String text, Double per6, Double low, Double high) {
        PrintedPacket read = PrintedPacket.read(text);
        if (per6 == null) {
            assertThat(read.per6Mm()).isEmpty();
        } else {
            assertThat(read.per6Mm().orElseThrow().min()).isCloseTo(per6, within(0.051));
        }
        assertThat(read.low().map(temp -> temp.c()).orElse(null)).isEqualTo(low);
        assertThat(read.high().map(temp -> temp.c()).orElse(null)).isEqualTo(high);
    }

    @Test
    public void whatSaysNeitherIsRefused() {
        for (String text : new String[] {
            "", "bake until done", "3 g per inch", "20 min per 1/0 inch", "20 min per 0 mm", "1/0 min per 6 mm"
        }) {
            assertThatThrownBy(() -> PrintedPacket.read(text)).isInstanceOf(InvalidInputException.class);
        }
    }
}
