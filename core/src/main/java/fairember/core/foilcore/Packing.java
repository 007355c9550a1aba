package fairember.core.foilcore;

import fairember.core.measure.Density;

/** How hard the foil is pressed. Bulk densities are starting values; weighing one core of your own is better. */
public enum Packing {
    /** 0.15 to 0.35 g/cm³. */
    LOOSE("loose", new Density(0.25)),
    /** 0.35 to 0.70 g/cm³. */
    FIRM("firm", new Density(0.50)),
    /** 0.70 to 1.30 g/cm³. */
    HARD("hard", new Density(0.95));

    private final String label;
    private final Density density;

    Packing(String label, Density density) {
        this.label = label;
        this.density = density;
    }

    public String label() {
        return label;
    }

    public Density density() {
        return density;
    }
}
