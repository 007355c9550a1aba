package fairember.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;

import fairember.core.Refusals;
import fairember.core.foilcore.CoreSpec;
import fairember.core.foilcore.Packing;
import fairember.core.input.Gathering;
import fairember.core.input.InputError;
import fairember.core.input.Span;
import fairember.core.input.Words;
import fairember.core.shape.ShapeKind;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What is refused says what was found, what is allowed and what to do. */
public class RefusalTest {
    @DataProvider
    public Object[][] wrongDimensions() {
        return new Object[][] {
            {ShapeKind.BALL, List.of(0.0), "diameterMm", "0 mm"},
            {ShapeKind.BALL, List.of(-3.0), "diameterMm", "-3 mm"},
            {ShapeKind.BALL, List.of(Double.NaN), "diameterMm", "not a number"},
            {ShapeKind.BALL, List.of(Double.POSITIVE_INFINITY), "diameterMm", "an infinite number"},
            {ShapeKind.ROD, List.of(10.0, 1e9), "lengthMm", "1000000000 mm"},
            {ShapeKind.DISC, List.of(20.0, 0.05), "thicknessMm", "0.05 mm"},
            {ShapeKind.CAPSULE, List.of(20.0, 11.0), "lengthMm", "11 mm"},
        };
    }

    @Test(dataProvider = "wrongDimensions")
    public void aDimensionOutsideItsSpanIsRefusedAtItsField(
            ShapeKind kind, List<Double> mm, String field, String found) {
        List<InputError> errors = Refusals.of(() -> kind.make(mm));
        assertThat(errors).hasSize(1);
        assertThat(errors.get(0).field()).isEqualTo(field);
        assertThat(errors.get(0).found()).startsWith(found);
        assertThat(errors.get(0).allowed()).contains("mm");
        assertThat(errors.get(0).fix()).isNotBlank();
    }

    @Test
    public void allThatIsWrongIsGivenAtOnceWithItsPath() {
        Gathering gathering = new Gathering();
        gathering.at("parts[2].shape", () -> ShapeKind.FRUSTUM.make(List.of(-1.0, 20.0, 900.0)));
        gathering.at("parts[2].core", () -> new CoreSpec(new Length(31), Packing.FIRM));
        assertThat(Refusals.of(gathering::orRefuse))
                .extracting(InputError::field)
                .containsExactly("parts[2].shape.bottomMm", "parts[2].shape.heightMm", "parts[2].core.shellMm");
    }

    @Test
    public void aSpanTakesBothItsEndsAndSaysWhichWayToFix() {
        assertThat(CoreSpec.SHELL.check(0.5)).isEqualTo(0.5);
        assertThat(CoreSpec.SHELL.check(30)).isEqualTo(30);
        InputError error = Refusals.of(() -> CoreSpec.SHELL.check(31)).get(0);
        assertThat(error)
                .isEqualTo(new InputError(
                        "shellMm",
                        "31 mm",
                        "0.5 to 30 mm",
                        "Make the shell at most 30 mm.",
                        "Shell must be between 0.5 and 30 mm; you entered 31 mm."));
        InputError broken =
                Refusals.of(() -> Span.count("count", "count", 1, 9).check(2.5)).get(0);
        assertThat(broken.fix()).isEqualTo("Enter a whole number for the count.");
    }

    @Test
    public void aNameIsTrimmedAndHeldToItsLength() {
        assertThat(Words.name("name", "  Fog teal ")).isEqualTo("Fog teal");
        assertThat(Refusals.of(() -> Words.name("name", " "))).hasSize(1);
        assertThat(Refusals.of(() -> Words.name("name", "x".repeat(61)))).hasSize(1);
        assertThat(Refusals.of(() -> Words.name("name", "two\nlines"))).hasSize(1);
    }

    @Test
    public void moneyIsRoundedHalfToEvenAndRaisedToWholeSteps() {
        assertThat(new Money(5).times(0.5)).isEqualTo(new Money(2));
        assertThat(new Money(7).times(0.5)).isEqualTo(new Money(4));
        assertThat(new Money(1251).roundedUpTo(new Money(50))).isEqualTo(new Money(1300));
        assertThat(new Money(1250).roundedUpTo(new Money(50))).isEqualTo(new Money(1250));
    }
}
