package fairember.core.foilcore;

import fairember.core.input.Gathering;
import fairember.core.quantity.Density;

/**
 * Bulk density of kitchen foil as one maker presses it. The usual figures are starting values; weighing one core of your own is
 * better.
 *
 * @param loose 0.15 to 0.35 g/cm³
 * @param firm 0.35 to 0.70 g/cm³
 * @param hard 0.70 to 1.30 g/cm³
 */
public record PackedFoil(Density loose, Density firm, Density hard) {
    public static final PackedFoil USUAL = of(0.25, 0.50, 0.95);

    public static PackedFoil of(double looseGPerCm3, double firmGPerCm3, double hardGPerCm3) {
        Gathering gathering = new Gathering();
        gathering.within(Packing.LOOSE.span(), looseGPerCm3);
        gathering.within(Packing.FIRM.span(), firmGPerCm3);
        gathering.within(Packing.HARD.span(), hardGPerCm3);
        gathering.orRefuse();
        return new PackedFoil(new Density(looseGPerCm3), new Density(firmGPerCm3), new Density(hardGPerCm3));
    }

    /** The same hand with one grade given again, g/cm³. */
    public PackedFoil with(Packing packing, double gPerCm3) {
        return of(
                packing == Packing.LOOSE ? gPerCm3 : loose.gPerCm3(),
                packing == Packing.FIRM ? gPerCm3 : firm.gPerCm3(),
                packing == Packing.HARD ? gPerCm3 : hard.gPerCm3());
    }

    public Density of(Packing packing) {
        return switch (packing) {
            case LOOSE -> loose;
            case FIRM -> firm;
            case HARD -> hard;
        };
    }
}
