package fairember.app.batch;

import fairember.app.mix.MeasuredMixView;
import fairember.app.web.WorkingsView;
import fairember.core.batch.BatchNeeds;
import fairember.core.batch.BatchSchedule;
import fairember.core.batch.MixNeedWorkings;
import fairember.core.claysheet.WorkedClay;
import fairember.core.foilcore.SizedCore;
import fairember.core.foilcore.Sleeve;
import fairember.core.mix.HandlingOrder;
import fairember.core.mix.LetDown;
import fairember.core.mix.MeasuredMix;
import fairember.core.shape.SolidDescription;
import fairember.core.stock.BlockCover;
import fairember.core.stock.BlockCoverWorkings;
import fairember.core.stock.Paint;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** All that a batch takes off the shelf. */
public record NeedsView(
        List<PortionView> portions,
        List<MixNeedView> mixes,
        List<TurnView> handling,
        List<ClayNeedView> clays,
        List<CoreRowView> cores,
        List<SleeveRowView> sleeves,
        double tornMm,
        double foilG,
        List<FindingNeedView> findings,
        List<SupplyNeedView> supplies,
        List<PaintNeedView> paints,
        long buyMinor) {

    /** A paint to mix: how much, and of what. */
    public record PaintNeedView(long supplyId, String name, double amount, String unit, List<PaintPartView> parts) {
        static PaintNeedView of(BatchNeeds.PaintNeed need) {
            Paint paint = need.paint();
            return new PaintNeedView(
                    paint.supply().id(),
                    paint.supply().name(),
                    need.amount(),
                    paint.supply().unit().label(),
                    paint.madeOf().stream()
                            .map(share -> new PaintPartView(
                                    share.supply().name(),
                                    paint.of(share, need.amount()),
                                    share.supply().unit().label()))
                            .toList());
        }
    }

    /** So much of a paint in a mixed one. */
    public record PaintPartView(String name, double amount, String unit) {}

    /**
     * A strong tint to let down first, because the scale cannot weigh so little of it.
     *
     * @param parts of the other ingredient to one of the tint
     */
    public record LetDownView(
            String tint, String into, int parts, double tintG, double otherG, double takeG, double otherLeftG) {
        static List<LetDownView> all(BatchNeeds.MixNeed need) {
            List<MeasuredMix.Line> lines = need.scaled().lines();
            return LetDown.of(need.scaled(), need.waste().scaleStep()).stream()
                    .map(down -> new LetDownView(
                            lines.get(down.line()).ingredient().name(),
                            lines.get(down.into()).ingredient().name(),
                            down.parts(),
                            down.tint().g(),
                            down.other().g(),
                            down.take().g(),
                            down.otherLeft().g()))
                    .toList();
        }
    }

    /** A part to portion: grams and ball of one, and how many. */
    public record PortionView(
            long designId,
            String designName,
            String partName,
            int count,
            int fromBox,
            double massG,
            double ballMm,
            long mixId,
            String mixName,
            String rawHex,
            String curedHex) {
        static PortionView of(BatchNeeds.PortionRow row) {
            var mix = row.part().mix();
            return new PortionView(
                    row.design().design().id(),
                    row.design().design().name(),
                    row.part().part().name(),
                    row.count(),
                    row.taken(),
                    row.part().portion().mass().g(),
                    row.part().portion().ball().mm(),
                    mix.mix().id(),
                    mix.mix().name(),
                    mix.colour().raw().srgb().hex(),
                    mix.colour().cured().srgb().hex());
        }
    }

    /** A mix to make: grams in designs, grams that go into other mixes, grams to mix, and of what. */
    public record MixNeedView(
            long mixId,
            String name,
            String rawHex,
            String curedHex,
            double netG,
            double intoOthersG,
            double toMixG,
            List<MeasuredMixView.LineView> lines,
            List<MeasuredMixView.InclusionView> inclusions,
            List<LetDownView> letDowns,
            @Nullable MadeView made,
            WorkingsView workings) {
        static MixNeedView of(BatchNeeds.MixNeed need) {
            var scaled = need.scaled();
            return new MixNeedView(
                    scaled.mix().id(),
                    scaled.mix().name(),
                    scaled.colour().raw().srgb().hex(),
                    scaled.colour().cured().srgb().hex(),
                    need.net().g(),
                    need.intoOthers().g(),
                    need.toMix().g(),
                    MeasuredMixView.lines(scaled),
                    MeasuredMixView.inclusions(scaled),
                    LetDownView.all(need),
                    MadeView.of(need),
                    WorkingsView.of(MixNeedWorkings.of(need)));
        }
    }

    /**
     * Worked clay to make: how many logs, sheets or fillings, with what of it is cut off.
     *
     * @param kind such as "cane"
     * @param count such as "3 logs"
     */
    public record MadeView(String kind, String count, double wastedG, double makingMin) {
        static @Nullable MadeView of(BatchNeeds.MixNeed need) {
            WorkedClay worked = need.scaled().mix().worked();
            WorkedClay.Made made = need.made();
            return worked == null || made == null
                    ? null
                    : new MadeView(
                            worked.kind().label(),
                            worked.kind().count(made.times()),
                            made.wasted().g(),
                            made.minutes().min());
        }
    }

    /** A mix in its turn, light to dark, and whether what clings of the one before would be seen in it. */
    public record TurnView(long mixId, boolean wipeBefore, double tintedBy) {
        static TurnView of(HandlingOrder.Turn turn) {
            return new TurnView(turn.mix().mix().id(), turn.wipeBefore(), turn.tintedBy());
        }
    }

    /** A stock clay to take: from opened blocks, blocks to open, blocks to buy. */
    public record ClayNeedView(
            long clayId,
            String name,
            String rawHex,
            String curedHex,
            double neededG,
            double onShelfG,
            double reservedG,
            double fromOpenG,
            List<BlocksView> open,
            List<BlocksView> buy,
            double leftG,
            double missingG,
            long costMinor,
            WorkingsView workings) {
        static ClayNeedView of(BatchNeeds.ClayNeed need) {
            BlockCover cover = need.cover();
            return new ClayNeedView(
                    need.clay().id(),
                    need.clay().name(),
                    need.clay().pigment().raw().hex(),
                    need.clay().pigment().cured().hex(),
                    need.needed().g(),
                    need.clay().onShelf().g(),
                    need.reserved().g(),
                    cover.fromOpen().g(),
                    BlocksView.all(cover.open()),
                    BlocksView.all(cover.buy()),
                    cover.left().g(),
                    cover.missing().g(),
                    cover.cost().minor(),
                    WorkingsView.of(BlockCoverWorkings.of(need.free(), cover)));
        }
    }

    /** A number of blocks of a size. */
    public record BlocksView(double massG, int count) {
        static List<BlocksView> all(List<BlockCover.Blocks> blocks) {
            return blocks.stream()
                    .map(b -> new BlocksView(b.mass().g(), b.count()))
                    .toList();
        }
    }

    /** Cores to press: shape, foil and length to tear for one, and how many. */
    public record CoreRowView(
            long designId,
            String designName,
            String partName,
            int count,
            SolidDescription shape,
            String packing,
            double shellMm,
            double foilG,
            double tornMm) {
        static CoreRowView of(BatchNeeds.CoreRow row, SizedCore core) {
            return new CoreRowView(
                    row.design().design().id(),
                    row.design().design().name(),
                    row.part().part().name(),
                    row.count(),
                    SolidDescription.of(core.inner()),
                    core.spec().packing().label(),
                    core.thinnest().mm(),
                    core.foil().g(),
                    core.torn().mm());
        }
    }

    /** Foil sleeves to wrap: the strip for one, and how many. */
    public record SleeveRowView(
            long designId,
            String designName,
            String insertName,
            int count,
            double stripMm,
            double widthMm,
            double outerMm,
            double foilG) {
        static SleeveRowView of(BatchNeeds.SleeveRow row) {
            Sleeve sleeve = row.insert().sleeve();
            return new SleeveRowView(
                    row.design().design().id(),
                    row.design().design().name(),
                    row.insert().insert().name(),
                    row.count(),
                    sleeve.strip().mm(),
                    sleeve.covered().mm(),
                    sleeve.outer().mm(),
                    sleeve.foil().g());
        }
    }

    /** Bought parts to have and to buy. */
    public record FindingNeedView(
            long findingId, String name, int needed, int onShelf, int reserved, int toBuy, long costMinor) {
        static FindingNeedView of(BatchNeeds.FindingNeed need) {
            return new FindingNeedView(
                    need.part().id(),
                    need.part().name(),
                    need.needed(),
                    need.part().onShelf(),
                    need.reserved(),
                    need.toBuy(),
                    need.cost().minor());
        }
    }

    public static NeedsView of(BatchNeeds needs, List<BatchSchedule.HandsTask> tasks) {
        List<CoreRowView> cores = needs.cores().stream()
                .flatMap(row -> Stream.ofNullable(row.part().core()).map(core -> CoreRowView.of(row, core)))
                .toList();
        List<SleeveRowView> sleeves =
                needs.sleeves().stream().map(SleeveRowView::of).toList();
        List<ClayNeedView> clays = needs.clays().stream().map(ClayNeedView::of).toList();
        List<FindingNeedView> findings =
                needs.findings().stream().map(FindingNeedView::of).toList();
        List<SupplyNeedView> supplies = needs.supplies().stream()
                .map(need -> SupplyNeedView.of(need, tasks))
                .toList();
        return new NeedsView(
                needs.portions().stream().map(PortionView::of).toList(),
                needs.mixes().stream().map(MixNeedView::of).toList(),
                HandlingOrder.of(needs.mixes().stream()
                                .map(BatchNeeds.MixNeed::scaled)
                                .toList())
                        .stream()
                        .map(TurnView::of)
                        .toList(),
                clays,
                cores,
                sleeves,
                needs.torn().mm(),
                cores.stream().mapToDouble(c -> c.foilG() * c.count()).sum()
                        + sleeves.stream()
                                .mapToDouble(s -> s.foilG() * s.count())
                                .sum(),
                findings,
                supplies,
                needs.paints().stream().map(PaintNeedView::of).toList(),
                clays.stream().mapToLong(ClayNeedView::costMinor).sum()
                        + findings.stream()
                                .mapToLong(FindingNeedView::costMinor)
                                .sum()
                        + supplies.stream().mapToLong(SupplyNeedView::costMinor).sum());
    }
}
