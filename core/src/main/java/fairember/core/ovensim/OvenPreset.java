package fairember.core.ovensim;

/** Ovens that a maker may have, as lumped models. */
public enum OvenPreset {
    SMALL("small oven", new Lumps(1200, 180, 450, 7000, 2.4, 1.5, 16, 3.2, 0.9, 14, 8, 4, 2, 22, 0.25, 8, -4), 1),
    HOUSEHOLD(
            "household oven",
            new Lumps(2200, 380, 1200, 12500, 4.2, 2.8, 30, 5.5, 1.6, 34, 18, 4, 2, 26, 0.30, 8, -4),
            0.6),
    FAN("fan oven", new Lumps(2200, 700, 1200, 10500, 9, 1.4, 32, 4.6, 2.4, 34, 18, 4, 2, 22, 0.15, 6, -3), 0.3);

    private final String label;
    private final Lumps lumps;
    private final double uneven;

    OvenPreset(String label, Lumps lumps, double uneven) {
        this.label = label;
        this.lumps = lumps;
        this.uneven = uneven;
    }

    public String label() {
        return label;
    }

    Lumps lumps() {
        return lumps;
    }

    /**
     * How much warmer than the air it is at a place, °C: warm at the back right, cool at the door.
     *
     * @param across 0 at the left, 1 at the right
     * @param forward 0 at the back, 1 at the door
     */
    double place(double across, double forward) {
        return uneven * ((1 - forward) * (1 + 7 * across) - 6 * forward);
    }

    /**
     * An oven as nodes that hold heat and settings between them.
     *
     * @param power of the heater, W
     * @param element what it holds, J/K
     * @param air what the air and the racks hold, J/K
     * @param walls what the walls hold, J/K
     * @param elementAir W/K from element to air
     * @param elementWalls W/K from element to walls by radiation, at 400 and 130 °C
     * @param airWalls W/K
     * @param wallsOut W/K from walls to the room
     * @param leak W/K from the air to the room
     * @param doorOpen W/K more with the door open
     * @param doorAjar W/K more with the door ajar
     * @param airTray W/K
     * @param wallsTray W/K
     * @param sensor time constant of the thermostat's sensor, s
     * @param sensorWalls share of the walls in what it feels
     * @param hysteresis °C between switching off and on
     * @param dial °C by which the dial is wrong
     */
    record Lumps(
            double power,
            double element,
            double air,
            double walls,
            double elementAir,
            double elementWalls,
            double airWalls,
            double wallsOut,
            double leak,
            double doorOpen,
            double doorAjar,
            double airTray,
            double wallsTray,
            double sensor,
            double sensorWalls,
            double hysteresis,
            double dial) {}
}
