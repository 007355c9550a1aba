package fairember.core.ovensim;

import java.util.OptionalDouble;
import java.util.SplittableRandom;

/**
 * An oven with its thermostat, a tray and a probe, going on in time:
 *
 * <pre>
 * Ce·Te' = P·u − Gea(Te−Ta) − Gew*(Te−Tw)
 * Ca·Ta' = Gea(Te−Ta) − Gaw(Ta−Tw) − (Gleak+door)(Ta−amb) − Gat(Ta−Tt)
 * Cw·Tw' = Gew*(Te−Tw) + Gaw(Ta−Tw) − Gwo(Tw−amb) − Gwt(Tw−Tt)
 * Ct·Tt' = Gat(Ta−Tt) + Gwt(Tw−Tt)
 * τs·Ts' = (1−β)Ta + βTw − Ts
 * Gew* = Gew(½ + ½·((Te²+Tw²)(Te+Tw) in kelvin / that of 673 and 403 K))
 * </pre>
 *
 * stepped by the midpoint rule. The heater u goes on under the setting less half the hysteresis and off over it plus
 * half, not within its least times. The probe follows its place with a lag of 12 s, some noise, and steps of a tenth.
 */
public final class SimulatedOven {
    /** Heat held by a thin steel tray, J/K. */
    public static final double STEEL_TRAY = 280;
    /** Heat held by a tile, J/K. */
    public static final double TILE = 830;

    private static final double ROOM_C = 21;
    private static final double PREHEAT_S = 1200;
    private static final double DOOR_S = 12;
    private static final double STEP_S = 0.5;
    private static final double PROBE_LAG_S = 12;
    private static final double NOISE_C = 0.25;
    private static final double READ_STEP_C = 0.1;
    private static final double LEAST_SWITCHED_S = 10;
    private static final double GLOW_C = 1.5;
    private static final double KELVIN = 273.15;
    private static final double RADIATES = radiation(400, 130);
    private static final int E = 0;
    private static final int A = 1;
    private static final int W = 2;
    private static final int T = 3;
    private static final int S = 4;

    private final OvenPreset preset;
    private final OvenPreset.Lumps lumps;
    private final double roomC;
    private final double tray;
    private final double across;
    private final double forward;
    private final SplittableRandom random;
    private double[] state;
    private double probe;
    private boolean on;
    private boolean heating;
    private double switchedFor = LEAST_SWITCHED_S;
    private double setC;
    private boolean doorOpen;
    private OvenFault fault = OvenFault.NONE;
    private double lastRead = Double.NaN;

    /**
     * A cold oven that is off.
     *
     * @param tray heat its tray holds, J/K
     * @param across place of the probe, 0 at the left to 1 at the right
     * @param forward 0 at the back to 1 at the door
     * @param seed of the noise
     */
    public SimulatedOven(OvenPreset preset, double tray, double roomC, double across, double forward, long seed) {
        this.preset = preset;
        this.lumps = preset.lumps();
        this.tray = tray;
        this.roomC = roomC;
        this.across = across;
        this.forward = forward;
        this.random = new SplittableRandom(seed);
        this.state = new double[] {roomC, roomC, roomC, roomC, roomC};
        this.probe = roomC;
    }

    /**
     * An oven that was heated for twenty minutes and whose door was just opened for a load; the probe lies in its middle.
     *
     * @param dialC where its dial stands
     */
    public static SimulatedOven loaded(OvenPreset preset, double dialC, long seed) {
        SimulatedOven oven = new SimulatedOven(preset, STEEL_TRAY, ROOM_C, 0.5, 0.5, seed);
        oven.dial(dialC);
        oven.go(PREHEAT_S);
        oven.door(true);
        oven.go(DOOR_S);
        oven.door(false);
        return oven;
    }

    /** Switches it on with the dial at a temperature. */
    public void dial(double c) {
        setC = c;
        on = true;
    }

    public void switchOff() {
        on = false;
    }

    public void door(boolean open) {
        doorOpen = open;
    }

    public void fault(OvenFault now) {
        fault = now;
    }

    /** °C of the air. */
    public double airC() {
        return state[A];
    }

    public boolean heating() {
        return heating;
    }

    /** Lets a number of seconds go by. */
    public void go(double seconds) {
        int whole = (int) Math.floor(seconds / STEP_S + 1e-9);
        for (int i = 0; i < whole; i++) {
            step(STEP_S);
        }
        double rest = seconds - whole * STEP_S;
        if (rest > 1e-9) {
            step(rest);
        }
    }

    private void step(double dt) {
        thermostat(dt);
        double[] slope = slope(state);
        double[] half = new double[state.length];
        for (int i = 0; i < half.length; i++) {
            half[i] = state[i] + slope[i] * dt / 2;
        }
        double[] middle = slope(half);
        for (int i = 0; i < half.length; i++) {
            half[i] = state[i] + middle[i] * dt;
        }
        state = half;
        double there = state[A] + preset.place(across, forward) * warmth() + (heating ? GLOW_C * (1 - forward) : 0);
        probe += (there - probe) * Math.min(1, dt / PROBE_LAG_S);
    }

    /** Uneven heat fades where there is none: 0 at room temperature, 1 from 100° above. */
    private double warmth() {
        return Math.max(0, Math.min(1, (state[A] - roomC) / 100));
    }

    private void thermostat(double dt) {
        switchedFor += dt;
        boolean wanted = heating;
        double half = lumps.hysteresis() / 2;
        double target = setC + lumps.dial();
        if (state[S] < target - half) {
            wanted = true;
        } else if (state[S] > target + half) {
            wanted = false;
        }
        wanted &= on;
        if (fault == OvenFault.STUCK_ON || fault == OvenFault.STUCK_OFF) {
            heating = on && fault == OvenFault.STUCK_ON;
        } else if (wanted != heating && (switchedFor >= LEAST_SWITCHED_S || !on)) {
            heating = wanted;
            switchedFor = 0;
        }
    }

    private double[] slope(double[] at) {
        double radiates = lumps.elementWalls() * (0.5 + 0.5 * radiation(at[E], at[W]) / RADIATES);
        double elementAir = lumps.elementAir() * (at[E] - at[A]);
        double elementWalls = radiates * (at[E] - at[W]);
        double airWalls = lumps.airWalls() * (at[A] - at[W]);
        double airTray = lumps.airTray() * (at[A] - at[T]);
        double wallsTray = lumps.wallsTray() * (at[W] - at[T]);
        double door = doorOpen ? lumps.doorOpen() : fault == OvenFault.DOOR_AJAR ? lumps.doorAjar() : 0;
        double lost = (lumps.leak() + door) * (at[A] - roomC);
        double power = heating ? lumps.power() : 0;
        return new double[] {
            (power - elementAir - elementWalls) / lumps.element(),
            (elementAir - airWalls - lost - airTray) / lumps.air(),
            (elementWalls + airWalls - lumps.wallsOut() * (at[W] - roomC) - wallsTray) / lumps.walls(),
            (airTray + wallsTray) / tray,
            ((1 - lumps.sensorWalls()) * at[A] + lumps.sensorWalls() * at[W] - at[S]) / lumps.sensor()
        };
    }

    private static double radiation(double elementC, double wallsC) {
        double e = elementC + KELVIN;
        double w = wallsC + KELVIN;
        return (e * e + w * w) * (e + w);
    }

    /** What the probe reads now, °C to the tenth; nothing when it is lost. */
    public OptionalDouble read() {
        if (fault == OvenFault.DROP_OUT) {
            return OptionalDouble.empty();
        }
        if (fault != OvenFault.FLAT_LINE || Double.isNaN(lastRead)) {
            double noisy = probe + NOISE_C * random.nextGaussian();
            lastRead = Math.rint(noisy / READ_STEP_C) * READ_STEP_C;
        }
        return OptionalDouble.of(lastRead);
    }
}
