package fairember.app.daybook;

import fairember.app.design.DesignStore;
import fairember.app.document.SavedKind;
import fairember.app.settings.SettingsStore;
import fairember.core.daybook.Learned;
import fairember.core.daybook.LineKind;
import fairember.core.daybook.LossEstimate;
import fairember.core.daybook.StepLog;
import fairember.core.daybook.WasteEstimate;
import fairember.core.design.Design;
import fairember.core.design.Station;
import fairember.core.design.Step;
import fairember.core.quantity.Minutes;
import fairember.core.quantity.Share;
import fairember.core.studio.Settings;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.LongPredicate;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What the daybook has taught so far. */
@Component
public class DaybookLearning {
    /** Stations that most designs pass: what is thought of losses before is shared among them. */
    private static final int STATIONS = 4;

    private final DaybookStore daybook;
    private final DesignStore designs;
    private final SettingsStore settings;
    private volatile @Nullable Remembered remembered;

    /** What was learned last, and all that it rests on. */
    private record Remembered(String edition, Settings settings, Learned learned) {}

    DaybookLearning(DaybookStore daybook, DesignStore designs, SettingsStore settings) {
        this.daybook = daybook;
        this.designs = designs;
        this.settings = settings;
    }

    /** What all batches have taught; nothing when the studio plans by its own figures. */
    public Learned learned() {
        return settings.settings().learns() ? all() : nothing();
    }

    /** What all batches but one have taught. */
    public Learned without(long batchId) {
        return settings.settings().learns() ? from(batch -> batch != batchId) : nothing();
    }

    /** What would be learned, whether the studio plans by it or not. */
    Learned all() {
        String edition = daybook.edition();
        Settings known = settings.settings();
        Remembered last = remembered;
        if (last != null && last.edition().equals(edition) && last.settings().equals(known)) {
            return last.learned();
        }
        Learned learned = from(batch -> true);
        remembered = new Remembered(edition, known, learned);
        return learned;
    }

    private Learned nothing() {
        return Learned.of(List.of(), Map.of(), Map.of(), settings.settings().lost());
    }

    private Learned from(LongPredicate batches) {
        Settings known = settings.settings();
        List<DaybookStore.StepSum> sums = daybook.sums(LineKind.TIME, null).stream()
                .filter(sum -> batches.test(sum.batchId()))
                .toList();
        Map<Long, WasteEstimate> wastes = new HashMap<>();
        daybook.weighings().forEach((mix, weighed) -> {
            // Weighed twice in a batch, the last one is what was used.
            Map<Long, WasteEstimate.Weighing> counted = new LinkedHashMap<>();
            weighed.stream()
                    .filter(one -> batches.test(one.batchId()))
                    .forEach(one -> counted.put(one.batchId(), one.weighing()));
            if (!counted.isEmpty()) {
                wastes.put(mix, WasteEstimate.of(known.waste(), List.copyOf(counted.values())));
            }
        });
        return Learned.of(logged(sums), losses(sums, batches, known.lost()), wastes, known.lost());
    }

    private List<Learned.Logged> logged(List<DaybookStore.StepSum> sums) {
        Map<Long, Optional<Design>> seen = new HashMap<>();
        List<Learned.Logged> logged = new ArrayList<>();
        for (DaybookStore.StepSum sum : sums) {
            if (sum.pieces() > 0 && sum.minutes().min() > 0) {
                seen.computeIfAbsent(sum.designId(), id -> designs.find(id).map(SavedKind.Saved::value))
                        .flatMap(design -> step(design, sum))
                        .ifPresent(step -> logged.add(new Learned.Logged(
                                Learned.StepKey.of(sum.designId(), step),
                                step,
                                new StepLog(sum.pieces(), sum.minutes(), sum.maker()))));
            }
        }
        return logged;
    }

    private static Optional<Step> step(Design design, DaybookStore.StepSum sum) {
        return design.steps().stream()
                .filter(step -> step.station() == sum.station() && step.name().equals(sum.stepName()))
                .findFirst();
    }

    /** A station of a design in a batch. */
    private record Visit(long batchId, long designId, Station station) {}

    private Map<Station, LossEstimate> losses(List<DaybookStore.StepSum> sums, LongPredicate batches, Share guess) {
        Map<Visit, Map<String, Integer>> done = new HashMap<>();
        sums.forEach(sum -> done.computeIfAbsent(
                        new Visit(sum.batchId(), sum.designId(), sum.station()), visit -> new HashMap<>())
                .merge(sum.stepName(), sum.pieces(), Integer::sum));
        Map<Station, Integer> passed = new EnumMap<>(Station.class);
        done.forEach((visit, steps) -> passed.merge(
                visit.station(), steps.values().stream().mapToInt(n -> n).max().orElse(0), Integer::sum));
        Map<Station, Integer> lost = new EnumMap<>(Station.class);
        daybook.losses().stream().filter(one -> batches.test(one.batchId())).forEach(one -> {
            passed.merge(one.station(), one.pieces(), Integer::sum);
            lost.merge(one.station(), one.pieces(), Integer::sum);
        });
        Share each = new Share(1 - Math.pow(1 - guess.of1(), 1.0 / STATIONS));
        Map<Station, LossEstimate> losses = new EnumMap<>(Station.class);
        passed.forEach(
                (station, pieces) -> losses.put(station, LossEstimate.of(pieces, lost.getOrDefault(station, 0), each)));
        return losses;
    }

    /** Minutes that were logged at the steps of one batch, by design, station and name of the step; of time, or of rework. */
    public Map<Learned.StepKey, StepLog> ofBatch(long batchId, LineKind kind) {
        Map<Learned.StepKey, StepLog> logs = new HashMap<>();
        for (DaybookStore.StepSum sum : daybook.sums(kind, batchId)) {
            logs.merge(
                    new Learned.StepKey(sum.designId(), sum.station(), sum.stepName()),
                    new StepLog(sum.pieces(), sum.minutes(), sum.maker()),
                    DaybookLearning::both);
        }
        return logs;
    }

    private static StepLog both(StepLog one, StepLog other) {
        Minutes minutes = one.minutes().plus(other.minutes());
        return new StepLog(one.pieces() + other.pieces(), minutes, one.maker());
    }

    /** Pieces that were lost in one batch, by design, made again or not. */
    public Map<Long, Integer> lostIn(long batchId) {
        Map<Long, Integer> lost = new HashMap<>();
        daybook.losses().stream()
                .filter(one -> one.batchId() == batchId)
                .forEach(one -> lost.merge(one.designId(), one.pieces(), Integer::sum));
        return lost;
    }

    /** What was weighed in one batch, by mix. */
    public Map<Long, WasteEstimate.Weighing> weighedIn(long batchId) {
        Map<Long, WasteEstimate.Weighing> weighed = new HashMap<>();
        daybook.weighings()
                .forEach((mix, all) -> all.stream()
                        .filter(one -> one.batchId() == batchId)
                        .forEach(one -> weighed.put(mix, one.weighing())));
        return weighed;
    }
}
