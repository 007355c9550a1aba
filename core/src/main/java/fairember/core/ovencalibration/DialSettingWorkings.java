package fairember.core.ovencalibration;

import fairember.core.workings.Source;
import fairember.core.workings.Workings;

/** How the setting of the dial for a temperature comes about. */
public final class DialSettingWorkings {
    private DialSettingWorkings() {}

    public static Workings of(DialSetting setting) {
        DialReading below = setting.below();
        DialReading above = setting.above();
        Workings.Steps steps = Workings.of("Where to set the dial")
                .given("w", "temperature wanted", setting.wantedC(), "°C", Source.WORKED)
                .given("r1", "thermometer", below.readC(), "°C", Source.CALIBRATED)
                .given("d1", "at the dial's", below.dialC(), "°C", Source.CALIBRATED);
        if (above == null) {
            return steps.worked("s", "setting, as far off as there", setting.dialC(), "°C", "w + d1 − r1")
                    .done();
        }
        return steps.given("r2", "thermometer", above.readC(), "°C", Source.CALIBRATED)
                .given("d2", "at the dial's", above.dialC(), "°C", Source.CALIBRATED)
                .worked("s", "setting, between the two", setting.dialC(), "°C", "d1 + (w − r1)/(r2 − r1)·(d2 − d1)")
                .done();
    }
}
