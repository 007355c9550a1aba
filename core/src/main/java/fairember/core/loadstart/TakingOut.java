package fairember.core.loadstart;

import fairember.core.input.Figures;
import fairember.core.quantity.Minutes;
import java.util.Optional;

/**
 * How it stands with a load that is taken out now.
 *
 * @param timing whether its minutes are done
 * @param message how many it had; empty when it is in time
 * @param advice what to do with it; empty when it is in time
 * @param suggested what the advice comes to
 */
public record TakingOut(Timing timing, String message, String advice, LoadOutcome suggested) {
    private static final TakingOut IN_TIME = new TakingOut(Timing.IN_TIME, "", "", LoadOutcome.BAKED);

    /** So little before its minutes are full they count as done. */
    private static final double DONE_MIN = 1;

    /** The first minutes always go to the open door: by a probe, less than this share of them is early. */
    private static final double SHORT = 0.75;

    /** Minutes of a load. */
    public enum Timing {
        EARLY,
        IN_TIME,
        LATE
    }

    /**
     * What a load had.
     *
     * @param needed minutes at temperature
     * @param most minutes that all of its pieces take
     * @param inside minutes by the clock since it went in
     * @param warm minutes at temperature by the probe; empty when too little was read to go by
     * @param middle minutes in which the middle of its slowest part was hot enough too; empty when nothing was read
     */
    public record Had(Minutes needed, Minutes most, Minutes inside, Optional<Minutes> warm, Optional<Minutes> middle) {}

    /** What to ask; by the heat model where a probe was there. */
    public static TakingOut of(Had had) {
        double needed = had.needed().min();
        double warm = had.warm().orElse(had.inside()).min();
        boolean shortByClock = had.inside().min() < needed - DONE_MIN;
        boolean shortByProbe = had.warm().isPresent() && warm < SHORT * needed;
        if (shortByClock || shortByProbe) {
            return early(had, warm);
        }
        if (warm > had.most().min() + DONE_MIN) {
            return new TakingOut(
                    Timing.LATE,
                    "%s at temperature; these pieces take %s at most."
                            .formatted(minutes(warm), minutes(had.most().min())),
                    "Look for browning, blisters and brittle thin parts. Keep what is sound.",
                    LoadOutcome.BAKED);
        }
        return IN_TIME;
    }

    private static TakingOut early(Had had, double warm) {
        String message = "%s of %s at temperature%s.%s"
                .formatted(
                        minutes(warm),
                        minutes(had.needed().min()),
                        had.warm().isPresent() ? "" : " by the clock",
                        had.middle()
                                .map(middle ->
                                        " The slowest middle was hot enough for %s.".formatted(minutes(middle.min())))
                                .orElse(""));
        boolean never = had.middle()
                .map(middle -> middle.min() < DONE_MIN)
                .orElse(warm < had.needed().min() / 2);
        return new TakingOut(
                Timing.EARLY,
                message,
                never
                        ? "The middle is not cured. Leave the load in, or bake it again for as long as the packet asks."
                        : "The middle got hot, but not for as long as the packet asks. Leave the load in, or test one piece: if it is brittle or chalky, bake it again.",
                LoadOutcome.BAKE_AGAIN);
    }

    private static String minutes(double min) {
        return Figures.show(Math.rint(min), "min");
    }
}
