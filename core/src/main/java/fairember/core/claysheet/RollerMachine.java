package fairember.core.claysheet;

import fairember.core.document.Name;
import fairember.core.input.InvalidInputException;
import fairember.core.input.Span;
import fairember.core.input.Words;
import fairember.core.quantity.Length;
import java.util.Comparator;
import java.util.List;

/**
 * A hand-cranked roller machine. Its settings are names, not millimetres, and differ from machine to machine: the table is measured on
 * the maker's own.
 *
 * @param name 1 to 60 characters
 * @param roller how wide a strip goes through, 40 to 400 mm
 * @param settings one to {@value #MOST}, each name once
 */
public record RollerMachine(@Name String name, Length roller, List<Setting> settings) {
    public static final Span ROLLER = Span.of("rollerMm", "width of the rollers", 40, 400, "mm");
    public static final Span THICK = Span.of("thickMm", "sheet", 0.1, 12, "mm");
    static final int MOST = 20;

    /**
     * A machine that can be used.
     *
     * @throws InvalidInputException when the width is none, or the settings are none, too many or named twice
     */
    public RollerMachine {
        name = Words.name("name", name);
        ROLLER.check(roller.mm());
        settings = List.copyOf(settings);
        long distinct = settings.stream().map(Setting::name).distinct().count();
        if (settings.isEmpty() || settings.size() > MOST || distinct < settings.size()) {
            throw new InvalidInputException(
                    "settings",
                    settings.size() + " settings, " + distinct + " different",
                    "1 to " + MOST + " different settings",
                    "Give each setting of the machine one line.");
        }
    }

    /**
     * A setting and the sheet it makes.
     *
     * @param name as it stands on the dial, 1 to 60 characters
     * @param thick of the sheet, 0.1 to 12 mm
     */
    public record Setting(@Name String name, Length thick) {
        public static final Span THICK = RollerMachine.THICK;

        public Setting {
            name = Words.name("name", name);
            THICK.check(thick.mm());
        }
    }

    /** The setting whose sheet is nearest to a thickness; of two alike, the thicker. */
    public Setting nearest(Length thick) {
        return settings.stream()
                .min(Comparator.comparingDouble(
                                (Setting s) -> Math.abs(s.thick().mm() - thick.mm()))
                        .thenComparing(Setting::thick, Comparator.reverseOrder()))
                .orElseThrow();
    }

    /**
     * Sheets laid on each other.
     *
     * @param layers how many, 1 or more
     * @param setting that each is rolled at
     */
    public record Stack(int layers, Setting setting) {
        /** How thick they are together. */
        public Length thick() {
            return setting.thick().times(layers);
        }
    }

    /** The fewest sheets that are as thick together: one, unless the thickest setting makes less. */
    public Stack stack(Length thick) {
        double thickest =
                settings.stream().mapToDouble(s -> s.thick().mm()).max().orElseThrow();
        int layers = (int) Math.max(1, Math.ceil(thick.mm() / thickest - 1e-9));
        return new Stack(layers, nearest(thick.times(1.0 / layers)));
    }

    /** The settings to go through from the thickest down to the nearest, so that the sheet does not tear. */
    public List<Setting> downTo(Length thick) {
        Length last = nearest(thick).thick();
        return settings.stream()
                .filter(s -> s.thick().compareTo(last) >= 0)
                .sorted(Comparator.comparing(Setting::thick).reversed())
                .toList();
    }
}
