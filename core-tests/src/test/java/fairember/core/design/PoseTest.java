package fairember.core.design;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairember.core.Samples;
import fairember.core.bake.StageKind;
import fairember.core.quantity.Length;
import fairember.core.quantity.Minutes;
import fairember.core.shape.Block;
import fairember.core.shape.Box;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** A block of 20 x 10, 60 high, in one bake: the room it takes on the tray. */
public class PoseTest {
    @DataProvider
    public Object[][] poses() {
        return new Object[][] {
            {null, 20, 10, 60},
            {Pose.STANDS, 20, 10, 60},
            {Pose.LIES, 20, 60, 10},
            {Pose.ON_SIDE, 60, 10, 20},
            {Pose.HANGS, 20, 10, 75},
            // 60 sin 20° + 10 cos 20° and the cup behind; 60 cos 20° + 10 sin 20° high.
            {Pose.LEANS, 50, 79.92, 59.80},
        };
    }

    @Test(dataProvider = "poses")
    public void aBakeTakesTheRoomOfItsPose(Pose pose, double wide, double deep, double high) {
        Block block = new Block(new Length(20), new Length(10), new Length(60));
        Stage stage = new Stage("whole", StageKind.FULL_BAKE, 0, new Minutes(20), false, null, pose, null);
        Box unit = Samples.measured(new Design(
                        1,
                        "It",
                        "",
                        DesignKind.FIGURINE,
                        Pose.STANDS,
                        List.of(Samples.part("It", block, 1, Samples.CHALK, 0, null)),
                        List.of(stage),
                        List.of(),
                        List.of(),
                        List.of(),
                        Armature.NONE,
                        null))
                .stages()
                .get(0)
                .unit();
        assertThat(unit.width().mm()).isCloseTo(wide, within(0.01));
        assertThat(unit.depth().mm()).isCloseTo(deep, within(0.01));
        assertThat(unit.height().mm()).isCloseTo(high, within(0.01));
    }
}
