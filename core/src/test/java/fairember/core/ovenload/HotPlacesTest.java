package fairember.core.ovenload;

import static org.assertj.core.api.Assertions.assertThat;

import fairember.core.finding.Finding;
import fairember.core.measure.Energy;
import fairember.core.measure.Length;
import fairember.core.measure.Minutes;
import fairember.core.measure.Share;
import fairember.core.measure.Temperature;
import fairember.core.shape.Box;
import java.util.List;
import org.testng.annotations.Test;

/** One flag of 40 × 30 mm at the back left of a tray, baked at 125 in a window of 125 to 130. */
public class HotPlacesTest {
    private static List<String> rules(double left, double back, double offC) {
        Bake flag = Bake.plain(
                "flag",
                1,
                new Box(new Length(40), new Length(30), new Length(5)),
                new Temperature(125),
                new Temperature(130),
                new Minutes(20),
                new Minutes(60));
        Length none = new Length(0);
        Place place = new Place("flag", 0, none, none, new Length(40), new Length(30), new Length(5));
        PlannedLoad load = new PlannedLoad(
                0,
                List.of(new PlannedLoad.Item(flag, 1)),
                new Temperature(125),
                new Minutes(20),
                Minutes.ZERO,
                Minutes.ZERO,
                new Minutes(20),
                Energy.ZERO,
                List.of(place),
                new Share(0.1),
                false,
                List.of());
        return HotPlaces.findings(load, List.of(new TraySpot(new Length(left), new Length(back), offC))).stream()
                .map(Finding::rule)
                .toList();
    }

    @Test
    public void whatLiesWithinFortyFiveMillimetresOfATooWarmPlaceIsSaid() {
        assertThat(rules(20, 15, 6)).containsExactly("hot-place");
        assertThat(rules(85, 15, 6)).containsExactly("hot-place");
        assertThat(rules(86, 15, 6)).isEmpty();
        // 125 + 5 is the end of its window.
        assertThat(rules(20, 15, 5)).isEmpty();
        assertThat(rules(20, 15, -6)).containsExactly("cool-place");
        assertThat(rules(20, 15, -5)).isEmpty();
    }
}
