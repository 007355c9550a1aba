package fairember.core.loadsearch;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.PriorityQueue;

/** Tasks on one machine that may break them off. */
final class OneMachine {
    private OneMachine() {}

    /** Of a task: its release, its work, and by when it must be done, in ticks. */
    record Task(double release, double work, double due) {}

    /** Lateness of the k-th ends against the k-th dues. Hours are not looked at: time only runs faster without them. */
    static double late(List<Task> tasks) {
        double[] ends = ends(tasks);
        double[] dues = tasks.stream().mapToDouble(Task::due).sorted().toArray();
        double late = 0;
        for (int k = 0; k < ends.length; k++) {
            late += Math.max(0, ends[k] - dues[k] - 1e-6);
        }
        return Math.ceil(late - 1e-6);
    }

    /** Ends of the shortest remaining work first. */
    private static double[] ends(List<Task> tasks) {
        List<Task> coming = new ArrayList<>(tasks);
        coming.sort(Comparator.comparingDouble(Task::release));
        PriorityQueue<Double> left = new PriorityQueue<>();
        double[] ends = new double[tasks.size()];
        double now = 0;
        int next = 0;
        int done = 0;
        while (done < ends.length) {
            if (left.isEmpty()) {
                now = Math.max(now, coming.get(next).release());
            }
            while (next < coming.size() && coming.get(next).release() <= now) {
                left.add(coming.get(next++).work());
            }
            double shortest = left.remove();
            double until = next < coming.size() ? coming.get(next).release() : Double.POSITIVE_INFINITY;
            if (now + shortest <= until) {
                now += shortest;
                ends[done++] = now;
            } else {
                left.add(shortest - (until - now));
                now = until;
            }
        }
        return ends;
    }
}
