package fairember.core.daybook;

import fairember.core.design.Station;
import fairember.core.design.Step;
import fairember.core.document.Default;
import fairember.core.document.RefersTo;
import fairember.core.document.Text;
import fairember.core.input.Gathering;
import fairember.core.input.InvalidInputException;
import fairember.core.input.Span;
import fairember.core.input.Words;
import fairember.core.quantity.Mass;
import fairember.core.quantity.Minutes;
import java.time.Duration;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * A line of the daybook.
 *
 * @param kind what it tells
 * @param at when it was, or began
 * @param until when a stretch of time ended; null of everything else
 * @param batchId the batch it is about, or null
 * @param designId the design it is about, or null
 * @param step counted from 0 among the steps of the design as the batch makes it; null when it is about no step
 * @param station where the step was done, or null
 * @param stepName what the step was called then: it is known by its station and name, wherever it stands among the others
 * @param mixId the mix that was weighed, or null
 * @param maker whose line it is, 1 or 2
 * @param pieces made in this time, or lost
 * @param net grams of the mix that ended up in pieces, of a weighing
 * @param used grams of the mix that were used up for them, of a weighing
 * @param reason of a loss
 * @param again whether the lost pieces are made again, rather than the batch being so many fewer
 * @param counted whether the batch counts these lost pieces by this line, so that its counts follow when the line is changed
 * @param words up to {@value #MOST_WORDS} letters
 * @param pictureId number of a photo of it, or null
 */
public record DaybookLine(
        LineKind kind,
        Instant at,
        @Nullable Instant until,
        @RefersTo("batch") @Nullable Long batchId,
        @RefersTo("design") @Nullable Long designId,
        @Nullable Integer step,
        @Nullable Station station,
        @Default("") @Text(most = Words.NAME_MAX) String stepName,
        @RefersTo("mix") @Nullable Long mixId,
        @Default("1") int maker,
        @Default("0") int pieces,
        @Nullable Mass net,
        @Nullable Mass used,
        @Nullable LossReason reason,
        @Default("false") boolean again,
        @Default("false") boolean counted,
        @Default("") @Text(most = MOST_WORDS) String words,
        @Nullable Long pictureId) {
    public static final int MOST_WORDS = 400;
    public static final Span MAKER = Span.count("maker", "maker", 1, 2);
    public static final Span PIECES = Span.count("pieces", "pieces", 0, 2000);
    public static final Span NET = Span.of("netG", "grams in pieces", 0.01, 100_000, "g");
    public static final Span USED = Span.of("usedG", "grams used", 0, 100_000, "g");
    public static final Span STEP = Span.count("step", "step", 0, 59);
    /** A timer that ran longer than this was forgotten. */
    public static final Duration LONGEST = Duration.ofHours(16);
    /** Grams used may be this share of those in the pieces: scales and sizes are never exact. */
    private static final double LEAST_USED = 0.5;

    /**
     * A line that tells all that its kind has to.
     *
     * @throws InvalidInputException with everything that is missing or cannot be
     */
    public DaybookLine {
        words = words.strip();
        Gathering g = new Gathering();
        g.within(MAKER, maker);
        g.within(PIECES, pieces);
        Integer of = step;
        if (of != null) {
            g.within(STEP, of);
        }
        if (kind.timed() || kind == LineKind.LOSS) {
            given(g, "batchId", batchId, "a batch", "Choose the batch.");
            given(g, "designId", designId, "a design", "Choose the design.");
            given(g, "station", station, "a station", "Choose the station.");
            if (stepName.isBlank()) {
                g.error("stepName", "no step", "the name of a step", "Choose the step.");
            }
        }
        if (kind.timed()) {
            timed(g, at, until);
        }
        if (kind == LineKind.LOSS && pieces < 1) {
            g.error("pieces", "none lost", "1 or more", "Enter how many were lost.");
        }
        if (kind == LineKind.WEIGHING) {
            given(g, "batchId", batchId, "a batch", "Choose the batch.");
            weighed(g, mixId, net, used);
        }
        if (kind == LineKind.LESSON && words.isEmpty()) {
            g.error("words", "no words", "what was learned", "Write down what to do next time.");
        }
        g.orRefuse();
    }

    private static void given(Gathering g, String field, @Nullable Object value, String allowed, String fix) {
        if (value == null) {
            g.error(field, "none", allowed, fix);
        }
    }

    private static void timed(Gathering g, Instant at, @Nullable Instant until) {
        if (until == null) {
            g.error("until", "no end", "a time after the beginning", "Enter when it ended.");
        } else if (until.isBefore(at)) {
            g.error("until", "an end before the beginning", "a time after it", "Put the end after the beginning.");
        }
    }

    private static void weighed(Gathering g, @Nullable Long mixId, @Nullable Mass net, @Nullable Mass used) {
        given(g, "mixId", mixId, "a mix", "Choose the mix.");
        given(g, "netG", net, NET.allowed(), "Enter the grams in the pieces.");
        given(g, "usedG", used, USED.allowed(), "Enter the grams that were used up.");
        if (net != null) {
            g.within(NET, net.g());
        }
        if (used != null) {
            g.within(USED, used.g());
        }
        if (net != null && used != null && used.g() < net.g() * LEAST_USED) {
            g.error(
                    "usedG",
                    "%.1f g for %.1f g in pieces".formatted(used.g(), net.g()),
                    "at least as much as is in the pieces",
                    "Weigh what is left, and subtract it from what was mixed.");
        }
    }

    /** Time at a step. */
    public static DaybookLine time(LineKind kind, AtStep where, Instant at, Instant until, int maker, int pieces) {
        return atStep(kind, where, at, until, maker, pieces);
    }

    /** Pieces lost at a step. */
    public static DaybookLine loss(AtStep where, Instant at, int maker, int pieces, LossReason reason, boolean again) {
        return atStep(LineKind.LOSS, where, at, null, maker, pieces).with(pieces, reason, again, false);
    }

    private static DaybookLine atStep(
            LineKind kind, AtStep where, Instant at, @Nullable Instant until, int maker, int pieces) {
        return new DaybookLine(
                kind,
                at,
                until,
                where.batchId(),
                where.designId(),
                where.index(),
                where.step().station(),
                where.step().name(),
                null,
                maker,
                pieces,
                null,
                null,
                null,
                false,
                false,
                "",
                null);
    }

    /** The same line with other pieces. */
    public DaybookLine withPieces(int others) {
        return with(others, reason, again, counted);
    }

    /** A loss with its reason, and what becomes of it. */
    public DaybookLine because(LossReason why, boolean madeAgain) {
        return with(pieces, why, madeAgain, counted);
    }

    /** A loss that the batch counts by this line. */
    public DaybookLine countedByIt() {
        return with(pieces, reason, again, true);
    }

    private DaybookLine with(int others, @Nullable LossReason why, boolean madeAgain, boolean counts) {
        return new DaybookLine(
                kind, at, until, batchId, designId, step, station, stepName, mixId, maker, others, net, used, why,
                madeAgain, counts, words, pictureId);
    }

    /**
     * A step of a design in a batch.
     *
     * @param index counted from 0 among the steps of the design
     */
    public record AtStep(long batchId, long designId, int index, Step step) {}

    /**
     * Refuses a stretch of time that nobody works without a pause.
     *
     * @throws InvalidInputException on "until"
     */
    public void refuseForgotten() {
        Instant end = until;
        if (end != null && Duration.between(at, end).compareTo(LONGEST) > 0) {
            throw new InvalidInputException(
                    "until",
                    Duration.between(at, end).toHours() + " hours without a pause",
                    "up to " + LONGEST.toHours() + " hours",
                    "Enter when the work really ended.");
        }
    }

    /** How long it took; nothing of a line that tells of no time. */
    public Minutes minutes() {
        Instant end = until;
        return end == null
                ? Minutes.ZERO
                : new Minutes(Duration.between(at, end).toMillis() / 60_000.0);
    }
}
