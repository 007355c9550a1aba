package fairember.core.daybook;

import fairember.core.design.Design;
import fairember.core.design.Station;
import fairember.core.design.Step;
import fairember.core.mix.Mix;
import fairember.core.mix.MixWaste;
import fairember.core.quantity.Minutes;
import fairember.core.quantity.Share;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/**
 * All that the daybook has taught: minutes by step, losses by station, waste by mix, and how long each maker takes. A step is known
 * by its design, station and name, so that it keeps what was learned when steps are moved. The minutes of a step are fitted when they are
 * first asked for, and remembered: a plan asks for those of every batch.
 */
public final class Learned {
    public static final Learned NOTHING = new Learned(Map.of(), Map.of(), Map.of(), List.of(), new Share(0));

    private static final double MOST_LOST = 0.5;

    private final Map<StepKey, List<StepLog>> logs;
    private final Map<Station, LossEstimate> losses;
    private final Map<Long, WasteEstimate> wastes;
    private final List<MakerPace> paces;
    private final Share guess;
    private final Map<Asked, StepEstimate> fitted = new ConcurrentHashMap<>();

    /** A step of a design, with its own figures, which its estimate begins with. */
    private record Asked(StepKey key, Minutes setup, Minutes each) {}

    private Learned(
            Map<StepKey, List<StepLog>> logs,
            Map<Station, LossEstimate> losses,
            Map<Long, WasteEstimate> wastes,
            List<MakerPace> paces,
            Share guess) {
        this.logs = Map.copyOf(logs);
        this.losses = Map.copyOf(losses);
        this.wastes = Map.copyOf(wastes);
        this.paces = List.copyOf(paces);
        this.guess = guess;
    }

    /** By station, for stations where anything was logged. */
    public Map<Station, LossEstimate> losses() {
        return losses;
    }

    /** By number of the mix. */
    public Map<Long, WasteEstimate> wastes() {
        return wastes;
    }

    /** Of makers, when there are two. */
    public List<MakerPace> paces() {
        return paces;
    }

    /** What was logged of a step, in minutes of the maker who logged most. */
    public List<StepLog> logs(StepKey key) {
        return logs.getOrDefault(key, List.of());
    }

    /** A step wherever it stands among those of its design. */
    public record StepKey(long designId, Station station, String name) {
        public static StepKey of(long designId, Step step) {
            return new StepKey(designId, step.station(), step.name());
        }
    }

    /** What was logged at a step in one batch, and what the step said itself then. */
    public record Logged(StepKey key, Step step, StepLog log) {}

    /**
     * Brings the logs of several makers to the minutes of one.
     *
     * @param losses by station
     * @param wastes by number of the mix
     * @param guess share lost of a design's pieces in all, where nothing was logged
     */
    public static Learned of(
            List<Logged> logged, Map<Station, LossEstimate> losses, Map<Long, WasteEstimate> wastes, Share guess) {
        List<MakerPace> paces = paces(logged);
        Map<Integer, Double> ratios = new HashMap<>();
        paces.forEach(pace -> ratios.put(pace.maker(), pace.ratio()));
        Map<StepKey, List<StepLog>> logs = new HashMap<>();
        for (Logged one : logged) {
            StepLog log = one.log();
            double ratio = ratios.getOrDefault(log.maker(), 1.0);
            logs.computeIfAbsent(one.key(), key -> new ArrayList<>())
                    .add(new StepLog(log.pieces(), log.minutes().times(1 / ratio), log.maker()));
        }
        return new Learned(logs, losses, wastes, paces, guess);
    }

    private static List<MakerPace> paces(List<Logged> logged) {
        Map<Integer, List<Logged>> byMaker = new HashMap<>();
        logged.forEach(one -> byMaker.computeIfAbsent(one.log().maker(), maker -> new ArrayList<>())
                .add(one));
        if (byMaker.size() < 2) {
            return List.of();
        }
        int most = byMaker.entrySet().stream()
                .max(Map.Entry.comparingByValue((a, b) -> Integer.compare(a.size(), b.size())))
                .orElseThrow()
                .getKey();
        Map<StepKey, List<StepLog>> usual = new HashMap<>();
        byMaker.getOrDefault(most, List.of())
                .forEach(one -> usual.computeIfAbsent(one.key(), key -> new ArrayList<>())
                        .add(one.log()));
        List<MakerPace> paces = new ArrayList<>();
        paces.add(new MakerPace(most, 1, byMaker.getOrDefault(most, List.of()).size()));
        byMaker.forEach((maker, theirs) -> {
            if (maker != most) {
                paces.add(MakerPace.of(
                        maker,
                        theirs.stream()
                                .map(one -> ratio(one, usual.getOrDefault(one.key(), List.of())))
                                .toList()));
            }
        });
        return paces;
    }

    private static double ratio(Logged one, List<StepLog> usual) {
        Minutes expected =
                StepEstimate.learned(one.step(), usual).of(one.log().pieces()).expected();
        return expected.min() <= 0 ? 1 : one.log().minutes().min() / expected.min();
    }

    /** The minutes of each step of a design, in order. */
    public List<StepEstimate> steps(Design design) {
        return design.steps().stream().map(step -> step(design.id(), step)).toList();
    }

    private StepEstimate step(long designId, Step step) {
        StepKey key = StepKey.of(designId, step);
        List<StepLog> known = logs(key);
        return known.isEmpty()
                ? StepEstimate.own(step)
                : fitted.computeIfAbsent(
                        new Asked(key, step.setup(), step.each()), asked -> StepEstimate.learned(step, known));
    }

    /** What of a mix does not end up in pieces, as learned, or as the studio says. */
    public MixWaste waste(Mix mix, MixWaste studio) {
        WasteEstimate waste = wastes.get(mix.id());
        return waste == null ? studio : new MixWaste(waste.expected(), true, studio.machine(), studio.scaleStep());
    }

    /** Share of the pieces begun that are lost before they are finished, at the stations where a design has steps; no more than half. */
    public Share lost(Design design) {
        List<Station> stations = stations(design);
        double guessed = Math.pow(1 - guess.of1(), 1.0 / Math.max(1, stations.size()));
        double kept = 1;
        for (Station station : stations) {
            LossEstimate loss = losses.get(station);
            kept *= loss == null ? guessed : 1 - loss.expected().of1();
        }
        return new Share(Math.min(MOST_LOST, 1 - kept));
    }

    private static List<Station> stations(Design design) {
        return design.steps().stream().map(Step::station).distinct().toList();
    }
}
