package fairember.app.batch;

import fairember.core.batch.BatchNeeding;
import fairember.core.batch.BatchNeeds;
import fairember.core.batch.Job;
import fairember.core.batch.Reserved;
import fairember.core.daybook.Learned;
import fairember.core.design.SpareBox;
import fairember.core.mix.Mix;
import fairember.core.mix.MixWaste;
import fairember.core.ovenload.Oven;
import fairember.core.price.DesignCost;
import fairember.core.price.DesignCosting;
import fairember.core.studio.Settings;
import java.util.List;

/** Costs the designs of a batch by the studio's settings and oven, and by what the daybook has taught. */
record BatchCosting(Settings settings, Oven oven, Learned learned, SpareBox box) {
    /**
     * What of the shelf is kept for the batches that come before one.
     *
     * @param open jobs of all batches that are not finished, those of the earliest due first
     */
    Reserved before(long batchId, List<Job> open) {
        List<Job> earlier =
                open.stream().takeWhile(job -> job.key().batchId() != batchId).toList();
        return Reserved.of(needs(earlier, Reserved.NOTHING));
    }

    /** What some jobs take, and leave to others. */
    BatchNeeds needs(List<Job> jobs, Reserved reserved) {
        return BatchNeeding.needs(jobs, this::waste, reserved, box);
    }

    MixWaste waste(Mix mix) {
        return learned.waste(mix, settings.mixWaste());
    }

    DesignCost of(Job job) {
        return DesignCosting.cost(job.design(), job.own(), settings.rates(), settings.roll(), oven, learned);
    }
}
