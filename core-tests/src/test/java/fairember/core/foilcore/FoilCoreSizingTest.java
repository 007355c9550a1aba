package fairember.core.foilcore;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairember.core.Refusals;
import fairember.core.Samples;
import fairember.core.advice.Advice;
import fairember.core.advice.Grade;
import fairember.core.portion.Portioning;
import fairember.core.quantity.Density;
import fairember.core.quantity.Length;
import fairember.core.quantity.Mass;
import fairember.core.shape.Ball;
import fairember.core.shape.Disc;
import fairember.core.shape.Rod;
import fairember.core.shape.Solid;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class FoilCoreSizingTest {
    private static final Length TWELVE = new Length(12);

    private static SizedCore size(Solid solid, double shell) {
        return FoilCoreSizing.size("Body", solid, new CoreSpec(new Length(shell), Packing.FIRM), Samples.ROLL, TWELVE);
    }

    /** 300 × 300 mm of 16 µm is 90 000 mm² · 0.016 mm · 2.70 mg/mm³ = 3.888 g; firm, that is a ball of 24.6 mm. */
    @Test
    public void aSquareOfFoilPressedFirmIsABallOf24Point6Mm() {
        SizedCore core = size(new Ball(new Length(34.58)), 5);
        assertThat(core.foil().g()).isCloseTo(3.888, within(0.01));
        assertThat(core.foilArea().mm2()).isCloseTo(90_000, within(200.0));
        assertThat(core.torn().mm()).isCloseTo(300, within(1.0));
        double ball =
                Portioning.portion(core.inner().volume(), Density.CLAY).ball().mm();
        assertThat(ball).isCloseTo(24.58, within(0.01));
    }

    @Test
    public void clayAndCoreTogetherFillThePartAndTheShellIsTheOneAsked() {
        SizedCore core = size(new Rod(new Length(30), new Length(50)), 4);
        assertThat(core.inner()).isEqualTo(new Rod(new Length(22), new Length(42)));
        assertThat(core.clay().mm3() + core.claySaved().mm3())
                .isCloseTo(core.outer().volume().mm3(), within(1e-6));
        assertThat(core.thinnest().mm()).isEqualTo(4);
        // At the square rim: 2·4/(1 + sin 45°).
        assertThat(core.thickest().diameter().mm()).isCloseTo(4.6863, within(1e-4));
        assertThat(core.advice()).isEmpty();
    }

    @DataProvider
    public Object[][] grades() {
        return new Object[][] {
            {30.0, 2.4, "shell-thin", Grade.CAUTION},
            {60.0, 12.1, "shell-thick", Grade.STOP},
            {17.0, 3.0, "core-small", Grade.CAUTION},
        };
    }

    @Test(dataProvider = "grades")
    public void aBallIsJudgedAtTheLimits(double diameter, double shell, String rule, Grade grade) {
        assertThat(size(new Ball(new Length(diameter)), shell).advice())
                .singleElement()
                .satisfies(f -> assertThat(f.rule()).isEqualTo(rule))
                .satisfies(f -> assertThat(f.grade()).isEqualTo(grade))
                .satisfies(f -> assertThat(f.fix()).isNotBlank());
    }

    @Test
    public void aSolidOverTheGreatestSectionWantsACore() {
        assertThat(CoreReview.ofSolid("Body", new Length(18), TWELVE, TWELVE)).isEmpty();
        assertThat(CoreReview.ofSolid("Body", new Length(18), new Length(12.1), TWELVE))
                .extracting(Advice::rule)
                .containsExactly("core-wanted");
    }

    @Test
    public void aShellThatLeavesNoCoreIsRefusedWithTheMostThatWould() {
        assertThat(Refusals.of(() -> size(new Ball(new Length(20)), 10)).get(0).allowed())
                .isEqualTo("under 10 mm in this part");
        assertThat(Refusals.of(() -> size(new Disc(new Length(40), new Length(4)), 3))
                        .get(0)
                        .allowed())
                .isEqualTo("no core in sheets, cords and tubes");
    }

    @Test
    public void aGramOfClayIsABallOf10Point3MmAtDensity1Point75() {
        // V = 1000/1.75 = 571.43 mm³, d = (1091.35)^⅓ = 10.2957 mm.
        assertThat(Portioning.portion(Density.CLAY.volumeOf(new Mass(1)), Density.CLAY)
                        .ball()
                        .mm())
                .isCloseTo(10.2957, within(0.0001));
    }
}
