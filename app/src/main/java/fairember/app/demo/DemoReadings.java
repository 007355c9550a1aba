package fairember.app.demo;

import fairember.app.document.SavedKind;
import fairember.app.oven.LoadStore;
import fairember.app.oven.OvenStore;
import fairember.app.probe.ProbeStore;
import fairember.core.ovensim.OvenPreset;
import fairember.core.ovensim.SimulatedOven;
import fairember.core.studio.LoggedLoad;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Component;

/** What a probe read in the loads that the demo studio has baked already; there are none in an empty studio. */
@Component
class DemoReadings {
    private static final int EVERY_S = 5;

    private final LoadStore loads;
    private final ProbeStore probes;
    private final OvenStore ovens;

    DemoReadings(LoadStore loads, ProbeStore probes, OvenStore ovens) {
        this.loads = loads;
        this.probes = probes;
        this.ovens = ovens;
    }

    void fill() {
        for (SavedKind.Saved<LoggedLoad> load : loads.all()) {
            Instant out = load.value().outAt();
            if (out != null) {
                probes.add(load.value().ovenId(), rows(load.id(), load.value(), out));
            }
        }
    }

    private List<ProbeStore.Row> rows(long id, LoggedLoad load, Instant out) {
        double dial = ovens.find(load.ovenId())
                .orElseThrow()
                .value()
                .setting(load.temp().c());
        SimulatedOven oven = SimulatedOven.loaded(OvenPreset.HOUSEHOLD, dial, id);
        List<ProbeStore.Row> rows = new ArrayList<>();
        long seconds = Duration.between(load.inAt(), out).toSeconds();
        for (int s = 0; s <= seconds; s += EVERY_S) {
            long at = load.inAt().plusSeconds(s).toEpochMilli();
            oven.read().ifPresent(c -> rows.add(new ProbeStore.Row(at, Math.round(c * 10) / 10.0)));
            oven.go(EVERY_S);
        }
        return rows;
    }
}
