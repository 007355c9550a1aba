package fairember.app.machine;

import static fairember.app.web.Given.all;
import static fairember.app.web.Given.given;

import fairember.core.claysheet.RollerMachine;
import fairember.core.input.Gathering;
import fairember.core.input.Words;
import fairember.core.quantity.Length;
import java.util.List;
import java.util.function.Supplier;

/** A roller machine and what its settings make. */
public record MachineForm(String name, double rollerMm, List<SettingForm> settings) {
    /** A setting as it stands on the dial, and the sheet it makes. */
    public record SettingForm(String name, double thickMm) {
        private RollerMachine.Setting parse() {
            Gathering g = new Gathering();
            g.at("", () -> Words.name("name", given("name", name)));
            g.at("", () -> RollerMachine.THICK.check(thickMm));
            g.orRefuse();
            return new RollerMachine.Setting(name, new Length(thickMm));
        }
    }

    /** The machine as the core takes it; refused with everything that is wrong. */
    public RollerMachine parse() {
        Gathering g = new Gathering();
        g.at("", () -> Words.name("name", given("name", name)));
        g.at("", () -> RollerMachine.ROLLER.check(rollerMm));
        List<Supplier<RollerMachine.Setting>> suppliers =
                g.at("", () -> all("settings", settings)).orElse(List.of()).stream()
                        .<Supplier<RollerMachine.Setting>>map(s -> s::parse)
                        .toList();
        List<RollerMachine.Setting> parsed = g.all("settings", suppliers);
        g.orRefuse();
        return new RollerMachine(name, new Length(rollerMm), parsed);
    }
}
