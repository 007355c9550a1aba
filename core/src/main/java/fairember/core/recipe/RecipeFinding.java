package fairember.core.recipe;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleConsumer;
import java.util.stream.IntStream;

/**
 * Looks at every recipe there is: all choices of up to four kinds, all whole parts. Nothing is left out but what cannot be among
 * the nearest (see {@link Subset}), so the answer is the best there is and always the same.
 */
public final class RecipeFinding {
    /** A number of the nearest sets are kept for each number of kinds. */
    public static final int KEPT = 8;

    private final RecipeSearch search;
    private final BooleanSupplier stopped;
    private final DoubleConsumer progress;
    private final AtomicLong tried = new AtomicLong();
    private final AtomicLong done = new AtomicLong();
    private final long all;

    private RecipeFinding(RecipeSearch search, BooleanSupplier stopped, DoubleConsumer progress) {
        this.search = search;
        this.stopped = stopped;
        this.progress = progress;
        long sum = 0;
        for (int kinds = 1; kinds <= mostKinds(); kinds++) {
            sum += subsets(search.choices().size(), kinds) * Ratios.of(kinds, search.mostParts()).settings;
        }
        all = sum;
    }

    private int mostKinds() {
        return Math.min(search.mostKinds(), search.choices().size());
    }

    /** Finds without being watched or stopped. */
    public static FoundRecipes find(RecipeSearch search) {
        return find(search, () -> false, share -> {});
    }

    /**
     * Finds the nearest recipes.
     *
     * @param stopped asked now and then; when true, what was found so far is the answer
     * @param progress given now and then, from any thread, which share of all recipes was looked at, 0 to 1
     */
    public static FoundRecipes find(RecipeSearch search, BooleanSupplier stopped, DoubleConsumer progress) {
        return new RecipeFinding(search, stopped, progress).run();
    }

    private FoundRecipes run() {
        List<List<FoundSet>> nearest = new ArrayList<>();
        for (int kinds = 1; kinds <= mostKinds(); kinds++) {
            nearest.add(nearest(kinds));
        }
        return new FoundRecipes(nearest, tried.get(), !stopped.getAsBoolean() && done.get() == all);
    }

    private List<FoundSet> nearest(int kinds) {
        int many = search.choices().size();
        Ratios ratios = Ratios.of(kinds, search.mostParts());
        Nearest best = new Nearest(search.target().l(), KEPT);
        // One task for each first two choices: even enough for two cores, and few enough to count.
        List<int[]> begins = begins(many, kinds);
        Subset first = new Subset(search, ratios, kinds, best);
        ThreadLocal<Subset> own = ThreadLocal.withInitial(first::another);
        begins.parallelStream().forEach(begin -> {
            Subset subset = own.get();
            each(subset, begin.clone(), kinds, begin.length == 0 ? 0 : begin[begin.length - 1] + 1);
        });
        return best.list();
    }

    private static List<int[]> begins(int many, int kinds) {
        if (kinds < 3) {
            return IntStream.range(0, many).mapToObj(i -> new int[] {i}).toList();
        }
        return IntStream.range(0, many)
                .boxed()
                .flatMap(i -> IntStream.range(i + 1, many).mapToObj(j -> new int[] {i, j}))
                .toList();
    }

    private void each(Subset subset, int[] chosen, int kinds, int from) {
        if (stopped.getAsBoolean()) {
            return;
        }
        if (chosen.length == kinds) {
            tried.addAndGet(subset.tryAll(chosen));
            long now = done.addAndGet(subset.settings());
            progress.accept((double) now / all);
            return;
        }
        for (int next = from; next < search.choices().size(); next++) {
            int[] longer = new int[chosen.length + 1];
            System.arraycopy(chosen, 0, longer, 0, chosen.length);
            longer[chosen.length] = next;
            each(subset, longer, kinds, next + 1);
        }
    }

    private static long subsets(int of, int kinds) {
        long settings = 1;
        for (int i = 0; i < kinds; i++) {
            settings = settings * (of - i) / (i + 1);
        }
        return settings;
    }
}
