package fairember.core.bake;

import static org.assertj.core.api.Assertions.assertThat;

import fairember.core.Refusals;
import fairember.core.Samples;
import fairember.core.advice.Advice;
import fairember.core.input.InputError;
import fairember.core.quantity.Length;
import fairember.core.quantity.Minutes;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class BakeNeedingTest {
    private static final ClayWindow FIRM = Samples.FIRM.window();
    private static final ClayWindow COOL = Samples.COOL.window();
    private static final BakeRules LONG = new BakeRules(BakingMethod.LONG_AND_LOW, new Minutes(60), new Minutes(10));

    @DataProvider
    public Object[][] holds() {
        return new Object[][] {
            // rules, kind, T, hold: 15 min per 6 mm, least 15
            {Samples.PACKET, StageKind.FULL_BAKE, 4.0, 15.0},
            {Samples.PACKET, StageKind.FULL_BAKE, 6.0, 15.0},
            {Samples.PACKET, StageKind.FULL_BAKE, 9.0, 22.5},
            {Samples.PACKET, StageKind.FULL_BAKE, 12.0, 30.0},
            {LONG, StageKind.FULL_BAKE, 4.0, 60.0},
            {LONG, StageKind.FULL_BAKE, 30.0, 75.0},
            {LONG, StageKind.PART_BAKE, 30.0, 10.0},
        };
    }

    @Test(dataProvider = "holds")
    public void theHoldFollowsTheSchoolAndIsNeverUnderThePacketInAFullCure(
            BakeRules rules, StageKind kind, double thickest, double bakingTime) {
        BakeNeed need = BakeNeeding.need("Seal", SharedWindow.of(List.of(FIRM)), new Length(thickest), kind, rules);
        assertThat(need.bakingTime().min()).isEqualTo(bakingTime);
        assertThat(need.reason()).isNotBlank();
        assertThat(need.most().min()).isGreaterThanOrEqualTo(bakingTime);
    }

    @Test
    public void aHoldOverThePacketsMostIsKeptAndSaid() {
        BakeNeed need = BakeNeeding.need(
                "Seal", SharedWindow.of(List.of(FIRM)), new Length(40), StageKind.FULL_BAKE, Samples.PACKET);
        assertThat(need.bakingTime().min()).isEqualTo(100);
        assertThat(need.advice()).extracting(Advice::rule).containsExactly("hold-long");
    }

    @Test
    public void sharedWindowsIntersectAndTakeTheStricterOfEachLimit() {
        SharedWindow shared = SharedWindow.of(List.of(FIRM, COOL));
        assertThat(shared.low().c()).isEqualTo(125);
        assertThat(shared.high().c()).isEqualTo(120);
        assertThat(shared.least().min()).isEqualTo(20);
        assertThat(shared.most().min()).isEqualTo(60);
        assertThat(shared.meets()).isFalse();
        assertThat(shared).isEqualTo(SharedWindow.of(List.of(COOL, FIRM, COOL)));
        BakeNeed need = BakeNeeding.need("Seal", shared, new Length(4), StageKind.FULL_BAKE, Samples.PACKET);
        assertThat(need.advice()).extracting(Advice::rule).containsExactly("windows-apart");
    }

    @Test
    public void aWindowOutOfOrderIsRefusedAtEachPlace() {
        assertThat(Refusals.of(() -> Samples.line(3, "Odd", 140, 130, 15, 30, 20)))
                .extracting(InputError::field)
                .containsExactly("highC", "mostMin");
    }
}
