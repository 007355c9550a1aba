package fairember.core.loadsearch;

import fairember.core.ovenload.Bake;
import fairember.core.ovenload.BakeKey;
import fairember.core.ovenload.LoadProblem;
import fairember.core.ovenload.Makers;
import fairember.core.ovenload.Objective;
import fairember.core.ovenload.Oven;
import fairember.core.ovenload.Stretch;
import fairember.core.ovenload.TraySpot;
import fairember.core.quantity.Energy;
import fairember.core.quantity.Length;
import fairember.core.quantity.Minutes;
import fairember.core.quantity.Temperature;
import fairember.core.shape.Box;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.SplittableRandom;

/** Problems made up from a seed, as studios have them and as the literature of the plain batch machine has them. */
final class LoadCases {
    private LoadCases() {}

    static Box box(double width, double depth, double height) {
        return new Box(new Length(width), new Length(depth), new Length(height));
    }

    static Oven oven(double width, double depth, List<Length> shelves, double gap, boolean cold, TraySpot... spots) {
        return new Oven(
                "Oven",
                new Length(width),
                new Length(depth),
                shelves,
                new Length(gap),
                new Minutes(12),
                new Minutes(3),
                new Energy(0.2),
                0.6,
                cold,
                List.of(spots));
    }

    /** One oven and one pair of hands at any hour: designs of one to three stages with dues about what can be done. */
    static LoadProblem bench(int bakes, long seed) {
        return LoadProblem.of(
                oven(300, 220, List.of(new Length(150)), 5, false), designs(bakes, new SplittableRandom(seed)));
    }

    /** The same of designs that are trees: one to three assemblies, baked once or twice each, join a last bake. */
    static LoadProblem branching(int bakes, long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        List<Bake> all = new ArrayList<>();
        while (all.size() < bakes) {
            int most = bakes - all.size();
            List<Bake.Wait> joined = new ArrayList<>();
            for (Bake part : designs(Math.min(most - 1, 1 + random.nextInt(6)), random)) {
                Bake renamed = renamed(part, all.size(), OptionalDouble.empty());
                all.add(renamed);
                joined.add(new Bake.Wait(renamed.key(), new Minutes(20)));
                renamed.after().forEach(wait -> joined.removeIf(j -> j.key().equals(wait.key())));
            }
            Bake last = designs(1, random).get(0);
            double due = 150 + random.nextInt(bakes * 35);
            all.add(renamed(last, all.size(), OptionalDouble.of(due)).after(joined));
        }
        return LoadProblem.of(oven(300, 220, List.of(new Length(150)), 5, false), all);
    }

    /** A bake under the next free key; what it waits for is the one before. */
    private static Bake renamed(Bake bake, int j, OptionalDouble due) {
        return new Bake(
                BakeKey.of("b" + j),
                "bake " + j,
                bake.count(),
                bake.least(),
                bake.unit(),
                bake.turns(),
                bake.low(),
                bake.high(),
                bake.bakingTime(),
                bake.most(),
                bake.hands(),
                bake.after().isEmpty() ? List.of() : List.of(new Bake.Wait(BakeKey.of("b" + (j - 1)), new Minutes(20))),
                due);
    }

    private static List<Bake> designs(int n, SplittableRandom random) {
        List<Bake> bakes = new ArrayList<>();
        while (bakes.size() < n) {
            int stages = Math.min(n - bakes.size(), 1 + random.nextInt(3));
            double due = 200 + random.nextInt(n * 60);
            double low = 110 + 5 * random.nextInt(5);
            for (int s = 0; s < stages; s++) {
                boolean last = s == stages - 1;
                double bakingTime = last ? 20 + 5 * random.nextInt(9) : 10 + random.nextInt(3) * 5;
                int j = bakes.size();
                Bake bake = new Bake(
                        BakeKey.of("b" + j),
                        "bake " + j,
                        1 + random.nextInt(20),
                        1 + random.nextInt(random.nextInt(4) == 0 ? 9 : 2),
                        box(10 + random.nextInt(40), 10 + random.nextInt(40), 10 + random.nextInt(60)),
                        random.nextInt(4) > 0,
                        new Temperature(low),
                        new Temperature(low + 5 + 5 * random.nextInt(4)),
                        new Minutes(bakingTime),
                        new Minutes(bakingTime + 20 + random.nextInt(60)),
                        new Bake.Hands(
                                new Minutes(random.nextInt(5) == 0 ? random.nextInt(n * 20) : 0),
                                new Minutes(random.nextInt(6) == 0 ? 0 : 10 + random.nextInt(50))),
                        s == 0 ? List.of() : List.of(new Bake.Wait(BakeKey.of("b" + (j - 1)), new Minutes(20))),
                        last ? OptionalDouble.of(due) : OptionalDouble.empty());
                bakes.add(bake);
            }
        }
        return bakes;
    }

    /** Anything that may be asked: two ovens or none at night, shelves, many hands, pairs kept apart, pins, orders. */
    static LoadProblem anything(long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        List<Bake> bakes = designs(1 + random.nextInt(9), random);
        List<LoadProblem.OvenUse> ovens = new ArrayList<>();
        for (int o = 0; o <= random.nextInt(2); o++) {
            List<Length> shelves = new ArrayList<>();
            for (int s = 0; s <= random.nextInt(3); s++) {
                shelves.add(new Length(25 + random.nextInt(120)));
            }
            Oven oven = oven(
                    120 + random.nextInt(250),
                    100 + random.nextInt(200),
                    shelves,
                    random.nextInt(9),
                    random.nextBoolean(),
                    new TraySpot(new Length(10 * (seed % 12)), new Length(10 * (seed % 10)), seed % 25 - 12));
            ovens.add(new LoadProblem.OvenUse(oven, random.nextBoolean() ? List.of() : days(random)));
        }
        boolean breaks = random.nextBoolean();
        Makers makers =
                new Makers(random.nextInt(3), breaks || random.nextBoolean() ? days(random) : List.of(), breaks);
        BakeKey any = BakeKey.of("b" + random.nextInt(bakes.size()));
        List<LoadProblem.Apart> apart =
                random.nextBoolean() ? List.of() : List.of(new LoadProblem.Apart(BakeKey.of("b0"), any));
        Bake pinned = bakes.get(random.nextInt(bakes.size()));
        List<LoadProblem.PinnedLoad> pins = random.nextInt(3) > 0
                ? List.of()
                : List.of(new LoadProblem.PinnedLoad(
                        0, List.of(new LoadProblem.PinnedItem(pinned.key(), pinned.count())), Optional.empty()));
        List<Objective> order = random.nextBoolean() ? LoadProblem.USUAL : List.of(Objective.KWH, Objective.FINISH);
        return new LoadProblem(
                ovens,
                makers,
                bakes,
                apart.stream().filter(a -> !a.other().equals(BakeKey.of("b0"))).toList(),
                pins,
                order);
    }

    private static List<Stretch> days(SplittableRandom random) {
        List<Stretch> days = new ArrayList<>();
        double opens = random.nextInt(100);
        for (int day = 0; day < 9; day++) {
            days.add(Stretch.ofMinutes(1440 * day + opens, 1440 * day + opens + 40 + random.nextInt(460)));
        }
        return days;
    }

    /** The plain batch machine: a number of jobs of size 1 to 10 and whole time 1 to {@code longest}, capacity 10. */
    static LoadProblem batchMachine(int jobs, int longest, long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        List<Bake> bakes = new ArrayList<>();
        for (int j = 0; j < jobs; j++) {
            double bakingTime = 1 + random.nextInt(longest);
            double size = 10 * (1 + random.nextInt(10));
            bakes.add(new Bake(
                    BakeKey.of("j" + j),
                    "job " + j,
                    1,
                    1,
                    box(size, 100, 10),
                    false,
                    new Temperature(110),
                    new Temperature(130),
                    new Minutes(bakingTime),
                    new Minutes(1440),
                    Bake.Hands.NONE,
                    List.of(),
                    OptionalDouble.empty()));
        }
        Oven machine = new Oven(
                "Machine",
                new Length(100),
                new Length(100),
                List.of(new Length(20)),
                new Length(0),
                Minutes.ZERO,
                Minutes.ZERO,
                Energy.ZERO,
                0,
                false,
                List.of());
        return new LoadProblem(
                List.of(new LoadProblem.OvenUse(machine, List.of())),
                Makers.ONE,
                bakes,
                List.of(),
                List.of(),
                List.of(Objective.FINISH));
    }
}
